package hestra.data;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import java.util.function.UnaryOperator;

/**
 * The data: named columns and the rows below them, immutable. Rows and columns count from 0 here and from 1 on screens.
 * Empty rows at the end are never kept; empty rows in between are.
 *
 * @param variables the columns
 * @param rows the rows
 */
public record DataTable(List<Variable> variables, List<Row> rows) {

    /** The most rows that are taken in. */
    public static final int MOST_ROWS = 1_000_000;

    /** The most cells that are taken in from elsewhere at once, so that any file fits into a gigabyte of memory. */
    public static final int MOST_CELLS = 4_000_000;

    /** The most columns. */
    public static final int MOST_COLUMNS = 200;

    private static final int PRIME = 31;

    private static final int SAMPLE = 200;

    public DataTable {
        variables = List.copyOf(variables);
        int used = rows.size();
        while (used > 0 && rows.get(used - 1).isEmpty()) {
            used--;
        }
        rows = List.copyOf(used == rows.size() ? rows : rows.subList(0, used));
    }

    /** Columns with nothing below them. */
    public static DataTable empty(Variable... variables) {
        return new DataTable(List.of(variables), List.of());
    }

    /**
     * A number that tells these rows from others, with what is set aside: the same on every machine. Different rows have the same
     * one by chance only.
     */
    public int print() {
        int print = 1;
        for (Row row : rows) {
            for (int column = 0; column < width(); column++) {
                print = PRIME * print + row.cell(column).text().hashCode();
            }
            print = PRIME * print + (row.isSetAside() ? 1 : 0);
        }
        return print;
    }

    public int size() {
        return rows.size();
    }

    public int width() {
        return variables.size();
    }

    public Variable variable(int column) {
        return variables.get(column);
    }

    /** The row at this index; empty where there is none. */
    public Row row(int index) {
        return index >= 0 && index < rows.size() ? rows.get(index) : Row.EMPTY;
    }

    /** The cell at these indices; empty where there is none. */
    public Cell cell(int row, int column) {
        return row(row).cell(column);
    }

    /** A cell's text as it is read: as it was typed, or the date that its number stands for. */
    public String shown(int row, int column) {
        Cell cell = cell(row, column);
        return cell instanceof Cell.Measured(String _, double value) && variable(column).dates().isPresent()
                ? variable(column).dates().get().show(value) : cell.text();
    }

    public DataTable withCell(int row, int column, Cell cell) {
        return withRow(row, old -> old.with(column, cell));
    }

    /** With a block of cells written over whatever was there; parts beyond the last column are dropped. */
    public DataTable withBlock(int row, int column, List<List<Cell>> block) {
        List<Row> changed = grown(row + block.size());
        for (int i = 0; i < block.size(); i++) {
            Row target = changed.get(row + i);
            for (int j = 0; j < block.get(i).size() && column + j < width(); j++) {
                target = target.with(column + j, block.get(i).get(j));
            }
            changed.set(row + i, target);
        }
        return new DataTable(variables, changed);
    }

    /** With the cells of a column from a row on written over. */
    DataTable withColumnFrom(int row, int column, List<Cell> cells) {
        List<Row> changed = grown(row + cells.size());
        for (int i = 0; i < cells.size(); i++) {
            changed.set(row + i, changed.get(row + i).with(column, cells.get(i)));
        }
        return new DataTable(variables, changed);
    }

    /** Without the rows at these indices; those below move up. */
    public DataTable withoutRows(Collection<Integer> indices) {
        Set<Integer> removed = Set.copyOf(indices);
        List<Row> kept = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            if (!removed.contains(i)) {
                kept.add(rows.get(i));
            }
        }
        return new DataTable(variables, kept);
    }

    /** With rows put in at this index, which is not beyond the last; those from there on move down. */
    DataTable withRowsInserted(int index, List<Row> inserted) {
        List<Row> changed = new ArrayList<>(rows);
        changed.addAll(index, inserted);
        return new DataTable(variables, changed);
    }

    /** With other rows below the same headings. */
    public DataTable withRows(List<Row> other) {
        return new DataTable(variables, other);
    }

    /** With an empty column put in. */
    DataTable withColumnInserted(int index, Variable variable) {
        List<Variable> headings = new ArrayList<>(variables);
        headings.add(index, variable);
        return new DataTable(headings, rows.stream().map(row -> row.rearranged(headings.size(), column -> column == index ? -1
                : column < index ? column : column - 1)).toList());
    }

    DataTable withoutColumn(int index) {
        List<Variable> headings = new ArrayList<>(variables);
        headings.remove(index);
        return new DataTable(headings, rows.stream()
                .map(row -> row.rearranged(headings.size(), column -> column < index ? column : column + 1)).toList());
    }

    /** With each column at its place after. */
    DataTable withColumnsMoved(IntUnaryOperator placeAfter) {
        int[] before = new int[width()];
        for (int column = 0; column < width(); column++) {
            before[placeAfter.applyAsInt(column)] = column;
        }
        return new DataTable(Moved.list(variables, placeAfter), rows.stream()
                .map(row -> row.rearranged(width(), column -> before[column])).toList());
    }

    /** With a row set aside for a reason, or taken back where there is none. An empty row stays as it is. */
    public DataTable withSetAside(int row, Optional<String> reason) {
        return row(row).isEmpty() ? this : withRow(row, old -> old.withSetAside(reason));
    }

    /** With several rows set aside or taken back. Empty rows, and those that are not there, stay as they are. */
    DataTable withSetAside(Collection<Integer> chosen, Optional<String> reason) {
        List<Integer> filled = chosen.stream().filter(row -> !row(row).isEmpty()).toList();
        List<Row> changed = new ArrayList<>(rows);
        filled.forEach(row -> changed.set(row, changed.get(row).withSetAside(reason)));
        return filled.isEmpty() ? this : new DataTable(variables, changed);
    }

    public DataTable withVariable(int column, Variable variable) {
        List<Variable> changed = new ArrayList<>(variables);
        changed.set(column, variable);
        return new DataTable(changed, rows);
    }

    /**
     * The one row that is another object than in a table of the same headings and as many rows; nothing where that is none or
     * several.
     */
    public OptionalInt onlyRowOtherThanIn(DataTable before) {
        if (before.size() != size() || !before.variables.equals(variables)) {
            return OptionalInt.empty();
        }
        int found = -1;
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) != before.rows.get(i)) {
                if (found >= 0) {
                    return OptionalInt.empty();
                }
                found = i;
            }
        }
        return found < 0 ? OptionalInt.empty() : OptionalInt.of(found);
    }

    /** Whether a cell may stand there: within the columns, and above the greatest number of rows. */
    public boolean hasRoomAt(int row, int column) {
        return row >= 0 && row < MOST_ROWS && column >= 0 && column < width();
    }

    /** With how many decimal places a column was written: the most among its first numbers. */
    public int places(int column) {
        return rows.stream().limit(SAMPLE).map(row -> row.cell(column))
                .mapToInt(cell -> cell instanceof Cell.Measured measured ? measured.places() : 0).max().orElse(0);
    }

    private DataTable withRow(int index, UnaryOperator<Row> change) {
        List<Row> changed = grown(index + 1);
        changed.set(index, change.apply(changed.get(index)));
        return new DataTable(variables, changed);
    }

    private List<Row> grown(int size) {
        List<Row> changed = new ArrayList<>(Math.max(size, rows.size()));
        changed.addAll(rows);
        while (changed.size() < size) {
            changed.add(Row.EMPTY);
        }
        return changed;
    }
}
