package hestra.feedback;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/**
 * What a sentence about a slope must hold, as far as a program can be sure: both variables, the number, the unit for one
 * unit of the other, the direction, that it is a prediction or an average, and no claim of a cause. The rest is read by
 * the instructor. The words looked for are English.
 */
public final class SlopeSentence {

    private static final Pattern NUMBER = Pattern.compile("[-\u2212]?\\d+(?:[.,]\\d+)?");
    private static final Pattern UP = words("grow\\w*|grew|increas\\w*|ris\\w+|rose|longer|larger|bigger|more|gain\\w*|add\\w*|higher|"
            + "greater|up|heavier|wider|taller|extra");
    private static final Pattern DOWN = words("decreas\\w*|fall\\w*|fell|shrink\\w*|shrank|less|lower\\w*|drop\\w*|los\\w+|down|smaller|"
            + "shorter|fewer|declin\\w*|reduc\\w*");
    private static final Pattern HEDGE = words("average|predict\\w*|expect\\w*|about|approximate\\w*|estimat\\w*|typical\\w*|roughly|"
            + "tend\\w*|around|mean|usually");
    private static final Pattern CAUSE = words("caus\\w+|because|prov\\w+|due to|leads? to|results? in|makes?");
    private static final Map<String, String> UNIT_NAMES = Map.of(
            "cm", "centimet\\w+", "mm", "millimet\\w+", "m", "met(?:re|er)s?", "km", "kilomet\\w+",
            "g", "grams?", "kg", "kilograms?", "min", "minutes?", "s", "seconds?", "h", "hours?");
    private static final int SHORTEST_TELLING_WORD = 4;

    private final Variable x;
    private final Variable y;
    private final double slope;
    private final DecimalMark mark;

    private SlopeSentence(Variable x, Variable y, double slope, DecimalMark mark) {
        this.x = x;
        this.y = y;
        this.slope = slope;
        this.mark = mark;
    }

    public static SlopeSentence about(Variable x, Variable y, double slope, DecimalMark mark) {
        return new SlopeSentence(x, y, slope, mark);
    }

    /** The verdict on a sentence. */
    public Verdict judge(String sentence, int marks) {
        if (sentence.isBlank()) {
            return Verdict.wrong("Write a sentence.");
        }
        String text = sentence.toLowerCase(Locale.ROOT);
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        check(parts, missing, "both variables", "name both variables", names(text, x) && names(text, y));
        check(parts, missing, "number", "give the slope as a number", holdsSlope(text));
        check(parts, missing, "unit", unitHint(), holdsUnits(text));
        check(parts, missing, "direction", "say which way it goes", goesTheRightWay(text));
        check(parts, missing, "prediction", "say that it is an average or a prediction, not what every case does",
                HEDGE.matcher(text).find());
        check(parts, missing, "no cause", "claim no cause: the data show that the two go together, not why",
                !CAUSE.matcher(text).find());
        String message = missing.isEmpty()
                ? "Everything that can be checked is there. Your instructor reads it too."
                : (parts.size() - missing.size()) + " of " + parts.size() + " found. Still to do: "
                    + String.join("; ", missing) + ".";
        return Verdict.ofParts(marks, parts, message);
    }

    private static void check(List<Verdict.Part> parts, List<String> missing, String name, String todo, boolean passed) {
        parts.add(new Verdict.Part(name, passed ? Outcome.RIGHT : Outcome.WRONG, passed ? "" : todo));
        if (!passed) {
            missing.add(todo);
        }
    }

    private static boolean names(String text, Variable variable) {
        List<String> words = new ArrayList<>(List.of(variable.name().toLowerCase(Locale.ROOT)));
        for (String word : variable.label().toLowerCase(Locale.ROOT).split("\\W+")) {
            if (word.length() >= SHORTEST_TELLING_WORD) {
                words.add(word);
            }
        }
        return words.stream().map(Quantity::singular).filter(word -> !word.isBlank())
                .anyMatch(word -> Pattern.compile("\\b" + Pattern.quote(word)).matcher(text).find());
    }

    /** The slope as typed, or a multiple of it: "8.3 cm in 10 days" says 0.83 cm per day. */
    private boolean holdsSlope(String text) {
        List<NumberReading.Value> numbers = new ArrayList<>();
        Matcher matcher = NUMBER.matcher(text);
        while (matcher.find()) {
            if (NumberReading.ofMeasurement(matcher.group(), mark) instanceof NumberReading.Value value) {
                numbers.add(value);
            }
        }
        return numbers.stream().anyMatch(number -> isRounded(slope, number)
                || numbers.stream().anyMatch(steps -> steps != number && steps.value() > 1
                        && isRounded(slope * steps.value(), number)));
    }

    private static boolean isRounded(double value, NumberReading.Value number) {
        if (number.value() == 0) {
            return false;
        }
        BigDecimal rounded = new Rounding.Places(Math.min(12, number.places())).apply(Math.abs(value));
        return rounded.compareTo(number.typed().abs()) == 0 && (number.significant() >= 2 || isClose(number.value(), value));
    }

    /** One digit alone says enough only where it is the slope to within 10 %: 0.8 for 0.83, but not 1. */
    private static boolean isClose(double typed, double value) {
        return Math.abs(Math.abs(typed) - Math.abs(value)) <= 0.1 * Math.abs(value);
    }

    private boolean holdsUnits(String text) {
        return holdsUnit(text, y.unit()) && holdsUnit(text, Quantity.singular(x.unit()));
    }

    private static boolean holdsUnit(String text, String unit) {
        if (unit.isEmpty()) {
            return true;
        }
        String plain = unit.toLowerCase(Locale.ROOT);
        String longer = UNIT_NAMES.containsKey(plain) ? "|" + UNIT_NAMES.get(plain) : "";
        return Pattern.compile("(?<![a-z])(?:" + Pattern.quote(plain) + "s?" + longer + ")(?![a-z])").matcher(text).find()
                || Pattern.compile("(?<![a-z])" + Pattern.quote(plain) + "(?:ly|s)(?![a-z])").matcher(text).find();
    }

    private String unitHint() {
        String unit = Quantity.SLOPE.unit(x, y);
        return unit.isEmpty() ? "give the unit" : "give the unit, in " + y.unit() + " for one "
                + Quantity.singular(x.unit());
    }

    private boolean goesTheRightWay(String text) {
        boolean up = UP.matcher(text).find();
        boolean down = DOWN.matcher(text).find();
        if (slope >= 0) {
            return up;
        }
        return down || up && text.matches(".*[-\u2212]\\s*\\d.*");
    }

    private static Pattern words(String alternatives) {
        return Pattern.compile("\\b(?:" + alternatives + ")\\b");
    }
}
