package hestra.data;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One row of the table.
 *
 * @param cells from the left; a row may be shorter than the table is wide, the rest is empty
 * @param setAside why the row takes no part in any fit; nothing where it takes part
 */
public record Row(List<Cell> cells, Optional<String> setAside) {

    public static final Row EMPTY = new Row(List.of(), Optional.empty());

    public Row {
        cells = List.copyOf(cells);
    }

    public static Row of(Cell... cells) {
        return new Row(List.of(cells), Optional.empty());
    }

    /** The cell in a column; empty beyond the last. */
    public Cell cell(int column) {
        return column < cells.size() ? cells.get(column) : Cell.EMPTY;
    }

    public boolean isEmpty() {
        return cells.stream().allMatch(Cell::isEmpty);
    }

    public boolean isSetAside() {
        return setAside.isPresent();
    }

    Row with(int column, Cell cell) {
        List<Cell> changed = new ArrayList<>(cells);
        while (changed.size() <= column) {
            changed.add(Cell.EMPTY);
        }
        changed.set(column, cell);
        Row row = new Row(changed, setAside);
        return row.isEmpty() ? EMPTY : row;
    }

    Row withSetAside(Optional<String> reason) {
        return new Row(cells, reason);
    }
}
