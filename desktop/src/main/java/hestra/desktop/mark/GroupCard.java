package hestra.desktop.mark;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.figure.CloudThumbnail;
import hestra.desktop.look.Look;
import hestra.desktop.parts.QuietButton;
import hestra.feedback.Verdict;
import hestra.marking.AnswerGroup;
import hestra.marking.Award;
import hestra.marking.Decision;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.MarkingHistory.Choice;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.sentences.Passage;
import hestra.task.Explains;
import hestra.task.ReadByPerson;
import hestra.task.Task;

import static hestra.desktop.mark.Labels.small;

/** Answers that say the same: what they say, what was recognised in them, how many gave them, and their marks. */
final class GroupCard extends VBox {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");
    private static final int MOST_NAMES = 8;
    private static final int MOST_TEXTS = 3;
    private static final int MOST_PLOTS = 6;
    private static final double PLOT_WIDTH = 92;
    private static final double PLOT_HEIGHT = 56;

    private final MarkModel model;
    private final Look look;

    GroupCard(MarkModel model, Look look, Task task, AnswerGroup group, MarkModel.Shown shown) {
        this.model = model;
        this.look = look;
        boolean inHand = shown.group().filter(it -> MarkState.idOf(it).equals(MarkState.idOf(group))).isPresent();
        getStyleClass().add("group-card");
        pseudoClassStateChanged(IN_HAND, inHand);
        setOnMouseClicked(event -> {
            if (event.isStillSincePress() && !inHand) {
                model.turnTo(group);
            }
        });
        Award award = shown.work().award(group, task);
        getChildren().add(head(task, group, shown));
        group.students().stream().map(it -> shown.work().award(it, task.id())).filter(Award::isDisputed)
                .findFirst().ifPresent(it -> {
            Label dispute = new Label(inDispute(it.disputed()));
            dispute.getStyleClass().add("group-dispute");
            dispute.setWrapText(true);
            dispute.setMinHeight(USE_PREF_SIZE);
            getChildren().add(dispute);
        });
        texts(task, group, shown, inHand);
        if (!group.isBlank()) {
            plots(task, group);
        }
        if (inHand && !group.isBlank()) {
            inHand(task, group, shown, award);
        } else {
            Label names = small(names(group, shown));
            getChildren().add(names);
            if (!group.isBlank()) {
                getChildren().add(small(given(award, task)));
            }
        }
        setAccessibleText(group.heading() + ", " + Counted.of(group.students().size(), "student"));
    }

    private HBox head(Task task, AnswerGroup group, MarkModel.Shown shown) {
        Label told = new Label(group.heading());
        told.getStyleClass().add("verdict");
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        group.verdict().ifPresent(it -> told.pseudoClassStateChanged(PseudoClass.getPseudoClass(it.outcome().name()
                .toLowerCase(Locale.ROOT)), true));
        Label count = new Label(group.apart() ? "taken out" : Counted.of(group.students().size(), "student"));
        count.getStyleClass().add("group-count");
        count.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(8, told, gap, count);
        int marked = shown.work().decided(group, task);
        if (marked > 0) {
            Label done = new Label(marked == group.students().size()
                    ? "marked" : marked + " of " + group.students().size() + " marked");
            done.getStyleClass().add("group-done");
            done.setMinWidth(USE_PREF_SIZE);
            head.getChildren().add(2, done);
        }
        return head;
    }

    /** What was answered, each text once; the answer of the student in hand first and darker. */
    private void texts(Task task, AnswerGroup group, MarkModel.Shown shown, boolean inHand) {
        if (group.isBlank()) {
            return;
        }
        Optional<Student> chosen = inHand ? shown.student() : Optional.empty();
        Set<String> texts = new LinkedHashSet<>();
        chosen.ifPresent(student -> texts.add(student.marked().at(task.id()).inWords()));
        group.students().forEach(student -> texts.add(student.marked().at(task.id()).inWords()));
        List<String> list = new ArrayList<>(texts);
        int most = ReadByPerson.isReadByPerson(task) ? MOST_TEXTS : 2;
        for (int i = 0; i < Math.min(list.size(), most); i++) {
            List<Passage> passages = i == 0 && inHand ? passages(task, list.getFirst(), group) : List.of();
            if (!passages.isEmpty()) {
                getChildren().add(new ReadSentence(list.getFirst(), passages));
                continue;
            }
            Label text = new Label(ReadByPerson.isReadByPerson(task) ? "“" + list.get(i) + "”" : list.get(i));
            text.getStyleClass().add(i == 0 ? "group-answer" : "group-other");
            text.setWrapText(true);
            text.setMinHeight(USE_PREF_SIZE);
            getChildren().add(text);
        }
        if (list.size() > most) {
            getChildren().add(small("and " + Counted.of(list.size() - most, "more way", "more ways") + " to say it"));
        }
    }

    /** The words by which something was found in a sentence of the group. */
    private static List<Passage> passages(Task task, String sentence, AnswerGroup group) {
        return group.students().stream().flatMap(it -> it.marked().at(task.id()).counted().stream())
                .filter(it -> it.words().equals(sentence)).findFirst()
                .map(it -> Explains.passages(task, sentence, it.truth())).orElse(List.of());
    }

