package hestra.marking;

import java.util.List;

import hestra.exercise.Attempts;
import hestra.exercise.Exercise;

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
        return of(handIn, key.key(handIn.script()));
    }

    /** The same for many hand-ins against one exercise, whose truth is then worked out once. */
    public static MarkSheet of(HandIn handIn, MarkingKey key) {
        return new MarkSheet(handIn.student(), Marked.of(handIn.script(), key).given().values().stream().map(Attempts::earned)
                .toList(), key.exercise().marks());
    }

    public double total() {
        return marks.stream().mapToDouble(Double::doubleValue).sum();
    }
}
