package hestra.desk;

import java.util.Optional;

import hestra.exercise.Task;
import hestra.feedback.Verdict;

/**
 * Where a task stands.
 *
 * @param task the task
 * @param number its place in the sheet, from 1
 * @param verdict on the newest attempt; nothing before the first
 * @param earned the marks of the best attempt
 * @param triesLeft how often it may still be checked
 * @param done whether it is right, or has no tries left
 */
public record TaskState(Task task, int number, Optional<Verdict> verdict, double earned, int triesLeft, boolean done) {

    public boolean isTried() {
        return verdict.isPresent();
    }
}
