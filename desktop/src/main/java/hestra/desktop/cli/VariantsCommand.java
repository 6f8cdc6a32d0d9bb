package hestra.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;

import hestra.desk.ExerciseEdit;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.FileReading;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.table.NameList;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Publishes an exercise: writes students' copies, each with a variant of its own. */
@Command(name = "variants",
        description =
        "Write students' copies of an exercise into a folder, each with a variant of its own. The edition is kept in FILE, so "
        + "that hand-ins can be marked when the exercise has been "
        + "changed.", mixinStandardHelpOptions = true, sortOptions = false)
public final class VariantsCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the exercise (.hestra)")
    private Path file;

    @ArgGroup(multiplicity = "1")
    private Readers readers;

    @Option(names = "--out", paramLabel = "DIR", required = true,
            description = "the folder for the copies; made where it is not there")
    private Path out;

    @Option(names = "--unfinished", description = "go on though something in the exercise is unfinished")
    private boolean unfinished;

    /** For whom the copies are. */
    private static final class Readers {
        @Option(names = "--count", paramLabel = "N", description = "so many variants, numbered from 1")
        private int count = -1;

        @Option(names = "--names", paramLabel = "LIST", description = "one for each name of a list (.txt, .csv, .xlsx, .ods)")
        private Path names;
    }

    @Override
    public Integer call() {
        if (readers.names == null && (readers.count < 1 || readers.count > Copy.MOST_VARIANTS)) {
            throw new ParameterException(spec.commandLine(), "Ask for 1 to " + Copy.MOST_VARIANTS + " variants.");
        }
        try (Followed followed = new Followed("Writing copies", spec.commandLine().getErr())) {
            return switch (OwnExercise.read(file).then(it -> OwnExercise.finished(it, unfinished))
                    .then(it -> write(it, followed))) {
                case Result.Refused<Publication>(String message) -> {
                    spec.commandLine().getErr().println(message);
                    yield 1;
                }
                case Result.Done<Publication>(Publication publication) -> tell(publication);
            };
        }
    }

    private Result<Publication> write(Exercise exercise, Progress followed) {
        if (exercise.isStudy()) {
            return Result.refused(FileReading.name(file) + " is a study. Publish an exercise.");
        }
        Result<Publication.Readers> wanted = readers.names == null
                ? Result.done(new Publication.Readers.Count(readers.count)) : NameList.read(readers.names).then(list -> {
            list.notes().forEach(spec.commandLine().getErr()::println);
            return Result.done(new Publication.Readers.Named(list.list()));
        });
        return wanted.then(it -> {
            try {
                Publication publication = Publication.write(exercise, it, out, followed);
                // As it stands by now: a window may have saved it while the copies were written.
                Exercise now = ExerciseFile.read(file) instanceof Result.Done<Exercise>(Exercise there)
                        && there.id().equals(exercise.id()) ? there : exercise;
                if (!now.issue().mayHold(publication.edition())) {
                    return Result.refused("Another edition " + publication.edition()
                            .number() + " was published from " + FileReading.name(file)
                            + " while these copies were written. Do not give out those in " + out + ": write them again.");
                }
                ExerciseFile.write(new ExerciseEdit.Publish(publication.edition()).appliedTo(now), file);
                return Result.done(publication);
            } catch (Progress.Stopped e) {
                return Result.refused("Stopped. What was written by then is in " + out + "; no edition was published.");
            } catch (IOException e) {
                return Result.refused("The copies cannot be written: " + e.getMessage());
            }
        });
    }

    private int tell(Publication publication) {
        PrintWriter text = spec.commandLine().getOut();
        publication.missed().forEach(missed -> text.println(missed.message()));
        text.println(publication.inWords() + " in " + out + ". The edition is kept in " + FileReading.name(file)
                + ", so that what comes back can be marked.");
        text.flush();
        return publication.missed().isEmpty() ? 0 : 1;
    }
}
