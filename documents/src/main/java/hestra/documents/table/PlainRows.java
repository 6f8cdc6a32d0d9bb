package hestra.documents.table;

import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;

import hestra.data.Row;
import hestra.numbers.DecimalMark;

/**
 * Lines of a text that are rows of a table already, see {@link PlainNumbers}: the texts of a line are made when they are asked
 * for.
 */
final class PlainRows extends AbstractList<List<String>> implements RandomAccess {

    private final List<Row> rows;
    private final int width;
    private final DecimalMark mark;

    /**
     * Rows as lines.
     *
     * @param width how many cells each line has, empty ones at its end included
     * @param mark the decimal mark of the numbers
     */
    PlainRows(List<Row> rows, int width, DecimalMark mark) {
        this.rows = List.copyOf(rows);
        this.width = width;
        this.mark = mark;
    }

    List<Row> rows() {
        return rows;
    }

    int width() {
        return width;
    }

    DecimalMark mark() {
        return mark;
    }

    @Override
    public List<String> get(int line) {
        Row row = rows.get(line);
        String[] texts = new String[width];
        for (int column = 0; column < width; column++) {
            texts[column] = row.cell(column).text();
        }
        return List.of(texts);
    }

    @Override
    public int size() {
        return rows.size();
    }

    @Override
    public PlainRows subList(int from, int to) {
        return from == 0 && to == size() ? this : new PlainRows(rows.subList(from, to), width, mark);
    }

}
