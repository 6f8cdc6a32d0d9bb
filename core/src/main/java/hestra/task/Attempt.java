package hestra.task;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.DataTable;

/**
 * An answer that was checked, with what it rests on.
 *
 * @param answer as given
 * @param setAside the rows, from 0, that were set aside when it was given: a value may be read without them
 * @param round the round it was given in, from 1; nothing for the data as they were given out
 * @param hints how many helps had been asked for by then; nothing for none
 * @param own the equation that the student had checked by then, where a prediction may be made from it, right or wrong
 * @param basis tells the student's data as they stood then from others, see {@link DataTable#print}; nothing where that is not
 *     known
 * @param shown whether what was to be found had been shown for these data by then: such an answer counts for nothing; nothing for
 *     no
 */
public record Attempt(Answer answer, Set<Integer> setAside, OptionalInt round, OptionalInt hints, Optional<String> own,
        OptionalInt basis, Optional<Boolean> shown) {
    public Attempt {
        setAside = Set.copyOf(setAside);
        shown = shown.filter(it -> it);
    }

    /** An answer about the data as they were given out. */
    public Attempt(Answer answer, Set<Integer> setAside) {
        this(answer, setAside, OptionalInt.empty());
    }

    /** The same in a round. */
    public Attempt(Answer answer, Set<Integer> setAside, OptionalInt round) {
        this(answer, setAside, round, OptionalInt.empty(), Optional.empty(), OptionalInt.empty(), Optional.empty());
    }

    /** The same after so many helps. */
    public Attempt after(int helps) {
        return new Attempt(answer, setAside, round, helps == 0 ? OptionalInt.empty() : OptionalInt.of(helps), own, basis, shown);
    }

    /** The same, made with an equation of the student's own. */
    public Attempt from(Optional<String> equation) {
        return new Attempt(answer, setAside, round, hints, equation, basis, shown);
    }

    /** The same, given while the student's data stood so. */
    public Attempt on(DataTable table) {
        return new Attempt(answer, setAside, round, hints, own, OptionalInt.of(table.print()), shown);
    }

    /** The same, whatever the student's data were: what is right does not depend on them. */
    public Attempt onAnyData() {
        return new Attempt(answer, setAside, round, hints, own, OptionalInt.empty(), shown);
    }

    /** The same, given after what was to be found had been shown for these data. */
    public Attempt afterIsShown() {
        return new Attempt(answer, setAside, round, hints, own, basis, Optional.of(true));
    }

    /** Whether it says the same of the same as another, however many helps there were between them. */
    public boolean asksTheSameAs(Attempt other) {
        return answer.equals(other.answer) && setAside.equals(other.setAside) && round.equals(other.round)
                && own.equals(other.own);
    }
}
