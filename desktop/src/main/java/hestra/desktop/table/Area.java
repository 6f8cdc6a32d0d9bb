package hestra.desktop.table;

/** A rectangle of cells, both corners included, counted from 0. */
record Area(int firstRow, int firstColumn, int lastRow, int lastColumn) {

    static Area of(int row, int column) {
        return new Area(row, column, row, column);
    }

    /** The least rectangle that holds this one and a cell. */
    Area with(int row, int column) {
        return new Area(Math.min(firstRow, row), Math.min(firstColumn, column), Math.max(lastRow, row),
                Math.max(lastColumn, column));
    }

    int rows() {
        return lastRow - firstRow + 1;
    }

    boolean isOneCell() {
        return firstRow == lastRow && firstColumn == lastColumn;
    }
}
