package hestra.figure;

import java.util.Optional;

/** Gathers very many points into one mark. */
final class DensePoints {

    private static final double RADIUS = 1.9;
    private static final double OPACITY = 0.55;
    private static final double FAINTEST = 0.05;
    /** With more points than this each is fainter, so that the middle of the cloud still shows where it is densest. */
    private static final double MANY = 20_000;

    private final double[] xs;
    private final double[] ys;
    private int size;

    /** For at most so many. */
    DensePoints(int most) {
        xs = new double[most];
        ys = new double[most];
    }

    void add(double x, double y) {
        xs[size] = x;
        ys[size++] = y;
    }

    /** The mark; nothing where no point was gathered. */
    Optional<Mark> mark(Ink ink) {
        return size == 0 ? Optional.empty() : Optional.of(new Mark.Cloud(Places.of(xs, ys, size), RADIUS, ink,
                Math.clamp(OPACITY * Math.sqrt(MANY / size), FAINTEST, OPACITY)));
    }
}
