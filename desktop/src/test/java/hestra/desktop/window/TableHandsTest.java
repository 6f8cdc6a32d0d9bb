package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;

import hestra.data.DataTable;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The table as hands expect it, in the real window. */
class TableHandsTest {

    @TempDir
    private Path folder;

    private static final Exercise LIMPETS = limpets();

    private static Exercise limpets() {
        DataTable table = DataTable.empty(new Variable("exposure", "", ""), new Variable("height", "shell height", "mm"));
        table = new TableEdit.Paste(0, 0, List.of(List.of("10", "31.5"), List.of("20", "28.0"), List.of("30", "26.5"),
                List.of("40", "22.0")))
                .appliedTo(table, DecimalMark.POINT);
        DataTable limpets = table;
        return Exercise.blank("orrin-bay-limpets").withFirst(part -> part.withData(limpets));
    }

    private static List<String> column(Person person, int column) {
        DataTable table = person.model().findings().work().table();
        return IntStream.range(0, table.size()).mapToObj(row -> table.cell(row, column).text()).toList();
    }

    @Test
    void shiftAndArrowsSelectWhatDeleteEmpties() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("cell-0-0");
            person.press(KeyCode.SHIFT, KeyCode.RIGHT);
            person.press(KeyCode.SHIFT, KeyCode.DOWN);
            person.press(KeyCode.DELETE);
            assertThat(column(person, 0)).containsExactly("", "", "30", "40");
            assertThat(column(person, 1)).containsExactly("", "", "26.5", "22.0");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(column(person, 0)).containsExactly("10", "20", "30", "40");
        }
    }

    @Test
    void draggingOverCellsSelectsThem() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.dragOver("cell-1-0", "cell-3-0");
            person.press(KeyCode.CONTROL, KeyCode.C);
            assertThat(person.clipboard()).isEqualTo("20\n30\n40\n");
        }
    }

    @Test
    void rowsAreCarriedPutInAndTakenOutByKeysWithAlt() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("cell-2-0");
            person.press(KeyCode.ALT, KeyCode.UP);
            person.press(KeyCode.ALT, KeyCode.UP);
            assertThat(column(person, 0)).containsExactly("30", "10", "20", "40");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(column(person, 0)).as("one way is undone as one").containsExactly("10", "20", "30", "40");
            person.click("cell-1-1");
            person.press(KeyCode.ALT, KeyCode.INSERT);
            person.type("29");
            person.press(KeyCode.ENTER);
            assertThat(column(person, 1)).containsExactly("31.5", "29", "28.0", "26.5", "22.0");
            person.press(KeyCode.ALT, KeyCode.DELETE);
            assertThat(column(person, 1)).as("the keyboard was in the row below").containsExactly("31.5", "29", "26.5", "22.0");
        }
    }

    @Test
    void twoNumbersAreFilledDown() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("cell-4-0");
            for (String value : List.of("50", "55")) {
                person.type(value);
                person.press(KeyCode.ENTER);
            }
            // Not by another click, which might come so soon that it makes a double click.
            person.press(KeyCode.UP);
            person.press(KeyCode.UP);
            for (int i = 0; i < 4; i++) {
                person.press(KeyCode.SHIFT, KeyCode.DOWN);
            }
            person.press(KeyCode.ALT, KeyCode.ENTER);
            assertThat(column(person, 0)).containsExactly("10", "20", "30", "40", "50", "55", "60", "65", "70");
        }
    }

    @Test
    void enterGoesPairByPairWhereThatIsChosenAndItIsRemembered() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.chooseByRightClick("cell-4-0", "Enter goes pair by pair");
            person.click("cell-4-0");
            for (String value : List.of("50", "19.5", "60", "17.5")) {
                person.type(value);
                person.press(KeyCode.ENTER);
            }
            assertThat(column(person, 0)).endsWith("50", "60");
            assertThat(column(person, 1)).endsWith("19.5", "17.5");
        }
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("cell-6-0");
            person.type("70");
            person.press(KeyCode.ENTER);
            person.type("15");
            person.press(KeyCode.ENTER);
            assertThat(column(person, 1)).endsWith("15");
        }
    }

    @Test
    void whatACellHeldAtFirstStaysInSightAndCanBePutBack() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("cell-1-1");
            person.type("82");
            person.press(KeyCode.ENTER);
            person.click("cell-1-0");
            assertThat(person.firstLabel("row-bar")).isEqualTo("Row 2: as given, height 28.0");
            person.click("as-given");
            assertThat(column(person, 1)).containsExactly("31.5", "28.0", "26.5", "22.0");
            assertThat(person.sees("as-given")).isFalse();
        }
    }

    @Test
    void theInstructorNamesAColumnInItsHeadingAndPutsColumnsIn() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("view-write");
            person.click("write-data");
            person.click("heading-1", 2);
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("size");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().part().data().variable(1)).isEqualTo(new Variable("size", "shell height", ""));
            person.click("cell-0-1");
            person.press(KeyCode.ALT, KeyCode.SHIFT, KeyCode.INSERT);
            person.type("17");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().part().data().cell(0, 2).text()).isEqualTo("17");
            person.press(KeyCode.ALT, KeyCode.LEFT);
            assertThat(person.model().findings().part().data().cell(0, 1).text()).isEqualTo("17");
            assertThat(person.model().findings().part().y().name()).as("the response followed its column").isEqualTo("size");
            person.press(KeyCode.ALT, KeyCode.SHIFT, KeyCode.DELETE);
            assertThat(person.model().findings().part().data().width()).isEqualTo(2);
        }
    }

    @Test
    void aValueThatCannotBeIsPointedOut() throws IOException {
        try (Person person = Person.at(LIMPETS, folder)) {
            person.click("view-write");
            person.click("write-data");
            person.click("variable-least-1");
            person.type("0");
            person.click("variable-greatest-1");
            person.type("30");
            assertThat(person.text("check-line-0")).isEqualTo("Row 1: height 31.5 mm is impossible; it lies between 0 and 30.");
        }
    }
}
