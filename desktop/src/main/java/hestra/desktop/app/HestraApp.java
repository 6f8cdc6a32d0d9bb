package hestra.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;

import hestra.exercise.Exercise;

/**
 * Starts the window over the exercise that the command line chose. JavaFX takes about as long to start as the exercise
 * to be opened, so the two go on side by side.
 */
public final class HestraApp {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 960;
    private static final double LEAST_HEIGHT = 600;

    private HestraApp() {}

    /** The desk, the settings and the typefaces, read while JavaFX starts. */
    private record Prepared(Settings settings, OpenDesk open, List<byte[]> typefaces) {}

    /**
     * What to open.
     *
     * @param exercise gives the exercise; called while JavaFX starts
     * @param file its file; nothing where it has none
     */
    public record Start(Supplier<Exercise> exercise, Optional<Path> file) {}

    /** Shows a window over an exercise and returns when it has been closed. */
    public static void show(Start start) {
        CompletableFuture<Void> ready = CompletableFuture.runAsync(() -> Platform.startup(() -> { }));
        Settings settings = Settings.in(Settings.usualFolder());
        OpenDesk desk = OpenDesk.of(settings.folder(), start.exercise().get(), start.file());
        LastOpen.remember(settings, desk);
        // The first number that is written costs some twenty milliseconds: the tables of large powers behind it.
        desk.history().present().style().show(Math.PI);
        Prepared prepared = new Prepared(settings, desk, Looks.typefaces());
        ready.join();
        CompletableFuture<Void> closed = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                open(prepared, closed);
            } catch (RuntimeException | Error e) {
                closed.completeExceptionally(e);
            }
        });
        closed.join();
    }

    private static void open(Prepared prepared, CompletableFuture<Void> closed) {
        Looks.prepare(prepared.typefaces());
        Settings settings = prepared.settings();
        Stage stage = new Stage();
        Look look = new Look();
        look.darkProperty().set(settings.flag("dark"));
        look.typeProperty().set(Math.clamp(settings.number("type", 1), 1, 2));
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        Exercise exercise = prepared.open().history().present().exercise();
        Scene scene = new Scene(new FirstSight(exercise.title(), look), WIDTH, HEIGHT);
        Looks.sheets(scene);
        stage.setScene(scene);
        stage.setTitle(MainWindow.title(exercise));
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        stage.setWidth(Math.min(settings.number("window.width", WIDTH), screen.getWidth()));
        stage.setHeight(Math.min(settings.number("window.height", HEIGHT), screen.getHeight()));
        stage.setOnHidden(_ -> closed.complete(null));
        stage.show();
        afterFirstFrame(() -> {
            try {
                MainWindow window = new MainWindow(prepared.open(), settings, new PlatformDialogs(stage), look);
                stage.setOnHidden(_ -> {
                    window.close(stage);
                    closed.complete(null);
                });
                scene.setRoot(window.root());
                window.begin();
                Started.tellWhereAsked();
            } catch (RuntimeException | Error e) {
                closed.completeExceptionally(e);
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
