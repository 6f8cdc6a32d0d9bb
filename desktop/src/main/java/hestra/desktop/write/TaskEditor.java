package hestra.desktop.write;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import javafx.util.Subscription;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.exercise.Aid;
import hestra.exercise.Description;
import hestra.exercise.Exercise;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.exercise.Terms;
import hestra.feedback.Judge;
import hestra.feedback.Keys;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

import static hestra.desktop.parts.Presence.present;

/** The task in hand: what it asks, its key, the mistakes it recognises, and what it opens. */
final class TaskEditor extends VBox implements Editor {

    private static final Rounding[] ROUNDINGS = {new Rounding.Places(2), new Rounding.Significant(3), new Rounding.Free()};

    private final DeskModel model;
    private final Subscription watching;
    private final String id;
    private final List<Consumer<Task>> shows = new ArrayList<>();
    private final Label heading = new Label();
    private final Label key = new Label();
    private final Label inFull = new Label();
    private final GridPane mistakes = new GridPane();
    private final Label mistakesTitle = label("mistakes it will recognise");
    private boolean showing;

    TaskEditor(DeskModel model, Task task) {
        this.model = model;
        this.id = task.id();
        getStyleClass().add("editor");
        heading.getStyleClass().add("editor-title");
        getChildren().add(heading);
        text("title", "edit-title", it -> it.terms().title(), (it, text) -> it.with(it.terms().withTitle(text)), false);
        text("prompt", "edit-prompt", it -> it.terms().prompt(), (it, text) -> it.with(it.terms().withPrompt(text)), true);
        kind(task);
        numbers();
        keys();
        opens();
        text("hint after a wrong answer that is not recognised", "edit-hint", it -> it.terms().hint(),
                (it, text) -> it.with(it.terms().withHint(text)), false);
        watching = model.watch(this::show);
    }

    private Optional<Task> task() {
        return model.desk().exercise().task(id);
    }

    private void change(Function<Task, Task> change) {
        if (!showing) {
            task().map(change).filter(changed -> !changed.equals(task().orElseThrow()))
                    .ifPresent(changed -> model.apply(new Edit.ChangeTask(changed)));
        }
    }

    @Override
    public void end() {
        watching.unsubscribe();
    }

    private void show(Findings findings) {
        Optional<Task> task = task();
        if (task.isEmpty()) {
            return;
        }
        showing = true;
        Exercise exercise = findings.exercise();
        heading.setText(TaskKind.of(task.get()).title() + " · task " + (exercise.indexOf(id) + 1) + " of " + exercise.tasks().size());
        shows.forEach(show -> show.accept(task.get()));
        showKeys(exercise, task.get());
        showing = false;
    }

    private void text(String title, String fieldId, Function<Task, String> now, BiFunction<Task, String, Task> changed, boolean large) {
        TextInputControl field = large ? new TextArea() : new TextField();
        if (field instanceof TextArea area) {
            area.setWrapText(true);
            area.setPrefRowCount(3);
        }
        field.setId(fieldId);
        field.textProperty().addListener((_, _, text) -> change(task -> changed.apply(task, text)));
        shows.add(task -> {
            if (!field.getText().equals(now.apply(task))) {
                field.setText(now.apply(task));
            }
        });
        getChildren().addAll(label(title), field);
    }

