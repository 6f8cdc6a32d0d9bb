package hestra.desktop.sheet;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.TypingRun;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predicting;
import hestra.task.Predictions;
import hestra.task.Trust;

/** A line for each x: the prediction, and whether to trust it. */
final class PredictForm extends TaskForm {

    private final Predicting asks;
    private final boolean ofX;

    PredictForm(DeskModel model, Predict predict, Runnable check) {
        super(model, predict, check);
        asks = predict.asks();
        ofX = asks.way() == Predicting.Way.X_FROM_Y;
        asks.band().ifPresent(band -> {
            Label what = new Label("from … to …: the " + model.findings().numbers().style()
                    .shortest(100 * predict.level()) + " % interval " + band.inWords());
            what.getStyleClass().add("small");
            what.setWrapText(true);
            getChildren().add(what);
        });
        for (int i = 0; i < predict.at().size(); i++) {
            add(i, model.findings().numbers().style().withDigits(15)
                    .shortest(predict.at().get(i)) + (ofX ? model.findings().part().y() : model.findings().part().x())
                    .unitAfterNumber());
        }
    }

    private void add(int index, String x) {
        String place = (ofX ? "for " : "at ") + x;
        TextField field = field(index, "at", "prediction " + place, Predicted::text, Predicted::with);
        // A flow, so that long units move the judgement to a line of its own instead of cutting it off.
        FlowPane row = new FlowPane(formLabel(place), field, unit());
        row.setRowValignment(VPos.CENTER);
        row.getStyleClass().add("prediction-line");
        getChildren().add(row);
        offerFirst(field);
        if (asks.band().isPresent()) {
            // The two ends stay together, wherever the line breaks.
            HBox interval = new HBox(new Label("from"),
                    field(index, "low", "lower end of the interval " + place, it -> it.low().orElse(""),
                            Predicted::withLow),
                    new Label("to"), field(index, "high", "upper end of the interval " + place, it -> it.high().orElse(""),
                            Predicted::withHigh), unit());
            interval.getStyleClass().add("prediction-interval");
            row.getStyleClass().add("with-interval");
            interval.setAlignment(Pos.CENTER_LEFT);
            row.getChildren().add(interval);
        }
        if (asks.trust()) {
            List<Trust> judgements = asks.meaning() ? List.of(Trust.values()) : List.of(Trust.TRUSTED, Trust.DOUBTED);
            Choices<Trust> trust = new Choices<>(id() + "-trust-" + index, judgements, Trust::inWords,
                    it -> draft(given().with(index, given().at(index).with(it))));
            row.getChildren().add(trust);
            onShow(_ -> trust.show(given().at(index).trusted()));
        }
    }

    private TextField field(int index, String name, String said, Function<Predicted, String> now,
            BiFunction<Predicted, String, Predicted> changed) {
        TextField field = numberField(id() + "-" + name + "-" + index);
        Names.as(field, said);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> draft(given().with(index, changed.apply(given().at(index), text)),
                run.now()));
        onShow(_ -> put(field, now.apply(given().at(index))));
        return field;
    }

    private Label unit() {
        return new Label((ofX ? model().findings().part().x() : model().findings().part().y()).unit());
    }

    private Predictions given() {
        return standing(Predictions.class);
    }
}
