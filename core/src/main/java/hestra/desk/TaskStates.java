package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.exercise.Part;
import hestra.feedback.Verdict;
import hestra.task.Aid;
import hestra.task.Task;
import hestra.task.Truth;

/** What follows from the answers that were checked: where each task stands, and which aids are open. */
final class TaskStates {

    private TaskStates() {}

    /** Where each task of a desk stands, in the order of the sheet. */
    static List<TaskState> of(Desk desk) {
        List<TaskState> states = new ArrayList<>();
        for (Part part : desk.exercise().parts()) {
            Truth truth = part.truth(desk.exercise().mark());
            part.tasks().forEach(task -> states.add(state(desk, task, truth, states.size() + 1)));
        }
        return List.copyOf(states);
    }

    private static TaskState state(Desk desk, Task task, Truth truth, int number) {
        List<Verdict> verdicts = desk.work().attemptsAt(task.id()).stream().filter(attempt -> task.takes(attempt.answer()))
                .map(attempt -> task.judge(attempt, truth)).toList();
        double best = verdicts.stream().mapToDouble(Verdict::earned).max().orElse(0);
        boolean right = verdicts.stream().anyMatch(Verdict::isRight);
        int left = desk.triesLeft(task);
        return new TaskState(task, number, verdicts.isEmpty() ? Optional.empty() : Optional.of(verdicts.getLast()), best, left, right);
    }

    /** The aids of a part that are open: a task opens those of its own part only. */
    static Set<Aid> open(Part part, List<TaskState> tasks) {
        Set<Aid> open = Aid.all();
        open.removeAll(part.held());
        for (TaskState state : tasks) {
            if (part.indexOf(state.task().id()) >= 0 && state.opens()) {
                open.addAll(state.task().terms().opens());
            }
        }
        return open;
    }
}
