package hestra.desktop.cli;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import hestra.documents.exercise.ClassMarks;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Marks a folder of hand-ins and prints a line each. */
@Command(name = "mark", description = "Mark a folder of hand-ins (.handin): one line of CSV each.", mixinStandardHelpOptions = true)
public final class MarkCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FOLDER", description = "the folder that holds the hand-ins")
    private Path folder;

    @Option(names = "--exercise", paramLabel = "FILE",
            description = "your own copy of the exercise: it alone decides what is right")
    private Path own;

    @Override
    public Integer call() {
        Result<Optional<Exercise>> exercise = own == null ? Result.done(Optional.empty())
                : ExerciseFile.read(own).then(read -> Result.done(Optional.of(read)));
        return switch (exercise.then(it -> ClassMarks.of(folder, it))) {
            case Result.Done<ClassMarks>(ClassMarks marks) -> {
                spec.commandLine().getOut().print(marks.csv());
                spec.commandLine().getOut().flush();
                yield 0;
            }
            case Result.Refused<ClassMarks>(String message) -> {
                spec.commandLine().getErr().println(message);
                yield 1;
            }
        };
    }
}
