package hestra.desktop.write;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.numbers.Counted;
import hestra.task.Key;
import hestra.task.Task;
import hestra.task.Truth;

/** A block that is edited on the right: a task with its key, a picture, a figure, the printed table, a formula. */
final class BlockRow implements OutlineRow {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");
    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");

    private final DeskModel model;
    private final Block block;
    private final VBox row = new VBox();

    BlockRow(DeskModel model, Exercise exercise, Part part, Block block, Truth truth, boolean inHand) {
        this.model = model;
        this.block = block;
        BlockMoves moves = BlockMoves.of(exercise, part, block.id());
        Label kind = new Label(kind(block));
        kind.getStyleClass().add("small");
        Runnable remove = () -> model.apply(new ExerciseEdit.RemoveBlock(block.id()));
        Node tools = OutlineRow.tools(kind, action(moves.up()), action(moves.down()), remove);
        switch (block) {
            case Block.Asked(Task task) -> row.getChildren().addAll(name((exercise.indexOf(task.id()) + 1) + " · " + task.terms().title()), key(task.key(truth)), tools);
            case Block.Illustration picture -> row.getChildren().addAll(name(picture.caption()), tools);
            case Block.Plot plot -> row.getChildren().addAll(name(plot.caption()), tools);
            case Block.Printed printed -> row.getChildren().addAll(name(printed.caption()), tools);
            case Block.Formula formula -> row.getChildren().addAll(name(formula.formula()), tools);
            case Block.Prose prose -> row.getChildren().addAll(name(prose.text()), tools);
        }
        row.getStyleClass().add("outline-row");
        row.setId("outline-" + block.id());
        row.setFocusTraversable(true);
        row.pseudoClassStateChanged(IN_HAND, inHand);
        row.setOnMouseClicked(_ -> turnTo());
        row.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                turnTo();
            } else if (event.getCode() == KeyCode.DELETE) {
                remove.run();
            } else if (event.isAltDown() && event.getCode() == KeyCode.UP && moves.up().isPresent()) {
                action(moves.up()).run();
            } else if (event.isAltDown() && event.getCode() == KeyCode.DOWN && moves.down().isPresent()) {
                action(moves.down()).run();
            } else {
                return;
            }
            event.consume();
        });
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
        model.apply(new Edit.TurnTo(Optional.of(block.id())));
        focusAgain(parent);
    }

    /** Puts the keyboard on the row, which is a new one after each change. */
    private void focusAgain(Node parent) {
        Optional.ofNullable(parent.lookup("#outline-" + block.id())).ifPresent(Node::requestFocus);
    }

    private static String kind(Block block) {
        if (!(block instanceof Block.Asked(Task task))) {
            return block.inWords();
        }
        int opens = task.terms().opens().size();
        return task.kind().title() + " · " + Counted.of(task.terms().marks(), "mark") + (opens == 0 ? "" : " · opens " + Counted.of(opens, "aid"));
    }

    private static Label name(String text) {
        Label name = new Label(text.isBlank() ? "no caption yet" : text.lines().findFirst().orElse(""));
        name.getStyleClass().add("task-title");
        name.setMinWidth(0);
        return name;
    }

    private Label key(Key computed) {
        Label key = new Label(computed.text());
        key.getStyleClass().add("outline-key");
        key.setId("key-" + block.id());
        key.pseudoClassStateChanged(MISSING, !computed.computed());
        key.setMinWidth(0);
        return key;
    }

    @Override
    public Node node() {
        return row;
    }

    @Override
    public void show(Exercise exercise) {
        // Nothing is typed here.
    }
}
