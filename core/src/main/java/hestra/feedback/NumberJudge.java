package hestra.feedback;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.DoubleStream;

import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/**
 * Judges one number against its key, and against the wrong values that mistakes produce.
 *
 * <p>A number is right when it equals the key rounded as asked, halves either way; in another unit of the same kind too. A
 * mistake is named only when the number fits its wrong value within rounding and does not fit the key. Where two fit, both are
 * named; of more, those of the lowest rank.
 */
public final class NumberJudge {

    private static final MathContext THIRTEEN_DIGITS = new MathContext(13);
    private static final int MOST_NAMED = 2;
    private static final int FIRST_RANK = 1;
    /** Mistakes above this rank have a value for each row: they are looked for only in numbers of so many digits. */
    private static final int LAST_SINGLE_RANK = 3;
    private static final int TELLING_DIGITS = 3;
    private static final int LAST_SHOWN_RANK = 2;
    private static final double HAIR = 1e-9;

    private final NumberCriteria asked;
    private final Rounding rounding;
    private final List<Double> keys;
    /** Looked up where it is needed: a right answer needs it not. */
    private WrongValues wrong;

    public NumberJudge(NumberCriteria asked) {
        this.asked = asked;
        this.rounding = asked.rounding();
        this.keys = asked.keys();
    }

    /**
     * What became of a number.
     *
     * @param outcome right, nearly or wrong
     * @param by on what it is right, where that is not the key itself
     * @param mistakes the mistakes of which each would explain it: none, one or two
     * @param other the quantity that it is a value of, where it is another one than is asked for
     */
    public record Finding(Outcome outcome, By by, List<Mistake> mistakes, Optional<Quantity> other) {

        private Finding(Outcome outcome, By by, List<Mistake> mistakes) {
            this(outcome, by, mistakes, Optional.empty());
        }

        private static Finding of(Quantity other) {
            return new Finding(Outcome.WRONG, By.KEY, List.of(Mistake.ANOTHER_NUMBER), Optional.of(other));
        }

        /** On what an answer is right. */
        enum By {
            KEY,
            KEPT,
            ROUNDED
        }

        private static final Finding RIGHT = new Finding(Outcome.RIGHT, By.KEY, List.of());
        private static final Finding FROM_ROUNDED = new Finding(Outcome.RIGHT, By.ROUNDED, List.of());
        private static final Finding UNEXPLAINED = new Finding(Outcome.WRONG, By.KEY, List.of());

        /** A number that none explains. */
        public static Finding unexplained() {
            return UNEXPLAINED;
        }

        private static Finding by(List<Mistake> mistakes) {
            boolean ofWriting = !mistakes.isEmpty() && mistakes.stream().allMatch(Mistake::isOfWriting);
            return new Finding(ofWriting ? Outcome.NEARLY : Outcome.WRONG, By.KEY, mistakes);
        }

        private static Finding ofKept(KeptPoints counted) {
            return new Finding(counted == KeptPoints.FULL ? Outcome.RIGHT : Outcome.NEARLY, By.KEPT, List.of());
        }

        boolean isRight() {
            return outcome == Outcome.RIGHT;
        }
    }

    /**
     * A mistake that would be recognised.
     *
     * @param mistake the mistake
     * @param value what it gives, in full
     */
    public record Wrong(Mistake mistake, double value) {}

    /**
     * The mistakes of one value that would be recognised in these data, each with its first value that can be told from the key.
     */
    public List<Wrong> distinguishable() {
        List<Wrong> wrongs = new ArrayList<>();
        for (Mistake mistake : Mistake.values()) {
            if (mistake.isOfValue() && mistake.rank() <= LAST_SHOWN_RANK) {
                wrong().finite(mistake).filter(wrong -> keys.stream().noneMatch(key -> rounding.apply(key)
                        .compareTo(rounding.apply(wrong)) == 0))
                        .boxed().findFirst().ifPresent(value -> wrongs.add(new Wrong(mistake, value)));
            }
        }
        cutOff().ifPresent(value -> wrongs.add(new Wrong(Mistake.CUT_OFF, value)));
        return wrongs;
    }

