package hestra.numbers;

/** Makes numbers to begin chance from: neighbouring ones have nothing in common afterwards. */
public final class Mixing {

    /** By which SplitMix64 goes on: 2⁶⁴ divided by the golden ratio. */
    public static final long STEP = 0x9E3779B97F4A7C15L;

    private Mixing() {}

    /**
     * The mixing step of SplitMix64.
     *
     * @see "G. L. Steele, D. Lea, C. H. Flood, Fast splittable pseudorandom number generators, OOPSLA 2014"
     */
    public static long mixed(long number) {
        long z = number;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }
}
