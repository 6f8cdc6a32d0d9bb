package hestra.data;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntUnaryOperator;

/** Neighbours in a list that change places with those beside them. */
final class Moved {

    private Moved() {}

    /** Whether the places from first to last are there, and still are when moved. */
    static boolean fits(int first, int last, int by, int size) {
        return first >= 0 && first <= last && last < size && first + (long) by >= 0 && last + (long) by < size;
    }

    /** Where a place is after those from first to last moved by so many. */
    static int place(int place, int first, int last, int by) {
        int length = last - first + 1;
        if (place >= first && place <= last) {
            return place + by;
        }
        if (place > last && place <= last + by) {
            return place - length;
        }
        return place < first && place >= first + by ? place + length : place;
    }

    /** The list with each element at its place after. */
    static <T> List<T> list(List<T> list, IntUnaryOperator placeAfter) {
        List<T> moved = new ArrayList<>(list);
        for (int i = 0; i < list.size(); i++) {
            moved.set(placeAfter.applyAsInt(i), list.get(i));
        }
        return Collections.unmodifiableList(moved);
    }
}
