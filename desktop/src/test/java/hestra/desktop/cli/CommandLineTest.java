package hestra.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desktop.Main;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.demo.ReedHeights;
import hestra.desktop.files.Settings;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.file.Result;
import hestra.documents.table.DataExport;
import hestra.exercise.Exercise;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.marking.ClassWork;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.HandIn;
import hestra.marking.Marking;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.Seal;
import hestra.task.Task;
import hestra.variants.Copies;
import hestra.variants.Variants;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.slf4j.LoggerFactory;

import static org.assertj.core.api.Assertions.assertThat;

@Execution(ExecutionMode.CONCURRENT)
class CommandLineTest {

    private static final Path KELP = Path.of("..", "demo", "kelp-blades.csv");

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @TempDir
    Path folder;

    /** Four parts of four seconds, with pauses between: a WAV file that the platform reads. */
    @Test
    void aFitIsWrittenAsSound() throws IOException, UnsupportedAudioFileException {
        Path wav = folder.resolve("kelp.wav");
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--sound", wav)).isZero();
        try (AudioInputStream sound = AudioSystem.getAudioInputStream(wav.toFile())) {
            assertThat(sound.getFormat().getChannels()).isEqualTo(2);
            assertThat(sound.getFrameLength() / sound.getFormat().getFrameRate()).isBetween(17f, 20f);
        }
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--sound", folder)).isEqualTo(1);
        assertThat(err.toString()).contains("could not be written");
    }

