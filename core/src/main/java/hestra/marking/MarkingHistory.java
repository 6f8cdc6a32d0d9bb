package hestra.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A marking with what was decided in this sitting, so that each decision can be taken back and made again. To take one back is a
 * decision too: what is put together with another marking later knows of it. Immutable.
 */
public final class MarkingHistory {

    private static final int MOST = 1000;

    /**
     * What was decided at one time.
     *
     * @param words "marks", for "Undo marks"
     * @param before what was decided before, matter by matter
     */
    private record Change(String words, List<Choice> before) {}

    /** A matter with what is to be decided of it; nothing to take a decision back. */
    public record Choice(Matter matter, Optional<Value> value) {

        public static Choice of(Matter matter, Value value) {
            return new Choice(matter, Optional.of(value));
        }

        /** An earlier decision is taken back. */
        public static Choice none(Matter matter) {
            return new Choice(matter, Optional.empty());
        }
    }

    private final Marking present;
    private final String by;
    private final List<Change> past;
    private final List<Change> future;

    private MarkingHistory(Marking present, String by, List<Change> past, List<Change> future) {
        this.present = present;
        this.by = by;
        this.past = List.copyOf(past);
        this.future = List.copyOf(future);
    }

    /** A marking that is gone on with by a marker. */
    public static MarkingHistory of(Marking marking, String by) {
        return new MarkingHistory(marking, by, List.of(), List.of());
    }

    public Marking present() {
        return present;
    }

    /** Who decides. */
    public String by() {
        return by;
    }

    /** The same, gone on with under another name; what was decided before stays as it is. */
    public MarkingHistory by(String other) {
        return other.isBlank() ? this : new MarkingHistory(present, other.strip(), past, future);
    }

    /** What undo would take back. */
    public Optional<String> undoable() {
        return past.isEmpty() ? Optional.empty() : Optional.of(past.getLast().words());
    }

    /** What redo would decide again. */
    public Optional<String> redoable() {
        return future.isEmpty() ? Optional.empty() : Optional.of(future.getLast().words());
    }

    /** The history with matters decided at one time; this same one where that changes nothing. */
    public MarkingHistory decide(String words, List<Choice> choices) {
        Marking now = decided(present, choices);
        return now == present ? this : new MarkingHistory(now, by, pushed(past, new Change(words, asBefore(choices))), List.of());
    }

    /** The same after another marking was put together with it; what was decided in this sitting can still be taken back. */
    public MarkingHistory with(Marking other) {
        return new MarkingHistory(present.with(other), by, past, future);
    }

    public MarkingHistory undo() {
        return past.isEmpty() ? this : new MarkingHistory(decided(present, past.getLast().before()), by, past.subList(0, past.size() - 1), pushed(future, new Change(past.getLast().words(), asBefore(past.getLast().before()))));
    }

    public MarkingHistory redo() {
        return future.isEmpty() ? this : new MarkingHistory(decided(present, future.getLast().before()), by, pushed(past, new Change(future.getLast().words(), asBefore(future.getLast().before()))), future.subList(0, future.size() - 1));
    }

    private Marking decided(Marking marking, List<Choice> choices) {
        Marking now = marking;
        for (Choice choice : choices) {
            now = now.decide(choice.matter(), choice.value(), by);
        }
        return now;
    }

    private List<Choice> asBefore(List<Choice> choices) {
        return choices.stream().map(choice -> new Choice(choice.matter(), present.value(choice.matter()))).toList();
    }

    private static List<Change> pushed(List<Change> list, Change change) {
        List<Change> longer = new ArrayList<>(list.size() < MOST ? list : list.subList(1, list.size()));
        longer.add(change);
        return longer;
    }
}
