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

    private final DeskModel model;
    private final String id;
    private final String partId;
    private final boolean inHand;
    private final Label title = new Label();
    private final Label number = new Label();
    private final Label key = new Label();
    private final Label about = new Label();
    private final TextField typedTitle = new TextField();
    private final ProseView setPrompt = new ProseView("");
    private final InPlaceText prompt;
    private TypingRun promptRun;

    TaskRow(DeskModel model, Part part, Task task, Truth truth, boolean inHand) {
        this.model = model;
        this.id = task.id();
        this.partId = part.id();
        this.inHand = inHand;
        Key computed = task.key(truth);
        key.setText(computed.text());
        key.getStyleClass().add("outline-key");
        key.setId("key-" + id);
        key.pseudoClassStateChanged(MISSING, !computed.computed());
        key.setMinWidth(40);
        title.getStyleClass().add("task-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        number.getStyleClass().add("task-title");
        number.setMinWidth(Region.USE_PREF_SIZE);
        about.getStyleClass().add("small");
        about.setMinWidth(0);
        typedTitle.setId("edit-title");
        typedTitle.setPromptText("Title");
        typedTitle.getStyleClass().addAll("sheet-field", "task-title");
        TypingRun run = new TypingRun(typedTitle);
        typedTitle.textProperty().addListener((_, _, text) -> change(terms -> terms.withTitle(text), run.now()));
        prompt = new InPlaceText("edit-prompt", "What is to be done? { offers live values.", setPrompt, text -> setPrompt.show(LiveText.fill(text, part(), mark(), ProseView::live)),
                text -> change(terms -> terms.withPrompt(text), promptRun.now()));
        promptRun = new TypingRun(prompt.area());
        typedTitle.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                prompt.area().requestFocus();
                event.consume();
            }
        });
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
        HBox top;
        if (inHand) {
            HBox.setHgrow(typedTitle, Priority.ALWAYS);
            top = new HBox(number, typedTitle, key);
            key.setMaxWidth(150);
        } else {
            top = new HBox(8, title, gap, key);
        }
        top.getStyleClass().add("row-top");
        row.getChildren().add(top);
        if (inHand) {
            row.getChildren().addAll(prompt, new LiveValueList(model, prompt.area(), this::part));
        }
        row.getChildren().add(OutlineRow.tools(about, tools));
    }

    @Override
    public void show(Exercise exercise) {
        exercise.task(id).ifPresent(task -> {
            Terms terms = task.terms();
            int place = exercise.indexOf(id) + 1;
            title.setText(place + " \u00b7 " + (terms.title().isBlank() ? "no title yet" : terms.title()));
            number.setText(place + " \u00b7");
            int opens = terms.opens().size();
            about.setText(task.kind().title() + " \u00b7 " + Counted.of(terms.marks(), "mark") + (opens == 0 ? "" : " \u00b7 opens " + Counted.of(opens, "aid")));
            if (!typedTitle.getText().equals(terms.title())) {
                typedTitle.setText(terms.title());
            }
            prompt.show(terms.prompt());
        });
    }
}
