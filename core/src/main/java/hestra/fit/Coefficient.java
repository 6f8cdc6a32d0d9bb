package hestra.fit;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.Probability;

/**
 * A fitted coefficient with its inference. The probability is worked out when it is asked for: a plot that follows a
 * dragged point does not ask.
 *
 * @param name "intercept", "slope", "x^2", "a", "k" and so on
 * @param value the estimate
 * @param standardError its standard error; nothing where no degrees of freedom are left or none is given for it
 * @param degreesOfFreedom n − p
 * @param rounding what the rounding of typed decimals to doubles alone may make of a coefficient that is 0; 0 where it is not
 *     known
 */
public record Coefficient(String name, double value, OptionalDouble standardError, int degreesOfFreedom, double rounding) {

    /** Half the distance between 1 and the next double, twice: the rounding of x and of y. */
    private static final double ROUNDING = 0x1p-52;

    /** A coefficient of which the effect of rounding is not known. */
    public Coefficient(String name, double value, OptionalDouble standardError, int degreesOfFreedom) {
        this(name, value, standardError, degreesOfFreedom, 0);
    }

    /**
     * What rounding may make of a coefficient of 0.
     *
     * @param greatest the greatest size of y
     * @param n the number of observations
     * @param unitError the coefficient's standard error for s = 1
     */
    static double rounding(double greatest, int n, double unitError) {
        double rounding = ROUNDING * greatest * Math.sqrt(n) * unitError;
        return Double.isFinite(rounding) ? rounding : 0;
    }

    /** The value as it is shown: 0 where it is no more than rounding can make. */
    public double shown() {
        return Math.abs(value) <= rounding ? 0 : value;
    }

    /** A coefficient about which nothing more is said. */
    static Coefficient bare(String name, double value) {
        return new Coefficient(name, value, OptionalDouble.empty(), 0);
    }

    /** t = value ÷ standard error; nothing where the standard error is missing or zero. */
    public OptionalDouble t() {
        if (standardError.isEmpty() || standardError.getAsDouble() == 0
                || !Double.isFinite(value / standardError.getAsDouble())) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(value / standardError.getAsDouble());
    }

    /** The two-sided p of t under a zero coefficient, Student's t with n − p degrees of freedom; nothing without t. */
    public OptionalDouble p() {
        OptionalDouble t = t();
        return t.isPresent() ? OptionalDouble.of(Probability.twoSidedT(t.getAsDouble(), degreesOfFreedom)) : t;
    }

    /** The interval at a level between 0 and 1, or nothing without a standard error. */
    public Optional<Interval> interval(double level) {
        if (standardError.isEmpty()) {
            return Optional.empty();
        }
        return Interval.around(value, Probability.quantileOfT(level, degreesOfFreedom) * standardError.getAsDouble());
    }
}
