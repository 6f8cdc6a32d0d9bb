package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.exercise.Exercise;
import hestra.feedback.KeptPoints;
import hestra.feedback.Mistake;
import hestra.feedback.Verdict;
import hestra.figure.SmallPlot;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Plots of the kelp: the right one among those that typical errors make. */
class MatchPlotTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());

    private static MatchPlot task(MatchPlot.Shown shown, WrongPlot... wrongs) {
        return new MatchPlot(Terms.of("match", "Match", "Which?", 2), shown, Set.of(wrongs));
    }

    private static int place(MatchPlot task, Optional<WrongPlot> which) {
        return task.options(TRUTH).stream().map(MatchPlot.Option::wrong).toList().indexOf(which);
    }

    private static Verdict judged(MatchPlot task, int option) {
        return task.judge(new Attempt(new Answer.Picked(OptionalInt.of(option)), Set.of()), TRUTH);
    }

    @Test
    void theRightPlotIsAmongThemOnceAndAlwaysInTheSamePlace() {
        for (MatchPlot.Shown shown : MatchPlot.Shown.values()) {
            MatchPlot task = task(shown, WrongPlot.AXES, WrongPlot.SIGN, WrongPlot.INTERCEPT, WrongPlot.SCALE, WrongPlot.SLIP);
            assertThat(task.options(TRUTH)).as(shown.inWords()).hasSizeBetween(3, 6)
                    .filteredOn(it -> it.wrong().isEmpty()).hasSize(1);
            assertThat(place(task, Optional.empty())).isEqualTo(place(task, Optional.empty()));
            assertThat(judged(task, place(task, Optional.empty())).isRight()).isTrue();
        }
    }

    @Test
    void aWrongPlotNamesItsError() {
        MatchPlot task = task(MatchPlot.Shown.POINTS, WrongPlot.AXES, WrongPlot.SIGN, WrongPlot.SLIP);
        Verdict axes = judged(task, place(task, Optional.of(WrongPlot.AXES)));
        assertThat(axes.isRight()).isFalse();
        assertThat(axes.message()).contains("changed places");
        assertThat(axes.mistakes()).containsExactly(Mistake.ANOTHER_PLOT);
        assertThat(judged(task, place(task, Optional.of(WrongPlot.SIGN))).message()).contains("turned round");
        assertThat(judged(task, 9).isRight()).isFalse();
    }

    @Test
    void thePlotsShowWhatTheErrorsMake() {
        MatchPlot points = task(MatchPlot.Shown.POINTS, WrongPlot.AXES, WrongPlot.SIGN, WrongPlot.SCALE);
        SmallPlot axes = points.options(TRUTH).get(place(points, Optional.of(WrongPlot.AXES))).plot();
        assertThat(axes.points().x(0)).isEqualTo(3.1);
        assertThat(axes.points().y(0)).isEqualTo(2);
        SmallPlot sign = points.options(TRUTH).get(place(points, Optional.of(WrongPlot.SIGN))).plot();
        assertThat(sign.points().y(0)).as("7.2 + 3.1 − 3.1").isCloseTo(7.2, within(1e-12));
        SmallPlot scale = points.options(TRUTH).get(place(points, Optional.of(WrongPlot.SCALE))).plot();
        assertThat(scale.points().y(4)).isCloseTo(72, within(1e-12));
        MatchPlot residuals = task(MatchPlot.Shown.RESIDUALS, WrongPlot.SIGN, WrongPlot.ANOTHER);
        assertThat(residuals.options(TRUTH).get(place(residuals, Optional.empty())).plot().points().y(0))
                .isCloseTo(0.12, within(1e-12));
        assertThat(residuals.options(TRUTH).get(place(residuals, Optional.of(WrongPlot.SIGN))).plot().points().y(0))
                .isCloseTo(-0.12, within(1e-12));
        assertThat(residuals.options(TRUTH).get(place(residuals, Optional.of(WrongPlot.ANOTHER))).plot().points().y(0))
                .as("3.1 − 5.04").isCloseTo(-1.94, within(1e-12));
        MatchPlot lines = task(MatchPlot.Shown.LINE, WrongPlot.SIGN);
        assertThat(lines.options(TRUTH).get(place(lines, Optional.of(WrongPlot.SIGN))).plot().line().orElseThrow().slope())
                .isCloseTo(-0.515, within(1e-12));
    }

    @Test
    void anErrorThatCannotBeSeenInTheDataIsLeftOutAndSaidSo() {
        List<Row> rows = IntStream.of(1, 2, 3, 4)
                .mapToObj(i -> Row.of(Cell.of(Integer.toString(i), DecimalMark.POINT),
                        Cell.of(Integer.toString(i), DecimalMark.POINT))).toList();
        Truth even = Truth.of(Kelp.table().withRows(rows), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        MatchPlot task = task(MatchPlot.Shown.POINTS, WrongPlot.AXES, WrongPlot.SIGN);
        assertThat(task.options(even)).as("x and y are the same numbers").hasSize(2);
        assertThat(task.key(even).text()).contains("1 error left out");
        assertThat(task(MatchPlot.Shown.POINTS, WrongPlot.AXES).key(even).computed()).isFalse();
        List<Row> near = IntStream.of(1, 2, 3, 4)
                .mapToObj(i -> Row.of(Cell.of(Integer.toString(i), DecimalMark.POINT), Cell.of(i + ".05", DecimalMark.POINT)))
                .toList();
        Truth nearly = Truth.of(Kelp.table().withRows(near), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        assertThat(task(MatchPlot.Shown.POINTS, WrongPlot.AXES).options(nearly))
                .as("nobody sees a difference of 0.05 there").hasSize(1);
    }

    @Test
    void theRightPlotIsNotGivenAwayByThePlot() {
        assertThat(task(MatchPlot.Shown.POINTS, WrongPlot.SIGN).hidesPlot()).isTrue();
        assertThat(task(MatchPlot.Shown.RESIDUALS, WrongPlot.SIGN).hides()).containsExactly(Aid.RESIDUALS);
        Exercise exercise = Kelp.exercise(task(MatchPlot.Shown.POINTS, WrongPlot.SIGN))
                .withFirst(part -> part.withHeld(Set.of()));
        Desk desk = Desk.open(exercise);
        assertThat(Findings.of(desk).plot().points()).isEmpty();
        assertThat(Findings.of(desk).plot().notice()).contains("task 1");
        MatchPlot asked = (MatchPlot) exercise.tasks().getFirst();
        int right = asked.options(Kelp.truth(exercise)).stream().map(MatchPlot.Option::wrong).toList().indexOf(Optional.empty());
        Desk done = desk.apply(new Edit.Draft("match", new Answer.Picked(OptionalInt.of(right)))).apply(new Edit.Check("match"));
        assertThat(Findings.of(done).plot().points()).hasSize(5);
    }

    @Test
    void aTaskThatHidesAnAidOpensItWhenDone() {
        Exercise exercise = Kelp.exercise(task(MatchPlot.Shown.RESIDUALS, WrongPlot.SIGN))
                .withFirst(part -> part.withHeld(Set.of()));
        assertThat(Findings.of(Desk.open(exercise)).isOpen(Aid.RESIDUALS)).isFalse();
        assertThat(Findings.of(Desk.open(exercise)).whatOpens(Aid.RESIDUALS)).contains("task 1");
    }
}
