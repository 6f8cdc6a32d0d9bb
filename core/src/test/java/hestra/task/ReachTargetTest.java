package hestra.task;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.feedback.KeptPoints;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.targets.Reason;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Targets on the kelp: slope 0.515, R² = 1 − 0.043 ÷ 10.652. */
class ReachTargetTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());
    private static final Condition FALLS = new Condition(new Measure.Value(Quantity.SLOPE), Band.atMost(-0.1));
    private static final Condition RISES = new Condition(new Measure.Value(Quantity.SLOPE), Band.atLeast(0.5));
    private static final Condition ABOVE = new Condition(new Measure.OnSide(true), Band.atMost(0));

    private static ReachTarget task(Condition... conditions) {
        return new ReachTarget(Terms.of("target", "Reach it", "Do it.", 4), List.of(conditions));
    }

    private static Bench bench(DataTable table, Map<String, Answer> drafts) {
        return new Bench(TRUTH, table, Optional.empty(), drafts);
    }

    @Test
    void theStateAsItStandsIsTheAnswer() {
        Answer.Reached standing = (Answer.Reached) task(RISES).standing(bench(TRUTH.given(), Map.of()));
        assertThat(standing.held().points()).hasSize(5).first().isEqualTo(new Held.Point(0, 2, 3.1, 1));
        assertThat(standing.held().byEye()).isEmpty();
        assertThat(task(RISES).unfinished(standing, TRUTH)).isEmpty();
        assertThat(task(RISES).judge(new Attempt(standing, Set.of()), TRUTH).earned()).isEqualTo(4);
    }

    @Test
    void theStateInWhichItWasReachedIsToldInWords() {
        Answer standing = task(RISES, new Condition(new Measure.Value(Quantity.N), Band.exactly(5)))
                .standing(bench(TRUTH.given(), Map.of()));
        assertThat(task(RISES, new Condition(new Measure.Value(Quantity.N), Band.exactly(5))).inWords(standing, TRUTH))
                .containsExactly("slope: at least 0.5 (0.5150)", "number of points: 5 (5)",
                "with the points (2; 3.1) (4; 3.9) (6; 5) (8; 6) (10; 7.2)");
    }

    @Test
    void whatDoesNotHoldYetIsNamedAndCostsNoTry() {
        Answer standing = task(RISES, FALLS).standing(bench(TRUTH.given(), Map.of()));
        assertThat(task(RISES, FALLS).unfinished(standing, TRUTH))
                .hasValueSatisfying(it -> assertThat(it).startsWith("1 of 2 conditions hold").contains("slope: at most −0.1"));
    }

    @Test
    void aPointSetAsideIsRemoved() {
        Condition removed = new Condition(new Measure.Changed(PointChange.REMOVE), Band.exactly(1));
        DataTable table = new TableEdit.SetAside(2, "odd").appliedTo(TRUTH.given(), DecimalMark.POINT);
        ReachTarget task = task(removed);
        assertThat(task.unfinished(task.standing(bench(table, Map.of())), TRUTH)).isEmpty();
        assertThat(task.unfinished(task.standing(bench(TRUTH.given(), Map.of())), TRUTH)).isPresent();
    }

    @Test
    void whatCannotBeDoneIsRightWithItsReasonAndHalfRightWithAnother() {
        ReachTarget task = task(ABOVE);
        assertThat(task.reasons(TRUTH)).contains(Reason.MEAN_POINT).hasSize(5);
        assertThat(task.judge(new Attempt(new Answer.Reached(Held.NOTHING, Optional.of(Reason.MEAN_POINT)), Set.of()), TRUTH)
                .earned()).isEqualTo(4);
        Verdict other = task.judge(new Attempt(new Answer.Reached(Held.NOTHING, Optional.of(Reason.LEVERAGE)), Set.of()), TRUTH);
        assertThat(other.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(other.earned()).isEqualTo(2);
        assertThat(task.rightAnswer(TRUTH)).startsWith("it can’t be done");
    }

    @Test
    void whatCanBeDoneIsWronglyCalledImpossible() {
        ReachTarget task = task(FALLS);
        Answer cannot = new Answer.Reached(Held.NOTHING, Optional.of(Reason.MEAN_POINT));
        assertThat(task.unfinished(cannot, TRUTH)).isEmpty();
        assertThat(task.judge(new Attempt(cannot, Set.of()), TRUTH).outcome()).isEqualTo(Outcome.WRONG);
        assertThat(task.reasons(TRUTH)).hasSize(5);
    }

    /**
     * r of 0.5 and no other can be met, though no search comes upon it, and no proof stands against it: nobody is marked wrong.
     */
    @Test
    void whatIsNeitherProvedNorFoundIsLeftToTheMarker() {
        ReachTarget task = task(new Condition(new Measure.Value(Quantity.R), Band.exactly(0.5)));
        Answer cannot = new Answer.Reached(Held.NOTHING, Optional.of(Reason.LEAST));
        Verdict verdict = task.judge(new Attempt(cannot, Set.of()), TRUTH);
        assertThat(verdict.forMarker()).isTrue();
        assertThat(verdict.outcome()).isNotEqualTo(Outcome.WRONG);
        assertThat(verdict.message()).endsWith("Your instructor decides.");
    }

    @Test
    void contradictoryConditionsAreNamedToTheAuthorWithTheirNumbers() {
        assertThat(task(RISES, new Condition(new Measure.Value(Quantity.N), Band.atLeast(5)), FALLS).key(TRUTH).text())
                .contains("conditions 1 and 3").contains("contradict");
        assertThat(task(FALLS).key(TRUTH).text()).contains("nothing rules it out").contains("0 of 1");
    }

    @Test
    void moreThanAThousandPointsAreTooMany() {
        double[] x = IntStream.range(0, 1_001).asDoubleStream().toArray();
        List<Row> rows = Arrays.stream(x).mapToObj(it -> Row.of(Cell.of(it, DecimalMark.POINT), Cell.of(it, DecimalMark.POINT)))
                .toList();
        Truth many = Truth.of(Kelp.table().withRows(rows), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(task(RISES).key(many).computed()).isFalse();
        Answer standing = task(RISES).standing(new Bench(many, many.given(), Optional.empty(), Map.of()));
        assertThat(task(RISES).unfinished(standing, many))
                .hasValueSatisfying(it -> assertThat(it).contains("more than 1000 points"));
    }

    @Test
    void withTooFewPointsNothingHoldsAndNothingFails() {
        Truth one = Truth.of(Kelp.table().withRows(Kelp.table().rows().subList(0, 1)), Roles.FIRST_EXPLAINS, DecimalMark.POINT,
                List.of(), KeptPoints.FULL);
        Answer.Reached standing = (Answer.Reached) task(RISES, ABOVE)
                .standing(new Bench(one, one.given(), Optional.empty(), Map.of()));
        assertThat(task(RISES, ABOVE).standings(standing, one)).allMatch(it -> !it.holds() && it.value().isEmpty());
        assertThat(task(RISES).unfinished(standing, one)).hasValueSatisfying(it -> assertThat(it).contains("0 of 1"));
        assertThat(task(RISES).key(one).computed()).isTrue();
    }

    @Test
    void aLineByEyeBelongsToTheStateWhereAConditionLooksAtIt() {
        Trial best = new Trial(new Curve.Line(), List.of(new Trial.Handle(2, 2.98), new Trial.Handle(10, 7.10)));
        Bench bench = new Bench(TRUTH, TRUTH.given(), Optional.empty(), Map.of(),
                new Handiwork(Optional.of(best), Drawing.BY_ITSELF, List.of(), Optional.empty(), WrittenSection.NOTHING,
                        Optional.empty()),
                OptionalInt.empty());
        ReachTarget task = task(new Condition(new Measure.ByEye(), Band.atMost(1.01)));
        assertThat(task.unfinished(task.standing(bench), TRUTH)).isEmpty();
        assertThat(task.needs()).containsExactly(Aid.TRIAL);
        assertThat(((Answer.Reached) task(RISES).standing(bench)).held().byEye()).isEmpty();
    }
}
