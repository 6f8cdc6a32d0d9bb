package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.LeastSquares;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.task.Aid;
import hestra.task.Asking;
import hestra.task.ByEye;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;

/** Percent of light at a depth: a decay whose base is a share, halved again and again, and where it stops to be true. */
final class LightInTheBay {

    static final String AIM = "read a base as a share, halve again and again, and predict backwards";
    static final int MINUTES = 45;
    private static final Curve EXPONENTIAL = new Curve.Exponential(FittedOn.VALUES);
    private static final Variable DEPTH = new Variable("depth", "depth below the surface", "m");
    private static final Variable LIGHT = new Variable("light", "light that is left", "%")
            .withPossible(Optional.of(new Variable.Limits(0, 100)));
    private static final Recipe RECIPE = Story.recipe(1, 18, new Along.Steps(1, 1.5),
            new MeanCurve(EXPONENTIAL, List.of(92.0, 0.87)),
            new Scatter(Shape.NORMAL, 1.6, false), 1, 1);

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "base",
            "Each metre leaves the same share of what was still there. That share is the base.",
            "says",
            "A straight line takes away the same amount with each metre; an exponential curve takes the same "
                    + "share.",
            "half",
            "A share that is taken again and again halves the light at equal steps, wherever one begins.",
            "deep",
            "One depth lies among the readings and the other far below them, where nothing was measured.",
            "surface",
            "The curve was fitted below the surface only. What happens at the very top, such as light thrown "
                    + "back by the waves, is not in it.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "deep",
            "At which depth is a tenth of the light left, by the curve? And at which a hundredth? Give whole "
                    + "metres. Which of the two depths would you trust?");

    private LightInTheBay() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        Story.Made made = Story.made(RECIPE, DEPTH, LIGHT);
        return Story.exercise("light-in-the-bay", "Light in the bay", "How deep can eelgrass live?", Story.told("""
                From the boat Mirre Aldous let down a lamp meter on a line and noted, at {n} *depths*, how many percent of the \
                *light* above the water was left, to a tenth of a percent. Eelgrass needs a tenth of the light to live.""",
                        AIM, MINUTES),
                made,
                Story.describe(new Description(Direction.FALLING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                        EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)),
                Story.helped(new ByEye(Terms.of("by-eye", "A curve by eye",
                        "Lay an exponential curve through the points by eye.", 2)
                        .opening(EnumSet.of(Aid.LINE, Aid.CURVES, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS, Aid.EQUATION)),
                                EXPONENTIAL,
                        1.5, 3), "Drag one handle to the first point and the other to one far to the right.",
                        "Then look in the middle: does the curve run above the points there, or below?"),
                Story.helped(new ReadValue(Terms.of("base", "Read the base",
                        "Fit an exponential curve, directly. What is b in a · b^x?", 2).opening(EnumSet.of(Aid.PREDICTION)),
                        Quantity.COEFFICIENT_B, new Rounding.Places(2)).with(Asking.USUAL.of(EXPONENTIAL)),
                        "Add *exponential* under *Curves*, then take its chip in hand.", "b is what is taken to the power of x."),
                whatTheBaseSays(),
                Story.helped(new NumberQuestion(Terms.of("half", "Half of it",
                        "By how many metres must one go down until half of the light is left, wherever one begins? Give a "
                        + "tenth of a metre.", 2), StrictMath.log(0.5) / StrictMath.log(base(made)), new Rounding.Places(1), "m"),
                        "b to the power of how many is one half?", "ln 0.5 divided by ln b."),
                Story.helped(new Predict(Terms.of("deep", "How deep can eelgrass live?",
                        "At which depth is a tenth of the light left, by the curve? And at which a hundredth? Give whole "
                        + "metres. Type the light at *reaches* below the readings. Which of the two depths would you trust?", 4),
                        List.of(10.0, 1.0), new Rounding.Places(0)).with(Asking.USUAL.of(EXPONENTIAL))
                        .with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y)),
                        "Take the exponential curve in hand first.", "Compare both depths with the deepest reading."),
                atTheSurface());
    }

    private static Task whatTheBaseSays() {
        return Story.helped(new Question(Terms.of("says", "What does the base say?",
                "The base b that you read is below 1. What does it say of the light?", 2), Question.Sort.ONE,
                List.of(new Question.Option("with each metre the share b of the light is lost", false,
                        "The share b is what is left."),
                        new Question.Option("with each metre b percent of the light is lost", false,
                                "b is a share, and what is left."),
                        new Question.Option("of the light at one depth the share b is left a metre deeper", true, ""),
                        new Question.Option("with each metre the same part of the light at the surface is lost", false,
                                "That would be a straight line. Each metre takes its share of what is still there.")), true,
                List.of()), "Go from one metre to the next: what is the light multiplied by?",
                "Try it at 4 m and 5 m, and at 20 m and 21 m.");
    }

    private static Task atTheSurface() {
        return Story.helped(new Question(Terms.of("surface", "At the surface",
                "By the curve, less than 100 % is left at a depth of 0 m. Which of these may be said of that?", 2),
                Question.Sort.ONE,
                List.of(new Question.Option("the meter is wrong: nothing is lost at the surface", false,
                                "No reading was taken there. Some light never enters the water."),
                        new Question.Option("0 m lies outside the readings, so the curve need not hold there", true, ""),
                        new Question.Option("the curve is of no use, since it misses 100 %", false,
                                "It describes the depths that were measured.", Optional.of(Mistake.EXTRAPOLATION_TRUSTED))), true,
                List.of()), "Which was the first depth that was measured?", "The curve says nothing of what was not measured.");
    }

    /** The base of the exponential curve of the data. */
    private static double base(Story.Made made) {
        return LeastSquares.fit(EXPONENTIAL, Pairs.of(made.table(), Roles.FIRST_EXPLAINS)).curveFit().orElseThrow()
                .coefficients().get(1).value();
    }
}
