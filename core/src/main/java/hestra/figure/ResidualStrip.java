package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.PlotContent.Point;
import hestra.fit.LineFit;

/** Describes the residual strip: each point's residual under it, on the x axis of the plot above. */
public final class ResidualStrip {

    private static final double TOP = 8;
    private static final double BOTTOM = 12;
    private static final double RADIUS = 3.8;
    private static final Stroke STEM = Stroke.solid(Ink.RESIDUAL, 1.2);

    private ResidualStrip() {}

    /** The strip of this content at this size; without a line it says the content's notice. */
    public static Figure describe(PlotContent content, Layout layout) {
        Area area = layout.area(TOP, BOTTOM);
        List<Mark> ground = new ArrayList<>();
        layout.paper(ground, area);
        Scale x = new Scale(content.frame().xLow(), content.frame().xHigh(), area.left(), area.right());
        if (content.line().isEmpty()) {
            layout.notice(ground, area, content.notice());
            return new Figure(layout.width(), layout.height(), area, x, new Scale(-1, 1, area.bottom(), area.top()),
                    List.copyOf(ground), List.of(), List.of(), List.of(), Spots.NONE, OptionalDouble.empty());
        }
        LineFit line = content.line().get();
        double[] residuals = new double[content.points().size()];
        double largest = 0;
        for (int i = 0; i < residuals.length; i++) {
            Point point = content.points().get(i);
            residuals[i] = line.residualOf(point.x(), point.y());
            largest = point.setAside() ? largest : Math.max(largest, Math.abs(residuals[i]));
        }
        Scale y = scale(largest, line, area);
        axis(content, layout, area, y, ground);
        List<Mark> stems = new ArrayList<>();
        List<Mark> marks = new ArrayList<>();
        List<Mark> front = new ArrayList<>();
        Spots.Builder spots = new Spots.Builder(content.points().size());
        boolean cloudy = content.isCloudy();
        Crowd crowd = new Crowd(cloudy ? content.points().size() : 0);
        double zero = y.pixel(0);
        for (int i = 0; i < residuals.length; i++) {
            Point point = content.points().get(i);
            double residual = residuals[i];
            if (point.setAside() || !x.contains(point.x()) || !y.contains(residual)) {
                continue;
            }
            double px = x.pixel(point.x());
            double py = y.pixel(residual);
            if (cloudy) {
                crowd.add(px, py);
            } else {
                stems.add(new Mark.Line(px, zero, px, py, STEM));
                marks.add(new Mark.Dot(px, py, RADIUS, point.sign(), Ink.RESIDUAL, Ink.SURFACE));
            }
            spots.add(point.row(), px, py);
            if (isAt(content.selected(), point) || isAt(content.hovered(), point)) {
                front.add(new Mark.Ring(px, py, RADIUS * 2, Stroke.solid(Ink.RESIDUAL, 1.5)));
            }
        }
        crowd.mark(Ink.RESIDUAL).ifPresent(marks::add);
        return new Figure(layout.width(), layout.height(), area, x, y, List.copyOf(ground), List.copyOf(stems),
                List.copyOf(marks), List.copyOf(front), spots.done(), OptionalDouble.empty());
    }

    private static boolean isAt(OptionalInt row, Point point) {
        return row.isPresent() && row.getAsInt() == point.row();
    }

    /** Symmetric about zero, a little larger than the largest residual. */
    private static Scale scale(double largest, LineFit line, Area area) {
        double least = 1e-12 * Math.max(Math.abs(line.meanY()), Double.MIN_NORMAL * 1e20);
        double reach = 1.2 * Math.max(largest, least);
        return new Scale(-reach, reach, area.bottom(), area.top());
    }

    private static void axis(PlotContent content, Layout layout, Area area, Scale y, List<Mark> ground) {
        Ticks ticks = Ticks.between(y.low(), y.high(), 5);
        for (double tick : ticks.values()) {
            double py = y.pixel(tick);
            boolean isZero = Math.abs(tick) < ticks.step() / 2;
            ground.add(new Mark.Line(area.left(), py, area.right(), py, Stroke.solid(isZero ? Ink.MUTED : Ink.GRID, isZero ? 1.3 : 1)));
            layout.tick(ground, area.left() - 9, py + layout.size(4), ticks.label(tick, content.style()), Anchor.END);
        }
        layout.title(ground, layout.size(15), area.top() + area.height() / 2,
                "residual" + (content.y().unit().isEmpty() ? "" : " (" + content.y().unit() + ")"), true);
    }
}
