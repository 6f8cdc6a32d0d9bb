package hestra.figure;

import java.util.DoubleSummaryStatistics;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * The part of the plane that the plot shows.
 *
 * @param xLow left edge
 * @param xHigh right edge, above {@code xLow}
 * @param yLow lower edge
 * @param yHigh upper edge, above {@code yLow}
 */
public record Frame(double xLow, double xHigh, double yLow, double yHigh) {

    /** Room kept beyond the data on the side where one predicts, as a share of the data's span. */
    private static final double AHEAD = 0.26;

    private static final double BEHIND = 0.08;

    /** An axis starts at zero when zero is nearer to the data than this share of their span. */
    private static final double NEAR_ZERO = 0.4;

    /** Almost the largest number there is. */
    private static final double FURTHEST = 1.79e308;

    /** Distances below this cannot be divided into steps. */
    private static final double SMALLEST = 1e-300;

    private static final int STEPS = 7;
    private static final double LEAST_SHARE = 1e-9;

    public Frame {
        if (!(xHigh > xLow) || !(yHigh > yLow) || !Double.isFinite(xHigh - xLow) || !Double.isFinite(yHigh - yLow)) {
            throw new IllegalArgumentException(xLow + " to " + xHigh + ", " + yLow + " to " + yHigh);
        }
    }

    /** A frame that shows all of these values with room around them, its edges on round numbers. */
    public static Frame around(DoubleStream xs, DoubleStream ys) {
        return around(xs, Spacing.LINEAR, ys, Spacing.LINEAR);
    }

    /** The same for axes that may be logarithmic: values that have no place on them are of no account. */
    public static Frame around(DoubleStream xs, Spacing xSpacing, DoubleStream ys, Spacing ySpacing) {
        double[] x = range(xs, xSpacing);
        double[] y = range(ys, ySpacing);
        return new Frame(x[0], x[1], y[0], y[1]);
    }

    private static double[] range(DoubleStream values, Spacing spacing) {
        DoubleSummaryStatistics held = values.filter(spacing::holds).summaryStatistics();
        return spacing == Spacing.LINEAR ? range(held) : ratio(held);
    }

    /** Room by ratio, as far beyond the data as a linear axis has by difference. */
    private static double[] ratio(DoubleSummaryStatistics values) {
        if (values.getCount() == 0) {
            return new double[] {1, 100};
        }
        double span = Math.max(Math.log(values.getMax()) - Math.log(values.getMin()), Math.log(2));
        double low = Ticks.niceBelow(Math.max(Double.MIN_NORMAL, values.getMin() * Math.exp(-BEHIND * span)));
        double high = Ticks.niceAbove(Math.min(1e300, values.getMax() * Math.exp(BEHIND * span)));
        return new double[] {low, Math.max(high, low * 2)};
    }

    private static double[] range(DoubleSummaryStatistics values) {
        if (values.getCount() == 0) {
            return new double[] {0, 10};
        }
        double least = values.getMin();
        double greatest = values.getMax();
        double span = Math.min(FURTHEST, greatest - least);
        double size = Math.max(Math.abs(least), Math.abs(greatest));
        if (!(span > Math.max(size * LEAST_SHARE, SMALLEST))) {
            span = size < SMALLEST ? 2 : size * 0.5;
        }
        double low = Math.max(-FURTHEST, least - BEHIND * span);
        double high = Math.min(FURTHEST, greatest + AHEAD * span);
        if (least >= 0 && least < NEAR_ZERO * span) {
            low = 0;
        } else if (greatest <= 0 && -greatest < NEAR_ZERO * span) {
            high = 0;
        }
        double step = Ticks.niceStep((high - low) / (STEPS - 1));
        double roundLow = Math.floor(low / step + 1e-9) * step;
        double roundHigh = Math.ceil(high / step - 1e-9) * step;
        return roundHigh > roundLow && Double.isFinite(roundHigh - roundLow)
                ? new double[] {roundLow, roundHigh} : halved(low, high);
    }

    /** Edges whose distance is a number: where the whole range of numbers is used, what lies beyond half of it is not in view. */
    private static double[] halved(double low, double high) {
        return Double.isFinite(high - low) && high > low
                ? new double[] {low, high} : new double[] {Math.max(low, -FURTHEST / 2), Math.min(high, FURTHEST / 2)};
    }

    /** A frame with these edges; nothing where it would be too small or too large to compute with. */
    static Optional<Frame> of(double xLow, double xHigh, double yLow, double yHigh) {
        return isWide(xLow, xHigh) && isWide(yLow, yHigh) ? Optional.of(new Frame(xLow, xHigh, yLow, yHigh)) : Optional.empty();
    }

    /** This frame, made wider where it does not reach an x. */
    public Frame reachingX(double x) {
        return of(Math.min(xLow, x), Math.max(xHigh, x), yLow, yHigh).orElse(this);
    }

    /** This frame, made taller where it does not reach a y. */
    public Frame reachingY(double y) {
        return of(xLow, xHigh, Math.min(yLow, y), Math.max(yHigh, y)).orElse(this);
    }

    /** This frame with an edge at zero: the lower one, or the upper one where all lies below zero. */
    public Frame fromZero(boolean along) {
        Optional<Frame> begun = along
                ? of(xHigh > 0 ? 0 : xLow, xHigh > 0 ? xHigh : 0, yLow, yHigh)
                : of(xLow, xHigh, yHigh > 0 ? 0 : yLow, yHigh > 0 ? yHigh : 0);
        return begun.orElse(this);
    }

    private static boolean isWide(double low, double high) {
        double span = high - low;
        return Double.isFinite(span) && span < 1e300 && span > Math.max(Math.abs(low), Math.abs(high)) * 1e-10;
    }
}
