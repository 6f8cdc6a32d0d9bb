package hestra.data;

import java.math.BigDecimal;
import java.util.DoubleSummaryStatistics;
import java.util.stream.DoubleStream;

import hestra.numbers.NumberStyle;

/**
 * How finely a variable was measured: the decimal place of the last digit that its values were written with.
 *
 * @param places decimal places; negative where the last digit stands before the mark, as in 1.5 × 10⁹
 */
public record Fineness(int places) {

    private static final int SAMPLE = 200;
    private static final int MOST_PLACES = 12;
    private static final int DIGITS_OF_SPREAD = 5;
    private static final int LEAST_DIGITS = 2;
    private static final int MOST_DIGITS = 15;
    private static final double LEAST_PLAIN = 1e-4;
    private static final double LEAST_LONG = 1e15;

    /** That of a column's first values; whole numbers where there are none. */
    public static Fineness of(DataTable table, int column) {
        int typed = table.places(column);
        int shortest = of(values(table, column)).places;
        return new Fineness(Math.max(typed, shortest));
    }

    /** The same, no finer than the values carry. */
    public static Fineness carried(DataTable table, int column) {
        return of(table, column).carriedBy(values(table, column));
    }

    private static DoubleStream values(DataTable table, int column) {
        return table.rows().stream().limit(SAMPLE).map(row -> row.cell(column)).filter(Cell.Measured.class::isInstance)
                .mapToDouble(cell -> ((Cell.Measured) cell).value());
    }

    /** That of values as they are written in the shortest way. */
    public static Fineness of(DoubleStream values) {
        int places = values.limit(SAMPLE).filter(value -> value != 0)
                .mapToInt(value -> new BigDecimal(Double.toString(value)).stripTrailingZeros().scale()).max().orElse(0);
        // Whole numbers are whole, however many noughts they end in.
        return new Fineness(Math.max(places, 0));
    }

    /**
     * How finely numbers are to be worked out from these values: as finely as they were measured, but no finer than where their
     * spread has five digits. Of 43.12345678 among values from 12 to 75, the last five decimals carry nothing.
     */
    public Fineness carriedBy(DoubleStream values) {
        DoubleSummaryStatistics all = values.limit(SAMPLE).summaryStatistics();
        double spread = all.getMax() - all.getMin();
        int carried = spread > 0 && Double.isFinite(spread)
                ? DIGITS_OF_SPREAD - 1 - (int) Math.floor(Math.log10(spread)) : places;
        return new Fineness(Math.min(places, Math.max(carried, 0)));
    }

    /** Half a unit of the last place: what rounding to it may change. */
    public double half() {
        return 0.5 * Math.pow(10, -places);
    }

    /** A value to so many more places than were measured. */
    public String show(double value, int more, NumberStyle style) {
        int to = places + more;
        double size = Math.abs(value);
        if (to <= MOST_PLACES && (size >= LEAST_PLAIN || value == 0) && size < LEAST_LONG) {
            return style.places(value, to);
        }
        int exponent = value == 0 || !Double.isFinite(value) ? 0 : (int) Math.floor(Math.log10(size));
        return style.withDigits(Math.clamp(to + exponent + 1L, LEAST_DIGITS, MOST_DIGITS)).show(value);
    }
}
