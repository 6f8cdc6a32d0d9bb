package hestra.desktop.write;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;

/** A text, typed in its place. */
final class ProseRow implements OutlineRow {

    private final String id;
    private final TextArea area = new TextArea();
    private final VBox row;

    ProseRow(DeskModel model, Part part, Block.Prose prose) {
        this.id = prose.id();
        area.setId("write-" + id);
        area.setPromptText("The situation. *emphasis*, **strong**, - lists; {n}, {x} and {y} stand for the number of pairs and the variables.");
        area.setWrapText(true);
        area.setPrefRowCount(4);
        FocusMark.tabLeaves(area);
        area.setText(prose.text());
        TypingRun run = new TypingRun(area);
        area.textProperty().addListener((_, _, text) -> {
            if (!Optional.of(new Block.Prose(id, text)).equals(model.desk().exercise().block(id).map(Block.Prose.class::cast))) {
                model.apply(new ExerciseEdit.ChangeBlock(new Block.Prose(id, text), run.now()));
            }
        });
        area.focusedProperty().addListener((_, _, focused) -> {
            if (focused && (model.desk().task().isPresent() || !model.findings().written().id().equals(part.id()))) {
                model.apply(new Edit.GoTo(part.id()));
            }
        });
        Label name = new Label("text");
        name.getStyleClass().add("field-label");
        BlockMoves moves = BlockMoves.of(model.desk().exercise(), part, id);
        row = new VBox(OutlineRow.tools(name, action(model, moves.up()), action(model, moves.down()), () -> model.apply(new ExerciseEdit.RemoveBlock(id))), area);
        row.getStyleClass().add("outline-prose");
        row.setId("outline-" + id);
    }

    private static Runnable action(DeskModel model, Optional<ExerciseEdit> move) {
        return move.isEmpty() ? null : () -> model.apply(move.get());
    }

    @Override
    public Node node() {
        return row;
    }

    @Override
    public void show(Exercise exercise) {
        String now = exercise.block(id).map(block -> ((Block.Prose) block).text()).orElse("");
        if (!area.getText().equals(now)) {
            area.setText(now);
        }
    }
}
