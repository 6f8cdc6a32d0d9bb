package hestra.benchmarks;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.PlotEdit;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.Interval;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Attempt;
import hestra.task.Explain;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.ReadValue;
import hestra.task.Response;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;
import hestra.task.WriteEquation;

/**
 * How long it takes to judge an answer to each kind of task that is done by hand, on 100 points, once warm; beside it, in the
 * same run, a line through them. The ratios are to that.
 */
public final class Judging {

    private static final int POINTS = 100;
    private static final int WARM_UP = 300;
    private static final int TIMES = 300;
    private static final PrintStream OUT = System.out;
    private static final double MICROSECOND = 1e3;

    private Judging() {}

    public static void main(String[] arguments) {
        Random random = new Random(1000);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            rows.add(Row.of(Cell.of(i, DecimalMark.POINT),
                    Cell.of(Math.round((5 + 0.8 * i + 8 * random.nextGaussian()) * 10) / 10.0, DecimalMark.POINT)));
        }
        DataTable table = new DataTable(List.of(new Variable("days", "", "days"), new Variable("length", "", "cm")), rows);
        Exercise bare = Exercise.ofOnePart("judging", "Judging", "", "Judging", "", table, Roles.FIRST_EXPLAINS, List.of(),
                Set.of(), DecimalMark.POINT);
        Truth truth = bare.first().truth(DecimalMark.POINT).withPicture();
        double line = micros(() -> LeastSquares.line(truth.pairs()));
        OUT.printf("a line through %d points: %.1f \u00b5s%n", POINTS, line);
        for (Kind kind : Kinds.ALL) {
            Task task = kind.create("task-1", truth);
            Desk desk = Desk.open(bare.withFirst(part -> part.withTasks(List.of(task))))
                    .apply(new PlotEdit.Try(Trial.level(new Curve.Line(), new Interval(0, POINTS), 40, 30), 1));
            Attempt attempt = desk.bench(desk.exercise().first()).attempt(task);
            double judged = micros(() -> task.judge(attempt, truth));
            OUT.printf("%s: %.1f \u00b5s, %.1f x the line%n", kind.title(), judged, judged / line);
        }
        double handIn = micros(() -> handIn(truth));
        OUT.printf("a hand-in of 20 tasks, right, wrong and in words: %.2f ms%n", handIn / 1000);
    }

    /** Twenty answers: numbers that are right, that a mistake explains and that nothing does; equations and sentences. */
    private static double handIn(Truth truth) {
        Terms terms = Terms.of("task-1", "t", "p", 2);
        double marks = 0;
        for (Quantity quantity : List.of(Quantity.SLOPE, Quantity.INTERCEPT, Quantity.R, Quantity.R_SQUARED,
                Quantity.RESIDUAL_STANDARD_ERROR)) {
            ReadValue read = new ReadValue(terms, quantity, new Rounding.Significant(4));
            for (String text : List.of(read.key(truth).text(), "0.8123 cm", "17.77")) {
                marks += judged(read, text, truth);
            }
        }
        for (String text : List.of("length = 5 + 0.8 days", "y = 0.5 + 5.8 x")) {
            marks += judged(new WriteEquation(terms, new Curve.Line(), 3), text, truth);
        }
        for (String text : List.of("On average the length grows by 0.8 cm for each further day.",
                "Each day causes the length to be exactly 0.8 cm more.", "Length and days go together.")) {
            marks += judged(new Explain(terms), text, truth);
        }
        return marks;
    }

    private static double judged(Task task, String text, Truth truth) {
        return Response.to(text, task, truth, attempt -> task.judge(attempt, truth)).marks();
    }

    /** The median of many times, in microseconds. */
    private static double micros(Runnable work) {
        for (int i = 0; i < WARM_UP; i++) {
            work.run();
        }
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            long start = System.nanoTime();
            work.run();
            times.add(System.nanoTime() - start);
        }
        return Times.median(times) / MICROSECOND;
    }
}
