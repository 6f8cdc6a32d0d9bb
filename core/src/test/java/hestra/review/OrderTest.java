package hestra.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.PointChange;
import hestra.desk.Desk;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.targets.Reason;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.ByEye;
import hestra.task.FindPoint;
import hestra.task.MatchPlot;
import hestra.task.PointSort;
import hestra.task.ReachTarget;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WrongPlot;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is asked in an order in which it cannot be done, or cannot be met at all. */
class OrderTest {

    private static final Task SLOPE = Kelp.read(Quantity.SLOPE, new Rounding.Places(3));
    private static final ByEye BY_EYE = new ByEye(Terms.of("eye", "By eye", "Lay a line.", 2), new Curve.Line(), 1.1, 1.5);

    private static Exercise open(Task... tasks) {
        return Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of()));
    }

    private static List<Remark> of(Exercise exercise, Remark.Sort sort) {
        return Review.of(exercise).stream().filter(it -> it.sort() == sort).toList();
    }

    private static Exercise mended(Exercise exercise, Remark remark) {
        return Desk.open(exercise).apply(remark.mend().orElseThrow().edit()).exercise();
    }

    private static MatchPlot match(MatchPlot.Shown shown) {
        return new MatchPlot(Terms.of("match", "Match", "Which?", 1), shown, Set.of(WrongPlot.AXES, WrongPlot.SIGN));
    }

    private static FindPoint find() {
        return new FindPoint(Terms.of("find", "Find it", "Which point?", 2), PointSort.HIGHEST_LEVERAGE, 1, Set.of(),
                Optional.empty(), Optional.empty());
    }

    private static ReachTarget target(Condition... conditions) {
        return new ReachTarget(Terms.of("target", "Reach it", "Do it.", 2), List.of(conditions));
    }

    private static Condition value(Quantity quantity, Band band) {
        return new Condition(new Measure.Value(quantity), band);
    }

    private static Exercise allowing(Exercise exercise, PointChange... changes) {
        return exercise.withFirst(part -> part.withRules(Stream.of(PointChange.values())
                .reduce(part.rules(), (rules, change) -> rules.with(change, List.of(changes).contains(change)),
                        (one, _) -> one)));
    }

    @Test
    void aPlotThatIsHiddenFromTasksBeforeIsHiddenTooEarly() {
        Exercise exercise = open(SLOPE, find(), match(MatchPlot.Shown.POINTS));
        Remark remark = of(exercise, Remark.Sort.HIDDEN_BEFORE).getFirst();
        assertThat(remark.message())
                .isEqualTo("Task 3 hides the plot until it is done, and tasks 1 and 2, which come before it, call for it.");
        assertThat(mended(exercise, remark).tasks()).extracting(Task::id).containsExactly("match", "read", "find");
        assertThat(of(mended(exercise, remark), Remark.Sort.HIDDEN_BEFORE)).isEmpty();
        assertThat(of(open(Kelp.read(Quantity.N, new Rounding.Places(0)), match(MatchPlot.Shown.POINTS)),
                Remark.Sort.HIDDEN_BEFORE)).as("what is counted in the table needs no plot").isEmpty();
    }

    @Test
    void anAidThatALaterTaskHidesIsNoAidThatNothingOpens() {
        Task residual = Kelp.read(Quantity.RESIDUAL, new Rounding.Places(2));
        Exercise exercise = open(((hestra.task.ReadValue) residual).with(hestra.task.Asking.USUAL.ofRow(1)),
                match(MatchPlot.Shown.RESIDUALS));
        Remark remark = of(exercise, Remark.Sort.HIDDEN_BEFORE).getFirst();
        assertThat(remark.message())
                .isEqualTo("Task 2 hides the residuals until it is done, and task 1, which comes before it, calls for it.");
        assertThat(of(exercise, Remark.Sort.AID_CLOSED)).isEmpty();
        assertThat(Review.of(mended(exercise, remark))).isEmpty();
    }

    @Test
    void pairsAreTypedBeforeTheyAreNeeded() {
        Exercise exercise = open(SLOPE, Kelp.read(Quantity.N, new Rounding.Places(0))
                .with(Terms.of("n", "Count", "How many?", 1)), Kelp.enter(2));
        Remark remark = of(exercise, Remark.Sort.TYPED_LATER).getFirst();
        assertThat(remark.message())
                .isEqualTo("Task 3 has the last 2 pairs typed, and tasks 1 and 2, which come before it, are about all of them.");
        assertThat(mended(exercise, remark).tasks()).extracting(Task::id).containsExactly("enter", "read", "n");
        assertThat(Review.of(mended(exercise, remark))).isEmpty();
        assertThat(of(open(Kelp.slip(), Kelp.roles(), Kelp.enter(1)), Remark.Sort.TYPED_LATER))
                .as("which values explain is known without them").isEmpty();
    }

    @Test
    void aLineByEyeComesBeforeTheLineIsSeen() {
        Remark remark = of(open(BY_EYE), Remark.Sort.SEEN_BEFORE).getFirst();
        assertThat(remark.message())
                .isEqualTo("Task 1 is to be done by eye, and the best line can be seen before: it is open from the beginning.");
        assertThat(mended(open(BY_EYE), remark).first().held()).containsExactly(Aid.LINE);
        assertThat(of(mended(open(BY_EYE), remark), Remark.Sort.SEEN_BEFORE)).isEmpty();

        Task opener = Kelp.read(Quantity.N, new Rounding.Places(0))
                .with(Terms.of("n", "Count", "How many?", 1).opening(Set.of(Aid.LINE)));
        Exercise late = Kelp.exercise(opener, BY_EYE).withFirst(part -> part.withHeld(Set.of(Aid.LINE)));
        Remark opened = of(late, Remark.Sort.SEEN_BEFORE).getFirst();
        assertThat(opened.message())
                .isEqualTo("Task 2 is to be done by eye, and the best line can be seen before: task 1 opens it.");
        assertThat(Review.of(mended(late, opened))).isEmpty();
    }

    @Test
    void aTargetThatTheRulesPutOutOfReachIsPointedOut() {
        Exercise exercise = allowing(open(target(value(Quantity.N, Band.atLeast(9)))), PointChange.MOVE);
        assertThat(of(exercise, Remark.Sort.OUT_OF_REACH)).extracting(Remark::message)
                .containsExactly("Task 1 cannot be done with these points and by these rules. It can’t be done (condition 1, "
                + "with what may be done to points here). The number of points does not come out.");
        assertThat(of(allowing(exercise, PointChange.ADD), Remark.Sort.OUT_OF_REACH)).isEmpty();
        Exercise perfect = allowing(open(target(value(Quantity.R, Band.exactly(1)))), PointChange.ADD);
        assertThat(of(perfect, Remark.Sort.OUT_OF_REACH)).as("the points stay, and are not on one line").hasSize(1);
        assertThat(of(open(target(value(Quantity.SLOPE, Band.atLeast(1)), value(Quantity.R, Band.atMost(-0.5)))),
                Remark.Sort.OUT_OF_REACH)).as("meant to be found out").isEmpty();
    }

    /** Five points, to which none may be added, never become nine: who says so is right. */
    @Test
    void whatTheRulesRuleOutCountsAsAReason() {
        Exercise exercise = allowing(open(target(value(Quantity.N, Band.atLeast(9)))), PointChange.MOVE, PointChange.REMOVE);
        Part part = exercise.first();
        Attempt attempt = new Attempt(new Answer.Reached(Held.NOTHING, Optional.of(Reason.COUNT)), Set.of());
        assertThat(part.tasks().getFirst().judge(attempt, Kelp.truth(exercise)).isRight()).isTrue();
        assertThat(part.tasks().getFirst().judge(attempt, Kelp.truth(allowing(exercise, PointChange.ADD))).isRight()).isFalse();
    }
}
