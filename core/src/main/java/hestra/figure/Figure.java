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
 * @param sheets what is painted
 * @param grips what can be pointed at and taken hold of
 */
public record Figure(double width, double height, Area area, Scale x, Scale y, Sheets sheets, Grips grips) {

    /**
     * What is painted, from the ground up.
     *
     * @param ground paper, grid, axes and their texts
     * @param lines the line, residuals and squares
     * @param points the discs
     * @param front what is selected, and the reading line
     */
    public record Sheets(List<Mark> ground, List<Mark> lines, List<Mark> points, List<Mark> front) {
        public Sheets {
            ground = List.copyOf(ground);
            lines = List.copyOf(lines);
            points = List.copyOf(points);
            front = List.copyOf(front);
        }
    }

    /**
     * What can be pointed at and taken hold of.
     *
     * @param spots where the points stand, for finding them
     * @param targets what else can be taken hold of
     * @param readingLine the pixel at which the upright reading line stands
     * @param levelLine the pixel at which the level reading line stands
     */
    public record Grips(Spots spots, HitAreas targets, OptionalDouble readingLine, OptionalDouble levelLine) {}

    /** A figure in which only points can be taken hold of. */
    Figure(double width, double height, Area area, Scale x, Scale y, Sheets sheets, Spots spots) {
        this(width, height, area, x, y, sheets, new Grips(spots, HitAreas.NONE, OptionalDouble.empty(), OptionalDouble.empty()));
    }

    public List<Mark> ground() {
        return sheets.ground;
    }

    public List<Mark> lines() {
        return sheets.lines;
    }

    public List<Mark> points() {
        return sheets.points;
    }

    public List<Mark> front() {
        return sheets.front;
    }

    public Spots spots() {
        return grips.spots;
    }

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

        /** Whether the two have more than an edge in common. */
        boolean meets(Area other) {
            return left < other.right() && right() > other.left && top < other.bottom() && bottom() > other.top;
        }

        boolean isWithin(Area other) {
            return left >= other.left && right() <= other.right() && top >= other.top && bottom() <= other.bottom();
        }

        /** The same with some room around it. */
        Area grownBy(double room) {
            return new Area(left - room, top - room, width + 2 * room, height + 2 * room);
        }

        /** Whether a line goes through: the part of it between the two sides, or within them, lies at this height. */
        boolean isCrossedBy(Mark.Line line) {
            double least = Math.max(left, Math.min(line.x1(), line.x2()));
            double most = Math.min(right(), Math.max(line.x1(), line.x2()));
            if (least > most) {
                return false;
            }
            double rise = line.x1() == line.x2() ? 0 : (line.y2() - line.y1()) / (line.x2() - line.x1());
            double y1 = line.x1() == line.x2() ? line.y1() : line.y1() + rise * (least - line.x1());
            double y2 = line.x1() == line.x2() ? line.y2() : line.y1() + rise * (most - line.x1());
            return Math.max(y1, y2) >= top && Math.min(y1, y2) <= bottom();
        }
    }

    /** Where the point of a table row stands. */
    public record Spot(int row, double x, double y) {}

    /** What lies under the pointer. */
    public sealed interface Hit {
        /** A point. */
        record OnPoint(int row) implements Hit {}

        /** A handle of the curve tried by eye. */
        record OnHandle(int index) implements Hit {}

        /** A curve's equation. */
        record OnLabel(Slot slot) implements Hit {}

        /** The plot's title. */
        record OnTitle() implements Hit {}

        /** A curve. */
        record OnCurve(Slot slot) implements Hit {}

        /** The upright reading line, or the level one. */
        record OnReadingLine(boolean upright) implements Hit {}

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
    private static final double LEAST_FRAME = 8;

    /** What lies at a pixel: a handle, else the nearest point within reach, a label, a reading line, a curve, the ground. */
    public Hit hit(double px, double py) {
        Optional<Hit> boxed = grips.targets.boxAt(px, py);
        if (boxed.isPresent() && boxed.get() instanceof Hit.OnHandle) {
            return boxed.get();
        }
        Optional<Spot> nearest = grips.spots.nearest(px, py, REACH);
        if (nearest.isPresent()) {
            return new Hit.OnPoint(nearest.get().row());
        }
        if (!area.contains(px, py)) {
            return boxed.orElseGet(() -> outside(px, py));
        }
        return boxed.or(() -> lineAt(px, py)).or(() -> grips.targets.curveAt(px, py)).orElseGet(Hit.OnGround::new);
    }

    private Optional<Hit> lineAt(double px, double py) {
        if (grips.readingLine.isPresent() && Math.abs(grips.readingLine.getAsDouble() - px) <= LINE_REACH) {
            return Optional.of(new Hit.OnReadingLine(true));
        }
        return grips.levelLine.isPresent() && Math.abs(grips.levelLine.getAsDouble() - py) <= LINE_REACH
                ? Optional.of(new Hit.OnReadingLine(false)) : Optional.empty();
    }

    /** What is shown when the figure is dragged by so many pixels; nothing where that is too far to compute with. */
    public Optional<Frame> moved(double dx, double dy) {
        return Frame.of(x.value(area.left() - dx), x.value(area.right() - dx), y.value(area.bottom() - dy),
                y.value(area.top() - dy));
    }

    /** What is shown when the figure is made larger (factor below 1) or smaller about a pixel that stays in its place. */
    public Optional<Frame> zoomed(double factor, double px, double py) {
        return Frame.of(x.value(px + (area.left() - px) * factor), x.value(px + (area.right() - px) * factor),
                y.value(py + (area.bottom() - py) * factor), y.value(py + (area.top() - py) * factor));
    }

    /** What is shown when a rectangle of the figure, given by two corners, fills it; nothing where it is too small. */
    public Optional<Frame> within(double x1, double y1, double x2, double y2) {
        double left = Math.clamp(Math.min(x1, x2), area.left(), area.right());
        double right = Math.clamp(Math.max(x1, x2), area.left(), area.right());
        double top = Math.clamp(Math.min(y1, y2), area.top(), area.bottom());
        double bottom = Math.clamp(Math.max(y1, y2), area.top(), area.bottom());
        boolean large = right - left >= LEAST_FRAME && bottom - top >= LEAST_FRAME;
        return large ? Frame.of(x.value(left), x.value(right), y.value(bottom), y.value(top)) : Optional.empty();
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
