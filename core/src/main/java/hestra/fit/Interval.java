package hestra.fit;

import java.util.Optional;

/**
 * A closed interval.
 *
 * @param low the lower end
 * @param high the upper end
 */
public record Interval(double low, double high) {

    /** The centre and as far on either side; nothing where an end would leave the range of a double. */
    static Optional<Interval> around(double centre, double reach) {
        Interval interval = new Interval(centre - reach, centre + reach);
        return Double.isFinite(interval.low) && Double.isFinite(interval.high)
                ? Optional.of(interval)
                : Optional.empty();
    }

    public boolean contains(double value) {
        return value >= low && value <= high;
    }
}
