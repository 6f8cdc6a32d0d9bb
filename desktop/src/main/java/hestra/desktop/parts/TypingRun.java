package hestra.desktop.parts;

import java.util.Optional;
import javafx.scene.Node;

/**
 * Names the runs of typing in one field, for edits that are undone together: a run goes on while the keyboard stays in the field,
 * and coming back to it begins another.
 */
public final class TypingRun {

    private final Node field;
    private int number;

    /** The runs in a field, which has an id. */
    public TypingRun(Node field) {
        this.field = field;
        field.focusedProperty().addListener((_, _, focused) -> number += focused ? 1 : 0);
    }

    /** The name of the run that is going on. */
    public Optional<String> now() {
        return Optional.of(field.getId() + " " + number);
    }
}
