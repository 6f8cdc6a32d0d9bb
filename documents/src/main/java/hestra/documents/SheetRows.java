package hestra.documents;

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

    private static final int MOST_CELLS = 2_000_000;

    private final String name;
    private int cells;
    private final List<List<String>> rows = new ArrayList<>();

    SheetRows(String name) {
        this.name = name;
    }

    /** Puts a text into a cell, rows and columns from 0; an empty text makes no row. */
    void put(int row, int column, String text) {
        if (text.isEmpty()) {
            return;
        }
        if (row > DataTable.MOST_ROWS) {
            throw new TooLarge("the sheet “" + name + "” has more than " + DataTable.MOST_ROWS + " rows");
        }
        if (column >= TextData.MOST_COLUMNS) {
            throw new TooLarge("the sheet “" + name + "” has more than " + TextData.MOST_COLUMNS + " columns");
        }
        if (++cells > MOST_CELLS) {
            throw new TooLarge("the sheet “" + name + "” has more than " + MOST_CELLS + " cells");
        }
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
