package hestra.fit;

import hestra.data.Pairs;

/** The derivatives of a curve by its parameters at its points, as their triangular factor: what standard errors come from. */
final class Tangent {

    private Tangent() {}

    /** R of the derivatives, by Householder reflections in plain doubles. */
    static double[][] factor(Nonlinear curve, double[] parameters, Pairs pairs) {
        int size = curve.size();
        int rows = pairs.size();
        double[][] columns = new double[size][rows];
        double[] gradient = new double[size];
        for (int i = 0; i < rows; i++) {
            curve.valueAndGradient(parameters, pairs.x(i), gradient);
            double weight = pairs.count(i) == 1 ? 1 : Math.sqrt(pairs.count(i));
            for (int j = 0; j < size; j++) {
                columns[j][i] = weight * gradient[j];
            }
        }
        double[][] factor = new double[size][size];
        for (int j = 0; j < Math.min(size, rows); j++) {
            double[] column = columns[j];
            double squares = 0;
            for (int i = j; i < rows; i++) {
                squares += column[i] * column[i];
            }
            double length = column[j] > 0 ? -Math.sqrt(squares) : Math.sqrt(squares);
            factor[j][j] = length;
            double half = squares - length * column[j];
            column[j] -= length;
            for (int k = j + 1; k < size; k++) {
                double[] other = columns[k];
                double dot = 0;
                for (int i = j; i < rows; i++) {
                    dot += column[i] * other[i];
                }
                double share = half == 0 ? 0 : dot / half;
                for (int i = j; i < rows; i++) {
                    other[i] -= share * column[i];
                }
                factor[j][k] = other[j];
            }
        }
        return factor;
    }

    /** |R⁻ᵀ g|². */
    static double whitened(double[][] factor, double[] gradient) {
        int p = factor.length;
        double[] solved = new double[p];
        double squares = 0;
        for (int j = 0; j < p; j++) {
            double rest = gradient[j];
            for (int i = 0; i < j; i++) {
                rest -= factor[i][j] * solved[i];
            }
            solved[j] = rest / factor[j][j];
            squares += solved[j] * solved[j];
        }
        return squares;
    }
}
