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
 * @param part the id of the part that was turned to otherwise than by a task; nothing for that of the task in hand
 */
public record Pointing(Selection selection, OptionalInt hovered, OptionalInt handle, Optional<String> task,
        Optional<String> part) {

    /** At nothing. */
    public static final Pointing AT_NOTHING = new Pointing(Selection.NONE, OptionalInt.empty(), OptionalInt.empty(),
            Optional.empty(), Optional.empty());

    Pointing after(Edit.Passing edit) {
        return switch (edit) {
            case Edit.Select(Selection rows) -> new Pointing(rows, hovered, OptionalInt.empty(), task, part);
            case Edit.Hover(OptionalInt row) -> new Pointing(selection, row, handle, task, part);
            case Edit.TakeHandle(OptionalInt index) ->
                    new Pointing(index.isPresent() ? Selection.NONE : selection, hovered, index, task, part);
            case Edit.TurnTo(Optional<String> id) -> new Pointing(selection, hovered, handle, id, Optional.empty());
            case Edit.GoTo(String id) -> at(id);
        };
    }

    /** The same rows where they stand after a change of the table. */
    Pointing following(TableEdit change) {
        int over = hovered.isPresent() ? change.rowAfter(hovered.getAsInt()) : -1;
        return new Pointing(selection.following(change::rowAfter), over < 0 ? OptionalInt.empty() : OptionalInt.of(over), handle,
                task, part);
    }

    /** The same at a part. */
    Pointing at(String partId) {
        return new Pointing(selection, hovered, handle, Optional.empty(), Optional.of(partId));
    }

    /** The same at no row and no handle. */
    Pointing atNoRow() {
        return new Pointing(Selection.NONE, OptionalInt.empty(), OptionalInt.empty(), task, part);
    }
}
