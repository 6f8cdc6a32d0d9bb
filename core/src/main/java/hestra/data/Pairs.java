package hestra.data;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * The pairs (xᵢ, yᵢ) of two columns that a fit may use, and the rows that are left out with the reason.
 *
 * <p>A row takes part when both cells hold numbers and it is not set aside. A row with neither cell filled is no row at
 * all: it is neither used nor left out.
 */
public final class Pairs {

    /** Why a row takes no part. */
    public enum Reason {
        INCOMPLETE("incomplete"),
        NOT_A_NUMBER("not a number"),
        SET_ASIDE("set aside");

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

    private final double[] x;
    private final double[] y;
    private final int[] rows;
    private final List<LeftOut> leftOut;

    private Pairs(double[] x, double[] y, int[] rows, List<LeftOut> leftOut) {
        this.x = x;
        this.y = y;
        this.rows = rows;
        this.leftOut = List.copyOf(leftOut);
    }

    /** The pairs of two arrays of finite values of the same length, row for row. */
    public static Pairs of(double[] x, double[] y) {
        if (x.length != y.length) {
            throw new IllegalArgumentException(x.length + " x and " + y.length + " y");
        }
        int[] rows = new int[x.length];
        for (int i = 0; i < rows.length; i++) {
            if (!Double.isFinite(x[i]) || !Double.isFinite(y[i])) {
                throw new IllegalArgumentException("not finite at " + i);
            }
            rows[i] = i;
        }
        return new Pairs(x.clone(), y.clone(), rows, List.of());
    }

    /** The pairs of two columns of a table. */
    public static Pairs of(DataTable table, int xColumn, int yColumn) {
        int most = table.size();
        double[] x = new double[most];
        double[] y = new double[most];
        int[] rows = new int[most];
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
                if (row.isSetAside()) {
                    leftOut.add(new LeftOut(i, Reason.SET_ASIDE, row.setAside().orElse("")));
                } else {
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
        return new Pairs(Arrays.copyOf(x, n), Arrays.copyOf(y, n),
                Arrays.copyOf(rows, n), leftOut);
    }

    /** The number of pairs. */
    public int n() {
        return x.length;
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

    public List<LeftOut> leftOut() {
        return leftOut;
    }

    /** How many rows say anything in these columns, used or not. */
    public int rowsInAll() {
        return n() + leftOut.size();
    }

    /** The same pairs with the variables the other way round. */
    public Pairs swapped() {
        return new Pairs(y, x, rows, leftOut);
    }

    public DoubleStream xs() {
        return DoubleStream.of(x);
    }

    public DoubleStream ys() {
        return DoubleStream.of(y);
    }
}
