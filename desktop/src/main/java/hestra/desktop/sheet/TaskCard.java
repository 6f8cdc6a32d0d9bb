package hestra.desktop.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.desk.TaskWords;
import hestra.desk.WorkEdit;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.notes.NotesBox;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.ProseView;
import hestra.desktop.parts.Tip;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.Counted;
import hestra.task.AnswerPlace;
import hestra.task.Hint;
import hestra.task.Task;
import hestra.task.Terms;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/**
 * One task on the sheet. The task in hand is open, with its form and its check button; the others show their title and
 * what became of them, and are opened by a click.
 */
final class TaskCard extends VBox {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private final DeskModel model;
    private final Task task;
    private final Consumer<TaskCard> checked;
    private final Consumer<AnswerPlace> go;
    private final Look look;
    private final Consumer<String> notice;
    private final Region marker = new Region();
    private final Label title = new Label();
    private final Label terms = new Label();
    private final ProseView prompt;
    private TaskForm body;
    private final Button check = new Button("Check");
    private final Button goOn = new Button("Go on");
    private final Label tries = new Label();
    private final Label missing = new Label();
    private final Label verdict = new Label();
    private final ProseView why = new ProseView("");
    private final Button help = new Button();
    private final ProseView helps = new ProseView("");
    private final Button again = new Button("Play again with new data");
    private final Label rounds = new Label();
    private final VBox inside = new VBox();

