package hestra.feedback;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** The unit behind a number is judged, asked or not. */
class TypedUnitTest {

    private static final Variable DIAMETER = new Variable("diameter", "diameter of the stem", "cm");
    private static final Variable HEIGHT = new Variable("height", "height of the ridge", "mm");
    private static final Variable INDEX = new Variable("exposure", "wave exposure index", "");
    private static final Variable GULLS = new Variable("gulls", "gulls on the pier", "");
    private static final Variable MINUTES = new Variable("minutes", "time since filling", "min");
    private static final Variable EXCESS = new Variable("excess", "temperature above the room", "°C");
    /** y = 0.288 x + 3, with two points off it by as much: Sxx = 10, Sxy = 2.88. */
    private static final Pairs PAIRS = Pairs.of(new double[] {1, 2, 3, 4, 5}, new double[] {3.288, 3.576, 3.864, 4.152, 4.44});

    private static NumberJudge.Finding judge(Quantity quantity, Variable x, Variable y, String text, boolean unit) {
        NumberCriteria asked = new NumberCriteria(new Sought.Value(quantity),
                new NumberCriteria.How(new Rounding.Places(3), unit, false),
                List.of(Evidence.of(PAIRS)), Optional.empty(), KeptPoints.FULL, Optional.empty(), Optional.empty(), x, y);
        return new NumberJudge(asked).judge((NumberReading.Value) NumberReading.ofAnswer(text, DecimalMark.POINT));
    }

    @ParameterizedTest
    @CsvSource({
        "0.288 mm per cm, RIGHT", "0.288 mm/cm, RIGHT", "0.288 millimetres for each centimetre, RIGHT", "0.288, RIGHT",
                "0.288 kg, NEARLY", "0.288 cm per mm, NEARLY", "0.288 mm, NEARLY", "28.8 %, WRONG",
        "0.288 %, WRONG", "0.0288 cm/cm, RIGHT", "28.8 mm per m, RIGHT", "0.288 mm of height per cm of diameter, RIGHT",
                "0.288 mm per cm on average, RIGHT",
    })
    void ofASlope(String text, Outcome outcome) {
        assertThat(judge(Quantity.SLOPE, DIAMETER, HEIGHT, text, false).outcome()).as(text).isEqualTo(outcome);
    }

    @Test
    void aWrongUnitIsARecognisedMistake() {
        assertThat(judge(Quantity.SLOPE, DIAMETER, HEIGHT, "0.288 kg", false).mistakes()).containsExactly(Mistake.UNIT_SLIP);
        assertThat(judge(Quantity.SLOPE, DIAMETER, HEIGHT, "0.288 cm per mm", false).mistakes())
                .containsExactly(Mistake.UNIT_SLIP);
        assertThat(judge(Quantity.SLOPE, DIAMETER, HEIGHT, "28.8 %", false).mistakes())
                .containsExactly(Mistake.PERCENT_AND_PROPORTION);
        assertThat(judge(Quantity.SLOPE, DIAMETER, HEIGHT, "0.288", true).mistakes()).containsExactly(Mistake.UNIT_MISSING);
        assertThat(judge(Quantity.SLOPE, DIAMETER, HEIGHT, "0.288 mm/cm", true).outcome()).isEqualTo(Outcome.RIGHT);
        assertThat(judge(Quantity.SLOPE, INDEX, GULLS, "0.288", true).outcome())
                .as("there is no unit to give").isEqualTo(Outcome.RIGHT);
    }

