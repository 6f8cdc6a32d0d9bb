package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.chance.Play;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Oddities.FarPoint;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FindPoint;
import hestra.task.NumberQuestion;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.TryOut;
import hestra.task.TryReason;
import hestra.task.WhatChanceDoes;

/** A negative r, and one place of high leverage: drag it and watch the line. */
final class Limpets {

    static final String AIM = "read r with its sign, find a point that the line rests on, and report with and without it";
    static final int MINUTES = 55;
    private static final Variable EXPOSURE = new Variable("exposure", "wave exposure index", "");
    private static final Variable SHELL = new Variable("height", "shell height", "mm")
            .withPossible(Optional.of(new Variable.Limits(0, 80)));
    private static final Recipe RECIPE = new Recipe(23, 22, new Along.Between(8, 58), MeanCurve.line(47, -0.42),
            new Scatter(Shape.NORMAL, 2.4, false), OptionalDouble.empty(),
            new Oddities(0, 0, Optional.of(new FarPoint(92, 21)), 0), 1, 0, 0, 1);
    /** What is seen, wherever these data are described: the point that stands alone aside. */
    static final Description SEEN = new Description(Direction.FALLING, Form.STRAIGHT, Strength.STRONG, Unusual.ONE);
    private static final int FAR = 22;

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "r",
            "The sign of r is that of the slope, and its size says how close the points lie to the line.",
            "lever",
            "Leverage grows with the distance from the mean of x, and has nothing to do with the height of "
                    + "the point. A true value stays: show what it does, and let the reader judge.",
            "try",
            "The line goes through the mean of both variables. A point far from the mean of x turns it like "
                    + "a long lever; one near the mean can only lift it a little.",
            "again",
            "About one draw in three leaves the far place out, and those fall steeply: the pile has two humps. One place "
                    + "decides on the slope.",
            "predict",
            "An interval for a single place is as wide as single places are different. Far beyond the data "
                    + "the line even promises heights below 0.",
            "say",
            "Whether a point is in or out is a decision of yours, so the reader must be told of it and see "
                    + "both results.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "lever",
            "One place could pull the line more than any other, whatever its height. Write the number of its "
                    + "row, and say what you would do about it.",
            "without",
            "Leave the place out that could pull the line most, and give the slope of the line through the "
                    + "others.",
            "predict",
            "Predict the tallest limpet at each exposure by the line of all the places, with the 95 % "
                    + "interval of a single place. Which would you trust, and which cannot be?",
            "slope",
            "By how much does the height change with each step of the index?");

    private Limpets() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        Story.Made made = Story.made(RECIPE, EXPOSURE, SHELL);
        return Story.exercise("limpets", "Limpets", "Do waves keep limpets flat?", Story.told("""
                Where waves break hard a tall shell is torn off. Tavi Roon gave {n} places along the shore an *exposure* index \
                and measured the *height* of the tallest limpet at each, to a tenth of a millimetre.""", AIM, MINUTES),
                made,
                Story.describeTheRest(SEEN, EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.RESIDUALS, Aid.R)),
                Story.read("r", "Read r", "How closely do all the points together follow the line?", Quantity.R, 3,
                        "r stands among the readings below the plot.", "It has the sign of the slope."),
                Story.helped(new FindPoint(Terms.of("lever", "Which place could pull the line most?",
                        "One place could pull the line more than any other, whatever its height. Click it, and say what you "
                        + "would "
                        + "do about it.", 3), PointSort.HIGHEST_LEVERAGE, 1, java.util.Set.of(), Optional.of(PointAction.BOTH),
                        Optional.of(PointReason.TRUE_VALUE)),
                        "Leverage is a matter of the exposure alone: which place is farthest from the others along x?",
                        "Nobody has found a mistake there. What would you want to read in a report?"),
                Story.helped(new TryOut(Terms.of("try", "Lift two places",
                        "Lift the place that you found by 5 mm and look at the slope. Put it back, and lift a place in the "
                        + "middle by "
                        + "as much.", 4), List.of(new TryOut.Move(FAR, 0, 5), new TryOut.Move(11, 0, 5)), Quantity.SLOPE, 3,
                        Optional.of(TryReason.FAR_FROM_MEAN)),
                        "Drag the point upward, or type its new height in the table.",
                        "Think of the line as a plank: where do you push to turn it?"),
                Story.read("slope", "Read the slope",
                        "Put the points back where they were. By how much does the height change with each step of the index?",
                        Quantity.SLOPE, 3, "The slope is the number before *exposure* in the equation.", "It has a sign."),
                Story.helped(new WhatChanceDoes(Terms.of("again", "Draw again",
                        "How far could this slope be off? Draw as many places from these, each put back, a thousand times. "
                        + "Between which ends does the middle 95 % of the slopes lie?", 3),
                        Play.DRAW_AGAIN, 1_000, Quantity.SLOPE, 0.95, new Rounding.Places(2), true, false),
                        "Turn on Draw again above the plot, draw once and look, then a thousand times.",
                        "Which place decides whether a draw falls gently or steeply?"),
                Story.helped(new NumberQuestion(Terms.of("without", "Without it",
                        "Now set the place that could pull the line most aside, with a reason, and read the slope of the "
                        + "others.", 2)
                        .opening(EnumSet.of(Aid.R_SQUARED, Aid.TRIAL, Aid.TRIAL_SQUARES, Aid.CURVES, Aid.PREDICTION)),
                        Story.slopeWithout(made.table(), FAR), new Rounding.Places(3), ""),
                        "Click its point, then *Set aside\u2026* below the table.",
                        "The line has a new equation then: read its slope."),
                Story.helped(new WhatChanceDoes(Terms.of("again-without", "Draw again without it",
                        "Leave it aside and draw again a thousand times. Between which ends does the middle 95 % lie now?", 2),
                        Play.DRAW_AGAIN, 1_000, Quantity.SLOPE, 0.95, new Rounding.Places(2), false, false),
                        "The place stays aside: only the others are drawn.",
                        "Compare with the ends before: what did one place do to them?"),
                Story.helped(new Predict(Terms.of("predict", "How tall will they be?",
                        "Take the point back. Predict the tallest limpet at each exposure by the line of all the places, "
                        + "with the 95 % interval of a single place. Which would you trust, and which cannot be?", 6),
                        List.of(25.0, 50.0, 180.0), new Rounding.Places(1))
                        .with(Predicting.USUAL.with(Optional.of(Predicting.Band.SINGLE)).withMeaning(true)),
                        "Type the exposure below the readings: both intervals stand there.",
                        "Can a shell be less than 0 mm tall?"),
                Story.helped(new Explain(Terms.of("explain", "Say it in words",
                        "What does the slope of all the places say about limpets?", 3),
                        Optional.of(Explaining.of(Aspect.About.SLOPE).withXNames(List.of("wave", "exposed"))
                        .withYNames(List.of("limpet", "shell")).withModel("On average the shell height is predicted to be "
                        + Story.shown(-Story.slopeWithout(made.table(), -1), 3) + " mm lower for each further step of "
                        + "exposure."))),
                        "Say for how much more exposure, how much less height, and in which unit.",
                        "Say it of places on average. That waves are the cause is another matter."),
                report());
    }

    private static Task report() {
        return Story.helped(new Question(Terms.of("say", "What to report", "Which of these belong in a report on the shore?", 2),
                Question.Sort.SEVERAL,
                List.of(new Question.Option("only the line that fits better", false,
                                "A better fit is no reason to leave a measurement out."),
                        new Question.Option("the line with the far place and the line without it", true,
                                "Give both lines, so that the reader sees what one place does."),
                        new Question.Option("that waves make the shells flat", false, "", Optional.of(Mistake.CAUSE_CLAIMED)),
                        new Question.Option("which place was set aside, and why", true,
                                "Whoever leaves a point out says so.")), true, List.of()),
                "What would somebody need who wants to check the work?", "Two of them.");
    }
}
