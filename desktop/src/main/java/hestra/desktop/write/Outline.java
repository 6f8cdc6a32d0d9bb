package hestra.desktop.write;

import java.util.Locale;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.task.Key;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Task;
import hestra.task.Truth;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The exercise from top to bottom: heading, prose, and the tasks with their keys, which can be added, moved and removed. */
final class Outline {

    private static final Duration MENU_CLOSES = Duration.millis(120);

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");
    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");

    private final DeskModel model;
    private final TextField title = new TextField();
    private final TextField heading = new TextField();
    private final TextArea prose = new TextArea();
    private final VBox tasks = new VBox();
    private final ScrollPane pane;
    private Exercise shown;
    private Optional<String> inHand = Optional.of("-");

    Outline(DeskModel model) {
        this.model = model;
        title.setId("write-title");
        title.setPromptText("Title of the exercise");
        Tip.set(title, "What the window and the file are called");
        TypingRun titleRun = new TypingRun(title);
        title.textProperty().addListener((_, _, text) -> texts(text, model.desk().exercise().heading(), titleRun));
        heading.setId("write-heading");
        heading.setPromptText("Heading: the question in a few words");
        heading.getStyleClass().add("write-heading");
        TypingRun headingRun = new TypingRun(heading);
        heading.textProperty().addListener((_, _, text) -> texts(model.desk().exercise().title(), text, headingRun));
        prose.setId("write-prose");
        prose.setPromptText("The situation. *emphasis*, **strong**, - lists; {n}, {x} and {y} stand for the number of pairs and the variables.");
        prose.setWrapText(true);
        prose.setPrefRowCount(4);
        prose.textProperty().addListener((_, _, text) -> {
            if (!text.equals(model.desk().exercise().prose())) {
                model.apply(new Edit.WriteProse(text));
            }
        });
        prose.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        title.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        heading.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        tasks.getStyleClass().add("outline-tasks");
        VBox content = new VBox(label("title"), title, label("heading and prose"), heading, prose, tasks);
        content.getStyleClass().add("outline");
        pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        model.watch(this::show);
    }

    Node node() {
        return pane;
    }

    /** Puts the keyboard into the title; later, since a menu that closes takes the keyboard back first. */
    void focusTitle() {
        Platform.runLater(this::takeTitle);
        // A menu that is closing gives the keyboard back to its button, and may do so only after this.
        PauseTransition later = new PauseTransition(MENU_CLOSES);
        later.setOnFinished(_ -> {
            if (title.getScene() != null && title.getScene().getFocusOwner() instanceof MenuButton) {
                takeTitle();
            }
        });
        later.play();
    }

    private void takeTitle() {
        title.requestFocus();
        title.selectAll();
    }

    private void turnToExercise(boolean focused) {
        if (focused && model.desk().task().isPresent()) {
            model.apply(new Edit.TurnTo(Optional.empty()));
        }
    }

    private void texts(String newTitle, String newHeading, TypingRun run) {
        Exercise now = model.desk().exercise();
        if (!newTitle.equals(now.title()) || !newHeading.equals(now.heading())) {
            model.apply(new Edit.WriteTexts(newTitle, now.place(), newHeading, run.now()));
        }
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        Optional<String> now = findings.desk().task();
        if (exercise.equals(shown) && now.equals(inHand)) {
            return;
        }
        put(title, exercise.title());
        put(heading, exercise.heading());
        if (!prose.getText().equals(exercise.prose())) {
            prose.setText(exercise.prose());
        }
        shown = exercise;
        inHand = now;
        tasks.getChildren().clear();
        Truth truth = exercise.truth();
        for (int i = 0; i < exercise.tasks().size(); i++) {
            tasks.getChildren().addAll(adder(i, exercise.tasks().isEmpty()), row(exercise, truth, i));
        }
        tasks.getChildren().add(adder(exercise.tasks().size(), true));
        if (exercise.tasks().isEmpty()) {
            Label hint = new Label("No tasks yet. Add the first: its right answer is computed from the data.");
            hint.getStyleClass().add("small");
            hint.setWrapText(true);
            tasks.getChildren().add(hint);
        }
    }

