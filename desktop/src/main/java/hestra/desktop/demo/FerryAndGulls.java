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
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.recipe.Scatter.Shape;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.ByEye;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FindPoint;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WantedFigure;
import hestra.task.WhatChanceDoes;
import hestra.task.WriteSection;

/** Weak and messy: "the data cannot say" is the right answer. */
final class FerryAndGulls {

    static final String AIM = "say what p means and what it does not, and when the data cannot tell";
    static final int MINUTES = 55;
    private static final Variable PASSENGERS = new Variable("passengers", "passengers of the noon ferry", "");
    private static final Variable GULLS = new Variable("gulls", "gulls on the pier", "");
    private static final Recipe RECIPE = new Recipe(61, 32, new Along.About(180, 55), MeanCurve.line(38, 0.06),
            new Scatter(Shape.SKEWED, 14, false), OptionalDouble.of(0.17), Oddities.NONE, 1, 0, 0, 0);
    /** What is seen, wherever these data are described. */
    static final Description SEEN = new Description(Direction.NEITHER, Form.NONE, Strength.WEAK, Unusual.ONE);

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "day",
            "A point far from the line is a question, not a mistake. Look it up, and keep it where nothing "
                    + "was wrong.",
            "shuffle",
            "About one shuffle in three has a slope as far from 0 as ours: such a slope is nothing special.",
            "p",
            "A p that is not small says that such a slope comes about easily by chance alone. It does not "
                    + "say that there is no relationship.",
            "explain",
            "p is a chance *if there were no relationship*. It is not the chance that there is none.",
            "say",
            "That a relationship is not seen in 32 days does not show that there is none: the data cannot "
                    + "tell.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "day",
            "One day lies far above all others. Write the number of its row, and say what you would do about "
                    + "it.",
            "p",
            "How often would a slope at least as far from 0 come about by chance, if there were no "
                    + "relationship at all? Give p of the slope.",
            "letter",
            "Write a short letter to the harbour master: what was counted, what came out, and what may be "
                    + "said of it.");

    private FerryAndGulls() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        Story.Made made = Story.made(RECIPE, PASSENGERS, GULLS);
        return Story.exercise("ferry-and-gulls", "Ferry and gulls", "Do passengers bring gulls?", Story.told("""
                The harbour master swears that gulls come for the sandwiches. On {n} days the *passengers* of the noon ferry and \
                the *gulls* on the pier were counted.""", AIM, MINUTES),
                made,
                Story.describe(SEEN, EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)),
                Story.helped(new ByEye(Terms.of("by-eye", "A line by eye",
                        "Put a line through the points by eye, before you see the best one. How near do you come?", 2)
                        .opening(EnumSet.allOf(Aid.class)), new Curve.Line(), 1.05, 1.2),
                        "Cover the points and ask: where is their middle?", "The best line goes through the mean of both."),
                Story.helped(new FindPoint(Terms.of("day", "A day for gulls",
                        "One day lies far above all others. Click it, and say what you would do about it.", 2),
                        PointSort.LARGEST_RESIDUAL, 1, java.util.Set.of(), Optional.of(PointAction.LOOK_UP),
                        Optional.of(PointReason.TRUE_VALUE)), "Look at the residuals: the longest one.",
                        "Nothing says that it was counted wrongly. How could you find out?"),
                Story.read("r2", "Read R\u00b2", "What share of the variation in gulls goes with passengers?",
                        Quantity.R_SQUARED, 3,
                        "R\u00b2 stands among the readings below the plot.", "It is between 0 and 1."),
                Story.helped(new WhatChanceDoes(Terms.of("shuffle", "Shuffle the days",
                        "Deal the gulls out anew to the same passengers, a thousand times. What share of the shuffles gave a "
                        + "slope at least as far from 0 as ours, and what follows?", 3),
                        Play.SHUFFLE, 1_000, Quantity.SLOPE, 0.95, new Rounding.Places(2), false, true),
                        "Turn on Shuffle, draw once and look, then a thousand times.",
                        "If chance alone does this often, do the data speak against chance?"),
                Story.read("p", "Read p",
                        "How often would a slope at least as far from 0 come about by chance, if there were no relationship "
                        + "at all? Read p of the slope: it stands in *All numbers*, below the readings.", Quantity.SLOPE_P, 3,
                        "Open *All numbers* and look among the coefficients.", "Take the p in the row of the slope."),
                Story.helped(new Explain(Terms.of("explain", "Say it in words",
                        "What does this p say about passengers and gulls, and what follows from it?", 3),
                        Optional.of(Explaining.of(Aspect.About.P).withModel("If passengers and gulls had no relation, a slope at "
                        + "least this far from 0 would come up with a chance of "
                        + Story.shown(Story.line(made.table()).slope().p().orElseThrow(), 2)
                        + "; the data are compatible with no relation."))),
                        "p is a chance. Of what, and if what were so?", "Then say what you make of it: is it small?"),
                whatMayBeSaid(),
                Story.helped(new WriteSection(Terms.of("letter", "Write to the harbour master",
                        "Write a short letter to the harbour master: what was counted, what came out, and what may be said "
                        + "of it. Keep the plot with the line in it, and the readings.", 4),
                        EnumSet.of(WantedFigure.PLOT_WITH_LINE, WantedFigure.READINGS), 40),
                        "Keep a figure with the pin beside the plot.", "He has no time: three sentences will do."));
    }

    private static Task whatMayBeSaid() {
        return Story.helped(new Question(Terms.of("say", "What may be said?", "Which of these do the data allow?", 2),
                Question.Sort.SEVERAL,
                List.of(new Question.Option("passengers bring gulls", false,
                                "That is a cause, and there is hardly even a relationship.", Optional.of(Mistake.CAUSE_CLAIMED)),
                        new Question.Option("passengers tell next to nothing about gulls", true, "Look at R\u00b2 again."),
                        new Question.Option("gulls do not care for sandwiches", false,
                                "The data say nothing about sandwiches."),
                        new Question.Option("more days could show a weak relationship", true,
                                "That a relationship is not seen does not mean that there is none.")), true, List.of()),
                "What was measured, and what was not?", "Two of them.");
    }
}
