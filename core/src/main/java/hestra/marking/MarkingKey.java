package hestra.marking;

import java.util.Map;
import java.util.stream.Collectors;

import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Truths;
import hestra.task.Attempt;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * The exercise that decides what is right, with what is true in its parts: worked out once, however many hand-ins are marked. Used by
 * one thread at a time.
 */
public final class MarkingKey {

    private final Exercise exercise;
    private final Map<String, Truths> truths;

    private MarkingKey(Exercise exercise, Map<String, Truths> truths) {
        this.exercise = exercise;
        this.truths = truths;
    }

    public static MarkingKey of(Exercise exercise) {
        return new MarkingKey(exercise, exercise.parts().stream().collect(Collectors.toMap(Part::id, part -> new Truths(part, exercise.mark()))));
    }

    public Exercise exercise() {
        return exercise;
    }

    /** What is right in the data that an attempt at a task of the exercise was made on. */
    public Truth truth(Task task, Attempt attempt) {
        return truths.get(exercise.partOf(task.id()).orElseThrow().id()).of(attempt);
    }
}
