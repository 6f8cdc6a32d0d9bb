package hestra.desktop.cli;

import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;

import hestra.desktop.files.LastOpen;
import hestra.desktop.files.Settings;
import hestra.desktop.window.HestraApp;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Opens an exercise file, or what was open last. */
@Command(name = "open", description = "Open an exercise (.hestra), or a hand-in to read it (.handin); without a file, what was open last.", mixinStandardHelpOptions = true)
public final class OpenCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "FILE")
    private Path file;

    @Override
    public Integer call() {
        Result<HestraApp.Start> start = file == null ? Result.done(last())
                : file.toString().endsWith(HandInFile.ENDING) ? HandInFile.read(file).then(handIn -> Result.done(HestraApp.Start.toRead(handIn)))
                : ExerciseFile.read(file).then(exercise -> Result.done(start(exercise, Optional.of(file.toAbsolutePath()))));
        Optional<String> missing = Display.missing();
        String refusal = start instanceof Result.Refused<HestraApp.Start>(String message) ? message : missing.orElse("");
        if (!refusal.isEmpty()) {
            spec.commandLine().getErr().println(refusal);
            return 1;
        }
        HestraApp.show(((Result.Done<HestraApp.Start>) start).value());
        return 0;
    }

    /** What was open last, or a new exercise. */
    public static HestraApp.Start last() {
        LastOpen last = LastOpen.in(Settings.in(Settings.usualFolder()));
        return new HestraApp.Start(() -> last.exercise().orElseGet(() -> Exercise.blank(UUID.randomUUID().toString())), last.file(), last.journal());
    }

    private static HestraApp.Start start(Exercise exercise, Optional<Path> opened) {
        return new HestraApp.Start(() -> exercise, opened);
    }
}
