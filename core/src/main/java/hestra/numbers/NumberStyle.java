package hestra.numbers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * How numbers look, in one place: significant digits rather than fixed decimals, a real minus sign, powers as × 10ⁿ,
 * never an E.
 *
 * @param mark the decimal mark
 * @param digits significant digits, 2 to 15
 * @param asked whether exactly so many are asked for; else no digit before the decimal mark gives way to a nought, since
 *     221100 looks exact where 221090.18 was rounded
 */
public record NumberStyle(DecimalMark mark, int digits, boolean asked) {

    /** Four significant digits and a decimal point. */
    public static final NumberStyle STANDARD = new NumberStyle(DecimalMark.POINT, 4);

    /** The sign for "less than nothing": U+2212, not a hyphen. */
    public static final char MINUS = '\u2212';

    private static final char NARROW_SPACE = '\u202f';

    /** What is shown where a value is not defined. */
    public static final String UNDEFINED = "\u2013";

    private static final int LEAST_PLAIN_EXPONENT = -4;
    private static final int MOST_TYPED_DIGITS = 17;
    private static final int MOST_DIGITS = 15;
    private static final int GREATEST_PLAIN_EXPONENT = 6;
    private static final int DIGITS_OF_A_SUM = 10;
    private static final int P_DIGITS = 3;
    private static final List<BigDecimal> LEVELS = List.of(new BigDecimal("0.001"), new BigDecimal("0.01"),
            new BigDecimal("0.05"), new BigDecimal("0.1"));
    private static final int DIGITS_IN_A_CALCULATION = 5;
    private static final String SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    public NumberStyle {
        if (digits < 1 || digits > 15) {
            throw new IllegalArgumentException("1 to 15 significant digits, not " + digits);
        }
    }

    /** A style whose digits nobody asked for. */
    public NumberStyle(DecimalMark mark, int digits) {
        this(mark, digits, false);
    }

    public NumberStyle withDigits(int count) {
        return new NumberStyle(mark, count, asked);
    }

    /** The style with exactly so many digits. */
    public NumberStyle asked(int count) {
        return new NumberStyle(mark, count, true);
    }

    /** The value to this style's number of significant digits; a dash for what is not finite. */
    public String show(double value) {
        return Double.isFinite(value) ? show(rounded(value)) : UNDEFINED;
    }

    private BigDecimal rounded(double value) {
        int whole = exponent(new BigDecimal(value)) + 1;
        return new Rounding.Significant(asked || whole > GREATEST_PLAIN_EXPONENT + 1 ? digits : Math.max(digits, whole))
                .apply(value);
    }

    /** How a calculation goes on to a value: "= 2.5", or "≈ 2.346" where more digits follow. */
    public String equal(double value) {
        return (Double.isFinite(value) && rounded(value).compareTo(settled(value)) != 0 ? "≈ " : "= ") + show(value);
    }

    /** A number on the way of a calculation: five digits, and all that stand before the decimal mark; no noughts behind it. */
    public String worked(double value) {
        return Double.isFinite(value) ? show(withDigits(DIGITS_IN_A_CALCULATION).rounded(value).stripTrailingZeros()) : UNDEFINED;
    }

    /** A sum with all its digits, up to ten. */
    public String sum(double value) {
        return Double.isFinite(value) ? show(settled(value).stripTrailingZeros(), DIGITS_OF_A_SUM - 1) : UNDEFINED;
    }

    private static BigDecimal settled(double value) {
        return new Rounding.Significant(DIGITS_OF_A_SUM).apply(value);
    }

    private static int exponent(BigDecimal value) {
        return value.signum() == 0 ? 0 : value.precision() - value.scale() - 1;
    }

    /** The value, or a dash where it is not defined. */
    public String show(OptionalDouble value) {
        return value.isPresent() ? show(value.getAsDouble()) : UNDEFINED;
    }

    /** The value rounded as asked. */
    public String show(double value, Rounding rounding) {
        return Double.isFinite(value) ? show(rounding.apply(value)) : UNDEFINED;
    }

    /** The value to a number of decimal places. */
    public String places(double value, int places) {
        return show(value, new Rounding.Places(places));
    }

    /** Like {@link #places} with a plus sign before what is positive, as residuals are written. */
    public String signed(double value, int places) {
        String text = places(value, places);
        return new BigDecimal(value).setScale(places, RoundingMode.HALF_UP).signum() > 0 ? "+" + text : text;
    }

