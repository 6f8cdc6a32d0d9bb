package hestra.desktop.mark;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desktop.look.Look;
import hestra.desktop.notes.PieceView;
import hestra.documents.page.NotePieces;
import hestra.exercise.Attempts;
import hestra.feedback.Verdict;
import hestra.marking.Award;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.MarkingHistory.Choice;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.task.ReadByPerson;
import hestra.task.Task;

import static hestra.desktop.mark.Labels.said;
import static hestra.desktop.mark.Labels.seen;
import static hestra.desktop.mark.Labels.small;

/** The sheet of the student in hand: each task with what was answered, what Hestra says of it, its marks and comments. */
final class StudentSheet {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private final MarkModel model;
    private final OpenHandIn handIn;
    private final Look look;
    private final CardList list = new CardList("mark-sheet");
    /** Where what was kept on the sheet is shown, task by task. */
    private final Map<Task, VBox> sections = new LinkedHashMap<>();
    private Optional<String> student = Optional.empty();

    StudentSheet(MarkModel model, OpenHandIn handIn, Look look) {
        this.model = model;
        this.handIn = handIn;
        this.look = look;
        handIn.shownProperty().subscribe(shown -> shown.contents().ifPresent(contents -> fill(contents.findings())));
    }

    Node node() {
        return list;
    }

    void show(MarkModel.Shown shown) {
        list.clear();
        sections.clear();
        if (shown.student().isEmpty()) {
            list.add(small("No work has come in yet."));
            return;
        }
        Student here = shown.student().get();
        Label title = new Label(shown.name(here));
        title.getStyleClass().add("group-title");
        String listed = shown.state().nameless() ? "" : shown.work().listed(here);
        list.add(title, small((listed.isEmpty() ? "" : listed + " · ") + model.inMarks()
                .outOf(shown.work().total(here), shown.work().exercise().marks())
                + (here.earlier() == 0 ? "" : " · replaces " + Counted.of(here.earlier(), "earlier hand-in"))
                + (here.handedIn().note().isEmpty() ? "" : " · " + here.handedIn().note())));
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
        handIn.shown().of(here).ifPresent(contents -> fill(contents.findings()));
    }

    /** What was kept on the sheets, as it stood when it was kept. */
    private void fill(Findings findings) {
        // Figures watch the look; those drawn before are to be forgotten with it.
        Look here = look.alongside();
        sections.forEach((task, box) -> findings.exercise().partOf(task.id()).map(findings::at)
                .ifPresent(part -> box.getChildren().setAll(kept(part, here))));
    }

    private static List<Node> kept(Findings part, Look look) {
        OwnSheet sheet = part.work().sheet();
        List<Node> shown = new ArrayList<>();
        for (Note note : sheet.notes()) {
            if (note instanceof Note.Shown what) {
                NotePieces.of(note, sheet, part.of(what)).forEach(piece -> shown.add(PieceView.of(piece, look)));
                String label = sheet.label(note.id());
                String caption = note instanceof Note.Kept kept ? kept.caption() : "";
                if (!(label + caption).isEmpty()) {
                    shown.add(small((label.isEmpty() ? "" : label + ". ") + seen(caption)));
                }
            }
        }
        return shown;
    }

    private VBox card(Task task, int number, Student here, MarkModel.Shown shown) {
        boolean inHand = shown.task().filter(task::equals).isPresent();
        Attempts given = here.marked().at(task.id());
        Award award = shown.work().award(here, task.id());
        Label title = new Label(number + " · " + task.terms().title());
        title.getStyleClass().add("mark-task-title");
        title.setMinWidth(0);
        Label marks = new Label(award.standing().sign() + " " + model.inMarks()
                .of(award.marks()) + " of " + task.terms().marks());
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
        Label answer = new Label(given.isEmpty() ? "nothing given" : given.inWords());
        answer.getStyleClass().add(given.isEmpty() ? "group-other" : "group-answer");
        answer.setWrapText(true);
        answer.setMinHeight(Region.USE_PREF_SIZE);
        card.getChildren().add(answer);
        if (ReadByPerson.keepsSection(task) && !given.isEmpty()) {
            VBox kept = new VBox(5);
            kept.setId("kept-" + task.id());
            sections.put(task, kept);
            card.getChildren().add(kept);
        }
        if (!given.isEmpty()) {
            card.getChildren().add(small((given.count() > 1 ? given.count() + " tries · " : "") + given.verdict()
                    .map(Verdict::message).orElse("") + (award.standing() == Standing.UNREAD ? " To be read by you." : "")));
        }
        award.comments().forEach(id -> shown.work().comment(id)
                .ifPresent(comment -> card.getChildren().add(said(comment.text()))));
        if (inHand) {
            card.getChildren().add(marks(task, here, award, shown));
        }
        return card;
    }

    private HBox marks(Task task, Student here, Award award, MarkModel.Shown shown) {
        boolean own = shown.work().isApart(here, task);
        double now = shown.work().decided(task, here).orElse(award.marks());
        HBox row = new HBox(8, new MarksRow("student", model.inMarks(), task.terms().marks(), now, award.decided(),
                marks -> give(model, task, here, marks)));
        row.setAlignment(Pos.CENTER_LEFT);
        if (own) {
            Button back = new Button("Back with the others");
            back.setId("student-withdraw");
            back.getStyleClass().setAll("quiet");
            back.setOnAction(_ -> model.decide("marks taken back",
                    List.of(Choice.none(new DecisionSubject.Marks(task.id(), new DecisionScope.One(here.key()))),
                            Choice.none(new DecisionSubject.Alone(task.id(), here.key())))));
            row.getChildren().add(back);
        }
        return row;
    }

    /** Gives marks for the answer of one student. */
    static void give(MarkModel model, Task task, Student student, double marks) {
        model.give(task, new DecisionScope.One(student.key()), marks);
    }
}
