package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.DataTable;
import hestra.data.TableEdit;
import hestra.desk.ChanceEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.Interval;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

/** What is read off the own pile is judged by the own run, and what is said of it by what the pile is. */
class WhatChanceDoesTest {

    private static final String ID = "chance";
    private static final WhatChanceDoes SHUFFLE = new WhatChanceDoes(Terms.of(ID, "Chance", "Shuffle.", 3), Play.SHUFFLE, 1_000,
            Quantity.SLOPE, 0.95, new Rounding.Places(3), true, true);
    private static final WhatChanceDoes AGAIN = SHUFFLE.with(Play.DRAW_AGAIN);
    private static final Played SAID = Played.NOTHING.with(ChanceMeaning.IF_UNRELATED).with(ChanceConclusion.SPEAKS_AGAINST);

    private static Desk desk(WhatChanceDoes task, Edit... edits) {
        Desk desk = Desk.open(Kelp.exercise(task).withFirst(part -> part.withHeld(Set.of())));
        for (Edit edit : edits) {
            desk = desk.apply(edit);
        }
        return desk;
    }

    /** With points that lie all over the place: no two runs of them end alike. */
    private static Desk scattered(WhatChanceDoes task, Edit... edits) {
        double[] y = {22.3, 31.8, 20, 25.2, 28.9, 38, 30, 32.6, 25.4, 36, 30.5, 39, 32.7, 33.4};
        DataTable table = new TableEdit.Paste(0, 0, IntStream.range(0, y.length)
                .mapToObj(i -> List.of(Integer.toString(i), Double.toString(y[i]))).toList()).appliedTo(Kelp.table(),
                DecimalMark.POINT);
        Desk desk = Desk.open(Kelp.exercise(task).withFirst(part -> part.withHeld(Set.of()).withData(table)));
        for (Edit edit : edits) {
            desk = desk.apply(edit);
        }
        return desk;
    }

    private static Edit[] played(Play play, long number, int draws) {
        return new Edit[] {new ChanceEdit.PlayChance(play, number), new ChanceEdit.Draw(draws)};
    }

    private static Optional<String> unfinished(Desk desk, WhatChanceDoes task) {
        return task.unfinished(desk.standing(task), Findings.of(desk).truth());
    }

    private static Verdict verdict(Desk desk, WhatChanceDoes task, Played said) {
        Desk drafted = desk.apply(new Edit.Draft(ID, said));
        assertThat(unfinished(drafted, task)).isEmpty();
        return Findings.of(drafted.apply(new Edit.Check(ID))).task(ID).attempts().counted().orElseThrow().verdict();
    }

    private static Pile pile(Desk desk) {
        return Findings.of(desk).chance().orElseThrow().asked().orElseThrow().pile();
    }

    @ParameterizedTest
    @CsvSource({"0.017, true, ", "1.7 %, true, ", "2/120, true, ", "0.0083, false, ROUNDED", "0.008, false, ONE_SIDE_OF_TWO",
            "0.983, false, NEARER_COUNTED", "0.5, false, "})
    void theShareIsThatOfAllArrangementsWhereTheseAreFew(String typed, boolean right, String mistake) {
        // The lengths rise with the days: of 120 orders that one and its reverse are as far from 0.
        Verdict verdict = verdict(desk(SHUFFLE, played(Play.SHUFFLE, 9, 1_000)), SHUFFLE, SAID.withLow(typed));
        assertThat(verdict.isRight()).as("%s: %s", typed, verdict.message()).isEqualTo(right);
        if (mistake != null && !mistake.equals("ROUNDED")) {
            assertThat(verdict.mistakes()).containsExactly(Mistake.valueOf(mistake));
        }
        if (!right) {
            assertThat(verdict.parts()).extracting(Verdict.Part::outcome)
                    .containsExactly(Outcome.WRONG, Outcome.RIGHT, Outcome.RIGHT);
        }
    }

