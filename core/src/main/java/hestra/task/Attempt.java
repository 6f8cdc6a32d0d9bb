package hestra.task;

import java.util.Set;

/**
 * An answer that was checked, with what it rests on.
 *
 * @param answer as given
 * @param setAside the rows, from 0, that were set aside when it was given: a value may be read without them
 */
public record Attempt(Answer answer, Set<Integer> setAside) {
    public Attempt {
        setAside = Set.copyOf(setAside);
    }
}
