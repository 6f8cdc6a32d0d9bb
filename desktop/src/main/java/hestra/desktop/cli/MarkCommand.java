package hestra.desktop.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;

import hestra.desktop.files.Exchange;
import hestra.documents.exercise.DueTime;
import hestra.documents.exercise.Gradebook;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.MarksFile;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.ClassPage;
import hestra.documents.page.GiveBack;
import hestra.documents.page.HtmlPage;
import hestra.documents.page.PagePictures;
import hestra.documents.page.Paper;
import hestra.documents.table.NameList;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Marking;
import hestra.numbers.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Marks a folder of hand-ins: prints a line each, and writes what is given back. */
@Command(name = "mark", description = "Mark a folder of hand-ins (.handin): one line of CSV each, and what is given back.",
        mixinStandardHelpOptions = true)
public final class MarkCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FOLDER", description = "the folder that holds the hand-ins")
    private Path folder;

    @Option(names = "--exercise", paramLabel = "FILE",
            description = "your own copy of the exercise: it alone decides what is right")
    private Path own;

    @Option(names = "--marks", paramLabel = "FILE.marks", description = "the decisions and comments of whoever marked the class")
    private Path marks;

    @Option(names = "--give-back", paramLabel = "DIR", description = "write a page for each student to DIR")
    private Path giveBack;

    @Option(names = "--pdf", description = "write the pages as PDF too")
    private boolean pdf;

    @Option(names = "--together", paramLabel = "F.pdf",
            description = "write the pages of all to F, in the order of --names or by name")
    private Path together;

    @Option(names = "--both-sides", description = "in --together each begins on a sheet of paper of its own")
    private boolean bothSides;

    @Option(names = "--look", paramLabel = "DIR", description = "write the pages of --give-back as pictures (PNG) to DIR too")
    private Path look;

    @Option(names = "--key", description = "the pages say what would have been right")
    private boolean key;

    @Option(names = "--gradebook", paramLabel = "F.csv|F.xlsx", description = "write the marks as a table to F")
    private Path gradebook;

    @Option(names = "--names", paramLabel = "LIST",
            description = "a list of names (.csv, .xlsx or text), in whose order the table is to be")
    private Path names;

    /** Whether a page could not be written. */
    private boolean failed;

    @Option(names = "--due", paramLabel = "TIME",
            description =
            "when hand-ins were due, such as \"2026-11-24 18:00\" by the clock here: what came later is late, and an earlier "
            + "one in time counts")
    private String due;

    @Option(names = "--class", paramLabel = "F.html", description = "write the class on one page to F")
    private Path classPage;

    @Override
    public Integer call() {
        if (own == null && (giveBack != null || together != null || classPage != null)) {
            spec.commandLine().getErr()
                    .println("Name your own exercise with --exercise: what is given back is worked out from it, not from a "
                    + "copy that came back.");
            return 1;
        }
        if (due != null && DueTime.read(due).isEmpty()) {
            spec.commandLine().getErr().println("\u201c" + due + "\u201d is not a time. Type it like this: --due \""
                    + DueTime.EXAMPLE + "\".");
            return 1;
        }
        Result<ClassWork> marked = exercise().then(exercise -> decisions()
                .then(found -> refusal(found, exercise).<Result<ClassWork>>map(Result::refused)
                .orElseGet(() -> HandIns.ofFolder(folder, exercise,
                it -> dueBy(found.map(MarksFile::marking).filter(marking -> marking.exercise().equals(it.id()))
                        .orElse(Marking.none(it.id())))))));
        try (Followed followed = new Followed("Giving back", spec.commandLine().getErr())) {
            return switch (marked.then(work -> own == null && work.exercise().isCopy()
                    ? Result.refused("These are hand-ins of students’ copies. Name your own exercise with --exercise: copies "
                    + "hold no keys to mark them by.") : Result.done(work))
                    .then(work -> listed().then(list -> given(work, list, followed)))) {
                case Result.Done<String>(String csv) -> {
                    spec.commandLine().getOut().print(csv);
                    spec.commandLine().getOut().flush();
                    yield failed ? 1 : 0;
                }
                case Result.Refused<String>(String message) -> {
                    spec.commandLine().getErr().println(message);
                    yield 1;
                }
            };
        }
    }

    /** A marking with the time that was given on the command line, which goes before its own. */
    private Marking dueBy(Marking marking) {
        return due == null
                ? marking
                : marking.decide(new DecisionSubject.Due(), DueTime.read(due).map(DecisionValue.Moment::new), "command line");
    }

    private Result<Optional<Exercise>> exercise() {
        return own == null ? Result.done(Optional.empty()) : OwnExercise.read(own).then(read -> Result.done(Optional.of(read)));
    }

    private Result<Optional<MarksFile>> decisions() {
        return marks == null ? Result.done(Optional.empty())
                : !Files.exists(marks) ? Result.refused(marks + " is not there.")
                : MarksFile.read(marks).then(read -> Result.done(Optional.of(read)));
    }

    private Optional<String> refusal(Optional<MarksFile> found, Optional<Exercise> exercise) {
        return found.filter(it -> exercise.isPresent() && !it.marking().exercise().equals(exercise.get().id()))
                .map(it -> marks + " is a marking of another exercise, “" + it.title() + "”.");
    }

    private Result<ClassList> listed() {
        return names == null ? Result.done(ClassList.NONE) : NameList.read(names).then(list -> Result.done(list.list()));
    }

    /** Writes what is wanted, and says the marks. */
    private Result<String> given(ClassWork work, ClassList list, Progress followed) {
        try {
            ClassKey decides = ClassKey.of(work.exercise());
            if (gradebook != null) {
                if (Gradebook.ENDINGS.stream().noneMatch(gradebook.toString().toLowerCase(Locale.ROOT)::endsWith)) {
                    return Result.refused(gradebook + " is to end in " + String.join(" or ", Gradebook.ENDINGS) + ".");
                }
                Gradebook.write(work, list, gradebook);
            }
            if (classPage != null) {
                FileWriting.write(classPage, HtmlPage.of(ClassPage.of(ClassResult.of(work), Exchange.today(), true)));
            }
            if (giveBack != null) {
                Set<GiveBack.Form> forms = pdf || look != null ? EnumSet.allOf(GiveBack.Form.class)
                        : EnumSet.of(GiveBack.Form.HTML);
                GiveBack.Written written = new GiveBack(work, decides, key, Exchange.today())
                        .write(folder, giveBack, forms, Paper.A4, followed);
                for (Path page : written.files()) {
                    if (look != null && page.toString().endsWith(".pdf")) {
                        PagePictures.write(page, look);
                    }
                }
                List<String> failures = written.failures();
                failures.forEach(spec.commandLine().getErr()::println);
                failed = !failures.isEmpty();
            }
            if (together != null) {
                GiveBack.Written written = new GiveBack(work, decides, key, Exchange.today())
                        .writeTogether(Gradebook.inOrder(work, list), folder, together, Paper.A4, bothSides, followed);
                written.failures().forEach(spec.commandLine().getErr()::println);
                failed |= !written.failures().isEmpty();
                if (look != null && !written.files().isEmpty()) {
                    PagePictures.write(together, look);
                }
            }
            return Result.done(Gradebook.csv(work, list));
        } catch (Progress.Stopped e) {
            return Result.refused("Stopped. What was written by then is in " + giveBack + ".");
        } catch (IOException e) {
            return Result.refused("Not all could be written: " + Words.ended(e.getMessage()));
        }
    }
}
