package hestra.marking;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import hestra.exercise.Exercise;
import hestra.exercise.Judged;
import hestra.exercise.Part;
import hestra.exercise.Truths;
import hestra.task.Attempt;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * The exercise that decides what is right, with what is true in its parts: worked out once, however many hand-ins are marked.
 * Used by one thread at a time.
 */
public final class MarkingKey {

    /** So many judged answers are remembered; a class gives the same ones again and again. */
    private static final int MOST_JUDGED = 50_000;

    private final Exercise exercise;
    private final List<Task> tasks;
    /** What is true in the part in which a task stands, by the task's id. */
    private final Map<String, Truths> truths;
    private final Map<Asked, Judged> judged = new HashMap<>();

    /** An answer to a task. */
    private record Asked(String task, Attempt attempt) {}

    private MarkingKey(Exercise exercise) {
        this.exercise = exercise;
        this.tasks = exercise.tasks();
        this.truths = new HashMap<>();
        for (Part part : exercise.parts()) {
            Truths ofPart = new Truths(part, exercise.mark());
            part.tasks().forEach(task -> truths.put(task.id(), ofPart));
        }
    }

    public static MarkingKey of(Exercise exercise) {
        return new MarkingKey(exercise);
    }

    public Exercise exercise() {
        return exercise;
    }

    /** The tasks of the exercise, in the order of the sheet. */
    List<Task> tasks() {
        return tasks;
    }

    /** The verdict on an answer of the kind that the task asks for. The same answer always gets the same one. */
    Judged judge(Task task, Attempt attempt) {
        if (judged.size() >= MOST_JUDGED) {
            judged.clear();
        }
        Attempt bare = attempt.onAnyData();
        return judged.computeIfAbsent(new Asked(task.id(), bare), _ -> Judged.of(exercise, task, bare, truth(task, bare)));
    }

    /** What is right in the data that an attempt at a task of the exercise was made on. */
    public Truth truth(Task task, Attempt attempt) {
        return truths.get(task.id()).of(attempt);
    }
}
