package hestra.review;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Varying;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.CurveFamily;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Measure;
import hestra.task.Aid;
import hestra.task.ByEye;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.Question;
import hestra.task.ReachTarget;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteEquation;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class ReviewTest {

    private static Exercise open(Task... tasks) {
        return Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of()));
    }

    private static List<Remark> remarks(Exercise exercise) {
        return Review.of(exercise);
    }

    private static Remark only(Exercise exercise, Remark.Sort sort) {
        assertThat(remarks(exercise)).extracting(Remark::sort).containsExactly(sort);
        return remarks(exercise).getFirst();
    }

    /** The exercise once what is proposed has been done. */
    private static Exercise mended(Exercise exercise, Remark remark) {
        return Desk.open(exercise).apply(remark.mend().orElseThrow().edit()).exercise();
    }

    private static ReadValue read(Quantity quantity, int places) {
        return Kelp.read(quantity, new Rounding.Places(places));
    }

    @Test
    void aSoundExerciseHasNothingToLookAt() {
        // 0.515 at 3 places is exact, and no plain mistake gives it.
        assertThat(remarks(open(read(Quantity.SLOPE, 3)))).isEmpty();
    }

    @Test
    void anEmptyExerciseAsksNothing() {
        assertThat(only(Exercise.blank("new"), Remark.Sort.NOTHING_ASKED).mend()).isEmpty();
        assertThat(remarks(Exercise.study("reeds", "Reeds", DecimalMark.POINT))).as("a study asks nothing by nature").isEmpty();
    }

    @Test
    void aTaskThatIsWorthNothingIsGivenAMark() {
        Task task = read(Quantity.SLOPE, 3);
        Exercise exercise = open(task.with(task.terms().withMarks(0)));
        Remark remark = only(exercise, Remark.Sort.WORTH_NOTHING);
        assertThat(remark.message()).isEqualTo("Task 1 is worth no marks.");
        assertThat(remark.isAbout("read")).isTrue();
        assertThat(mended(exercise, remark).task("read").orElseThrow().terms().marks()).isEqualTo(1);
        assertThat(remarks(mended(exercise, remark))).isEmpty();
    }

    @Test
    void anAidThatIsStillClosedIsOpenedByTheTaskBefore() {
        Task slope = read(Quantity.SLOPE, 3);
        Exercise exercise = Kelp.exercise(Kelp.describe(), slope).withFirst(part -> part.withHeld(Set.of(Aid.EQUATION)));
        Exercise opensNothing = exercise.withFirst(part -> part.withTasks(task -> task.with(task.terms().opening(Set.of())))
                .withHeld(Set.of(Aid.EQUATION)));
        Remark remark = only(opensNothing, Remark.Sort.AID_CLOSED);
        assertThat(remark.message()).isEqualTo("Task 2 calls for the equation, which is still closed then: no task opens it.");
        Exercise mended = mended(opensNothing, remark);
        assertThat(mended.tasks().getFirst().terms().opens()).containsExactly(Aid.EQUATION);
        assertThat(remarks(mended)).isEmpty();
    }

    @Test
    void theFirstTaskCannotWaitForAnother() {
        Exercise exercise = Kelp.exercise(read(Quantity.SLOPE, 3)).withFirst(part -> part.withHeld(Set.of(Aid.EQUATION)));
        Remark remark = only(exercise, Remark.Sort.AID_CLOSED);
        assertThat(remark.mend().orElseThrow().words()).isEqualTo("Leave it open");
        assertThat(mended(exercise, remark).first().held()).isEmpty();
    }

    @Test
    void whatIsClosedForGoodIsSaidOnce() {
        Exercise exercise = Kelp.exercise(read(Quantity.N, 0)).withFirst(part -> part.withHeld(EnumSet.of(Aid.R, Aid.RESIDUALS)));
        Remark remark = only(exercise, Remark.Sort.NEVER_OPENED);
        assertThat(remark.message()).isEqualTo("Closed, and opened by no task: r, residuals.");
        assertThat(mended(exercise, remark).first().held()).isEmpty();
    }

    @Test
    void whatARoundShowsAfterwardsIsNotCalledClosedForGood() {
        ByEye byEye = new ByEye(Terms.of("eye", "By eye", "Lay a line.", 2), new Curve.Line(), 1.1, 1.5);
        Exercise exercise = Kelp.exercise(byEye).withFirst(part -> part.withHeld(EnumSet.complementOf(EnumSet.of(Aid.TRIAL))));
        assertThat(remarks(exercise)).isEmpty();
    }

    @Test
    void aTargetThatThePlotDoesNotAllowIsPointedOut() {
        ReachTarget target = new ReachTarget(Terms.of("target", "Reach it", "Do it.", 2),
                List.of(new Condition(new Measure.Value(Quantity.SLOPE), Band.atLeast(0.6))));
        Exercise exercise = open(target).withFirst(part -> part.withRules(part.rules().with(PointChange.MOVE, false)
                .with(PointChange.ADD, false).with(PointChange.REMOVE, false)));
        Remark remark = only(exercise, Remark.Sort.BARRED);
        assertThat(remarks(mended(exercise, remark))).isEmpty();
    }

    /** Three points on a line through the origin. */
    private static Exercise withSlope(double slope, int places) {
        List<Row> rows = List.of(row(0, 0), row(1, slope), row(2, 2 * slope));
        DataTable table = DataTable.empty(new Variable("x", "", ""), new Variable("y", "", "")).withRows(rows);
        return Exercise.ofOnePart("e", "E", "", "H", "", table, Roles.FIRST_EXPLAINS,
                List.of(new ReadValue(Terms.of("slope", "Slope", "Slope?", 1), Quantity.SLOPE, new Rounding.Places(places))),
                Set.of(), DecimalMark.POINT);
    }

    private static Row row(double x, double y) {
        return Row.of(Cell.of(Double.toString(x), DecimalMark.POINT), Cell.of(Double.toString(y), DecimalMark.POINT));
    }

    @Test
    void aKeyThatIsDecidedByAHairIsAskedForMoreFinely() {
        Exercise exercise = withSlope(1.2449, 2);
        Remark remark = remarks(exercise).stream().filter(it -> it.sort() == Remark.Sort.ON_THE_EDGE).findFirst().orElseThrow();
        assertThat(remark.message()).startsWith("Task 1: the value lies so near a half");
        assertThat(((ReadValue) mended(exercise, remark).tasks().getFirst()).rounding()).isEqualTo(new Rounding.Places(3));
        assertThat(remarks(withSlope(1.242, 2))).extracting(Remark::sort).doesNotContain(Remark.Sort.ON_THE_EDGE);
        assertThat(remarks(withSlope(1.245, 2))).as("a half itself is right either way").extracting(Remark::sort)
                .doesNotContain(Remark.Sort.ON_THE_EDGE);
    }

    @Test
    void aMistakeThatIsRightAtTheRoundingAskedForIsNamed() {
        // r = 0.998 and R² = 0.996: at one place both are 1.0.
        Remark remark = only(open(read(Quantity.R_SQUARED, 1)), Remark.Sort.MISTAKE_IS_RIGHT);
        assertThat(remark.message()).contains("r for R²");
        Exercise mended = mended(mended(open(read(Quantity.R_SQUARED, 1)), remark),
                only(mended(open(read(Quantity.R_SQUARED, 1)), remark), Remark.Sort.MISTAKE_IS_RIGHT));
        assertThat(remarks(mended)).extracting(Remark::sort).doesNotContain(Remark.Sort.MISTAKE_IS_RIGHT);
    }

    @Test
    void predictionsAreLookedAtOneByOne() {
        // 1.95 + 0.515 · 4 = 4.01: with one place that is no edge.
        assertThat(remarks(open(Kelp.predict(4)))).extracting(Remark::sort).doesNotContain(Remark.Sort.ON_THE_EDGE);
        Predict edge = Kelp.predict(4, 4.854);
        // 1.95 + 0.515 · 4.854 = 4.44981.
        assertThat(remarks(open(edge))).extracting(Remark::sort).contains(Remark.Sort.ON_THE_EDGE);
    }

    @Test
    void liveValuesThatStandForNothingAreNamed() {
        Exercise exercise = open(read(Quantity.SLOPE, 3))
                .withFirst(part -> part.withBlock(new Block.Prose("text-1",
                        "There are {n} blades of {what}, and `{code}` is code.")));
        assertThat(remarks(exercise)).extracting(Remark::sort).contains(Remark.Sort.UNKNOWN_VALUE);
        assertThat(remarks(exercise).stream().filter(it -> it.sort() == Remark.Sort.UNKNOWN_VALUE).findFirst().orElseThrow()
                .message()).contains("{what}", "Type {").doesNotContain("{code}");
        Task asks = read(Quantity.SLOPE, 3);
        assertThat(only(open(asks.with(asks.terms().withPrompt("How fast does {z} grow?"))), Remark.Sort.UNKNOWN_VALUE).message())
                .startsWith("Task 1 holds {z}");
    }

    @Test
    void whatIsStillEmptyIsSaid() {
        Task task = read(Quantity.SLOPE, 3);
        assertThat(only(open(task.with(task.terms().withPrompt(" "))), Remark.Sort.EMPTY).message())
                .contains("its prompt is empty");
        Question question = new Question(Terms.of("q", "Q", "Why?", 1), Question.Sort.ONE,
                List.of(new Question.Option("because", true, ""), new Question.Option("", false, "")), true, List.of());
        assertThat(only(open(question), Remark.Sort.EMPTY).message()).isEqualTo("Task 1: one of the choices is empty.");
        assertThat(remarks(open(question.with(List.<Question.Option>of())))).extracting(Remark::sort)
                .containsExactly(Remark.Sort.NO_KEY, Remark.Sort.EMPTY);
    }

    @Test
    void aTaskWithoutARightAnswerSaysWhy() {
        Exercise exercise = Exercise.blank("none")
                .withFirst(part -> part.withTasks(List.of(new WriteEquation(Terms.of("equation", "Write it", "Write it.", 2),
                        new Curve.Line(), 3))));
        assertThat(only(exercise, Remark.Sort.NO_KEY).message()).startsWith("Task 1 has no right answer yet: ");
    }

    @Test
    void aNumberOfTheAuthorsDoesNotFitDataThatDiffer() {
        Exercise exercise = open(new NumberQuestion(Terms.of("n", "How many?", "How many?", 1), 5, new Rounding.Free(), ""))
                .withFirst(part -> part.with(Varying.NONE.with(Varying.Way.SOME_ROWS)));
        Remark remark = only(exercise, Remark.Sort.FIXED_KEY);
        assertThat(remark.message()).startsWith("Task 1: the number is the same for all");
        assertThat(remarks(mended(exercise, remark))).isEmpty();
        assertThat(remarks(exercise.withFirst(part -> part.with(Varying.NONE)))).isEmpty();
    }

    /**
     * The intercept is 1.95, and the slope with the variables exchanged Sxy/Syy = 20.6/10.652 = 1.934: to no places both are 2.
     */
    @Test
    void mistakesThatCannotBeToldFromEachOtherAreNamed() {
        Remark remark = remarks(open(read(Quantity.SLOPE, 0))).stream()
                .filter(it -> it.sort() == Remark.Sort.MISTAKES_ALIKE).findFirst().orElseThrow();
        assertThat(remark.message()).startsWith("Task 1: so rounded, these mistakes give the same number")
                .contains("variables the wrong way round and slope and intercept exchanged");
        assertThat(remark.mend().orElseThrow().words()).isEqualTo("Ask for one more place");
        assertThat(remarks(open(read(Quantity.SLOPE, 6)))).extracting(Remark::sort).doesNotContain(Remark.Sort.MISTAKES_ALIKE);
    }

    @Test
    void aBlockThatIsNotKnownIsNamedAndCanBeTakenOut() {
        Exercise exercise = open(read(Quantity.SLOPE, 3))
                .withFirst(part -> part.withBlockAt(0, new Block.Strange("film-1", "film", "{}")));
        Remark remark = only(exercise, Remark.Sort.NOT_KNOWN);
        assertThat(remark.message()).contains("film");
        assertThat(mended(exercise, remark).block("film-1")).isEmpty();
    }

    @Test
    void aTextThatSpeaksOfOtherDataIsNamed() {
        Exercise exercise = open(read(Quantity.SLOPE, 3))
                .withFirst(part -> part.withBlock(new Block.Prose("text-1", "Here are 24 pairs, taken by 2 people.")));
        Remark remark = only(exercise, Remark.Sort.TEXT_DISAGREES);
        assertThat(remark.message()).isEqualTo("A text speaks of 24 pairs, and the data have 5.");
        Exercise mended = mended(exercise, remark);
        assertThat(mended.block("text-1")).contains(new Block.Prose("text-1", "Here are {n} pairs, taken by 2 people."));
        assertThat(remarks(mended)).isEmpty();
        assertThat(remarks(exercise.withFirst(part -> part.withBlock(new Block.Prose("text-1", "Here are 5 pairs."))))).isEmpty();
    }

    @Test
    void aCurveThatATaskAsksForIsToBeOffered() {
        Exercise exercise = open(new WriteEquation(Terms.of("equation", "Write it", "Write the equation.", 2),
                new Curve.Polynomial(2), 3))
                .withFirst(part -> part.withRules(part.rules().offering(Set.of(CurveFamily.POWER))));
        Remark remark = only(exercise, Remark.Sort.CURVE_NOT_OFFERED);
        assertThat(remark.message()).contains("quadratic").doesNotContain("power");
        Exercise mended = mended(exercise, remark);
        assertThat(remarks(mended)).isEmpty();
        assertThat(mended.first().rules().offered()).containsExactlyInAnyOrder(CurveFamily.POWER, CurveFamily.QUADRATIC);
    }
}
