package hestra.fit;

import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.numbers.Probability;

/**
 * A line or another polynomial that most points follow, whatever a few others do, and which those are.
 *
 * <p>It begins with the three quarters of the points that lie nearest to one curve (least trimmed squares) and takes in the
 * others, the nearest first, until the next one lies too far off for chance: at the level 0.01 for all points together. A point
 * that is off a line by less than a thirtieth of what the others span upward is never left out: no eye sees that; off another
 * polynomial, by less than a sixth: a curve bends in its own way.
 *
 * @param kept the points that follow it, by their places among the pairs, in order
 * @param apart those that do not
 * @see "P. J. Rousseeuw, Least median of squares regression, Journal of the American Statistical Association 79, 1984"
 * @see "A. C. Atkinson and M. Riani, Robust Diagnostic Regression Analysis, 2000, for the forward search"
 */
public record TrimmedFit(List<Integer> kept, List<Integer> apart) {

    /** Of fewer points none is said to stand apart. */
    private static final int FEWEST = 5;
    private static final int MOST_DEGREE = 3;
    private static final int MOST_STARTS = 600;
    private static final int MOST_LOOKED_AT = 240;
    private static final double SHARE = 0.75;
    private static final double LEVEL = 0.01;
    private static final double UNSEEN = 1.0 / 30;
    private static final double UNSEEN_AT_CURVE = 1.0 / 6;
    private static final int MOST_STEPS = 12;
    private static final int MOST_BATCHES = 100;
    private static final double SINGULAR = 1e-12;

    public TrimmedFit {
        kept = List.copyOf(kept);
        apart = List.copyOf(apart);
    }

    /** The points, measured by what they span so that neither axis matters. */
    private record Cloud(double[] x, double[] y) {
        static Cloud of(Pairs pairs) {
            Pairs within = pairs.withinOne();
            return new Cloud(within.xs().toArray(), within.ys().toArray());
        }

        int size() {
            return x.length;
        }

        /**
         * The coefficients, the constant first, of the polynomial of least squares through some of the points; null where there
         * is none. Numbers between −1 and 1 need no more care than doubles give.
         */
        double[] fitted(int degree, int[] some) {
            int size = degree + 1;
            double[][] sums = new double[size][size + 1];
            for (int i : some) {
                double[] powers = {1, x[i], x[i] * x[i], x[i] * x[i] * x[i]};
                for (int row = 0; row < size; row++) {
                    for (int column = 0; column < size; column++) {
                        sums[row][column] += powers[row] * powers[column];
                    }
                    sums[row][size] += powers[row] * y[i];
                }
            }
            return solved(sums);
        }

        private static double[] solved(double[][] rows) {
            int size = rows.length;
            double[] solution = new double[MOST_DEGREE + 1];
            for (int pivot = 0; pivot < size; pivot++) {
                for (int below = pivot + 1; below < size; below++) {
                    double factor = rows[below][pivot] / rows[pivot][pivot];
                    for (int column = pivot; column <= size; column++) {
                        rows[below][column] -= factor * rows[pivot][column];
                    }
                }
                if (!(rows[pivot][pivot] > SINGULAR * rows[0][0])) {
                    return null;
                }
            }
            for (int row = size - 1; row >= 0; row--) {
                double rest = rows[row][size];
                for (int column = row + 1; column < size; column++) {
                    rest -= rows[row][column] * solution[column];
                }
                solution[row] = rest / rows[row][row];
            }
            return solution;
        }

        double off(double[] curve, int i) {
            return Math.abs(y[i] - at(curve, x[i]));
        }

        /** Points by how far they lie from a curve, the nearest first. */
        int[] byDistance(double[] curve, int[] some) {
            return IntStream.of(some).boxed().sorted(Comparator.<Integer>comparingDouble(i -> off(curve, i))
                    .thenComparing(Comparator.naturalOrder())).mapToInt(Integer::intValue).toArray();
        }
    }

    /**
     * The points that follow a polynomial and those that do not; all follow it where there are fewer than {@value #FEWEST}, or
     * one more for each further degree, or no such curve.
     *
     * @param degree 1 to {@value #MOST_DEGREE}
     */
    public static TrimmedFit of(int degree, Pairs pairs) {
        if (degree < 1 || degree > MOST_DEGREE) {
            throw new IllegalArgumentException("degree " + degree);
        }
        int[] all = IntStream.range(0, pairs.size()).toArray();
        Cloud cloud = Cloud.of(pairs);
        Optional<int[]> core = pairs.size() < FEWEST + degree - 1 ? Optional.empty() : core(degree, cloud, all);
        return core.map(it -> forward(degree, cloud, it, all))
                .orElseGet(() -> new TrimmedFit(IntStream.of(all).boxed().toList(), List.of()));
    }

