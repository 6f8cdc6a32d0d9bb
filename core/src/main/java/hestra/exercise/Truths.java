package hestra.exercise;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalInt;

import hestra.numbers.DecimalMark;
import hestra.task.Attempt;
import hestra.task.Truth;

/** What is right in a part, round by round: each worked out once. Used by one thread at a time. */
public final class Truths {

    private final Part part;
    private final DecimalMark mark;
    private final Map<OptionalInt, Truth> known = new HashMap<>();

    public Truths(Part part, DecimalMark mark) {
        this.part = part;
        this.mark = mark;
    }

    /** What is right in the data that an attempt was made on. */
    public Truth of(Attempt attempt) {
        return known.computeIfAbsent(attempt.round(), round -> part.inRound(round, mark).truth(mark));
    }
}
