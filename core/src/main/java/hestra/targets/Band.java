package hestra.targets;

import java.util.OptionalDouble;

import hestra.numbers.NumberStyle;

/**
 * A band of values, its ends included.
 *
 * @param low the lower end; nothing where it is open
 * @param high the upper end; nothing where it is open
 */
public record Band(OptionalDouble low, OptionalDouble high) {

    /** All values. */
    public static final Band ANY = new Band(OptionalDouble.empty(), OptionalDouble.empty());

    public Band {
        if (low.isPresent() && !Double.isFinite(low.getAsDouble()) || high.isPresent() && !Double.isFinite(high.getAsDouble())) {
            throw new IllegalArgumentException("a band from " + low + " to " + high);
        }
    }

    public static Band atLeast(double low) {
        return new Band(OptionalDouble.of(low), OptionalDouble.empty());
    }

    public static Band atMost(double high) {
        return new Band(OptionalDouble.empty(), OptionalDouble.of(high));
    }

    public static Band between(double low, double high) {
        return new Band(OptionalDouble.of(low), OptionalDouble.of(high));
    }

    public static Band exactly(double value) {
        return between(value, value);
    }

    public boolean holds(double value) {
        return value >= least() && value <= most();
    }

    /** Whether no value lies in it. */
    public boolean isEmpty() {
        return least() > most();
    }

    /** What lies in this band and in another. */
    public Band and(Band other) {
        double least = Math.max(least(), other.least());
        double most = Math.min(most(), other.most());
        return new Band(Double.isFinite(least) ? OptionalDouble.of(least) : OptionalDouble.empty(),
                Double.isFinite(most) ? OptionalDouble.of(most) : OptionalDouble.empty());
    }

    double least() {
        return low.orElse(Double.NEGATIVE_INFINITY);
    }

    double most() {
        return high.orElse(Double.POSITIVE_INFINITY);
    }

    /** "from 0.8 to 1", "at least 0.9", "5". */
    public String inWords(NumberStyle style) {
        if (low.isPresent() && high.isPresent()) {
            return low.equals(high)
                    ? style.shortest(least()) : "from " + style.shortest(least()) + " to " + style.shortest(most());
        } else if (low.isPresent()) {
            return "at least " + style.shortest(least());
        }
        return high.isPresent() ? "at most " + style.shortest(most()) : "any value";
    }
}
