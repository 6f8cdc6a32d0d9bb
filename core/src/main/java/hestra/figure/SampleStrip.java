package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.numbers.NumberStyle;

/**
 * Describes how a number varies from sample to sample: a dot for each on a scale, stacked where they meet, and a line at the true
 * one.
 */
public final class SampleStrip {

    private static final double TOP = 6;
    private static final double BOTTOM = 26;
    private static final double RADIUS = 3.4;
    private static final double ROOM = 0.08;

    private SampleStrip() {}

    /**
     * The strip.
     *
     * @param values one of each sample, the newest last
     * @param truth what the recipe says it is; nothing where it says nothing
     */
    public static Figure describe(List<Double> values, OptionalDouble truth, NumberStyle style, Layout layout) {
        Area area = layout.area(TOP, BOTTOM * layout.type());
        List<Mark> ground = new ArrayList<>();
        layout.paper(ground, area);
        double[] range = range(DoubleStream.concat(values.stream().mapToDouble(Double::doubleValue), truth.stream()).toArray());
        Scale x = new Scale(range[0], range[1], area.left(), area.right());
        Ticks ticks = Ticks.between(range[0], range[1], (int) Math.clamp(area.width() / (60 * layout.type()), 3, 10));
        for (double tick : ticks.values()) {
            ground.add(new Mark.Line(x.pixel(tick), area.top(), x.pixel(tick), area.bottom(), Stroke.solid(Ink.GRID, 1)));
            layout.tick(ground, x.pixel(tick), area.bottom() + layout.size(17), ticks.label(tick, style), Anchor.MIDDLE);
        }
        List<Mark> lines = new ArrayList<>();
        truth.ifPresent(value -> lines.add(new Mark.Line(x.pixel(value), area.top(), x.pixel(value), area.bottom(),
                Stroke.dashed(Ink.BEST, 2, 6, 4))));
        List<Mark> dots = new ArrayList<>();
        List<double[]> placed = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            double px = x.pixel(values.get(i));
            double py = area.bottom() - RADIUS - 2;
            while (meetsAny(placed, px, py) && py > area.top() + RADIUS) {
                py -= RADIUS;
            }
            placed.add(new double[] {px, py});
            boolean newest = i == values.size() - 1;
            dots.add(new Mark.Dot(px, py, newest ? RADIUS + 1 : RADIUS, Sign.DISC, newest ? Ink.TRIAL : Ink.OBSERVED,
                    Ink.SURFACE));
        }
        return new Figure(layout.width(), layout.height(), area, x, new Scale(0, 1, area.bottom(), area.top()),
                new Figure.Sheets(ground, lines, dots, List.of()), Spots.NONE);
    }

    private static boolean meetsAny(List<double[]> placed, double px, double py) {
        return placed.stream().anyMatch(it -> Math.hypot(it[0] - px, it[1] - py) < 2 * RADIUS);
    }

    private static double[] range(double... values) {
        double low = DoubleStream.of(values).min().orElse(0);
        double high = DoubleStream.of(values).max().orElse(1);
        double span = high - low > 1e-9 * Math.max(Math.abs(low), Math.abs(high))
                ? high - low : Math.max(Math.abs(low), 1e-3) * 0.5;
        return new double[] {low - ROOM * span, high + ROOM * span};
    }
}
