package hestra.marking;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import hestra.exercise.Attempts;
import hestra.task.Attempt;
import hestra.task.Task;

/**
 * A hand-in as Hestra marks it, before a person has decided anything.
 *
 * @param script the answers
 * @param given what was given to each task of the instructor's exercise, by the id of the task, in the order of the sheet
 */
public record Marked(StudentAnswers script, Map<String, Attempts> given) {

    public Marked {
        given = Collections.unmodifiableMap(new LinkedHashMap<>(given));
    }

    /**
     * Marks answers. Nothing in the hand-in decides what is right. A task that it does not know, or answers in another kind,
     * earns nothing.
     */
    public static Marked of(StudentAnswers script, MarkingKey key) {
        Map<String, Attempts> given = new LinkedHashMap<>();
        for (Task task : key.tasks()) {
            List<Attempt> attempts = script.attempts().getOrDefault(task.id(), List.of());
            given.put(task.id(), Attempts.of(task, attempts, attempt -> key.judge(task, attempt)));
        }
        return new Marked(script, given);
    }

    /** What was given to a task; nothing for one that there was not then. */
    public Attempts at(String task) {
        return given.getOrDefault(task, Attempts.NONE);
    }
}
