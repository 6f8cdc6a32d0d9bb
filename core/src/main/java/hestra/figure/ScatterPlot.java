package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;
import hestra.figure.PlotContent.Point;
import hestra.fit.Interval;
import hestra.fit.LineFit;
import hestra.numbers.Rounding;

/**
 * Describes the scatter plot: the points, the line solid within the supported range and dashed over hatched ground
 * outside it, the ribbon that shows how far the data reach, and the reading line.
 */
public final class ScatterPlot {

    private static final double TOP = 14;
    private static final double BOTTOM = 52;
    private static final double RIBBON = 4.5;
    private static final double LEGEND = 20;
    private static final double LARGEST = 14;

    private final Layout layout;
    private final PlotContent content;
    private final Area area;
    private final Scale x;
    private final Scale y;
    private final List<Mark> ground = new ArrayList<>();
    private final List<Mark> lines = new ArrayList<>();
    private final List<Mark> points = new ArrayList<>();
    private final List<Mark> front = new ArrayList<>();
    /** Where lines are drawn: below the points, or above a cloud of them, in which they would drown. */
    private final List<Mark> drawn;
    private final Spots.Builder spotted;
    private Spots spots = Spots.NONE;
    private int mostObserved = 1;
    private double least = Double.POSITIVE_INFINITY;
    private double greatest = Double.NEGATIVE_INFINITY;

    private ScatterPlot(PlotContent content, Layout layout) {
        this.content = content;
        this.drawn = content.isCloudy() ? front : lines;
        this.spotted = new Spots.Builder(content.points().size());
        for (Point point : content.points()) {
            mostObserved = Math.max(mostObserved, point.count());
            if (!point.setAside()) {
                least = Math.min(least, point.x());
                greatest = Math.max(greatest, point.x());
            }
        }
        this.layout = layout;
        this.area = layout.area(content.groups().isEmpty() ? TOP : TOP + layout.size(LEGEND), BOTTOM * layout.type());
        this.x = new Scale(content.frame().xLow(), content.frame().xHigh(), area.left(), area.right());
        this.y = new Scale(content.frame().yLow(), content.frame().yHigh(), area.bottom(), area.top());
    }

    /** The figure of this content at this size. */
    public static Figure describe(PlotContent content, Layout layout) {
        return new ScatterPlot(content, layout).figure();
    }

    private Figure figure() {
        layout.paper(ground, area);
        if (least <= greatest) {
            Layout.unsupported(ground, area, x, least, greatest);
        }
        axes();
        legend();
        if (least <= greatest) {
            ribbon(least, greatest);
        } else if (!content.notice().isEmpty()) {
            layout.notice(ground, area, content.notice());
        }
        content.line().ifPresent(this::fitted);
        points();
        content.selected().ifPresent(row -> halo(row, Layout.RADIUS * 2.05, 1.6));
        content.hovered().ifPresent(row -> halo(row, Layout.RADIUS * 1.7, 1.1));
        OptionalDouble reading = reading();
        return new Figure(layout.width(), layout.height(), area, x, y, List.copyOf(ground), List.copyOf(lines),
                List.copyOf(points), List.copyOf(front), spots, reading);
    }

    private void axes() {
        Stroke grid = Stroke.solid(Ink.GRID, 1);
        Ticks along = Ticks.between(x.low(), x.high(), (int) Math.clamp(area.width() / (75 * layout.type()), 3, 10));
        Ticks upward = Ticks.between(y.low(), y.high(), (int) Math.clamp(area.height() / (75 * layout.type()), 3, 10));
        for (double tick : along.values()) {
            double px = x.pixel(tick);
            ground.add(new Mark.Line(px, area.top(), px, area.bottom(), grid));
            layout.tick(ground, px, area.bottom() + layout.size(20), along.label(tick, content.style()), Anchor.MIDDLE);
        }
        for (double tick : upward.values()) {
            double py = y.pixel(tick);
            ground.add(new Mark.Line(area.left(), py, area.right(), py, grid));
            layout.tick(ground, area.left() - 9, py + layout.size(4), upward.label(tick, content.style()), Anchor.END);
        }
        layout.title(ground, area.left() + area.width() / 2, area.bottom() + layout.size(42), content.x().axisTitle(), false);
        layout.title(ground, layout.size(15), area.top() + area.height() / 2, content.y().axisTitle(), true);
    }

    /** How far the data reach along x, with the two ends named. */
    private void ribbon(double least, double greatest) {
        double left = Math.clamp(x.pixel(least), area.left(), area.right());
        double right = Math.clamp(x.pixel(greatest), area.left(), area.right());
        ground.add(new Mark.Box(left, area.bottom() - RIBBON / 2 + 3, Math.max(2, right - left), RIBBON, RIBBON / 2,
                Ink.OBSERVED, 1));
        String first = "data from " + content.style().shortest(least);
        String last = "to " + content.style().shortest(greatest) + content.x().unitAfterNumber();
        if (right - left > layout.size(7) * (first.length() + last.length())) {
            note(left + 3, layout.size(6.6) * first.length(), first, Anchor.START);
            note(right - 3, layout.size(6.6) * last.length(), last, Anchor.END);
        }
    }

