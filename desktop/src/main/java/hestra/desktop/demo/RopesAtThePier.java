package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import hestra.chance.Play;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
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
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WantedFigure;
import hestra.task.WhatChanceDoes;
import hestra.task.WriteSection;

/** What chance does: shuffled for p, drawn again for an interval. */
final class RopesAtThePier {

    static final String AIM = "shuffle and draw again, and say what p and an interval mean and what they do not";
    static final int MINUTES = 55;
    private static final Variable DEPTH = new Variable("depth", "depth of the rope", "m")
            .withPossible(Optional.of(new Variable.Limits(0, 20)));
    private static final Variable DAYS = new Variable("days", "days until it parted", "")
            .withPossible(Optional.of(new Variable.Limits(0, 200)));
    private static final double FIRST = 2;
    private static final double STEP = 1.1;
    private static final double[] PARTED = {22.3, 31.8, 20, 25.2, 28.9, 38, 30, 32.6, 25.4, 36, 30.5, 39, 32.7, 33.4};
    private static final int DRAWS = 1_000;
    private static final double LEVEL = 0.95;
    private static final Description SEEN = new Description(Direction.RISING, Form.STRAIGHT, Strength.MODERATE, Unusual.NONE);

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "shuffle",
            "A shuffle keeps all depths and all days and breaks only what ties them together. So the pile shows what chance "
                    + "alone makes of these very numbers.",
            "middle",
            "Dealt out at random, the days know nothing of the depth: as many shuffles rise as fall.",
            "p",
            "The formula works out for all samples what shuffling counts for these numbers. That both come so close is why "
                    + "the formula may be trusted here.",
            "again",
            "Where a point was drawn twice it pulls twice, where it was not drawn it does not pull. The spread of the slopes "
                    + "shows how much ours rests on the points that happened to be there.",
            "explain",
            "p is worked out as if there were no relation. It is not the chance that there is none.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "p",
            "How often would a slope at least as far from 0 come about by chance, if there were no relation at all? Give p of "
                    + "the slope by the formula.",
            "letter",
            "Write a few lines to Bran Tolley, who sells the ropes: what was done, what came out, and how sure it is.");

    private RopesAtThePier() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        DataTable table = data();
        return Story.exercise("ropes-at-the-pier", "Ropes at the pier", "Do ropes last longer at depth?", Story.told("""
                In spring fourteen ropes of one kind were hung from the pier, each with the same weight and each at its own \
                *depth*. Somebody looked every few hours; *days* says when each parted. Near the surface sun and ferries work \
                on a rope. Does it last longer further down, or is that only how the days fell?""", AIM, MINUTES),
                table, Roles.FIRST_EXPLAINS,
                Story.describe(SEEN, EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)),
                Story.helped(new ByEye(Terms.of("by-eye", "A line by eye",
                        "Put a line through the points by eye, before you see the best one. How near do you come?", 2)
                        .opening(EnumSet.allOf(Aid.class)), new Curve.Line(), 1.05, 1.2),
                        "Cover the points and ask: where is their middle?", "The best line goes through the mean of both."),
                Story.helped(new WhatChanceDoes(Terms.of("shuffle", "Shuffle the days",
                        "Deal the days out anew to the same depths, once and look, then a thousand times. What share of the "
                        + "shuffles gave a slope at least as far from 0 as ours? What does that share say?", 4),
                        Play.SHUFFLE, DRAWS, Quantity.SLOPE, LEVEL, new Rounding.Places(3), true, true),
                        "The share stands beside the plot, and in the pile it is what is filled.",
                        "What does a shuffle do to the days, and what to a relation between the two?"),
                middle(),
                Story.read("p", "Read p", "Now the formula: read p of the slope. It stands in *All numbers*, below the readings.",
                        Quantity.SLOPE_P, 3, "Open *All numbers* and look among the coefficients.",
                        "Take the p in the row of the slope."),
                Story.helped(new Explain(Terms.of("explain", "Say it in words",
                        "What does this p say about depth and days, and what follows from it?", 3),
                        Optional.of(Explaining.of(Aspect.About.P).withModel("If depth and days had no relation, a slope at least "
                        + "this far from 0 would come up with a chance of "
                        + Story.shown(Story.line(table).slope().p().orElseThrow(), 2)
                        + "; that is small, so the data speak against no relation."))),
                        "p is a chance. Of what, and if what were so?", "Then say what you make of it: is it small?"),
                Story.helped(new WhatChanceDoes(Terms.of("again", "Draw again",
                        "How far could the slope be off? Draw fourteen points from these, each put back, a thousand times. "
                        + "Between which ends does the middle 95 % of the slopes lie?", 4),
                        Play.DRAW_AGAIN, DRAWS, Quantity.SLOPE, LEVEL, new Rounding.Places(2), true, true),
                        "Both ends stand beside the plot, and the dark bar above the pile shows them.",
                        "Compare with the interval by formula below it, and look where 0 lies."),
                Story.helped(new WriteSection(Terms.of("letter", "Write to Bran Tolley",
                        "Write a few lines to Bran Tolley, who sells the ropes: what was done, what came out, and how sure "
                        + "it is. Keep the plot with the line in it, and the readings.", 4),
                        EnumSet.of(WantedFigure.PLOT_WITH_LINE, WantedFigure.READINGS), 40),
                        "Keep a figure with the pin beside the plot.", "Say how many days for each further metre, and from where "
                        + "to where that may be."));
    }

    private static Task middle() {
        return Story.helped(new Question(Terms.of("middle", "The middle of the pile",
                "Our slope is above 0. Why does the pile of shuffles have its middle at 0 all the same?", 2),
                Question.Sort.ONE,
                List.of(new Question.Option("because the true slope is 0", false,
                                "Nobody knows the true slope. Shuffles show what happens *if* there is no relation.",
                                Optional.of(Mistake.P_AS_CHANCE_OF_NONE)),
                        new Question.Option("because a thousand shuffles are too few", false,
                                "With more of them the pile only becomes smoother."),
                        new Question.Option("because dealt out at random the days know nothing of the depth", true, ""),
                        new Question.Option("because our slope is an error of measurement", false,
                                "Nothing was measured anew: the same days were dealt out.")), true, List.of()),
                "What ties a depth to its days, once the days are dealt out?",
                "Is a shuffle more likely to rise than to fall?");
    }

    private static DataTable data() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < PARTED.length; i++) {
            rows.add(Row.of(written(FIRST + STEP * i), written(PARTED[i])));
        }
        return new DataTable(List.of(DEPTH, DAYS), rows);
    }

    private static Cell written(double value) {
        return Cell.of(String.format(Locale.ROOT, "%.1f", value), DecimalMark.POINT);
    }
}
