package hestra.desk;

import java.util.Optional;

import hestra.feedback.Verdict;
import hestra.task.Task;

/**
 * Where a task stands.
 *
 * @param task the task
 * @param number its place in the sheet, from 1
 * @param verdict on the newest attempt; nothing before the first
 * @param earned the marks of the best attempt
 * @param triesLeft how often it may still be checked
 * @param right whether an attempt was right
 */
public record TaskState(Task task, int number, Optional<Verdict> verdict, double earned, int triesLeft, boolean right) {

    /** Whether it is right, or has no tries left. */
    public boolean done() {
        return isTried() && (right || triesLeft == 0);
    }

    /** Whether what the task opens is open. */
    public boolean opens() {
        return switch (task.terms().opening()) {
            case RIGHT -> right;
            case DONE -> done();
            case GIVEN -> isTried();
        };
    }

    public boolean isTried() {
        return verdict.isPresent();
    }
}
