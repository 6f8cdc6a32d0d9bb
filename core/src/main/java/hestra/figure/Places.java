package hestra.figure;

import java.util.Arrays;
import java.util.List;

/** Many places in a figure, in pixels; immutable, and equal where all of them are. */
public final class Places {

    private final double[] xs;
    private final double[] ys;

    private Places(double[] xs, double[] ys) {
        this.xs = xs;
        this.ys = ys;
    }

    /** The first so many of these pixels. */
    public static Places of(double[] xs, double[] ys, int count) {
        return new Places(Arrays.copyOf(xs, count), Arrays.copyOf(ys, count));
    }

    /** These pixels, an x and a y each. */
    static Places of(List<double[]> places) {
        return new Places(places.stream().mapToDouble(it -> it[0]).toArray(), places.stream().mapToDouble(it -> it[1]).toArray());
    }

    public int size() {
        return xs.length;
    }

    public double x(int index) {
        return xs[index];
    }

    public double y(int index) {
        return ys[index];
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Places it && Arrays.equals(xs, it.xs) && Arrays.equals(ys, it.ys);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(xs) * 31 + Arrays.hashCode(ys);
    }
}
