package hestra.desktop.write;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.InWords;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;
import hestra.review.Review;
import hestra.task.Aid;
import hestra.task.Key;
import hestra.task.Task;
import hestra.task.Terms;

import static hestra.desktop.parts.Presence.present;

/** The task in hand: what it asks, its key, the mistakes it recognises, and what it opens. */
final class TaskEditor extends VBox implements Editor {

    private final DeskModel model;
    private final Subscription watching;
    private final String id;
    private final TaskFields fields;
    private final TryAnswer tryAnswer;
    private final Label heading = new Label();
    private final RemarkList remarks;
    private final Label key = new Label();
    private final Label inFull = new Label();
    private final GridPane mistakes = new GridPane();
    private final Label mistakesTitle = TaskFields.label("mistakes it will recognise");

    TaskEditor(DeskModel model, Task task, Consumer<Exercise> trial) {
        this.model = model;
        this.id = task.id();
        this.fields = new TaskFields(model, id, this);
        this.tryAnswer = new TryAnswer(model, fields);
        getStyleClass().add("editor");
        heading.getStyleClass().add("editor-title");
        remarks = new RemarkList(model, "remarks",
                exercise -> Review.of(exercise).stream().filter(remark -> remark.isAbout(id)).toList(), false);
        Button from = new Button("Try from here");
        from.setId("try-from-here");
        from.getStyleClass().setAll("quiet");
        from.setMinWidth(Region.USE_PREF_SIZE);
        Tip.set(from, "Work on it as a student who has done all tasks before it; nothing of it is kept");
        from.setOnAction(_ -> trial.accept(model.desk().exercise().startingAt(id)));
        HBox.setHgrow(heading, Priority.ALWAYS);
        heading.setMaxWidth(Double.MAX_VALUE);
        heading.setWrapText(true);
        heading.setMinHeight(Region.USE_PREF_SIZE);
        HBox top = new HBox(8, heading, from);
        top.setAlignment(Pos.TOP_LEFT);
        getChildren().addAll(top, remarks);
        KindFields.add(model, fields, task);
        numbers();
        keys();
        opens();
        playing();
        HintFields.add(fields, model);
        fields.text("hint after a wrong answer that is not recognised", "edit-hint", it -> it.terms().hint(),
                (it, text) -> it.with(it.terms().withHint(text)), false);
        onPaper();
        fields.text("why it is so, said once it is solved", "edit-why", it -> it.terms().why(),
                (it, text) -> it.with(it.terms().withWhy(text)), false);
        watching = model.watch(this::show);
    }

    @Override
    public void end() {
        watching.unsubscribe();
        remarks.end();
    }

    private void show(Findings findings) {
        Optional<Task> task = fields.task();
        if (task.isEmpty()) {
            return;
        }
        Exercise exercise = findings.exercise();
        heading.setText(task.get().kind().title() + " · task " + (exercise.indexOf(id) + 1) + " of " + exercise.tasks().size());
        fields.show(task.get());
        showKeys(task.get().key(findings.writtenTruth()));
        tryAnswer.show(findings);
        remarks.show(exercise);
    }

    private void numbers() {
        Node marks = fields.spinner("edit-marks", 0, Terms.MOST_MARKS, task -> task.terms().marks(),
                (task, count) -> task.with(task.terms().withMarks(count)));
        Node tries = fields.spinner("edit-tries", 0, Terms.MOST_TRIES, task -> task.terms().tries(),
                (task, count) -> task.with(task.terms().withTries(count)));
        fields.add(TaskFields.sideBySide(TaskFields.stacked("marks", marks), TaskFields.stacked("tries (0: any number)", tries)));
        ComboBox<Terms.Showing> verdict = new ComboBox<>(FXCollections.observableArrayList(Terms.Showing.values()));
        verdict.setId("edit-verdict");
        verdict.setMaxWidth(Double.MAX_VALUE);
        verdict.setConverter(new InWords<>(Terms.Showing::inWords));
        verdict.valueProperty().addListener((_, before, when) -> {
            if (before != null && when != null) {
                fields.change(task -> task.with(task.terms().withVerdict(when)));
            }
        });
        fields.onShow(task -> verdict.setValue(task.terms().verdict()));
        fields.add(TaskFields.label("verdict"), verdict);
        Choices<Terms.Afterwards> afterwards = new Choices<>("edit-afterwards", List.of(Terms.Afterwards.values()),
                Terms.Afterwards::inWords,
                what -> fields.change(task -> task.with(task.terms().withAfterwards(what))));
        fields.onShow(task -> {
            afterwards.show(Optional.of(task.terms().afterwards()));
            afterwards.setDisable(task.terms().tries() == 0);
        });
        fields.add(TaskFields.label("after the last try, tell"), afterwards);
    }

