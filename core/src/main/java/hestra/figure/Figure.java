package hestra.figure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A plot described: four sheets of marks from the ground up, and what lies where. Painters paint the sheets in order and
 * need repaint only those that changed.
 *
 * @param width in pixels
 * @param height in pixels
 * @param area the plot's inner rectangle
 * @param x the scale along
 * @param y the scale upward
 * @param ground paper, grid, axes and their texts
 * @param lines the line, residuals and squares
 * @param points the discs
 * @param front what is selected, and the reading line
 * @param spots where the points stand, for finding them
 * @param readingLine the pixel at which the reading line stands
 */
public record Figure(
        double width,
        double height,
        Area area,
        Scale x,
        Scale y,
        List<Mark> ground,
        List<Mark> lines,
        List<Mark> points,
        List<Mark> front,
        Spots spots,
        OptionalDouble readingLine) {

    /** A rectangle in pixels. */
    public record Area(double left, double top, double width, double height) {
        public double right() {
            return left + width;
        }

        public double bottom() {
            return top + height;
        }

        public boolean contains(double px, double py) {
            return px >= left && px <= right() && py >= top && py <= bottom();
        }
    }

    /** Where the point of a table row stands. */
    public record Spot(int row, double x, double y) {}

    /** What lies under the pointer. */
    public sealed interface Hit {
        /** A point. */
        record OnPoint(int row) implements Hit {}

        /** The reading line. */
        record OnReadingLine() implements Hit {}

        /** The inner rectangle, with nothing there. */
        record OnGround() implements Hit {}

        /** An axis with its ticks and title: the one along, or the upright one. */
        record OnAxis(boolean along) implements Hit {}

        /** Outside the inner rectangle and the axes. */
        record Outside() implements Hit {}
    }

    private static final double REACH = 9;
    private static final double LINE_REACH = 6;
    private static final double LEAST_AXIS = 20;

    /** What lies at a pixel: the nearest point within reach, else the reading line, else the ground. */
    public Hit hit(double px, double py) {
        Optional<Spot> nearest = spots.nearest(px, py, REACH);
        if (nearest.isPresent()) {
            return new Hit.OnPoint(nearest.get().row());
        }
        if (!area.contains(px, py)) {
            return outside(px, py);
        }
        boolean onLine = readingLine.isPresent() && Math.abs(readingLine.getAsDouble() - px) <= LINE_REACH;
        return onLine ? new Hit.OnReadingLine() : new Hit.OnGround();
    }

    private Hit outside(double px, double py) {
        if (hasAxisAlong() && py > area.bottom() && px >= area.left() && px <= area.right()) {
            return new Hit.OnAxis(true);
        }
        return px < area.left() && py >= area.top() && py <= area.bottom() ? new Hit.OnAxis(false) : new Hit.Outside();
    }

    /** Whether there is room below for ticks and a title. */
    private boolean hasAxisAlong() {
        return height - area.bottom() > LEAST_AXIS;
    }
}