    private Node row(Exercise exercise, Truth truth, int index) {
        Task task = exercise.tasks().get(index);
        Label name = new Label((index + 1) + " · " + task.terms().title());
        name.getStyleClass().add("task-title");
        Key computed = task.key(truth);
        Label key = new Label(computed.text());
        key.getStyleClass().add("outline-key");
        key.setId("key-" + task.id());
        key.pseudoClassStateChanged(MISSING, !computed.computed());
        key.setMinWidth(0);
        Label kind = new Label(task.kind().title() + " · " + Counted.of(task.terms().marks(), "mark")
                + (task.terms().opens().isEmpty() ? "" : " · opens " + task.terms().opens().size() + " aids"));
        kind.getStyleClass().add("small");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox second = new HBox(kind, gap, icon(Feather.CHEVRON_UP, "Move up (Alt+Up)", () -> move(task, index - 1), index > 0),
                icon(Feather.CHEVRON_DOWN, "Move down (Alt+Down)", () -> move(task, index + 1), index < exercise.tasks().size() - 1),
                icon(Feather.TRASH_2, "Remove (Delete)", () -> model.apply(new Edit.RemoveTask(task.id())), true));
        second.setAlignment(Pos.CENTER_LEFT);
        VBox row = new VBox(name, key, second);
        row.getStyleClass().add("outline-row");
        row.setId("outline-" + task.id());
        row.setFocusTraversable(true);
        row.pseudoClassStateChanged(IN_HAND, inHand.filter(task.id()::equals).isPresent());
        row.setOnMouseClicked(_ -> turnTo(task));
        row.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                turnTo(task);
            } else if (event.getCode() == KeyCode.DELETE) {
                model.apply(new Edit.RemoveTask(task.id()));
            } else if (event.isAltDown() && event.getCode() == KeyCode.UP && index > 0) {
                move(task, index - 1);
            } else if (event.isAltDown() && event.getCode() == KeyCode.DOWN) {
                move(task, index + 1);
            } else {
                return;
            }
            event.consume();
        });
        return row;
    }

    private void turnTo(Task task) {
        model.apply(new Edit.TurnTo(Optional.of(task.id())));
        focus(task);
    }

    private void move(Task task, int index) {
        model.apply(new Edit.MoveTask(task.id(), index));
        focus(task);
    }

    /** Puts the keyboard on a task's row, which is a new one after each change. */
    private void focus(Task task) {
        tasks.getChildren().stream().filter(node -> ("outline-" + task.id()).equals(node.getId())).findFirst()
                .ifPresent(Node::requestFocus);
    }

    /** The place between two tasks where another is added. */
    private Node adder(int index, boolean last) {
        MenuButton adder = new MenuButton(last ? "Add a task" : "");
        adder.setGraphic(new FontIcon(Feather.PLUS));
        adder.setId("add-task-" + index);
        adder.setAccessibleText("Add a task here");
        adder.getStyleClass().addAll("adder", last ? "adder-last" : "adder-between");
        for (Kind kind : Kinds.ALL) {
            MenuItem item = new MenuItem(kind.title());
            item.setId("add-" + kind.code());
            item.setOnAction(_ -> WriteView.add(model, index, kind));
            adder.getItems().add(item);
        }
        return adder;
    }

    private static Button icon(Feather icon, String tip, Runnable action, boolean enabled) {
        Button button = new Button();
        button.setGraphic(new FontIcon(icon));
        button.getStyleClass().add("icon-button");
        Tip.set(button, tip);
        button.setAccessibleText(tip);
        button.setDisable(!enabled);
        button.setFocusTraversable(false);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static void put(TextField field, String text) {
        if (!field.getText().equals(text)) {
            field.setText(text);
            field.end();
        }
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        return label;
    }
}
