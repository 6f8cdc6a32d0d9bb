package hestra.benchmarks;

import java.io.IOException;
import java.util.Arrays;
import java.util.Collection;

/**
 * What benchmarks do with times: take them, and say the middle one, since another tenant of the machine makes some of them long.
 */
final class Times {

    private static final double MILLISECOND = 1e6;

    private Times() {}

    /** Something that is timed. */
    @FunctionalInterface
    interface Work {
        void run() throws IOException;
    }

    /** How many milliseconds something takes. */
    static double timed(Work work) throws IOException {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / MILLISECOND;
    }

    static double median(double[] times) {
        return median(Arrays.stream(times).boxed().toList());
    }

    /** The one in the middle; of an even number the later of both. */
    static double median(Collection<? extends Number> times) {
        return times.stream().mapToDouble(Number::doubleValue).sorted().skip(times.size() / 2).findFirst().orElseThrow();
    }
}
