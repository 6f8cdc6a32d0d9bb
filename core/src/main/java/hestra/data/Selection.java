package hestra.data;

import java.util.Collection;
import java.util.Collections;
import java.util.OptionalInt;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.IntUnaryOperator;

/**
 * The rows that are selected, in every view the same: none, one, or several of which one is in hand.
 *
 * @param inHand the row that keys act from; nothing where no row is selected
 * @param rows all selected rows, that one among them
 */
public record Selection(OptionalInt inHand, SortedSet<Integer> rows) {

    /** No row. */
    public static final Selection NONE = new Selection(OptionalInt.empty(), Collections.emptySortedSet());

    public Selection {
        SortedSet<Integer> all = new TreeSet<>(rows);
        inHand.ifPresent(all::add);
        rows = Collections.unmodifiableSortedSet(all);
        inHand = inHand.isEmpty() && !all.isEmpty() ? OptionalInt.of(all.getLast()) : inHand;
    }

    /** One row. */
    public static Selection of(int row) {
        return new Selection(OptionalInt.of(row), Collections.emptySortedSet());
    }

    /** One row, or none. */
    public static Selection of(OptionalInt row) {
        return new Selection(row, Collections.emptySortedSet());
    }

    /** Several rows; the last of them is in hand. */
    public static Selection of(Collection<Integer> rows) {
        return new Selection(OptionalInt.empty(), new TreeSet<>(rows));
    }

    public boolean has(int row) {
        return rows.contains(row);
    }

    public boolean isInHand(int row) {
        return inHand.isPresent() && inHand.getAsInt() == row;
    }

    public boolean isEmpty() {
        return rows.isEmpty();
    }

    public boolean isSeveral() {
        return rows.size() > 1;
    }

    /** With one more row, which is then in hand. */
    public Selection with(int row) {
        return new Selection(OptionalInt.of(row), rows);
    }

    /** Without a row; the last of the others is in hand where that one was. */
    public Selection without(int row) {
        SortedSet<Integer> others = new TreeSet<>(rows);
        others.remove(row);
        return new Selection(isInHand(row) ? OptionalInt.empty() : inHand, others);
    }

    /** The same rows where they stand after a change; those that it took out are no longer selected. */
    public Selection following(IntUnaryOperator rowAfter) {
        SortedSet<Integer> after = new TreeSet<>();
        rows.forEach(row -> after.add(rowAfter.applyAsInt(row)));
        after.removeIf(row -> row < 0);
        int lead = inHand.isPresent() ? rowAfter.applyAsInt(inHand.getAsInt()) : -1;
        return new Selection(lead < 0 ? OptionalInt.empty() : OptionalInt.of(lead), after);
    }
}
