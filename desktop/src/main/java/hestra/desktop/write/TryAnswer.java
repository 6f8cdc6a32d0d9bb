package hestra.desktop.write;

import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.task.AnsweredByText;
import hestra.task.Response;
import hestra.task.Task;
import hestra.task.Truth;

import static hestra.desktop.parts.Presence.present;

/**
 * "What would it say?": an answer is typed as a student would, and what the student would be told stands below. Nothing of it is
 * kept.
 */
final class TryAnswer extends VBox {

    private final DeskModel model;
    private final TaskFields fields;
    private final TextArea field = new TextArea();
    private final Label verdict = new Label();
    private final Label message = new Label();

    TryAnswer(DeskModel model, TaskFields fields) {
        this.model = model;
        this.fields = fields;
        getStyleClass().add("stacked");
        field.setId("edit-try-answer");
        field.setPromptText("an answer, as a student would type it");
        field.setPrefRowCount(2);
        field.setWrapText(true);
        FocusMark.tabLeaves(field);
        field.textProperty().addListener((_, _, _) -> show());
        verdict.setId("edit-try-verdict");
        verdict.getStyleClass().add("key-value");
        verdict.setWrapText(true);
        message.setId("edit-try-message");
        message.setWrapText(true);
        message.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(TaskFields.label("what would it say? Try an answer"), field, verdict, message);
    }

    void show(Findings findings) {
        present(this, fields.task().filter(AnsweredByText.class::isInstance).isPresent());
        show();
    }

    private void show() {
        boolean any = !field.getText().isBlank() && fields.task().isPresent();
        present(verdict, any);
        present(message, any);
        if (any) {
            Task task = fields.task().orElseThrow();
            Truth truth = model.findings().writtenTruth();
            Response response = Response.to(field.getText().strip(), task, truth, attempt -> model.findings().exercise()
                    .judge(task, attempt, truth));
            String named = response.mistakes().stream().map(Mistake::inWords).collect(Collectors.joining(", or "));
            verdict.setText(outcome(response) + (named.isEmpty() ? "" : " \u00b7 recognised: " + named));
            message.setText(response.message());
        }
    }

    private String outcome(Response response) {
        return response.verdict().map(it -> {
            Outcome outcome = it.outcome();
            return outcome.sign() + " " + outcome.word() + ", " + model.findings().exercise().inMarks()
                    .of(response.marks()) + " of " + response.of();
        }).orElse("cannot be read: no try is used up");
    }
}
