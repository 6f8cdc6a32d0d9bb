package hestra.chance;

import java.util.SplittableRandom;

/**
 * Chance by numbers: each draw of each run has a stream of its own, so that any draw can be made again without those before it,
 * and the same run is the same on every machine.
 *
 * @see "G. L. Steele, D. Lea, C. H. Flood, Fast splittable pseudorandom number generators, OOPSLA 2014"
 */
final class Stream {

    private static final long GOLDEN = 0x9E3779B97F4A7C15L;

    private Stream() {}

    /** The stream of a draw: SplitMix64, begun at a place that is mixed from the two numbers. */
    static SplittableRandom of(long run, long draw) {
        return new SplittableRandom(seed(run, draw));
    }

    /** A number for something that begins its own stream from it. */
    static long seed(long run, long draw) {
        return mixed(mixed(run + GOLDEN) + draw * GOLDEN);
    }

    /** The mixing step of SplitMix64: neighbouring numbers have nothing in common afterwards. */
    private static long mixed(long number) {
        long z = number;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }
}
