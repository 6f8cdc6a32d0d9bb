package hestra.desktop.table;

import javafx.application.Platform;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TablePosition;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;

/** The cell in hand and the cells that are selected, and how one goes on from them. */
final class GridCursor {

    private final TableView<Integer> view;
    private final GridColumns columns;
    private final GridSource source;
    private final GridHabits habits;
    /** The column in which the row was begun that goes on by Tab: Enter returns there; −1 for none. */
    private int begun = -1;
    /** Where the cell in hand was before, in the view. */
    private int lastRow = -1;
    private int lastColumn = -1;

    GridCursor(TableView<Integer> view, GridColumns columns, GridSource source, GridHabits habits) {
        this.columns = columns;
        this.view = view;
        this.source = source;
        this.habits = habits;
    }

    /** Goes to a cell, or to the nearest one that there is. */
    void goTo(int row, int column) {
        forget();
        stayAt(row, column);
    }

    /** Has Enter go down again, wherever Tab came from. */
    void forget() {
        begun = -1;
    }

    /** Goes to a cell within the row that is being typed. */
    void stayAt(int row, int column) {
        int within = Math.clamp(row, 0, Math.max(0, view.getItems().size() - 1));
        TableColumn<Integer, ?> target = column(column);
        view.getSelectionModel().clearAndSelect(within, target);
        view.getFocusModel().focus(within, target);
        scrollIntoView(within);
    }

    /** Selects some cells. */
    void select(Area area) {
        goTo(area.firstRow(), area.firstColumn());
        if (!area.isOneCell()) {
            view.getSelectionModel().selectRange(area.firstRow(), column(area.firstColumn()),
                    Math.min(area.lastRow(), view.getItems().size() - 1), column(area.lastColumn()));
        }
    }

    private TableColumn<Integer, ?> column(int index) {
        return columns.of(Math.clamp(index, 0, source.table().width() - 1));
    }

    /** Keeps the row in hand in sight when the grid has become smaller, as soon as that has been laid out. */
    void keepInSight() {
        if (row() >= 0 && view.isFocused()) {
            Platform.runLater(() -> scrollIntoView(row()));
        }
    }

    private void scrollIntoView(int row) {
        boolean visible = view.lookupAll(".table-row-cell").stream()
                .map(node -> (TableRow<?>) node)
                .anyMatch(shown -> shown.getIndex() == row && shown.getBoundsInParent().getMinY() >= 0
                        && shown.getBoundsInParent().getMaxY() <= view.getHeight() - 50);
        if (!visible) {
            view.scrollTo(Math.max(0, row - 3));
        }
    }

    /** A computed cell is passed over: nothing can be done in it, and what is done is never done to another cell than is seen. */
    void moved() {
        TablePosition<?, ?> now = view.getFocusModel().getFocusedCell();
        if (columns.isComputed(now.getTableColumn())) {
            int at = view.getColumns().indexOf(now.getTableColumn());
            boolean onward = lastRow == now.getRow() && lastColumn < now.getColumn()
                    && at + 1 < view.getColumns().size();
            stayAt(now.getRow(), columns.indexOf(view.getColumns().get(onward ? at + 1 : at - 1)));
        }
        lastRow = view.getFocusModel().getFocusedCell().getRow();
        lastColumn = view.getFocusModel().getFocusedCell().getColumn();
    }

    /** The row of the cell in hand; −1 for none. */
    int row() {
        return view.getFocusModel().getFocusedCell().getRow();
    }

    /** The data column that has the focus; the first where another column has it. */
    int column() {
        return Math.min(columns.indexOf(view.getFocusModel().getFocusedCell().getTableColumn()), source.table().width() - 1);
    }

    /** Goes to the cell on the right, or the first of the next row; backwards likewise. Past the ends Tab leaves the grid. */
    void across(boolean backward) {
        int width = source.table().width();
        int cell = row() * width + column() + (backward ? -1 : 1);
        begun = begun < 0 ? column() : begun;
        if (cell >= 0) {
            stayAt(cell / width, cell % width);
        }
    }

    /**
     * Goes down, to where the row was begun that Tab went across; or pair by pair: across a pair and from its last cell to the
     * next pair.
     */
    void enter(int row, int column, boolean backward) {
        int step = backward ? -1 : 1;
        if (!habits.isPairByPair()) {
            stayAt(row + step, begun < 0 ? column : begun);
            return;
        }
        int x = source.roles().explanatory();
        int y = source.roles().response();
        int first = Math.min(x, y);
        int last = Math.max(x, y);
        if (backward) {
            goTo(column == last ? row : row - 1, column == last ? first : last);
        } else {
            goTo(column == first ? row : row + 1, column == first ? last : first);
        }
    }

    /** What is selected; of a row's number the row. */
    Area selectedArea() {
        Area area = Area.of(Math.max(0, row()), column());
        for (TablePosition<?, ?> cell : view.getSelectionModel().getSelectedCells()) {
            area = columns.isComputed(cell.getTableColumn())
                    ? area
                    : area.with(cell.getRow(), Math.min(columns.indexOf(cell.getTableColumn()), source.table().width() - 1));
        }
        return area;
    }
}
