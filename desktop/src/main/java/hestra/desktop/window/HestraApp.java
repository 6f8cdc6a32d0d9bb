package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;

import hestra.desk.Desk;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.PlatformDialogs;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.look.SystemLook;
import hestra.exercise.Exercise;
import hestra.marking.HandIn;
import hestra.numbers.NumberStyle;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Starts the window over what the command line chose. JavaFX takes about as long to start as the exercise
 * to be opened, so the two go on side by side.
 */
public final class HestraApp {

    private static final Logger LOG = LoggerFactory.getLogger(HestraApp.class);
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 640;
    private static final double LEAST_HEIGHT = 400;

    private HestraApp() {}

    /**
     * The desk, the settings and the typefaces, read while JavaFX starts; and what is to be said where the desk is not the one
     * asked for.
     */
    private record Prepared(Settings settings, OpenDesk open, List<byte[]> typefaces, Optional<String> problem) {
        /** Start in place of one that could not be shown. */
        private Prepared withStart(String why) {
            return new Prepared(settings, OpenDesk.nothing(), typefaces, Optional.of(why));
        }
    }

    /**
     * What to open.
     *
     * @param desk gives what stands in its file; nothing for Start; called while JavaFX starts
     * @param file its file; nothing where it has none
     * @param journal the journal that is to be gone on with, where another one might be
     * @param handIn work that is to be read, in the place of all that
     * @param data a file of data to be looked at, in the place of all that
     * @param handIns makes or finds the folder of hand-ins that is to be marked, within Hestra's own folder; nothing where none
     *     is
     */
    public record Start(Supplier<Optional<Desk>> desk, Optional<Path> file, Optional<Path> journal, Optional<HandIn> handIn,
            Optional<Path> data, Optional<InFolder> handIns) {

        /** Finds a place in a folder. */
        @FunctionalInterface
        public interface InFolder {
            Path in(Path folder) throws IOException;
        }

        /** What was open last. */
        public Start(Supplier<Optional<Desk>> desk, Optional<Path> file, Optional<Path> journal) {
            this(desk, file, journal, Optional.empty(), Optional.empty(), Optional.empty());
        }

        /** Work that was handed in. */
        public static Start toRead(HandIn handIn) {
            return new Start(Optional::empty, Optional.empty(), Optional.empty(), Optional.of(handIn), Optional.empty(),
                    Optional.empty());
        }

        /** Data to be looked at. */
        public static Start toLookAt(Path data) {
            return new Start(Optional::empty, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(data),
                    Optional.empty());
        }

        /** An exercise of which a class is to be marked. */
        public static Start toMark(Supplier<Optional<Desk>> desk, InFolder handIns) {
            return new Start(desk, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(handIns));
        }

        /** Whether it is what was open last, which nobody asked for by its name. */
        private boolean isLast() {
            return journal.isPresent();
        }

        private OpenDesk open(Path folder) {
            return handIn.map(OpenDesk::toRead).or(() -> desk.get().map(begun -> OpenDesk.of(folder, begun, file, journal)))
                    .orElseGet(OpenDesk::nothing);
        }

        /** What has been opened by its file or is given out with the program. */
        public Start(Supplier<Optional<Desk>> desk, Optional<Path> file) {
            this(desk, file, Optional.empty());
        }
    }

