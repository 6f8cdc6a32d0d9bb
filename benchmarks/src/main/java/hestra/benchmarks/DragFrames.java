package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.input.MouseButton;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

import hestra.chance.Play;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.ChanceEdit;
import hestra.desk.PlotEdit;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.plot.PlotView;
import hestra.desktop.tour.FxThread;
import hestra.desktop.window.MainWindow;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.figure.Below;
import hestra.figure.Layer;
import hestra.numbers.DecimalMark;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.targets.PointMeasure;
import hestra.task.ReachTarget;
import hestra.task.Task;
import hestra.task.Terms;

/**
 * Drags one of many points in the real window, a mouse move each frame, and tells how long the frames take: line, residuals,
 * squares, strip, table and readings all follow. Then drags and zooms the view. Beside it, in the same run, a bare canvas on
 * which the same number of discs is drawn each frame, one of them moving: the ratios are to that. The numbers of points are
 * the arguments; 100 and 1,000 where there are none.
 */
public final class DragFrames {

    private static final List<String> USUAL = List.of("100", "1000");
    private static final int WARM_UP = 120;
    private static final int FRAMES = 400;
    /** With more points than this fewer frames are taken: the bare canvas needs half a second for each. */
    private static final int MANY = 5_000;
    private static final int FEW_FRAMES = 60;
    private static final double MILLISECOND = 1e6;
    private static final double WIDTH = 590;
    private static final double HEIGHT = 480;

    private DragFrames() {}

    /**
     * The processor time that a frame took in what was measured last, of all threads: frames wait for the screen, and hide what
     * is left of their time.
     */
    private static double workAFrame;

    /** What happens in each frame; frames are counted from 0. */
    private interface EachFrame {
        void pass(int frame);
    }

    public static void main(String[] arguments) throws IOException {
        FxThread.start();
        FxThread.call(() -> {
            Looks.prepare();
            return null;
        });
        for (String count : arguments.length == 0 ? USUAL : List.of(arguments)) {
            int points = Integer.parseInt(count);
            List<Long> bare = bare(points);
            report(points + " discs on a bare canvas", bare, bare);
            window(points, bare);
            if (points <= Held.MOST_POINTS) {
                target(points, bare);
            }
        }
        FxThread.stop();
    }

    private static List<Long> bare(int points) throws IOException {
        Canvas canvas = FxThread.call(() -> new Canvas(WIDTH, HEIGHT));
        Stage stage = FxThread.call(() -> {
            Stage opened = new Stage();
            opened.setScene(new Scene(new StackPane(canvas), 1280, 800));
            opened.show();
            return opened;
        });
        FxThread.settle();
        List<Row> rows = many(points).first().data().rows();
        double[] x = rows.stream().mapToDouble(row -> ((Cell.Measured) row.cell(0)).value() / 100 * WIDTH).toArray();
        double[] y = rows.stream().mapToDouble(row -> HEIGHT - ((Cell.Measured) row.cell(1)).value() / 110 * HEIGHT).toArray();
        List<Long> frames = frames(points, frame -> {
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.clearRect(0, 0, WIDTH, HEIGHT);
            g.setFill(Color.NAVY);
            for (int i = 0; i < x.length; i++) {
                double off = i == points / 2 ? 60 * Math.sin(frame / 9.0) : 0;
                g.fillOval(x[i] + off - 4.6, y[i] - 4.6, 9.2, 9.2);
            }
        });
        FxThread.call(() -> {
            stage.hide();
            return null;
        });
        return frames;
    }

