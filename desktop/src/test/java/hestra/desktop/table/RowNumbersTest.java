package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.ListChangeListener;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class RowNumbersTest {

    @Test
    void asManyRowsAsAreWantedAreThereAndWhoWatchesIsToldWhichCameAndWent() {
        RowNumbers rows = new RowNumbers();
        List<String> told = new ArrayList<>();
        rows.addListener((ListChangeListener<Integer>) change -> {
            while (change.next()) {
                told.add(change.getFrom() + " to " + change.getTo() + ", added " + change.getAddedSize() + ", gone "
                        + change.getRemoved());
            }
        });
        rows.count(3);
        assertThat(rows).containsExactly(0, 1, 2);
        rows.count(5);
        rows.count(5);
        rows.count(2);
        assertThat(rows).containsExactly(0, 1);
        assertThat(told).containsExactly("0 to 3, added 3, gone []", "3 to 5, added 2, gone []",
                "2 to 2, added 0, gone [2, 3, 4]");
        assertThatThrownBy(() -> rows.get(2)).isInstanceOf(IndexOutOfBoundsException.class);
    }

    @Test
    void aMillionRowsAreThereAtOnce() {
        RowNumbers rows = new RowNumbers();
        rows.count(1_000_000);
        assertThat(rows.get(999_999)).isEqualTo(999_999);
        assertThat(rows.indexOf(123_456)).isEqualTo(123_456);
    }
}
