package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;

import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.task.Aid;
import hestra.task.Asking;
import hestra.task.CheckConditions;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.FillCalculation;
import hestra.task.FitCondition;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.working.CalculationCells;

/** An optimum: r is near 0 and the two are closely related; the residuals give it away. */
final class Eelgrass {

    static final String AIM = "say what r looks for and what it does not see";
    static final int MINUTES = 50;
    private static final Curve QUADRATIC = new Curve.Polynomial(2);
    private static final Variable SALINITY = new Variable("salinity", "salinity", "g/kg");
    private static final Variable SHOOTS = new Variable("shoots", "shoots per tray", "");
    private static final Recipe RECIPE = Story.recipe(47, 28, new Along.Between(8, 38),
            new MeanCurve(QUADRATIC, List.of(-22.0, 5.2, -0.11)),
            new Scatter(Shape.NORMAL, 2.8, false), 1, 0);
    /** The two trays with the least salt and the two with the most: their terms cancel. */
    private static final java.util.Set<Integer> ENDS = java.util.Set.of(0, 1, 26, 27);

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "matter",
            "r looks for straight lines only. Shoots rise and fall with salinity, and the two halves cancel "
                    + "in r.",
            "cancel",
            "The terms of one half pull the sum up, those of the other pull it down. So it is close to 0, though the terms "
                    + "are not.",
            "conditions",
            "The residuals of the line go up and down again: that is the form which the line leaves out. "
                    + "They are about as wide everywhere.",
            "curve",
            "The quadratic follows the bend. Its adjusted R² is highest although it pays for one more "
                    + "coefficient.",
            "s",
            "s is counted in shoots, like y, so it can be set against the counts themselves.");

    private Eelgrass() {}

    static Exercise exercise() {
        return Story.explained(asked(), WHY);
    }

    private static Exercise asked() {
        return Story.exercise("eelgrass", "Eelgrass", "How salt does eelgrass like it?", Story.told("""
                In {n} trays eelgrass was grown at different *salinities*: from the mouth of a river, some 8 grams of salt in a \
                kilogram of water, to a little more than the open sea has. After a summer Mirre Aldous counted the *shoots* in \
                each.""", AIM, MINUTES),
                Story.made(RECIPE, SALINITY, SHOOTS),
                Story.describe(new Description(Direction.NEITHER, Form.CURVED, Strength.STRONG, Unusual.NONE),
                        EnumSet.of(Aid.LINE, Aid.R)),
                Story.read("r", "Read r", "Read r of the line.", Quantity.R, 3, "r stands among the readings below the plot.",
                        "It may be close to 0: give it as it stands."),
                doesItMatter(), byHand(), whyNothing(),
                Story.helped(new CheckConditions(Terms.of("conditions", "What do the residuals say?",
                        "Look at the residuals of the line. Which of these hold?", 2)
                        .opening(EnumSet.of(Aid.CURVES, Aid.R_SQUARED)),
                        EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD), EnumSet.of(FitCondition.LINEARITY), true),
                        "Follow their middle from left to right.", "Then compare how wide they are about that middle."),
                Story.helped(new ChooseCurve(Terms.of("curve", "Which curve?",
                        "Fit these curves. Which of them describes the trays best?", 3)
                        .opening(EnumSet.of(Aid.PREDICTION, Aid.TRIAL, Aid.TRIAL_SQUARES)),
                        List.of(new Curve.Line(), QUADRATIC, new Curve.Logarithmic()), ChooseCurve.By.ADJUSTED_R_SQUARED, 0,
                        EnumSet.of(CurveReason.RESIDUALS, CurveReason.ADJUSTED, CurveReason.SMALLEST_S), true),
                        "Which of them can go up and come down again?", "Look at the residuals of each in turn."),
                Story.helped(new ReadValue(Terms.of("s", "How far off is it?",
                        "How far from the quadratic are the trays, typically? Give s.", 2), Quantity.RESIDUAL_STANDARD_ERROR,
                        new Rounding.Significant(3)).with(Asking.USUAL.of(QUADRATIC)),
                        "Take the quadratic in hand: the readings are its own then.", "s is counted in shoots."));
    }

    private static Task doesItMatter() {
        return Story.helped(new Question(Terms.of("matter", "Does salinity matter?",
                "Is this true or not, and why: *r is close to 0, so salinity does not matter to eelgrass.*", 2)
                .opening(EnumSet.of(Aid.RESIDUALS, Aid.EQUATION)), Question.Sort.TRUE_BECAUSE,
                List.of(new Question.Option("r is not exactly 0", false,
                                "So near to 0 it would say that there is no straight line."),
                        new Question.Option("r measures straight lines only, and these points bend", true, ""),
                        new Question.Option("28 trays are too few", false, "They are enough to show a clear bend.")), false,
                List.of()), "What would you tell a gardener who wants much eelgrass?", "Which form does r look for?");
    }

    private static Task byHand() {
        return Story.helped(new FillCalculation(Terms.of("by-hand", "Calculate it by hand",
                "r has the sign of Sxy, a sum with a term for each tray. Work out the terms of four trays: the two with the "
                + "least salt and the two with the most.", 3), CalculationCells.Way.SUMS,
                java.util.Set.of("dx", "dy", "dxy"), ENDS, 1),
                "x \u2212 x\u0304 is the tray's salinity less the mean, which stands at the top.",
                "The last column is the product of the two before it. Mind the signs.");
    }

    private static Task whyNothing() {
        return Story.helped(new Question(Terms.of("cancel", "Why does so little come of it?",
                "Look at the signs of the four terms. Why is the sum over all trays close to 0?", 1), Question.Sort.ONE,
                List.of(new Question.Option("each term is close to 0", false, "The four that you worked out are not."),
                        new Question.Option("the terms of salt water are below 0, those of fresher water above, and they cancel",
                                true,
                                ""),
                        new Question.Option("there are as many trays above the mean salinity as below it", false,
                                "That would be so for a steep line too.")), true, List.of()),
                "At which end is a tray below both means?");
    }
}
