package hestra.fit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.DoubleDouble;

/**
 * The straight line of least squares ŷ = a + b x, with b = Sxy ÷ Sxx and a = ȳ − b x̄, and all its statistics.
 *
 * <p>Values that the data do not define are absent rather than NaN: r and R² when all y are equal; adjusted R², s and the
 * standard errors when n = 2.
 *
 * @see LeastSquares
 * @see "N. R. Draper and H. Smith, Applied Regression Analysis, 3rd ed., chapter 1"
 */
public final class LineFit implements Fit {

    private final int n;
    private final Centred centred;
    private final Coefficient intercept;
    private final Coefficient slope;
    private final OptionalDouble r;
    private final OptionalDouble rSquared;
    private final double sse;
    private final double sst;
    private final OptionalDouble residualStandardError;
    private final Interval support;

    /**
     * The line about the centre of the data, which predicts without losing digits where x is large and close together.
     *
     * @param meanX x̄
     * @param meanY ȳ
     * @param slope b
     * @param sxx Σ (x − x̄)², divided by 2^(2 · {@code xPower})
     * @param xPower the power of two that x was divided by
     */
    record Centred(DoubleDouble meanX, DoubleDouble meanY, DoubleDouble slope, double sxx, int xPower) {
        double at(double x) {
            return meanY.plus(slope.times(meanX.negated().plus(x))).toDouble();
        }

        /** The leverage of a new observation at x: 1/n + (x − x̄)² ÷ Sxx. */
        double leverage(double x, int n) {
            double fromMean = Math.scalb(meanX.negated().plus(x).toDouble(), -xPower);
            return 1.0 / n + fromMean / sxx * fromMean;
        }
    }

    /** The sums that all else follows from. */
    record Sums(double sse, double sst, OptionalDouble r, OptionalDouble rSquared, OptionalDouble s) {}

    LineFit(int n, Centred centred, Coefficient intercept, Coefficient slope, Sums sums, Interval support) {
        this.n = n;
        this.centred = centred;
        this.intercept = intercept;
        this.slope = slope;
        this.r = sums.r();
        this.rSquared = sums.rSquared();
        this.sse = sums.sse();
        this.sst = sums.sst();
        this.residualStandardError = sums.s();
        this.support = support;
    }

    /** The number of pairs used. */
    public int n() {
        return n;
    }

    /** n − 2. */
    public int degreesOfFreedom() {
        return n - 2;
    }

    public Coefficient intercept() {
        return intercept;
    }

    public Coefficient slope() {
        return slope;
    }

    /** Intercept, then slope. */
    public List<Coefficient> coefficients() {
        return List.of(intercept, slope);
    }

    /** Pearson's r = Sxy ÷ √(Sxx Syy); nothing when all y are equal. */
    public OptionalDouble r() {
        return r;
    }

    /** R² = 1 − SSE ÷ SST; nothing when all y are equal. */
    public OptionalDouble rSquared() {
        return rSquared;
    }

    /** 1 − (1 − R²)(n − 1) ÷ (n − 2); nothing when R² is undefined or n = 2. */
    public OptionalDouble adjustedRSquared() {
        if (rSquared.isEmpty() || n <= 2) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(1 - sse / sst * (n - 1) / (n - 2));
    }

    /** s = √(SSE ÷ (n − 2)), in the unit of y; nothing when n = 2. */
    public OptionalDouble residualStandardError() {
        return residualStandardError;
    }

    /** Σ (y − ŷ)². */
    public double sse() {
        return sse;
    }

    /** Σ (y − ȳ)². */
    public double sst() {
        return sst;
    }

    public double meanX() {
        return centred.meanX().toDouble();
    }

    public double meanY() {
        return centred.meanY().toDouble();
    }

    /** The x range that the data cover. */
    public Interval support() {
        return support;
    }

    /** ŷ at x, for drawing: any finite x; outside the supported range it is extrapolation. */
    public double at(double x) {
        return centred.at(x);
    }

    /** y − ŷ of one pair. */
    public double residual(double x, double y) {
        return centred.meanY().plus(centred.slope().times(centred.meanX().negated().plus(x))).negated().plus(y).toDouble();
    }

    /**
     * The prediction at x with intervals at a level between 0 and 1 (both exclusive).
     *
     * @throws IllegalArgumentException if the level lies outside (0, 1) or x is not finite
     */
    public Prediction predict(double x, double level) {
        if (!(level > 0 && level < 1) || !Double.isFinite(x)) {
            throw new IllegalArgumentException("x = " + x + ", level = " + level);
        }
        double fitted = at(x);
        Optional<Interval> mean = Optional.empty();
        Optional<Interval> single = Optional.empty();
        if (residualStandardError.isPresent()) {
            double t = StudentT.quantile(level, degreesOfFreedom()) * residualStandardError.getAsDouble();
            double leverage = centred.leverage(x, n);
            mean = Interval.around(fitted, t * Math.sqrt(leverage));
            single = Interval.around(fitted, t * Math.sqrt(1 + leverage));
        }
        double beyond = Math.max(0, Math.max(support.low() - x, x - support.high()));
        return new Prediction(x, fitted, support.contains(x), beyond, mean, single);
    }
}
