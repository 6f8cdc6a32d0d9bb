package hestra.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import hestra.data.Pairs;

/**
 * Finds a wave: for each frequency of a grid the best constant, sine and cosine follow by linear least squares; from the
 * frequencies that leave the least, all four coefficients are then fitted directly.
 *
 * <p>The grid runs from a third of a cycle over the range of x, in steps of an eighth, up to half a cycle for each step
 * between different x, and no further than {@value #MOST_CYCLES} cycles: faster waves are not looked for, and a wave of
 * which the data show less than a fifth is none.
 *
 * @see <a href="https://doi.org/10.1007/BF00648343">N. R. Lomb, Least-squares frequency analysis of unequally spaced data,
 *     Astrophysics and Space Science 39 (1976)</a>
 */
final class WaveFit {

    private static final double MOST_CYCLES = 40;
    private static final double STEP = 1.0 / 8;
    private static final double FIRST = 1.0 / 3;
    private static final int MOST_POINTS = 256;
    private static final int STARTS = 3;
    private static final double MUCH_MORE = 3;
    private static final double LEAST_SHARE = 1e-9;

    private record Start(double[] parameters, double left) {}

    private WaveFit() {}

    static Fit of(Pairs pairs) {
        Curve curve = new Curve.Wave();
        long distinct = pairs.xs().distinct().count();
        String tooFew = Domain.tooFew(pairs, curve, distinct);
        if (!tooFew.isEmpty()) {
            return new Fit.None(tooFew);
        }
        if (pairs.ys().distinct().limit(2).count() == 1) {
            return new Fit.None("All y are equal, so there is no wave to fit.");
        }
        Interval range = Interval.support(pairs);
        double half = range.high() / 2 - range.low() / 2;
        if (!Double.isFinite(half)) {
            return LeastSquares.TOO_LARGE;
        }
        Nonlinear.Oscillation form = new Nonlinear.Oscillation(range.low() / 2 + range.high() / 2, half);
        double cycles = Math.min(MOST_CYCLES, (distinct - 1) / 2.0);
        return DirectFit.best(curve, form, pairs, scaled -> starts(scaled, cycles), STARTS);
    }

    /** The frequencies that leave the least squares, the best first; those that leave much more than it are passed over. */
    private static List<double[]> starts(Pairs pairs, double mostCycles) {
        Grid grid = new Grid(pairs);
        List<Start> starts = new ArrayList<>();
        for (double cycles = FIRST; cycles <= mostCycles; cycles += STEP) {
            starts.add(grid.next());
        }
        List<Start> valleys = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            boolean least = (i == 0 || starts.get(i - 1).left >= starts.get(i).left)
                    && (i == starts.size() - 1 || starts.get(i + 1).left >= starts.get(i).left);
            if (least && Double.isFinite(starts.get(i).left)) {
                valleys.add(starts.get(i));
            }
        }
        valleys.sort(Comparator.comparingDouble(Start::left));
        return valleys.stream().limit(STARTS).filter(start -> start.left <= MUCH_MORE * valleys.getFirst().left).map(Start::parameters).toList();
    }

    /**
     * Goes through the frequencies. The angle at a point grows by the same step from one frequency to the next, so its sine
     * and cosine are turned, not computed anew. Where there are very many points, evenly taken ones stand for all.
     */
    private static final class Grid {
        private final double[] y;
        private final double[] count;
        private final double[] sin;
        private final double[] cos;
        private final double[] sinStep;
        private final double[] cosStep;
        private double frequency = FIRST * Math.PI;

        Grid(Pairs pairs) {
            int used = Math.min(pairs.size(), MOST_POINTS);
            y = new double[used];
            count = new double[used];
            sin = new double[used];
            cos = new double[used];
            sinStep = new double[used];
            cosStep = new double[used];
            for (int k = 0; k < used; k++) {
                int i = (int) ((long) k * pairs.size() / used);
                double u = pairs.x(i);
                y[k] = pairs.y(i);
                count[k] = pairs.count(i);
                // The range is 2 in u, so a cycle over the range is π per unit of u.
                sin[k] = Math.sin(frequency * u);
                cos[k] = Math.cos(frequency * u);
                sinStep[k] = Math.sin(STEP * Math.PI * u);
                cosStep[k] = Math.cos(STEP * Math.PI * u);
            }
        }

        /** The best constant, sine and cosine at the frequency in hand; turns to the next. */
        Start next() {
            double n = 0;
            double s = 0;
            double c = 0;
            double ss = 0;
            double sc = 0;
            double cc = 0;
            double sumY = 0;
            double sy = 0;
            double cy = 0;
            double yy = 0;
            for (int k = 0; k < y.length; k++) {
                double f = count[k];
                n += f;
                s += f * sin[k];
                c += f * cos[k];
                ss += f * sin[k] * sin[k];
                sc += f * sin[k] * cos[k];
                cc += f * cos[k] * cos[k];
                sumY += f * y[k];
                sy += f * sin[k] * y[k];
                cy += f * cos[k] * y[k];
                yy += f * y[k] * y[k];
                double turned = sin[k] * cosStep[k] + cos[k] * sinStep[k];
                cos[k] = cos[k] * cosStep[k] - sin[k] * sinStep[k];
                sin[k] = turned;
            }
            Start start = solved(new double[][] {{n, s, c, sumY}, {0, ss, sc, sy}, {0, 0, cc, cy}}, yy, frequency);
            frequency += STEP * Math.PI;
            return start;
        }

        private static Start solved(double[][] sums, double yy, double frequency) {
            double n = sums[0][0];
            double left = yy;
            for (int a = 0; a < 3; a++) {
                for (int b = a + 1; b < 3; b++) {
                    double factor = sums[a][b] / sums[a][a];
                    for (int c = b; c < 4; c++) {
                        sums[b][c] -= factor * sums[a][c];
                    }
                }
                left -= sums[a][3] / sums[a][a] * sums[a][3];
            }
            double[] found = new double[4];
            found[3] = frequency;
            for (int a = 2; a >= 0; a--) {
                double rest = sums[a][3];
                for (int b = a + 1; b < 3; b++) {
                    rest -= sums[a][b] * found[b];
                }
                found[a] = rest / sums[a][a];
            }
            boolean settled = Double.isFinite(found[0] + found[1] + found[2]) && sums[1][1] > LEAST_SHARE * n && sums[2][2] > LEAST_SHARE * n;
            return new Start(found, settled ? Math.max(0, left) : Double.POSITIVE_INFINITY);
        }
    }
}
