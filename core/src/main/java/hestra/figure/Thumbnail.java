package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.figure.Figure.Area;
import hestra.fit.Trial;
import hestra.fit.TrialFit;

/** Describes a plot so small that only the shape of the cloud is shown. */
public final class Thumbnail {

    private static final double ROOM = 8;
    private static final double RADIUS = 2.2;
    private static final int PIECES = 40;
    /** Some hundreds of points show the shape of them all. */
    private static final int MOST = 400;

    private Thumbnail() {}

    /** The points of these pairs, filling a figure of this size. */
    public static Figure describe(Pairs pairs, Layout layout) {
        return describe(pairs, Optional.empty(), layout);
    }

    /** The same with a curve tried by eye. */
    public static Figure describe(Pairs pairs, Optional<Trial> trial, Layout layout) {
        Area area = new Area(ROOM, ROOM, Math.max(1, layout.width() - 2 * ROOM), Math.max(1, layout.height() - 2 * ROOM));
        double[] x = pairs.xs().toArray();
        double[] y = pairs.ys().toArray();
        Scale along = scale(pairs.xs().summaryStatistics().getMin(), pairs.xs().summaryStatistics().getMax(), area.left(), area.right());
        Scale upward = scale(pairs.ys().summaryStatistics().getMin(), pairs.ys().summaryStatistics().getMax(), area.bottom(), area.top());
        List<Mark> dots = new ArrayList<>();
        trial.flatMap(it -> it.on(pairs)).ifPresent(fit -> curve(fit, along, upward, area, dots));
        int step = 1 + x.length / MOST;
        for (int i = 0; i < x.length; i += step) {
            dots.add(new Mark.Dot(along.pixel(x[i]), upward.pixel(y[i]), RADIUS, Sign.DISC, Ink.OBSERVED, Ink.SURFACE));
        }
        List<Mark> ground = List.of(new Mark.Box(0, 0, layout.width(), layout.height(), 4, Ink.SURFACE, 1),
                new Mark.Line(ROOM / 2, layout.height() - ROOM / 2, layout.width() - ROOM / 2, layout.height() - ROOM / 2, Stroke.solid(Ink.RULE, 1)),
                new Mark.Line(ROOM / 2, ROOM / 2, ROOM / 2, layout.height() - ROOM / 2, Stroke.solid(Ink.RULE, 1)));
        return new Figure(layout.width(), layout.height(), area, along, upward, ground, List.of(), dots, List.of(), Spots.NONE);
    }

    private static void curve(TrialFit fit, Scale along, Scale upward, Area area, List<Mark> into) {
        double lastX = Double.NaN;
        double lastY = Double.NaN;
        for (int i = 0; i <= PIECES; i++) {
            double x = area.left() + area.width() * i / PIECES;
            double y = fit.fitted(along.value(x)).stream().map(upward::pixel).findFirst().orElse(Double.NaN);
            if (area.contains(lastX, lastY) && area.contains(x, y)) {
                into.add(new Mark.Line(lastX, lastY, x, y, Stroke.solid(Ink.TRIAL, 1.6)));
            }
            lastX = x;
            lastY = y;
        }
    }

    private static Scale scale(double low, double high, double from, double to) {
        return high > low && Double.isFinite(high - low) ? new Scale(low, high, from, to) : new Scale(0, 1, from, to);
    }
}
