package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.data.Selection;
import hestra.desktop.demo.OrrinBay;
import hestra.figure.Ink;
import hestra.figure.Mark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Several points selected at once: in the plot, by keys and in the table; one selection in all of them. */
class SelectingTest {

    @TempDir
    Path folder;

    private Person atLimpets() throws IOException {
        return Person.at(OrrinBay.sets().stream().map(OrrinBay.Set::exercise).filter(it -> it.id().contains("limpets"))
                .findFirst().orElseThrow().withFirst(part -> part.withHeld(Set.of())), folder);
    }

    private static Selection selection(Person person) {
        return person.model().desk().selection();
    }

    /** How many points of the plot have a ring. */
    private static long ringed(Person person) throws IOException {
        return person.figure().front().stream().filter(it -> it instanceof Mark.Ring ring && ring.stroke().ink() == Ink.OBSERVED)
                .map(Mark.Ring.class::cast).map(it -> List.of(it.x(), it.y())).distinct().count();
    }

    @Test
    void aFrameSelectsAndOneReasonSetsAllOfThemAside() throws IOException {
        try (Person person = atLimpets()) {
            int n = person.model().findings().pairs().n();
            person.controlDrag(person.place(2, 58), person.place(12, 21));
            Set<Integer> rows = Set.copyOf(selection(person).rows());
            assertThat(rows).hasSizeGreaterThan(2);
            assertThat(ringed(person)).isEqualTo(rows.size());
            assertThat(person.firstLabel("row-bar")).isEqualTo(rows.size() + " rows are selected.");
            person.click("set-aside");
            person.type("sheltered");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().pairs().n()).isEqualTo(n - rows.size());
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().pairs().n()).as("one undo brings all back").isEqualTo(n);
            person.click("fit-selected");
            assertThat(person.model().findings().pairs().n()).isEqualTo(rows.size());
        }
    }

    @Test
    void aFrameMayBeginOnAPointWhichStaysWhereItIs() throws IOException {
        try (Person person = atLimpets()) {
            var table = person.model().findings().work().table();
            int first = person.model().findings().pairs().row(0);
            person.controlDrag(person.point(first), person.place(40, 30));
            assertThat(selection(person).rows()).hasSizeGreaterThan(3);
            assertThat(person.model().findings().work().table()).as("no point was moved").isSameAs(table);
        }
    }

    @Test
    void keysSelectPointsOnTheWayAndEscapeLetsThemGo() throws IOException {
        try (Person person = atLimpets()) {
            person.focusPlot();
            person.press(KeyCode.RIGHT);
            int first = selection(person).inHand().orElseThrow();
            person.press(KeyCode.CONTROL, KeyCode.RIGHT);
            person.press(KeyCode.CONTROL, KeyCode.RIGHT);
            assertThat(selection(person).rows()).hasSize(3).contains(first);
            List<Double> xs = person.model().findings().pairs().xs().sorted().boxed().limit(3).toList();
            assertThat(selection(person).rows().stream()
                    .map(row -> Double.parseDouble(person.model().findings().work().table().cell(row, 0).text())))
                    .as("the three of least exposure").containsExactlyInAnyOrderElementsOf(xs);
            person.press(KeyCode.F);
            assertThat(person.model().findings().pairs().n()).isEqualTo(3);
            person.press(KeyCode.ESCAPE);
            assertThat(selection(person)).isEqualTo(Selection.NONE);
            assertThat(person.text("hint")).startsWith("Drag moves");
            person.press(KeyCode.F);
            assertThat(person.model().findings().work().curves().only()).as("fitted to all again").isEmpty();
            person.press(KeyCode.CONTROL, KeyCode.A);
            assertThat(selection(person).rows()).hasSize(23);
        }
    }

    @Test
    void rowsSelectedInTheTableAreRingedInThePlot() throws IOException {
        try (Person person = atLimpets()) {
            person.click("cell-2-0");
            person.press(KeyCode.SHIFT, KeyCode.DOWN);
            person.press(KeyCode.SHIFT, KeyCode.DOWN);
            assertThat(selection(person).rows()).containsExactly(2, 3, 4);
            assertThat(ringed(person)).isEqualTo(3);
            person.press(KeyCode.UP);
            assertThat(selection(person).isSeveral()).as("an arrow key alone selects one row").isFalse();
        }
    }

    @Test
    void deleteInThePlotRemovesAllThatAreSelected() throws IOException {
        try (Person person = atLimpets()) {
            person.focusPlot();
            person.press(KeyCode.RIGHT);
            person.press(KeyCode.CONTROL, KeyCode.RIGHT);
            person.press(KeyCode.DELETE);
            assertThat(person.model().findings().work().table().size()).isEqualTo(21);
            assertThat(selection(person)).isEqualTo(Selection.NONE);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().table().size()).isEqualTo(23);
        }
    }
}