    private static void window(int points, List<Long> bare) throws IOException {
        Path state = Files.createTempDirectory("hestra-frames");
        MainWindow window = FxThread.call(() -> new MainWindow(OpenDesk.of(state, many(points), Optional.empty()),
                Settings.in(state), null, new Look()));
        Stage stage = FxThread.call(() -> {
            Stage opened = new Stage();
            opened.setX(0);
            opened.setY(0);
            opened.setScene(window.scene(1280, 800));
            opened.show();
            window.begin();
            window.model().apply(new PlotEdit.ShowLayer(Layer.SQUARES, true));
            return opened;
        });
        FxThread.settle();
        PlotView plot = (PlotView) stage.getScene().lookup("#plot");
        Robot robot = FxThread.call(Robot::new);
        report(points + " points, nothing moves", frames(points, _ -> { }), bare);
        Point2D start = FxThread.call(() -> plot.spot(points / 2)
                .map(spot -> plot.localToScreen(spot.x(), spot.y())).orElseThrow());
        dragged(points, robot, start, 20, points + " points, one is dragged", bare);
        Point2D ground = FxThread.call(() -> plot.localToScreen(plot.figure().area().left() + 8,
                plot.figure().area().top() + 90));
        dragged(points, robot, ground, 0, points + " points, the view is dragged", bare);
        FxThread.call(() -> {
            ((Button) stage.getScene().lookup("#all-numbers")).fire();
            return null;
        });
        FxThread.settle();
        // The numbers take their room beside the plot, so the point stands elsewhere.
        Point2D beside = FxThread.call(() -> plot.spot(points / 2)
                .map(spot -> plot.localToScreen(spot.x(), spot.y())).orElseThrow());
        dragged(points, robot, beside, 20, points + " points, one is dragged, all numbers beside it", bare);
        FxThread.call(() -> {
            ((Button) stage.getScene().lookup("#all-numbers")).fire();
            return null;
        });
        FxThread.settle();
        chance(points, bare, window, plot, robot);
        report(points + " points, the view is zoomed", frames(points, frame -> Event.fireEvent(plot, wheel(plot, frame))), bare);
        FxThread.call(() -> {
            stage.hide();
            return null;
        });
    }

    /** A point is dragged while the lines of a thousand shuffles stand among the points. */
    private static void chance(int points, List<Long> bare, MainWindow window, PlotView plot, Robot robot) throws IOException {
        FxThread.call(() -> {
            window.model().apply(new ChanceEdit.PlayChance(Play.SHUFFLE, 1));
            window.model().apply(new ChanceEdit.Draw(1_000));
            return null;
        });
        FxThread.settle();
        Point2D start = FxThread.call(() -> plot.spot(points / 2)
                .map(spot -> plot.localToScreen(spot.x(), spot.y())).orElseThrow());
        dragged(points, robot, start, 20, points + " points, one is dragged among the lines of 1,000 shuffles", bare);
        FxThread.call(() -> {
            window.model().apply(new PlotEdit.ShowBelow(Below.RESIDUALS));
            return null;
        });
        FxThread.settle();
    }

    /** A point is dragged while a target of five conditions shows how each of them stands. */
    private static void target(int points, List<Long> bare) throws IOException {
        Task task = new ReachTarget(Terms.of("target", "Reach it", "Reach it.", 2),
                List.of(new Condition(new Measure.Value(Quantity.SLOPE), Band.atMost(0.5)),
                new Condition(new Measure.Value(Quantity.R), Band.between(0.5, 0.6)),
                        new Condition(new Measure.OfPoint(OptionalInt.empty(), PointMeasure.LEVERAGE), Band.atLeast(0.3)),
                new Condition(new Measure.OfPoint(OptionalInt.of(points / 2), PointMeasure.INFLUENCE), Band.atMost(0.1)),
                        new Condition(new Measure.Touched(Set.of(points / 2)), Band.atMost(0))));
        Path state = Files.createTempDirectory("hestra-frames");
        Exercise exercise = many(points).withFirst(part -> part.withTasks(List.of(task)));
        MainWindow window = FxThread.call(() -> new MainWindow(OpenDesk.of(state, exercise, Optional.empty()), Settings.in(state),
                null, new Look()));
        Stage stage = FxThread.call(() -> {
            Stage opened = new Stage();
            opened.setX(0);
            opened.setY(0);
            opened.setScene(window.scene(1280, 800));
            opened.show();
            window.begin();
            return opened;
        });
        FxThread.settle();
        PlotView plot = (PlotView) stage.getScene().lookup("#plot");
        Robot robot = FxThread.call(Robot::new);
        Point2D start = FxThread.call(() -> plot.spot(points / 2)
                .map(spot -> plot.localToScreen(spot.x(), spot.y())).orElseThrow());
        dragged(points, robot, start, 20, points + " points, one is dragged, a target of five conditions beside it", bare);
        FxThread.call(() -> {
            stage.hide();
            return null;
        });
    }

