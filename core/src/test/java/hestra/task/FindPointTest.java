package hestra.task;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.feedback.KeptPoints;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Points of the kelp: leverages 0.6, 0.3, 0.2, 0.3, 0.6, residuals 0.12, −0.11, −0.04, −0.07, 0.10. With a sixth point at 20
 * days, 9 cm, far to the right and below the line, that one has the highest leverage and the most influence.
 */
class FindPointTest {

    private static final Truth KELP = Kelp.truth(Kelp.exercise());
    private static final Truth FAR = Truth.of(Kelp.table()
            .withRows(Stream.concat(Kelp.table().rows().stream(),
                    Stream.of(Row.of(Cell.of("20", DecimalMark.POINT), Cell.of("9", DecimalMark.POINT)))).toList()),
            Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);

    private static FindPoint task(PointSort sort, int count, Set<Integer> rows) {
        return new FindPoint(Terms.of("find", "Find", "Which?", 3), sort, count, rows, Optional.empty(), Optional.empty());
    }

    private static Verdict judged(FindPoint task, Truth truth, Integer... rows) {
        return task.judge(new Attempt(new Pointed(Set.of(rows), Optional.empty(), Optional.empty()), Set.of()), truth);
    }

    @Test
    void eachSortHasItsPoint() {
        assertThat(judged(task(PointSort.LARGEST_RESIDUAL, 1, Set.of()), KELP, 0).isRight()).isTrue();
        assertThat(judged(task(PointSort.LARGEST_RESIDUAL, 1, Set.of()), KELP, 1).isRight()).isFalse();
        assertThat(judged(task(PointSort.HIGHEST_LEVERAGE, 1, Set.of()), FAR, 5).isRight()).isTrue();
        assertThat(judged(task(PointSort.MOST_INFLUENTIAL, 1, Set.of()), FAR, 5).isRight()).isTrue();
        assertThat(judged(task(PointSort.CHOSEN, 1, Set.of(1, 3)), KELP, 3, 1).isRight()).isTrue();
        assertThat(judged(task(PointSort.CHOSEN, 1, Set.of(1, 3)), KELP, 3, 2).message()).contains("Some of these are right");
    }

    @Test
    void theMistypedValueIsTheOneThatATaskGivesOut() {
        Truth slipped = Kelp.truth(Kelp.whole());
        assertThat(judged(task(PointSort.MISTYPED, 1, Set.of()), slipped, Kelp.SLIP_ROW).isRight()).isTrue();
        assertThat(task(PointSort.MISTYPED, 1, Set.of()).key(KELP).computed()).isFalse();
        assertThat(judged(task(PointSort.MISTYPED, 1, Set.of(4)), KELP, 4).isRight()).as("named by the author").isTrue();
    }

    @Test
    void severalOfTheForemostAreFound() {
        assertThat(judged(task(PointSort.LARGEST_RESIDUAL, 2, Set.of()), KELP, 0, 1).isRight()).isTrue();
        assertThat(task(PointSort.LARGEST_RESIDUAL, 2, Set.of())
                .unfinished(new Pointed(Set.of(0), Optional.empty(), Optional.empty()), KELP))
                .hasValueSatisfying(it -> assertThat(it).contains("2 points").contains("1 marked"));
    }

