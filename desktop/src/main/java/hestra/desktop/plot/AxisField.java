package hestra.desktop.plot;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;

import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;

import static hestra.desktop.parts.Presence.present;

/** Where the name and the unit of an axis are typed, beside the axis: Enter keeps them, so does going elsewhere, Escape leaves them as they were. */
final class AxisField extends TextField {

    private static final double WIDEST = 300;

    private final DeskModel model;
    private final Runnable after;
    private boolean along;

    /**
     * A field that is not there until it is opened.
     *
     * @param after is run when the name has been typed or left
     */
    AxisField(DeskModel model, Runnable after) {
        this.model = model;
        this.after = after;
        setId("axis-title");
        getStyleClass().add("title-field");
        setAlignment(Pos.CENTER);
        setMaxWidth(WIDEST);
        setPromptText("What it is (unit). Then Enter.");
        present(this, false);
        setOnAction(_ -> {
            keep();
            after.run();
        });
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                present(this, false);
                after.run();
                event.consume();
            }
        });
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                keep();
            }
        });
    }

    /** Comes at the axis along or the upright one, with what stands there now. */
    void open(boolean ofX) {
        along = ofX;
        setText(variable().axisTitle());
        setAccessibleText("name and unit of the " + (ofX ? "x" : "y") + " axis");
        StackPane.setAlignment(this, ofX ? Pos.BOTTOM_CENTER : Pos.CENTER_LEFT);
        StackPane.setMargin(this, ofX ? new Insets(0, 20, 0, 62) : new Insets(0, 0, 0, 4));
        present(this, true);
        requestFocus();
        selectAll();
    }

    private int column() {
        return along ? model.findings().work().drawnRoles().explanatory() : model.findings().work().drawnRoles().response();
    }

    private Variable variable() {
        return model.findings().work().table().variable(column());
    }

    private void keep() {
        if (!isVisible()) {
            return;
        }
        present(this, false);
        Variable typed = Variable.fromHeading(getText());
        Variable now = variable();
        Variable named = (now.label().isEmpty() ? now.withName(typed.name()) : now.withLabel(typed.name())).withUnit(typed.unit());
        if (!getText().isBlank() && !named.equals(now)) {
            model.apply(new WorkEdit.ChangeTable(new TableEdit.Name(column(), named)));
        }
    }
}
