package hestra.review;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.figure.Layer;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.ByEye;
import hestra.task.FindPoint;
import hestra.task.PointSort;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.TryOut;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;

/** What of a sheet tells an answer before it is given. */
class ToldInAdvanceTest {

    private static final Task SLOPE = Kelp.read(Quantity.SLOPE, new Rounding.Places(3));

    private static Exercise open(Task... tasks) {
        return Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of()));
    }

    private static List<String> told(Exercise exercise) {
        return Review.of(exercise).stream().filter(it -> it.sort() == Remark.Sort.TOLD).map(Remark::message).toList();
    }

    private static Exercise with(Exercise exercise, Block block) {
        return exercise.withFirst(part -> part.withBlockAt(0, block));
    }

    private static Exercise saying(String text, Task... tasks) {
        return with(open(tasks), new Block.Prose("said", text));
    }

    private static Exercise showing(Task task, Layer... layers) {
        Set<Layer> all = EnumSet.of(Layer.POINTS);
        all.addAll(List.of(layers));
        return with(open(task), new Block.Plot("figure", all, Optional.empty(), ""));
    }

    @Test
    void aLiveValueOfWhatIsAskedForTellsIt() {
        assertThat(told(saying("It grows {slope} cm a day.", SLOPE)))
                .containsExactly("Task 1: its answer can be read before it is given. A text of this part tells the slope of "
                + "the line of least squares.");
        assertThat(told(saying("On {n} days, r was {r}.", SLOPE))).isEmpty();
        assertThat(told(open(SLOPE.with(SLOPE.terms().withPrompt("Is it {slope}?")))))
                .containsExactly("Task 1: its answer can be read before it is given. Its own prompt tells the slope of the "
                + "line of least squares.");
        assertThat(told(open(SLOPE, Kelp.explain()
                .with(Terms.of("say", "Say it", "The slope is {slope}. What does it mean?", 2))))).containsExactly(
                "Task 1: its answer can be read before it is given. What task 2 says tells the slope of the line of least "
                        + "squares.");
        assertThat(told(saying("r is {r}.", Kelp.describe()))).as("its sign is the direction").hasSize(1);
        assertThat(told(with(open(SLOPE), new Block.Formula("f", "ŷ = {intercept} + {slope} x")))).hasSize(1);
    }

    /** Each value that can be read as a live one tells the task that asks for it, and only that. */
    @ParameterizedTest
    @EnumSource(value = Quantity.class, names = {"SLOPE", "INTERCEPT", "R", "R_SQUARED", "N", "MEAN_X", "MEDIAN_Y", "SXY",
            "RESIDUAL_STANDARD_ERROR"})
    void everyValueThatCanBeReadIsTold(Quantity quantity) {
        String live = "{" + quantity.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-') + "}";
        for (Quantity asked : List.of(Quantity.SLOPE, Quantity.INTERCEPT, Quantity.R, Quantity.R_SQUARED, Quantity.N,
                Quantity.MEAN_X, Quantity.MEDIAN_Y, Quantity.SXY, Quantity.RESIDUAL_STANDARD_ERROR)) {
            assertThat(told(saying("It is " + live + ".", Kelp.read(asked, new Rounding.Places(4)))))
                    .as("%s said, %s asked for", quantity, asked).hasSize(asked == quantity ? 1 : 0);
        }
    }

    @Test
    void aFigureWithTheLineTellsWhatIsToBeSeenWithoutIt() {
        ByEye byEye = new ByEye(Terms.of("eye", "By eye", "Lay a line.", 2), new Curve.Line(), 1.1, 1.5);
        assertThat(told(showing(byEye, Layer.LINE)))
                .containsExactly("Task 1: its answer can be seen before it is given. A figure of this part shows the true data "
                + "and their line.");
        assertThat(told(showing(byEye))).isEmpty();
        assertThat(told(showing(Kelp.describe(), Layer.LINE))).hasSize(1);
        assertThat(told(showing(Kelp.describe()))).isEmpty();
        assertThat(told(showing(SLOPE, Layer.LINE, Layer.EQUATIONS))).hasSize(1);
        assertThat(told(showing(SLOPE, Layer.EQUATIONS))).as("without the line there is no equation").isEmpty();
        assertThat(told(showing(SLOPE, Layer.LINE))).isEmpty();
        assertThat(told(showing(Kelp.slip()))).as("the true data beside those with a slip").hasSize(1);
        assertThat(told(showing(Kelp.roles()))).as("its axes are the roles").hasSize(1);
    }

    @Test
    void aTaskThatNamesThePointToBeFoundTellsIt() {
        FindPoint find = new FindPoint(Terms.of("find", "Which point pulls most?", "Click the point.", 2), PointSort.CHOSEN, 1,
                Set.of(4), Optional.empty(), Optional.empty());
        TryOut lift = new TryOut(Terms.of("lift", "Lift the boulder", "Lift it, and look.", 2), List.of(new TryOut.Move(4, 0, 1)),
                Quantity.SLOPE, 2, Optional.empty());
        assertThat(told(open(find, lift)))
                .containsExactly("Task 1 asks for a point to be found, and task 2 speaks of it: “the boulder”. Students can "
                + "read that first.");
        assertThat(told(open(find, lift.with(lift.terms().withTitle("Lift a point"))))).isEmpty();
        assertThat(told(open(find, lift.with(Terms.of("lift", "Lift a point", "Lift point 5 by 1 cm.", 2))))).hasSize(1);
        assertThat(told(open(find, new TryOut(lift.terms(), List.of(new TryOut.Move(1, 0, 1)), Quantity.SLOPE, 2,
                Optional.empty())))).as("of another point").isEmpty();
    }

    @Test
    void whatIsOnlyToldIsNotUnfinished() {
        assertThat(Review.unfinished(saying("It grows {slope} cm a day.", SLOPE))).isEmpty();
        assertThat(Review.unfinished(open(SLOPE.with(SLOPE.terms().withPrompt(""))))).extracting(Remark::sort)
                .containsExactly(Remark.Sort.EMPTY);
        assertThat(Review.unfinished(open(SLOPE).withFirst(part -> part.withHeld(EnumSet.of(Aid.EQUATION)))))
                .extracting(Remark::sort).containsExactly(Remark.Sort.AID_CLOSED);
    }
}
