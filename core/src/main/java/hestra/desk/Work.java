package hestra.desk;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import hestra.data.DataTable;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.numbers.DecimalMark;
import hestra.targets.Held;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.DoneOnPlot;
import hestra.task.Seen;
import hestra.task.Task;

/**
 * What a student has done with an exercise so far.
 *
 * @param parts the work on each part, by its id
 * @param drafts answers begun and not yet checked, by task id
 * @param checks all answers that were checked
 * @param beginning which of the times that work was begun this is, from 0
 * @param student the name the work is handed in under
 */
public record Work(Map<String, PartWork> parts, Map<String, Answer> drafts, Checks checks, int beginning, String student) {

    public Work {
        parts = Map.copyOf(parts);
        drafts = Map.copyOf(drafts);
    }

    /** The work before anything is done and answered. */
    public static Work begin(Exercise exercise) {
        return new Work(exercise.parts().stream()
                .collect(Collectors.toMap(Part::id, part -> PartWork.begin(part, exercise.mark()))),
                Map.of(), Checks.NONE, 0, exercise.copy().map(Copy::name).orElse(""));
    }

    /** The work begun afresh, with all that was checked before. */
    static Work begin(Exercise exercise, Checks before) {
        return Work.begin(exercise).with(before, before.beginnings().size() - 1);
    }

    /** The work on a part of the exercise. */
    public PartWork part(Part part) {
        return parts.get(part.id());
    }

    /** The attempts since the work was begun, oldest first, by task id. */
    public Map<String, List<Attempt>> attempts() {
        return checks.since(beginning);
    }

    /** The attempts at a task, oldest first. */
    public List<Attempt> attemptsAt(String taskId) {
        return attempts().getOrDefault(taskId, List.of());
    }

    /** How many helps were asked for at a task. */
    public int helpsAt(Task task) {
        int before = attemptsAt(task.id()).stream().mapToInt(it -> it.hints().orElse(0)).max().orElse(0);
        return Math.min(task.terms().helps().size(), Math.max(before, checks.hints().getOrDefault(task.id(), 0)));
    }

    Work with(Part part, PartWork changed) {
        Map<String, PartWork> all = new HashMap<>(parts);
        all.put(part.id(), changed);
        return new Work(all, drafts, checks, beginning, student);
    }

    /** With what is to be remembered of a change of a part's table, where a task asks for that. */
    Work remembering(Part part, PartWork before, DecimalMark mark) {
        PartWork now = part(part);
        if (now.table() == before.table() || part.tasks().stream().noneMatch(task -> DoneOnPlot.of(task).watchesMoves())
                || now.table().size() > Held.MOST_POINTS) {
            return this;
        }
        List<Seen> earlier = now.round().equals(before.round()) ? seen(part) : List.of();
        List<Seen> after = Seen.after(earlier, now.table(), part.inRound(now.round(), mark).truth(mark).given(),
                now.drawnRoles());
        return after.equals(earlier) ? this : with(checks.seeing(part.id(), after));
    }

    /** What single points of a part have done, oldest first. */
    List<Seen> seen(Part part) {
        return checks.seen().getOrDefault(part.id(), List.of());
    }

    Work withDraft(String taskId, Answer answer) {
        Map<String, Answer> changed = new HashMap<>(drafts);
        changed.put(taskId, answer);
        return new Work(parts, changed, checks, beginning, student);
    }

    Work withAttempt(String taskId, Attempt attempt) {
        return with(checks.with(beginning, taskId, attempt));
    }

    /** With all that has been checked by now. */
    Work with(Checks all) {
        return with(all, beginning);
    }

    /** The same, counted to one of the times that work was begun. */
    Work with(Checks all, int since) {
        return new Work(parts, drafts, all, since, student);
    }

    Work withStudent(String name) {
        return new Work(parts, drafts, checks, beginning, name);
    }

    /**
     * The work after the author has changed the exercise. Where what a part gives out or the roles it starts with are other ones,
     * all work starts again; parts that are new are begun, and new names of variables are taken over.
     *
     * @param before the exercise that this work is on
     */
    Work following(Exercise before, Exercise changed) {
        Map<String, PartWork> all = new HashMap<>();
        for (Part part : changed.parts()) {
            Optional<PartWork> old = Optional.ofNullable(parts.get(part.id()));
            if (old.isPresent() && !startsTheSame(before.part(part.id()).orElseThrow(), part, changed)) {
                return begin(changed, checks.forAnotherExercise());
            }
            all.put(part.id(), old.map(it -> named(it, before.part(part.id()).orElseThrow(), part))
                    .orElseGet(() -> PartWork.begin(part, changed.mark())));
        }
        return new Work(all, drafts, checks, beginning, student);
    }

    /** Where the author names variables anew, so they are called; otherwise as the student has called them. */
    private static PartWork named(PartWork work, Part before, Part now) {
        boolean renamed = !before.data().variables().equals(now.data().variables()) && now.data().width() == work.table().width();
        return renamed ? work.withTable(new DataTable(now.data().variables(), work.table().rows())) : work;
    }

    private static boolean startsTheSame(Part before, Part now, Exercise exercise) {
        return now.asksTheSameAs(before) || PartWork.begin(now, exercise.mark())
                .startsLike(PartWork.begin(before, exercise.mark()));
    }
}
