package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.notes.NotesBox;
import hestra.desktop.parts.FocusMark;
import hestra.task.Answer;
import hestra.task.AnswerPlace;
import hestra.task.ByChoice;
import hestra.task.ByEye;
import hestra.task.ChooseRoles;
import hestra.task.Describe;
import hestra.task.DrawIt;
import hestra.task.EnterData;
import hestra.task.Explain;
import hestra.task.FillCalculation;
import hestra.task.FindPoint;
import hestra.task.FindSlip;
import hestra.task.FromPicture;
import hestra.task.MatchPlot;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.ReachTarget;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.TryOut;
import hestra.task.WhatChanceDoes;
import hestra.task.WriteEquation;
import hestra.task.WriteSection;

/** The part of a task's card in which the answer is given: a form for each kind of task. */
abstract class TaskForm extends VBox {

    private final DeskModel model;
    private final Task task;
    private final Runnable check;
    private final List<Consumer<Findings>> shows = new ArrayList<>();
    private Node first;

    TaskForm(DeskModel model, Task task, Runnable check) {
        this.model = model;
        this.task = task;
        this.check = check;
        getStyleClass().add("task-body");
    }

    /**
     * The form of a task; {@code check} checks the answer, {@code go} puts the keyboard where it is answered, {@code notice} says
     * what happened.
     */
    static TaskForm of(DeskModel model, Task task, Runnable check, Consumer<AnswerPlace> go, Look look, Consumer<String> notice) {
        return switch (task) {
            case EnterData _, FindSlip _ -> new PrintedForm(model, task, check);
            case ChooseRoles _ -> new RolesForm(model, task, check);
            case Describe _ -> new DescribeForm(model, task, check);
            case ReadValue read ->
                    new NumberForm(model, read, check, read.asking().unit() ? "with its unit" : read.quantity()
                            .unit(model.findings().part().x(), model.findings().part().y()));
            case Predict predict -> new PredictForm(model, predict, check);
            case NumberQuestion question -> new NumberForm(model, question, check, question.unit());
            case ByEye byEye -> new ByEyeForm(model, byEye, check, () -> go.accept(AnswerPlace.PLOT));
            case ReachTarget target -> new TargetForm(model, target, check, () -> go.accept(AnswerPlace.PLOT));
            case FindPoint find -> new FindPointForm(model, find, check, () -> go.accept(AnswerPlace.PLOT));
            case MatchPlot match -> new MatchPlotForm(model, match, check, look);
            case FillCalculation fill -> new FillCalculationForm(model, fill, check, () -> go.accept(AnswerPlace.CALCULATION));
            case DrawIt draw -> new DrawItForm(model, draw, check, () -> go.accept(AnswerPlace.PLOT));
            case TryOut tryOut -> new TryOutForm(model, tryOut, check, () -> go.accept(AnswerPlace.PLOT));
            case WhatChanceDoes chance -> new ChanceForm(model, chance, check, () -> go.accept(AnswerPlace.PLOT));
            case FromPicture picture -> new FromPictureForm(model, picture, check, () -> go.accept(AnswerPlace.PLOT));
            case Explain explain when explain.explaining().gapped().isPresent() -> new GapsForm(model, explain, check);
            case Explain _ -> new SentenceForm(model, task, check, "Write it as you would say it to a visitor.");
            case WriteSection section -> new SectionForm(model, section, check, look, notice);
            case WriteEquation _ -> new EquationForm(model, task, check);
            case ByChoice choice -> new ChoicesForm(model, choice, check);
        };
    }

    /** Shows the answer as it stands. */
    final void show(Findings findings) {
        shows.forEach(show -> show.accept(findings));
    }

    /** Where typing goes first; nothing where the answer is given in the table. */
    final Optional<Node> first() {
        return Optional.ofNullable(first);
    }

    /** Whether it shows how things stand while a point is being dragged. */
    boolean isLive() {
        return false;
    }

    /** Shows how things stand in the middle of a drag. */
    void showLive(Findings findings) {}

    /** The notes that are written in it; nothing for most. */
    Optional<NotesBox> notes() {
        return Optional.empty();
    }

    /** Whether there is something to check. */
    boolean isReady() {
        return true;
    }

    /** How far it is, in a few words beside the check button; empty where there is nothing to say. */
    String status() {
        return "";
    }

    final DeskModel model() {
        return model;
    }

    final String id() {
        return task.id();
    }

    final void check() {
        check.run();
    }

    /** Has typing go here first, if nothing came before. */
    final void offerFirst(Node node) {
        first = first == null ? node : first;
    }

    final void onShow(Consumer<Findings> show) {
        shows.add(show);
    }

    /** The answer as it stands. */
    final <A extends Answer> A standing(Class<A> kind) {
        return model.findings().standing(task).as(kind);
    }

    /** Answers, by a choice. */
    final void draft(Answer answer) {
        draft(answer, Optional.empty());
    }

    /** Answers, within a run of typing. */
    final void draft(Answer answer, Optional<String> run) {
        if (!answer.equals(model.findings().standing(task))) {
            model.apply(new Edit.Draft(task.id(), answer, run));
        }
    }

    /** A field for one or more sentences. */
    final TextArea area(String prompt) {
        TextArea area = new TextArea();
        area.setId(task.id() + "-sentence");
        area.setPromptText(prompt);
        area.setWrapText(true);
        area.setPrefRowCount(3);
        area.getStyleClass().add("sentence");
        FocusMark.tabLeaves(area);
        area.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
                event.consume();
                check.run();
            }
        });
        return area;
    }

    /** A field for a number, in which Enter checks. */
    final TextField numberField(String fieldId) {
        TextField field = new TextField();
        field.setId(fieldId);
        field.setPrefColumnCount(6);
        field.getStyleClass().add("number-field");
        field.setOnAction(_ -> check.run());
        return field;
    }

    static void put(TextInputControl field, String text) {
        if (!field.getText().equals(text)) {
            field.setText(text);
            field.end();
        }
    }

    static Label formLabel(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("form-label");
        return label;
    }
}
