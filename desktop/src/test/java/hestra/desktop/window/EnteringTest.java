package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.data.DataTable;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Data typed and pasted into the student's own table. */
class EnteringTest {

    @TempDir
    Path folder;

    private static DataTable table(Person person) {
        return Kelp.work(person.model().desk()).table();
    }

    private static List<List<String>> texts(Person person) {
        DataTable table = table(person);
        return table.rows().stream().map(row -> IntStream.range(0, table.width()).mapToObj(column -> row.cell(column).text())
                .toList()).toList();
    }

    @Test
    void afterTabEnterReturnsToTheColumnInWhichTheRowWasBegun() throws IOException {
        try (Person person = Person.at(Exercise.blank("own"), folder)) {
            assertThat(person.focused()).as("nothing is asked: typing goes into the table").isEqualTo("grid");
            for (int pair = 1; pair <= 3; pair++) {
                person.type(String.valueOf(pair));
                person.press(KeyCode.TAB);
                person.type(pair + "5");
                person.press(KeyCode.ENTER);
            }
            assertThat(texts(person)).containsExactly(List.of("1", "15"), List.of("2", "25"), List.of("3", "35"));
            person.press(KeyCode.UP);
            person.press(KeyCode.RIGHT);
            person.type("36");
            person.press(KeyCode.ENTER);
            person.type("46");
            person.press(KeyCode.ENTER);
            assertThat(texts(person).getLast()).as("after an arrow key Enter goes straight down again")
                    .isEqualTo(List.of("", "46"));
        }
    }

    @Test
    void whatIsTypedReplacesTheCellThatWasClickedOnce() throws IOException {
        try (Person person = Person.at(Kelp.exercise(), folder)) {
            Point2D point = person.point(2);
            person.pressAt(point, 1);
            person.click("cell-2-0");
            person.type("29.0");
            person.press(KeyCode.ENTER);
            assertThat(table(person).cell(2, 0).text()).isEqualTo("29.0");
            person.click("cell-3-1", 2);
            person.type("1");
            person.press(KeyCode.ENTER);
            assertThat(table(person).cell(3, 1).text()).as("a double click goes on from what is there").isEqualTo("6.01");
        }
    }

    @Test
    void typingWithSeveralCellsSelectedGoesIntoTheFirst() throws IOException {
        try (Person person = Person.at(Kelp.exercise(), folder)) {
            person.dragOver("cell-1-0", "cell-3-1");
            person.type("44");
            person.press(KeyCode.ENTER);
            assertThat(texts(person).get(1)).containsExactly("44", "3.9");
        }
    }

    @Test
    void pastedHeadingsNameOwnColumns() throws IOException {
        try (Person person = Person.at(Exercise.blank("own"), folder)) {
            person.copied("stone\tdepth (m)\tshells\nA\t2\t14\nB\t5\t9\nC\t7\t6\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            assertThat(table(person).variables()).extracting(hestra.data.Variable::name)
                    .containsExactly("stone", "depth", "shells");
            assertThat(person.model().findings().x().axisTitle()).isEqualTo("depth (m)");
            assertThat(person.model().findings().pairs().n()).isEqualTo(3);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(table(person)).isEqualTo(DataTable.empty(hestra.data.Variable.named("x"),
                    hestra.data.Variable.named("y")));
        }
        try (Person person = Person.at(Kelp.exercise(), folder.resolve("given"))) {
            person.click("cell-0-0");
            person.copied("depth (m)\tshells\n2\t14\n5\t9\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            assertThat(table(person).variables()).as("columns that were given out keep their names")
                    .isEqualTo(Kelp.table().variables());
        }
    }

    @Test
    void aColumnIsNamedWhereItStands() throws IOException {
        try (Person person = Person.at(Exercise.blank("own"), folder)) {
            person.press(KeyCode.ALT, KeyCode.N);
            assertThat(person.focused()).isEqualTo("heading-field-0");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("depth");
            person.press(KeyCode.ENTER);
            assertThat(table(person).variable(0).name()).isEqualTo("depth");
            assertThat(person.focused()).isEqualTo("grid");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(table(person).variable(0).name()).isEqualTo("x");
        }
    }
}
