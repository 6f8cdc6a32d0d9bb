package hestra.task;

import java.util.Optional;
import java.util.Set;

/**
 * What chance did, and what was read off it and said of it.
 *
 * @param run how far chance had been played; nothing where it had not
 * @param without the rows of the printed table, from 0, whose points took no part
 * @param given whether all other points were those of the printed table
 * @param low the number that was read, or the lower end, as typed
 * @param high the upper end, as typed; empty where none is asked
 * @param meaning what it says
 * @param conclusion what follows
 */
public record Played(Optional<ChancePlayed> run, Set<Integer> without, boolean given, String low, String high,
        Optional<ChanceMeaning> meaning, Optional<ChanceConclusion> conclusion) implements Answer {

    public static final Played NOTHING = new Played(Optional.empty(), Set.of(), true, "", "", Optional.empty(),
            Optional.empty());

    public Played {
        without = Set.copyOf(without);
    }

    @Override
    public boolean isBlank() {
        return low.isBlank() && high.isBlank() && meaning.isEmpty() && conclusion.isEmpty();
    }

    /** What was typed and said, with the run as it stands now. */
    Played of(Optional<ChancePlayed> now, Set<Integer> leftOut, boolean ofGiven) {
        return new Played(now, leftOut, ofGiven, low, high, meaning, conclusion);
    }

    /** What was said without the run, which is found anew. */
    public Played withLow(String typed) {
        return new Played(Optional.empty(), Set.of(), true, typed, high, meaning, conclusion);
    }

    public Played withHigh(String typed) {
        return new Played(Optional.empty(), Set.of(), true, low, typed, meaning, conclusion);
    }

    public Played with(ChanceMeaning chosen) {
        return new Played(Optional.empty(), Set.of(), true, low, high, Optional.of(chosen), conclusion);
    }

    public Played with(ChanceConclusion chosen) {
        return new Played(Optional.empty(), Set.of(), true, low, high, meaning, Optional.of(chosen));
    }
}
