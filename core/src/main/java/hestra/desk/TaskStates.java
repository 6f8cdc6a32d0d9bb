package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.exercise.Exercise;
import hestra.feedback.Verdict;
import hestra.task.Aid;
import hestra.task.Attempt;
import hestra.task.Task;
import hestra.task.Truth;

/** What follows from the answers that were checked: where each task stands, and which aids are open. */
final class TaskStates {

    private TaskStates() {}

    /** Where each task of a desk stands, in the order of the sheet. */
    static List<TaskState> of(Desk desk) {
        Truth truth = desk.exercise().truth();
        List<TaskState> states = new ArrayList<>();
        for (Task task : desk.exercise().tasks()) {
            List<Verdict> verdicts = new ArrayList<>();
            for (Attempt attempt : desk.work().attemptsAt(task.id())) {
                if (task.takes(attempt.answer())) {
                    verdicts.add(task.judge(attempt, truth));
                }
            }
            double best = verdicts.stream().mapToDouble(Verdict::earned).max().orElse(0);
            boolean right = verdicts.stream().anyMatch(Verdict::isRight);
            int left = desk.triesLeft(task);
            states.add(new TaskState(task, states.size() + 1,
                    verdicts.isEmpty() ? Optional.empty() : Optional.of(verdicts.getLast()), best, left,
                    !verdicts.isEmpty() && (right || left == 0)));
        }
        return List.copyOf(states);
    }

    /** The aids that are open. */
    static Set<Aid> open(Exercise exercise, List<TaskState> tasks) {
        Set<Aid> open = Aid.all();
        open.removeAll(exercise.held());
        for (TaskState state : tasks) {
            if (state.opens()) {
                open.addAll(state.task().terms().opens());
            }
        }
        return open;
    }
}