    /** A note at an end of the ribbon: just above it, or as far up as it takes to stand clear of the points. */
    private void note(double px, double width, String text, Anchor anchor) {
        double left = anchor == Anchor.START ? px : px - width;
        double height = layout.size(18);
        double foot = area.bottom() - layout.size(7);
        while (foot - height > area.top() && isTaken(left - 6, foot - height, left + width + 6, foot + layout.size(9))) {
            foot -= layout.size(4);
        }
        ground.add(new Mark.Label(px, foot, text, Face.TEXT, layout.size(12), Ink.OBSERVED, anchor, false));
    }

    private boolean isTaken(double left, double top, double right, double bottom) {
        return !content.isCloudy() && content.points().stream().anyMatch(point -> {
            double px = x.pixel(point.x());
            double py = y.pixel(point.y());
            return px > left && px < right && py > top && py < bottom;
        });
    }

    private void fitted(LineFit line) {
        if (content.shows(Layer.MEAN) && y.contains(line.meanY())) {
            double py = y.pixel(line.meanY());
            drawn.add(new Mark.Line(area.left(), py, area.right(), py, Stroke.dashed(Ink.MUTED, 1.4, 2, 4)));
        }
        if (content.shows(Layer.SQUARES) && !content.isCloudy()) {
            squares(line);
        }
        if (content.shows(Layer.RESIDUALS) && !content.isCloudy()) {
            for (Point point : content.points()) {
                if (!point.setAside() && x.contains(point.x())) {
                    clipped(point.x(), point.y(), point.x(), line.at(point.x()), Stroke.solid(Ink.RESIDUAL, 1.2));
                }
            }
        }
        if (content.shows(Layer.LINE)) {
            Interval support = line.support();
            Stroke outside = Stroke.dashed(Ink.BEST, 2.2, 8, 5);
            segment(line, x.low(), Math.min(support.low(), x.high()), outside);
            segment(line, Math.max(support.low(), x.low()), Math.min(support.high(), x.high()), Stroke.solid(Ink.BEST, 2.5));
            segment(line, Math.max(support.high(), x.low()), x.high(), outside);
        }
    }

    /** Squares on the residuals, towards the side where the line is not, so that they overlap it little. */
    private void squares(LineFit line) {
        for (Point point : content.points()) {
            if (point.setAside() || !x.contains(point.x())) {
                continue;
            }
            double top = Math.min(y.pixel(point.y()), y.pixel(line.at(point.x())));
            double side = Math.abs(y.pixel(point.y()) - y.pixel(line.at(point.x())));
            boolean leftward = line.residualOf(point.x(), point.y()) > 0 == line.slope().value() > 0;
            double left = leftward ? x.pixel(point.x()) - side : x.pixel(point.x());
            double x1 = Math.clamp(left, area.left(), area.right());
            double x2 = Math.clamp(left + side, area.left(), area.right());
            double y1 = Math.clamp(top, area.top(), area.bottom());
            double y2 = Math.clamp(top + side, area.top(), area.bottom());
            drawn.add(new Mark.Box(x1, y1, x2 - x1, y2 - y1, 0, Ink.RESIDUAL, 0.14));
            drawn.add(new Mark.Outline(x1, y1, x2 - x1, y2 - y1, Stroke.solid(Ink.RESIDUAL, 0.8)));
        }
    }

    private void segment(LineFit line, double from, double to, Stroke stroke) {
        if (to > from && content.isCloudy()) {
            // Stands clear of the cloud that it crosses.
            clipped(from, line.at(from), to, line.at(to), Stroke.solid(Ink.SURFACE, stroke.width() + 3));
        }
        if (to > from) {
            clipped(from, line.at(from), to, line.at(to), stroke);
        }
    }

    /** A line between two points of the plane, cut off at the upper and lower edge. */
    private void clipped(double x1, double y1, double x2, double y2, Stroke stroke) {
        double from = 0;
        double to = 1;
        double rise = y2 - y1;
        if (rise == 0) {
            if (!y.contains(y1)) {
                return;
            }
        } else {
            double atLow = (y.low() - y1) / rise;
            double atHigh = (y.high() - y1) / rise;
            from = Math.max(from, Math.min(atLow, atHigh));
            to = Math.min(to, Math.max(atLow, atHigh));
        }
        if (from < to) {
            drawn.add(new Mark.Line(x.pixel(x1 + from * (x2 - x1)), y.pixel(y1 + from * rise),
                    x.pixel(x1 + to * (x2 - x1)), y.pixel(y1 + to * rise), stroke));
        }
    }

