package hestra.summary;

import java.util.List;

/**
 * Something in a table that looks wrong: told, never changed.
 *
 * @param kind what sort of thing
 * @param row the row it leads to, from 0
 * @param column the column it leads to, from 0
 * @param message what looks wrong and why, as a sentence; rows in it count from 1
 */
public record Suspicion(Kind kind, int row, int column, String message) {

    /** What sort of thing looks wrong. */
    public enum Kind {
        NOT_A_NUMBER,
        INCOMPLETE,
        UNEQUAL_LENGTHS,
        HEADING_INSIDE,
        IMPOSSIBLE,
        SCALE,
        FAR,
        SAME_PAIR,
        SLIPPED
    }

    /** Many of one kind in a few words, with the first of them to lead to. */
    static Suspicion several(List<Suspicion> alike, String message) {
        Suspicion first = alike.getFirst();
        return new Suspicion(first.kind, first.row, first.column, message);
    }
}
