package hestra.numbers;

import java.util.OptionalDouble;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class NumberStyleTest {

    private static final NumberStyle STYLE = NumberStyle.STANDARD;

    @ParameterizedTest
    @CsvSource({
        "0.832315, 0.8323",
        "0.0000832315, 8.323 × 10⁻⁵",
        "12345678, 1.235 × 10⁷",
        "1234.5, 1235",
        "-3.2, −3.200",
        "0, 0.000",
        "1e300, 1.000 × 10³⁰⁰",
        "9999.6, 10000",
        "0.00012, 0.0001200",
    })
    void showsSignificantDigitsWithARealMinusAndNoLetterE(double value, String shown) {
        assertThat(STYLE.show(value)).isEqualTo(shown);
    }

    /** 221100 looks exact, and 221090.18 was rounded. */
    @Test
    void noDigitBeforeTheMarkGivesWayToANoughtUnlessItIsAsked() {
        assertThat(STYLE.show(221_090.18)).isEqualTo("221090");
        assertThat(STYLE.show(-1_234_567.8)).isEqualTo("\u22121234568");
        assertThat(STYLE.show(12_345_678)).isEqualTo("1.235 × 10⁷");
        assertThat(STYLE.asked(3).show(221_090.18)).isEqualTo("221000");
        assertThat(STYLE.asked(3).withDigits(2).show(221_090.18)).isEqualTo("220000");
    }

    @Test
    void aCalculationGoesOnWithItsDigits() {
        assertThat(STYLE.sum(221_090.18)).isEqualTo("221090.18");
        assertThat(STYLE.sum(22_109_018.250_04)).isEqualTo("22109018.25");
        assertThat(STYLE.sum(1_234_567_890_123.0)).isEqualTo("1.23456789 × 10¹²");
        assertThat(STYLE.sum(0.1 + 0.2)).isEqualTo("0.3");
        assertThat(STYLE.sum(0)).isEqualTo("0");
        assertThat(STYLE.sum(Double.NaN)).isEqualTo("–");
        assertThat(STYLE.worked(-10.0 / 3)).isEqualTo("\u22123.3333");
        assertThat(STYLE.worked(1_234_567.25)).isEqualTo("1234567");
        assertThat(STYLE.worked(2.50)).isEqualTo("2.5");
        assertThat(STYLE.worked(10_000)).isEqualTo("10000");
        assertThat(STYLE.equal(2.5)).isEqualTo("= 2.500");
        assertThat(STYLE.equal(7.0 / 3)).isEqualTo("≈ 2.333");
        assertThat(STYLE.equal(221_090.18)).isEqualTo("≈ 221090");
        assertThat(STYLE.equal(Double.NaN)).isEqualTo("= –");
    }

    @Test
    void halvesOfTheExactDecimalGoAwayFromZero() {
        assertThat(STYLE.places(0.125, 2)).isEqualTo("0.13");
        assertThat(STYLE.places(-0.125, 2)).isEqualTo("−0.13");
        // 1.005 as a double lies a little below the half.
        assertThat(STYLE.places(1.005, 2)).isEqualTo("1.00");
    }

    @Test
    void whatIsNotDefinedIsADash() {
        assertThat(STYLE.show(Double.NaN)).isEqualTo("–");
        assertThat(STYLE.show(Double.POSITIVE_INFINITY)).isEqualTo("–");
        assertThat(STYLE.show(OptionalDouble.empty())).isEqualTo("–");
        assertThat(STYLE.show(OptionalDouble.of(2))).isEqualTo("2.000");
    }

    @Test
    void decimalCommaWhereTheExerciseAsksForIt() {
        NumberStyle comma = new NumberStyle(DecimalMark.COMMA, 3);
        assertThat(comma.show(0.8323)).isEqualTo("0,832");
        assertThat(comma.show(1.5e-9)).isEqualTo("1,50 × 10⁻⁹");
        assertThat(comma.pInWords(1e-7)).isEqualTo("p < 0,0001");
    }

    @Test
    void pNeverLooksLikeALevelThatItIsNot() {
        assertThat(STYLE.p(0.04996)).isEqualTo("0.04996");
        assertThat(STYLE.p(0.0499996)).isEqualTo("0.0499996");
        assertThat(STYLE.p(0.0512)).isEqualTo("0.0512");
        assertThat(STYLE.p(0.05)).isEqualTo("0.0500");
        assertThat(STYLE.p(0.010004)).isEqualTo("0.010004");
        assertThat(STYLE.pInWords(0.04996)).isEqualTo("p = 0.04996");
    }

    @Test
    void residualsCarryTheirSign() {
        assertThat(STYLE.signed(1.04, 1)).isEqualTo("+1.0");
        assertThat(STYLE.signed(-3.25, 1)).isEqualTo("−3.3");
        assertThat(STYLE.signed(0.01, 1)).isEqualTo("0.0");
    }

    @Test
    void measuredValuesAreShownAsTyped() {
        assertThat(STYLE.shortest(28.6)).isEqualTo("28.6");
        assertThat(STYLE.shortest(43)).isEqualTo("43");
        assertThat(STYLE.shortest(100)).isEqualTo("100");
        assertThat(STYLE.shortest(-0.5)).isEqualTo("−0.5");
    }

    @Test
    void smallProbabilitiesAreSaidInWords() {
        assertThat(STYLE.pInWords(0.02134)).isEqualTo("p = 0.0213");
        assertThat(STYLE.pInWords(0.00009)).isEqualTo("p < 0.0001");
    }

    @Test
    void refusesADigitCountThatADoubleDoesNotHave() {
        assertThatThrownBy(() -> STYLE.withDigits(16)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> STYLE.withDigits(0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void numbersForOtherProgramsAreWrittenAsTheyReadThem() {
        assertThat(STYLE.typed(-0.5)).isEqualTo("-0.5");
        assertThat(STYLE.typed(0)).isEqualTo("0");
        assertThat(STYLE.typed(1500)).isEqualTo("1500");
        assertThat(STYLE.typed(-1.25e-9)).isEqualTo("-1.25E-9");
        assertThat(STYLE.typed(3e200)).isEqualTo("3E200");
        assertThat(new NumberStyle(DecimalMark.COMMA, 4).typed(0.1)).isEqualTo("0,1");
        assertThat(STYLE.typed(Double.NaN)).isEmpty();
        for (double value : new double[] {Math.PI, 1e15 / 7, -1 / 3e7, Double.MIN_VALUE, Double.MAX_VALUE}) {
            assertThat(Double.parseDouble(STYLE.typed(value))).isEqualTo(value);
        }
    }
}
