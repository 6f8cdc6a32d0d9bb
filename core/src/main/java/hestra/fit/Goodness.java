package hestra.fit;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.DoubleDouble;

/**
 * How well a curve fits, on the scale of y.
 *
 * @param n the number of observations
 * @param coefficients p, the number of fitted coefficients
 * @param sse Σ (y − ŷ)²
 * @param sst Σ (y − ȳ)²
 * @param ssr SST − SSE; negative where the curve does worse than the mean
 * @param rSquared R² = 1 − SSE ÷ SST about the mean; negative where the curve does worse than the mean; nothing where all
 *     y are equal
 * @param residualStandardError s = √(SSE ÷ (n − p)), in the unit of y; nothing where n ≤ p
 */
public record Goodness(int n, int coefficients, double sse, double sst, double ssr, OptionalDouble rSquared,
        OptionalDouble residualStandardError) {

    /**
     * From the sums of squares, both divided by 2^(2 · power); nothing where they leave the range of a double
     * at either end.
     */
    static Optional<Goodness> of(int n, int coefficients, DoubleDouble sse, DoubleDouble sst, int power) {
        OptionalDouble rSquared = sst.hi() > 0
                ? OptionalDouble.of(DoubleDouble.of(1).minus(sse.dividedBy(sst)).toDouble()) : OptionalDouble.empty();
        OptionalDouble s = n > coefficients
                ? OptionalDouble.of(sse.dividedBy(n - coefficients).sqrt().scaled(power).toDouble()) : OptionalDouble.empty();
        Goodness goodness = new Goodness(n, coefficients, sse.scaled(2 * power).toDouble(), sst.scaled(2 * power).toDouble(),
                sst.minus(sse).scaled(2 * power).toDouble(), rSquared, s);
        boolean finite = Double.isFinite(goodness.sse) && Double.isFinite(goodness.sst) && Double.isFinite(goodness.ssr)
                && Double.isFinite(rSquared.orElse(0)) && (goodness.sst > 0 || sst.hi() == 0)
                && (goodness.sse > 0 || sse.hi() == 0);
        return finite ? Optional.of(goodness) : Optional.empty();
    }

    /** n − p. */
    public int degreesOfFreedom() {
        return n - coefficients;
    }

    /** 1 − (SSE ÷ (n − p)) ÷ (SST ÷ (n − 1)); nothing where R² is undefined or n ≤ p. */
    public OptionalDouble adjustedRSquared() {
        return rSquared.isEmpty() || degreesOfFreedom() < 1 ? OptionalDouble.empty()
                : OptionalDouble.of(1 - sse / sst * (n - 1) / degreesOfFreedom());
    }
}
