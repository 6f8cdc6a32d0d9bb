package hestra.documents.page;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Expected numbers by hand: for (0, 3), (1, 1), (2, 2) x̄ = 1, ȳ = 2, Sxx = 2, Sxy = −1, b = −0.5, a = 2.5. */
class WorkingTextTest {

    private static final Pairs THREE = Pairs.of(new double[] {0, 1, 2}, new double[] {3, 1, 2});
    private static final LineFit LINE = LeastSquares.line(THREE).line().orElseThrow();

    @Test
    void theUnfoldedColumnsStandAboveTheirSumsAndSteps() {
        String text = WorkingText.sums(SumsWorking.of(LINE, THREE).orElseThrow(), 6, "days", "length", NumberStyle.STANDARD);
        assertThat(text.lines().limit(5)).containsExactly(
                "row\tdays\tlength\tx − x̄\ty − ȳ\t(x − x̄)²\t(x − x̄)(y − ȳ)",
                "1\t0\t3\t-1\t1\t1\t-1",
                "2\t1\t1\t0\t-1\t0\t0",
                "3\t2\t2\t1\t0\t1\t0",
                "Σ\t3\t6\t0\t0\t2\t-1");
        assertThat(text.lines().filter(line -> line.startsWith("slope"))).singleElement()
                .satisfies(line -> assertThat(line).endsWith("\t-0.5"));
    }

    @Test
    void valuesStandAsTheyWereMeasuredAndSumsWithAllTheirDigits() {
        Pairs long5 = Pairs.of(new double[] {101.12345, 250.5, 390.25}, new double[] {3, 1, 2});
        SumsWorking working = SumsWorking.of(LeastSquares.line(long5).line().orElseThrow(), long5).orElseThrow();
        NumberStyle style = NumberStyle.STANDARD;
        assertThat(working.rows().getFirst().shown(SumsWorking.Column.X, style)).isEqualTo("101.12345");
        assertThat(working.rows().getFirst().shown(SumsWorking.Column.DEVIATION_X, style)).isEqualTo("\u2212146.17");
        assertThat(working.shownSum(SumsWorking.Column.X, style)).isEqualTo("741.87345");
        assertThat(working.steps().getFirst().shown(style)).isEqualTo("x̄ = Σx ÷ n ≈ 247.3");
        assertThat(working.steps().get(1).shown(style)).isEqualTo("ȳ = Σy ÷ n = 2.000");
    }

    @Test
    void whatIsFoldedIsNotCopied() {
        String text = WorkingText.sums(SumsWorking.of(LINE, THREE).orElseThrow(), 2, "x", "y", NumberStyle.STANDARD);
        assertThat(text.lines().findFirst()).hasValue("row\tx\ty");
        assertThat(text).doesNotContain("slope");
    }

    @Test
    void matricesStandBelowOneAnotherWithTheExercisesDecimalMark() {
        LinearFit fit = (LinearFit) LeastSquares.fit(new Curve.Line(), THREE).curveFit().orElseThrow();
        String text = WorkingText.matrices(MatrixWorking.of(fit, THREE).orElseThrow(), new NumberStyle(DecimalMark.COMMA, 4));
        assertThat(text).startsWith("X: 1, x\n1\t0\n1\t1\n1\t2\n\nX′X\n3\t3\n3\t5\n\n").contains("b = (X′X)⁻¹X′y\n2,5\n-0,5\n");
    }
}
