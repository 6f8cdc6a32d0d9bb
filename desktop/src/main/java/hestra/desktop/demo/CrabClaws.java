package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Asking;
import hestra.task.CheckConditions;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FitCondition;
import hestra.task.MatchPlot;
import hestra.task.Predict;
import hestra.task.ReadValue;
import hestra.task.Terms;
import hestra.task.WrongPlot;

/** A power curve, with scatter that grows with the animal. */
final class CrabClaws {

    static final String AIM = "read residuals, choose a curve, and read a power";
    static final int MINUTES = 50;
    private static final Curve POWER = new Curve.Power(FittedOn.VALUES);
    private static final Variable WIDTH = new Variable("width", "carapace width", "mm");
    private static final Variable MASS = new Variable("mass", "claw mass", "g");
    private static final Recipe RECIPE = Story.recipe(17, 30, new Along.Between(18, 74),
            new MeanCurve(POWER, List.of(0.0005, 2.55)),
            new Scatter(Shape.NORMAL, 1.7, true), 0, 1);

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "residuals",
            "Where the points lie above the line the residual is above 0. So the strip is the plot, seen "
                    + "along the line.",
            "conditions",
            "The residuals bend, so a line is the wrong form; and they widen to the right, so large crabs "
                    + "are predicted less well than small ones. Both can be so at once.",
            "share",
            "R² is a share of the *variation*, the squared distances from the mean. It is no share of crabs, "
                    + "and no share of right predictions.",
            "power",
            "With b near 2.5 the claw grows faster than the width of the shell, yet not quite like the "
                    + "volume of the body.",
            "predict",
            "A crab far wider than any that was measured may follow another rule: perhaps there are none.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "conditions",
            "Look at the residuals of the line. Which of these hold for it?");

    private CrabClaws() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        Story.Made made = Story.made(RECIPE, WIDTH, MASS);
        return Story.exercise("crab-claws", "Crab claws", "How heavy is a claw?", Story.told("""
                Of {n} shore crabs that the winter storms left on the slip, Tavi Roon measured the *width* of the carapace, in \
                millimetres, and weighed the larger claw: its *mass*, in grams, to a tenth of a gram.""", AIM, MINUTES),
                made,
                Story.describe(new Description(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                        EnumSet.of(Aid.LINE)),
                Story.helped(new MatchPlot(Terms.of("residuals", "Which residuals are they?",
                        "The line of least squares is drawn. Which of these shows its residuals?", 2).withTries(2)
                        .opening(EnumSet.of(Aid.RESIDUALS, Aid.R_SQUARED, Aid.R, Aid.EQUATION)), MatchPlot.Shown.RESIDUALS,
                        EnumSet.of(WrongPlot.SIGN, WrongPlot.ANOTHER, WrongPlot.SCALE)),
                        "At the left end of the line: do the points lie above it or below?",
                        "A residual is the point less the line, so it is above 0 where the point lies above the line."),
                Story.helped(new CheckConditions(Terms.of("conditions", "May the line be trusted?",
                        "The residuals are open now. Which of these hold for the line?", 3).opening(EnumSet.of(Aid.CURVES)),
                        EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD),
                        EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD), true),
                        "First the middle of the residuals: does it stay near 0 from left to right?",
                        "Then their width: is it the same for small crabs and for large ones?"),
                Story.read("r2", "Read R\u00b2 of the line", "What share of the variation in mass does the line explain?",
                        Quantity.R_SQUARED, 3, "R\u00b2 stands among the readings below the plot.", "It is r times r."),
                Story.helped(new Explain(Terms.of("share", "Say it in words", "What does this share mean for the crabs?", 3),
                        Optional.of(Explaining.of(Aspect.About.R_SQUARED).withXNames(List.of("carapace"))
                        .withYNames(List.of("claw", "weight"))
                        .withModel(Story.percent(Story.line(made.table()).rSquared().orElseThrow())
                        + " of the variation in claw mass is explained by the width of the carapace, along a straight line."))),
                        "A share of what? Not of the crabs.", "Say whose variation it is, and what it goes with."),
                Story.helped(new ReadValue(Terms.of("power", "Read the power",
                        "Fit a power curve, directly. How does the mass grow with the width: what is b in a \u00b7 x^b? "
                        + "Mass that grew like the body of a crab would have 3.", 2)
                        .opening(EnumSet.of(Aid.PREDICTION, Aid.TRIAL, Aid.TRIAL_SQUARES)), Quantity.COEFFICIENT_B,
                        new Rounding.Places(2)).with(Asking.USUAL.of(POWER)),
                        "Add *power* under *Curves*, then take its chip in hand.", "b is the power of x in its equation."),
                Story.helped(new Predict(Terms.of("predict", "Predict",
                        "Predict the mass of the claw with the power curve. Which of these would you trust?", 6),
                        List.of(30.0, 55.0, 110.0), new Rounding.Places(1)).with(Asking.USUAL.of(POWER).fromRounded(true)),
                        "Take the power curve in hand and type the width at *at*, below the readings.",
                        "Compare each width with the widest crab."));
    }
}
