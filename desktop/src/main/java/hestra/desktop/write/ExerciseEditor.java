package hestra.desktop.write;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.exercise.Aid;
import hestra.exercise.Exercise;

/** What belongs to the exercise as a whole: where the data come from, and what is held back at the start. */
final class ExerciseEditor extends VBox implements Editor {

    private final DeskModel model;
    private final Subscription watching;
    private final TextField place = new TextField();
    private final VBox held = new VBox();
    private final Label warning = new Label();

    ExerciseEditor(DeskModel model) {
        this.model = model;
        getStyleClass().add("editor");
        Label title = new Label("The exercise");
        title.getStyleClass().add("editor-title");
        place.setId("write-place");
        place.setPromptText("For example: Orrin Bay field station");
        place.textProperty().addListener((_, _, text) -> {
            Exercise now = model.desk().exercise();
            if (!text.equals(now.place())) {
                model.apply(new Edit.WriteTexts(now.title(), text, now.heading()));
            }
        });
        held.getStyleClass().add("aid-list");
        for (Aid aid : Aid.values()) {
            CheckBox box = new CheckBox(aid.inWords());
            box.setId("held-" + aid.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> {
                Set<Aid> changed = EnumSet.noneOf(Aid.class);
                changed.addAll(model.desk().exercise().held());
                if (box.isSelected()) {
                    changed.add(aid);
                } else {
                    changed.remove(aid);
                }
                model.apply(new Edit.WriteHeld(changed));
            });
            held.getChildren().add(box);
        }
        warning.getStyleClass().add("warning-box");
        warning.setWrapText(true);
        warning.setMinHeight(USE_PREF_SIZE);
        Label hint = new Label("Click a task on the left to change it.");
        hint.getStyleClass().add("small");
        getChildren().addAll(title, hint, label("where the data come from"), place,
                label("held back until a task opens it: look before the line"), held, warning);
        watching = model.watch(this::show);
    }

    @Override
    public void end() {
        watching.unsubscribe();
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        if (!place.getText().equals(exercise.place())) {
            place.setText(exercise.place());
        }
        for (int i = 0; i < Aid.values().length; i++) {
            ((CheckBox) held.getChildren().get(i)).setSelected(exercise.held().contains(Aid.values()[i]));
        }
        Set<Aid> never = exercise.neverOpened();
        boolean shown = !never.isEmpty() && !exercise.tasks().isEmpty();
        warning.setText("≈ No task opens: " + String.join(", ", never.stream().map(Aid::inWords).toList())
                + ". Let a task open them, or do not hold them back.");
        warning.setVisible(shown);
        warning.setManaged(shown);
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        label.setWrapText(true);
        return label;
    }
}
