package hestra.data;

import java.util.stream.IntStream;

/**
 * Which column explains and which responds.
 *
 * @param explanatory column of x, from 0
 * @param response column of y, from 0, another one
 */
public record Roles(int explanatory, int response) {

    /** The first column explains, the second responds. */
    public static final Roles FIRST_EXPLAINS = new Roles(0, 1);

    public Roles {
        if (explanatory == response || explanatory < 0 || response < 0) {
            throw new IllegalArgumentException("columns " + explanatory + " and " + response);
        }
    }

    /** The first two columns that hold more numbers than words; the first two of all where there are none such. */
    public static Roles likelyIn(DataTable table) {
        int[] numeric = IntStream.range(0, table.width()).filter(column -> {
            long words = table.rows().stream().filter(row -> row.cell(column) instanceof Cell.Unreadable).count();
            long numbers = table.rows().stream().filter(row -> row.cell(column) instanceof Cell.Measured).count();
            return numbers > words;
        }).limit(2).toArray();
        return numeric.length == 2 ? new Roles(numeric[0], numeric[1]) : FIRST_EXPLAINS;
    }

    public Roles swapped() {
        return new Roles(response, explanatory);
    }
}
