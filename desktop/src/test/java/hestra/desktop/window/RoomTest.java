package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.desk.PlotEdit;
import hestra.desktop.tour.FxThread;
import hestra.exercise.Exercise;
import hestra.figure.Layer;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** How much room the parts of the window have. */
class RoomTest {

    /** The headings and six rows. */
    private static final double SIX_ROWS = 44 + 6 * 28;

    @TempDir
    Path folder;

    private static Exercise open() {
        return Kelp.exercise(Kelp.explain()).withFirst(part -> part.withHeld(Set.of()));
    }

    @Test
    void theTableKeepsSixRowsBesideSeveralCurvesInLargeTypeAndInASmallWindow() throws IOException {
        try (Person person = Person.at(open(), folder)) {
            for (String curve : new String[] {"Quadratic", "Exponential", "Power"}) {
                person.choose("add-curve", curve);
            }
            person.click("predict-at");
            person.type("7");
            assertThat(person.height("grid")).isGreaterThanOrEqualTo(SIX_ROWS);
            person.press(KeyCode.F8);
            person.press(KeyCode.F8);
            assertThat(person.height("grid")).isGreaterThanOrEqualTo(SIX_ROWS);
            person.resize(1024, 700);
            assertThat(person.height("grid")).isGreaterThanOrEqualTo(SIX_ROWS);
            for (String button : new String[] {"set-aside", "delete-row"}) {
                assertThat(person.isCutOff(button)).as(button).isFalse();
            }
        }
    }

    @Test
    void longNumbersAndTheirResidualsAreSeenWhole() throws IOException {
        DataTable tiny = new DataTable(Kelp.table().variables(), IntStream.range(0, 6)
                .mapToObj(i -> Row.of(Cell.of(Integer.toString(2015 + i), DecimalMark.POINT),
                        Cell.of("0.00001" + (i * i) % 7, DecimalMark.POINT))).toList());
        try (Person person = Person.at(open().withFirst(part -> part.withData(tiny)), folder)) {
            person.apply(new PlotEdit.ShowLayer(Layer.RESIDUALS, true));
            person.settle();
            FxThread.call(() -> {
                TableView<?> grid = (TableView<?>) person.window().root().lookup("#grid");
                double columns = grid.getColumns().stream().filter(TableColumn::isVisible)
                        .mapToDouble(TableColumn::getWidth).sum();
                assertThat(columns).as("the columns stand within the table").isLessThanOrEqualTo(grid.getWidth());
                assertThat(grid.lookupAll(".table-cell").stream().map(Labeled.class::cast)
                        .filter(cell -> !cell.getText().isEmpty() && cell.isVisible()))
                        .allSatisfy(cell -> assertThat(((Text) cell.lookup(".text")).getText()).isEqualTo(cell.getText()));
                return null;
            });
        }
    }

    @Test
    void aPartThatIsDraggedLargerIsSoTheNextTime() throws IOException {
        double dragged;
        double lower;
        try (Person person = Person.at(open(), folder)) {
            double before = person.width("sheet");
            Point2D edge = person.edgeOf("sheet");
            person.drag(edge, edge.add(60, 0));
            dragged = person.width("sheet");
            // A robot's drag moves a divider by its first step only; a hand moves it all the way.
            assertThat(dragged).isGreaterThan(before + 8);
            double strip = person.height("strip");
            Point2D below = person.footOf("plot");
            person.drag(below, below.add(0, -60));
            assertThat(person.height("strip")).isGreaterThan(strip + 8);
            lower = person.height("strip");
        }
        try (Person person = Person.at(open(), folder)) {
            assertThat(person.width("sheet")).isBetween(dragged - 3, dragged + 3);
            assertThat(person.height("strip")).isBetween(lower - 3, lower + 3);
        }
    }

    @Test
    void aNoticeCoversNothing() throws IOException {
        try (Person person = Person.at(open(), folder)) {
            person.press(KeyCode.CONTROL, KeyCode.G);
            assertThat(person.text("notice")).isNotEmpty();
            for (String id : new String[] {"sheet", "plot", "strip", "readings", "grid"}) {
                assertThat(person.overlaps("notices", id)).as(id).isFalse();
            }
        }
    }
}
