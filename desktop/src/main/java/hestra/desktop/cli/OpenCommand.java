package hestra.desktop.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;

import hestra.desktop.app.HestraApp;
import hestra.desktop.app.Settings;
import hestra.documents.ExerciseFile;
import hestra.documents.JournalFile;
import hestra.documents.Reading;
import hestra.exercise.Exercise;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Opens an exercise file, or what was open last. */
@Command(name = "open", description = "Open an exercise (.hestra); without a file, what was open last.", mixinStandardHelpOptions = true)
public final class OpenCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "FILE")
    private Path file;

    @Override
    public Integer call() {
        Reading<HestraApp.Start> start = file == null ? Reading.done(last())
                : ExerciseFile.read(file).then(exercise -> Reading.done(start(exercise, Optional.of(file.toAbsolutePath()))));
        Optional<String> missing = Display.missing();
        String refusal = start instanceof Reading.Refused<HestraApp.Start>(String message) ? message : missing.orElse("");
        if (!refusal.isEmpty()) {
            spec.commandLine().getErr().println(refusal);
            return 1;
        }
        HestraApp.show(((Reading.Done<HestraApp.Start>) start).value());
        return 0;
    }

    private static HestraApp.Start last() {
        Settings settings = Settings.in(Settings.usualFolder());
        String lastFile = settings.text("last.file", "");
        if (!lastFile.isEmpty() && Files.exists(Path.of(lastFile))
                && ExerciseFile.read(Path.of(lastFile)) instanceof Reading.Done<Exercise>(Exercise exercise)) {
            return start(exercise, Optional.of(Path.of(lastFile)));
        }
        String journal = settings.text("last", "");
        Optional<Exercise> begun = journal.isEmpty() ? Optional.empty() : JournalFile.begun(Path.of(journal));
        return start(begun.orElseGet(() -> Exercise.blank(UUID.randomUUID().toString())), Optional.empty());
    }

    private static HestraApp.Start start(Exercise exercise, Optional<Path> opened) {
        return new HestraApp.Start(() -> exercise, opened, () -> { });
    }
}
