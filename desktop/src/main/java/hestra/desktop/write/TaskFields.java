package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Count;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.task.Task;

/**
 * The fields of an editor of one task: each shows a part of the task as it is and makes an edit of what is changed in it. What
 * is only shown makes none.
 */
final class TaskFields {

    private final DeskModel model;
    private final String id;
    private final VBox into;
    private final List<Consumer<Task>> shows = new ArrayList<>();
    private boolean showing;

    /** Fields of the task with this id, added to a column. */
    TaskFields(DeskModel model, String id, VBox into) {
        this.model = model;
        this.id = id;
        this.into = into;
    }

    /** The task as it is; nothing once it has been removed. */
    Optional<Task> task() {
        return model.desk().exercise().task(id);
    }

    /** Makes an edit that changes the task, unless it is only being shown. */
    void change(Function<Task, Task> change) {
        change(change, Optional.empty());
    }

    /** The same within a run of typing, all of which is undone together. */
    void change(Function<Task, Task> change, Optional<String> run) {
        if (!showing) {
            task().map(change).filter(changed -> !changed.equals(task().orElseThrow()))
                    .ifPresent(changed -> model.apply(new ExerciseEdit.ChangeBlock(new Block.Asked(changed), run)));
        }
    }

    /** Shows the task in every field. */
    void show(Task task) {
        showing = true;
        // Showing may add fields that show too.
        for (int i = 0; i < shows.size(); i++) {
            shows.get(i).accept(task);
        }
        showing = false;
    }

    /** Has something else show the task too. */
    void onShow(Consumer<Task> show) {
        shows.add(show);
    }

    /** Adds nodes below those that are there. */
    void add(Node... nodes) {
        into.getChildren().addAll(nodes);
    }

    /** A field for a text; a large one has several lines. */
    void text(String title, String fieldId, Function<Task, String> now, BiFunction<Task, String, Task> changed, boolean large) {
        TextInputControl field = large ? new TextArea() : new TextField();
        if (field instanceof TextArea area) {
            area.setWrapText(true);
            FocusMark.tabLeaves(area);
            area.setPrefRowCount(3);
        }
        field.setId(fieldId);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> change(task -> changed.apply(task, text), run.now()));
        shows.add(task -> {
            if (!field.getText().equals(now.apply(task))) {
                field.setText(now.apply(task));
            }
        });
        add(label(title), field);
    }

    /** A field for a whole number. */
    Spinner<Integer> spinner(String spinnerId, int least, int greatest, Function<Task, Integer> now,
            BiFunction<Task, Integer, Task> changed) {
        Spinner<Integer> spinner = Count.field(spinnerId, least, greatest, least, 96);
        spinner.valueProperty().addListener((_, _, value) -> {
            if (value != null) {
                change(task -> changed.apply(task, value));
            }
        });
        shows.add(task -> spinner.getValueFactory().setValue(now.apply(task)));
        return spinner;
    }

    static HBox sideBySide(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("side-by-side");
        return row;
    }

    static VBox stacked(String title, Node node) {
        VBox box = new VBox(label(title), node);
        box.getStyleClass().add("stacked");
        return box;
    }

    static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        label.setWrapText(true);
        return label;
    }
}
