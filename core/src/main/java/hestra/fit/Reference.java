package hestra.fit;

import java.util.OptionalDouble;

/**
 * From which x the equation of an exponential or power curve is written: a · b^(x − x₀), a · (x ÷ x₀)ᵇ, where a is the ŷ at x₀.
 * Usually none; one near the middle of the data where the a of a · bˣ would leave the range of a double, as it does for years
 * or for x near a million.
 *
 * @param x x₀; not 0 for a power curve; nothing where the equation is written in x itself
 * @param divides whether x is divided by it, as in a power curve, and not counted from it
 */
public record Reference(OptionalDouble x, boolean divides) {

    /** The equation is written in x itself. */
    public static final Reference NONE = new Reference(OptionalDouble.empty(), false);

    /**
     * A round x near a place: with no finer digits than the range of the data has.
     *
     * @param near the middle of the data
     * @param range the range of x in the data
     */
    static Reference roundNear(double near, Interval range, boolean divides) {
        double step = Math.pow(10, Math.floor(Math.log10(range.high() - range.low())));
        double round = Math.rint(near / step) * step;
        return new Reference(OptionalDouble.of(divides && !(round > 0) ? near : round), divides);
    }

    /** What stands for x in the equation: x − x₀, or x ÷ x₀. */
    public double entered(double value) {
        return x.isEmpty() ? value : divides ? value / x.getAsDouble() : value - x.getAsDouble();
    }

    /** The x for which this stands in the equation. */
    public double left(double entered) {
        return x.isEmpty() ? entered : divides ? entered * x.getAsDouble() : entered + x.getAsDouble();
    }

    /** Whether a coefficient can be computed with: a finite number with all its digits. */
    static boolean holds(double a) {
        return Double.isFinite(a) && Math.abs(a) >= Double.MIN_NORMAL;
    }
}
