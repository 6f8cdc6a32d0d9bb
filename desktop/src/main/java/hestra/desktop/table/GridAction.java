package hestra.desktop.table;

import java.util.function.Predicate;
import javafx.scene.input.KeyCombination;

/**
 * Something that can be done with the selected cells, by a key or from the menu of the table.
 *
 * @param title for the menu
 * @param key its key; null where it has none
 * @param isPossible for these cells
 * @param run does it with them
 */
record GridAction(String title, KeyCombination key, Predicate<Area> isPossible, Act run) {

    /** Does something with the selected cells and says where to go on from. */
    interface Act {
        /** The area to select then. */
        Area with(Area selected);
    }

    static GridAction of(String title, String key, Predicate<Area> isPossible, Act run) {
        return new GridAction(title, key == null ? null : KeyCombination.valueOf(key), isPossible, run);
    }
}
