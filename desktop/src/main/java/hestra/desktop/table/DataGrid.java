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
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Selection;
import hestra.data.TableEdit;
import hestra.desktop.parts.KeyLine;
import hestra.documents.table.DataFile;

import static hestra.desktop.parts.Presence.holdVisible;

/**
 * A table to type into: a digit starts typing and replaces what is there, Enter goes down (or pair by pair, as a person
 * likes), Tab goes across and then to the next row, arrows move, Shift and arrows or dragging select, F2 or a double click
 * changes the text that is there, and the rest is among its {@linkplain GridActions actions}, by key or from its menu.
 */
public final class DataGrid extends VBox {

    private static final int SPARE_ROWS = 8;
    /** The headings and six rows. */
    private static final double LEAST_HEIGHT = 44 + 6 * 28 + 3;
    private static final KeyCombination PASTE = KeyCombination.valueOf("Shortcut+V");
    private static final KeyCombination OUT = KeyCombination.valueOf("Shortcut+Tab");

    /** What the keys do beside the actions. */
    static final List<KeyLine> KEYS = List.of(
            new KeyLine("typing", "replaces a cell; F2 changes it"),
            new KeyLine("Enter, Tab", "down, across"),
            KeyLine.of(OUT, "out of the table; with Shift backward"),
            new KeyLine("Shift+arrows", "select several cells"),
            KeyLine.of(PASTE, "pastes anything"));

    private final GridSource source;
    private final GridHabits habits;
    private final TableView<Integer> view = new TableView<>();
    private final RowNumbers rows = new RowNumbers();
    private final ReadOnlyIntegerWrapper version = new ReadOnlyIntegerWrapper();
    private final Pasting pasting;
    private final GridCursor cursor;
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
    public DataGrid(GridSource source, GridHabits habits, String lastTitle, Function<Integer, String> lastColumn,
            Consumer<String> notice) {
        this.source = source;
        this.habits = habits;
        this.pasting = new Pasting(source, notice);
        this.columns = new GridColumns(view, source, version, lastTitle, lastColumn, view::requestFocus,
                habits.typeProperty()::get);
        this.cursor = new GridCursor(view, columns, source, habits);
        this.actions = new GridActions(source, this::name, column -> Platform.runLater(() -> columns.showMenu(column))).all();
        getStyleClass().add("data-grid");
        view.setItems(rows);
        view.setEditable(false);
        view.setId("grid");
        view.setAccessibleText("Data");
        view.setAccessibleHelp("Arrow keys go from cell to cell; Ctrl+Tab leads out of the table.");
        view.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        view.getSelectionModel().setCellSelectionEnabled(true);
        view.setPlaceholder(new Label("Type or paste the data here."));
        view.setRowFactory(_ -> new GridRow(source, version, () -> hovered, row -> row == cursor.row() || selected.has(row),
                row -> onHover.accept(row)));
        view.setOnContextMenuRequested(event -> {
            if (menu == null) {
                menu = new GridMenu(actions, this::act, cursor::selectedArea, PASTE, this::paste, habits);
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
        view.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getClickCount() == 2 && event.getButton() == MouseButton.PRIMARY
                    && EditCell.at(event.getPickResult().getIntersectedNode()).isPresent()
                    && view.getEditingCell() == null) {
                edit(null);
            }
        });
        view.heightProperty().addListener(_ -> cursor.keepInSight());
        view.editingCellProperty().addListener((_, _, cell) -> view.setEditable(cell != null));
        view.getFocusModel().focusedCellProperty().addListener((InvalidationListener) _ -> focusMoved());
        view.getSelectionModel().getSelectedCells().addListener((InvalidationListener) _ -> tell());
        view.focusedProperty().addListener((_, _, focused) -> {
            // Without a cell in hand nobody would see that the keyboard is here.
            if (focused && cursor.row() < 0 && pressedAt.isEmpty()) {
                cursor.goTo(0, 0);
            }
        });
        habits.typeProperty().addListener(_ -> refresh());
        refresh();
    }