    private void onPaper() {
        fields.text("on paper, where it is asked otherwise there", "edit-paper", it -> it.terms().printed().prompt().orElse(""),
                (it, text) -> it.with(it.terms().onPaper(text)), true);
        CheckBox printed = new CheckBox("on handouts");
        printed.setId("edit-printed");
        printed.setOnAction(_ -> fields.change(task -> task.with(task.terms().leftOutOnPaper(!printed.isSelected()))));
        fields.onShow(task -> printed.setSelected(!task.terms().printed().leftOut()));
        fields.add(printed);
    }

    private void playing() {
        Choices<Terms.Playing> playing = new Choices<>("edit-playing", List.of(Terms.Playing.values()), Terms.Playing::inWords,
                how -> fields.change(task -> task.with(task.terms().withPlaying(how))));
        Choices<Terms.Counting> counting = new Choices<>("edit-counting", List.of(Terms.Counting.values()),
                Terms.Counting::inWords,
                which -> fields.change(task -> task.with(task.terms().withCounting(which))));
        fields.onShow(task -> {
            playing.show(Optional.of(task.terms().playing()));
            playing.setDisable(task.terms().playing() == Terms.Playing.ONCE && !model.findings().written().hasRounds());
            counting.show(Optional.of(task.terms().counting()));
        });
        Tip.set(playing, "New data come from the recipe of this part: make its data by a recipe to have rounds");
        fields.add(TaskFields.label("data"), playing, TaskFields.label("of several tries counts"), counting);
    }

    private void keys() {
        key.getStyleClass().add("key-value");
        key.setId("edit-key");
        key.setWrapText(true);
        inFull.getStyleClass().add("small");
        VBox box = new VBox(key, inFull);
        box.getStyleClass().add("key-box");
        mistakes.getStyleClass().add("mistakes");
        fields.add(TaskFields.label("key, from this data"), box, tryAnswer, mistakesTitle, mistakes);
    }

    private void showKeys(Key now) {
        key.setText(now.text());
        inFull.setText("from " + now.inFull());
        present(inFull, !now.inFull().isEmpty());
        present(mistakesTitle, !now.recognised().isEmpty());
        present(mistakes, !now.recognised().isEmpty());
        mistakes.getChildren().clear();
        for (Key.Recognised recognised : now.recognised()) {
            Label name = new Label(recognised.from());
            Label value = new Label(recognised.answer());
            value.getStyleClass().add("mistake-value");
            GridPane.setHgrow(name, Priority.ALWAYS);
            name.setMaxWidth(Double.MAX_VALUE);
            mistakes.addRow(mistakes.getRowCount(), name, value);
        }
    }

    private void opens() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("aid-list");
        for (Aid aid : Aid.values()) {
            CheckBox box = Literally.said(new CheckBox(aid.inWords()));
            box.setId("opens-" + aid.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> fields.change(task -> task.with(task.terms()
                    .opening(Ticked.with(task.terms().opens(), aid, box.isSelected())))));
            fields.onShow(task -> box.setSelected(task.terms().opens().contains(aid)));
            grid.add(box, aid.ordinal() % 2, aid.ordinal() / 2);
        }
        Choices<Terms.Opening> when = new Choices<>("edit-opening", List.of(Terms.Opening.values()), Terms.Opening::inWords,
                it -> fields.change(task -> task.with(task.terms().opening(it))));
        fields.onShow(task -> {
            when.show(Optional.of(task.terms().opening()));
            when.setDisable(task.terms().opens().isEmpty());
        });
        fields.add(TaskFields.label("opens"), grid, when);
    }
}
