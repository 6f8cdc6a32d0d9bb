package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.scene.control.TableView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.tour.FxThread;
import hestra.desktop.window.MainWindow;
import hestra.exercise.Exercise;

/**
 * Pastes ten thousand rows into the table of the real window and tells how long it takes until the plot has been drawn anew, the
 * first time alone where an argument says so; then scrolls that table and types into it, something each frame, and tells how long
 * the frames take.
 */
public final class TableFrames {

    private static final int ROWS = 10_000;
    private static final int TURNS = 9;
    private static final int FRAMES = 240;
    private static final double MILLISECOND = 1e6;
    private static final PrintStream OUT = System.out;

    private TableFrames() {}

    public static void main(String[] arguments) throws IOException {
        FxThread.start();
        Path state = Files.createTempDirectory("hestra-table");
        MainWindow[] window = new MainWindow[1];
        Stage stage = FxThread.call(() -> {
            Looks.prepare();
            Exercise exercise = Exercise.blank("long")
                    .withFirst(part -> part.withData(DataTable.empty(Variable.named("days"), Variable.named("length")))
                            .withHeld(Set.of()));
            window[0] = new MainWindow(OpenDesk.of(state, exercise, Optional.empty()), Settings.in(state), null, new Look());
            Stage opened = new Stage();
            opened.setX(0);
            opened.setY(0);
            opened.setScene(window[0].scene(1280, 800));
            opened.show();
            window[0].begin();
            return opened;
        });
        FxThread.settle();
        Robot robot = FxThread.call(Robot::new);
        TableView<?> grid = FxThread.call(() -> (TableView<?>) stage.getScene().lookup("#grid"));
        List<Double> pasting = new ArrayList<>();
        boolean firstAlone = arguments.length > 0;
        for (int turn = 0; turn < (firstAlone ? 1 : TURNS); turn++) {
            String text = rows(turn);
            FxThread.call(() -> {
                ClipboardContent content = new ClipboardContent();
                content.putString(text);
                Clipboard.getSystemClipboard().setContent(content);
                grid.requestFocus();
                grid.getSelectionModel().clearAndSelect(0);
                return null;
            });
            FxThread.settle();
            DataTable before = FxThread.call(() -> window[0].model().findings().work().table());
            long start = System.nanoTime();
            FxThread.call(() -> {
                robot.keyPress(KeyCode.CONTROL);
                robot.keyType(KeyCode.V);
                robot.keyRelease(KeyCode.CONTROL);
                return null;
            });
            framesUntil(() -> window[0].model().findings().work().table() != before);
            pasting.add((System.nanoTime() - start) / MILLISECOND);
            FxThread.settle();
        }
        if (firstAlone) {
            OUT.println(Math.round(pasting.getFirst()));
            FxThread.stop();
            return;
        }
        OUT.printf("pasting %d rows: first %.0f ms, median %.0f ms to the frame after the one that shows them%n", ROWS,
                pasting.getFirst(), Times.median(pasting));
        report("nothing moves", frames(_ -> { }));
        report("scrolling", frames(frame -> grid.scrollTo(Math.min(ROWS - 30, frame * 40))));
        FxThread.call(() -> {
            grid.scrollTo(0);
            grid.requestFocus();
            return null;
        });
        FxThread.settle();
        report("typing a digit or Enter each frame",
                frames(frame -> robot.keyType(frame % 4 == 3 ? KeyCode.ENTER : KeyCode.DIGIT5)));
        FxThread.stop();
    }

    private static String rows(int seed) {
        Random random = new Random(seed);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < ROWS; i++) {
            text.append(String.format(Locale.ROOT, "%.1f\t%.2f%n", i / 50.0, 5 + i / 60.0 + 9 * random.nextGaussian()));
        }
        return text.toString();
    }

    /** Waits until something has come about, and one frame more. */
    private static void framesUntil(BooleanSupplier come) throws IOException {
        CompletableFuture<Void> done = new CompletableFuture<>();
        FxThread.call(() -> {
            new AnimationTimer() {
                private int after;

                @Override
                public void handle(long now) {
                    if (come.getAsBoolean() && after++ > 0) {
                        stop();
                        done.complete(null);
                    }
                }
            }.start();
            return null;
        });
        done.join();
    }

    private static List<Double> frames(IntConsumer each) throws IOException {
        CompletableFuture<List<Double>> done = new CompletableFuture<>();
        FxThread.call(() -> {
            new AnimationTimer() {
                private final List<Double> intervals = new ArrayList<>();
                private long before;
                private int frame;

                @Override
                public void handle(long now) {
                    long clock = System.nanoTime();
                    if (frame > 0) {
                        intervals.add((clock - before) / MILLISECOND);
                    }
                    before = clock;
                    each.accept(frame++);
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

    private static void report(String what, List<Double> intervals) {
        List<Double> sorted = new ArrayList<>(intervals);
        Collections.sort(sorted);
        OUT.printf("%s: median frame %.1f ms, 90 %% %.1f ms%n", what, Times.median(sorted), sorted.get(sorted.size() * 9 / 10));
    }
}
