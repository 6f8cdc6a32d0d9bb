package hestra.marking;

import java.util.Map;
import java.util.stream.Collectors;

import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * The exercise that decides what is right, with what is true in its parts: worked out once, however many hand-ins are marked. Used by
 * one thread at a time.
 */
public final class MarkingKey {

    private final Exercise exercise;
    private final Map<String, Truth> truths;

    private MarkingKey(Exercise exercise, Map<String, Truth> truths) {
        this.exercise = exercise;
        this.truths = truths;
    }

    public static MarkingKey of(Exercise exercise) {
        return new MarkingKey(exercise, exercise.parts().stream().collect(Collectors.toMap(Part::id, part -> part.truth(exercise.mark()))));
    }

    public Exercise exercise() {
        return exercise;
    }

    /** What is right in the data that a task of the exercise asks about. */
    Truth truth(Task task) {
        return truths.get(exercise.partOf(task.id()).orElseThrow().id());
    }
}
