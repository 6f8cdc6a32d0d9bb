package hestra.task;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

import hestra.data.Roles;
import hestra.figure.Frame;
import hestra.fit.Trial;
import hestra.targets.Held;
import hestra.targets.Reason;
import hestra.tracing.Tracing;

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

    /**
     * One prediction.
     *
     * @param text the number as it was typed
     * @param trusted what the student thinks of it
     * @param low the lower end of the interval as it was typed
     * @param high the upper end
     */
    record Predicted(String text, Optional<Trust> trusted, Optional<String> low, Optional<String> high) {
        public static final Predicted NOTHING = new Predicted("", Optional.empty());

        private static final Set<String> NONE = Set.of("none", "no", "no value", "-", "\u2013", "\u2212");

        /** A number without an interval. */
        public Predicted(String text, Optional<Trust> trusted) {
            this(text, trusted, Optional.empty(), Optional.empty());
        }

        public Predicted with(String number) {
            return new Predicted(number, trusted, low, high);
        }

        public Predicted with(Trust judgement) {
            return new Predicted(text, Optional.of(judgement), low, high);
        }

        public Predicted withLow(String end) {
            return new Predicted(text, trusted, Optional.of(end).filter(it -> !it.isEmpty()), high);
        }

        public Predicted withHigh(String end) {
            return new Predicted(text, trusted, low, Optional.of(end).filter(it -> !it.isEmpty()));
        }

        /** Both ends of the interval as they were typed, empty where nothing was. */
        List<String> ends() {
            return List.of(low.orElse(""), high.orElse(""));
        }

        /** Whether no number is given since it is said to have no meaning. */
        boolean isLeftOut() {
            return trusted.filter(Trust.MEANINGLESS::equals).isPresent()
                    && (text.isBlank() || NONE.contains(text.strip().toLowerCase(Locale.ROOT)));
        }
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
     * A section of a report.
     *
     * @param text all that was written in it
     * @param figures what was kept in it, in its order
     */
    record Section(String text, List<KeptFigure> figures) implements Answer {
        public static final Section NOTHING = new Section("", List.of());

        public Section {
            figures = List.copyOf(figures);
        }

        @Override
        public boolean isBlank() {
            return text.isBlank() && figures.isEmpty();
        }

        /** How many words were written. */
        int words() {
            return (int) Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{M}\\p{N}.,'\u2019-]*").matcher(text).results().count();
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

    /**
     * Points that were marked, and what is to be done about them.
     *
     * @param rows their rows in the printed table, from 0; those beyond its end are the student's own
     */
    record Pointed(Set<Integer> rows, Optional<PointAction> action, Optional<PointReason> reason) implements Answer {
        public static final Pointed NOTHING = new Pointed(Set.of(), Optional.empty(), Optional.empty());

        public Pointed {
            rows = Collections.unmodifiableSet(new TreeSet<>(rows));
        }

        @Override
        public boolean isBlank() {
            return rows.isEmpty() && action.isEmpty() && reason.isEmpty();
        }

        public Pointed with(PointAction chosen) {
            return new Pointed(rows, Optional.of(chosen), reason);
        }

        public Pointed with(PointReason chosen) {
            return new Pointed(rows, action, Optional.of(chosen));
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
     * What was chosen, and what was written beside it.
     *
     * @param picks the chosen options of each row, from 0
     */
    record Chosen(List<Set<Integer>> picks, String text) implements Answer {
        public static final Chosen NOTHING = new Chosen(List.of(), "");

        public Chosen {
            picks = picks.stream().<Set<Integer>>map(it -> Collections.unmodifiableSet(new TreeSet<>(it))).toList();
        }

        @Override
        public boolean isBlank() {
            return picks.stream().allMatch(Set::isEmpty) && text.isBlank();
        }

        /** What is chosen in a row; nothing beyond the last. */
        public Set<Integer> at(int row) {
            return row < picks.size() ? picks.get(row) : Set.of();
        }

        /** With another choice in a row. */
        public Chosen with(int row, Set<Integer> options) {
            List<Set<Integer>> changed = new ArrayList<>(picks);
            while (changed.size() <= row) {
                changed.add(Set.of());
            }
            changed.set(row, options);
            return new Chosen(changed, text);
        }

        public Chosen withText(String written) {
            return new Chosen(picks, written);
        }
    }

    /** Cells of a calculation as they were filled in, by their ids. */
    record Filled(Map<String, String> cells) implements Answer {
        public static final Filled NOTHING = new Filled(Map.of());

        public Filled {
            cells = Collections.unmodifiableMap(new TreeMap<>(cells));
        }

        @Override
        public boolean isBlank() {
            return cells.values().stream().allMatch(String::isBlank);
        }

        /** What stands in a cell; empty where nothing does. */
        public String text(String id) {
            return cells.getOrDefault(id, "");
        }

        public Filled with(String id, String text) {
            Map<String, String> changed = new TreeMap<>(cells);
            if (text.isEmpty()) {
                changed.remove(id);
            } else {
                changed.put(id, text);
            }
            return new Filled(changed);
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

    /**
     * What moves of points did.
     *
     * @param seen the states in which a single point had been moved, oldest first
     * @param amounts by how much each move changed the value, as typed, in the order of the task's moves
     * @param most the move that changed it most, from 0
     * @param reason why
     */
    record Tried(List<Seen> seen, List<String> amounts, OptionalInt most, Optional<TryReason> reason) implements Answer {
        public static final Tried NOTHING = new Tried(List.of(), List.of(), OptionalInt.empty(), Optional.empty());

        public Tried {
            seen = List.copyOf(seen);
            amounts = List.copyOf(amounts);
        }

        @Override
        public boolean isBlank() {
            return amounts.stream().allMatch(String::isBlank) && most.isEmpty() && reason.isEmpty();
        }

        /** What was typed for a move; empty where nothing was. */
        public String amount(int move) {
            return move < amounts.size() ? amounts.get(move) : "";
        }

        /** What was said, without the states: those are found anew. */
        public Tried with(int move, String amount) {
            List<String> changed = new ArrayList<>(amounts);
            while (changed.size() <= move) {
                changed.add("");
            }
            changed.set(move, amount);
            return new Tried(List.of(), changed, most, reason);
        }

        public Tried withMost(int move) {
            return new Tried(List.of(), amounts, OptionalInt.of(move), reason);
        }

        public Tried with(TryReason why) {
            return new Tried(List.of(), amounts, most, Optional.of(why));
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
