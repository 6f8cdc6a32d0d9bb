package hestra.desktop.write;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import hestra.desktop.look.Look;
import hestra.desktop.sheet.BlockView;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;

/** A picture, a figure, the printed table or a formula, as the student will see it; it is changed on the right. */
final class ShownRow implements BlockRow.RowContents {

    private final Block block;
    private final Part part;
    private final Exercise exercise;
    private final Look look;

    ShownRow(Block block, Part part, Exercise exercise, Look look) {
        this.block = block;
        this.part = part;
        this.exercise = exercise;
        this.look = look;
    }

    @Override
    public void fill(VBox row, OutlineRow.Tools tools) {
        Label kind = new Label(block.inWords());
        kind.getStyleClass().add("small");
        row.getChildren().addAll(BlockView.of(block, part, exercise, look.alongside()),
                OutlineRow.tools(kind, tools, row, false));
    }

    @Override
    public String inWords() {
        return block.inWords();
    }

    @Override
    public void show(Exercise now) {
        // Nothing is typed here.
    }
}
