package hestra.feedback;

import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.fit.Curve;

/**
 * Counts, means and sums of squares and products about the means, from which all values of a line follow; they are brought up to
 * date for a point added or taken out, so that each slip in the data can be tried in turn. In plain doubles: what is recognised
 * is looked at to a few digits.
 *
 * @param n how many observations
 * @param meanX x̄
 * @param meanY ȳ
 * @param sxx Σ(x − x̄)²
 * @param sxy Σ(x − x̄)(y − ȳ)
 * @param syy Σ(y − ȳ)²
 * @see "T. F. Chan, G. H. Golub, R. J. LeVeque, Algorithms for computing the sample variance, The American Statistician 37
 *     (1983)"
 */
record Moments(double n, double meanX, double meanY, double sxx, double sxy, double syy) {

    private static final Moments NONE = new Moments(0, 0, 0, 0, 0, 0);

    static Moments of(Pairs pairs) {
        Moments all = NONE;
        for (int i = 0; i < pairs.size(); i++) {
            all = all.with(pairs.x(i), pairs.y(i), pairs.count(i));
        }
        return all;
    }

    static Moments of(double[] x, double[] y) {
        Moments all = NONE;
        for (int i = 0; i < x.length; i++) {
            all = all.with(x[i], y[i], 1);
        }
        return all;
    }

    /** With a point observed so often more; a count below 0 takes it out. */
    Moments with(double x, double y, double count) {
        double now = n + count;
        if (now == 0) {
            return NONE;
        }
        double dx = x - meanX;
        double dy = y - meanY;
        double share = count * n / now;
        return new Moments(now, meanX + dx * count / now, meanY + dy * count / now, sxx + dx * dx * share, sxy + dx * dy * share,
                syy + dy * dy * share);
    }

    /** With another point in the place of one. */
    Moments replaced(double x, double y, double toX, double toY, double count) {
        return with(x, y, -count).with(toX, toY, count);
    }

    private double slope() {
        return sxy / sxx;
    }

    private double at(double x) {
        return meanY + slope() * (x - meanX);
    }

    private double sse() {
        return Math.max(0, syy - sxy * sxy / sxx);
    }

    private double r() {
        return sxy / Math.sqrt(sxx * syy);
    }

    private double error() {
        return Math.sqrt(sse() / (n - 2) / sxx);
    }

    /** What is sought, where it follows from these alone. */
    OptionalDouble value(Sought what) {
        double value = switch (what) {
            case Sought.Value(Reading reading) -> reading.isOfLine() ? value(reading.quantity()) : Double.NaN;
            case Sought.Prediction(double x, var curve) -> curve instanceof Curve.Line ? at(x) : Double.NaN;
            case Sought.Reached(double y, var curve) -> curve instanceof Curve.Line ? meanX + (y - meanY) / slope() : Double.NaN;
            case Sought.Given _, Sought.InUnit _ -> Double.NaN;
        };
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    private double value(Quantity quantity) {
        return switch (quantity) {
            case SLOPE -> slope();
            case INTERCEPT -> at(0);
            case R -> r();
            case R_SQUARED -> r() * r();
            case ADJUSTED_R_SQUARED -> 1 - (1 - r() * r()) * (n - 1) / (n - 2);
            case RESIDUAL_STANDARD_ERROR -> Math.sqrt(sse() / (n - 2));
            case N -> n;
            case MEAN_X -> meanX;
            case MEAN_Y -> meanY;
            case SLOPE_ERROR -> error();
            case SLOPE_T -> slope() / error();
            case INTERCEPT_ERROR -> Math.sqrt(sse() / (n - 2) * (1 / n + meanX * meanX / sxx));
            case SSE -> sse();
            case SST, SYY -> syy;
            case SSR -> sxy * sxy / sxx;
            case F -> sxy * sxy / sxx / (sse() / (n - 2));
            case DEVIATION_X -> Math.sqrt(sxx / (n - 1));
            case DEVIATION_Y -> Math.sqrt(syy / (n - 1));
            case DEVIATION_OF_ALL_X -> Math.sqrt(sxx / n);
            case DEVIATION_OF_ALL_Y -> Math.sqrt(syy / n);
            case SUM_X -> n * meanX;
            case SUM_Y -> n * meanY;
            case SUM_X_SQUARED -> sxx + n * meanX * meanX;
            case SUM_Y_SQUARED -> syy + n * meanY * meanY;
            case SUM_OF_PRODUCTS -> sxy + n * meanX * meanY;
            case SXX -> sxx;
            case SXY -> sxy;
            case COVARIANCE -> sxy / (n - 1);
            default -> Double.NaN;
        };
    }
}