    /** The card of a task; {@code checked} is told when an answer has been judged. */
    TaskCard(DeskModel model, Task task, Consumer<TaskCard> checked, Consumer<AnswerPlace> go, Look look,
            Consumer<String> notice) {
        this.checked = checked;
        this.notice = notice;
        this.go = go;
        this.look = look;
        this.model = model;
        this.task = task;
        this.prompt = new ProseView("");
        setId("card-" + task.id());
        getStyleClass().add("task-card");
        marker.getStyleClass().add("marker");
        title.getStyleClass().add("task-title");
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        terms.getStyleClass().add("small");
        verdict.getStyleClass().add("verdict");
        verdict.setWrapText(true);
        verdict.setMinHeight(USE_PREF_SIZE);
        verdict.setId("verdict-" + task.id());
        why.getStyleClass().add("why");
        why.setId("why-" + task.id());
        present(why, false);
        check.setId("check-" + task.id());
        check.getStyleClass().add("check");
        Tip.set(check, "Check the answer (Ctrl+Enter from anywhere; Enter in a number field)");
        check.setOnAction(_ -> check());
        tries.getStyleClass().add("small");
        again.setId("again-" + task.id());
        again.getStyleClass().add("quiet");
        again.setOnAction(_ -> playAgain());
        again.setMinWidth(USE_PREF_SIZE);
        present(again, false);
        goOn.setId("go-on-" + task.id());
        goOn.getStyleClass().add("quiet");
        goOn.setOnAction(_ -> model.apply(new Edit.TurnTo(Optional.empty())));
        Tip.set(goOn, "On to the next task (Ctrl+Enter)");
        present(goOn, false);
        help.setId("hint-" + task.id());
        help.getStyleClass().add("quiet");
        help.setMinWidth(USE_PREF_SIZE);
        Tip.set(help, "Shows a hint; where one costs marks, it says how many");
        help.setOnAction(_ -> model.apply(new Edit.TakeHint(task.id())));
        present(help, false);
        helps.setId("hints-" + task.id());
        helps.getStyleClass().add("helps");
        present(helps, false);
        HBox row = new HBox(check, goOn, tries);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("check-row");
        missing.getStyleClass().addAll("small", "missing");
        missing.setId("missing-" + task.id());
        missing.setWrapText(true);
        missing.setMinHeight(USE_PREF_SIZE);
        present(missing, false);
        inside.getChildren().addAll(prompt, row, missing, help, helps);
        rounds.getStyleClass().add("small");
        rounds.setWrapText(true);
        rounds.setMinHeight(USE_PREF_SIZE);
        rounds.setId("rounds-" + task.id());
        present(rounds, false);
        inside.getStyleClass().add("task-inside");
        VBox heading = new VBox(title, terms);
        heading.getStyleClass().add("task-heading");
        heading.setFocusTraversable(true);
        heading.setAccessibleRole(AccessibleRole.BUTTON);
        heading.accessibleTextProperty().bind(title.textProperty().concat(", ").concat(terms.textProperty()));
        heading.setOnMouseClicked(_ -> turnTo());
        heading.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                turnTo();
                event.consume();
            }
        });
        getChildren().addAll(heading, inside, verdict, why, rounds, again);
        holdVisible(this);
    }

    Node marker() {
        return marker;
    }

    /** Where typing goes first in this task. */
    Optional<Node> first() {
        return body().first();
    }

    /** The notes that are written in this task; nothing where it asks for none. */
    Optional<NotesBox> notes() {
        return body().notes();
    }

    /** Where the keyboard comes to when it comes to this card: where typing goes, or the first thing that can be pressed. */
    Node entry() {
        return first().or(() -> check.isDisabled()
                ? inside.lookupAll("*").stream().filter(it -> it instanceof ButtonBase && it.isFocusTraversable()
                        && !it.isDisabled() && isShown(it)).findFirst() : Optional.empty()).orElse(check);
    }

    private static boolean isShown(Node node) {
        return node == null || node.isVisible() && isShown(node.getParent());
    }

    /** The form, made when the task is first opened: most of a sheet is closed most of the time. */
    private TaskForm body() {
        if (body == null) {
            body = TaskForm.of(model, task, this::check, go, look, notice);
            inside.getChildren().add(1, body);
        }
        return body;
    }

    private void turnTo() {
        model.apply(new Edit.TurnTo(Optional.of(task.id())));
        body().first().ifPresent(Node::requestFocus);
    }

    /** Checks the answer as it stands, or says what it still lacks. */
    void check() {
        if (goOn.isVisible()) {
            model.apply(new Edit.TurnTo(Optional.empty()));
            return;
        }
        int before = attempts();
        if (staysOpen()) {
            model.apply(new Edit.TurnTo(Optional.of(task.id())));
        }
        model.apply(new Edit.Check(task.id()));
        Optional<String> unfinished = attempts() > before ? Optional.empty() : model.findings().unready(task);
        sayMissing(unfinished);
        if (unfinished.isEmpty()) {
            checked.accept(this);
        }
        TaskState state = model.findings().task(task.id());
        if (state.done() && !staysOpen()) {
            model.apply(new Edit.TurnTo(Optional.empty()));
        } else if (state.done()) {
            // What was done is still there to be looked at; the next task may be about other data.
            FocusMark.give(again.isVisible() ? again : goOn);
        }
    }

    private void sayMissing(Optional<String> why) {
        missing.setText(why.orElse(""));
        present(missing, why.isPresent());
    }

    /** Whether one looks at what was done before going on to the next task. */
    private boolean staysOpen() {
        return task.place() == AnswerPlace.PLOT;
    }

    /** What it says of the newest answer. */
    Region verdict() {
        return verdict;
    }

    private int attempts() {
        return model.desk().work().attemptsAt(task.id()).size();
    }

    /** Whether it says what an answer lacks, which may change with every edit. */
    boolean saysWhatIsMissing() {
        return missing.isVisible();
    }

    void show(Findings findings) {
        TaskState state = findings.task(task.id());
        Terms asked = task.terms();
        boolean inHand = findings.taskInHand().filter(task.id()::equals).isPresent();
        pseudoClassStateChanged(IN_HAND, inHand);
        title.setText(state.number() + " · " + asked.title());
        TaskWords words = new TaskWords(findings, state);
        terms.setText(words.terms());
        present(inside, inHand);
        if (missing.isVisible()) {
            sayMissing(findings.unready(task));
        }
        present(goOn, inHand && staysOpen() && state.done() && state.isTriedIn(findings.work().round()));
        present(check, !goOn.isVisible());
        present(terms, inHand || !state.isTried());
        if (inHand) {
            Part part = findings.part().indexOf(task.id()) >= 0
                    ? findings.part() : findings.exercise().partOf(task.id()).orElseThrow();
            prompt.show(LiveText.fill(asked.prompt(), part, model.desk().exercise().mark()));
            body().show(findings);
            showReadiness(state);
        }
        boolean shown = asked.isTold(state.done());
        showRounds(findings, state, words, shown);
        Optional<Verdict> now = state.verdict();
        present(verdict, now.isPresent());
        verdict.setText(words.verdict().orElse(""));
        showWhy(words);
        showHelps(inHand, state, words);
        for (Outcome outcome : Outcome.values()) {
            boolean is = shown && now.filter(it -> it.outcome() == outcome).isPresent();
            PseudoClass style = PseudoClass.getPseudoClass(outcome.name().toLowerCase(Locale.ROOT));
            verdict.pseudoClassStateChanged(style, is);
            marker.pseudoClassStateChanged(style, is);
        }
        marker.pseudoClassStateChanged(IN_HAND, inHand);
    }

    private void showWhy(TaskWords words) {
        Optional<String> text = words.why();
        present(why, text.isPresent());
        why.show(text.orElse(""));
    }

    /** The helps that were asked for, and the next one with what it costs. */
    private void showHelps(boolean inHand, TaskState state, TaskWords words) {
        List<Hint> all = task.terms().helps();
        int taken = state.helps();
        present(helps, inHand && taken > 0);
        helps.show(words.helps());
        present(help, inHand && taken < all.size() && !state.done());
        help.setText(words.nextHelp());
    }

    private void showReadiness(TaskState state) {
        check.setDisable(state.triesLeft() == 0 || !body().isReady());
        String left = state.triesLeft() == 0 ? "no tries left"
                : task.terms().tries() == 0 ? ""
                : Counted.of(state.triesLeft(), "try left", "tries left");
        String text = Stream.of(state.triesLeft() == 0 ? "" : body().status(), left).filter(it -> !it.isEmpty())
                .collect(Collectors.joining(" · "));
        if (!text.equals(tries.getText())) {
            tries.setText(text);
        }
    }

    /** Whether it shows how things stand while a point is being dragged. */
    boolean isLive() {
        return inside.isVisible() && body != null && body.isLive();
    }

    /** Shows how things stand in the middle of a drag. */
    void showLive(Findings findings) {
        body.showLive(findings);
        showReadiness(findings.task(task.id()));
    }

    /** The marks of each round, and the way to the next. */
    private void showRounds(Findings findings, TaskState state, TaskWords words, boolean shown) {
        boolean plays = task.terms().playing() == Terms.Playing.NEW_DATA;
        boolean here = findings.part().indexOf(task.id()) >= 0;
        present(again, plays && here && findings.written().hasRounds()
                && (state.isTriedIn(findings.work().round()) || findings.isShown(task)) && state.triesLeft() > 0);
        Optional<String> played = words.rounds().filter(_ -> shown);
        present(rounds, played.isPresent());
        rounds.setText(played.orElse(""));
    }

    private void playAgain() {
        sayMissing(Optional.empty());
        int round = model.findings().work().round().orElse(0) + 1;
        model.apply(new WorkEdit.PlayAgain(round));
        model.apply(new Edit.TurnTo(Optional.of(task.id())));
        body().first().ifPresent(FocusMark::give);
    }
}
