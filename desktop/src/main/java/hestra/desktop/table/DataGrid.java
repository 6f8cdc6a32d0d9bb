package hestra.desktop.table;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TablePosition;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Selection;
import hestra.data.TableEdit;
import hestra.documents.table.DataFile;

import static hestra.desktop.parts.Presence.holdVisible;

/**
 * A table to type into: a digit starts typing and replaces what is there, Enter goes down (or pair by pair, as a person
 * likes), Tab goes across and then to the next row, arrows move, Shift and arrows or dragging select, F2 or a double click
 * changes the text that is there, and the rest is among its {@linkplain GridActions actions}, by key or from its menu.
 */
public final class DataGrid extends VBox {

    private static final int SPARE_ROWS = 8;
    private static final double LEAST_HEIGHT = 110;
    private static final KeyCombination PASTE = KeyCombination.valueOf("Shortcut+V");

    private final GridSource source;
    private final GridHabits habits;
    private final TableView<Integer> view = new TableView<>();
    private final ObservableList<Integer> rows = FXCollections.observableArrayList();
    private final ReadOnlyIntegerWrapper version = new ReadOnlyIntegerWrapper();
    private final Pasting pasting;
    private final GridColumns columns;
    private final List<List<GridAction>> actions;
    private Consumer<Selection> onRows = _ -> { };
    private Consumer<OptionalInt> onHover = _ -> { };
    private OptionalInt hovered = OptionalInt.empty();
    private Selection selected = Selection.NONE;
    /** Whether it goes to a row because that was selected elsewhere, so that nobody need be told. */
    private boolean following;
    private Optional<Area> pressedAt = Optional.empty();
    private String opening;
    /** Made when it is first asked for. */
    private GridMenu menu;

