package hestra.data;

import java.util.List;
import java.util.Optional;

import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class DataTableTest {

    private static final DataTable EMPTY = DataTable.empty(Variable.named("days"), Variable.named("length"));

    private static Cell cell(String text) {
        return Cell.of(text, DecimalMark.POINT);
    }

    @Test
    void typingBelowTheLastRowAddsRows() {
        DataTable table = EMPTY.withCell(2, 1, cell("8.1"));
        assertThat(table.size()).isEqualTo(3);
        assertThat(table.cell(2, 1)).isEqualTo(new Cell.Measured("8.1", 8.1));
        assertThat(table.row(0).isEmpty()).isTrue();
    }

    @Test
    void emptyRowsAtTheEndAreNotKept() {
        DataTable table = EMPTY.withCell(0, 0, cell("4")).withCell(3, 0, cell("9")).withCell(3, 0, Cell.EMPTY);
        assertThat(table.size()).isEqualTo(1);
    }

    @Test
    void cellsOutsideAreEmpty() {
        assertThat(EMPTY.cell(99, 7)).isEqualTo(Cell.EMPTY);
        assertThat(EMPTY.row(5)).isEqualTo(Row.EMPTY);
    }

    @Test
    void aBlockIsWrittenOverWhatWasThereAndDropsColumnsTooMany() {
        DataTable table = EMPTY.withCell(0, 0, cell("1"))
                .withBlock(0, 0, List.of(List.of(cell("4"), cell("8.1"), cell("surplus")), List.of(cell("6"))));
        assertThat(table.cell(0, 0).text()).isEqualTo("4");
        assertThat(table.cell(0, 1).text()).isEqualTo("8.1");
        assertThat(table.cell(0, 2)).isEqualTo(Cell.EMPTY);
        assertThat(table.cell(1, 0).text()).isEqualTo("6");
    }

    @Test
    void settingAsideKeepsTheReasonAndAnEmptyRowCannotBeSetAside() {
        DataTable table = EMPTY.withCell(0, 0, cell("1")).withSetAside(0, Optional.of("misread"));
        assertThat(table.row(0).setAside()).contains("misread");
        assertThat(table.withSetAside(0, Optional.empty()).row(0).isSetAside()).isFalse();
        assertThat(table.withSetAside(5, Optional.of("why")).size()).isEqualTo(1);
    }

    @Test
    void theOldTableStaysAsItWas() {
        DataTable before = EMPTY.withCell(0, 0, cell("1"));
        before.withCell(0, 0, cell("2"));
        assertThat(before.cell(0, 0).text()).isEqualTo("1");
    }

    @Test
    void whatIsNoNumberStaysAsTyped() {
        assertThat(cell(" 12..5 ")).isInstanceOfSatisfying(Cell.Unreadable.class, it -> {
            assertThat(it.text()).isEqualTo("12..5");
            assertThat(it.why()).contains("not a number");
        });
        assertThat(cell("   ").isEmpty()).isTrue();
        assertThat(cell("1,5")).isEqualTo(new Cell.Measured("1,5", 1.5));
    }

    @Test
    void aNumberAsACellIsWrittenTheShortestWay() {
        assertThat(Cell.of(28.0, DecimalMark.POINT).text()).isEqualTo("28");
        assertThat(Cell.of(28.5, DecimalMark.COMMA).text()).isEqualTo("28,5");
        assertThatThrownBy(() -> Cell.of(Double.NaN, DecimalMark.POINT)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void headingsGiveNameAndUnit() {
        assertThat(Variable.fromHeading("length (cm)")).isEqualTo(new Variable("length", "", "cm"));
        assertThat(Variable.fromHeading("salinity [g/kg] ")).isEqualTo(new Variable("salinity", "", "g/kg"));
        assertThat(Variable.fromHeading("days")).isEqualTo(Variable.named("days"));
        assertThat(Variable.fromHeading("(odd)").name()).isEqualTo("(odd)");
        assertThat(new Variable("length", "blade length", "cm").axisTitle()).isEqualTo("blade length (cm)");
        assertThat(Variable.named("index").axisTitle()).isEqualTo("index");
    }

    @Test
    void oneColumnCannotHaveBothRoles() {
        assertThatThrownBy(() -> new Roles(1, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Roles.FIRST_EXPLAINS.swapped()).isEqualTo(new Roles(1, 0));
    }
}
