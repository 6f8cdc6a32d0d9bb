package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.BiPredicate;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TablePosition;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.documents.DataFile;

/**
 * A table to type into: a digit starts typing and replaces what is there, Enter goes down, Tab goes across and then to
 * the next row, arrows move, F2 or a double click changes the text that is there, Delete empties, and blocks are copied
 * and pasted as text.
 */
public final class DataGrid extends VBox {

    private static final int SPARE_ROWS = 8;
    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");
    private static final KeyCombination CUT = KeyCombination.valueOf("Shortcut+X");
    private static final KeyCombination PASTE = KeyCombination.valueOf("Shortcut+V");

    private final GridSource source;
    private final TableView<Integer> view = new TableView<>();
    private final ObservableList<Integer> rows = FXCollections.observableArrayList();
    private final ReadOnlyIntegerWrapper version = new ReadOnlyIntegerWrapper();
    private final Pasting pasting;
    private final String lastTitle;
    private final Function<Integer, String> lastColumn;
    private final List<VBox> headings = new ArrayList<>();
    private Consumer<OptionalInt> onRow = _ -> { };
    private Consumer<OptionalInt> onHover = _ -> { };
    private OptionalInt hovered = OptionalInt.empty();
    private String opening;

    /**
     * A grid over a table.
     *
     * @param source the table and what may be done to it
     * @param lastTitle the heading of a last column that is computed; empty for none
     * @param lastColumn the text of that column for a row
     * @param notice is told what could not be done, in a sentence
     */
    public DataGrid(GridSource source, String lastTitle, Function<Integer, String> lastColumn, Consumer<String> notice) {
        this.source = source;
        this.lastTitle = lastTitle;
        this.lastColumn = lastColumn;
        this.pasting = new Pasting(source, notice);
        getStyleClass().add("data-grid");
        view.setItems(rows);
        view.setEditable(true);
        view.setId("grid");
        view.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        view.getSelectionModel().setCellSelectionEnabled(true);
        view.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_ALL_COLUMNS);
        view.setPlaceholder(new Label("Type or paste the data here."));
        view.setRowFactory(_ -> gridRow());
        columns();
        setVgrow(view, Priority.ALWAYS);
        getChildren().addAll(view, pasting.strip());
        view.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        view.addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        view.getFocusModel().focusedCellProperty().addListener(_ -> tell(view.getFocusModel().getFocusedCell()));
        refresh();
    }

    /** Whether a text field is a cell being typed, whose text is not in the table yet. */
    public static boolean isCellEditor(Node field) {
        return field instanceof CellEditor;
    }

    /** Has a row that is gone to told. */
    public void onRow(Consumer<OptionalInt> action) {
        onRow = action;
    }

    /** Has the row under the pointer told. */
    public void onHover(Consumer<OptionalInt> action) {
        onHover = action;
    }

    /** To be called when the table may have changed. */
    public void refresh() {
        pasting.tableChanged();
        fitRows();
        version.set(version.get() + 1);
    }

    /** To be called when the table may have changed; shows too which row is selected elsewhere and which is pointed at. */
    public void refresh(OptionalInt selected, OptionalInt pointedAt) {
        hovered = pointedAt;
        pasting.tableChanged();
        fitRows();
        int focused = view.getFocusModel().getFocusedCell().getRow();
        if (selected.isPresent() && selected.getAsInt() != focused && selected.getAsInt() < rows.size()) {
            goTo(selected.getAsInt(), 0);
        }
        version.set(version.get() + 1);
    }

    private void fitRows() {
        if (headings.size() != source.table().width()) {
            columns();
        }
        int wanted = Math.min(DataTable.MOST_ROWS, source.table().size() + SPARE_ROWS);
        if (rows.size() < wanted) {
            rows.addAll(IntStream.range(rows.size(), wanted).boxed().toList());
        } else if (rows.size() > wanted + SPARE_ROWS) {
            rows.remove(wanted, rows.size());
        }
        for (int column = 0; column < headings.size(); column++) {
            ((Label) headings.get(column).getChildren().getFirst()).setText(source.table().variable(column).name());
        }
    }

    /** Shows or hides the last, computed column. */
    public void showLast(boolean shown) {
        view.getColumns().getLast().setVisible(shown);
    }

    /** Sets the small text under a column's name, such as "explains · days". */
    public void note(int column, String text) {
        ((Label) headings.get(column).getChildren().get(1)).setText(text);
    }

    /** Goes to a cell and puts the keyboard there. */
    public void focus(int row, int column) {
        goTo(row, column);
        view.requestFocus();
    }

    private void columns() {
        headings.clear();
        // All at once: columns that come one by one into a table that is showing share its width unevenly.
        List<TableColumn<Integer, String>> columns = new ArrayList<>();
        TableColumn<Integer, String> number = new TableColumn<>("");
        number.setCellFactory(_ -> new GridCell(view, version, row -> Integer.toString(row + 1), "number-cell"));
        number.getStyleClass().add("number-column");
        fixed(number, 38);
        columns.add(number);
        for (int i = 0; i < source.table().width(); i++) {
            int index = i;
            TableColumn<Integer, String> column = new TableColumn<>();
            VBox heading = new VBox(new Label(), new Label());
            heading.getStyleClass().add("grid-heading");
            heading.getChildren().get(1).getStyleClass().add("grid-note");
            headings.add(heading);
            column.setGraphic(heading);
            column.setCellFactory(_ -> new EditCell(view, version, source, index, this::opening, this::paste, this::leave));
            column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(source.table().cell(row.getValue(), index).text()));
            column.setSortable(false);
            column.setReorderable(false);
            column.setMinWidth(70);
            column.setPrefWidth(90);
            columns.add(column);
        }
        if (!lastTitle.isEmpty()) {
            TableColumn<Integer, String> last = new TableColumn<>(lastTitle);
            last.setCellFactory(_ -> new GridCell(view, version, lastColumn, "computed-cell"));
            last.getStyleClass().add("computed-column");
            fixed(last, 70);
            last.setVisible(false);
            columns.add(last);
        }
        view.getColumns().setAll(columns);
    }

    private static void fixed(TableColumn<Integer, String> column, double width) {
        column.setSortable(false);
        column.setReorderable(false);
        column.setEditable(false);
        column.setMinWidth(width);
        column.setMaxWidth(width);
        column.setPrefWidth(width);
    }

    private void tell(TablePosition<?, ?> cell) {
        boolean onData = cell.getRow() >= 0 && cell.getRow() < source.table().size();
        onRow.accept(onData ? OptionalInt.of(cell.getRow()) : OptionalInt.empty());
    }

    private void goTo(int row, int column) {
        int within = Math.clamp(row, 0, Math.max(0, rows.size() - 1));
        TableColumn<Integer, ?> target = view.getColumns().get(1 + Math.clamp(column, 0, source.table().width() - 1));
        view.getSelectionModel().clearAndSelect(within, target);
        view.getFocusModel().focus(within, target);
        scrollIntoView(within);
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

    private int row() {
        return view.getFocusModel().getFocusedCell().getRow();
    }

    /** The data column that has the focus; the first where another column has it. */
    private int column() {
        return Math.clamp(view.getFocusModel().getFocusedCell().getColumn() - 1, 0, source.table().width() - 1);
    }

    private void pressed(KeyEvent event) {
        if (view.getEditingCell() != null) {
            return;
        }
        if (row() < 0) {
            goTo(0, 0);
        }
        boolean consumed = true;
        if (COPY.match(event)) {
            copy();
        } else if (CUT.match(event)) {
            copy();
            clear();
        } else if (PASTE.match(event)) {
            paste();
        } else if (event.getCode() == KeyCode.TAB && !event.isShortcutDown()) {
            across(event.isShiftDown());
        } else if (event.getCode() == KeyCode.ENTER) {
            goTo(row() + (event.isShiftDown() ? -1 : 1), column());
        } else if (event.getCode() == KeyCode.DELETE || event.getCode() == KeyCode.BACK_SPACE) {
            clear();
        } else if (event.getCode() == KeyCode.F2) {
            edit(null);
        } else {
            consumed = false;
        }
        if (consumed) {
            event.consume();
        }
    }

    private void typed(KeyEvent event) {
        String text = event.getCharacter();
        boolean prints = !text.isEmpty() && !text.equals(KeyEvent.CHAR_UNDEFINED) && text.charAt(0) > ' '
                && text.charAt(0) != 127 && !event.isShortcutDown() && !event.isAltDown();
        if (prints && view.getEditingCell() == null && row() >= 0) {
            edit(text);
            event.consume();
        }
    }

    private void edit(String with) {
        opening = with;
        view.edit(row(), view.getColumns().get(1 + column()));
    }

    /** Goes to the cell on the right, or the first of the next row; backwards likewise. Past the ends Tab leaves the grid. */
    private void across(boolean backward) {
        int width = source.table().width();
        int cell = row() * width + column() + (backward ? -1 : 1);
        if (cell >= 0) {
            goTo(cell / width, cell % width);
        }
    }

    private void copy() {
        int[] area = selectedArea();
        StringBuilder text = new StringBuilder();
        for (int row = area[0]; row <= area[2]; row++) {
            List<String> cells = new ArrayList<>();
            for (int column = area[1]; column <= area[3]; column++) {
                cells.add(source.table().cell(row, column).text());
            }
            text.append(String.join("\t", cells)).append('\n');
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(text.toString());
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** Pastes at the cell in hand and keeps it in sight, though the strip that follows takes some of the room. */
    private void paste() {
        put(pasting::paste);
    }

    /** Takes the tables of a file, from the cell in hand on. */
    public void take(List<DataFile.Part> parts) {
        put((row, column) -> pasting.take(parts, row, column));
    }

    private void put(BiPredicate<Integer, Integer> at) {
        int row = source.takesColumns() ? 0 : Math.max(0, row());
        int column = source.takesColumns() ? 0 : column();
        if (at.test(row, column)) {
            view.scrollTo(Math.max(0, row - 1));
            goTo(row, column);
        }
    }

    private void clear() {
        int[] area = selectedArea();
        source.clear(area[0], area[1], area[2], area[3]);
    }

    /** First row, first column, last row and last column of what is selected. */
    private int[] selectedArea() {
        int[] area = {row(), column(), row(), column()};
        for (TablePosition<?, ?> cell : view.getSelectionModel().getSelectedCells()) {
            int column = Math.clamp(cell.getColumn() - 1, 0, source.table().width() - 1);
            area[0] = Math.min(area[0], cell.getRow());
            area[1] = Math.min(area[1], column);
            area[2] = Math.max(area[2], cell.getRow());
            area[3] = Math.max(area[3], column);
        }
        return area;
    }

    /** Goes on from a cell that was typed into. */
    private void leave(int row, int column, CellEditor.Next next) {
        view.requestFocus();
        if (next == CellEditor.Next.CANCEL) {
            return;
        }
        goTo(row, column);
        switch (next) {
            case DOWN -> goTo(row + 1, column);
            case UP -> goTo(row - 1, column);
            case ACROSS -> across(false);
            case BACK -> across(true);
            case CANCEL, STAY -> { }
        }
    }

    /** What was typed to open a cell; asked for once. */
    private String opening() {
        String typed = opening;
        opening = null;
        return typed;
    }

    private GridRow gridRow() {
        return new GridRow(source, version, () -> hovered, this::row, row -> onHover.accept(row));
    }
}
