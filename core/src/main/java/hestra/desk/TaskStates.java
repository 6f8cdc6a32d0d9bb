package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.exercise.Aid;
import hestra.exercise.Attempt;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.feedback.Judge;
import hestra.feedback.Verdict;

/** What follows from the answers that were checked: where each task stands, and which aids are open. */
final class TaskStates {

    private TaskStates() {}

    /** Where each task of a desk stands, in the order of the sheet. */
    static List<TaskState> of(Desk desk) {
        Judge judge = new Judge(desk.exercise());
        List<TaskState> states = new ArrayList<>();
        for (Task task : desk.exercise().tasks()) {
            List<Verdict> verdicts = new ArrayList<>();
            for (Attempt attempt : desk.work().attemptsAt(task.id())) {
                if (Judge.takes(task, attempt.answer())) {
                    verdicts.add(judge.judge(task, attempt));
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

    /** A description opens what it opens as soon as it is given, right or not: it is a look, not a hurdle. */
    static Set<Aid> open(Exercise exercise, List<TaskState> tasks) {
        Set<Aid> open = Aid.all();
        open.removeAll(exercise.held());
        for (TaskState state : tasks) {
            if (state.done() || state.isTried() && state.task() instanceof Task.Describe) {
                open.addAll(state.task().terms().opens());
            }
        }
        return open;
    }
}
