package hestra.overview;

/** How often something comes up by chance, in words. */
final class Chance {

    /** How far the share may lie from the probability, as a part of it. */
    private static final double NEAR = 0.05;
    private static final long RAREST = 1_000_000;

    private Chance() {}

    /** "about 3 times in 10,000", for a probability between 0 and 1; of as few as tell it well. */
    static String inWords(double p) {
        if (p > 1 - 1 / (2.0 * RAREST)) {
            return "every time";
        }
        long of = 10;
        while (of < RAREST && Math.abs(Math.round(p * of) - p * of) > NEAR * p * of) {
            of *= 10;
        }
        long times = Math.round(p * of);
        return times == 0 ? "less than once in a million times"
                : times == of ? "almost every time"
                : "about " + (times == 1 ? "once" : times + " times") + " in " + grouped(of);
    }

    private static String grouped(long number) {
        return number < 1000 ? Long.toString(number) : number < RAREST ? number / 1000 + ",000" : "a million";
    }
}
