package hestra.data;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.numbers.DecimalMark;

/**
 * One change of a table, whoever's table it is: small, so that a journal can keep it, and forgiving: one that names a row
 * or column that is not there changes nothing. Rows and columns count from 0.
 */
public sealed interface TableEdit {

    /** What it does, for "Undo …". */
    String inWords();

    /** Whether it goes on from the change before it, so that both are undone as one. */
    default boolean continues(TableEdit before) {
        return false;
    }

    /** This change and the one before it, which it continues, as one. */
    default TableEdit joinedTo(TableEdit before) {
        return this;
    }

    /** The table after the change; numbers in texts are read with this decimal mark. */
    DataTable appliedTo(DataTable table, DecimalMark mark);

    /** Where a row stands after the change; −1 where it is gone. */
    default int rowAfter(int row) {
        return row;
    }

    /** Where a column stands after the change; −1 where it is gone. */
    default int columnAfter(int column) {
        return column;
    }

    private static String rowsInWords(List<Integer> rows) {
        return rows.size() == 1 ? "row " + (rows.getFirst() + 1) : rows.size() + " rows";
    }

    /** Text is typed into a cell. */
    record Type(int row, int column, String text) implements TableEdit {
        @Override
        public String inWords() {
            return "typing in row " + (row + 1);
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return table.hasRoomAt(row, column)
                    ? table.withCell(row, column, Cell.of(table.variable(column).typed(text, mark), mark)) : table;
        }
    }

    /** A block of texts is pasted, its first at a cell; what goes beyond the last column or the greatest row is dropped. */
    record Paste(int row, int column, List<List<String>> block) implements TableEdit {
        private List<Cell> cells(DataTable table, List<String> line, DecimalMark mark) {
            return IntStream.range(0, line.size()).mapToObj(i -> Cell.of(column + i < table.width() ? table.variable(column + i)
                    .typed(line.get(i), mark) : line.get(i), mark)).toList();
        }

        @Override
        public String inWords() {
            return "pasting";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return table.hasRoomAt(row, column)
                    ? table.withBlock(row, column, block.stream().limit(DataTable.MOST_ROWS - (long) row)
                        .map(line -> cells(table, line, mark)).toList())
                    : table;
        }
    }

    /** Cells are emptied, from one corner to the other, both included. */
    record Clear(int firstRow, int firstColumn, int lastRow, int lastColumn) implements TableEdit {
        @Override
        public String inWords() {
            return "emptying cells";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            if (!table.hasRoomAt(firstRow, firstColumn) || lastRow < firstRow || lastColumn < firstColumn) {
                return table;
            }
            int rows = Math.min(lastRow, table.size() - 1) - firstRow + 1;
            int columns = Math.min(lastColumn, table.width() - 1) - firstColumn + 1;
            return rows < 1 || columns < 1 ? table
                    : table.withBlock(firstRow, firstColumn, Collections.nCopies(rows, Collections.nCopies(columns, Cell.EMPTY)));
        }
    }

    /**
     * Two numbers are carried on at the same distance: the cells of each column from the third row of the area on become
     * the sequence that its first two begin. A column whose first two cells are not both numbers stays as it is.
     */
    record Fill(int firstRow, int firstColumn, int lastRow, int lastColumn) implements TableEdit {
        @Override
        public String inWords() {
            return "filling a sequence";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            if (!table.hasRoomAt(firstRow, Math.max(0, firstColumn)) || lastRow < firstRow) {
                return table;
            }
            DataTable filled = table;
            int more = Math.min(lastRow, DataTable.MOST_ROWS - 1) - firstRow - 1;
            for (int column = Math.max(0, firstColumn); column <= Math.min(lastColumn, table.width() - 1); column++) {
                Optional<Sequence> begun = Sequence.of(table.cell(firstRow, column), table.cell(firstRow + 1, column));
                if (begun.isPresent() && more > 0) {
                    filled = filled.withColumnFrom(firstRow + 2, column, begun.get().goingOn(more, mark));
                }
            }
            return filled;
        }
    }

    /** Empty rows are put in; those from there on move down. */
    record InsertRows(int at, int count) implements TableEdit {
        @Override
        public String inWords() {
            return count == 1 ? "inserting a row" : "inserting " + count + " rows";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            boolean fine = at >= 0 && at < table.size() && count > 0 && count <= DataTable.MOST_ROWS - table.size();
            return fine ? table.withRowsInserted(at, Collections.nCopies(count, Row.EMPTY)) : table;
        }

