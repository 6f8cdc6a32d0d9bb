package hestra.desk;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.exercise.PlotRules;
import hestra.fit.EquationNotation;

/**
 * How the numbers of curves are shown, as it was chosen at the readings; nothing where the exercise or the data decide.
 *
 * @param digits how many significant digits they have, 2 to 15
 * @param form how equations are written
 * @param level the level of intervals, between 0.5 and 1
 */
public record Numbers(OptionalInt digits, Optional<EquationNotation> form, OptionalDouble level) {

    public Numbers {
        if (digits.isPresent() && (digits.getAsInt() < PlotRules.FEWEST_DIGITS || digits.getAsInt() > PlotRules.MOST_DIGITS)
                || level.isPresent() && !(level.getAsDouble() >= 0.5 && level.getAsDouble() < 1)) {
            throw new IllegalArgumentException(digits + " digits at the level " + level);
        }
    }

    /** Nothing chosen. */
    static final Numbers UNCHOSEN = new Numbers(OptionalInt.empty(), Optional.empty(), OptionalDouble.empty());

    Numbers withDigits(OptionalInt count) {
        return new Numbers(count, form, level);
    }

    Numbers with(EquationNotation chosen) {
        return new Numbers(digits, Optional.of(chosen), level);
    }

    Numbers withLevel(double chosen) {
        return new Numbers(digits, form, OptionalDouble.of(chosen));
    }
}
