package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.feedback.KeptPoints;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/**
 * Predictions with intervals, of x from y, and without a meaning. The data: x̄ = 3, ȳ = 4, Sxx = 10 and Sxy = 6, so ŷ = 2.2 + 0.6
 * x; SSE = 2.4 and s² = 0.8 with 3 degrees of freedom; t = 3.1824 at 95 %. At x = 3 the mean lies within ±3.1824 · √(0.8 ÷ 5) =
 * 1.273, a single y within ±3.1824 · √(0.8 · 1.2) = 3.118.
 */
class PredictTest {

    private static final Truth TRUTH = truth(new Variable("dose", "", "mg", Optional.of(new Variable.Limits(0, 100)),
            Optional.empty()), new Variable("height", "", "cm", Optional.of(new Variable.Limits(0, 50)), Optional.empty()));
    private static final Predict AT_3_AND_8 = new Predict(Terms.of("predict", "Predict", "Predict.", 4), List.of(3.0, 8.0),
            new Rounding.Places(2));

    private static Truth truth(Variable x, Variable y) {
        double[][] pairs = {{1, 2}, {2, 4}, {3, 5}, {4, 4}, {5, 5}};
        List<Row> rows = IntStream.range(0, pairs.length).mapToObj(i -> Row.of(cell(pairs[i][0]), cell(pairs[i][1]))).toList();
        return Truth.of(DataTable.empty(x, y).withRows(rows), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(),
                KeptPoints.FULL);
    }

    private static Cell cell(double value) {
        return Cell.of(Double.toString(value), DecimalMark.POINT);
    }

    private static Verdict judge(Predict task, String text) {
        return judge(task, text, Optional.empty());
    }

    private static Verdict judge(Predict task, String text, Optional<String> own) {
        Answer answer = task.typed(text, TRUTH).orElseThrow();
        assertThat(task.unfinished(answer, TRUTH)).as(text).isEmpty();
        return task.judge(new Attempt(answer, Set.of()).from(own), TRUTH);
    }