    /** A level of confidence in percent, without the sign: "95". */
    public String level(double level) {
        return shortest(Math.rint(1e6 * level) / 1e4);
    }

    /** How many there are of something, with a sign between thousands: "1,000", or "1 000" where a comma marks decimals. */
    public String count(long number) {
        return String.format(Locale.ROOT, "%,d", number).replace(',', mark == DecimalMark.POINT ? ',' : NARROW_SPACE);
    }

    /** A share between 0 and 1, or a correlation: with as many more digits as keep it from looking like 1 where it is not. */
    public String share(double value) {
        double size = Math.abs(value);
        int more = digits;
        while (size < 1 && more < MOST_DIGITS && new Rounding.Significant(more).apply(size).compareTo(BigDecimal.ONE) >= 0) {
            more++;
        }
        return withDigits(more).show(value);
    }

    /** The same of a value, or a dash where it is not defined. */
    public String share(OptionalDouble value) {
        return value.isPresent() ? share(value.getAsDouble()) : UNDEFINED;
    }

    /** A share in percent, without the sign. */
    public String percent(double share) {
        double size = Math.abs(share);
        int more = digits;
        while (size < 1 && more < MOST_DIGITS && new Rounding.Significant(more).apply(100 * size)
                .compareTo(BigDecimal.valueOf(100)) >= 0) {
            more++;
        }
        return withDigits(more).show(100 * share);
    }

    /** A measured value as it would be typed: the shortest decimal that reads back as the same double. */
    public String shortest(double value) {
        return Double.isFinite(value) ? show(new BigDecimal(Double.toString(value)).stripTrailingZeros()) : UNDEFINED;
    }

    /**
     * A number as other programs read it: the shortest decimal that reads back as the same double, with a hyphen for minus
     * and an E before the exponent of what is very large or small; empty for what is not finite.
     */
    public String typed(double value) {
        if (!Double.isFinite(value)) {
            return "";
        }
        BigDecimal shortest = new BigDecimal(Double.toString(value)).stripTrailingZeros();
        int exponent = exponent(shortest);
        boolean plain = value == 0 || exponent >= LEAST_PLAIN_EXPONENT && exponent < MOST_TYPED_DIGITS;
        String text = plain ? shortest.toPlainString() : shortest.movePointLeft(exponent).toPlainString() + "E" + exponent;
        return text.replace('.', mark.sign());
    }

    /** A p-value in a sentence: "p = 0.0213", or "p < 0.0001" below that. */
    public String pInWords(double p) {
        return p < 1e-4 ? "p < 0" + mark.sign() + "0001" : "p = " + p(p);
    }

    /**
     * A p-value: three digits, and as many more as keep it from looking like a level that it is compared with, where it is not
     * that: 0.04996 beside 0.05.
     */
    public String p(double value) {
        int more = P_DIGITS;
        while (more < MOST_DIGITS && looksLikeALevel(value, more)) {
            more++;
        }
        return withDigits(more).show(value);
    }

    private static boolean looksLikeALevel(double value, int count) {
        BigDecimal rounded = new Rounding.Significant(count).apply(value);
        return LEVELS.stream().anyMatch(level -> rounded.compareTo(level) == 0 && value != level.doubleValue());
    }

    /** An exponent in plain text: raised digits for a whole number, else after a ^. */
    public static String raised(String exponent) {
        if (!exponent.matches("[0-9\u2212]+")) {
            return "^" + exponent;
        }
        StringBuilder text = new StringBuilder();
        for (char sign : exponent.toCharArray()) {
            text.append(sign == MINUS ? '⁻' : SUPERSCRIPTS.charAt(sign - '0'));
        }
        return text.toString();
    }

    private String show(BigDecimal rounded) {
        return show(rounded, GREATEST_PLAIN_EXPONENT);
    }

    private String show(BigDecimal rounded, int greatestPlain) {
        if (rounded.signum() == 0) {
            return withMark(BigDecimal.ZERO.setScale(Math.max(0, Math.min(rounded.scale(), 12))).toPlainString());
        }
        int exponent = exponent(rounded);
        if (exponent >= LEAST_PLAIN_EXPONENT && exponent <= greatestPlain) {
            return withMark(rounded.toPlainString());
        }
        BigDecimal mantissa = rounded.movePointLeft(exponent);
        return withMark(mantissa.toPlainString()) + " × 10" + raised(withMark(Integer.toString(exponent)));
    }

    private String withMark(String plain) {
        return plain.replace('-', MINUS).replace('.', mark.sign());
    }
}
