package hestra.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
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

    /**
     * What to open.
     *
     * @param exercise the exercise
     * @param file its file; nothing where it has none
     * @param shown runs when the window can be used
     */
    public record Start(Exercise exercise, Optional<Path> file, Runnable shown) {}

    /** Shows a window over an exercise and returns when it has been closed. */
    public static void show(Start chosen) {
        start = chosen;
        launch(HestraApp.class);
    }

    @Override
    public void start(Stage stage) {
        Settings settings = Settings.in(Settings.usualFolder());
        Looks.prepare();
        Look look = new Look();
        look.darkProperty().set(settings.flag("dark"));
        look.typeProperty().set(Math.clamp(settings.number("type", 1), 1, 2));
        OpenDesk open = OpenDesk.of(settings.folder(), start.exercise(), start.file());
        settings.put("last", OpenDesk.journalOf(settings.folder(), start.exercise(), 1));
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
