package hestra.fit;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.Probability;

/**
 * A fitted coefficient with its inference.
 *
 * @param name "intercept", "slope", "x^2", "a", "k" and so on
 * @param value the estimate
 * @param standardError its standard error; nothing where no degrees of freedom are left
 * @param t value ÷ standard error; nothing where the standard error is missing or zero
 * @param p two-sided p of t under a zero coefficient, Student's t with n − p degrees of freedom
 */
public record Coefficient(
        String name, double value, OptionalDouble standardError, OptionalDouble t, OptionalDouble p) {

    /** The interval of this coefficient at a level between 0 and 1, or nothing without a standard error. */
    public Optional<Interval> interval(double level, int degreesOfFreedom) {
        if (standardError.isEmpty()) {
            return Optional.empty();
        }
        double reach = Probability.quantileOfT(level, degreesOfFreedom) * standardError.getAsDouble();
        return Interval.around(value, reach);
    }

    /** A coefficient with its inference; t and p are nothing where the standard error is missing or zero. */
    static Coefficient of(String name, double value, OptionalDouble error, int degreesOfFreedom) {
        if (error.isEmpty() || error.getAsDouble() == 0 || !Double.isFinite(value / error.getAsDouble())) {
            return new Coefficient(name, value, error, OptionalDouble.empty(), OptionalDouble.empty());
        }
        double t = value / error.getAsDouble();
        return new Coefficient(name, value, error, OptionalDouble.of(t),
                OptionalDouble.of(Probability.twoSidedT(t, degreesOfFreedom)));
    }

    /** A coefficient about which nothing more is said. */
    static Coefficient bare(String name, double value) {
        return new Coefficient(name, value, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }
}
