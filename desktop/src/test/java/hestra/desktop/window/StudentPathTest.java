package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Roles;
import hestra.desk.Findings;
import hestra.desktop.demo.KelpBlades;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.figure.Layer;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.task.Aid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The student's path from the first pair to the hand-in, with mouse and keys in the real window. */
class StudentPathTest {

    private static final Exercise KELP = KelpBlades.exercise();

    @TempDir
    Path folder;

    /** Types the last three pairs: the first cell has the keyboard already. */
    private static void enterPairs(Person person) throws IOException {
        for (int row : Kelp.truth(KELP).leftToType()) {
            person.type(KELP.first().data().cell(row, 0).text());
            person.press(KeyCode.TAB);
            person.type(KELP.first().data().cell(row, 1).text());
            person.press(KeyCode.TAB);
        }
    }

    private static void describe(Person person) throws IOException {
        person.click("describe-direction-rising");
        person.click("describe-form-straight");
        person.click("describe-strength-strong");
        person.click("describe-unusual-points-one");
        person.click("describe-sentence");
        person.type("Older blades are longer, and one is far off.");
        person.click("check-describe");
    }

    private static Cell cell(Person person, int row, int column) {
        return person.model().findings().work().table().cell(row, column);
    }

    @Test
    void fromTheFirstPairToTheHandIn() throws IOException {
        try (Person person = Person.at(KELP, folder)) {
            assertThat(person.model().findings().plot().notice()).as("the plot does not say which explains")
                    .contains("drawn by your choice in task 1");
            assertThat(person.model().findings().plot().plane().x().name()).as("nor does an axis").isEmpty();
            assertThat(person.model().findings().plot().points()).isEmpty();
            person.click("role-length-explains");
            assertThat(person.model().findings().x().name()).as("the plot follows the choice").isEqualTo("length");
            assertThat(person.model().findings().plot().points()).isNotEmpty();
            person.click("role-days-explains");
            assertThat(person.model().findings().work().roles()).contains(Roles.FIRST_EXPLAINS);
            person.click("check-roles");

            assertThat(person.focused()).as("typing goes into the table").isEqualTo("grid");
            int before = person.model().findings().pairs().n();
            enterPairs(person);
            assertThat(person.model().findings().pairs().n()).isEqualTo(before + 3);
            person.click("check-enter");
            assertThat(person.text("verdict-enter")).startsWith("✓").contains("last three pairs agree");

            assertThat(person.model().findings().curves().visibleLine()).as("no line before the description").isEmpty();
            assertThat(person.text("reading-r")).isEqualTo("· · ·");
            assertThat(person.sees("equation")).isFalse();
            describe(person);
            assertThat(person.sees("equation")).isTrue();
            assertThat(person.text("reading-r")).isEqualTo("0.2442");

            mend(person);
            assertThat(person.text("reading-r")).isEqualTo("0.9821");
            assertThat(person.text("reading-R2")).isEqualTo("0.9646");

            assertThat(person.focused()).isEqualTo("slope-number");
            person.type("1.10");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-slope")).startsWith("✗").contains("wrong way round");
            assertThat(person.model().findings().task("slope").verdict().orElseThrow().mistakes())
                    .containsExactly(Mistake.AXES_EXCHANGED);
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("0.87");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-slope")).startsWith("✓");
            person.type("0.982");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-r")).startsWith("✓");

            predict(person);
            person.click("explain-sentence");
            person.type("On average a blade is predicted to grow 0.87 cm longer each day.");
            person.click("check-explain");
            assertThat(person.text("verdict-explain")).startsWith("✓");
            handIn(person);
        }
    }

    /** Clicks the blade that stands far off, types the right value over it, and checks. */
    private static void mend(Person person) throws IOException {
        person.pressAt(person.point(KelpBlades.SLIP_ROW), 1);
        assertThat(person.model().desk().selected()).hasValue(KelpBlades.SLIP_ROW);
        person.click("cell-" + KelpBlades.SLIP_ROW + "-1");
        person.type(KELP.first().data().cell(KelpBlades.SLIP_ROW, 1).text());
        person.press(KeyCode.ENTER);
        assertThat(cell(person, KelpBlades.SLIP_ROW, 1)).isEqualTo(KELP.first().data().cell(KelpBlades.SLIP_ROW, 1));
        person.click("check-slip");
        assertThat(person.text("verdict-slip")).startsWith("✓");
    }

