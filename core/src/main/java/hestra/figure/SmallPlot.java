package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.figure.Figure.Area;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;

/**
 * A small scatter plot with numbers on its axes, for several side by side to be told apart.
 *
 * @param x what stands along
 * @param y what stands upward
 * @param points the points
 * @param line a straight line; nothing for none
 * @param frame the part of the plane that is shown
 */
public record SmallPlot(String x, String y, Pairs points, Optional<Straight> line, Frame frame) {

    private static final double LEFT = 38;
    private static final double RIGHT = 7;
    private static final double TOP = 8;
    private static final double BOTTOM = 30;
    private static final double RADIUS = 2.6;
    private static final double TICK_SIZE = 9.5;
    private static final double TITLE_SIZE = 10.5;
    private static final int TICKS = 3;
    private static final double LETTER = 0.52;
    /** Some hundreds of points show the shape of them all. */
    private static final int MOST = 400;

    /** A straight line. */
    public record Straight(double intercept, double slope) {
        public double at(double at) {
            return intercept + slope * at;
        }
    }

    /** The figure at a size. */
    public Figure describe(Layout layout, NumberStyle style) {
        double left = layout.size(LEFT);
        double bottom = layout.size(BOTTOM);
        Area area = new Area(left, TOP, Math.max(1, layout.width() - left - RIGHT), Math.max(1, layout.height() - TOP - bottom));
        Scale along = new Scale(frame.xLow(), frame.xHigh(), area.left(), area.right());
        Scale upward = new Scale(frame.yLow(), frame.yHigh(), area.bottom(), area.top());
        List<Mark> ground = new ArrayList<>();
        ground.add(new Mark.Box(0, 0, layout.width(), layout.height(), 0, Ink.SURFACE, 1));
        Ticks across = Ticks.along(along, TICKS);
        for (double value : across.values()) {
            double at = along.pixel(value);
            ground.add(new Mark.Line(at, area.top(), at, area.bottom(), Stroke.solid(Ink.GRID, 1)));
            ground.add(new Mark.Label(at, area.bottom() + layout.size(TICK_SIZE + 2), across.label(value, style),
                    Mark.Face.FIGURES, layout.size(TICK_SIZE), Ink.MUTED, Mark.Anchor.MIDDLE, false));
        }
        Ticks up = Ticks.along(upward, TICKS);
        for (double value : up.values()) {
            double at = upward.pixel(value);
            ground.add(new Mark.Line(area.left(), at, area.right(), at, Stroke.solid(Ink.GRID, 1)));
            ground.add(new Mark.Label(area.left() - 4, at + layout.size(TICK_SIZE) / 3, up.label(value, style), Mark.Face.FIGURES,
                    layout.size(TICK_SIZE), Ink.MUTED, Mark.Anchor.END, false));
        }
        ground.add(new Mark.Line(area.left(), area.bottom(), area.right(), area.bottom(), Stroke.solid(Ink.RULE, 1)));
        ground.add(new Mark.Line(area.left(), area.top(), area.left(), area.bottom(), Stroke.solid(Ink.RULE, 1)));
        ground.add(title(x, area.left() + area.width() / 2, layout.height() - 3, area.width() + layout.size(LEFT), layout,
                false));
        ground.add(title(y, layout.size(TITLE_SIZE), area.top() + area.height() / 2, area.height(), layout, true));
        List<Mark> lines = line.flatMap(it -> drawn(it, along, upward)).<List<Mark>>map(List::of).orElse(List.of());
        List<Mark> dots = new ArrayList<>();
        for (int i = 0; i < points.size(); i += 1 + points.size() / MOST) {
            if (points.x(i) >= frame.xLow() && points.x(i) <= frame.xHigh() && points.y(i) >= frame.yLow()
                    && points.y(i) <= frame.yHigh()) {
                dots.add(new Mark.Dot(along.pixel(points.x(i)), upward.pixel(points.y(i)), RADIUS, Sign.DISC, Ink.OBSERVED,
                        Ink.SURFACE));
            }
        }
        return new Figure(layout.width(), layout.height(), area, along, upward,
                new Figure.Sheets(ground, lines, dots, List.of()), Spots.NONE);
    }

    /** Where the points lie, for those who cannot see them. */
    public String describeInWords(NumberStyle style) {
        if (points.size() == 0) {
            return "no points";
        }
        int left = 0;
        int right = 0;
        for (int i = 1; i < points.size(); i++) {
            left = points.x(i) < points.x(left) ? i : left;
            right = points.x(i) > points.x(right) ? i : right;
        }
        NumberStyle short3 = style.withDigits(3);
        return Counted.of(points.size(), "point") + ", from " + short3.show(points.y(left)) + " at " + short3.show(points.x(left))
                + " to " + short3.show(points.y(right)) + " at " + short3.show(points.x(right))
                + line.map(it -> "; the line goes from " + short3.show(it.at(frame.xLow())) + " to "
                + short3.show(it.at(frame.xHigh()))).orElse("");
    }

    private static Mark title(String text, double at, double y, double room, Layout layout, boolean upward) {
        int letters = (int) Math.max(4, room / (layout.size(TITLE_SIZE) * LETTER));
        String shown = text.length() <= letters ? text : text.substring(0, letters - 1) + "\u2026";
        return new Mark.Label(at, y, shown, Mark.Face.TEXT, layout.size(TITLE_SIZE), Ink.INK, Mark.Anchor.MIDDLE, upward);
    }

    /** The part of a line that lies within the frame. */
    private Optional<Mark> drawn(Straight straight, Scale along, Scale upward) {
        double from = frame.xLow();
        double to = frame.xHigh();
        if (straight.slope() != 0) {
            double one = (frame.yLow() - straight.intercept()) / straight.slope();
            double other = (frame.yHigh() - straight.intercept()) / straight.slope();
            from = Math.max(from, Math.min(one, other));
            to = Math.min(to, Math.max(one, other));
        }
        boolean within = from < to && straight.at((from + to) / 2) >= frame.yLow()
                && straight.at((from + to) / 2) <= frame.yHigh();
        return within
                ? Optional.of(new Mark.Line(along.pixel(from), upward.pixel(straight.at(from)), along.pixel(to),
                        upward.pixel(straight.at(to)), Stroke.solid(Ink.BEST, 1.8))) : Optional.empty();
    }
}
