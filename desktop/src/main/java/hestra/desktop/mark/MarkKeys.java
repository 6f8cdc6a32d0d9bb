package hestra.desktop.mark;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.desktop.parts.KeyLine;
import hestra.marking.AnswerGroup;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.task.Task;

/** The keys of Mark: marks by digits, the next answers, the next student. */
public final class MarkKeys {

    /** What the keys do in Mark. */
    public static final List<KeyLine> LINES = List.of(
            new KeyLine("0–9, A", "gives marks, all marks"),
            new KeyLine("Enter", "as proposed, and on"),
            new KeyLine("↑ ↓", "the next answers, or task"),
            new KeyLine("Page Up, Page Down", "the next task, or student"),
            new KeyLine("Space", "the next with these answers"),
            new KeyLine("O, Delete", "marks one apart, takes marks back"),
            new KeyLine("C", "a comment; Ctrl+Enter adds it"),
            new KeyLine("Alt+0–9", "a comment that was used before"),
            new KeyLine("← →, with Ctrl", "step by step, from check to check; Home and End"));

    private final MarkModel model;
    private final StudentList students;
    private final CommentBox comments;
    private final Consumer<String> say;
    private boolean swallows;

    MarkKeys(MarkModel model, StudentList students, CommentBox comments, Consumer<String> say) {
        this.model = model;
        this.students = students;
        this.comments = comments;
        this.say = say;
    }

    /** Listens to what is pressed within a part of the window. */
    void listen(Node within) {
        within.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        within.addEventFilter(KeyEvent.KEY_TYPED, event -> {
            // The letter of the key that went to the comment is no part of it.
            if (swallows) {
                swallows = false;
                event.consume();
            }
        });
    }

    /**
     * Everything by keys, wherever nothing is being typed: digits give marks, arrows and Page Up and Down go on, Space shows the
     * next student.
     */
    private void key(KeyEvent event) {
        swallows = false;
        // What is typed into or chosen from has its keys to itself.
        boolean typing = event.getTarget() instanceof TextInputControl || event.getTarget() instanceof ComboBoxBase;
        MarkModel.Shown shown = model.shown();
        if (typing || event.isShortcutDown() || shown.state().tab() == MarkState.Tab.CLASS) {
            return;
        }
        if (event.isAltDown()) {
            if (event.getCode().isDigitKey()) {
                comments.use(digit(event));
                event.consume();
            }
            return;
        }
        boolean byTask = shown.state().tab() == MarkState.Tab.TASKS;
        if (event.getCode().isDigitKey() || event.getCode() == KeyCode.A) {
            digit(event, shown);
        } else if ((event.getCode() == KeyCode.DOWN || event.getCode() == KeyCode.UP) && !students.isFocused()) {
            int by = event.getCode() == KeyCode.DOWN ? 1 : -1;
            if (byTask) {
                model.stepGroup(by);
            } else {
                model.stepTask(by);
            }
        } else if (event.getCode() == KeyCode.PAGE_DOWN || event.getCode() == KeyCode.PAGE_UP) {
            int by = event.getCode() == KeyCode.PAGE_DOWN ? 1 : -1;
            if (byTask) {
                model.stepTask(by);
            } else {
                model.stepStudent(by);
            }
        } else if (event.getCode() == KeyCode.SPACE && byTask && !isPressed(event.getTarget())) {
            model.stepStudent(event.isShiftDown() ? -1 : 1);
        } else if (event.getCode() == KeyCode.C) {
            swallows = true;
            comments.begin();
        } else if (event.getCode() == KeyCode.ENTER && !isPressed(event.getTarget())) {
            confirm(shown);
        } else if (event.getCode() == KeyCode.O && byTask) {
            shown.task().ifPresent(task -> shown.student().ifPresent(student -> GroupCard.takeOut(model, task, student)));
        } else if (event.getCode() == KeyCode.DELETE && byTask) {
            shown.task().ifPresent(task -> shown.group().ifPresent(group -> GroupCard.withdraw(model, task, group)));
        } else {
            return;
        }
        event.consume();
    }

    /** Whether Enter and Space press what has the keyboard. */
    private static boolean isPressed(Object target) {
        return target instanceof ButtonBase || target instanceof Node node && node.getStyleClass().contains(TaskList.ROW);
    }

    private void digit(KeyEvent event, MarkModel.Shown shown) {
        shown.task().ifPresent(task -> {
            int most = task.terms().marks();
            double marks = event.getCode() == KeyCode.A ? most : digit(event);
            if (marks <= most) {
                give(task, marks, shown);
            } else {
                say.accept("This task has " + Counted.of(most, "mark") + ".");
            }
        });
    }

    /** By the key and not by its letter: on some keyboards digits need Shift. */
    private static int digit(KeyEvent event) {
        return Integer.parseInt(event.getCode().getName().replaceAll("\\D", ""));
    }

    private void give(Task task, double marks, MarkModel.Shown shown) {
        if (shown.state().tab() == MarkState.Tab.TASKS) {
            shown.group().filter(it -> !it.isBlank()).ifPresent(group -> model.give(task, group.whom(), marks));
        } else {
            shown.student().ifPresent(student -> StudentSheet.give(model, task, student, marks));
        }
    }

    /** The proposed marks stand, and the next answers come into hand. */
    private void confirm(MarkModel.Shown shown) {
        Optional<AnswerGroup> group = shown.group();
        Optional<Student> student = shown.student();
        shown.task().ifPresent(task -> {
            if (shown.state().tab() == MarkState.Tab.TASKS) {
                group.filter(it -> !it.isBlank() && !shown.work().award(it, task).decided())
                        .ifPresent(it -> give(task, shown.work().offered(it, task), shown));
            } else {
                student.filter(it -> !it.marked().at(task.id()).isEmpty() && !shown.work().award(it, task.id()).decided())
                        .ifPresent(it -> give(task, it.marked().at(task.id()).earned(), shown));
            }
        });
        if (shown.state().tab() == MarkState.Tab.TASKS) {
            model.stepGroup(1);
        } else {
            model.stepTask(1);
        }
    }
}
