package hestra.fit;

import java.util.Arrays;

import hestra.data.Pairs;

/**
 * The sum of squares of a curve as a function of the one parameter that bends it, with all its other coefficients, in which it is
 * linear, at their best for each value of that one. So a search over several parameters becomes a search along a line.
 *
 * <p>The columns are made orthogonal one after another, the data with them, and what is left of the data are the residuals: small
 * squares beside large values are not found as a difference. Since at the best coefficients the residuals are orthogonal to
 * every column, the derivative of the squares by the rate needs the columns' derivatives alone.
 *
 * @see <a href="https://doi.org/10.1137/0710036">G. H. Golub and V. Pereyra, The differentiation of pseudo-inverses and nonlinear
 *     least squares problems whose variables separate, SIAM J. Numer. Anal. 10 (1973)</a>
 */
final class VariableProjection {

    /** What a column keeps of its length, at the least, when those before it are taken out; a smaller rest is rounding. */
    private static final double LEAST_REST = 1e-13;
    /** A vector that keeps this share of its length has lost no digits when something is taken out of it. */
    private static final double NOTHING_LOST = 0.7;

    /** Curves that are linear in all parameters but one, the rate. */
    interface Family {

        /** How many columns, each with a coefficient. */
        int size();

        /** The columns at a place, and their derivatives by the rate, up to mixtures of the columns themselves. */
        void columns(double rate, double u, double[] into, double[] bent);
    }

    /**
     * The curve at a rate.
     *
     * @param rate the rate
     * @param linear the best coefficient of each column
     * @param sse the squares that are left
     * @param slope the derivative of the squares by the rate
     */
    record Best(double rate, double[] linear, double sse, double slope) {}

    private final Family family;
    private final double[] u;
    private final double[] y;
    /** Roots of the counts. */
    private final double[] weights;

    VariableProjection(Family family, Pairs pairs) {
        this.family = family;
        this.u = pairs.xs().toArray();
        this.y = pairs.ys().toArray();
        this.weights = new double[u.length];
        for (int i = 0; i < u.length; i++) {
            weights[i] = pairs.count(i) == 1 ? 1 : Math.sqrt(pairs.count(i));
        }
    }

    Best at(double rate) {
        int p = family.size();
        int n = u.length;
        double[][] columns = new double[p][n];
        double[][] bends = new double[p][n];
        double[] row = new double[p];
        double[] bent = new double[p];
        double[] left = new double[n];
        for (int i = 0; i < n; i++) {
            family.columns(rate, u[i], row, bent);
            for (int j = 0; j < p; j++) {
                columns[j][i] = weights[i] * row[j];
                bends[j][i] = weights[i] * bent[j];
            }
            left[i] = weights[i] * y[i];
        }
        double[][] factor = new double[p][p];
        double[] projected = new double[p];
        for (int j = 0; j < p; j++) {
            orthogonalise(columns, j, factor);
            projected[j] = takeOut(columns[j], left);
            // Once more, for what rounding has left of it.
            projected[j] += takeOut(columns[j], left);
        }
        double[] linear = solve(factor, projected);
        double sse = 0;
        double slope = 0;
        for (int i = 0; i < n; i++) {
            sse += left[i] * left[i];
            double bend = 0;
            for (int j = 0; j < p; j++) {
                bend += linear[j] * bends[j][i];
            }
            slope -= 2 * left[i] * bend;
        }
        return new Best(rate, linear, Double.isNaN(sse) ? Double.POSITIVE_INFINITY : sse, slope);
    }

    /**
     * Takes the columns before it out of a column, once more where that was much of it since rounding is left behind, and makes
     * its length 1; a column that is a mixture of them becomes 0.
     */
    private static void orthogonalise(double[][] columns, int j, double[][] factor) {
        double whole = length(columns[j]);
        double rest = j == 0 ? whole : 0;
        for (int again = 0; again < 2 && !(rest > NOTHING_LOST * whole); again++) {
            for (int k = 0; k < j; k++) {
                factor[k][j] += takeOut(columns[k], columns[j]);
            }
            rest = length(columns[j]);
        }
        if (!(rest > LEAST_REST * whole)) {
            Arrays.fill(columns[j], 0);
            return;
        }
        factor[j][j] = rest;
        for (int i = 0; i < columns[j].length; i++) {
            columns[j][i] /= rest;
        }
    }

    /** Takes a direction of length 1 out of a vector; gives how much of it there was. */
    private static double takeOut(double[] direction, double[] from) {
        double dot = dot(direction, from);
        for (int i = 0; i < from.length; i++) {
            from[i] = Math.fma(-dot, direction[i], from[i]);
        }
        return dot;
    }

    private static double length(double[] vector) {
        return Math.sqrt(dot(vector, vector));
    }

    /** In four sums, so that none has to wait for the one before it. */
    private static double dot(double[] a, double[] b) {
        double first = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int i = 0;
        for (; i + 3 < a.length; i += 4) {
            first = Math.fma(a[i], b[i], first);
            second = Math.fma(a[i + 1], b[i + 1], second);
            third = Math.fma(a[i + 2], b[i + 2], third);
            fourth = Math.fma(a[i + 3], b[i + 3], fourth);
        }
        for (; i < a.length; i++) {
            first = Math.fma(a[i], b[i], first);
        }
        return first + second + (third + fourth);
    }

    private static double[] solve(double[][] factor, double[] right) {
        double[] solved = new double[right.length];
        for (int j = right.length - 1; j >= 0; j--) {
            double rest = right[j];
            for (int k = j + 1; k < right.length; k++) {
                rest -= factor[j][k] * solved[k];
            }
            solved[j] = factor[j][j] == 0 ? 0 : rest / factor[j][j];
        }
        return solved;
    }
}
