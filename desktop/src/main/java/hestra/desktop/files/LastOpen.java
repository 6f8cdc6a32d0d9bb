package hestra.desktop.files;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

import hestra.desk.Desk;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.JournalFile;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;

/**
 * What was open last. It is written down when something has been opened, and not when the window closes: a program that is killed
 * finds its way back too, and one that could not open it does not try again for ever.
 *
 * @param desk what stands in its file, or what its journal began with; nothing where none was open or it cannot be read any more
 * @param file its file; nothing where it had none
 * @param journal its journal, to go on with
 */
public record LastOpen(Optional<Desk> desk, Optional<Path> file, Optional<Path> journal) {

    private static final String JOURNAL = "last";
    private static final String FILE = "last.file";
    private static final String FILE_OF = "file.of.";

    /** Writes down what is open now. */
    public static void remember(Settings settings, OpenDesk open) {
        settings.put(JOURNAL, open.journalFile().orElseGet(() -> OpenDesk.journalOf(settings.folder(), open.history().present()
                .exercise(), 1)));
        settings.put(FILE, open.file().map(Path::toString).orElse(""));
        open.journalFile().ifPresent(journal -> open.file()
                .ifPresent(file -> settings.put(FILE_OF + FileReading.name(journal), file)));
        settings.save();
    }

    /** What the settings say was open: from its file, or where it has none from its journal. */
    public static LastOpen in(Settings settings) {
        Optional<Path> file = settings.path(FILE).filter(Files::exists);
        Optional<Path> journal = settings.path(JOURNAL).filter(Files::exists);
        if (file.isPresent() && HestraFile.read(file.get()) instanceof Result.Done<Desk>(Desk desk)) {
            return new LastOpen(Optional.of(desk), file, journal);
        }
        return new LastOpen(journal.flatMap(JournalFile::begun), Optional.empty(), journal);
    }

    /** The file that the work of a journal was opened from or saved to, where that is still there. */
    public static Optional<Path> fileOf(Settings settings, Path journal) {
        return settings.path(FILE_OF + FileReading.name(journal)).filter(Files::exists);
    }
}
