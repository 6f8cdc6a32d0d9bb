package hestra.numbers;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What may stand behind a number without making another number of it. */
final class Units {

    /** Begins with a letter or a sign of its own; digits only as powers, such as m^2 or s-1. */
    private static final Pattern UNIT =
            Pattern.compile("[\\p{L}\\p{Sc}%‰°\"'′″µΩ(/](?:[^\\p{Nd}\\p{No}+=<>|;]|[¹²³⁴⁵⁶⁷⁸⁹⁰⁻]|\\^[-+]?\\d|(?<=\\p{L})-?\\d"
                    + "|(?<=[/ ])"
                    + "\\d{1,6}(?= ?\\p{L}))*");

    /** A sign of multiplication, with a number to come. */
    private static final Pattern TIMES = Pattern.compile("[xX](?:\\s.*|\\d.*|-.*)?", Pattern.DOTALL);

    private static final Set<String> PERCENT = Set.of("%", "percent", "per cent", "pct");

    private static final Set<String> COUNTING = Set.of("hundred", "hundreds", "thousand", "thousands", "k", "million", "millions",
            "mio", "mln",
            "billion", "billions", "bn", "trillion", "trillions", "dozen", "dozens", "e", "permille", "per mille", "per mil",
                    "half", "and a half");

    private Units() {}

    static boolean isUnit(String text) {
        String unit = text.strip();
        String first = unit.toLowerCase(Locale.ROOT).split("[\\s.]", 2)[0];
        return UNIT.matcher(unit).matches() && !TIMES.matcher(unit).matches()
                && !COUNTING.contains(unit.equals("K") ? "" : unit.toLowerCase(Locale.ROOT))
                && !(COUNTING.contains(first) && first.length() > 2 && !isOf(unit, first)) && !unit.matches("[eE]\\s*[-+].*");
    }

    /** "million €" is so many of a unit; "million" alone belongs to the number. */
    private static boolean isOf(String unit, String first) {
        String rest = unit.substring(first.length()).strip().toLowerCase(Locale.ROOT);
        return RoundNumbers.WORDS.contains(first) && !rest.isEmpty() && !rest.startsWith("and ")
                && !COUNTING.contains(rest.split("\\s", 2)[0]);
    }

    /** How many letters of a text say "percent"; 0 where it does not begin so. */
    static int percentAt(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        return PERCENT.stream().filter(it -> lower.startsWith(it) && (it.length() == 1 || lower.length() == it.length()
                || !Character.isLetter(lower.charAt(it.length()))))
                .mapToInt(String::length).max().orElse(0);
    }
}