    /** The three quarters of the points that lie nearest to one curve. */
    private static Optional<int[]> core(int degree, Cloud cloud, int[] all) {
        int step = Math.max(1, cloud.size() / MOST_LOOKED_AT);
        int[] looked = IntStream.range(0, cloud.size()).filter(i -> i % step == 0).toArray();
        int few = Math.max(degree + 2, (int) Math.ceil(SHARE * looked.length));
        double[] best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int[] start : starts(degree + 1, looked)) {
            // The polynomial of least squares through as many points as it has coefficients passes through them.
            double[] through = cloud.fitted(degree, start);
            double squares = through == null ? Double.POSITIVE_INFINITY : squares(cloud, through, looked, few);
            if (squares < least) {
                least = squares;
                best = through;
            }
        }
        if (best == null) {
            return Optional.empty();
        }
        int size = Math.max(degree + 2, (int) Math.ceil(SHARE * all.length));
        double[] curve = best;
        int[] core = {};
        // Each step of taking the nearest and fitting those anew lowers the sum of squares.
        for (int i = 0; i < MOST_STEPS && curve != null; i++) {
            int[] nearest = IntStream.of(cloud.byDistance(curve, all)).limit(size).sorted().toArray();
            if (Arrays.equals(core, nearest)) {
                break;
            }
            core = nearest;
            curve = cloud.fitted(degree, core);
        }
        return curve == null ? Optional.empty() : Optional.of(core);
    }

    /** Sets of so many points: all there are, or many of them that are drawn always in the same way. */
    private static List<int[]> starts(int count, int[] among) {
        int n = among.length;
        if (count == 2 && n * (n - 1) / 2 <= MOST_STARTS) {
            return IntStream.range(0, n).boxed().flatMap(i -> IntStream.range(i + 1, n)
                    .mapToObj(j -> new int[] {among[i], among[j]})).toList();
        }
        Random drawn = new Random(n);
        return IntStream.range(0, MOST_STARTS).mapToObj(_ -> drawn.ints(0, n).distinct().limit(count).map(i -> among[i])
                .toArray()).toList();
    }

    private static double at(double[] c, double x) {
        return c[0] + x * (c[1] + x * (c[2] + x * c[3]));
    }

    /** The sum of the smallest squares of so many points. */
    private static double squares(Cloud cloud, double[] curve, int[] points, int few) {
        return IntStream.of(points).mapToDouble(i -> cloud.y[i] - at(curve, cloud.x[i]))
                .map(e -> e * e).sorted().limit(few).sum();
    }

    /** Takes in one point after the other, of many a few at a time, until the next one is too far off. */
    private static TrimmedFit forward(int degree, Cloud cloud, int[] core, int[] all) {
        int[] kept = core;
        int batch = Math.max(1, all.length / MOST_BATCHES);
        while (kept.length < all.length) {
            int[] inside = kept;
            double[] curve = cloud.fitted(degree, inside);
            int[] outside = IntStream.of(all).filter(i -> Arrays.binarySearch(inside, i) < 0).toArray();
            int[] next = curve == null
                    ? outside
                    : IntStream.of(cloud.byDistance(curve, outside)).limit(batch)
                    .filter(i -> !isFarOff(curve, cloud, inside, i, degree)).toArray();
            if (next.length == 0) {
                break;
            }
            kept = IntStream.concat(IntStream.of(inside), IntStream.of(next)).sorted().toArray();
        }
        int[] inside = kept;
        return new TrimmedFit(IntStream.of(inside).boxed().toList(), IntStream.of(all)
                .filter(i -> Arrays.binarySearch(inside, i) < 0).boxed().toList());
    }

    private static boolean isFarOff(double[] curve, Cloud cloud, int[] kept, int next, int degree) {
        DoubleSummaryStatistics span = IntStream.of(kept).mapToDouble(i -> cloud.y[i]).summaryStatistics();
        double off = cloud.off(curve, next);
        if (off <= (degree == 1 ? UNSEEN : UNSEEN_AT_CURVE) * (span.getMax() - span.getMin())) {
            return false;
        }
        int freedom = kept.length - degree - 1;
        double s = Math.sqrt(IntStream.of(kept).mapToDouble(i -> cloud.off(curve, i)).map(e -> e * e).sum() / freedom);
        return s == 0 || Probability.twoSidedT(off / s, freedom) < LEVEL / cloud.size();
    }
}
