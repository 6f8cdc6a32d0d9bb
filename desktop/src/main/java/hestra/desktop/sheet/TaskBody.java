package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.data.Roles;
import hestra.data.Roles.Use;
import hestra.data.Variable;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Answer;
import hestra.exercise.Description;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/** The part of a task's card in which the answer is given: a form for each kind of task. */
final class TaskBody extends VBox {

    private final DeskModel model;
    private final Task task;
    private final Runnable check;
    private final List<Consumer<Findings>> shows = new ArrayList<>();
    private Node first;

    TaskBody(DeskModel model, Task task, Runnable check) {
        this.model = model;
        this.task = task;
        this.check = check;
        getStyleClass().add("task-body");
        switch (task) {
            case Task.EnterData _ -> printed();
            case Task.ChooseRoles _ -> roles();
            case Task.Describe _ -> describe();
            case Task.FindSlip _ -> printed();
            case Task.ReadValue read -> number(read);
            case Task.Predict predict -> predictions(predict);
            case Task.ExplainSlope _ -> sentence();
        }
    }

    /** Shows the answer as it stands. */
    void show(Findings findings) {
        shows.forEach(show -> show.accept(findings));
    }

    /** Where typing goes first; nothing where the answer is given in the table. */
    Optional<Node> first() {
        return Optional.ofNullable(first);
    }

    private void printed() {
        getChildren().add(new PrintedTable(model.desk().exercise().data()));
    }

