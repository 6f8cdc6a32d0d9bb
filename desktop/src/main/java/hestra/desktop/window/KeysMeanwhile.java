package hestra.desktop.window;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.desktop.parts.Notices;

/**
 * Keys that are pressed while something is being opened: they are meant for what was chosen, and not for what it was chosen in.
 * They are held, and arrive there once it is open; where it cannot be opened they are let go. Escape, and the keys by which one
 * comes to the button that stops it and presses that, are never held.
 */
final class KeysMeanwhile {

    private final Parent root;
    private final List<KeyEvent> held = new ArrayList<>();
    private int openings;

    /** Holds keys anywhere in a window; made before anything else that takes keys there. */
    KeysMeanwhile(Parent root) {
        this.root = root;
        root.addEventFilter(KeyEvent.ANY, event -> {
            if (openings > 0 && !isForWhatIsHere(event)) {
                held.add(event);
                event.consume();
            }
        });
    }

    /** Whether a key is meant for the window as it is: to go about in it, or to stop the opening. */
    private boolean isForWhatIsHere(KeyEvent event) {
        Node owner = root.getScene().getFocusOwner();
        boolean stops = owner != null && owner.getId() != null && owner.getId().equals(Notices.CANCEL);
        return stops || event.getCode() == KeyCode.ESCAPE || event.getCode() == KeyCode.TAB;
    }

    /** Holds keys from here on, until it is told that the opening has ended. */
    void begin() {
        openings++;
    }

    /** The opening has ended: keys go to what has the keyboard now, where it is open. */
    void end(boolean open) {
        openings--;
        if (openings == 0) {
            List<KeyEvent> keys = open ? List.copyOf(held) : List.of();
            held.clear();
            Platform.runLater(() -> keys.forEach(this::deliver));
        }
    }

    private void deliver(KeyEvent key) {
        Node owner = root.getScene() == null ? null : root.getScene().getFocusOwner();
        if (owner != null) {
            Event.fireEvent(owner, key.copyFor(owner, owner));
        }
    }
}
