package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.figure.Layer;
import hestra.marking.HandIn;
import hestra.numbers.Rounding;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WantedFigure;
import hestra.task.WriteSection;
import hestra.task.WrittenSection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** A section of a report, written and kept in the window; by mouse and by keys alone. */
class SectionTest {

    private static final WriteSection SECTION = new WriteSection(Terms.of("report", "Write it up", "Write.", 6),
            Set.of(WantedFigure.PLOT_WITHOUT_CURVE, WantedFigure.PLOT_WITH_LINE), 5);

    @TempDir
    Path folder;

    private Person at(Task... tasks) throws IOException {
        Exercise exercise = Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of()));
        Person person = Person.at(exercise, folder);
        person.apply(new Edit.TurnTo(Optional.of(tasks[0].id())));
        return person;
    }

    private static OwnSheet sheet(Person person) {
        return person.model().findings().work().sheet();
    }

    @Test
    void aSectionIsWrittenKeptCheckedAndHandedIn() throws IOException {
        Path file = folder.resolve("ida.handin");
        try (Person person = at(SECTION)) {
            person.click("check-report");
            assertThat(person.text("missing-report")).contains("Keep plot");
            person.click("report-write-on");
            person.type("blades grow fast");
            person.apply(new PlotEdit.ShowLayer(Layer.LINE, false));
            person.click("report-keep-plot");
            person.type("all blades");
            person.click("check-report");
            assertThat(person.text("verdict-report"))
                    .contains("Still to do: keep the plot with the line of least squares; write at least 5 words (there are 3).");
            person.apply(new PlotEdit.ShowLayer(Layer.LINE, true));
            person.click("report-keep-plot");
            person.click("report-write-on");
            person.type("half a cm");
            person.click("check-report");
            assertThat(person.text("verdict-report")).startsWith("\u2713 All that was asked for is there.");
            assertThat(sheet(person).notes()).hasSize(4);
            person.click("student-name");
            person.type("Ida Fenn");
            person.willChoose(file);
            person.press(KeyCode.ENTER);
        }
        HandIn handIn = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        assertThat(handIn.works().get("part-1").sheet().notes()).hasSize(4).filteredOn(Note.Kept.class::isInstance).hasSize(2);
        assertThat(handIn.attempts().get("report").getLast().answer()).isInstanceOf(WrittenSection.class);
        String page = Files.readString(folder.resolve("ida.html"));
        assertThat(page).contains("Figure 1", "Figure 2", "blades grow fast");
        assertThat(page.indexOf("Figure 1")).isEqualTo(page.lastIndexOf("Figure 1"));
        try (Person marker = Person.at(handIn.desk().exercise(), folder.resolve("marker"))) {
            assertThat(marker.sees("report-write-on")).isTrue();
        }
    }

    @Test
    void theKeysKeepAndTheKeyboardStaysInTheSection() throws IOException {
        try (Person person = at(SECTION)) {
            assertThat(person.focused()).isEqualTo("report-write-on");
            person.type("first");
            person.press(KeyCode.CONTROL, KeyCode.K);
            person.press(KeyCode.CONTROL, KeyCode.E);
            assertThat(sheet(person).notes()).extracting(note -> note.getClass().getSimpleName())
                    .containsExactly("Text", "Kept", "Kept");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(sheet(person).notes()).hasSize(2);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-report")).contains("Still to do");
        }
    }

    @Test
    void aFullSectionSaysSoFromAnotherTaskToo() throws IOException {
        try (Person person = at(Kelp.read(Quantity.N, new Rounding.Places(0)), SECTION)) {
            person.apply(Collections.nCopies(OwnSheet.MOST,
                    new SheetEdit.Write(OwnSheet.Spot.before(0), "so", Optional.empty())));
            assertThat(sheet(person).isFull()).isTrue();
            int full = sheet(person).notes().size();
            person.press(KeyCode.CONTROL, KeyCode.K);
            assertThat(sheet(person).notes()).hasSize(full);
            assertThat(person.text("notice")).contains("A sheet holds up to 200 texts and figures.").doesNotContain("kept");
        }
    }

    @Test
    void fromAnotherTaskTheKeysKeepAtItsEnd() throws IOException {
        try (Person person = at(Kelp.read(Quantity.N, new Rounding.Places(0)), SECTION)) {
            person.press(KeyCode.CONTROL, KeyCode.K);
            assertThat(sheet(person).notes()).hasSize(1);
            assertThat(person.text("notice")).contains("The plot: kept for task 2, \u201cWrite it up\u201d.");
            assertThat(person.model().findings().taskInHand()).contains("read");
        }
    }

    @Test
    void withoutASectionNothingIsKept() throws IOException {
        try (Person person = at(Kelp.read(Quantity.N, new Rounding.Places(0)))) {
            person.press(KeyCode.CONTROL, KeyCode.K);
            assertThat(sheet(person).notes()).isEmpty();
        }
    }

    @Test
    void whatIsAskedForIsTickedInWrite() throws IOException {
        try (Person person = at(SECTION)) {
            person.click("view-write");
            person.rest();
            person.click("edit-wanted-equation");
            person.click("edit-wanted-plot-without-curve");
            WriteSection now = (WriteSection) person.model().desk().exercise().task("report").orElseThrow();
            assertThat(now.figures()).containsExactlyInAnyOrder(WantedFigure.PLOT_WITH_LINE, WantedFigure.EQUATION);
        }
    }
}
