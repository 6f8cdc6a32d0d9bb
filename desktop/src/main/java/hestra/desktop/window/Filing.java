package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.input.Clipboard;

import hestra.desk.Desk;
import hestra.desk.ExerciseEdit;
import hestra.desk.FromStudy;
import hestra.desk.StudyName;
import hestra.desktop.files.Background;
import hestra.desktop.files.EarlierVersion;
import hestra.desktop.files.Exchange;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.JournalFile;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.documents.page.Paper;
import hestra.documents.table.DataFile;
import hestra.documents.table.TextData;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import hestra.numbers.Words;
import hestra.tracing.Picture;

/** What can be done with files in a window: exercises are opened and saved, earlier work gone on with, data taken in and out. */
final class Filing {

    private static final FileDialogs.Kind EXERCISE = new FileDialogs.Kind("Exercise", ExerciseFile.ENDING);
    private static final FileDialogs.Kind STUDY = new FileDialogs.Kind("Study", ExerciseFile.ENDING);
    private static final FileDialogs.Kind OPENED = new FileDialogs.Kind("Exercise, study or hand-in",
            List.of(ExerciseFile.ENDING, HandInFile.ENDING));

    /** So many things that do not go along into an exercise are named. */
    private static final int MOST_SAID = 4;

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
        boolean leaves = leavesWork();
        Exercise blank = Exercise.blank(UUID.randomUUID().toString());
        goOverTo(blank.title(), () -> OpenDesk.of(settings.folder(), blank, Optional.empty()), MainWindow.View.WRITE, () -> {
            window.write().begin();
            sayThatItIsKept(leaves);
        });
    }

    /** Begins a study with an empty table. */
    void newStudy() {
        study(StudyName.UNTITLED, () -> { });
    }

    /** Begins a study of what was copied. */
    void pasteData() {
        String copied = Clipboard.getSystemClipboard().getString();
        DataFile.Part text = new DataFile.Part("", copied == null ? "" : copied, Optional.empty());
        DecimalMark mark = DecimalMark.POINT;
        opening("Reading what was copied…", () -> text.understand(mark), result -> switch (result) {
            case Result.Refused<TextData>(String message) -> {
                notices.say(message);
                yield false;
            }
            case Result.Done<TextData>(TextData data) -> {
                study(StudyName.UNTITLED, () -> window.work().take(new DataFile.Taken(List.of(text), data)));
                yield true;
            }
        }, failure -> notices.say("What was copied could not be read: " + Words.ended(failure.getMessage())));
    }

    /** Asks for a file of data and begins a study of it. */
    void openStudy() {
        exchange.chooseData(this::openStudy);
    }

    /** Begins a study of a file of data. */
    void openStudy(Path file) {
        window.keysMeanwhile().begin();
        exchange.openData(file, taken -> {
            study(FileReading.name(file).replaceFirst("\\.[^.]*$", ""), () -> window.work().take(taken));
            window.keysMeanwhile().end(true);
        }, () -> window.keysMeanwhile().end(false));
    }

    private void study(String title, Runnable then) {
        boolean leaves = leavesWork();
        Exercise study = Exercise.study(UUID.randomUUID().toString(), title, DecimalMark.POINT);
        Exercise headed = title.equals(StudyName.UNTITLED) ? study : study.withTexts(title, "", title);
        goOverTo(title, () -> OpenDesk.of(settings.folder(), headed, Optional.empty()), MainWindow.View.WORK, () -> {
            sayThatItIsKept(leaves);
            then.run();
        });
    }

    private boolean leavesWork() {
        return window.model().undoable().isPresent() || window.open().restored() > 0;
    }

    private void sayThatItIsKept(boolean leaves) {
        if (leaves) {
            notices.say("What you had open is kept: “Recent work…” in the menu brings it back.");
        }
    }

    /** Opens an exercise that has no file of its own yet. */
    void open(Exercise exercise, MainWindow.View view) {
        goOverTo(exercise.title(), () -> OpenDesk.of(settings.folder(), exercise, Optional.empty()), view, () -> { });
    }

    /** Goes on with earlier work. */
    void resume(Path journal) {
        goOverTo("your earlier work", () -> OpenDesk.resumed(journal, LastOpen.fileOf(settings, journal)), MainWindow.View.WORK,
                () -> { });
    }

    /** Reads something beside the window's thread and goes over to it; keys pressed meanwhile are meant for it. */
    private <T> void opening(String doing, Callable<T> reading, Predicate<T> opened, Consumer<Exception> failed) {
        window.keysMeanwhile().begin();
        background.run(doing, reading, result -> {
            boolean open = false;
            try {
                open = opened.test(result);
            } finally {
                window.keysMeanwhile().end(open);
            }
        }, failure -> {
            window.keysMeanwhile().end(false);
            failed.accept(failure);
        });
    }

    private void goOverTo(String title, Callable<OpenDesk> opening, MainWindow.View view, Runnable then) {
        opening("Opening " + title + "…", opening, desk -> {
            boolean open = window.goOverTo(desk, view);
            if (open) {
                then.run();
            }
            return open;
        }, failure -> notices.say(failure instanceof JournalFile.InUse ? "This is open in another window. Go on with it there."
                : "This work could not be opened: " + Words.ended(failure.getMessage())));
    }

    /** Asks for an exercise and opens it. */
    void open() {
        dialogs.open(OPENED, exchange.lastFolder()).ifPresent(this::open);
    }

    void open(Path file) {
        open(file, MainWindow.View.WORK);
    }

    /** Opens an exercise of one's own, to go on writing it. */
    void openToWrite(Path file) {
        open(file, MainWindow.View.WRITE);
    }

    private void open(Path file, MainWindow.View view) {
        opening("Opening " + FileReading.name(file) + "…", () -> read(file), result -> switch (result) {
            case Result.Refused<OpenDesk>(String message) -> {
                notices.say(message);
                yield false;
            }
            case Result.Done<OpenDesk>(OpenDesk desk) -> {
                exchange.remember(file);
                yield window.goOverTo(desk, view);
            }
        }, failure -> notices.say(FileReading.name(file) + " could not be opened: " + Words.ended(failure.getMessage())));
    }

    private Result<OpenDesk> read(Path file) {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(HandInFile.ENDING)
                ? HandInFile.read(file).then(handIn -> Result.done(OpenDesk.toRead(handIn)))
                : HestraFile.read(file).then(desk -> Result.done(OpenDesk.of(settings.folder(), desk, Optional.of(file),
                Optional.empty())));
    }

    /** Saves the exercise to its file, or asks for one. */
    void save() {
        window.open().file().ifPresentOrElse(this::save, this::saveAs);
    }

    void saveAs() {
        if (!window.isOpen()) {
            notices.say("Nothing is open that could be saved.");
            return;
        }
        dialogs.save(window.model().desk().exercise().isStudy() ? STUDY : EXERCISE, exchange.lastFolder(),
                exchange.fileName(window.model().desk().exercise().isStudy() ? "study" : "exercise") + ExerciseFile.ENDING)
                .ifPresent(this::save);
    }

    private void save(Path file) {
        if (window.open().isOvertakenAt(file)) {
            boolean versions = !window.model().desk().exercise().isStudy();
            notices.ask(FileReading.name(file) + " has been saved by another window or program since you opened it here. "
                    + (versions
                    ? "Saved over, what stands there is kept under “Earlier versions”."
                    : "Saved over, what stands there is gone: save under another name to keep both."),
                    new Notices.Choice("Save over it", () -> write(file)), new Notices.Choice("Save as…", this::saveAs));
        } else {
            write(file);
        }
    }

    /** What was saved, and the editions that another window or program had published in the meantime. */
    private record Saved(Path file, List<Edition> published) {}

    private void write(Path file) {
        Desk now = window.model().desk();
        OpenDesk desk = window.open();
        boolean overtaken = desk.isOvertakenAt(file);
        background.run("Saving " + FileReading.name(file) + "…", () -> {
            List<Edition> published = overtaken ? overtaking(file, now.exercise()) : List.of();
            Exercise whole = published.stream().reduce(now.exercise(), (exercise, edition) -> new ExerciseEdit.Publish(edition)
                    .appliedTo(exercise), (one, _) -> one);
            HestraFile.write(new Desk(whole, now.work(), now.pointing()), file);
            if (!now.exercise().isStudy()) {
                EarlierVersion.keep(settings.folder(), whole, Clock.systemUTC());
            }
            return new Saved(file, published);
        }, saved -> {
            desk.savedAs(saved.file());
            exchange.remember(saved.file());
            if (desk == window.open()) {
                saved.published().forEach(edition -> window.model().apply(new ExerciseEdit.Publish(edition)));
                LastOpen.remember(settings, desk);
            }
            notices.say("Saved as " + saved.file() + ".");
        }, failure -> notices.say((now.exercise().isStudy() ? "Your study" : "The exercise") + " could not be saved as " + file
                + ": " + Words.ended(failure.getMessage())
                + " It stays here as it is. Choose another place by “Save as…” in the menu."));
    }

    /** Keeps what another has saved, and finds the editions that it has published: hand-ins of them are still to be marked. */
    private List<Edition> overtaking(Path file, Exercise own) throws IOException {
        if (!(ExerciseFile.read(file) instanceof Result.Done<Exercise>(Exercise there)) || there.isStudy()
                || !there.id().equals(own.id())) {
            return List.of();
        }
        Optional<Edition> clash = there.issue().editions().stream().filter(it -> !own.issue().mayHold(it)).findFirst();
        if (clash.isPresent()) {
            throw new IOException("an edition " + clash.get()
                    .number() + " was published from each, and they differ, so that hand-ins could not be told apart");
        }
        EarlierVersion.keep(settings.folder(), there, Clock.systemUTC());
        return there.issue().editions().stream().filter(it -> own.issue().edition(it.number()).isEmpty()).toList();
    }

    /** Shows the versions that were saved earlier, and brings one back. */
    void earlierVersions() {
        if (!window.isOpen() || window.isWorkedInAlone()) {
            notices.say("Earlier versions are kept of exercises that you write. Open one first.");
            return;
        }
        window.boards().versions(EarlierVersion.of(settings.folder(), window.model().desk().exercise()),
                version -> background.run("Opening an earlier version\u2026",
                () -> ExerciseFile.read(version.file()), result -> {
                    switch (result) {
                        case Result.Refused<Exercise>(String message) -> notices.say(message);
                        case Result.Done<Exercise>(Exercise exercise) -> {
                            window.model().apply(new ExerciseEdit.GoBackTo(exercise));
                            window.show(MainWindow.View.WRITE);
                            notices.say("This is the exercise as it was saved then. Undo brings back what was there.");
                        }
                    }
                }, failure -> notices.say("The earlier version could not be opened: " + Words.ended(failure.getMessage()))));
    }

    /** Asks for the folder of the library. */
    Optional<Path> askForLibrary() {
        return dialogs.folder("The folder of your exercises", exchange.lastFolder());
    }

    /** Asks for a file of data and takes it into the table in view. */
    void openData() {
        if (window.hasWork()) {
            exchange.openData(this::take);
        } else {
            openStudy();
        }
    }

    /** Asks for a file of data and joins it to those in view. */
    void joinData() {
        if (hasOwnData()) {
            exchange.openData(taken -> window.work().join(taken));
        } else if (isWritten()) {
            exchange.openData(taken -> window.write().join(taken));
        } else {
            notices.say("Data are joined to your own, in a study, or to those of an exercise, in Write.");
        }
    }

    /** Whether the data in view are the person's own, columns and all. */
    boolean hasOwnData() {
        return window.hasWork() && window.view() == MainWindow.View.WORK && window.model().findings().part().isOwn();
    }

    /** Shows the columns of one's own data. */
    void showColumns() {
        if (hasOwnData()) {
            window.boards().columns(window.work().columns(), window.model());
        }
    }

    /** Saves the table in view for other programs. */
    void saveTactilePage() {
        exchange.saveTactilePage();
    }

    void saveData() {
        if (!window.isOpen()) {
            notices.say("There are no data to be saved yet.");
            return;
        }
        exchange.saveData(window.view() == MainWindow.View.WRITE
                ? window.model().findings().part().data() : window.model().findings().work().table());
    }

    /** Asks what kind of report is wanted, and saves it. */
    void report() {
        if (window.isOpen()) {
            window.boards().report(window.model().desk().exercise().isStudy());
        } else {
            notices.say("Nothing is open that a report could be made of.");
        }
    }

    /** Saves a report of what is on the sheet. */
    void report(String ending, Paper paper, String author) {
        exchange.report(ending, paper, author);
    }

    /** Lays a picture in, to read data off it. */
    void lay(Picture picture) {
        if (!isWritten()) {
            notices.say("Points are read off a picture in Write. Begin a new exercise (Ctrl+N) and drop the picture there.");
            return;
        }
        window.write().lay(picture);
    }

    /** Whether what is open can be changed in Write. */
    private boolean isWritten() {
        return window.hasWork() && !window.isWorkedInAlone();
    }

    /** Takes data into the table in view. */
    void take(DataFile.Taken taken) {
        switch (window.view()) {
            case WORK -> window.work().take(taken);
            case WRITE -> window.write().take(taken);
            case START, MARK -> throw new IllegalStateException("nothing takes data here");
        }
    }

    /** Makes the study the first part of a new exercise, to write tasks about it; the study itself stays as it is. */
    void askAboutIt() {
        FromStudy.Made made = FromStudy.exercise(window.model().desk(), UUID.randomUUID().toString());
        String left = made.left().isEmpty() ? "" : "Not taken along: " + String.join("; ", made.left().stream().limit(MOST_SAID)
                .toList()) + (made.left().size() > MOST_SAID ? "; …" : "") + ". ";
        goOverTo(made.exercise().title(), () -> OpenDesk.of(settings.folder(), made.exercise(), Optional.empty()),
                MainWindow.View.WRITE, () -> notices.say("This is a new exercise with your data and your text; add tasks on the "
                        + "left. " + left + "Your study is kept: “Recent work…” in the menu brings it back."));
    }
}
