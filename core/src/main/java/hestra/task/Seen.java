package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.targets.Held;

/**
 * A state in which a single point stood elsewhere and all others as they were given out.
 *
 * @param row of what was given out, from 0
 * @param x where it stood
 * @param y where it stood
 */
public record Seen(int row, double x, double y) {

    /** As many states as these are remembered. */
    public static final int MOST = 60;

    /** All points were back where they were given. */
    public static final Seen BACK = new Seen(-1, 0, 0);

    /** What is remembered after a change of a table: a point that is moved on counts where it comes to rest. */
    public static List<Seen> after(List<Seen> before, DataTable table, DataTable given, Roles roles) {
        Held start = Held.of(given, roles, Optional.empty());
        Held now = Held.of(table, roles, Optional.empty());
        boolean same = now.points().size() == start.points().size()
                && IntStream.range(0, start.points().size())
                .allMatch(i -> now.points().get(i).origin() == start.points().get(i).origin());
        if (!same) {
            return before;
        }
        List<Held.Point> moved = IntStream.range(0, start.points().size())
                .filter(i -> !now.points().get(i).equals(start.points().get(i))).mapToObj(i -> now.points().get(i)).toList();
        if (moved.size() > 1) {
            return before;
        }
        Seen seen = moved.isEmpty() ? BACK : new Seen(moved.getFirst().origin(), moved.getFirst().x(), moved.getFirst().y());
        List<Seen> after = new ArrayList<>(before);
        if (!after.isEmpty() && after.getLast().row == seen.row) {
            after.removeLast();
        }
        after.add(seen);
        return after.subList(Math.max(0, after.size() - MOST), after.size());
    }
}
