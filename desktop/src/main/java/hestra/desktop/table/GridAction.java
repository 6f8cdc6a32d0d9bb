package hestra.desktop.table;

import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/**
 * Something that can be done with the selected cells, by a key or from the menu of the table.
 *
 * @param what which of them, with its title and its key
 * @param isPossible for these cells
 * @param run does it with them
 */
record GridAction(GridKey what, Predicate<Area> isPossible, Act run) {

    /** Does something with the selected cells and says where to go on from. */
    interface Act {
        /** The area to select then. */
        Area with(Area selected);
    }

    String title() {
        return what.title();
    }

    Optional<KeyCombination> key() {
        return what.key();
    }

    /** Whether a key means it. */
    boolean isMeantBy(KeyEvent event) {
        return key().filter(it -> it.match(event)).isPresent();
    }
}