    private static void predict(Person person) throws IOException {
        person.click("predict-at");
        person.type("20");
        assertThat(person.text("predicted")).as("one place more than the lengths").isEqualTo("21.57 cm");
        assertThat(person.text("prediction-note")).contains("among the data");
        person.drag(person.place(20, 50), person.place(50, 50));
        assertThat(person.model().findings().work().readingAt()).hasValue(50);
        assertThat(person.text("prediction-note")).contains("7 days beyond the data");
        String[] fitted = {"21.6", "36.4", "56.5"};
        for (int i = 0; i < fitted.length; i++) {
            person.click("predict-at-" + i);
            person.type(fitted[i]);
            person.click("predict-trust-" + i + (i < 2 ? "-trust" : "-don’t"));
        }
        person.click("check-predict");
        assertThat(person.text("verdict-predict")).startsWith("✓");
    }

    private void handIn(Person person) throws IOException {
        person.click("hand-in");
        assertThat(person.text("notice")).contains("Type your name first");
        assertThat(person.focused()).isEqualTo("student-name");
        person.type("Tove Marsh");
        Path file = folder.resolve("tove.handin");
        person.willChoose(file);
        person.press(KeyCode.ENTER);
        assertThat(person.asked()).containsExactly("save Kelp blades, Tove Marsh.handin");
        HandIn handIn = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        assertThat(handIn.student()).isEqualTo("Tove Marsh");
        assertThat(ClassOfOne.of(handIn, KELP).total()).isEqualTo(21);
        assertThat(Files.readString(folder.resolve("tove.html"))).contains("Tove Marsh").contains("<svg");
    }

    @Test
    void theWholePathByKeyboardAlone() throws IOException {
        try (Person person = Person.at(KELP, folder)) {
            assertThat(person.focused()).isEqualTo("role-days-explains");
            person.press(KeyCode.SPACE);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-roles")).startsWith("✓");
            enterPairs(person);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-enter")).startsWith("✓");
            person.press(KeyCode.SPACE);
            person.press(KeyCode.TAB);
            for (int i = 0; i < 3; i++) {
                // Past the choices of one line to the first of the next.
                while (!person.focused().matches("describe-(form-straight|strength-strong|unusual-points-none)")) {
                    person.press(KeyCode.TAB);
                }
                person.press(KeyCode.SPACE);
                if (person.focused().equals("describe-unusual-points-none")) {
                    person.press(KeyCode.RIGHT);
                }
                person.press(KeyCode.TAB);
            }
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-describe")).startsWith("✓");
            assertThat(person.model().findings().isOpen(Aid.LINE)).isTrue();
        }
    }

    @Test
    void pastingWithHeadingsInAnotherOrderFillsTheRightColumns() throws IOException {
        try (Person person = Person.entering(KELP, folder)) {
            person.copied("length (cm)\tdays\n34,1\t38\n37,3\t40\n42,1\t43\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            assertThat(cell(person, 21, 0)).isEqualTo(new Cell.Measured("38", 38));
            assertThat(cell(person, 21, 1)).isEqualTo(new Cell.Measured("34.1", 34.1));
            person.click("check-enter");
            assertThat(person.text("verdict-enter")).startsWith("✓");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(cell(person, 21, 0)).isEqualTo(Cell.EMPTY);
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
            assertThat(cell(person, 21, 0)).isEqualTo(new Cell.Measured("38", 38));
        }
    }

    @Test
    void enterGoesDownArrowsMoveAndWhatIsNoNumberStaysAndIsLeftOut() throws IOException {
        try (Person person = Person.entering(KELP, folder)) {
            int before = person.model().findings().pairs().n();
            person.type("38");
            person.press(KeyCode.ENTER);
            person.type("40");
            person.press(KeyCode.ENTER);
            person.press(KeyCode.UP);
            person.press(KeyCode.RIGHT);
            person.type("37..3");
            person.press(KeyCode.ENTER);
            Findings findings = person.model().findings();
            assertThat(cell(person, 21, 0).text()).isEqualTo("38");
            assertThat(cell(person, 22, 0).text()).isEqualTo("40");
            assertThat(cell(person, 22, 1).text()).isEqualTo("37..3");
            assertThat(findings.pairs().n()).isEqualTo(before);
            assertThat(person.text("table-summary")).contains(before + " pairs").contains("row 22 incomplete")
                    .contains("row 23 not a number")
                    .contains("“37..3” is not a number");
            person.press(KeyCode.UP);
            person.press(KeyCode.DELETE);
            assertThat(cell(person, 22, 1)).isEqualTo(Cell.EMPTY);
            person.type("37.3");
            person.press(KeyCode.ESCAPE);
            assertThat(cell(person, 22, 1)).as("Escape gives up the typing").isEqualTo(Cell.EMPTY);
        }
    }

    @Test
    void aPointIsDraggedAndOneUndoBringsItBack() throws IOException {
        try (Person person = Person.entering(KELP.withFirst(part -> part.withHeld(Set.of())), folder)) {
            double slope = person.model().findings().fit().line().orElseThrow().slope().value();
            person.drag(person.point(20), person.place(30, 300));
            assertThat(cell(person, 20, 0).text()).isEqualTo("30");
            assertThat(((Cell.Measured) cell(person, 20, 1)).value()).isBetween(298.0, 302.0);
            assertThat(person.model().findings().fit().line().orElseThrow().slope().value()).isNotEqualTo(slope);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().fit().line().orElseThrow().slope().value()).isEqualTo(slope);
        }
    }

