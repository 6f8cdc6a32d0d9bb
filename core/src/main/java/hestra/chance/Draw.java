package hestra.chance;

import hestra.data.Pairs;
import hestra.fit.Fit;

/**
 * One draw: what a curve is fitted to instead of the pairs that there are.
 *
 * @param pairs what was dealt or drawn, or the new sample
 * @param times how often each of the pairs that there are was drawn, in their order; empty where none was drawn from them
 * @param fit the curve of these, or why there is none
 */
public record Draw(Pairs pairs, int[] times, Fit fit) {

    /** A draw that is not from the pairs that there are. */
    Draw(Pairs pairs, Fit fit) {
        this(pairs, new int[0], fit);
    }
}
