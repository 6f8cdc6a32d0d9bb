package hestra.feedback;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/**
 * Judges one number against its key, and against the wrong values that known mistakes produce.
 *
 * <p>A number is right when it equals the key rounded as asked, halves either way. A mistake is named only when the number
 * fits its wrong value within rounding, does not fit the key, and fits no other mistake as well.
 */
final class NumberJudge {

    private static final MathContext THIRTEEN_DIGITS = new MathContext(13);

    /** A wrong value that a mistake would give. */
    record Wrong(Mistake mistake, double value) {}

    /** What became of a number: right, or the mistake that was recognised, or neither. */
    record Finding(boolean right, Optional<Mistake> mistake) {
        private static final Finding RIGHT = new Finding(true, Optional.empty());

        private static Finding of(Mistake mistake) {
            return new Finding(false, Optional.of(mistake));
        }
    }

    private final Rounding rounding;
    private final List<Double> keys;
    private final List<Wrong> wrongs = new ArrayList<>();

    NumberJudge(Rounding rounding, List<Double> keys) {
        this.rounding = rounding;
        this.keys = List.copyOf(keys);
    }

    void alsoRecognise(Mistake mistake, OptionalDouble value) {
        value.ifPresent(it -> wrongs.add(new Wrong(mistake, it)));
    }

    /** The wrong values that can be told from the key under the asked rounding. */
    List<Wrong> distinguishable() {
        return wrongs.stream().filter(wrong -> keys.stream().noneMatch(key ->
                rounding.apply(key).compareTo(rounding.apply(wrong.value())) == 0)).toList();
    }

    Finding judge(NumberReading.Value given) {
        BigDecimal typed = given.percent() ? given.typed().movePointLeft(2) : given.typed();
        if (keys.stream().anyMatch(key -> isRight(typed, key))) {
            return Finding.RIGHT;
        }
        Optional<Mistake> wrongly = only(wrongs.stream()
                .filter(wrong -> fits(typed, wrong.value(), rounding))
                .map(Wrong::mistake).distinct().toList());
        if (wrongly.isPresent()) {
            return Finding.of(wrongly.get());
        }
        if (keys.stream().anyMatch(key -> isCutOff(typed, key))) {
            return Finding.of(Mistake.CUT_OFF);
        }
        Rounding asTyped = new Rounding.Places(Math.clamp(typed.scale(), 0, 12));
        List<Mistake> others = wrongs.stream()
                .filter(wrong -> fits(typed, wrong.value(), asTyped))
                .map(Wrong::mistake).distinct().toList();
        boolean telling = given.significant() >= 2 && typed.signum() != 0;
        if (keys.stream().anyMatch(key -> fits(typed, key, asTyped) && (telling || others.isEmpty() && isNear(typed, key)))) {
            return Finding.of(Mistake.WRONG_ROUNDING);
        }
        return new Finding(false, telling ? only(others) : Optional.empty());
    }

    private boolean isRight(BigDecimal typed, double key) {
        if (rounding instanceof Rounding.Free) {
            BigDecimal exact = new BigDecimal(key);
            BigDecimal rounded = rounding.apply(key);
            BigDecimal half = BigDecimal.ONE.movePointLeft(rounded.scale()).divide(BigDecimal.TWO);
            return typed.subtract(exact).abs().compareTo(half) <= 0;
        }
        return fits(typed, key, rounding);
    }

    private boolean isCutOff(BigDecimal typed, double key) {
        return !(rounding instanceof Rounding.Free)
                && typed.compareTo(rounding.apply(new BigDecimal(key), RoundingMode.DOWN)) == 0;
    }

    /** Whether a number is the value so rounded; a value a hair below a half, by a double's own error, counts as one. */
    private static boolean fits(BigDecimal typed, double value, Rounding rounding) {
        BigDecimal exact = new BigDecimal(value);
        BigDecimal nearby = exact.round(THIRTEEN_DIGITS);
        return typed.compareTo(rounding.apply(exact, RoundingMode.HALF_UP)) == 0
                || typed.compareTo(rounding.apply(nearby, RoundingMode.HALF_UP)) == 0
                || typed.compareTo(rounding.apply(nearby, RoundingMode.HALF_DOWN)) == 0;
    }

    /** A single digit says enough only where it lies within a tenth of the value: 0.8 for 0.83, but not 1. */
    private static boolean isNear(BigDecimal typed, double value) {
        return Math.abs(typed.doubleValue() - value) <= 0.1 * Math.abs(value);
    }

    private static Optional<Mistake> only(List<Mistake> found) {
        return found.size() == 1 ? Optional.of(found.getFirst()) : Optional.empty();
    }
}
