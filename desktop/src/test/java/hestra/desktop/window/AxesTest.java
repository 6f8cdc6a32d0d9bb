package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What stands on the axes is chosen at the axes. */
class AxesTest {

    @TempDir
    private Path folder;

    static Exercise trays() {
        DataTable table = DataTable.empty(new Variable("tray", "", ""), new Variable("salinity", "salinity", "g/kg"),
                new Variable("shoots", "shoots per tray", ""),
                new Variable("depth", "depth of the tray", "cm"), new Variable("shore", "", ""), new Variable("trays", "", ""));
        table = new TableEdit.Paste(0, 0, List.of(List.of("Ash", "18", "9", "30", "north", "1"),
                List.of("Birch", "22", "13", "35", "south", "4"),
                List.of("Cedar", "26", "16", "32", "north", "1"), List.of("Elm", "30", "15", "41", "south", "2"),
                        List.of("Fir", "34", "11", "44", "north", "1"),
                List.of("Gorse", "26.5", "16.5", "38", "south", "1"))).appliedTo(table, DecimalMark.POINT);
        DataTable trays = table;
        return Exercise.blank("orrin-bay-trays").withFirst(part -> part.withColumns(trays,
                new Roles(1, 2, OptionalInt.of(0), OptionalInt.of(4), OptionalInt.of(5))))
                .withFirst(part -> part.withHeld(Set.of()));
    }

    @Test
    void aColumnIsPutOnAnAxisFromTheAxisMenu() throws IOException {
        try (Person person = Person.at(trays(), folder)) {
            person.pressAt(person.besideAxis(true), 1);
            person.chooseShown("depth");
            assertThat(person.model().findings().x().name()).isEqualTo("depth");
            assertThat(person.model().findings().y().name()).isEqualTo("shoots");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().x().name()).isEqualTo("salinity");
        }
    }

    @Test
    void theAxesAreExchangedByDraggingOneToTheOtherOrByOneKey() throws IOException {
        try (Person person = Person.at(trays(), folder)) {
            person.drag(person.besideAxis(true), person.besideAxis(false));
            assertThat(person.model().findings().x().name()).isEqualTo("shoots");
            assertThat(person.model().findings().pairs().n()).as("counts stay counts").isEqualTo(10);
            person.press(KeyCode.X);
            assertThat(person.model().findings().x().name()).isEqualTo("salinity");
        }
    }
}