    /** How near a half, in steps of the last digit, a key is decided by a hair. */
    private static final double EDGE = 0.03;

    /**
     * Whether the first key lies within a few hundredths of a rounding step of a half, so that a digit more or less on the way
     * decides how it is rounded.
     */
    public boolean isOnTheEdge() {
        return isNearHalf(EDGE);
    }

    /**
     * Whether the first key lies within this share of a rounding step of a half; not where it is exact, so that halves either way
     * are right.
     */
    public boolean isNearHalf(double share) {
        if (rounding instanceof Rounding.Free || keys.isEmpty()) {
            return false;
        }
        BigDecimal key = new BigDecimal(keys.getFirst());
        BigDecimal down = rounding.apply(key, RoundingMode.DOWN);
        double rest = key.subtract(down).abs().movePointRight(down.scale()).doubleValue();
        return Math.abs(rest - 0.5) < share && key.round(THIRTEEN_DIGITS).stripTrailingZeros().scale() > down.scale() + 1;
    }

    /** The plain mistakes that give the right answer at the rounding that is asked for, though not in full. */
    public List<Mistake> alike() {
        return keys.isEmpty() ? List.of() : Mistake.ofRank(FIRST_RANK).stream().filter(mistake -> wrong().finite(mistake)
                .anyMatch(wrong -> keys.stream().anyMatch(key -> rounding.apply(key).compareTo(rounding.apply(wrong)) == 0
                && Math.abs(wrong - key) > HAIR * Math.abs(key)))).toList();
    }

    /**
     * The plain mistakes that give the same wrong number as another at the rounding that is asked for, though not in full: each
     * set of them.
     */
    public List<List<Mistake>> alikeAmongThemselves() {
        Map<BigDecimal, Map<Mistake, Double>> given = new TreeMap<>();
        for (Mistake mistake : Mistake.ofRank(FIRST_RANK)) {
            wrong().finite(mistake).filter(wrong -> keys.stream().noneMatch(key -> rounding.apply(key)
                    .compareTo(rounding.apply(wrong)) == 0))
                    .boxed().findFirst().ifPresent(wrong -> given.computeIfAbsent(rounding.apply(wrong).stripTrailingZeros(),
                    _ -> new EnumMap<>(Mistake.class)).put(mistake, wrong));
        }
        return given.values().stream().filter(it -> it.size() > 1).filter(it -> differ(it.values()))
                .map(it -> List.copyOf(it.keySet())).toList();
    }

    /** Whether some of these differ by more than the rounding of doubles: what is equal in full is told apart by no rounding. */
    private static boolean differ(Collection<Double> values) {
        double least = Collections.min(values);
        double greatest = Collections.max(values);
        return greatest - least > HAIR * Math.max(Math.abs(least), Math.abs(greatest));
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
        return switch (finding.by()) {
            case KEPT -> Verdict.of(finding.outcome(), earned,
                    "Right for the points you kept." + (finding.isRight() ? "" : " With all the points it is another value."));
            case ROUNDED -> Verdict.right(marks, "Right, worked out from rounded coefficients.");
            case KEY -> finding.isRight() ? Verdict.right(marks, "Right.")
                    : finding.mistakes().isEmpty()
                    ? Verdict.wrong(isNot).advising(advice)
                    : Verdict.of(finding.outcome(), earned, say(finding)).recognising(finding.mistakes());
        };
    }

    /** What to tell the student of the mistakes that were found. */
    public String say(Finding finding) {
        String said = Mistake.say(finding.mistakes(), asked.x(), asked.y(), rounding);
        return finding.other().map(it -> said.replace("{quantity}", "the " + inWords(it))).orElse(said);
    }

    /** "mean of blade length": with what the variables are called. */
    private String inWords(Quantity quantity) {
        return quantity.inWords().replace("the explanatory variable", asked.x().described())
                .replace("the response", asked.y().described());
    }

