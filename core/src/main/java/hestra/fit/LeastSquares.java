package hestra.fit;

import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.numbers.DoubleDouble;

/**
 * Fits the straight line of least squares.
 *
 * <p>Both variables are divided by a power of two so that nothing overflows, centred on their means, and everything is
 * summed in double-double arithmetic: first the means, then Sxx, Sxy and Syy about them, then the residuals one by one
 * and their squares. SSE is never taken as a difference of large sums, so R² close to 1 keeps its digits.
 *
 * @see DoubleDouble
 * @see <a href="https://doi.org/10.1080/00031305.1983.10483115">T. F. Chan, G. H. Golub, R. J. LeVeque, Algorithms for
 *     computing the sample variance, The American Statistician 37 (1983), the two-pass algorithm</a>
 */
public final class LeastSquares {

    private static final Fit TOO_LARGE =
            new Fit.None("These values are too large or too far apart to be computed with. Use a larger unit.");

    /** A residual this small beside the values is arithmetic noise of an exact line: 2⁻⁹⁶. */
    private static final double NOISE = 0x1p-96;

    private LeastSquares() {}

    /**
     * The line through the pairs, or why there is none: fewer than two pairs, all x equal, or values whose squares leave
     * the range of a double.
     */
    public static Fit line(Pairs pairs) {
        int n = pairs.n();
        if (n < 2) {
            return new Fit.None(n == 0 ? "A line needs at least two points. There are none yet."
                    : "A line needs at least two points. There is one so far.");
        }
        double leastX = pairs.xs().min().orElseThrow();
        double greatestX = pairs.xs().max().orElseThrow();
        if (leastX == greatestX) {
            return new Fit.None("All points have the same x, so no line of y on x can be fitted.");
        }
        return new Run(pairs).fit(new Interval(leastX, greatestX));
    }

    /** The slope Σxy ÷ Σx² of the line through the origin; nothing where all x are 0 or it leaves the range. */
    public static OptionalDouble slopeThroughOrigin(Pairs pairs) {
        int xPower = power(pairs.xs().map(Math::abs).max().orElse(0));
        int yPower = power(pairs.ys().map(Math::abs).max().orElse(0));
        DoubleDouble xx = DoubleDouble.ZERO;
        DoubleDouble xy = DoubleDouble.ZERO;
        for (int i = 0; i < pairs.n(); i++) {
            double x = Math.scalb(pairs.x(i), -xPower);
            xx = xx.plus(DoubleDouble.product(x, x));
            xy = xy.plus(DoubleDouble.product(x, Math.scalb(pairs.y(i), -yPower)));
        }
        if (xx.hi() == 0) {
            return OptionalDouble.empty();
        }
        double slope = xy.dividedBy(xx).scaled(yPower - xPower).toDouble();
        return Double.isFinite(slope) ? OptionalDouble.of(slope) : OptionalDouble.empty();
    }

    private static int power(double greatest) {
        return greatest == 0 ? 0 : Math.getExponent(greatest) + 1;
    }

    /** One fit, from the scaled values to the result. */
    private static final class Run {
        private final Pairs pairs;
        private final int n;
        private final int xPower;
        private final int yPower;

        Run(Pairs pairs) {
            this.pairs = pairs;
            this.n = pairs.n();
            this.xPower = power(pairs.xs().map(Math::abs).max().orElse(0));
            this.yPower = power(pairs.ys().map(Math::abs).max().orElse(0));
        }

        private double x(int i) {
            return Math.scalb(pairs.x(i), -xPower);
        }

        private double y(int i) {
            return Math.scalb(pairs.y(i), -yPower);
        }

        Fit fit(Interval support) {
            DoubleDouble sumX = DoubleDouble.ZERO;
            DoubleDouble sumY = DoubleDouble.ZERO;
            for (int i = 0; i < n; i++) {
                sumX = sumX.plus(x(i));
                sumY = sumY.plus(y(i));
            }
            DoubleDouble meanX = sumX.dividedBy(n);
            DoubleDouble meanY = sumY.dividedBy(n);

            DoubleDouble sxx = DoubleDouble.ZERO;
            DoubleDouble sxy = DoubleDouble.ZERO;
            DoubleDouble syy = DoubleDouble.ZERO;
            boolean flat = true;
            for (int i = 0; i < n; i++) {
                DoubleDouble dx = meanX.negated().plus(x(i));
                DoubleDouble dy = meanY.negated().plus(y(i));
                sxx = sxx.plus(dx.squared());
                sxy = sxy.plus(dx.times(dy));
                syy = syy.plus(dy.squared());
                flat &= pairs.y(i) == pairs.y(0);
            }
            if (sxx.hi() == 0) {
                return TOO_LARGE;
            }
            syy = flat ? DoubleDouble.ZERO : syy;
            DoubleDouble slope = flat ? DoubleDouble.ZERO : sxy.dividedBy(sxx);
            DoubleDouble sse = flat ? DoubleDouble.ZERO : sse(meanX, meanY, slope);
            return result(meanX, meanY, sxx, sxy, syy, slope, sse, support);
        }

