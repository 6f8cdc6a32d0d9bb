package hestra.targets;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.fit.Trial;

/**
 * Points and a line by eye, as they stood when an answer was given.
 *
 * @param points those that took part, in the order of the table
 * @param byEye the curve that was tried by eye; nothing where there was none or nothing asks for it
 */
public record Held(List<Point> points, Optional<Trial> byEye) {

    /** No points. */
    public static final Held NOTHING = new Held(List.of(), Optional.empty());

    /** More points than these are not held: a target is reached by moving points one by one. */
    public static final int MOST_POINTS = 1_000;

    /**
     * One point.
     *
     * @param origin which row of what was given out it was; {@link Row#OWN} where it is the student's own
     * @param count how often it was observed
     */
    public record Point(int origin, double x, double y, int count) {
        public Point {
            if (!Double.isFinite(x) || !Double.isFinite(y) || count < 1) {
                throw new IllegalArgumentException("a point at " + x + ", " + y + " observed " + count + " times");
            }
        }
    }

    public Held {
        points = List.copyOf(points);
    }

    /** The points of a table that take part in a fit. */
    public static Held of(DataTable table, Roles roles, Optional<Trial> byEye) {
        Pairs pairs = Pairs.of(table, roles);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            points.add(new Point(table.row(pairs.row(i)).origin(), pairs.x(i), pairs.y(i), pairs.count(i)));
        }
        return new Held(points, byEye);
    }

    /** The points as pairs. */
    public Pairs pairs() {
        return Pairs.of(points.stream().mapToDouble(Point::x).toArray(), points.stream().mapToDouble(Point::y).toArray(),
                points.stream().mapToInt(Point::count).toArray());
    }

    /** How many rows were given out, as far as points stand in them. */
    int rows() {
        return points.stream().mapToInt(Point::origin).max().orElse(Row.OWN) + 1;
    }

    /**
     * The place of a point among these: that of a given row, or, beyond the last of those, of the points that were added, in
     * their order; −1 where there is none.
     */
    int placeOf(int row, int given) {
        if (row < given) {
            return points.stream().map(Point::origin).toList().indexOf(row);
        }
        int added = row - given;
        for (int i = 0; i < points.size(); i++) {
            if (points.get(i).origin == Row.OWN && added-- == 0) {
                return i;
            }
        }
        return -1;
    }
}
