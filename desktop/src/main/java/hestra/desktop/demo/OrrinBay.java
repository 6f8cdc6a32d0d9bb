package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Oddities.FarPoint;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.task.Aid;
import hestra.task.ByEye;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.DrawIt;
import hestra.task.Explain;
import hestra.task.FillCalculation;
import hestra.task.FindPoint;
import hestra.task.MatchPlot;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Predict;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.TryOut;
import hestra.task.TryReason;
import hestra.task.WrongPlot;
import hestra.working.CalculationCells;

/** The seven data sets of Orrin Bay, a made-up field station, each with its story and one lesson. */
public final class OrrinBay {

    private static final String PLACE = "Orrin Bay field station";

    private OrrinBay() {}

    /**
     * A data set.
     *
     * @param exercise its story, data and tasks
     * @param lesson what it teaches, in a sentence
     * @param inShort the same in a few words
     */
    public record Set(Exercise exercise, String lesson, String inShort) {}

    /** All seven, the plainest first. */
    public static List<Set> sets() {
        return List.of(
                new Set(KelpBlades.exercise(), "A good line, and one value entered ten times too large.", "a good line, one slip"),
                coolingFlask(), limpets(), lichenRings(), crabClaws(), eelgrass(), ferryAndGulls());
    }

    /** All that is offered to begin from: the seven, an exercise of three parts, and one that is played with points. */
    public static List<Set> shelf() {
        List<Set> all = new ArrayList<>(sets());
        all.add(new Set(Playground.exercise(), "Make the line obey: six challenges with points, one of which cannot be met.", "six challenges with points"));
        all.add(new Set(ThreeQuestions.exercise(), "Three parts with data of their own: a line that holds, one that bends, and one that says nothing.", "three data sets, three answers"));
        return all;
    }

