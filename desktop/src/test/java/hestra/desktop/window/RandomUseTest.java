package hestra.desktop.window;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.ref.WeakReference;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

import com.sun.management.UnixOperatingSystemMXBean;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.demo.OrrinBay;
import hestra.desktop.demo.ReedHeights;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.model.DeskModel;
import hestra.desktop.tour.FxThread;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Somebody clicks, drags, types and presses keys by chance all over the window, opens one thing after another and leaves it:
 * nothing is thrown. {@code -Dhestra.gestures} says how many gestures, {@code -Dhestra.seed} which; eight hours of work make some
 * 15,000. What the program uses by then is told, with how many of the desks that were left are still held.
 */
class RandomUseTest {

    private static final int GESTURES = Integer.getInteger("hestra.gestures", 100);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_201);
    private static final int TOLD_EVERY = 500;
    private static final List<KeyCode> KEYS = List.of(KeyCode.TAB, KeyCode.ENTER, KeyCode.ESCAPE, KeyCode.SPACE, KeyCode.UP,
            KeyCode.DOWN, KeyCode.LEFT, KeyCode.RIGHT, KeyCode.HOME, KeyCode.END, KeyCode.PAGE_DOWN, KeyCode.PAGE_UP,
            KeyCode.DELETE, KeyCode.BACK_SPACE, KeyCode.F1, KeyCode.F6, KeyCode.A, KeyCode.C);
    private static final List<KeyCode> WITH_CONTROL = List.of(KeyCode.Z, KeyCode.Y, KeyCode.C, KeyCode.V, KeyCode.X, KeyCode.A,
            KeyCode.ENTER, KeyCode.B, KeyCode.E, KeyCode.R, KeyCode.K, KeyCode.G, KeyCode.N, KeyCode.S, KeyCode.P, KeyCode.M,
            KeyCode.O, KeyCode.L, KeyCode.HOME, KeyCode.END, KeyCode.DOWN);
    private static final List<String> TYPED = List.of("7", "0.52", "12", "slope", "x", "-3", "2e5", "longer blades are older",
            "1 2 3", ".");

    @TempDir
    private Path folder;

    private final Random random = new Random(SEED);
    private final List<String> done = new ArrayList<>();
    private final List<String> thrown = new ArrayList<>();
    private final List<WeakReference<DeskModel>> models = new ArrayList<>();

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private Point2D anywhere(Person person) throws IOException {
        int x = random.nextInt(1_280);
        int y = random.nextInt(800);
        return FxThread.call(() -> person.window().root().localToScreen(x, y));
    }

    private void gesture(Person person, List<Exercise> exercises, Path hands) throws IOException {
        int what = random.nextInt(100);
        if (what < 55) {
            Point2D at = anywhere(person);
            int times = random.nextInt(8) == 0 ? 2 : 1;
            done.add("click " + at.getX() + "," + at.getY() + " " + times);
            person.pressAt(at, times);
        } else if (what < 62) {
            Point2D from = anywhere(person);
            Point2D to = anywhere(person);
            done.add("drag " + from + " " + to);
            person.drag(from, to);
        } else if (what < 75) {
            String text = any(TYPED);
            done.add("type " + text);
            person.type(text);
        } else if (what < 87) {
            KeyCode key = any(KEYS);
            done.add("press " + key);
            person.press(key);
        } else if (what < 96) {
            KeyCode key = any(WITH_CONTROL);
            done.add("press Ctrl+" + key);
            person.willChoose(random.nextInt(3) == 0 ? hands : folder.resolve("saved " + random.nextInt(20) + ".hestra"));
            person.press(KeyCode.CONTROL, key);
        } else {
            Exercise next = any(exercises);
            MainWindow.View view = any(List.of(MainWindow.View.WORK, MainWindow.View.WRITE, MainWindow.View.MARK));
            done.add("open " + next.title() + " in " + view);
            FxThread.call(() -> person.window().goOverTo(OpenDesk.of(folder.resolve("state"), next, Optional.empty()),
                    next.isStudy() ? MainWindow.View.WORK : view));
            person.settle();
        }
    }

    /** The platform without a screen does not know how things are dragged from one program to another; that is not Hestra's. */
    private void note(Throwable failure) {
        StackTraceElement[] at = failure.getStackTrace();
        if (at.length == 0 || !at[0].getClassName().startsWith("com.sun.glass.ui.headless")) {
            thrown.add(failure + " " + Stream.of(at).limit(8).toList());
        }
    }

    @Test
    void whateverIsPressedNothingIsThrown() throws IOException {
        Path hands = folder.resolve("hands");
        KelpClass.write(hands, 28);
        List<Exercise> exercises = Stream.concat(OrrinBay.sets().stream().map(OrrinBay.Set::exercise),
                Stream.of(KelpBlades.exercise(), ReedHeights.study().exercise())).toList();
        try (Person person = Person.at(KelpBlades.exercise(), folder.resolve("state"))) {
            FxThread.call(() -> {
                Thread.currentThread().setUncaughtExceptionHandler((_, failure) -> note(failure));
                return null;
            });
            for (int i = 1; i <= GESTURES; i++) {
                try {
                    gesture(person, exercises, hands);
                } catch (RuntimeException e) {
                    note(e);
                }
                assertThat(thrown).as("gesture %d: %s", i, done.subList(Math.max(0, done.size() - 12), done.size())).isEmpty();
                FxThread.call(() -> {
                    DeskModel now = person.window().model();
                    if (models.isEmpty() || models.getLast().get() != now) {
                        models.add(new WeakReference<>(now));
                    }
                    return null;
                });
                if (i % TOLD_EVERY == 0) {
                    tell(i);
                }
            }
        }
    }

    /** What the program uses by now, after a collection. */
    private void tell(int gestures) {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        long handles = ManagementFactory.getOperatingSystemMXBean() instanceof UnixOperatingSystemMXBean unix
                ? unix.getOpenFileDescriptorCount() : 0;
        System.out.println(gestures + " gestures: " + (runtime.totalMemory() - runtime.freeMemory()) / 1_000_000 + " MB in use, "
                + Thread.activeCount() + " threads, " + handles + " handles, "
                + models.stream().filter(it -> it.get() != null).count() + " of " + models.size() + " models held");
    }
}
