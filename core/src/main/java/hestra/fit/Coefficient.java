package hestra.fit;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A fitted coefficient with its inference.
 *
 * @param name "intercept" or "slope"
 * @param value the estimate
 * @param standardError its standard error; nothing where no degrees of freedom are left
 * @param t value ÷ standard error; nothing where the standard error is missing or zero
 * @param p two-sided p of t under a zero coefficient, Student's t with n − 2 degrees of freedom
 */
public record Coefficient(
        String name, double value, OptionalDouble standardError, OptionalDouble t, OptionalDouble p) {

    /** The interval of this coefficient at a level between 0 and 1, or nothing without a standard error. */
    public Optional<Interval> interval(double level, int degreesOfFreedom) {
        if (standardError.isEmpty()) {
            return Optional.empty();
        }
        double reach = StudentT.quantile(level, degreesOfFreedom) * standardError.getAsDouble();
        return Interval.around(value, reach);
    }
}
