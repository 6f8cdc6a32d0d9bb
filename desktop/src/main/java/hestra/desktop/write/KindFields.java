package hestra.desktop.write;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.util.StringConverter;

import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Description;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.feedback.Keys;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/** The fields that a task of its kind alone has: its key where the instructor gives it, which value, where to predict, how to round. */
final class KindFields {

    private static final Rounding[] ROUNDINGS = {new Rounding.Places(2), new Rounding.Significant(3), new Rounding.Free()};

    private final DeskModel model;
    private final TaskFields fields;

    KindFields(DeskModel model, TaskFields fields) {
        this.model = model;
        this.fields = fields;
    }

    /** Adds them. */
    void add(Task task) {
        switch (task) {
            case Task.EnterData _ -> fields.add(TaskFields.label("how many of the last rows are left to type"),
                    fields.spinner("edit-count", 1, 1000, it -> ((Task.EnterData) it).count(), (it, count) -> new Task.EnterData(it.terms(), count)));
            case Task.ChooseRoles _, Task.ExplainSlope _ -> { }
            case Task.Describe _ -> describe();
            case Task.FindSlip _ -> slip();
            case Task.ReadValue _ -> read();
            case Task.Predict _ -> predict();
        }
    }

    private void describe() {
        choice("direction", Description.Direction.values(), Description::direction,
                (now, it) -> new Description(it, now.form(), now.strength(), now.unusual()));
        choice("form", Description.Form.values(), Description::form,
                (now, it) -> new Description(now.direction(), it, now.strength(), now.unusual()));
        choice("strength", Description.Strength.values(), Description::strength,
                (now, it) -> new Description(now.direction(), now.form(), it, now.unusual()));
        choice("unusual points", Description.Unusual.values(), Description::unusual,
                (now, it) -> new Description(now.direction(), now.form(), now.strength(), it));
        Label proposed = new Label();
        proposed.getStyleClass().add("small");
        proposed.setWrapText(true);
        fields.onShow(_ -> proposed.setText("From the data one would propose: "
                + Keys.proposedDescription(model.desk().exercise().pairsWithSlips()).inWords() + ". You decide."));
        fields.add(proposed);
    }

    private <T extends Description.Choice> void choice(String title, T[] values, Function<Description, T> now,
            BiFunction<Description, T, Description> changed) {
        Choices<T> choices = new Choices<>("edit-" + title.replace(' ', '-'), Arrays.asList(values), Description.Choice::inWords,
                it -> fields.change(task -> new Task.Describe(task.terms(), changed.apply(((Task.Describe) task).key(), it))));
        fields.onShow(task -> choices.show(Optional.of(now.apply(((Task.Describe) task).key()))));
        fields.add(TaskFields.label(title), choices);
    }

    private void slip() {
        Node row = fields.spinner("edit-row", 1, 100_000, it -> ((Task.FindSlip) it).row() + 1,
                (it, number) -> new Task.FindSlip(it.terms(), number - 1, ((Task.FindSlip) it).column(), ((Task.FindSlip) it).shown()));
        Node column = fields.spinner("edit-column", 1, 200, it -> ((Task.FindSlip) it).column() + 1,
                (it, number) -> new Task.FindSlip(it.terms(), ((Task.FindSlip) it).row(), number - 1, ((Task.FindSlip) it).shown()));
        fields.add(TaskFields.sideBySide(TaskFields.stacked("row", row), TaskFields.stacked("column", column)));
        fields.text("what stands there instead", "edit-shown", it -> ((Task.FindSlip) it).shown(),
                (it, text) -> new Task.FindSlip(it.terms(), ((Task.FindSlip) it).row(), ((Task.FindSlip) it).column(), text), false);
    }

