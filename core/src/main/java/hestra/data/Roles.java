package hestra.data;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.IntUnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * What the columns are for: one explains, another responds; others may name the points, tell groups of them apart, or say
 * how often each pair was observed. The rest take no part. No column has two uses.
 *
 * @param explanatory column of x, from 0
 * @param response column of y, from 0
 * @param label column of the points' names
 * @param group column whose texts tell groups of points apart
 * @param count column of frequencies, see {@link Pairs}
 */
public record Roles(int explanatory, int response, OptionalInt label, OptionalInt group, OptionalInt count) {

    /** What a column may be for. */
    public enum Use {
        EXPLAINS("explains"),
        RESPONDS("responds"),
        NAMES("names"),
        GROUPS("groups"),
        COUNTS("counts"),
        NOTHING("not used");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }

        /** Whether the column stands on an axis. */
        public boolean isAxis() {
            return this == EXPLAINS || this == RESPONDS;
        }

        /** What a column of this use may be put to: it leaves an axis only when another takes its place. */
        public List<Use> possible() {
            return isAxis() ? List.of(EXPLAINS, RESPONDS) : List.of(values());
        }
    }

    /** What a column of counts is called. */
    private static final Pattern COUNTING =
            Pattern.compile("(?i)n|counts?|freq\\.?|frequency|frequencies|times|how many|how often|number of times");
    private static final int MOST_GROUPS = 6;

    /** The first column explains, the second responds. */
    public static final Roles FIRST_EXPLAINS = new Roles(0, 1);

    public Roles {
        IntStream used = IntStream.concat(IntStream.of(explanatory, response),
                IntStream.concat(label.stream(), IntStream.concat(group.stream(), count.stream())));
        int[] columns = used.toArray();
        if (IntStream.of(columns).anyMatch(column -> column < 0) || IntStream.of(columns).distinct().count() < columns.length) {
            throw new IllegalArgumentException("columns " + IntStream.of(columns).boxed().toList());
        }
    }

    /** Columns for the two axes and no others. */
    public Roles(int explanatory, int response) {
        this(explanatory, response, OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty());
    }

    /**
     * The first two columns that hold more numbers than words, counts after all others, and the first column of words that are
     * all different as the points' names; the first two of all where there are no two of numbers.
     */
    public static Roles likelyIn(DataTable table) {
        int[] all = IntStream.range(0, table.width())
                .filter(column -> count(table, column, Cell.Measured.class) > count(table, column, Cell.Unreadable.class))
                .toArray();
        int[] measured = IntStream.of(all).filter(column -> !areCounts(table, column)).toArray();
        int[] numeric = measured.length >= 2 ? measured : all;
        if (numeric.length < 2) {
            return FIRST_EXPLAINS;
        }
        OptionalInt names = IntStream.range(0, table.width()).filter(column -> areNames(table, column)).findFirst();
        return new Roles(numeric[0], numeric[1], names, OptionalInt.empty(), OptionalInt.empty());
    }

    private static long count(DataTable table, int column, Class<? extends Cell> kind) {
        return table.rows().stream().filter(row -> kind.isInstance(row.cell(column))).count();
    }

    /** Whether a column is of words, no two of which are the same. */
    private static boolean areNames(DataTable table, int column) {
        long words = count(table, column, Cell.Unreadable.class);
        return words > table.size() / 2 && count(table, column, Cell.Measured.class) == 0
                && table.rows().stream().map(row -> row.cell(column)).filter(Cell.Unreadable.class::isInstance)
                .map(Cell::text).distinct().count() == words;
    }

    /**
     * What a column that is not used looks like: counts, by its name and its whole numbers from 0 on, or groups, by a few words
     * that come again. A column that is taken for names is no offer.
     *
     * @param column from 0
     * @param use counts or groups
     */
    public record Offer(int column, Use use) {}

    /** What the columns that are not used look like; of each use the first, and none that is taken. */
    public List<Offer> offers(DataTable table) {
        List<Offer> offers = new ArrayList<>();
        IntStream unused = IntStream.range(0, table.width()).filter(column -> useOf(column) == Use.NOTHING);
        int[] free = unused.toArray();
        if (count.isEmpty()) {
            IntStream.of(free).filter(column -> areCounts(table, column)).limit(1)
                    .forEach(column -> offers.add(new Offer(column, Use.COUNTS)));
        }
        if (group.isEmpty()) {
            IntStream.of(free).filter(column -> areGroups(table, column)).limit(1)
                    .forEach(column -> offers.add(new Offer(column, Use.GROUPS)));
        }
        return offers;
    }

    private static boolean areCounts(DataTable table, int column) {
        boolean whole = table.rows().stream().map(row -> row.cell(column)).filter(Cell.Measured.class::isInstance)
                .mapToDouble(cell -> ((Cell.Measured) cell).value()).allMatch(value -> value >= 0 && value == Math.rint(value));
        return COUNTING.matcher(table.variable(column).name().strip()).matches() && whole
                && count(table, column, Cell.Measured.class) > 0 && count(table, column, Cell.Unreadable.class) == 0;
    }

    private static boolean areGroups(DataTable table, int column) {
        long words = count(table, column, Cell.Unreadable.class);
        long different = table.rows().stream().map(row -> row.cell(column)).filter(Cell.Unreadable.class::isInstance)
                .map(cell -> cell.text().strip()).distinct().count();
        return count(table, column, Cell.Measured.class) == 0 && different >= 2 && different <= MOST_GROUPS
                && words >= 2 * different;
    }

    /** What a column is for. */
    public Use useOf(int column) {
        if (column == explanatory) {
            return Use.EXPLAINS;
        } else if (column == response) {
            return Use.RESPONDS;
        } else if (is(label, column)) {
            return Use.NAMES;
        } else if (is(group, column)) {
            return Use.GROUPS;
        }
        return is(count, column) ? Use.COUNTS : Use.NOTHING;
    }

    /**
     * With a column put to a use. What had that use before has none any more; but an axis is never empty: a column that is
     * put on the other one's axis changes places with it, and one that stands on an axis leaves it only for another column.
     */
    public Roles with(int column, Use use) {
        Use now = useOf(column);
        if (now == use || now.isAxis() && !use.isAxis()) {
            return this;
        }
        if (now.isAxis()) {
            return swapped();
        }
        Roles free = new Roles(explanatory, response, without(label, column), without(group, column), without(count, column));
        return switch (use) {
            case EXPLAINS -> new Roles(column, response, free.label, free.group, free.count);
            case RESPONDS -> new Roles(explanatory, column, free.label, free.group, free.count);
            case NAMES -> new Roles(explanatory, response, OptionalInt.of(column), free.group, free.count);
            case GROUPS -> new Roles(explanatory, response, free.label, OptionalInt.of(column), free.count);
            case COUNTS -> new Roles(explanatory, response, free.label, free.group, OptionalInt.of(column));
            case NOTHING -> free;
        };
    }

    /** The two axes changed over. */
    public Roles swapped() {
        return new Roles(response, explanatory, label, group, count);
    }

    /** Whether the same columns stand on the same axes, whatever the others are for. */
    public boolean hasAxesOf(Roles other) {
        return explanatory == other.explanatory && response == other.response;
    }

    /** Whether every column is one of so many. */
    public boolean isWithin(int width) {
        return Math.max(explanatory, response) < width
                && Math.max(label.orElse(0), Math.max(group.orElse(0), count.orElse(0))) < width;
    }

    /** Whether a column holds numbers by its use, so that words in it are mistakes. */
    public boolean isMeasured(int column) {
        return useOf(column).isAxis() || is(count, column);
    }

    /**
     * The roles when each column stands elsewhere.
     *
     * @param placeAfter where a column is then; negative where it is gone
     * @param table the table then: a column on an axis that is gone is replaced by a likely one
     */
    public Roles following(IntUnaryOperator placeAfter, DataTable table) {
        int x = placeAfter.applyAsInt(explanatory);
        int y = placeAfter.applyAsInt(response);
        if (x < 0 || y < 0) {
            int kept = Math.max(x, y);
            Roles likely = likelyIn(table);
            int other = likely.explanatory != kept ? likely.explanatory : likely.response;
            x = x < 0 ? other : x;
            y = y < 0 ? other : y;
        }
        int newX = x;
        int newY = y;
        OptionalInt newLabel = after(label, placeAfter, newX, newY);
        OptionalInt newGroup = after(group, placeAfter, newX, newY);
        return new Roles(newX, newY, newLabel, newGroup, after(count, placeAfter, newX, newY));
    }

    private static OptionalInt after(OptionalInt column, IntUnaryOperator placeAfter, int x, int y) {
        OptionalInt moved = column.isPresent() ? OptionalInt.of(placeAfter.applyAsInt(column.getAsInt())) : column;
        return moved.isPresent() && (moved.getAsInt() < 0 || moved.getAsInt() == x || moved.getAsInt() == y)
                ? OptionalInt.empty() : moved;
    }

    private static boolean is(OptionalInt use, int column) {
        return use.isPresent() && use.getAsInt() == column;
    }

    private static OptionalInt without(OptionalInt use, int column) {
        return is(use, column) ? OptionalInt.empty() : use;
    }
}
