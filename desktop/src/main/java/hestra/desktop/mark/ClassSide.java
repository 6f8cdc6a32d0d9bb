package hestra.desktop.mark;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Literally;
import hestra.desktop.parts.QuietButton;
import hestra.desktop.parts.Tip;
import hestra.documents.exercise.DueTime;
import hestra.marking.AnswerGroup;
import hestra.marking.ClassResult;
import hestra.marking.Decision;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.MarkingHistory.Choice;
import hestra.marking.Roll;
import hestra.marking.Student;
import hestra.numbers.NumberStyle;

import static hestra.desktop.mark.Labels.section;
import static hestra.desktop.mark.Labels.seen;
import static hestra.desktop.mark.Labels.small;
import static hestra.desktop.parts.Presence.present;

/**
 * What belongs to the class as a whole: when work was due, files that are not marked, what two markers decided differently; and
 * which mistakes were made by whom.
 */
final class ClassSide {

    private static final int MOST_NAMED = 10;

    private final MarkModel model;
    private final VBox left = new VBox();
    private final VBox right = new VBox();
    private final TextField due = new TextField();
    private final Label dueNote = small("");
    private final TextField marker = new TextField();

    ClassSide(MarkModel model) {
        this.model = model;
        left.getStyleClass().add("class-side");
        right.getStyleClass().add("class-side");
        marker.setId("mark-marker");
        marker.setPromptText("Your name");
        Tip.set(marker, "Tells your decisions from those of others who mark the same class; Enter sets it");
        marker.setOnAction(_ -> model.callMarker(marker.getText()));
        marker.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                model.callMarker(marker.getText());
            }
        });
        due.setId("mark-due");
        due.setPromptText(DueTime.EXAMPLE);
        Tip.set(due, "Year-month-day hour:minute. Of several hand-ins of one student the latest by then counts; Enter sets it");
        due.setOnAction(_ -> setDue());
        due.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                setDue();
            }
        });
    }

    VBox left() {
        return left;
    }

    VBox right() {
        return right;
    }

    private void setDue() {
        Optional<Long> before = due(model.shown());
        String text = due.getText().strip();
        if (text.isEmpty()) {
            if (before.isPresent()) {
                model.decide("the due time", Choice.none(new DecisionSubject.Due()));
            }
            return;
        }
        Optional<Long> at = DueTime.read(text);
        if (at.isPresent() && !before.equals(at)) {
            model.decide("the due time", Choice.of(new DecisionSubject.Due(), new DecisionValue.Moment(at.get())));
        }
        dueNote.setText(at.isPresent() ? "" : "Type it like this: " + DueTime.EXAMPLE + ".");
        present(dueNote, at.isEmpty());
    }

    private static Optional<Long> due(MarkModel.Shown shown) {
        return shown.work().marking().value(new DecisionSubject.Due())
                .flatMap(it -> it instanceof DecisionValue.Moment(long at) ? Optional.of(at) : Optional.empty());
    }

    void show(MarkModel.Shown shown) {
        if (!due.isFocused()) {
            due.setText(due(shown).map(DueTime::written).orElse(""));
        }
        present(dueNote, !dueNote.getText().isEmpty());
        left.getChildren().setAll(section("Due"), due, dueNote,
                small("Hand-ins after this are late. It goes by the clock of the student’s computer."));
        if (!marker.isFocused()) {
            marker.setText(model.history().by());
        }
        left.getChildren().addAll(section("You mark as"), marker);
        conflicts(shown);
        doubts(shown);
        asides(shown);
        right.getChildren().clear();
        shown.result().ifPresent(result -> result(result, shown));
    }

    private void conflicts(MarkModel.Shown shown) {
        List<List<Decision>> conflicts = shown.work().marking().conflicts();
        if (conflicts.isEmpty()) {
            return;
        }
        left.getChildren().add(section("Decided differently"));
        int number = 1;
        for (List<Decision> conflict : conflicts) {
            DecisionSubject matter = conflict.getFirst().matter();
            FlowPane choices = new FlowPane(6, 5);
            for (Decision decision : conflict) {
                Button choose = Literally.said(new Button(decision.by() + ": " + said(decision)));
                choose.setId("conflict-" + number + "-" + choices.getChildren().size());
                choose.getStyleClass().setAll("quiet");
                choose.setOnAction(_ -> model.decide("a decision between two", new Choice(matter, decision.value())));
                choices.getChildren().add(choose);
            }
            left.getChildren().addAll(small(about(matter, shown)), choices);
            number++;
        }
    }

    private String said(Decision decision) {
        return decision.value().map(value -> switch (value) {
            case DecisionValue.Points(double marks, Ground _) -> model.inMarks().counted(marks);
            case DecisionValue.Yes _ -> "yes";
            case DecisionValue.Comment(String text, double off) ->
                    "“" + text + "”" + (off == 0 ? "" : " " + model.inMarks().off(off));
            case DecisionValue.Moment(long at) -> DueTime.written(at);
        }).orElse("as Hestra has it");
    }

    private static String about(DecisionSubject matter, MarkModel.Shown shown) {
        return switch (matter) {
            case DecisionSubject.Marks(String task, DecisionScope whom) ->
                    "Marks of " + named(task, shown) + ", " + whose(task, whom, shown);
            case DecisionSubject.Said(String task, DecisionScope whom, String _) ->
                    "A comment on " + (task.isEmpty() ? "the whole work" : named(task, shown)) + ", " + whose(task, whom, shown);
            case DecisionSubject.Wording _ -> "What a comment says";
            case DecisionSubject.Alone(String task, String student) ->
                    named(task, shown) + " of " + whose(task, new DecisionScope.One(student), shown) + " marked apart";
            case DecisionSubject.Apart(String file) -> file + " as somebody else’s";
            case DecisionSubject.Counts(String file) -> "Whether " + file + " is its student\u2019s";
            case DecisionSubject.LeftOut(String file) -> "Whether " + file + " is left out";
            case DecisionSubject.LookedAgain(String task, String student) ->
                    named(task, shown) + " of " + whose(task, new DecisionScope.One(student), shown) + " let go";
            case DecisionSubject.Due _ -> "When work was due";
        };
    }

    private static String named(String task, MarkModel.Shown shown) {
        int place = shown.work().exercise().indexOf(task);
        return place < 0 ? "a task that is gone" : "task " + (place + 1);
    }

    private static String whose(String task, DecisionScope whom, MarkModel.Shown shown) {
        return switch (whom) {
            case DecisionScope.One(String student) ->
                    shown.work().roll().student(student).map(shown::name).orElse("a student who is not here");
            case DecisionScope.Group(String group) ->
                    shown.work().exercise().task(task).stream().flatMap(it -> shown.work().groups(it).stream())
                    .filter(it -> !it.apart() && it.group().equals(group))
                    .findFirst().map(AnswerGroup::heading).orElse("answers that nobody here gave");
            case DecisionScope.All _ -> "everybody";
        };
    }

    /** Work of which something is doubted stands beside other work of the same name until one is chosen. */
    private void doubts(MarkModel.Shown shown) {
        List<Student> doubted = shown.work().roll().students().stream()
                .filter(it -> !it.doubts().isEmpty() && shown.work().marking()
                .value(new DecisionSubject.Counts(it.handedIn().file()))
                        .isEmpty()).toList();
        if (doubted.isEmpty()) {
            return;
        }
        left.getChildren().add(section("Doubtful: " + doubted.size()));
        for (int i = 0; i < doubted.size(); i++) {
            Student student = doubted.get(i);
            Label name = new Label(shown.name(student));
            name.getStyleClass().add("aside-file");
            String file = student.handedIn().file();
            Button theirs = decides("doubt-counts-" + i, "It is theirs", "It is taken like any other hand-in of this student",
                    Choice.of(new DecisionSubject.Counts(file), new DecisionValue.Yes()));
            Button out = decides("doubt-out-" + i, "Leave it out", "It is not marked",
                    Choice.of(new DecisionSubject.LeftOut(file), new DecisionValue.Yes()));
            left.getChildren().add(new VBox(2, name,
                    small(shown.state().nameless()
                            ? "What is doubtful is said while names are shown." : String.join(" ", student.doubts())),
                    new HBox(6, theirs, out)));
        }
    }

    /** A button that decides what becomes of a hand-in. */
    private Button decides(String id, String text, String says, Choice choice) {
        return QuietButton.of(id, text, says, () -> model.decide("what becomes of a hand-in", choice));
    }

    private void asides(MarkModel.Shown shown) {
        List<Roll.Aside> asides = shown.work().roll().asides();
        if (asides.isEmpty()) {
            return;
        }
        left.getChildren().add(section("Not marked: " + asides.size()));
        for (int i = 0; i < asides.size(); i++) {
            Roll.Aside aside = asides.get(i);
            Label file = new Label(shown.state().nameless() ? "a file" : Student.shown(aside.file(), "a file"));
            file.getStyleClass().add("aside-file");
            file.setWrapText(true);
            file.setMinHeight(Region.USE_PREF_SIZE);
            VBox box = new VBox(2, file,
                    small(shown.state().nameless() ? "Why it is not marked is said while names are shown." : seen(aside.why())));
            // Two people may have one name.
            if (aside.another()) {
                box.getChildren().add(decides("aside-apart-" + i, "It is somebody else’s",
                        "Two students have this name: this hand-in is marked too",
                        Choice.of(new DecisionSubject.Apart(aside.file()), new DecisionValue.Yes())));
            } else if (aside.isLeftOut()) {
                box.getChildren().add(decides("aside-in-" + i, "Take it in", "It is marked again",
                        Choice.none(new DecisionSubject.LeftOut(aside.file()))));
            }
            left.getChildren().add(box);
        }
    }

    private void result(ClassResult result, MarkModel.Shown shown) {
        right.getChildren().addAll(section("Marks"), new Spread(result.totals(), shown.work().exercise().marks(),
                model.inMarks()));
        if (!result.minutes().isEmpty()) {
            right.getChildren().addAll(section("Time"), small("half worked "
                    + Math.round(ClassResult.median(result.minutes()).orElse(0)) + " minutes or less; from " + result.minutes()
                    .getFirst() + " to " + result.minutes().getLast() + " minutes"));
        }
        result.tasks().stream().filter(task -> !task.nearness().isEmpty())
                .forEach(task -> right.getChildren().addAll(section("Lines by eye, task " + task.number()),
                small("half came to " + NumberStyle.STANDARD.places(ClassResult.median(task.nearness()).orElse(0), 2)
                        + " × the least squares or nearer; the nearest "
                        + NumberStyle.STANDARD.places(task.nearness().getFirst(), 2) + ", the furthest "
                        + NumberStyle.STANDARD.places(task.nearness().getLast(), 2))));
        right.getChildren().add(section("Recognised mistakes"));
        boolean any = false;
        for (ClassResult.OfTask task : result.tasks()) {
            for (var made : task.mistakes().entrySet()) {
                any = true;
                Label mistake = new Label(task.number() + " · " + task.inWords(made.getKey()) + ": " + made.getValue().size());
                mistake.setWrapText(true);
                mistake.setMinHeight(Region.USE_PREF_SIZE);
                right.getChildren().add(new VBox(1, mistake, small(names(made.getValue(), shown))));
            }
        }
        if (!any) {
            right.getChildren().add(small("none"));
        }
    }

    private static String names(List<Student> students, MarkModel.Shown shown) {
        return students.stream().limit(MOST_NAMED).map(shown::name)
                .collect(Collectors.joining(" · ")) + (students.size() > MOST_NAMED ? " and " + (students.size() - MOST_NAMED)
                        + " more" : "");
    }

}
