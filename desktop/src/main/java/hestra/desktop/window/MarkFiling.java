package hestra.desktop.window;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.desk.Desk;
import hestra.desktop.files.Background;
import hestra.desktop.files.Exchange;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.Gradebook;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.JournalFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Result;
import hestra.documents.page.ClassPage;
import hestra.documents.page.GiveBack;
import hestra.documents.page.HtmlPage;
import hestra.documents.table.DataFile;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.numbers.Words;

/** The hand-ins of a class: opened, marked by several people, and given back. */
final class MarkFiling {

    /** So many of the pages that could not be written are named. */
    private static final int MOST_SAID = 5;

    private static final FileDialogs.Kind MARKING = new FileDialogs.Kind("Marking", MarksFile.ENDING);
    private static final FileDialogs.Kind NAMES = new FileDialogs.Kind("A list of names", DataFile.ENDINGS);

    private final MainWindow window;
    private final Settings settings;
    private final FileDialogs dialogs;
    private final Notices notices;
    private final Exchange exchange;
    private final Background background;

    MarkFiling(MainWindow window, Settings settings, FileDialogs dialogs, Notices notices, Exchange exchange,
            Background background) {
        this.window = window;
        this.settings = settings;
        this.dialogs = dialogs;
        this.notices = notices;
        this.exchange = exchange;
        this.background = background;
    }

    /** Asks for the folder of a class and opens it. */
    void chooseFolder() {
        dialogs.folder("The folder with the hand-ins", exchange.lastFolder()).ifPresent(this::open);
    }

    /** Opens a folder that is to be made or found first. */
    void open(Callable<Path> place) {
        background.run("Making the class…", place, this::open,
                failure -> notices.say("The class could not be made: " + Words.ended(failure.getMessage())));
    }

    /** Copies a file into a folder; beside one of the same name that is another, and not at all where it is there already. */
    private static void copyInto(Path folder, Path file) throws IOException {
        String name = FileReading.name(file);
        String stem = name.substring(0, name.length() - HandInFile.ENDING.length());
        Path to = folder.resolve(name);
        for (int i = 2; FileReading.isThere(to) && Files.mismatch(file, to) >= 0; i++) {
            to = folder.resolve(stem + " (" + i + ")" + HandInFile.ENDING);
        }
        if (!FileReading.isThere(to)) {
            try (InputStream in = FileReading.open(file)) {
                FileWriting.write(to, in::transferTo);
            }
        }
    }

    /** Marks files that were dropped: a folder, or hand-ins while Mark is shown; whether they were taken. */
    boolean takes(List<Path> files) {
        if (files.size() == 1 && Files.isDirectory(files.getFirst())) {
            open(files.getFirst());
            return true;
        }
        boolean handIns = files.stream().allMatch(file -> file.toString().toLowerCase(Locale.ROOT).endsWith(HandInFile.ENDING));
        if (!handIns || window.view() != MainWindow.View.MARK) {
            return false;
        }
        Optional<Path> folder = window.mark().folder();
        if (folder.isEmpty()) {
            open(files.getFirst().toAbsolutePath().getParent());
        } else {
            background.run("Taking the hand-ins in…", () -> {
                for (Path file : files) {
                    copyInto(folder.get(), file);
                }
                return files;
            }, _ -> notices.say(Counted.of(files.size(), "hand-in") + " copied into " + folder.get() + "."),
                    failure -> notices.say("They could not be copied into " + folder.get() + ": "
                            + Words.ended(failure.getMessage())));
        }
        return true;
    }

    /** What a folder is marked with. */
    private sealed interface With {
        /** Work of the instructor's own that is in the list of recent work. */
        record Journal(Path journal) implements With {}

        /** The copy in a hand-in, since the instructor's own is not at hand. */
        record Copy(Exercise exercise) implements With {}
    }

