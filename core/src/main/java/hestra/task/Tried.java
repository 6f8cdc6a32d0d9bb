package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What moves of points did.
 *
 * @param seen the states in which a single point had been moved, oldest first
 * @param amounts by how much each move changed the value, as typed, in the order of the task's moves
 * @param most the move that changed it most, from 0
 * @param reason why
 */
public record Tried(List<Seen> seen, List<String> amounts, OptionalInt most, Optional<TryReason> reason) implements Answer {
    public static final Tried NOTHING = new Tried(List.of(), List.of(), OptionalInt.empty(), Optional.empty());

    public Tried {
        seen = List.copyOf(seen);
        amounts = List.copyOf(amounts);
    }

    @Override
    public boolean isBlank() {
        return amounts.stream().allMatch(String::isBlank) && most.isEmpty() && reason.isEmpty();
    }

    /** What was typed for a move; empty where nothing was. */
    public String amount(int move) {
        return move < amounts.size() ? amounts.get(move) : "";
    }

    /** What was said, without the states: those are found anew. */
    public Tried with(int move, String amount) {
        List<String> changed = new ArrayList<>(amounts);
        while (changed.size() <= move) {
            changed.add("");
        }
        changed.set(move, amount);
        return new Tried(List.of(), changed, most, reason);
    }

    public Tried withMost(int move) {
        return new Tried(List.of(), amounts, OptionalInt.of(move), reason);
    }

    public Tried with(TryReason why) {
        return new Tried(List.of(), amounts, most, Optional.of(why));
    }
}
