package hestra.fit;

import java.util.Optional;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;
import hestra.numbers.TriangularFactor;

/**
 * Least squares for a curve that is not linear in its parameters: Gauss–Newton steps from a triangular factor of the
 * analytic derivatives, damped while they do not lessen the sum of squares. It has converged when an undamped step changes
 * every parameter by less than 10⁻¹² of its size; after {@value #MOST_STEPS} steps without that it has not.
 *
 * @see <a href="https://doi.org/10.1137/0111030">D. W. Marquardt, An algorithm for least-squares estimation of nonlinear
 *     parameters, SIAM J. Appl. Math. 11 (1963)</a>
 */
final class LevenbergMarquardt {

    static final int MOST_STEPS = 200;

    private static final double CONVERGED = 1e-12;
    private static final double NEARLY_CONVERGED = 1e-9;
    private static final double FIRST_DAMPING = 1e-3;
    private static final double LEAST_DAMPING = 1e-14;
    private static final double MOST_DAMPING = 1e14;
    private static final double ROUNDING = 1e-14;
    private static final double SINGULAR = 1e-13;

    private final Nonlinear curve;
    private final Pairs pairs;
    private final int size;
    private double damping = FIRST_DAMPING;

    /**
     * Where it came to rest.
     *
     * @param parameters the parameters
     * @param sse the sum of squared residuals there
     * @param factor R of the derivatives there
     */
    record Minimum(double[] parameters, double sse, double[][] factor) {}

    private LevenbergMarquardt(Nonlinear curve, Pairs pairs) {
        this.curve = curve;
        this.pairs = pairs;
        this.size = curve.size();
    }

    /** The minimum that is reached from a start; nothing without convergence. */
    static Optional<Minimum> from(double[] start, Nonlinear curve, Pairs pairs) {
        return new LevenbergMarquardt(curve, pairs).run(start);
    }

    private Optional<Minimum> run(double[] start) {
        double[] at = start.clone();
        double sse = squares(at);
        double largestStep = Double.POSITIVE_INFINITY;
        for (int step = 0; step < MOST_STEPS && Double.isFinite(sse); step++) {
            double[][] factor = factor(at);
            Optional<double[]> plain = solve(factor, 0);
            if (plain.isPresent() && relative(plain.get(), at) < CONVERGED) {
                return Optional.of(new Minimum(at, sse, factor));
            }
            double[] next = null;
            while (next == null && damping < MOST_DAMPING) {
                Optional<double[]> change = solve(factor, damping);
                if (change.isPresent()) {
                    double[] tried = sum(at, change.get());
                    double triedSquares = squares(tried);
                    if (triedSquares <= sse * (1 + ROUNDING)) {
                        next = tried;
                        sse = triedSquares;
                        largestStep = relative(change.get(), at);
                    }
                }
                damping = next != null ? Math.max(LEAST_DAMPING, damping / 10) : damping * 10;
            }
            if (next == null) {
                // No step lessens the squares any more: the minimum, as far as doubles tell, where the last step was small.
                return largestStep < NEARLY_CONVERGED ? Optional.of(new Minimum(at, sse, factor)) : Optional.empty();
            }
            at = next;
        }
        return Optional.empty();
    }

    private double squares(double[] at) {
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            double residual = pairs.y(i) - curve.value(at, pairs.x(i));
            sum.addProduct(residual * pairs.count(i), residual);
        }
        double squares = sum.sum().toDouble();
        return Double.isNaN(squares) ? Double.POSITIVE_INFINITY : squares;
    }

    /** R of the derivatives with the residuals as the last column. */
    private double[][] factor(double[] at) {
        TriangularFactor factor = new TriangularFactor(size + 1);
        double[] row = new double[size + 1];
        double[] nothing = new double[size + 1];
        for (int i = 0; i < pairs.size(); i++) {
            curve.gradient(at, pairs.x(i), row);
            row[size] = pairs.y(i) - curve.value(at, pairs.x(i));
            double weight = Math.sqrt(pairs.count(i));
            for (int j = 0; weight != 1 && j <= size; j++) {
                row[j] *= weight;
            }
            factor.add(row, nothing);
        }
        return entries(factor);
    }

    private double[][] entries(TriangularFactor factor) {
        double[][] entries = new double[size + 1][size + 1];
        for (int i = 0; i <= size; i++) {
            for (int j = i; j <= size; j++) {
                DoubleDouble entry = factor.at(i, j);
                entries[i][j] = entry.toDouble();
            }
        }
        return entries;
    }

    /** The step that a damping asks for; nothing where the derivatives do not settle it. */
    private Optional<double[]> solve(double[][] factor, double by) {
        double[][] damped = factor;
        if (by > 0) {
            TriangularFactor grown = new TriangularFactor(size + 1);
            double[] nothing = new double[size + 1];
            for (int i = 0; i < size; i++) {
                grown.add(factor[i], nothing);
                double[] row = new double[size + 1];
                row[i] = Math.sqrt(by) * length(factor, i);
                grown.add(row, nothing);
            }
            damped = entries(grown);
        }
        double[] step = new double[size];
        for (int i = size - 1; i >= 0; i--) {
            if (!(Math.abs(damped[i][i]) > SINGULAR * length(damped, i))) {
                return Optional.empty();
            }
            double rest = damped[i][size];
            for (int j = i + 1; j < size; j++) {
                rest -= damped[i][j] * step[j];
            }
            step[i] = rest / damped[i][i];
        }
        return Optional.of(step);
    }

    private static double length(double[][] factor, int column) {
        double length = 0;
        for (int i = 0; i <= column; i++) {
            length = Math.hypot(length, factor[i][column]);
        }
        return length;
    }

    private static double[] sum(double[] at, double[] step) {
        double[] sum = at.clone();
        for (int j = 0; j < sum.length; j++) {
            sum[j] += step[j];
        }
        return sum;
    }

    /** The greatest change beside the size of what changes; a parameter near 0 is taken beside the greatest one. */
    private static double relative(double[] step, double[] at) {
        double greatest = 0;
        for (double value : at) {
            greatest = Math.max(greatest, Math.abs(value));
        }
        double relative = 0;
        for (int j = 0; j < at.length; j++) {
            relative = Math.max(relative, Math.abs(step[j]) / Math.max(Math.abs(at[j]), 1e-6 * greatest));
        }
        return Double.isNaN(relative) ? Double.POSITIVE_INFINITY : relative;
    }
}
