package hestra.desk;

import java.util.Optional;

import hestra.task.Keepable;
import hestra.working.CalculationLine;

/** One thing on a person's own sheet, see {@link OwnSheet}. */
public sealed interface Note {

    /** Stays the same wherever it is moved; unique on its sheet. */
    String id();

    /** Text in light mark-up, after CommonMark. */
    record Text(String id, String text) implements Note {}

    /** A note that shows data: as they were when it was kept, or as they are now. */
    sealed interface Shown extends Note {

        /** The work as it stood when this was kept; nothing for what follows the plot. */
        Optional<PartWork> frozen();

        /** The same, of the work at another time. */
        Shown with(Optional<PartWork> state);

        /** Whether it changes with the plot. */
        default boolean follows() {
            return frozen().isEmpty();
        }
    }

    /**
     * The plot, or what is read off it.
     *
     * @param caption stands below it; may be empty
     */
    record Kept(String id, Keepable what, Optional<PartWork> frozen, String caption) implements Shown {
        @Override
        public Kept with(Optional<PartWork> state) {
            return new Kept(id, what, state, caption);
        }

        Kept captioned(String text) {
            return new Kept(id, what, frozen, text);
        }
    }

    /** A line of calculation with its result. */
    record Calculated(String id, CalculationLine line, Optional<PartWork> frozen) implements Shown {
        @Override
        public Calculated with(Optional<PartWork> state) {
            return new Calculated(id, line, state);
        }
    }
}
