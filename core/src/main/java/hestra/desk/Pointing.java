package hestra.desk;

import java.util.Optional;
import java.util.OptionalInt;

import hestra.data.Selection;
import hestra.data.TableEdit;

/**
 * What is pointed at on a desk: it passes, is neither undone nor journalled, and stays where it is when an edit is undone.
 *
 * @param selection the selected rows, in every view
 * @param hovered the row under the pointer, in every view
 * @param handle the handle of the curve tried by eye that keys move; nothing for the whole curve
 * @param task the id of the task that was turned to; nothing for the first that is not done
 */
public record Pointing(Selection selection, OptionalInt hovered, OptionalInt handle, Optional<String> task) {

    /** At nothing. */
    public static final Pointing AT_NOTHING = new Pointing(Selection.NONE, OptionalInt.empty(), OptionalInt.empty(), Optional.empty());

    Pointing after(Edit.Passing edit) {
        return switch (edit) {
            case Edit.Select(Selection rows) -> new Pointing(rows, hovered, OptionalInt.empty(), task);
            case Edit.Hover(OptionalInt row) -> new Pointing(selection, row, handle, task);
            case Edit.TakeHandle(OptionalInt index) -> new Pointing(index.isPresent() ? Selection.NONE : selection, hovered, index, task);
            case Edit.TurnTo(Optional<String> id) -> new Pointing(selection, hovered, handle, id);
        };
    }

    /** The same rows where they stand after a change of the table. */
    Pointing following(TableEdit change) {
        int over = hovered.isPresent() ? change.rowAfter(hovered.getAsInt()) : -1;
        return new Pointing(selection.following(change::rowAfter), over < 0 ? OptionalInt.empty() : OptionalInt.of(over), handle, task);
    }
}
