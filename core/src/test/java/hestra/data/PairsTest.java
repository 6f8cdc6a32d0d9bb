package hestra.data;

import java.util.List;
import java.util.Optional;

import hestra.data.Pairs.LeftOut;
import hestra.data.Pairs.Reason;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class PairsTest {

    private static Row row(String x, String y) {
        return Row.of(Cell.of(x, DecimalMark.POINT), Cell.of(y, DecimalMark.POINT));
    }

    private static Pairs pairs(Row... rows) {
        return Pairs.of(new DataTable(List.of(Variable.named("x"), Variable.named("y")), List.of(rows)), 0, 1);
    }

    @Test
    void aRowWithOneCellEmptyIsIncompleteAndNeverCountsAsZero() {
        Pairs pairs = pairs(row("1", "2"), row("3", ""), row("", "4"), row("5", "6"));
        assertThat(pairs.n()).isEqualTo(2);
        assertThat(pairs.xs()).containsExactly(1.0, 5.0);
        assertThat(pairs.row(1)).isEqualTo(3);
        assertThat(pairs.leftOut()).containsExactly(new LeftOut(1, Reason.INCOMPLETE, ""), new LeftOut(2, Reason.INCOMPLETE, ""));
    }

    @Test
    void anEmptyRowIsNoRow() {
        Pairs pairs = pairs(row("1", "2"), row("", ""), row("3", "4"));
        assertThat(pairs.n()).isEqualTo(2);
        assertThat(pairs.leftOut()).isEmpty();
        assertThat(pairs.rowsInAll()).isEqualTo(2);
    }

    @Test
    void whatIsNoNumberIsLeftOutWithTheReason() {
        Pairs pairs = pairs(row("1", "abc"), row("x", ""), row("2", "3"));
        assertThat(pairs.n()).isEqualTo(1);
        assertThat(pairs.leftOut()).extracting(LeftOut::reason).containsExactly(Reason.NOT_A_NUMBER, Reason.NOT_A_NUMBER);
        assertThat(pairs.leftOut().getFirst().detail()).contains("abc");
        assertThat(pairs.rowsInAll()).isEqualTo(3);
    }

    @Test
    void setAsideRowsKeepTheirReason() {
        Row aside = new Row(row("9", "9").cells(), Optional.of("misread"), Row.OWN);
        Pairs pairs = pairs(row("1", "2"), aside);
        assertThat(pairs.n()).isEqualTo(1);
        assertThat(pairs.leftOut()).containsExactly(new LeftOut(1, Reason.SET_ASIDE, "misread"));
    }

    @Test
    void swappingExchangesTheVariables() {
        Pairs swapped = Pairs.of(new double[] {1, 2}, new double[] {3, 4}).swapped();
        assertThat(swapped.x(0)).isEqualTo(3);
        assertThat(swapped.y(1)).isEqualTo(2);
    }

    @Test
    void arraysMustMatchAndBeFinite() {
        assertThatThrownBy(() -> Pairs.of(new double[1], new double[2])).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Pairs.of(new double[] {Double.NaN}, new double[] {1}))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