    private void read() {
        ComboBox<Quantity> quantity = new ComboBox<>(FXCollections.observableArrayList(Quantity.values()));
        quantity.setId("edit-quantity");
        quantity.setMaxWidth(Double.MAX_VALUE);
        quantity.setConverter(words(Quantity::inWords));
        quantity.valueProperty().addListener((_, before, now) -> {
            if (now != null && before != null) {
                fields.change(task -> {
                    Task.ReadValue read = (Task.ReadValue) task;
                    boolean usualTitle = read.terms().title().equals(read.quantity().title());
                    return new Task.ReadValue(usualTitle ? read.terms().withTitle(now.title()) : read.terms(), now, read.rounding());
                });
            }
        });
        fields.onShow(task -> quantity.setValue(((Task.ReadValue) task).quantity()));
        fields.add(TaskFields.label("which value"), quantity);
        rounding(task -> ((Task.ReadValue) task).rounding(),
                (task, rounding) -> new Task.ReadValue(task.terms(), ((Task.ReadValue) task).quantity(), rounding));
    }

    private void predict() {
        TextField at = new TextField();
        at.setId("edit-at");
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        TypingRun run = new TypingRun(at);
        at.textProperty().addListener((_, _, text) -> {
            Optional<List<Double>> values = values(text);
            problem.setText(values.isPresent() ? "" : "Type 1 to " + Task.Predict.MOST + " numbers with spaces or semicolons between them.");
            values.ifPresent(it -> fields.change(task -> new Task.Predict(task.terms(), it, ((Task.Predict) task).rounding()), run.now()));
        });
        fields.onShow(task -> {
            List<Double> now = ((Task.Predict) task).at();
            if (values(at.getText()).filter(now::equals).isEmpty()) {
                at.setText(String.join("  ", now.stream().map(it -> NumberStyle.STANDARD.shortest(it)).toList()));
            }
        });
        fields.add(TaskFields.label("predict at"), at, problem);
        rounding(task -> ((Task.Predict) task).rounding(),
                (task, rounding) -> new Task.Predict(task.terms(), ((Task.Predict) task).at(), rounding));
    }

    private Optional<List<Double>> values(String text) {
        List<Double> values = new ArrayList<>();
        for (String part : text.strip().split("[;\\s]+|,\\s+")) {
            if (!(NumberReading.ofMeasurement(part, model.desk().exercise().mark()) instanceof NumberReading.Value value)) {
                return Optional.empty();
            }
            values.add(value.value());
        }
        return values.isEmpty() || values.size() > Task.Predict.MOST ? Optional.empty() : Optional.of(values);
    }

    private void rounding(Function<Task, Rounding> now, BiFunction<Task, Rounding, Task> changed) {
        Choices<Rounding> kinds = new Choices<>("edit-rounding", Arrays.asList(ROUNDINGS), KindFields::kindInWords,
                it -> fields.change(task -> changed.apply(task, withCount(it, count(now.apply(task))))));
        Spinner<Integer> count = fields.spinner("edit-places", 0, 12, task -> count(now.apply(task)),
                (task, number) -> changed.apply(task, withCount(now.apply(task), number)));
        fields.onShow(task -> {
            Rounding rounding = now.apply(task);
            kinds.show(Arrays.stream(ROUNDINGS).filter(it -> it.getClass() == rounding.getClass()).findFirst());
            count.setDisable(rounding instanceof Rounding.Free);
        });
        fields.add(TaskFields.label("rounding"), TaskFields.sideBySide(kinds, count));
    }

    private static String kindInWords(Rounding rounding) {
        return switch (rounding) {
            case Rounding.Places _ -> "places";
            case Rounding.Significant _ -> "significant";
            case Rounding.Free _ -> "free";
        };
    }

    private static int count(Rounding rounding) {
        return switch (rounding) {
            case Rounding.Places(int count) -> count;
            case Rounding.Significant(int count) -> count;
            case Rounding.Free _ -> 3;
        };
    }

    private static Rounding withCount(Rounding rounding, int count) {
        return switch (rounding) {
            case Rounding.Places _ -> new Rounding.Places(Math.clamp(count, 0, 12));
            case Rounding.Significant _ -> new Rounding.Significant(Math.clamp(count, 1, 12));
            case Rounding.Free free -> free;
        };
    }

    private static <T> StringConverter<T> words(Function<T, String> words) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : words.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("not typed");
            }
        };
    }
}