    /** Judges a number, and the unit behind it. */
    public Finding judge(NumberReading.Value given) {
        BigDecimal typed = given.typed();
        return switch (TypedUnit.of(given, asked.what(), asked.x(), asked.y())) {
            case TypedUnit.None _ -> {
                Finding finding = number(given.percent() ? typed.movePointLeft(2) : typed);
                boolean missing = finding.isRight() && asked.how().unit() && !given.percent() && given.unit().isEmpty()
                        && asked.what().measured().hasUnit(asked.x(), asked.y());
                yield missing ? named(List.of(Mistake.UNIT_MISSING)) : finding;
            }
            case TypedUnit.Same _ -> number(typed);
            case TypedUnit.Other(double ratio) -> inOtherUnit(typed, ratio);
            case TypedUnit.Wrong _, TypedUnit.Unknown _ -> {
                Finding finding = number(typed);
                yield finding.isRight() ? named(List.of(Mistake.UNIT_SLIP)) : finding;
            }
            case TypedUnit.Percent _ -> {
                Finding finding = number(typed);
                yield finding.isRight() || number(typed.movePointLeft(2)).isRight()
                        ? named(List.of(Mistake.PERCENT_AND_PROPORTION)) : finding;
            }
        };
    }

    private Finding inOtherUnit(BigDecimal typed, double ratio) {
        int power = (int) Math.rint(Math.log10(ratio));
        Finding finding;
        if (Math.abs(ratio / Math.pow(10, power) - 1) < HAIR) {
            finding = number(typed.movePointRight(power));
        } else {
            int digits = keys.isEmpty() ? TELLING_DIGITS : Math.max(1, rounding.apply(keys.getFirst()).precision());
            Rounding there = rounding instanceof Rounding.Places ? new Rounding.Significant(Math.min(digits, 15)) : rounding;
            boolean exact = typed.precision() >= digits
                    && keys.stream().anyMatch(key -> fits(typed, key / ratio,
                            new Rounding.Places(Math.clamp(typed.scale(), 0, 12))));
            finding = exact ? Finding.RIGHT : new NumberJudge(asked.inUnit(ratio, there)).number(typed);
        }
        return !finding.isRight() && keys.stream().anyMatch(key -> isRight(typed, key))
                ? named(List.of(Mistake.UNIT_SLIP)) : finding;
    }

    /** Judges a number in the unit that is asked for. */
    private Finding number(BigDecimal typed) {
        if (keys.stream().anyMatch(key -> isRight(typed, key))) {
            return Finding.RIGHT;
        }
        if (asked.keysOfKept().stream().anyMatch(key -> isRight(typed, key))) {
            return Finding.ofKept(asked.counted());
        }
        if (asked.how().fromRounded() && asked.sources().flatMapToDouble(this::fromRounded)
                .anyMatch(value -> isRight(typed, value))) {
            return Finding.FROM_ROUNDED;
        }
        int digits = typed.signum() == 0 ? 1 : typed.precision();
        Rounding asTyped = new Rounding.Places(Math.clamp(typed.scale(), 0, 12));
        boolean telling = digits >= 2 && typed.signum() != 0;
        boolean near = keys.stream().anyMatch(key -> fits(typed, key, asTyped));
        // What was done to the right value goes before what might have been done instead of it.
        if (keys.stream().anyMatch(key -> isRoundedTooFar(typed, key, asTyped))) {
            return named(List.of(Mistake.ROUNDED_TOO_FAR));
        }
        if (!near && fitting(typed, rounding, digits, LAST_SINGLE_RANK).isEmpty()
                && fitting(typed, asTyped, digits, LAST_SHOWN_RANK).isEmpty()) {
            Optional<Quantity> other = OtherNumber.of(typed, asTyped, asked);
            if (other.isPresent()) {
                return Finding.of(other.get());
            }
        }
        List<Mistake> fitting = fitting(typed, rounding, digits, near && telling ? FIRST_RANK : Mistake.LAST_RANK);
        if (near && telling) {
            fitting.add(Mistake.WRONG_ROUNDING);
        }
        if (!fitting.isEmpty()) {
            return named(fitting);
        }
        List<Mistake> roughly = fitting(typed, asTyped, digits, LAST_SINGLE_RANK);
        if (near && roughly.isEmpty() && keys.stream().anyMatch(key -> fits(typed, key, asTyped) && isNear(typed, key))) {
            return named(List.of(Mistake.WRONG_ROUNDING));
        }
        return telling ? named(roughly) : Finding.UNEXPLAINED;
    }

