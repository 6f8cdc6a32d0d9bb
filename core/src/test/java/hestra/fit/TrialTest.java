package hestra.fit;

import java.util.List;

import hestra.data.Pairs;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Curves tried by eye, and the smooth through residuals. */
class TrialTest {

    private static final Pairs PAIRS = Pairs.of(new double[] {1, 2, 3, 4}, new double[] {2, 4, 5, 9});

    @Test
    void aTrialPassesThroughItsHandlesAndIsJudgedByTheData() {
        Trial trial = new Trial(new Curve.Line(), List.of(new Trial.Handle(0, 1), new Trial.Handle(5, 11)));
        TrialFit fit = trial.on(PAIRS).orElseThrow();
        assertThat(fit.fitted(2).orElseThrow()).isEqualTo(5, within(1e-12));
        // y = 1 + 2x: residuals −1, −1, −2, 0.
        assertThat(fit.sumOfSquares()).isEqualTo(6, within(1e-12));
        assertThat(fit.support()).isEqualTo(new Interval(1, 4));
        assertThat(fit.isDefinedOnAll()).isTrue();
        assertThat(fit.where(7).solutions()).singleElement().satisfies(it -> {
            assertThat(it.x()).isEqualTo(3, within(1e-12));
            assertThat(it.inside()).isTrue();
        });
        assertThat(fit.where(11).solutions().getFirst().inside()).as("among the handles, not among the data").isFalse();
    }

    @Test
    void itIsCalledByItsFamilyAndNeverLeastSquares() {
        Trial line = new Trial(new Curve.Line(), List.of(new Trial.Handle(0, 1), new Trial.Handle(5, 11)));
        Trial power = new Trial(new Curve.Power(Curve.FittedOn.VALUES), List.of(new Trial.Handle(1, 1), new Trial.Handle(5, 11)));
        assertThat(line.on(PAIRS).orElseThrow().inWords()).isEqualTo("line by eye");
        assertThat(power.on(PAIRS).orElseThrow().inWords()).isEqualTo("power curve by eye");
        assertThat(LeastSquares.fit(new Curve.Line(), PAIRS).curveFit().orElseThrow().inWords())
                .isEqualTo("line of least squares");
    }

    @Test
    void everyFamilyWithHandlesPassesThroughThem() {
        for (Curve curve : Curve.all()) {
            if (curve instanceof Curve.Wave) {
                continue;
            }
            Trial trial = Trial.level(curve, new Interval(1, 9), 10, 6);
            TrialFit fit = trial.on(PAIRS).orElseThrow();
            assertThat(trial.handles()).as(curve.code())
                    .allSatisfy(handle -> assertThat(fit.fitted(handle.x()).orElseThrow()).isEqualTo(handle.y(), within(1e-6)));
        }
    }

    @Test
    void noTrialIsBetterThanTheBestOfItsFamily() {
        double least = LeastSquares.line(PAIRS).line().orElseThrow().sse();
        for (int i = -20; i <= 20; i++) {
            Trial trial = new Trial(new Curve.Line(),
                    List.of(new Trial.Handle(1, 1.7 + i / 20.0), new Trial.Handle(4, 8.3 - i / 30.0)));
            assertThat(trial.on(PAIRS).orElseThrow().sumOfSquares()).isGreaterThanOrEqualTo(least - 1e-12);
        }
    }

    @Test
    void handlesThatNoCurvePassesThroughAreNoTrial() {
        Trial line = new Trial(new Curve.Line(), List.of(new Trial.Handle(1, 1), new Trial.Handle(2, 2)));
        assertThat(line.withHandle(1, new Trial.Handle(1, 5)).isPossible()).as("two at one x").isFalse();
        Trial growth = new Trial(new Curve.Exponential(Curve.FittedOn.LOGARITHMS),
                List.of(new Trial.Handle(1, 1), new Trial.Handle(2, 2)));
        assertThat(growth.isPossible()).isTrue();
        assertThat(growth.withHandle(0, new Trial.Handle(1, -1)).isPossible()).as("below zero").isFalse();
        assertThatThrownBy(() -> new Trial(new Curve.Line(), List.of(new Trial.Handle(1, 1))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Trial.Handle(Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void squaresCountWhereTheCurveIsDefinedAndItSaysSo() {
        Trial trial = new Trial(new Curve.Logarithmic(), List.of(new Trial.Handle(1, 0), new Trial.Handle(Math.E, 1)));
        TrialFit fit = trial.on(Pairs.of(new double[] {-1, 1, Math.E}, new double[] {5, 2, 1})).orElseThrow();
        assertThat(fit.isDefinedOnAll()).isFalse();
        assertThat(fit.sumOfSquares()).isEqualTo(4, within(1e-9));
    }

    @Test
    void theSmoothOfPointsOnALineIsThatLine() {
        double[] x = new double[40];
        double[] y = new double[40];
        for (int i = 0; i < x.length; i++) {
            x[i] = (i * 17) % 40;
            y[i] = 3 - 0.5 * x[i];
        }
        List<Smooth.Place> smooth = Smooth.of(x, y);
        assertThat(smooth.getFirst().x()).isZero();
        assertThat(smooth.getLast().x()).isEqualTo(39, within(1e-9));
        assertThat(smooth).allSatisfy(place -> assertThat(place.y()).isEqualTo(3 - 0.5 * place.x(), within(1e-6)));
    }

    @Test
    void theSmoothFollowsABend() {
        double[] x = new double[61];
        double[] y = new double[61];
        for (int i = 0; i < x.length; i++) {
            x[i] = i / 10.0 - 3;
            y[i] = x[i] * x[i] - 3;
        }
        List<Smooth.Place> smooth = Smooth.of(x, y);
        assertThat(smooth.get(30).y()).as("low in the middle").isNegative();
        assertThat(smooth.getFirst().y()).as("high at the ends").isPositive();
        assertThat(Smooth.of(new double[] {1, 1, 1, 1, 1, 1}, new double[] {1, 2, 3, 4, 5, 6})).as("one x").isEmpty();
        assertThat(Smooth.of(new double[] {1, 2}, new double[] {1, 2})).as("too few").isEmpty();
    }
}
