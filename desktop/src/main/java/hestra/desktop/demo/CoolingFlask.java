package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;

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
import hestra.task.Aid;
import hestra.task.Asking;
import hestra.task.ByEye;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.OwnEquation;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteEquation;

/** Exponential decay: a line has a fine r, residuals that bend, and nonsense to say about later. */
final class CoolingFlask {

    static final String AIM = "fit a decay, read its rate, and say where it ends";
    static final int MINUTES = 55;
    private static final Curve EXPONENTIAL = new Curve.Exponential(FittedOn.VALUES);
    private static final Recipe RECIPE = Story.recipe(11, 16, new Along.Steps(0, 4),
            new MeanCurve(EXPONENTIAL, List.of(62.0, 0.958)),
            new Scatter(Shape.NORMAL, 0.7, false), 0, 1);
    private static final Variable TIME = new Variable("minutes", "time since filling", "min");
    private static final Variable EXCESS = new Variable("excess", "temperature above the room", "\u00b0C");

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "describe",
            "The tea cools fast while it is hot and slowly when it is nearly as cool as the room: the points "
                    + "bend.",
            "r",
            "r measures how closely points follow *some* straight line. Points on a bend can do so well and "
                    + "still be off it in a pattern, as the residuals show.",
            "curve",
            "The tea ends at the temperature of the room. Only the exponential curve goes down to 0 and "
                    + "stays there.",
            "rate",
            "k is the logarithm of b: both say how fast the tea cools, b from minute to minute and k as a "
                    + "rate.",
            "predict",
            "The readings end after an hour. Before that the curve was seen to hold; afterwards it is a "
                    + "belief.");

    private CoolingFlask() {}

    static Exercise exercise() {
        return Story.explained(asked(), WHY);
    }

    private static Exercise asked() {
        return Story.exercise("cooling-flask", "Cooling flask", "How long does the tea stay hot?", Story.told("""
                Each morning Mirre Aldous fills a flask for the boat. One day she left a thermometer in it and read, every four \
                *minutes*, how many degrees the tea was above the room. {n} readings were taken, each to a tenth of a degree.""",
                        AIM, MINUTES),
                Story.made(RECIPE, TIME, EXCESS),
                Story.describe(new Description(Direction.FALLING, Form.CURVED, Strength.STRONG, Unusual.NONE),
                        EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)),
                byEye(), isRAReason(), whichCurve(), equation(),
                Story.helped(new ReadValue(Terms.of("rate", "The rate of cooling", "Written as a \u00b7 e^(k x), what is k?", 2),
                        Quantity.COEFFICIENT_K, new Rounding.Significant(3)).with(Asking.USUAL.of(EXPONENTIAL)),
                        "Choose the form with e in the readings, under *form*.", "k is the logarithm of b, and b is below 1."),
                Story.helped(new Predict(Terms.of("predict", "How warm will it be?",
                        "Predict with the exponential curve. Which of these would you trust?", 6), List.of(10.0, 30.0, 80.0),
                        new Rounding.Places(1)).with(Asking.USUAL.of(EXPONENTIAL))
                        .with(Predicting.USUAL.counting(OwnEquation.HALF)),
                        "Take the exponential curve in hand and type the minutes at *at*, below the readings.",
                        "The readings end at 60 minutes."),
                Story.helped(new Question(Terms.of("end", "In the end",
                        "Where does the exponential curve end up after a very long time, and why is that right for tea in a "
                        + "room?",
                        2), Question.Sort.LONG_TEXT, List.of(), true, List.of()),
                        "Put a very large number at *at*.", "The thermometer tells how far the tea is *above the room*."));
    }

    private static Task byEye() {
        return Story.helped(new ByEye(Terms.of("by-eye", "A curve by eye",
                "A line will not do here. Lay an exponential curve through the points by eye.", 2)
                .opening(EnumSet.of(Aid.LINE, Aid.CURVES, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS)), EXPONENTIAL, 1.5, 3),
                "Drag one handle to the first point and the other to one far to the right.",
                "Then look in the middle: does the curve run above the points there, or below?");
    }

    private static Task isRAReason() {
        return Story.helped(new Question(Terms.of("r", "Is r a reason?",
                "Fit the line all the same and look at its r and at the residuals. Is this true or not, and why: *r of the "
                + "line is close to \u22121, so the line describes the cooling well.*", 2), Question.Sort.TRUE_BECAUSE,
                List.of(new Question.Option("r is negative", false, "The sign of r says only which way it goes."),
                        new Question.Option("the residuals bend: the line misses in the middle and at both ends", true, ""),
                        new Question.Option("r is not exactly \u22121", false,
                                "No measurement gives exactly \u22121. Look at the residuals.")), false, List.of()),
                "Look at the residuals from left to right: where are they above 0, and where below?",
                "If the line described the cooling well, they would be above and below without a pattern.");
    }

    private static Task whichCurve() {
        return Story.helped(new ChooseCurve(Terms.of("curve", "Which curve?",
                "Fit these curves and compare them. Think also of what the tea does in the end. Which would you use?", 3)
                .opening(EnumSet.of(Aid.EQUATION, Aid.PREDICTION)),
                List.of(new Curve.Line(), new Curve.Polynomial(2), EXPONENTIAL, new Curve.Logarithmic()), ChooseCurve.By.AUTHOR,
                2,
                EnumSet.of(CurveReason.ENDS, CurveReason.KNOWN, CurveReason.RESIDUALS), false),
                "Hide all but one and look at where each goes after the last reading.",
                "Tea cannot become colder than the room, and does not get warmer again.");
    }

    private static Task equation() {
        return Story.helped(new WriteEquation(Terms.of("equation", "Write its equation",
                "Write the equation of the exponential curve, fitted directly.", 3), EXPONENTIAL, 3),
                "Take the exponential curve in hand: its equation stands in the readings.",
                "Write it as {y.name} = a \u00b7 b^{x.name}.");
    }
}
