package hestra.desktop.parts;

import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Gives something the keyboard so that it is seen: what is given the keyboard by the program shows no mark by itself. */
public final class FocusMark {

    private static final PseudoClass VISIBLE = PseudoClass.getPseudoClass("focus-visible");

    private FocusMark() {}

    /** Gives a node the keyboard, with the mark that it has when somebody tabs to it. */
    public static void give(Node node) {
        Columns.bring(node);
        node.requestFocus();
        if (!node.isFocused() || node.isFocusVisible()) {
            return;
        }
        node.pseudoClassStateChanged(VISIBLE, true);
        node.focusedProperty().addListener(new ChangeListener<>() {
            @Override
            public void changed(ObservableValue<? extends Boolean> focused, Boolean before, Boolean now) {
                node.focusedProperty().removeListener(this);
                node.pseudoClassStateChanged(VISIBLE, false);
            }
        });
    }

    /** Has Tab go on from a text of several lines to the next control, as it does in every other field. */
    public static void tabLeaves(TextArea area) {
        area.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.TAB && !event.isShortcutDown()) {
                event.consume();
                area.requestFocusTraversal(event.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
            }
        });
    }
}
