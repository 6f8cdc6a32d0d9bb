package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.figure.Frame;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.task.Aid;
import hestra.task.Asking;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.DrawIt;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;

/** A logarithmic curve, which a stone that is new does not allow. */
final class LichenRings {

    static final String AIM = "choose a curve by its ends, and predict backwards";
    static final int MINUTES = 45;
    private static final Variable AGE = new Variable("age", "age of the stone", "years");
    private static final Variable DIAMETER = new Variable("diameter", "diameter of the largest ring", "mm");
    private static final Curve LOGARITHMIC = new Curve.Logarithmic();
    private static final Recipe RECIPE = Story.recipe(5, 26, new Along.Between(4, 118),
            new MeanCurve(LOGARITHMIC, List.of(-9.0, 12.5)), new Scatter(Shape.NORMAL, 1.5, false), 0, 1);

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "curve",
            "A ring never shrinks, and grows ever more slowly. The parabola turns down, the line goes up for "
                    + "ever as fast as before; the logarithmic curve does neither.",
            "n",
            "There is no logarithm of 0, so the stone of this spring cannot be used by this curve. A program "
                    + "should say that it was left out.",
            "wall",
            "To predict backwards is to ask where the curve reaches a height. It can be trusted where the "
                    + "answer lies among the stones that were dated.",
            "why",
            "Inside the data a curve joins what was measured. Outside, nothing holds it.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "wall",
            "The largest ring on the sea wall measures 45 mm, the largest on the old quay 58 mm. How old are "
                    + "they by the logarithmic curve, to the nearest year? Which of the two ages would you trust?");

    private LichenRings() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        Exercise rings = Story.exercise("lichen-rings", "Lichen rings", "How old is the sea wall?", Story.told("""
                Lichen grows on stone in rings. On {n} gravestones and dated walls Ida Fenn measured the *diameter* of the \
                largest ring; the *age* of each stone is known from the date cut into it. The newest stone was set this spring: \
                nothing grows on it yet.""", AIM, MINUTES),
                Story.made(RECIPE, AGE, DIAMETER),
                Story.helped(new DrawIt(Terms.of("draw", "Draw the plot",
                        "Put the age of the stones along and the ring upward. Call the axes what they are: *age* in *years* and "
                        + "*diameter* in *mm*. Give the plot a title, and choose a scale that shows the rings well.", 4), true,
                        true), "The lists beside the plot say which column goes on which axis.",
                        "A scale is good where the points fill most of the plot and none lies outside."),
                Story.describe(new Description(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                        EnumSet.of(Aid.LINE, Aid.CURVES, Aid.RESIDUALS, Aid.R_SQUARED)),
                Story.helped(new ChooseCurve(Terms.of("curve", "Which curve?",
                        "Fit these curves to the rings. A ring never shrinks again, and no stone is older than 120 years here, "
                        + "though others are. Which would you use?", 3)
                        .opening(EnumSet.of(Aid.EQUATION, Aid.TRIAL, Aid.TRIAL_SQUARES, Aid.R, Aid.PREDICTION)),
                        List.of(new Curve.Line(), new Curve.Polynomial(2), LOGARITHMIC), ChooseCurve.By.AUTHOR, 2,
                        EnumSet.of(CurveReason.ENDS, CurveReason.KNOWN, CurveReason.SIMPLE), false),
                        "Make the scale of x go to 200 years, and look at where each curve ends up.",
                        "A parabola that bends down comes down again."),
                Story.helped(new NumberQuestion(Terms.of("n", "Count the stones",
                        "How many stones is the logarithmic curve fitted to?", 1), RECIPE.n(), new Rounding.Places(0), ""),
                        "What is the logarithm of 0?"),
                wall(), notTheQuay());
        return rings.withFirst(part -> part.withTableEdited(new TableEdit.Paste(RECIPE.n(), 0, List.of(List.of("0", "0.0"))),
                DecimalMark.POINT).withRules(part.rules().showing(Optional.of(new Frame(0, 500, 0, 500)))));
    }

    private static Task wall() {
        return Story.helped(new Predict(Terms.of("wall", "Date the sea wall",
                "The largest ring on the sea wall measures 45 mm, the largest on the old quay 58 mm. How old are they by the "
                        + "logarithmic curve, to the nearest year? Type the ring at *reaches* below the readings. Which of "
                        + "the two ages would you trust?", 4), List.of(45.0, 58.0), new Rounding.Places(0))
                .with(Asking.USUAL.of(LOGARITHMIC)).with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y)),
                "Take the logarithmic curve in hand first.",
                "Or solve the equation: ln(age) is the ring less a, divided by b.");
    }

    private static Task notTheQuay() {
        return Story.helped(new Question(Terms.of("why", "Why not the quay?",
                "Why is the age of the quay not to be trusted as the age of the wall is?", 1), Question.Sort.ONE,
                List.of(new Question.Option("the curve does not go through every point", false,
                                "It need not: no curve does that where there is scatter."),
                        new Question.Option("lichen may not grow on a quay", false,
                                "That would be a reason for the wall too. What do the data say?",
                                Optional.of(Mistake.EXTRAPOLATION_TRUSTED)),
                        new Question.Option("no stone in the data is that old, so nothing measured says how the curve goes on",
                                true,
                                "")), true, List.of()), "Compare both ages with the oldest stone.");
    }
}