    private static Set coolingFlask() {
        Recipe recipe = new Recipe(11, 16, new Along.Steps(0, 4), new MeanCurve(new Curve.Exponential(FittedOn.VALUES), List.of(62.0, 0.958)),
                new Scatter(Shape.NORMAL, 0.7, false), OptionalDouble.empty(), Oddities.NONE, 1, 0, 0, 1);
        return new Set(exercise("cooling-flask", "Cooling flask", "How long does the tea stay hot?", """
                Each morning Mirre Aldous fills a flask for the boat. One day she left a thermometer in it and read, every four *minutes*, \
                how many degrees the tea was above the room. {n} readings were taken.""",
                made(recipe, new Variable("minutes", "time since filling", "min"), new Variable("excess", "temperature above the room", "\u00b0C")),
                describe(Direction.FALLING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                new ByEye(Terms.of("by-eye", "A curve by eye", "A line will not do. Lay an exponential curve through the points by eye: it falls quickly at first, and then more and more slowly.", 2),
                        new Curve.Exponential(FittedOn.VALUES), 1.5, 3),
                read("r", "Read r of the line all the same", "A line through a curve: how strong is r? Why is that no reason to use the line?", Quantity.R, 3),
                predict("What does the line say?", "Predict with the line. Which of these would you trust? Think of what tea does in the end.", 1, 10.0, 30.0, 90.0)),
                "Exponential decay: a line has a fine r, a bent residual strip, and nonsense to say about later.", "decay; nonsense later");
    }

    private static Set limpets() {
        Recipe recipe = new Recipe(23, 22, new Along.Between(8, 58), MeanCurve.line(47, -0.42), new Scatter(Shape.NORMAL, 2.4, false), OptionalDouble.empty(),
                new Oddities(0, 0, Optional.of(new FarPoint(92, 21)), 0), 1, 0, 0, 1);
        return new Set(exercise("limpets", "Limpets", "Do waves keep limpets flat?", """
                Where waves break hard a tall shell is torn off. Tavi Roon gave {n} places along the shore an *exposure* index and measured the \
                *height* of the tallest limpet at each. The last place is a lone boulder far out.""",
                made(recipe, new Variable("exposure", "wave exposure index", ""), new Variable("height", "shell height", "mm")),
                describe(Direction.FALLING, Form.STRAIGHT, Strength.MODERATE, Unusual.ONE),
                read("r", "Read r", "How closely do the points follow the line?", Quantity.R, 3),
                new FindPoint(Terms.of("lever", "Which place could pull the line most?", "One place could pull the line more than any other, whatever its height. Click it, and say what you would do about it.", 3),
                        PointSort.HIGHEST_LEVERAGE, 1, java.util.Set.of(), Optional.of(PointAction.BOTH), Optional.of(PointReason.TRUE_VALUE)),
                new TryOut(Terms.of("try", "Lift the boulder", "Lift the point of the lone boulder by 5 mm and look at the slope. Put it back, and lift a place in the middle by as much.", 4),
                        List.of(new TryOut.Move(22, 0, 5), new TryOut.Move(11, 0, 5)), Quantity.SLOPE, 3, Optional.of(TryReason.FAR_FROM_MEAN)),
                read("slope", "Read the slope", "By how much does the height change with each step of the index?", Quantity.SLOPE, 3),
                explain()),
                "A negative r, and one boulder of high leverage: drag it and watch the line.", "one boulder pulls");
    }

    private static Set lichenRings() {
        Recipe recipe = new Recipe(5, 26, new Along.Between(4, 118), new MeanCurve(new Curve.Logarithmic(), List.of(-9.0, 12.5)), new Scatter(Shape.NORMAL, 1.5, false),
                OptionalDouble.empty(), Oddities.NONE, 1, 0, 0, 1);
        Exercise rings = exercise("lichen-rings", "Lichen rings", "How old is the sea wall?", """
                Lichen grows in rings, quickly at first and then more and more slowly. On {n} gravestones and dated walls Ida Fenn measured the *diameter* of the \
                largest ring; the *years* are known from the dates cut into the stone. One stone had been scrubbed the same day.""",
                made(recipe, new Variable("years", "age of the stone", "years"), new Variable("diameter", "diameter of the largest ring", "mm")),
                new DrawIt(Terms.of("draw", "Draw the plot", "Put the age of the stones along and the ring upward, call the axes what they are, *years* and *diameter* in *mm*, give the plot a title, "
                        + "and choose a scale that shows the rings well.", 4), true, true),
                describe(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                read("n", "Count the points", "How many stones are used?", Quantity.N, 0));
        return new Set(rings.withFirst(part -> part.withTableEdited(new TableEdit.Paste(26, 0, List.of(List.of("0", "0.0"))), DecimalMark.POINT)
                .withRules(part.rules().showing(Optional.of(new Frame(0, 500, 0, 500))))),
                "A logarithmic curve, which the stone at 0 years does not allow.", "a logarithm; not at 0");
    }

    private static Set crabClaws() {
        Recipe recipe = new Recipe(31, 30, new Along.Between(18, 74), new MeanCurve(new Curve.Power(FittedOn.VALUES), List.of(0.0005, 2.55)),
                new Scatter(Shape.NORMAL, 1.1, true), OptionalDouble.empty(), Oddities.NONE, 1, 0, 0, 1);
        return new Set(exercise("crab-claws", "Crab claws", "How heavy is a claw?", """
                Of {n} shore crabs that the winter storms left on the slip, Tavi Roon measured the *width* of the carapace, in millimetres, and weighed the \
                larger claw: its *mass*, in grams.""",
                made(recipe, new Variable("width", "carapace width", "mm"), new Variable("mass", "claw mass", "g")),
                describe(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                new MatchPlot(Terms.of("residuals", "Which residuals are they?", "The line of least squares is drawn. Which of these shows its residuals?", 2).withTries(2), MatchPlot.Shown.RESIDUALS,
                        EnumSet.of(WrongPlot.SIGN, WrongPlot.ANOTHER, WrongPlot.SCALE)),
                read("r2", "Read R\u00b2 of the line", "What share of the variation does the line explain, and what does the residual strip say to that?", Quantity.R_SQUARED, 3)),
                "A power curve, with scatter that grows with the animal.", "a power curve");
    }

    private static Set eelgrass() {
        Recipe recipe = new Recipe(47, 28, new Along.Between(8, 38), new MeanCurve(new Curve.Polynomial(2), List.of(-22.0, 5.2, -0.11)),
                new Scatter(Shape.NORMAL, 2.8, false), OptionalDouble.empty(), Oddities.NONE, 1, 0, 1, 0);
        return new Set(exercise("eelgrass", "Eelgrass", "How salt does eelgrass like it?", """
                In {n} trays eelgrass was grown at different *salinities*, from almost fresh to brine. After a summer Mirre Aldous counted the *shoots* in each.""",
                made(recipe, new Variable("salinity", "salinity", "g/kg"), new Variable("shoots", "shoots per tray", "")),
                describe(Direction.NEITHER, Form.CURVED, Strength.STRONG, Unusual.NONE),
                read("r", "Read r", "r is small. Does that mean that salinity does not matter?", Quantity.R, 3),
                new FillCalculation(Terms.of("by-hand", "Calculate it by hand", "r has the sign of Sxy, a sum with a term for each tray. Work out the terms of four trays, two with little salt and two with much. "
                        + "Why does so little come of all of them together?", 3), CalculationCells.Way.SUMS, java.util.Set.of("dx", "dy", "dxy"), java.util.Set.of(1, 6, 22, 26), 1)),
                "An optimum: r is near 0 and the two are closely related; the residual pattern gives it away.", "an optimum, r near 0");
    }

    private static Set ferryAndGulls() {
        Recipe recipe = new Recipe(61, 32, new Along.About(180, 55), MeanCurve.line(38, 0.06), new Scatter(Shape.SKEWED, 14, false), OptionalDouble.of(0.17),
                Oddities.NONE, 1, 0, 0, 0);
        Exercise gulls = exercise("ferry-and-gulls", "Ferry and gulls", "Do passengers bring gulls?", """
                The harbour master swears that gulls come for the sandwiches. On {n} days the *passengers* of the noon ferry and the *gulls* on the pier were counted.""",
                made(recipe, new Variable("passengers", "passengers of the noon ferry", ""), new Variable("gulls", "gulls on the pier", "")),
                new ByEye(Terms.of("by-eye", "A line by eye", "Put a line through the points by eye, before you see the best one. How near do you come?", 2), new Curve.Line(), 1.05, 1.2),
                describe(Direction.NEITHER, Form.NONE, Strength.WEAK, Unusual.NONE),
                read("r2", "Read R\u00b2", "What share of the variation in gulls goes with passengers?", Quantity.R_SQUARED, 3),
                explain());
        // The line by eye comes before anything is opened.
        return new Set(gulls.withFirst(part -> part.withHeld(EnumSet.complementOf(EnumSet.of(Aid.TRIAL)))),
                "Weak and messy: \u201cthe data cannot say\u201d is the right answer.", "the data cannot say");
    }

    /** Data and how they came about. */
    private record Made(DataTable table, Recipe recipe) {}

    private static Made made(Recipe recipe, Variable x, Variable y) {
        return switch (Sample.of(recipe, x, y, DecimalMark.POINT)) {
            case Sample.Done(Sample sample) -> new Made(sample.table(), recipe);
            case Sample.Refused(String message) -> throw new IllegalStateException(message);
        };
    }

    private static Exercise exercise(String id, String title, String heading, String prose, Made made, Task... tasks) {
        return Exercise.ofOnePart("orrin-bay-" + id, title, PLACE, heading, prose, made.table(), Roles.FIRST_EXPLAINS, List.of(tasks), Aid.all(), DecimalMark.POINT)
                .withFirst(part -> part.withColumns(made.table(), Roles.FIRST_EXPLAINS, new Provenance.Made(made.recipe())));
    }

    private static Task describe(Direction direction, Form form, Strength strength, Unusual unusual) {
        return new Describe(Terms.of("describe", "Describe what you see", "Look at the plot before any line is drawn. What do the points show?", 4)
                .opening(EnumSet.allOf(Aid.class)), new Description(direction, form, strength, unusual));
    }

    private static Task read(String id, String title, String prompt, Quantity quantity, int places) {
        return new ReadValue(Terms.of(id, title, prompt, 2), quantity, new Rounding.Places(places));
    }

    private static Task predict(String title, String prompt, int places, Double... at) {
        return new Predict(Terms.of("predict", title, prompt, 2 * at.length), List.of(at), new Rounding.Places(places));
    }

    private static Task explain() {
        return new Explain(Terms.of("explain", "Say it in words", "What does the slope say here, and what can these data not say?", 3));
    }
}