        @Override
        public int rowAfter(int row) {
            return row < at ? row : row + count;
        }
    }

    /** Rows are taken out; those below move up. */
    record RemoveRows(List<Integer> rows) implements TableEdit {
        public RemoveRows {
            rows = List.copyOf(rows);
        }

        @Override
        public String inWords() {
            return "removing " + rowsInWords(rows);
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return table.withoutRows(rows);
        }

        @Override
        public int rowAfter(int row) {
            return rows.contains(row) ? -1 : row - (int) rows.stream().distinct().filter(removed -> removed < row).count();
        }
    }

    /**
     * Rows that follow one another go up or down.
     *
     * @param first the first of them
     * @param last the last of them
     * @param by how many places down; up where negative
     */
    record MoveRows(int first, int last, int by) implements TableEdit {
        @Override
        public String inWords() {
            return first == last ? "moving row " + (first + 1) : "moving rows";
        }

        @Override
        public boolean continues(TableEdit before) {
            return before instanceof MoveRows other && other.first + other.by == first && other.last + other.by == last;
        }

        @Override
        public TableEdit joinedTo(TableEdit before) {
            return before instanceof MoveRows other ? new MoveRows(other.first, other.last, other.by + by) : this;
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return Moved.fits(first, last, by, table.size()) ? table.withRows(Moved.list(table.rows(), this::rowAfter)) : table;
        }

        @Override
        public int rowAfter(int row) {
            return Moved.place(row, first, last, by);
        }
    }

    /** Rows are set aside for a reason. */
    record SetAside(List<Integer> rows, String reason) implements TableEdit {
        public SetAside {
            rows = List.copyOf(rows);
        }

        /** One row is set aside. */
        public SetAside(int row, String reason) {
            this(List.of(row), reason);
        }

        @Override
        public String inWords() {
            return "setting " + rowsInWords(rows) + " aside";
        }

        @Override
        public boolean continues(TableEdit before) {
            return before instanceof SetAside other && other.rows.equals(rows);
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return table.withSetAside(rows, Optional.of(reason));
        }
    }

    /** Rows that were set aside take part again. */
    record TakeBack(List<Integer> rows) implements TableEdit {
        public TakeBack {
            rows = List.copyOf(rows);
        }

        /** One row takes part again. */
        public TakeBack(int row) {
            this(List.of(row));
        }

        @Override
        public String inWords() {
            return "taking " + rowsInWords(rows) + " back";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return table.withSetAside(rows, Optional.empty());
        }
    }

    /** A variable is named, or gets a unit. */
    record Name(int column, Variable variable) implements TableEdit {
        @Override
        public String inWords() {
            return "naming a variable";
        }

        @Override
        public boolean continues(TableEdit before) {
            return before instanceof Name other && other.column == column;
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return column >= 0 && column < table.width() ? table.withVariable(column, variable) : table;
        }
    }

    /** An empty column is put in; those from there on move to the right. */
    record InsertColumn(int at, Variable variable) implements TableEdit {
        @Override
        public String inWords() {
            return "inserting a column";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return at >= 0 && at <= table.width() && table.width() < DataTable.MOST_COLUMNS
                    ? table.withColumnInserted(at, variable) : table;
        }

        @Override
        public int columnAfter(int column) {
            return column < at ? column : column + 1;
        }
    }

    /** A column is taken out with all that stands in it; the last two stay. */
    record RemoveColumn(int column) implements TableEdit {
        @Override
        public String inWords() {
            return "removing a column";
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return column >= 0 && column < table.width() && table.width() > 2 ? table.withoutColumn(column) : table;
        }

        @Override
        public int columnAfter(int other) {
            return other == column ? -1 : other < column ? other : other - 1;
        }
    }

    /** A column goes to the right, or to the left where {@code by} is negative. */
    record MoveColumn(int column, int by) implements TableEdit {
        @Override
        public String inWords() {
            return "moving a column";
        }

        @Override
        public boolean continues(TableEdit before) {
            return before instanceof MoveColumn other && other.column + other.by == column;
        }

        @Override
        public TableEdit joinedTo(TableEdit before) {
            return before instanceof MoveColumn other ? new MoveColumn(other.column, other.by + by) : this;
        }

        @Override
        public DataTable appliedTo(DataTable table, DecimalMark mark) {
            return Moved.fits(column, column, by, table.width()) ? table.withColumnsMoved(this::columnAfter) : table;
        }

        @Override
        public int columnAfter(int other) {
            return Moved.place(other, column, column, by);
        }
    }
}
