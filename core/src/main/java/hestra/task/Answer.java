package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.Roles;
import hestra.fit.Trial;
import hestra.targets.Held;
import hestra.targets.Reason;

/** What a student gives to a task, as it was given. */
public sealed interface Answer {

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

    /** Choices made so far, and a sentence. */
    record Described(
            Optional<Description.Direction> direction,
            Optional<Description.Form> form,
            Optional<Description.Strength> strength,
            Optional<Description.Unusual> unusual,
            String sentence)
            implements Answer {

        public static final Described NOTHING =
                new Described(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), "");

        @Override
        public boolean isBlank() {
            return this.equals(NOTHING);
        }

        /** Whether every choice has been made. */
        public boolean isComplete() {
            return direction.isPresent() && form.isPresent() && strength.isPresent() && unusual.isPresent();
        }

        public Described with(Description.Choice choice) {
            return switch (choice) {
                case Description.Direction it -> new Described(Optional.of(it), form, strength, unusual, sentence);
                case Description.Form it -> new Described(direction, Optional.of(it), strength, unusual, sentence);
                case Description.Strength it -> new Described(direction, form, Optional.of(it), unusual, sentence);
                case Description.Unusual it -> new Described(direction, form, strength, Optional.of(it), sentence);
                default -> throw new IllegalArgumentException("no such choice: " + choice);
            };
        }

        public Described withSentence(String text) {
            return new Described(direction, form, strength, unusual, text);
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

    /** One prediction with the judgement whether to trust it. */
    record Predicted(String text, Optional<Boolean> trusted) {
        public static final Predicted NOTHING = new Predicted("", Optional.empty());
    }

    /** Predictions in the order of the task's x values. */
    record Predictions(List<Predicted> given) implements Answer {
        public Predictions {
            given = List.copyOf(given);
        }

        @Override
        public boolean isBlank() {
            return given.stream().allMatch(Predicted.NOTHING::equals);
        }

        /** The prediction at an index; nothing beyond the last. */
        public Predicted at(int index) {
            return index < given.size() ? given.get(index) : Predicted.NOTHING;
        }

        /** With one prediction replaced. */
        public Predictions with(int index, Predicted predicted) {
            List<Predicted> changed = new ArrayList<>(given);
            while (changed.size() <= index) {
                changed.add(Predicted.NOTHING);
            }
            changed.set(index, predicted);
            return new Predictions(changed);
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

    /** A sentence. */
    record Sentence(String text) implements Answer {
        @Override
        public boolean isBlank() {
            return text.isBlank();
        }
    }
}
