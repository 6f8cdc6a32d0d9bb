package hestra.feedback;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/**
 * Judges one number against its key, and against the wrong values that mistakes produce.
 *
 * <p>A number is right when it equals the key rounded as asked, halves either way. A mistake is named only when the number
 * fits its wrong value within rounding and does not fit the key. Where two fit, both are named; of more, those of the lowest rank.
 */
public final class NumberJudge {

    private static final MathContext THIRTEEN_DIGITS = new MathContext(13);
    private static final int MOST_NAMED = 2;

    private final Asked asked;
    private final Rounding rounding;
    private final List<Double> keys;

    public NumberJudge(Asked asked) {
        this.asked = asked;
        this.rounding = asked.rounding();
        this.keys = asked.keys();
    }

    /**
     * What became of a number.
     *
     * @param outcome right, nearly or wrong
     * @param ofKept whether it is right for the points alone that were kept
     * @param mistakes the mistakes of which each would explain it: none, one or two
     */
    public record Finding(Outcome outcome, boolean ofKept, List<Mistake> mistakes) {
        private static final Finding RIGHT = new Finding(Outcome.RIGHT, false, List.of());
        private static final Finding UNEXPLAINED = new Finding(Outcome.WRONG, false, List.of());

        /** A number that none explains. */
        public static Finding unexplained() {
            return UNEXPLAINED;
        }

        private static Finding by(List<Mistake> mistakes) {
            boolean ofWriting = !mistakes.isEmpty() && mistakes.stream().allMatch(Mistake::isOfWriting);
            return new Finding(ofWriting ? Outcome.NEARLY : Outcome.WRONG, false, mistakes);
        }

        private static Finding ofKept(KeptPoints counted) {
            return new Finding(counted == KeptPoints.FULL ? Outcome.RIGHT : Outcome.NEARLY, true, List.of());
        }
    }

    /**
     * A mistake that would be recognised.
     *
     * @param mistake the mistake
     * @param value what it gives, in full
     */
    public record Wrong(Mistake mistake, double value) {}

    /** The mistakes that would be recognised in these data, each with its first value that can be told from the key. */
    public List<Wrong> distinguishable() {
        List<Wrong> wrongs = new ArrayList<>();
        for (Mistake mistake : Mistake.values()) {
            mistake.wrongValues(asked).filter(wrong -> keys.stream().noneMatch(key -> rounding.apply(key).compareTo(rounding.apply(wrong)) == 0))
                    .findFirst().ifPresent(value -> wrongs.add(new Wrong(mistake, value)));
        }
        cutOff().ifPresent(value -> wrongs.add(new Wrong(Mistake.CUT_OFF, value)));
        return wrongs;
    }

    /** The first key cut off at the places that are asked for, where that is not how it is rounded. */
    private Optional<Double> cutOff() {
        if (rounding instanceof Rounding.Free || keys.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal cut = rounding.apply(new BigDecimal(keys.getFirst()), RoundingMode.DOWN);
        return cut.compareTo(rounding.apply(keys.getFirst())) == 0 ? Optional.empty() : Optional.of(cut.doubleValue());
    }

    /** Judges a number, marks and all; where no mistake explains a wrong one it says what it is not, and what to do. */
    public Verdict verdict(NumberReading.Value given, int marks, String isNot, String advice) {
        Finding finding = judge(given);
        double earned = switch (finding.outcome()) {
            case RIGHT -> marks;
            case NEARLY -> marks / 2.0;
            case WRONG -> 0;
        };
        if (finding.ofKept()) {
            return Verdict.of(finding.outcome(), earned, "Right for the points you kept." + (finding.outcome() == Outcome.RIGHT ? "" : " With all the points it is another value."));
        }
        if (finding.outcome() == Outcome.RIGHT) {
            return Verdict.right(marks, "Right.");
        }
        return finding.mistakes().isEmpty() ? Verdict.wrong(isNot).advising(advice)
                : Verdict.of(finding.outcome(), earned, say(finding)).recognising(finding.mistakes());
    }

    /** What to tell the student of the mistakes that were found. */
    public String say(Finding finding) {
        return Mistake.say(finding.mistakes(), asked);
    }

    /** Judges a number. */
    public Finding judge(NumberReading.Value given) {
        BigDecimal typed = given.percent() ? given.typed().movePointLeft(2) : given.typed();
        if (keys.stream().anyMatch(key -> isRight(typed, key))) {
            return Finding.RIGHT;
        }
        if (asked.keyOfKept().stream().anyMatch(key -> isRight(typed, key))) {
            return Finding.ofKept(asked.counted());
        }
        List<Mistake> fitting = fitting(typed, rounding);
        if (keys.stream().anyMatch(key -> isCutOff(typed, key))) {
            fitting.add(Mistake.CUT_OFF);
        }
        if (!fitting.isEmpty()) {
            return named(fitting);
        }
        Rounding asTyped = new Rounding.Places(Math.clamp(typed.scale(), 0, 12));
        List<Mistake> roughly = fitting(typed, asTyped);
        boolean telling = given.significant() >= 2 && typed.signum() != 0;
        if (keys.stream().anyMatch(key -> fits(typed, key, asTyped) && (telling || roughly.isEmpty() && isNear(typed, key)))) {
            return named(List.of(Mistake.WRONG_ROUNDING));
        }
        return telling ? named(roughly) : Finding.UNEXPLAINED;
    }

    /** The mistakes that give a number, so rounded. */
    private List<Mistake> fitting(BigDecimal typed, Rounding how) {
        List<Mistake> fitting = new ArrayList<>();
        for (Mistake mistake : Mistake.values()) {
            if (mistake.wrongValues(asked).anyMatch(wrong -> fits(typed, wrong, how))) {
                fitting.add(mistake);
            }
        }
        return fitting;
    }

    private static Finding named(List<Mistake> fitting) {
        return Finding.by(fitting.stream().sorted(Comparator.comparingInt(Mistake::rank)).limit(MOST_NAMED).toList());
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
}