    @Test
    void eachRunIsJudgedByItself() {
        WhatChanceDoes few = new WhatChanceDoes(SHUFFLE.terms(), Play.DRAW_AGAIN, 100, Quantity.SLOPE, 0.9,
                new Rounding.Places(4), false, false);
        for (long number : List.of(3L, 77L)) {
            Desk desk = scattered(few, new ChanceEdit.PlayChance(Play.DRAW_AGAIN, number), new PlotEdit.ShowLevel(0.9),
                    new ChanceEdit.Draw(240));
            Interval middle = pile(desk).middle(0.9).orElseThrow();
            Verdict right = verdict(desk, few, Played.NOTHING.withLow("%.4f".formatted(middle.low()))
                    .withHigh("%.4f".formatted(middle.high())));
            assertThat(right.isRight()).as(right.message()).isTrue();
            Verdict other = verdict(desk.apply(new ChanceEdit.NumberRun(number + 1)).apply(new ChanceEdit.Draw(240)), few,
                    Played.NOTHING.withLow("%.4f".formatted(middle.low())).withHigh("%.4f".formatted(middle.high())));
            assertThat(other.isRight()).as("the numbers of another run").isFalse();
            assertThat(other.parts()).extracting(Verdict.Part::name).containsExactly("lower end", "upper end");
        }
    }

    @Test
    void theOrderOfTheTableDoesNotMatter() {
        Desk sorted = desk(AGAIN, played(Play.DRAW_AGAIN, 5, 1_000));
        Desk moved = sorted.apply(new WorkEdit.ChangeTable(new TableEdit.MoveRows(0, 1, 2)));
        assertThat(Findings.of(moved).pairs().x(0)).isNotEqualTo(Findings.of(sorted).pairs().x(0));
        assertThat(pile(moved).values()).isEqualTo(pile(sorted).values());
        Interval middle = pile(moved).middle(0.95).orElseThrow();
        assertThat(verdict(moved, AGAIN, Played.NOTHING.with(ChanceMeaning.COULD_BE_OFF).with(ChanceConclusion.SPEAKS_AGAINST)
                .withLow("%.3f cm per day".formatted(middle.low())).withHigh("%.3f".formatted(middle.high()))).isRight())
                .isTrue();
    }