    /** Answers that are made in the plot, small. */
    private void plots(Task task, AnswerGroup group) {
        FlowPane plots = new FlowPane(6, 6);
        // Those that look the same are drawn once.
        group.students().stream().flatMap(student -> student.marked().at(task.id()).sketch().stream()).distinct()
                .limit(MOST_PLOTS).forEach(sketch -> plots.getChildren()
                        .add(CloudThumbnail.of(sketch, look, PLOT_WIDTH, PLOT_HEIGHT)));
        if (!plots.getChildren().isEmpty()) {
            getChildren().add(plots);
        }
    }

    private void inHand(Task task, AnswerGroup group, MarkModel.Shown shown, Award award) {
        double now = shown.work().offered(group, task);
        MarksRow row = new MarksRow("group", model.inMarks(), task.terms().marks(), now, award.decided(),
                marks -> give(task, group.whom(), marks));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label keys = small(group.students().size() > 1 ? "Space: next student · 0–9 marks" : "0–9 marks");
        keys.setWrapText(false);
        keys.setMinWidth(0);
        HBox line = new HBox(8, row, gap, keys);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(line);
        disputes(task, group, shown);
        FlowPane more = new FlowPane(6, 5);
        if (!award.decided()) {
            more.getChildren().add(QuietButton.of("group-confirm", ReadByPerson.isReadByPerson(task) ? "Give " + model.inMarks()
                    .of(now) + " as proposed" : "Confirm " + model.inMarks().of(now), "Enter: these marks stand",
                    () -> give(task, group.whom(), now)));
        }
        if (award.decided() || group.apart()) {
            more.getChildren().add(QuietButton.of("group-withdraw",
                    group.apart() ? "Put back with the others" : "Back to what Hestra says", "Delete: take the decision back",
                    () -> withdraw(model, task, group)));
        }
        if (!group.apart() && group.students().size() > 1) {
            shown.student().ifPresent(student -> more.getChildren()
                    .add(QuietButton.of("group-take-out", "Mark " + shown.name(student) + " apart",
                            "O: take this student’s answer out and mark it by itself", () -> takeOut(model, task, student))));
        }
        if (!group.verdict().map(Verdict::isRight).orElse(false) && !ReadByPerson.isReadByPerson(task)) {
            more.getChildren().add(QuietButton.of("group-all", "Same marks for everybody",
                    "Gives all who answered this task, right or wrong, " + model.inMarks().counted(now),
                    () -> give(task, new DecisionScope.All(), now)));
        }
        getChildren().add(more);
        getChildren().add(small(names(group, shown)));
    }

    /** Whom the markers are that differ, and what each gave: one press settles it for all of these answers. */
    private void disputes(Task task, AnswerGroup group, MarkModel.Shown shown) {
        List<Decision> disputed = group.students().stream().map(it -> shown.work().award(it, task.id())).filter(Award::isDisputed)
                .findFirst().map(Award::disputed).orElse(List.of());
        if (disputed.isEmpty()) {
            return;
        }
        FlowPane row = new FlowPane(6, 5);
        for (Decision decision : disputed) {
            decision.value().map(it -> ((DecisionValue.Points) it).marks())
                    .ifPresent(marks -> row.getChildren()
                            .add(QuietButton.of("dispute-" + row.getChildren().size(),
                            decision.by() + ": " + model.inMarks().counted(marks),
                    "Settles it: these marks stand. A digit key settles it too", () -> give(task, group.whom(), marks))));
        }
        getChildren().add(row);
    }

    /** "Ann gave 3 marks, Bo 1 mark." */
    private String inDispute(List<Decision> disputed) {
        return "Marked differently: " + disputed.stream()
                .map(it -> it.by() + " " + it.value().map(value -> model.inMarks()
                .counted(((DecisionValue.Points) value).marks()))
                        .orElse("as Hestra has it")).collect(Collectors.joining(", ")) + ".";
    }

    private void give(Task task, DecisionScope whom, double marks) {
        model.give(task, whom, marks);
    }

    /** Takes the decision on answers back. */
    static void withdraw(MarkModel model, Task task, AnswerGroup group) {
        List<Choice> choices = new ArrayList<>(List.of(Choice.none(new DecisionSubject.Marks(task.id(), group.whom()))));
        if (group.apart()) {
            choices.add(Choice.none(new DecisionSubject.Alone(task.id(), group.students().getFirst().key())));
        }
        if (!group.apart() && model.history().present().value(new DecisionSubject.Marks(task.id(), group.whom())).isEmpty()) {
            choices.add(Choice.none(new DecisionSubject.Marks(task.id(), new DecisionScope.All())));
        }
        model.decide("marks taken back", choices);
    }

    /** Has the answer of one student marked by itself from now on: nothing is decided on it by that. */
    static void takeOut(MarkModel model, Task task, Student student) {
        model.decide("an answer marked apart", Choice.of(new DecisionSubject.Alone(task.id(), student.key()),
                new DecisionValue.Yes()));
        model.shown().groups().stream().filter(it -> it.apart() && it.students()
                .contains(model.shown().work().roll().student(student.key()).orElse(student)))
                .findFirst().ifPresent(model::turnTo);
    }

    private String given(Award award, Task task) {
        String marks = model.inMarks().outOf(award.marks(), task.terms().marks());
        return award.standing() == Standing.UNREAD ? "proposed: " + marks : award.decided() ? "given: " + marks : marks;
    }

    private static String names(AnswerGroup group, MarkModel.Shown shown) {
        String names = shown.ordered(group.students()).stream().limit(MOST_NAMES).map(shown::name)
                .collect(Collectors.joining(" · "));
        return names + (group.students().size() > MOST_NAMES ? " and " + (group.students().size() - MOST_NAMES) + " more" : "");
    }
}
