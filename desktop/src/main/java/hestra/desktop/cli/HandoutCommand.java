package hestra.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.Handout;
import hestra.documents.page.PageFile;
import hestra.documents.page.PagePictures;
import hestra.documents.page.Paper;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.numbers.Words;
import hestra.variants.Variant;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Puts an exercise on paper. */
@Command(name = "handout",
        description = "Write an exercise as a PDF to print: the sheets of its variants with room for the answers, or their keys.",
        mixinStandardHelpOptions = true, sortOptions = false)
public final class HandoutCommand implements Callable<Integer> {

    private static final Pattern SPAN = Pattern.compile("\\s*(\\d{1,4})\\s*(?:[-\u2013]\\s*(\\d{1,4})\\s*)?");

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the exercise (.hestra)")
    private Path file;

    @Option(names = "--out", paramLabel = "F.pdf", required = true,
            description = "the PDF; of one variant also a web page (.html) or an OpenDocument text (.odt)")
    private Path out;

    @Option(names = "--key", description = "the key in its place: what is right, and wrong answers and what they come from")
    private boolean key;

    @Option(names = "--variants", paramLabel = "1-30",
            description = "which variants; the exercise as it stands where none are named")
    private String span;

    @Option(names = "--letter", description = "on Letter paper; A4 otherwise")
    private boolean letter;

    @Option(names = "--look", paramLabel = "DIR", description = "write the pages as pictures (PNG) to DIR too")
    private Path look;

    @Option(names = "--unfinished", description = "go on though something in the exercise is unfinished")
    private boolean unfinished;

    @Override
    public Integer call() {
        List<Integer> numbers = numbers();
        try (Followed followed = new Followed("Printing", spec.commandLine().getErr())) {
            return switch (OwnExercise.read(file).then(it -> OwnExercise.finished(it, unfinished))
                    .then(exercise -> write(exercise, numbers, followed))) {
                case Result.Refused<Integer>(String message) -> {
                    spec.commandLine().getErr().println(message);
                    yield 1;
                }
                case Result.Done<Integer>(Integer count) -> {
                    spec.commandLine().getOut().println((key ? "The key to " : "") + Counted.of(count, "variant") + " in " + out
                            + ".");
                    spec.commandLine().getOut().flush();
                    yield 0;
                }
            };
        }
    }

    private List<Integer> numbers() {
        if (span == null) {
            return List.of(0);
        }
        Matcher matcher = SPAN.matcher(span);
        if (matcher.matches()) {
            int from = Integer.parseInt(matcher.group(1));
            int to = matcher.group(2) == null ? from : Integer.parseInt(matcher.group(2));
            if (from >= 1 && from <= to && to <= Copy.MOST_VARIANTS) {
                return IntStream.rangeClosed(from, to).boxed().toList();
            }
        }
        throw new ParameterException(spec.commandLine(),
                "Name the variants as 1-30 or as one number; they go from 1 to " + Copy.MOST_VARIANTS + ".");
    }

    private Result<Integer> write(Exercise exercise, List<Integer> numbers, Progress followed) {
        Paper paper = letter ? Paper.LETTER : Paper.A4;
        try {
            List<Variant> variants = Handout.drawn(exercise, numbers, followed);
            if (!out.toString().toLowerCase(Locale.ROOT).endsWith(".pdf")) {
                if (variants.size() > 1 || !PageFile.isOne(out)) {
                    return Result.refused(variants.size() > 1 ? "Only a PDF holds several variants: name one ending in .pdf."
                            : out + " does not end in " + String.join(", ", PageFile.ENDINGS) + ".");
                }
                Handout.write(exercise, variants.getFirst(), key, paper, out);
            } else if (key) {
                Handout.writeKey(exercise, variants, paper, out, followed);
            } else {
                Handout.write(exercise, variants, List.of(), paper, out, followed);
            }
            if (look != null && out.toString().toLowerCase(Locale.ROOT).endsWith(".pdf")) {
                PagePictures.write(out, look);
            }
            return Result.done(variants.size());
        } catch (Progress.Stopped e) {
            return Result.refused("Stopped. Nothing was written.");
        } catch (IOException e) {
            return Result.refused(out + " cannot be written: " + Words.ended(e.getMessage()));
        }
    }
}
