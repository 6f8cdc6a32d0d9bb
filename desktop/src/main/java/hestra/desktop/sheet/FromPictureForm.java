package hestra.desktop.sheet;

import javafx.scene.control.Button;
import javafx.scene.control.Label;

import hestra.desktop.model.DeskModel;
import hestra.exercise.Provenance;
import hestra.task.FromPicture;

import static hestra.desktop.parts.Presence.present;

/** Leads to the picture, in the place of the plot. */
final class FromPictureForm extends TaskForm {

    FromPictureForm(DeskModel model, FromPicture task, Runnable check, Runnable toPicture) {
        super(model, task, check);
        Button go = new Button("To the picture");
        go.setId(id() + "-go");
        go.getStyleClass().add("quiet");
        go.setOnAction(_ -> toPicture.run());
        Label none = new Label("This part has no picture. Tell your instructor.");
        none.getStyleClass().addAll("small", "missing");
        none.setWrapText(true);
        none.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(go, none);
        offerFirst(go);
        onShow(findings -> {
            boolean there = findings.written().indexOf(id()) < 0 || findings.written().provenance() instanceof Provenance.Traced;
            present(none, !there);
            go.setDisable(!there);
        });
    }
}
