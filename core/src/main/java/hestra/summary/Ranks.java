package hestra.summary;

import java.util.Comparator;
import java.util.stream.IntStream;

import hestra.data.Pairs;

/** Ranks with mid-ranks: values that are equal share the mean of the ranks they take up. */
final class Ranks {

    private Ranks() {}

    /** The pairs with both variables replaced by their ranks. */
    static Pairs of(Pairs pairs) {
        int[] counts = IntStream.range(0, pairs.size()).map(pairs::count).toArray();
        return Pairs.of(ranks(pairs.xs().toArray(), counts), ranks(pairs.ys().toArray(), counts),
                pairs.hasCounts() ? counts : null);
    }

    private static double[] ranks(double[] values, int[] counts) {
        Integer[] order = IntStream.range(0, values.length).boxed()
                .sorted(Comparator.comparingDouble(i -> values[i])).toArray(Integer[]::new);
        double[] ranks = new double[values.length];
        long before = 0;
        for (int start = 0; start < order.length; ) {
            int end = start;
            long tied = 0;
            // By value, not by order: −0 and 0 are the same measurement.
            while (end < order.length && values[order[end]] == values[order[start]]) {
                tied += counts[order[end++]];
            }
            for (int k = start; k < end; k++) {
                ranks[order[k]] = before + (tied + 1) / 2.0;
            }
            before += tied;
            start = end;
        }
        return ranks;
    }
}
