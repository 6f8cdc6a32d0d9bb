package hestra.exercise;

import java.util.List;

import hestra.data.DataTable;
import hestra.recipe.Range;

/**
 * How the data of a part differ from variant to variant.
 *
 * @param way where they come from
 * @param ranges the parameters of the recipe that differ, where new data are made
 * @param rows how many of the rows a variant has, where it has some of them; at least {@link #FEWEST_ROWS}
 * @param tellings other names for the same story, of which each variant has one; none to leave the names as they are
 * @param wishes what the data have to be like
 */
public record Varying(Way way, List<Range> ranges, int rows, List<Telling> tellings, List<Wish> wishes) {

    /** Where the data of a variant come from. */
    public enum Way {
        /** All have the same data. */
        SAME("the same for all"),
        /** Each has new data of the recipe. */
        NEW_DATA("new data of the recipe"),
        /** Each has some of the rows. */
        SOME_ROWS("some of the rows");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /**
     * Other names for the two variables.
     *
     * @param x what the explanatory variable is called, with its unit in brackets and, behind a colon, what it is; empty for no
     *     other name
     * @param y likewise the response
     */
    public record Telling(String x, String y) {

        /** The table with the variables so called. */
        DataTable named(DataTable table, int explanatory, int response) {
            DataTable named = x.isBlank() ? table : table.withVariable(explanatory, table.variable(explanatory).calledInFull(x));
            return y.isBlank() ? named : named.withVariable(response, named.variable(response).calledInFull(y));
        }
    }

    /** The most of each list. */
    public static final int MOST = 20;
    /** The fewest rows that can be kept. */
    public static final int FEWEST_ROWS = 3;

    /** Nothing differs. */
    public static final Varying NONE = new Varying(Way.SAME, List.of(), FEWEST_ROWS, List.of(), List.of());

    public Varying {
        ranges = List.copyOf(ranges);
        tellings = List.copyOf(tellings);
        wishes = List.copyOf(wishes);
        if (rows < FEWEST_ROWS || ranges.size() > MOST || tellings.size() > MOST || wishes.size() > MOST) {
            throw new IllegalArgumentException(rows + " rows, " + ranges.size() + " ranges, " + tellings.size() + " names, "
                    + wishes.size() + " wishes");
        }
    }

    /** Whether no two variants need differ. */
    public boolean isSame() {
        return way == Way.SAME && tellings.isEmpty();
    }

    public Varying with(Way other) {
        return new Varying(other, ranges, rows, tellings, wishes);
    }

    public Varying withRanges(List<Range> others) {
        return new Varying(way, others, rows, tellings, wishes);
    }

    public Varying withRows(int count) {
        return new Varying(way, ranges, Math.max(FEWEST_ROWS, count), tellings, wishes);
    }

    public Varying withTellings(List<Telling> others) {
        return new Varying(way, ranges, rows, others, wishes);
    }

    public Varying withWishes(List<Wish> others) {
        return new Varying(way, ranges, rows, tellings, others);
    }
}
