package hestra.desktop.sheet;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;

import hestra.data.Variable;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.task.Answer;
import hestra.task.Task;

/** An equation, with how it may be typed below. */
final class EquationForm extends TaskForm {

    EquationForm(DeskModel model, Task task, Runnable check) {
        super(model, task, check);
        Variable x = model.findings().part().x();
        Variable y = model.findings().part().y();
        TextField field = new TextField();
        field.setId(id() + "-equation");
        field.setPromptText(y.name() + " = \u2026");
        field.getStyleClass().add("equation-field");
        field.setMaxWidth(Double.MAX_VALUE);
        field.setOnAction(_ -> check());
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> draft(new Answer.Typed(text), run.now()));
        Label how = new Label("With " + x.name() + " and " + y.name()
                + ", or x and \u0177. Powers as ^, such as x^2 or e^(0.1 x).");
        how.getStyleClass().addAll("small", "muted-text");
        how.setWrapText(true);
        how.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(field, how);
        offerFirst(field);
        onShow(_ -> put(field, standing(Answer.Typed.class).text()));
    }
}
