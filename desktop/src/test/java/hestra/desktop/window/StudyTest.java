package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.Kelp;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.HestraFile;
import hestra.documents.file.Result;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.figure.Below;
import hestra.figure.Layer;
import hestra.figure.StripKind;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** From two columns to a report. */
class StudyTest {

    private static final String REEDS = "depth (cm)\theight (cm)\tsalt\n10\t30\t5\n20\t50\t4\n30\t70\t3\n40\t91\t2\n50\t109\t1\n";

    private static final String GONE = "Its columns are no longer in the table: it is kept as it was.";

    @TempDir
    private Path folder;

    private static Exercise blank() {
        return Exercise.study("reeds", "Your data", DecimalMark.POINT);
    }

    private static OwnSheet sheet(Person person) {
        return person.model().findings().work().sheet();
    }

    private static Person pasted(Path folder) throws IOException {
        Person person = Person.at(blank(), folder);
        person.copied(REEDS);
        person.press(KeyCode.CONTROL, KeyCode.V);
        return person;
    }

    private static void write(Person person, String text) throws IOException {
        person.copied(text);
        person.press(KeyCode.CONTROL, KeyCode.V);
    }

    @Test
    void fromColdToAReportWithTheMouse() throws IOException {
        Path report = folder.resolve("reeds.pdf");
        Path page = folder.resolve("reeds.html");
        try (Person person = Person.atStart(folder)) {
            person.copied(REEDS);
            person.click("start-paste");
            Findings findings = person.model().findings();
            assertThat(findings.x().heading()).isEqualTo("depth (cm)");
            // x̄ = 30, ȳ = 70, Sxy = 1990, Sxx = 1000.
            assertThat(findings.fit().line().orElseThrow().slope().value()).isEqualTo(1.99);
            assertThat(person.sees("equation")).isTrue();
            person.click("predict-at");
            person.type("60");
            person.press(KeyCode.ENTER);
            assertThat(person.text("predicted")).isEqualTo("129.7 cm");
            person.click("study-title");
            person.type("Reeds");
            person.click("write-on");
            person.type("They rise.");
            person.click("keep-plot");
            write(person, "With the line");
            person.click("keep-equation");
            assertThat(sheet(person).notes()).hasSize(3);
            person.click("report");
            person.click("report-name");
            person.type("Ida");
            person.willChoose(report);
            person.click("report-pdf");
            assertThat(person.text("notice")).isEqualTo("The report is in " + report + ".");
            person.click("report");
            person.willChoose(page);
            person.click("report-html");
        }
        try (PDDocument pdf = Loader.loadPDF(report.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Reeds").contains("Ida").contains("They rise.")
                    .contains("Figure 1. With the line");
        }
        assertThat(Files.readString(page)).contains("<h1>Reeds</h1>").contains("Figure 1.").contains("<math").contains("Ida ·");
    }

    @Test
    void fromColdToAReportByKeysAlone() throws IOException {
        Path report = folder.resolve("reeds.odt");
        try (Person person = Person.atStart(folder)) {
            person.press(KeyCode.ENTER);
            for (String value : List.of("1", "3", "2", "5", "3", "7", "4", "9", "5", "11")) {
                person.type(value);
                person.press(KeyCode.TAB);
            }
            assertThat(person.model().findings().fit().line().orElseThrow().slope().value()).isEqualTo(2);
            person.press(KeyCode.ALT, KeyCode.N);
            write(person, "depth (cm): water depth");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().x()).extracting(it -> it.name(), it -> it.unit(), it -> it.label())
                    .containsExactly("depth", "cm", "water depth");
            person.press(KeyCode.CONTROL, KeyCode.K);
            assertThat(sheet(person).figures()).isEqualTo(1);
            assertThat(person.focused()).as("the keyboard stays where it was").isEqualTo("grid");
            person.press(KeyCode.CONTROL, KeyCode.E);
            person.press(KeyCode.CONTROL, KeyCode.R);
            assertThat(sheet(person).notes().stream().map(note -> ((Note.Kept) note).what()))
                    .containsExactly(Keepable.FIGURE, Keepable.EQUATION, Keepable.READINGS);
            person.press(KeyCode.ESCAPE);
            assertThat(person.focused()).as("Escape leads to the sheet").isEqualTo("note-3");
            person.press(KeyCode.ALT, KeyCode.UP);
            assertThat(sheet(person).indexOf("note-3")).isEqualTo(1);
            assertThat(person.focused()).isEqualTo("note-3");
            person.press(KeyCode.DELETE);
            assertThat(sheet(person).notes()).hasSize(2);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(sheet(person).notes()).hasSize(3);
            person.press(KeyCode.CONTROL, KeyCode.P);
            assertThat(person.focused()).isEqualTo("report-name");
            person.type("Tove");
            for (int i = 0; i < 4; i++) {
                person.press(KeyCode.TAB);
            }
            assertThat(person.focused()).isEqualTo("report-odt");
            person.willChoose(report);
            person.press(KeyCode.SPACE);
        }
        assertThat(Files.size(report)).isPositive();
    }