    /** What takes the keyboard. */
    public Node keyed() {
        return view;
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

    /** How much more room than usual long numbers need in its width. */
    ReadOnlyDoubleProperty extraWidthProperty() {
        return columns.extraProperty();
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
        if (inHand.isPresent() && inHand.getAsInt() != cursor.row() && inHand.getAsInt() < rows.size()) {
            following = true;
            cursor.goTo(inHand.getAsInt(), cursor.column());
            following = false;
            // Once more, now that another row is in hand.
            version.set(version.get() + 1);
        }
    }

    private void fitRows() {
        int wanted = Math.min(DataTable.MOST_ROWS, source.table().size() + SPARE_ROWS);
        if (rows.size() < wanted || rows.size() > wanted + SPARE_ROWS) {
            rows.count(wanted);
        }
    }

    /** Keeps the row in hand in sight when the grid has become smaller. */
    void keepInSight() {
        cursor.keepInSight();
    }

    private EditCell cell(int column) {
        return new EditCell(view, version, source, column, this::opening, this::paste, this::leave);
    }

    /** Selects from the cell where the mouse was pressed to the one under it now. */
    private void dragged(MouseEvent event) {
        Optional<EditCell> under = EditCell.at(event.getPickResult().getIntersectedNode());
        if (event.getEventType() == MouseEvent.MOUSE_PRESSED) {
            cursor.forget();
            pressedAt = event.isPrimaryButtonDown() && !event.isShiftDown() ? under.map(EditCell::area) : Optional.empty();
        } else if (pressedAt.isPresent() && under.isPresent() && view.getEditingCell() == null) {
            cursor.select(pressedAt.get().with(under.get().getIndex(), under.get().column()));
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
        cursor.goTo(row, column);
        view.requestFocus();
    }

    private void focusMoved() {
        cursor.moved();
        tell();
    }

    private void tell() {
        // The row in hand is marked, on empty rows too, of which nobody else hears.
        version.set(version.get() + 1);
        if (following) {
            return;
        }
        Area area = cursor.selectedArea();
        int last = Math.min(area.lastRow(), source.table().size() - 1);
        boolean onData = cursor.row() >= 0 && cursor.row() < source.table().size();
        Selection now = onData
                ? new Selection(OptionalInt.of(cursor.row()),
                        new TreeSet<>(IntStream.rangeClosed(area.firstRow(), last).boxed().toList())) : Selection.NONE;
        if (!now.equals(selected)) {
            selected = now;
            onRows.accept(now);
        }
    }

    private void pressed(KeyEvent event) {
        if (view.getEditingCell() != null || !(event.getTarget() == view)) {
            return;
        }
        if (cursor.row() < 0) {
            cursor.goTo(0, 0);
        }
        Optional<GridAction> action = actions.stream().flatMap(List::stream)
                .filter(it -> it.isMeantBy(event)).findFirst();
        if (action.isPresent()) {
            act(action.get());
        } else if (PASTE.match(event)) {
            paste();
        } else if (event.getCode() == KeyCode.TAB && event.isShortcutDown()) {
            view.requestFocusTraversal(event.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
        } else if (event.getCode() == KeyCode.ESCAPE) {
            escape(event);
        } else if (event.getCode() == KeyCode.TAB) {
            cursor.across(event.isShiftDown());
        } else if (event.getCode() == KeyCode.ENTER && !event.isAltDown()) {
            cursor.enter(cursor.row(), cursor.column(), event.isShiftDown());
        } else if (event.getCode() == KeyCode.BACK_SPACE) {
            Area area = cursor.selectedArea();
            source.change(new TableEdit.Clear(area.firstRow(), area.firstColumn(), area.lastRow(), area.lastColumn()));
        } else if (event.getCode() == KeyCode.F2) {
            edit(null);
        } else {
            if (event.getCode().isNavigationKey()) {
                cursor.forget();
            }
            return;
        }
        event.consume();
    }

    /** Puts the strip of the last paste away, or goes back from several cells to one; else it is for whoever holds the grid. */
    private void escape(KeyEvent event) {
        if (pasting.strip().isVisible()) {
            pasting.close();
        } else if (!cursor.selectedArea().isOneCell()) {
            cursor.goTo(cursor.row(), cursor.column());
        } else {
            getParent().fireEvent(event.copyFor(getParent(), getParent()));
        }
    }

    private void act(GridAction action) {
        Area area = cursor.selectedArea();
        if (action.isPossible().test(area)) {
            cursor.select(action.run().with(area));
        }
    }

    private void typed(KeyEvent event) {
        String text = event.getCharacter();
        boolean prints = !text.isEmpty() && !text.equals(KeyEvent.CHAR_UNDEFINED) && text.charAt(0) > ' '
                && text.charAt(0) != 127 && !event.isShortcutDown() && !event.isAltDown();
        if (prints && view.getEditingCell() == null && cursor.row() >= 0) {
            edit(text);
            event.consume();
        }
    }

    private void edit(String with) {
        // Into the first of several cells, and where it has been scrolled out of sight, back to it.
        Area area = cursor.selectedArea();
        cursor.stayAt(area.firstRow(), area.firstColumn());
        view.layout();
        opening = with;
        // Only when that is asked for: a click on a cell that is in hand would open it, and what is typed next would not replace
        // what is there.
        view.setEditable(true);
        view.edit(cursor.row(), columns.of(cursor.column()));
    }

    /** Has the heading of a column typed, once the menu or key that asks for it is done with. */
    private void name(int column) {
        Platform.runLater(() -> columns.name(column));
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
        return source.takesColumns() ? 0 : Math.max(0, cursor.row());
    }

    private int firstColumn() {
        return source.takesColumns() ? 0 : cursor.column();
    }

    private void show(int row, int column) {
        int there = Math.min(row, source.table().size());
        view.scrollTo(Math.max(0, there - 1));
        cursor.goTo(there, column);
    }

    /** Goes on from a cell that was typed into. */
    private void leave(int row, int column, CellEditor.Next next) {
        view.requestFocus();
        if (next == CellEditor.Next.CANCEL) {
            return;
        }
        cursor.stayAt(row, column);
        switch (next) {
            case DOWN -> cursor.goTo(row + 1, column);
            case ON -> cursor.enter(row, column, false);
            case BACK_UP -> cursor.enter(row, column, true);
            case UP -> cursor.goTo(row - 1, column);
            case ACROSS -> cursor.across(false);
            case BACK -> cursor.across(true);
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
