package hestra.summary;

import java.util.OptionalDouble;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;

/**
 * What a column holds at a glance.
 *
 * @param kind numbers or words
 * @param filled cells with anything in them
 * @param missing cells with nothing in them, down to the last row of the table
 * @param words cells that are no numbers
 * @param least the least number; nothing where there is none
 * @param greatest the greatest number; nothing where there is none
 */
public record ColumnOverview(Kind kind, int filled, int missing, int words, OptionalDouble least, OptionalDouble greatest) {

    /** What stands in a column. */
    public enum Kind {
        EMPTY(""),
        WHOLE_NUMBERS("whole number"),
        NUMBERS("number"),
        WORDS("word"),
        /** Numbers, and words among them. */
        MIXED("number");

        private final String one;

        Kind(String one) {
            this.one = one;
        }
    }

    /** "24 numbers", "1 word"; "empty" for nothing. */
    public String counted() {
        return kind == Kind.EMPTY ? "empty" : Counted.of(kind == Kind.MIXED ? filled - words : filled, kind.one);
    }

    /** "24 numbers, 3.1 to 60.4 · 1 of 25 missing". */
    public String inWords(NumberStyle style) {
        StringBuilder text = new StringBuilder(counted());
        if (least.isPresent() && greatest.isPresent()) {
            text.append(", ").append(style.shortest(least.getAsDouble())).append(" to ")
                    .append(style.shortest(greatest.getAsDouble()));
        }
        if (missing > 0 && filled > 0) {
            text.append(" · ").append(missing).append(" of ").append(filled + missing).append(" missing");
        }
        if (words > 0 && kind == Kind.MIXED) {
            text.append(" · ").append(words).append(" not a number");
        }
        return text.toString();
    }

    /** The overview of a column, rows set aside among the others. */
    public static ColumnOverview of(DataTable table, int column) {
        int words = 0;
        int numbers = 0;
        boolean whole = true;
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        for (int row = 0; row < table.size(); row++) {
            switch (table.cell(row, column)) {
                case Cell.Empty _ -> { }
                case Cell.Unreadable _ -> words++;
                case Cell.Measured(String _, double value) -> {
                    numbers++;
                    whole = whole && value == Math.rint(value);
                    least = Math.min(least, value);
                    greatest = Math.max(greatest, value);
                }
            }
        }
        Kind withoutNumbers = words == 0 ? Kind.EMPTY : Kind.WORDS;
        Kind kind = numbers == 0 ? withoutNumbers
                : words > 0 ? Kind.MIXED
                : whole ? Kind.WHOLE_NUMBERS
                : Kind.NUMBERS;
        return new ColumnOverview(kind, numbers + words, table.size() - numbers - words, words,
                numbers == 0
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(least), numbers == 0 ? OptionalDouble.empty() : OptionalDouble.of(greatest));
    }
}
