package hestra.desktop.sheet;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.ProseView;
import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.numbers.Counted;

import static hestra.desktop.parts.Presence.present;

/** The end of the sheet: how much is done, the name, and the button that hands the work in. */
final class HandInCard extends VBox {

    private final DeskModel model;
    private final Label progress = new Label();
    private final ProseView closing = new ProseView("");
    private final Label marks = new Label();
    private final TextField name = new TextField();

    HandInCard(DeskModel model, Runnable onHandIn) {
        this.model = model;
        getStyleClass().addAll("task-card", "hand-in-card");
        Label title = new Label("Hand in");
        title.getStyleClass().add("task-title");
        progress.getStyleClass().add("small");
        progress.setWrapText(true);
        progress.setMinHeight(USE_PREF_SIZE);
        name.setId("student-name");
        name.setPromptText("Your name");
        name.textProperty().addListener((_, _, text) -> {
            if (!text.equals(model.desk().work().student())) {
                model.apply(new Edit.Name(text));
            }
        });
        name.setOnAction(_ -> onHandIn.run());
        HBox.setHgrow(name, Priority.ALWAYS);
        Button handIn = new Button("Hand in…");
        handIn.setId("hand-in-below");
        handIn.getStyleClass().add("check");
        Tip.set(handIn, "Save one file to give to your instructor, and a page to read or print");
        handIn.setOnAction(_ -> onHandIn.run());
        HBox row = new HBox(name, handIn);
        row.getStyleClass().add("answer-row");
        marks.setId("closing-marks");
        marks.setWrapText(true);
        marks.setMinHeight(USE_PREF_SIZE);
        closing.setId("closing");
        Label along =
                new Label("What goes along: your answers, tables and plots, what you kept, and the steps in which you got "
                + "there, with their times. Not what you typed and took back letter by letter.");
        along.setId("goes-along");
        along.getStyleClass().add("small");
        along.setWrapText(true);
        along.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(title, closing, marks, progress, row, along);
    }

    TextField nameField() {
        return name;
    }

    void show(Findings findings) {
        // While nothing is asked there is nothing to hand in.
        present(this, !findings.tasks().isEmpty());
        long done = findings.tasks().stream().filter(TaskState::done).count();
        progress.setText(done == findings.tasks().size()
                ? "Everything is answered. Type your name and hand in."
                : done + " of " + Counted.of(findings.tasks().size(), "task") + " done. Unfinished work can be handed in too.");
        showClosing(findings, done == findings.tasks().size());
        String student = model.desk().work().student();
        if (!name.getText().equals(student)) {
            name.setText(student);
            name.end();
        }
    }

    /** What the author has for those who have answered all, and the marks of the tasks whose verdicts have been told. */
    private void showClosing(Findings findings, boolean all) {
        Exercise exercise = findings.exercise();
        present(closing, all && !exercise.closing().text().isBlank());
        if (closing.isVisible()) {
            closing.show(LiveText.fill(exercise.closing().text(), exercise.first(), exercise.mark()));
        }
        List<TaskState> told = findings.tasks().stream().filter(state -> state.task().terms().isTold(state.done())).toList();
        present(marks, all && exercise.closing().marks() && !told.isEmpty());
        if (marks.isVisible()) {
            int of = told.stream().mapToInt(state -> state.task().terms().marks()).sum();
            double earned = told.stream().mapToDouble(TaskState::earned).sum();
            int hidden = findings.tasks().size() - told.size();
            marks.setText(exercise.inMarks().outOf(earned, of) + (hidden == 0 ? "." : "; "
                    + Counted.of(hidden, "task is", "tasks are") + " still to be marked."));
        }
    }
}
