package hestra.data;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
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
    public static final int MOST_ROWS = 100_000;

    public DataTable {
        variables = List.copyOf(variables);
        int used = rows.size();
        while (used > 0 && rows.get(used - 1).isEmpty()) {
            used--;
        }
        rows = List.copyOf(rows.subList(0, used));
    }

    /** Columns with nothing below them. */
    public static DataTable empty(Variable... variables) {
        return new DataTable(List.of(variables), List.of());
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

    /** The row at this index; empty beyond the last. */
    public Row row(int index) {
        return index < rows.size() ? rows.get(index) : Row.EMPTY;
    }

    /** The cell at these indices; empty beyond the last row or column. */
    public Cell cell(int row, int column) {
        return row(row).cell(column);
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

    /** Without the rows at these indices; those below move up. */
    public DataTable withoutRows(Collection<Integer> indices) {
        List<Row> kept = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            if (!indices.contains(i)) {
                kept.add(rows.get(i));
            }
        }
        return new DataTable(variables, kept);
    }

    /** With an empty row at this index; those from there on move down. */
    public DataTable withInsertedRow(int index) {
        if (index >= rows.size()) {
            return this;
        }
        List<Row> changed = new ArrayList<>(rows);
        changed.add(index, Row.EMPTY);
        return new DataTable(variables, changed);
    }

    /** With a row set aside for a reason, or taken back where there is none. An empty row stays as it is. */
    public DataTable withSetAside(int row, Optional<String> reason) {
        return row(row).isEmpty() ? this : withRow(row, old -> old.withSetAside(reason));
    }

    public DataTable withVariable(int column, Variable variable) {
        List<Variable> changed = new ArrayList<>(variables);
        changed.set(column, variable);
        return new DataTable(changed, rows);
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
