package hestra.figure;

import java.util.List;
import java.util.OptionalInt;

import hestra.fit.Trial;

/**
 * Where a curve tried by eye is held.
 *
 * @param places the places that it passes through
 * @param inHand the handle that keys move; nothing for all of them together
 */
public record Handles(List<Trial.Handle> places, OptionalInt inHand) {

    /** No curve is tried. */
    public static final Handles NONE = new Handles(List.of(), OptionalInt.empty());

    public Handles {
        places = List.copyOf(places);
    }

    boolean isInHand(int index) {
        return inHand.isPresent() && inHand.getAsInt() == index;
    }
}
