package hestra.desktop.table;

import java.util.function.Function;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableView;

import hestra.desktop.parts.Tip;

/** A cell of the grid that shows the text of its row, and shows it anew whenever the table has changed. */
class GridCell extends TableCell<Integer, String> {

    private static final PseudoClass UNREADABLE = PseudoClass.getPseudoClass("unreadable");

    private static final PseudoClass LONG = PseudoClass.getPseudoClass("long");

    private static final PseudoClass EDITED = PseudoClass.getPseudoClass("edited");

    /** Texts of more characters are set in smaller type. */
    static final int USUAL_LENGTH = 7;

    private final Function<Integer, String> text;
    private final InvalidationListener onVersion = _ -> shown();

    GridCell(TableView<Integer> view, ObservableValue<Number> version, Function<Integer, String> text, String style) {
        this.text = text;
        updateTableView(view);
        getStyleClass().add(style);
        version.addListener(new WeakInvalidationListener(onVersion));
    }

    @Override
    protected final void updateItem(String item, boolean empty) {
        super.updateItem(item, empty);
        shown();
    }

    /** Shows the row that this cell stands in. */
    final void shown() {
        if (getIndex() >= 0 && getTableView() != null && getIndex() < getTableView().getItems().size()) {
            show(getIndex());
        } else {
            setText(null);
            setGraphic(null);
        }
    }

    /** Shows a row's text, and what is wrong with it. */
    protected void show(int row) {
        String now = text.apply(row);
        if (!now.equals(getText())) {
            setText(now);
            pseudoClassStateChanged(LONG, now.length() > USUAL_LENGTH);
        }
        String problem = problem(row);
        String remark = remark(row);
        pseudoClassStateChanged(UNREADABLE, !problem.isEmpty());
        pseudoClassStateChanged(EDITED, !remark.isEmpty());
        Tip.set(this, problem.isEmpty() || remark.isEmpty() ? problem + remark : problem + "\n" + remark);
    }

    /** What else there is to say about the cell, such as what stood in it at first; empty for nothing. */
    protected String remark(int row) {
        return "";
    }

    /** Why the cell's text is left out; empty where it is not. */
    protected String problem(int row) {
        return "";
    }
}
