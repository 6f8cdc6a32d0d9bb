package hestra.numbers;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The grammar behind {@link NumberReading}. What it does not know for certain it refuses: a number is never read as another one.
 */
final class NumberReader {

    private static final String SPACE = "[ \\u00a0\\u2009\\u202f]";
    private static final Pattern NUMBER = Pattern.compile("""
            (?<sign>[+-]?)\\s*\
            (?<digits>(?:\\d[\\d.,' \\u00a0\\u2009\\u202f]*|[.,]\\d+))\
            (?<power>\\s*(?:[eE]\\s*(?<e>[+-]?\\d{1,5})|[×x*·]\\s*10\\s*(?:\\^|\\*\\*)\\s*\\(?(?<ten>[+-]?\\d{1,5})\\)?))?\
            (?<rest>.*)""", Pattern.DOTALL);
    private static final Pattern FRACTION = Pattern.compile("([+-]?\\d{1,12})\\s*/\\s*(\\d{1,12})(?![\\d.,/])\\s*(.*)",
            Pattern.DOTALL);
    private static final Pattern VULGAR = Pattern.compile("([+-]?)\\s*(\\d{0,12})\\s*([¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])\\s*(.*)",
            Pattern.DOTALL);
    private static final String VULGAR_SIGNS = "¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
    private static final int[] ABOVE = {1, 1, 3, 1, 1, 1, 1, 2, 1, 2, 3, 4, 1, 5, 1, 3, 5, 7};
    private static final int[] BELOW = {4, 2, 4, 7, 9, 10, 3, 3, 5, 5, 5, 5, 6, 6, 8, 8, 8, 8};
    private static final String SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹⁻⁺";
    private static final String PLAIN = "0123456789-+";
    private static final char ARABIC_DECIMAL = '\u066b';
    private static final char ARABIC_THOUSANDS = '\u066c';
    /** Two numbers with words, a dash or a comma between them. */
    private static final Pattern SEVERAL =
            Pattern.compile("\\d[\\d.,]*\\s*(?:[;,]\\s|\\p{L}[^\\d]*\\s|\u00b1|[-\u2013]|\\s)\\s*\\d");
    private static final int LONGEST = 200;
    private static final int LONGEST_SIMPLE = 30;
    private static final int EXACT_LETTERS = 15;
    private static final double[] POWERS_OF_TEN = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14};

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

    /**
     * What a simple text says: the nearest double. Up to 15 digits are a whole number that a double holds, as it holds the power
     * of ten they are parted by, so one division is rightly rounded (Clinger, 1990); that takes a tenth of the time of the
     * general way.
     */
    static double simpleValue(String text, DecimalMark mark) {
        long digits = 0;
        int places = -1;
        int length = text.length();
        if (length > EXACT_LETTERS) {
            return Double.parseDouble(mark == DecimalMark.POINT ? text : text.replace(mark.sign(), '.'));
        }
        for (int i = 0; i < length; i++) {
            char c = text.charAt(i);
            if (c >= '0' && c <= '9') {
                digits = digits * 10 + (c - '0');
                places += places >= 0 ? 1 : 0;
            } else if (c == mark.sign()) {
                places = 0;
            }
        }
        double size = places > 0 ? digits / POWERS_OF_TEN[places] : digits;
        return text.charAt(0) == '-' ? -size : size;
    }

    static NumberReading read(String text, DecimalMark mark, boolean answer) {
        if (text != null && isSimple(text, mark)) {
            BigDecimal typed = new BigDecimal(mark == DecimalMark.POINT ? text : text.replace(mark.sign(), '.'));
            return new NumberReading.Value(typed, typed.doubleValue(), false, "");
        }
        String whole = text == null ? "" : text.strip();
        if (whole.isEmpty()) {
            return new NumberReading.Blank();
        }
        if (whole.length() > LONGEST) {
            return new NumberReading.Unreadable("This is far too long for a number.");
        }
        String stripped = answer ? AnswerText.fromNumber(whole) : whole;
        String plain = plainSigns(stripped, mark);
        Matcher vulgar = VULGAR.matcher(plain);
        if (vulgar.matches()) {
            return vulgar(vulgar, answer, text);
        }
        Matcher fraction = FRACTION.matcher(plain);
        if (answer && fraction.matches()) {
            return fraction(fraction, text);
        }
        Matcher number = NUMBER.matcher(plain);
        if (!number.matches()) {
            return unreadable(text);
        }
        String digits = number.group("digits").strip().replaceAll("[,.']+$", "");
        return withDecimalMark(digits, mark) instanceof Split split
                ? value(number, split.plain(), answer, text)
                : ambiguous(digits, number.group("rest"), mark, text);
    }

    private static NumberReading value(Matcher number, String digits, boolean answer, String text) {
        String exponent = number.group("e") != null ? number.group("e") : number.group("ten");
        BigDecimal typed;
        try {
            typed = new BigDecimal(digits + (exponent == null ? "" : "E" + exponent));
        } catch (NumberFormatException | ArithmeticException e) {
            return unreadable(text);
        }
        return of("-".equals(number.group("sign")) ? typed.negate() : typed, number.group("rest"), answer, text);
    }

    /** A number with what stands behind it: nothing, or in an answer percent or a unit. */
    private static NumberReading of(BigDecimal typed, String behind, boolean answer, String text) {
        String rest = behind.strip();
        int percent = Units.percentAt(rest);
        String unit = rest.substring(percent).strip();
        if (!rest.isEmpty() && !answer || !unit.isEmpty() && !NumberReading.isUnit(percent > 0 ? rest : unit)) {
            return unreadable(text);
        }
        double value = typed.doubleValue();
        if (!Double.isFinite(value)) {
            return new NumberReading.Unreadable("This number is larger than can be computed with (about 10³⁰⁸).");
        }
        if (value == 0 && typed.signum() != 0) {
            return new NumberReading.Unreadable("This number is smaller than can be computed with (about 10⁻³²³).");
        }
        return new NumberReading.Value(typed, percent > 0 ? typed.movePointLeft(2).doubleValue() : value, percent > 0, unit);
    }

    private static NumberReading fraction(Matcher fraction, String text) {
        double below = Double.parseDouble(fraction.group(2));
        if (below == 0) {
            return new NumberReading.Unreadable("Nothing can be divided by zero.");
        }
        return of(BigDecimal.valueOf(Double.parseDouble(fraction.group(1)) / below), fraction.group(3), true, text);
    }

    /** "1½" is one and a half. */
    private static NumberReading vulgar(Matcher vulgar, boolean answer, String text) {
        int sign = VULGAR_SIGNS.indexOf(vulgar.group(3));
        BigDecimal part = BigDecimal.valueOf(ABOVE[sign]).divide(BigDecimal.valueOf(BELOW[sign]), MathContext.DECIMAL64);
        BigDecimal whole = vulgar.group(2).isEmpty() ? BigDecimal.ZERO : new BigDecimal(vulgar.group(2));
        BigDecimal typed = whole.add(part);
        return of("-".equals(vulgar.group(1)) ? typed.negate() : typed, vulgar.group(4), answer, text);
    }

    private record Split(String plain) {}

    /** The digits with a point as the decimal mark and nothing between thousands, or null where that is ambiguous. */
    private static Split withDecimalMark(String digits, DecimalMark mark) {
        String joined = digits.replaceAll(SPACE + "|'", "");
        boolean spaced = joined.length() < digits.length();
        if (spaced && !digits.matches("[1-9]\\d{0,2}(?:(?:(" + SPACE + "|')\\d{3})(?:\\1\\d{3})*)(?:[.,]\\d*)?")) {
            return null;
        }
        long points = joined.chars().filter(c -> c == '.').count();
        long commas = joined.chars().filter(c -> c == ',').count();
        if (points > 0 && commas > 0) {
            char decimal = joined.lastIndexOf('.') > joined.lastIndexOf(',') ? '.' : ',';
            char group = decimal == '.' ? ',' : '.';
            String pattern = "[1-9]\\d{0,2}(?:\\" + group + "\\d{3})+\\" + decimal + "\\d*";
            return !spaced && joined.matches(pattern)
                    ? new Split(joined.replace(String.valueOf(group), "").replace(decimal, '.'))
                    : null;
        }
        if (points + commas > 1) {
            return !spaced && joined.matches("[1-9]\\d{0,2}(?:([.,])\\d{3})(?:\\1\\d{3})+")
                    ? new Split(joined.replaceAll("[.,]", "")) : null;
        }
        if (points + commas == 1) {
            char sign = points == 1 ? '.' : ',';
            boolean mayGroup = sign != mark.sign() && !spaced && joined.matches("[1-9]\\d{0,2}[.,]\\d{3}");
            return mayGroup ? null : new Split(joined.replace(sign, '.'));
        }
        return new Split(joined);
    }

    private static NumberReading ambiguous(String digits, String behind, DecimalMark mark, String text) {
        if (digits.matches("[1-9]\\d{0,2}[.,]\\d{3}") && (behind.isBlank() || NumberReading.isUnit(behind))) {
            String whole = digits.replaceAll("[.,]", "");
            String fraction = digits.replace(mark.other(), mark.sign());
            return new NumberReading.Unreadable(
                    "“%s” could mean %s or %s. Type one of them.".formatted(digits, fraction, whole));
        }
        return unreadable(text);
    }

    private static NumberReading unreadable(String text) {
        String shown = text.strip();
        shown = shown.length() > 24 ? shown.substring(0, 23) + "…" : shown;
        String lower = shown.toLowerCase(Locale.ROOT);
        if (lower.matches("[+-]?(nan|inf|infinity|∞)")) {
            return new NumberReading.Unreadable("“" + shown + "” cannot be measured. Type a number, or leave the cell empty.");
        }
        return new NumberReading.Unreadable("“" + shown + "” is not "
                + (SEVERAL.matcher(text).find() ? "one number." : "a number."));
    }

    /** With plain digits, plain signs, and a power of ten behind a ^. */
    private static String plainSigns(String text, DecimalMark mark) {
        StringBuilder plain = new StringBuilder(text.length());
        boolean raised = false;
        for (int c : text.codePoints().toArray()) {
            int superscript = SUPERSCRIPTS.indexOf(c);
            if (superscript >= 0 && (raised || plain.toString().endsWith("10"))) {
                if (!raised) {
                    plain.append('^');
                }
                raised = true;
                plain.append(PLAIN.charAt(superscript));
            } else {
                raised = false;
                plain.appendCodePoint(plainSign(c, mark));
            }
        }
        return plain.toString();
    }

    private static int plainSign(int c, DecimalMark mark) {
        if (Character.getType(c) == Character.DECIMAL_DIGIT_NUMBER) {
            return '0' + Character.digit(c, 10);
        }
        return switch (c) {
            case '\u2212', '\u2013', '\u2010', '\u2011', '\ufe63', '\uff0d' -> '-';
            case '\uff0b' -> '+';
            case '\u2019' -> '\'';
            case ARABIC_DECIMAL -> mark.sign();
            case ARABIC_THOUSANDS -> mark.other();
            default -> c;
        };
    }
}
