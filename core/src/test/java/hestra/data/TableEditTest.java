package hestra.data;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.numbers.DecimalMark;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class TableEditTest {

    private static final DataTable KELP = table("1 a", "2 b", "3 c", "4 d");

    private static DataTable table(String... rows) {
        DataTable table = DataTable.empty(Variable.named("days"), Variable.named("rope"));
        for (int row = 0; row < rows.length; row++) {
            String[] cells = rows[row].split(" ", -1);
            for (int column = 0; column < cells.length; column++) {
                table = new TableEdit.Type(row, column, cells[column]).appliedTo(table, DecimalMark.POINT);
            }
        }
        return table;
    }

    private static DataTable after(TableEdit edit) {
        return edit.appliedTo(KELP, DecimalMark.POINT);
    }

    private static List<String> column(DataTable table, int column) {
        return IntStream.range(0, table.size()).mapToObj(row -> table.cell(row, column).text()).toList();
    }

    @Test
    void insertedRowsPushTheOthersDown() {
        assertThat(column(after(new TableEdit.InsertRows(1, 2)), 0)).containsExactly("1", "", "", "2", "3", "4");
        assertThat(after(new TableEdit.InsertRows(4, 1))).isSameAs(KELP);
    }

    @Test
    void removedRowsLetTheOthersUp() {
        assertThat(column(after(new TableEdit.RemoveRows(List.of(2, 0))), 1)).containsExactly("b", "d");
    }

    @Test
    void severalRowsAreSetAsideAndTakenBackAtOnce() {
        TableEdit aside = new TableEdit.SetAside(List.of(0, 2, 9), "lost their tags");
        DataTable changed = after(aside);
        assertThat(IntStream.range(0, 4).mapToObj(row -> changed.row(row).setAside().orElse("-")).toList())
                .containsExactly("lost their tags", "-", "lost their tags", "-");
        assertThat(new TableEdit.TakeBack(List.of(2, 0)).appliedTo(changed, DecimalMark.POINT)).isEqualTo(KELP);
        assertThat(aside.inWords()).isEqualTo("setting 3 rows aside");
        assertThat(after(new TableEdit.SetAside(List.of(9), "not there"))).isSameAs(KELP);
    }

    @Test
    void rowsMoveDownAndUp() {
        assertThat(column(after(new TableEdit.MoveRows(0, 1, 2)), 0)).containsExactly("3", "4", "1", "2");
        assertThat(column(after(new TableEdit.MoveRows(2, 3, -1)), 0)).containsExactly("1", "3", "4", "2");
        assertThat(after(new TableEdit.MoveRows(2, 3, 1))).as("beyond the end").isSameAs(KELP);
    }

    @Property
    void whereARowStandsAfterwardsIsWhereItIsFound(@ForAll @IntRange(max = 5) int first, @ForAll @IntRange(max = 5) int more,
            @ForAll @IntRange(min = -6, max = 6) int by, @ForAll @IntRange(max = 5) int watched) {
        DataTable six = table("0 -", "1 -", "2 -", "3 -", "4 -", "5 -");
        for (TableEdit edit : List.of(new TableEdit.MoveRows(first, first + more, by), new TableEdit.InsertRows(first, more + 1),
                new TableEdit.RemoveRows(List.of(first, more)))) {
            DataTable changed = edit.appliedTo(six, DecimalMark.POINT);
            if (changed != six) {
                int place = edit.rowAfter(watched);
                assertThat(place < 0 ? "gone" : changed.cell(place, 0).text()).as(edit.toString())
                        .isEqualTo(edit instanceof TableEdit.RemoveRows(List<Integer> rows) && rows.contains(watched)
                        ? "gone" : Integer.toString(watched));
            }
        }
    }

    @Test
    void columnsAreInsertedMovedAndRemovedWithWhatStandsInThem() {
        DataTable three = after(new TableEdit.InsertColumn(1, Variable.named("length")));
        assertThat(three.variables()).extracting(Variable::name).containsExactly("days", "length", "rope");
        assertThat(column(three, 2)).containsExactly("a", "b", "c", "d");
        DataTable moved = new TableEdit.MoveColumn(2, -2).appliedTo(three, DecimalMark.POINT);
        assertThat(moved.variables()).extracting(Variable::name).containsExactly("rope", "days", "length");
        assertThat(column(moved, 0)).containsExactly("a", "b", "c", "d");
        assertThat(new TableEdit.RemoveColumn(2).appliedTo(moved, DecimalMark.POINT).variables()).extracting(Variable::name)
                .containsExactly("rope", "days");
    }

    @Test
    void twoColumnsAlwaysStay() {
        assertThat(after(new TableEdit.RemoveColumn(0))).isSameAs(KELP);
    }

    @Test
    void emptyingNeverRemovesAColumnOrAName() {
        DataTable emptied = after(new TableEdit.Clear(0, 1, 99, 1));
        assertThat(column(emptied, 1)).containsOnly("");
        assertThat(emptied.variables()).isEqualTo(KELP.variables());
        assertThat(column(emptied, 0)).containsExactly("1", "2", "3", "4");
    }

    @Test
    void twoNumbersAreCarriedOnInDecimals() {
        DataTable begun = table("0.1 10", "0.2 8", "9 9");
        DataTable filled = new TableEdit.Fill(0, 0, 4, 1).appliedTo(begun, DecimalMark.POINT);
        assertThat(column(filled, 0)).containsExactly("0.1", "0.2", "0.3", "0.4", "0.5");
        assertThat(column(filled, 1)).containsExactly("10", "8", "6", "4", "2");
    }

    @Test
    void aSequenceIsWrittenWithTheExercisesMarkAndTypedPlaces() {
        DataTable begun = new TableEdit.Paste(0, 0, List.of(List.of("1,50"), List.of("2,00")))
                .appliedTo(DataTable.empty(Variable.named("x"), Variable.named("y")), DecimalMark.COMMA);
        assertThat(column(new TableEdit.Fill(0, 0, 3, 0).appliedTo(begun, DecimalMark.COMMA), 0))
                .containsExactly("1,50", "2,00", "2,50", "3,00");
    }

    @Test
    void wordsBeginNoSequence() {
        assertThat(after(new TableEdit.Fill(0, 1, 3, 1))).isSameAs(KELP);
    }

    @Test
    void anEditOutsideTheTableChangesNothing() {
        for (TableEdit edit : List.of(new TableEdit.Type(-1, 0, "9"), new TableEdit.Type(0, 2, "9"),
                new TableEdit.Type(DataTable.MOST_ROWS, 0, "9"),
                new TableEdit.Paste(0, -1, List.of(List.of("9"))), new TableEdit.Name(7, Variable.named("x")),
                        new TableEdit.MoveColumn(1, 1),
                new TableEdit.InsertColumn(5, Variable.named("x")), new TableEdit.RemoveRows(List.of(17)),
                        new TableEdit.SetAside(20, "gone"))) {
            assertThat(after(edit)).as(edit.toString()).isEqualTo(KELP);
        }
    }

    @Test
    void aRowRemembersWhereItCameFromThroughEveryMove() {
        List<Row> given = new ArrayList<>();
        for (int row = 0; row < KELP.size(); row++) {
            given.add(KELP.row(row).givenAs(row));
        }
        DataTable table = KELP.withRows(given);
        for (TableEdit edit : List.of(new TableEdit.MoveRows(0, 0, 3), new TableEdit.InsertRows(0, 1),
                new TableEdit.Type(1, 0, "77"),
                new TableEdit.SetAside(1, "odd"), new TableEdit.RemoveRows(List.of(2)))) {
            table = edit.appliedTo(table, DecimalMark.POINT);
        }
        assertThat(table.rows()).extracting(Row::origin).containsExactly(Row.OWN, 1, 3, 0);
        assertThat(table.row(1).setAside()).isEqualTo(Optional.of("odd"));
    }

    @Test
    void decimalPlacesAreThoseTheColumnWasWrittenWith() {
        DataTable lengths = table("1.50 a", "2 b", "3.125 c", "1e5 d");
        assertThat(lengths.places(0)).isEqualTo(3);
        assertThat(lengths.places(1)).isZero();
        assertThat(((Cell.Measured) Cell.of("1,234,567", DecimalMark.POINT)).places()).as("thousands").isZero();
        assertThat(((Cell.Measured) Cell.of("2.5e-3", DecimalMark.POINT)).places()).as("powers of ten").isZero();
    }
}
