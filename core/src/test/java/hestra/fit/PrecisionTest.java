package hestra.fit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import hestra.data.Dates;
import hestra.data.Fineness;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Curve.FittedOn;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PrecisionTest {

    private static final Variable X = Variable.named("x");
    private static final Variable Y = Variable.named("y");

    private static Precision needed(Pairs pairs) {
        return new Precision(NumberStyle.STANDARD, Fineness.of(pairs.xs()).carriedBy(pairs.xs()),
                Fineness.of(pairs.ys()).carriedBy(pairs.ys()));
    }

    private static CurveFit fit(Curve curve, Pairs pairs) {
        return LeastSquares.fit(curve, pairs).curveFit().orElseThrow();
    }

    private static String equation(CurveFit fit, Pairs pairs) {
        return Equation.of(fit, X, Y, needed(pairs), EquationNotation.USUAL).plain();
    }

    /** The numbers of an equation in the order in which they are written, signs before them included. */
    private static double[] numbers(String equation) {
        Matcher matcher = Pattern.compile("([+\u2212]?) ?(\\d+(?:\\.\\d+)?)(?: × 10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+))?")
                .matcher(equation.replaceAll("x[²³⁴⁵⁶]", "x"));
        return matcher.results().mapToDouble(it -> Double.parseDouble((it.group(1).equals("\u2212") ? "-" : "") + it.group(2)
                + (it.group(3) == null ? "" : "E" + plain(it.group(3))))).toArray();
    }

    private static String plain(String raised) {
        return raised.chars().mapToObj(c -> c == '⁻' ? "-" : String.valueOf("⁰¹²³⁴⁵⁶⁷⁸⁹".indexOf(c))).reduce("", String::concat);
    }

    /** 1.14 + 0.45 · t, in millionths: the middle one of five lies on the line of the others, the rest do not. */
    @Test
    void aResidualThatIsNothingBesideTheLastDigitIsNought() {
        Pairs pairs = Pairs.of(new double[] {1998, 1999, 2000, 2001, 2002},
                new double[] {1.25e-6, 2.09e-6, 3e-6, 3.91e-6, 4.75e-6});
        CurveFit line = fit(new Curve.Line(), pairs);
        double middle = line.residual(2000, 3e-6).orElseThrow();
        assertThat(Math.abs(middle)).as("as doubles have it").isLessThan(1e-20);
        assertThat(needed(pairs).residual(middle)).isEqualTo("0.000000000");
        assertThat(needed(pairs).residual(-1.4e-22)).isEqualTo("0.000000000");
        assertThat(needed(pairs).residual(2.5e-8)).isEqualTo("+2.5 × 10⁻⁸");
    }

    @Test
    void anEquationOverYearsGivesWhatTheCurveGives() {
        double[] years = IntStream.range(0, 12).mapToDouble(i -> 2004 + i).toArray();
        double[] y = {52_800, 53_210, 53_480, 53_900, 54_130, 54_520, 54_790, 55_180, 55_460, 55_830, 56_120, 56_500};
        Pairs pairs = Pairs.of(years, y);
        CurveFit line = fit(new Curve.Line(), pairs);
        double[] written = numbers(equation(line, pairs));
        assertThat(written).hasSize(2);
        for (double year : years) {
            assertThat(written[0] + written[1] * year).isCloseTo(line.fitted(year).orElseThrow(), within(0.5));
        }
        String predicted = needed(pairs).predicted(line.fitted(2015).orElseThrow());
        assertThat(Double.parseDouble(predicted)).isCloseTo(line.fitted(2015).orElseThrow(), within(0.05));
        assertThat(Equation.of(line, X, Y, Precision.asked(NumberStyle.STANDARD), EquationNotation.USUAL).plain())
                .as("four digits where four are asked").matches("y = \u2212\\d{3}\\d{3} \\+ \\d{3}\\.\\d · x");
    }

    @Test
    void everyEquationIsRightToTheDigitsOfYOverTheRangeOfTheData() {
        Random random = new Random(23);
        for (double start : new double[] {0, 40, 2015, -3}) {
            double[] x = IntStream.range(0, 15).mapToDouble(i -> start + i).toArray();
            double[] y = Arrays.stream(x).map(t -> Math.round((7 + 2.345 * (t - start) + 0.2 * (t - start) * (t - start)
                    + random.nextGaussian()) * 10) / 10.0).toArray();
            Pairs pairs = Pairs.of(x, y);
            for (int degree = 1; degree <= 3; degree++) {
                CurveFit fit = fit(degree == 1 ? new Curve.Line() : new Curve.Polynomial(degree), pairs);
                double[] c = numbers(equation(fit, pairs));
                assertThat(c).hasSize(degree + 1);
                for (double at : x) {
                    double value = 0;
                    for (int j = c.length - 1; j >= 0; j--) {
                        value = value * at + c[j];
                    }
                    assertThat(value).as("%s at %s", equation(fit, pairs), at)
                            .isCloseTo(fit.fitted(at).orElseThrow(), within(0.0501));
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0", "100"})
    void growthIsWrittenWithDigitsEnoughToo(double start) {
        double[] x = IntStream.range(0, 10).mapToDouble(i -> start + i).toArray();
        double[] y = Arrays.stream(x).map(t -> Math.round(500 * Math.exp(-0.3 * (t - start)) * 10) / 10.0).toArray();
        Pairs pairs = Pairs.of(x, y);
        CurveFit fit = fit(new Curve.Exponential(FittedOn.VALUES), pairs);
        double[] c = numbers(equation(fit, pairs));
        for (double at : x) {
            assertThat(c[0] * Math.pow(c[1], at)).as(equation(fit, pairs)).isCloseTo(fit.fitted(at).orElseThrow(), within(0.051));
        }
    }

    @Test
    void aPredictionHasOneDigitMoreThanTheData() {
        Pairs tenths = Pairs.of(new double[] {1, 2, 3}, new double[] {8.1, 11.4, 20.25});
        assertThat(needed(tenths).predicted(48.9321)).isEqualTo("48.932");
        assertThat(needed(Pairs.of(new double[] {1, 2}, new double[] {1e-7, 2.5e-7})).predicted(1.23456e-7))
                .isEqualTo("1.23 × 10⁻⁷");
        assertThat(needed(tenths).predicted(0)).isEqualTo("0.000");
        assertThat(new Precision(NumberStyle.STANDARD.asked(2), new Fineness(0), new Fineness(3)).predicted(48.9321))
                .isEqualTo("49");
    }

    @Test
    void anInterceptThatIsOnlyRoundingIsWrittenAsZero() {
        Pairs pairs = Pairs.of(new double[] {1, 2, 3, 4}, new double[] {2.2, 3.9, 6.1, 8.3});
        LineFit line = (LineFit) fit(new Curve.Line(), pairs);
        assertThat(line.intercept().value()).as("what the doubles give in full").isNotZero().isCloseTo(0, within(1e-14));
        assertThat(line.intercept().shown()).isZero();
        assertThat(equation(line, pairs)).startsWith("y = 0 + 2.0");
        LineFit small = (LineFit) fit(new Curve.Line(),
                Pairs.of(new double[] {1, 2, 3, 4}, new double[] {1e-12, 2e-12, 3.1e-12, 4.2e-12}));
        assertThat(small.coefficients()).as("small is not nothing")
                .allSatisfy(it -> assertThat(it.shown()).isEqualTo(it.value()).isNotZero());
        CurveFit quadratic = fit(new Curve.Polynomial(2),
                Pairs.of(new double[] {1, 2, 3, 4, 5}, new double[] {0.3, 0.6, 0.9, 1.2, 1.5}));
        assertThat(quadratic.coefficients().get(2).shown()).isZero();
    }

    /** A reader who works on with the equation gets what is shown, to the digits that the data carry. */
    @Test
    void longDecimalsDoNotMakeLongEquations() {
        Random random = new Random(4);
        double[] x = IntStream.range(0, 14).mapToDouble(i -> i * 1.1).toArray();
        double[] line = Arrays.stream(x).map(t -> 75.5 - 3.47 * t + random.nextGaussian()).toArray();
        double[] growth = Arrays.stream(x).map(t -> 2.2 * Math.pow(1.2825, t) * Math.exp(0.05 * random.nextGaussian())).toArray();
        Pairs falling = Pairs.of(x, line);
        Pairs growing = Pairs.of(x, growth);
        String written = equation(fit(new Curve.Line(), falling), falling);
        assertThat(written).matches("y = \\d\\d\\.\\d{4} \u2212 \\d\\.\\d{3,5} · x");
        double[] c = numbers(written);
        CurveFit curve = fit(new Curve.Exponential(FittedOn.VALUES), growing);
        double[] g = numbers(equation(curve, growing));
        assertThat(equation(curve, growing)).matches("y = \\d\\.\\d{3,6} · 1\\.\\d{4,7}ˣ");
        for (double at : x) {
            assertThat(c[0] + c[1] * at).isCloseTo(fit(new Curve.Line(), falling).fitted(at).orElseThrow(), within(0.00051));
            assertThat(g[0] * Math.pow(g[1], at)).isCloseTo(curve.fitted(at).orElseThrow(), within(0.00051));
        }
        assertThat(needed(falling).predicted(43.123456789)).isEqualTo("43.1235");
        assertThat(needed(Pairs.of(x, Arrays.stream(x).map(t -> 1_234_567 + t * 900).toArray())).predicted(1_240_001.26))
                .as("whole digits are never left out").isEqualTo("1240001.3");
    }

    @Test
    void aShareBelowOneNeverLooksLikeAllOfIt() {
        NumberStyle three = NumberStyle.STANDARD.withDigits(3);
        assertThat(three.percent(0.9998)).isEqualTo("99.98");
        assertThat(three.percent(0.969)).isEqualTo("96.9");
        assertThat(three.percent(1)).isEqualTo("100");
        assertThat(NumberStyle.STANDARD.share(0.99998)).isEqualTo("0.99998");
        assertThat(NumberStyle.STANDARD.share(-0.999999)).isEqualTo("\u22120.999999");
        assertThat(NumberStyle.STANDARD.share(0.97)).isEqualTo("0.9700");
        assertThat(List.of(NumberStyle.STANDARD.share(1), NumberStyle.STANDARD.share(0))).containsExactly("1.000", "0.000");
    }

    @Test
    void aPlaceThatIsReachedIsADateWhereDatesStandOnTheAxisAndHasItsUnitElsewhere() {
        Precision days = new Precision(NumberStyle.STANDARD, new Fineness(0), new Fineness(1));
        CurveFit flat = fit(new Curve.Line(), Pairs.of(new double[] {0, 100, 200}, new double[] {1, 2.1, 2.9}));
        CurveFit steep = fit(new Curve.Line(), Pairs.of(new double[] {0, 1, 2}, new double[] {1, 4.6, 7.9}));
        assertThat(days.reached(steep, new Variable("width", "", "mm"), 7.2483))
                .as("7.2 leads to another y").isEqualTo("7.25 mm");
        assertThat(days.reached(steep, Variable.named("width"), 7.5001)).isEqualTo("7.5");
        assertThat(days.reached(flat, new Variable("age", "", "days"), 171.5)).isEqualTo("171.5 days");
        Variable dated = new Variable("day", "", "days", Optional.empty(),
                Optional.of(new Dates("2023-03-01", Dates.Step.DAYS)));
        assertThat(days.reached(flat, dated, 171)).as("171 days after the 1st of March").isEqualTo("2023-08-19");
    }
}
