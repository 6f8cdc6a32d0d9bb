package hestra.numbers;

/**
 * The triangular factor R of a tall matrix, A = Q R, in double-double arithmetic and without keeping A: rows are taken in
 * block by block, and each block is folded into R by Householder reflections. With the response as the last column, R
 * holds everything that least squares needs: the factor of the explanatory columns, Qᵀy beside it, and in the last corner
 * the length of the residual vector, which is thereby never the difference of large sums.
 *
 * @see "G. H. Golub and C. F. Van Loan, Matrix Computations, 4th ed., section 5.2"
 * @see <a href="https://doi.org/10.1137/080731992">J. Demmel, L. Grigori, M. Hoemmen, J. Langou, Communication-optimal
 *     parallel and sequential QR and LU factorizations, SIAM J. Sci. Comput. 34 (2012), the sequential algorithm</a>
 */
public final class TriangularFactor {

    private static final int BLOCK = 64;

    private final int columns;
    private final double[][] factorHi;
    private final double[][] factorLo;
    /** The block, column by column. */
    private final double[][] blockHi;
    private final double[][] blockLo;
    private int rows;

    /** The factor of a matrix with no rows yet. */
    public TriangularFactor(int columns) {
        this.columns = columns;
        factorHi = new double[columns][columns];
        factorLo = new double[columns][columns];
        blockHi = new double[columns][BLOCK];
        blockLo = new double[columns][BLOCK];
    }

    /** Takes in a row given as unevaluated sums. */
    public void add(double[] hi, double[] lo) {
        for (int j = 0; j < columns; j++) {
            blockHi[j][rows] = hi[j];
            blockLo[j][rows] = lo[j];
        }
        if (++rows == BLOCK) {
            fold();
        }
    }

    /** The entry of R in a row and column from 0; above the diagonal or on it. */
    public DoubleDouble at(int row, int column) {
        if (rows > 0) {
            fold();
        }
        return new DoubleDouble(factorHi[row][column], factorLo[row][column]);
    }

    private void fold() {
        for (int j = 0; j < columns; j++) {
            reflect(j);
        }
        rows = 0;
    }

    /** Reflects so that only R's diagonal entry is left of column j. */
    private void reflect(int j) {
        Accumulator squares = new Accumulator();
        for (int i = 0; i < rows; i++) {
            squares.addProduct(blockHi[j][i], blockLo[j][i], blockHi[j][i], blockLo[j][i]);
        }
        DoubleDouble below = squares.sum();
        if (below.hi() == 0) {
            return;
        }
        DoubleDouble diagonal = new DoubleDouble(factorHi[j][j], factorLo[j][j]);
        DoubleDouble length = below.plus(diagonal.squared()).sqrt();
        DoubleDouble turned = diagonal.hi() > 0 ? length.negated() : length;
        // The reflecting vector is (diagonal − turned, block column); the signs differ, so nothing cancels.
        DoubleDouble first = diagonal.minus(turned);
        DoubleDouble twoOverSquare = DoubleDouble.of(2).dividedBy(below.plus(first.squared()));
        for (int k = j + 1; k < columns; k++) {
            Accumulator dot = new Accumulator();
            dot.addProduct(first.hi(), first.lo(), factorHi[j][k], factorLo[j][k]);
            for (int i = 0; i < rows; i++) {
                dot.addProduct(blockHi[j][i], blockLo[j][i], blockHi[k][i], blockLo[k][i]);
            }
            DoubleDouble share = dot.sum().times(twoOverSquare);
            DoubleDouble entry = new DoubleDouble(factorHi[j][k], factorLo[j][k]).minus(share.times(first));
            factorHi[j][k] = entry.hi();
            factorLo[j][k] = entry.lo();
            subtract(blockHi[k], blockLo[k], share, blockHi[j], blockLo[j]);
        }
        factorHi[j][j] = turned.hi();
        factorLo[j][j] = turned.lo();
    }

    /** target −= share · vector, without making objects. */
    private void subtract(double[] targetHi, double[] targetLo, DoubleDouble share, double[] vectorHi, double[] vectorLo) {
        double shareHi = share.hi();
        double shareLo = share.lo();
        for (int i = 0; i < rows; i++) {
            double p = shareHi * vectorHi[i];
            double error = Math.fma(shareHi, vectorHi[i], -p) + (shareHi * vectorLo[i] + shareLo * vectorHi[i]);
            double t = targetHi[i];
            double s = t - p;
            double bb = s - t;
            double rest = ((t - (s - bb)) - (p + bb)) + (targetLo[i] - error);
            double sum = s + rest;
            targetHi[i] = sum;
            targetLo[i] = rest - (sum - s);
        }
    }
}
