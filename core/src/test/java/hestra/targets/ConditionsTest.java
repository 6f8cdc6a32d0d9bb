package hestra.targets;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

import hestra.data.PointChange;
import hestra.data.Row;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/**
 * Conditions on five points whose numbers are worked out by hand: x = 0, 1, 2, 3, 4 and y = 1, 3, 2, 5, 4 have x̄ = 2, ȳ = 3, Sxx
 * = 10, Sxy = 8, Syy = 10, so b = 0.8, a = 1.4, r = 0.8, R² = 0.64, SSE = 3.6, s = √1.2; leverages 0.6, 0.3, 0.2, 0.3, 0.6.
 */
class ConditionsTest {

    private static final double NEAR = 1e-12;

    private static Held given() {
        return held(0, 1, 1, 3, 2, 2, 3, 5, 4, 4);
    }

    /** Given points, each x with its y. */
    private static Held held(double... values) {
        List<Held.Point> points = new ArrayList<>();
        for (int i = 0; i < values.length; i += 2) {
            points.add(new Held.Point(i / 2, values[i], values[i + 1], 1));
        }
        return new Held(points, Optional.empty());
    }

    private static Held with(Held held, Held.Point... more) {
        return new Held(Stream.concat(held.points().stream(), Stream.of(more)).toList(), held.byEye());
    }

    private static double value(Measure measure, Held now) {
        return measure.of(Situation.of(now, given())).orElseThrow();
    }

    @Test
    void valuesOfTheLine() {
        assertThat(value(new Measure.Value(Quantity.N), given())).isEqualTo(5);
        assertThat(value(new Measure.Value(Quantity.SLOPE), given())).isCloseTo(0.8, within(NEAR));
        assertThat(value(new Measure.Value(Quantity.INTERCEPT), given())).isCloseTo(1.4, within(NEAR));
        assertThat(value(new Measure.Value(Quantity.R), given())).isCloseTo(0.8, within(NEAR));
        assertThat(value(new Measure.Value(Quantity.R_SQUARED), given())).isCloseTo(0.64, within(NEAR));
        assertThat(value(new Measure.Value(Quantity.RESIDUAL_STANDARD_ERROR), given())).isCloseTo(Math.sqrt(1.2), within(NEAR));
        assertThat(value(new Measure.Value(Quantity.MEAN_X), given())).isEqualTo(2);
        assertThat(value(new Measure.Value(Quantity.MEAN_Y), given())).isEqualTo(3);
    }

    @Test
    void valuesOfPoints() {
        assertThat(value(new Measure.OfPoint(OptionalInt.of(0), PointMeasure.LEVERAGE), given())).isCloseTo(0.6, within(NEAR));
        assertThat(value(new Measure.OfPoint(OptionalInt.empty(), PointMeasure.LEVERAGE), given())).isCloseTo(0.6, within(NEAR));
        assertThat(value(new Measure.OfPoint(OptionalInt.of(2), PointMeasure.RESIDUAL), given()))
                .as("2 − (1.4 + 1.6)").isCloseTo(-1, within(NEAR));
        assertThat(value(new Measure.OfPoint(OptionalInt.empty(), PointMeasure.RESIDUAL), given()))
                .as("5 − (1.4 + 2.4), either way").isCloseTo(1.2, within(NEAR));
        double cook = 0.16 / (2 * 1.2) * 0.6 / 0.16;
        assertThat(value(new Measure.OfPoint(OptionalInt.of(0), PointMeasure.INFLUENCE), given())).as("e = −0.4, h = 0.6")
                .isCloseTo(cook, within(NEAR));
        assertThat(new Measure.OfPoint(OptionalInt.of(7), PointMeasure.LEVERAGE).of(Situation.of(given(), given())))
                .as("there is no eighth point").isEmpty();
    }

    @Test
    void anAddedPointIsNamedByTheNextRow() {
        Held now = with(given(), new Held.Point(Row.OWN, 10, 3, 1), new Held.Point(Row.OWN, 2, 3, 1));
        double sxx = 10 + 64 - 64.0 / 7;
        assertThat(value(new Measure.OfPoint(OptionalInt.of(5), PointMeasure.LEVERAGE), now)).as("1/7 + (10 − 22/7)² / Sxx")
                .isCloseTo(1 / 7.0 + Math.pow(10 - 22 / 7.0, 2) / sxx, within(NEAR));
        assertThat(value(new Measure.Changed(PointChange.ADD), now)).isEqualTo(2);
    }

    @Test
    void whatWasDoneIsCounted() {
        Held now = new Held(List.of(new Held.Point(0, 0, 1.5, 1), new Held.Point(1, 1, 3, 1), new Held.Point(3, 3, 5, 1),
                new Held.Point(4, 4, 4, 1), new Held.Point(Row.OWN, 5, 5, 1)), Optional.empty());
        assertThat(value(new Measure.Changed(PointChange.MOVE), now)).isEqualTo(1);
        assertThat(value(new Measure.Changed(PointChange.REMOVE), now)).isEqualTo(1);
        assertThat(value(new Measure.Changed(PointChange.ADD), now)).isEqualTo(1);
        assertThat(value(new Measure.Touched(Set.of()), now)).isEqualTo(2);
        assertThat(value(new Measure.Touched(Set.of(0)), now)).isEqualTo(1);
        assertThat(value(new Measure.Touched(Set.of(0, 2)), now)).isEqualTo(0);
    }

