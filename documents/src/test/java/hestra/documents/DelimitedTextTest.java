package hestra.documents;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.documents.DelimitedText.Block;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class DelimitedTextTest {

    private static Block parse(String text) {
        Reading<Block> reading = DelimitedText.parse(text);
        assertThat(reading).as(text).isInstanceOf(Reading.Done.class);
        return ((Reading.Done<Block>) reading).value();
    }

    private static String refusal(Reading<?> reading) {
        assertThat(reading).isInstanceOf(Reading.Refused.class);
        return ((Reading.Refused<?>) reading).message();
    }

    @ParameterizedTest
    @ValueSource(strings = {"4\t8.1\n6\t11.4\n", "4;8.1\n6;11.4", "4,8.1\r\n6,11.4\r\n", "4 8.1\n6   11.4\n\n\n", "\ufeff4,8.1\n6,11.4"})
    void everySeparatorGivesTheSameRows(String text) {
        Block block = parse(text);
        assertThat(block.rows()).containsExactly(List.of("4", "8.1"), List.of("6", "11.4"));
        assertThat(block.headings()).isEmpty();
    }

    @Test
    void decimalCommasSurviveSemicolonsAndTabs() {
        assertThat(parse("4;8,1\n6;11,4").rows().getFirst()).containsExactly("4", "8,1");
        assertThat(parse("4\t8,1\n6\t11,4").rows().getFirst()).containsExactly("4", "8,1");
    }

    @Test
    void aLineOfNamesIsTheHeading() {
        Block block = parse("days,length (cm)\n4,8.1\n");
        assertThat(block.headings()).contains(List.of("days", "length (cm)"));
        assertThat(block.rows()).hasSize(1);
        assertThat(parse("4,8.1\ndays,length").headings()).isEmpty();
    }

    @Test
    void quotedFieldsMayHoldSeparatorsAndEmptyCellsStay() {
        Block block = parse("\"a, b\",c\n\"1,5\",2\n,3\n4,\n");
        assertThat(block.headings()).contains(List.of("a, b", "c"));
        assertThat(block.rows()).containsExactly(List.of("1,5", "2"), List.of("", "3"), List.of("4", ""));
    }

    @Test
    void oneColumnIsABlockOfOneColumn() {
        assertThat(parse("4\n6\n7").rows()).containsExactly(List.of("4"), List.of("6"), List.of("7"));
    }

    @Test
    void nothingAndTooMuchAreRefusedInWords(@TempDir Path folder) throws IOException {
        assertThat(refusal(DelimitedText.parse("  \n "))).contains("no text");
        assertThat(refusal(DelimitedText.parse("1,2\n".repeat(DataTable.MOST_ROWS + 2)))).contains("rows");
        assertThat(refusal(DelimitedText.parse("1,".repeat(300)))).contains("columns");
        assertThat(refusal(DelimitedText.read(folder.resolve("none.csv")))).contains("not there");
        Path latin = Files.write(folder.resolve("latin.csv"), new byte[] {'l', (byte) 0xE4, 'n', 'g', ',', '2'});
        assertThat(refusal(DelimitedText.read(latin))).contains("UTF-8");
    }

    @Test
    void aTableWrittenReadsBackAsTyped() {
        DataTable table = Kelp.table().withCell(1, 1, Cell.of("3,9 \"cm\"", DecimalMark.POINT));
        Block block = parse(DelimitedText.write(table));
        assertThat(block.headings()).contains(List.of("days", "length"));
        assertThat(block.rows().get(1)).containsExactly("4", "3,9 \"cm\"");
        assertThat(block.rows()).hasSize(5);
    }

    @Test
    void aBlockBecomesATableWithItsOwnNamesOrTheGivenOnes() {
        DataTable named = DelimitedText.table(parse("days,length (cm)\n4,8.1\n"), List.of(), DecimalMark.POINT);
        assertThat(named.variable(1)).isEqualTo(new Variable("length", "", "cm"));
        DataTable unnamed = DelimitedText.table(parse("4,8.1,2\n5,6,7"), List.of(Variable.named("a")), DecimalMark.POINT);
        assertThat(unnamed.variables()).extracting(Variable::name).containsExactly("a", "column 2", "column 3");
        assertThat(DelimitedText.table(parse("4\n5"), List.of(), DecimalMark.POINT).width()).isEqualTo(2);
    }
}