    @Test
    void everythingInAStudyIsReachedByTab() throws IOException {
        try (Person person = pasted(folder)) {
            person.press(KeyCode.CONTROL, KeyCode.K);
            person.press(KeyCode.CONTROL, KeyCode.E);
            person.click("write-on");
            assertThat(person.walk()).isEmpty();
        }
    }

    @Test
    void aKeptFigureIsCaptionedFollowsAndBringsThePlotBack() throws IOException {
        try (Person person = pasted(folder)) {
            person.click("chip-residuals");
            person.click("keep-plot");
            person.type("No residuals");
            assertThat(sheet(person).notes().getFirst())
                    .extracting(note -> ((Note.Kept) note).caption()).isEqualTo("No residuals");
            person.click("chip-residuals");
            person.click("cell-0-1");
            person.type("99");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().of((Note.Shown) sheet(person).notes().getFirst()).work().table()
                    .cell(0, 1).text()).isEqualTo("30");
            person.click("note-1");
            person.click("note-1-open");
            assertThat(person.model().findings().work().layers()).doesNotContain(Layer.RESIDUALS);
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isEqualTo("30");
            assertThat(person.text("notice"))
                    .isEqualTo("Figure 1 is back in the plot, with the data as they were then. Undo brings back what you had.");
            person.click("undo");
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isEqualTo("99");
            person.click("note-1");
            person.click("note-1-follow");
            assertThat(((Note.Shown) sheet(person).notes().getFirst()).follows()).isTrue();
            assertThat(person.sees("note-1-open")).as("what follows has nothing to bring back").isFalse();
            person.click("note-1-remove");
            assertThat(sheet(person).notes()).isEmpty();
        }
    }

    @Test
    void aFigureWhoseColumnIsGoneSaysSo() throws IOException {
        try (Person person = pasted(folder)) {
            person.click("keep-plot");
            person.click("cell-0-1");
            person.press(KeyCode.ALT, KeyCode.SHIFT, KeyCode.DELETE);
            assertThat(person.model().findings().work().table().width()).isEqualTo(2);
            person.until("the sheet says that the column is gone", () -> person.texts("small").contains(GONE));
            assertThat(person.texts("small")).contains(GONE);
            assertThat(person.model().findings().of((Note.Shown) sheet(person).notes().getFirst()).y().name())
                    .isEqualTo("height");
        }
    }

    @Test
    void textIsTypedInPlaceAndAnEmptiedOneGoes() throws IOException {
        try (Person person = Person.at(blank(), folder)) {
            person.click("write-on");
            person.type("Reeds");
            assertThat(sheet(person).notes()).containsExactly(new Note.Text("note-1", "Reeds"));
            assertThat(person.focused()).isEqualTo("note-1-text");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(sheet(person).notes()).as("one run of typing is one step").isEmpty();
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
            person.click("note-1-text");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.press(KeyCode.DELETE);
            person.click("study-title");
            person.pause();
            assertThat(sheet(person).notes()).isEmpty();
            person.type("Do they rise");
            assertThat(person.model().desk().exercise().title()).isEqualTo("Do they rise");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.press(KeyCode.DELETE);
            assertThat(person.model().desk().exercise().title())
                    .as("a title that is empty has a name all the same").isEqualTo("Your data");
        }
    }

    @Test
    void aStudyIsNamedByItsColumnsUntilSomebodyNamesIt() throws IOException {
        try (Person person = Person.at(blank(), folder)) {
            write(person, REEDS);
            assertThat(person.model().desk().exercise().title()).isEqualTo("height on depth");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().exercise().title()).as("with its data it goes").isEqualTo("Your data");
            person.press(KeyCode.CONTROL, KeyCode.Y);
            person.click("study-title");
            person.type("Reeds");
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).as("the text goes on below the title").isEqualTo("write-on");
            person.type("They rise.");
            assertThat(person.model().desk().exercise().title()).isEqualTo("Reeds");
            assertThat(sheet(person).notes()).singleElement().isInstanceOf(Note.Text.class);
            person.click("cell-0-0");
            write(person, REEDS.replace("height", "length"));
            assertThat(person.model().desk().exercise().title()).as("a name that was given stays").isEqualTo("Reeds");
        }
    }

    @Test
    void enterEndsACaption() throws IOException {
        try (Person person = pasted(folder)) {
            person.click("keep-plot");
            person.type("They rise");
            person.press(KeyCode.ENTER);
            assertThat(((Note.Kept) sheet(person).notes().getFirst()).caption()).isEqualTo("They rise");
            assertThat(person.focused()).as("what it stands below has the keyboard").isEqualTo("note-1");
        }
    }

    @Test
    void aCaptionOfTenThousandLettersIsTakenWhole() throws IOException {
        try (Person person = pasted(folder)) {
            person.click("keep-plot");
            write(person, "word ".repeat(2_000));
            assertThat(((Note.Kept) sheet(person).notes().getFirst()).caption()).hasSize(10_000);
            person.click("study-title");
            assertThat(person.sees("write-on")).isTrue();
        }
    }

    @Test
    void aStudyIsSavedAndOpenedAgainAsItWas() throws IOException {
        Path file = folder.resolve("reeds.hestra");
        Desk saved;
        try (Person person = pasted(folder)) {
            person.press(KeyCode.CONTROL, KeyCode.K);
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.S);
            assertThat(person.text("notice")).isEqualTo("Saved as " + file + ".");
            saved = person.model().desk();
        }
        assertThat(((Result.Done<Desk>) HestraFile.read(file)).value().work()).isEqualTo(saved.work());
        try (Person person = Person.atStart(folder.resolve("elsewhere"))) {
            person.willChoose(file);
            person.click("start-open");
            assertThat(person.model().desk().work()).isEqualTo(saved.work());
            person.willChoose(Files.createDirectory(folder.resolve("a folder.hestra")));
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
            assertThat(person.text("notice")).startsWith("Your study could not be saved")
                    .contains("stays here as it is").contains("another place");
            assertThat(person.model().desk().work()).isEqualTo(saved.work());
        }
    }

    @Test
    void dataDroppedOnAnExerciseAreAskedAbout() throws IOException {
        Path data = Files.writeString(folder.resolve("reeds.csv"), REEDS.replace('\t', ','));
        Path damaged = Files.write(folder.resolve("damaged.xlsx"), new byte[] {'P', 'K', 3, 4, 9});
        try (Person person = Person.at(Kelp.whole(), folder)) {
            person.drop(data);
            assertThat(person.text("notice")).contains("reeds.csv").contains("Put into the table")
                    .contains("“Kelp” is kept as it is");
            assertThat(person.focused()).isEqualTo("choice-0");
            assertThat(person.model().desk().exercise()).isEqualTo(Kelp.whole());
            person.press(KeyCode.ENTER);
            assertThat(person.model().desk().exercise().title()).isEqualTo("reeds");
            assertThat(person.model().findings().pairs().size()).isEqualTo(5);
            person.drop(damaged);
            person.click("choice-0");
            assertThat(person.text("notice")).contains("damaged.xlsx");
            assertThat(person.model().findings().pairs().size()).as("nothing is lost").isEqualTo(5);
        }
    }

    @Test
    void dataDroppedOnAnEmptyStudyComeStraightIn() throws IOException {
        Path data = Files.writeString(folder.resolve("reeds.csv"), REEDS.replace('\t', ','));
        try (Person person = Person.at(blank(), folder)) {
            person.drop(data);
            assertThat(person.model().findings().pairs().size()).isEqualTo(5);
            assertThat(person.model().desk().exercise().id()).isEqualTo("reeds");
        }
        try (Person person = Person.atStart(folder.resolve("other"))) {
            person.drop(data);
            assertThat(person.model().desk().exercise().title()).isEqualTo("reeds");
        }
    }

    @Test
    void askingAboutAStudyOpensItInWriteWithItsData() throws IOException {
        try (Person person = pasted(folder)) {
            person.click("write-on");
            person.type("We measured.");
            person.click("keep-plot");
            person.click("ask-about-it");
            assertThat(person.view()).isEqualTo(MainWindow.View.WRITE);
            Exercise exercise = person.model().desk().exercise();
            assertThat(exercise.isStudy()).isFalse();
            assertThat(exercise.first().pairs().size()).isEqualTo(5);
            assertThat(exercise.first().blocks()).hasSize(2).hasAtLeastOneElementOfType(Block.Plot.class);
            assertThat(person.text("notice")).contains("Your study is kept");
        }
    }

    @Test
    void allNumbersStandBesideThePlotAndSayWhatTheyMean() throws IOException {
        try (Person person = pasted(folder)) {
            person.press(KeyCode.CONTROL, KeyCode.B);
            person.until("the numbers are worked out", () -> person.texts("overview-number").contains("30.00"));
            assertThat(person.texts("overview-number")).contains("30.00", "1990", "1.990");
            person.press(KeyCode.DOWN);
            person.press(KeyCode.DOWN);
            assertThat(person.text("meaning")).startsWith("mean, depth (cm): 30.00").contains("come to 150 cm");
            person.click("copy-overview");
            assertThat(person.clipboard()).contains("mean\t30.00\t70.00").contains("estimate\t").contains("How well it fits");
            person.click("residuals-normal");
            assertThat(person.model().findings().work().plot().strip()).isEqualTo(StripKind.NORMAL);
            person.click("r-2-1");
            assertThat(person.model().findings().x().name()).isEqualTo("salt");
            person.choose("keep-numbers", "The summary of the two variables");
            assertThat(((Note.Kept) sheet(person).notes().getFirst()).what()).isEqualTo(Keepable.SUMMARY);
            person.press(KeyCode.CONTROL, KeyCode.B);
            assertThat(person.sees("write-on")).isTrue();
        }
    }

    @Test
    void theNumbersFollowTheData() throws IOException {
        try (Person person = pasted(folder)) {
            person.press(KeyCode.CONTROL, KeyCode.B);
            person.await("overview-0");
            person.click("cell-0-0");
            person.type("15");
            person.press(KeyCode.ENTER);
            person.until("the numbers follow", () -> person.texts("overview-number").contains("31.00"));
            assertThat(person.texts("overview-number")).contains("31.00");
        }
    }

    @Test
    void linesOfCalculationAreKeptCopiedAndPutOnTheSheet() throws IOException {
        try (Person person = pasted(folder)) {
            person.click("calculate");
            write(person, "at60 = slope * 60 + intercept");
            assertThat(person.text("calculated")).isEqualTo("129.7");
            person.press(KeyCode.ENTER);
            write(person, "at60 - mean_y");
            assertThat(person.text("calculated")).isEqualTo("59.70");
            person.press(KeyCode.CONTROL, KeyCode.A);
            write(person, "at61 + 1");
            assertThat(person.text("calculation-problem")).contains("“at61” is not known").contains("at60");
            person.click("copy-line-0");
            assertThat(person.clipboard()).isEqualTo("at60 = slope * 60 + intercept = 129.7");
            person.click("keep-line-0");
            assertThat(sheet(person).notes().getFirst()).isInstanceOf(Note.Calculated.class);
            person.click("remove-line-0");
            assertThat(sheet(person).lines()).isEmpty();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(sheet(person).lines()).hasSize(1);
        }
    }

    @Test
    void whatIsHeldBackIsNotWorkedOutEither() throws IOException {
        try (Person person = Person.at(Kelp.whole(), folder)) {
            assertThat(person.sees("calculations")).isFalse();
            person.press(KeyCode.CONTROL, KeyCode.B);
            person.until("the numbers stand there", () -> !person.texts("overview-number").isEmpty());
            assertThat(person.texts("overview-number")).contains("–").doesNotContain("0.515");
        }
    }

    @Test
    void theMatricesGoToTheHatMatrixAndWhatItIsKnownBy() throws IOException {
        try (Person person = pasted(folder)) {
            person.apply(new PlotEdit.ShowBelow(Below.MATRICES));
            assertThat(person.text("trace")).contains("2.000");
            assertThat(person.text("unevenness")).contains("should be 0");
            person.click("keep-calculation");
            assertThat(((Note.Kept) sheet(person).notes().getFirst()).what()).isEqualTo(Keepable.MATRICES);
            person.apply(new PlotEdit.Pin(List.of(20.0, 60.0)));
            person.click("keep-predictions");
            assertThat(((Note.Kept) sheet(person).notes().getLast()).what()).isEqualTo(Keepable.PREDICTIONS);
        }
    }

    @Test
    void anEquationOfLongNamesIsNotWiderThanTheSheet() throws IOException {
        try (Person person = Person.at(blank(), folder)) {
            person.copied("year;nitrate in the ground water at the northern well (mg/l)\n2013;1,25\n2014;1,31\n2016;1,42\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.press(KeyCode.CONTROL, KeyCode.E);
            assertThat(person.texts("small")).contains("y: nitrate in the ground water at the northern well; x: year");
            assertThat(person.width("note-1")).isLessThan(person.width("sheet"));
        }
    }

    private static final String WIDE = "site\tdepth_m\tgroup\tlight_pct\n" + "A\t1.2\tnorth\t80.1253\nB\t2.4\tsouth\t61.0414\n"
            + "C\t3.1\tnorth\t50.2716\nD\t4.8\tsouth\t31.8042\n";

    @Test
    void ofAWideTableTheColumnsOnTheAxesStandFirstWithWhatIsLeftOverBesideThem() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.copied(WIDE);
            person.click("start-paste");
            person.await("paste-strip");
            assertThat(person.model().findings().work().table().variables()).extracting(Variable::name)
                    .containsExactly("site", "depth_m", "light_pct", "group");
            assertThat(person.model().findings().x().name()).isEqualTo("depth_m");
            assertThat(person.drawn("paste-column-1")).as("an underline is no sign of a key").isEqualTo("depth_m");
            for (String cell : List.of("cell-0-0", "cell-0-1", "cell-0-2")) {
                assertThat(person.isInSight(cell)).as(cell).isTrue();
                assertThat(person.isCutOff(cell)).as(cell).isFalse();
            }
            assertThat(person.texts("computed-cell")).as("residuals of four decimals, whole")
                    .anyMatch(it -> it.matches(".[0-9.]{5,}"));
        }
    }

    @Test
    void whatWasReadIsOneLineOnceOneGoesOnElsewhere() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.copied(WIDE);
            person.click("start-paste");
            person.await("paste-strip");
            assertThat(person.sees("paste-headed-names")).isTrue();
            person.click("cell-1-1");
            assertThat(person.sees("paste-headed-names")).as("the table is right above it").isTrue();
            person.click("chip-squares");
            assertThat(person.sees("paste-headed-names")).isFalse();
            assertThat(person.sees("paste-strip")).isTrue();
            person.click("paste-more");
            assertThat(person.sees("paste-headed-names")).isTrue();
            person.click("paste-headed-data");
            assertThat(person.model().findings().work().table().size()).as("read otherwise, as before").isEqualTo(5);
        }
    }

    @Test
    void aWideKeptTableScrollsInItselfAndNeverWidensTheSheet() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.copied(WIDE);
            person.click("start-paste");
            person.await("paste-strip");
            double before = person.contentWidth("sheet");
            person.apply(List.of(new SheetEdit.Keep(OwnSheet.Spot.before(9), Keepable.MATRICES, false),
                    new SheetEdit.Keep(OwnSheet.Spot.before(9), Keepable.SUMS, false)));
            person.pause();
            assertThat(person.contentWidth("sheet")).isCloseTo(before, within(20.0));
            assertThat(person.texts("small")).as("what each matrix is").contains("X′X", "(X′X)⁻¹");
        }
    }

    private static void typeAtOnce(Node to, String letters) {
        letters.chars().mapToObj(Character::toString).forEach(letter -> Event.fireEvent(to,
                new KeyEvent(KeyEvent.KEY_TYPED, letter, letter, KeyCode.UNDEFINED, false, false, false, false)));
    }

    @Test
    void keysTypedWhileDataOpenArriveThere() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.copied(WIDE);
            FxThread.call(() -> {
                Scene scene = person.window().root().getScene();
                ((Button) scene.lookup("#start-paste")).fire();
                typeAtOnce(scene.getFocusOwner(), "Why?");
                return null;
            });
            person.await("paste-strip");
            person.pause();
            assertThat(person.model().findings().work().sheet().notes())
                    .as("on the sheet, which has the keyboard").singleElement()
                    .isInstanceOfSatisfying(Note.Text.class, it -> assertThat(it.text()).isEqualTo("Why?"));
        }
    }

    @Test
    void keysTypedWhileAFileIsReadArriveInItsStudyAndAreLetGoWhereItCannotBeRead() throws IOException {
        Path file = Files.writeString(folder.resolve("bay.tsv"), WIDE);
        try (Person person = Person.atStart(folder.resolve("state"))) {
            FxThread.call(() -> {
                person.window().filing().openStudy(folder.resolve("none.tsv"));
                typeAtOnce(person.window().root().getScene().getFocusOwner(), "lost");
                return null;
            });
            person.awaitText("notice", "none.tsv");
            FxThread.call(() -> {
                person.window().filing().openStudy(file);
                typeAtOnce(person.window().root().getScene().getFocusOwner(), "Why?");
                return null;
            });
            person.await("paste-strip");
            person.pause();
            assertThat(person.model().findings().work().sheet().notes()).singleElement()
                    .isInstanceOfSatisfying(Note.Text.class, it -> assertThat(it.text()).isEqualTo("Why?"));
        }
    }
}
