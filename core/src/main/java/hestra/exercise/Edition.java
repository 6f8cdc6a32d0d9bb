package hestra.exercise;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An exercise as it was published once, kept so that hand-ins of it can still be marked when it has been changed.
 *
 * @param number from 1
 * @param variants how many variants were given out; 0 where all copies are the same
 * @param seed what the variants were drawn from
 * @param redrawn how often single variants had been drawn anew by then
 * @param parts its parts as they were
 * @param readers for whom copies were made by name; nothing where nobody was named
 */
public record Edition(int number, int variants, long seed, Map<Integer, Integer> redrawn, List<Part> parts,
        Optional<ClassList> readers) {

    /** The most editions that an exercise can have. */
    public static final int MOST = 1_000_000;

    /** An edition of which no copy was made by name. */
    public Edition(int number, int variants, long seed, Map<Integer, Integer> redrawn, List<Part> parts) {
        this(number, variants, seed, redrawn, parts, Optional.empty());
    }

    public Edition {
        redrawn = Map.copyOf(redrawn);
        parts = List.copyOf(parts);
        readers = readers.filter(it -> !it.isEmpty());
        if (number < 1 || number > MOST || variants < 0 || variants > Copy.MOST_VARIANTS || parts.isEmpty()) {
            throw new IllegalArgumentException("edition " + number + " of " + variants + " variants");
        }
    }

    /** Whether another edition asks the same of the same variants, however many of them there are. */
    public boolean isSameAs(Edition other) {
        return seed == other.seed && redrawn.equals(other.redrawn) && parts.equals(other.parts);
    }

    /** The same, of which so many variants have been given out by now. */
    public Edition ofAtLeast(int count) {
        return new Edition(number, Math.max(variants, count), seed, redrawn, parts, readers);
    }

    /** For whom copies were made by name. */
    public ClassList named() {
        return readers.orElse(ClassList.NONE);
    }

    /** The same, of which copies have been made for these too. */
    public Edition with(ClassList further) {
        return new Edition(number, variants, seed, redrawn, parts, Optional.of(named().and(further)));
    }

    /** The exercise as it was then. */
    public Exercise of(Exercise now) {
        return now.withParts(parts).with(new Issue(seed, redrawn, List.of()));
    }
}