    private void kind(Task task) {
        switch (task) {
            case Task.EnterData _ -> getChildren().addAll(label("how many of the last rows are left to type"),
                    spinner("edit-count", 1, 1000, it -> ((Task.EnterData) it).count(), (it, count) -> new Task.EnterData(it.terms(), count)));
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
        shows.add(_ -> proposed.setText("From the data one would propose: "
                + Keys.proposedDescription(model.desk().exercise().pairsWithSlips()).inWords() + ". You decide."));
        getChildren().add(proposed);
    }

    private <T extends Description.Choice> void choice(String title, T[] values, Function<Description, T> now,
            BiFunction<Description, T, Description> changed) {
        Choices<T> choices = new Choices<>("edit-" + title.replace(' ', '-'), Arrays.asList(values), Description.Choice::inWords,
                it -> change(task -> new Task.Describe(task.terms(), changed.apply(((Task.Describe) task).key(), it))));
        shows.add(task -> choices.show(Optional.of(now.apply(((Task.Describe) task).key()))));
        getChildren().addAll(label(title), choices);
    }

    private void slip() {
        Node row = spinner("edit-row", 1, 100_000, it -> ((Task.FindSlip) it).row() + 1,
                (it, number) -> new Task.FindSlip(it.terms(), number - 1, ((Task.FindSlip) it).column(), ((Task.FindSlip) it).shown()));
        Node column = spinner("edit-column", 1, 200, it -> ((Task.FindSlip) it).column() + 1,
                (it, number) -> new Task.FindSlip(it.terms(), ((Task.FindSlip) it).row(), number - 1, ((Task.FindSlip) it).shown()));
        getChildren().add(sideBySide(stacked("row", row), stacked("column", column)));
        text("what stands there instead", "edit-shown", it -> ((Task.FindSlip) it).shown(),
                (it, text) -> new Task.FindSlip(it.terms(), ((Task.FindSlip) it).row(), ((Task.FindSlip) it).column(), text), false);
    }

    private void read() {
        ComboBox<Quantity> quantity = new ComboBox<>(FXCollections.observableArrayList(Quantity.values()));
        quantity.setId("edit-quantity");
        quantity.setMaxWidth(Double.MAX_VALUE);
        quantity.setConverter(words(Quantity::inWords));
        quantity.valueProperty().addListener((_, before, now) -> {
            if (now != null && before != null) {
                change(task -> {
                    Task.ReadValue read = (Task.ReadValue) task;
                    boolean usualTitle = read.terms().title().equals(read.quantity().title());
                    return new Task.ReadValue(usualTitle ? read.terms().withTitle(now.title()) : read.terms(), now, read.rounding());
                });
            }
        });
        shows.add(task -> quantity.setValue(((Task.ReadValue) task).quantity()));
        getChildren().addAll(label("which value"), quantity);
        rounding(task -> ((Task.ReadValue) task).rounding(),
                (task, rounding) -> new Task.ReadValue(task.terms(), ((Task.ReadValue) task).quantity(), rounding));
    }

    private void predict() {
        TextField at = new TextField();
        at.setId("edit-at");
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        at.textProperty().addListener((_, _, text) -> {
            Optional<List<Double>> values = values(text);
            problem.setText(values.isPresent() ? "" : "Type 1 to " + Task.Predict.MOST + " numbers with spaces or semicolons between them.");
            values.ifPresent(it -> change(task -> new Task.Predict(task.terms(), it, ((Task.Predict) task).rounding())));
        });
        shows.add(task -> {
            List<Double> now = ((Task.Predict) task).at();
            if (values(at.getText()).filter(now::equals).isEmpty()) {
                at.setText(String.join("  ", now.stream().map(it -> NumberStyle.STANDARD.shortest(it)).toList()));
            }
        });
        getChildren().addAll(label("predict at"), at, problem);
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
        Choices<Rounding> kinds = new Choices<>("edit-rounding", Arrays.asList(ROUNDINGS), TaskEditor::kindInWords,
                it -> change(task -> changed.apply(task, withCount(it, count(now.apply(task))))));
        Spinner<Integer> count = spinner("edit-places", 0, 12, task -> count(now.apply(task)),
                (task, number) -> changed.apply(task, withCount(now.apply(task), number)));
        shows.add(task -> {
            Rounding rounding = now.apply(task);
            kinds.show(Arrays.stream(ROUNDINGS).filter(it -> it.getClass() == rounding.getClass()).findFirst());
            count.setDisable(rounding instanceof Rounding.Free);
        });
        getChildren().addAll(label("rounding"), sideBySide(kinds, count));
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

    private void numbers() {
        Node marks = spinner("edit-marks", 0, Terms.MOST_MARKS, task -> task.terms().marks(), (task, count) -> task.with(task.terms().withMarks(count)));
        Node tries = spinner("edit-tries", 0, Terms.MOST_TRIES, task -> task.terms().tries(), (task, count) -> task.with(task.terms().withTries(count)));
        getChildren().add(sideBySide(stacked("marks", marks), stacked("tries (0: any number)", tries)));
        Choices<Terms.Showing> verdict = new Choices<>("edit-verdict", List.of(Terms.Showing.values()), Terms.Showing::inWords,
                when -> change(task -> task.with(task.terms().withVerdict(when))));
        shows.add(task -> verdict.show(Optional.of(task.terms().verdict())));
        getChildren().addAll(label("verdict"), verdict);
    }

    private void keys() {
        key.getStyleClass().add("key-value");
        key.setId("edit-key");
        key.setWrapText(true);
        inFull.getStyleClass().add("small");
        VBox box = new VBox(key, inFull);
        box.getStyleClass().add("key-box");
        mistakes.getStyleClass().add("mistakes");
        getChildren().addAll(label("key, from this data"), box, mistakesTitle, mistakes);
    }

    private void showKeys(Exercise exercise, Task task) {
        key.setText(Keys.of(exercise, task).text());
        mistakes.getChildren().clear();
        List<Judge.RecognisedValue> recognised = task instanceof Task.ReadValue read ? new Judge(exercise).recognisable(read) : List.of();
        OptionalDouble full = task instanceof Task.ReadValue read ? Keys.inFull(exercise, read) : OptionalDouble.empty();
        NumberStyle style = new NumberStyle(exercise.mark(), 6);
        inFull.setText(full.isPresent() ? "from " + style.show(full.getAsDouble()) : "");
        present(inFull, full.isPresent());
        present(mistakesTitle, !recognised.isEmpty());
        present(mistakes, !recognised.isEmpty());
        if (task instanceof Task.ReadValue read) {
            for (int i = 0; i < recognised.size(); i++) {
                Label name = new Label(recognised.get(i).mistake().inWords());
                Label value = new Label(style.show(recognised.get(i).value(), read.rounding()));
                value.getStyleClass().add("mistake-value");
                GridPane.setHgrow(name, Priority.ALWAYS);
                name.setMaxWidth(Double.MAX_VALUE);
                mistakes.addRow(i, name, value);
            }
        }
    }

    private void opens() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("aid-list");
        for (Aid aid : Aid.values()) {
            CheckBox box = new CheckBox(aid.inWords());
            box.setId("opens-" + aid.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> change(task -> task.with(task.terms().opening(toggled(task.terms().opens(), aid, box.isSelected())))));
            shows.add(task -> box.setSelected(task.terms().opens().contains(aid)));
            grid.add(box, aid.ordinal() % 2, aid.ordinal() / 2);
        }
        getChildren().addAll(label("when done, opens"), grid);
    }

    private static Set<Aid> toggled(Set<Aid> aids, Aid aid, boolean on) {
        Set<Aid> changed = EnumSet.noneOf(Aid.class);
        changed.addAll(aids);
        if (on) {
            changed.add(aid);
        } else {
            changed.remove(aid);
        }
        return changed;
    }

    private Spinner<Integer> spinner(String spinnerId, int least, int greatest, Function<Task, Integer> now,
            BiFunction<Task, Integer, Task> changed) {
        Spinner<Integer> spinner = new Spinner<>(least, greatest, least);
        spinner.setEditable(true);
        spinner.setId(spinnerId);
        spinner.setPrefWidth(96);
        spinner.valueProperty().addListener((_, _, value) -> {
            if (value != null) {
                change(task -> changed.apply(task, value));
            }
        });
        shows.add(task -> spinner.getValueFactory().setValue(now.apply(task)));
        return spinner;
    }

    private static HBox sideBySide(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("side-by-side");
        return row;
    }

    private static VBox stacked(String title, Node node) {
        VBox box = new VBox(label(title), node);
        box.getStyleClass().add("stacked");
        return box;
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        label.setWrapText(true);
        return label;
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
