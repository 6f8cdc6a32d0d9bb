package hestra.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

import hestra.task.Attempt;
import hestra.task.Seen;

/**
 * All answers that were checked, and how often the work was begun. It only ever grows: undo gives no try back, and whoever starts
 * again is known to have done so.
 *
 * @param beginnings for each time that work was begun, oldest first: the attempts at each task, oldest first, by task id
 * @param seen what single points did since the work was begun last, by the id of the part: it was seen, even where the move was
 *     taken back
 * @param hints how many helps were asked for at each task since the work was begun last, by task id
 * @param begun how often the student began, at least 1
 */
public record Checks(List<Map<String, List<Attempt>>> beginnings, int begun, Map<String, List<Seen>> seen,
        Map<String, Integer> hints) {

    /** The work was begun once and nothing has been checked. */
    public static final Checks NONE = new Checks(List.of(Map.of()), 1, Map.of(), Map.of());

    public Checks {
        beginnings = List.copyOf(beginnings);
        seen = Map.copyOf(seen);
        hints = Map.copyOf(hints);
    }

    /** The same, where nothing is remembered of points. */
    public Checks(List<Map<String, List<Attempt>>> beginnings, int begun) {
        this(beginnings, begun, Map.of(), Map.of());
    }

    /** The attempts made since a beginning, which counts from 0. */
    Map<String, List<Attempt>> since(int beginning) {
        return beginnings.get(beginning);
    }

    /** With one more attempt. */
    Checks with(int beginning, String taskId, Attempt attempt) {
        Map<String, List<Attempt>> changed = new HashMap<>(since(beginning));
        List<Attempt> attempts = new ArrayList<>(changed.getOrDefault(taskId, List.of()));
        attempts.add(attempt);
        changed.put(taskId, List.copyOf(attempts));
        List<Map<String, List<Attempt>>> all = new ArrayList<>(beginnings);
        all.set(beginning, Map.copyOf(changed));
        return new Checks(all, begun, seen, hints);
    }

    /** With what single points of a part have done by now. */
    Checks seeing(String part, List<Seen> now) {
        Map<String, List<Seen>> all = new HashMap<>(seen);
        all.put(part, List.copyOf(now));
        return new Checks(beginnings, begun, all, hints);
    }

    /** With so many helps asked for at a task. */
    Checks helping(String taskId, int count) {
        Map<String, Integer> all = new HashMap<>(hints);
        all.put(taskId, count);
        return new Checks(beginnings, begun, seen, all);
    }

    /**
     * With what has been told after these answers to a task: they count in each beginning, but where the task had been solved.
     */
    Checks telling(String taskId, List<Attempt> told, Predicate<List<Attempt>> isSolved) {
        List<Map<String, List<Attempt>>> all = beginnings.stream().map(made -> {
            List<Attempt> here = made.getOrDefault(taskId, List.of());
            Map<String, List<Attempt>> changed = new HashMap<>(made);
            changed.put(taskId, isSolved.test(here) ? here : told);
            return Map.copyOf(changed);
        }).toList();
        return new Checks(all, begun, seen, hints);
    }

    /**
     * Begun once more by the student. Hints that were read stay read.
     *
     * @param kept the attempts that count on, by task id: those after which the answer was told
     */
    Checks begunAgain(Map<String, List<Attempt>> kept) {
        List<Map<String, List<Attempt>>> more = new ArrayList<>(beginnings);
        more.add(Map.copyOf(kept));
        return new Checks(more, begun + 1, Map.of(), hints);
    }

    /** Begun once more since the exercise itself became another one, which does not count. */
    Checks forAnotherExercise() {
        List<Map<String, List<Attempt>>> more = new ArrayList<>(beginnings);
        more.add(Map.of());
        return new Checks(more, begun, Map.of(), Map.of());
    }
}
