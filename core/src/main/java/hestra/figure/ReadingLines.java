package hestra.figure;

import java.util.List;
import java.util.OptionalDouble;

/**
 * What is read off a curve.
 *
 * @param atX where the upright reading line stands; nothing for none
 * @param atY where the level reading line stands; nothing for none
 * @param solutions the x at which the curve in hand has that value, those outside the data too
 * @param kept the x at which predictions were kept
 */
public record ReadingLines(OptionalDouble atX, OptionalDouble atY, List<Double> solutions, List<Double> kept) {

    /** Nothing is read. */
    public static final ReadingLines NONE = new ReadingLines(OptionalDouble.empty(), OptionalDouble.empty(), List.of(),
            List.of());

    /** Read at an x. */
    public static ReadingLines at(double x) {
        return new ReadingLines(OptionalDouble.of(x), OptionalDouble.empty(), List.of(), List.of());
    }
}
