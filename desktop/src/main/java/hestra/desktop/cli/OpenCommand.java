package hestra.desktop.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;

import hestra.desktop.files.LastOpen;
import hestra.desktop.files.Settings;
import hestra.desktop.window.HestraApp;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.file.Result;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Opens an exercise file, or what was open last. */
@Command(name = "open",
        description =
        "Open an exercise or a study (.hestra), a hand-in to read it (.handin), the hand-ins beside a marking to mark them "
        + "(.marks), or data to look at; without a file, what was open last.", mixinStandardHelpOptions = true)
public final class OpenCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "FILE")
    private Path file;

    @Override
    public Integer call() {
        Result<HestraApp.Start> start = file == null ? Result.done(last())
                : Files.isDirectory(file) ? Result.done(ofFolder(file.toAbsolutePath()))
                : isMarking() ? marking()
                : isData() ? data()
                : file.toString().endsWith(HandInFile.ENDING)
                ? HandInFile.read(file).then(handIn -> Result.done(HestraApp.Start.toRead(handIn)))
                : HestraFile.read(file).then(desk -> Result.done(new HestraApp.Start(() -> Optional.of(desk),
                Optional.of(file.toAbsolutePath()))));
        Optional<String> missing = Display.missing();
        String refusal = start instanceof Result.Refused<HestraApp.Start>(String message) ? message : missing.orElse("");
        if (!refusal.isEmpty()) {
            spec.commandLine().getErr().println(refusal);
            return 1;
        }
        HestraApp.show(((Result.Done<HestraApp.Start>) start).value());
        return 0;
    }

    private static HestraApp.Start ofFolder(Path folder) {
        return HestraApp.Start.toMark(Optional::empty, _ -> folder);
    }

    private boolean isMarking() {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(MarksFile.ENDING);
    }

    /** The folder in which a marking lies is marked: there it is offered, and never taken unasked. */
    private Result<HestraApp.Start> marking() {
        return MarksFile.read(file).then(_ -> Result.done(ofFolder(file.toAbsolutePath().getParent())));
    }

    private boolean isData() {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return !name.endsWith(ExerciseFile.ENDING) && !name.endsWith(HandInFile.ENDING);
    }

    private Result<HestraApp.Start> data() {
        return Files.isReadable(file) && !Files.isDirectory(file) ? Result.done(HestraApp.Start.toLookAt(file.toAbsolutePath()))
                : Result.refused(file + (Files.exists(file) ? " cannot be read." : " is not there.")
                + " Name a file of data, an exercise, a study or a hand-in.");
    }

    /** What was open last, or Start. */
    public static HestraApp.Start last() {
        LastOpen last = LastOpen.in(Settings.in(Settings.usualFolder()));
        return new HestraApp.Start(last::desk, last.file(), last.journal());
    }
}
