package hestra.desktop.window;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.KeyLine;
import hestra.desktop.plot.PlotView;
import hestra.desktop.table.DataGrid;
import hestra.desktop.window.MainWindow.View;
import hestra.task.Keepable;

/** The keys that mean the same wherever the keyboard is in the window. */
final class WindowKeys {

    private static final KeyCode HELP = KeyCode.F1;
    private static final KeyCode ROUND = KeyCode.F6;
    private static final KeyCode LARGER = KeyCode.F8;
    private static final KeyCombination CHECK = KeyCombination.valueOf("Shortcut+Enter");
    private static final KeyCombination UNDO = KeyCombination.valueOf("Shortcut+Z");
    private static final KeyCombination REDO = KeyCombination.valueOf("Shortcut+Shift+Z");
    private static final KeyCombination REDO_TOO = KeyCombination.valueOf("Shortcut+Y");
    private static final KeyCombination START = KeyCombination.valueOf("Alt+Home");
    private static final KeyCombination NUMBERS = KeyCombination.valueOf("Shortcut+B");
    private static final Map<KeyCombination, Keepable> KEEP = Map.of(KeyCombination.valueOf("Shortcut+K"), Keepable.FIGURE,
            KeyCombination.valueOf("Shortcut+E"), Keepable.EQUATION,
            KeyCombination.valueOf("Shortcut+R"), Keepable.READINGS);
    private static final KeyCombination PASTE = KeyCombination.valueOf("Shortcut+V");

    private static final KeyCode WORDS = KeyCode.D;
    private static final KeyCode MENU = KeyCode.F10;
    private static final KeyCode AGAIN = KeyCode.F7;
    private static final KeyCode ALOUD = KeyCode.F9;

    /** What they do. */
    static final List<KeyLine> LINES = List.of(
            new KeyLine("F6, Shift+F6", "to the next part of the window, and back"),
            new KeyLine("F10", "the menu"),
            new KeyLine("F7", "the last notice once more"),
            new KeyLine("F9, Shift+F9", "reads aloud, or no longer; reads the task"),
            KeyLine.of(START, "Start"),
            KeyLine.of(NUMBERS, "all numbers, in the place of the sheet"),
            KeyLine.of(CHECK, "checks the task; on a board, goes ahead"),
            KeyLine.of(UNDO, "undo"),
            new KeyLine(REDO.getDisplayText() + ", " + REDO_TOO.getDisplayText(), "redo"),
            new KeyLine("F8, Shift+F8", "larger type, smaller type"),
            new KeyLine("F1", "this list"),
            new KeyLine("Esc", "deselects, closes, goes back to the sheet"));
    /** What is kept of the plot on the sheet. */
    static final List<KeyLine> KEEPING = List.of(
            new KeyLine("Ctrl+K", "keeps the plot on it"),
            new KeyLine("Ctrl+E, Ctrl+R", "the equation, the readings"));

    private final MainWindow window;
    private final Rounds rounds;

    /** Listens to the keys of a window, whose parts a key goes round. */
    WindowKeys(MainWindow window, Parent root, Rounds rounds) {
        this.window = window;
        this.rounds = rounds;
        root.addEventFilter(KeyEvent.KEY_PRESSED, this::before);
        root.addEventHandler(KeyEvent.KEY_PRESSED, this::after);
    }

    /** Undo and redo are the desk's, in text fields too: an answer is part of the work. A cell being typed is its own. */
    private void before(KeyEvent event) {
        boolean typingCell = window.root().getScene().getFocusOwner() instanceof TextInputControl field
                && DataGrid.isCellEditor(field);
        if (Board.uppermost(window.root()).isPresent() && event.getCode() != HELP && event.getCode() != LARGER) {
            // A board holds the keyboard: nothing is done behind it.
            return;
        }
        if (event.getCode() == ROUND) {
            rounds.go(window.root().getScene(), event.isShiftDown());
            event.consume();
        } else if (!typingCell && done(event)) {
            event.consume();
        }
    }

    private boolean done(KeyEvent event) {
        if (event.getCode() == HELP) {
            window.boards().open(Boards.Kind.KEYS);
        } else if (event.getCode() == MENU && !event.isShiftDown()) {
            window.openMenu();
        } else if (event.getCode() == AGAIN) {
            window.voice().again();
        } else if (event.getCode() == ALOUD && event.isShiftDown()) {
            window.voice().readTask();
        } else if (event.getCode() == ALOUD) {
            window.voice().toggle();
        } else if (event.getCode() == LARGER) {
            if (event.isShiftDown()) {
                window.look().smallerType();
            } else {
                window.look().nextType();
            }
        } else if (CHECK.match(event) && window.view() == View.WORK) {
            window.work().checkTaskInHand();
        } else if (START.match(event)) {
            window.goToStart();
        } else if (NUMBERS.match(event) && window.view() == View.WORK) {
            window.work().toggleOverview();
        } else if (window.view() == View.WORK && kept(event).isPresent()) {
            window.work().keep(kept(event).get());
        } else if (window.view() == View.START) {
            return false;
        } else if (UNDO.match(event)) {
            window.undo();
        } else if (REDO.match(event) || REDO_TOO.match(event)) {
            window.redo();
        } else {
            return false;
        }
        return true;
    }

    private static Optional<Keepable> kept(KeyEvent event) {
        return KEEP.entrySet().stream().filter(it -> it.getKey().match(event)).map(Map.Entry::getValue).findFirst();
    }

    /** What nothing in the window has taken: a copied picture, and Escape, which leads back to the sheet. */
    private void after(KeyEvent event) {
        if (event.getTarget() instanceof Button && event.getCode().isArrowKey()) {
            // The toolkit would go to whatever stands there, in another part of the window perhaps.
            event.consume();
            return;
        }
        if (window.view() == View.START) {
            if (PASTE.match(event)) {
                window.filing().pasteData();
            } else if (event.getCode() == KeyCode.ESCAPE) {
                window.leaveStart();
            }
        } else if (event.getCode() == WORDS && event.getTarget() instanceof PlotView && !event.isShortcutDown()) {
            window.boards().plotInWords(window.model().findings());
            event.consume();
        } else if (PASTE.match(event) && window.view() == View.WRITE && window.write().pastePicture()) {
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE && window.view() == View.MARK) {
            window.mark().begin();
        } else if (event.getCode() == KeyCode.ESCAPE && window.view() == View.WORK) {
            window.work().sheet().whereToType().ifPresent(FocusMark::give);
        }
    }
}
