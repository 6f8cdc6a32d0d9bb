package hestra.benchmarks;

import java.util.ArrayList;
import java.util.Collections;
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
import hestra.fit.Curve;
import hestra.fit.Interval;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.task.Attempt;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * How long it takes to judge an answer to each kind of task that is done by hand, on 100 points, once warm; beside it, in the same run, a
 * line through them. The ratios are to that.
 */
public final class Judging {

    private static final int POINTS = 100;
    private static final int WARM_UP = 300;
    private static final int TIMES = 300;
    private static final double MICROSECOND = 1e3;

    private Judging() {}

    public static void main(String[] arguments) {
        Random random = new Random(1000);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            rows.add(Row.of(Cell.of(i, DecimalMark.POINT), Cell.of(Math.round((5 + 0.8 * i + 8 * random.nextGaussian()) * 10) / 10.0, DecimalMark.POINT)));
        }
        DataTable table = new DataTable(List.of(new Variable("days", "", "days"), new Variable("length", "", "cm")), rows);
        Exercise bare = Exercise.ofOnePart("judging", "Judging", "", "Judging", "", table, Roles.FIRST_EXPLAINS, List.of(), Set.of(), DecimalMark.POINT);
        Truth truth = bare.first().truth(DecimalMark.POINT).withPicture();
        double line = micros(() -> LeastSquares.line(truth.pairs()));
        System.out.printf("a line through %d points: %.1f \u00b5s%n", POINTS, line);
        for (Kind kind : Kinds.ALL) {
            Task task = kind.create("task-1", truth);
            Desk desk = Desk.open(bare.withFirst(part -> part.withTasks(List.of(task)))).apply(new PlotEdit.Try(Trial.level(new Curve.Line(), new Interval(0, POINTS), 40, 30), 1));
            Attempt attempt = desk.bench(desk.exercise().first()).attempt(task);
            double judged = micros(() -> task.judge(attempt, truth));
            System.out.printf("%s: %.1f \u00b5s, %.1f x the line%n", kind.title(), judged, judged / line);
        }
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
        Collections.sort(times);
        return times.get(TIMES / 2) / MICROSECOND;
    }
}