    private int run(Object... arguments) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        String[] texts = Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true)).execute(texts);
    }

    @Test
    void fitPrintsTheEquationAndWhatBelongsToIt() {
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--predict", "20,60")).isZero();
        assertThat(out.toString()).contains("length = 4.107 + 0.8731 · days").contains("n  24 of 24 rows").contains("at 60:")
                .contains("outside the data");
        assertThat(err.toString()).isEmpty();
    }

    /** Numbers that a person can pass on: none of them is what a build left to be filled in. */
    @Test
    void theVersionSaysWhichHestraItIsOnWhatItRunsAndWhereItsFolderLies() {
        assertThat(run("--version")).isZero();
        assertThat(out.toString().lines()).satisfiesExactly(
                it -> assertThat(it).matches("Hestra \\d+\\.\\d+\\.\\d+ of \\d{4}-\\d{2}-\\d{2}"),
                it -> assertThat(it).contains("Java " + System.getProperty("java.version")).containsPattern("JavaFX \\d+"),
                it -> assertThat(it).endsWith(Settings.usualFolder().toString()));
    }

    @Test
    void aMarkingThatIsNoneIsRefusedWithoutAWindow() throws IOException {
        Path broken = Files.writeString(folder.resolve("mine.marks"), "no marking");
        assertThat(run("open", broken)).isEqualTo(1);
        assertThat(err.toString()).contains("mine.marks");
        assertThat(run("open", folder.resolve("gone.marks"))).isEqualTo(1);
        assertThat(err.toString()).contains("gone.marks");
    }

    @Test
    void fitPrintsJsonWithNumbersInFull() {
        assertThat(run("fit", KELP, "--explanatory", "1", "--response", "2", "--predict", "20", "--level", "0.9", "--json"))
                .isZero();
        assertThat(out.toString()).startsWith("{").contains("\"curve\" : \"line\"")
                .contains("\"explanatory\" : \"days\"").contains("0.873145476384");
    }

    @Test
    void columnsAreFoundByHeadingWithOrWithoutUnitAndByNumberWithoutHeadings() throws IOException {
        Path units = Files.writeString(folder.resolve("u.csv"), "age (days);length (cm)\n1;2,5\n2;3,5\n3;4,6\n");
        assertThat(run("fit", units, "--explanatory", "age", "--response", "length (cm)")).isZero();
        Path bare = Files.writeString(folder.resolve("b.csv"), "1,2\n2,3\n3,5\n");
        assertThat(run("fit", bare, "--explanatory", "1", "--response", "2")).isZero();
    }

    @Test
    void aFileIsReadAsTheWindowReadsItAndGuessesCanBeSaidOtherwise() throws IOException {
        StringBuilder text = new StringBuilder("Kelp blades of the pier\n\ndays;length\n");
        StringBuilder bare = new StringBuilder();
        for (int i = 1; i <= 12; i++) {
            text.append(i).append(";").append(2 * i).append(",5 cm\n");
            bare.append(i).append("|").append(1200 + i * i).append("\n");
        }
        Path commas = Files.write(folder.resolve("latin.txt"), text.toString().replace("cm", "µm")
                .getBytes(StandardCharsets.ISO_8859_1));
        assertThat(run("fit", commas, "--explanatory", "days", "--response", "length", "--json")).isZero();
        assertThat(out.toString()).contains("\"used\" : 12");
        Path sheets = folder.resolve("kelp.ods");
        DataExport.write(KelpBlades.exercise().first().data(), sheets);
        assertThat(run("fit", sheets, "--explanatory", "days", "--response", "length", "--sheet", "Data")).as(err.toString())
                .isZero();
        assertThat(run("fit", sheets, "--explanatory", "days", "--response", "length", "--sheet", "Other")).isEqualTo(1);
        assertThat(err.toString()).contains("Other").contains("Data");
        Path bars = Files.writeString(folder.resolve("bars.txt"), bare);
        assertThat(run("fit", bars, "--explanatory", "1", "--response", "2", "--headings"))
                .as("a line of numbers as headings").isEqualTo(0);
        assertThat(run("fit", bars, "--explanatory", "1", "--response", "2", "--separator", "semicolon")).isEqualTo(1);
        assertThat(run("fit", bars, "--explanatory", "1", "--response", "2", "--separator", "dots")).isEqualTo(2);
        assertThat(err.toString()).contains("wide-spaces");
        Path both = Files.writeString(folder.resolve("both.txt"), "x;y\n1,500;2\n2,500;3\n4,500;7\n");
        assertThat(run("fit", both, "--explanatory", "x", "--response", "y", "--predict", "2", "--decimal", "comma")).isZero();
        assertThat(out.toString()).contains("1.5 to 4.5");
    }

    @Test
    void whatCannotBeComputedIsOnePlainLineAndExitCodeOne() throws IOException {
        Path flat = Files.writeString(folder.resolve("flat.csv"), "x,y\n1,2\n1,3\n,4\n");
        assertThat(run("fit", flat, "--explanatory", "x", "--response", "y")).isEqualTo(1);
        assertThat(err.toString().lines()).singleElement().asString().contains("same x").contains("row 3 (incomplete)");
        Path empty = Files.writeString(folder.resolve("empty.csv"), "x,y\n");
        assertThat(run("fit", empty, "--explanatory", "x", "--response", "y")).isEqualTo(1);
        assertThat(err.toString()).contains("There are none yet");
        assertThat(run("fit", folder.resolve("none.csv"), "--explanatory", "x", "--response", "y")).isEqualTo(1);
        assertThat(run("fit", flat, "--explanatory", "x", "--response", "z")).isEqualTo(1);
        assertThat(err.toString().lines()).singleElement().asString().contains("no column “z”").contains("x, y");
        assertThat(run("fit", flat, "--explanatory", "x", "--response", "1")).isEqualTo(1);
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void aDamagedWorkbookIsOnePlainLineAndNoStackTrace() throws IOException {
        Path whole = folder.resolve("whole.xlsx");
        DataExport.write(KelpBlades.exercise().first().data(), whole);
        byte[] bytes = Files.readAllBytes(whole);
        Path damaged = Files.write(folder.resolve("damaged.xlsx"), Arrays.copyOf(bytes, bytes.length * 2 / 3));
        assertThat(run("fit", damaged, "--explanatory", "days", "--response", "length")).isEqualTo(1);
        assertThat(err.toString().lines()).singleElement().asString().contains("damaged.xlsx is damaged");
        assertThat(LoggerFactory.getLogger("org.apache.poi.util.XMLHelper").isErrorEnabled())
                .as("and the library says nothing beside it").isFalse();
    }

    @Test
    void aReportIsWrittenOfAStudyAndOfAHandIn() throws IOException {
        Path study = folder.resolve("reeds.hestra");
        HestraFile.write(ReedHeights.study(), study);
        Path page = folder.resolve("reeds.html");
        assertThat(run("report", study, "--out", page, "--name", "Ida Fenn", "--paper", "LETTER")).isZero();
        assertThat(Files.readString(page)).contains("Do reeds stand taller in deep water?")
                .contains("Ida Fenn").contains("Figure 2.");
        Path pdf = folder.resolve("reeds.pdf");
        assertThat(run("report", study, "--out", pdf)).isZero();
        assertThat(Files.size(pdf)).isPositive();
        Path handIn = folder.resolve("ida.handin");
        HandInFile.write(HandIn.of(Desk.open(KelpBlades.exercise()).apply(new Edit.Name("Ida Fenn"))), handIn);
        assertThat(run("report", handIn, "--out", page)).isZero();
        assertThat(Files.readString(page)).contains("How fast does kelp grow?").contains("Ida Fenn").contains("Comments");
    }

    @Test
    void aReportThatCannotBeWrittenSaysWhy() throws IOException {
        Path study = folder.resolve("reeds.hestra");
        HestraFile.write(ReedHeights.study(), study);
        assertThat(run("report", study, "--out", folder.resolve("reeds.docx"))).isEqualTo(1);
        assertThat(err.toString()).contains(".html, .pdf, .odt");
        assertThat(run("report", study, "--out", Files.createDirectory(folder.resolve("a folder.pdf")))).isEqualTo(1);
        assertThat(err.toString()).contains("could not be written").contains("another place");
        assertThat(run("report", folder.resolve("none.hestra"), "--out", folder.resolve("a.pdf"))).isEqualTo(1);
        assertThat(run("report", study)).as("without a place to write to").isEqualTo(2);
        assertThat(run("none.csv")).as("data that are not there").isEqualTo(1);
        assertThat(err.toString()).contains("none.csv is not there");
    }

    @Test
    void wrongUsageIsExitCodeTwo() {
        assertThat(run("fit", KELP)).isEqualTo(2);
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--level", "95")).isEqualTo(2);
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--predict", "2,x")).isEqualTo(2);
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--curve", "squiggle")).isEqualTo(2);
        assertThat(err.toString()).contains("squiggle");
        assertThat(run("no-such-command")).isEqualTo(2);
        assertThat(run("mark")).isEqualTo(2);
    }

    @Test
    void everyCurveCanBeFitted() {
        for (String curve : List.of("line", "origin", "quadratic", "cubic", "poly4", "poly5", "poly6", "exponential", "power",
                "log", "wave", "terms:1,x,sqrt(x)")) {
            assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--curve", curve)).as(curve).isZero();
            assertThat(out.toString()).startsWith("length = ").contains("R²");
            assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--curve", curve, "--json")).as(curve)
                    .isZero();
            assertThat(out.toString()).contains("\"curve\" : \"" + curve + "\"");
        }
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--curve", "exponential", "--direct"))
                .isZero();
        assertThat(out.toString()).contains("approximate");
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--curve", "cubic", "--direct"))
                .isEqualTo(2);
    }

    @Test
    void whatElseIsAskedIsPrinted() {
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--compare", "--diagnostics", "--working",
                "--summary",
                "--reach", "30", "--calculate", "slope * 10 + intercept", "--calculate", "slop", "--digits", "6")).isZero();
        assertThat(out.toString()).contains("quadratic curve").contains("Cook’s distance").contains("(x − x̄)(y − ȳ)")
                .contains("X'X").contains("upper quartile")
                .contains("length = 30 is reached at").contains("slope * 10 + intercept = 12.83")
                .contains("“slop” is not known").contains("0.873145");
        assertThat(run("fit", KELP, "--explanatory", "days", "--response", "length", "--digits", "1")).isEqualTo(2);
    }

    @Test
    void rowsCanBeChosenAndCounted() throws IOException {
        Path counted = Files.writeString(folder.resolve("c.csv"), "x,y,times\n1,2,3\n2,4,1\n3,5,2\n4,6,1.5\n");
        assertThat(run("fit", counted, "--explanatory", "x", "--response", "y", "--count", "times", "--json")).isZero();
        assertThat(out.toString()).contains("\"observations\" : 6").contains("\"used\" : 3")
                .contains("count is not a whole number");
        assertThat(run("fit", counted, "--explanatory", "x", "--response", "y", "--only", "1-2,4")).isZero();
        assertThat(out.toString()).contains("n  3 of 4 rows").contains("row 3, not among the chosen points");
        assertThat(run("fit", counted, "--explanatory", "x", "--response", "y", "--only", "one")).isEqualTo(2);
        assertThat(run("fit", counted, "--explanatory", "x", "--response", "y", "--count", "nothing")).isEqualTo(1);
    }

    @Test
    void whatACurveCannotTakeIsOneLineWithItsRows() throws IOException {
        Path rings = Files.writeString(folder.resolve("rings.csv"), "years,diameter\n0,1\n1,2\n2,3\n4,5\n");
        assertThat(run("fit", rings, "--explanatory", "years", "--response", "diameter", "--curve", "log")).isEqualTo(1);
        assertThat(err.toString().lines()).singleElement().asString().contains("row 1 does not").contains("Set it aside");
        assertThat(run("fit", rings, "--explanatory", "years", "--response", "diameter", "--compare")).isZero();
        assertThat(out.toString()).contains("A logarithmic curve needs x above 0");
    }

    @Test
    void helpNamesTheCommands() {
        assertThat(run("--help")).isZero();
        assertThat(out.toString()).contains("demo").contains("open").contains("mark").contains("fit");
    }

    @Test
    void markPrintsALineForEachHandIn() throws IOException {
        HandInFile.write(HandIn.of(Desk.open(KelpBlades.exercise()).apply(new Edit.Name("Ida Fenn"))),
                folder.resolve("ida.handin"));
        Files.writeString(folder.resolve("odd.handin"), "?");
        Path own = folder.resolve("kelp.hestra");
        ExerciseFile.write(KelpBlades.exercise(), own);
        assertThat(run("mark", folder, "--exercise", own)).isZero();
        assertThat(out.toString().lines()).hasSize(3);
        assertThat(out.toString()).contains("Ida Fenn,0,0,0,0,0,0,0,0,0,21,").contains("odd.handin");
        assertThat(run("mark", folder.resolve("nowhere"))).isEqualTo(1);
        assertThat(run("mark", folder, "--exercise", folder.resolve("odd.handin"))).isEqualTo(1);
    }

    @Test
    void markWritesWhatIsGivenBackByWhatWasDecided() throws IOException {
        Path hands = folder.resolve("hands");
        KelpClass.write(hands, 28);
        Path own = folder.resolve("kelp.hestra");
        ExerciseFile.write(KelpBlades.exercise(), own);
        Path marks = folder.resolve("kelp.marks");
        Marking none = Marking.none(KelpBlades.exercise().id());
        ClassWork work = ((Result.Done<ClassWork>) HandIns.ofFolder(hands, Optional.of(KelpBlades.exercise()), _ -> none))
                .value();
        Task explain = work.exercise().task("explain").orElseThrow();
        new MarksFile("Kelp blades", none.decide(new DecisionSubject.Marks("explain", new DecisionScope.All()),
                Optional.of(new DecisionValue.Points(1, Ground.of(explain, work.roll().students()))), "ann"), List.of())
                        .write(marks);
        Path names = Files.writeString(folder.resolve("names.txt"), "Wen Aldous\nIda Fenn\n");
        Path back = folder.resolve("back");
        Path book = folder.resolve("marks.csv");
        Path page = folder.resolve("class.html");
        assertThat(run("mark", hands, "--exercise", own, "--marks", marks, "--give-back", back, "--key", "--gradebook", book,
                "--names", names, "--class", page)).isZero();
        // Ida has all 18 of the other tasks.
        assertThat(Files.readAllLines(book).get(2)).startsWith("Ida Fenn,1,1,4,2,2,2,6,1,19,21,");
        assertThat(Files.readAllLines(book).get(1)).startsWith("Wen Aldous,");
        assertThat(out.toString()).isEqualToNormalizingNewlines(Files.readString(book));
        assertThat(Files.readString(page)).contains("The class".toLowerCase(Locale.ROOT)).contains("Recognised mistakes");
        try (Stream<Path> pages = Files.list(back)) {
            assertThat(pages).hasSize(26);
        }
        assertThat(Files.readString(back.resolve("Kelp blades, Ida Fenn.html"))).contains("1 of 3 marks");
        assertThat(run("mark", hands, "--exercise", own, "--gradebook", folder.resolve("marks.doc"))).isEqualTo(1);
        assertThat(err.toString()).contains("is to end in .csv or .xlsx");
        assertThat(run("mark", hands, "--exercise", own, "--marks", folder.resolve("none.marks"))).isEqualTo(1);
        assertThat(run("mark", hands, "--give-back", back)).isEqualTo(1);
        assertThat(err.toString()).contains("Name your own exercise");
        new MarksFile("Limpets", Marking.none("limpets"), List.of()).write(marks);
        assertThat(run("mark", hands, "--exercise", own, "--marks", marks)).isEqualTo(1);
        assertThat(err.toString()).contains("a marking of another exercise, “Limpets”");
    }

    @Test
    void whatIsDueIsSaidOnTheCommandLineAsInTheWindow() throws IOException {
        Path hands = folder.resolve("hands");
        KelpClass.write(hands, 28);
        assertThat(run("mark", hands, "--due", "2026-11-24 18:00")).isZero();
        assertThat(out.toString().lines().filter(line -> line.contains("Handed in late."))).singleElement()
                .asString().startsWith(KelpClass.LATE);
        assertThat(run("mark", hands, "--due", "tomorrow")).isEqualTo(1);
        assertThat(err.toString()).contains("Type it like this");
    }

    @Test
    void aStudentsCopyIsRefusedWhereverAnAuthorsExerciseIsNeeded() throws IOException {
        Path copy = folder.resolve("copy.hestra");
        ExerciseFile.write(Copies.of(Variants.draw(KelpBlades.exercise(), 0), 1, "Ida Fenn",
                key -> Seal.of(key, new byte[Seal.SALT_BYTES])), copy);
        for (Object[] command : new Object[][] {{"handout", copy, "--key", "--out", folder.resolve("key.pdf")}, {"check", copy},
                {"variants", copy, "--count", "2", "--out", folder.resolve("copies")},
                {"mark", folder, "--exercise", copy}, {"judge", copy, "--task", "slope", "--answer", "0.87"}}) {
            assertThat(run(command)).as("%s", command[0]).isEqualTo(1);
            assertThat(err.toString()).as("%s", command[0]).contains("This is a student’s copy of “Kelp blades”");
        }
        assertThat(folder.resolve("key.pdf")).doesNotExist();
        Path hands = Files.createDirectories(folder.resolve("own"));
        HandInFile.write(HandIn.of(Desk.open(((Result.Done<Exercise>) ExerciseFile.read(copy)).value())
                .apply(new Edit.Name("Ida"))), hands.resolve("mine.handin"));
        assertThat(run("mark", hands)).as("nobody's own marks before their time").isEqualTo(1);
        assertThat(err.toString()).contains("Name your own exercise with --exercise");
    }

    /** Whatever a command comes upon ends in a sentence. */
    @Test
    void theRootOfTheDiskIsNoFileToAnyCommand() {
        Path root = folder.getRoot();
        for (Object[] command : new Object[][] {{"check", root}, {"judge", root, "--task", "a", "--answer", "1"},
                {"fit", root, "--explanatory", "x", "--response", "y"}, {"report", root, "--out", folder.resolve("r.html")},
                {"variants", root, "--count", "1", "--out", folder.resolve("c")},
                        {"handout", root, "--out", folder.resolve("h.pdf")}, {"mark", folder, "--exercise", root}}) {
            assertThat(run(command)).as("%s", command[0]).isEqualTo(1);
            assertThat(err.toString()).as("%s", command[0]).contains("it is a folder, not a file").doesNotContain("Exception");
        }
    }

    @Test
    void openRefusesAFileThatIsNoExercise() throws IOException {
        assertThat(run("open", Files.writeString(folder.resolve("x.hestra"), "?"))).isEqualTo(1);
        assertThat(err.toString()).contains("not a Hestra file");
    }

    @Test
    void theShippedExerciseFileIsTheDemosExercise() {
        assertThat(ExerciseFile.read(Path.of("..", "demo", "kelp-blades.hestra"))).isEqualTo(Result.done(KelpBlades.exercise()));
        Exercise exercise = KelpBlades.exercise();
        assertThat(exercise.first().shut()).isEmpty();
        assertThat(Kelp.truth(exercise).given().cell(KelpBlades.SLIP_ROW, 1).text()).isEqualTo("290");
    }

    @Test
    void anExerciseIsLookedThrough() throws IOException {
        Path sound = folder.resolve("sound.hestra");
        ExerciseFile.write(Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(3)))
                .withFirst(part -> part.withHeld(Set.of())), sound);
        assertThat(run("check", sound)).isZero();
        assertThat(out.toString()).contains("Nothing to look at.");
        Path closed = folder.resolve("closed.hestra");
        ExerciseFile.write(Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(3)))
                .withFirst(part -> part.withHeld(Set.of(Aid.EQUATION))), closed);
        assertThat(run("check", closed)).isEqualTo(1);
        assertThat(out.toString()).contains("Task 1 calls for the equation, which is still closed then");
        assertThat(run("check", closed, "--json")).isEqualTo(1);
        assertThat(out.toString().strip()).startsWith("{\"sort\":\"aid-closed\"").contains("\"task\":\"read\"")
                .contains("\"mend\":\"Leave it open\"");
        assertThat(run("check", folder.resolve("none.hestra"))).isEqualTo(1);
        assertThat(err.toString()).contains("not there");
    }

    @Test
    void variantsAreWrittenAndTheEditionIsKept() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(3)))
                .withFirst(part -> part.withHeld(Set.of()).with(Varying.NONE.with(Varying.Way.SOME_ROWS).withRows(4))), file);
        Path copies = folder.resolve("copies");
        assertThat(run("variants", file, "--count", "3", "--out", copies)).isZero();
        assertThat(out.toString()).isEqualToNormalizingNewlines("3 copies of edition 1 in " + copies
                + ". The edition is kept in kelp.hestra, so that what comes back can be marked.\n");
        assertThat(copies.toFile().list()).containsExactlyInAnyOrder("Kelp, variant 1.hestra", "Kelp, variant 2.hestra",
                "Kelp, variant 3.hestra");
        Exercise kept = ((Result.Done<Exercise>) ExerciseFile.read(file)).value();
        assertThat(kept.issue().editions()).hasSize(1);
        Path list = Files.writeString(folder.resolve("class.txt"), "Ida Fenn\n\nTavi/Roon\n");
        assertThat(run("variants", file, "--names", list, "--out", folder.resolve("named"))).isZero();
        assertThat(err.toString()).contains("1 line without a name left out.");
        assertThat(out.toString()).as("nothing was changed since").contains("2 copies of edition 1");
        assertThat(folder.resolve("named").toFile().list())
                .containsExactlyInAnyOrder("Kelp, Ida Fenn.hestra", "Kelp, Tavi_Roon.hestra", "for the instructor");
        assertThat(run("variants", copies.resolve("Kelp, variant 1.hestra"), "--count", "2", "--out", copies)).isEqualTo(1);
        assertThat(err.toString()).contains("This is a student’s copy");
        assertThat(run("variants", file, "--count", "0", "--out", copies)).isEqualTo(2);
        assertThat(run("variants", file, "--out", copies)).isEqualTo(2);
        assertThat(run("variants", folder.resolve("none.hestra"), "--count", "2", "--out", copies)).isEqualTo(1);
    }

    @Test
    void copiesThatAreAllTheSameAreSaidToBe() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(3)))
                .withFirst(part -> part.withHeld(Set.of())), file);
        assertThat(run("variants", file, "--count", "3", "--out", folder.resolve("copies"))).isZero();
        assertThat(out.toString()).contains("3 copies of edition 1, all with the same data, in ");
        assertThat(run("variants", file, "--count", "1", "--out", folder.resolve("one"))).isZero();
        assertThat(out.toString()).contains("1 copy of edition 1 in ");
    }

    @Test
    void whatIsUnfinishedIsGivenOutOnlyByWhoKnowsIt() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(3))), file);
        Path copies = folder.resolve("copies");
        Path pdf = folder.resolve("kelp.pdf");
        for (Object[] command : new Object[][] {{"variants", file, "--count", "2", "--out", copies},
                {"handout", file, "--out", pdf}}) {
            assertThat(run(command)).isEqualTo(1);
            assertThat(err.toString())
                    .contains("Task 1 calls for the equation, which is still closed then: no task opens it.\nNothing was "
                    + "written: this is not finished. Mend it in Write, or give --unfinished to go on all the same.");
        }
        assertThat(copies).doesNotExist();
        assertThat(pdf).doesNotExist();
        assertThat(run("variants", file, "--count", "2", "--unfinished", "--out", copies)).isZero();
        assertThat(run("handout", file, "--unfinished", "--out", pdf)).isZero();
    }

    @Test
    void wishesThatCannotBeMetAreSaidAndExitWithOne() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        Wish never = new Wish.Between(Reading.of(Quantity.R), OptionalDouble.empty(), OptionalDouble.of(-0.5));
        ExerciseFile.write(Kelp.exercise(Kelp.explain())
                .withFirst(part -> part.withHeld(Set.of())
                        .with(Varying.NONE.with(Varying.Way.SOME_ROWS).withRows(4).withWishes(List.of(never)))), file);
        assertThat(run("variants", file, "--count", "2", "--out", folder.resolve("copies"))).isEqualTo(1);
        assertThat(out.toString())
                .contains("Variant 1: \u201ccorrelation r at most \u22120.5\u201d was not met in 500 draws; in the nearest "
                + "draw correlation r is 0.9", "Variant 2:", "2 copies of edition 1");
    }

    @Test
    void anExerciseIsPutOnPaper() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.whole(), file);
        Path pdf = folder.resolve("kelp.pdf");
        assertThat(run("handout", file, "--out", pdf)).isZero();
        assertThat(Files.readString(pdf, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
        assertThat(run("handout", file, "--out", pdf, "--key", "--variants", "2-4", "--letter")).isZero();
        assertThat(out.toString()).contains("The key to 3 variants in " + pdf + ".");
        assertThat(run("handout", file, "--out", pdf, "--variants", "4-2")).isEqualTo(2);
        assertThat(err.toString()).contains("Name the variants as 1-30 or as one number");
        assertThat(run("handout", file, "--out", file.resolve("such.pdf"))).isEqualTo(1);
        assertThat(err.toString()).contains("cannot be written");
    }
}
