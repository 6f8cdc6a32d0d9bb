package hestra.working;

import java.util.List;

import hestra.Kelp;
import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.working.SumsWorking.Column;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class WorkingTest {

    private static final Pairs PAIRS = Pairs.of(new double[] {1, 2, 3, 6}, new double[] {2, 5, 5, 8});

    private static LineFit line(Pairs pairs) {
        return LeastSquares.line(pairs).line().orElseThrow();
    }

    @Test
    void everyColumnAndSumIsTheOneOnPaper() {
        SumsWorking working = SumsWorking.of(line(PAIRS), PAIRS).orElseThrow();
        SumsWorking.Row last = working.rows().getLast();
        assertThat(last.value(Column.XY)).isEqualTo(48);
        assertThat(last.value(Column.DEVIATION_X)).isEqualTo(3);
        assertThat(last.value(Column.PRODUCT)).isEqualTo(9);
        assertThat(working.sum(Column.X)).hasValue(12);
        assertThat(working.sum(Column.Y)).hasValue(20);
        assertThat(working.sum(Column.X_SQUARED)).hasValue(50);
        assertThat(working.sum(Column.Y_SQUARED)).hasValue(118);
        assertThat(working.sum(Column.XY)).hasValue(75);
        assertThat(working.sum(Column.DEVIATION_X_SQUARED)).hasValue(14);
        assertThat(working.sum(Column.DEVIATION_Y_SQUARED)).hasValue(18);
        assertThat(working.sum(Column.PRODUCT)).hasValue(15);
        assertThat(working.sum(Column.RESIDUAL)).as("no rounding shows").hasValue(0);
        assertThat(working.sum(Column.DEVIATION_Y)).hasValue(0);
        assertThat(working.sum(Column.RESIDUAL_SQUARED).orElseThrow()).isEqualTo(18 - 225 / 14.0, within(1e-14));
        assertThat(working.sum(Column.FITTED).orElseThrow()).isEqualTo(20, within(1e-13));
    }

    @Test
    void theStepsLeadFromTheSumsToTheLine() {
        SumsWorking working = SumsWorking.of(line(PAIRS), PAIRS).orElseThrow();
        assertThat(working.steps().stream().map(SumsWorking.Step::name))
                .containsSubsequence("mean of x", "Sxx", "Sxy", "slope", "intercept", "correlation");
        SumsWorking.Step slope = working.steps().stream().filter(step -> step.name().equals("slope")).findFirst().orElseThrow();
        assertThat(slope.value().orElseThrow()).isEqualTo(15 / 14.0, within(1e-15));
        assertThat(slope.formula()).contains("÷");
    }

    @Test
    void countsWeighInEverySum() {
        Pairs counted = Pairs.of(new double[] {1, 2}, new double[] {3, 5}, new int[] {4, 1});
        assertThat(SumsWorking.of(line(counted), counted).orElseThrow().sum(Column.XY)).hasValue(22);
    }

    @Test
    void entriesBeyondADoubleGiveNoWorking() {
        Pairs large = Pairs.of(new double[] {1e200, 2e200, 4e200}, new double[] {1, 2, 3});
        assertThat(SumsWorking.of(line(large), large)).isEmpty();
    }

    @Test
    void theMatricesAreThoseOfTheTextbook() {
        MatrixWorking working = MatrixWorking.of((LinearFit) LeastSquares.line(PAIRS), PAIRS).orElseThrow();
        assertThat(working.terms()).containsExactly("1", "x");
        assertThat(working.x()).isEqualTo(List.of(List.of(1.0, 1.0), List.of(1.0, 2.0), List.of(1.0, 3.0), List.of(1.0, 6.0)));
        assertThat(working.xx()).isEqualTo(List.of(List.of(4.0, 12.0), List.of(12.0, 50.0)));
        assertThat(working.xy()).containsExactly(20.0, 75.0);
        // The determinant is 4 · 50 − 12² = 56.
        assertThat(working.inverse().get(0).get(0)).isEqualTo(50 / 56.0, within(1e-15));
        assertThat(working.inverse().get(0).get(1)).isEqualTo(-12 / 56.0, within(1e-15));
        assertThat(working.inverse().get(1).get(1)).isEqualTo(4 / 56.0, within(1e-16));
        assertThat(working.hat().get(3).get(3)).isEqualTo(0.25 + 9 / 14.0, within(1e-15));
        assertThat(working.hat().get(0).get(3)).isEqualTo(0.25 - 6 / 14.0, within(1e-15));
    }

    @Test
    void theHatMatrixOfACurveIsItsOwnSquare() {
        MatrixWorking working = MatrixWorking.of((LinearFit) LeastSquares.fit(new Curve.Polynomial(2), PAIRS), PAIRS)
                .orElseThrow();
        assertThat(working.terms()).containsExactly("1", "x", "x²");
        List<List<Double>> hat = working.hat();
        for (int i = 0; i < 4; i++) {
            for (int j = 0; j < 4; j++) {
                double product = 0;
                for (int k = 0; k < 4; k++) {
                    product += hat.get(i).get(k) * hat.get(k).get(j);
                }
                assertThat(product).isEqualTo(hat.get(i).get(j), within(1e-14));
            }
        }
    }

    @Test
    void theHatMatrixGivesTheFittedValuesAndItsTraceCountsTheCoefficients() {
        LinearFit line = (LinearFit) LeastSquares.line(PAIRS);
        MatrixWorking working = MatrixWorking.of(line, PAIRS).orElseThrow();
        assertThat(working.trace()).isEqualTo(2, within(1e-14));
        assertThat(working.unevenness()).isLessThan(1e-15);
        for (int i = 0; i < PAIRS.size(); i++) {
            assertThat(working.fitted().get(i)).isEqualTo(line.fitted(PAIRS.x(i)).orElseThrow(), within(1e-13));
        }
        assertThat(MatrixWorking.of((LinearFit) LeastSquares.fit(new Curve.Polynomial(2), PAIRS), PAIRS).orElseThrow().trace())
                .isEqualTo(3, within(1e-13));
        List<List<Double>> uneven = List.of(List.of(0.5, 0.0), List.of(0.0, 1.0));
        MatrixWorking wrong = new MatrixWorking(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), uneven,
                List.of(4.0, 3.0));
        assertThat(wrong.unevenness()).as("0.5 · 0.5 − 0.5").isEqualTo(0.25);
        assertThat(wrong.fitted()).containsExactly(2.0, 3.0);
    }

    @Test
    void largeMatricesAreNotWrittenOut() {
        Pairs many = Pairs.of(Kelp.DAYS, Kelp.LENGTHS, new int[] {100, 100, 1, 1, 1});
        assertThat(MatrixWorking.of((LinearFit) LeastSquares.line(many), many)).isEmpty();
    }
}
