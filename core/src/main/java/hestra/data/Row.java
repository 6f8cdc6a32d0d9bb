package hestra.data;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.numbers.DecimalMark;

/**
 * One row of the table. Rows that say the same are equal: empty cells at the end are never kept, and a row with nothing in it is
 * not set aside.
 *
 * @param cells from the left; a row may be shorter than the table is wide, the rest is empty
 * @param setAside why the row takes no part in any fit; nothing where it takes part
 * @param origin which row of the data that were given out this one was, wherever it stands by now; {@link #OWN} where it
 *     is the student's own, and in data that were not given out
 */
public record Row(List<Cell> cells, Optional<String> setAside, int origin) {

    /** The origin of a row that was not given. */
    public static final int OWN = -1;

    public static final Row EMPTY = new Row(List.of(), Optional.empty(), OWN);

    public Row {
        int used = cells.size();
        while (used > 0 && cells.get(used - 1).isEmpty()) {
            used--;
        }
        cells = List.copyOf(used == cells.size() ? cells : cells.subList(0, used));
        setAside = cells.isEmpty() ? Optional.empty() : setAside;
    }

    public static Row of(Cell... cells) {
        return new Row(List.of(cells), Optional.empty(), OWN);
    }

    /** The cell in a column; empty where there is no such column. */
    public Cell cell(int column) {
        return column >= 0 && column < cells.size() ? cells.get(column) : Cell.EMPTY;
    }

    public boolean isEmpty() {
        return cells.isEmpty();
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
        return new Row(changed, setAside, origin);
    }

    /** The row set aside for a reason, or taken back where there is none. */
    public Row withSetAside(Optional<String> reason) {
        return new Row(cells, reason, origin);
    }

    /**
     * The row with its numbers written for another decimal mark: as they were typed where that can be read so, else in the
     * shortest way. Texts stay.
     */
    public Row rewritten(UnaryOperator<String> written, DecimalMark mark) {
        return new Row(cells.stream().map(cell -> cell instanceof Cell.Measured measured ? rewritten(measured, written,
                mark) : cell).toList(), setAside, origin);
    }

    private static Cell rewritten(Cell.Measured cell, UnaryOperator<String> written, DecimalMark mark) {
        Cell read = Cell.of(written.apply(cell.text()), mark);
        return read.saysTheSameAs(cell) ? read : Cell.of(cell.value(), mark);
    }

    /** The row as one that was given out. */
    public Row givenAs(int place) {
        return new Row(cells, setAside, place);
    }

    /** The row with the cells of another after its own, but one of them. */
    Row joined(int width, Row other, int without, int otherWidth) {
        IntStream own = IntStream.range(0, width);
        return new Row(Stream.concat(own.mapToObj(this::cell), IntStream.range(0, otherWidth).filter(column -> column != without)
                .mapToObj(other::cell)).toList(),
                setAside, origin);
    }

    /** The row over so many columns, each of which held the cell of another column before; −1 for an empty one. */
    Row rearranged(int width, IntUnaryOperator before) {
        return new Row(IntStream.range(0, width).map(before).mapToObj(column -> column < 0 ? Cell.EMPTY : cell(column)).toList(),
                setAside, origin);
    }
}
