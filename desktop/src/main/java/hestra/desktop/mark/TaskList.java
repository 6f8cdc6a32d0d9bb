package hestra.desktop.mark;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

import hestra.feedback.Mistake;
import hestra.marking.ClassWork;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.task.ReadByPerson;
import hestra.task.Task;

/** The tasks with how each went, and how much is still to be read. */
final class TaskList extends VBox {

    /** The style of its rows, which are pressed like buttons. */
    static final String ROW = "mark-row";

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");
    private static final int SEVERAL = 2;

    private final MarkModel model;

    TaskList(MarkModel model) {
        this.model = model;
        getStyleClass().add("mark-tasks");
        setId("mark-tasks");
    }

    void show(MarkModel.Shown shown) {
        getChildren().clear();
        int number = 1;
        for (Task task : shown.work().exercise().tasks()) {
            getChildren().add(row(task, number++, shown));
        }
        ClassWork.ReadingProgress reading = shown.work().reading();
        long byHestra = shown.work().exercise().tasks().stream().filter(task -> !ReadByPerson.isReadByPerson(task)).count();
        Label left = new Label("Marked by Hestra: " + byHestra + " of "
                + Counted.of(shown.work().exercise().tasks().size(), "task") + "."
                + (reading.answers() == 0
                ? ""
                : " To be read by you: " + Counted.of(reading.answers(), "answer") + " in "
                + Counted.of(reading.groups(), "group") + "; " + reading.done() + " done."));
        left.setId("mark-reading");
        left.getStyleClass().add("small");
        left.setWrapText(true);
        left.setMinHeight(USE_PREF_SIZE);
        getChildren().add(left);
        if (reading.answers() > 0) {
            ProgressBar bar = new ProgressBar((double) reading.done() / reading.answers());
            bar.setMaxWidth(Double.MAX_VALUE);
            bar.getStyleClass().add("mark-progress");
            getChildren().add(bar);
        }
    }

    private VBox row(Task task, int number, MarkModel.Shown shown) {
        Map<Standing, Integer> counts = new EnumMap<>(Standing.class);
        Map<Mistake, Integer> made = new EnumMap<>(Mistake.class);
        for (Student student : shown.work().roll().students()) {
            counts.merge(shown.work().award(student, task.id()).standing(), 1, Integer::sum);
            student.marked().at(task.id()).likelyMistakes().forEach(mistake -> made.merge(mistake, 1, Integer::sum));
        }
        Label title = new Label(number + " · " + task.terms().title());
        title.getStyleClass().add("mark-task-title");
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        Shares shares = new Shares(counts);
        VBox box = new VBox(3, title, shares);
        made.entrySet().stream().max(Map.Entry.comparingByValue()).filter(it -> it.getValue() >= SEVERAL).ifPresent(it -> {
            Label note = new Label(it.getValue() + " × " + it.getKey().inWords());
            note.getStyleClass().add("small");
            box.getChildren().add(note);
        });
        int disputed = shown.work().disputed(task);
        int turned = shown.work().turned(task).stream().mapToInt(it -> it.students().size()).sum();
        Stream.of(disputed == 0 ? "" : Counted.of(disputed, "answer") + " marked differently",
                turned == 0 ? "" : Counted.of(turned, "answer") + " to be decided again")
                .filter(it -> !it.isEmpty()).forEach(it -> {
                    Label due = new Label(it);
                    due.getStyleClass().addAll("small", "mark-due-note");
                    due.setWrapText(true);
                    due.setMinHeight(USE_PREF_SIZE);
                    box.getChildren().add(due);
                });
        box.setId("mark-task-" + task.id());
        box.getStyleClass().setAll(ROW);
        box.setFocusTraversable(true);
        box.pseudoClassStateChanged(IN_HAND, shown.task().filter(task::equals).isPresent());
        box.setAccessibleRole(AccessibleRole.BUTTON);
        box.setAccessibleText(title.getText() + ": " + shares.getAccessibleText());
        box.setOnMouseClicked(_ -> model.turnTo(task));
        box.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                model.turnTo(task);
                event.consume();
            }
        });
        return box;
    }
}
