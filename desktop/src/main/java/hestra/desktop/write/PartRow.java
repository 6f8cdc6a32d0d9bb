package hestra.desktop.write;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
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

    PartRow(DeskModel model, SheetActions actions, Exercise exercise, Part part, boolean inHand) {
        this.id = part.id();
        int place = exercise.indexOf(part);
        heading.setId("write-heading-" + id);
        heading.setPromptText("Heading of this part");
        heading.getStyleClass().addAll("sheet-field", "write-heading");
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
        Label number = new Label("PART " + (place + 1) + " OF " + exercise.parts().size());
        number.getStyleClass().add("part-number");
        Tools tools = new Tools(place == 0 ? null : () -> model.apply(new ExerciseEdit.MovePart(id, place - 1)),
                place == exercise.parts().size() - 1
                        ? null : () -> model.apply(new ExerciseEdit.MovePart(id, place + 1)), () -> actions.duplicatePart(id),
                () -> model.apply(new ExerciseEdit.RemovePart(id)));
        row = new VBox();
        row.getChildren().addAll(OutlineRow.tools(number, tools, row, false), heading);
        row.getStyleClass().add("outline-part");
        row.setId("outline-" + id);
        row.pseudoClassStateChanged(IN_HAND, inHand);
        row.setOnMouseClicked(_ -> goTo.run());
        row.setFocusTraversable(true);
        row.setAccessibleRole(AccessibleRole.LIST_ITEM);
        row.accessibleTextProperty().bind(number.textProperty().concat(": ").concat(heading.textProperty()));
        row.setOnKeyPressed(event -> {
            if (row.isFocused() && event.isShortcutDown() && (event.getCode() == KeyCode.C || event.getCode() == KeyCode.D)) {
                if (event.getCode() == KeyCode.C) {
                    actions.copyPart(id);
                } else {
                    actions.duplicatePart(id);
                }
                event.consume();
            }
        });
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
