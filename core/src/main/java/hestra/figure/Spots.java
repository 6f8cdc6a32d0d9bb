package hestra.figure;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.figure.Figure.Spot;

/**
 * Where the points of a figure stand, in the order of the table: a hundred thousand of them are kept and searched in a moment.
 */
public final class Spots {

    /** No points. */
    public static final Spots NONE = new Builder(0).done();

    private final int[] rows;
    private final double[] xs;
    private final double[] ys;

    private Spots(int[] rows, double[] xs, double[] ys) {
        this.rows = rows;
        this.xs = xs;
        this.ys = ys;
    }

    /** Gathers spots. */
    static final class Builder {
        private final int[] rows;
        private final double[] xs;
        private final double[] ys;
        private int size;

        /** For at most so many. */
        Builder(int most) {
            rows = new int[most];
            xs = new double[most];
            ys = new double[most];
        }

        void add(int row, double x, double y) {
            rows[size] = row;
            xs[size] = x;
            ys[size++] = y;
        }

        Spots done() {
            return new Spots(Arrays.copyOf(rows, size), Arrays.copyOf(xs, size), Arrays.copyOf(ys, size));
        }
    }

    public int size() {
        return rows.length;
    }

    /** The spot at an index. */
    public Spot get(int index) {
        return new Spot(rows[index], xs[index], ys[index]);
    }

    public Stream<Spot> stream() {
        return IntStream.range(0, size()).mapToObj(this::get);
    }

    /** Where the point of a row stands; nothing where it is not shown. */
    public Optional<Spot> ofRow(int row) {
        int index = Arrays.binarySearch(rows, row);
        return index < 0 ? Optional.empty() : Optional.of(get(index));
    }

    /** The spot nearest to a pixel, no further off than {@code reach}; of several as near the last one drawn. */
    Optional<Spot> nearest(double px, double py, double reach) {
        int best = -1;
        double least = reach * reach;
        for (int i = 0; i < xs.length; i++) {
            double distance = (xs[i] - px) * (xs[i] - px) + (ys[i] - py) * (ys[i] - py);
            if (distance <= least) {
                least = distance;
                best = i;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(get(best));
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Spots it && Arrays.equals(rows, it.rows) && Arrays.equals(xs, it.xs)
                && Arrays.equals(ys, it.ys);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(xs) * 31 + Arrays.hashCode(ys);
    }
}
