package hestra.marking;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The decisions and comments of those who mark a class: none of the answers themselves. Immutable. Put together with another
 * marking it is the same whichever comes first, and nothing of either is lost.
 *
 * @param exercise the id of the exercise
 * @param decisions by their matter, those that no other replaces: one, or several where markers decided without knowing of each
 *     other
 */
public record Marking(String exercise, Map<DecisionSubject, List<Decision>> decisions) {

    public Marking {
        Map<DecisionSubject, List<Decision>> ordered = new LinkedHashMap<>();
        decisions.forEach((matter, list) -> ordered.put(matter, list.stream().sorted(Decision.ORDER).toList()));
        decisions = Map.copyOf(ordered);
    }

    /** Nothing has been decided. */
    public static Marking none(String exercise) {
        return new Marking(exercise, Map.of());
    }

    /** The marking that holds these decisions. */
    public static Marking of(String exercise, Collection<Decision> all) {
        Map<DecisionSubject, List<Decision>> live = new HashMap<>();
        all.forEach(decision -> live.computeIfAbsent(decision.matter(), _ -> new ArrayList<>()).add(decision));
        live.replaceAll((_, list) -> unreplaced(list));
        return new Marking(exercise, live);
    }

    private static List<Decision> unreplaced(List<Decision> list) {
        return list.stream().distinct().filter(decision -> list.stream().noneMatch(other -> other.replaces(decision))).toList();
    }

    /** What was decided; of several that stand beside each other, the one that counts until somebody decides between them. */
    public Optional<DecisionValue> value(DecisionSubject matter) {
        List<Decision> found = decisions.getOrDefault(matter, List.of());
        return found.isEmpty() ? Optional.empty() : found.getLast().value();
    }

    /** What was decided, where it is of a kind. */
    <V extends DecisionValue> Optional<V> value(DecisionSubject matter, Class<V> kind) {
        return value(matter).filter(kind::isInstance).map(kind::cast);
    }

    /** With a matter decided, or a decision taken back. */
    public Marking decide(DecisionSubject matter, Optional<DecisionValue> value, String by) {
        List<Decision> before = decisions.getOrDefault(matter, List.of());
        if (before.size() == 1 && before.getFirst().value().equals(value) || before.isEmpty() && value.isEmpty()) {
            return this;
        }
        Map<String, Integer> known = new HashMap<>();
        before.forEach(decision -> {
            decision.over().forEach((marker, count) -> known.merge(marker, count, Math::max));
            known.merge(decision.by(), decision.count(), Math::max);
        });
        int count = known.getOrDefault(by, 0) + 1;
        known.remove(by);
        Map<DecisionSubject, List<Decision>> changed = new HashMap<>(decisions);
        changed.put(matter, List.of(new Decision(matter, value, by, count, known)));
        return new Marking(exercise, changed);
    }

    /**
     * Without the decisions that came with another marking: those that were here before stand again, and what has been decided
     * since stays.
     *
     * @param before how it was before they came
     */
    Marking without(Marking brought, Marking before) {
        Set<Decision> theirs = new HashSet<>(brought.all());
        theirs.removeAll(before.all());
        return of(exercise, Stream.concat(before.all().stream(), all().stream().filter(it -> !theirs.contains(it))).toList());
    }

    /** Without these decisions. */
    public Marking without(Collection<Decision> some) {
        Set<Decision> others = new HashSet<>(some);
        return others.isEmpty() ? this : of(exercise, all().stream().filter(it -> !others.contains(it)).toList());
    }

    /** With these decisions standing beside each other at their matters, and no others. */
    Marking disputing(Map<DecisionSubject, List<Decision>> disputed) {
        Map<DecisionSubject, List<Decision>> changed = new HashMap<>(decisions);
        changed.putAll(disputed);
        return new Marking(exercise, changed);
    }

    /** With all that another marking of the same exercise holds. */
    public Marking with(Marking other) {
        return of(exercise, Stream.concat(all().stream(), other.all().stream()).toList());
    }

    /** All decisions, in the order of their matters in words. */
    public List<Decision> all() {
        return decisions.entrySet().stream().sorted(Comparator.comparing(it -> it.getKey().toString()))
                .flatMap(it -> it.getValue().stream()).toList();
    }

    /** The matters on which markers decided differently without knowing of each other, with their decisions. */
    public List<List<Decision>> conflicts() {
        return decisions.entrySet().stream().filter(it -> isConflict(it.getValue()))
                .sorted(Comparator.comparing(it -> it.getKey().toString())).map(Map.Entry::getValue).toList();
    }

    private static boolean isConflict(List<Decision> list) {
        return list.stream().anyMatch(one -> list.stream().anyMatch(other -> one.value().isPresent() != other.value().isPresent()
                || one.value().isPresent() && one.value().get().isAgainst(other.value().get())));
    }

    public boolean isEmpty() {
        return decisions.isEmpty();
    }
}
