package hestra.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.random.RandomGenerator;

/**
 * From where to where a parameter may go from variant to variant.
 *
 * @param parameter which
 * @param low the least
 * @param high the greatest, not below the least
 */
public record Range(Parameter parameter, double low, double high) {

    private static final int STEPS_PLACES = 2;

    public Range {
        if (!Double.isFinite(low) || !Double.isFinite(high) || low > high) {
            throw new IllegalArgumentException(parameter + " from " + low + " to " + high);
        }
    }

    /** The same with other bounds, put in order. */
    public Range from(double one, double other) {
        return new Range(parameter, Math.min(one, other), Math.max(one, other));
    }

    /**
     * A value of it, each as likely as another. It is a short number: a multiple of a power of ten, of which 100 to 1,000 lie
     * between the bounds, so that the author reads in the recipe what was drawn.
     */
    public double draw(RandomGenerator random) {
        double value = low + (high - low) * random.nextDouble();
        if (high == low) {
            return low;
        }
        int places = parameter.isWhole() ? 0 : STEPS_PLACES - (int) Math.floor(StrictMath.log10(high - low));
        return Math.clamp(new BigDecimal(value).setScale(places, RoundingMode.HALF_EVEN).doubleValue(), low, high);
    }
}
