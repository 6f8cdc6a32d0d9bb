package hestra.fit;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.Pairs;
import hestra.numbers.NumberStyle;
import hestra.numbers.Probability;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class LeastSquaresTest {

    private static final BigDecimal THIRTEEN_DIGITS = new BigDecimal("5e-14");

    private static LineFit line(double[] x, double[] y) {
        return LeastSquares.line(Pairs.of(x, y)).line().orElseThrow();
    }

    /** Agreement to thirteen significant digits. */
    private static void assertDigits(String what, double actual, BigDecimal exact) {
        BigDecimal error = new BigDecimal(actual).subtract(exact).abs();
        assertThat(error).as("%s: %s, exactly %s", what, actual, exact.round(new MathContext(17)))
                .isLessThanOrEqualTo(exact.abs().multiply(THIRTEEN_DIGITS));
    }

    private static void assertExact(double[] x, double[] y) {
        LineFit line = line(x, y);
        ExactLine exact = new ExactLine(x, y);
        assertDigits("slope", line.slope().value(), exact.slope.decimal());
        assertDigits("intercept", line.intercept().value(), exact.intercept.decimal());
        assertDigits("SSE", line.sse(), exact.sse.decimal());
        assertDigits("SST", line.sst(), exact.sst.decimal());
        assertDigits("R²", line.rSquared().orElseThrow(), exact.rSquared().decimal());
        assertDigits("|r|", Math.abs(line.r().orElseThrow()), exact.rSquared().root());
        assertThat(Math.signum(line.r().orElseThrow())).isEqualTo(Math.signum(line.slope().value()));
        if (x.length > 2) {
            assertDigits("s", line.residualStandardError().orElseThrow(), exact.residualStandardError());
            assertDigits("slope's error", line.slope().standardError().orElseThrow(), exact.slopeError());
            assertDigits("intercept's error", line.intercept().standardError().orElseThrow(), exact.interceptError());
        }
        double beyond = x[0] + 3.7 * (x[x.length - 1] - x[0]);
        BigDecimal fitted = exact.at(beyond).decimal();
        assertThat(new BigDecimal(line.at(beyond)).subtract(fitted).abs())
                .isLessThanOrEqualTo(fitted.abs().add(exact.intercept.decimal().abs().multiply(new BigDecimal("1e-6")))
                .multiply(THIRTEEN_DIGITS));
    }

    static Stream<Arguments> problems() {
        Random random = new Random(2611);
        return IntStream.range(0, 160).mapToObj(i -> {
            int n = 3 + random.nextInt(i % 8 == 0 ? 300 : 30);
            double offset = new double[] {0, 1e9, -1e9, 2026, 1e-3}[i % 5];
            double xScale = new double[] {1, 1e-12, 1e12, 1e-3, 250}[i / 5 % 5];
            double yScale = new double[] {1, 1e12, 1e-12, 40}[i / 3 % 4];
            double noise = new double[] {0.2, 1e-5, 1e-9, 30}[i / 7 % 4];
            double[] x = new double[n];
            double[] y = new double[n];
            for (int k = 0; k < n; k++) {
                double step = i % 11 == 0 ? random.nextInt(4) : random.nextDouble() * 10;
                x[k] = offset * xScale + (k == 0 ? 11 : step) * xScale;
                y[k] = yScale * (3 - 1.7 * step + noise * random.nextGaussian());
            }
            return Arguments.of("n=%d offset=%s scales=%s,%s noise=%s".formatted(n, offset, xScale, yScale, noise), x, y);
        });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("problems")
    void everyStatisticAgreesWithExactArithmeticToThirteenDigits(String name, double[] x, double[] y) {
        assertExact(x, y);
    }

    @Test
    void yearsAsXLoseNothing() {
        double[] years = {2019, 2020, 2021, 2022, 2023, 2024, 2025, 2026};
        assertExact(years, new double[] {11.2, 11.9, 12.1, 12.8, 13.5, 13.4, 14.4, 14.6});
    }

    @Test
    void aNearlyPerfectFitKeepsItsResiduals() {
        double[] x = IntStream.range(0, 40).mapToDouble(i -> 1e9 + i).toArray();
        double[] y = IntStream.range(0, 40).mapToDouble(i -> 5 * i + (i % 2 == 0 ? 1e-9 : -1e-9)).toArray();
        assertExact(x, y);
        assertThat(line(x, y).rSquared().orElseThrow()).isGreaterThan(0.999_999_999_9);
    }

    @Test
    void theSmallKelpExampleComesOutAsByHand() {
        LineFit line = line(Kelp.DAYS, Kelp.LENGTHS);
        assertThat(line.slope().value()).isEqualTo(0.515, within(1e-15));
        assertThat(line.intercept().value()).isEqualTo(1.95, within(1e-14));
        assertThat(line.sse()).isEqualTo(0.043, within(1e-14));
        assertThat(line.sst()).isEqualTo(10.652, within(1e-13));
        assertThat(line.adjustedRSquared().orElseThrow()).isEqualTo(1 - 0.043 / 10.652 * 4 / 3, within(1e-14));
        assertThat(line.meanX()).isEqualTo(6);
        assertThat(line.support()).isEqualTo(new Interval(2, 10));
        assertThat(line.residualOf(10, 7.2)).isEqualTo(0.1, within(1e-14));
    }

    @Test
    void slopeOfTwoPointsIsTheirGradientAndNothingIsSaidOfErrors() {
        LineFit line = line(new double[] {1, 3}, new double[] {2, 8});
        assertThat(line.slope().value()).isEqualTo(3);
        assertThat(line.intercept().value()).isEqualTo(-1);
        assertThat(line.r()).hasValue(1);
        assertThat(line.sse()).isZero();
        assertThat(line.residualStandardError()).isEmpty();
        assertThat(line.adjustedRSquared()).isEmpty();
        assertThat(line.slope().standardError()).isEmpty();
        assertThat(line.slope().interval(0.95)).isEmpty();
        assertThat(line.predict(2, 0.95).meanInterval()).isEmpty();
    }

    @Test
    void anExactLineHasNoResidualsAndNoT() {
        LineFit line = line(new double[] {0, 3, 6, 9}, new double[] {0, 1, 2, 3});
        assertThat(line.sse()).isZero();
        assertThat(line.r()).hasValue(1);
        assertThat(line.slope().standardError()).hasValue(0);
        assertThat(line.slope().t()).isEmpty();
    }

    @Test
    void aFlatResponseHasAFlatLineAndNoCorrelation() {
        LineFit line = line(new double[] {1, 2, 4}, new double[] {0.1, 0.1, 0.1});
        assertThat(line.slope().value()).isZero();
        assertThat(line.intercept().value()).isEqualTo(0.1);
        assertThat(line.r()).isEmpty();
        assertThat(line.rSquared()).isEmpty();
        assertThat(line.adjustedRSquared()).isEmpty();
        assertThat(line.sst()).isZero();
    }

    @Test
    void whatCannotBeFittedSaysWhy() {
        assertThat(LeastSquares.line(Pairs.of(new double[0], new double[0]))).isInstanceOfSatisfying(Fit.None.class,
                none -> assertThat(none.reason()).contains("none yet"));
        assertThat(LeastSquares.line(Pairs.of(new double[] {1}, new double[] {1}))).isInstanceOfSatisfying(Fit.None.class,
                none -> assertThat(none.reason()).contains("at least two"));
        assertThat(LeastSquares.line(Pairs.of(new double[] {5, 5, 5}, new double[] {1, 2, 3})))
                .isInstanceOfSatisfying(Fit.None.class,
                none -> assertThat(none.reason()).contains("same x"));
        assertThat(LeastSquares.line(Pairs.of(new double[] {1, 2, 3}, new double[] {1e200, -1e200, 3e200})))
                .isInstanceOfSatisfying(Fit.None.class,
                none -> assertThat(none.reason()).contains("too large"));
    }

    @Test
    void veryLargeXIsNoTroubleByItself() {
        assertExact(new double[] {1e300, 2e300, 4e300}, new double[] {1, 2, 3.5});
    }

    @Test
    void probabilityOfTMatchesTheClosedFormsForOneAndTwoDegrees() {
        for (double t : new double[] {0.1, 1, 2.5, 12.7, 1e6}) {
            assertThat(Probability.twoSidedT(t, 1)).isEqualTo(1 - 2 / Math.PI * Math.atan(t), within(1e-10));
            double twoDegrees = 2 / (t * t + 2) / (1 + t / Math.sqrt(t * t + 2));
            assertThat(Probability.twoSidedT(-t, 2)).isEqualTo(twoDegrees, within(twoDegrees * 1e-10));
        }
    }

    @Test
    void farTailsOfTKeepTheirDigits() {
        // With 4 degrees of freedom p = (1 − u)²(2 + u)/2 for u = t/√(4 + t²); far out 1 − u is 2/t², so p is 6/t⁴.
        double t = 1e9;
        double expected = 6 / Math.pow(t, 4);
        assertThat(Probability.twoSidedT(t, 4)).isEqualTo(expected, within(expected * 1e-10));
    }

    @Test
    void predictionIntervalsFollowTheTextbook() {
        LineFit line = line(Kelp.DAYS, Kelp.LENGTHS);
        // t(0.975; 3) = 3.182446305284263, from tables.
        double s = Math.sqrt(0.043 / 3);
        double leverage = 0.2 + 16.0 / 40;
        Prediction inside = line.predict(10, 0.95);
        assertThat(inside.fitted()).isEqualTo(7.1, within(1e-13));
        assertThat(inside.inside()).isTrue();
        assertThat(inside.beyond()).isZero();
        assertThat(inside.meanInterval().orElseThrow().high())
                .isEqualTo(7.1 + 3.182446305284263 * s * Math.sqrt(leverage), within(1e-9));
        assertThat(inside.predictionInterval().orElseThrow().low())
                .isEqualTo(7.1 - 3.182446305284263 * s * Math.sqrt(1 + leverage), within(1e-9));
        Prediction outside = line.predict(-1, 0.95);
        assertThat(outside.inside()).isFalse();
        assertThat(outside.beyond()).isEqualTo(3);
    }

    @Test
    void coefficientIntervalIsTheEstimateAndTTimesItsError() {
        LineFit line = line(Kelp.DAYS, Kelp.LENGTHS);
        Interval interval = line.slope().interval(0.95).orElseThrow();
        double error = Math.sqrt(0.043 / 3 / 40);
        assertThat(interval.high() - 0.515).isEqualTo(3.182446305284263 * error, within(1e-10));
        assertThat(interval.contains(0.515)).isTrue();
        assertThat(interval.contains(0.9)).isFalse();
    }

    @Test
    void slopeThroughTheOriginIsSumXyOverSumXx() {
        assertThat(LeastSquares.slopeThroughOrigin(Pairs.of(Kelp.DAYS, Kelp.LENGTHS)).orElseThrow())
                .isEqualTo(171.8 / 220, within(1e-15));
        assertThat(LeastSquares.slopeThroughOrigin(Pairs.of(new double[] {0, 0}, new double[] {1, 2}))).isEmpty();
    }

    @Test
    void equationPutsTheSignBetweenItsTerms() {
        LineFit falling = line(new double[] {1, 2, 3}, new double[] {8, 6, 4});
        Equation equation = Equation.of(falling, Kelp.table().variable(0), Kelp.table().variable(1), NumberStyle.STANDARD);
        assertThat(equation.plain()).isEqualTo("length = 10.00 − 2.000 · days");
    }

    private static List<Integer> rows(Pairs pairs) {
        return IntStream.range(0, pairs.size()).mapToObj(pairs::row).toList();
    }

    @Test
    void rowsThatACurveIsNotDefinedForAreLeftOutWhereThatIsAskedFor() {
        // y = 2 + 3 ln x through x = 1, e and e².
        Pairs pairs = Pairs.of(new double[] {0, 1, Math.E, Math.E * Math.E, -2}, new double[] {50, 2, 5, 8, -7});
        Curve log = new Curve.Logarithmic();
        assertThat(LeastSquares.fit(log, pairs)).isInstanceOf(Fit.None.class);
        Pairs usable = LeastSquares.usable(log, pairs);
        assertThat(rows(usable)).containsExactly(1, 2, 3);
        CurveFit fit = LeastSquares.fit(log, usable).curveFit().orElseThrow();
        assertThat(fit.coefficients().get(0).value()).isCloseTo(2, within(1e-12));
        assertThat(fit.coefficients().get(1).value()).isCloseTo(3, within(1e-12));
        assertThat(LeastSquares.usable(new Curve.Line(), pairs)).isSameAs(pairs);
        assertThat(rows(LeastSquares.usable(new Curve.Exponential(Curve.FittedOn.LOGARITHMS), pairs)))
                .as("y above 0").containsExactly(0, 1, 2, 3);
        assertThat(LeastSquares.usable(new Curve.Exponential(Curve.FittedOn.VALUES), pairs)).isSameAs(pairs);
        assertThat(rows(LeastSquares.usable(new Curve.Power(Curve.FittedOn.VALUES), pairs))).containsExactly(1, 2, 3);
        assertThat(rows(LeastSquares.usable(new Curve.OwnTerms(List.of(Term.ONE, Term.ROOT)), pairs)))
                .as("the root of 0 is 0").containsExactly(0, 1, 2, 3);
    }
}
