package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.PointChange;
import hestra.data.TableEdit;
import hestra.exercise.Exercise;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Measure;
import hestra.targets.Reason;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.ByEye;
import hestra.task.ReachTarget;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What was told or shown stays so: it cannot be turned into marks by going back, starting again or another way round. */
class ToldTest {

    private static final Edit CHECK_EYE = new Edit.Check("eye");
    private static final ReadValue READ = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));

    private static Task eye(Terms.Playing playing) {
        return new ByEye(Terms.of("eye", "By eye", "Place a line.", 2).withTries(2).withPlaying(playing), new Curve.Line(), 1.1,
                1.5);
    }

    /** The slope is asked after the line by eye, and opens the best line with any answer. */
    private static Exercise eyeThenRead(Terms.Playing playing) {
        Task read = READ.with(READ.terms().opening(Set.of(Aid.LINE)).opening(Terms.Opening.GIVEN));
        return Kelp.exercise(eye(playing), read).withFirst(part -> part.withHeld(Set.of(Aid.LINE)));
    }

    private static Edit.Local place(double intercept, double slope) {
        return new PlotEdit.Try(new Trial(new Curve.Line(),
                List.of(new Trial.Handle(0, intercept), new Trial.Handle(10, intercept + 10 * slope))), 1);
    }

    private static Desk best(Desk desk) {
        var pairs = desk.exercise().first().inRound(Kelp.work(desk).round(), DecimalMark.POINT).pairs();
        var line = LeastSquares.fit(new Curve.Line(), pairs).line().orElseThrow();
        return desk.apply(place(line.intercept().value(), line.slope().value()));
    }

    private static Desk answered(Desk desk, String text) {
        return desk.apply(new Edit.Draft("read", new Answer.Typed(text))).apply(new Edit.Check("read"));
    }

    @Test
    void aLineThatIsLaidOnTheBestOneAfterThatWasOpenedCountsForNothing() {
        Desk desk = Desk.open(eyeThenRead(Terms.Playing.ONCE)).apply(place(9, -0.5)).apply(CHECK_EYE);
        assertThat(Findings.of(desk).task("eye").earned()).isZero();
        Desk opened = answered(desk, "7");
        assertThat(Findings.of(opened).isOpen(Aid.LINE)).isTrue();
        Desk laid = best(opened).apply(CHECK_EYE);
        assertThat(Findings.of(laid).task("eye")).extracting(TaskState::earned, TaskState::right, TaskState::done)
                .containsExactly(0.0, false, true);
        assertThat(Findings.of(laid).task("eye").verdict().orElseThrow().message()).contains("shown by then");
        assertThat(Findings.of(best(desk).apply(CHECK_EYE)).task("eye").earned()).as("before it was open").isEqualTo(2);
    }

    @Test
    void thatItWasSeenBeforeTheWorkWasBegunAgainIsNotForgotten() {
        Desk seen = answered(Desk.open(eyeThenRead(Terms.Playing.ONCE)), "7");
        Desk again = best(seen.apply(new Edit.StartAgain()));
        assertThat(Findings.of(again).isOpen(Aid.LINE)).as("closed once more").isFalse();
        assertThat(Findings.of(again.apply(CHECK_EYE)).task("eye").earned()).isZero();
    }

    @Test
    void whatItsAuthorLeavesOpenIsTheAuthorsAffair() {
        Exercise open = eyeThenRead(Terms.Playing.ONCE).withFirst(part -> part.withHeld(Set.of()));
        assertThat(Findings.of(best(Desk.open(open)).apply(CHECK_EYE)).task("eye").earned()).isEqualTo(2);
    }

    @Test
    void inRoundsOneGoesOnWithNewDataOnWhichTheBestLineIsClosed() {
        Recipe recipe = Recipe.simple().withSeed(3);
        Sample sample = ((Sample.Done) Sample.of(recipe, Kelp.table().variable(0), Kelp.table().variable(1), DecimalMark.POINT))
                .sample();
        Exercise exercise = eyeThenRead(Terms.Playing.NEW_DATA)
                .withFirst(part -> part.withColumns(sample.table(), sample.roles(), new Provenance.Made(recipe)));
        Desk opened = answered(Desk.open(exercise), "7");
        Desk refused = best(opened).apply(CHECK_EYE);
        assertThat(refused.work().attemptsAt("eye")).as("costs no try").isEmpty();
        assertThat(Findings.of(refused).unready(exercise.task("eye").orElseThrow()).orElse(""))
                .contains("Play again with new data");
        Desk next = opened.apply(new WorkEdit.PlayAgain(1));
        assertThat(Findings.of(next).isOpen(Aid.LINE)).as("the new data's line is not shown").isFalse();
        Desk placed = best(next).apply(CHECK_EYE);
        assertThat(Findings.of(placed).task("eye").earned()).isEqualTo(2);
        Desk again = placed.apply(new Edit.StartAgain());
        assertThat(Kelp.work(again).round()).as("begun again with data that were not seen").isEqualTo(OptionalInt.of(2));
    }

    @Test
    void startingAgainGivesNoFreshTriesAfterTheAnswerWasTold() {
        Desk told = answered(answered(answered(Desk.open(Kelp.exercise(READ)), "7"), "8"), "9");
        Desk again = answered(told.apply(new Edit.StartAgain()), "0.52");
        assertThat(Findings.of(again).task("read")).extracting(TaskState::earned, TaskState::triesLeft, TaskState::done)
                .containsExactly(0.0, 0, true);
        Task silent = READ.with(READ.terms().withAfterwards(Terms.Afterwards.HINT));
        Desk untold = answered(answered(answered(Desk.open(Kelp.exercise(silent)), "7"), "8"), "9");
        assertThat(Findings.of(answered(untold.apply(new Edit.StartAgain()), "0.52")).earned())
                .as("where nothing was told").isEqualTo(2);
    }

    @Test
    void whatIsToldAfterABeginningIsToldBeforeItToo() {
        History begun = History.of(Desk.open(Kelp.exercise(READ)));
        for (Edit edit : List.of(draft("7"), new Edit.Check("read"), new Edit.StartAgain(), draft("1"), new Edit.Check("read"),
                draft("2"), new Edit.Check("read"), draft("3"), new Edit.Check("read"))) {
            begun = begun.apply(edit);
        }
        History back = begun;
        while (back.undoable().isPresent()) {
            back = back.apply(new Edit.Undo());
        }
        assertThat(back.present().work().beginning()).isZero();
        Desk tried = back.apply(draft("0.52")).apply(new Edit.Check("read")).present();
        assertThat(Findings.of(tried).earned()).isZero();
    }

    private static Edit draft(String text) {
        return new Edit.Draft("read", new Answer.Typed(text));
    }

    @Test
    void anAnswerThatWasRightBeforeIsNotLostByThat() {
        Desk right = answered(Desk.open(Kelp.exercise(READ)), "0.52");
        Desk told = answered(answered(answered(right.apply(new Edit.StartAgain()), "1"), "2"), "3");
        assertThat(told.work().checks().beginnings().getFirst().get("read")).hasSize(1);
    }

    @Test
    void whoeverGoesOnMovingPointsNoLongerSaysThatItCannotBeDone() {
        ReachTarget target = new ReachTarget(Terms.of("target", "Reach it", "Do it.", 2),
                List.of(new Condition(new Measure.Value(Quantity.SLOPE), Band.atLeast(0.6))));
        Desk desk = Desk.open(Kelp.exercise(target));
        Answer.Reached now = (Answer.Reached) desk.standing(target);
        Desk claimed = desk.apply(new Edit.Draft("target", new Answer.Reached(now.held(), Optional.of(Reason.LEVERAGE))))
                .apply(new Edit.Check("target"));
        assertThat(claimed.work().attemptsAt("target")).hasSize(1);
        Desk reached = claimed.apply(new WorkEdit.MovePoint(4, 10, 12, 1));
        assertThat(((Answer.Reached) reached.standing(target)).cannot()).isEmpty();
        assertThat(Findings.of(reached.apply(new Edit.Check("target"))).task("target").right()).isTrue();
    }

    @Test
    void rulesBindThePointsHoweverTheyAreChanged() {
        ReachTarget target = new ReachTarget(Terms.of("target", "Reach it", "Do it.", 2),
                List.of(new Condition(new Measure.Value(Quantity.N), Band.atLeast(6))));
        Exercise exercise = Kelp.exercise(target);
        Edit paste = new WorkEdit.ChangeTable(new TableEdit.Paste(5, 0, List.of(List.of("12", "8.1"), List.of("14", "9.0"))));
        Desk pasted = Desk.open(exercise).apply(paste);
        assertThat(Findings.of(pasted).unready(target).orElse("")).contains("No points may be added here, and 2 points were");
        assertThat(pasted.apply(new Edit.Check("target")).work().attempts()).isEmpty();
        Exercise adding = exercise.withFirst(part -> part.withRules(part.rules().with(PointChange.ADD, true)));
        assertThat(Findings.of(Desk.open(adding).apply(paste).apply(new Edit.Check("target"))).earned()).isEqualTo(2);
        ReachTarget fewer = new ReachTarget(target.terms(),
                List.of(new Condition(new Measure.Value(Quantity.N), Band.atMost(4))));
        Exercise fixed = Kelp.exercise(fewer).withFirst(part -> part.withRules(new PlotRules(Set.of(PointChange.MOVE),
                part.rules().form())));
        Desk aside = Desk.open(fixed).apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(1), "odd")));
        assertThat(Findings.of(aside).unready(fewer).orElse("")).contains("may be removed or set aside");
    }

    @Test
    void anAnswerIsKnownToStandOnOtherDataOnceTheyAreChanged() {
        Desk right = answered(Desk.open(Kelp.exercise(READ)), "0.52");
        assertThat(Findings.of(right).isChangedSince(Findings.of(right).task("read"))).isFalse();
        Desk changed = right.apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "99")));
        assertThat(Findings.of(changed).isChangedSince(Findings.of(changed).task("read"))).isTrue();
        Desk back = changed.apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, Kelp.table().cell(0, 1).text())));
        assertThat(Findings.of(back).isChangedSince(Findings.of(back).task("read"))).isFalse();
    }
}