    private void points() {
        if (!content.shows(Layer.POINTS)) {
            return;
        }
        boolean cloudy = content.isCloudy();
        Crowd crowd = new Crowd(cloudy ? content.points().size() : 0);
        for (Point point : content.points()) {
            if (!x.contains(point.x()) || !y.contains(point.y())) {
                continue;
            }
            double px = x.pixel(point.x());
            double py = y.pixel(point.y());
            spotted.add(point.row(), px, py);
            // The selected point stands on the front sheet: while it is dragged the other points need no painting.
            boolean selected = content.selected().isPresent() && content.selected().getAsInt() == point.row();
            List<Mark> sheet = selected ? front : points;
            if (cloudy && !selected && !point.setAside()) {
                crowd.add(px, py);
            } else if (point.setAside()) {
                Stroke stroke = Stroke.solid(Ink.SET_ASIDE, 1.5);
                sheet.add(new Mark.Ring(px, py, Layout.RADIUS, stroke));
                sheet.add(new Mark.Line(px - 6, py + 6, px + 6, py - 6, stroke));
            } else {
                sheet.add(new Mark.Dot(px, py, radius(point), point.sign(), Ink.OBSERVED, Ink.SURFACE));
            }
        }
        crowd.mark(Ink.OBSERVED).ifPresent(points::addFirst);
        spots = spotted.done();
        names();
    }

    /** A pair that was observed several times has as much more area, as far as there is room for that. */
    private double radius(Point point) {
        double largest = Layout.RADIUS * Math.sqrt(mostObserved);
        double share = largest <= LARGEST ? 1 : (LARGEST - Layout.RADIUS) / (largest - Layout.RADIUS);
        return Layout.RADIUS + (Layout.RADIUS * Math.sqrt(point.count()) - Layout.RADIUS) * share;
    }

    private void names() {
        if (!content.shows(Layer.NAMES) || spots.size() > NameLabels.MOST) {
            return;
        }
        List<Mark.Line> segments = lines.stream().filter(Mark.Line.class::isInstance).map(Mark.Line.class::cast).toList();
        List<NameLabels.Named> named = content.points().stream()
                .filter(point -> !point.name().isEmpty() && x.contains(point.x()) && y.contains(point.y()))
                .map(point -> new NameLabels.Named(x.pixel(point.x()), y.pixel(point.y()), radius(point), point.name())).toList();
        points.addAll(new NameLabels(layout, area, segments).of(named));
    }

    /** The signs of the groups and their names, in a line above the plot. */
    private void legend() {
        double at = area.left() + 6;
        double middle = area.top() - layout.size(11);
        for (int group = 0; group < content.groups().size(); group++) {
            String name = content.groups().get(group);
            ground.add(new Mark.Dot(at, middle, Layout.RADIUS, Sign.of(group), Ink.OBSERVED, Ink.PAPER));
            ground.add(new Mark.Label(at + layout.size(9), middle + layout.size(4), name, Face.TEXT, layout.size(12.5), Ink.INK, Anchor.START, false));
            at += layout.size(9 + 20 + 6.6 * name.length());
        }
    }

    private void halo(int row, double radius, double width) {
        spots.ofRow(row).ifPresent(spot -> front.add(new Mark.Ring(spot.x(), spot.y(), radius, Stroke.solid(Ink.OBSERVED, width))));
    }

    private OptionalDouble reading() {
        if (content.readingAt().isEmpty() || !x.contains(content.readingAt().getAsDouble())) {
            return OptionalDouble.empty();
        }
        double at = content.readingAt().getAsDouble();
        double px = x.pixel(at);
        front.add(new Mark.Line(px, area.top(), px, area.bottom() + 6, Stroke.solid(Ink.INK, 1.3)));
        content.line().ifPresent(line -> callout(line, at, px));
        return OptionalDouble.of(px);
    }

    private void callout(LineFit line, double at, double px) {
        double fitted = line.at(at);
        double beyond = line.support().contains(at) ? 0
                : Math.max(line.support().low() - at, at - line.support().high());
        if (y.contains(fitted)) {
            front.add(new Mark.Diamond(px, y.pixel(fitted), 6.5, Stroke.solid(Ink.BEST, 2)));
        }
        String value = "x = " + content.style().shortest(at) + " → ŷ = " + content.style().withDigits(3).show(fitted)
                + content.y().unitAfterNumber();
        String note = beyond == 0 ? "" : "≈ " + content.style().withDigits(3).shortest(rounded(beyond))
                + content.x().unitAfterNumber() + " beyond the data";
        double width = Math.max(layout.size(13.5) * 0.6 * value.length(), layout.size(12) * 0.52 * note.length())
                + layout.size(24);
        double height = layout.size(note.isEmpty() ? 30 : 46);
        boolean leftward = px - area.left() > width + 14;
        double left = leftward ? px - 10 - width : Math.min(px + 10, area.right() - width);
        double top = area.top() + 10;
        front.add(new Mark.Box(left, top, width, height, 4, Ink.CALLOUT, 1));
        front.add(new Mark.Label(left + layout.size(12), top + layout.size(20), value, Face.FIGURES, layout.size(13.5),
                Ink.CALLOUT_TEXT, Anchor.START, false));
        if (!note.isEmpty()) {
            front.add(new Mark.Label(left + layout.size(12), top + layout.size(37), note, Face.TEXT, layout.size(12),
                    Ink.CALLOUT_NOTE, Anchor.START, false));
        }
    }

    private static double rounded(double value) {
        return new Rounding.Significant(3).apply(value).doubleValue();
    }
}
