package hestra.documents.table;

import java.util.List;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText.Block;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class DelimitedTextTest {

    private static Block parse(String text) {
        Result<TextData> reading = TextData.understand(text, DecimalMark.POINT);
        assertThat(reading).as(text).isInstanceOf(Result.Done.class);
        return ((Result.Done<TextData>) reading).value().block();
    }

    @Test
    void aTableWrittenReadsBackAsTyped() {
        DataTable table = Kelp.table().withCell(1, 1, Cell.of("3,9 \"cm\"", DecimalMark.POINT));
        List<List<String>> lines = ((Result.Done<List<List<String>>>) DelimitedText.parseWritten(DelimitedText.write(table)))
                .value();
        assertThat(lines.getFirst()).containsExactly("days", "length");
        assertThat(lines.get(2)).containsExactly("4", "3,9 \"cm\"");
        assertThat(lines).hasSize(6);
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
