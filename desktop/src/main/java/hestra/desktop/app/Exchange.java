package hestra.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.concurrent.Task;

import hestra.data.DataTable;
import hestra.documents.DataExport;
import hestra.documents.DataFile;
import hestra.documents.FileWriting;
import hestra.documents.HandInFile;
import hestra.documents.PictureFile;
import hestra.documents.PlotSheet;
import hestra.documents.Reading;
import hestra.documents.WriteUp;
import hestra.marking.HandIn;
import hestra.numbers.DecimalMark;
import hestra.tracing.Picture;

/** What comes from other programs and goes to them: data, pictures, plots, the write-up. It asks where, does it, and says what came of it. */
final class Exchange {

    private static final FileDialogs.Kind PAGE = new FileDialogs.Kind("Web page", ".html");
    private static final FileDialogs.Kind DATA = new FileDialogs.Kind("Data", DataFile.ENDINGS);
    private static final FileDialogs.Kind SAVED_DATA = new FileDialogs.Kind("Data", List.of(".csv", ".xlsx", ".ods"));
    private static final FileDialogs.Kind PLOT = new FileDialogs.Kind("Plot", PlotSheet.ENDINGS);
    private static final FileDialogs.Kind PICTURE = new FileDialogs.Kind("Picture", PictureFile.ENDINGS);

    private static final FileDialogs.Kind HAND_IN = new FileDialogs.Kind("Hand-in", HandInFile.ENDING);

    private final Supplier<DeskModel> model;
    private final Settings settings;
    private final FileDialogs dialogs;
    private final Notices notices;

    /** {@code model} gives the desk that is open. */
    Exchange(Supplier<DeskModel> model, Settings settings, FileDialogs dialogs, Notices notices) {
        this.model = model;
        this.settings = settings;
        this.dialogs = dialogs;
        this.notices = notices;
    }

    /** Writes a file. */
    @FunctionalInterface
    private interface Writing {
        void to(Path file) throws IOException;
    }

    /** Asks for a file of data and hands on what it holds. */
    void openData(Consumer<DataFile.Taken> then) {
        dialogs.open(DATA, lastFolder()).ifPresent(file -> openData(file, then));
    }

    /** Reads a file of data away from the window's thread, since it may be large, and hands on what it holds. */
    void openData(Path file, Consumer<DataFile.Taken> then) {
        remember(file);
        DecimalMark mark = model.get().desk().exercise().mark();
        Task<Reading<DataFile.Taken>> task = new Task<>() {
            @Override
            protected Reading<DataFile.Taken> call() {
                return DataFile.take(file, mark, share -> {
                    updateProgress(share, 1);
                    return !isCancelled();
                });
            }
        };
        notices.follow("Reading " + file.getFileName() + "…", task);
        task.setOnSucceeded(_ -> {
            switch (task.getValue()) {
                case Reading.Refused<DataFile.Taken>(String message) -> notices.say(message);
                case Reading.Done<DataFile.Taken>(DataFile.Taken taken) -> {
                    notices.hide();
                    then.accept(taken);
                }
            }
        });
        task.setOnCancelled(_ -> notices.say(file.getFileName() + " was not opened; nothing has changed."));
        task.setOnFailed(_ -> notices.say(file.getFileName() + " could not be read: " + task.getException().getMessage()));
        Thread.ofPlatform().daemon().name("reading data").start(task);
    }

    /** Asks for a picture of a plot. */
    void openPicture(Consumer<Path> then) {
        dialogs.open(PICTURE, lastFolder()).ifPresent(file -> {
            remember(file);
            then.accept(file);
        });
    }

    /** Asks for a picture and hands it on. */
    void choosePicture(Consumer<Picture> then) {
        openPicture(file -> {
            switch (PictureFile.read(file)) {
                case Reading.Refused<Picture>(String message) -> notices.say(message);
                case Reading.Done<Picture>(Picture picture) -> then.accept(picture);
            }
        });
    }

    /** Saves a table for other programs. */
    void saveData(DataTable table) {
        save(SAVED_DATA, fileName("data") + ".csv", "The data", file -> DataExport.write(table, file));
    }

    /** Saves a plot as the ending says. */
    void savePlot(PlotSheet sheet) {
        save(PLOT, fileName("plot") + ".png", "The plot", sheet::write);
    }

    /** Writes the write-up alone. */
    void writeUp() {
        save(PAGE, "write-up.html", "The write-up", file -> FileWriting.write(file, WriteUp.html(model.get().findings())));
    }

    private void save(FileDialogs.Kind kind, String name, String what, Writing writing) {
        dialogs.save(kind, lastFolder(), name).ifPresent(file -> {
            try {
                writing.to(file);
                remember(file);
                notices.say(what + (what.endsWith("data") ? " are in " : " is in ") + file + ".");
            } catch (IOException e) {
                notices.say(what + " could not be saved as " + file + ": " + e.getMessage() + ". Choose another place.");
            }
        });
    }

    /**
     * Hands the work in: one file for the instructor, and the write-up beside it.
     *
     * @return whether it could be asked where to; not while there is no name to hand it in under
     */
    boolean handIn() {
        HandIn handIn = HandIn.of(model.get().desk());
        if (handIn.student().isBlank()) {
            return false;
        }
        dialogs.save(HAND_IN, lastFolder(), HandInFile.fileName(handIn)).ifPresent(file -> handIn(handIn, file));
        return true;
    }

    private void handIn(HandIn handIn, Path file) {
        Path page = Path.of(file.toString().replaceFirst("\\.handin$", "") + ".html");
        try {
            HandInFile.write(handIn, file);
            FileWriting.write(page, WriteUp.html(model.get().findings()));
            remember(file);
            notices.say("Handed in as " + file + ". Give this file to your instructor. The write-up beside it, "
                    + page.getFileName() + ", is for you to read or print.");
        } catch (IOException e) {
            notices.say("The hand-in could not be written to " + file + ": " + e.getMessage() + ". Choose another place.");
        }
    }

    /** The exercise's title as the name of a file. */
    String fileName(String usual) {
        String name = model.get().desk().exercise().title().replaceAll("[^\\p{L}\\p{N} ,.()_-]", "_").strip();
        return name.isEmpty() ? usual : name;
    }

    void remember(Path file) {
        Optional.ofNullable(file.toAbsolutePath().getParent()).ifPresent(folder -> settings.put("folder", folder));
    }

    Path lastFolder() {
        return Path.of(settings.text("folder", System.getProperty("user.home")));
    }
}
