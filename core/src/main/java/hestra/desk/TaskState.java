package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import hestra.feedback.Verdict;
import hestra.task.Task;
import hestra.task.Terms;

/**
 * Where a task stands.
 *
 * @param task the task
 * @param number its place in the sheet, from 1
 * @param verdicts on the attempts, oldest first
 * @param rounds in which round each attempt was made
 * @param earned the marks of the attempt that counts
 * @param triesLeft how often it may still be checked
 * @param right whether an attempt was right
 * @param helps how many of its hints were asked for
 */
public record TaskState(Task task, int number, List<Verdict> verdicts, List<OptionalInt> rounds, double earned, int triesLeft, boolean right, int helps) {

    public TaskState {
        verdicts = List.copyOf(verdicts);
        rounds = List.copyOf(rounds);
    }

    /** The verdict on the newest attempt; nothing before the first. */
    public Optional<Verdict> verdict() {
        return verdicts.isEmpty() ? Optional.empty() : Optional.of(verdicts.getLast());
    }

    /** Whether it was tried in a round. */
    public boolean isTriedIn(OptionalInt round) {
        return rounds.contains(round);
    }

    /** Whether what it reveals is open in a round: it was tried there, and the next round has other data, or it is done. */
    boolean reveals(OptionalInt round) {
        return isTriedIn(round) && (task.terms().playing() == Terms.Playing.NEW_DATA || done());
    }

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
        return !verdicts.isEmpty();
    }
}
