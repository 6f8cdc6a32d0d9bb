package hestra.documents.table;

import java.math.BigDecimal;

/** A number as files of other programs hold it, in digits that a person would type: never a thousand zeros for a power of ten. */
final class StoredNumber {

    private static final double LEAST_PLAIN = 1e-7;
    private static final double LEAST_LONG = 1e17;
    private static final int LONGEST = 40;

    private StoredNumber() {}

    /** The shortest decimal that reads back as the same double. */
    static String of(double value) {
        double size = Math.abs(value);
        String shortest = Double.toString(value);
        return !Double.isFinite(value) || size != 0 && (size < LEAST_PLAIN || size >= LEAST_LONG) ? shortest
                : new BigDecimal(shortest).stripTrailingZeros().toPlainString();
    }

    /** The number in a text of such a file; the text itself where it is none, or one that no double holds. */
    static String of(String text) {
        try {
            double value = Double.parseDouble(text);
            return Double.isFinite(value) && (value != 0 || text.length() <= LONGEST) ? of(value) : text;
        } catch (NumberFormatException e) {
            return text;
        }
    }
}
