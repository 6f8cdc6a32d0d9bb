package hestra.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

import hestra.desk.Desk;
import hestra.documents.ExerciseFile;
import hestra.documents.JournalFile;
import hestra.documents.Reading;
import hestra.exercise.Exercise;

/**
 * What was open last. It is written down when something is opened, not when the window closes: a program that is killed
 * finds its way back too.
 *
 * @param exercise the exercise; nothing where none was open or it cannot be read any more
 * @param file its file; nothing where it had none
 */
public record LastOpen(Optional<Exercise> exercise, Optional<Path> file) {

    private static final String JOURNAL = "last";
    private static final String FILE = "last.file";

    /** Writes down what is open now. */
    static void remember(Settings settings, OpenDesk open) {
        Desk desk = open.history().present();
        settings.put(JOURNAL, OpenDesk.journalOf(settings.folder(), desk.exercise(), 1));
        settings.put(FILE, open.file().map(Path::toString).orElse(""));
        settings.save();
    }

    /** What the settings say was open: from its file, or where it has none from its journal. */
    public static LastOpen in(Settings settings) {
        Optional<Path> file = path(settings, FILE).filter(Files::exists);
        if (file.isPresent() && ExerciseFile.read(file.get()) instanceof Reading.Done<Exercise>(Exercise exercise)) {
            return new LastOpen(Optional.of(exercise), file);
        }
        return new LastOpen(path(settings, JOURNAL).flatMap(JournalFile::begun), Optional.empty());
    }

    private static Optional<Path> path(Settings settings, String key) {
        return Optional.of(settings.text(key, "")).filter(text -> !text.isEmpty()).map(Path::of);
    }
}
