package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A line by eye on the kelp, whose least sum of squares is 0.043. */
class ByEyeTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());

    private static ByEye task(double full, double half) {
        return new ByEye(Terms.of("eye", "By eye", "Put a line.", 2), new Curve.Line(), full, half);
    }

    private static Answer placed(double y2, double y10) {
        return new Answer.Placed(Optional.of(new Trial(new Curve.Line(),
                List.of(new Trial.Handle(2, y2), new Trial.Handle(10, y10)))));
    }

    private static Verdict judged(ByEye task, Answer answer) {
        return task.judge(new Attempt(answer, Set.of()), TRUTH);
    }

    @Test
    void theBestLineEarnsAllMarksAndIsOneTimesTheLeast() {
        Verdict verdict = judged(task(1, 1.5), placed(2.98, 7.10));
        assertThat(verdict.isRight()).isTrue();
        assertThat(verdict.earned()).isEqualTo(2);
        assertThat(verdict.message()).contains("1.00 × the least");
    }

    @Test
    void aLineNotQuiteAsGoodEarnsHalf() {
        // 0.1 too high everywhere: SSE grows by 5 · 0.01 to 0.093, 2.163 times 0.043.
        Verdict verdict = judged(task(1.1, 2.5), placed(3.08, 7.20));
        assertThat(verdict.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(verdict.earned()).isEqualTo(1);
        assertThat(verdict.message()).contains("2.16 × the least");
        assertThat(judged(task(1.1, 2), placed(3.08, 7.20)).outcome()).isEqualTo(Outcome.WRONG);
    }

    @Test
    void whereTheSquaresDifferMostIsSaid() {
        // The residuals are 0.12 and so on less 0.1: those of rows 2 and 4 grow most, 0.21² − 0.11² = 0.032 at row 2.
        assertThat(judged(task(1.1, 2.5), placed(3.08, 7.20)).advice()).contains("row 2")
                .contains("days is 4").contains("too high");
    }

    @Test
    void aLargeResidualThatTheBestLineHasTooIsNotWhereTheyDiffer() {
        // Row 1 keeps its 0.12, the largest of all; at row 5 it is 0.115 in the place of 0.10.
        assertThat(judged(task(1, 2), placed(2.98, 7.085)).advice()).contains("row 5").contains("too low");
    }

    @Test
    void aMultipleAboveTheBandIsNotShownAsTheBand() {
        // 0.0208 too high: SSE = 0.043 + 5 · 0.0208² = 0.0451632, 1.0503 times the least: above 1.05, which it would be rounded
        // to.
        assertThat(judged(task(1.05, 2), placed(2.98 + 0.0208, 7.10 + 0.0208)).message()).contains("1.0503 × the least");
    }

    @Test
    void nothingPlacedOrAnotherCurveCostsNoTry() {
        assertThat(task(1.1, 1.5).unfinished(new Answer.Placed(Optional.empty()), TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("Put a line"));
        Trial bent = new Trial(new Curve.Polynomial(2),
                List.of(new Trial.Handle(2, 3), new Trial.Handle(5, 3), new Trial.Handle(10, 7)));
        assertThat(task(1.1, 1.5).unfinished(new Answer.Placed(Optional.of(bent)), TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("quadratic").contains("Place a line"));
        assertThat(task(1.1, 1.5).unfinished(placed(3, 7), TRUTH)).isEmpty();
    }

    @Test
    void aCurveByEyeIsSetBesideTheBestOfItsFamily() {
        ByEye quadratic = new ByEye(Terms.of("eye", "By eye", "Put it.", 2), new Curve.Polynomial(2), 1.1, 1.5);
        CurveFit best = LeastSquares.fit(new Curve.Polynomial(2), TRUTH.pairs()).curveFit().orElseThrow();
        Trial trial = new Trial(new Curve.Polynomial(2), List.of(2.0, 6.0, 10.0).stream()
                .map(x -> new Trial.Handle(x, best.fitted(x).orElseThrow())).toList());
        assertThat(judged(quadratic, new Answer.Placed(Optional.of(trial))).isRight()).isTrue();
        assertThat(quadratic.compared()).contains(new Curve.Polynomial(2));
    }

    @Test
    void bandsAreInOrder() {
        assertThatThrownBy(() -> task(0.9, 2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> task(2, 1.5)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aCurveIsShownByTheCurvesAsWellAsByTheLine() {
        Terms terms = Terms.of("eye", "By eye", "Put it.", 2);
        assertThat(new ByEye(terms, new Curve.Line(), 1.1, 1.5).shownBy()).containsExactly(Aid.LINE);
        assertThat(new ByEye(terms, new Curve.Polynomial(2), 1.1, 1.5).shownBy())
                .containsExactlyInAnyOrder(Aid.LINE, Aid.CURVES);
    }
}
