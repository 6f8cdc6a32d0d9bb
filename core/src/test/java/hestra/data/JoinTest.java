package hestra.data;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.Join.Keys;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class JoinTest {

    private static DataTable table(String headings, String... lines) {
        DataTable table = DataTable.empty(List.of(headings.split(" ")).stream().map(Variable::named).toArray(Variable[]::new));
        return new TableEdit.Paste(0, 0, List.of(lines).stream().map(line -> List.of(line.split(" ", -1))).toList())
                .appliedTo(table, DecimalMark.POINT);
    }

    private static final DataTable TRAYS = table("tray shoots", "Ash 9", "Birch 13", "Elm 15", "Birch 14", "Yew 3");
    private static final DataTable DEPTHS = table("depth where shoots", "30 birch 1", "41 ELM 2", "25 Fir 3", "44 Elm 4",
            "28 Ash 5");

    @Test
    void theColumnsWithTheMostInCommonAreTheKeys() {
        assertThat(Join.likelyKeys(TRAYS, DEPTHS)).contains(new Keys(0, 1));
        assertThat(Join.likelyKeys(TRAYS, table("a b", "x y"))).isEmpty();
    }

    @Test
    void everyRowStaysAndFindsItsOther() {
        Join join = Join.of(TRAYS, DEPTHS, new Keys(0, 1));
        assertThat(join.table().variables()).extracting(Variable::name).containsExactly("tray", "shoots", "depth", "shoots 2");
        assertThat(IntStream.range(0, 5).mapToObj(row -> join.table().cell(row, 2).text()))
                .containsExactly("28", "30", "41", "30", "");
        assertThat(join.matched()).isEqualTo(4);
    }

    @Test
    void whatDidNotMatchIsListed() {
        Join join = Join.of(TRAYS, DEPTHS, new Keys(0, 1));
        assertThat(join.unmatched()).containsExactly("Yew");
        assertThat(join.left()).containsExactly("Fir");
        assertThat(join.repeated()).as("its first row was taken").containsExactly("Elm");
    }

    @Test
    void setAsideRowsStaySetAside() {
        DataTable aside = new TableEdit.SetAside(1, "wilted").appliedTo(TRAYS, DecimalMark.POINT);
        assertThat(Join.of(aside, DEPTHS, new Keys(0, 1)).table().row(1).setAside()).isEqualTo(Optional.of("wilted"));
    }

    @Test
    void anEmptyKeyMatchesNothing() {
        DataTable gap = table("tray shoots", " 9", "Ash 1");
        Join join = Join.of(gap, table("where depth", " 4", "Ash 5"), new Keys(0, 0));
        assertThat(join.table().cell(0, 2).isEmpty()).isTrue();
        assertThat(join.unmatched()).containsExactly("row 1");
    }
}
