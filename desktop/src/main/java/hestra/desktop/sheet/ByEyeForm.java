package hestra.desktop.sheet;

import javafx.scene.control.Button;
import javafx.scene.control.Label;

import hestra.desktop.model.DeskModel;
import hestra.desktop.model.TrialStart;
import hestra.desktop.parts.Literally;
import hestra.task.ByEye;

import static hestra.desktop.parts.Presence.present;

/** Lays a curve into the plot to be placed by eye, and says how it is moved. */
final class ByEyeForm extends TaskForm {

    ByEyeForm(DeskModel model, ByEye task, Runnable check, Runnable toPlot) {
        super(model, task, check);
        Button place = Literally.said(new Button("Put a " + task.family() + " into the plot"));
        place.setId(id() + "-place");
        place.getStyleClass().add("quiet");
        place.setOnAction(_ -> {
            new TrialStart(model).begin(task.curve());
            toPlot.run();
        });
        Label how = new Label("Drag its squares, or the " + task.family()
                + " itself. By keys: H in the plot goes from one square to the next, Alt and the arrow keys move it.");
        how.getStyleClass().add("small");
        how.setWrapText(true);
        how.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(place, how);
        offerFirst(place);
        onShow(findings -> {
            boolean there = findings.work().curves().trial().filter(it -> it.curve().equals(task.curve())).isPresent();
            place.setText(there ? "Back to the plot" : "Put a " + task.family() + " into the plot");
            present(how, there);
        });
    }
}
