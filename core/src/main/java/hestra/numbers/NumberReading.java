package hestra.numbers;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a piece of text says as a number: a value, nothing at all, or a reason why it is no number. */
public sealed interface NumberReading {

    /** Empty, or spaces only. */
    record Blank() implements NumberReading {}

    /**
     * A number.
     *
     * @param typed the decimal as it was typed, zeros at the end included, before any percent is taken
     * @param value the nearest double, percent taken
     * @param percent whether a percent sign followed
     * @param unit what followed the number, such as "cm"; empty for none
     */
    record Value(BigDecimal typed, double value, boolean percent, String unit) implements NumberReading {
        /** Decimal places as typed: 2 for "0.80". */
        public int places() {
            return Math.max(0, typed.scale());
        }

        /** Significant digits as typed: 2 for "0.80". */
        public int significant() {
            return typed.signum() == 0 ? 1 : typed.precision();
        }
    }

    /**
     * Not a number.
     *
     * @param reason what is wrong and what to type instead, as a sentence
     */
    record Unreadable(String reason) implements NumberReading {}

    /**
     * Reads a measured value: digits with either decimal mark where that is unambiguous, any kind of minus sign,
     * e-notation or × 10ⁿ; thousands may be grouped by spaces, or by the other mark where the decimal mark shows which
     * is which. No unit, fraction or percent. A number beyond the range of a double, or so small that it would turn
     * into zero, is refused.
     */
    static NumberReading ofMeasurement(String text, DecimalMark mark) {
        return NumberReader.read(text, mark, false);
    }

    /** Whether a text is nothing but digits, a hyphen before them and one decimal mark among them, as most cells are. */
    static boolean isSimple(String text, DecimalMark mark) {
        return NumberReader.isSimple(text, mark);
    }

    /** Reads an answer: as a measured value, and also percent, a fraction such as 3/4, and a unit after the number. */
    static NumberReading ofAnswer(String text, DecimalMark mark) {
        return NumberReader.read(text, mark, true);
    }
}

/** The grammar behind {@link NumberReading}. */
final class NumberReader {

    private static final String SPACE = "[ \\u00a0\\u2009\\u202f]";
    private static final Pattern NUMBER = Pattern.compile("""
            (?<sign>[+-]?)\\s*\
            (?<digits>(?:\\d[\\d.,' \\u00a0\\u2009\\u202f]*|[.,]\\d+))\
            (?<power>\\s*(?:[eE]\\s*(?<e>[+-]?\\d{1,5})|[×x*·]\\s*10\\s*(?:\\^\\s*)?\\(?(?<ten>[+-]?\\d{1,5})\\)?))?\
            (?<rest>.*)""", Pattern.DOTALL);
    private static final Pattern FRACTION = Pattern.compile("([+-]?\\d{1,12})\\s*/\\s*(\\d{1,12})\\s*(.*)");
    private static final String SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹⁻⁺";
    private static final String PLAIN = "0123456789-+";
    private static final int LONGEST = 200;
    private static final int LONGEST_SIMPLE = 30;

    private NumberReader() {}

    /** Whether a text is digits with at most a hyphen before and one decimal mark among them: what most cells are. */
    static boolean isSimple(String text, DecimalMark mark) {
        int start = text.startsWith("-") ? 1 : 0;
        int length = text.length();
        if (length == start || length > LONGEST_SIMPLE) {
            return false;
        }
        boolean marked = false;
        for (int i = start; i < length; i++) {
            char c = text.charAt(i);
            if (c == mark.sign() && !marked && i > start && i < length - 1) {
                marked = true;
            } else if (c < '0' || c > '9') {
                return false;
            }
        }
        return true;
    }

    static NumberReading read(String text, DecimalMark mark, boolean answer) {
        if (text != null && isSimple(text, mark)) {
            BigDecimal typed = new BigDecimal(mark == DecimalMark.POINT ? text : text.replace(mark.sign(), '.'));
            return new NumberReading.Value(typed, typed.doubleValue(), false, "");
        }
        String plain = plainSigns(text == null ? "" : text.strip());
        if (plain.isEmpty()) {
            return new NumberReading.Blank();
        }
        if (plain.length() > LONGEST) {
            return new NumberReading.Unreadable("This is far too long for a number.");
        }
        if (answer) {
            Matcher fraction = FRACTION.matcher(plain);
            if (fraction.matches()) {
                return fraction(fraction);
            }
        }
        Matcher number = NUMBER.matcher(plain);
        if (!number.matches()) {
            return unreadable(text);
        }
        String rest = number.group("rest").strip();
        boolean percent = rest.startsWith("%");
        String unit = percent ? rest.substring(1).strip() : rest;
        if (!rest.isEmpty() && !answer || unit.chars().anyMatch(c -> Character.isDigit(c) && c < '²')) {
            return unreadable(text);
        }
        String digits = number.group("digits").strip().replaceAll("[,.']+$", "");
        return withDecimalMark(digits, mark) instanceof Split split
                ? value(number, split.plain(), percent, unit)
                : ambiguous(digits, mark);
    }

