package hestra.desktop.write;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import javafx.scene.control.TextField;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.task.Task;

/**
 * A field for a number among the fields of a task: typed as the exercise writes numbers, kept as it was typed while it says the
 * same.
 */
final class NumberText<T extends Task> {

    private static final int DIGITS = 12;

    private final TextField field = new TextField();
    private final DecimalMark mark;

    /**
     * The field; where it may be left empty, that is no number.
     *
     * @param may whether a number that is typed may be
     * @param problem is told what is wrong; empty where nothing is
     */
    NumberText(KindFields<T> fields, DeskModel model, String fieldId, boolean empty, Function<T, OptionalDouble> now,
            BiFunction<T, OptionalDouble, Task> changed,
            DoublePredicate may, Consumer<Boolean> problem) {
        this.mark = model.desk().exercise().mark();
        field.setId(fieldId);
        field.setPrefColumnCount(5);
        field.getStyleClass().add("number-field");
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> {
            Optional<OptionalDouble> value = value(text).filter(it -> it.isPresent() ? may.test(it.getAsDouble()) : empty);
            problem.accept(value.isEmpty());
            value.ifPresent(it -> fields.change(task -> changed.apply(task, it), run.now()));
        });
        fields.onShow(task -> {
            OptionalDouble kept = now.apply(task);
            if (value(field.getText()).filter(kept::equals).isEmpty()) {
                field.setText(kept.isEmpty() ? "" : new NumberStyle(mark, DIGITS).shortest(kept.getAsDouble()));
            }
        });
    }

    TextField field() {
        return field;
    }

    private Optional<OptionalDouble> value(String text) {
        return text.isBlank() ? Optional.of(OptionalDouble.empty())
                : NumberReading.ofMeasurement(text, mark) instanceof NumberReading.Value value
                ? Optional.of(OptionalDouble.of(value.value())) : Optional.empty();
    }
}
