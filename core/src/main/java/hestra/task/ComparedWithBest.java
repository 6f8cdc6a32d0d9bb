package hestra.task;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.fit.Curve;

/** A task in which a curve is placed by eye, and then seen beside the best one. */
public sealed interface ComparedWithBest permits ByEye {

    /** The curve whose best fit is drawn beside the answer once a round has been checked; nothing where none is. */
    Optional<Curve> compared();

    /**
     * How near a curve by eye comes to the best one: its sum of squares as a multiple of the least; nothing where no curve is
     * placed.
     */
    OptionalDouble nearness(Answer answer, Truth truth);

    /** The curve whose best fit is drawn beside the answer to a task. */
    static Optional<Curve> compared(Task task) {
        return task instanceof ComparedWithBest it ? it.compared() : Optional.empty();
    }

    /** How near a curve by eye comes to the best one; nothing where a task asks for none. */
    static OptionalDouble nearness(Task task, Answer answer, Truth truth) {
        return task instanceof ComparedWithBest it ? it.nearness(answer, truth) : OptionalDouble.empty();
    }
}