    /**
     * Whether a number is the key with fewer digits than are asked for, and within a tenth of it. An r or R² that is rounded to 1
     * says something else: that all points lie on the curve.
     */
    private boolean isRoundedTooFar(BigDecimal typed, double key, Rounding asTyped) {
        boolean all = typed.abs().compareTo(BigDecimal.ONE) == 0 && Math.abs(key) < 1;
        return typed.signum() != 0 && !all && typed.scale() < rounding.apply(key).scale()
                && fits(typed, key, asTyped) && isNear(typed, key);
    }

    /** What comes out of coefficients that were rounded as they are commonly shown. */
    private DoubleStream fromRounded(Evidence data) {
        Sought what = asked.what() instanceof Sought.InUnit(Sought inner, double _) ? inner : asked.what();
        double ratio = asked.what() instanceof Sought.InUnit(Sought _, double by) ? by : 1;
        return List.of(new Rounding.Significant(3), new Rounding.Significant(4), new Rounding.Significant(5),
                new Rounding.Places(2), new Rounding.Places(3), new Rounding.Places(4)).stream()
                .flatMapToDouble(it -> Slips.roundedEarly(what, data, it)).map(it -> it / ratio);
    }

    /** The mistakes that give a number, so rounded: those of the lowest rank, and of the next ones until there are two. */
    private List<Mistake> fitting(BigDecimal typed, Rounding how, int digits, int lastRank) {
        List<Mistake> fitting = new ArrayList<>();
        double value = typed.doubleValue();
        double reach = reach(value, how);
        for (int rank = FIRST_RANK; rank <= lastRank && fitting.size() < MOST_NAMED && !fitting.contains(Mistake.SLIP_STILL_IN);
                rank++) {
            if (rank > LAST_SINGLE_RANK && digits < TELLING_DIGITS) {
                break;
            }
            for (Mistake mistake : Mistake.ofRank(rank)) {
                if (gives(mistake, typed, value, reach, how)) {
                    fitting.add(mistake);
                }
            }
            if (rank == Mistake.CUT_OFF.rank() && how == rounding && keys.stream().anyMatch(key -> isCutOff(typed, key))) {
                fitting.add(Mistake.CUT_OFF);
            }
        }
        return fitting;
    }

    private boolean gives(Mistake mistake, BigDecimal typed, double value, double reach, Rounding how) {
        for (double wrong : wrong().by(mistake)) {
            if (Math.abs(wrong - value) <= reach && fits(typed, wrong, how)) {
                return true;
            }
        }
        return false;
    }

    private WrongValues wrong() {
        if (wrong == null) {
            wrong = asked.accepted().getFirst().wrongValues(asked);
        }
        return wrong;
    }

    private static Finding named(List<Mistake> fitting) {
        return Finding.by(fitting.size() <= MOST_NAMED ? fitting : fitting.subList(0, MOST_NAMED));
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

    /** How far a value may lie off a number that it could be rounded to: a quick look that spares the exact one. */
    private static double reach(double typed, Rounding rounding) {
        int digits = rounding instanceof Rounding.Significant(int count) ? count : TELLING_DIGITS;
        return rounding instanceof Rounding.Places(int count) ? Math.pow(10, -count)
                : typed == 0 ? Double.MIN_NORMAL
                : Math.pow(10, Math.floor(Math.log10(Math.abs(typed))) - digits + 2);
    }

    /** Whether a number is the value so rounded; a value a hair below a half, by a double's own error, counts as one. */
    static boolean fits(BigDecimal typed, double value, Rounding rounding) {
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
