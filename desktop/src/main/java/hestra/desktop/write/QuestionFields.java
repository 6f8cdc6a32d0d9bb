package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.desktop.parts.InWords;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.feedback.Mistake;
import hestra.task.Question;

import static hestra.desktop.parts.Presence.present;

/** How a question is answered, what there is to choose from, and what is right. */
final class QuestionFields {

    private QuestionFields() {}

    static void add(KindFields<Question> fields) {
        ComboBox<Question.Sort> sort = new ComboBox<>(FXCollections.observableArrayList(Question.Sort.values()));
        sort.setId("edit-sort");
        sort.setMaxWidth(Double.MAX_VALUE);
        sort.setConverter(new InWords<>(Question.Sort::inWords));
        sort.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null) {
                fields.change(task -> task.with(now));
            }
        });
        Choices<Boolean> statement = new Choices<>("edit-statement", List.of(true, false), it -> it ? "true" : "not true",
                it -> fields.change(task -> task.whichIs(it)));
        VBox options = new VBox();
        options.getStyleClass().add("option-list");
        options.setFillWidth(true);
        VBox whole = new VBox(TaskFields.label("choices: tick what is right; below each, what to say to who gets it wrong"),
                options, more(fields),
                Ticks.one(fields, "edit-option-order", "show them in this order to everybody; else each student has another",
                        task -> task.order().isPresent(), Question::inOrder));
        whole.getStyleClass().add("stacked");
        VBox ofStatement = TaskFields.stacked("the statement of the prompt is", statement);
        fields.add(TaskFields.label("how it is answered"), sort, ofStatement, whole);
        TextField accepted = new TextField();
        accepted.setId("edit-accepted");
        accepted.setPromptText("such as outlier, unusual point");
        TypingRun run = new TypingRun(accepted);
        accepted.textProperty().addListener((_, _, text) -> fields.change(task -> task.accepting(CommaList.read(text)),
                run.now()));
        VBox ofText = TaskFields.stacked("texts that are right, with commas", accepted);
        fields.add(ofText);
        fields.onShow(task -> {
            sort.setValue(task.sort());
            statement.show(Optional.of(task.isTrue()));
            present(ofStatement, task.sort() == Question.Sort.TRUE_BECAUSE);
            present(whole, task.sort().hasOptions());
            present(ofText, task.sort() == Question.Sort.SHORT_TEXT);
            if (!CommaList.read(accepted.getText()).equals(task.accepted())) {
                accepted.setText(CommaList.write(task.accepted()));
            }
            while (options.getChildren().size() > task.options().size()) {
                options.getChildren().removeLast();
            }
            while (options.getChildren().size() < task.options().size()) {
                options.getChildren().add(new Row(fields, options.getChildren().size()));
            }
            options.getChildren().forEach(it -> ((Row) it).show(task));
        });
    }

    private static Button more(KindFields<Question> fields) {
        Button more = new Button("Add a choice");
        more.setId("edit-add-option");
        more.getStyleClass().add("quiet");
        more.setOnAction(_ -> fields.change(task -> {
            List<Question.Option> now = new ArrayList<>(task.options());
            now.add(new Question.Option("", false, ""));
            return now.size() > Question.MOST_OPTIONS ? task : task.with(now);
        }));
        fields.onShow(task -> more.setDisable(task.options().size() >= Question.MOST_OPTIONS));
        return more;
    }

    /** One choice: whether it is right, its text, and what is said to who gets it wrong. */
    private static final class Row extends VBox {
        private final int place;
        private final CheckBox right = new CheckBox();
        private final TextField text = new TextField();
        private final TextField says = new TextField();
        private final ComboBox<Optional<Mistake>> shows = new ComboBox<>();

        Row(KindFields<Question> fields, int place) {
            this.place = place;
            String rowId = "edit-option-" + place;
            right.setId(rowId + "-right");
            right.setAccessibleText("choice " + (place + 1) + " is right");
            Tip.set(right, "This choice is right");
            right.setOnAction(_ -> change(fields, new TypingRun(text), it -> it.being(right.isSelected())));
            text.setId(rowId + "-text");
            text.setPromptText("choice");
            TypingRun texts = new TypingRun(text);
            text.textProperty().addListener((_, _, now) -> change(fields, texts, it -> it.withText(now)));
            says.setId(rowId + "-says");
            says.setPromptText("what to say, where it is got wrong");
            TypingRun saying = new TypingRun(says);
            says.textProperty().addListener((_, _, now) -> change(fields, saying, it -> it.saying(now)));
            shows.setId(rowId + "-shows");
            shows.getItems().add(Optional.empty());
            Mistake.ofChoices().forEach(it -> shows.getItems().add(Optional.of(it)));
            shows.setConverter(new InWords<>(it -> it.map(mistake -> "shows: " + mistake.inWords())
                    .orElse("shows no mistake of the list")));
            shows.setAccessibleText("the mistake that choice " + (place + 1) + " shows");
            Tip.set(shows, "The mistake that is recognised in who chooses this");
            shows.setMaxWidth(Double.MAX_VALUE);
            shows.valueProperty().addListener((_, before, now) -> {
                if (before != null && now != null) {
                    change(fields, new TypingRun(text), it -> it.showing(now));
                }
            });
            Button remove = new Button("\u2715");
            remove.setId(rowId + "-remove");
            remove.getStyleClass().add("quiet");
            remove.setAccessibleText("remove choice " + (place + 1));
            Tip.set(remove, "Removes this choice");
            remove.setOnAction(_ -> fields.change(task -> {
                List<Question.Option> now = new ArrayList<>(task.options());
                now.remove(place);
                return task.with(now);
            }));
            HBox.setHgrow(text, Priority.ALWAYS);
            HBox line = new HBox(right, text, remove);
            line.getStyleClass().add("side-by-side");
            line.setAlignment(Pos.CENTER_LEFT);
            getStyleClass().add("stacked");
            getChildren().addAll(line, says, shows);
        }

        private void change(KindFields<Question> fields, TypingRun run, UnaryOperator<Question.Option> how) {
            fields.change(task -> {
                if (place >= task.options().size()) {
                    return task;
                }
                List<Question.Option> now = new ArrayList<>(task.options());
                now.set(place, how.apply(now.get(place)));
                return task.with(now);
            }, run.now());
        }

        void show(Question task) {
            Question.Option option = task.options().get(place);
            right.setSelected(option.right());
            shows.setValue(option.shows());
            present(shows, !option.right());
            if (!text.getText().equals(option.text())) {
                text.setText(option.text());
            }
            if (!says.getText().equals(option.says())) {
                says.setText(option.says());
            }
        }
    }
}
