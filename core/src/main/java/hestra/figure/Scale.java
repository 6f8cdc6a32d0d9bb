package hestra.figure;

/**
 * A scale from values to pixels.
 *
 * @param low the value at {@code from}; above 0 where the spacing is logarithmic
 * @param high the value at {@code to}; above {@code low}
 * @param from pixel of the lowest value
 * @param to pixel of the highest value; may be less than {@code from}, as on an upright axis
 * @param spacing how values are spaced
 */
public record Scale(double low, double high, double from, double to, Spacing spacing) {

    public Scale {
        if (!spacing.holds(low)) {
            throw new IllegalArgumentException("from " + low + " on a " + spacing + " axis");
        }
    }

    /** A scale with equal differences equally long. */
    public Scale(double low, double high, double from, double to) {
        this(low, high, from, to, Spacing.LINEAR);
    }

    /** Where a value stands; not a number where it has no place on the axis. */
    public double pixel(double value) {
        double share = spacing == Spacing.LINEAR ? (value - low) / (high - low) : Math.log(value / low) / Math.log(high / low);
        return from + share * (to - from);
    }

    public double value(double pixel) {
        double share = (pixel - from) / (to - from);
        return spacing == Spacing.LINEAR ? low + share * (high - low) : low * Math.pow(high / low, share);
    }

    /** How much of a value one pixel stands for, about a value. */
    public double perPixel(double value) {
        double span = spacing == Spacing.LINEAR ? high - low : value * Math.log(high / low);
        return Math.abs(span / (to - from));
    }

    public boolean contains(double value) {
        return value >= low && value <= high;
    }
}
