package hestra.feedback;

import java.util.Optional;

import hestra.data.Variable;
import hestra.numbers.NumberReading;

/** Whether the unit behind a number can be read at all. */
public final class UnitCheck {

    private UnitCheck() {}

    /** What stands behind a number and is no unit that is known; nothing where there is no such word. */
    public static Optional<String> unknown(NumberReading.Value typed, Sought what, Variable x, Variable y) {
        return TypedUnit.of(typed, what, x, y) instanceof TypedUnit.Unknown(String word) ? Optional.of(word) : Optional.empty();
    }
}
