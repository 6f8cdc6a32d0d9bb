package hestra.desktop.sheet;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.TypingRun;
import hestra.task.Answer;
import hestra.task.Task;

/** One number, with its unit behind it. */
final class NumberForm extends TaskForm {

    NumberForm(DeskModel model, Task task, Runnable check, String unit) {
        super(model, task, check);
        TextField field = numberField(id() + "-number");
        TypingRun run = new TypingRun(field);
        Names.as(field, unit.isBlank() ? "answer" : "answer in " + unit);
        field.textProperty().addListener((_, _, text) -> draft(new Answer.Typed(text), run.now()));
        HBox row = new HBox(field, new Label(unit));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("answer-row");
        getChildren().add(row);
        offerFirst(field);
        onShow(_ -> put(field, standing(Answer.Typed.class).text()));
    }
}
