package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.DoubleDouble;
import hestra.summary.PairSums;

/**
 * The straight line of least squares ŷ = a + b x, with b = Sxy ÷ Sxx and a = ȳ − b x̄, and all its statistics.
 *
 * <p>Values that the data do not define are absent rather than NaN: r and R² when all y are equal; adjusted R², s and the
 * standard errors when n = 2.
 *
 * @see LeastSquares
 * @see "N. R. Draper and H. Smith, Applied Regression Analysis, 3rd ed., chapter 1"
 */
public final class LineFit implements LinearFit {

    private final Centred centred;
    private final Coefficient intercept;
    private final Coefficient slope;
    private final OptionalDouble r;
    private final Goodness goodness;
    private final Interval support;

    /**
     * The line about the centre of the data, which predicts without losing digits where x is large and close together.
     *
     * @param meanX x̄
     * @param meanY ȳ
     * @param slope b
     * @param sxx Σ (x − x̄)², divided by 2^(2 · {@code xPower})
     * @param xPower the power of two that differences in x are divided by
     */
    private record Centred(DoubleDouble meanX, DoubleDouble meanY, DoubleDouble slope, DoubleDouble sxx, int xPower) {
        DoubleDouble at(double x) {
            return meanY.plus(slope.times(meanX.negated().plus(x)));
        }

        /** x − x̄ divided by 2^xPower. */
        double fromMean(double x) {
            return Math.scalb(meanX.negated().plus(x).toDouble(), -xPower);
        }
    }

    private LineFit(Centred centred, Coefficient intercept, Coefficient slope, OptionalDouble r, Goodness goodness,
            Interval support) {
        this.centred = centred;
        this.intercept = intercept;
        this.slope = slope;
        this.r = r;
        this.goodness = goodness;
        this.support = support;
    }

    /** The line of these sums, slope (in the units of the sums) and sum of squared residuals. */
    static Fit of(PairSums sums, DoubleDouble slope, DoubleDouble sse, Interval support) {
        int n = (int) sums.n();
        int degrees = n - 2;
        DoubleDouble sxx = sums.sxx();
        DoubleDouble syy = sums.syy();
        Optional<Goodness> goodness = Goodness.of(n, 2, sse, syy, sums.yPower());
        DoubleDouble b = slope.scaled(sums.yPower() - sums.xPower());
        DoubleDouble a = sums.meanY().minus(b.times(sums.meanX()));
        OptionalDouble slopeError = OptionalDouble.empty();
        OptionalDouble interceptError = OptionalDouble.empty();
        if (degrees > 0) {
            DoubleDouble variance = sse.dividedBy(degrees);
            slopeError = OptionalDouble.of(variance.dividedBy(sxx).sqrt().scaled(sums.yPower() - sums.xPower()).toDouble());
            DoubleDouble meanX = sums.meanX().scaled(-sums.xPower());
            DoubleDouble ofMean = meanX.squared().dividedBy(sxx).plus(DoubleDouble.of(1).dividedBy(n));
            interceptError = OptionalDouble.of(variance.times(ofMean).sqrt().scaled(sums.yPower()).toDouble());
        }
        DoubleDouble share = sums.meanX().scaled(-sums.xPower()).squared().dividedBy(sxx).plus(DoubleDouble.of(1).dividedBy(n));
        // No y lies further from the mean than this.
        double greatest = Math.abs(sums.meanY().hi()) + Math.scalb(Math.sqrt(syy.hi()), sums.yPower());
        double ofIntercept = Coefficient.rounding(greatest, n, share.sqrt().toDouble());
        double ofSlope = Coefficient.rounding(greatest, n, Math.scalb(1 / Math.sqrt(sxx.hi()), -sums.xPower()));
        boolean finite = goodness.isPresent() && Double.isFinite(a.toDouble()) && Double.isFinite(b.toDouble())
                && Double.isFinite(slopeError.orElse(0)) && Double.isFinite(interceptError.orElse(0));
        if (!finite) {
            return LeastSquares.TOO_LARGE;
        }
        OptionalDouble r = OptionalDouble.empty();
        if (syy.hi() > 0) {
            double ratio = sums.sxy().dividedBy(sxx.sqrt().times(syy.sqrt())).toDouble();
            r = OptionalDouble.of(sse.hi() == 0 ? Math.signum(ratio) : Math.clamp(ratio, -1, 1));
        }
        return new LineFit(new Centred(sums.meanX(), sums.meanY(), b, sxx, sums.xPower()),
                new Coefficient("intercept", a.toDouble(), interceptError, degrees, ofIntercept),
                new Coefficient("slope", b.toDouble(), slopeError, degrees, ofSlope), r, goodness.get(), support);
    }

