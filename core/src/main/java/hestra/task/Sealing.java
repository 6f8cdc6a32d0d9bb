package hestra.task;

import java.util.List;
import java.util.Set;

/**
 * A task whose key was set by hand, taken apart: the task without its key, and the key in pieces, so that a copy can tell right
 * from wrong without saying what is right.
 *
 * @param blank the task with nothing in it that tells its key
 * @param pieces what the key asks of each piece of an answer, in the order of {@link Task#pieces}
 */
public record Sealing(Task blank, List<Piece> pieces) {

    /**
     * One piece of an answer.
     *
     * @param name what it is, such as "direction"; empty where the answer is one piece
     * @param right all that is right for it
     */
    public record Piece(String name, Set<String> right) {
        public Piece {
            right = Set.copyOf(right);
        }
    }

    public Sealing {
        pieces = List.copyOf(pieces);
    }
}
