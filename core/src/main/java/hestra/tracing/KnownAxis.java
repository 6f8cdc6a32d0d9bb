package hestra.tracing;

import java.util.Optional;

/**
 * An axis in a picture, of which two places are known.
 *
 * @param first a place on it
 * @param firstValue what the axis says there
 * @param second another place
 * @param secondValue what it says there
 * @param logarithmic whether equal distances stand for equal ratios
 */
public record KnownAxis(PicturePoint first, double firstValue, PicturePoint second, double secondValue, boolean logarithmic) {

    public KnownAxis withPlaces(PicturePoint newFirst, PicturePoint newSecond) {
        return new KnownAxis(newFirst, firstValue, newSecond, secondValue, logarithmic);
    }

    public KnownAxis withValues(double newFirst, double newSecond, boolean log) {
        return new KnownAxis(first, newFirst, second, newSecond, log);
    }

    /** The value at a share of the way from the first place to the second. */
    double value(double share) {
        if (!logarithmic) {
            return firstValue + share * (secondValue - firstValue);
        }
        return Math.exp(Math.log(firstValue) + share * (Math.log(secondValue) - Math.log(firstValue)));
    }

    /** What is wrong with the two values; nothing where they will do. */
    Optional<String> problem(String name) {
        if (!Double.isFinite(firstValue) || !Double.isFinite(secondValue)) {
            return Optional.of("Type the two values that are known on the " + name + " axis.");
        } else if (firstValue == secondValue) {
            return Optional.of("The two values on the " + name + " axis must differ.");
        } else if (logarithmic && (firstValue <= 0 || secondValue <= 0)) {
            return Optional.of("A logarithmic axis has values above 0 only: see the " + name + " axis.");
        }
        return Optional.empty();
    }
}
