package hestra.desk;

import java.util.List;
import java.util.OptionalDouble;

/**
 * What is read off the curve in hand.
 *
 * @param atX where the upright reading line stands; nothing for none
 * @param atY where the level reading line stands; nothing for none
 * @param pinned the x whose predictions are kept in a table, in the order in which they were pinned
 */
public record ReadingState(OptionalDouble atX, OptionalDouble atY, List<Double> pinned) {

    /** Nothing is read. */
    public static final ReadingState NONE = new ReadingState(OptionalDouble.empty(), OptionalDouble.empty(), List.of());

    /** The most predictions that are kept. */
    public static final int MOST_PINNED = 200;

    public ReadingState {
        pinned = pinned.stream().distinct().limit(MOST_PINNED).toList();
    }

    ReadingState atX(OptionalDouble x) {
        return new ReadingState(x, atY, pinned);
    }

    ReadingState atY(OptionalDouble y) {
        return new ReadingState(atX, y, pinned);
    }

    ReadingState pinned(List<Double> at) {
        return new ReadingState(atX, atY, at);
    }
}