    @Test
    void theLineAndItsSides() {
        assertThat(value(new Measure.OnSide(true), given())).as("residuals −0.4, 0.8, −1, 1.2, −0.6").isEqualTo(2);
        assertThat(value(new Measure.OnSide(false), given())).isEqualTo(3);
        assertThat(value(new Measure.OnSide(true), held(0, 0.1, 1, 0.3, 2, 0.5))).as("all on it").isEqualTo(3);
        assertThat(value(new Measure.OnSide(false), held(0, 0.1, 1, 0.3, 2, 0.5))).isEqualTo(3);
        assertThat(value(new Measure.PastMean(), given())).isEqualTo(0);
        Measure byEye = new Measure.ByEye();
        Trial level = new Trial(new Curve.Line(), List.of(new Trial.Handle(0, 3), new Trial.Handle(4, 3)));
        assertThat(value(byEye, new Held(given().points(), Optional.of(level)))).as("Syy ÷ SSE")
                .isCloseTo(10 / 3.6, within(NEAR));
        assertThat(byEye.of(Situation.of(given(), given()))).as("nothing placed").isEmpty();
    }

    @Test
    void pointsOffTheirLineHaveNoPerfectR() {
        Held far = held(0, 0, 1, 1, 1e9, 1e9, 2, 2.001);
        assertThat(value(new Measure.Value(Quantity.R_SQUARED), far))
                .as("1 but for some 10⁻²⁴, which a double cannot hold").isLessThan(1);
        assertThat(value(new Measure.Value(Quantity.R), far)).isLessThan(1);
        assertThat(value(new Measure.Value(Quantity.R_SQUARED), held(0, 0, 1, 1, 2, 2))).isEqualTo(1);
    }

    @Test
    void whatBendsGainsByACurve() {
        Held bent = held(0, 0, 1, 1, 2, 4, 3, 9.1, 4, 15.9);
        OptionalDouble gain = new Measure.Gain(new Curve.Polynomial(2)).of(Situation.of(bent, given()));
        // The line through them has b = 4 and SSE = Syy − 16 · 10; the quadratic all but fits.
        double syy = 0 + 1 + 16 + 9.1 * 9.1 + 15.9 * 15.9 - 5 * 36;
        double sxy = 1 + 8 + 27.3 + 63.6 - 5 * 2 * 6;
        double straight = 1 - (syy - sxy * sxy / 10) / syy * 4 / 3;
        assertThat(gain.orElseThrow()).isBetween(1 - straight - 0.001, 1 - straight);
    }

    @Test
    void bandsAndChangesFromTheStart() {
        Condition changed = new Condition(new Measure.Value(Quantity.SLOPE), Band.atLeast(0.5), true, Optional.empty());
        assertThat(changed.holds(Situation.of(given(), given()))).isFalse();
        assertThat(changed.value(Situation.of(held(0, 5, 1, 3, 2, 2, 3, 5, 4, 4), given())).orElseThrow())
                .as("y of x = 0 up by 4: Sxy falls by 8").isCloseTo(0.8, within(NEAR));
        assertThat(changed.holds(Situation.of(held(0, 5, 1, 3, 2, 2, 3, 5, 4, 4), given()))).isTrue();
        Condition r = new Condition(new Measure.Value(Quantity.R), Band.between(0.7, 0.9));
        assertThat(r.holds(Situation.of(given(), given()))).isTrue();
        assertThat(r.holds(Situation.of(held(), given()))).as("no line, no r").isFalse();
        assertThat(Band.between(2, 1).isEmpty()).isTrue();
        assertThat(Band.exactly(2).holds(2)).isTrue();
        assertThatThrownBy(() -> Band.atLeast(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void conditionsInWords() {
        NumberStyle style = NumberStyle.STANDARD;
        assertThat(new Condition(new Measure.Value(Quantity.SLOPE), Band.between(-0.55, -0.45)).inWords(style))
                .isEqualTo("slope: from −0.55 to −0.45");
        assertThat(new Condition(new Measure.Value(Quantity.N), Band.exactly(5)).inWords(style)).isEqualTo("number of points: 5");
        assertThat(new Condition(new Measure.Value(Quantity.R), Band.atLeast(0.9)).inWords(style)).isEqualTo("r: at least 0.9");
        assertThat(new Condition(new Measure.Value(Quantity.R), Band.atLeast(0.2), true, Optional.empty()).inWords(style))
                .isEqualTo("r changed by at least 0.2");
        assertThat(new Condition(new Measure.Touched(Set.of(3)), Band.atMost(0)).inWords(style))
                .isEqualTo("only point 4 is moved or removed");
        assertThat(new Condition(new Measure.OfPoint(OptionalInt.of(7), PointMeasure.LEVERAGE), Band.atLeast(0.8)).inWords(style))
                .isEqualTo("leverage of point 8: at least 0.8");
        assertThat(new Condition(new Measure.Value(Quantity.R), Band.atLeast(0.9)).called("r is large").inWords(style))
                .isEqualTo("r is large");
    }
}
