package hestra.desktop.mark;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.feedback.Verdict;
import hestra.marking.Award;
import hestra.marking.Given;
import hestra.marking.MarkingHistory.Choice;
import hestra.marking.Matter;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.marking.Value;
import hestra.marking.Whom;
import hestra.numbers.Counted;
import hestra.task.Task;

import static hestra.desktop.mark.Labels.said;
import static hestra.desktop.mark.Labels.small;

/** The sheet of the student in hand: each task with what was answered, what Hestra says of it, its marks and comments. */
final class StudentSheet {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private final MarkModel model;
    private final Answers answers;
    private final CardList list = new CardList("mark-sheet");
    private Optional<String> student = Optional.empty();

    StudentSheet(MarkModel model, Answers answers) {
        this.model = model;
        this.answers = answers;
    }

    Node node() {
        return list;
    }

    void show(MarkModel.Shown shown) {
        list.clear();
        if (shown.student().isEmpty()) {
            list.add(small("No work has come in yet."));
            return;
        }
        Student here = shown.student().get();
        Label title = new Label(shown.name(here));
        title.getStyleClass().add("group-title");
        list.add(title, small(MarksRow.shown(shown.work().total(here)) + " of " + Counted.of(shown.work().exercise().marks(), "mark")
                + (here.earlier() == 0 ? "" : " · replaces " + Counted.of(here.earlier(), "earlier hand-in")) + (here.handedIn().note().isEmpty() ? "" : " · " + here.handedIn().note())));
        shown.work().comments(here).forEach(id -> shown.work().comment(id).ifPresent(comment -> list.add(said(comment.text()))));
        int number = 1;
        for (Task task : shown.work().exercise().tasks()) {
            VBox card = card(task, number++, here, shown);
            list.add(card);
            if (shown.task().filter(task::equals).isPresent()) {
                list.bringIntoView(card);
            }
        }
        if (!student.equals(Optional.of(here.key()))) {
            student = Optional.of(here.key());
            list.toTop();
        }
    }

    private VBox card(Task task, int number, Student here, MarkModel.Shown shown) {
        boolean inHand = shown.task().filter(task::equals).isPresent();
        Given given = here.marked().at(task.id());
        Award award = shown.work().award(here, task.id());
        Label title = new Label(number + " · " + task.terms().title());
        title.getStyleClass().add("mark-task-title");
        title.setMinWidth(0);
        Label marks = new Label(award.standing().sign() + " " + MarksRow.shown(award.marks()) + " of " + task.terms().marks());
        marks.getStyleClass().add("group-count");
        marks.setMinWidth(Region.USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox card = new VBox(5, new HBox(8, title, gap, marks));
        card.getStyleClass().add("group-card");
        card.setId("sheet-" + task.id());
        card.pseudoClassStateChanged(IN_HAND, inHand);
        card.setOnMouseClicked(event -> {
            if (event.isStillSincePress() && !inHand) {
                model.turnTo(task);
            }
        });
        if (inHand) {
            card.getChildren().add(small(shown.prompt(task)));
        }
        Label answer = new Label(given.isBlank() ? "nothing given" : answers.inWords(here, task));
        answer.getStyleClass().add(given.isBlank() ? "group-other" : "group-answer");
        answer.setWrapText(true);
        answer.setMinHeight(Region.USE_PREF_SIZE);
        card.getChildren().add(answer);
        if (!given.isBlank()) {
            card.getChildren().add(small((given.tries() > 1 ? given.tries() + " tries · " : "") + given.verdict().map(Verdict::message).orElse("") + (award.standing() == Standing.UNREAD ? " To be read by you." : "")));
        }
        award.comments().forEach(id -> shown.work().comment(id).ifPresent(comment -> card.getChildren().add(said(comment.text()))));
        if (inHand) {
            card.getChildren().add(marks(task, here, award, shown));
        }
        return card;
    }

    private HBox marks(Task task, Student here, Award award, MarkModel.Shown shown) {
        Optional<Value> own = shown.work().marking().value(new Matter.Marks(task.id(), new Whom.One(here.key())));
        double now = own.orElse(null) instanceof Value.Points(double marks) ? marks : award.marks();
        HBox row = new HBox(8, new MarksRow("student", task.terms().marks(), now, award.decided(), marks -> give(model, task, here, marks)));
        row.setAlignment(Pos.CENTER_LEFT);
        if (own.isPresent()) {
            Button back = new Button("Back with the others");
            back.setId("student-withdraw");
            back.getStyleClass().setAll("quiet");
            back.setOnAction(_ -> model.decide("marks taken back", List.of(Choice.none(new Matter.Marks(task.id(), new Whom.One(here.key()))))));
            row.getChildren().add(back);
        }
        return row;
    }

    /** Gives marks for the answer of one student. */
    static void give(MarkModel model, Task task, Student student, double marks) {
        model.decide("marks of task " + (model.exercise().indexOf(task.id()) + 1), Choice.of(new Matter.Marks(task.id(), new Whom.One(student.key())), new Value.Points(marks)));
    }
}
