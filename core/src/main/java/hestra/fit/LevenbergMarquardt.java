package hestra.fit;

import java.util.Optional;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;

/**
 * Least squares for a curve that is not linear in its parameters: Gauss–Newton steps from a triangular factor of the
 * analytic derivatives, damped while they do not lessen the sum of squares. It has converged when an undamped step changes
 * every parameter by less than 10⁻¹² of its size, or, where rounding forbids that, by less than 10⁻⁹ and no less than the
 * step before; after {@value #MOST_STEPS} steps without that it has not.
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
    private static final double NEAR_ZERO = 0.1;

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
        double before = Double.POSITIVE_INFINITY;
        for (int step = 0; step < MOST_STEPS && Double.isFinite(sse) && !curve.hasRunAway(at); step++) {
            double[][] factor = factor(at);
            Optional<double[]> plain = solve(factor, 0);
            double stillToGo = plain.isPresent() ? relative(plain.get(), at) : Double.POSITIVE_INFINITY;
            if (stillToGo < CONVERGED || stillToGo < NEARLY_CONVERGED && stillToGo > before / 2) {
                return Optional.of(new Minimum(at, sse, factor));
            }
            if (stillToGo < NEARLY_CONVERGED) {
                // So near, the squares no longer tell one step from another, but the derivatives do.
                before = stillToGo;
                at = sum(at, plain.orElseThrow());
                sse = squares(at);
                continue;
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
                    }
                }
                damping = next != null ? Math.max(LEAST_DAMPING, damping / 10) : damping * 10;
            }
            if (next == null) {
                return Optional.empty();
            }
            at = next;
        }
        return Optional.empty();
    }

    private double squares(double[] at) {
        return squares(at, curve, pairs);
    }

    /** The sum of squared residuals; infinite where the curve leaves the range of a double. */
    static double squares(double[] at, Nonlinear curve, Pairs pairs) {
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            double residual = pairs.y(i) - curve.value(at, pairs.x(i));
            sum.addProduct(residual * pairs.count(i), residual);
        }
        double squares = sum.sum().toDouble();
        return Double.isNaN(squares) ? Double.POSITIVE_INFINITY : squares;
    }

    /** R of the derivatives with the residuals as the last column, by Householder reflections in plain doubles. */
    private double[][] factor(double[] at) {
        double[][] columns = new double[size + 1][pairs.size()];
        double[] gradient = new double[size];
        for (int i = 0; i < pairs.size(); i++) {
            double residual = pairs.y(i) - curve.valueAndGradient(at, pairs.x(i), gradient);
            double weight = pairs.count(i) == 1 ? 1 : Math.sqrt(pairs.count(i));
            for (int j = 0; j < size; j++) {
                columns[j][i] = weight * gradient[j];
            }
            columns[size][i] = weight * residual;
        }
        return triangle(columns);
    }

    /** R of a matrix given by its columns, which are used up. */
    private double[][] triangle(double[][] columns) {
        int rows = columns[0].length;
        double[][] entries = new double[size + 1][size + 1];
        for (int j = 0; j < Math.min(size, rows); j++) {
            double[] column = columns[j];
            double squares = 0;
            for (int i = j; i < rows; i++) {
                squares += column[i] * column[i];
            }
            double length = column[j] > 0 ? -Math.sqrt(squares) : Math.sqrt(squares);
            entries[j][j] = length;
            double first = column[j] - length;
            double half = squares - length * column[j];
            column[j] = first;
            for (int k = j + 1; k <= size; k++) {
                double[] other = columns[k];
                double dot = 0;
                for (int i = j; i < rows; i++) {
                    dot += column[i] * other[i];
                }
                double share = half == 0 ? 0 : dot / half;
                for (int i = j; i < rows; i++) {
                    other[i] -= share * column[i];
                }
                entries[j][k] = other[j];
            }
        }
        return entries;
    }

    /** The step that a damping asks for; nothing where the derivatives do not settle it. */
    private Optional<double[]> solve(double[][] factor, double by) {
        double[][] damped = factor;
        if (by > 0) {
            double[][] columns = new double[size + 1][2 * size];
            for (int i = 0; i < size; i++) {
                for (int j = i; j <= size; j++) {
                    columns[j][i] = factor[i][j];
                }
                columns[i][size + i] = Math.sqrt(by) * length(factor, i);
            }
            damped = triangle(columns);
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

    /** The greatest change beside the size of what changes; one near 0 is taken beside a tenth of the greatest. */
    private static double relative(double[] step, double[] at) {
        double greatest = 0;
        for (double value : at) {
            greatest = Math.max(greatest, Math.abs(value));
        }
        double relative = 0;
        for (int j = 0; j < at.length; j++) {
            relative = Math.max(relative, Math.abs(step[j]) / Math.max(Math.abs(at[j]), NEAR_ZERO * greatest));
        }
        return Double.isNaN(relative) ? Double.POSITIVE_INFINITY : relative;
    }
}
