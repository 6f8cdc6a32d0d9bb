package hestra.documents.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.DataTable;
import hestra.numbers.DecimalMark;

/** Collects the cells of a sheet, within bounds, and gives them as a text with tabs between columns. */
final class SheetRows {

    /** A sheet that is larger than what is taken in. */
    static final class TooLarge extends RuntimeException {
        private static final long serialVersionUID = 1L;

        TooLarge(String message) {
            super(message, null, false, false);
        }
    }

    /** The longest text of a cell. */
    static final int LONGEST_CELL = 32_767;

    private static final long MOST_LETTERS = 64L * 1024 * 1024;

    /** What all sheets of a file together may hold: a few bytes of it may stand for very many cells, or for very long ones. */
    static final class Room {
        private long cells = DataTable.MOST_CELLS;
        private long letters = MOST_LETTERS;

        private void take(String sheet, long moreCells, long moreLetters) {
            demand(sheet, moreCells, moreLetters);
            cells -= moreCells;
            letters -= moreLetters;
        }

        private void demand(String sheet, long moreCells, long moreLetters) {
            if (moreCells > cells) {
                throw new TooLarge("the sheet “" + sheet + "” has too many cells (more than " + DataTable.MOST_CELLS
                        + " with those before it)");
            }
            if (moreLetters > letters) {
                throw new TooLarge("the sheet “" + sheet + "” has too much text in it");
            }
        }
    }

    private final String name;
    private final Room room;
    private final List<List<String>> rows = new ArrayList<>();

    /** An empty sheet that takes from the room that is left in its file. */
    SheetRows(String name, Room room) {
        this.name = name;
        this.room = room;
    }

    /**
     * Puts a text into the cells of a block, rows and columns from 0; an empty text makes no row. Whether there is room for all
     * of them is seen before the first stands there.
     */
    void fill(int row, int column, int rowCount, int columnCount, String text) {
        if (text.isEmpty()) {
            return;
        }
        if ((long) row + rowCount - 1 > DataTable.MOST_ROWS) {
            throw new TooLarge("the sheet “" + name + "” has more than " + DataTable.MOST_ROWS + " rows");
        }
        if ((long) column + columnCount > TextData.MOST_COLUMNS) {
            throw new TooLarge("the sheet “" + name + "” has more than " + TextData.MOST_COLUMNS + " columns");
        }
        if (text.length() > LONGEST_CELL) {
            throw new TooLarge("a cell of the sheet “" + name + "” holds more than " + LONGEST_CELL + " letters");
        }
        long cells = (long) rowCount * columnCount;
        room.demand(name, cells, cells * text.length());
        for (int below = 0; below < rowCount; below++) {
            for (int beside = 0; beside < columnCount; beside++) {
                set(row + below, column + beside, text);
            }
        }
    }

    /** Puts a text into a cell, as {@link #fill}. */
    void put(int row, int column, String text) {
        fill(row, column, 1, 1, text);
    }

    private void set(int row, int column, String text) {
        int before = row < rows.size() ? rows.get(row).size() : 0;
        // Empty cells on the way to it take room too.
        room.take(name, Math.max(1, column + 1 - before), text.length());
        while (rows.size() <= row) {
            rows.add(new ArrayList<>());
        }
        List<String> line = rows.get(row);
        while (line.size() <= column) {
            line.add("");
        }
        boolean plain = text.chars().noneMatch(c -> c < ' ' || c == '"');
        line.set(column, plain ? text : text.replaceAll("[\\t\\r\\n\"]+", " ").strip());
    }

    boolean isEmpty() {
        return rows.isEmpty();
    }

    /** The sheet as a text, without empty columns on its left. */
    DataFile.Part part() {
        int left = rows.stream().filter(row -> !row.isEmpty())
                .mapToInt(row -> (int) row.stream().takeWhile(String::isEmpty).count()).min().orElse(0);
        StringBuilder text = new StringBuilder();
        rows.stream().dropWhile(List::isEmpty)
                .forEach(row -> text.append(String.join("\t", row.subList(Math.min(left, row.size()), row.size()))).append('\n'));
        return new DataFile.Part(name, text.toString(), Optional.of(DecimalMark.POINT));
    }
}
