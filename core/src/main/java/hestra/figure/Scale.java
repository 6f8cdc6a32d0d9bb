package hestra.figure;

/**
 * A linear scale from values to pixels.
 *
 * @param low the value at {@code from}
 * @param high the value at {@code to}; above {@code low}
 * @param from pixel of the lowest value
 * @param to pixel of the highest value; may be less than {@code from}, as on an upright axis
 */
public record Scale(double low, double high, double from, double to) {

    public double pixel(double value) {
        return from + (value - low) / (high - low) * (to - from);
    }

    public double value(double pixel) {
        return low + (pixel - from) / (to - from) * (high - low);
    }

    /** How much of a value one pixel stands for. */
    public double perPixel() {
        return Math.abs((high - low) / (to - from));
    }

    public boolean contains(double value) {
        return value >= low && value <= high;
    }
}
