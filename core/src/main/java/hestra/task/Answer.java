package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import hestra.data.Roles;
import hestra.figure.Frame;
import hestra.fit.Trial;
import hestra.targets.Held;
import hestra.targets.Reason;
import hestra.tracing.Tracing;

/** What a student gives to a task, as it was given. */
public sealed interface Answer permits Answer.Entered, Answer.RolesChosen, Answer.Treated, Answer.Typed, Answer.Reached,
        Answer.Placed, Answer.Picked, Answer.Drawn, Answer.ReadOff, Answer.Sentence, Described, Predictions, WrittenSection,
        Pointed, Chosen, Filled, Tried, Played {

    /** Whether anything has been given at all. */
    boolean isBlank();

    /**
     * The answer as one of a kind.
     *
     * @throws IllegalArgumentException if it is of another
     */
    default <A extends Answer> A as(Class<A> kind) {
        if (!kind.isInstance(this)) {
            throw new IllegalArgumentException(getClass().getSimpleName() + " where " + kind.getSimpleName() + " is asked for");
        }
        return kind.cast(this);
    }

    /**
     * The rows that were to be entered.
     *
     * @param rows the text of each cell, row by row, in the order of the table's columns
     */
    record Entered(List<List<String>> rows) implements Answer {
        public Entered {
            rows = rows.stream().map(List::copyOf).toList();
        }

        @Override
        public boolean isBlank() {
            return rows.stream().flatMap(List::stream).allMatch(String::isBlank);
        }
    }

    /** The chosen roles; nothing chosen yet where empty. */
    record RolesChosen(Optional<Roles> roles) implements Answer {
        @Override
        public boolean isBlank() {
            return roles.isEmpty();
        }
    }

    /**
     * What was done about the slip in the data.
     *
     * @param now what stands in the cell in question
     * @param reason why its row was set aside; nothing where it was not
     * @param othersChanged other rows, from 0, that no longer agree with the printed table or were set aside
     */
    record Treated(String now, Optional<String> reason, List<Integer> othersChanged) implements Answer {
        public Treated {
            othersChanged = List.copyOf(othersChanged);
        }

        @Override
        public boolean isBlank() {
            return false;
        }
    }

    /** A number as it was typed. */
    record Typed(String text) implements Answer {
        @Override
        public boolean isBlank() {
            return text.isBlank();
        }
    }

    /**
     * What was done to reach a target.
     *
     * @param held points and line by eye as they stand
     * @param cannot why it can't be done; nothing where it is not said so
     */
    record Reached(Held held, Optional<Reason> cannot) implements Answer {
        public static final Reached NOTHING = new Reached(Held.NOTHING, Optional.empty());

        @Override
        public boolean isBlank() {
            return held.points().isEmpty() && cannot.isEmpty();
        }
    }

    /** The curve that was placed by eye; nothing where none was. */
    record Placed(Optional<Trial> trial) implements Answer {
        @Override
        public boolean isBlank() {
            return trial.isEmpty();
        }
    }

    /** The one of several that was picked, from 0; nothing picked yet where empty. */
    record Picked(OptionalInt option) implements Answer {
        @Override
        public boolean isBlank() {
            return option.isEmpty();
        }
    }

    /**
     * How a plot is drawn.
     *
     * @param roles which columns stand on the axes; nothing chosen yet where empty
     * @param title stands above it
     * @param xName what the axis along is called
     * @param xUnit its unit
     * @param yName what the upward axis is called
     * @param yUnit its unit
     * @param frame the part of the plane that is shown; nothing for the one that fits the data
     */
    record Drawn(Optional<Roles> roles, String title, String xName, String xUnit, String yName, String yUnit,
            Optional<Frame> frame) implements Answer {
        @Override
        public boolean isBlank() {
            return roles.isEmpty();
        }
    }

    /** The axes laid on a picture and the points placed in it; nothing while neither was done. */
    record ReadOff(Optional<Tracing> tracing) implements Answer {
        @Override
        public boolean isBlank() {
            return tracing.isEmpty();
        }
    }

    /** A sentence. */
    record Sentence(String text) implements Answer {
        @Override
        public boolean isBlank() {
            return text.isBlank();
        }
    }
}
