package hestra.desktop.sheet;

import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.NumberStyle;
import hestra.task.Answer;
import hestra.task.Predict;

/** A line for each x: the prediction, and whether to trust it. */
final class PredictForm extends TaskForm {

    PredictForm(DeskModel model, Predict predict, Runnable check) {
        super(model, predict, check);
        for (int i = 0; i < predict.at().size(); i++) {
            add(i, NumberStyle.STANDARD.shortest(predict.at().get(i)) + model.findings().part().x().unitAfterNumber());
        }
    }

    private void add(int index, String x) {
        TextField field = numberField(id() + "-at-" + index);
        field.setAccessibleText("prediction at " + x);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> draft(given().with(index, new Answer.Predicted(text, given().at(index).trusted())), run.now()));
        Choices<Boolean> trust = new Choices<>(id() + "-trust-" + index, List.of(true, false), trusted -> trusted ? "trust" : "don’t",
                trusted -> draft(given().with(index, new Answer.Predicted(given().at(index).text(), Optional.of(trusted)))));
        // A flow, so that long units move the judgement to a line of its own instead of cutting it off.
        FlowPane row = new FlowPane(formLabel("at " + x), field, new Label(model().findings().part().y().unit()), trust);
        row.setRowValignment(VPos.CENTER);
        row.getStyleClass().add("prediction-line");
        getChildren().add(row);
        offerFirst(field);
        onShow(_ -> {
            put(field, given().at(index).text());
            trust.show(given().at(index).trusted());
        });
    }

    private Answer.Predictions given() {
        return standing(Answer.Predictions.class);
    }
}
