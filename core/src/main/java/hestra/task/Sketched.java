package hestra.task;

import java.util.Optional;

/** A task whose answer is made in a plot. */
public sealed interface Sketched permits ByEye, DrawIt, FindPoint, FromPicture, MatchPlot, ReachTarget, TryOut {

    /**
     * What an answer looks like; nothing where it is not yet made.
     *
     * @throws IllegalArgumentException if the answer is not of this kind
     */
    Optional<Sketch> sketch(Answer answer, Truth truth);

    /** What an answer looks like; nothing where it is not made in a plot, or is not yet made. */
    static Optional<Sketch> of(Task task, Answer answer, Truth truth) {
        return task instanceof Sketched it ? it.sketch(answer, truth) : Optional.empty();
    }
}
