package hestra.task;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.feedback.KeptPoints;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import hestra.working.CalculationCells;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * The kelp by hand: x̄ = 6, ȳ = 5.04, Sxx = 40, Sxy = 20.6, Syy = 10.652, b = 0.515, a = 1.95; X′X = (5 30; 30 220), X′y = (25.2;
 * 171.8), determinant 200.
 */
class FillCalculationTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());

    private static FillCalculation sums(String... asked) {
        return new FillCalculation(Terms.of("fill", "Fill", "Fill it.", 4), CalculationCells.Way.SUMS, Set.of(asked), Set.of(),
                3);
    }

    private static Filled filled(String... texts) {
        Filled answer = Filled.NOTHING;
        for (int i = 0; i < texts.length; i += 2) {
            answer = answer.with(texts[i], texts[i + 1]);
        }
        return answer;
    }

    private static Verdict judged(FillCalculation task, Answer answer) {
        return task.judge(new Attempt(answer, Set.of()), TRUTH);
    }

    @Test
    void theCellsHoldWhatIsWorkedOutByHand() {
        CalculationCells cells = CalculationCells.of(CalculationCells.Way.SUMS, TRUTH.pairs()).orElseThrow();
        Map<String, Double> expected = Map.ofEntries(Map.entry("sum-x", 30.0), Map.entry("mean-y", 5.04), Map.entry("dx:1", -4.0),
                Map.entry("dy:5", 2.16), Map.entry("dxx:4", 4.0), Map.entry("dxy:1", 7.76),
                Map.entry("sum-dxx", 40.0), Map.entry("sum-dxy", 20.6), Map.entry("sum-dyy", 10.652), Map.entry("slope", 0.515),
                        Map.entry("intercept", 1.95), Map.entry("fitted:5", 7.1),
                Map.entry("e:1", 0.12), Map.entry("ee:2", 0.0121), Map.entry("sum-ee", 0.043),
                        Map.entry("r", 20.6 / Math.sqrt(40 * 10.652)), Map.entry("r-squared", 1 - 0.043 / 10.652),
                Map.entry("s", Math.sqrt(0.043 / 3)));
        expected.forEach((id, value) -> assertThat(cells.value(id)).as(id).isCloseTo(value, within(1e-12)));
        CalculationCells matrices = CalculationCells.of(CalculationCells.Way.MATRICES, TRUTH.pairs()).orElseThrow();
        Map<String, Double> entries = Map.of("xx:1:1", 5.0, "xx:1:2", 30.0, "xx:2:1", 30.0, "xx:2:2", 220.0, "xy:1", 25.2, "xy:2",
                171.8, "det", 200.0, "inverse:1:1", 1.1, "inverse:1:2", -0.15, "b:2", 0.515);
        entries.forEach((id, value) -> assertThat(matrices.value(id)).as(id).isCloseTo(value, within(1e-12)));
    }

    @Test
    void cellsComeInTheOrderInWhichOneWorks() {
        assertThat(sums("slope", "dx", "mean-x", "sum-dxx").fillIn(TRUTH).orElseThrow().asked())
                .containsExactly("mean-x", "dx:1", "dx:2", "dx:3", "dx:4", "dx:5", "sum-dxx", "slope");
        FillCalculation some = new FillCalculation(Terms.of("fill", "Fill", "Fill it.", 4), CalculationCells.Way.SUMS,
                Set.of("dx", "slope"), Set.of(1, 4), 2);
        assertThat(some.fillIn(TRUTH).orElseThrow().asked()).containsExactly("dx:2", "dx:5", "slope");
    }

    @Test
    void rightCellsEarnTheirShare() {
        assertThat(judged(sums("sum-dxx", "slope"), filled("sum-dxx", "40", "slope", "0.515")).earned()).isEqualTo(4);
        Verdict half = judged(sums("sum-dxx", "slope"), filled("sum-dxx", "40", "slope", "0.6"));
        assertThat(half.earned()).isEqualTo(2);
        assertThat(half.message()).contains("1 of 2").contains("b");
        assertThat(half.outcome()).isEqualTo(Outcome.NEARLY);
    }

    @Test
    void whatFollowsRightlyFromAnOwnWrongCellCounts() {
        // 41 for Sxx: 20.6 ÷ 41 = 0.502, and 5.04 − 0.502 · 6 = 2.028.
        Verdict verdict = judged(sums("sum-dxx", "slope", "intercept"),
                filled("sum-dxx", "41", "slope", "0.502", "intercept", "2.028"));
        assertThat(verdict.earned()).isCloseTo(4 * 2 / 3.0, within(1e-12));
        assertThat(verdict.message()).contains("2 of 3").contains("2 cells count because");
        assertThat(judged(sums("sum-dxx", "slope", "intercept"), filled("sum-dxx", "41", "slope", "0.515", "intercept", "1.950"))
                .message()).as("the right value is right whatever stood before").contains("2 of 3");
    }

    @Test
    void signAndRoundingAreTold() {
        assertThat(judged(sums("slope"), filled("slope", "-0.515")).message()).contains("(its sign)");
        assertThat(judged(sums("slope"), filled("slope", "0.52")).message()).contains("(its rounding)");
        assertThat(judged(sums("slope"), filled("slope", "0,515")).isRight()).as("a comma").isTrue();
        assertThat(judged(sums("dx"), filled("dx:1", "−4", "dx:2", "-2", "dx:3", "0", "dx:4", "2", "dx:5", "4")).isRight())
                .as("a true minus").isTrue();
    }

    @Test
    void emptyCellsCostNoTry() {
        assertThat(sums("sum-dxx", "slope").unfinished(Filled.NOTHING, TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("below the plot"));
        assertThat(sums("sum-dxx", "slope").unfinished(filled("slope", "1"), TRUTH)).contains("1 cell is still empty.");
        assertThat(sums("slope").unfinished(filled("slope", "much"), TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("type a number"));
    }

    @Test
    void aCalculationOfTenThousandRowsIsRefusedInWords() {
        List<Row> rows = IntStream.range(0, 10_000)
                .mapToObj(i -> Row.of(Cell.of(Integer.toString(i), DecimalMark.POINT),
                        Cell.of(Integer.toString(i % 7), DecimalMark.POINT))).toList();
        Truth many = Truth.of(Kelp.table().withRows(rows), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(sums("dx").key(many).computed()).isFalse();
        assertThat(sums("dx").key(many).text()).contains("60 points");
        assertThat(sums("dx").fillIn(many)).isEmpty();
        assertThat(sums("dx").unfinished(Filled.NOTHING, many)).isPresent();
        assertThat(sums().key(TRUTH).text()).contains("choose what is left out");
    }

    @Test
    void matricesAreFilledToo() {
        FillCalculation task = new FillCalculation(Terms.of("fill", "Fill", "Fill it.", 4), CalculationCells.Way.MATRICES,
                Set.of("xx", "b"), Set.of(), 3);
        assertThat(judged(task, filled("xx:1:1", "5", "xx:1:2", "30", "xx:2:1", "30", "xx:2:2", "220", "b:1", "1.95", "b:2",
                "0.515")).isRight()).isTrue();
        assertThat(task.key(TRUTH).text()).startsWith("6 cells").contains("b 0.515");
    }
}
