package hestra.task;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.feedback.NumberCriteria;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.fit.Curve;
import hestra.fit.Prediction;
import hestra.numbers.Rounding;

/**
 * What else is said of a value that is asked for.
 *
 * @param curve of which curve; nothing for the line
 * @param row of which row, from 0
 * @param at at which x
 * @param level at which level, between 0 and 1; nothing for the usual one
 * @param unit whether the unit is asked for
 * @param fromRounded whether a value that is worked out from rounded coefficients counts as right
 */
public record Asking(Optional<Curve> curve, OptionalInt row, OptionalDouble at, OptionalDouble level, boolean unit,
        boolean fromRounded) {

    /** A value of the line, without its unit, from coefficients in full. */
    public static final Asking USUAL = new Asking(Optional.empty(), OptionalInt.empty(), OptionalDouble.empty(),
            OptionalDouble.empty(), false, false);

    public Asking {
        if (row.isPresent() && row.getAsInt() < 0 || at.isPresent() && !Double.isFinite(at.getAsDouble())
                || level.isPresent() && !(level.getAsDouble() > 0 && level.getAsDouble() < 1)) {
            throw new IllegalArgumentException("row " + row + ", at " + at + ", level " + level);
        }
    }

    public Asking of(Curve other) {
        return new Asking(other instanceof Curve.Line ? Optional.empty() : Optional.of(other), row, at, level, unit, fromRounded);
    }

    public Asking ofRow(int index) {
        return new Asking(curve, OptionalInt.of(index), at, level, unit, fromRounded);
    }

    public Asking at(double x) {
        return new Asking(curve, row, OptionalDouble.of(x), level, unit, fromRounded);
    }

    public Asking atLevel(double other) {
        return new Asking(curve, row, at, OptionalDouble.of(other), unit, fromRounded);
    }

    public Asking withUnit(boolean asked) {
        return new Asking(curve, row, at, level, asked, fromRounded);
    }

    public Asking fromRounded(boolean accepted) {
        return new Asking(curve, row, at, level, unit, accepted);
    }

    /** Of which curve. */
    public Curve ofCurve() {
        return curve.orElse(new Curve.Line());
    }

    Reading reading(Quantity quantity) {
        return new Reading(quantity, ofCurve(), row, at, level.orElse(Prediction.USUAL_LEVEL));
    }

    NumberCriteria.How how(Rounding rounding) {
        return new NumberCriteria.How(rounding, unit, fromRounded);
    }
}
