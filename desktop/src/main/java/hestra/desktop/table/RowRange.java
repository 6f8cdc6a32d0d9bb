package hestra.desktop.table;

import java.util.List;

/**
 * The rows that are taken of a table, from the first to the last, both counted from 1 and included.
 *
 * @param first at least 1
 * @param last at least {@code first}; more than there are for all to the end
 */
record RowRange(int first, int last) {

    static final RowRange ALL = new RowRange(1, Integer.MAX_VALUE);

    /** The rows of this range; all of them where none of them is in it. */
    <T> List<T> of(List<T> rows) {
        return first > rows.size() || last < first ? rows : rows.subList(first - 1, Math.min(last, rows.size()));
    }
}
