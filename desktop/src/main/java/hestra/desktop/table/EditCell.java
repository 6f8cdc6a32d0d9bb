package hestra.desktop.table;


import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.TableView;

import hestra.data.Cell;
import hestra.data.TableEdit;

/** A cell that is typed into. */
final class EditCell extends GridCell {

    /** Goes on from a cell when typing is over. */
    interface Leaving {
        void leave(int row, int column, CellEditor.Next next);
    }

    private final GridSource source;
    private final int column;
    private final Supplier<String> opening;
    private final Leaving leaving;
    private final CellEditor editor;

    /**
     * A cell of a column.
     *
     * @param opening gives what was typed to open the cell; null to go on from what is there
     * @param paste pastes several cells into the table
     * @param leaving goes on from here
     */
    EditCell(TableView<Integer> view, ObservableValue<Number> version, GridSource source, int column, Supplier<String> opening,
            Runnable paste,
            Leaving leaving) {
        super(view, version, row -> source.table().shown(row, column), "value-cell");
        this.source = source;
        this.column = column;
        this.opening = opening;
        this.leaving = leaving;
        this.editor = new CellEditor(this::done, paste);
    }

    /** The cell that something in the scene belongs to; nothing where it belongs to none. */
    static Optional<EditCell> at(Node node) {
        Node it = node;
        while (it != null && !(it instanceof EditCell)) {
            it = it.getParent();
        }
        return Optional.ofNullable((EditCell) it);
    }

    int column() {
        return column;
    }

    Area area() {
        return Area.of(getIndex(), column);
    }

    @Override
    protected String problem(int row) {
        return source.roles().isMeasured(column) && source.table().cell(row, column) instanceof Cell.Unreadable(String _,
                String why) ? why : "";
    }

    @Override
    protected String remark(int row) {
        return source.original(row, column).map(text -> "as given: " + (text.isEmpty() ? "empty" : text)).orElse("");
    }

    @Override
    public void startEdit() {
        super.startEdit();
        if (isEditing()) {
            setText(null);
            setGraphic(editor);
            editor.begin(source.table().shown(getIndex(), column), opening.get());
        }
    }

    @Override
    public void cancelEdit() {
        super.cancelEdit();
        shown();
    }

    @Override
    protected void show(int row) {
        setId("cell-" + row + "-" + column);
        if (!isEditing()) {
            setGraphic(null);
            super.show(row);
        }
    }

    private void done(String text, CellEditor.Next next) {
        int row = getIndex();
        cancelEdit();
        boolean keeps = next != CellEditor.Next.CANCEL;
        if (keeps && !text.strip().equals(source.table().shown(row, column))) {
            source.change(new TableEdit.Type(row, column, text));
        }
        if (next != CellEditor.Next.STAY) {
            leaving.leave(row, column, next);
        }
    }
}
