package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiFunction;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.recipe.Scatter;
import hestra.task.Aid;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.Hint;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;

/** What the exercises of the course have in common: how their data are made, and tasks that most of them ask. */
final class Story {

    private static final String PLACE = "Orrin Bay field station";

    private Story() {}

    /** Data and how they came about. */
    record Made(DataTable table, Recipe recipe) {}

    static Made made(Recipe recipe, Variable x, Variable y) {
        return switch (Sample.of(recipe, x, y, DecimalMark.POINT)) {
            case Sample.Done(Sample sample) -> new Made(sample.table(), recipe);
            case Sample.Refused(String message) -> throw new IllegalStateException(message);
        };
    }

    /** A story with what comes of it: what one can do afterwards, and how long it takes. */
    static String told(String story, String aim, int minutes) {
        return story.strip() + "\n\n" + aimInFull(aim) + " It takes about " + minutes + " minutes.";
    }

    static String aimInFull(String aim) {
        return "Afterwards you can " + aim + ".";
    }

    /** A recipe of one cloud with nothing odd in it. */
    static Recipe recipe(long seed, int n, Along along, MeanCurve truth, Scatter scatter, int placesX, int placesY) {
        return new Recipe(seed, n, along, truth, scatter, OptionalDouble.empty(), Oddities.NONE, 1, 0, placesX, placesY);
    }

    /** An exercise on data that were made. */
    static Exercise exercise(String id, String title, String heading, String prose, Made made, Task... tasks) {
        return exercise(id, title, heading, prose, made.table, Roles.FIRST_EXPLAINS, tasks)
                .withFirst(part -> part.withColumns(made.table, Roles.FIRST_EXPLAINS, new Provenance.Made(made.recipe)));
    }

    /** An exercise on data that are given. */
    static Exercise exercise(String id, String title, String heading, String prose, DataTable table, Roles roles, Task... tasks) {
        return Exercise.ofOnePart("orrin-bay-" + id, title, PLACE, heading, prose, table, roles, List.of(tasks), Aid.all(),
                DecimalMark.POINT);
    }

    /** The line of a table's first two columns. */
    static LineFit line(DataTable table) {
        return LeastSquares.line(Pairs.of(table, Roles.FIRST_EXPLAINS)).line().orElseThrow();
    }

    /** The slope without a row; with all where that is none. */
    static double slopeWithout(DataTable table, int row) {
        return line(row < 0 ? table : table.withoutRows(Set.of(row))).slope().value();
    }

    static String shown(double value, int places) {
        return NumberStyle.STANDARD.show(value, new Rounding.Places(places));
    }

    /** A share in percent. */
    static String percent(double share) {
        return shown(100 * share, 1) + " %";
    }

    /** The plot is described before anything is drawn in it. */
    static Task describe(Description key, Set<Aid> opens) {
        return helped(new Describe(Terms.of("describe", "Describe what you see",
                "Look at the plot before any line is drawn. What do the points show?", 4).opening(opens), key), LOOK, TURN);
    }

    /** The same, apart from points that stand alone. */
    static Task describeTheRest(Description key, Set<Aid> opens) {
        return helped(new Describe(Terms.of("describe", "Describe what you see",
                "Look at the plot before any line is drawn. What do the points show, apart from any that stand alone?", 4)
                .opening(opens), key), LOOK, TURN);
    }

    static final String LOOK = "Follow the points from left to right with a finger. Do they go up, go down, or neither? Would a "
            + "ruler do to follow them?";
    static final String TURN = "Strong means close to some line or curve, whatever its form. A point is unusual where it lies "
            + "far from what all the others do.";

    static Task read(String id, String title, String prompt, Quantity quantity, int places, String... helps) {
        return helped(new ReadValue(Terms.of(id, title, prompt, 2), quantity, new Rounding.Places(places)), helps);
    }

    /** A task with helps: the first is free, each further one costs half a mark. */
    static Task helped(Task task, String... helps) {
        List<Hint> hints = new ArrayList<>();
        for (String help : helps) {
            hints.add(new Hint(help, hints.isEmpty() ? 0 : 0.5));
        }
        return task.with(task.terms().withHelps(hints));
    }

    /** An exercise whose tasks say, once they are solved, why it is so: by their ids. */
    static Exercise explained(Exercise exercise, Map<String, String> why) {
        return told(exercise, why, Terms::withWhy);
    }

    /** An exercise whose tasks ask something else on paper: by their ids. */
    static Exercise onPaper(Exercise exercise, Map<String, String> prompts) {
        return told(exercise, prompts, Terms::onPaper);
    }

    private static Exercise told(Exercise exercise, Map<String, String> texts, BiFunction<Terms, String, Terms> telling) {
        List<String> ids = exercise.tasks().stream().map(Task::id).toList();
        if (!ids.containsAll(texts.keySet())) {
            throw new IllegalArgumentException("no such task among " + texts.keySet());
        }
        return exercise.withParts(exercise.parts().stream().map(part -> part.withTasks((Task task) -> texts.containsKey(task.id())
                ? task.with(telling.apply(task.terms(), texts.get(task.id()))) : task)).toList());
    }
}
