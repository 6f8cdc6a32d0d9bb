package hestra.figure;

import java.util.ArrayList;
import java.util.List;

import hestra.data.Pairs;
import hestra.figure.Figure.Area;

/** Describes a plot so small that only the shape of the cloud is shown. */
public final class Thumbnail {

    private static final double ROOM = 8;
    private static final double RADIUS = 2.2;
    /** Some hundreds of points show the shape of them all. */
    private static final int MOST = 400;

    private Thumbnail() {}

    /** The points of these pairs, filling a figure of this size. */
    public static Figure describe(Pairs pairs, Layout layout) {
        Area area = new Area(ROOM, ROOM, Math.max(1, layout.width() - 2 * ROOM), Math.max(1, layout.height() - 2 * ROOM));
        double[] x = pairs.xs().toArray();
        double[] y = pairs.ys().toArray();
        Scale along = scale(pairs.xs().summaryStatistics().getMin(), pairs.xs().summaryStatistics().getMax(), area.left(), area.right());
        Scale upward = scale(pairs.ys().summaryStatistics().getMin(), pairs.ys().summaryStatistics().getMax(), area.bottom(), area.top());
        List<Mark> dots = new ArrayList<>();
        int step = 1 + x.length / MOST;
        for (int i = 0; i < x.length; i += step) {
            dots.add(new Mark.Dot(along.pixel(x[i]), upward.pixel(y[i]), RADIUS, Sign.DISC, Ink.OBSERVED, Ink.SURFACE));
        }
        List<Mark> ground = List.of(new Mark.Box(0, 0, layout.width(), layout.height(), 4, Ink.SURFACE, 1),
                new Mark.Line(ROOM / 2, layout.height() - ROOM / 2, layout.width() - ROOM / 2, layout.height() - ROOM / 2, Stroke.solid(Ink.RULE, 1)),
                new Mark.Line(ROOM / 2, ROOM / 2, ROOM / 2, layout.height() - ROOM / 2, Stroke.solid(Ink.RULE, 1)));
        return new Figure(layout.width(), layout.height(), area, along, upward, ground, List.of(), dots, List.of(), Spots.NONE);
    }

    private static Scale scale(double low, double high, double from, double to) {
        return high > low && Double.isFinite(high - low) ? new Scale(low, high, from, to) : new Scale(0, 1, from, to);
    }
}
