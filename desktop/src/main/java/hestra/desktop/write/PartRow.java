package hestra.desktop.write;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Exercise;
import hestra.exercise.Part;

/** Where a part begins: its number and heading. */
final class PartRow implements OutlineRow {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private final String id;
    private final TextField heading = new TextField();
    private final VBox row;

    PartRow(DeskModel model, Exercise exercise, Part part, boolean inHand) {
        this.id = part.id();
        int place = exercise.indexOf(part);
        heading.setId("write-heading-" + id);
        heading.setPromptText("Heading of this part");
        heading.getStyleClass().add("write-heading");
        heading.setText(part.heading());
        TypingRun run = new TypingRun(heading);
        heading.textProperty().addListener((_, _, text) -> {
            if (!text.equals(model.desk().exercise().part(id).map(Part::heading).orElse(text))) {
                model.of(part).apply(new PartEdit.WriteHeading(text, run.now()));
            }
        });
        Runnable goTo = () -> model.apply(new Edit.GoTo(id));
        heading.focusedProperty().addListener((_, _, focused) -> {
            if (focused && (!model.findings().written().id().equals(id) || model.desk().task().isPresent())) {
                goTo.run();
            }
        });
        Label number = new Label("Part " + (place + 1) + " of " + exercise.parts().size());
        number.getStyleClass().add("part-number");
        row = new VBox(OutlineRow.tools(number, place == 0 ? null : () -> model.apply(new ExerciseEdit.MovePart(id, place - 1)),
                place == exercise.parts().size() - 1 ? null : () -> model.apply(new ExerciseEdit.MovePart(id, place + 1)),
                () -> model.apply(new ExerciseEdit.RemovePart(id))), heading);
        row.getStyleClass().add("outline-part");
        row.setId("outline-" + id);
        row.pseudoClassStateChanged(IN_HAND, inHand);
        row.setOnMouseClicked(_ -> goTo.run());
    }

    @Override
    public Node node() {
        return row;
    }

    @Override
    public void show(Exercise exercise) {
        Optional<String> now = exercise.part(id).map(Part::heading);
        if (now.isPresent() && !heading.getText().equals(now.get())) {
            heading.setText(now.get());
        }
    }
}
