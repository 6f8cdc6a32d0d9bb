package hestra.sentences;

import java.math.BigDecimal;
import java.util.Optional;

import hestra.numbers.Rounding;
import hestra.units.Unit;

/**
 * An amount that a text gives: "0.288 mm", "three tenths of a millimetre", "each day".
 *
 * @param value the number
 * @param inWords whether it is written in words, and so only about right
 * @param percent whether a percent sign stands behind it
 * @param unit the unit behind it, where there is one
 * @param side which variable it is an amount of
 * @param per whether it is what another amount is given for: "each day", "in 10 days"
 * @param from the place of its first token
 * @param to the place behind its last
 */
record Amount(BigDecimal value, boolean inWords, boolean percent, Optional<Unit> unit, Side side, boolean per, int from, int to) {

    /** A variable. */
    enum Side {
        X,
        Y
    }

    private static final double ONE_DIGIT_NEAR = 0.1;
    private static final double WORDS_NEAR = 0.1;

    /** Whether it is this value, rounded as it is written; its sign aside. */
    boolean isAbout(double expected) {
        double size = Math.abs(expected);
        double written = Math.abs(value.doubleValue());
        if (written == 0) {
            return false;
        }
        if (inWords) {
            return Math.abs(written - size) <= WORDS_NEAR * size;
        }
        return isRounded(expected) && (value.abs().precision() >= 2 || Math.abs(written - size) <= ONE_DIGIT_NEAR * size);
    }

    /** Whether it is this value rounded to the places that it is written with, if to one digit; its sign aside. */
    boolean isRounded(double expected) {
        double size = Math.abs(expected);
        BigDecimal exact = value.abs();
        Rounding places = new Rounding.Places(Math.clamp(exact.scale(), 0, 12));
        return places.apply(size).compareTo(exact) == 0 || places.apply(Math.nextUp(size)).compareTo(exact) == 0;
    }
}
