package hestra.desktop.table;

import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.IntPredicate;
import java.util.function.Supplier;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.control.TableRow;

/** A row of the grid, marked when it is in hand, pointed at elsewhere, set aside or below the data. */
final class GridRow extends TableRow<Integer> {

    private final GridSource source;
    private final Supplier<OptionalInt> pointedAt;
    private final IntPredicate chosen;
    private final InvalidationListener onVersion = _ -> mark();

    /**
     * A row.
     *
     * @param version changes when the table may have
     * @param pointedAt the row that is pointed at anywhere
     * @param chosen whether a row has the keyboard or is selected
     * @param onHover is told when the pointer comes over this row or leaves it
     */
    GridRow(GridSource source, ObservableValue<Number> version, Supplier<OptionalInt> pointedAt, IntPredicate chosen,
            Consumer<OptionalInt> onHover) {
        this.source = source;
        this.pointedAt = pointedAt;
        this.chosen = chosen;
        hoverProperty().addListener((_, _, over) -> {
            boolean onData = over && !isEmpty() && getItem() != null && getItem() < source.table().size();
            onHover.accept(onData ? OptionalInt.of(getItem()) : OptionalInt.empty());
        });
        version.addListener(new WeakInvalidationListener(onVersion));
    }

    @Override
    protected void updateItem(Integer row, boolean empty) {
        super.updateItem(row, empty);
        mark();
    }

    private void mark() {
        boolean shown = !isEmpty() && getItem() != null;
        OptionalInt pointed = pointedAt.get();
        toggle("pointed-at", shown && pointed.isPresent() && pointed.getAsInt() == getItem());
        toggle("set-aside", shown && source.table().row(getItem()).isSetAside());
        toggle("spare", shown && getItem() >= source.table().size());
        toggle("current", shown && chosen.test(getItem()));
    }

    private void toggle(String style, boolean on) {
        pseudoClassStateChanged(PseudoClass.getPseudoClass(style), on);
    }
}
