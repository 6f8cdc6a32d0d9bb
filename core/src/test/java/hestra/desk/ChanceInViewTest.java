package hestra.desk;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.TableEdit;
import hestra.exercise.Part;
import hestra.figure.Below;
import hestra.figure.ChanceMarks;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.recipe.Recipe;
import hestra.task.Aid;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What follows from the plays that are on: from the run's number, how many draws there are, and the data. */
class ChanceInViewTest {

    private static final WorkEdit SHUFFLE = new ChanceEdit.PlayChance(Play.SHUFFLE, 41);
    private static final WorkEdit AGAIN = new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 99);

    private static Desk desk(UnaryOperator<Part> change) {
        return Desk.open(Kelp.exercise().withFirst(change));
    }

    private static Desk open() {
        return desk(part -> part.withHeld(Set.of()));
    }

    private static Findings after(Desk desk, Edit... edits) {
        Desk done = desk;
        for (Edit edit : edits) {
            done = done.apply(edit);
        }
        return Findings.of(done);
    }

    private static Pile pile(Findings findings) {
        return findings.chance().orElseThrow().asked().orElseThrow().pile();
    }

    private static ChanceState state(Findings findings) {
        return findings.work().plot().chance().orElseThrow();
    }

    @Test
    void aPlayStandsBelowThePlotAndEachKeepsItsDraws() {
        assertThat(after(open()).chance()).isEmpty();
        assertThat(after(open(), new PlotEdit.ShowBelow(Below.CHANCE)).below()).as("nothing is played yet")
                .isEqualTo(Below.RESIDUALS);
        Findings begun = after(open(), SHUFFLE);
        assertThat(begun.playing()).contains(Play.SHUFFLE);
        assertThat(begun.chance().orElseThrow().asked()).isEmpty();
        Findings both = after(open(), SHUFFLE, new ChanceEdit.Draw(30), AGAIN, new ChanceEdit.Draw(7));
        assertThat(state(both).number()).as("the run that was begun").isEqualTo(41);
        assertThat(pile(both).draws()).isEqualTo(7);
        Findings back = after(both.desk(), SHUFFLE);
        assertThat(pile(back).draws()).isEqualTo(30);
        Findings away = after(back.desk(), new PlotEdit.ShowBelow(Below.RESIDUALS));
        assertThat(away.chance()).isEmpty();
        assertThat(away.plot().chance()).isSameAs(ChanceMarks.NONE);
        assertThat(away.played()).as("for what was kept of it").isPresent();
        Findings anew = after(back.desk(), new ChanceEdit.NumberRun(5));
        assertThat(state(anew).draws()).isEmpty();
        assertThat(state(anew).number()).isEqualTo(5);
    }

    @Test
    void theSameRunGivesTheSameHoweverItWasDrawn() {
        double[] atOnce = pile(after(open(), AGAIN, new ChanceEdit.Draw(60))).values();
        Findings stepwise = Findings.of(open());
        for (WorkEdit edit : List.of(AGAIN, new ChanceEdit.Draw(1), new ChanceEdit.Draw(20), new ChanceEdit.Draw(60))) {
            stepwise = stepwise.next(stepwise.desk().apply(edit));
            stepwise.chance().orElseThrow().asked();
        }
        assertThat(pile(stepwise).values()).isEqualTo(atOnce);
        assertThat(pile(after(open(), new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 100), new ChanceEdit.Draw(60))).values())
                .as("another number").isNotEqualTo(atOnce);
    }

    @Test
    void drawsThatFollowOneAnotherAreUndoneTogether() {
        History history = History.of(open());
        for (WorkEdit edit : List.of(SHUFFLE, new ChanceEdit.Draw(1), new ChanceEdit.Draw(2), new ChanceEdit.Draw(12))) {
            history = history.apply(edit);
        }
        History before = history.apply(new Edit.Undo());
        assertThat(state(Findings.of(before.present())).draws()).isEmpty();
        assertThat(before.apply(new Edit.Redo()).present().work()).isEqualTo(history.present().work());
    }

    @Test
    void whatNoRunCanHaveChangesNothing() {
        Desk begun = open().apply(SHUFFLE);
        for (WorkEdit edit : List.of(new ChanceEdit.Draw(0), new ChanceEdit.Draw(100_001), new ChanceEdit.NumberRun(0),
                new ChanceEdit.NumberRun(1_000_000), new ChanceEdit.Watch(new Watched.FittedAt(Double.NaN)),
                new ChanceEdit.Watch(new Watched.OfCoefficient(-1)))) {
            assertThat(begun.apply(edit)).as("%s", edit).isEqualTo(begun);
        }
        assertThat(open().apply(new ChanceEdit.Draw(3))).isEqualTo(open());
        assertThat(open().apply(new ChanceEdit.PlayChance(Play.SHUFFLE, 0))).isEqualTo(open());
    }

    @Test
    void aPointThatIsMovedMakesThePileAnew() {
        Findings before = after(open(), SHUFFLE, new ChanceEdit.Draw(1_000));
        assertThat(pile(before).isOfAll()).isTrue();
        assertThat(pile(before).asFar()).as("the order of the lengths and its reverse").isEqualTo(2);
        Findings moving = before.next(before.desk().apply(new WorkEdit.MovePoint(0, 2, 7.5, 1)));
        assertThat(moving.chance().orElseThrow().isWaiting()).as("while a point is dragged nothing is drawn").isTrue();
        assertThat(moving.chance().orElseThrow().title(moving)).isEqualTo("It is drawn anew once the points stand still.");
        assertThat(moving.plot().chance()).isSameAs(ChanceMarks.NONE);
        Findings moved = moving.next(moving.desk());
        assertThat(pile(moved).ours()).isNotEqualTo(pile(before).ours());
        // x − 6 is −4, −2, 0, 2, 4: Σ = −4 · 7.5 − 2 · 3.9 + 2 · 6 + 4 · 7.2 = 3, ÷ 40.
        assertThat(pile(moved).ours()).isCloseTo(0.075, within(1e-12));
        Findings back = moved.next(before.desk());
        assertThat(back.chance().orElseThrow().isWaiting()).isTrue();
        assertThat(pile(back.next(before.desk())).values())
                .isEqualTo(pile(before).values());
    }

    @Test
    void chanceShowsTheLineSoItWaitsUntilThatIsOpen() {
        Findings held = after(desk(part -> part.withHeld(Set.of(Aid.EQUATION))), SHUFFLE, new ChanceEdit.Draw(10));
        assertThat(held.mayPlay()).isFalse();
        assertThat(held.chance()).isEmpty();
        assertThat(held.played()).isEmpty();
        assertThat(held.below()).isEqualTo(Below.RESIDUALS);
        assertThat(held.plot().chance()).isSameAs(ChanceMarks.NONE);
    }

    @Test
    void onlyWhatIsOpenAndThereIsWatched() {
        Findings all = after(open(), SHUFFLE, new PlotEdit.ReadAt(OptionalDouble.of(4)));
        assertThat(all.chance().orElseThrow().watchable())
                .containsExactly(Watched.SLOPE, Watched.INTERCEPT, new Watched.R(), new Watched.FittedAt(4));
        Findings few = after(desk(part -> part.withHeld(Set.of(Aid.R, Aid.PREDICTION))), SHUFFLE);
        assertThat(few.chance().orElseThrow().watchable()).containsExactly(Watched.SLOPE, Watched.INTERCEPT);
        Findings watched = after(all.desk(), new ChanceEdit.Watch(new Watched.FittedAt(4)),
                new PlotEdit.ReadAt(OptionalDouble.of(7)));
        assertThat(watched.chance().orElseThrow().watched()).as("it goes with the reading line")
                .contains(new Watched.FittedAt(7));
        Findings curve = after(all.desk(), new PlotEdit.AddCurve(new Curve.Exponential(Curve.FittedOn.VALUES)));
        assertThat(curve.curves().slotInHand()).isEqualTo(Slot.FIRST);
        assertThat(curve.chance().orElseThrow().watchable()).containsExactly(new Watched.FittedAt(4));
        assertThat(after(curve.desk(), AGAIN).chance().orElseThrow().watchable()).as("each draw has a curve of its own")
                .contains(new Watched.OfCoefficient(0), new Watched.OfCoefficient(1), new Watched.FittedAt(4));
    }

    @Test
    void anotherSampleNeedsATruth() {
        assertThat(after(open()).offers(Play.ANOTHER_SAMPLE)).isFalse();
        assertThat(after(open()).offers(Play.SHUFFLE)).isTrue();
        Findings none = after(open(), new ChanceEdit.PlayChance(Play.ANOTHER_SAMPLE, 1), new ChanceEdit.Draw(5));
        assertThat(none.chance().orElseThrow().problem()).hasValueSatisfying(it -> assertThat(it).contains("by a recipe"));
        assertThat(none.plot().chance()).isSameAs(ChanceMarks.NONE);
        Desk made = Desk.open(Kelp.exercise()).apply(new PartEdit.WriteRecipe(Recipe.simple().withSeed(3)));
        Desk free = Desk.open(made.exercise().withFirst(part -> part.withHeld(Set.of())));
        Findings sampled = after(free, new ChanceEdit.PlayChance(Play.ANOTHER_SAMPLE, 1), new ChanceEdit.Draw(50));
        assertThat(sampled.offers(Play.ANOTHER_SAMPLE)).isTrue();
        assertThat(pile(sampled).size()).isEqualTo(50);
        assertThat(PlotDescription.of(sampled).paragraph()).contains("Below it: Run 1, 50 samples. The slopes lie from ");
        assertThat(sampled.chance().orElseThrow().words(sampled).orElseThrow().isOfIntervals()).isTrue();
    }

    @Test
    void thePlotShowsTheLastDrawAndTheLinesBeforeIt() {
        ChanceMarks shuffled = after(open(), SHUFFLE, new ChanceEdit.Draw(40)).plot().chance();
        assertThat(shuffled.lines()).hasSize(39);
        assertThat(shuffled.dealt().stream().mapToDouble(ChanceMarks.Dealt::y).sorted().toArray()).isEqualTo(Kelp.LENGTHS);
        assertThat(shuffled.dealt().stream().mapToDouble(it -> it.from().orElseThrow()).toArray()).isEqualTo(Kelp.LENGTHS);
        double meanY = Arrays.stream(Kelp.LENGTHS).average().orElseThrow();
        assertThat(shuffled.lines()).as("every shuffle has the same means")
                .allSatisfy(line -> assertThat(line.at(6)).isCloseTo(meanY, within(1e-12)));
        ChanceMarks again = after(open(), AGAIN, new ChanceEdit.Draw(40)).plot().chance();
        assertThat(again.dealt()).isEmpty();
        assertThat(again.times().values().stream().mapToInt(it -> it).sum()).isEqualTo(5);
        assertThat(again.band()).allSatisfy(it -> assertThat(it.low()).isLessThan(it.high()));
        Findings bars = after(open(), SHUFFLE, new PlotEdit.ShowLayer(Layer.SQUARES, true));
        assertThat(bars.plot().layers()).doesNotContain(Layer.RESIDUALS, Layer.SQUARES);
    }

    @Test
    void onTheWayThePointsLieBetweenWhereTheyWereAndWhereTheyGo() {
        Findings once = after(open(), SHUFFLE, new ChanceEdit.Draw(1));
        ChanceMarks whole = once.plot().chance();
        ChanceMarks half = once.plot().gliding(0.5).chance();
        assertThat(whole.moves()).isTrue();
        for (int i = 0; i < Kelp.DAYS.length; i++) {
            assertThat(half.dealt().get(i).y()).isCloseTo((Kelp.LENGTHS[i] + whole.dealt().get(i).y()) / 2, within(1e-12));
        }
        assertThat(half.last()).as("the line turns when they are there").isEmpty();
        assertThat(once.plot().gliding(1).chance()).isEqualTo(whole);
    }

    @Test
    void whatIsTooLongForOneGoIsMadeALittleLater() {
        int n = 20_000;
        double[] x = IntStream.range(0, n).asDoubleStream().toArray();
        Findings begun = after(open(), new WorkEdit.ChangeTable(new TableEdit.Paste(0, 0, DoubleStream.of(x)
                .mapToObj(it -> List.of(Double.toString(it), Double.toString(it * 0.5 % 17))).toList())), SHUFFLE,
                new ChanceEdit.Draw(300));
        ChanceInView chance = begun.chance().orElseThrow();
        assertThat(chance.isUnderway()).isTrue();
        int first = pile(begun).draws();
        assertThat(first).isBetween(16, 299);
        Findings next = begun.next(begun.desk());
        assertThat(pile(next).draws()).isGreaterThan(first);
        while (next.chance().orElseThrow().isUnderway()) {
            next = next.next(next.desk());
        }
        assertThat(pile(next).draws()).isEqualTo(300);
        assertThat(chance.finished().asked().orElseThrow().pile().draws()).isEqualTo(300);
    }
}
