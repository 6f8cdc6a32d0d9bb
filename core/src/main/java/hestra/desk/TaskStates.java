package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;

import hestra.exercise.Attempts;
import hestra.exercise.Exercise;
import hestra.exercise.Judged;
import hestra.exercise.Part;
import hestra.exercise.Truths;
import hestra.task.Aid;
import hestra.task.Attempt;
import hestra.task.Conceals;
import hestra.task.Task;

/** What follows from the answers that were checked: where each task stands, and which aids are open. */
final class TaskStates {

    private TaskStates() {}

    /** Where each task of a desk stands, in the order of the sheet. */
    static List<TaskState> of(Desk desk) {
        return next(desk, desk, List.of());
    }

    /**
     * The same after another desk, of whose tasks it is known where they stood: what was judged there is not judged again.
     *
     * @param known where they stood, in the order of the sheet; none where nothing is known
     */
    static List<TaskState> next(Desk desk, Desk before, List<TaskState> known) {
        List<TaskState> states = new ArrayList<>();
        for (Part part : desk.exercise().parts()) {
            Truths truths = new Truths(part, desk.exercise().mark());
            for (Task task : part.tasks()) {
                int place = states.size();
                List<Attempt> made = desk.work().attemptsAt(task.id());
                boolean same = place < known.size() && desk.exercise() == before.exercise()
                        && before.work().attemptsAt(task.id()) == made;
                Attempts attempts = same ? known.get(place).attempts() : judged(desk.exercise(), task, made, truths);
                states.add(new TaskState(task, place + 1, attempts, desk.triesLeft(task), desk.work().helpsAt(task)));
            }
        }
        return List.copyOf(states);
    }

    /** Answers to a task, judged. */
    static Attempts judged(Exercise exercise, Task task, List<Attempt> made, Truths truths) {
        return Attempts.of(task, made, attempt -> Judged.of(exercise, task, attempt, truths.of(attempt)));
    }

    /** Whether answers that were given open, in a round, all of these aids of a part. */
    static boolean open(Set<Aid> aids, Part part, Map<String, List<Attempt>> made, OptionalInt round, Exercise exercise) {
        Truths truths = new Truths(part, exercise.mark());
        List<TaskState> states = part.tasks().stream().map(task -> {
            List<Attempt> here = made.getOrDefault(task.id(), List.of());
            return new TaskState(task, 1, judged(exercise, task, here, truths), Desk.triesLeft(task, here), 0);
        }).toList();
        return open(part, states, round).containsAll(aids);
    }

    /** The aids of a part that are closed. */
    static Set<Aid> closed(Part part, Desk desk) {
        Set<Aid> closed = Aid.all();
        if (part.held().isEmpty() && part.tasks().stream().allMatch(task -> Conceals.of(task).hides().isEmpty())) {
            return Set.of();
        }
        closed.removeAll(open(part, of(desk), desk.work().part(part).round()));
        return closed;
    }

    /** The aids of a part that are open: a task opens those of its own part only. */
    static Set<Aid> open(Part part, List<TaskState> tasks, OptionalInt round) {
        Set<Aid> open = Aid.all();
        open.removeAll(part.held());
        List<TaskState> here = tasks.stream().filter(state -> part.indexOf(state.task().id()) >= 0).toList();
        here.stream().filter(TaskState::opens).forEach(state -> open.addAll(state.task().terms().opens()));
        here.stream().filter(state -> state.shuts(round)).forEach(state -> open.removeAll(Conceals.of(state.task()).revealed()));
        here.stream().filter(state -> state.reveals(round)).forEach(state -> open.addAll(Conceals.of(state.task()).revealed()));
        here.stream().filter(state -> !state.done()).forEach(state -> open.removeAll(Conceals.of(state.task()).hides()));
        return open;
    }
}
