package hestra.figure;

import java.util.DoubleSummaryStatistics;
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

    private static final int STEPS = 7;
    private static final double LEAST_SHARE = 1e-9;

    public Frame {
        if (!(xHigh > xLow) || !(yHigh > yLow) || !Double.isFinite(xHigh - xLow) || !Double.isFinite(yHigh - yLow)) {
            throw new IllegalArgumentException(xLow + " to " + xHigh + ", " + yLow + " to " + yHigh);
        }
    }

    /** A frame that shows all of these values with room around them, its edges on round numbers. */
    public static Frame around(DoubleStream xs, DoubleStream ys) {
        double[] x = range(xs.summaryStatistics());
        double[] y = range(ys.summaryStatistics());
        return new Frame(x[0], x[1], y[0], y[1]);
    }

    private static double[] range(DoubleSummaryStatistics values) {
        if (values.getCount() == 0) {
            return new double[] {0, 10};
        }
        double least = values.getMin();
        double greatest = values.getMax();
        double span = greatest - least;
        double size = Math.max(Math.abs(least), Math.abs(greatest));
        if (!(span > size * LEAST_SHARE)) {
            span = size == 0 ? 2 : size * 0.5;
        }
        double low = least - BEHIND * span;
        double high = greatest + AHEAD * span;
        if (least >= 0 && least < NEAR_ZERO * span) {
            low = 0;
        } else if (greatest <= 0 && -greatest < NEAR_ZERO * span) {
            high = 0;
        }
        double step = Ticks.niceStep((high - low) / (STEPS - 1));
        double roundLow = Math.floor(low / step + 1e-9) * step;
        double roundHigh = Math.ceil(high / step - 1e-9) * step;
        return roundHigh > roundLow && Double.isFinite(roundHigh - roundLow)
                ? new double[] {roundLow, roundHigh}
                : new double[] {least - size * 0.1 - 1, greatest + size * 0.1 + 1};
    }

    /** The frame moved by a share of its own width and height. */
    public Frame moved(double dx, double dy) {
        return safely(xLow + dx, xHigh + dx, yLow + dy, yHigh + dy);
    }

    /** The frame made larger (factor above 1) or smaller about a point that stays in its place. */
    public Frame zoomed(double factor, double aboutX, double aboutY) {
        return safely(aboutX + (xLow - aboutX) * factor, aboutX + (xHigh - aboutX) * factor,
                aboutY + (yLow - aboutY) * factor, aboutY + (yHigh - aboutY) * factor);
    }

    /** The new frame, or this one where the new one would be too small or too large to compute with. */
    private Frame safely(double newXLow, double newXHigh, double newYLow, double newYHigh) {
        boolean fine = isWide(newXLow, newXHigh) && isWide(newYLow, newYHigh);
        return fine ? new Frame(newXLow, newXHigh, newYLow, newYHigh) : this;
    }

    private static boolean isWide(double low, double high) {
        double span = high - low;
        return Double.isFinite(span) && span < 1e300 && span > Math.max(Math.abs(low), Math.abs(high)) * 1e-10;
    }
}
