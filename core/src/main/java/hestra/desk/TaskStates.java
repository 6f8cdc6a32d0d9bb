package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

import hestra.exercise.Part;
import hestra.exercise.Truths;
import hestra.feedback.Verdict;
import hestra.task.Aid;
import hestra.task.Attempt;
import hestra.task.Task;

/** What follows from the answers that were checked: where each task stands, and which aids are open. */
final class TaskStates {

    private TaskStates() {}

    /** Where each task of a desk stands, in the order of the sheet. */
    static List<TaskState> of(Desk desk) {
        List<TaskState> states = new ArrayList<>();
        for (Part part : desk.exercise().parts()) {
            Truths truths = new Truths(part, desk.exercise().mark());
            part.tasks().forEach(task -> states.add(state(desk, task, truths, states.size() + 1)));
        }
        return List.copyOf(states);
    }

    private static TaskState state(Desk desk, Task task, Truths truths, int number) {
        List<Attempt> attempts = desk.work().attemptsAt(task.id()).stream().filter(attempt -> task.takes(attempt.answer())).toList();
        List<Verdict> verdicts = attempts.stream().map(attempt -> desk.exercise().judge(task, attempt, truths.of(attempt))).toList();
        boolean right = switch (task.terms().counting()) {
            case BEST -> verdicts.stream().anyMatch(Verdict::isRight);
            case LAST -> !verdicts.isEmpty() && verdicts.getLast().isRight();
        };
        return new TaskState(task, number, verdicts, attempts.stream().map(Attempt::round).toList(), task.terms().counting().earned(verdicts), desk.triesLeft(task), right, desk.work().helpsAt(task));
    }

    /** The aids of a part that are closed. */
    static Set<Aid> closed(Part part, Desk desk) {
        Set<Aid> closed = Aid.all();
        if (part.held().isEmpty() && part.tasks().stream().allMatch(task -> task.hides().isEmpty())) {
            return Set.of();
        }
        closed.removeAll(open(part, of(desk), desk.work().part(part).round()));
        return closed;
    }

    /** The aids of a part that are open: a task opens those of its own part only. */
    static Set<Aid> open(Part part, List<TaskState> tasks, OptionalInt round) {
        Set<Aid> open = Aid.all();
        open.removeAll(part.held());
        for (TaskState state : tasks) {
            if (part.indexOf(state.task().id()) >= 0 && state.opens()) {
                open.addAll(state.task().terms().opens());
            }
            if (part.indexOf(state.task().id()) >= 0 && state.reveals(round)) {
                open.addAll(state.task().revealed());
            }
        }
        tasks.stream().filter(state -> part.indexOf(state.task().id()) >= 0 && !state.done()).forEach(state -> open.removeAll(state.task().hides()));
        return open;
    }
}
