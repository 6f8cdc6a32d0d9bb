package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.files.Settings;
import hestra.desktop.tour.FxThread;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.numbers.Rounding;
import hestra.task.ReadValue;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What the desk does beyond the two paths: the plot by keyboard, panning, copying, messages. */
class DeskWindowTest {

    private static final Exercise OPEN = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()));

    @TempDir
    Path folder;

    @Test
    void thePlotIsWorkedByKeyboard() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.pressAt(person.place(1, 5), 1);
            assertThat(person.focused()).isEqualTo("plot");
            person.press(KeyCode.RIGHT);
            assertThat(person.model().desk().selected()).hasValue(0);
            person.press(KeyCode.RIGHT);
            assertThat(person.model().desk().selected()).hasValue(1);
            person.press(KeyCode.LEFT);
            assertThat(person.model().desk().selected()).hasValue(0);
            double before = ((Cell.Measured) person.model().findings().work().table().cell(0, 1)).value();
            person.press(KeyCode.ALT, KeyCode.UP);
            assertThat(((Cell.Measured) person.model().findings().work().table().cell(0, 1)).value()).isGreaterThan(before);
            person.press(KeyCode.ESCAPE);
            assertThat(person.model().desk().selected()).isEmpty();
            person.press(KeyCode.SHIFT, KeyCode.RIGHT);
            assertThat(person.model().findings().work().readingAt()).isPresent();
        }
    }

    @Test
    void inANarrowWindowTheSidesGiveRoomToThePlotAndLargerTypeTakesSome() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            double usual = person.width("sheet");
            person.resize(1024, 700);
            assertThat(person.width("sheet")).isLessThan(usual - 40);
            assertThat(person.width("plot")).isGreaterThan(400);
            person.resize(1600, 900);
            assertThat(person.width("sheet")).as("as it was").isCloseTo(usual, within(4.0));
            person.press(KeyCode.F8);
            FxThread.settle();
            assertThat(person.width("sheet")).as("in larger type").isGreaterThan(usual + 40);
        }
    }

    @Test
    void deleteTakesTheSelectedPointOutAndUndoBringsItBack() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.pressAt(person.point(3), 1);
            person.press(KeyCode.DELETE);
            assertThat(person.model().findings().pairs().n()).isEqualTo(4);
            person.click("undo");
            assertThat(person.model().findings().pairs().n()).isEqualTo(5);
            person.click("redo");
            assertThat(person.model().findings().pairs().n()).isEqualTo(4);
        }
    }

    @Test
    void draggingTheGroundMovesTheViewAndADoubleClickShowsEverything() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            Frame all = person.model().findings().frame();
            person.drag(person.place(4, 8), person.place(6, 8));
            assertThat(person.model().findings().frame().xLow()).isLessThan(all.xLow());
            person.pressAt(person.place(5, 8), 2);
            assertThat(person.model().findings().frame()).isEqualTo(all);
        }
    }

    @Test
    void cellsAreCopiedAsTextAndCutOut() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.click("cell-0-0");
            person.press(KeyCode.SHIFT, KeyCode.DOWN);
            person.press(KeyCode.CONTROL, KeyCode.C);
            assertThat(person.clipboard()).isEqualTo("2\n4\n");
            person.press(KeyCode.CONTROL, KeyCode.X);
            assertThat(person.model().findings().work().table().cell(1, 0)).isEqualTo(Cell.EMPTY);
            assertThat(person.text("table-summary")).contains("3 pairs").contains("rows 1, 2 incomplete");
        }
    }

    @Test
    void pastingNothingSaysSoAndChangesNothing() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.copied("   ");
            person.click("cell-0-0");
            person.press(KeyCode.CONTROL, KeyCode.V);
            assertThat(person.text("notice")).contains("no text");
            assertThat(person.model().findings().work().table()).isEqualTo(Kelp.truth(OPEN).given());
        }
    }

    @Test
    void aPredictionThatIsNoNumberSaysWhy() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.click("predict-at");
            person.type("4x");
            assertThat(person.text("prediction-note")).contains("“4x” is not a number");
        }
    }

    @Test
    void aVerdictForAfterHandingInIsNotShownBefore() throws IOException {
        ReadValue read = new ReadValue(Terms.of("late", "Late", "Read.", 2).withVerdict(Terms.Showing.AFTER_HANDING_IN),
                Quantity.SLOPE, new Rounding.Places(2));
        try (Person person = Person.at(Kelp.exercise(read).withFirst(part -> part.withHeld(Set.of())), folder)) {
            person.click("late-number");
            person.type("99");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-late")).isEqualTo("Answer saved. You will see the verdict after handing in.");
        }
    }

    @Test
    void aHandInThatCannotBeWrittenSaysSo() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("file"), "x");
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.click("student-name");
            person.type("Ida");
            person.willChoose(inTheWay.resolve("ida.handin"));
            person.click("hand-in");
            assertThat(person.text("notice")).contains("could not be written").contains("Choose another place");
        }
    }

    @Test
    void settingsThatHaveNotChangedAreNotWrittenAgain() throws IOException {
        Settings settings = Settings.in(folder.resolve("calm"));
        settings.put("dark", true);
        settings.save();
        Path file = folder.resolve("calm").resolve("settings.properties");
        Files.delete(file);
        settings.put("dark", true);
        settings.save();
        assertThat(file).doesNotExist();
        settings.put("dark", false);
        settings.save();
        assertThat(Settings.in(folder.resolve("calm")).text("dark", "")).isEqualTo("false");
    }

    @Test
    void settingsSurviveAndBrokenOnesAreReplaced() throws IOException {
        Settings settings = Settings.in(folder.resolve("new"));
        settings.put("window.width", 1000.5);
        settings.put("dark", true);
        settings.save();
        assertThat(Settings.in(folder.resolve("new")).number("window.width", 1)).isEqualTo(1000.5);
        assertThat(Settings.in(folder.resolve("new")).flag("dark")).isTrue();
        settings.put("window.width", "wide");
        settings.save();
        assertThat(Settings.in(folder.resolve("new")).number("window.width", 7)).isEqualTo(7);
        Files.writeString(folder.resolve("new").resolve("settings.properties"), "a=\\u00zz");
        assertThat(Settings.in(folder.resolve("new")).text("a", "usual")).isEqualTo("usual");
    }
}
