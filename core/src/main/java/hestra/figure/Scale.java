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

    /** Edges so far apart that their distance is no number are drawn in to this. */
    private static final double FURTHEST = Double.MAX_VALUE / 2;

    public Scale {
        if (spacing == Spacing.LINEAR && !Double.isFinite(high - low)) {
            low = Math.max(low, -FURTHEST);
            high = Math.min(high, FURTHEST);
        }
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
        double share = spacing == Spacing.LINEAR ? (value - low) / (high - low) : (Math.log(value) - Math.log(low)) / decades();
        return from + share * (to - from);
    }

    public double value(double pixel) {
        double share = (pixel - from) / (to - from);
        return spacing == Spacing.LINEAR ? low + share * (high - low) : Math.exp(Math.log(low) + share * decades());
    }

    /** How much of a value one pixel stands for, about a value. */
    public double perPixel(double value) {
        double span = spacing == Spacing.LINEAR ? high - low : value * decades();
        return Math.abs(span / (to - from));
    }

    /** The logarithm of the ratio of the edges, which itself may be larger than a double holds. */
    private double decades() {
        return Math.log(high) - Math.log(low);
    }

    public boolean contains(double value) {
        return value >= low && value <= high;
    }
}
