package hestra.documents.table;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/**
 * A number as people write it in spreadsheets and on web pages, brought into the form in which cells are typed: thousands
 * marks gone, the decimal mark of the exercise, a plain minus; percent, currency or unit taken off and told.
 *
 * @param text the number, as it would be typed
 * @param unit what stood with it: "%", "€", "cm"; empty for nothing
 */
record CellText(String text, String unit) {

    private static final String SPACES = " \\u00a0\\u2009\\u202f";
    private static final String CURRENCY = "[$€£¥]";
    private static final String POWER = "(?<power>[" + SPACES + "]*(?:[eE][+-]?\\d{1,3}|[×x*·][" + SPACES
            + "]*10(?:\\^[+-]?\\d{1,3}|[⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]{1,3})))?";
    private static final Pattern POINT = number("\\.", ",");
    private static final Pattern COMMA = number(",", "\\.");
    /** A rank is a number only where the whole column is of ranks. */
    private static final Pattern RANK = Pattern.compile("\\d+(?:st|nd|rd|th)", Pattern.CASE_INSENSITIVE);
    private static final int LONGEST = 80;

    private static Pattern number(String decimal, String grouping) {
        // A group never follows a leading 0, and all groups of a number are marked alike.
        String whole = "[1-9]\\d{0,2}(?<group>[" + grouping + SPACES + "'’])\\d{3}(?:\\k<group>\\d{3})*|\\d+";
        return Pattern.compile("(?<open>\\()?(?<sign>[+-])?[" + SPACES + "]*(?<currency>" + CURRENCY + ")?[" + SPACES
                + "]*(?<late>[+-])?"
                + "(?<whole>" + whole + ")?(?:" + decimal + "(?<fraction>\\d*))?" + POWER
                + "(?<close>\\))?[" + SPACES + "]*(?<unit>[^\\s.,;()+-][^.,;()]{0,11})?");
    }

    /** The number that a text says under a decimal mark, written with another; nothing where it is none. */
    static Optional<CellText> of(String raw, DecimalMark from, DecimalMark to) {
        if (NumberReading.isSimple(raw, from)) {
            return Optional.of(new CellText(from == to ? raw : raw.replace(from.sign(), to.sign()), ""));
        }
        String plain = raw.strip().replace('\u2212', '-').replace('\u2013', '-').replace('\u2010', '-').replace('\u2011', '-');
        if (plain.isEmpty() || plain.length() > LONGEST) {
            return Optional.empty();
        }
        Matcher number = (from == DecimalMark.POINT ? POINT : COMMA).matcher(plain);
        if (!number.matches() || number.group("whole") == null && (number.group("fraction") == null
                || number.group("fraction").isEmpty())
                || (number.group("open") == null) != (number.group("close") == null)
                || Stream.of("open", "sign", "late").filter(sign -> number.group(sign) != null).count() > 1
                || RANK.matcher(plain).matches() || number.group("unit") != null && !NumberReading.isUnit(number.group("unit"))) {
            return Optional.empty();
        }
        boolean negative = number.group("open") != null || "-".equals(number.group("sign")) || "-".equals(number.group("late"));
        String whole = number.group("whole") == null ? "0" : number.group("whole").replaceAll("[^\\d]", "");
        String fraction = number.group("fraction") == null || number.group("fraction").isEmpty()
                ? "" : to.sign() + number.group("fraction");
        String power = number.group("power") == null ? "" : number.group("power").strip();
        String text = (negative ? "-" : "") + whole + fraction + power;
        String unit = number.group("currency") != null ? number.group("currency")
                : number.group("unit") == null ? ""
                : number.group("unit").strip();
        return NumberReading.ofMeasurement(text, to) instanceof NumberReading.Value
                ? Optional.of(new CellText(text, unit)) : Optional.empty();
    }
}
