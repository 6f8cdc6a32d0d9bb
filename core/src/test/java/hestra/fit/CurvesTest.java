package hestra.fit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import static hestra.fit.Curve.FittedOn.LOGARITHMS;
import static hestra.fit.Curve.FittedOn.VALUES;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class CurvesTest {

    private static final Variable MINUTES = new Variable("minutes", "", "min");
    private static final Variable WARMTH = new Variable("warmth", "", "°C");

    private static Pairs pairs(double[] x, DoubleUnaryOperator f) {
        return Pairs.of(x, DoubleStream.of(x).map(f).toArray());
    }

    private static double[] noisy(double[] x, DoubleUnaryOperator f, double noise, Random random) {
        return DoubleStream.of(x).map(t -> f.applyAsDouble(t) + noise * random.nextGaussian()).toArray();
    }

    private static double[] x(double... values) {
        return values;
    }

    private static CurveFit fit(Curve curve, Pairs pairs) {
        Fit fit = LeastSquares.fit(curve, pairs);
        assertThat(fit).as("%s", fit instanceof Fit.None none ? none.reason() : "").isInstanceOf(CurveFit.class);
        return (CurveFit) fit;
    }

    private static String refusal(Curve curve, Pairs pairs) {
        return ((Fit.None) LeastSquares.fit(curve, pairs)).reason();
    }

    private static double value(CurveFit fit, String coefficient) {
        return fit.coefficients().stream().filter(it -> it.name().equals(coefficient)).findFirst().orElseThrow().value();
    }

    private static String equation(CurveFit fit) {
        return Equation.of(fit, MINUTES, WARMTH, NumberStyle.STANDARD).plain();
    }

    @Test
    void anExactCubicIsFoundWithNothingLeftOver() {
        CurveFit fit = fit(new Curve.Polynomial(3), pairs(x(-2, -1, 0, 1, 2, 5), t -> 1 - 2 * t + 0.5 * t * t * t));
        assertThat(fit.coefficients().stream().map(Coefficient::name)).containsExactly("intercept", "x", "x^2", "x^3");
        assertThat(fit.coefficients().stream().mapToDouble(Coefficient::value).toArray())
                .containsExactly(new double[] {1, -2, 0, 0.5}, within(1e-15));
        assertThat(fit.goodness().rSquared()).hasValue(1);
        assertThat(fit.goodness().sse()).isZero();
        assertThat(fit.fTest()).isEmpty();
        assertThat(equation(fit)).startsWith("warmth = 1.000 − 2.000 · minutes ").endsWith("+ 0.5000 · minutes³");
    }

    @Test
    void theExponentialOnTheLogScaleIsTheLineOfLogarithmsTurnedBack() {
        double[] minutes = x(0, 5, 10, 20, 30);
        double[] warmth = x(60, 44, 31, 17, 8.5);
        LogScaleFit fit = (LogScaleFit) fit(new Curve.Exponential(LOGARITHMS), Pairs.of(minutes, warmth));
        ExactLeastSquares line = new ExactLeastSquares(minutes, DoubleStream.of(warmth).map(Math::log).toArray(), 0, 1);
        assertThat(value(fit, "k")).isEqualTo(line.coefficient(1).decimal().doubleValue(), within(1e-15));
        assertThat(value(fit, "b")).isEqualTo(Math.exp(line.coefficient(1).decimal().doubleValue()), within(1e-15));
        assertThat(value(fit, "a")).isEqualTo(Math.exp(line.coefficient(0).decimal().doubleValue()), within(1e-13));
        assertThat(fit.transformedRSquared()).hasValueCloseTo(line.rSquared().decimal().doubleValue(), within(1e-14));
        double a = value(fit, "a");
        double k = value(fit, "k");
        double sse = IntStream.range(0, 5).mapToDouble(i -> Math.pow(warmth[i] - a * Math.exp(k * minutes[i]), 2)).sum();
        double mean = 160.5 / 5;
        double sst = DoubleStream.of(warmth).map(w -> (w - mean) * (w - mean)).sum();
        assertThat(fit.goodness().rSquared()).hasValueCloseTo(1 - sse / sst, within(1e-13));
        assertThat(fit.remarks()).anyMatch(remark -> remark.contains("log scale"));
        Interval ofK = fit.interval(fit.coefficients().get(2), 0.95).orElseThrow();
        Interval ofB = fit.interval(fit.coefficients().get(1), 0.95).orElseThrow();
        assertThat(ofB.low()).isEqualTo(Math.exp(ofK.low()), within(1e-14));
        Prediction at = fit.predicted(10, 0.95).orElseThrow();
        assertThat(at.predictionInterval().orElseThrow().low()).isPositive().isLessThan(at.fitted());
        assertThat(at.fitted()).isEqualTo(a * Math.exp(10 * k), within(1e-12));
        assertThat(equation(fit)).matches("warmth = \\d+\\.\\d+ · 0\\.\\d+\\^minutes");
    }

    /**
     * The direct minimum found in another way: the rate at which the slope of the squares, the factor taken out, changes sign.
     */
    private static double[] minimumByHalving(double[] x, double[] y, double low, double high) {
        DoubleUnaryOperator factor = k -> {
            double ey = 0;
            double ee = 0;
            for (int i = 0; i < x.length; i++) {
                ey += y[i] * Math.exp(k * x[i]);
                ee += Math.exp(2 * k * x[i]);
            }
            return ey / ee;
        };
        DoubleUnaryOperator slope = k -> {
            double a = factor.applyAsDouble(k);
            return -IntStream.range(0, x.length).mapToDouble(i -> (y[i] - a * Math.exp(k * x[i])) * a * x[i] * Math.exp(k * x[i]))
                    .sum();
        };
        double from = low;
        double to = high;
        for (int i = 0; i < 200; i++) {
            double middle = (from + to) / 2;
            if (slope.applyAsDouble(middle) < 0) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return new double[] {factor.applyAsDouble(from), from};
    }

    @Test
    void theDirectExponentialIsTheMinimumToEightDigits() {
        Random random = new Random(8);
        for (int problem = 0; problem < 40; problem++) {
            double rate = -0.2 + 0.01 * problem;
            double noise = new double[] {0.01, 0.5, 3}[problem % 3];
            double step = 10.0 / (5 + problem);
            double[] x = IntStream.range(0, 6 + problem).mapToDouble(i -> step * i).toArray();
            double[] y = noisy(x, t -> 20 * Math.exp(rate * t), noise, random);
            double[] expected = minimumByHalving(x, y, rate - 0.3, rate + 0.3);
            CurveFit fit = fit(new Curve.Exponential(VALUES), Pairs.of(x, y));
            assertThat(value(fit, "k")).as("problem %d", problem)
                    .isEqualTo(expected[1], within(1e-8 * Math.max(0.01, Math.abs(expected[1]))));
            assertThat(value(fit, "a")).isEqualTo(expected[0], within(1e-8 * expected[0]));
        }
    }

    @Test
    void theDirectPowerCurveIsTheDirectExponentialInTheLogarithmOfX() {
        double[] widths = x(8, 10, 13, 17, 22, 27, 33);
        double[] masses = x(0.4, 0.9, 1.7, 4.1, 8.8, 17.5, 30);
        double[] expected = minimumByHalving(DoubleStream.of(widths).map(Math::log).toArray(), masses, 1, 5);
        CurveFit fit = fit(new Curve.Power(VALUES), Pairs.of(widths, masses));
        assertThat(value(fit, "b")).isEqualTo(expected[1], within(1e-8));
        assertThat(value(fit, "a")).isEqualTo(expected[0], within(1e-8 * expected[0]));
        assertThat(fit.goodness().sse()).isLessThan(fit(new Curve.Power(LOGARITHMS), Pairs.of(widths, masses)).goodness().sse());
        assertThat(equation(fit)).matches("warmth = .* · minutes\\^\\d\\.\\d+");
    }

    @Test
    void aDirectFitTakesValuesOfEitherSign() {
        CurveFit fit = fit(new Curve.Exponential(VALUES), Pairs.of(x(0, 1, 2, 3, 4), x(-8, -4.1, -1.9, -1.1, 0.1)));
        assertThat(value(fit, "a")).isNegative();
        assertThat(value(fit, "k")).isEqualTo(-0.69, within(0.05));
        assertThat(fit.remarks()).anyMatch(remark -> remark.contains("approximate"));
    }

    /** Years in which everything doubles: from x = 0 on, a would be 0.75 · 2⁻²⁰⁰⁰, which no double holds. */
    @ParameterizedTest
    @MethodSource("everyFitOfGrowth")
    void farFromZeroTheEquationIsWrittenFromAnXAmongTheData(Curve curve) {
        double[] since = x(0, 1, 2, 3, 4, 5, 6, 7, 8, 9);
        double[] noise = x(1.1, 0.95, 1, 1.02, 0.9, 1.05, 1, 0.97, 1.04, 1);
        double[] y = IntStream.range(0, 10).mapToDouble(i -> 3 * Math.pow(2, since[i]) * noise[i]).toArray();
        CurveFit years = fit(curve, Pairs.of(DoubleStream.of(since).map(t -> t + 2000).toArray(), y));
        assertThat(years.reference().x()).hasValue(2004);
        CurveFit shifted = fit(curve, Pairs.of(DoubleStream.of(since).map(t -> t - 4).toArray(), y));
        assertThat(value(years, "a")).isCloseTo(value(shifted, "a"), within(1e-11 * value(shifted, "a")));
        assertThat(value(years, "b")).isCloseTo(value(shifted, "b"), within(1e-11));
        assertThat(years.interval(years.coefficients().getFirst(), 0.95).orElseThrow().low()).isCloseTo(
                shifted.interval(shifted.coefficients().getFirst(), 0.95).orElseThrow().low(), within(1e-8));
        assertThat(Inverse.of(years, 200).solutions().getFirst().x())
                .isCloseTo(2004 + Inverse.of(shifted, 200).solutions().getFirst().x(), within(1e-9));
        assertThat(equation(years)).startsWith("warmth = 4").endsWith("^(minutes \u2212 2004)");
        assertThat(fit(curve, Pairs.of(since, y)).reference()).isEqualTo(Reference.NONE);
    }

    static Stream<Curve> everyFitOfGrowth() {
        return Stream.of(new Curve.Exponential(VALUES), new Curve.Exponential(LOGARITHMS));
    }

    /** y = 5 (x ÷ 10⁶)¹⁰⁰ goes up by some 1.01 for each hundred of x; a of a · x¹⁰⁰ would be 5 · 10⁻⁶⁰⁰. */
    @ParameterizedTest
    @MethodSource("everyFitOfPowers")
    void aSteepPowerFarFromZeroIsWrittenAsAShareOfAnX(Curve curve) {
        double[] x = IntStream.range(0, 12).mapToDouble(i -> 1_000_000 + 5_000 * i).toArray();
        CurveFit fit = fit(curve, pairs(x, t -> 5 * Math.exp(100 * Math.log(t / 1e6))));
        double from = fit.reference().x().orElseThrow();
        assertThat(from).isEqualTo(1_030_000);
        assertThat(value(fit, "b")).isCloseTo(100, within(1e-7));
        assertThat(value(fit, "a")).isCloseTo(5 * Math.exp(100 * Math.log1p(0.03)), within(1e-7));
        assertThat(Inverse.of(fit, 5).solutions().getFirst().x()).isCloseTo(1e6, within(1e-4));
        assertThat(equation(fit)).startsWith("warmth = 96.09").endsWith("(minutes \u00f7 1030000)^100.0");
    }

    static Stream<Curve> everyFitOfPowers() {
        return Stream.of(new Curve.Power(VALUES), new Curve.Power(LOGARITHMS));
    }

    @Test
    void whereTheSquaresKeepFallingTheDirectFitSaysSoAndGivesNoNumber() {
        assertThat(refusal(new Curve.Exponential(VALUES), Pairs.of(x(0, 1, 2, 3), x(0, 0, 0, 5)))).contains("keep falling");
    }

    @Test
    void aWaveIsFoundInEveryPhaseAndManyFrequencies() {
        Random random = new Random(12);
        for (double frequency : new double[] {0.4, 1, 2.3, 5}) {
            for (double phase : new double[] {-3, -1, 0.2, 2}) {
                double[] x = IntStream.range(0, 60).mapToDouble(i -> 2026 + i * 0.2).toArray();
                double noise = 0.05;
                CurveFit fit = fit(new Curve.Wave(), pairs(x, t -> 7 + 3 * Math.sin(frequency * (t - 2026) + phase)
                        + noise * random.nextGaussian()));
                assertThat(value(fit, "c")).isEqualTo(frequency, within(0.02));
                assertThat(value(fit, "a")).isEqualTo(7, within(0.5));
                assertThat(value(fit, "b")).isEqualTo(3, within(0.5));
                assertThat(value(fit, "d")).isBetween(-Math.PI, Math.PI);
                double at = 2030;
                double written = value(fit, "a") + value(fit, "b") * Math.sin(value(fit, "c") * at + value(fit, "d"));
                assertThat(fit.fitted(at)).hasValueCloseTo(written, within(1e-9));
            }
        }
    }

    @Test
    void decayIsNoWaveAndALesserMinimumIsNotPassedOffAsOne() {
        double[] minutes = x(0, 2, 4, 6, 8, 10, 15, 20, 30);
        assertThat(refusal(new Curve.Wave(), pairs(minutes, t -> 61 * Math.exp(-0.095 * t))))
                .contains("least for one far longer");
    }

    @Test
    void logarithmicAndOwnTermsAreSolvedTogether() {
        double[] years = x(1, 2, 5, 12, 30);
        double[] rings = x(2.1, 4.0, 6.4, 8.9, 11.2);
        CurveFit log = fit(new Curve.Logarithmic(), Pairs.of(years, rings));
        ExactLeastSquares exact = new ExactLeastSquares(DoubleStream.of(years).map(Math::log).toArray(), rings, 0, 1);
        assertThat(value(log, "a")).isEqualTo(exact.coefficient(0).decimal().doubleValue(), within(1e-13));
        assertThat(value(log, "b")).isEqualTo(exact.coefficient(1).decimal().doubleValue(), within(1e-13));
        CurveFit own = fit(new Curve.OwnTerms(List.of(Term.ONE, Term.LN)), Pairs.of(years, rings));
        assertThat(own.goodness()).isEqualTo(log.goodness());
        assertThat(equation(log)).matches("warmth = \\d\\.\\d+ \\+ \\d\\.\\d+ · ln minutes");
        CurveFit every = fit(new Curve.OwnTerms(List.of(Term.X_CUBED, Term.ROOT, Term.INVERSE, Term.EXP)),
                pairs(x(0.5, 1, 1.5, 2, 3, 4),
                t -> 2 * t * t * t - 3 * Math.sqrt(t) + 5 / t + 0.25 * Math.exp(t)));
        assertThat(every.coefficients().stream().mapToDouble(Coefficient::value).toArray())
                .containsExactly(new double[] {2, -3, 5, 0.25}, within(1e-9));
        assertThat(equation(every))
                .isEqualTo("warmth = 2.000 · minutes³ − 3.000 · √minutes + 5.000 ÷ minutes + 0.2500 · e^minutes");
    }

    @Test
    void theLineThroughTheOriginMayDoWorseThanTheMeanAndSaysSo() {
        CurveFit fit = fit(new Curve.ThroughOrigin(), Pairs.of(x(1, 2, 3), x(10, 9, 8.5)));
        assertThat(value(fit, "slope")).isEqualTo(53.5 / 14, within(1e-14));
        assertThat(fit.goodness().rSquared().orElseThrow()).isNegative();
        assertThat(fit.remarks()).anyMatch(remark -> remark.contains("negative"));
        assertThat(fit.fTest()).isEmpty();
        assertThat(fit.degreesOfFreedom()).isEqualTo(2);
    }

    @Test
    void fOfALineIsTheSquareOfItsT() {
        LineFit line = LeastSquares.line(Pairs.of(x(1, 2, 3, 5, 8), x(2, 1, 4, 3, 7))).line().orElseThrow();
        FTest test = line.fTest().orElseThrow();
        double t = line.slope().t().orElseThrow();
        assertThat(test.f()).isEqualTo(t * t, within(1e-12));
        assertThat(test.p()).isEqualTo(line.slope().p().orElseThrow(), within(1e-13));
        assertThat(List.of(test.above(), test.below())).containsExactly(1, 3);
    }

    @Test
    void theCovarianceOfACurveIsSquaredErrorsWithTheRestBeside() {
        Pairs pairs = Pairs.of(x(1, 2, 3, 5, 8), x(2, 1, 4, 3, 7));
        for (Curve curve : List.of(new Curve.Line(), new Curve.Polynomial(2))) {
            LinearFit fit = (LinearFit) fit(curve, pairs);
            double[][] covariance = fit.covariance().orElseThrow();
            for (int k = 0; k < covariance.length; k++) {
                assertThat(Math.sqrt(covariance[k][k]))
                        .isEqualTo(fit.coefficients().get(k).standardError().orElseThrow(), within(1e-12));
            }
        }
        // For the line: cov(a, b) = −x̄ var(b).
        double[][] ofLine = ((LinearFit) fit(new Curve.Line(), pairs)).covariance().orElseThrow();
        assertThat(ofLine[0][1]).isEqualTo(-3.8 * ofLine[1][1], within(1e-12));
    }

    @Test
    void rowsOutsideACurvesDomainAreNamed() {
        Pairs pairs = Pairs.of(x(0, 1, 2, 3), x(5, -1, 0, 2));
        assertThat(refusal(new Curve.Logarithmic(), pairs))
                .isEqualTo("A logarithmic curve needs x above 0; row 1 does not. Set it aside, or choose another curve.");
        assertThat(refusal(new Curve.Exponential(LOGARITHMS), pairs)).contains("y above 0; rows 2 and 3 do not")
                .contains("fit the curve directly");
        assertThat(refusal(new Curve.Power(VALUES), pairs)).contains("x above 0").doesNotContain("directly");
        assertThat(refusal(new Curve.OwnTerms(List.of(Term.ONE, Term.INVERSE)), pairs)).contains("x other than 0; row 1");
        assertThat(refusal(new Curve.Exponential(LOGARITHMS), pairs(IntStream.range(0, 20).asDoubleStream().toArray(), t -> -1)))
                .contains("rows 1, 2, 3, 4, 5, 6 and 14 more");
    }

    @Test
    void tooFewDifferentXNamesBothNumbers() {
        assertThat(refusal(new Curve.Polynomial(3), Pairs.of(x(1, 1, 2, 2, 3), x(1, 2, 3, 4, 5))))
                .contains("4 coefficients").contains("only 3");
    }

    @Test
    void termsThatAreMixturesOfOneAnotherCannotBeToldApart() {
        // √x and x agree at 0 and 1.
        assertThat(refusal(new Curve.OwnTerms(List.of(Term.X, Term.ROOT)), Pairs.of(x(0, 1, 1), x(1, 2, 3))))
                .contains("cannot be separated");
    }

    @Test
    void asManyCoefficientsAsPointsIsSaidToSayNothing() {
        CurveFit fit = fit(new Curve.Polynomial(2), Pairs.of(x(1, 2, 4), x(3, 1, 8)));
        assertThat(fit.goodness().rSquared()).hasValue(1);
        assertThat(fit.goodness().residualStandardError()).isEmpty();
        assertThat(fit.remarks()).anyMatch(remark -> remark.contains("every point"));
        assertThat(fit.predicted(3, 0.9).orElseThrow().meanInterval()).isEmpty();
    }

    @Test
    void allYEqualLeavesRSquaredUndefined() {
        CurveFit fit = fit(new Curve.Polynomial(2), Pairs.of(x(1, 2, 4, 7), x(0.1, 0.1, 0.1, 0.1)));
        assertThat(fit.goodness().rSquared()).isEmpty();
        assertThat(fit.goodness().sse()).isZero();
        assertThat(fit.remarks()).anyMatch(remark -> remark.contains("not defined"));
        assertThat(refusal(new Curve.Wave(), Pairs.of(x(1, 2, 4, 7, 9), x(1, 1, 1, 1, 1)))).contains("All y are equal");
    }

    static Stream<Curve> everyCurve() {
        return Stream.concat(Curve.all().stream(), Stream.of(new Curve.OwnTerms(List.of(Term.values()))));
    }

    /** No, one and two points, equal values, extremes: a fit with finite numbers or a reason, and nothing else. */
    @ParameterizedTest
    @MethodSource("everyCurve")
    void badInputGivesAReasonOrFiniteNumbers(Curve curve) {
        double most = Double.MAX_VALUE;
        double[][] xs = {{}, {1}, {1, 2}, {1, 1}, {1, 1, 1, 1, 1, 1, 1, 1, 1}, {1, 2, 3, 4, 5, 6, 7, 8, 9},
                {1e300, 2e300, 3e300, 4e300, 5e300, 6e300, 7e300, 8e300, 9e300},
            {-most, most, 1, 2, 3, 4, 5, 6, 7}, {1e-310, 2e-310, 3e-310, 4e-310, 5e-310, 6e-310, 7e-310, 8e-310, 9e-310},
                    {-3, -2, -1, 0, 1, 2, 3, 4, 5}};
        double[] ys = {3, 1, 4, 1.5, 9, 2, 6, 5, 3.5};
        for (double[] x : xs) {
            for (double scale : new double[] {0, 1, -1, 1e300, 1e-300, 1e-320}) {
                double[] y = Arrays.stream(ys, 0, x.length).map(v -> v * scale).toArray();
                Fit fit = LeastSquares.fit(curve, Pairs.of(x, y));
                switch (fit) {
                    case Fit.None(String reason) -> assertThat(reason).endsWith(".").hasSizeGreaterThan(20);
                    case CurveFit found -> {
                        assertFinite(found.coefficients().stream().mapToDouble(Coefficient::value));
                        assertFinite(found.coefficients().stream().flatMapToDouble(it -> it.standardError().stream()));
                        assertFinite(found.coefficients().stream().flatMapToDouble(it -> it.p().stream()));
                        assertFinite(DoubleStream.of(found.goodness().sse(), found.goodness().sst(),
                                found.goodness().rSquared().orElse(0),
                                found.goodness().residualStandardError().orElse(0), found.goodness()
                                        .adjustedRSquared().orElse(0)));
                        for (double at : new double[] {-1e308, -1, 0, 1, 5, 1e308}) {
                            Optional<Prediction> prediction = found.predicted(at, 0.95);
                            assertFinite(prediction.stream().mapToDouble(Prediction::fitted));
                            assertFinite(prediction.stream().flatMap(it -> it.meanInterval().stream())
                                    .flatMapToDouble(it -> DoubleStream.of(it.low(), it.high())));
                            assertFinite(Inverse.of(found, at).solutions().stream().mapToDouble(Inverse.Solution::x));
                        }
                    }
                }
            }
        }
    }

    private static void assertFinite(DoubleStream values) {
        assertThat(values.filter(value -> !Double.isFinite(value)).toArray()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"line", "origin", "quadratic", "cubic", "poly4", "poly5", "poly6", "exponential", "power", "log",
            "wave", "terms:1,x^2,ln(x)"})
    void aCurveIsReadFromTheNameItGives(String code) {
        assertThat(Curve.of(code, LOGARITHMS).orElseThrow().code()).isEqualTo(code);
    }

    @ParameterizedTest
    @ValueSource(strings = {"poly7", "terms:", "terms:1,1", "terms:tan(x)", "squiggle", ""})
    void aNameThatIsNoCurveIsNone(String code) {
        assertThat(Curve.of(code, LOGARITHMS)).isEmpty();
    }

    @Test
    void polynomialsGoFromDegreeTwoToSix() {
        assertThatThrownBy(() -> new Curve.Polynomial(7)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Curve.OwnTerms(List.of(Term.X, Term.X))).isInstanceOf(IllegalArgumentException.class);
        assertThat(Comparison.of(Curve.all(), Pairs.of(x(1, 2, 3), x(2, 3, 5))).rows()).hasSize(Curve.all().size());
    }
}
