package hestra.task;

import java.util.Optional;
import java.util.Set;

import hestra.data.PointChange;

/** A task that is done by what the plot allows to be done with points. */
public sealed interface DoneOnPlot permits ReachTarget, TryOut, DoneOnPlot.None {

    /** Whether it can be done where these changes of points are allowed. */
    boolean canBeDoneWith(Set<PointChange> allowed);

    /** Whether it asks what moves of single points did, so that they are remembered. */
    default boolean watchesMoves() {
        return false;
    }

    /**
     * Why it cannot be done with the points that are given out and by the rules of the plot, though others might allow it: a
     * sentence or two; nothing where that is not so.
     */
    default Optional<String> outOfReach(Truth truth) {
        return Optional.empty();
    }

    /** What a task is in this respect: of the other kinds, nothing. */
    static DoneOnPlot of(Task task) {
        return task instanceof DoneOnPlot it ? it : None.OF_THIS;
    }

    /** Nothing is done by changes of points, so that it can be done whichever are allowed. */
    enum None implements DoneOnPlot {
        OF_THIS;

        @Override
        public boolean canBeDoneWith(Set<PointChange> allowed) {
            return true;
        }
    }
}