    @ParameterizedTest
    @CsvSource({"0.288 mm per step, RIGHT", "0.288 mm, RIGHT", "0.288 mm per unit of the index, RIGHT", "0.288 kg, NEARLY",
            "0.0288 cm per point, RIGHT"})
    void anIndexHasNoUnitButMayBeNamed(String text, Outcome outcome) {
        assertThat(judge(Quantity.SLOPE, INDEX, HEIGHT, text, false).outcome()).as(text).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"0.288 gulls per minute, RIGHT", "0.288 birds per minute, RIGHT", "0.288 cm, NEARLY",
            "17.28 gulls per hour, RIGHT", "0.0048 per second, RIGHT"})
    void whatIsCountedMayBeNamed(String text, Outcome outcome) {
        assertThat(judge(Quantity.SLOPE, MINUTES, GULLS, text, false).outcome()).as(text).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"SLOPE, 0.288 K per min, RIGHT", "SLOPE, 0.288 degrees per minute, RIGHT", "INTERCEPT, 3.000 °C, RIGHT",
            "INTERCEPT, 3.000 degrees Celsius, RIGHT", "INTERCEPT, 3.000 K, NEARLY", "SLOPE, 17.28 °C per hour, RIGHT",
            "N, 5 cm, NEARLY",
        "N, 5 readings, RIGHT", "R_SQUARED, 1.000 mm, NEARLY", "MEAN_X, 180 s, RIGHT", "MEAN_X, 0.05 h, RIGHT"})
    void ofTemperaturesTimesAndCounts(Quantity quantity, String text, Outcome outcome) {
        assertThat(judge(quantity, MINUTES, EXCESS, text, false).outcome()).as(text).isEqualTo(outcome);
    }

    /** Percent is a unit like others where a variable is measured in it, and a share where the quantity is one. */
    @ParameterizedTest
    @CsvSource({"SLOPE, 0.288 % per cm, RIGHT", "SLOPE, 0.288 percent per centimetre, RIGHT", "SLOPE, 0.288 %/cm, RIGHT",
            "SLOPE, 28.8 % per m, RIGHT", "SLOPE, 0.288, RIGHT", "SLOPE, 0.00288, WRONG", "INTERCEPT, 3.000 %, RIGHT",
            "INTERCEPT, 3.000 percent, RIGHT", "INTERCEPT, 0.030, WRONG", "R_SQUARED, 100 %, RIGHT", "R_SQUARED, 1.000, RIGHT",
            "SLOPE, 0.288 %, NEARLY"})
    void percentIsAUnitWhereAVariableIsMeasuredInIt(Quantity quantity, String text, Outcome outcome) {
        Variable light = new Variable("light", "light at this depth", "%");
        assertThat(judge(quantity, DIAMETER, light, text, false).outcome()).as(text).isEqualTo(outcome);
    }

    /** y = 1.2 · 1.5ˣ: a is measured as y is, b is a plain number, k is for one of x. */
    @ParameterizedTest
    @CsvSource({"COEFFICIENT_B, 1.500, RIGHT", "COEFFICIENT_B, 1.500 °C, NEARLY", "COEFFICIENT_A, 1.200 °C, RIGHT",
            "COEFFICIENT_A, 1.200 g, NEARLY", "COEFFICIENT_K, 0.405 per min, RIGHT", "COEFFICIENT_K, 0.405 °C per min, NEARLY",
            "COEFFICIENT_K, 24.328 per hour, RIGHT"})
    void aCoefficientOfACurveHasItsOwnUnit(Quantity quantity, String text, Outcome outcome) {
        double[] x = {0, 1, 2, 3, 4};
        Pairs growth = Pairs.of(x, DoubleStream.of(x).map(t -> 1.2 * Math.pow(1.5, t)).toArray());
        Sought what = new Sought.Value(Reading.of(quantity).of(new Curve.Exponential(FittedOn.LOGARITHMS)));
        NumberCriteria asked = new NumberCriteria(what, NumberCriteria.How.rounded(new Rounding.Places(3)),
                List.of(Evidence.of(growth)), Optional.empty(), KeptPoints.FULL, Optional.empty(), Optional.empty(), MINUTES,
                        EXCESS);
        assertThat(new NumberJudge(asked).judge((NumberReading.Value) NumberReading.ofAnswer(text, DecimalMark.POINT)).outcome())
                .as(text).isEqualTo(outcome);
    }

    @Test
    void aChanceMayBeGivenInPercent() {
        assertThat(judge(Quantity.SLOPE_P, DIAMETER, HEIGHT, "0 %", false).outcome()).as("p is 0 where all points lie on a line")
                .isEqualTo(judge(Quantity.SLOPE_P, DIAMETER, HEIGHT, "0", false).outcome());
        assertThat(TypedUnit.of((NumberReading.Value) NumberReading.ofAnswer("35.3 %", DecimalMark.POINT),
                new Sought.Value(Quantity.SLOPE_P), DIAMETER, HEIGHT)).isEqualTo(new TypedUnit.None());
    }

    @ParameterizedTest
    @CsvSource({"SLOPE, 0.288 per minute, RIGHT", "SLOPE, 17.28 per hour, RIGHT", "SLOPE, 28.8 °C per hundred minutes, RIGHT",
            "SLOPE, 0.288 per kg, NEARLY"})
    void theResponsesUnitMayBeLeftOut(Quantity quantity, String text, Outcome outcome) {
        assertThat(judge(quantity, MINUTES, EXCESS, text, false).outcome()).as(text).isEqualTo(outcome);
    }

    /**
     * Of these ranks slope and r are the same, 1 − 6 · 10 ÷ 336 = 0.8214: what is right with too many digits is no other number.
     */
    @Test
    void theRightNumberWithMoreDigitsIsNotTakenForAnother() {
        Pairs ranks = Pairs.of(new double[] {1, 2, 3, 4, 5, 6, 7}, new double[] {3, 1, 2, 5, 4, 7, 6});
        NumberCriteria asked = new NumberCriteria(new Sought.Value(Quantity.SLOPE),
                NumberCriteria.How.rounded(new Rounding.Places(2)), List.of(Evidence.of(ranks)), Optional.empty(),
                        KeptPoints.FULL,
                Optional.empty(), Optional.empty(), INDEX, GULLS);
        assertThat(new NumberJudge(asked).judge((NumberReading.Value) NumberReading.ofAnswer("0.8214", DecimalMark.POINT))
                .mistakes())
                .containsExactly(Mistake.WRONG_ROUNDING);
    }

    @Test
    void aWordThatIsNoUnitCostsNoTry() {
        NumberReading.Value bananas = (NumberReading.Value) NumberReading.ofAnswer("0.288 bananas", DecimalMark.POINT);
        assertThat(UnitCheck.unknown(bananas, new Sought.Value(Quantity.SLOPE), DIAMETER, HEIGHT)).hasValue("bananas");
        NumberReading.Value known = (NumberReading.Value) NumberReading.ofAnswer("0.288 kg", DecimalMark.POINT);
        assertThat(UnitCheck.unknown(bananas, new Sought.Value(Quantity.SLOPE), INDEX, HEIGHT))
                .as("an index has steps, not bananas").hasValue("bananas");
        assertThat(UnitCheck.unknown(known, new Sought.Value(Quantity.SLOPE), DIAMETER, HEIGHT)).isEmpty();
    }
}
