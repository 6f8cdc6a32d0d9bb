package hestra.fit;

import java.util.Optional;

import hestra.data.Pairs;

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

    /** How far a value lies outside; 0 inside. */
    public double distanceTo(double value) {
        return Math.max(0, Math.max(low - value, value - high));
    }

    /** The least and the greatest x of at least one pair. */
    static Interval support(Pairs pairs) {
        double least = pairs.x(0);
        double greatest = pairs.x(0);
        for (int i = 1; i < pairs.size(); i++) {
            double x = pairs.x(i);
            if (x < least) {
                least = x;
            } else if (x > greatest) {
                greatest = x;
            }
        }
        return new Interval(least, greatest);
    }
}
