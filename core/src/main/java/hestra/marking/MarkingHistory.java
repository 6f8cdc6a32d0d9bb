package hestra.marking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A marking with what was decided in this sitting, so that each decision can be taken back and made again. To take one back is a
 * decision too: what is put together with another marking later knows of it. Immutable.
 */
public final class MarkingHistory {

    private static final int MOST = 1000;

    /** What was done at one time. */
    private sealed interface Change {

        /** "marks", for "Undo marks". */
        String words();
    }

    /**
     * Something was decided.
     *
     * @param before what was decided before, matter by matter
     * @param disputed the decisions that stood beside each other before, by their matter
     */
    private record Decided(String words, List<Choice> before, Map<DecisionSubject, List<Decision>> disputed) implements Change {}

    /**
     * Another marking was put in.
     *
     * @param brought that marking
     * @param before how it was before
     */
    private record Joined(String words, Marking brought, Marking before) implements Change {}

    /** A matter with what is to be decided of it; nothing to take a decision back. */
    public record Choice(DecisionSubject matter, Optional<DecisionValue> value) {

        public static Choice of(DecisionSubject matter, DecisionValue value) {
            return new Choice(matter, Optional.of(value));
        }

        /** An earlier decision is taken back. */
        public static Choice none(DecisionSubject matter) {
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
        return now == present ? this : new MarkingHistory(now, by, pushed(past, asBefore(words, choices)), List.of());
    }

    /**
     * The same after another marking was put together with it, which is one step like a decision; this same one where that brings
     * nothing.
     */
    public MarkingHistory with(Marking other) {
        Marking now = present.with(other);
        return now.equals(present)
                ? this
                : new MarkingHistory(now, by, pushed(past, new Joined("putting another marking in", other, present)), List.of());
    }

    /** The same where another window of the same marker has decided more or taken something back: that is no step of this one. */
    public MarkingHistory along(List<Decision> come, List<Decision> gone) {
        return new MarkingHistory(present.without(gone).with(Marking.of(present.exercise(), come)), by, past, future);
    }

    public MarkingHistory undo() {
        return past.isEmpty() ? this : switch (past.getLast()) {
            case Decided decided ->
                    new MarkingHistory(backTo(decided), by, shorter(past),
                            pushed(future, asBefore(decided.words, decided.before)));
            case Joined joined ->
                    new MarkingHistory(present.without(joined.brought, joined.before), by, shorter(past), pushed(future, joined));
        };
    }

    public MarkingHistory redo() {
        return future.isEmpty() ? this : switch (future.getLast()) {
            case Decided decided ->
                    new MarkingHistory(backTo(decided), by, pushed(past, asBefore(decided.words, decided.before)),
                            shorter(future));
            case Joined joined ->
                    new MarkingHistory(present.with(joined.brought), by,
                            pushed(past, new Joined(joined.words, joined.brought, present)), shorter(future));
        };
    }

    private static List<Change> shorter(List<Change> list) {
        return list.subList(0, list.size() - 1);
    }

    private Marking decided(Marking marking, List<Choice> choices) {
        Marking now = marking;
        for (Choice choice : choices) {
            now = now.decide(choice.matter(), choice.value(), by);
        }
        return now;
    }

    /** What was decided before is decided again; what was disputed before is so again. */
    private Marking backTo(Decided change) {
        List<Choice> plain = change.before.stream().filter(it -> !change.disputed.containsKey(it.matter())).toList();
        return decided(present, plain).disputing(change.disputed);
    }

    /** How some matters stand now. */
    private Decided asBefore(String words, List<Choice> choices) {
        Map<DecisionSubject, List<Decision>> disputed = new HashMap<>();
        choices.forEach(choice -> Optional.ofNullable(present.decisions().get(choice.matter())).filter(it -> it.size() > 1)
                .ifPresent(it -> disputed.put(choice.matter(), it)));
        return new Decided(words, choices.stream()
                .map(choice -> new Choice(choice.matter(), present.value(choice.matter()))).toList(), disputed);
    }

    private static List<Change> pushed(List<Change> list, Change change) {
        List<Change> longer = new ArrayList<>(list.size() < MOST ? list : list.subList(1, list.size()));
        longer.add(change);
        return longer;
    }
}
