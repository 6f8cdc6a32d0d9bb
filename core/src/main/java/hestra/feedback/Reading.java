package hestra.feedback;

import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.fit.Curve;
import hestra.fit.Prediction;

/**
 * A value that is read: which, and of what.
 *
 * @param quantity which
 * @param curve of which curve, where it is one of a curve
 * @param row of which row, from 0, where it is one of a row
 * @param at at which x, where it is one of a place
 * @param level at which level, between 0 and 1, where it is one of an interval
 */
public record Reading(Quantity quantity, Curve curve, OptionalInt row, OptionalDouble at, double level) {

    public Reading {
        if (!(level > 0 && level < 1) || row.isPresent() && row.getAsInt() < 0
                || at.isPresent() && !Double.isFinite(at.getAsDouble())) {
            throw new IllegalArgumentException("level " + level + ", row " + row + ", at " + at);
        }
    }

    /** A value of the data or their line, at the usual level. */
    public static Reading of(Quantity quantity) {
        return new Reading(quantity, new Curve.Line(), OptionalInt.empty(), OptionalDouble.empty(), Prediction.USUAL_LEVEL);
    }

    public Reading of(Curve other) {
        return new Reading(quantity, other, row, at, level);
    }

    /** The same of another quantity. */
    public Reading with(Quantity other) {
        return new Reading(other, curve, row, at, level);
    }

    public Reading ofRow(int index) {
        return new Reading(quantity, curve, OptionalInt.of(index), at, level);
    }

    public Reading at(double x) {
        return new Reading(quantity, curve, row, OptionalDouble.of(x), level);
    }

    public Reading atLevel(double other) {
        return new Reading(quantity, curve, row, at, other);
    }

    /** Whether it is the value of the line, or of no curve at all. */
    boolean isOfLine() {
        return curve instanceof Curve.Line;
    }

    /** What it is called, with the curve where that is not the line: "coefficient a of the quadratic curve". */
    public String inWords() {
        String words = quantity.inWords();
        return switch (quantity.of()) {
            case DATA, LINE, LEVEL -> words;
            case CURVE -> isOfLine() ? words
                    : words.contains("the curve") ? words.replace("the curve", "the " + curve.inWords())
                    : words.contains("curve") ? words
                    : words + " of the " + curve.inWords();
            case ROW -> words.replace("a row", "row " + row.stream().map(it -> it + 1).findFirst().orElse(0))
                    + (isOfLine() ? "" : " from the " + curve.inWords());
            case PLACE -> words + (isOfLine() ? "" : " of the " + curve.inWords());
        };
    }
}