    @Override
    public Curve curve() {
        return new Curve.Line();
    }

    public Coefficient intercept() {
        return intercept;
    }

    public Coefficient slope() {
        return slope;
    }

    /** Intercept, then slope. */
    @Override
    public List<Coefficient> coefficients() {
        return List.of(intercept, slope);
    }

    @Override
    public Goodness goodness() {
        return goodness;
    }

    /** Pearson's r = Sxy ÷ √(Sxx Syy); nothing when all y are equal. */
    public OptionalDouble r() {
        return r;
    }

    /** R² = 1 − SSE ÷ SST; nothing when all y are equal. */
    public OptionalDouble rSquared() {
        return goodness.rSquared();
    }

    /** 1 − (1 − R²)(n − 1) ÷ (n − 2); nothing when R² is undefined or n = 2. */
    public OptionalDouble adjustedRSquared() {
        return goodness.adjustedRSquared();
    }

    /** s = √(SSE ÷ (n − 2)), in the unit of y; nothing when n = 2. */
    public OptionalDouble residualStandardError() {
        return goodness.residualStandardError();
    }

    /** Σ (y − ŷ)². */
    public double sse() {
        return goodness.sse();
    }

    /** Σ (y − ȳ)². */
    public double sst() {
        return goodness.sst();
    }

    public double meanX() {
        return centred.meanX().toDouble();
    }

    public double meanY() {
        return centred.meanY().toDouble();
    }

    @Override
    public Interval support() {
        return support;
    }

    /** ŷ at x, for drawing: any finite x; outside the supported range it is extrapolation. May leave a double's range. */
    public double at(double x) {
        return centred.at(x).toDouble();
    }

    @Override
    public OptionalDouble fitted(double x) {
        return Finite.of(at(x));
    }

    /** y − ŷ of one pair, for finite values near the data. */
    public double residualOf(double x, double y) {
        return centred.at(x).negated().plus(y).toDouble();
    }

    @Override
    public OptionalDouble residual(double x, double y) {
        return Finite.of(residualOf(x, y));
    }

    @Override
    public OptionalDouble leverage(double x, double other) {
        return Finite.of(1.0 / n() + centred.fromMean(x) / centred.sxx().hi() * centred.fromMean(other));
    }

    @Override
    public Optional<double[]> pull(double x) {
        double ofSlope = Math.scalb(centred.fromMean(x) / centred.sxx().hi(), -centred.xPower());
        double ofIntercept = 1.0 / n() - meanX() * ofSlope;
        return Double.isFinite(ofSlope) && Double.isFinite(ofIntercept)
                ? Optional.of(new double[] {ofIntercept, ofSlope}) : Optional.empty();
    }

    @Override
    public Optional<double[][]> inverse() {
        double ofSlope = centred.sxx().scaled(2 * centred.xPower()).toDouble();
        double both = -meanX() / ofSlope;
        double ofIntercept = 1.0 / n() - meanX() * both;
        return Double.isFinite(1 / ofSlope) && Double.isFinite(ofIntercept) && Double.isFinite(both)
                ? Optional.of(new double[][] {{ofIntercept, both}, {both, 1 / ofSlope}}) : Optional.empty();
    }

    @Override
    public boolean hasConstant() {
        return true;
    }

    /**
     * The prediction at x with intervals at a level between 0 and 1 (both exclusive).
     *
     * @throws IllegalArgumentException if the level lies outside (0, 1) or x is not finite
     */
    public Prediction predict(double x, double level) {
        Prediction.require(x, level);
        return Prediction.of(x, at(x), support, goodness, leverage(x).orElse(Double.POSITIVE_INFINITY), level);
    }

    @Override
    public List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        if (rSquared().isEmpty()) {
            remarks.add("All y are equal: the line is flat, and r and R² are not defined.");
        } else if (n() == 2) {
            remarks.add("A line through two points passes through both: R² = 1 says nothing here.");
        }
        return List.copyOf(remarks);
    }
}
