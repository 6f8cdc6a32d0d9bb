package hestra.desktop.write;

import java.util.List;

import hestra.data.DataTable;
import hestra.exercise.Aid;
import hestra.exercise.Exercise;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.exercise.Terms;
import hestra.feedback.Keys;
import hestra.fit.LeastSquares;
import hestra.numbers.Rounding;

/** The kinds of task that an instructor can add, each with sensible settings for the data there are. */
enum TaskKind {
    ENTER_DATA("Enter data"),
    CHOOSE_ROLES("Choose roles"),
    DESCRIBE("Describe"),
    FIND_SLIP("Find the mistyped value"),
    READ_VALUE("Read a value"),
    PREDICT("Predict"),
    EXPLAIN_SLOPE("Explain the slope");

    private final String title;

    TaskKind(String title) {
        this.title = title;
    }

    String title() {
        return title;
    }

    static TaskKind of(Task task) {
        return switch (task) {
            case Task.EnterData _ -> ENTER_DATA;
            case Task.ChooseRoles _ -> CHOOSE_ROLES;
            case Task.Describe _ -> DESCRIBE;
            case Task.FindSlip _ -> FIND_SLIP;
            case Task.ReadValue _ -> READ_VALUE;
            case Task.Predict _ -> PREDICT;
            case Task.ExplainSlope _ -> EXPLAIN_SLOPE;
        };
    }

    /** A task of this kind for an exercise. */
    Task create(Exercise exercise) {
        String id = exercise.freshTaskId();
        return switch (this) {
            case ENTER_DATA -> new Task.EnterData(Terms.of(id, "Enter the last pairs",
                    "Type the last pairs of the printed table into the table on the right.", 1),
                    Math.clamp(exercise.data().size(), 1, 3));
            case CHOOSE_ROLES -> new Task.ChooseRoles(Terms.of(id, "Which explains, which responds?",
                    "One of the two variables could depend on the other. Which?", 1));
            case DESCRIBE -> new Task.Describe(Terms.of(id, "Describe what you see",
                    "Look at the plot before any line is drawn. What do the points show?", 4).opening(Aid.all()),
                    Keys.proposedDescription(exercise.pairsWithSlips()));
            case FIND_SLIP -> slip(exercise, id);
            case READ_VALUE -> new Task.ReadValue(Terms.of(id, Quantity.SLOPE.title(),
                    "By how much does {y} change for one more {x.name}, on average?", 2), Quantity.SLOPE, new Rounding.Places(2));
            case PREDICT -> new Task.Predict(Terms.of(id, "Predict",
                    "Predict {y} at each value. Which predictions would you trust?", 6), at(exercise), new Rounding.Places(1));
            case EXPLAIN_SLOPE -> new Task.ExplainSlope(Terms.of(id, "Say it in words", "What does the slope mean here?", 3));
        };
    }

    /** The value in the middle of the response, its decimal mark left out: ten or more times too large. */
    private static Task slip(Exercise exercise, String id) {
        DataTable data = exercise.data();
        int row = data.size() / 2;
        int column = exercise.roles().response();
        String text = data.cell(row, column).text();
        String shown = text.matches(".*[.,].*") ? text.replaceAll("[.,]", "") : text + "0";
        return new Task.FindSlip(Terms.of(id, "Find the mistyped value",
                "One value stands wrongly in the table. Find it, compare it with the printed table, and mend it. "
                        + "Or set it aside and give your reason.", 2).withTries(0), row, column, shown);
    }

    /** Two values among the data and one far outside, rounded to whole steps. */
    private static List<Double> at(Exercise exercise) {
        return LeastSquares.line(exercise.pairs()).line().map(line -> {
            double low = line.support().low();
            double span = line.support().high() - low;
            Rounding rounding = new Rounding.Significant(2);
            return List.of(rounding.apply(low + 0.4 * span).doubleValue(), rounding.apply(low + 0.8 * span).doubleValue(),
                    rounding.apply(low + 1.5 * span).doubleValue());
        }).orElse(List.of(10.0, 20.0, 30.0));
    }
}
