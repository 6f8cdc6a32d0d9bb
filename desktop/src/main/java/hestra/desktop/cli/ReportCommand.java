package hestra.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;

import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desktop.files.Exchange;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HestraFile;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.documents.page.Page;
import hestra.documents.page.PageFile;
import hestra.documents.page.PagePictures;
import hestra.documents.page.Paper;
import hestra.documents.page.StudyPage;
import hestra.documents.page.WriteUp;
import hestra.numbers.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a report of a study or a hand-in. */
@Command(name = "report",
        description =
        "Write a report of a study (.hestra) or a hand-in (.handin): a web page, a PDF or an OpenDocument text, as the ending "
        + "of --out says.",
        mixinStandardHelpOptions = true)
public final class ReportCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the study or hand-in")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "FILE",
            description = "where to: a name that ends in .html, .pdf or .odt")
    private Path out;

    @Option(names = "--paper", paramLabel = "PAPER", description = "${COMPLETION-CANDIDATES}; A4 unless said otherwise",
            defaultValue = "A4")
    private Paper paper;

    @Option(names = "--name", paramLabel = "NAME", description = "whose study it is", defaultValue = "")
    private String name;

    @Option(names = "--look", paramLabel = "DIR", description = "write the pages as pictures (PNG) to DIR too")
    private Path look;

    @Override
    public Integer call() {
        if (!PageFile.isOne(out)) {
            return refused(out + " does not end in " + String.join(", ", PageFile.ENDINGS)
                    + ". Choose one of these endings for --out.");
        }
        return switch (page()) {
            case Result.Refused<Page>(String message) -> refused(message);
            case Result.Done<Page>(Page page) -> written(page);
        };
    }

    private Result<Page> page() {
        String date = Exchange.today();
        if (file.toString().endsWith(HandInFile.ENDING)) {
            return HandInFile.read(file).then(handIn -> Result.done(WriteUp.ofHandIn(Findings.of(handIn.desk()), date)));
        }
        return HestraFile.read(file).then((Desk desk) -> Result.done(desk.exercise()
                .isStudy() ? StudyPage.of(desk, name, date) : WriteUp.of(Findings.of(desk), date)));
    }

    private int written(Page page) {
        try {
            PageFile.write(page, paper, out);
            if (look != null) {
                PagePictures.write(page, paper, FileReading.name(out).replaceFirst("\\.\\w+$", ""), look);
            }
            spec.commandLine().getOut().println(out);
            return 0;
        } catch (IOException e) {
            return refused("The report could not be written to " + out + ": " + Words.ended(e.getMessage())
                    + " Choose another place.");
        }
    }

    private int refused(String message) {
        spec.commandLine().getErr().println(message);
        return 1;
    }
}
