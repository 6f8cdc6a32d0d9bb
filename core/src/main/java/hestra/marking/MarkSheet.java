package hestra.marking;

import java.util.ArrayList;
import java.util.List;

import hestra.exercise.Exercise;
import hestra.task.Attempt;
import hestra.task.Task;

/**
 * The marks of one hand-in, task by task.
 *
 * @param student the name
 * @param marks marks earned in the order of the exercise's tasks: those of the attempt that counts, at each
 * @param of the marks that can be earned
 */
public record MarkSheet(String student, List<Double> marks, int of) {

    public MarkSheet {
        marks = List.copyOf(marks);
    }

    /**
     * The marks of a hand-in against an exercise: the instructor's own, so that nothing in the hand-in decides what is
     * right. A task that the hand-in does not know, or answers in another kind, earns nothing.
     */
    public static MarkSheet of(HandIn handIn, Exercise exercise) {
        return of(handIn, MarkingKey.of(exercise));
    }

    /** The marks of a hand-in in the edition and the variant that the student had. */
    public static MarkSheet of(HandIn handIn, ClassKey key) {
        return of(handIn, key.key(handIn));
    }

    /** The same for many hand-ins against one exercise, whose truth is then worked out once. */
    public static MarkSheet of(HandIn handIn, MarkingKey key) {
        List<Double> marks = new ArrayList<>();
        for (Task task : key.exercise().tasks()) {
            List<Attempt> attempts = handIn.attempts().getOrDefault(task.id(), List.of());
            int counted = task.terms().tries() == 0 ? attempts.size() : Math.min(attempts.size(), task.terms().tries());
            marks.add(task.terms().counting().earned(attempts.subList(0, counted).stream().filter(attempt -> task.takes(attempt.answer()))
                    .map(attempt -> key.exercise().judge(task, attempt, key.truth(task, attempt))).toList()));
        }
        return new MarkSheet(handIn.student(), marks, key.exercise().marks());
    }

    public double total() {
        return marks.stream().mapToDouble(Double::doubleValue).sum();
    }
}