    /** Shows a window over an exercise and returns when it has been closed. */
    public static void show(Start start) {
        CompletableFuture<Void> ready = CompletableFuture.runAsync(() -> Platform.startup(() -> { }));
        Settings settings = Settings.in(Settings.usualFolder());
        Prepared prepared = prepare(settings, start);
        // The first number that is written costs some twenty milliseconds: the tables of large powers behind it.
        NumberStyle.STANDARD.show(Math.PI);
        ready.join();
        CompletableFuture<Void> closed = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                open(prepared, start, closed);
            } catch (RuntimeException | Error e) {
                closed.completeExceptionally(e);
            }
        });
        closed.join();
    }

    /**
     * Reads what was asked for, or where that cannot be worked with, Start and the reason: a program that does not start helps
     * nobody.
     */
    private static Prepared prepare(Settings settings, Start start) {
        List<byte[]> typefaces = Looks.typefaces();
        try {
            return new Prepared(settings, start.open(settings.folder()), typefaces, Optional.empty());
        } catch (RuntimeException | VirtualMachineError e) {
            LOG.error("What was asked for cannot be opened", e);
            String what = start.file().map(Path::toString).orElse("What was open last");
            return new Prepared(settings, OpenDesk.nothing(), typefaces, Optional.of(what + " could not be opened."
                    + start.journal().map(journal -> " What you did in it is kept in " + journal + ".").orElse("")));
        }
    }

    private static void open(Prepared prepared, Start start, CompletableFuture<Void> closed) {
        Looks.prepare(prepared.typefaces());
        Settings settings = prepared.settings();
        Stage stage = new Stage();
        Look look = new Look();
        look.darkProperty().set(settings.flag("dark"));
        look.highContrastProperty().set(settings.flag("contrast"));
        look.likeTheSystemProperty().set(!settings.flag("look.own"));
        SystemLook.follow(look);
        look.typeProperty().set(Math.clamp(settings.number("type", 1), 1, 2));
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        Exercise exercise = prepared.open().history().present().exercise();
        Scene scene = new Scene(new FirstSight(prepared.open().isNothing() ? "Hestra" : exercise.title(), !prepared.open()
                .isNothing(), look), WIDTH, HEIGHT);
        Looks.sheets(scene);
        stage.setScene(scene);
        stage.setTitle(prepared.open().isNothing() ? "Hestra" : MainWindow.title(exercise));
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        // A screen may be smaller than the least window.
        stage.setWidth(Math.max(stage.getMinWidth(), Math.min(settings.number("window.width", WIDTH), screen.getWidth())));
        stage.setHeight(Math.max(stage.getMinHeight(), Math.min(settings.number("window.height", HEIGHT), screen.getHeight())));
        stage.setOnHidden(_ -> closed.complete(null));
        stage.show();
        afterFirstFrame(() -> {
            try {
                MainWindow window = window(prepared, new PlatformDialogs(stage), look);
                stage.setOnHidden(_ -> {
                    window.close(stage);
                    closed.complete(null);
                });
                scene.setRoot(window.root());
                if (start.isLast() && window.isFinished()) {
                    window.show(MainWindow.View.START);
                }
                outlast(window);
                window.begin();
                start.data().ifPresent(window.filing()::openStudy);
                start.handIns().ifPresent(place -> window.marking().open(() -> place.in(settings.folder())));
                Started.tellWhereAsked();
                Rehearsal.goWhereAsked(window);
            } catch (RuntimeException | Error e) {
                closed.completeExceptionally(e);
            }
        });
    }

    /** The window over the desk that was asked for, or where it cannot be shown, Start, which says so. */
    static MainWindow window(OpenDesk open, Settings settings, FileDialogs dialogs, Look look) {
        return window(new Prepared(settings, open, List.of(), Optional.empty()), dialogs, look);
    }

    private static MainWindow window(Prepared prepared, FileDialogs dialogs, Look look) {
        try {
            MainWindow window = new MainWindow(prepared.open(), prepared.settings(), dialogs, look);
            prepared.problem().ifPresent(window::say);
            return window;
        } catch (RuntimeException | VirtualMachineError e) {
            if (prepared.problem().isPresent()) {
                throw e;
            }
            LOG.error("The window cannot be made", e);
            prepared.open().close();
            return window(prepared.withStart(MainWindow.cannotBeOpened(prepared.open().history().present().exercise().title(),
                    prepared.open().journalFile())), dialogs, look);
        }
    }

    /**
     * Whatever goes wrong on the window's thread is logged and said, each thing once, and the window goes on: the desk is what it
     * was before, since it is changed as a whole or not at all.
     */
    static void outlast(MainWindow window) {
        Set<String> said = new HashSet<>();
        Thread.currentThread().setUncaughtExceptionHandler((_, failure) -> {
            LOG.error("Something went wrong in the window", failure);
            StackTraceElement[] at = failure.getStackTrace();
            if (said.add(failure.getClass() + (at.length == 0 ? "" : at[0].toString()))) {
                window.say("Something went wrong here and was not done. Your work is as it was before; what happened stands in "
                        + "the log.");
            }
        });
    }

    /** Runs an action once a frame has been handed to the renderer, which draws it meanwhile. */
    private static void afterFirstFrame(Runnable action) {
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                Platform.runLater(action);
            }
        }.start();
    }
}
