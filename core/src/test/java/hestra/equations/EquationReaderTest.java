package hestra.equations;

import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

class EquationReaderTest {

    private static final Variable DAYS = new Variable("days", "time since settling", "days");
    private static final Variable LENGTH = new Variable("length", "blade length", "cm");

    private static EquationReader.Reading reading(String text) {
        return EquationReader.read(text, DAYS, LENGTH, DecimalMark.POINT);
    }

    private static TypedEquation read(String text) {
        assertThat(reading(text)).as(text).isInstanceOf(EquationReader.Done.class);
        return ((EquationReader.Done) reading(text)).equation();
    }

    @ParameterizedTest
    @ValueSource(strings = {"length = 4.1 + 0.83 days", "length = 4.1 + 0.83 · days", "length = 0.83*days + 4.1",
            "ŷ = 4.1 + 0.83x", "y = 0.83 x + 4.1", "y-hat = 0.83·x + 4.1", "y\u0302 = 0.83 × x + 4.1",
            "Length = 0.83 x days + 4.1",
        "predicted length = 4.1 + 0.83 × days", "blade length = 4.1 + 0.83 · time since settling",
                "length (cm) = 4,1 + 0,83 days", "ŷ(x) = 4.1 + .83x", "f(x) = 4.1 + 83/100 x", "length-hat = 4.1 + days · 0.83",
                "y = 4.1 − (−0.83) x",
        "y = 4.1 + 8.3 × 10⁻¹ x", "y = 4.1 + 8.3 x 10^-1 · days", "y = 4.1 + 8.3e-1x", "y ≈ 4.1 + 0.83 x.", "Length=4.1+0.83Days",
                "y = 0.83 (x + 4.93975903614457831)"})
    void aLineIsReadHoweverItIsWritten(String text) {
        double[] c = read(text).coefficients(new Curve.Line()).orElseThrow();
        assertThat(c[0]).as(text).isCloseTo(4.1, offset(1e-9));
        assertThat(c[1]).as(text).isCloseTo(0.83, offset(1e-9));
        assertThat(read(text).isTurnedRound()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u0176 = 1.95 + 0.515\u22c5x", "y = 1.95 + 0.515 \u2219 days", "1.95 + 0.515 x", "0.515 days + 1.95",
            "slope = 0.515, intercept = 1.95", "b1 = 0.515 and b0 = 1.95", "a = 1.95; b = 0.515", "intercept: 1.95, slope: 0.515",
            "m = 0.515, c = 1.95", "b\u2080 = 1.95, b\u2081 = 0.515"})
    void aLineAsPeopleWriteIt(String text) {
        assertThat(read(text).coefficients(new Curve.Line()).orElseThrow())
                .containsExactly(new double[] {1.95, 0.515}, offset(1e-12));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ln y = 4.12713438504509 \u2014 0.042907501 x", "ln(length) = 4.12713438504509 - 0.042907501 days",
            "log10 y = 1.79239168949825 - 0.018634491 x"})
    void aLogarithmOfYIsTurnedBack(String text) {
        double[] c = read(text).coefficients(new Curve.Exponential(Curve.FittedOn.VALUES)).orElseThrow();
        assertThat(c[0]).isCloseTo(62, offset(1e-6));
        assertThat(c[1]).isCloseTo(0.958, offset(1e-8));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.515", "slope = 0.515", "a = 1.95, a = 0.515", "slope = 0.515, m = 3", "1.95 + 0.515"})
    void whatIsNoWholeEquationIsRefused(String text) {
        assertThat(reading(text)).as(text).isInstanceOf(EquationReader.Refused.class);
    }

    @ParameterizedTest
    @CsvSource({"y = -22 + 5.2x - 0.11x^2", "y = 5.2x − 0.11x² − 22", "shoots = -0.11*x**2 + 5.2*x - 22",
            "y = -22 + x(5.2 - 0.11 x)"})
    void aQuadratic(String text) {
        double[] c = read(text.replace("shoots", "length")).coefficients(new Curve.Polynomial(2)).orElseThrow();
        assertThat(c).containsExactly(new double[] {-22, 5.2, -0.11}, offset(1e-12));
        assertThat(read(text.replace("shoots", "length")).coefficients(new Curve.Line())).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"y = 62 · 0.958^x", "y = 62*0.958^days", "y = 62 (0.958)^x", "y = 62 · 0.958ˣ",
            "y = 62 e^(-0.042907501 x)", "y = 62 exp(-0.042907501x)", "y = 62·e^-0.042907501x",
            "y = e^(4.12713438504509 − 0.042907501 x)", "length = 62 · 0.958^(days)"})
    void anExponential(String text) {
        double[] c = read(text).coefficients(new Curve.Exponential(Curve.FittedOn.VALUES)).orElseThrow();
        assertThat(c[0]).as(text).isCloseTo(62, offset(1e-7));
        assertThat(c[1]).as(text).isCloseTo(0.958, offset(1e-7));
        assertThat(c[2]).as(text).isCloseTo(Math.log(0.958), offset(1e-7));
    }

    @ParameterizedTest
    @ValueSource(strings = {"y = 0.0005 x^2.55", "y = 0.0005·days^2.55", "y = 5e-4x^2.55", "y = 5 × 10^-4 · x^(2.55)"})
    void aPower(String text) {
        double[] c = read(text).coefficients(new Curve.Power(Curve.FittedOn.VALUES)).orElseThrow();
        assertThat(c).as(text).containsExactly(new double[] {0.0005, 2.55}, offset(1e-12));
    }

    @ParameterizedTest
    @ValueSource(strings = {"y = -9 + 12.5 ln x", "y = 12.5 ln(x) - 9", "y = 12.5·lnx − 9", "y = -9 + 12.5 ln(days)",
            "y = -9 + 28.7823136624 log10(x)"})
    void aLogarithm(String text) {
        double[] c = read(text).coefficients(new Curve.Logarithmic()).orElseThrow();
        assertThat(c).as(text).containsExactly(new double[] {-9, 12.5}, offset(1e-8));
        assertThat(read(text).family()).hasValue(new Curve.Logarithmic());
    }

    @Test
    void variablesTheWrongWayRoundAreSeen() {
        assertThat(read("days = 4.1 + 0.83 length").isTurnedRound()).isTrue();
        assertThat(read("x = 4.1 + 0.83 y").isTurnedRound()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"y = ", "mass = 4 + 2 x", "y = 4 + 2 mass", "y = 4 + (2 x", "y = 4 + * x",
            "y = 4 = 2 x", "y = 1 / (1 + x)", "y = 4 + 2 y", "y = ln(−2)", "y = 4 # x", "y = x^x", "y = 2 x +"})
    void whatIsNoneIsRefusedWithAReason(String text) {
        assertThat(reading(text)).as(text).isInstanceOf(EquationReader.Refused.class);
        assertThat(((EquationReader.Refused) reading(text)).reason()).endsWith(".");
    }

    @Test
    void longAndDeepTextIsRefusedAtOnce() {
        assertThat(reading("y = " + "1+".repeat(5000) + "x")).isInstanceOf(EquationReader.Refused.class);
        assertThat(reading("y = " + "(".repeat(100) + "x" + ")".repeat(100))).isInstanceOf(EquationReader.Refused.class);
        assertThat(reading("y = " + "(1+x)^8".repeat(9))).isInstanceOf(EquationReader.Refused.class);
        assertThat(reading("y = 9^9^9^9")).isInstanceOfAny(EquationReader.Refused.class, EquationReader.Done.class);
    }
}
