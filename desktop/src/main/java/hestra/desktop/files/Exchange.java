package hestra.desktop.files;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.image.Image;

import hestra.data.DataTable;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.PlotDescription;
import hestra.desk.Step;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Result;
import hestra.documents.page.HtmlPage;
import hestra.documents.page.Page;
import hestra.documents.page.PageFile;
import hestra.documents.page.Paper;
import hestra.documents.page.StudyPage;
import hestra.documents.page.WriteUp;
import hestra.documents.picture.PictureFile;
import hestra.documents.picture.PlotSheet;
import hestra.documents.picture.TactilePage;
import hestra.documents.table.DataExport;
import hestra.documents.table.DataFile;
import hestra.marking.HandIn;
import hestra.marking.Pace;
import hestra.numbers.DecimalMark;
import hestra.numbers.Words;
import hestra.tracing.Picture;

/**
 * What comes from other programs and goes to them: data, pictures, plots, the write-up. It asks where, does it, and says what
 * came of it.
 */
public final class Exchange implements Pictures {

    private static final FileDialogs.Kind DATA = new FileDialogs.Kind("Data", DataFile.ENDINGS);
    private static final FileDialogs.Kind SAVED_DATA = new FileDialogs.Kind("Data", List.of(".csv", ".xlsx", ".ods"));
    private static final FileDialogs.Kind TACTILE = new FileDialogs.Kind("Page for swell paper", List.of(".pdf"));
    private static final FileDialogs.Kind PLOT = new FileDialogs.Kind("Plot", PlotSheet.ENDINGS);
    private static final FileDialogs.Kind PICTURE = new FileDialogs.Kind("Picture", PictureFile.ENDINGS);

    private static final FileDialogs.Kind HAND_IN = new FileDialogs.Kind("Hand-in", HandInFile.ENDING);

    private final Supplier<DeskModel> model;
    private final Settings settings;
    private final FileDialogs dialogs;
    private final Notices notices;
    private final Background background;

    /** {@code model} gives the desk that is open. */
    public Exchange(Supplier<DeskModel> model, Settings settings, FileDialogs dialogs, Notices notices, Background background) {
        this.model = model;
        this.settings = settings;
        this.dialogs = dialogs;
        this.notices = notices;
        this.background = background;
    }

    /** Writes a file. */
    @FunctionalInterface
    private interface Writing {
        void to(Path file) throws IOException;
    }

    /** Asks for a file of data. */
    public void chooseData(Consumer<Path> then) {
        dialogs.open(DATA, lastFolder()).ifPresent(then);
    }

    /** Asks for a file of data and hands on what it holds. */
    public void openData(Consumer<DataFile.Taken> then) {
        chooseData(file -> openData(file, then));
    }

    /** Reads a file of data away from the window's thread, since it may be large, and hands on what it holds. */
    public void openData(Path file, Consumer<DataFile.Taken> then) {
        openData(file, then, () -> { });
    }

    /** The same; {@code otherwise} is run where it cannot be read or the reading is stopped, once that has been said. */
    public void openData(Path file, Consumer<DataFile.Taken> then, Runnable otherwise) {
        remember(file);
        DecimalMark mark = model.get().desk().exercise().mark();
        background.follow("Reading " + FileReading.name(file) + "…", progress -> DataFile.take(file, mark, progress), result -> {
            switch (result) {
                case Result.Refused<DataFile.Taken>(String message) -> {
                    notices.say(message);
                    otherwise.run();
                }
                case Result.Done<DataFile.Taken>(DataFile.Taken taken) -> {
                    notices.hide();
                    then.accept(taken);
                }
            }
        }, () -> {
            notices.say(FileReading.name(file) + " was not opened; nothing has changed.");
            otherwise.run();
        }, failure -> {
            notices.say(FileReading.name(file) + " could not be read: " + Words.ended(failure.getMessage()));
            otherwise.run();
        });
    }

    @Override
    public void choose(Consumer<Picture> then) {
        dialogs.open(PICTURE, lastFolder()).ifPresent(file -> {
            remember(file);
            read(file, then);
        });
    }

    @Override
    public void take(Image image, Consumer<Picture> then) {
        picture("the clipboard", () -> PictureFile.of(copied(image)), then);
    }

    @Override
    public void read(Path file, Consumer<Picture> then) {
        picture(FileReading.name(file), () -> PictureFile.read(file), then);
    }

    private void picture(String name, Callable<Result<Picture>> reading, Consumer<Picture> then) {
        background.run("Reading " + name + "…", reading, result -> {
            switch (result) {
                case Result.Refused<Picture>(String message) -> notices.say(message);
                case Result.Done<Picture>(Picture picture) -> then.accept(picture);
            }
        }, failure -> notices.say(name + " could not be read: " + Words.ended(failure.getMessage())));
    }

