package hestra.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

import hestra.desktop.files.Background;
import hestra.desktop.files.Exchange;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.JournalFile;
import hestra.documents.file.Result;
import hestra.documents.picture.PictureFile;
import hestra.documents.table.DataFile;
import hestra.exercise.Exercise;
import hestra.tracing.Picture;

/** What can be done with files in a window: exercises are opened and saved, earlier work gone on with, data taken in and out. */
final class Filing {

    private static final FileDialogs.Kind EXERCISE = new FileDialogs.Kind("Exercise", ExerciseFile.ENDING);
    private static final FileDialogs.Kind OPENED = new FileDialogs.Kind("Exercise or hand-in", List.of(ExerciseFile.ENDING, HandInFile.ENDING));

    private final MainWindow window;
    private final Settings settings;
    private final FileDialogs dialogs;
    private final Notices notices;
    private final Exchange exchange;
    private final Background background;

    Filing(MainWindow window, Settings settings, FileDialogs dialogs, Notices notices, Exchange exchange, Background background) {
        this.window = window;
        this.settings = settings;
        this.dialogs = dialogs;
        this.notices = notices;
        this.exchange = exchange;
        this.background = background;
    }

    /** Begins another exercise; what was open stays in the list of recent work. */
    void newExercise() {
        boolean leaves = window.model().undoable().isPresent() || window.open().restored() > 0;
        Exercise blank = Exercise.blank(UUID.randomUUID().toString());
        goOverTo(blank.title(), () -> OpenDesk.of(settings.folder(), blank, Optional.empty()), MainWindow.View.WRITE, () -> {
            window.write().begin();
            if (leaves) {
                notices.say("What you had open is kept: “Recent work…” in the menu brings it back.");
            }
        });
    }

    /** Opens an exercise that has no file of its own yet. */
    void open(Exercise exercise) {
        goOverTo(exercise.title(), () -> OpenDesk.of(settings.folder(), exercise, Optional.empty()), MainWindow.View.WORK, () -> { });
    }

    /** Goes on with earlier work. */
    void resume(Path journal) {
        goOverTo("your earlier work", () -> OpenDesk.resumed(journal, LastOpen.fileOf(settings, journal)), MainWindow.View.WORK, () -> { });
    }

    private void goOverTo(String title, Callable<OpenDesk> opening, MainWindow.View view, Runnable then) {
        background.run("Opening " + title + "…", opening, desk -> {
            if (window.goOverTo(desk, view)) {
                then.run();
            }
        }, failure -> notices.say(failure instanceof JournalFile.InUse ? "This is open in another window. Go on with it there."
                : "This work could not be opened: " + failure.getMessage() + "."));
    }

    /** Asks for an exercise and opens it. */
    void open() {
        dialogs.open(OPENED, exchange.lastFolder()).ifPresent(this::open);
    }

    private void open(Path file) {
        background.run("Opening " + file.getFileName() + "…", () -> read(file), result -> {
            switch (result) {
                case Result.Refused<OpenDesk>(String message) -> notices.say(message);
                case Result.Done<OpenDesk>(OpenDesk desk) -> {
                    exchange.remember(file);
                    window.goOverTo(desk, MainWindow.View.WORK);
                }
            }
        }, failure -> notices.say(file.getFileName() + " could not be opened: " + failure.getMessage() + "."));
    }

    private Result<OpenDesk> read(Path file) {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(HandInFile.ENDING) ? HandInFile.read(file).then(handIn -> Result.done(OpenDesk.toRead(handIn)))
                : ExerciseFile.read(file).then(exercise -> Result.done(OpenDesk.of(settings.folder(), exercise, Optional.of(file))));
    }

    /** Saves the exercise to its file, or asks for one. */
    void save() {
        window.open().file().ifPresentOrElse(this::save, this::saveAs);
    }

    void saveAs() {
        dialogs.save(EXERCISE, exchange.lastFolder(), exchange.fileName("exercise") + ExerciseFile.ENDING).ifPresent(this::save);
    }

    private void save(Path file) {
        Exercise exercise = window.model().desk().exercise();
        OpenDesk desk = window.open();
        background.run("Saving " + file.getFileName() + "…", () -> {
            ExerciseFile.write(exercise, file);
            return file;
        }, saved -> {
            desk.savedAs(saved);
            exchange.remember(saved);
            if (desk == window.open()) {
                LastOpen.remember(settings, desk);
            }
            notices.say("Saved as " + saved + ".");
        }, failure -> notices.say("The exercise could not be saved as " + file + ": " + failure.getMessage() + ". Choose another place."));
    }

    /** Asks for a file of data and takes it into the table in view. */
    void openData() {
        exchange.openData(this::take);
    }

    /** Asks for a file of data and joins it to the exercise's own. */
    void joinData() {
        exchange.openData(taken -> window.write().join(taken));
    }

    /** Saves the table in view for other programs. */
    void saveData() {
        exchange.saveData(window.view() == MainWindow.View.WORK ? window.model().findings().work().table() : window.model().findings().part().data());
    }

    /** Writes the write-up alone. */
    void writeUp() {
        exchange.writeUp();
    }

    /** Lays a picture in, to read data off it. */
    void lay(Picture picture) {
        window.write().lay(picture);
    }

    private void take(DataFile.Taken taken) {
        switch (window.view()) {
            case WORK -> window.work().take(taken);
            case WRITE -> window.write().take(taken);
        }
    }

    /** A file dropped on the window: an exercise is opened, a picture laid in, data go into the table in view. */
    void dropped(DragEvent event) {
        boolean files = event.getDragboard().hasFiles();
        if (files && event.getEventType() == DragEvent.DRAG_OVER) {
            event.acceptTransferModes(TransferMode.COPY);
            event.consume();
        } else if (files) {
            Path file = event.getDragboard().getFiles().getFirst().toPath();
            event.setDropCompleted(true);
            event.consume();
            String name = file.toString().toLowerCase(Locale.ROOT);
            if (name.endsWith(ExerciseFile.ENDING) || name.endsWith(HandInFile.ENDING)) {
                open(file);
            } else if (PictureFile.ENDINGS.stream().anyMatch(name::endsWith)) {
                exchange.read(file, this::lay);
            } else {
                exchange.openData(file, this::take);
            }
        }
    }
}
