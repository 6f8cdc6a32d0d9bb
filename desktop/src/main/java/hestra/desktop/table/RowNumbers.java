package hestra.desktop.table;

import java.util.stream.IntStream;
import javafx.collections.ObservableListBase;

/** The numbers of rows from 0, as many as there are: none of them is kept, so that a million of them are there at once. */
final class RowNumbers extends ObservableListBase<Integer> {

    private int size;

    /** Has so many from now on. */
    void count(int wanted) {
        int before = size;
        if (wanted == before) {
            return;
        }
        beginChange();
        size = wanted;
        if (wanted > before) {
            nextAdd(before, wanted);
        } else {
            nextRemove(wanted, IntStream.range(wanted, before).boxed().toList());
        }
        endChange();
    }

    @Override
    public Integer get(int index) {
        if (index < 0 || index >= size) {
            throw new IndexOutOfBoundsException(index);
        }
        return index;
    }

    @Override
    public int size() {
        return size;
    }
}
