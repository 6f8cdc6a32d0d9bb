package hestra.chance;

import java.util.SplittableRandom;

import hestra.numbers.Mixing;

/**
 * Chance by numbers: each draw of each run has a stream of its own, so that any draw can be made again without those before it,
 * and the same run is the same on every machine.
 *
 * @see "G. L. Steele, D. Lea, C. H. Flood, Fast splittable pseudorandom number generators, OOPSLA 2014"
 */
final class Stream {

    private Stream() {}

    /** The stream of a draw: SplitMix64, begun at a place that is mixed from the two numbers. */
    static SplittableRandom of(long run, long draw) {
        return new SplittableRandom(seed(run, draw));
    }

    /** A number for something that begins its own stream from it. */
    static long seed(long run, long draw) {
        return Mixing.mixed(Mixing.mixed(run + Mixing.STEP) + draw * Mixing.STEP);
    }

    /** Deals values out anew to the places that they stand in, as a draw of a run does. */
    static void deal(double[] values, long run, long draw) {
        SplittableRandom random = of(run, draw);
        for (int i = values.length - 1; i > 0; i--) {
            int other = random.nextInt(i + 1);
            double kept = values[other];
            values[other] = values[i];
            values[i] = kept;
        }
    }
}
