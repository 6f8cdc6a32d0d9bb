package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.KeyLine;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Truth;

/**
 * A block on the sheet that is written, which can be taken in hand, moved, doubled, copied and taken out, by mouse and by keys.
 */
public final class BlockRow implements OutlineRow {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    /** What the keys do on a row of the sheet that is written. */
    public static final List<KeyLine> KEYS = List.of(
            new KeyLine("Enter", "selects it; in “Add” takes what is lit"),
            new KeyLine("Alt+↑ ↓", "moves it"),
            new KeyLine("Ctrl+C, Ctrl+V", "copies it, pastes below it"),
            new KeyLine("Ctrl+D", "puts in the same once more"),
            new KeyLine("Delete", "takes it out"),
            new KeyLine("Ctrl+Enter", "in a text: adds something below it"),
            new KeyLine("Ctrl+V", "a picture to take points from"));

    private final DeskModel model;
    private final SheetActions actions;
    private final String id;
    private final RowContents contents;
    private final VBox row = new VBox();

    /** What a row shows of its block. */
    interface RowContents {
        /** Fills the row; {@code tools} do what can be done to it. */
        void fill(VBox row, Tools tools);

        /** Shows what is typed, as it is now. */
        void show(Exercise exercise);

        /** What it is, in a few words. */
        String inWords();

        /** Shows what follows for it from the data and from the tasks beside it. */
        default void showKey(Exercise exercise, Truth truth) {}
    }

    BlockRow(DeskModel model, SheetActions actions, Part part, String id, boolean inHand, RowContents contents) {
        this.model = model;
        this.actions = actions;
        this.id = id;
        this.contents = contents;
        BlockMoves moves = BlockMoves.of(model.desk().exercise(), part, id);
        Tools tools = new Tools(action(moves.up()), action(moves.down()), () -> actions.duplicate(id), () -> actions.remove(id));
        contents.fill(row, tools);
        row.getStyleClass().add("outline-row");
        row.setId("outline-" + id);
        row.setFocusTraversable(true);
        row.setAccessibleRole(AccessibleRole.LIST_ITEM);
        row.pseudoClassStateChanged(IN_HAND, inHand);
        row.setOnMouseClicked(event -> {
            if (event.isStillSincePress()) {
                turnTo();
            }
        });
        row.setOnKeyPressed(event -> {
            if (row.isFocused() && key(event, tools)) {
                event.consume();
            }
        });
    }

    private boolean key(KeyEvent event, Tools tools) {
        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            turnTo();
        } else if (event.getCode() == KeyCode.DELETE) {
            tools.remove().run();
        } else if (event.isAltDown() && event.getCode() == KeyCode.UP && tools.up() != null) {
            tools.up().run();
        } else if (event.isAltDown() && event.getCode() == KeyCode.DOWN && tools.down() != null) {
            tools.down().run();
        } else if (event.isShortcutDown()) {
            return shortcut(event.getCode());
        } else {
            return false;
        }
        return true;
    }

    private boolean shortcut(KeyCode code) {
        switch (code) {
            case D -> actions.duplicate(id);
            case C -> actions.copy(id);
            case X -> {
                actions.copy(id);
                actions.remove(id);
            }
            case V -> actions.copied().ifPresent(clipping -> actions.after(id).ifPresent(spot -> actions.paste(clipping, spot)));
            default -> {
                return false;
            }
        }
        return true;
    }

    private Runnable action(Optional<ExerciseEdit> move) {
        return move.isEmpty() ? null : () -> {
            Node parent = row.getParent();
            model.apply(move.get());
            focusAgain(parent);
        };
    }

    private void turnTo() {
        Node parent = row.getParent();
        if (!model.desk().task().equals(Optional.of(id))) {
            model.apply(new Edit.TurnTo(Optional.of(id)));
            focusAgain(parent);
        }
    }

    /** Puts the keyboard on the row, which is a new one after each change. */
    private void focusAgain(Node parent) {
        Optional.ofNullable(parent.lookup("#outline-" + id)).ifPresent(Node::requestFocus);
    }

    @Override
    public Node node() {
        return row;
    }

    @Override
    public void show(Exercise exercise) {
        contents.show(exercise);
        row.setAccessibleText(contents.inWords());
    }

    @Override
    public void showKey(Exercise exercise, Truth truth) {
        contents.showKey(exercise, truth);
    }
}
