package hestra;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.PartWork;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.ChooseRoles;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.EnterData;
import hestra.task.Explain;
import hestra.task.FindSlip;
import hestra.task.Kinds;
import hestra.task.Predict;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;

/**
 * A small kelp exercise for tests. Its five points lie about y = 2 + 0.5 x so that every value can be worked out by
 * hand: x̄ = 6, ȳ = 5.04, Sxx = 40, Sxy = 20.6, Syy = 10.652, so b = 0.515, a = 1.95, SSE = 0.043.
 */
public final class Kelp {

    public static final double[] DAYS = {2, 4, 6, 8, 10};
    public static final double[] LENGTHS = {3.1, 3.9, 5.0, 6.0, 7.2};

    /** The row of the slip, from 0: 5.0 stands as 50. */
    public static final int SLIP_ROW = 2;

    private Kelp() {}

    public static DataTable table() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < DAYS.length; i++) {
            rows.add(Row.of(Cell.of(DAYS[i], DecimalMark.POINT), Cell.of(Double.toString(LENGTHS[i]), DecimalMark.POINT)));
        }
        return new DataTable(List.of(new Variable("days", "time since settling", "days"),
                new Variable("length", "blade length", "cm")), rows);
    }

    public static Exercise exercise(Task... tasks) {
        return Exercise.ofOnePart("kelp", "Kelp", "Orrin Bay", "How fast?", "Prose.", table(), Roles.FIRST_EXPLAINS,
                List.of(tasks), Aid.all(), DecimalMark.POINT);
    }

    /**
     * The exercise with a task of every kind there is, with the settings that a new one has; their ids are the codes of the
     * kinds.
     */
    public static Exercise ofEveryKind() {
        Truth truth = truth(exercise());
        return exercise(Kinds.ALL.stream().map(kind -> kind.create(kind.code(), truth)).toArray(Task[]::new));
    }

    /** What was done with the first part. */
    public static PartWork work(Desk desk) {
        return desk.work().part(desk.exercise().first());
    }

    /** What is right in the first part. */
    public static Truth truth(Exercise exercise) {
        return exercise.first().truth(exercise.mark());
    }

    /** The exercise with a task of every kind. */
    public static Exercise whole() {
        return exercise(enter(1), roles(), describe(), slip(), read(Quantity.SLOPE, new Rounding.Places(2)),
                predict(4, 20), explain());
    }

    public static EnterData enter(int count) {
        return new EnterData(Terms.of("enter", "Enter", "Type.", 2), count);
    }

    public static ChooseRoles roles() {
        return new ChooseRoles(Terms.of("roles", "Roles", "Which?", 1));
    }

    public static Describe describe() {
        return new Describe(Terms.of("describe", "Describe", "Look.", 4).opening(Aid.all()),
                new Description(Description.Direction.RISING, Description.Form.STRAIGHT, Description.Strength.STRONG,
                        Description.Unusual.ONE));
    }

    public static FindSlip slip() {
        return new FindSlip(Terms.of("slip", "Slip", "Find.", 2).withTries(0), SLIP_ROW, 1, "50");
    }

    public static ReadValue read(Quantity quantity, Rounding rounding) {
        return new ReadValue(Terms.of("read", "Read", "Read.", 2), quantity, rounding);
    }

    public static Predict predict(double... at) {
        return new Predict(Terms.of("predict", "Predict", "Predict.", 4),
                Arrays.stream(at).boxed().toList(), new Rounding.Places(1));
    }

    public static Explain explain() {
        return new Explain(Terms.of("explain", "Explain", "Explain.", 6));
    }
}