    /**
     * Opens the folder of a class: with the exercise that is open; else with the one that its hand-ins are work on, and where
     * they are work on several, the person says which.
     */
    void open(Path folder) {
        Optional<Exercise> open = window.isOpen() && !window.isWorkedInAlone()
                ? Optional.of(window.model().desk().exercise()) : Optional.empty();
        background.run("Looking at " + FileReading.name(folder) + "…", () -> HandIns.in(folder)
                .then(files -> Result.done(open.filter(it -> HandIns.isAnyOf(files, it.id()))
                        .map(it -> List.of(new HandIns.Of(it.id(), it.title(), files)))
                        .orElseGet(() -> HandIns.exercises(files)))), result -> {
            switch (result) {
                case Result.Refused<List<HandIns.Of>>(String message) -> notices.say(message);
                case Result.Done<List<HandIns.Of>>(List<HandIns.Of> found) -> choose(folder, open, found);
            }
        }, failure -> notices.say("The hand-ins could not be read: " + Words.ended(failure.getMessage())));
    }

    private void choose(Path folder, Optional<Exercise> open, List<HandIns.Of> found) {
        if (open.isPresent() && (found.isEmpty() || found.stream().anyMatch(it -> it.exercise().equals(open.get().id())))) {
            exchange.remember(folder.resolve("x"));
            window.mark().open(folder);
        } else if (found.isEmpty()) {
            notices.say(folder + " holds no hand-ins that can be read (files ending in " + HandInFile.ENDING
                    + "). Open your exercise first to wait for them.");
        } else if (open.isEmpty() && found.size() == 1) {
            open(folder, found.getFirst());
        } else {
            String none = open.map(it -> "None of the hand-ins in " + FileReading.name(folder) + " is work on “" + it.title()
                    + "”. ").orElse("The hand-ins in " + FileReading.name(folder) + " are work on several exercises. ");
            notices.ask(none + "Which exercise is to be marked?", found.stream().limit(MOST_SAID)
                    .map(it -> new Notices.Choice("“" + Student.shown(it.title(), "no title") + "” (" + it.files().size() + ")",
                            () -> open(folder, it))).toArray(Notices.Choice[]::new));
        }
    }

    /** Opens the folder with an exercise that its hand-ins are work on: the instructor's own where that is known here. */
    private void open(Path folder, HandIns.Of of) {
        background.run("Opening the exercise…", () -> with(of), result -> {
            switch (result) {
                case Result.Refused<With>(String message) -> notices.say(message);
                case Result.Done<With>(With with) -> {
                    exchange.remember(folder.resolve("x"));
                    switch (with) {
                        case With.Journal(Path journal) ->
                                background.run("Opening your exercise…",
                                        () -> OpenDesk.resumed(journal, LastOpen.fileOf(settings, journal)),
                                        desk -> goOver(desk, folder),
                                _ -> notices.say("Your exercise is open in another window. Mark the hand-ins there."));
                        case With.Copy(Exercise exercise) ->
                                goOver(OpenDesk.passing(Desk.open(exercise),
                                        "This is the copy of the exercise that came with the hand-ins. What you change here is "
                                + "not kept."), folder);
                    }
                }
            }
        }, failure -> notices.say("The hand-ins could not be read: " + Words.ended(failure.getMessage())));
    }

    private void goOver(OpenDesk desk, Path folder) {
        if (window.goOverTo(desk, MainWindow.View.MARK)) {
            window.mark().open(folder);
        }
    }

    private Result<With> with(HandIns.Of of) {
        return own(of.exercise()).map(journal -> Result.<With>done(new With.Journal(journal)))
                .orElseGet(() -> HandIns.firstOf(of.files()).map(exercise -> Result.<With>done(new With.Copy(exercise)))
                .orElseGet(() -> Result.refused("None of the hand-ins can be read.")));
    }

