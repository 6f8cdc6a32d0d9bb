package hestra.desktop.readings;

import java.util.Optional;
import java.util.OptionalDouble;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.exercise.Aid;
import hestra.fit.Prediction;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/** Prediction at a typed x; the reading line in the plot follows, and this follows the reading line. */
public final class PredictionView extends VBox {

    private final DeskModel model;
    private final TextField at = new TextField();
    private final Label unit = new Label();
    private final Label fitted = new Label();
    private final Label note = new Label();
    private final HBox row = new HBox(new Label("at"), at, unit, new Label("→"), fitted);

    public PredictionView(DeskModel model) {
        this.model = model;
        getStyleClass().addAll("card", "prediction");
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("prediction-row");
        at.setId("predict-at");
        at.getStyleClass().add("number-field");
        at.setPrefColumnCount(5);
        at.setAccessibleText("predict at");
        fitted.getStyleClass().add("prediction-value");
        fitted.setId("predicted");
        note.getStyleClass().add("small");
        note.setId("prediction-note");
        note.setWrapText(true);
        note.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(row, note);
        at.textProperty().addListener((_, _, text) -> typed(text));
        model.watch(this::show);
    }

    private void typed(String text) {
        if (!at.isFocused()) {
            return;
        }
        switch (NumberReading.ofMeasurement(text, model.desk().exercise().mark())) {
            case NumberReading.Value value -> model.apply(new Edit.ReadAt(OptionalDouble.of(value.value())));
            case NumberReading.Blank _ -> model.apply(new Edit.ReadAt(OptionalDouble.empty()));
            case NumberReading.Unreadable unreadable -> say(unreadable.reason(), true);
        }
    }

    private void show(Findings findings) {
        boolean open = findings.isOpen(Aid.PREDICTION);
        row.setDisable(!open);
        unit.setText(findings.x().unit());
        if (!open) {
            fitted.setText("");
            say("Predictions stand here. " + findings.whatOpens(Aid.PREDICTION) + ".", false);
            return;
        }
        OptionalDouble x = findings.work().readingAt();
        if (!at.isFocused()) {
            at.setText(x.isPresent() ? findings.desk().style().shortest(x.getAsDouble()) : "");
        }
        Optional<Prediction> prediction = findings.prediction();
        NumberStyle style = findings.desk().style();
        fitted.setText(prediction.map(it -> style.withDigits(3).show(it.fitted()) + findings.y().unitAfterNumber()).orElse(NumberStyle.UNDEFINED));
        if (prediction.isEmpty()) {
            say(findings.fit().line().isPresent() ? "Type a value of " + findings.x().name() + ", or drag the reading line in the plot." : "", false);
            return;
        }
        String reach = style.shortest(findings.fit().line().orElseThrow().support().low()) + " to "
                + style.shortest(findings.fit().line().orElseThrow().support().high()) + findings.x().unitAfterNumber();
        double beyond = new Rounding.Significant(3).apply(prediction.get().beyond()).doubleValue();
        say(prediction.get().inside() ? "among the data (" + reach + ")"
                : "≈ " + style.shortest(beyond) + findings.x().unitAfterNumber() + " beyond the data (" + reach + ")",
                !prediction.get().inside());
    }

    private void say(String text, boolean warning) {
        note.setText(text);
        note.pseudoClassStateChanged(PseudoClass.getPseudoClass("warning"), warning);
    }
}