    /**
     * A grid over a table.
     *
     * @param source the table and what may be done to it
     * @param lastTitle the heading of a last column that is computed; empty for none
     * @param lastColumn the text of that column for a row
     * @param notice is told what could not be done, in a sentence
     */
    public DataGrid(GridSource source, GridHabits habits, String lastTitle, Function<Integer, String> lastColumn, Consumer<String> notice) {
        this.source = source;
        this.habits = habits;
        this.pasting = new Pasting(source, notice);
        this.columns = new GridColumns(view, source, version, lastTitle, lastColumn, view::requestFocus, habits.typeProperty()::get);
        this.actions = new GridActions(source).all();
        getStyleClass().add("data-grid");
        view.setItems(rows);
        view.setEditable(true);
        view.setId("grid");
        view.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        view.getSelectionModel().setCellSelectionEnabled(true);
        view.setPlaceholder(new Label("Type or paste the data here."));
        view.setRowFactory(_ -> new GridRow(source, version, () -> hovered, row -> row == row() || selected.has(row), row -> onHover.accept(row)));
        view.setOnContextMenuRequested(event -> {
            if (menu == null) {
                menu = new GridMenu(actions, this::act, this::selectedArea, PASTE, this::paste, habits);
            }
            menu.show(view, event.getScreenX(), event.getScreenY());
            event.consume();
        });
        view.setMinHeight(LEAST_HEIGHT);
        setVgrow(view, Priority.ALWAYS);
        getChildren().addAll(view, pasting.strip());
        holdVisible(this);
        view.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        view.addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        view.addEventFilter(MouseEvent.MOUSE_PRESSED, this::dragged);
        view.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::dragged);
        view.getFocusModel().focusedCellProperty().addListener(_ -> tell());
        view.getSelectionModel().getSelectedCells().addListener((InvalidationListener) _ -> tell());
        habits.typeProperty().addListener(_ -> refresh());
        refresh();
    }

    /** Whether a text field is a cell being typed, whose text is not in the table yet. */
    public static boolean isCellEditor(Node field) {
        return field instanceof CellEditor;
    }

    /** Has the rows told that are gone to or selected. */
    public void onRows(Consumer<Selection> action) {
        onRows = action;
    }

    /** Has the row under the pointer told. */
    public void onHover(Consumer<OptionalInt> action) {
        onHover = action;
    }

    /** To be called when the table may have changed. */
    public void refresh() {
        pasting.tableChanged();
        fitRows();
        columns.fit(this::cell);
        version.set(version.get() + 1);
    }

    /** To be called when the table may have changed; shows too which rows are selected elsewhere and which is pointed at. */
    public void refresh(Selection selection, OptionalInt pointedAt) {
        hovered = pointedAt;
        selected = selection;
        refresh();
        OptionalInt inHand = selection.inHand();
        if (inHand.isPresent() && inHand.getAsInt() != row() && inHand.getAsInt() < rows.size()) {
            following = true;
            goTo(inHand.getAsInt(), column());
            following = false;
            // Once more, now that another row is in hand.
            version.set(version.get() + 1);
        }
    }

    private void fitRows() {
        int wanted = Math.min(DataTable.MOST_ROWS, source.table().size() + SPARE_ROWS);
        if (rows.size() < wanted) {
            rows.addAll(IntStream.range(rows.size(), wanted).boxed().toList());
        } else if (rows.size() > wanted + SPARE_ROWS) {
            rows.remove(wanted, rows.size());
        }
    }

    private EditCell cell(int column) {
        return new EditCell(view, version, source, column, this::opening, this::paste, this::leave);
    }

    /** Selects from the cell where the mouse was pressed to the one under it now. */
    private void dragged(MouseEvent event) {
        Optional<EditCell> under = EditCell.at(event.getPickResult().getIntersectedNode());
        if (event.getEventType() == MouseEvent.MOUSE_PRESSED) {
            pressedAt = event.isPrimaryButtonDown() && !event.isShiftDown() ? under.map(EditCell::area) : Optional.empty();
        } else if (pressedAt.isPresent() && under.isPresent() && view.getEditingCell() == null) {
            select(pressedAt.get().with(under.get().getIndex(), under.get().column()));
            event.consume();
        }
    }

    /** Shows or hides the last, computed column. */
    public void showLast(boolean shown) {
        columns.showLast(shown);
    }

    /** Sets the small text under a column's name, such as "explains · days". */
    public void note(int column, String text) {
        columns.note(column, text);
    }

    /** Shows another table from its beginning, nothing selected. */
    void goToTop() {
        view.getSelectionModel().clearSelection();
        view.getFocusModel().focus(-1);
        view.scrollTo(0);
    }

    /** Goes to a cell and puts the keyboard there. */
    public void focus(int row, int column) {
        goTo(row, column);
        view.requestFocus();
    }

    private void tell() {
        // The row in hand is marked, on empty rows too, of which nobody else hears.
        version.set(version.get() + 1);
        if (following) {
            return;
        }
        Area area = selectedArea();
        int last = Math.min(area.lastRow(), source.table().size() - 1);
        boolean onData = row() >= 0 && row() < source.table().size();
        Selection now = onData ? new Selection(OptionalInt.of(row()), new TreeSet<>(IntStream.rangeClosed(area.firstRow(), last).boxed().toList())) : Selection.NONE;
        if (!now.equals(selected)) {
            selected = now;
            onRows.accept(now);
        }
    }

    private void goTo(int row, int column) {
        int within = Math.clamp(row, 0, Math.max(0, rows.size() - 1));
        TableColumn<Integer, ?> target = column(column);
        view.getSelectionModel().clearAndSelect(within, target);
        view.getFocusModel().focus(within, target);
        scrollIntoView(within);
    }

    private void select(Area area) {
        goTo(area.firstRow(), area.firstColumn());
        if (!area.isOneCell()) {
            view.getSelectionModel().selectRange(area.firstRow(), column(area.firstColumn()), Math.min(area.lastRow(), rows.size() - 1), column(area.lastColumn()));
        }
    }

    private TableColumn<Integer, ?> column(int index) {
        return view.getColumns().get(1 + Math.clamp(index, 0, source.table().width() - 1));
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

    private int row() {
        return view.getFocusModel().getFocusedCell().getRow();
    }

    /** The data column that has the focus; the first where another column has it. */
    private int column() {
        return Math.clamp(view.getFocusModel().getFocusedCell().getColumn() - 1, 0, source.table().width() - 1);
    }

    private void pressed(KeyEvent event) {
        if (view.getEditingCell() != null || !(event.getTarget() == view)) {
            return;
        }
        if (row() < 0) {
            goTo(0, 0);
        }
        Optional<GridAction> action = actions.stream().flatMap(List::stream).filter(it -> it.key() != null && it.key().match(event)).findFirst();
        if (action.isPresent()) {
            act(action.get());
        } else if (PASTE.match(event)) {
            paste();
        } else if (event.getCode() == KeyCode.TAB && !event.isShortcutDown()) {
            across(event.isShiftDown());
        } else if (event.getCode() == KeyCode.ENTER && !event.isAltDown()) {
            enter(row(), column(), event.isShiftDown());
        } else if (event.getCode() == KeyCode.BACK_SPACE) {
            Area area = selectedArea();
            source.change(new TableEdit.Clear(area.firstRow(), area.firstColumn(), area.lastRow(), area.lastColumn()));
        } else if (event.getCode() == KeyCode.F2) {
            edit(null);
        } else {
            return;
        }
        event.consume();
    }

    private void act(GridAction action) {
        Area area = selectedArea();
        if (action.isPossible().test(area)) {
            select(action.run().with(area));
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

    /** Goes down, or pair by pair: across a pair and from its last cell to the next pair. */
    private void enter(int row, int column, boolean backward) {
        int step = backward ? -1 : 1;
        if (!habits.isPairByPair()) {
            goTo(row + step, column);
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

    /** Pastes at the cell in hand and keeps it in sight, though the strip that follows takes some of the room. */
    private void paste() {
        int row = firstRow();
        int column = firstColumn();
        pasting.paste(row, column, () -> show(row, column));
    }

    /** Takes the tables of a file, from the cell in hand on. */
    public void take(DataFile.Taken taken) {
        int row = firstRow();
        int column = firstColumn();
        pasting.take(taken, row, column, () -> show(row, column));
    }

    private int firstRow() {
        return source.takesColumns() ? 0 : Math.max(0, row());
    }

    private int firstColumn() {
        return source.takesColumns() ? 0 : column();
    }

    private void show(int row, int column) {
        view.scrollTo(Math.max(0, row - 1));
        goTo(row, column);
    }

    /** What is selected; of a row's number the row. */
    private Area selectedArea() {
        Area area = Area.of(Math.max(0, row()), column());
        for (TablePosition<?, ?> cell : view.getSelectionModel().getSelectedCells()) {
            area = area.with(cell.getRow(), Math.clamp(cell.getColumn() - 1, 0, source.table().width() - 1));
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
            case ON -> enter(row, column, false);
            case BACK_UP -> enter(row, column, true);
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
}
