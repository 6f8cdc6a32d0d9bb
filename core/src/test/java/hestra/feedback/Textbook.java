package hestra.feedback;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/** The textbook's formulas, in plain sums: what a mistake gives is worked out with these, apart from the program. */
record Textbook(double[] x, double[] y) {

    int n() {
        return x.length;
    }

    static double sum(double[] values) {
        return Arrays.stream(values).sum();
    }

    double meanX() {
        return sum(x) / n();
    }

    double meanY() {
        return sum(y) / n();
    }

    private double about(double[] a, double meanA, double[] b, double meanB) {
        return IntStream.range(0, n()).mapToDouble(i -> (a[i] - meanA) * (b[i] - meanB)).sum();
    }

    double sxx() {
        return about(x, meanX(), x, meanX());
    }

    double syy() {
        return about(y, meanY(), y, meanY());
    }

    double sxy() {
        return about(x, meanX(), y, meanY());
    }

    double slope() {
        return sxy() / sxx();
    }

    double intercept() {
        return meanY() - slope() * meanX();
    }

    double r() {
        return sxy() / Math.sqrt(sxx() * syy());
    }

    double rSquared() {
        return r() * r();
    }

    double adjusted() {
        return 1 - (1 - rSquared()) * (n() - 1) / (n() - 2);
    }

    double residual(int i) {
        return y[i] - intercept() - slope() * x[i];
    }

    double sse() {
        return IntStream.range(0, n()).mapToDouble(i -> residual(i) * residual(i)).sum();
    }

    double s() {
        return Math.sqrt(sse() / (n() - 2));
    }

    double deviationOfY() {
        return Math.sqrt(syy() / (n() - 1));
    }

    double at(double at) {
        return intercept() + slope() * at;
    }

    Textbook swapped() {
        return new Textbook(y, x);
    }

    Textbook without(int row) {
        return new Textbook(without(x, row), without(y, row));
    }

    private static double[] without(double[] values, int row) {
        return IntStream.range(0, values.length).filter(i -> i != row).mapToDouble(i -> values[i]).toArray();
    }

    Textbook with(double moreX, double moreY) {
        double[] xs = Arrays.copyOf(x, n() + 1);
        double[] ys = Arrays.copyOf(y, n() + 1);
        xs[n()] = moreX;
        ys[n()] = moreY;
        return new Textbook(xs, ys);
    }

    Textbook withY(int row, double value) {
        double[] ys = y.clone();
        ys[row] = value;
        return new Textbook(x, ys);
    }

    Textbook slipped() {
        return new Textbook(x, IntStream.range(0, n()).mapToDouble(i -> y[(i + n() - 1) % n()]).toArray());
    }

    Textbook sorted() {
        return new Textbook(x, Arrays.stream(y).sorted().toArray());
    }

    Textbook exchanged(int row) {
        return withY(row, y[row + 1]).withY(row + 1, y[row]);
    }

    Textbook mapped(DoubleUnaryOperator ofY) {
        return new Textbook(x, Arrays.stream(y).map(ofY).toArray());
    }

    /** a, b and c of the quadratic, by its normal equations about the mean of x. */
    double[] quadratic() {
        double[] u = Arrays.stream(x).map(it -> it - meanX()).toArray();
        double[][] m = new double[3][4];
        for (int i = 0; i < n(); i++) {
            double[] powers = {1, u[i], u[i] * u[i]};
            for (int j = 0; j < 3; j++) {
                for (int k = 0; k < 3; k++) {
                    m[j][k] += powers[j] * powers[k];
                }
                m[j][3] += powers[j] * y[i];
            }
        }
        for (int p = 0; p < 3; p++) {
            for (int j = 0; j < 3; j++) {
                double by = j == p ? 0 : m[j][p] / m[p][p];
                for (int k = 3; k >= p; k--) {
                    m[j][k] -= by * m[p][k];
                }
            }
        }
        double a = m[0][3] / m[0][0];
        double b = m[1][3] / m[1][1];
        double c = m[2][3] / m[2][2];
        double mean = meanX();
        return new double[] {a - b * mean + c * mean * mean, b - 2 * c * mean, c};
    }

    double rSquaredOfQuadratic() {
        double[] c = quadratic();
        double sse = IntStream.range(0, n()).mapToDouble(i -> Math.pow(y[i] - c[0] - c[1] * x[i] - c[2] * x[i] * x[i], 2)).sum();
        return 1 - sse / syy();
    }
}
