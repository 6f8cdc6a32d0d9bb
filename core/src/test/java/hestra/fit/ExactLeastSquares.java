package hestra.fit;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;

/**
 * Least squares in chosen powers of x by the normal equations in exact integer arithmetic: every double is a whole number
 * of a common smallest unit, the sums are whole numbers, and the equations are solved without fractions by Bareiss'
 * elimination. Slow and right; nothing here is shared with the program.
 */
final class ExactLeastSquares {

    private final int[] powers;
    private final int n;
    private final int xUnit;
    private final int yUnit;
    private final BigInteger[] right;
    private final BigInteger determinant;
    /** Adjugate of the normal matrix: its inverse times the determinant. */
    private final BigInteger[][] adjugate;
    private final BigInteger sumY;
    private final BigInteger sumYy;

    ExactLeastSquares(double[] x, double[] y, int... powers) {
        this(x, y, null, powers);
    }

    ExactLeastSquares(double[] x, double[] y, int[] counts, int[] powers) {
        this.powers = powers;
        this.n = counts == null ? x.length : Arrays.stream(counts).sum();
        this.xUnit = unit(x);
        this.yUnit = unit(y);
        int p = powers.length;
        BigInteger[][] normal = new BigInteger[p][p];
        right = new BigInteger[p];
        Arrays.fill(right, BigInteger.ZERO);
        for (BigInteger[] row : normal) {
            Arrays.fill(row, BigInteger.ZERO);
        }
        BigInteger sum = BigInteger.ZERO;
        BigInteger squares = BigInteger.ZERO;
        for (int i = 0; i < x.length; i++) {
            BigInteger xi = whole(x[i], xUnit);
            BigInteger yi = whole(y[i], yUnit);
            BigInteger count = BigInteger.valueOf(counts == null ? 1 : counts[i]);
            BigInteger[] row = Arrays.stream(powers).mapToObj(xi::pow).toArray(BigInteger[]::new);
            for (int a = 0; a < p; a++) {
                right[a] = right[a].add(row[a].multiply(yi).multiply(count));
                for (int b = 0; b < p; b++) {
                    normal[a][b] = normal[a][b].add(row[a].multiply(row[b]).multiply(count));
                }
            }
            sum = sum.add(yi.multiply(count));
            squares = squares.add(yi.multiply(yi).multiply(count));
        }
        sumY = sum;
        sumYy = squares;
        determinant = determinant(normal);
        adjugate = new BigInteger[p][p];
        for (int a = 0; a < p; a++) {
            for (int b = 0; b < p; b++) {
                BigInteger minor = determinant(without(normal, b, a));
                adjugate[a][b] = (a + b) % 2 == 0 ? minor : minor.negate();
            }
        }
    }

    private static int unit(double[] values) {
        return Arrays.stream(values).filter(v -> v != 0)
                .mapToInt(v -> Math.getExponent(v) - 52 + Long.numberOfTrailingZeros(Double.doubleToLongBits(v) | 1L << 52)).min()
                .orElse(0);
    }

    private static BigInteger whole(double value, int unit) {
        BigDecimal decimal = new BigDecimal(value);
        return (unit >= 0
                ? decimal.divide(new BigDecimal(BigInteger.TWO.pow(unit)))
                : decimal.multiply(new BigDecimal(BigInteger.TWO.pow(-unit))))
                .toBigIntegerExact();
    }

    private static BigInteger[][] without(BigInteger[][] matrix, int row, int column) {
        int p = matrix.length;
        BigInteger[][] minor = new BigInteger[p - 1][p - 1];
        for (int a = 0, i = 0; a < p; a++) {
            for (int b = 0, j = 0; b < p && a != row; b++) {
                if (b != column) {
                    minor[i][j++] = matrix[a][b];
                }
            }
            i += a == row ? 0 : 1;
        }
        return minor;
    }

    private static BigInteger determinant(BigInteger[][] given) {
        int p = given.length;
        BigInteger[][] m = Arrays.stream(given).map(BigInteger[]::clone).toArray(BigInteger[][]::new);
        BigInteger before = BigInteger.ONE;
        int sign = 1;
        for (int k = 0; k < p - 1; k++) {
            int pivot = k;
            while (pivot < p && m[pivot][k].signum() == 0) {
                pivot++;
            }
            if (pivot == p) {
                return BigInteger.ZERO;
            }
            if (pivot != k) {
                BigInteger[] row = m[k];
                m[k] = m[pivot];
                m[pivot] = row;
                sign = -sign;
            }
            for (int i = k + 1; i < p; i++) {
                for (int j = k + 1; j < p; j++) {
                    m[i][j] = m[i][j].multiply(m[k][k]).subtract(m[i][k].multiply(m[k][j])).divide(before);
                }
            }
            before = m[k][k];
        }
        BigInteger last = p == 0 ? BigInteger.ONE : m[p - 1][p - 1];
        return sign < 0 ? last.negate() : last;
    }

    private static Fraction twoTo(int power) {
        return power >= 0
                ? new Fraction(BigInteger.TWO.pow(power), BigInteger.ONE)
                : new Fraction(BigInteger.ONE, BigInteger.TWO.pow(-power));
    }

    private Fraction scaled(int k) {
        BigInteger sum = BigInteger.ZERO;
        for (int b = 0; b < powers.length; b++) {
            sum = sum.add(adjugate[k][b].multiply(right[b]));
        }
        return new Fraction(sum, determinant);
    }

    Fraction coefficient(int k) {
        return scaled(k).times(twoTo(yUnit - xUnit * powers[k]));
    }

    Fraction sse() {
        Fraction explained = Fraction.ZERO;
        for (int k = 0; k < powers.length; k++) {
            explained = explained.plus(scaled(k).times(new Fraction(right[k], BigInteger.ONE)));
        }
        return new Fraction(sumYy, BigInteger.ONE).minus(explained).times(twoTo(2 * yUnit));
    }

    Fraction sst() {
        return new Fraction(sumYy, BigInteger.ONE)
                .minus(new Fraction(sumY.multiply(sumY), BigInteger.valueOf(n))).times(twoTo(2 * yUnit));
    }

    Fraction rSquared() {
        return new Fraction(BigInteger.ONE, BigInteger.ONE).minus(sse().over(sst()));
    }

    BigDecimal residualStandardError() {
        return sse().over(n - powers.length).root();
    }

    BigDecimal standardError(int k) {
        return sse().over(n - powers.length).times(new Fraction(adjugate[k][k], determinant))
                .times(twoTo(-2 * xUnit * powers[k])).root();
    }
}