    private static void dragged(int points, Robot robot, Point2D start, double lift, String what, List<Long> bare)
            throws IOException {
        FxThread.call(() -> {
            robot.mouseMove(start);
            robot.mousePress(MouseButton.PRIMARY);
            return null;
        });
        report(what, frames(points, frame -> robot.mouseMove(start.add(60 * Math.sin(frame / 9.0),
                90 * Math.cos(frame / 7.0) - lift))), bare);
        FxThread.call(() -> {
            robot.mouseRelease(MouseButton.PRIMARY);
            return null;
        });
    }

    private static ScrollEvent wheel(PlotView plot, int frame) {
        Point2D at = plot.localToScene(plot.figure().area().left() + 250, plot.figure().area().top() + 200);
        return new ScrollEvent(ScrollEvent.SCROLL, at.getX(), at.getY(), 0, 0, false, false, false, false, false, false, 0,
                frame / 10 % 2 == 0 ? 20 : -20, 0, 0,
                ScrollEvent.HorizontalTextScrollUnits.NONE, 0, ScrollEvent.VerticalTextScrollUnits.NONE, 0, 0, null);
    }

    private static Exercise many(int points) {
        Random random = new Random(1000);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            double x = Math.round(i * 10000.0 / points) / 100.0;
            rows.add(Row.of(Cell.of(x, DecimalMark.POINT),
                    Cell.of(Math.round((5 + 0.8 * x + 8 * random.nextGaussian()) * 10) / 10.0, DecimalMark.POINT)));
        }
        DataTable table = new DataTable(List.of(new Variable("days", "", "days"), new Variable("length", "", "cm")), rows);
        return Exercise.ofOnePart("many-" + points, "Many blades", "", "Many blades", "", table, Roles.FIRST_EXPLAINS,
                List.of(), Set.of(), DecimalMark.POINT);
    }

    /** The intervals between frames in nanoseconds. */
    private static List<Long> frames(int points, EachFrame each) throws IOException {
        long worked = processorTime();
        int[] passed = new int[1];
        List<Long> intervals = intervals(points, frame -> {
            passed[0] = frame;
            each.pass(frame);
        });
        workAFrame = (processorTime() - worked) / MILLISECOND / Math.max(1, passed[0]);
        return intervals;
    }

    private static long processorTime() {
        return ((com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean()).getProcessCpuTime();
    }

    private static List<Long> intervals(int points, EachFrame each) throws IOException {
        CompletableFuture<List<Long>> done = new CompletableFuture<>();
        FxThread.call(() -> {
            new AnimationTimer() {
                private final List<Long> intervals = new ArrayList<>();
                private long before;
                private int frame;

                @Override
                public void handle(long now) {
                    long clock = System.nanoTime();
                    if (frame++ > (points > MANY ? FEW_FRAMES / 3 : WARM_UP)) {
                        intervals.add(clock - before);
                    }
                    before = clock;
                    each.pass(frame);
                    if (intervals.size() >= (points > MANY ? FEW_FRAMES : FRAMES)) {
                        stop();
                        done.complete(intervals);
                    }
                }
            }.start();
            return null;
        });
        return done.join();
    }

    private static long at(List<Long> intervals, int hundredth) {
        List<Long> sorted = new ArrayList<>(intervals);
        Collections.sort(sorted);
        return sorted.get(sorted.size() * hundredth / 100);
    }

    private static void report(String what, List<Long> intervals, List<Long> bare) {
        PrintStream out = System.out;
        out.printf("%s: median frame %.1f ms (%.2f x the bare canvas), 95 %% %.1f ms (%.2f x); %.1f ms of processor time a "
                + "frame%n", what, at(intervals, 50) / MILLISECOND,
                (double) at(intervals, 50) / at(bare, 50), at(intervals, 95) / MILLISECOND,
                        (double) at(intervals, 95) / at(bare, 95), workAFrame);
    }
}
