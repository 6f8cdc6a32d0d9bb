package hestra.summary;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;

/**
 * A variable in a few numbers.
 *
 * <p>Quartiles are the medians of the lower and the upper half of the ordered values; with an odd number of values the
 * middle one belongs to neither half. With one value they are that value.
 *
 * @param n the number of values
 * @param sum Σv
 * @param sumOfSquares Σv²
 * @param mean Σv ÷ n
 * @param standardDeviation √(Σ(v − v̄)² ÷ (n − 1)); nothing when n = 1
 * @param standardDeviationOfAll √(Σ(v − v̄)² ÷ n)
 * @param least the least value
 * @param lowerQuartile see above
 * @param median the middle value, or the mean of the middle two
 * @param upperQuartile see above
 * @param greatest the greatest value
 * @see "D. S. Moore, G. P. McCabe, Introduction to the Practice of Statistics, section 1.2, for the rule of the quartiles"
 */
public record Summary(int n, double sum, double sumOfSquares, double mean, OptionalDouble standardDeviation,
        double standardDeviationOfAll, double least, double lowerQuartile, double median, double upperQuartile, double greatest) {

    /** The rule of the quartiles, for saying which was used. */
    public static final String QUARTILES =
            "Quartiles are the medians of the lower and the upper half; a middle value belongs to neither.";

    /** x of the pairs; nothing where there are none or the sum of squares leaves the range of a double. */
    public static Optional<Summary> ofX(Pairs pairs) {
        return of(pairs.xs().toArray(), counts(pairs));
    }

    /** y of the pairs; nothing where there are none or the sum of squares leaves the range of a double. */
    public static Optional<Summary> ofY(Pairs pairs) {
        return of(pairs.ys().toArray(), counts(pairs));
    }

    /** Finite values, each once; nothing where there are none or the sum of squares leaves the range of a double. */
    public static Optional<Summary> of(double... values) {
        return of(values, null);
    }

    private static int[] counts(Pairs pairs) {
        return pairs.hasCounts() ? IntStream.range(0, pairs.size()).map(pairs::count).toArray() : null;
    }

    private static Optional<Summary> of(double[] values, int[] counts) {
        if (values.length == 0) {
            return Optional.empty();
        }
        Ordered ordered = Ordered.of(values, counts);
        int n = ordered.n();
        double greatestSize = Math.max(Math.abs(ordered.at(0)), Math.abs(ordered.at(n - 1)));
        int power = greatestSize == 0 ? 0 : Math.getExponent(greatestSize) + 1;
        Accumulator sum = new Accumulator();
        Accumulator squares = new Accumulator();
        for (int i = 0; i < values.length; i++) {
            int count = counts == null ? 1 : counts[i];
            double value = Math.scalb(values[i], -power);
            sum.addProduct(value, count);
            squares.add(DoubleDouble.product(value, value).times(count));
        }
        DoubleDouble mean = sum.sum().dividedBy(n);
        Accumulator about = new Accumulator();
        for (int i = 0; i < values.length; i++) {
            about.add(mean.negated().plus(Math.scalb(values[i], -power)).squared().times(counts == null ? 1 : counts[i]));
        }
        DoubleDouble total = ordered.at(0) == ordered.at(n - 1) ? DoubleDouble.ZERO : about.sum();
        Summary summary = new Summary(n, sum.sum().scaled(power).toDouble(), squares.sum().scaled(2 * power).toDouble(),
                mean.scaled(power).toDouble(),
                n == 1 ? OptionalDouble.empty() : OptionalDouble.of(total.dividedBy(n - 1).sqrt().scaled(power).toDouble()),
                total.dividedBy(n).sqrt().scaled(power).toDouble(), ordered.at(0), ordered.median(0, n / 2),
                ordered.median(0, n), ordered.median(n - n / 2, n), ordered.at(n - 1));
        return Double.isFinite(summary.sumOfSquares) ? Optional.of(n == 1 ? summary.ofOne() : summary) : Optional.empty();
    }

    private Summary ofOne() {
        return new Summary(n, sum, sumOfSquares, mean, standardDeviation, standardDeviationOfAll, least, least, least, least,
                least);
    }

    /** Values in ascending order, each as often as it was observed, without writing them out. */
    private record Ordered(double[] values, int[] upTo) {

        static Ordered of(double[] values, int[] counts) {
            if (counts == null) {
                double[] sorted = values.clone();
                Arrays.sort(sorted);
                return new Ordered(sorted, null);
            }
            int[] order = IntStream.range(0, values.length).boxed().sorted(Comparator.comparingDouble(i -> values[i]))
                    .mapToInt(Integer::intValue).toArray();
            int[] upTo = IntStream.of(order).map(i -> counts[i]).toArray();
            Arrays.parallelPrefix(upTo, Integer::sum);
            return new Ordered(IntStream.of(order).mapToDouble(i -> values[i]).toArray(), upTo);
        }

        int n() {
            return upTo == null ? values.length : upTo[upTo.length - 1];
        }

        double at(int index) {
            if (upTo == null) {
                return values[index];
            }
            int found = Arrays.binarySearch(upTo, index + 1);
            return values[found >= 0 ? found : -found - 1];
        }

        /** The median of the values from one index to before another. */
        double median(int from, int to) {
            if (from >= to) {
                return at(Math.min(from, n() - 1));
            }
            int middle = (from + to) / 2;
            return (to - from) % 2 == 1 ? at(middle) : at(middle - 1) / 2 + at(middle) / 2;
        }
    }
}