    /** The instructor's own exercise among the recent work. */
    private Optional<Path> own(String id) {
        try (Stream<Path> journals = Files.list(OpenDesk.journals(settings.folder()))) {
            return journals.filter(file -> file.toString().endsWith(JournalFile.ENDING))
                    .filter(file -> JournalFile.begun(file).map(Desk::exercise)
                            .filter(it -> it.id().equals(id) && !it.isCopy()).isPresent()).findFirst();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Asks for the marking of somebody else and puts it in. */
    void join() {
        if (!window.isMarked() || window.mark().folder().isEmpty()) {
            notices.say("Open the folder with the hand-ins first: Mark, “Choose a folder…”.");
            return;
        }
        dialogs.open(MARKING, exchange.lastFolder()).ifPresent(file -> window.mark().join(file));
    }

    /** Saves the marking for another marker. */
    void saveMarking() {
        if (!window.isMarked() || window.mark().folder().isEmpty()) {
            notices.say("There is no marking yet: open the folder with the hand-ins first.");
            return;
        }
        dialogs.save(MARKING, exchange.lastFolder(),
                Publication.safe(window.mark().work().exercise().title(), "Marking") + MarksFile.ENDING).ifPresent(file -> {
            try {
                window.mark().saveMarking(file);
                notices.say("The marking is in " + file + ".");
            } catch (IOException e) {
                notices.say("The marking could not be saved as " + file + ": " + Words.ended(e.getMessage())
                        + " Choose another place.");
            }
        });
    }

    /** Asks what is to be given back, and writes it. */
    void giveBack() {
        if (!window.isMarked() || window.mark().folder().isEmpty()) {
            return;
        }
        if (!window.mark().isByOwn()) {
            notices.say("Open your own exercise first, and mark the folder there: what is given back is worked out from it, "
                    + "not from a copy that came back.");
            return;
        }
        ClassWork work = window.mark().work();
        window.boards().giveBack(work, new GiveBackBoard.Actions() {
            @Override
            public void write(GiveBackBoard.Wanted wanted) {
                dialogs.folder("A folder for what is given back", exchange.lastFolder())
                        .ifPresent(folder -> MarkFiling.this.write(window.mark().work(), wanted, folder));
            }

            @Override
            public Optional<Path> askForNames() {
                return dialogs.open(NAMES, exchange.lastFolder());
            }
        });
    }

    private void write(ClassWork work, GiveBackBoard.Wanted wanted, Path folder) {
        Path handIns = window.mark().folder().orElseThrow();
        String today = Exchange.today();
        background.follow("Writing what is given back…", progress -> {
            // A key of its own: that of the window is the window's thread's.
            ClassKey key = ClassKey.of(work.exercise());
            String title = Publication.safe(work.exercise().title(), "Exercise");
            List<Path> files = new ArrayList<>();
            for (String ending : wanted.gradebooks()) {
                files.add(folder.resolve(title + ", marks" + ending));
                Gradebook.write(work, wanted.names(), files.getLast());
            }
            if (wanted.classPage()) {
                files.add(folder.resolve(title + ", class.html"));
                FileWriting.write(files.getLast(), HtmlPage.of(ClassPage.of(ClassResult.of(work), today, true)));
            }
            Set<GiveBack.Form> forms = EnumSet.noneOf(GiveBack.Form.class);
            forms.addAll(wanted.pages());
            GiveBack.Written pages = forms.isEmpty()
                    ? new GiveBack.Written(List.of(), List.of())
                    : new GiveBack(work, key, wanted.withKey(), today).write(handIns, folder, forms, wanted.paper(), progress);
            files.addAll(pages.files());
            List<String> failures = new ArrayList<>(pages.failures());
            if (wanted.together() != GiveBackBoard.Together.NOT) {
                GiveBack.Written all = new GiveBack(work, key, wanted.withKey(), today).writeTogether(
                        Gradebook.inOrder(work, wanted.names()), handIns, folder.resolve(title + ", all pages.pdf"),
                        wanted.paper(), wanted.together() == GiveBackBoard.Together.BOTH_SIDES, progress);
                files.addAll(all.files());
                failures.addAll(all.failures());
            }
            return new GiveBack.Written(files, failures);
        }, written -> notices.say(Counted.of(written.files().size(), "file") + " in " + folder + "."
                + unwritten(written.failures())),
                () -> notices.say("Stopped. What was written by then is in " + folder + "."),
                failure -> notices.say("Not all could be written: " + Words.ended(failure.getMessage())
                        + " What was written by then is in "
                        + folder + "; your marking is as it was."));
    }

    private static String unwritten(List<String> failures) {
        return failures.isEmpty() ? "" : " " + Counted.of(failures.size(), "page") + " could not be written: "
                + failures.stream().limit(MOST_SAID).collect(Collectors.joining(" ")) + (failures.size() > MOST_SAID ? " …" : "");
    }
}
