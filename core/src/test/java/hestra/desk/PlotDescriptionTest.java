package hestra.desk;

import java.util.List;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import hestra.task.Aid;
import hestra.task.Task;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A plot in words says what a look would tell, and nothing that is closed. */
class PlotDescriptionTest {

    /** Reeds: y = 20 + 2 x exactly, but for the last; nine of them. */
    private static DataTable reeds() {
        List<Integer> depths = List.of(1, 2, 3, 4, 5, 6, 7, 8, 9);
        return new DataTable(List.of(new Variable("depth", "depth", "cm"), new Variable("height", "height", "cm")),
                depths.stream().map(depth -> Row.of(Cell.of(depth, DecimalMark.POINT),
                        Cell.of(20 + 2 * depth, DecimalMark.POINT))).toList());
    }

    private static Exercise asking(Set<Aid> held, Task... tasks) {
        return Exercise.ofOnePart("reeds", "Reeds", "", "", "", reeds(), Roles.FIRST_EXPLAINS, List.of(tasks), held,
                DecimalMark.POINT);
    }

    private static PlotDescription of(Exercise exercise) {
        return PlotDescription.of(Findings.of(Desk.open(exercise)));
    }

    @Test
    void theSentenceSaysWhatIsPlotted() {
        assertThat(of(asking(Set.of())).sentence()).startsWith("Scatter plot of height against depth, 9 points");
        assertThat(of(asking(Aid.all())).sentence()).endsWith(", no curve.");
    }

    @Test
    void theParagraphSaysRangesPatternLineAndReadings() {
        assertThat(of(asking(Set.of())).paragraph()).contains("Here depth is from 1 to 9 cm and height is from 22 to 38 cm.",
                "The pattern is rising, straight and strong.", "height = 20.00 + 2.000 · depth.", "r 1.000.");
    }

    @Test
    void whatIsClosedIsNotSaid() {
        String closed = of(asking(Aid.all())).paragraph();
        assertThat(closed).contains("rising, straight").doesNotContain("Line of", "= 20", "r 1");
        String lineAlone = of(asking(Set.of(Aid.EQUATION, Aid.R, Aid.R_SQUARED))).paragraph();
        assertThat(lineAlone).doesNotContain("= 20").contains("from left to right from 22.0 to 38.0.");
    }

    /** The task asks for direction, form and strength: what is said is what they are judged by. */
    @Test
    void whereThePatternIsAskedForItIsNotSaid() {
        String asked = of(asking(Aid.all(), Kelp.describe())).paragraph();
        assertThat(asked).doesNotContain("rising", "straight", "strong").contains(
                "Left third: depth is from 1 to 3 cm, height is from 22 to 26 cm, mean 24.0.",
                "Middle third: depth is from 4 to 6 cm, height is from 28 to 32 cm, mean 30.0.",
                "Right third: depth is from 7 to 9 cm, height is from 34 to 38 cm, mean 36.0.");
    }

    @Test
    void aClosedPlotTellsNothingOfItsPoints() {
        PlotDescription hidden = of(asking(Set.of(), Kelp.roles(), Kelp.describe()));
        assertThat(hidden.isClosed()).isTrue();
        assertThat(hidden.paragraph()).startsWith("The plot is closed. The plot is drawn by your choice in task 1")
                .doesNotContain("height", "depth", "22");
        assertThat(hidden.points()).isEmpty();
    }

    @Test
    void everyPointIsALineAlongX() {
        assertThat(of(asking(Set.of())).points()).hasSize(9).startsWith("row 1: depth 1, height 22")
                .endsWith("row 9: depth 9, height 38");
    }

    @Test
    void residualsAreNamedOnlyWhereTheyAreOpen() {
        assertThat(PlotDescription.ofStrip(Findings.of(Desk.open(asking(Set.of())))))
                .startsWith("Residuals of height from the line");
        assertThat(PlotDescription.ofStrip(Findings.of(Desk.open(asking(Aid.all()))))).doesNotContain("height");
    }
}
