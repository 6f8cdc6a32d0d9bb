package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Roles;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.numbers.Rounding;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.tracing.KnownAxis;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What answers look like that are made in the plot, on the data of {@link Kelp}. */
class SketchTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());
    private static final Terms TERMS = Terms.of("it", "It", "Do it.", 2);
    private static final Trial LINE = new Trial(new Curve.Line(), List.of(new Trial.Handle(2, 4), new Trial.Handle(10, 8)));

    private static Sketch sketch(Task task, Answer answer) {
        return Sketched.of(task, answer, TRUTH).orElseThrow();
    }

    private static void showsTheKelp(Sketch sketch) {
        assertThat(sketch.points().xs().toArray()).containsExactly(Kelp.DAYS);
        assertThat(sketch.points().ys().toArray()).containsExactly(Kelp.LENGTHS);
    }

    @Test
    void aLineByEyeRunsThroughTheData() {
        Sketch sketch = sketch(new ByEye(TERMS, new Curve.Line(), 1.1, 1.5), new Answer.Placed(Optional.of(LINE)));
        showsTheKelp(sketch);
        assertThat(sketch.byEye()).contains(LINE);
    }

    @Test
    void aTargetShowsThePointsAsTheStudentLeftThem() {
        ReachTarget task = new ReachTarget(TERMS, List.of(new Condition(new Measure.Value(Quantity.SLOPE), Band.atMost(0.5))));
        Sketch sketch = sketch(task, new Answer.Reached(new Held(List.of(new Held.Point(0, 1, 2, 1), new Held.Point(1, 3, 4, 1)),
                Optional.of(LINE)), Optional.empty()));
        assertThat(sketch.points().xs().toArray()).containsExactly(1, 3);
        assertThat(sketch.byEye()).contains(LINE);
        assertThat(task.sketch(Answer.Reached.NOTHING, TRUTH)).isEmpty();
    }

    @Test
    void pointsThatWereMarkedAreSetOffAndThoseThatAreNoneAreNot() {
        FindPoint task = new FindPoint(TERMS, PointSort.LARGEST_RESIDUAL, 1, Set.of(), Optional.empty(), Optional.empty());
        Sketch sketch = sketch(task, new Pointed(Set.of(1, 9), Optional.empty(), Optional.empty()));
        showsTheKelp(sketch);
        assertThat(sketch.marked()).containsExactly(new Trial.Handle(Kelp.DAYS[1], Kelp.LENGTHS[1]));
    }

    @Test
    void aWrongValueThatIsGivenOutStandsWhereTheStudentSawIt() {
        Truth slipped = Kelp.truth(Kelp.whole());
        FindPoint task = new FindPoint(TERMS, PointSort.MISTYPED, 1, Set.of(), Optional.empty(), Optional.empty());
        Sketch sketch = task.sketch(new Pointed(Set.of(Kelp.SLIP_ROW), Optional.empty(), Optional.empty()), slipped)
                .orElseThrow();
        assertThat(sketch.marked()).hasSize(1);
        assertThat(sketch.marked().getFirst().y()).isNotEqualTo(Kelp.LENGTHS[Kelp.SLIP_ROW]);
    }

    @Test
    void aPlotIsShownWithTheAxesAndTheScaleThatWereChosen() {
        DrawIt task = new DrawIt(TERMS, false, false);
        Frame frame = new Frame(0, 20, 0, 10);
        Sketch sketch = sketch(task, new Answer.Drawn(Optional.of(Roles.FIRST_EXPLAINS.swapped()), "", "", "", "", "",
                Optional.of(frame)));
        assertThat(sketch.points().xs().toArray()).containsExactly(Kelp.LENGTHS);
        assertThat(sketch.frame()).contains(frame);
        assertThat(task.sketch(new Answer.Drawn(Optional.empty(), "", "", "", "", "", Optional.empty()), TRUTH)).isEmpty();
    }

    @Test
    void movesThatCountAreSetOff() {
        TryOut task = new TryOut(TERMS, List.of(new TryOut.Move(4, 0, 1)), Quantity.SLOPE, 2, Optional.empty());
        double up = Kelp.LENGTHS[4] + 1;
        Sketch sketch = sketch(task, new Tried(List.of(new Seen(4, Kelp.DAYS[4], up), new Seen(1, Kelp.DAYS[1], 9)),
                List.of(), OptionalInt.empty(), Optional.empty()));
        showsTheKelp(sketch);
        assertThat(sketch.marked()).containsExactly(new Trial.Handle(Kelp.DAYS[4], up));
    }

    @Test
    void thePlotThatWasPickedIsShown() {
        MatchPlot task = new MatchPlot(TERMS, MatchPlot.Shown.LINE, Set.of(WrongPlot.SIGN, WrongPlot.INTERCEPT));
        int wrong = task.options(TRUTH).stream().map(MatchPlot.Option::wrong).toList().indexOf(Optional.of(WrongPlot.SIGN));
        Trial falling = sketch(task, new Answer.Picked(OptionalInt.of(wrong))).byEye().orElseThrow();
        assertThat(falling.handles().getLast().y()).isLessThan(falling.handles().getFirst().y());
        assertThat(task.sketch(new Answer.Picked(OptionalInt.of(99)), TRUTH)).isEmpty();
        assertThat(task.sketch(new Answer.Picked(OptionalInt.empty()), TRUTH)).isEmpty();
    }

    @Test
    void pointsReadOffAPictureStandWhereTheyWereRead() {
        PictureAxes axes = new PictureAxes(new KnownAxis(new PicturePoint(0, 100), 0, new PicturePoint(100, 100), 10, false),
                new KnownAxis(new PicturePoint(0, 100), 0, new PicturePoint(0, 0), 10, false));
        FromPicture task = new FromPicture(TERMS, 0.03, Optional.empty(), 0.1);
        Sketch sketch = sketch(task, new Answer.ReadOff(Optional.of(new Tracing(axes, List.of(new PicturePoint(20, 70))))));
        assertThat(sketch.points().x(0)).isEqualTo(2);
        assertThat(sketch.points().y(0)).isEqualTo(3);
    }

    @Test
    void nothingElseIsMadeInThePlot() {
        assertThat(Sketched.of(Kelp.read(Quantity.SLOPE, new Rounding.Free()), new Answer.Typed("1"), TRUTH)).isEmpty();
    }
}
