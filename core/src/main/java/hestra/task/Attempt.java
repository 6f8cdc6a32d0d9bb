package hestra.task;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * An answer that was checked, with what it rests on.
 *
 * @param answer as given
 * @param setAside the rows, from 0, that were set aside when it was given: a value may be read without them
 * @param round the round it was given in, from 1; nothing for the data as they were given out
 * @param hints how many helps had been asked for by then; nothing for none
 * @param own the equation that the student had checked by then, where a prediction may be made from it, right or wrong
 */
public record Attempt(Answer answer, Set<Integer> setAside, OptionalInt round, OptionalInt hints, Optional<String> own) {
    public Attempt {
        setAside = Set.copyOf(setAside);
    }

    /** An answer about the data as they were given out. */
    public Attempt(Answer answer, Set<Integer> setAside) {
        this(answer, setAside, OptionalInt.empty(), OptionalInt.empty(), Optional.empty());
    }

    /** The same in a round. */
    public Attempt(Answer answer, Set<Integer> setAside, OptionalInt round) {
        this(answer, setAside, round, OptionalInt.empty(), Optional.empty());
    }

    /** The same after so many helps. */
    public Attempt after(int helps) {
        return new Attempt(answer, setAside, round, helps == 0 ? OptionalInt.empty() : OptionalInt.of(helps), own);
    }

    /** The same, made with an equation of the student's own. */
    public Attempt from(Optional<String> equation) {
        return new Attempt(answer, setAside, round, hints, equation);
    }
}
