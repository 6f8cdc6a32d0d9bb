package hestra.task;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.History;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.Interval;
import hestra.fit.Trial;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Playing a task again with new data of the recipe. */
class RoundsTest {

    private static final Recipe RECIPE = Recipe.simple().withSeed(3);

    private static Exercise exercise(Terms.Counting counting) {
        Sample sample = ((Sample.Done) Sample.of(RECIPE, Variable.named("x"), Variable.named("y"), DecimalMark.POINT)).sample();
        Task read = new ReadValue(Terms.of("mean", "Mean", "Mean of y?", 2).withTries(0).withPlaying(Terms.Playing.NEW_DATA)
                .withCounting(counting), Quantity.MEAN_Y, new Rounding.Places(2));
        return Kelp.exercise(read).withFirst(part -> part.withColumns(sample.table(), sample.roles(),
                new Provenance.Made(RECIPE)));
    }

    private static String mean(Exercise exercise, OptionalInt round) {
        double[] ys = exercise.first().inRound(round, DecimalMark.POINT).pairs().ys().toArray();
        BigDecimal sum = Arrays.stream(ys).mapToObj(BigDecimal::valueOf).reduce(BigDecimal.ZERO, BigDecimal::add);
        return sum.divide(BigDecimal.valueOf(ys.length), 2, RoundingMode.HALF_UP).toPlainString();
    }

    private static Desk answered(Desk desk, String text) {
        return desk.apply(new Edit.Draft("mean", new Answer.Typed(text))).apply(new Edit.Check("mean"));
    }

    @Test
    void aRoundHasOtherDataThatAreTheSameForEver() {
        Exercise exercise = exercise(Terms.Counting.BEST);
        Part second = exercise.first().inRound(OptionalInt.of(2), DecimalMark.POINT);
        assertThat(second.data()).isNotEqualTo(exercise.first().data())
                .isEqualTo(exercise.first().inRound(OptionalInt.of(2), DecimalMark.POINT).data());
        assertThat(second.data()).isNotEqualTo(exercise.first().inRound(OptionalInt.of(1), DecimalMark.POINT).data());
        assertThat(Kelp.exercise().first().inRound(OptionalInt.of(2), DecimalMark.POINT))
                .as("without a recipe there are no rounds").isEqualTo(Kelp.exercise().first());
    }

    @Test
    void eachAnswerIsJudgedByTheDataOfItsRound() {
        Exercise exercise = exercise(Terms.Counting.BEST);
        Desk desk = answered(Desk.open(exercise), mean(exercise, OptionalInt.empty()));
        assertThat(Findings.of(desk).task("mean").right()).isTrue();
        Desk next = answered(desk.apply(new WorkEdit.PlayAgain(1)), mean(exercise, OptionalInt.empty()));
        assertThat(Findings.of(next).task("mean").verdicts()).extracting(Verdict::isRight).containsExactly(true, false);
        Desk third = answered(next, mean(exercise, OptionalInt.of(1)));
        assertThat(Findings.of(third).task("mean").verdicts()).extracting(Verdict::isRight).containsExactly(true, false, true);
        assertThat(Findings.of(third).task("mean").attempts().all()).extracting(it -> it.attempt().round())
                .containsExactly(OptionalInt.empty(), OptionalInt.of(1), OptionalInt.of(1));
    }

    @Test
    void theBestOrTheLastCounts() {
        for (Terms.Counting counting : Terms.Counting.values()) {
            Exercise exercise = exercise(counting);
            Desk desk = answered(answered(Desk.open(exercise), mean(exercise, OptionalInt.empty()))
                    .apply(new WorkEdit.PlayAgain(1)), "1");
            double earned = counting == Terms.Counting.BEST ? 2 : 0;
            assertThat(Findings.of(desk).task("mean").earned()).isEqualTo(earned);
            assertThat(ClassOfOne.of(HandIn.of(desk), exercise).total()).as("in the marks as on the sheet").isEqualTo(earned);
        }
    }

    @Test
    void aRoundBeginsAfreshAndIsUndone() {
        Exercise exercise = exercise(Terms.Counting.BEST);
        History history = History.of(Desk.open(exercise))
                .apply(new PlotEdit.Try(Trial.level(new Curve.Line(), new Interval(0, 10), 3, 0), 1));
        History played = history.apply(new WorkEdit.PlayAgain(1));
        assertThat(Kelp.work(played.present()).curves().trial()).as("nothing placed yet").isEmpty();
        assertThat(Kelp.work(played.present()).round()).hasValue(1);
        assertThat(Findings.of(played.present()).truth().data())
                .isEqualTo(exercise.first().inRound(OptionalInt.of(1), DecimalMark.POINT).data());
        assertThat(Findings.of(played.present()).written()).isEqualTo(exercise.first());
        History back = played.apply(new Edit.Undo());
        assertThat(Kelp.work(back.present()).round()).isEmpty();
        assertThat(Kelp.work(back.present()).table()).isEqualTo(Kelp.work(history.present()).table());
    }

    @Test
    void onlyATaskThatMayBePlayedAgainBringsNewData() {
        Exercise once = exercise(Terms.Counting.BEST)
                .withFirst(part -> part.withTasks(task -> task.with(task.terms().withPlaying(Terms.Playing.ONCE))));
        assertThat(Desk.open(once).apply(new WorkEdit.PlayAgain(1))).isEqualTo(Desk.open(once));
    }

    @Test
    void theBestLineIsSeenOnceARoundIsCheckedAndNotInTheNext() {
        Exercise bare = exercise(Terms.Counting.BEST);
        Task eye = new ByEye(Terms.of("eye", "By eye", "Put it.", 2).withTries(0).withPlaying(Terms.Playing.NEW_DATA),
                new Curve.Line(), 1.1, 1.5);
        Exercise exercise = bare.withFirst(part -> part.withTasks(List.of(eye)).withHeld(Set.of(Aid.LINE)));
        Desk placed = Desk.open(exercise).apply(new PlotEdit.Try(Trial.level(new Curve.Line(), new Interval(0, 10), 3, 0), 1));
        assertThat(Findings.of(placed).isOpen(Aid.LINE)).isFalse();
        Desk checked = placed.apply(new Edit.Check("eye"));
        assertThat(Findings.of(checked).isOpen(Aid.LINE)).isTrue();
        assertThat(Findings.of(checked.apply(new WorkEdit.PlayAgain(1))).isOpen(Aid.LINE)).isFalse();
        Exercise ended = exercise.withFirst(part -> part.withTasks(task -> task.with(task.terms().withTries(1)
                .opening(Set.of(Aid.LINE)))));
        Desk after = Desk.open(ended).apply(new PlotEdit.Try(Trial.level(new Curve.Line(), new Interval(0, 10), 3, 0), 1))
                .apply(new Edit.Check("eye")).apply(new WorkEdit.PlayAgain(1));
        assertThat(Findings.of(after).isOpen(Aid.LINE)).as("no try is left that it could give away").isTrue();
        Exercise once = exercise.withFirst(part -> part.withTasks(task -> task.with(task.terms()
                .withPlaying(Terms.Playing.ONCE))));
        Desk early = Desk.open(once).apply(new PlotEdit.Try(Trial.level(new Curve.Line(), new Interval(0, 10), 3, 0), 1))
                .apply(new Edit.Check("eye"));
        assertThat(Findings.of(early).isOpen(Aid.LINE)).as("on the same data it would give the next try away").isFalse();
    }
}
