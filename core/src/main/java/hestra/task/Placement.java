package hestra.task;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import hestra.data.DataTable;
import hestra.data.Row;

/**
 * Which row of the student's table stands for which row of the printed one, wherever it has gone by inserting, removing and
 * moving: rows that were given out know their place, and those left to type stand in order below the last of them.
 */
final class Placement {

    private final Map<Integer, Integer> byPrinted = new HashMap<>();
    private final Map<Integer, Integer> byPlace = new HashMap<>();

    private Placement() {}

    static Placement of(Truth truth, DataTable table) {
        Placement placement = new Placement();
        int below = 0;
        for (int place = 0; place < table.size(); place++) {
            int origin = table.row(place).origin();
            if (origin != Row.OWN) {
                placement.put(origin, place);
                below = place + 1;
            }
        }
        for (int printed : truth.leftToType()) {
            placement.put(printed, below++);
        }
        // A row that was emptied at the end and typed again no longer knows where it came from, but it stands in its place.
        for (int printed = 0; printed < truth.data().size(); printed++) {
            if (!placement.byPrinted.containsKey(printed) && !placement.byPlace.containsKey(printed)) {
                placement.put(printed, printed);
            }
        }
        return placement;
    }

    private void put(int printed, int place) {
        if (byPrinted.putIfAbsent(printed, place) == null) {
            byPlace.put(place, printed);
        }
    }

    /** Where a printed row stands in the student's table; −1 where it is gone. */
    int placeOf(int printed) {
        return byPrinted.getOrDefault(printed, -1);
    }

    /** Which printed row stands at a place; −1 where none does. */
    int printedAt(int place) {
        return byPlace.getOrDefault(place, -1);
    }

    /** The places of several printed rows; those that are gone are left out. */
    List<Integer> placesOf(List<Integer> printed) {
        return printed.stream().map(this::placeOf).filter(place -> place >= 0).toList();
    }
}
