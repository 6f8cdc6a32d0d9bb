package hestra.desktop.sheet;

import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;
import hestra.exercise.Part;

import static hestra.desktop.parts.Presence.present;

/** Where a part begins on the sheet: its number and heading. A click, or Enter, takes the part in hand. */
final class PartHeading extends VBox {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private final String part;
    private final Label number = new Label();
    private final Label heading = new Label();

    PartHeading(DeskModel model, Part part) {
        this.part = part.id();
        setId("part-" + part.id());
        getStyleClass().add("part-heading");
        number.getStyleClass().add("part-number");
        heading.getStyleClass().add("part-title");
        heading.setWrapText(true);
        heading.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(number, heading);
        setFocusTraversable(true);
        setOnMouseClicked(_ -> model.apply(new Edit.GoTo(this.part)));
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                model.apply(new Edit.GoTo(this.part));
                event.consume();
            }
        });
        Tip.set(this, "Show the data and the plot of this part");
    }

    /** Shows it; in an exercise of one part only a heading is shown, where there is one. */
    void show(Exercise exercise, Part inHand) {
        Part now = exercise.part(part).orElseThrow();
        boolean several = exercise.parts().size() > 1;
        number.setText("PART " + (exercise.indexOf(now) + 1) + " OF " + exercise.parts().size());
        heading.setText(now.heading());
        present(number, several);
        present(heading, !now.heading().isBlank());
        present(this, several || !now.heading().isBlank());
        setFocusTraversable(several);
        setAccessibleText("Part " + (exercise.indexOf(now) + 1) + (now.heading().isBlank() ? "" : ": " + now.heading()));
        pseudoClassStateChanged(IN_HAND, several && inHand.id().equals(part));
    }
}