    @Test
    void twoThatStandOutByAsMuchAreNoKey() {
        Truth even = Truth.of(Kelp.table().withRows(IntStream.range(0, 5)
                .mapToObj(i -> Row.of(Cell.of(Integer.toString(i), DecimalMark.POINT),
                        Cell.of(Integer.toString(i * i), DecimalMark.POINT))).toList()),
                Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(task(PointSort.HIGHEST_LEVERAGE, 1, Set.of()).key(even).computed()).as("0.6 at both ends").isFalse();
    }

    @Test
    void aPointThatStandsOutInAnotherWayIsNamedAsThat() {
        Verdict verdict = judged(task(PointSort.LARGEST_RESIDUAL, 1, Set.of()), FAR, 5);
        assertThat(verdict.isRight()).isFalse();
        assertThat(verdict.message()).contains("most influential point");
        assertThat(verdict.mistakes()).containsExactly(Mistake.ANOTHER_POINT);
        assertThat(task(PointSort.LARGEST_RESIDUAL, 1, Set.of()).key(FAR).recognised())
                .extracting(Key.Recognised::answer).contains("row 6");
    }

    @Test
    void whatToDoAndWhyArePartsOfTheAnswer() {
        FindPoint task = new FindPoint(Terms.of("find", "Find", "Which?", 3), PointSort.HIGHEST_LEVERAGE, 1, Set.of(),
                Optional.of(PointAction.BOTH), Optional.of(PointReason.DECIDES));
        Pointed found = new Pointed(Set.of(5), Optional.empty(), Optional.empty());
        assertThat(task.unfinished(found, FAR)).contains("Say what is to be done about it.");
        assertThat(task.unfinished(found.with(PointAction.BOTH), FAR)).contains("Say why.");
        assertThat(task.judge(new Attempt(found.with(PointAction.BOTH).with(PointReason.DECIDES), Set.of()), FAR).earned())
                .isEqualTo(3);
        Verdict partly = task.judge(new Attempt(found.with(PointAction.SET_ASIDE).with(PointReason.DECIDES), Set.of()), FAR);
        assertThat(partly.earned()).isEqualTo(2);
        assertThat(partly.message()).contains("You found the point").contains("What to do about it");
    }

    @Test
    void aValueThatMayBeTrueIsKeptOrLookedUpEither() {
        FindPoint task = new FindPoint(Terms.of("far", "Find it", "Click it.", 3), PointSort.LARGEST_RESIDUAL, 1, Set.of(),
                Optional.of(PointAction.LOOK_UP), Optional.of(PointReason.TRUE_VALUE));
        Pointed found = new Pointed(Set.of(5), Optional.empty(), Optional.of(PointReason.TRUE_VALUE));
        for (PointAction action : PointAction.values()) {
            boolean holds = action == PointAction.KEEP || action == PointAction.LOOK_UP;
            Verdict verdict = task.judge(new Attempt(found.with(action), Set.of()), FAR);
            assertThat(verdict.parts()).filteredOn(it -> it.name().equals("what to do")).extracting(Verdict.Part::outcome)
                    .as(action.inWords()).containsExactly(holds ? Outcome.RIGHT : Outcome.WRONG);
        }
        assertThat(PointAction.KEEP.holding(Optional.of(PointReason.SLIP))).containsExactly(PointAction.KEEP);
        assertThat(PointAction.BOTH.holding(Optional.of(PointReason.TRUE_VALUE))).containsExactly(PointAction.BOTH);
    }

    /** FAR's last point has by far the greatest Cook's distance. */
    @Test
    void whyAReasonIsNoneIsSaidByWhatIsSoInTheData() {
        FindPoint task = new FindPoint(Terms.of("find", "Find", "Which?", 2), PointSort.HIGHEST_LEVERAGE, 1, Set.of(),
                Optional.empty(), Optional.of(PointReason.TRUE_VALUE));
        Pointed found = new Pointed(Set.of(5), Optional.empty(), Optional.empty());
        assertThat(task.judge(new Attempt(found.with(PointReason.TRUE_VALUE), Set.of()), FAR).message())
                .contains("Your reason holds: it may well be true");
        assertThat(task.judge(new Attempt(found.with(PointReason.DECIDES), Set.of()), FAR).message())
                .contains("The line does rest on it. But that alone");
        assertThat(task.judge(new Attempt(found.with(PointReason.LITTLE_EFFECT), Set.of()), FAR).message())
                .contains("the line does change");
        assertThat(task.judge(new Attempt(found.with(PointReason.SLIP), Set.of()), FAR).message())
                .contains("far out is not wrong");
        assertThat(PointReason.DECIDES.against(false, false)).as("where it changes little").contains("hardly changes");
        assertThat(PointReason.values()).as("each says something of its own")
                .extracting(it -> it.against(true, false)).doesNotHaveDuplicates().allMatch(it -> it.endsWith("."));
    }

    @Test
    void rowsAreFollowedWhereverTheyGo() {
        Bench bench = new Bench(KELP, new TableEdit.MoveRows(0, 0, 2).appliedTo(KELP.given(), DecimalMark.POINT),
                Optional.empty(), Map.of());
        assertThat(task(PointSort.LARGEST_RESIDUAL, 1, Set.of()).pointing(bench, List.of(2)).rows())
                .as("the first row stands third now").containsExactly(0);
        assertThat(((FindPoint) task(PointSort.CHOSEN, 1, Set.of(1, 3)).following(new TableEdit.RemoveRows(List.of(1)))).rows())
                .containsExactly(2);
    }
}
