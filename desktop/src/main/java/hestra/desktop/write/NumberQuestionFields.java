package hestra.desktop.write;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.task.NumberQuestion;

/** The right number, its unit, and how it is rounded. */
final class NumberQuestionFields {

    private static final int DIGITS = 12;

    private NumberQuestionFields() {}

    static void add(KindFields<NumberQuestion> fields, DeskModel model) {
        TextField number = new TextField();
        number.setId("edit-number");
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        TypingRun run = new TypingRun(number);
        number.textProperty().addListener((_, _, text) -> {
            Optional<Double> value = value(text, model.desk().exercise().mark());
            problem.setText(value.isPresent() ? "" : "Type the right number.");
            value.ifPresent(it -> fields.change(task -> new NumberQuestion(task.terms(), it, task.rounding(), task.unit()),
                    run.now()));
        });
        fields.onShow(task -> {
            if (value(number.getText(), model.desk().exercise().mark()).filter(it -> it == task.key()).isEmpty()) {
                number.setText(new NumberStyle(model.desk().exercise().mark(), DIGITS).shortest(task.key()));
            }
        });
        fields.add(TaskFields.label("the right number"), number, problem);
        fields.text("its unit, if it has one", "edit-unit", NumberQuestion::unit,
                (task, unit) -> new NumberQuestion(task.terms(), task.key(), task.rounding(), unit));
        RoundingFields.add(fields, NumberQuestion::rounding,
                (task, rounding) -> new NumberQuestion(task.terms(), task.key(), rounding, task.unit()));
    }

    private static Optional<Double> value(String text, DecimalMark mark) {
        return NumberReading.ofMeasurement(text, mark) instanceof NumberReading.Value value
                ? Optional.of(value.value()) : Optional.empty();
    }
}