    private static Predict fromY(Double... values) {
        return AT_3_AND_8.with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y)).at(List.of(values));
    }

    @Test
    void eachNumberAndEachJudgementCounts() {
        assertThat(judge(AT_3_AND_8, "4.00 yes; 7.00 no").earned()).isEqualTo(4);
        Verdict trusted = judge(AT_3_AND_8, "4.00 trust; 7.00 trust");
        assertThat(trusted.earned()).isEqualTo(3);
        assertThat(trusted.mistakes()).containsExactly(Mistake.EXTRAPOLATION_TRUSTED);
        assertThat(judge(AT_3_AND_8, "4.00 no; 7.00 no").mistakes()).containsExactly(Mistake.INTERPOLATION_MISTRUSTED);
    }

    /** Something cools, and a line runs through the bend: among the data it is not to be trusted either. */
    @Test
    void aLineThroughABendIsNotToBeTrustedAmongTheDataEither() {
        List<Row> rows = IntStream.range(0, 14).mapToObj(i -> Row.of(cell(5.0 * i),
                cell(Math.round(700 * Math.pow(0.8, i)) / 10.0)))
                .toList();
        Truth bent = Truth.of(DataTable.empty(Variable.named("x"), Variable.named("y")).withRows(rows), Roles.FIRST_EXPLAINS,
                DecimalMark.POINT, List.of(), KeptPoints.FULL);
        Predict task = AT_3_AND_8.at(List.of(30.0));
        String number = bent.style().show(bent.evidence().predicted(new Curve.Line(), 30).orElseThrow(), task.rounding());
        Answer mistrusted = task.typed(number + " no", bent).orElseThrow();
        Answer trusted = task.typed(number + " yes", bent).orElseThrow();
        assertThat(task.judge(new Attempt(mistrusted, Set.of()), bent).isRight()).isTrue();
        Verdict wrong = task.judge(new Attempt(trusted, Set.of()), bent);
        assertThat(wrong.message()).contains("the residuals show a pattern");
        assertThat(wrong.mistakes()).as("it is no extrapolation").isEmpty();
        assertThat(task.key(bent).text()).contains("\u2717 (the residuals show a pattern)");
        Predict byCurve = task.with(task.asking().of(new Curve.Exponential(Curve.FittedOn.VALUES)));
        assertThat(byCurve.key(bent).text()).as("the curve leaves nothing out").contains("\u2713").doesNotContain("pattern");
    }

    /** One far point makes a parabola fit better than a line: that is no bend of the others. */
    @Test
    void oneFarPointIsNoBend() {
        double[] y = {10.1, 9.4, 9.2, 8.3, 8.1, 7.2, 7.1, 6.2, 5.9, 5.3};
        List<Row> rows = IntStream.range(0, 11).mapToObj(i -> i == 10 ? Row.of(cell(40), cell(9.8)) : Row.of(cell(i), cell(y[i])))
                .toList();
        Truth boulder = Truth.of(DataTable.empty(Variable.named("x"), Variable.named("y")).withRows(rows), Roles.FIRST_EXPLAINS,
                DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(boulder.evidence().isBent(new Curve.Line())).isFalse();
        Predict task = AT_3_AND_8.at(List.of(4.0));
        String number = boulder.style().show(boulder.evidence().predicted(new Curve.Line(), 4).orElseThrow(), task.rounding());
        assertThat(task.judge(new Attempt(task.typed(number + " yes", boulder).orElseThrow(), Set.of()), boulder).isRight())
                .as("to trust it is not called wrong").isTrue();
    }

    @Test
    void theFeedbackSaysAtWhichValueItIsWrong() {
        Verdict second = judge(AT_3_AND_8, "4.00 yes; 9.99 no");
        assertThat(second.message()).contains("At 8: this is not what the line predicts.").doesNotContain("At 3:");
        assertThat(second.parts()).filteredOn(it -> it.outcome() != Outcome.RIGHT)
                .extracting(Verdict.Part::name).containsExactly("at 8");
        Verdict first = judge(AT_3_AND_8, "2.40 yes; 7.00 no");
        // 0.6 + 2.2 · 3 = 7.2 has slope and intercept exchanged; 2.4 is none of these.
        assertThat(first.message()).contains("At 3:").doesNotContain("At 8:");
        assertThat(judge(AT_3_AND_8, "9.91 yes; 9.92 yes").message())
                .as("what is alike is said once, a line for each number")
                .startsWith("1 of 4 are right. At 3: this is not what the line predicts. At 8: this is not what the "
                        + "line predicts. This lies outside the data.");
        assertThat(judge(AT_3_AND_8, "9.91 yes; 9.92 no").message())
                .isEqualTo("2 of 4 are right. At 3 and 8: this is not what the line predicts.");
        assertThat(judge(AT_3_AND_8, "7.20 yes; 7.00 no").mistakes()).contains(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
    }

    @Test
    void aNumberThatIsOnlyRoundedWronglyEarnsHalfOfItsPart() {
        // 2.2 + 0.6 · 3.55 = 4.33.
        Predict task = AT_3_AND_8.at(List.of(3.55, 8.0));
        Verdict verdict = judge(task, "4.3 yes; 7.00 no");
        assertThat(verdict.mistakes()).containsExactly(Mistake.ROUNDED_TOO_FAR);
        assertThat(verdict.earned()).isEqualTo(3.5);
    }

    @Test
    void ofXFromYTheLineIsTurnedRound() {
        // (4 − 2.2) ÷ 0.6 = 3 and (7 − 2.2) ÷ 0.6 = 8.
        Predict task = fromY(4.0, 7.0);
        assertThat(task.key(TRUTH).text()).isEqualTo("3.00 ✓ · 8.00 ✗");
        assertThat(judge(task, "3.00 yes; 8.00 no").isRight()).isTrue();
        assertThat(judge(task, "3.00 mg yes; 8.00 no").isRight()).isTrue();
        assertThat(judge(task, "for 4: 3.00 yes; for 7: 8.00 no").isRight()).isTrue();
        assertThat(task.rightAnswer(TRUTH)).isEqualTo("for 4 3.00, to be trusted; for 7 8.00, not to be trusted");
    }

    @ParameterizedTest
    @CsvSource({"6.67, WRONG_FORMULA", "10.33, WRONG_FORMULA", "4.60, WRONG_SIDE", "1.55, SLOPE_AND_INTERCEPT_EXCHANGED",
            "3.67, TWO_POINTS", "3.33, ROUNDED_TOO_EARLY"})
    void mistakesOfSolvingForXAreRecognised(String text, Mistake mistake) {
        // 4 ÷ 0.6; (4 + 2.2) ÷ 0.6; 2.2 + 0.6 · 4; (4 − 0.6) ÷ 2.2; of the first and the last point (4 − 1.25) ÷ 0.75; with 2 for
        // 2.2 (4 − 2) ÷ 0.6.
        assertThat(judge(fromY(4.0), text + " yes").mistakes()).contains(mistake);
    }

    @Test
    void theOtherRegressionIsRecognised() {
        // x on y: Syy = 6, so the slope is 6 ÷ 6 = 1 and x = 3 + (y − 4): at 6 it says 5, and the line of y on x (6 − 2.2) ÷ 0.6
        // = 6.33.
        assertThat(judge(fromY(6.0), "5.00 yes").mistakes()).contains(Mistake.AXES_EXCHANGED);
        assertThat(judge(fromY(6.0), "6.33 no").isRight()).isTrue();
    }

    @Test
    void oneOfSeveralXIsEnoughAndItsOwnPlaceDecidesOnTrust() {
        // The parabola through 1, 2, … has two x for a value below its top; each alone is right.
        Predict task = fromY(3.0).with(Asking.USUAL.of(new Curve.Polynomial(2)));
        // With u = x − 3 it is 32/7 + 0.6 u − 2/7 u², which is 3 where 2 u² − 4.2 u − 11 = 0: at u = (4.2 ± √105.64) ÷ 4.
        assertThat(task.key(TRUTH).text()).isEqualTo("1.48 ✓ or 6.62 ✗");
        assertThat(judge(task, "1.48 yes").isRight()).isTrue();
        assertThat(judge(task, "6.62 no").isRight()).isTrue();
        assertThat(judge(task, "6.62 yes").mistakes()).containsExactly(Mistake.EXTRAPOLATION_TRUSTED);
    }

    @Test
    void bothEndsOfAnIntervalAreAsked() {
        Predict mean = AT_3_AND_8.at(List.of(3.0)).with(Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN)));
        assertThat(mean.key(TRUTH).text()).isEqualTo("4.00 (2.73 to 5.27) ✓");
        assertThat(judge(mean, "4.00 (2.73 to 5.27) yes").isRight()).isTrue();
        assertThat(judge(mean, "4.00 [2.73 … 5.27] trust").isRight()).isTrue();
        Verdict single = judge(mean, "4.00 (0.88 to 7.12) yes");
        assertThat(single.mistakes()).containsExactly(Mistake.OTHER_INTERVAL);
        assertThat(single.earned()).isEqualTo(2);
        assertThat(judge(mean.with(mean.asks().with(Optional.of(Predicting.Band.SINGLE))), "4.00 (0.88 to 7.12) yes").isRight())
                .isTrue();
        Answer without = mean.typed("4.00 yes", TRUTH).orElseThrow();
        assertThat(mean.unfinished(without, TRUTH)).contains("At 3: give both ends of the interval.");
    }

    @Test
    void anotherLevelHasOtherEnds() {
        // t = 2.3534 at 90 % with 3 degrees of freedom: 2.3534 · 0.4 = 0.941.
        Predict ninety = AT_3_AND_8.at(List.of(3.0)).with(Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN)))
                .with(Asking.USUAL.atLevel(0.9));
        assertThat(ninety.key(TRUTH).text()).isEqualTo("4.00 (3.06 to 4.94) ✓");
    }

    @Test
    void anIntervalOfXIsNotAsked() {
        assertThatThrownBy(() -> new Predicting(Predicting.Way.X_FROM_Y, Optional.of(Predicting.Band.MEAN), true, false,
                OwnEquation.NOT)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN)).with(Predicting.Way.X_FROM_Y).band()).isEmpty();
    }

    @Test
    void aPredictionMayHaveNoMeaning() {
        // At −5 mg nothing can be; at 90 mg the line says 56.2 cm, and 50 is the most there is.
        Predict task = AT_3_AND_8.at(List.of(3.0, -5.0, 90.0)).with(Predicting.USUAL.withMeaning(true));
        assertThat(task.key(TRUTH).text()).isEqualTo("4.00 ✓ · -0.80 no meaning · 56.20 no meaning".replace('-', '\u2212'));
        assertThat(judge(task, "4.00 yes; -0.80 no meaning; 56.20 no meaning").isRight()).isTrue();
        assertThat(judge(task, "4.00 yes; no meaning; none").isRight()).isTrue();
        Verdict doubted = judge(task, "4.00 yes; -0.80 no; 56.20 no meaning");
        assertThat(doubted.parts()).filteredOn(it -> it.outcome() != Outcome.RIGHT).extracting(Verdict.Part::name)
                .containsExactly("at \u22125, trust");
        assertThat(doubted.message()).contains("dose lies between 0 and 100 mg, so there is no such thing.");
        Verdict leftOut = judge(task, "no meaning; no meaning; no meaning");
        assertThat(leftOut.earned()).isLessThan(4);
        assertThat(leftOut.message()).contains("At 3: this lies among the data");
    }

    @Test
    void aValueThatTheCurveNeverHasHasNoMeaning() {
        // A height of 9 cm lies above the top of the parabola.
        Predict task = fromY(9.0).with(Asking.USUAL.of(new Curve.Polynomial(2)))
                .with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y).withMeaning(true));
        assertThat(task.key(TRUTH).text()).isEqualTo("none no meaning");
        assertThat(judge(task, "no meaning").isRight()).isTrue();
        Verdict trusted = judge(task, "12.00 trust");
        assertThat(trusted.earned()).isZero();
        assertThat(trusted.message()).contains("quadratic curve has no such value.");
    }

    @ParameterizedTest
    @CsvSource({"FULL, 4.0, RIGHT", "HALF, 3.0, NEARLY", "NOT, 2.0, NEARLY"})
    void aPredictionFromAnOwnWrongEquationCountsAsTheTaskSays(OwnEquation how, double earned, Outcome outcome) {
        // 2 + 0.7 · 3 = 4.1 and 2 + 0.7 · 8 = 7.6.
        Predict task = AT_3_AND_8.with(Predicting.USUAL.counting(how));
        Verdict verdict = judge(task, "4.10 yes; 7.60 no", Optional.of("height = 2 + 0.7 dose"));
        assertThat(verdict.earned()).isEqualTo(earned);
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.message().contains("right for the equation that you wrote")).isEqualTo(how != OwnEquation.NOT);
        // What fits neither stays wrong.
        assertThat(judge(task, "4.20 yes; 7.60 no", Optional.of("height = 2 + 0.7 dose")).earned()).isLessThan(4);
        assertThat(judge(task, "4.10 yes; 7.60 no", Optional.of("dose = 2 + 0.7 height")).earned()).isEqualTo(2);
        assertThat(judge(task, "4.10 yes; 7.60 no").earned()).isEqualTo(2);
    }

    @Test
    void ofXFromYAnOwnLineIsTurnedRoundToo() {
        // (4 − 2) ÷ 0.8 = 2.5.
        Predict task = fromY(4.0).with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y).counting(OwnEquation.FULL));
        assertThat(judge(task, "2.50 yes", Optional.of("height = 2 + 0.8 dose")).isRight()).isTrue();
    }

    @Test
    void withoutJudgementsOnlyNumbersAreAsked() {
        Predict task = AT_3_AND_8.with(Predicting.USUAL.judging(false));
        assertThat(judge(task, "4.00; 7.00").earned()).isEqualTo(4);
        assertThat(judge(task, "4.00; 7.00").message()).isEqualTo("All predictions are right.");
        assertThat(task.key(TRUTH).text()).isEqualTo("4.00 · 7.00");
    }

    @Test
    void theOtherWayProposesWhatTheLineSays() {
        Predict turned = AT_3_AND_8.going(Predicting.Way.X_FROM_Y, TRUTH);
        // Proposed are 0.4, 0.8 and 1.5 of the way: x = 2.6, 4.2 and 7.
        assertThat(turned.at()).containsExactly(3.76, 4.72, 6.4);
        assertThat(turned.going(Predicting.Way.X_FROM_Y, TRUTH)).isSameAs(turned);
        assertThat(turned.terms().prompt()).as("a prompt of the author's own stays").isEqualTo("Predict.");
        Predict fresh = (Predict) Predict.KIND.create("task-1", TRUTH);
        assertThat(fresh.going(Predicting.Way.X_FROM_Y, TRUTH).terms().prompt()).startsWith("For which {x}");
        assertThat(fresh.going(Predicting.Way.X_FROM_Y, TRUTH).going(Predicting.Way.Y_FROM_X, TRUTH).terms())
                .isEqualTo(fresh.terms());
        assertThat(turned.going(Predicting.Way.Y_FROM_X, TRUTH).at()).containsExactly(2.6, 4.2, 7.0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"4.00 yes; 7.00 don't", "4.00 ✓; 7.00 ✗", "at 3: 4.00, trusted; at 8: 7.00, not trusted",
            "4.00 inside; 7.00 outside", "4.00 cm to be trusted\n7.00 cm not to be trusted", "4.00 yes; 7.00 don’t trust"})
    void judgementsAreReadAsTheyAreTyped(String text) {
        assertThat(judge(AT_3_AND_8, text).isRight()).as(text).isTrue();
    }

    @Test
    void amongDataAsWideAsNumbersGoWhatIsProposedAreNumbers() {
        List<Row> rows = List.of(Row.of(cell(-1.7e308), cell(-1.7e308)), Row.of(cell(0), cell(1e300)),
                Row.of(cell(1.7e308), cell(1.7e308)));
        Truth wide = Truth.of(TRUTH.data().withRows(rows), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(((Predict) Predict.KIND.create("predict", wide)).at()).isNotEmpty().allMatch(Double::isFinite);
    }

    @Test
    void whatWasAnsweredIsListed() {
        Predicted first = Predicted.NOTHING.with("4.0").withLow("2.7").with(Trust.TRUSTED);
        Predicted second = Predicted.NOTHING.with(Trust.MEANINGLESS);
        assertThat(AT_3_AND_8.inWords(new Predictions(List.of(first, second)), TRUTH))
                .containsExactly("at 3: 4.0 (2.7 to –), trusted", "at 8: –, no meaning");
    }
}
