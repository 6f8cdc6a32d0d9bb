package hestra.desktop.demo;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.recipe.Scatter;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Measure;
import hestra.targets.PointMeasure;
import hestra.task.Aid;
import hestra.task.ByEye;
import hestra.task.FromPicture;
import hestra.task.ReachTarget;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.tracing.Tracing;

/** An exercise whose tasks are done with points: a part for each challenge, one of which cannot be met. */
public final class Playground {

    static final String AIM = "place a line by its residuals, and say what a far point does and what no line can do";
    static final int MINUTES = 50;
    private static final Frame SQUARE = new Frame(0, 10, 0, 10);
    /** A heap without a direction worth speaking of. */
    private static final double[][] HEAP = {{2.3, 4.1}, {3.5, 3.2}, {1.6, 3.3}, {2.6, 3.6}, {3.1, 2.7}, {3.0, 4.5}, {2.1, 2.6}};
    /** A heap that rises a little. */
    private static final double[][] RISING = {{1.8, 2.9}, {2.4, 3.8}, {2.9, 3.1}, {3.3, 4.4}, {3.8, 3.7}, {4.1, 4.6}};

    private Playground() {}

    public static Exercise exercise() {
        return new Exercise("orrin-bay-playground", "Playground", "Orrin Bay field station", "Make the line obey",
                DecimalMark.POINT,
                List.of(step(), byEye(), harmless(), turned(), made(), above(), chart()));
    }

    private static Part step() {
        return part("step", "Your own points", new double[0][],
                Story.told("Here are no data but yours. Double click in the plot to put a point, drag it to move it. The line of "
                        + "least squares follows each of them.", AIM, MINUTES),
                target("step-target", "Down by half a step each",
                        "Put five points so that the line falls by half a step for each step to the right.",
                        value(Quantity.N, Band.exactly(5)).called("five points"),
                                value(Quantity.SLOPE, Band.between(-0.52, -0.48))
                                .called("a slope of \u22120.50, give or take 0.02")));
    }

