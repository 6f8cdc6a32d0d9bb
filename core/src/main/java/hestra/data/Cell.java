package hestra.data;

import java.math.BigDecimal;

import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;

/** One cell of the table, always with the text exactly as it was typed. */
public sealed interface Cell {

    /** The cell without anything in it. */
    Cell EMPTY = new Empty();

    /** More decimal places than this are of no account. */
    int MOST_PLACES = 12;

    /** Numbers smaller than this are written with a power of ten. */
    double LEAST_PLAIN = 1e-4;

    /** Numbers from this on are. */
    double LEAST_LONG = 1e15;

    /** The digits in a group of thousands. */
    int THOUSANDS = 3;

    /** The text as typed. */
    String text();

    /** Reads what was typed into a cell; never fails: what is no number becomes {@link Unreadable}. */
    static Cell of(String text, DecimalMark mark) {
        if (NumberReading.isSimple(text, mark)) {
            return new Measured(text, NumberReading.simpleValue(text, mark));
        }
        return switch (NumberReading.ofMeasurement(text, mark)) {
            case NumberReading.Blank _ -> EMPTY;
            case NumberReading.Value value -> new Measured(text.strip(), value.value());
            case NumberReading.Unreadable unreadable -> new Unreadable(text.strip(), unreadable.reason());
        };
    }

    /** A cell that holds this finite number, written in the shortest way that reads back the same. */
    static Cell of(double value, DecimalMark mark) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("not a finite number: " + value);
        }
        boolean plain = value == 0 || Math.abs(value) >= LEAST_PLAIN && Math.abs(value) < LEAST_LONG;
        BigDecimal shortest = new BigDecimal(Double.toString(value)).stripTrailingZeros();
        String text = plain ? shortest.toPlainString().replace('.', mark.sign()) : new NumberStyle(mark, 15).shortest(value);
        return new Measured(text, value + 0.0);
    }

    /** Whether both are the same number, however it is written, or both are empty. */
    default boolean saysTheSameAs(Cell other) {
        return this instanceof Measured(String _, double value) && other instanceof Measured(String _, double otherValue)
                && value == otherValue
                || isEmpty() && other.isEmpty();
    }

    default boolean isEmpty() {
        return this instanceof Empty;
    }

    /** Nothing typed, or spaces only. */
    record Empty() implements Cell {
        @Override
        public String text() {
            return "";
        }
    }

    /**
     * A number.
     *
     * @param text as typed
     * @param value finite
     */
    record Measured(String text, double value) implements Cell {

        /** How many decimal places it was written with; 0 where it is written in powers of ten. */
        public int places() {
            int sign = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','));
            int end = sign + 1;
            while (end < text.length() && text.charAt(end) >= '0' && text.charAt(end) <= '9') {
                end++;
            }
            int digits = end - sign - 1;
            boolean marksThousands = digits == THOUSANDS && Math.abs(value) >= 1000 && value == Math.rint(value);
            return sign < 0 || end < text.length() || marksThousands ? 0 : Math.min(MOST_PLACES, digits);
        }
    }

    /**
     * Something that is no number: kept, marked and left out.
     *
     * @param text as typed
     * @param why what is wrong and what to do, as a sentence
     */
    record Unreadable(String text, String why) implements Cell {}
}
