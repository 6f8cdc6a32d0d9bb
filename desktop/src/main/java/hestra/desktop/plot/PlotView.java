package hestra.desktop.plot;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.event.Event;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

import hestra.data.Roles.Use;
import hestra.data.Selection;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.DraggedColumn;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.Figure.Spot;
import hestra.figure.ScatterPlot;
import hestra.numbers.Counted;

import static hestra.desktop.parts.Presence.holdVisible;

/** The scatter plot: shows the figure, says in one line what a press would do, and is read by a screen reader. */
public final class PlotView extends StackPane {

    static final String AT_REST = "Drag moves · wheel, Shift+drag zoom · Ctrl+drag selects · F1 tells the rest";
    static final String ADDING = "Double click adds a point · drag moves · wheel, Shift+drag zoom · F1 tells the rest";

    private final DeskModel model;
    private final FigureView view;
    private final AxisMenu axes;
    private final PlotKeys keys;
    private final ReadOnlyStringWrapper hint = new ReadOnlyStringWrapper(AT_REST);
    private final TitleField title;
    private final Rectangle rubber = new Rectangle();
    private final Circle ghost = new Circle(5.5);
    private Selection spoken = Selection.NONE;

    public PlotView(DeskModel model, Look look) {
        this.model = model;
        this.axes = new AxisMenu(model);
        this.view = new FigureView(look, () -> DressMenu.palette(model, look), layout -> ScatterPlot.describe(model.findings().plot(), layout));
        Pane overlay = new Pane(ghost, rubber);
        overlay.setMouseTransparent(true);
        rubber.getStyleClass().add("rubber-frame");
        ghost.getStyleClass().add("ghost-point");
        List.<Shape>of(rubber, ghost).forEach(it -> it.setVisible(false));
        this.title = new TitleField(model, this::requestFocus);
        getChildren().addAll(view, overlay, title);
        standsApart(title);
        holdVisible(this);
        getStyleClass().add("plot");
        setId("plot");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleHelp("Left and right walk through the points along x, up and down in the order of the table; with Alt the arrow keys move the selected point, "
                + "or the curve tried by eye; with Ctrl they select each point on the way, with Shift they move the reading lines. F fits to the selected points alone. T tries a line by eye, H takes one of its squares, C takes the next curve in hand, "
                + "P keeps the prediction, Delete removes the selected point or the curve in hand, plus and minus zoom, Home shows everything, X exchanges the axes.");
        model.watch(this::show);
        new PlotMouse(this, model, axes);
        keys = new PlotKeys(this, model, axes);
        addEventHandler(DragEvent.DRAG_OVER, this::columnDragged);
        addEventHandler(DragEvent.DRAG_DROPPED, this::columnDragged);
    }

    /** Has the key that copies told, when the plot has the keyboard. */
    void onCopy(Runnable action) {
        keys.onCopy(action);
    }

    /** What stands on the plot has a mouse of its own: nothing under it is pointed at or pressed. */
    private void standsApart(Node node) {
        node.addEventHandler(MouseEvent.ANY, Event::consume);
        node.setOnMouseEntered(_ -> {
            model.apply(new Edit.Hover(OptionalInt.empty()));
            hint(AT_REST);
        });
    }

    /** What a press would do where the pointer is. */
    public ReadOnlyStringProperty hintProperty() {
        return hint.getReadOnlyProperty();
    }

    void hint(String text) {
        hint.set(text);
    }

    /** Where the point of a row stands on the screen's figure; nothing while it is not shown. */
    public Optional<Spot> spot(int row) {
        return view.figure() == null ? Optional.empty()
                : view.figure().spots().ofRow(row);
    }

    /** The figure as it is shown. */
    public Figure figure() {
        return view.figure();
    }

    /** Has the title typed, where it stands. */
    void editTitle() {
        title.open();
    }

    /** Shows the frame that is being dragged, between two corners. */
    void showRubber(double x1, double y1, double x2, double y2) {
        rubber.setX(Math.min(x1, x2));
        rubber.setY(Math.min(y1, y2));
        rubber.setWidth(Math.abs(x2 - x1));
        rubber.setHeight(Math.abs(y2 - y1));
        rubber.setVisible(true);
    }

    void hideRubber() {
        rubber.setVisible(false);
    }

    /** Shows where a point was that is being dragged; nowhere to show nothing. */
    void showGhost(Optional<Spot> at) {
        ghost.setVisible(at.isPresent());
        at.ifPresent(spot -> {
            ghost.setCenterX(spot.x());
            ghost.setCenterY(spot.y());
        });
    }

    private void show(Findings findings) {
        Selection selected = findings.desk().selection();
        if (selected.inHand().isPresent() && selected.inHand().getAsInt() < findings.work().table().size()) {
            if (isFocused() || !selected.equals(spoken)) {
                setAccessibleText(PointText.ofSelected(findings));
            }
        } else {
            setAccessibleText("Scatter plot of " + findings.y().described() + " against " + findings.x().described() + ", " + Counted.of(findings.pairs().n(), "point"));
        }
        spoken = selected;
        view.changed();
    }

    /** A column that is dragged from its heading to an axis stands there. */
    private void columnDragged(DragEvent event) {
        OptionalInt column = DraggedColumn.on(event.getDragboard());
        if (column.isEmpty() || view.figure() == null || !(view.figure().hit(event.getX(), event.getY()) instanceof Hit.OnAxis(boolean along))) {
            return;
        }
        event.acceptTransferModes(TransferMode.LINK);
        if (event.getEventType() == DragEvent.DRAG_DROPPED) {
            axes.put(column.getAsInt(), use(along));
            event.setDropCompleted(true);
        }
        event.consume();
    }

    static Use use(boolean along) {
        return along ? Use.EXPLAINS : Use.RESPONDS;
    }
}
