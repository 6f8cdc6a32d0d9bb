package hestra.desktop.table;

import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desktop.parts.DraggedColumn;
import hestra.desktop.parts.Tip;

/** The heading of a column: its name and a note below. A double click changes name, unit and what it is in place. */
final class GridHeading extends VBox {

    private final GridSource source;
    private final int column;
    private final Runnable after;
    private final Label name = new Label();
    private final Label note = new Label();
    private final TextField field = new TextField();

    /**
     * The heading of a column.
     *
     * @param after is run when naming is over, to give the keyboard back
     */
    GridHeading(GridSource source, int column, Runnable after) {
        this.source = source;
        this.column = column;
        this.after = after;
        getStyleClass().add("grid-heading");
        setId("heading-" + column);
        note.getStyleClass().add("grid-note");
        getChildren().addAll(name, note);
        if (source.fitsCurves()) {
            DraggedColumn.from(this, column);
        }
        setOnContextMenuRequested(event -> {
            menu().show(this, event.getScreenX(), event.getScreenY());
            event.consume();
        });
        field.setId("heading-field-" + column);
        field.getStyleClass().add("heading-field");
        field.setPromptText("name (unit): what it is");
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getClickCount() == 2) {
                edit();
                event.consume();
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.ESCAPE) {
                done(event.getCode() == KeyCode.ENTER);
                event.consume();
            }
        });
        field.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                done(true);
            }
        });
    }

    void show() {
        Variable variable = source.table().variable(column);
        // Where the cells show dates the heading says so, and the note what is counted.
        tell(variable);
        setAccessibleText(variable.name());
        name.setText(variable.dates().isPresent() ? variable.described() : variable.name());
    }

    private void tell(Variable variable) {
        Tip.set(this, (variable.dates().isPresent() ? "Dates, counted as " + variable.name() + ". " : "")
                + "Double click, or Alt+N: type a name, a unit in brackets and, after a colon, what it is: length (cm): blade "
                + "length"
                + ". A right click, or Alt+U: what it is for"
                + (source.fitsCurves() ? ". Drag to an axis of the plot to put the column there" : ""));
    }

    /** Shows what can be done with the column. */
    void showMenu() {
        Bounds here = localToScreen(getBoundsInLocal());
        menu().show(this, here.getMinX(), here.getMaxY());
    }

    private HeadingMenu menu() {
        return new HeadingMenu(source, column, () -> Platform.runLater(this::edit));
    }

    void note(String text) {
        note.setText(text);
    }

    /** Has the name typed, where it stands. */
    void edit() {
        field.setText(source.table().variable(column).headingInFull());
        getChildren().setAll(field);
        field.requestFocus();
        field.selectAll();
    }

    private void done(boolean keeps) {
        if (!getChildren().contains(field)) {
            return;
        }
        getChildren().setAll(name, note);
        if (keeps && !field.getText().isBlank()) {
            source.change(new TableEdit.Name(column, source.table().variable(column).calledInFull(field.getText())));
        }
        after.run();
    }
}
