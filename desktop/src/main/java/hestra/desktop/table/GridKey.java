package hestra.desktop.table;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.input.KeyCombination;

import hestra.desktop.parts.KeyLine;

/** What can be done with the selected cells, and its key. */
public enum GridKey {
    COPY("Copy", "Shortcut+C"),
    CUT("Cut", "Shortcut+X"),
    FILL("Fill the sequence down", "Alt+Enter"),
    CLEAR("Empty the cells", "Delete"),
    CLEAR_COLUMN("Empty the column", null),
    INSERT_ROW("Insert a row above", "Alt+Insert"),
    REMOVE_ROW("Remove the row", "Alt+Delete"),
    ROW_UP("Move the row up", "Alt+Up"),
    ROW_DOWN("Move the row down", "Alt+Down"),
    NAME("Name and unit of the column…", "Alt+N"),
    USE("What the column is for…", "Alt+U"),
    INSERT_COLUMN("Insert a column on the right", "Alt+Shift+Insert"),
    REMOVE_COLUMN("Remove the column", "Alt+Shift+Delete"),
    COLUMN_LEFT("Move the column left", "Alt+Left"),
    COLUMN_RIGHT("Move the column right", "Alt+Right"),
    FIT_THESE("Fit curves to these rows alone", "Alt+F"),
    FIT_ALL("Fit curves to all rows", "Alt+Shift+F");

    private final String title;
    private final Optional<KeyCombination> key;

    GridKey(String title, String key) {
        this.title = title;
        this.key = Optional.ofNullable(key).map(KeyCombination::valueOf);
    }

    String title() {
        return title;
    }

    /** Its key; nothing where it is in the menu alone. */
    Optional<KeyCombination> key() {
        return key;
    }

    /** The keys of a table: of typing and going about first, then of what can be done with the cells. */
    public static List<KeyLine> lines() {
        return Stream.concat(DataGrid.KEYS.stream(), Arrays.stream(values()).filter(it -> it.key.isPresent())
                .map(it -> KeyLine.of(it.key.get(), Character.toLowerCase(it.title.charAt(0))
                        + it.title.substring(1)))).toList();
    }
}
