package hestra.desktop.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.feedback.Quantity;
import hestra.figure.Layer;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.Explain;
import hestra.task.Predict;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;

/** An exercise of three parts on data of Orrin Bay: a line that holds, one that bends, and one that says nothing. */
public final class ThreeQuestions {

    static final String AIM = "go through all of it alone, and report what you found";
    static final int MINUTES = 70;
    private ThreeQuestions() {}

    public static Exercise exercise() {
        return new Exercise("orrin-bay-three-questions", "Three questions", "Orrin Bay field station",
                "What does a line say, and when?", DecimalMark.POINT,
                List.of(limpets(), flask(), gulls()));
    }

    private static Part limpets() {
        return part("limpets", Limpets.exercise(), "Do waves keep limpets flat?", List.of(
                text("limpets-text", Story.told("""
                        Where waves break hard a tall shell is torn off. Tavi Roon gave {n} places along the shore an *exposure* \
                        index and measured the \
                        *height* of the tallest limpet at each.""", AIM, MINUTES)),
                asked(describe("limpets-look", "What do the points show, apart from any that stand alone?", Limpets.SEEN)),
                asked(read("limpets-slope", "Read the slope", "By how much does the height change with each step of the index?",
                        Quantity.SLOPE, 3)),
                asked(Story.helped(new Explain(Terms.of("limpets-say", "Say it in words",
                        "What does the slope mean on the shore?", 3)),
                        "For each step of the index: how much less height?", "Say it of places on average."))));
    }

    private static Part flask() {
        return part("cooling-flask", CoolingFlask.exercise(), "How long does the tea stay hot?", List.of(
                text("flask-text",
                        "A thermometer in the boat’s flask was read every four *minutes*: {n} readings of how many degrees the "
                        + "tea was above the room."),
                text("flask-line", "Here is the line of least squares with its residuals. Look at how they run."),
                new Block.Plot("flask-figure", Set.of(Layer.LINE, Layer.RESIDUALS), Optional.empty(),
                        "The line through all {n} readings"),
                asked(Story.helped(new Question(Terms.of("flask-look", "Does a line describe it?",
                        "Look at the residuals from left to right. What do they say about the line?", 2)
                        .opening(EnumSet.allOf(Aid.class)), Question.Sort.ONE,
                        List.of(new Question.Option("Nothing against it: they are above and below 0 without a pattern.", false,
                                        "Count how many in a row are on the same side."),
                                new Question.Option("It misses a bend: they are above 0 at both ends and below it in the middle.",
                                true, ""),
                                new Question.Option("The scatter grows: they spread further and further to the right.", false,
                                        "Look at which side of 0 they are on, not only at their size.")), true, List.of()),
                        "Cover the middle third of the strip, then the two ends.")),
                asked(Story.helped(new Predict(Terms.of("flask-predict", "What does the line say?",
                        "Predict with the line. Which of these would you trust?", 6),
                        List.of(10.0, 30.0, 90.0), new Rounding.Places(1)), "Type the minutes at *at*, below the readings.",
                        "The line leaves out what the residuals show: is it to be trusted even among the data?"))));
    }

    private static Part gulls() {
        return part("ferry-and-gulls", FerryAndGulls.exercise(), "Do passengers bring gulls?", List.of(
                text("gulls-text",
                        "The harbour master swears that gulls come for the sandwiches. On {n} days *passengers* of the noon "
                        + "ferry and *gulls* on the pier were counted."),
                new Block.Printed("gulls-table", "As the harbour master wrote it down"),
                text("gulls-share", "The share of the variation in {y.name} that goes with {x.name} is"),
                new Block.Formula("gulls-formula", "R² = 1 − Σ(y − ŷ)² / Σ(y − ȳ)²"),
                asked(describe("gulls-look", "What do the points show?", FerryAndGulls.SEEN)),
                asked(read("gulls-r2", "Read R²", "What share is it?", Quantity.R_SQUARED, 3))));
    }

    private static Part part(String id, Exercise of, String heading, List<Block> blocks) {
        Part data = of.first();
        return new Part(id, heading, data.data(), data.roles(), data.provenance(), Aid.all(), PlotRules.USUAL, blocks);
    }

    private static Block text(String id, String text) {
        return new Block.Prose(id, text);
    }

    private static Block asked(Task task) {
        return new Block.Asked(task);
    }

    private static Task describe(String id, String question, Description key) {
        return Story.helped(new Describe(Terms.of(id, "Describe what you see",
                "Look at the plot before any line is drawn. " + question, 4).opening(EnumSet.allOf(Aid.class)), key), Story.LOOK,
                Story.TURN);
    }

    private static Task read(String id, String title, String prompt, Quantity quantity, int places) {
        return Story.read(id, title, prompt, quantity, places, "It stands among the readings below the plot.");
    }
}
