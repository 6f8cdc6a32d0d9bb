package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class InverseTest {

    private static CurveFit through(Curve curve, double[] x, DoubleUnaryOperator f) {
        return LeastSquares.fit(curve, Pairs.of(x, DoubleStream.of(x).map(f).toArray())).curveFit().orElseThrow();
    }

    private static double[] to(int last) {
        return IntStream.rangeClosed(1, last).mapToDouble(i -> i).toArray();
    }

    private static double[] places(CurveFit fit, double y) {
        return Inverse.of(fit, y).solutions().stream().mapToDouble(Inverse.Solution::x).toArray();
    }

    @Test
    void aLineReachesAValueOnceInsideOrOutside() {
        CurveFit line = through(new Curve.Line(), to(5), t -> 2 * t + 1);
        assertThat(Inverse.of(line, 7).solutions()).containsExactly(new Inverse.Solution(3, true, 0));
        assertThat(Inverse.of(line, 15).solutions()).containsExactly(new Inverse.Solution(7, false, 2));
        CurveFit flat = through(new Curve.Line(), to(5), t -> 4);
        assertThat(Inverse.of(flat, 4).everywhere()).isTrue();
        assertThat(Inverse.of(flat, 5).everywhere()).isFalse();
        assertThat(Inverse.of(flat, 5).solutions()).isEmpty();
    }

    @Test
    void aQuadraticReachesAValueTwiceOnceOrNever() {
        CurveFit optimum = through(new Curve.Polynomial(2), to(6), t -> 9 - (t - 3) * (t - 3));
        assertThat(places(optimum, 5)).containsExactly(new double[] {1, 5}, within(1e-12));
        assertThat(places(optimum, 9)).containsExactly(new double[] {3}, within(1e-5));
        assertThat(places(optimum, 10)).isEmpty();
    }

    @Test
    void aSixthDegreeHasAllItsRoots() {
        double[] roots = {-4, -1.5, -0.5, 1, 2.5, 3};
        CurveFit fit = through(new Curve.Polynomial(6), DoubleStream.iterate(-5, t -> t <= 4, t -> t + 0.75).toArray(),
                t -> DoubleStream.of(roots).map(root -> t - root).reduce(1, (a, b) -> a * b));
        assertThat(places(fit, 0)).containsExactly(roots, within(1e-9));
    }

    @Test
    void growthPowerAndLogarithmsAreTurnedRound() {
        assertThat(places(through(new Curve.Exponential(Curve.FittedOn.LOGARITHMS), to(5), t -> 3 * Math.pow(1.5, t)),
                3 * Math.pow(1.5, 2.5)))
                .containsExactly(new double[] {2.5}, within(1e-12));
        assertThat(places(through(new Curve.Exponential(Curve.FittedOn.VALUES), to(5), t -> 3 * Math.pow(1.5, t)), -1)).isEmpty();
        assertThat(places(through(new Curve.Power(Curve.FittedOn.LOGARITHMS), to(5), t -> 0.2 * t * t * t), 0.2 * 27))
                .containsExactly(new double[] {3}, within(1e-12));
        assertThat(places(through(new Curve.Logarithmic(), to(5), t -> 1 + 2 * Math.log(t)), 1))
                .containsExactly(new double[] {1}, within(1e-12));
    }

    @Test
    void everyCrossingNearACrestIsFound() {
        double[] x = IntStream.range(0, 40).mapToDouble(i -> i * 0.5).toArray();
        double[] y = Arrays.stream(x).map(t -> 5 + 2 * Math.sin(1.3 * t + 0.4)).toArray();
        CurveFit wave = LeastSquares.fit(new Curve.Wave(), Pairs.of(x, y)).curveFit().orElseThrow();
        for (double share : new double[] {0.999, 0.999999, -0.9999, 0.5, 0}) {
            Inverse inverse = Inverse.of(wave, 5 + 2 * share);
            List<Double> expected = new ArrayList<>();
            double from = -19.5;
            double to = 39;
            for (int k = -20; k <= 20; k++) {
                for (double angle : new double[] {Math.asin(share), Math.PI - Math.asin(share)}) {
                    double at = (angle + 2 * Math.PI * k - 0.4) / 1.3;
                    if (at >= from && at <= to) {
                        expected.add(at);
                    }
                }
            }
            expected.sort(null);
            assertThat(inverse.solutions()).as("at %s of the height", share).hasSameSizeAs(expected);
            for (int i = 0; i < expected.size(); i++) {
                assertThat(inverse.solutions().get(i).x()).isCloseTo(expected.get(i), within(1e-5));
            }
        }
        assertThat(Inverse.of(wave, 7.1).solutions()).isEmpty();
    }

    @Test
    void whereOwnTermsOnlyTouchAValueThePlaceIsFoundAndZeroIsZero() {
        Curve curve = new Curve.OwnTerms(List.of(Term.X, Term.INVERSE));
        CurveFit fit = LeastSquares.fit(curve, Pairs.of(new double[] {0.5, 1, 2, 4}, new double[] {2.5, 2, 2.5, 4.25})).curveFit()
                .orElseThrow();
        assertThat(Inverse.of(fit, 2).solutions()).singleElement().satisfies(it -> assertThat(it.x()).isCloseTo(1, within(1e-7)));
        assertThat(Inverse.of(fit, 2.5).solutions()).extracting(it -> Math.rint(it.x() * 1e9) / 1e9).containsExactly(0.5, 2.0);
        assertThat(Inverse.of(fit, 1.9).solutions()).isEmpty();
        CurveFit through = LeastSquares.fit(new Curve.OwnTerms(List.of(Term.X, Term.X_CUBED)),
                Pairs.of(new double[] {-1, 1, 2, -2}, new double[] {-3, 3, 20, -20})).curveFit().orElseThrow();
        assertThat(Inverse.of(through, 0).solutions()).extracting(Inverse.Solution::x).containsExactly(0.0);
    }

    @Test
    void aWaveReachesAValueAgainAndAgainWithinTheRangeThatWasSearched() {
        double[] x = DoubleStream.iterate(0, t -> t <= 12, t -> t + 0.25).toArray();
        CurveFit wave = through(new Curve.Wave(), x, t -> Math.sin(t));
        Inverse half = Inverse.of(wave, 0.5);
        double[] expected = IntStream.rangeClosed(-2, 3).boxed()
                .flatMapToDouble(k -> DoubleStream.of(2 * k * Math.PI + Math.PI / 6, 2 * k * Math.PI + 5 * Math.PI / 6))
                .filter(t -> t >= -12 && t <= 24).toArray();
        assertThat(half.solutions().stream().mapToDouble(Inverse.Solution::x).toArray()).containsExactly(expected, within(1e-7));
        assertThat(half.within()).isEqualTo(new Interval(-12, 24));
        assertThat(half.solutions().stream().filter(Inverse.Solution::inside)).hasSize(4);
    }

    @Property(tries = 300)
    void everySolutionOfACubicHasTheValueAndNoneIsMissed(@ForAll @Size(3) List<@DoubleRange(min = -5, max = 5) Double> roots) {
        double[] x = {-6, -4, -1, 0, 2, 3, 6};
        CurveFit fit = through(new Curve.Polynomial(3), x, t -> roots.stream()
                .mapToDouble(root -> t - root).reduce(1, (a, b) -> a * b));
        double[] found = places(fit, 0);
        for (double place : found) {
            assertThat(fit.fitted(place).orElseThrow()).isEqualTo(0, within(1e-7));
        }
        for (double root : roots) {
            assertThat(DoubleStream.of(found).anyMatch(place -> Math.abs(place - root) < 1e-3)).as("%s", root).isTrue();
        }
    }
}
