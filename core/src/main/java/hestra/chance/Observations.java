package hestra.chance;

import java.util.Comparator;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.summary.PairSums;

/**
 * The pairs, each as often as it was observed, and as distances from the two means.
 *
 * @param pairs the pairs as the fit has them
 * @param of the index of the pair that each observation is of
 * @param meanX x̄
 * @param meanY ȳ
 * @param dx x − x̄ of each observation
 * @param dy y − ȳ of each observation
 */
record Observations(Pairs pairs, int[] of, double meanX, double meanY, double[] dx, double[] dy) {

    static Observations of(Pairs pairs) {
        int[] of = each(pairs);
        PairSums sums = PairSums.of(pairs);
        double meanX = sums.meanX().toDouble();
        double meanY = sums.meanY().toDouble();
        return new Observations(pairs, of, meanX, meanY,
                IntStream.of(of).mapToDouble(i -> sums.meanX().negated().plus(pairs.x(i)).toDouble()).toArray(),
                IntStream.of(of).mapToDouble(i -> sums.meanY().negated().plus(pairs.y(i)).toDouble()).toArray());
    }

    /**
     * The index of the pair that each observation is of, in the order of x, and of y where x is the same: the same points give
     * the same run, in whatever order they stand in a table.
     */
    static int[] each(Pairs pairs) {
        return IntStream.range(0, pairs.size()).boxed()
                .sorted(Comparator.<Integer>comparingDouble(pairs::x).thenComparingDouble(pairs::y))
                .flatMapToInt(i -> IntStream.range(0, pairs.count(i)).map(_ -> i)).toArray();
    }

    int n() {
        return of.length;
    }

    double x(int observation) {
        return pairs.x(of[observation]);
    }

    double y(int observation) {
        return pairs.y(of[observation]);
    }
}
