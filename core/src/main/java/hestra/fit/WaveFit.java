package hestra.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import hestra.data.Pairs;

/**
 * Finds a wave: for each frequency of a grid the best constant, sine and cosine follow by linear least squares; from the
 * frequencies that leave the least, all four coefficients are then fitted directly.
 *
 * <p>The grid runs from a third of a cycle over the range of x, in steps of a twelfth, up to half a cycle for each step
 * between different x, and no further than {@value #MOST_CYCLES} cycles: faster waves are not looked for.
 *
 * @see <a href="https://doi.org/10.1007/BF00648343">N. R. Lomb, Least-squares frequency analysis of unequally spaced data,
 *     Astrophysics and Space Science 39 (1976)</a>
 */
final class WaveFit {

    private static final double MOST_CYCLES = 40;
    private static final double STEP = 1.0 / 12;
    private static final double FIRST = 1.0 / 3;
    private static final int MOST_POINTS = 256;
    private static final int STARTS = 4;

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
        return DirectFit.best(curve, form, pairs, scaled -> starts(form, scaled, cycles));
    }

    private static List<double[]> starts(Nonlinear.Oscillation form, Pairs pairs, double mostCycles) {
        List<Start> grid = new ArrayList<>();
        for (double cycles = FIRST; cycles <= mostCycles; cycles += STEP) {
            // The range is 2 in u, so a cycle over the range is π per unit of u.
            grid.add(start(form, pairs, cycles * Math.PI));
        }
        List<Start> valleys = new ArrayList<>();
        for (int i = 0; i < grid.size(); i++) {
            boolean least = (i == 0 || grid.get(i - 1).left >= grid.get(i).left)
                    && (i == grid.size() - 1 || grid.get(i + 1).left >= grid.get(i).left);
            if (least && Double.isFinite(grid.get(i).left)) {
                valleys.add(grid.get(i));
            }
        }
        return valleys.stream().sorted(Comparator.comparingDouble(Start::left)).limit(STARTS).map(Start::parameters).toList();
    }

    /** The best constant, sine and cosine at one frequency, from evenly taken points where there are very many. */
    private static Start start(Nonlinear.Oscillation form, Pairs pairs, double frequency) {
        int used = Math.min(pairs.size(), MOST_POINTS);
        double[][] sums = new double[3][4];
        double yy = 0;
        for (int k = 0; k < used; k++) {
            int i = (int) ((long) k * pairs.size() / used);
            double angle = frequency * form.u(pairs.x(i));
            double[] row = {1, Math.sin(angle), Math.cos(angle), pairs.y(i)};
            for (int a = 0; a < 3; a++) {
                for (int b = a; b < 4; b++) {
                    sums[a][b] += pairs.count(i) * row[a] * row[b];
                }
            }
            yy += pairs.count(i) * row[3] * row[3];
        }
        double[] solved = new double[3];
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
        for (int a = 2; a >= 0; a--) {
            double rest = sums[a][3];
            for (int b = a + 1; b < 3; b++) {
                rest -= sums[a][b] * solved[b];
            }
            solved[a] = rest / sums[a][a];
        }
        boolean settled = Double.isFinite(solved[0] + solved[1] + solved[2]) && sums[1][1] > 1e-9 * used && sums[2][2] > 1e-9 * used;
        return new Start(new double[] {solved[0], solved[1], solved[2], frequency}, settled ? left : Double.POSITIVE_INFINITY);
    }
}
