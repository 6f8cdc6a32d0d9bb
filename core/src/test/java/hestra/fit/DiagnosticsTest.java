package hestra.fit;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class DiagnosticsTest {

    private static final double[] X = {1, 2, 4, 7, 11, 12};
    private static final double[] Y = {2.5, 3, 6.5, 8, 14.5, 12};

    static Stream<Curve> linearCurves() {
        return Stream.of(new Curve.Line(), new Curve.ThroughOrigin(), new Curve.Polynomial(2), new Curve.Polynomial(3),
                new Curve.Logarithmic(),
                new Curve.OwnTerms(List.of(Term.ROOT, Term.X)));
    }

    private static Pairs without(Pairs pairs, int left) {
        int[] kept = IntStream.range(0, pairs.size()).filter(i -> i != left).toArray();
        return Pairs.of(IntStream.of(kept).mapToDouble(pairs::x).toArray(), IntStream.of(kept).mapToDouble(pairs::y).toArray(),
                pairs.hasCounts() ? IntStream.of(kept).map(pairs::count).toArray() : null);
    }

    /** Change of coefficients, R² and the studentised residual in closed form, against a fit without the point. */
    @ParameterizedTest
    @MethodSource("linearCurves")
    void leavingAPointOutInClosedFormIsTheFitWithoutIt(Curve curve) {
        for (int[] counts : new int[][] {null, {1, 3, 1, 2, 4, 1}}) {
            Pairs pairs = Pairs.of(X, Y, counts);
            CurveFit fit = LeastSquares.fit(curve, pairs).curveFit().orElseThrow();
            List<Diagnostics.Point> points = Diagnostics.of(fit, pairs);
            for (int i = 0; i < X.length; i++) {
                CurveFit refit = LeastSquares.fit(curve, without(pairs, i)).curveFit().orElseThrow();
                Diagnostics.Point point = points.get(i);
                for (int k = 0; k < refit.coefficients().size(); k++) {
                    double expected = refit.coefficients().get(k).value() - fit.coefficients().get(k).value();
                    assertThat(point.change().get(k)).isEqualTo(expected, within(1e-10 * (1 + Math.abs(expected))));
                }
                assertThat(point.rSquaredWithout()).hasValueCloseTo(refit.goodness().rSquared().orElseThrow(), within(1e-10));
                if (point.count() == 1) {
                    double s = refit.goodness().residualStandardError().orElseThrow();
                    double expected = point.residual() / (s * Math.sqrt(1 - point.leverage().orElseThrow()));
                    assertThat(point.studentised()).hasValueCloseTo(expected, within(1e-9 * (1 + Math.abs(expected))));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("linearCurves")
    void leveragesOfAllObservationsAddUpToTheNumberOfCoefficients(Curve curve) {
        Pairs pairs = Pairs.of(X, Y, new int[] {1, 3, 1, 2, 4, 1});
        CurveFit fit = LeastSquares.fit(curve, pairs).curveFit().orElseThrow();
        double sum = Diagnostics.of(fit, pairs).stream()
                .mapToDouble(point -> point.count() * point.leverage().orElseThrow()).sum();
        assertThat(sum).isEqualTo(curve.coefficients(), within(1e-12));
    }

    @Test
    void cooksDistanceOfALineIsTheOneWorkedOutByHand() {
        // x = 0, 1, 2, 5; y = 1, 1, 2, 6: x̄ = 2, Sxx = 14, Sxy = 15; at x = 5 leverage is 1/4 + 9/14.
        Pairs pairs = Pairs.of(new double[] {0, 1, 2, 5}, new double[] {1, 1, 2, 6});
        CurveFit fit = LeastSquares.fit(new Curve.Line(), pairs).curveFit().orElseThrow();
        Diagnostics.Point last = Diagnostics.of(fit, pairs).getLast();
        double h = 0.25 + 9 / 14.0;
        double e = 6 - (2.5 + 15 / 14.0 * 3);
        double s = Math.sqrt((17 - 225 / 14.0) / 2);
        assertThat(last.leverage()).hasValueCloseTo(h, within(1e-15));
        assertThat(last.residual()).isEqualTo(e, within(1e-14));
        assertThat(last.standardised()).hasValueCloseTo(e / (s * Math.sqrt(1 - h)), within(1e-12));
        assertThat(last.cooksDistance()).hasValueCloseTo(e * e * h / (2 * s * s * (1 - h) * (1 - h)), within(1e-11));
    }

    @Test
    void aPointThatAloneDeterminesACoefficientHasNothingSaidOfItsAbsence() {
        Pairs pairs = Pairs.of(new double[] {1, 1, 1, 5}, new double[] {1, 2, 3, 9});
        Diagnostics.Point last = Diagnostics.of(LeastSquares.fit(new Curve.Line(), pairs).curveFit().orElseThrow(), pairs)
                .getLast();
        assertThat(last.leverage()).hasValueCloseTo(1.0, within(1e-14));
        assertThat(last.change()).isEmpty();
        assertThat(last.standardised()).isEmpty();
        assertThat(last.cooksDistance()).isEmpty();
        assertThat(last.rSquaredWithout()).isEmpty();
    }

    @Test
    void curvesThatAreNotLinearHaveResidualsButNoLeverage() {
        Pairs pairs = Pairs.of(X, Y);
        for (Curve.FittedOn on : Curve.FittedOn.values()) {
            Diagnostics.Point first = Diagnostics.of(LeastSquares.fit(new Curve.Exponential(on), pairs).curveFit().orElseThrow(),
                    pairs).getFirst();
            assertThat(first.residual()).isEqualTo(first.y() - first.fitted());
            assertThat(first.leverage()).isEmpty();
        }
    }

    @Test
    void residualsOfALineSumToZeroAndStandInOrderAtTheirPositions() {
        Pairs pairs = Pairs.of(X, Y);
        Residuals residuals = Residuals.of(LeastSquares.fit(new Curve.Line(), pairs).curveFit().orElseThrow(), pairs)
                .orElseThrow();
        assertThat(residuals.summary().sum()).isEqualTo(0, within(1e-13));
        assertThat(residuals.normal()).isSortedAccordingTo(java.util.Comparator.comparingDouble(Residuals.Quantile::residual))
                .hasSize(6);
        assertThat(residuals.normal().getFirst().quantile()).isEqualTo(-residuals.normal().getLast().quantile(), within(1e-12));
        // The first of six stands at (1 − 3/8) ÷ 6.25 = 0.1, whose normal quantile is in every table.
        assertThat(residuals.normal().getFirst().quantile()).isEqualTo(-1.2815515655446004, within(1e-12));
    }

    @Test
    void aBendIsSeenInTheRunsOfTheSigns() {
        double[] x = IntStream.range(0, 12).mapToDouble(i -> i).toArray();
        Pairs bent = Pairs.of(x, IntStream.range(0, 12).mapToDouble(i -> i * i).toArray());
        Residuals.Runs runs = Residuals.of(LeastSquares.fit(new Curve.Line(), bent).curveFit().orElseThrow(), bent)
                .orElseThrow().runs().orElseThrow();
        assertThat(runs.runs()).isEqualTo(3);
        assertThat(runs.hintsAtAnotherCurve()).isTrue();
        Random random = new Random(3);
        Pairs straight = Pairs.of(x, IntStream.range(0, 12).mapToDouble(i -> i + random.nextGaussian()).toArray());
        assertThat(Residuals.of(LeastSquares.fit(new Curve.Line(), straight).curveFit().orElseThrow(), straight)
                .orElseThrow().runs().orElseThrow()
                .hintsAtAnotherCurve()).isFalse();
    }

    private static Residuals of(Pairs pairs) {
        return Residuals.of(LeastSquares.fit(new Curve.Line(), pairs).curveFit().orElseThrow(), pairs).orElseThrow();
    }

    private static boolean hints(Residuals residuals) {
        return residuals.runs().map(Residuals.Runs::hintsAtAnotherCurve)
                .or(() -> residuals.lackOfFit().map(Residuals.LackOfFit::hintsAtAnotherCurve)).orElse(false);
    }

    @Test
    void straightDataWithRepeatedXAreNotToldThatAnotherCurveMayFitBetter() {
        Random random = new Random(77);
        for (int repeated : new int[] {2, 3, 8}) {
            int hinted = 0;
            for (int set = 0; set < 400; set++) {
                double[] x = IntStream.range(0, 24).mapToDouble(i -> i / repeated).toArray();
                double[] y = IntStream.range(0, 24).mapToDouble(i -> 3 + 2 * x[i] + random.nextGaussian()).toArray();
                hinted += hints(of(Pairs.of(x, y))) ? 1 : 0;
            }
            assertThat(hinted).as("%d of each x", repeated).isLessThan(400 * 8 / 100);
        }
    }

    @Test
    void aBendIsSeenWithRepeatedXTooAndTheOrderOfTheRowsDoesNotMatter() {
        double[] x = IntStream.range(0, 24).mapToDouble(i -> i / 3).toArray();
        Random random = new Random(5);
        double[] y = IntStream.range(0, 24).mapToDouble(i -> x[i] * x[i] + random.nextGaussian()).toArray();
        Residuals bent = of(Pairs.of(x, y));
        assertThat(bent.lackOfFit()).isPresent();
        assertThat(bent.runs()).isEmpty();
        assertThat(hints(bent)).isTrue();
        int[] shuffled = {2, 0, 1, 5, 4, 3, 7, 8, 6, 9, 11, 10, 12, 13, 14, 17, 16, 15, 18, 20, 19, 22, 23, 21};
        Residuals other = of(Pairs.of(IntStream.of(shuffled).mapToDouble(i -> x[i]).toArray(), IntStream.of(shuffled)
                .mapToDouble(i -> y[i]).toArray()));
        assertThat(other.lackOfFit().orElseThrow().p()).isCloseTo(bent.lackOfFit().orElseThrow().p(), within(1e-12));
        double[] few = {0, 1, 2, 2, 3, 4, 5, 6, 7, 8};
        double[] values = {0, 1.2, 3.8, 4.4, 9, 16.3, 25, 36, 49, 64};
        Residuals runs = of(Pairs.of(few, values));
        assertThat(runs.runs().orElseThrow().above() + runs.runs().orElseThrow().below())
                .as("two points of one x are one").isEqualTo(9);
    }

    @Test
    void lackOfFitIsTheFOfTheMeansAgainstThePoints() {
        // Means 1, 4, 1 at x = 0, 1, 2, two points each 1 away from theirs: the line is flat at 2, and F = (2(1 + 4 + 1) ÷ 1) ÷
        // (6 ÷ 3) = 6.
        Residuals.LackOfFit lack = of(Pairs.of(new double[] {0, 0, 1, 1, 2, 2}, new double[] {0, 2, 3, 5, 0, 2})).lackOfFit()
                .orElseThrow();
        assertThat(lack.f()).isCloseTo(6, within(1e-12));
        assertThat(List.of(lack.above(), lack.below())).containsExactly(1, 3);
        assertThat(lack.p()).isCloseTo(0.0917, within(5e-4));
    }

    @Test
    void largeValuesAndANearlyExactRestCostNoDigits() {
        double[] x = {1, 2, 3, 4, 5, 6, 7, 8};
        double[] y = {1e9 + 3, 1e9 + 5, 1e9 + 7, 1e9 + 9, 1e9 + 40, 1e9 + 13.000001, 1e9 + 15, 1e9 + 17};
        Pairs pairs = Pairs.of(x, y);
        List<Diagnostics.Point> points = Diagnostics.of(LeastSquares.fit(new Curve.Line(), pairs).curveFit().orElseThrow(),
                pairs);
        for (int i = 0; i < x.length; i++) {
            int left = i;
            double[] otherX = IntStream.range(0, 8).filter(k -> k != left).mapToDouble(k -> x[k]).toArray();
            double[] otherY = IntStream.range(0, 8).filter(k -> k != left).mapToDouble(k -> y[k]).toArray();
            ExactLeastSquares exact = new ExactLeastSquares(otherX, otherY, 0, 1);
            double leftOver = Fraction.of(1).minus(exact.rSquared()).decimal().doubleValue();
            assertThat(1 - points.get(i).rSquaredWithout().orElseThrow()).as("without %d", i)
                    .isCloseTo(leftOver, within(1e-10 * leftOver + 2e-16));
            double s = Math.sqrt(exact.sse().decimal().doubleValue() / 5);
            double expected = points.get(i).residual() / (s * Math.sqrt(1 - points.get(i).leverage().orElseThrow()));
            assertThat(points.get(i).studentised()).as("studentised %d", i).satisfies(it -> {
                if (it.isPresent()) {
                    assertThat(it.getAsDouble()).isCloseTo(expected, within(1e-10 * Math.abs(expected)));
                }
            });
        }
    }

    @Test
    void theProbabilityOfFewRunsIsTheShareOfTheOrders() {
        // Of the 6 orders of two signs each, ++−− and −−++ have 2 runs, +−−+ and −++− 3, the other two 4.
        assertThat(Residuals.Runs.of(new double[] {1, 1, -1, -1}).orElseThrow().p()).isEqualTo(2 / 6.0, within(1e-14));
        assertThat(Residuals.Runs.of(new double[] {1, -1, -1, 1}).orElseThrow().p()).isEqualTo(4 / 6.0, within(1e-14));
        assertThat(Residuals.Runs.of(new double[] {1, 0, -1, 1, -1}).orElseThrow().p()).isEqualTo(1, within(1e-14));
        // Three of one sign and one of the other: 4 orders, 2 of them with 2 runs.
        assertThat(Residuals.Runs.of(new double[] {1, 1, 1, -1}).orElseThrow().p()).isEqualTo(0.5, within(1e-14));
        assertThat(Residuals.Runs.of(new double[] {1, 2, 3})).isEmpty();
    }

    @Test
    void aMovingPointGivesTheLineOfAFullFitAtEveryPlace() {
        Random random = new Random(40);
        double[] x = IntStream.range(0, 40).mapToDouble(i -> 1e9 + i + random.nextDouble()).toArray();
        double[] y = IntStream.range(0, 40).mapToDouble(i -> 3 - 0.4 * i + random.nextGaussian()).toArray();
        Pairs pairs = Pairs.of(x, y);
        for (int moving : new int[] {0, 17, 39}) {
            MovingLine line = MovingLine.of(pairs, moving);
            for (int step = 0; step < 30; step++) {
                double toX = 1e9 + 60 * random.nextDouble() - 10;
                double toY = 20 * random.nextGaussian();
                LineFit quick = line.at(toX, toY).line().orElseThrow();
                LineFit full = LeastSquares.line(pairs.withMoved(moving, toX, toY)).line().orElseThrow();
                assertThat(quick.slope().value()).isEqualTo(full.slope().value(), within(1e-14 * Math.abs(full.slope().value())));
                assertThat(quick.intercept().value()).isEqualTo(full.intercept().value(),
                        within(1e-14 * Math.abs(full.intercept().value())));
                assertThat(quick.sse()).isEqualTo(full.sse(), within(1e-13 * full.sse()));
                assertThat(quick.support()).isEqualTo(full.support());
            }
        }
    }

    @Test
    void aMovingPointMayMakeTheFitExactOrTakeTheOnlyOtherXAway() {
        MovingLine line = MovingLine.of(Pairs.of(new double[] {1, 2, 3}, new double[] {1, 2, 9}), 2);
        assertThat(line.at(3, 3).line().orElseThrow().sse()).isZero();
        assertThat(line.at(3, 1e200)).isInstanceOf(Fit.None.class);
        MovingLine alone = MovingLine.of(Pairs.of(new double[] {1, 1, 3}, new double[] {1, 2, 9}), 2);
        assertThat(alone.at(1, 4)).isInstanceOf(Fit.None.class);
    }
}
