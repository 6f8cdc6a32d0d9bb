package hestra.data;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * The pairs (xᵢ, yᵢ) of two columns that a fit may use, each with the number fᵢ of times it was observed, and the rows
 * that are left out with the reason.
 *
 * <p>A row takes part when both cells hold numbers and it is not set aside. A row with neither cell filled is no row at
 * all: it is neither used nor left out. Where a column of counts is given, its cell must hold a whole number from 1 to
 * {@value #MOST_COUNT}, or the row is left out.
 */
public final class Pairs {

    /** Why a row takes no part. */
    public enum Reason {
        INCOMPLETE("incomplete"),
        NOT_A_NUMBER("not a number"),
        SET_ASIDE("set aside"),
        COUNT("count is not a whole number from 1 to 10000"),
        NOT_CHOSEN("not among the chosen points");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /**
     * A row that takes no part.
     *
     * @param row index from 0
     * @param reason why
     * @param detail more about it, such as the student's own reason; may be empty
     */
    public record LeftOut(int row, Reason reason, String detail) {}

    /** The most often that one pair may have been observed. */
    public static final int MOST_COUNT = 10_000;

    private final double[] x;
    private final double[] y;
    /** How often each pair was observed; null where each was observed once. */
    private final int[] counts;
    private final int[] rows;
    private final List<LeftOut> leftOut;
    private final int n;

    private Pairs(double[] x, double[] y, int[] counts, int[] rows, List<LeftOut> leftOut) {
        this.x = x;
        this.y = y;
        this.counts = counts;
        this.rows = rows;
        this.leftOut = List.copyOf(leftOut);
        this.n = counts == null ? x.length : Arrays.stream(counts).reduce(0, Math::addExact);
    }

    /** The pairs of two arrays of finite values of the same length, row for row. */
    public static Pairs of(double[] x, double[] y) {
        return of(x, y, null);
    }

    /** The same with how often each pair was observed, 1 to {@value #MOST_COUNT}; null for once each. */
    public static Pairs of(double[] x, double[] y, int[] counts) {
        if (x.length != y.length || counts != null && counts.length != x.length) {
            throw new IllegalArgumentException(x.length + " x and " + y.length + " y");
        }
        if (counts != null && Arrays.stream(counts).anyMatch(count -> count < 1 || count > MOST_COUNT)) {
            throw new IllegalArgumentException("counts lie between 1 and " + MOST_COUNT);
        }
        int[] rows = new int[x.length];
        for (int i = 0; i < rows.length; i++) {
            if (!Double.isFinite(x[i]) || !Double.isFinite(y[i])) {
                throw new IllegalArgumentException("not finite at " + i);
            }
            rows[i] = i;
        }
        return new Pairs(x.clone(), y.clone(), counts == null ? null : counts.clone(), rows, List.of());
    }

    /** The pairs of two columns of a table. */
    public static Pairs of(DataTable table, int xColumn, int yColumn) {
        return of(table, xColumn, yColumn, OptionalInt.empty());
    }

    /** The pairs of the two columns that stand on the axes, with the counts of the column that says them. */
    public static Pairs of(DataTable table, Roles roles) {
        return of(table, roles.explanatory(), roles.response(), roles.count());
    }

    /** The pairs of two columns of a table, with a third column that says how often each was observed. */
    public static Pairs of(DataTable table, int xColumn, int yColumn, OptionalInt countColumn) {
        int most = table.size();
        double[] x = new double[most];
        double[] y = new double[most];
        int[] rows = new int[most];
        int[] counts = countColumn.isPresent() ? new int[most] : null;
        int n = 0;
        List<LeftOut> leftOut = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            Row row = table.row(i);
            Cell xCell = row.cell(xColumn);
            Cell yCell = row.cell(yColumn);
            if (xCell.isEmpty() && yCell.isEmpty()) {
                continue;
            }
            if (xCell instanceof Cell.Measured mx && yCell instanceof Cell.Measured my) {
                OptionalInt count = countOf(row, countColumn);
                if (row.isSetAside()) {
                    leftOut.add(new LeftOut(i, Reason.SET_ASIDE, row.setAside().orElse("")));
                } else if (count.isEmpty()) {
                    leftOut.add(new LeftOut(i, Reason.COUNT, row.cell(countColumn.getAsInt()).text()));
                } else {
                    if (counts != null) {
                        counts[n] = count.getAsInt();
                    }
                    x[n] = mx.value();
                    y[n] = my.value();
                    rows[n++] = i;
                }
            } else if (xCell instanceof Cell.Unreadable(String _, String why)) {
                leftOut.add(new LeftOut(i, Reason.NOT_A_NUMBER, why));
            } else if (yCell instanceof Cell.Unreadable(String _, String why)) {
                leftOut.add(new LeftOut(i, Reason.NOT_A_NUMBER, why));
            } else {
                leftOut.add(new LeftOut(i, Reason.INCOMPLETE, ""));
            }
        }
        return new Pairs(Arrays.copyOf(x, n), Arrays.copyOf(y, n), counts == null ? null : Arrays.copyOf(counts, n),
                Arrays.copyOf(rows, n), leftOut);
    }

    /** How often a row's pair was observed: once where no column says; nothing where its cell says no such number. */
    public static OptionalInt countOf(Row row, OptionalInt countColumn) {
        if (countColumn.isEmpty()) {
            return OptionalInt.of(1);
        }
        return row.cell(countColumn.getAsInt()) instanceof Cell.Measured(String _, double value) && value >= 1
                && value <= MOST_COUNT && value == Math.rint(value)
                ? OptionalInt.of((int) value) : OptionalInt.empty();
    }

    /** The number of observations: the sum of the counts. */
    public int n() {
        return n;
    }

    /** The number of different entries, each of which may have been observed several times. */
    public int size() {
        return x.length;
    }

    /** How often the i-th pair was observed. */
    public int count(int i) {
        return counts == null ? 1 : counts[i];
    }

    /** Whether some pair was observed more than once. */
    public boolean hasCounts() {
        return counts != null;
    }

    public double x(int i) {
        return x[i];
    }

    public double y(int i) {
        return y[i];
    }

    /** The index of the table's row that the i-th pair stands in. */
    public int row(int i) {
        return rows[i];
    }

    /** Where the pair of a table's row stands; negative where it takes no part. Rows are in the table's order. */
    public int indexOfRow(int row) {
        return Arrays.binarySearch(rows, row);
    }

    public List<LeftOut> leftOut() {
        return leftOut;
    }

    /** How many rows say anything in these columns, used or not. */
    public int rowsInAll() {
        return size() + leftOut.size();
    }

    /** The same pairs with the variables the other way round. */
    public Pairs swapped() {
        return new Pairs(y, x, counts, rows, leftOut);
    }

    /** Only the pairs in the given rows of the table; the others are left out as not chosen. */
    public Pairs only(Subset subset) {
        List<LeftOut> others = new ArrayList<>(leftOut);
        int[] kept = IntStream.range(0, size()).filter(i -> subset.rows().contains(rows[i])).toArray();
        IntStream.range(0, size()).filter(i -> !subset.rows().contains(rows[i]))
                .forEach(i -> others.add(new LeftOut(rows[i], Reason.NOT_CHOSEN, subset.name())));
        others.sort(Comparator.comparingInt(LeftOut::row));
        return new Pairs(IntStream.of(kept).mapToDouble(i -> x[i]).toArray(), IntStream.of(kept).mapToDouble(i -> y[i]).toArray(),
                counts == null ? null : IntStream.of(kept).map(i -> counts[i]).toArray(),
                IntStream.of(kept).map(i -> rows[i]).toArray(), others);
    }

    /** Without the pairs of one row of the table. */
    public Pairs without(int row) {
        return only(new Subset("without row " + (row + 1), IntStream.of(rows).filter(it -> it != row).boxed()
                .collect(Collectors.toSet())));
    }

    /** With the i-th pair somewhere else, at finite values. */
    public Pairs withMoved(int i, double toX, double toY) {
        double[] movedX = x.clone();
        double[] movedY = y.clone();
        movedX[i] = toX;
        movedY[i] = toY;
        return new Pairs(movedX, movedY, counts, rows, leftOut);
    }

    /** With every x and y put through a function that gives finite values for them. */
    public Pairs mapped(DoubleUnaryOperator ofX, DoubleUnaryOperator ofY) {
        return new Pairs(xs().map(ofX).toArray(), ys().map(ofY).toArray(), counts, rows, leftOut);
    }

    /**
     * The same measured in halves of what they span, from the middle of that: both coordinates lie between −1 and 1, or are 0
     * where all are equal.
     */
    public Pairs withinOne() {
        return mapped(withinOne(xs().summaryStatistics()), withinOne(ys().summaryStatistics()));
    }

    private static DoubleUnaryOperator withinOne(DoubleSummaryStatistics values) {
        double middle = values.getMin() / 2 + values.getMax() / 2;
        double half = values.getMax() / 2 - values.getMin() / 2;
        return half == 0 ? _ -> 0 : value -> (value - middle) / half;
    }

    public DoubleStream xs() {
        return DoubleStream.of(x);
    }

    public DoubleStream ys() {
        return DoubleStream.of(y);
    }
}
