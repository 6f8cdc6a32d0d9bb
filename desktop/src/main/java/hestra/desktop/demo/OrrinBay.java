package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Oddities.FarPoint;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Asking;
import hestra.task.ByEye;
import hestra.task.CheckConditions;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.DrawIt;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FillCalculation;
import hestra.task.FindPoint;
import hestra.task.FitCondition;
import hestra.task.Hint;
import hestra.task.MatchPlot;
import hestra.task.NumberQuestion;
import hestra.task.OwnEquation;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.TryOut;
import hestra.task.TryReason;
import hestra.task.WantedFigure;
import hestra.task.WriteEquation;
import hestra.task.WriteSection;
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
     * @param lesson what it teaches, in a sentence: for instructors, students find out
     */
    public record Set(Exercise exercise, String lesson) {}

    private static final Variable EXPOSURE = new Variable("exposure", "wave exposure index", "");
    private static final Variable SHELL = new Variable("height", "shell height", "mm")
            .withPossible(Optional.of(new Variable.Limits(0, 80)));
    private static final Variable YEARS = new Variable("years", "age of the stone", "years");
    private static final Variable DIAMETER = new Variable("diameter", "diameter of the largest ring", "mm");
    private static final Recipe LICHEN = new Recipe(5, 26, new Along.Between(4, 118),
            new MeanCurve(new Curve.Logarithmic(), List.of(-9.0, 12.5)), new Scatter(Shape.NORMAL, 1.5, false),
            OptionalDouble.empty(), Oddities.NONE, 1, 0, 0, 1);
    private static final Curve EXPONENTIAL = new Curve.Exponential(FittedOn.VALUES);
    private static final Curve POWER = new Curve.Power(FittedOn.VALUES);

    /** All seven, the plainest first. */
    public static List<Set> sets() {
        return List.of(
                new Set(KelpBlades.exercise(), "A good line, and one value entered ten times too large."),
                coolingFlask(), limpets(), lichenRings(), crabClaws(), eelgrass(), ferryAndGulls());
    }

    /** All that is offered to begin from: the seven, an exercise of three parts, and one that is played with points. */
    public static List<Set> shelf() {
        List<Set> all = new ArrayList<>(sets());
        all.add(new Set(Playground.exercise(),
                "Make the line obey: six challenges with points, one of which cannot be met, and a chart to read them off."));
        all.add(new Set(ThreeQuestions.exercise(),
                "Three parts with data of their own: a line that holds, one that bends, and one that says nothing."));
        return all;
    }

    private static Set coolingFlask() {
        Recipe recipe = new Recipe(11, 16, new Along.Steps(0, 4),
                new MeanCurve(new Curve.Exponential(FittedOn.VALUES), List.of(62.0, 0.958)),
                new Scatter(Shape.NORMAL, 0.7, false), OptionalDouble.empty(), Oddities.NONE, 1, 0, 0, 1);
        return new Set(exercise("cooling-flask", "Cooling flask", "How long does the tea stay hot?", """
                Each morning Mirre Aldous fills a flask for the boat. One day she left a thermometer in it and read, every four \
                *minutes*, \
                how many degrees the tea was above the room. {n} readings were taken.""",
                made(recipe, new Variable("minutes", "time since filling", "min"),
                        new Variable("excess", "temperature above the room", "\u00b0C")),
                describe(Direction.FALLING, Form.CURVED, Strength.STRONG, Unusual.NONE, EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)),
                new ByEye(Terms.of("by-eye", "A curve by eye",
                        "A line will not do. Lay an exponential curve through the points by eye: it falls quickly at first, "
                        + "and then more and more slowly.", 2)
                        .opening(EnumSet.of(Aid.LINE, Aid.CURVES, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS)),
                        new Curve.Exponential(FittedOn.VALUES), 1.5, 3),
                new Question(Terms.of("r", "Is r a reason?",
                        "Fit the line all the same and look at its r and at the residuals. Is this true or not, and why: *r of "
                        + "the line is close to −1, so the line describes the cooling well.*", 2)
                        .withHelps(List.of(new Hint("Look at the residuals from left to right: where are they above 0, and "
                        + "where below?", 0))), Question.Sort.TRUE_BECAUSE,
                        List.of(new Question.Option("the residuals bend: the line misses in the middle and at both ends", true,
                                ""),
                                new Question.Option("r is negative", false, "The sign of r says only which way it goes."),
                                new Question.Option("r is not exactly −1", false,
                                        "No measurement gives exactly −1. Look at the residuals.")), false, List.of()),
                new ChooseCurve(Terms.of("curve", "Which curve?",
                        "Fit these curves and compare them. Think also of what the tea does in the end. Which would you use?", 3)
                        .opening(EnumSet.of(Aid.EQUATION, Aid.PREDICTION)),
                        List.of(new Curve.Line(), new Curve.Polynomial(2), EXPONENTIAL, new Curve.Logarithmic()),
                                ChooseCurve.By.AUTHOR, 2, EnumSet.of(CurveReason.ENDS, CurveReason.KNOWN, CurveReason.RESIDUALS),
                                false),
                new WriteEquation(Terms.of("equation", "Write its equation",
                        "Write the equation of the exponential curve, fitted directly.", 3)
                        .withHelps(List.of(new Hint("Take the exponential curve in hand: its equation stands in the readings.",
                        0), new Hint("Write it as {y.name} = a · b^{x.name}.", 0.5))), EXPONENTIAL, 3),
                new ReadValue(Terms.of("rate", "The rate of cooling", "Written as a · e^(k x), what is k?", 2),
                        Quantity.COEFFICIENT_K, new Rounding.Significant(3)).with(Asking.USUAL.of(EXPONENTIAL)),
                new Predict(Terms.of("predict", "How warm will it be?",
                        "Predict with the exponential curve. Which of these would you trust?", 6), List.of(10.0, 30.0, 80.0),
                        new Rounding.Places(1)).with(Asking.USUAL.of(EXPONENTIAL))
                        .with(Predicting.USUAL.counting(OwnEquation.HALF)),
                new Question(Terms.of("end", "In the end",
                        "Where does the exponential curve end up after a very long time, and why is that right for tea in a "
                        + "room?", 2), Question.Sort.LONG_TEXT, List.of(), true, List.of())),
                "Exponential decay: a line has a fine r, a bent residual strip, and nonsense to say about later.");
    }

    private static Set limpets() {
        Recipe recipe = new Recipe(23, 22, new Along.Between(8, 58), MeanCurve.line(47, -0.42),
                new Scatter(Shape.NORMAL, 2.4, false), OptionalDouble.empty(),
                new Oddities(0, 0, Optional.of(new FarPoint(92, 21)), 0), 1, 0, 0, 1);
        return new Set(exercise("limpets", "Limpets", "Do waves keep limpets flat?", """
                Where waves break hard a tall shell is torn off. Tavi Roon gave {n} places along the shore an *exposure* index \
                and measured the \
                *height* of the tallest limpet at each. One of the places is a lone boulder.""",
                made(recipe, EXPOSURE, SHELL),
                new Describe(Terms.of("describe", "Describe what you see",
                        "Look at the plot before any line is drawn. What do the points show, apart from any that stand alone?", 4)
                        .opening(EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.RESIDUALS, Aid.R)),
                        new Description(Direction.FALLING, Form.STRAIGHT, Strength.STRONG, Unusual.ONE)),
                read("r", "Read r", "How closely do all the points together follow the line?", Quantity.R, 3),
                new FindPoint(Terms.of("lever", "Which place could pull the line most?",
                        "One place could pull the line more than any other, whatever its height. Click it, and say what you "
                        + "would do about it.", 3),
                        PointSort.HIGHEST_LEVERAGE, 1, java.util.Set.of(), Optional.of(PointAction.BOTH),
                                Optional.of(PointReason.TRUE_VALUE)),
                new TryOut(Terms.of("try", "Lift two places",
                        "Lift the place that you found by 5 mm and look at the slope. Put it back, and lift a place in the "
                        + "middle by as much.", 4),
                        List.of(new TryOut.Move(22, 0, 5), new TryOut.Move(11, 0, 5)), Quantity.SLOPE, 3,
                                Optional.of(TryReason.FAR_FROM_MEAN)),
                read("slope", "Read the slope",
                        "Put the points back where they were. By how much does the height change with each step of the index?",
                        Quantity.SLOPE, 3),
                new NumberQuestion(Terms.of("without", "Without it",
                        "Now set the place that could pull the line most aside, with a reason, and read the slope of the others.",
                        2).opening(EnumSet.of(Aid.R_SQUARED, Aid.TRIAL, Aid.TRIAL_SQUARES, Aid.CURVES, Aid.PREDICTION))
                        .withHelps(List.of(new Hint("Click its point, then *Set aside…* below the table.", 0))),
                        slopeWithout(made(recipe, EXPOSURE, SHELL).table, 22), new Rounding.Places(3), ""),
                new Predict(Terms.of("predict", "How tall will they be?",
                        "Take the point back. Predict the tallest limpet at each exposure by the line of all the places, with "
                        + "the 95 % interval of a single place. "
                        + "Which would you trust, and which cannot be?", 6)
                        .withHelps(List.of(new Hint("Type the exposure below the readings: both intervals stand there.", 0),
                                new Hint("Can a shell be less than 0 mm tall?", 0.5))),
                        List.of(25.0, 50.0, 180.0), new Rounding.Places(1))
                                .with(Predicting.USUAL.with(Optional.of(Predicting.Band.SINGLE)).withMeaning(true)),
                new Explain(Terms.of("explain", "Say it in words", "What does the slope of all the places say about limpets?", 3),
                        Optional.of(Explaining.of(Aspect.About.SLOPE).withXNames(List.of("wave", "exposed"))
                                .withYNames(List.of("limpet", "shell"))
                        .withModel("On average the shell height is predicted to be "
                        + NumberStyle.STANDARD.show(-slopeWithout(made(recipe, EXPOSURE, SHELL).table, -1),
                                new Rounding.Places(3)) + " mm lower for each further step of exposure."))),
                new Question(Terms.of("say", "What to report", "Which of these belong in a report on the shore?", 2),
                        Question.Sort.SEVERAL,
                        List.of(new Question.Option("the line with the boulder and the line without it", true,
                                "Give both lines, so that the reader sees what one place does."),
                                new Question.Option("that the boulder was set aside, and why", true,
                                        "Whoever leaves a point out says so."),
                                new Question.Option("only the line that fits better", false,
                                        "A better fit is no reason to leave a measurement out."),
                                new Question.Option("that waves make the shells flat", false, "",
                                        Optional.of(Mistake.CAUSE_CLAIMED))), true, List.of())),
                "A negative r, and one boulder of high leverage: drag it and watch the line.");
    }

    private static Set lichenRings() {
        Exercise rings = exercise("lichen-rings", "Lichen rings", "How old is the sea wall?", """
                Lichen grows in rings, quickly at first and then more and more slowly. On {n} gravestones and dated walls Ida \
                Fenn measured the *diameter* of the \
                largest ring; the *years* are known from the dates cut into the stone. One stone had been scrubbed \
                the same day.""",
                made(LICHEN, YEARS, DIAMETER),
                new DrawIt(Terms.of("draw", "Draw the plot",
                        "Put the age of the stones along and the ring upward, call the axes what they are, *years* and "
                        + "*diameter* in *mm*, give the plot a title, "
                        + "and choose a scale that shows the rings well.", 4), true, true),
                describe(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE,
                        EnumSet.of(Aid.LINE, Aid.CURVES, Aid.RESIDUALS, Aid.R_SQUARED)),
                new ChooseCurve(Terms.of("curve", "Which curve?",
                        "Lichen grows quickly at first and then more and more slowly. Fit these curves. Which would you use?", 3)
                        .opening(EnumSet.of(Aid.EQUATION, Aid.TRIAL, Aid.TRIAL_SQUARES, Aid.R, Aid.PREDICTION)),
                        List.of(new Curve.Line(), new Curve.Polynomial(2), new Curve.Logarithmic()), ChooseCurve.By.AUTHOR, 2,
                                EnumSet.of(CurveReason.ENDS, CurveReason.KNOWN, CurveReason.SIMPLE), false),
                new NumberQuestion(Terms.of("n", "Count the stones",
                        "How many stones is the logarithmic curve fitted to? One of them cannot be used. Why?", 1)
                        .withHelps(List.of(new Hint("What is the logarithm of 0?", 0))), LICHEN.n(), new Rounding.Places(0), ""),
                new Predict(Terms.of("wall", "Date the sea wall",
                        "The largest ring on the sea wall measures 45 mm, the largest on the old quay 58 mm. How old are they "
                        + "by the logarithmic curve, to the nearest year? "
                        + "Type the ring at *reaches* below the readings. Which of the two ages would you trust?", 4)
                        .withHelps(List.of(new Hint("Take the logarithmic curve in hand first.", 0),
                        new Hint("Or solve the equation: ln(years) is the ring less a, divided by b.", 1))),
                        List.of(45.0, 58.0), new Rounding.Places(0)).with(Asking.USUAL.of(new Curve.Logarithmic()))
                                .with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y)),
                new Question(Terms.of("why", "Why not the quay?",
                        "Why is the age of the quay not to be trusted as the age of the wall is?", 1), Question.Sort.ONE,
                        List.of(new Question.Option("no stone in the data is that old, so nothing measured says how the curve "
                                + "goes on", true, ""),
                                new Question.Option("the curve does not go through every point", false,
                                        "It need not: no curve does that where there is scatter."),
                                new Question.Option("lichen may not grow on a quay", false,
                                        "That would be a reason for the wall too. What do the data say?",
                                        Optional.of(Mistake.EXTRAPOLATION_TRUSTED))), true, List.of()));
        return new Set(rings.withFirst(part -> part.withTableEdited(new TableEdit.Paste(26, 0, List.of(List.of("0", "0.0"))),
                DecimalMark.POINT)
                .withRules(part.rules().showing(Optional.of(new Frame(0, 500, 0, 500))))),
                "A logarithmic curve, which the stone at 0 years does not allow.");
    }

    private static Set crabClaws() {
        Recipe recipe = new Recipe(31, 30, new Along.Between(18, 74),
                new MeanCurve(new Curve.Power(FittedOn.VALUES), List.of(0.0005, 2.55)),
                new Scatter(Shape.NORMAL, 1.1, true), OptionalDouble.empty(), Oddities.NONE, 1, 0, 0, 1);
        return new Set(exercise("crab-claws", "Crab claws", "How heavy is a claw?", """
                Of {n} shore crabs that the winter storms left on the slip, Tavi Roon measured the *width* of the carapace, in \
                millimetres, and weighed the \
                larger claw: its *mass*, in grams.""",
                made(recipe, new Variable("width", "carapace width", "mm"), new Variable("mass", "claw mass", "g")),
                describe(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE, EnumSet.of(Aid.LINE)),
                new MatchPlot(Terms.of("residuals", "Which residuals are they?",
                        "The line of least squares is drawn. Which of these shows its residuals?", 2).withTries(2)
                        .opening(EnumSet.of(Aid.RESIDUALS, Aid.R_SQUARED, Aid.R, Aid.EQUATION)), MatchPlot.Shown.RESIDUALS,
                        EnumSet.of(WrongPlot.SIGN, WrongPlot.ANOTHER, WrongPlot.SCALE)),
                new CheckConditions(Terms.of("conditions", "May the line be trusted?",
                        "The residuals are open now. Which of these hold for the line?", 3).opening(EnumSet.of(Aid.CURVES)),
                        EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD),
                        EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD), true),
                read("r2", "Read R\u00b2 of the line", "What share of the variation in mass does the line explain?",
                        Quantity.R_SQUARED, 3),
                new Explain(Terms.of("share", "Say it in words", "What does this share mean for the crabs?", 3),
                        Optional.of(Explaining.of(Aspect.About.R_SQUARED).withXNames(List.of("carapace"))
                                .withYNames(List.of("claw", "weight"))
                        .withModel(percent(made(recipe, new Variable("width", "carapace width", "mm"),
                        new Variable("mass", "claw mass", "g")).table)
                        + " of the variation in claw mass is explained by the width of the carapace, along a straight line."))),
                new ReadValue(Terms.of("power", "Read the power",
                        "Fit a power curve, directly. How does the mass grow with the width: what is b in a \u00b7 x^b? Mass "
                        + "that grew like the body of a crab would have 3.", 2)
                        .opening(EnumSet.of(Aid.PREDICTION, Aid.TRIAL, Aid.TRIAL_SQUARES)),
                        Quantity.COEFFICIENT_B, new Rounding.Places(2)).with(Asking.USUAL.of(POWER)),
                new Predict(Terms.of("predict", "Predict",
                        "Predict the mass of the claw with the power curve. Which of these would you trust?", 6),
                        List.of(30.0, 55.0, 110.0), new Rounding.Places(1)).with(Asking.USUAL.of(POWER).fromRounded(true))),
                "A power curve, with scatter that grows with the animal.");
    }

    private static Set eelgrass() {
        Recipe recipe = new Recipe(47, 28, new Along.Between(8, 38),
                new MeanCurve(new Curve.Polynomial(2), List.of(-22.0, 5.2, -0.11)),
                new Scatter(Shape.NORMAL, 2.8, false), OptionalDouble.empty(), Oddities.NONE, 1, 0, 1, 0);
        return new Set(exercise("eelgrass", "Eelgrass", "How salt does eelgrass like it?", """
                In {n} trays eelgrass was grown at different *salinities*, from almost fresh to brine. After a summer Mirre \
                Aldous counted the *shoots* in each.""",
                made(recipe, new Variable("salinity", "salinity", "g/kg"), new Variable("shoots", "shoots per tray", "")),
                describe(Direction.NEITHER, Form.CURVED, Strength.STRONG, Unusual.NONE, EnumSet.of(Aid.LINE, Aid.R)),
                read("r", "Read r", "Read r of the line.", Quantity.R, 3),
                new Question(Terms.of("matter", "Does salinity matter?",
                        "Is this true or not, and why: *r is close to 0, so salinity does not matter to eelgrass.*", 2)
                        .opening(EnumSet.of(Aid.RESIDUALS, Aid.EQUATION)), Question.Sort.TRUE_BECAUSE,
                        List.of(new Question.Option("r measures straight lines only, and these points bend", true, ""),
                                new Question.Option("r is not exactly 0", false,
                                        "So near to 0 it would say that there is no straight line."),
                                new Question.Option("28 trays are too few", false, "They are enough to show a clear bend.")),
                                        false, List.of()),
                new FillCalculation(Terms.of("by-hand", "Calculate it by hand",
                        "r has the sign of Sxy, a sum with a term for each tray. Work out the terms of four trays, two with "
                        + "little salt and two with much. "
                        + "Why does so little come of all of them together?", 3), CalculationCells.Way.SUMS,
                        java.util.Set.of("dx", "dy", "dxy"), java.util.Set.of(1, 6, 22, 26), 1),
                new CheckConditions(Terms.of("conditions", "What do the residuals say?",
                        "Look at the residuals of the line. Which of these hold?", 2)
                        .opening(EnumSet.of(Aid.CURVES, Aid.R_SQUARED)),
                        EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD),
                        EnumSet.of(FitCondition.LINEARITY), true),
                new ChooseCurve(Terms.of("curve", "Which curve?", "Fit these curves. Which of them describes the trays best?", 3)
                        .opening(EnumSet.of(Aid.PREDICTION, Aid.TRIAL, Aid.TRIAL_SQUARES)),
                        List.of(new Curve.Line(), new Curve.Polynomial(2), new Curve.Logarithmic()),
                        ChooseCurve.By.ADJUSTED_R_SQUARED, 0,
                                EnumSet.of(CurveReason.RESIDUALS, CurveReason.ADJUSTED, CurveReason.SMALLEST_S), true),
                new ReadValue(Terms.of("s", "How far off is it?", "How far from the quadratic are the trays, typically? Give s.",
                        2), Quantity.RESIDUAL_STANDARD_ERROR, new Rounding.Significant(3))
                        .with(Asking.USUAL.of(new Curve.Polynomial(2)))),
                "An optimum: r is near 0 and the two are closely related; the residual pattern gives it away.");
    }

    private static Set ferryAndGulls() {
        Recipe recipe = new Recipe(61, 32, new Along.About(180, 55), MeanCurve.line(38, 0.06),
                new Scatter(Shape.SKEWED, 14, false), OptionalDouble.of(0.17),
                Oddities.NONE, 1, 0, 0, 0);
        Exercise gulls = exercise("ferry-and-gulls", "Ferry and gulls", "Do passengers bring gulls?", """
                The harbour master swears that gulls come for the sandwiches. On {n} days the *passengers* of the noon ferry and \
                the *gulls* on the pier were counted.""",
                made(recipe, new Variable("passengers", "passengers of the noon ferry", ""),
                        new Variable("gulls", "gulls on the pier", "")),
                new ByEye(Terms.of("by-eye", "A line by eye",
                        "Put a line through the points by eye, before you see the best one. How near do you come?", 2),
                        new Curve.Line(), 1.05, 1.2),
                describe(Direction.NEITHER, Form.NONE, Strength.WEAK, Unusual.ONE, EnumSet.allOf(Aid.class)),
                new FindPoint(Terms.of("day", "A day for gulls",
                        "One day lies far above all others. Click it, and say what you would do about it.", 2),
                        PointSort.LARGEST_RESIDUAL, 1, java.util.Set.of(), Optional.of(PointAction.LOOK_UP),
                        Optional.of(PointReason.TRUE_VALUE)),
                read("r2", "Read R\u00b2", "What share of the variation in gulls goes with passengers?", Quantity.R_SQUARED, 3),
                read("p", "Read p",
                        "How often would a slope at least as far from 0 come about by chance, if there were no relationship at "
                        + "all? Read p of the slope.", Quantity.SLOPE_P, 3),
                new Explain(Terms.of("explain", "Say it in words",
                        "What does this p say about passengers and gulls, and what follows from it?", 3),
                        Optional.of(Explaining.of(Aspect.About.P)
                        .withModel("If passengers and gulls had no relation, a slope at least this far from 0 would come up "
                        + "with a chance of " + p(made(recipe, new Variable("passengers", "", ""), new Variable("gulls", "", ""))
                        .table)
                                + "; the data are compatible with no relation."))),
                new Question(Terms.of("say", "What may be said?", "Which of these do the data allow?", 2), Question.Sort.SEVERAL,
                        List.of(new Question.Option("passengers tell next to nothing about gulls", true,
                                "Look at R\u00b2 again."),
                                new Question.Option("passengers bring gulls", false,
                                        "That is a cause, and there is hardly even a relationship.",
                                        Optional.of(Mistake.CAUSE_CLAIMED)),
                                new Question.Option("gulls do not care for sandwiches", false,
                                        "The data say nothing about sandwiches."),
                                new Question.Option("more days could show a weak relationship", true,
                                        "That a relationship is not seen does not mean that there is none.")), true, List.of()),
                new WriteSection(Terms.of("letter", "Write to the harbour master",
                        "Write a short letter to the harbour master: what was counted, what came out, and what may be said of "
                        + "it. Keep the plot with the line in it, and the readings.", 4),
                        EnumSet.of(WantedFigure.PLOT_WITH_LINE, WantedFigure.READINGS), 40));
        // The line by eye comes before anything is opened.
        return new Set(gulls.withFirst(part -> part.withHeld(EnumSet.complementOf(EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)))),
                "Weak and messy: \u201cthe data cannot say\u201d is the right answer.");
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
        return Exercise.ofOnePart("orrin-bay-" + id, title, PLACE, heading, prose, made.table(), Roles.FIRST_EXPLAINS,
                List.of(tasks), Aid.all(), DecimalMark.POINT)
                .withFirst(part -> part.withColumns(made.table(), Roles.FIRST_EXPLAINS, new Provenance.Made(made.recipe())));
    }

    /** The slope without a row; with all where that is none. */
    private static double slopeWithout(DataTable table, int row) {
        return LeastSquares.line(Pairs.of(row < 0 ? table : table.withoutRows(java.util.Set.of(row)), Roles.FIRST_EXPLAINS))
                .line().orElseThrow().slope().value();
    }

    /** R² of the line, in percent. */
    private static String percent(DataTable table) {
        double share = LeastSquares.line(Pairs.of(table, Roles.FIRST_EXPLAINS)).line().orElseThrow().rSquared().orElseThrow();
        return NumberStyle.STANDARD.show(100 * share, new Rounding.Places(1)) + " %";
    }

    /** p of the slope, to two digits. */
    private static String p(DataTable table) {
        double p = LeastSquares.line(Pairs.of(table, Roles.FIRST_EXPLAINS)).line().orElseThrow().slope().p().orElseThrow();
        return NumberStyle.STANDARD.show(p, new Rounding.Places(2));
    }

    private static Task describe(Direction direction, Form form, Strength strength, Unusual unusual, java.util.Set<Aid> opens) {
        return new Describe(Terms.of("describe", "Describe what you see",
                "Look at the plot before any line is drawn. What do the points show?", 4)
                .opening(opens), new Description(direction, form, strength, unusual));
    }

    private static Task read(String id, String title, String prompt, Quantity quantity, int places) {
        return new ReadValue(Terms.of(id, title, prompt, 2), quantity, new Rounding.Places(places));
    }
}
