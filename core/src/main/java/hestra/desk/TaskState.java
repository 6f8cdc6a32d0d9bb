package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import hestra.exercise.Attempts;
import hestra.exercise.Judged;
import hestra.feedback.Verdict;
import hestra.task.Task;
import hestra.task.Terms;

/**
 * Where a task stands.
 *
 * @param task the task
 * @param number its place in the sheet, from 1
 * @param attempts the answers that were checked, judged
 * @param triesLeft how often it may still be checked
 * @param helps how many of its hints were asked for
 */
public record TaskState(Task task, int number, Attempts attempts, int triesLeft, int helps) {

    /** The verdicts on the attempts, oldest first. */
    public List<Verdict> verdicts() {
        return attempts.all().stream().map(Judged::verdict).toList();
    }

    /** The verdict on the newest attempt; nothing before the first. */
    public Optional<Verdict> verdict() {
        return attempts.newest().map(Judged::verdict);
    }

    /** The marks of the attempt that counts. */
    public double earned() {
        return attempts.earned();
    }

    /** Whether it is solved. */
    public boolean right() {
        return attempts.isSolved();
    }

    /** Whether it was tried in a round. */
    public boolean isTriedIn(OptionalInt round) {
        return attempts.all().stream().anyMatch(it -> it.attempt().round().equals(round));
    }

    /** Whether each round of it has other data. */
    boolean playsOn() {
        return task.terms().playing() == Terms.Playing.NEW_DATA;
    }

    /** Whether what it reveals is open in a round: it was tried there, and the next round has other data, or it is done. */
    boolean reveals(OptionalInt round) {
        return isTriedIn(round) && (playsOn() || done());
    }

    /** Whether a new round keeps closed what shows what is to be placed in it. */
    boolean shuts(OptionalInt round) {
        return playsOn() && round.isPresent() && !isTriedIn(round) && !done();
    }

    /** Whether it is right, or has no tries left. */
    public boolean done() {
        return isTried() && (right() || triesLeft == 0);
    }

    /** Whether it is done, and the student has been told so: what appears then gives no verdict away. */
    boolean isKnownToBeDone() {
        return done() && (triesLeft == 0 || task.terms().isTold(true));
    }

    /** Whether what the task opens is open. */
    public boolean opens() {
        return switch (task.terms().opening()) {
            case RIGHT -> right();
            case DONE -> done();
            case GIVEN -> isTried();
        };
    }

    public boolean isTried() {
        return !attempts.isEmpty();
    }
}
