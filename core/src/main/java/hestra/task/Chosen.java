package hestra.task;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What was chosen, and what was written beside it.
 *
 * @param picks the chosen options of each row, from 0
 */
public record Chosen(List<Set<Integer>> picks, String text) implements Answer {
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
