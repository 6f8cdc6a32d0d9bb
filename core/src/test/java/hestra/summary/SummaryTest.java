package hestra.summary;

import java.util.List;
import java.util.OptionalDouble;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class SummaryTest {

    private static Pairs pairs(double... alternating) {
        double[] x = new double[alternating.length / 2];
        double[] y = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            x[i] = alternating[2 * i];
            y[i] = alternating[2 * i + 1];
        }
        return Pairs.of(x, y);
    }

    @Test
    void theSummaryOfSevenShellsIsTheOneWorkedOutByHand() {
        Summary summary = Summary.of(7, 1, 3, 9, 5, 2, 8).orElseThrow();
        assertThat(summary.n()).isEqualTo(7);
        assertThat(summary.sum()).isEqualTo(35);
        assertThat(summary.sumOfSquares()).isEqualTo(233);
        assertThat(summary.mean()).isEqualTo(5);
        assertThat(summary.standardDeviation()).hasValueCloseTo(Math.sqrt(58 / 6.0), within(1e-15));
        assertThat(summary.standardDeviationOfAll()).isEqualTo(Math.sqrt(58 / 7.0), within(1e-15));
        assertThat(summary.least()).isEqualTo(1);
        assertThat(summary.lowerQuartile()).as("of 1, 2, 3").isEqualTo(2);
        assertThat(summary.median()).isEqualTo(5);
        assertThat(summary.upperQuartile()).as("of 7, 8, 9").isEqualTo(8);
        assertThat(summary.greatest()).isEqualTo(9);
    }

    @Test
    void quartilesOfAnEvenNumberAreTheMediansOfTheHalves() {
        Summary summary = Summary.of(1, 2, 3, 4, 5, 6, 7, 8).orElseThrow();
        assertThat(summary.lowerQuartile()).isEqualTo(2.5);
        assertThat(summary.median()).isEqualTo(4.5);
        assertThat(summary.upperQuartile()).isEqualTo(6.5);
    }

    @Test
    void oneValueIsAllThatCanBeSaidOfIt() {
        Summary summary = Summary.of(4).orElseThrow();
        assertThat(summary.standardDeviation()).isEmpty();
        assertThat(List.of(summary.lowerQuartile(), summary.median(), summary.upperQuartile())).containsOnly(4.0);
        assertThat(Summary.of()).isEmpty();
        assertThat(Summary.of(1e200, 2e200)).as("squares beyond a double").isEmpty();
    }

    @Test
    void yearsKeepTheDigitsOfTheirSpread() {
        Summary summary = Summary.of(1e9 + 0.25, 1e9 + 0.5, 1e9 + 0.75).orElseThrow();
        assertThat(summary.standardDeviation()).hasValueCloseTo(0.25, within(1e-17));
    }

    @Test
    void countsStandForRepeatedRows() {
        Pairs counted = Pairs.of(new double[] {2, 5, 9}, new double[] {1, 4, 2}, new int[] {3, 1, 2});
        Pairs writtenOut = pairs(2, 1, 2, 1, 2, 1, 5, 4, 9, 2, 9, 2);
        assertThat(Summary.ofX(counted)).isEqualTo(Summary.ofX(writtenOut));
        assertThat(Summary.ofY(counted)).isEqualTo(Summary.ofY(writtenOut));
        Association association = Association.of(counted).orElseThrow();
        Association expected = Association.of(writtenOut).orElseThrow();
        assertThat(association.r()).hasValueCloseTo(expected.r().orElseThrow(), within(1e-15));
        assertThat(association.spearman()).hasValueCloseTo(expected.spearman().orElseThrow(), within(1e-15));
        assertThat(association.sumOfProducts()).isEqualTo(expected.sumOfProducts());
    }

    @Test
    void associationIsTheOneWorkedOutByHand() {
        Association association = Association.of(pairs(1, 2, 2, 4, 3, 3, 4, 7)).orElseThrow();
        assertThat(association.sumOfProducts()).isEqualTo(47);
        assertThat(association.sxx()).isEqualTo(5);
        assertThat(association.syy()).isEqualTo(14);
        assertThat(association.sxy()).isEqualTo(7);
        assertThat(association.covariance()).isEqualTo(7 / 3.0, within(1e-15));
        assertThat(association.covarianceOfAll()).isEqualTo(1.75);
        assertThat(association.r()).hasValueCloseTo(7 / Math.sqrt(70), within(1e-15));
        // t² = r² · 2 ÷ (1 − r²) = 49 · 2 ÷ 21; with 2 degrees of freedom p is 1 − t ÷ √(2 + t²).
        assertThat(association.p()).hasValueCloseTo(1 - Math.sqrt(98 / 21.0) / Math.sqrt(2 + 98 / 21.0), within(1e-14));
        assertThat(association.spearman()).as("ranks 1 3 2 4: 1 − 6·2 ÷ 60").hasValueCloseTo(0.8, within(1e-15));
        double[] interval = association.intervalOfR(0.95).orElseThrow();
        double z = 0.5 * Math.log((1 + 7 / Math.sqrt(70)) / (1 - 7 / Math.sqrt(70)));
        assertThat(interval[0]).isEqualTo(Math.tanh(z - 1.959963984540054), within(1e-12));
        assertThat(interval[1]).isEqualTo(Math.tanh(z + 1.959963984540054), within(1e-12));
    }

    @Test
    void equalValuesShareTheMeanOfTheirRanks() {
        // y = 5, 5, 5, 9 has the ranks 2, 2, 2, 4; x the ranks 1, 2, 3, 4: Sxy = 3, Sxx = 5, Syy = 3.
        assertThat(Association.of(pairs(1, 5, 2, 5, 3, 5, 4, 9)).orElseThrow().spearman())
                .hasValueCloseTo(3 / Math.sqrt(15), within(1e-15));
    }

    @Test
    void whereOneVariableDoesNotVaryThereIsNoCorrelation() {
        Association flat = Association.of(pairs(1, 5, 2, 5, 3, 5)).orElseThrow();
        assertThat(flat.r()).isEmpty();
        assertThat(flat.p()).isEmpty();
        assertThat(flat.spearman()).isEmpty();
        assertThat(flat.intervalOfR(0.9)).isEmpty();
        assertThat(Association.of(pairs(1, 5))).isEmpty();
        Association exact = Association.of(pairs(1, 1, 2, 2, 3, 3, 4, 4)).orElseThrow();
        assertThat(exact.r()).hasValue(1);
        assertThat(exact.p()).isEmpty();
        assertThat(exact.intervalOfR(0.9)).isEmpty();
    }

    @Test
    void theMatrixTakesThePairsThatAreCompleteInEachTwoColumns() {
        DataTable table = new DataTable(List.of(Variable.named("width"), Variable.named("mass"), Variable.named("note")), List.of(
                row("1", "2", "a"), row("2", "4", ""), row("3", "6", "b"), row("4", "", "c")));
        CorrelationMatrix matrix = CorrelationMatrix.of(table, List.of(0, 1, 2));
        assertThat(matrix.entries().get(0).get(1)).hasValue(1);
        assertThat(matrix.entries().get(1).get(0)).hasValue(1);
        assertThat(matrix.entries().get(0).get(0)).hasValue(1);
        assertThat(matrix.entries().get(0).get(2)).isEqualTo(OptionalDouble.empty());
        assertThat(matrix.counts()).isEqualTo(List.of(List.of(4, 3, 0), List.of(3, 3, 0), List.of(0, 0, 0)));
    }

    @Test
    void replacingAPairGivesTheSumsOfTheReplacedPairs() {
        Pairs pairs = pairs(1e9 + 1, 2, 1e9 + 2, 4.5, 1e9 + 5, 3, 1e9 + 7, 7);
        PairSums moved = PairSums.exactly(pairs).replaced(1e9 + 5, 3, 1e9 + 4, -6);
        PairSums expected = PairSums.exactly(pairs.withMoved(2, 1e9 + 4, -6));
        assertThat(moved.sxx().minus(expected.sxx()).toDouble()).isEqualTo(0, within(1e-25));
        assertThat(moved.sxy().minus(expected.sxy()).toDouble()).isEqualTo(0, within(1e-25));
        assertThat(moved.meanX().minus(expected.meanX()).toDouble()).isEqualTo(0, within(1e-20));
    }

    private static Row row(String... texts) {
        return Row.of(java.util.Arrays.stream(texts).map(text -> Cell.of(text, DecimalMark.POINT)).toArray(Cell[]::new));
    }
}