    private static Part byEye() {
        Recipe recipe = new Recipe(71, 18, new Along.Between(1, 9), MeanCurve.line(7.5, -0.55),
                new Scatter(Scatter.Shape.NORMAL, 0.9, false), OptionalDouble.empty(), Oddities.NONE, 1, 0, 1, 1);
        if (!(Sample.of(recipe, Variable.named("x"), Variable.named("y"),
                DecimalMark.POINT) instanceof Sample.Done(Sample sample))) {
            throw new IllegalStateException("no data for the line by eye");
        }
        Task task = new ByEye(Terms.of("by-eye-line", "By eye, against the best",
                "Put a line through the points by eye. Once you check it, the line of least squares appears beside yours. "
                + "Then try again with new points: the best of three rounds counts.", 2).withPlaying(Terms.Playing.NEW_DATA),
                new Curve.Line(), 1.1, 1.5);
        return new Part("by-eye", "A line by eye", sample.table(), Roles.FIRST_EXPLAINS, new Provenance.Made(recipe),
                EnumSet.complementOf(EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)), rules(Set.of()),
                List.of(new Block.Prose("by-eye-text",
                        "How well do you see a line? Yours is judged by its sum of squares, as a multiple of the least that "
                        + "any line has."), new Block.Asked(task)));
    }

    private static Part harmless() {
        int eighth = HEAP.length;
        return part("harmless", "Seven in a heap", HEAP,
                "Seven points lie in a heap. A point far from the others has a strong pull on the line, if it wants to.",
                target("harmless-target", "Far out, and harmless",
                        "Put an eighth point far to the right so that its leverage passes 0.8, and the line stays as it is.",
                        value(Quantity.N, Band.exactly(8)).called("eight points"),
                        new Condition(new Measure.Touched(Set.of()), Band.atMost(0)).called("the seven are where they were"),
                        new Condition(new Measure.OfPoint(OptionalInt.of(eighth), PointMeasure.LEVERAGE), Band.atLeast(0.8))
                                .called("its leverage above 0.8"),
                        new Condition(new Measure.OfPoint(OptionalInt.of(eighth), PointMeasure.INFLUENCE), Band.atMost(0.1))
                                .called("its influence below 0.1")));
    }

    private static Part turned() {
        return part("turned", "Six that rise", RISING, "The line through these six points rises.",
                target("turned-target", "One point turns the line",
                        "Add one point so that the line falls, and leave the six where they are.",
                        value(Quantity.N, Band.exactly(7)).called("seven points"),
                        new Condition(new Measure.Touched(Set.of()), Band.atMost(0)).called("the six are where they were"),
                        value(Quantity.SLOPE, Band.atMost(-0.1)).called("the line falls, by 0.1 or more")));
    }

    private static Part made() {
        return part("made", "Seven in a heap again", HEAP, "Seven points in a heap, and nothing to say about them.",
                target("made-target", "A correlation out of nothing",
                        "Add a single point so that r is above 0.9. What is r worth then?",
                        value(Quantity.N, Band.exactly(8)).called("eight points"),
                        new Condition(new Measure.Touched(Set.of()), Band.atMost(0)).called("the seven are where they were"),
                                value(Quantity.R, Band.atLeast(0.9)).called("r above 0.9")));
    }

    private static Part above() {
        return part("above", "Six to move freely", RISING, "Move the points as you like, add some, take some away.",
                target("above-target", "A line above every point",
                        "Make the line of least squares run above all points: none on it, none above it.",
                        value(Quantity.N, Band.atLeast(3)).called("three points or more"),
                                new Condition(new Measure.OnSide(true), Band.atMost(0)).called("no point on or above the line")));
    }

    private static Part chart() {
        Tracing tracing = FlaskChart.placed();
        DataTable table = new DataTable(List.of(new Variable("minutes", "time since filling", "min"),
                new Variable("excess", "temperature above the room", "\u00b0C")), tracing.rows(DecimalMark.POINT));
        Task task = new FromPicture(Terms.of("chart-points", "Points off a chart",
                "Of these readings only the chart is left. Lay the axes on it: drag x\u2081, x\u2082, y\u2081 and y\u2082 to "
                + "places whose values you can read, and type "
                + "those values. Then click each point.", 4), 0.03, Optional.of(new Curve.Exponential(Curve.FittedOn.VALUES)),
                0.1);
        return new Part("chart", "A chart without its numbers", table, Roles.FIRST_EXPLAINS,
                new Provenance.Traced(FlaskChart.picture(), tracing), Set.of(), PlotRules.USUAL,
                List.of(new Block.Prose("chart-text",
                        "Mirre Aldous once more: how many degrees the tea in the flask was above the room. The table was lost "
                        + "overboard."), new Block.Asked(task)));
    }

    private static Condition value(Quantity quantity, Band band) {
        return new Condition(new Measure.Value(quantity), band);
    }

    private static Task target(String id, String title, String prompt, Condition... conditions) {
        return new ReachTarget(Terms.of(id, title, prompt, 2), List.of(conditions));
    }

    private static PlotRules rules(Set<PointChange> points) {
        return new PlotRules(points, PlotRules.USUAL.form()).showing(Optional.of(SQUARE));
    }

    private static Part part(String id, String heading, double[][] points, String text, Task task) {
        List<Row> rows = Arrays.stream(points).map(at -> Row.of(Cell.of(at[0], DecimalMark.POINT),
                Cell.of(at[1], DecimalMark.POINT))).toList();
        return new Part(id, heading, new DataTable(List.of(Variable.named("x"), Variable.named("y")), rows), Roles.FIRST_EXPLAINS,
                new Provenance.ByHand(), Set.of(),
                rules(EnumSet.allOf(PointChange.class)), List.of(new Block.Prose(id + "-text", text), new Block.Asked(task)));
    }
}
