package hestra.desktop.write;

import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.ProseView;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.task.Key;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;

/** A task on the sheet that is written: its title and key, and, in hand, title and prompt as they are typed. */
final class TaskRow implements BlockRow.RowContents {

    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");

    private static final double LONGEST_KEY = 150;

    private final DeskModel model;
    private final String id;
    private final String partId;
    private final Label title = new Label();
    private final Label number = new Label();
    private final Label key = new Label();
    private final Label about = new Label();
    private final Optional<Typed> typed;

    TaskRow(DeskModel model, Part part, Task task, Truth truth, boolean inHand) {
        this.model = model;
        this.id = task.id();
        this.partId = part.id();
        showKey(task.key(truth));
        key.getStyleClass().add("outline-key");
        key.setId("key-" + id);
        key.setMinWidth(40);
        title.getStyleClass().add("task-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        number.getStyleClass().add("task-title");
        number.setMinWidth(Region.USE_PREF_SIZE);
        about.getStyleClass().add("small");
        about.setMinWidth(0);
        typed = inHand ? Optional.of(new Typed()) : Optional.empty();
    }

    /** What is typed of the task in hand; the others need no fields. */
    private final class Typed {
        private final TextField title = new TextField();
        private final ProseView set = new ProseView("");
        private final InPlaceText prompt;
        private final TypingRun promptRun;

        Typed() {
            title.setId("edit-title");
            title.setPromptText("Title");
            Names.as(title, "title of the task");
            title.getStyleClass().addAll("sheet-field", "task-title");
            TypingRun run = new TypingRun(title);
            title.textProperty().addListener((_, _, text) -> change(terms -> terms.withTitle(text), run.now()));
            prompt = new InPlaceText("edit-prompt", "What is to be done? { offers live values.", set,
                    text -> set.show(LiveText.fill(text, part(), mark(), ProseView::live)), this::prompted);
            promptRun = new TypingRun(prompt.area());
            title.setOnKeyPressed(event -> {
                if (event.getCode() == KeyCode.ENTER) {
                    prompt.area().requestFocus();
                    event.consume();
                }
            });
        }

        private void prompted(String text) {
            change(terms -> terms.withPrompt(text), promptRun.now());
        }

        void show(Terms terms) {
            if (!title.getText().equals(terms.title())) {
                title.setText(terms.title());
            }
            prompt.show(terms.prompt());
        }
    }

    private DecimalMark mark() {
        return model.desk().exercise().mark();
    }

    private Part part() {
        return model.desk().exercise().part(partId).orElseGet(() -> model.desk().exercise().first());
    }

    private void change(UnaryOperator<Terms> changed, Optional<String> run) {
        model.desk().exercise().task(id).ifPresent(task -> {
            Terms terms = changed.apply(task.terms());
            if (!terms.equals(task.terms())) {
                model.apply(new ExerciseEdit.ChangeBlock(new Block.Asked(task.with(terms)), run));
            }
        });
    }

    @Override
    public void fill(VBox row, OutlineRow.Tools tools) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(8, title, gap, key);
        row.getChildren().add(top);
        typed.ifPresent(it -> {
            HBox.setHgrow(it.title, Priority.ALWAYS);
            top.getChildren().setAll(number, it.title, key);
            key.setMaxWidth(LONGEST_KEY);
            row.getChildren().addAll(it.prompt, new LiveValueList(model, it.prompt.area(), this::part));
        });
        top.getStyleClass().add("row-top");
        row.getChildren().add(OutlineRow.tools(about, tools, row, typed.isPresent()));
    }

    private void showKey(Key computed) {
        key.setText(computed.text());
        key.pseudoClassStateChanged(MISSING, !computed.computed());
    }

    @Override
    public String inWords() {
        return title.getText() + ", " + about.getText() + ", key: " + key.getText();
    }

    @Override
    public void showKey(Exercise exercise, Truth truth) {
        exercise.task(id).ifPresent(task -> showKey(task.key(truth)));
    }

    @Override
    public void show(Exercise exercise) {
        exercise.task(id).ifPresent(task -> {
            Terms terms = task.terms();
            int place = exercise.indexOf(id) + 1;
            title.setText(place + " \u00b7 " + (terms.title().isBlank() ? "no title yet" : terms.title()));
            number.setText(place + " \u00b7");
            int opens = terms.opens().size();
            about.setText(task.kind().title() + " \u00b7 " + Counted.of(terms.marks(), "mark")
                    + (opens == 0 ? "" : " \u00b7 opens " + Counted.of(opens, "aid")));
            typed.ifPresent(it -> it.show(terms));
        });
    }
}
