package hestra.figure;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
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
    /** A ring about a place that is set off. */
    private static final double MARKED = 5;
    private static final int PIECES = 40;
    /** Some hundreds of points show the shape of them all. */
    private static final int MOST = 400;

    private Thumbnail() {}

    /** The points of these pairs, filling a figure of this size. */
    public static Figure describe(Pairs pairs, Layout layout) {
        return describe(pairs, List.of(), Optional.empty(), Optional.empty(), layout);
    }

    /**
     * The same with some places set off and a curve tried by eye.
     *
     * @param frame the part of the plane that is shown; nothing for the one that the points fill
     */
    public static Figure describe(Pairs pairs, List<Trial.Handle> marked, Optional<Trial> trial, Optional<Frame> frame,
            Layout layout) {
        Area area = new Area(ROOM, ROOM, Math.max(1, layout.width() - 2 * ROOM), Math.max(1, layout.height() - 2 * ROOM));
        double[] x = pairs.xs().toArray();
        double[] y = pairs.ys().toArray();
        DoubleSummaryStatistics across = pairs.xs().summaryStatistics();
        DoubleSummaryStatistics up = pairs.ys().summaryStatistics();
        Scale along = scale(frame.map(Frame::xLow).orElse(across.getMin()), frame.map(Frame::xHigh).orElse(across.getMax()),
                area.left(), area.right());
        Scale upward = scale(frame.map(Frame::yLow).orElse(up.getMin()), frame.map(Frame::yHigh).orElse(up.getMax()),
                area.bottom(), area.top());
        List<Mark> dots = new ArrayList<>();
        trial.flatMap(it -> it.on(pairs)).ifPresent(fit -> curve(fit, along, upward, area, dots));
        int step = 1 + x.length / MOST;
        for (int i = 0; i < x.length; i += step) {
            if (frame.isEmpty() || area.contains(along.pixel(x[i]), upward.pixel(y[i]))) {
                dots.add(new Mark.Dot(along.pixel(x[i]), upward.pixel(y[i]), RADIUS, Sign.DISC, Ink.OBSERVED, Ink.SURFACE));
            }
        }
        for (Trial.Handle place : marked) {
            dots.add(new Mark.Ring(along.pixel(place.x()), upward.pixel(place.y()), MARKED, Stroke.solid(Ink.RESIDUAL, 1.8)));
        }
        List<Mark> ground = List.of(new Mark.Box(0, 0, layout.width(), layout.height(), 4, Ink.SURFACE, 1),
                new Mark.Line(ROOM / 2, layout.height() - ROOM / 2, layout.width() - ROOM / 2, layout.height() - ROOM / 2,
                        Stroke.solid(Ink.RULE, 1)),
                new Mark.Line(ROOM / 2, ROOM / 2, ROOM / 2, layout.height() - ROOM / 2, Stroke.solid(Ink.RULE, 1)));
        return new Figure(layout.width(), layout.height(), area, along, upward,
                new Figure.Sheets(ground, List.of(), dots, List.of()), Spots.NONE);
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
