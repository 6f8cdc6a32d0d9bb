package hestra.marking;

import java.util.List;

import hestra.task.Task;

/**
 * A decision that was made under another key, another edition, or other marks: it no longer stands on some of the answers that it
 * was made on, until somebody says that it shall, or looks again.
 *
 * @param task the task
 * @param decision the decision
 * @param points what was given
 * @param students whose answers it was made on, which are judged otherwise now
 */
public record Turned(Task task, Decision decision, DecisionValue.Points points, List<Student> students) {

    public Turned {
        students = List.copyOf(students);
    }

    /** Whether the task has other marks than it had then. */
    public boolean isOfOtherMarks() {
        return points.on().of() != task.terms().marks();
    }

    /** What was given, in proportion to the marks that the task has now. */
    public double scaled() {
        return points.on().of() == 0 ? 0 : points.marks() * task.terms().marks() / points.on().of();
    }
}