    @Test
    void aPointIsSetAsideWithAReasonAndTakenBack() throws IOException {
        try (Person person = Person.entering(KELP.withFirst(part -> part.withHeld(Set.of())), folder)) {
            person.pressAt(person.point(KelpBlades.SLIP_ROW), 1);
            person.click("set-aside");
            assertThat(person.focused()).isEqualTo("reason");
            person.type("ten times too large");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().work().table().row(KelpBlades.SLIP_ROW).setAside())
                    .contains("ten times too large");
            assertThat(person.text("table-summary")).contains("row 15 set aside");
            person.click("take-back");
            assertThat(person.model().findings().work().table().row(KelpBlades.SLIP_ROW).isSetAside()).isFalse();
        }
    }

    @Test
    void pointingAtAPointSaysWhatAPressWouldDoAndHighlightsItEverywhere() throws IOException {
        try (Person person = Person.entering(KELP, folder)) {
            person.moveTo(person.point(KelpBlades.SLIP_ROW));
            assertThat(person.text("hint")).startsWith("Row 15: days 26, length 290");
            assertThat(person.model().desk().hovered()).hasValue(KelpBlades.SLIP_ROW);
            person.moveTo(person.place(20, 200));
            assertThat(person.model().desk().hovered()).isEmpty();
            assertThat(person.text("hint")).startsWith("Drag moves ·");
        }
    }

    @Test
    void aClosedChipStaysClosedAndAnOpenOneSwitchesItsLayer() throws IOException {
        try (Person person = Person.entering(KELP, folder)) {
            person.click("chip-squares");
            assertThat(person.model().findings().work().layers()).doesNotContain(Layer.SQUARES);
        }
        try (Person person = Person.entering(KELP.withFirst(part -> part.withHeld(Set.of())), folder.resolve("open"))) {
            person.click("chip-squares");
            assertThat(person.model().findings().plot().layers()).contains(Layer.SQUARES);
            person.click("chip-reading");
            assertThat(person.model().findings().work().readingAt()).isPresent();
        }
    }

    @Test
    void anUnfinishedAnswerCostsNoTry() throws IOException {
        try (Person person = Person.entering(KELP, folder)) {
            person.click("check-enter");
            assertThat(person.text("missing-enter")).isEqualTo("Row 22 is not filled in yet.");
            assertThat(person.model().desk().work().attemptsAt("enter")).isEmpty();
        }
    }

    @Test
    void whatWasDoneIsThereAgainNextTime() throws IOException {
        try (Person person = Person.entering(KELP, folder)) {
            person.type("38");
            person.press(KeyCode.ENTER);
        }
        try (Person person = Person.entering(KELP, folder)) {
            assertThat(cell(person, 21, 0).text()).isEqualTo("38");
            assertThat(person.text("notice")).contains("Your earlier work is back");
            person.choose("menu", "Start again");
            assertThat(cell(person, 21, 0)).isEqualTo(Cell.EMPTY);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(cell(person, 21, 0).text()).isEqualTo("38");
        }
    }
}
