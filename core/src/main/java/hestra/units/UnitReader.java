package hestra.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import hestra.numbers.Remembered;
import hestra.numbers.RoundNumbers;

/** Reads what a number is measured in: "mm per cm", "cm/d", "m²", "grams for each millimetre". */
public final class UnitReader {

    private static final Pattern TOKEN =
            Pattern.compile("\\s*(?:(?<word>[\\p{L}\\p{Sc}%\u2030\u00b0\u00b5'\u2019]+(?:-\\p{L}+)*)|"
            + "(?<power>\\^?\\s*[-+\u2212]?\\d+|[\u207b\u207a]?[\u00b9\u00b2\u00b3\u2070\u2074-\u2079]+)|(?<divided>/)|"
            + "(?<times>[\u00b7*\u00d7])|(?<other>.))");
    private static final Pattern END = Pattern.compile("[.,;!]+$");
    private static final Pattern PER_CENT = Pattern.compile("(?i)per cent\\b");
    private static final Pattern DEGREE_APART = Pattern.compile("\u00b0\\s+(?=[CF]\\b)");
    private static final Pattern NAMED_DEGREES =
            Pattern.compile("(?i)(?:degrees?|deg\\.?)\\s+(?:celsius|centigrade|c|fahrenheit|f)\\b");
    private static final Pattern INCH = Pattern.compile("(?i)in(?:\\s*(?:[/\u00b7*^]|per\\b|[\u00b2\u00b3]).*)?\\.?");
    private static final Set<String> DIVIDED = Set.of("per", "each", "every", "a", "an", "one", "single");
    private static final Set<String> BETWEEN = Set.of("for", "in", "with", "of", "the", "on", "to", "by", "and", "average",
            "about", "more", "further", "extra", "additional", "added", "roughly", "approximately", "units", "unit",
            "longer", "taller", "heavier", "wider", "larger", "higher", "greater", "bigger", "long", "high", "wide", "tall",
                    "thick", "deep", "old", "predicted", "mean", "expected", "rise", "increase", "growth", "gain", "above");
    private static final Set<String> SQUARED = Set.of("square", "squared", "sq");
    private static final Set<String> CUBED = Set.of("cubic", "cubed", "cu");

    private static final int MOST_KEPT = 500;
    /** The units of variables that were read lately: they are asked for with every answer. */
    private static final Remembered<String, Unit> VARIABLES = new Remembered<>(MOST_KEPT);

    private UnitReader() {}

    /**
     * What was read.
     *
     * @param unit the unit, with words that are no known unit as what is counted
     * @param unknown those words, as they were written
     */
    public record Reading(Unit unit, List<String> unknown) {}

    /** The unit of a variable, as its author wrote it: words that are not known are what is counted. */
    public static Unit ofVariable(String text) {
        return VARIABLES.get(text, it -> read(it.strip().replaceFirst("^1\\s*/", "/"), Set.of())
                .map(Reading::unit).orElse(Unit.NONE));
    }

    /** The unit that a single word or symbol is: "centimetres", "kg"; nothing where none is known. */
    public static Optional<Unit> ofWord(String word) {
        return UnitNames.find(word);
    }

    /**
     * Reads a unit; nothing where the text cannot be one.
     *
     * @param leftOut words that stand for no unit, such as the names of what is measured, by their {@linkplain #stem stems}
     */
    public static Optional<Reading> read(String text, Set<String> leftOut) {
        Unit unit = Unit.NONE;
        List<String> unknown = new ArrayList<>();
        boolean dividing = false;
        int wordPower = 1;
        Unit last = Unit.NONE;
        int lastSign = 1;
        boolean named = text.toLowerCase(Locale.ROOT).contains("deg") && NAMED_DEGREES.matcher(text).find();
        Matcher matcher = TOKEN.matcher(DEGREE_APART.matcher(PER_CENT.matcher(END.matcher(text.strip()).replaceAll(""))
                .replaceAll("percent")).replaceAll("\u00b0"));
        int at = 0;
        while (matcher.find() && matcher.start() == at) {
            at = matcher.end();
            if (matcher.group("divided") != null) {
                dividing = true;
            } else if (matcher.group("power") != null) {
                int power = power(matcher.group("power"));
                if (last.equals(Unit.NONE) || power == 0 || Math.abs(power) > 9) {
                    return Optional.empty();
                }
                unit = unit.times(last, lastSign * (power - 1));
                last = Unit.NONE;
            } else if (matcher.group("word") != null) {
                String word = matcher.group("word");
                String lower = word.toLowerCase(Locale.ROOT);
                if (DIVIDED.contains(word.equals("A") ? "" : lower)) {
                    dividing = dividing || !unit.equals(Unit.NONE) || lower.equals("per");
                } else if (SQUARED.contains(lower) || CUBED.contains(lower)) {
                    int power = SQUARED.contains(lower) ? 2 : 3;
                    if (lower.endsWith("ed") && !last.equals(Unit.NONE)) {
                        unit = unit.times(last, lastSign * (power - 1));
                    } else {
                        wordPower = power;
                    }
                } else {
                    boolean inch = lower.equals("in") && matcher.start() == 0 && INCH.matcher(text.strip()).matches();
                    Optional<Unit> known = inch
                            ? UnitNames.find("inch") : degrees(named, word, lower).or(() -> UnitNames.find(word));
                    boolean isCounted = known.isEmpty();
                    if (isCounted && (BETWEEN.contains(lower) || leftOut.contains(stem(lower)))) {
                        continue;
                    }
                    if (isCounted) {
                        unknown.add(word);
                    }
                    last = known.orElse(Unit.counted("~" + stem(lower)));
                    lastSign = dividing ? -1 : 1;
                    unit = unit.times(last, lastSign * wordPower);
                    // "per hundred metres" is for a hundred of them.
                    dividing = dividing && RoundNumbers.WORDS.contains(stem(lower));
                    wordPower = 1;
                }
            } else if (matcher.group("times") == null && !"()".contains(matcher.group("other"))) {
                return Optional.empty();
            }
        }
        return Optional.of(new Reading(unit, List.copyOf(unknown)));
    }

    /** "degrees Celsius" is one unit, and "degrees" before it none of its own. */
    private static Optional<Unit> degrees(boolean named, String word, String lower) {
        if (named && (lower.startsWith("deg"))) {
            return Optional.of(Unit.NONE);
        }
        if (named && (word.equals("C") || word.equals("F"))) {
            return UnitNames.find("\u00b0" + word);
        }
        return Optional.empty();
    }

    private static int power(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.toCharArray()) {
            int raised = "\u2070\u00b9\u00b2\u00b3\u2074\u2075\u2076\u2077\u2078\u2079".indexOf(c);
            if (raised >= 0) {
                plain.append(raised);
            } else if (c == '\u207b' || c == '\u2212' || c == '-') {
                plain.append('-');
            } else if (Character.isDigit(c)) {
                plain.append(c);
            }
        }
        return plain.length() > 4 ? 0 : Integer.parseInt(plain.toString());
    }

    /** A word without its ending in the plural: "shoots" and "shoot" are the same. */
    public static String stem(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        if (lower.length() > 4 && lower.endsWith("ies")) {
            return lower.substring(0, lower.length() - 3) + "y";
        }
        return lower.length() > 3 && lower.endsWith("s") && !lower.endsWith("ss")
                ? lower.substring(0, lower.length() - 1) : lower;
    }
}
