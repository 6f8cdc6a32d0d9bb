package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desktop.app.Look;
import hestra.desktop.app.Looks;
import hestra.desktop.app.MainWindow;
import hestra.desktop.app.OpenDesk;
import hestra.desktop.app.Settings;
import hestra.desktop.demo.FxThread;
import hestra.desktop.plot.PlotView;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;

/**
 * Drags one of many points in the real window, a mouse move each frame, and tells how long the frames take: line,
 * residuals, strip, table and readings all follow. Says too how long frames take when nothing moves, for comparison. The
 * numbers of points are the arguments; 1,000 where there are none.
 */
public final class DragFrames {

    private static final String USUAL = "1000";
    private static final int WARM_UP = 120;
    private static final int FRAMES = 400;
    private static final double MILLISECOND = 1e6;

    private DragFrames() {}

    public static void main(String[] arguments) throws IOException {
        FxThread.start();
        FxThread.call(() -> {
            Looks.prepare();
            return null;
        });
        for (String count : arguments.length == 0 ? new String[] {USUAL} : arguments) {
            drag(Integer.parseInt(count));
        }
        FxThread.stop();
    }

    private static void drag(int points) throws IOException {
        Path state = Files.createTempDirectory("hestra-frames");
        Stage stage = FxThread.call(() -> {
            MainWindow window = new MainWindow(OpenDesk.of(state, many(points), Optional.empty()), Settings.in(state), null, new Look());
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
        report(points + " points, nothing moves", frames(robot, null));
        Point2D start = FxThread.call(() -> plot.spot(points / 2).map(spot -> plot.localToScreen(spot.x(), spot.y())).orElseThrow());
        FxThread.call(() -> {
            robot.mouseMove(start);
            robot.mousePress(MouseButton.PRIMARY);
            return null;
        });
        report(points + " points, one is dragged", frames(robot, start));
        FxThread.call(() -> {
            robot.mouseRelease(MouseButton.PRIMARY);
            stage.hide();
            return null;
        });
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
        return new Exercise("many-" + points, "Many blades", "", "Many blades", "", table, Roles.FIRST_EXPLAINS,
                List.of(), Set.of(), DecimalMark.POINT);
    }

    /** The intervals between frames in nanoseconds, the pointer circling about a place where there is one. */
    private static List<Long> frames(Robot robot, Point2D about) throws IOException {
        CompletableFuture<List<Long>> done = new CompletableFuture<>();
        FxThread.call(() -> {
            new AnimationTimer() {
                private final List<Long> intervals = new ArrayList<>();
                private long before;
                private int frame;

                @Override
                public void handle(long now) {
                    long clock = System.nanoTime();
                    if (frame++ > WARM_UP) {
                        intervals.add(clock - before);
                    }
                    before = clock;
                    if (about != null) {
                        robot.mouseMove(about.add(60 * Math.sin(frame / 9.0), 90 * Math.cos(frame / 7.0) - 20));
                    }
                    if (intervals.size() >= FRAMES) {
                        stop();
                        done.complete(intervals);
                    }
                }
            }.start();
            return null;
        });
        return done.join();
    }

    private static void report(String what, List<Long> intervals) {
        List<Long> sorted = new ArrayList<>(intervals);
        Collections.sort(sorted);
        PrintStream out = System.out;
        out.printf("%s: median frame %.1f ms, 90 %% %.1f ms, 99 %% %.1f ms, %d frames%n", what,
                sorted.get(sorted.size() / 2) / MILLISECOND, sorted.get(sorted.size() * 9 / 10) / MILLISECOND,
                sorted.get(sorted.size() * 99 / 100) / MILLISECOND, sorted.size());
    }
}
