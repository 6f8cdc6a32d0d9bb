package hestra.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import javafx.application.Application;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;

import hestra.exercise.Exercise;

/** Starts the window over the exercise that the command line chose. */
public final class HestraApp extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 960;
    private static final double LEAST_HEIGHT = 600;

    /** What to open; set before the launch, since JavaFX makes the application itself. */
    private static Start start;

    /** The desk and the settings, read while JavaFX starts. */
    private static CompletableFuture<Prepared> prepared;

    private record Prepared(Settings settings, OpenDesk open) {}

    /**
     * What to open.
     *
     * @param exercise gives the exercise; called away from the JavaFX thread
     * @param file its file; nothing where it has none
     * @param shown runs when the window can be used
     */
    public record Start(Supplier<Exercise> exercise, Optional<Path> file, Runnable shown) {}

    /** Shows a window over an exercise and returns when it has been closed. */
    public static void show(Start chosen) {
        start = chosen;
        prepared = CompletableFuture.supplyAsync(() -> {
            Settings settings = Settings.in(Settings.usualFolder());
            return new Prepared(settings, OpenDesk.of(settings.folder(), chosen.exercise().get(), chosen.file()));
        });
        launch(HestraApp.class);
    }

    @Override
    public void start(Stage stage) {
        Looks.prepare();
        Settings settings = prepared.join().settings();
        OpenDesk open = prepared.join().open();
        Look look = new Look();
        look.darkProperty().set(settings.flag("dark"));
        look.typeProperty().set(Math.clamp(settings.number("type", 1), 1, 2));
        settings.put("last", OpenDesk.journalOf(settings.folder(), open.history().present().exercise(), 1));
        settings.put("last.file", start.file().map(Path::toString).orElse(""));
        MainWindow window = new MainWindow(open, settings, new PlatformDialogs(stage), look);
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        Scene scene = window.scene(WIDTH, HEIGHT);
        stage.setScene(scene);
        stage.setTitle(window.title(window.model().findings()));
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        stage.setWidth(Math.min(settings.number("window.width", WIDTH), screen.getWidth()));
        stage.setHeight(Math.min(settings.number("window.height", HEIGHT), screen.getHeight()));
        stage.setOnHidden(_ -> window.close(stage));
        stage.show();
        window.begin();
        start.shown().run();
    }
}