    @Test
    void aLevelThatNeedsMoreDrawsThanAreAskedForSaysSo() {
        WhatChanceDoes high = new WhatChanceDoes(SHUFFLE.terms(), Play.DRAW_AGAIN, 100, Quantity.SLOPE, 0.99,
                new Rounding.Places(2), false, false);
        Desk desk = desk(high, new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 4), new PlotEdit.ShowLevel(0.99),
                new ChanceEdit.Draw(100));
        assertThat(unfinished(desk, high)).contains("199 draws at least are needed for the middle 99 %.");
        Desk more = desk.apply(new ChanceEdit.Draw(199));
        Interval middle = pile(more).middle(0.99).orElseThrow();
        assertThat(verdict(more, high, Played.NOTHING.withLow("%.2f".formatted(middle.low()))
                .withHigh("%.2f".formatted(middle.high()))).isRight()).isTrue();
    }

    @Test
    void pointsThatWereSetAsideTakeNoPartInTheJudgementEither() {
        Desk without = desk(SHUFFLE, new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(4), "a torn one")),
                new ChanceEdit.PlayChance(Play.SHUFFLE, 8), new ChanceEdit.Draw(200));
        // Four blades have 24 orders.
        assertThat(pile(without).draws()).isEqualTo(24);
        assertThat(verdict(without, SHUFFLE, SAID.withLow("0.083").with(ChanceConclusion.LEAVES_OPEN)).isRight()).isTrue();
        Desk only = desk(SHUFFLE, new PlotEdit.FitOnly(Set.of(0, 1, 2, 3)), new ChanceEdit.PlayChance(Play.SHUFFLE, 8),
                new ChanceEdit.Draw(200));
        assertThat(verdict(only, SHUFFLE, SAID.withLow("0.083").with(ChanceConclusion.LEAVES_OPEN)).isRight()).isTrue();
        assertThat(verdict(only, SHUFFLE, SAID.withLow("0.083")).mistakes()).containsExactly(Mistake.DECISION_REVERSED);
    }

    @Test
    void whatIsStillToBeDoneIsSaidAndCostsNoTry() {
        assertThat(unfinished(desk(SHUFFLE), SHUFFLE)).contains("Turn on Shuffle above the plot.");
        assertThat(unfinished(desk(SHUFFLE, played(Play.DRAW_AGAIN, 1, 2_000)), SHUFFLE))
                .contains("Turn on Shuffle above the plot.");
        assertThat(unfinished(desk(SHUFFLE, new ChanceEdit.PlayChance(Play.SHUFFLE, 1)), SHUFFLE))
                .contains("At least 1,000 shuffles are asked for.");
        assertThat(unfinished(desk(SHUFFLE, played(Play.SHUFFLE, 1, 40)), SHUFFLE))
                .contains("960 more: at least 1,000 shuffles are asked for.");
        assertThat(unfinished(desk(SHUFFLE, played(Play.SHUFFLE, 1, 100)), SHUFFLE)).as("these are all 120")
                .contains("Type the share that you read off the pile.");
        assertThat(unfinished(desk(AGAIN, played(Play.DRAW_AGAIN, 1, 999)), AGAIN))
                .contains("1 more: at least 1,000 draws are asked for.");
        Desk shuffled = desk(SHUFFLE, played(Play.SHUFFLE, 1, 1_000));
        assertThat(unfinished(shuffled.apply(new ChanceEdit.Watch(new Watched.R())), SHUFFLE))
                .contains("Choose the slope above the pile: something else is watched.");
        assertThat(unfinished(shuffled.apply(new PlotEdit.AddCurve(new Curve.Polynomial(2))), SHUFFLE))
                .contains("Select the line of least squares: the pile is of another curve.");
        assertThat(unfinished(shuffled.apply(new WorkEdit.MovePoint(2, 6, 9, 1)), SHUFFLE))
                .contains("Your points are not those that were given. Compare your table with them first.");
        assertThat(unfinished(desk(AGAIN, new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 1), new PlotEdit.ShowLevel(0.9),
                new ChanceEdit.Draw(1_000)), AGAIN)).contains("Choose 95 % for the level of intervals, at the readings.");
        assertThat(unfinished(shuffled.apply(new Edit.Draft(ID, Played.NOTHING.withLow("0.017"))), SHUFFLE))
                .contains("Say what the number says.");
        assertThat(unfinished(shuffled.apply(new Edit.Draft(ID, Played.NOTHING.withLow("0.017")
                .with(ChanceMeaning.IF_UNRELATED))), SHUFFLE)).contains("Say what follows.");
    }

    @Test
    void whatIsSaidWronglyIsNamed() {
        Desk desk = desk(SHUFFLE, played(Play.SHUFFLE, 9, 1_000));
        Verdict none = verdict(desk, SHUFFLE, SAID.withLow("0.017").with(ChanceMeaning.CHANCE_OF_NONE));
        assertThat(none.mistakes()).containsExactly(Mistake.P_AS_CHANCE_OF_NONE);
        assertThat(none.earned()).isEqualTo(2);
        assertThat(verdict(desk, SHUFFLE, SAID.withLow("0.017").with(ChanceMeaning.OURS_COULD_BE)).mistakes())
                .containsExactly(Mistake.ZERO_FOR_OURS);
        assertThat(verdict(desk, SHUFFLE, SAID.withLow("0.017").with(ChanceConclusion.PROVES_NONE)).mistakes())
                .containsExactly(Mistake.NOTHING_PROVED);
        assertThat(verdict(desk, SHUFFLE, SAID.withLow("0.017").with(ChanceConclusion.CAUSE)).mistakes())
                .containsExactly(Mistake.CAUSE_CLAIMED);
        assertThat(verdict(desk(AGAIN, played(Play.DRAW_AGAIN, 9, 1_000)), AGAIN, Played.NOTHING.withLow("0").withHigh("1")
                .with(ChanceMeaning.AROUND_ZERO).with(ChanceConclusion.SPEAKS_AGAINST)).mistakes())
                .contains(Mistake.OURS_FOR_ZERO);
        assertThat(SHUFFLE.inWords(desk.apply(new Edit.Draft(ID, SAID.withLow("0.017"))).standing(SHUFFLE),
                Findings.of(desk).truth())).startsWith("run 9, 1,000 shuffles", "0.017");
    }

    @Test
    void anAnswerOfBeforeStandsWhenMoreDrawsAreAskedForLater() {
        Desk desk = scattered(AGAIN, played(Play.DRAW_AGAIN, 5, 1_000));
        Interval middle = pile(desk).middle(0.95).orElseThrow();
        Played said = Played.NOTHING.with(ChanceMeaning.COULD_BE_OFF).with(ChanceConclusion.SPEAKS_AGAINST)
                .withLow("%.3f".formatted(middle.low())).withHigh("%.3f".formatted(middle.high()));
        Attempt attempt = new Attempt(desk.apply(new Edit.Draft(ID, said)).standing(AGAIN), Set.of());
        WhatChanceDoes more = new WhatChanceDoes(AGAIN.terms(), Play.DRAW_AGAIN, 5_000, Quantity.SLOPE, 0.95,
                new Rounding.Places(3), true, true);
        assertThat(more.judge(attempt, Findings.of(desk).truth()).isRight()).isTrue();
        Attempt silent = new Attempt(desk.apply(new Edit.Draft(ID, Played.NOTHING.withLow(said.low()).withHigh(said.high())))
                .standing(AGAIN), Set.of());
        assertThat(AGAIN.judge(silent, Findings.of(desk).truth()).parts()).as("what was not asked then has not been said")
                .extracting(Verdict.Part::outcome).containsExactly(Outcome.RIGHT, Outcome.RIGHT, Outcome.WRONG, Outcome.WRONG);
        assertThat(more.with(Play.SHUFFLE).judge(attempt, Findings.of(desk).truth()).isRight()).isFalse();
    }

    @Test
    void whatTheTaskAsksNothingElseTells() {
        Desk desk = desk(SHUFFLE, played(Play.SHUFFLE, 9, 1_000));
        assertThat(Findings.of(desk).whatAsks(Play.SHUFFLE)).contains("What does this say? Task 1 asks.");
        assertThat(Findings.of(desk).whatAsks(Play.DRAW_AGAIN)).isEmpty();
        Desk done = desk.apply(new Edit.Draft(ID, SAID.withLow("0.017"))).apply(new Edit.Check(ID));
        assertThat(Findings.of(done).whatAsks(Play.SHUFFLE)).isEmpty();
    }

    @Test
    void theKeyIsTheFormulasWithAWordThatTheRunDecides() {
        assertThat(SHUFFLE.key(Kelp.truth(Kelp.exercise(SHUFFLE))).text())
                .startsWith("by the student\u2019s own run of 1,000 shuffles or more; the formula gives about 0.000 · how often")
                .endsWith(" · what follows, at 95 %");
        assertThat(SHUFFLE.rightAnswer(Kelp.truth(Kelp.exercise(SHUFFLE)))).startsWith("It says how often");
        assertThatIllegalArgumentException().isThrownBy(() -> SHUFFLE.watching(Quantity.INTERCEPT));
        assertThat(AGAIN.watching(Quantity.INTERCEPT).with(Play.SHUFFLE)).isEqualTo(SHUFFLE);
        assertThat(SHUFFLE.watching(Quantity.R) instanceof WhatChanceDoes it ? it.needs() : Set.of()).contains(Aid.R);
        assertThatIllegalArgumentException().isThrownBy(() -> new WhatChanceDoes(SHUFFLE.terms(), Play.ANOTHER_SAMPLE, 1_000,
                Quantity.SLOPE, 0.95, new Rounding.Places(3), true, true));
    }
}
