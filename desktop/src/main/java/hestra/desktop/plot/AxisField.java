package hestra.desktop.plot;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.StackPane;

import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Names;

/** Where the name and the unit of an axis are typed, beside the axis; an empty text leaves them as they were. */
final class AxisField extends PlaceField {

    private static final double WIDEST = 300;

    private final DeskModel model;
    private boolean along;

    AxisField(DeskModel model, Runnable after) {
        super("axis-title", "What it is (unit). Then Enter.", WIDEST, after);
        this.model = model;
    }

    /** Comes at the axis along or the upright one, with what stands there now. */
    void open(boolean ofX) {
        along = ofX;
        Names.as(this, "name and unit of the " + (ofX ? "x" : "y") + " axis");
        StackPane.setAlignment(this, ofX ? Pos.BOTTOM_CENTER : Pos.CENTER_LEFT);
        StackPane.setMargin(this, ofX ? new Insets(0, 20, 0, 62) : new Insets(0, 0, 0, 4));
        open(variable().axisTitle());
    }

    private int column() {
        return along ? model.findings().work().drawnRoles().explanatory() : model.findings().work().drawnRoles().response();
    }

    private Variable variable() {
        return model.findings().work().table().variable(column());
    }

    @Override
    void keep(String text) {
        Variable now = variable();
        Variable called = now.called(text);
        // What stands on the axis is the label, where there is one.
        Variable named = now.label().isEmpty() || now.dates().isPresent()
                ? called : called.withName(now.name()).withLabel(called.name());
        if (!text.isBlank() && !named.equals(now)) {
            model.apply(new WorkEdit.ChangeTable(new TableEdit.Name(column(), named)));
        }
    }
}
