package hestra.exercise;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How an exercise is given out.
 *
 * @param seed what the variants are drawn from
 * @param redrawn how often single variants were drawn anew, by their number; those that were not are left out
 * @param editions what was published so far, the earliest first
 */
public record Issue(long seed, Map<Integer, Integer> redrawn, List<Edition> editions) {

    /** The most editions that are kept. */
    public static final int MOST_EDITIONS = 50;

    /** Nothing was given out yet. */
    public static final Issue NONE = new Issue(1, Map.of(), List.of());

    public Issue {
        redrawn = Map.copyOf(redrawn);
        editions = List.copyOf(editions);
    }

    /** The edition of a number; nothing where there is none. */
    public Optional<Edition> edition(int number) {
        return editions.stream().filter(it -> it.number() == number).findFirst();
    }

    /**
     * Whether an edition is none yet, or asks the same as the one of its number: hand-ins of two different ones could not be told
     * apart.
     */
    public boolean mayHold(Edition other) {
        return edition(other.number()).filter(it -> !it.isSameAs(other)).isEmpty();
    }

    /** For whom copies of any edition were made by name. */
    public ClassList readers() {
        return editions.stream().map(Edition::named).reduce(ClassList.NONE, ClassList::and);
    }

    /** The number of the edition that would be published next. */
    public int next() {
        return editions.isEmpty() ? 1 : editions.getLast().number() + 1;
    }

    /** With a variant drawn once more. */
    public Issue drawnAnew(int variant) {
        Map<Integer, Integer> counts = new HashMap<>(redrawn);
        counts.merge(variant, 1, Integer::sum);
        return new Issue(seed, counts, editions);
    }

    public Issue withSeed(long other) {
        return new Issue(other, redrawn, editions);
    }

    /** With an edition added, or in the place of the one of its number; the earliest is let go where there are too many. */
    public Issue publishing(Edition edition) {
        List<Edition> list = new ArrayList<>(editions);
        list.removeIf(it -> it.number() == edition.number());
        list.add(edition);
        return new Issue(seed, redrawn, list.size() > MOST_EDITIONS ? list.subList(1, list.size()) : list);
    }
}