    private static BufferedImage copied(Image image) {
        BufferedImage copy = new BufferedImage((int) image.getWidth(), (int) image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < copy.getHeight(); y++) {
            for (int x = 0; x < copy.getWidth(); x++) {
                copy.setRGB(x, y, image.getPixelReader().getArgb(x, y));
            }
        }
        return copy;
    }

    /** Saves a table for other programs. */
    public void saveData(DataTable table) {
        save(SAVED_DATA, fileName("data") + ".csv", "The data", file -> DataExport.write(table, file));
    }

    /** Saves a plot as the ending says. */
    public void savePlot(PlotSheet sheet) {
        save(PLOT, fileName("plot") + ".png", "The plot", sheet::write);
    }

    /** Saves the plot for fingers, as it is open. */
    public void saveTactilePage() {
        Findings findings = Findings.of(model.get().desk());
        save(TACTILE, fileName("plot for fingers") + ".pdf", "The page", file ->
                TactilePage.write(findings.plot(), PlotDescription.of(findings).sentence(), file));
    }

    /**
     * Saves a report of what is open: a study's sheet, or the write-up of an exercise.
     *
     * @param ending what kind of file is asked for
     * @param author whose it is
     */
    public void report(String ending, Paper paper, String author) {
        Desk desk = model.get().desk();
        String date = today();
        FileDialogs.Kind kind = new FileDialogs.Kind("Report",
                Stream.concat(Stream.of(ending), PageFile.ENDINGS.stream().filter(other -> !other.equals(ending))).toList());
        // Findings of its own: those of the window are the window's thread's.
        save(kind, fileName("report") + ending, "The report", file -> PageFile.write(page(desk, author, date), paper, file));
    }

    private static Page page(Desk desk, String author, String date) {
        return desk.exercise().isStudy() ? StudyPage.of(desk, author, date) : WriteUp.of(Findings.of(desk), date);
    }

    /** Today, as a report says it. */
    public static String today() {
        return DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH).format(LocalDate.now());
    }

    private void save(FileDialogs.Kind kind, String name, String what, Writing writing) {
        dialogs.save(kind, lastFolder(), name).ifPresent(file -> {
            remember(file);
            background.run("Saving " + FileReading.name(file) + "…", () -> {
                writing.to(file);
                return file;
            }, _ -> notices.say(what + (what.endsWith("data") ? " are in " : " is in ") + file + "."),
                    failure -> notices.say(what + " could not be saved as " + file + ": " + failure.getMessage()
                            + ". Choose another place."));
        });
    }

    /**
     * Hands the work in: one file for the instructor, and the write-up beside it.
     *
     * @param steps how it came about
     * @return whether it could be asked where to; not while there is no name to hand it in under
     */
    public boolean handIn(List<Step> steps) {
        HandIn handIn = HandIn.of(model.get().desk(),
                steps.isEmpty() ? Optional.empty() : Optional.of(Pace.of(steps, Instant.now().getEpochSecond())));
        if (handIn.student().isBlank()) {
            return false;
        }
        dialogs.save(HAND_IN, lastFolder(), HandInFile.fileName(handIn))
                .ifPresent(file -> handIn(handIn, steps, model.get().desk(), file));
        return true;
    }

    private void handIn(HandIn handIn, List<Step> steps, Desk desk, Path file) {
        Path page = Path.of(file.toString().replaceFirst("\\.handin$", "") + ".html");
        remember(file);
        background.run("Handing in…", () -> {
            HandInFile.write(handIn, steps, file);
            FileWriting.write(page, HtmlPage.of(WriteUp.ofHandIn(Findings.of(desk), today())));
            return file;
        }, _ -> notices.say("Handed in as " + file + ". Give this file to your instructor. The write-up beside it, "
                + FileReading.name(page) + ", is for you to read or print."),
                failure -> notices.say("The hand-in could not be written to " + file + ": " + failure.getMessage()
                        + ". Choose another place."));
    }

    /** The exercise's title as the name of a file. */
    public String fileName(String usual) {
        String name = model.get().desk().exercise().title().replaceAll("[^\\p{L}\\p{N} ,.()_-]", "_").strip();
        return name.isEmpty() ? usual : name;
    }

    public void remember(Path file) {
        if (Examples.hold(file)) {
            return;
        }
        Optional.ofNullable(file.toAbsolutePath().getParent()).ifPresent(folder -> settings.put("folder", folder));
    }

    public Path lastFolder() {
        return settings.path("folder").orElseGet(() -> Path.of(System.getProperty("user.home")));
    }
}
