package hestra.desktop.table;

import java.util.function.BiConsumer;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyEvent;

/** The field in which a cell is typed. */
final class CellEditor extends TextField {

    /** What is to happen when typing is over. */
    enum Next {
        DOWN,
        UP,
        ON,
        BACK_UP,
        ACROSS,
        BACK,
        STAY,
        CANCEL
    }

    private final BiConsumer<String, Next> done;
    private final Runnable pasteCells;
    private boolean active;

    /**
     * A field for one cell.
     *
     * @param done is told the text and what is to happen next
     * @param pasteCells pastes into the table, where the clipboard holds more than one cell
     */
    CellEditor(BiConsumer<String, Next> done, Runnable pasteCells) {
        this.done = done;
        this.pasteCells = pasteCells;
        getStyleClass().add("cell-editor");
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                finish(Next.STAY);
            }
        });
    }

    /**
     * Begins.
     *
     * @param text what stands in the cell
     * @param replacement what was typed to begin with, in place of it; null to go on from what is there
     */
    void begin(String text, String replacement) {
        active = true;
        setText(replacement == null ? text : replacement);
        // Gives the field its skin now: without one, keys that follow before the next frame would be lost.
        applyCss();
        requestFocus();
        deselect();
        end();
    }

    /** Several cells do not belong into one: they go into the table, as if no cell had been opened. */
    @Override
    public void paste() {
        String text = Clipboard.getSystemClipboard().getString();
        if (active && text != null && (text.indexOf('\t') >= 0 || text.strip().indexOf('\n') >= 0)) {
            finish(Next.CANCEL);
            pasteCells.run();
        } else {
            super.paste();
        }
    }

    private void pressed(KeyEvent event) {
        switch (event.getCode()) {
            case ENTER -> finish(event.isShiftDown() ? Next.BACK_UP : Next.ON, event);
            case TAB -> finish(event.isShiftDown() ? Next.BACK : Next.ACROSS, event);
            case DOWN -> finish(Next.DOWN, event);
            case UP -> finish(Next.UP, event);
            case ESCAPE -> finish(Next.CANCEL, event);
            default -> { }
        }
    }

    private void finish(Next next, KeyEvent event) {
        event.consume();
        finish(next);
    }

    private void finish(Next next) {
        if (active) {
            active = false;
            done.accept(getText(), next);
        }
    }
}