    private void roles() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("form");
        Roles asked = model.desk().exercise().roles();
        int line = 0;
        for (int i = 0; i < model.desk().exercise().data().width(); i++) {
            int column = i;
            if (!asked.useOf(column).isAxis() && asked.useOf(column) != Use.NOTHING) {
                continue;
            }
            Variable variable = model.desk().exercise().data().variable(i);
            Choices<Use> choices = new Choices<>("role-" + variable.name(), List.of(Use.EXPLAINS, Use.RESPONDS), Use::inWords,
                    use -> model.apply(new Edit.ChooseRoles(model.desk().work().drawnRoles().with(column, use))));
            grid.addRow(line++, formLabel(variable.name()), choices);
            first = first == null ? choices.getChildren().getFirst() : first;
            shows.add(findings -> choices.show(findings.work().roles().map(roles -> roles.useOf(column)).filter(Use::isAxis)));
        }
        getChildren().add(grid);
    }

    private void describe() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("form");
        choice(grid, 0, "direction", Description.Direction.values(), Answer.Described::direction);
        choice(grid, 1, "form", Description.Form.values(), Answer.Described::form);
        choice(grid, 2, "strength", Description.Strength.values(), Answer.Described::strength);
        choice(grid, 3, "unusual points", Description.Unusual.values(), Answer.Described::unusual);
        getChildren().add(grid);
        TextArea sentence = area("In a sentence: what do you see?");
        sentence.setId(task.id() + "-sentence");
        TypingRun run = new TypingRun(sentence);
        sentence.textProperty().addListener((_, _, text) -> draft(described().withSentence(text), run.now()));
        shows.add(_ -> put(sentence, described().sentence()));
        getChildren().add(sentence);
    }

    private <T extends Description.Choice> void choice(GridPane grid, int row, String name, T[] values,
            Function<Answer.Described, Optional<T>> part) {
        Choices<T> choices = new Choices<>(task.id() + "-" + name.replace(' ', '-'), Arrays.asList(values), Description.Choice::inWords,
                value -> draft(described().with(value)));
        VBox stacked = new VBox(formLabel(name), choices);
        stacked.getStyleClass().add("stacked");
        grid.add(stacked, 0, row);
        first = first == null ? choices.getChildren().getFirst() : first;
        shows.add(_ -> choices.show(part.apply(described())));
    }

    private Answer.Described described() {
        return (Answer.Described) model.desk().answerAsItStands(task);
    }

    private void number(Task.ReadValue read) {
        TextField field = numberField(task.id() + "-number");
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> draft(new Answer.Typed(text), run.now()));
        field.setOnAction(_ -> check.run());
        Quantity quantity = read.quantity();
        Label unit = new Label(quantity.unit(model.desk().exercise().x(), model.desk().exercise().y()));
        HBox row = new HBox(field, unit);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("answer-row");
        getChildren().add(row);
        first = field;
        shows.add(_ -> put(field, ((Answer.Typed) model.desk().answerAsItStands(task)).text()));
    }

    private void predictions(Task.Predict predict) {
        for (int i = 0; i < predict.at().size(); i++) {
            int index = i;
            String x = NumberStyle.STANDARD.shortest(predict.at().get(i)) + model.desk().exercise().x().unitAfterNumber();
            TextField field = numberField(task.id() + "-at-" + i);
            field.setAccessibleText("prediction at " + x);
            TypingRun run = new TypingRun(field);
            field.textProperty().addListener((_, _, text) ->
                    draft(given().with(index, new Answer.Predicted(text, given().at(index).trusted())), run.now()));
            field.setOnAction(_ -> check.run());
            Choices<Boolean> trust = new Choices<>(task.id() + "-trust-" + i, List.of(true, false),
                    trusted -> trusted ? "trust" : "don’t",
                    trusted -> draft(given().with(index, new Answer.Predicted(given().at(index).text(), Optional.of(trusted)))));
            // A flow, so that long units move the judgement to a line of its own instead of cutting it off.
            FlowPane row = new FlowPane(formLabel("at " + x), field, new Label(model.desk().exercise().y().unit()), trust);
            row.setRowValignment(VPos.CENTER);
            row.getStyleClass().add("prediction-line");
            getChildren().add(row);
            first = first == null ? field : first;
            shows.add(_ -> {
                put(field, given().at(index).text());
                trust.show(given().at(index).trusted());
            });
        }
    }

    private Answer.Predictions given() {
        return (Answer.Predictions) model.desk().answerAsItStands(task);
    }

    private void sentence() {
        TextArea sentence = area("Write it as you would say it to a visitor.");
        sentence.setId(task.id() + "-sentence");
        TypingRun run = new TypingRun(sentence);
        sentence.textProperty().addListener((_, _, text) -> draft(new Answer.Sentence(text), run.now()));
        shows.add(_ -> put(sentence, ((Answer.Sentence) model.desk().answerAsItStands(task)).text()));
        getChildren().add(sentence);
        first = sentence;
    }

    private void draft(Answer answer) {
        draft(answer, Optional.empty());
    }

    private void draft(Answer answer, Optional<String> run) {
        if (!answer.equals(model.desk().answerAsItStands(task))) {
            model.apply(new Edit.Draft(task.id(), answer, run));
        }
    }

    private TextArea area(String prompt) {
        TextArea area = new TextArea();
        area.setPromptText(prompt);
        area.setWrapText(true);
        area.setPrefRowCount(3);
        area.getStyleClass().add("sentence");
        // Tab goes on to the next control, as in every other field; Enter with the shortcut key checks.
        area.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.TAB && !event.isShortcutDown()) {
                event.consume();
                area.requestFocusTraversal(event.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
            } else if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
                event.consume();
                check.run();
            }
        });
        return area;
    }

    private static void put(TextInputControl field, String text) {
        if (!field.getText().equals(text)) {
            field.setText(text);
            field.end();
        }
    }

    private static TextField numberField(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(6);
        field.getStyleClass().add("number-field");
        return field;
    }

    private static Label formLabel(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("form-label");
        return label;
    }

    /** The rounding asked for, for the card's heading; empty where none is. */
    static String roundingOf(Task task) {
        Rounding rounding = switch (task) {
            case Task.ReadValue read -> read.rounding();
            case Task.Predict predict -> predict.rounding();
            default -> new Rounding.Free();
        };
        return rounding.inWords().replaceFirst("^to (a )?", "");
    }
}