    private static NumberReading value(Matcher number, String digits, boolean percent, String unit) {
        BigDecimal typed;
        try {
            String exponent = number.group("e") != null ? number.group("e") : number.group("ten");
            typed = new BigDecimal(digits + (exponent == null ? "" : "E" + exponent));
        } catch (NumberFormatException | ArithmeticException e) {
            return unreadable(number.group());
        }
        if ("-".equals(number.group("sign"))) {
            typed = typed.negate();
        }
        double value = typed.doubleValue();
        if (!Double.isFinite(value)) {
            return new NumberReading.Unreadable("This number is larger than can be computed with (about 10³⁰⁸).");
        }
        if (value == 0 && typed.signum() != 0) {
            return new NumberReading.Unreadable("This number is smaller than can be computed with (about 10⁻³²³).");
        }
        return new NumberReading.Value(typed, percent ? typed.movePointLeft(2).doubleValue() : value, percent, unit);
    }

    private static NumberReading fraction(Matcher fraction) {
        double below = Double.parseDouble(fraction.group(2));
        if (below == 0) {
            return new NumberReading.Unreadable("Nothing can be divided by zero.");
        }
        double value = Double.parseDouble(fraction.group(1)) / below;
        return new NumberReading.Value(BigDecimal.valueOf(value), value, false, fraction.group(3).strip());
    }

    private record Split(String plain) {}

    /** The digits with a point as the decimal mark and nothing between thousands, or null where that is ambiguous. */
    private static Split withDecimalMark(String digits, DecimalMark mark) {
        String joined = digits.replaceAll(SPACE + "|'", "");
        boolean spaced = joined.length() < digits.length();
        if (spaced && !digits.matches("\\d{1,3}(?:(?:" + SPACE + "|')\\d{3})+(?:[.,]\\d*)?")) {
            return null;
        }
        long points = joined.chars().filter(c -> c == '.').count();
        long commas = joined.chars().filter(c -> c == ',').count();
        if (points > 0 && commas > 0) {
            char decimal = joined.lastIndexOf('.') > joined.lastIndexOf(',') ? '.' : ',';
            char group = decimal == '.' ? ',' : '.';
            String pattern = "\\d{1,3}(?:\\" + group + "\\d{3})+\\" + decimal + "\\d*";
            return joined.matches(pattern)
                    ? new Split(joined.replace(String.valueOf(group), "").replace(decimal, '.'))
                    : null;
        }
        if (points + commas > 1) {
            return joined.matches("\\d{1,3}(?:([.,])\\d{3})(?:\\1\\d{3})+") ? new Split(joined.replaceAll("[.,]", "")) : null;
        }
        if (points + commas == 1) {
            char sign = points == 1 ? '.' : ',';
            boolean mayGroup = sign != mark.sign() && !spaced && joined.matches("[1-9]\\d{0,2}[.,]\\d{3}");
            return mayGroup ? null : new Split(joined.replace(sign, '.'));
        }
        return new Split(joined);
    }

    private static NumberReading ambiguous(String digits, DecimalMark mark) {
        if (digits.matches("\\d{1,3}[.,]\\d{3}")) {
            String whole = digits.replaceAll("[.,]", "");
            String fraction = digits.replace(mark.other(), mark.sign());
            return new NumberReading.Unreadable(
                    "“%s” could mean %s or %s. Type one of these.".formatted(digits, fraction, whole));
        }
        return unreadable(digits);
    }

    private static NumberReading unreadable(String text) {
        String shown = text.strip();
        shown = shown.length() > 24 ? shown.substring(0, 23) + "…" : shown;
        String lower = shown.toLowerCase(Locale.ROOT);
        if (lower.matches("[+-]?(nan|inf|infinity|∞)")) {
            return new NumberReading.Unreadable("“" + shown + "” cannot be measured. Type a number, or leave the cell empty.");
        }
        return new NumberReading.Unreadable("“" + shown + "” is not a number.");
    }

    private static String plainSigns(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        boolean raised = false;
        for (char c : text.toCharArray()) {
            int superscript = SUPERSCRIPTS.indexOf(c);
            if (superscript >= 0 && (raised || plain.toString().endsWith("10"))) {
                if (!raised) {
                    plain.append('^');
                }
                raised = true;
                plain.append(PLAIN.charAt(superscript));
            } else {
                raised = false;
                plain.append(c == '\u2212' || c == '\u2013' || c == '\u2010' || c == '\u2011' ? '-' : c);
            }
        }
        return plain.toString();
    }
}
