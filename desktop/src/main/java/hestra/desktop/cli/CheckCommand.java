package hestra.desktop.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;

import hestra.documents.exercise.RemarkJson;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.review.Remark;
import hestra.review.Review;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Looks an exercise through before it is given out, as Write does. */
@Command(name = "check",
        description =
        "Look an exercise through before it is given out: what Write points out, a line each. Exits with 1 where there is "
        + "something to look at.", mixinStandardHelpOptions = true, sortOptions = false)
public final class CheckCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the exercise (.hestra)")
    private Path file;

    @Option(names = "--json", description = "print one line of JSON for each thing")
    private boolean json;

    @Override
    public Integer call() {
        return switch (OwnExercise.read(file)) {
            case Result.Refused<Exercise>(String message) -> {
                spec.commandLine().getErr().println(message);
                yield 1;
            }
            case Result.Done<Exercise>(Exercise exercise) -> print(Review.of(exercise));
        };
    }

    private int print(List<Remark> remarks) {
        PrintWriter out = spec.commandLine().getOut();
        remarks.forEach(remark -> out.println(json ? RemarkJson.line(remark) : remark.message()));
        if (remarks.isEmpty() && !json) {
            out.println("Nothing to look at.");
        }
        out.flush();
        return remarks.isEmpty() ? 0 : 1;
    }
}
