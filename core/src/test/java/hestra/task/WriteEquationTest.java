package hestra.task;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.KeptPoints;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class WriteEquationTest {

    private static final Terms TERMS = Terms.of("equation", "Write the equation", "Write it.", 4);
    /** Sxx = 40 and Sxy = 20.6, x̄ = 6 and ȳ = 5.04: the line is 1.95 + 0.515 x; x on y has the slope 20.6 ÷ 10.652 = 1.934. */
    private static final Truth KELP = Kelp.truth(Kelp.exercise());

    private static Verdict judge(Curve curve, String text, Truth truth) {
        return new WriteEquation(TERMS, curve, 3).judge(new Attempt(new Answer.Typed(text), Set.of()), truth);
    }

    private static Verdict line(String text) {
        return judge(new Curve.Line(), text, KELP);
    }

    @ParameterizedTest
    @ValueSource(strings = {"length = 1.95 + 0.515 days", "y = 0.515x + 1.95", "ŷ = 1,95 + 0,515·x",
            "blade length = 0.515 × days + 1.95", "length=1.950+.515*days", "predicted length = 1.95 + 0.515 days"})
    void theLineIsRightHoweverItIsWritten(String text) {
        assertThat(line(text).outcome()).as(text).isEqualTo(Outcome.RIGHT);
        assertThat(line(text).earned()).isEqualTo(4);
    }

    @Test
    void whichVariableStandsWhereIsJudged() {
        Verdict turned = line("days = 1.95 + 0.515 length");
        assertThat(turned.outcome()).isEqualTo(Outcome.WRONG);
        assertThat(turned.mistakes()).containsExactly(Mistake.AXES_EXCHANGED);
    }

    @Test
    void eachCoefficientIsAPart() {
        Verdict slope = line("y = 3.2 + 0.515x");
        assertThat(slope.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(slope.earned()).isEqualTo(2);
        assertThat(slope.message()).contains("intercept");
        assertThat(line("y = 3.2 + 0.7x").outcome()).isEqualTo(Outcome.WRONG);
    }

    @ParameterizedTest
    @CsvSource({"y = 0.515 + 1.95x, SLOPE_AND_INTERCEPT_EXCHANGED", "y = 1.95 - 0.515x, SIGN_LOST",
            "y = 1.95 + 0.5x, WRONG_ROUNDING", "y = 2 + 0.5x, WRONG_ROUNDING"})
    void mistakesAreRecognised(String text, Mistake mistake) {
        assertThat(line(text).mistakes()).as(text).containsExactly(mistake);
    }

    @Test
    void theLineOfXOnYAndTheOneThroughTheOriginAreRecognised() {
        double[] x = KELP.pairs().xs().toArray();
        double[] y = KELP.pairs().ys().toArray();
        double sxy = 0;
        double syy = 0;
        double products = 0;
        double squares = 0;
        for (int i = 0; i < x.length; i++) {
            sxy += (x[i] - 6) * (y[i] - 5.04);
            syy += (y[i] - 5.04) * (y[i] - 5.04);
            products += x[i] * y[i];
            squares += x[i] * x[i];
        }
        double slope = sxy / syy;
        assertThat(line("y = " + (6 - slope * 5.04) + " + " + slope + " x").mistakes()).containsExactly(Mistake.AXES_EXCHANGED);
        assertThat(line("y = " + products / squares + " x").mistakes()).containsExactly(Mistake.FORCED_THROUGH_ORIGIN);
    }

    @Test
    void anotherFamilyIsNamed() {
        assertThat(line("y = 1 + 2x + 3x^2").message()).contains("quadratic").contains("line is asked for");
        assertThat(judge(new Curve.Exponential(Curve.FittedOn.VALUES), "y = 1.95 + 0.515 x", KELP).message()).contains("line")
                .contains("exponential curve is asked for");
    }

    @Test
    void whatIsNoEquationCostsNoTryAndSaysWhatIsExpected() {
        WriteEquation task = new WriteEquation(TERMS, new Curve.Line(), 3);
        for (String text : List.of("0.515", "y = 3 + 2 mass", "length", "y = " + "1+".repeat(5000) + "x")) {
            assertThat(task.unfinished(new Answer.Typed(text), KELP)).as(text.substring(0, Math.min(20, text.length())))
                    .hasValueSatisfying(it -> assertThat(it).contains("such as length = 1.5 + 2.5 \u00b7 days"));
        }
        assertThat(task.unfinished(new Answer.Typed("y = 1 + 2x"), KELP)).isEmpty();
    }

    @Test
    void theExampleIsWrittenWithTheMarkOfTheExercise() {
        Truth commas = Kelp.exercise().first().truth(DecimalMark.COMMA);
        assertThat(new WriteEquation(TERMS, new Curve.Line(), 3).unfinished(new Answer.Typed("length"), commas))
                .hasValueSatisfying(it -> assertThat(it).contains("length = 1,5 + 2,5 \u00b7 days"));
        assertThat(Kelp.predict(4).expected(commas)).contains("1,5 yes; 2,5 no");
    }

    @Test
    void anExponentialByBaseOrRate() {
        // y = 3 · 2ˣ exactly.
        DataTable table = new DataTable(List.of(Variable.named("t"), Variable.named("count")), IntStream.range(0, 6)
                .mapToObj(i -> Row.of(Cell.of(i, DecimalMark.POINT), Cell.of(3 * Math.pow(2, i), DecimalMark.POINT))).toList());
        Exercise exercise = Kelp.exercise().withFirst(part -> part.withData(table));
        Truth truth = Kelp.truth(exercise);
        Curve curve = new Curve.Exponential(Curve.FittedOn.LOGARITHMS);
        assertThat(judge(curve, "count = 3 · 2^t", truth).isRight()).isTrue();
        assertThat(judge(curve, "count = 3 e^(0.693 t)", truth).isRight()).isTrue();
        assertThat(judge(curve, "y = 3 · 0.693^x", truth).mistakes()).containsExactly(Mistake.BASE_AND_RATE);
        assertThat(judge(curve, "y = 3 e^(2 x)", truth).mistakes()).containsExactly(Mistake.BASE_AND_RATE);
    }

    @Test
    void aRowThatTheCurveCannotTakeIsLeftOutOfTheKey() {
        // y = 2 + 3 ln x at 1, 2 and 4, with a row at 0 that was measured all the same.
        double[][] pairs = {{0, 9}, {1, 2}, {2, 2 + 3 * Math.log(2)}, {4, 2 + 3 * Math.log(4)}};
        List<Row> rows = Stream.of(pairs).map(it -> Row.of(Cell.of(Double.toString(it[0]), DecimalMark.POINT),
                Cell.of(Double.toString(it[1]), DecimalMark.POINT))).toList();
        Truth truth = Truth.of(DataTable.empty(Variable.named("years"), Variable.named("ring")).withRows(rows),
                Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(new WriteEquation(TERMS, new Curve.Logarithmic(), 3).key(truth).computed()).isTrue();
        assertThat(judge(new Curve.Logarithmic(), "ring = 2 + 3 ln(years)", truth).isRight()).isTrue();
        ReadValue coefficient = new ReadValue(TERMS, Quantity.COEFFICIENT_B, new Rounding.Places(2))
                .with(Asking.USUAL.of(new Curve.Logarithmic()));
        assertThat(coefficient.key(truth).text()).isEqualTo("3.00");
        assertThat(coefficient.judge(new Attempt(new Answer.Typed("3.00"), Set.of(0)), truth).isRight())
                .as("the row was set aside").isTrue();
    }
}
