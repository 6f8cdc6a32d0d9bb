package hestra.desk;

import java.util.DoubleSummaryStatistics;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.figure.Frame;
import hestra.figure.PlotContent;
import hestra.fit.CurveOnData;
import hestra.fit.LineFit;

/**
 * Which part of the plane is shown: the one that was chosen, where the axes as they are spaced have a place for it, or else what
 * fits the data and the reading line.
 */
final class Framing {

    private static final double GREATEST = 1e290;

    private final Observed observed;
    private final PlotState plot;
    /** What is shown to begin with; nothing for what fits the data. */
    private final Optional<Frame> usual;
    /** What fits the data; nothing while another part of the plane is shown. */
    private final Optional<Frame> ofData;

    private Framing(Observed observed, PlotState plot, Optional<Frame> usual, Optional<Frame> ofData) {
        this.usual = usual;
        this.observed = observed;
        this.plot = plot;
        this.ofData = ofData;
    }

    /**
     * The framing of observations.
     *
     * @param usual what the author has shown to begin with; nothing for what fits the data
     * @param before that of the same observations before; nothing where there was none
     */
    static Framing of(Observed observed, PlotState plot, Optional<Frame> usual, Optional<Framing> before) {
        Framing bare = new Framing(observed, plot, usual, Optional.empty());
        Optional<Frame> known = before.filter(it -> it.plot.x() == plot.x() && it.plot.y() == plot.y()).flatMap(it -> it.ofData);
        return new Framing(observed, plot, usual, known.or(() -> bare.chosen().isPresent() ? Optional.empty()
                : Optional.of(Frame.around(bare.xs(), plot.x(), bare.ys(), plot.y()))));
    }

    /** What is shown, wider than the data where the reading line stands outside them. */
    Frame frame(OptionalDouble readingAt, Optional<CurveOnData> curve, Optional<LineFit> line) {
        return chosen().or(() -> ofData.map(fitting -> withReading(withLine(fitting, line), readingAt, curve))).orElseThrow();
    }

    /** Taller where the line, over all the range of the data, does not lie within what fits the points. */
    private Frame withLine(Frame fitting, Optional<LineFit> line) {
        double[] ends = line.map(it -> new double[] {it.at(it.support().low()), it.at(it.support().high())})
                .orElse(new double[0]);
        boolean within = DoubleStream.of(ends).allMatch(y -> y >= fitting.yLow() && y <= fitting.yHigh()
                || !(Math.abs(y) < GREATEST));
        return within ? fitting : Frame.around(xs(), plot.x(), DoubleStream.concat(ys(), DoubleStream.of(ends)), plot.y());
    }

    private Optional<Frame> chosen() {
        return plot.frame().or(() -> usual).filter(it -> plot.x().holds(it.xLow()) && plot.y().holds(it.yLow()));
    }

    /** The frame holds the points that take part, and of those set aside the ones that do not lie far off. */
    private Stream<PlotContent.Point> framed() {
        Pairs pairs = observed.pairs();
        DoubleSummaryStatistics x = pairs.xs().summaryStatistics();
        DoubleSummaryStatistics y = pairs.ys().summaryStatistics();
        return observed.points().stream().filter(point -> !point.setAside() || pairs.n() == 0
                || isNear(point.x(), x) && isNear(point.y(), y));
    }

    /** Whether a value lies no further from the others than they lie apart. */
    private static boolean isNear(double value, DoubleSummaryStatistics others) {
        double span = others.getMax() - others.getMin();
        return value >= others.getMin() - span && value <= others.getMax() + span;
    }

    private DoubleStream xs() {
        return framed().mapToDouble(PlotContent.Point::x);
    }

    private DoubleStream ys() {
        return framed().mapToDouble(PlotContent.Point::y);
    }

    private Frame withReading(Frame fitting, OptionalDouble at, Optional<CurveOnData> curve) {
        if (at.isEmpty() || curve.isEmpty() || at.getAsDouble() >= fitting.xLow() && at.getAsDouble() <= fitting.xHigh()) {
            return fitting;
        }
        OptionalDouble fitted = curve.get().fitted(at.getAsDouble());
        boolean drawable = fitted.isPresent() && Math.abs(fitted.getAsDouble()) < GREATEST
                && Math.abs(at.getAsDouble()) < GREATEST;
        return drawable ? Frame.around(DoubleStream.concat(xs(), DoubleStream.of(at.getAsDouble())), plot.x(),
                DoubleStream.concat(ys(), DoubleStream.of(fitted.getAsDouble())), plot.y()) : fitting;
    }
}
