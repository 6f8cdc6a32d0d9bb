package hestra.task;

import java.util.OptionalInt;
import java.util.Set;

/**
 * An answer that was checked, with what it rests on.
 *
 * @param answer as given
 * @param setAside the rows, from 0, that were set aside when it was given: a value may be read without them
 * @param round the round it was given in, from 1; nothing for the data as they were given out
 * @param hints how many helps had been asked for by then; nothing for none
 */
public record Attempt(Answer answer, Set<Integer> setAside, OptionalInt round, OptionalInt hints) {
    public Attempt {
        setAside = Set.copyOf(setAside);
    }

    /** An answer about the data as they were given out. */
    public Attempt(Answer answer, Set<Integer> setAside) {
        this(answer, setAside, OptionalInt.empty(), OptionalInt.empty());
    }

    /** The same in a round. */
    public Attempt(Answer answer, Set<Integer> setAside, OptionalInt round) {
        this(answer, setAside, round, OptionalInt.empty());
    }

    /** The same after so many helps. */
    public Attempt after(int helps) {
        return new Attempt(answer, setAside, round, helps == 0 ? OptionalInt.empty() : OptionalInt.of(helps));
    }
}
