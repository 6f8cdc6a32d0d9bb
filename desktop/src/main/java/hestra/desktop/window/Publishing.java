package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

import hestra.desk.ExerciseEdit;
import hestra.desktop.files.Background;
import hestra.desktop.files.Exchange;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.Publication;
import hestra.documents.file.Progress;
import hestra.documents.page.Handout;
import hestra.documents.table.DataFile;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.numbers.Words;
import hestra.variants.Variant;

/**
 * Publishes the exercise that is being written: asks for whom, writes the copies beside the window's work, and keeps the edition.
 */
final class Publishing {

    private static final FileDialogs.Kind NAMES = new FileDialogs.Kind("A list of names", DataFile.ENDINGS);

    private final MainWindow window;
    private final FileDialogs dialogs;
    private final Notices notices;
    private final Exchange exchange;
    private final Background background;

    Publishing(MainWindow window, FileDialogs dialogs, Notices notices, Exchange exchange, Background background) {
        this.window = window;
        this.dialogs = dialogs;
        this.notices = notices;
        this.exchange = exchange;
        this.background = background;
    }

    /** Asks for whom. */
    void begin() {
        if (!window.isOpen() || window.isWorkedInAlone()) {
            notices.say("An exercise is published from Write. Open one, or begin a new one (Ctrl+N).");
            return;
        }
        Exercise exercise = window.model().desk().exercise();
        if (exercise.tasks().isEmpty()) {
            notices.say("Nothing is asked in this exercise yet. Add a task before you publish it.");
            return;
        }
        window.boards().publish(exercise, new PublishBoard.Actions() {
            @Override
            public void publish(Publication.Readers readers, PublishBoard.Printed printed) {
                chooseFolder(exercise, readers, printed);
            }

            @Override
            public Optional<Path> askForNames() {
                return dialogs.open(NAMES, exchange.lastFolder());
            }
        });
    }

    private void chooseFolder(Exercise exercise, Publication.Readers readers, PublishBoard.Printed printed) {
        dialogs.folder("A folder for the copies", exchange.lastFolder())
                .ifPresent(folder -> write(exercise, readers, printed, folder));
    }

    private void write(Exercise exercise, Publication.Readers readers, PublishBoard.Printed printed, Path folder) {
        background.follow("Writing " + Counted.of(Math.max(1, readers.variants()), "copy", "copies") + "\u2026", progress -> {
            int works = 1 + (printed.handout() ? 1 : 0) + (printed.key() ? 1 : 0);
            IntFunction<Progress> step = done -> share -> progress.goesOn((done + share) / works);
            Publication publication = Publication.write(exercise, readers, folder, step.apply(0));
            if (printed.handout() || printed.key()) {
                print(exercise, readers, printed, folder, step);
            }
            return publication;
        }, published -> done(published, folder),
                () -> notices.say("Stopped. What was written by then is in " + folder + "; no edition was published."),
                failure -> notices.say("The copies could not be written: " + Words.ended(failure.getMessage())));
    }

    /** Puts the variants on paper: the handout beside the copies, the key where students do not look. */
    private static void print(Exercise exercise, Publication.Readers readers, PublishBoard.Printed printed, Path folder,
            IntFunction<Progress> progress) throws IOException {
        List<Variant> variants = Handout.drawn(exercise,
                IntStream.rangeClosed(readers.variants() == 0 ? 0 : 1, readers.variants()).boxed().toList(), progress.apply(1));
        String name = Publication.safe(exercise.title(), "Exercise");
        if (printed.handout()) {
            Handout.write(exercise, variants, readers.namesOfCopies(), printed.paper(), folder.resolve(name + ", handout.pdf"),
                    progress.apply(1));
        }
        if (printed.key()) {
            Path own = Files.createDirectories(folder.resolve(Publication.OF_INSTRUCTOR));
            Handout.writeKey(exercise, variants, printed.paper(), own.resolve(name + ", key.pdf"),
                    progress.apply(printed.handout() ? 2 : 1));
        }
    }

    /** The edition is kept in the exercise, so that what comes back can be marked when it has been changed. */
    private void done(Publication published, Path folder) {
        window.model().apply(new ExerciseEdit.Publish(published.edition()));
        String missed = published.missed().isEmpty()
                ? ""
                : " In " + Counted.of((int) published.missed().stream().map(it -> it.message().split(":")[0]).distinct().count(),
                        "variant") + " a wish was not met: " + published.missed().getFirst().message();
        boolean kept = window.open().file().isPresent();
        if (kept) {
            window.filing().save();
        }
        notices.say(published.inWords() + " in " + folder + "." + missed
                + (kept ? "" : " Save the exercise too (Ctrl+S): it holds the edition, by which hand-ins are marked."));
    }
}
