package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.ByEye;
import hestra.task.CheckConditions;
import hestra.task.ChooseCurve;
import hestra.task.ChooseRoles;
import hestra.task.Describe;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FillCalculation;
import hestra.task.FindPoint;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Predict;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.TryOut;
import hestra.task.WriteEquation;

/**
 * Small complete exercises to start from. Nothing in their texts is about their data but by live values, so that other data can
 * take the place of theirs: tasks and keys follow.
 */
public final class Plans {

    /**
     * A plan.
     *
     * @param exercise complete, with data to look at it with
     * @param about what it is good for, in a sentence
     */
    public record Plan(Exercise exercise, String about) {}

    private static final Set<Aid> LINE_BY_EYE = EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES);
    private static final Set<Aid> THE_LINE = EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS);
    private static final int FEW = 8;

    private Plans() {}

    /** All of them. */
    public static List<Plan> all() {
        return List.of(firstLook(), whichCurve(), outlierAndLeverage(), prediction(), byHand(), fromAPicture(), cannotSay(),
                playground());
    }

    /** Puts a plan together from the tasks of a part. */
    private static final class Sheet {
        private final Truth truth;
        private final List<Block> blocks = new ArrayList<>();

        Sheet(Part data, String text) {
            this.truth = data.withBlocks(List.of()).truth(DecimalMark.POINT);
            blocks.add(new Block.Prose("text-1", text));
        }

        /** A task of a kind as a new one would be, changed. */
        <T extends Task> Sheet asking(Class<T> kind, String id, UnaryOperator<T> changed) {
            Kind found = Kinds.ALL.stream().filter(it -> it.type() == kind).findFirst().orElseThrow();
            blocks.add(new Block.Asked(changed.apply(kind.cast(found.create(id, truth)))));
            return this;
        }

        <T extends Task> Sheet asking(Class<T> kind, String id) {
            return asking(kind, id, UnaryOperator.identity());
        }
    }

    private static <T extends Task> UnaryOperator<T> opening(Class<T> kind, Set<Aid> aids) {
        return task -> kind.cast(task.with(task.terms().opening(aids)));
    }

    private static <T extends Task> UnaryOperator<T> called(Class<T> kind, String title, String prompt, int marks) {
        return task -> kind.cast(task.with(task.terms().withTitle(title).withPrompt(prompt).withMarks(marks)));
    }

    private static Plan plan(String id, String title, String heading, String about, Part data, Sheet sheet, Set<Aid> held) {
        Part part = data.called(Exercise.FIRST_PART, UnaryOperator.identity()).withHeading("")
                .withHeld(held).withBlocks(sheet.blocks);
        return new Plan(new Exercise("plan-" + id, title, "", heading, DecimalMark.POINT, List.of(part)), about);
    }

    private static Plan firstLook() {
        Part kelp = KelpBlades.exercise().first();
        Sheet sheet = new Sheet(kelp, "Here are {n} pairs: {x} and {y}.").asking(ChooseRoles.class, "roles")
                .asking(Describe.class, "describe", opening(Describe.class, LINE_BY_EYE))
                .asking(ByEye.class, "by-eye", opening(ByEye.class, THE_LINE))
                .asking(ReadValue.class, "slope").asking(ReadValue.class, "r", task -> task.asking(Quantity.R, sheetTruth(kelp)))
                .asking(Explain.class, "explain");
        return plan("first-look", "First look at a line", "Does one go with the other?",
                "Look before any line is drawn, try one by eye, read slope and r, say what the slope means.", kelp, sheet,
                EnumSet.complementOf(EnumSet.of(Aid.CURVES, Aid.PREDICTION)));
    }

    private static Truth sheetTruth(Part part) {
        return part.withBlocks(List.of()).truth(DecimalMark.POINT);
    }

    private static Plan whichCurve() {
        Part flask = CoolingFlask.exercise().first();
        Sheet sheet = new Sheet(flask, "{n} pairs of {x} and {y}. Not every cloud of points wants a line.")
                .asking(Describe.class, "describe", opening(Describe.class, EnumSet.of(Aid.LINE, Aid.RESIDUALS)))
                .asking(CheckConditions.class, "conditions",
                opening(CheckConditions.class, EnumSet.of(Aid.CURVES, Aid.EQUATION, Aid.R, Aid.R_SQUARED)))
                .asking(ChooseCurve.class, "curve")
                .asking(Question.class, "end", called(Question.class, "In the long run",
                "What does the curve of your choice say of {y.name} for a very large {x.name}? Can that be right?", 2)
                .andThen(task -> task.with(Question.Sort.LONG_TEXT))::apply);
        return plan("which-curve", "Which curve?", "Line or curve, and why?",
                "See from the residuals that a line will not do, choose a better curve with a reason, and think about its end.",
                flask, sheet, EnumSet.of(Aid.LINE, Aid.CURVES, Aid.EQUATION, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS));
    }

    private static Plan outlierAndLeverage() {
        Part limpets = Limpets.exercise().first();
        Sheet sheet = new Sheet(limpets, "{n} pairs of {x} and {y}. One of them stands far from the rest.")
                .asking(Describe.class, "describe", opening(Describe.class,
                EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.RESIDUALS)))
                .asking(FindPoint.class, "lever", called(FindPoint.class, "Which point has the most pull?",
                "Which point has the highest leverage? Click it, and say what you would do about it and why.", 3)
                        .andThen(task -> new FindPoint(task.terms(), PointSort.HIGHEST_LEVERAGE, 1, Set.of(),
                        Optional.of(PointAction.values()[0]), Optional.of(PointReason.values()[0])))::apply)
                .asking(TryOut.class, "try").asking(ReadValue.class, "slope")
                .asking(Question.class, "report", called(Question.class, "What to report",
                "Which numbers would you report of these data, with the point and without it? Why?", 2)
                .andThen(task -> task.with(Question.Sort.LONG_TEXT))::apply);
        return plan("leverage", "Outlier and leverage", "What can a single point do?",
                "Find the point that pulls, move it and another, and decide what to report.", limpets, sheet,
                EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.RESIDUALS));
    }

    private static Plan prediction() {
        Part kelp = KelpBlades.exercise().first();
        Sheet sheet = new Sheet(kelp, "{n} pairs of {x} and {y}.")
                .asking(Describe.class, "describe", opening(Describe.class, EnumSet.of(Aid.LINE, Aid.EQUATION)))
                .asking(WriteEquation.class, "equation", opening(WriteEquation.class, EnumSet.of(Aid.PREDICTION)))
                .asking(Predict.class, "predict")
                .asking(Question.class, "limits", called(Question.class, "Beyond the data",
                "Which of these predictions would you not trust, and what could go wrong there?", 2)
                .andThen(task -> task.with(Question.Sort.LONG_TEXT))::apply);
        return plan("prediction", "Prediction and its limits", "How far can a line be trusted?",
                "Write the equation, predict within the data and beyond, and say what cannot be trusted.", kelp, sheet,
                EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.PREDICTION));
    }

    private static Plan byHand() {
        Part kelp = KelpBlades.exercise().first();
        DataTable table = kelp.data();
        DataTable few = table.withRows(IntStream.range(0, FEW).mapToObj(i -> table.row(i * table.size() / FEW)).toList());
        Part part = kelp.withColumns(few, kelp.roles(), new Provenance.ByHand());
        Sheet sheet = new Sheet(part,
                "Only {n} pairs of {x} and {y}, so that the line can be calculated by hand: *b* is Sxy by Sxx.")
                .asking(FillCalculation.class, "calculate",
                opening(FillCalculation.class, EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R)))
                .asking(ReadValue.class, "r", task -> task.asking(Quantity.R, sheetTruth(part))).asking(Explain.class, "explain");
        return plan("by-hand", "By hand", "Where do a and b come from?",
                "Fill in the sums of a small data set, get slope and intercept from them, and say what the slope means.", part,
                sheet, EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R));
    }

    private static Plan fromAPicture() {
        Exercise playground = Playground.exercise();
        Part chart = playground.parts().getLast();
        Exercise exercise = new Exercise("plan-picture", "From a picture", "", "A chart without its numbers", DecimalMark.POINT,
                List.of(chart.called(Exercise.FIRST_PART, UnaryOperator.identity()).withHeading("")
                .withBlock(new Block.Prose("chart-text", "Of these {n} readings only the chart is left."))));
        return new Plan(exercise,
                "Lay axes on a chart and read its points off; lay in a picture of your own under \u201cFrom a picture\u201d.");
    }

    private static Plan cannotSay() {
        Part gulls = FerryAndGulls.exercise().first();
        List<Question.Option> causes = List.of(new Question.Option("a third thing could be behind both", true, ""),
                new Question.Option("r is not exactly 1", false, "No measurement gives exactly 1."),
                new Question.Option("there are too few pairs", false, "More pairs would not show a cause either."));
        Sheet sheet = new Sheet(gulls, "{n} pairs of {x} and {y}.")
                .asking(Describe.class, "describe", opening(Describe.class,
                        EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.R_SQUARED)))
                .asking(ReadValue.class, "r-squared", task -> task.asking(Quantity.R_SQUARED, sheetTruth(gulls)))
                .asking(ReadValue.class, "p", task -> task.asking(Quantity.SLOPE_P, sheetTruth(gulls)))
                .asking(Question.class, "cause", called(Question.class, "Cause?",
                "Is this true or not, and why: *these data show that more {x.name} makes more {y.name}.*", 2)
                .andThen(task -> new Question(task.terms(), Question.Sort.TRUE_BECAUSE, causes, false, List.of()))::apply)
                .asking(Explain.class, "explain", task -> (Explain) new Explain(task.terms(),
                Optional.of(Explaining.of(Aspect.About.P)))
                .with(task.terms().withTitle("What p says").withPrompt("Say in a sentence what p of the slope means here.")));
        return plan("cannot-say", "What the data cannot say", "Is there anything in it?",
                "A weak cloud: read R\u00b2 and p, and say what does not follow from them.", gulls, sheet,
                EnumSet.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.R_SQUARED));
    }

    private static Plan playground() {
        Exercise playground = Playground.exercise();
        return new Plan(new Exercise("plan-playground", "Playground", "", playground.heading(), DecimalMark.POINT,
                playground.parts().subList(0, 3)),
                "Challenges with points and lines: make the line obey, lay one by eye, put a point far out and harmless.");
    }
}
