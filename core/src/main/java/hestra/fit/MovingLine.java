package hestra.fit;

import hestra.data.Pairs;
import hestra.summary.PairSums;

/**
 * The line through pairs of which one is on the move: each place of it costs a fixed number of steps, however many points
 * there are, and gives the line that a full fit would give. The pairs are gone through again only where the point's new
 * place leaves too little of a sum for its digits to be trusted.
 */
public final class MovingLine {

    /** Where less than this share of a sum is left, taking the old place out may have cost it too many digits. */
    private static final double TINY = 1e-8;

    private final Pairs pairs;
    private final int moving;
    private final PairSums sums;
    private final Interval others;

    private MovingLine(Pairs pairs, int moving, PairSums sums, Interval others) {
        this.pairs = pairs;
        this.moving = moving;
        this.sums = sums;
        this.others = others;
    }

    /** Takes hold of the i-th of at least three pairs, observed once. */
    public static MovingLine of(Pairs pairs, int moving) {
        if (pairs.size() < 3 || pairs.count(moving) != 1) {
            throw new IllegalArgumentException(pairs.size() + " pairs, the " + moving + "-th observed " + pairs.count(moving)
                    + " times");
        }
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < pairs.size(); i++) {
            if (i != moving) {
                least = Math.min(least, pairs.x(i));
                greatest = Math.max(greatest, pairs.x(i));
            }
        }
        return new MovingLine(pairs, moving, PairSums.exactly(pairs), new Interval(least, greatest));
    }

    /** The line with the point at another place, at finite values. */
    public Fit at(double x, double y) {
        Interval support = new Interval(Math.min(others.low(), x), Math.max(others.high(), x));
        if (support.low() == support.high()) {
            return LeastSquares.line(pairs.withMoved(moving, x, y));
        }
        PairSums moved = sums.replaced(pairs.x(moving), pairs.y(moving), x, y);
        double sxx = moved.sxx().hi();
        double syy = moved.syy().hi();
        boolean tellsEnough = sxx > TINY * sums.sxx().hi() && syy > TINY * sums.syy().hi() && Double.isFinite(sxx)
                && Double.isFinite(syy)
                && 1 - moved.sxy().hi() / sxx * (moved.sxy().hi() / syy) > TINY;
        return tellsEnough
                ? LeastSquares.line(moved, support, () -> pairs.withMoved(moving, x, y))
                : LeastSquares.line(pairs.withMoved(moving, x, y));
    }
}
