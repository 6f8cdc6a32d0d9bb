package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.feedback.KeptPoints;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.tracing.KnownAxis;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * The kelp read off a picture 100 by 100 pixels wide on which 10 pixels are a day, from the left, and a centimetre, from the
 * foot.
 */
class FromPictureTest {

    private static final PictureAxes AXES = new PictureAxes(new KnownAxis(new PicturePoint(0, 100), 0, new PicturePoint(100, 100),
            10, false),
            new KnownAxis(new PicturePoint(0, 100), 0, new PicturePoint(0, 0), 10, false));
    private static final Truth TRUTH = Kelp.truth(Kelp.exercise()).withPicture();

    private static FromPicture task(Optional<Curve> curve) {
        return new FromPicture(Terms.of("picture", "Read", "Read it.", 4), 0.03, curve, 0.1);
    }

    private static List<PicturePoint> places(double right, double up) {
        return IntStream.range(0, 5).mapToObj(i -> new PicturePoint(10 * Kelp.DAYS[i] + right, 100 - 10 * Kelp.LENGTHS[i] - up))
                .toList();
    }

    private static Verdict judged(FromPicture task, PictureAxes axes, List<PicturePoint> places) {
        return task.judge(new Attempt(new Answer.ReadOff(Optional.of(new Tracing(axes, places))), Set.of()), TRUTH);
    }

    @Test
    void pointsWhereTheyShouldBeEarnAllMarks() {
        assertThat(judged(task(Optional.empty()), AXES, places(0, 0)).earned()).isEqualTo(4);
        assertThat(judged(task(Optional.empty()), AXES, places(1, 1)).isRight())
                .as("0.1 of spans 8 and 4.1, rounded to a pixel's worth").isTrue();
        assertThat(judged(task(Optional.empty()), AXES, places(0, 3)).isRight()).as("0.3 of 4.1 is too much").isFalse();
    }

    @Test
    void eachPointThatIsMissingOrTooManyIsCounted() {
        Verdict four = judged(task(Optional.empty()), AXES, places(0, 0).subList(0, 4));
        assertThat(four.earned()).isCloseTo(4 * 0.8, within(1e-12));
        assertThat(four.message()).contains("4 of 5 points");
        List<PicturePoint> six = new ArrayList<>(places(0, 0));
        six.add(new PicturePoint(50, 5));
        assertThat(judged(task(Optional.empty()), AXES, six).message()).contains("1 point is somewhere else");
        assertThat(judged(task(Optional.empty()), AXES, six).earned()).isCloseTo(4 * 0.8, within(1e-12));
        List<PicturePoint> twice = new ArrayList<>(places(0, 0).subList(0, 4));
        twice.add(places(0, 0).getFirst());
        assertThat(judged(task(Optional.empty()), AXES, twice).message()).as("one point clicked twice is one").contains("4 of 5");
    }

    @Test
    void onePointIsNotTwo() {
        List<Row> rows = Stream.of("3.1", "3.1", "7.2")
                .map(y -> Row.of(Cell.of(y.equals("7.2") ? "10" : "2", DecimalMark.POINT), Cell.of(y, DecimalMark.POINT)))
                .toList();
        Truth twins = Truth.of(Kelp.table().withRows(rows), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL)
                .withPicture();
        Tracing one = new Tracing(AXES, List.of(places(0, 0).getFirst(), places(0, 0).getLast()));
        assertThat(task(Optional.empty()).judge(new Attempt(new Answer.ReadOff(Optional.of(one)), Set.of()), twins).message())
                .contains("2 of 3 points");
    }

    @Test
    void anAxisWithWrongValuesIsNamed() {
        PictureAxes doubled = new PictureAxes(AXES.x(), AXES.y().withValues(0, 20, false));
        Verdict verdict = judged(task(Optional.empty()), doubled, places(0, 0));
        assertThat(verdict.isRight()).isFalse();
        assertThat(verdict.message()).contains("y axis").doesNotContain("x axis");
    }

    @Test
    void theCurveThroughThemIsHalfOfIt() {
        FromPicture task = task(Optional.of(new Curve.Line()));
        assertThat(judged(task, AXES, places(0, 0)).earned()).isEqualTo(4);
        // Without the first point it is 1.71 + 0.545 x: the constant is off by more than a tenth.
        assertThat(judged(task, AXES, places(0, 0).subList(1, 5)).earned()).isCloseTo(0.8 / 2 * 4, within(1e-12));
        // One point too few changes the points' half to 4 of 5; the line 2.05 + 0.49 x through the others stays within a tenth of
        // 1.95 and 0.515.
        assertThat(judged(task, AXES, places(0, 0).subList(0, 4)).earned()).isCloseTo((0.8 + 1) / 2 * 4, within(1e-12));
    }

    @Test
    void nothingPlacedAndAxesThatSayNothingCostNoTry() {
        assertThat(task(Optional.empty()).unfinished(new Answer.ReadOff(Optional.empty()), TRUTH)).isPresent();
        PictureAxes same = new PictureAxes(AXES.x(), AXES.y().withValues(3, 3, false));
        assertThat(task(Optional.empty()).unfinished(new Answer.ReadOff(Optional.of(new Tracing(same, places(0, 0)))), TRUTH))
                .hasValueSatisfying(it -> assertThat(it).contains("must differ"));
    }

    @Test
    void aPartWithoutAPictureHasNoKey() {
        assertThat(task(Optional.empty()).key(Kelp.truth(Kelp.exercise())).text()).contains("no picture");
        assertThat(task(Optional.empty()).key(TRUTH).text()).startsWith("5 points");
    }

    @Test
    void whatIsPlacedIsTheStudentsTable() {
        Exercise exercise = Kelp.exercise(task(Optional.empty()))
                .withFirst(part -> part.withColumns(part.data(), part.roles(),
                        new Provenance.Traced(Picture.of(new byte[] {1}), new Tracing(AXES, List.of()))));
        Desk desk = Desk.open(exercise);
        assertThat(Kelp.work(desk).table().size()).as("nothing is given out").isZero();
        Desk read = desk.apply(new WorkEdit.ReadPicture(new Tracing(AXES, places(0, 0)), 1));
        assertThat(Kelp.work(read).table().cell(2, 0).text()).isEqualTo("6.00");
        assertThat(Kelp.work(read).table().cell(2, 1).text()).isEqualTo("5.00");
        assertThat(Findings.of(read.apply(new Edit.Check("picture"))).task("picture").right()).isTrue();
        assertThat(Findings.of(read).picture()).isPresent();
        Desk without = Desk.open(Kelp.exercise(task(Optional.empty())));
        assertThat(without.apply(new WorkEdit.ReadPicture(new Tracing(AXES, places(0, 0)), 1)))
                .as("no picture, nothing to read").isEqualTo(without);
    }
}
