package hestra.numbers;

import java.util.Random;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class TriangularFactorTest {

    private static TriangularFactor of(double[][] rows) {
        TriangularFactor factor = new TriangularFactor(rows[0].length);
        for (double[] row : rows) {
            factor.add(row, new double[row.length]);
        }
        return factor;
    }

    @Test
    void aThreeFourColumnHasLengthFive() {
        TriangularFactor factor = of(new double[][] {{3, 6}, {4, 8}});
        assertThat(Math.abs(factor.at(0, 0).toDouble())).isEqualTo(5);
        assertThat(Math.abs(factor.at(0, 1).toDouble())).isEqualTo(10);
        assertThat(factor.at(1, 1).toDouble()).as("the second column is twice the first").isEqualTo(0, within(1e-30));
    }

    @Test
    void theFactorTimesItselfIsTheMatrixTimesItselfHoweverManyBlocksThereAre() {
        Random random = new Random(5);
        double[][] rows = random.doubles(333 * 4L).boxed().collect(java.util.stream.Collectors.collectingAndThen(
                java.util.stream.Collectors.toList(), all -> {
                    double[][] cut = new double[333][4];
                    for (int i = 0; i < all.size(); i++) {
                        cut[i / 4][i % 4] = all.get(i);
                    }
                    return cut;
                }));
        TriangularFactor factor = of(rows);
        for (int a = 0; a < 4; a++) {
            for (int b = a; b < 4; b++) {
                Accumulator expected = new Accumulator();
                for (double[] row : rows) {
                    expected.addProduct(row[a], row[b]);
                }
                DoubleDouble found = DoubleDouble.ZERO;
                for (int i = 0; i <= a; i++) {
                    found = found.plus(factor.at(i, a).times(factor.at(i, b)));
                }
                assertThat(found.minus(expected.sum()).toDouble()).isEqualTo(0, within(1e-27));
            }
        }
    }

    @Test
    void aMatrixOfNothingHasAFactorOfNothing() {
        assertThat(of(new double[][] {{0, 0}, {0, 0}}).at(0, 1)).isEqualTo(DoubleDouble.ZERO);
    }

    @Test
    void anAccumulatorLosesNothingToLargeTermsThatCancel() {
        Accumulator sum = new Accumulator();
        for (double term : new double[] {1e16, 1, 0x1p-40, -1e16, -1}) {
            sum.add(term);
        }
        assertThat(sum.sum().toDouble()).isEqualTo(0x1p-40);
        Accumulator products = new Accumulator();
        products.addProduct(1e8 + 1, 1e8 - 1);
        products.add(-1e16);
        assertThat(products.sum().toDouble()).isEqualTo(-1);
    }
}
