package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.task.Predict;

/** Where to predict, and how predictions are rounded. */
final class PredictFields {

    private PredictFields() {}

    static void add(KindFields<Predict> fields, DeskModel model) {
        TextField at = new TextField();
        at.setId("edit-at");
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        TypingRun run = new TypingRun(at);
        at.textProperty().addListener((_, _, text) -> {
            Optional<List<Double>> values = values(text, model.desk().exercise().mark());
            problem.setText(values.isPresent() ? "" : "Type 1 to " + Predict.MOST + " numbers with spaces or semicolons between them.");
            values.ifPresent(it -> fields.change(task -> new Predict(task.terms(), it, task.rounding(), task.more()), run.now()));
        });
        fields.onShow(task -> {
            List<Double> now = task.at();
            if (values(at.getText(), model.desk().exercise().mark()).filter(now::equals).isEmpty()) {
                at.setText(String.join("  ", now.stream().map(it -> NumberStyle.STANDARD.shortest(it)).toList()));
            }
        });
        fields.add(TaskFields.label("predict at"), at, problem);
        CurveField.add(fields, "by which curve", task -> task.asking().ofCurve(), (task, curve) -> task.with(task.asking().of(curve)));
        RoundingFields.add(fields, Predict::rounding, (task, rounding) -> new Predict(task.terms(), task.at(), rounding, task.more()));
        fields.add(Ticks.one(fields, "edit-unit-asked", "the unit is asked for", task -> task.asking().unit(), (task, asked) -> task.with(task.asking().withUnit(asked))),
                Ticks.one(fields, "edit-from-rounded", "a value from rounded coefficients counts as right", task -> task.asking().fromRounded(), (task, it) -> task.with(task.asking().fromRounded(it))));
    }

    private static Optional<List<Double>> values(String text, DecimalMark mark) {
        List<Double> values = new ArrayList<>();
        for (String part : text.strip().split("[;\\s]+|,\\s+")) {
            if (!(NumberReading.ofMeasurement(part, mark) instanceof NumberReading.Value value)) {
                return Optional.empty();
            }
            values.add(value.value());
        }
        return values.isEmpty() || values.size() > Predict.MOST ? Optional.empty() : Optional.of(values);
    }
}