        /** The sum of squared residuals; the noise of an exact line counts as none. */
        private DoubleDouble sse(DoubleDouble meanX, DoubleDouble meanY, DoubleDouble slope) {
            DoubleDouble sum = DoubleDouble.ZERO;
            boolean exact = n == 2;
            if (!exact) {
                exact = true;
                for (int i = 0; i < n; i++) {
                    DoubleDouble dx = meanX.negated().plus(x(i));
                    DoubleDouble residual = meanY.negated().plus(y(i)).minus(slope.times(dx));
                    exact &= Math.abs(residual.hi()) <= NOISE;
                    sum = sum.plus(residual.squared());
                }
            }
            return exact ? DoubleDouble.ZERO : sum;
        }

        private Fit result(DoubleDouble meanX, DoubleDouble meanY, DoubleDouble sxx, DoubleDouble sxy,
                DoubleDouble syy, DoubleDouble slope, DoubleDouble sse, Interval support) {
            OptionalDouble r = OptionalDouble.empty();
            OptionalDouble rSquared = OptionalDouble.empty();
            if (syy.hi() > 0) {
                double ratio = sxy.dividedBy(sxx.sqrt().times(syy.sqrt())).toDouble();
                r = OptionalDouble.of(sse.hi() == 0 ? Math.signum(ratio) : Math.clamp(ratio, -1, 1));
                rSquared = OptionalDouble.of(DoubleDouble.of(1).minus(sse.dividedBy(syy)).toDouble());
            }
            int degrees = n - 2;
            OptionalDouble s = OptionalDouble.empty();
            OptionalDouble slopeError = OptionalDouble.empty();
            OptionalDouble interceptError = OptionalDouble.empty();
            if (degrees > 0) {
                DoubleDouble variance = sse.dividedBy(degrees);
                s = OptionalDouble.of(variance.sqrt().scaled(yPower).toDouble());
                slopeError = OptionalDouble.of(variance.dividedBy(sxx).sqrt().scaled(yPower - xPower).toDouble());
                DoubleDouble share = meanX.squared().dividedBy(sxx).plus(DoubleDouble.of(1).dividedBy(n));
                interceptError = OptionalDouble.of(variance.times(share).sqrt().scaled(yPower).toDouble());
            }
            double b = slope.scaled(yPower - xPower).toDouble();
            double a = meanY.minus(slope.times(meanX)).scaled(yPower).toDouble();
            double fullSse = sse.scaled(2 * yPower).toDouble();
            double fullSst = syy.scaled(2 * yPower).toDouble();
            if (!Double.isFinite(a) || !Double.isFinite(b) || !Double.isFinite(fullSse) || !Double.isFinite(fullSst)
                    || !Double.isFinite(slopeError.orElse(0)) || !Double.isFinite(interceptError.orElse(0))) {
                return TOO_LARGE;
            }
            LineFit.Centred centred = new LineFit.Centred(meanX.scaled(xPower), meanY.scaled(yPower),
                    slope.scaled(yPower - xPower), sxx.toDouble(), xPower);
            return new LineFit(n, centred, coefficient("intercept", a, interceptError, degrees),
                    coefficient("slope", b, slopeError, degrees),
                    new LineFit.Sums(fullSse, fullSst, r, rSquared, s), support);
        }

        private static Coefficient coefficient(String name, double value, OptionalDouble error, int degrees) {
            if (error.isEmpty() || error.getAsDouble() == 0 || !Double.isFinite(value / error.getAsDouble())) {
                return new Coefficient(name, value, error, OptionalDouble.empty(), OptionalDouble.empty());
            }
            double t = value / error.getAsDouble();
            return new Coefficient(name, value, error, OptionalDouble.of(t),
                    OptionalDouble.of(StudentT.twoSidedP(t, degrees)));
        }
    }
}
