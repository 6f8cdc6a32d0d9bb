package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Moves on the kelp, whose Sxx is 40: lifting the point at 10 days, 4 from the mean, by 1 changes the slope by 4 ÷ 40 = 0.1; the
 * one at 6 days, at the mean itself, by 0.
 */
class TryOutTest {

    private static final TryOut TASK = new TryOut(Terms.of("try", "Try", "Try it.", 4),
            List.of(new TryOut.Move(4, 0, 1), new TryOut.Move(2, 0, 1)), Quantity.SLOPE, 3,
            Optional.of(TryReason.FAR_FROM_MEAN));
    private static final Exercise EXERCISE = Kelp.exercise(TASK);
    private static final Truth TRUTH = Kelp.truth(EXERCISE);

    private static History moved(History history, int row, double x, double y, long gesture) {
        return history.apply(new WorkEdit.MovePoint(row, x, y, gesture));
    }

    private static Tried standing(History history) {
        return history.present().standing(TASK).as(Tried.class);
    }

    private static History both() {
        History history = moved(History.of(Desk.open(EXERCISE)), 4, 10, 7.5, 1);
        history = moved(history, 4, 10, 8.2, 1).apply(new WorkEdit.PutBack());
        return moved(history, 2, 6, 6.0, 2);
    }

    @Test
    void movesOfSinglePointsAreSeenWhereTheyComeToRest() {
        assertThat(standing(both()).seen()).containsExactly(new Seen(4, 10, 8.2), Seen.BACK, new Seen(2, 6, 6.0));
        assertThat(TASK.made(0, standing(both()).seen(), TRUTH)).contains(new Seen(4, 10, 8.2));
        assertThat(TASK.made(1, standing(both()).seen(), TRUTH)).isPresent();
    }

    /** What one task moved would lead the next one astray. */
    @Test
    void onceAllIsRightThePointsStandWhereTheyWereGiven() {
        Tried said = Tried.NOTHING.with(0, "0.100").with(1, "0.000").withMost(0).with(TryReason.FAR_FROM_MEAN);
        History wrong = both().apply(new Edit.Draft("try", said.with(0, "0.7"))).apply(new Edit.Check("try"));
        assertThat(Kelp.work(wrong.present()).table().cell(2, 1).text()).as("while it is not right").isEqualTo("6");
        History right = wrong.apply(new Edit.Draft("try", said)).apply(new Edit.Check("try"));
        assertThat(Kelp.work(right.present()).table()).isEqualTo(Kelp.work(Desk.open(EXERCISE)).table());
        assertThat(right.apply(new WorkEdit.MovePoint(3, 8, 5, 3)).present()).as("more may be tried")
                .isNotEqualTo(right.present());
    }

    @Test
    void whatWasSeenStaysSeenWhenTheMoveIsUndone() {
        History history = moved(History.of(Desk.open(EXERCISE)), 4, 10, 8.2, 1).apply(new Edit.Undo());
        assertThat(Kelp.work(history.present()).table()).isEqualTo(Kelp.work(Desk.open(EXERCISE)).table());
        assertThat(TASK.made(0, standing(history).seen(), TRUTH)).isPresent();
        assertThat(standing(history.apply(new Edit.StartAgain())).seen()).as("a new beginning").isEmpty();
    }

    @Test
    void aMoveWithAnotherPointMovedTooDoesNotCount() {
        History history = moved(moved(History.of(Desk.open(EXERCISE)), 0, 2, 5, 1), 4, 10, 8.2, 2);
        assertThat(TASK.made(0, standing(history).seen(), TRUTH)).isEmpty();
        assertThat(TASK.unfinished(standing(history), TRUTH)).hasValueSatisfying(it -> assertThat(it).contains("row 5 up by 1"));
    }

    @Test
    void theRightMoveCountsOnlyFromTheStart() {
        History history = moved(moved(History.of(Desk.open(EXERCISE)), 4, 10, 7.4, 1), 2, 6, 6.0, 2);
        assertThat(TASK.made(1, standing(history).seen(), TRUTH)).as("the last point stood elsewhere").isEmpty();
    }

    @Test
    void aMoveMustBeAboutTheOneThatIsAsked() {
        assertThat(TASK.made(0, List.of(new Seen(4, 10, 8.39)), TRUTH)).as("1.19, within a fifth").isPresent();
        assertThat(TASK.made(0, List.of(new Seen(4, 10, 8.45)), TRUTH)).as("1.25").isEmpty();
        assertThat(TASK.made(0, List.of(new Seen(4, 10.2, 8.2)), TRUTH)).as("a little aside").isPresent();
        assertThat(TASK.made(0, List.of(new Seen(4, 10.5, 8.2)), TRUTH)).as("more than a little").isEmpty();
        assertThat(TASK.made(0, List.of(new Seen(3, 8, 7)), TRUTH)).as("another point").isEmpty();
    }

    @Test
    void itIsJudgedByTheMovesThatWereMade() {
        Tried right = new Tried(standing(both()).seen(), List.of("0.1", "0"), OptionalInt.of(0),
                Optional.of(TryReason.FAR_FROM_MEAN));
        assertThat(TASK.unfinished(right, TRUTH)).isEmpty();
        assertThat(TASK.judge(new Attempt(right, Set.of()), TRUTH).earned()).isEqualTo(4);
        // Lifted by 1.1 instead: 4 · 1.1 ÷ 40.
        Tried other = new Tried(List.of(new Seen(4, 10, 8.3), new Seen(2, 6, 6)), List.of("0.11", "0"),
                OptionalInt.of(0), Optional.of(TryReason.FAR_FROM_MEAN));
        assertThat(TASK.judge(new Attempt(other, Set.of()), TRUTH).earned()).isEqualTo(4);
    }

    @Test
    void eachPartThatIsWrongIsSaid() {
        List<Seen> seen = standing(both()).seen();
        Verdict verdict = TASK.judge(new Attempt(new Tried(seen, List.of("-0.1", "0.2"), OptionalInt.of(1),
                Optional.of(TryReason.HIGHER)), Set.of()), TRUTH);
        assertThat(verdict.earned()).isEqualTo(0);
        assertThat(verdict.message()).contains("Move 1: the size is right, its sign is not").contains("Move 2: this is not")
                .contains("Another move").contains("reason");
        assertThat(TASK.unfinished(new Tried(seen, List.of("0.1"), OptionalInt.empty(), Optional.empty()), TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("slope changed"));
        assertThat(TASK.unfinished(new Tried(seen, List.of("0.1", "0"), OptionalInt.empty(), Optional.empty()), TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("which move"));
    }

    @Test
    void theKeyIsWhatTheMovesGiveWhenMadeExactly() {
        assertThat(TASK.key(TRUTH).text()).startsWith("if made exactly: 0.100 · 0.000");
        assertThat(((TryOut) TASK.following(new TableEdit.RemoveRows(List.of(0)))).moves())
                .containsExactly(new TryOut.Move(3, 0, 1), new TryOut.Move(1, 0, 1));
        assertThat(new TryOut(TASK.terms(), List.of(new TryOut.Move(17, 0, 1)), Quantity.SLOPE, 3, Optional.empty())
                .key(TRUTH).computed()).isFalse();
    }
}
