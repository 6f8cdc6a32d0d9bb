package hestra.fit;

import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.data.Subset;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;
import hestra.summary.PairSums;

/**
 * Fits curves by least squares: the straight line here from its sums, the other families each by their own way.
 *
 * <p>Every fit says why where there is none: too few points or too few different x, values outside the curve's domain with
 * the rows named, values whose squares leave the range of a double, no convergence.
 *
 * @see PairSums
 */
public final class LeastSquares {

    /** Why there is no curve where numbers leave the range of a double. */
    public static final Fit.None TOO_LARGE =
            new Fit.None("These values are too large, too small or too far apart to compute with. Use another unit.");

    /** A residual this small beside the spread of y is arithmetic noise of an exact line: 2⁻⁹⁰. */
    static final double NOISE = 0x1p-90;

    /** Where SSE is a smaller share of SST, it is summed from the residuals, not taken as a difference. */
    private static final double SMALL_SHARE = 1e-9;

    private LeastSquares() {}

    /** The curve of a family through the pairs, or why there is none. */
    public static Fit fit(Curve curve, Pairs pairs) {
        return switch (curve) {
            case Curve.Line _ -> line(pairs);
            case Curve.ThroughOrigin _, Curve.Polynomial _, Curve.Logarithmic _, Curve.OwnTerms _ -> BasisFit.of(curve, pairs);
            case Curve.Exponential(Curve.FittedOn on) ->
                    on == Curve.FittedOn.LOGARITHMS ? LogScaleFit.of(curve, pairs) : GrowthFit.of(curve, pairs);
            case Curve.Power(Curve.FittedOn on) ->
                    on == Curve.FittedOn.LOGARITHMS ? LogScaleFit.of(curve, pairs) : GrowthFit.of(curve, pairs);
            case Curve.Wave _ -> WaveFit.of(pairs);
        };
    }

    /** The pairs that a curve can be fitted to: without those for which it is not defined, such as x = 0 for a logarithm. */
    public static Pairs usable(Curve curve, Pairs pairs) {
        Set<Integer> rows = IntStream.range(0, pairs.size()).filter(i -> Domain.allows(curve, pairs.x(i), pairs.y(i)))
                .mapToObj(pairs::row).collect(Collectors.toSet());
        return rows.size() == pairs.size() ? pairs : pairs.only(new Subset("outside what the curve is defined for", rows));
    }

    /**
     * The line through the pairs, or why there is none: fewer than two pairs, all x equal, or values whose squares leave
     * the range of a double.
     */
    public static Fit line(Pairs pairs) {
        if (pairs.n() < 2) {
            return new Fit.None(pairs.n() == 0 ? "A line needs at least two points. There are none yet."
                    : "A line needs at least two points. There is one so far.");
        }
        Interval support = Interval.support(pairs);
        return support.low() == support.high()
                ? new Fit.None("All points have the same x, so no line of y on x can be fitted.")
                : line(PairSums.of(pairs), support, () -> pairs);
    }

    /** The line from its sums; the pairs are gone through again only where the residuals are very small. */
    static Fit line(PairSums sums, Interval support, Supplier<Pairs> pairs) {
        DoubleDouble sxx = sums.sxx();
        DoubleDouble syy = sums.syy();
        boolean computable = sxx.hi() > 0 && Double.isFinite(sxx.hi()) && syy.hi() >= 0 && Double.isFinite(syy.hi());
        if (!computable) {
            return TOO_LARGE;
        }
        DoubleDouble slope = sums.sxy().dividedBy(sxx);
        DoubleDouble sse = syy.hi() == 0 || sums.n() == 2 ? DoubleDouble.ZERO : sums.squaredResiduals();
        if (sse.hi() < SMALL_SHARE * syy.hi() && sse.hi() != 0) {
            sse = squaredResiduals(sums, slope, pairs.get());
        }
        return LineFit.of(sums, slope, sse, support);
    }

    /** The sum of squared residuals, taken one by one; the noise of an exact line counts as none. */
    private static DoubleDouble squaredResiduals(PairSums sums, DoubleDouble slope, Pairs pairs) {
        DoubleDouble meanX = sums.meanX().scaled(-sums.xPower());
        DoubleDouble meanY = sums.meanY().scaled(-sums.yPower());
        double noise = NOISE * Math.max(Math.abs(meanY.hi()), Math.sqrt(sums.syy().hi()));
        Accumulator squares = new Accumulator();
        boolean exact = true;
        for (int i = 0; i < pairs.size(); i++) {
            DoubleDouble dx = meanX.negated().plus(Math.scalb(pairs.x(i), -sums.xPower()));
            DoubleDouble residual = meanY.negated().plus(Math.scalb(pairs.y(i), -sums.yPower())).minus(slope.times(dx));
            exact &= Math.abs(residual.hi()) <= noise;
            squares.add(residual.squared().times(pairs.count(i)));
        }
        return exact ? DoubleDouble.ZERO : squares.sum();
    }

    /** The slope Σxy ÷ Σx² of the line through the origin; nothing where there is none. */
    public static OptionalDouble slopeThroughOrigin(Pairs pairs) {
        return fit(new Curve.ThroughOrigin(), pairs) instanceof CurveFit fit
                ? OptionalDouble.of(fit.coefficients().getFirst().value()) : OptionalDouble.empty();
    }
}
