package hestra.desktop.plot;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.event.Event;
import javafx.scene.AccessibleAttribute;
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
import hestra.desk.PlotDescription;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.DraggedColumn;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.Figure.Spot;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;

import static hestra.desktop.parts.Presence.holdVisible;

/** The scatter plot: shows the figure, says in one line what a press would do, and is read by a screen reader. */
public final class PlotView extends StackPane {

    private static final double AXIS_NUMBERS = 30;

    static final String AT_REST = "Drag moves · wheel, Shift+drag zoom · Ctrl+drag selects · F1: all shortcuts";
    static final String ADDING = "Double click adds a point · drag moves · wheel, Shift+drag zoom · F1: all shortcuts";

    private final DeskModel model;
    private final FigureView view;
    private final Look look;
    private final AxisMenu axes;
    private final PlotKeys keys;
    private final ReadOnlyStringWrapper hint = new ReadOnlyStringWrapper(AT_REST);
    private final TitleField title;
    private final AxisField axis;
    private final Glide glide;
    private final PointCard card = new PointCard();
    private final Rectangle rubber = new Rectangle();
    private final Circle ghost = new Circle(5.5);
    private Selection spoken = Selection.NONE;

    public PlotView(DeskModel model, Look look, Drawing drawing) {
        this.model = model;
        this.look = look;
        this.axes = new AxisMenu(model, this::editAxis);
        this.view = new FigureView(look, () -> DressMenu.palette(model, look),
                layout -> ScatterPlot.describe(onTheWay(model.findings().plot()), layout));
        this.glide = new Glide(view::changed);
        Pane overlay = new Pane(ghost, rubber, card);
        card.setManaged(false);
        overlay.setMouseTransparent(true);
        rubber.getStyleClass().add("rubber-frame");
        ghost.getStyleClass().add("ghost-point");
        List.<Shape>of(rubber, ghost).forEach(it -> it.setVisible(false));
        this.title = new TitleField(model, this::requestFocus);
        this.axis = new AxisField(model, this::requestFocus);
        getChildren().addAll(view, overlay, title, axis);
        standsApart(title);
        standsApart(axis);
        holdVisible(this);
        getStyleClass().add("plot");
        setId("plot");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleHelp("Left and right walk through the points along x, up and down in the order of the table; with Alt the "
                + "arrow keys move the selected point, "
                + "or the curve tried by eye; with Ctrl they select each point on the way, with Shift they move the reading "
                + "lines. F fits to the selected points alone. T tries a line by eye, H selects one of its squares, C selects "
                + "the next curve, "
                + "P keeps the prediction, Delete removes the selected point or curve, plus and minus zoom, Home shows "
                + "everything, X exchanges the axes.");
        model.watch(this::show);
        new PlotMouse(this, model, axes);
        keys = new PlotKeys(this, model, axes, drawing);
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

    private PlotContent onTheWay(PlotContent content) {
        return glide.on(content);
    }

    /** Has the title typed, where it stands. */
    void editTitle() {
        title.open();
    }

    /** Has the name and the unit of an axis typed, where they stand: of the one along, or the upright one. */
    void editAxis(boolean along) {
        axis.open(along);
    }

    /** Whether a place beside an axis is that of its title, beyond the numbers. */
    boolean isOnAxisTitle(boolean along, double x, double y) {
        double type = look.type();
        return along ? y > figure().area().bottom() + AXIS_NUMBERS * type : x < figure().area().left() - AXIS_NUMBERS * type;
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
        if (!selected.equals(spoken)) {
            spoken = selected;
            notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        }
        glide.watch(findings);
        view.changed();
        OptionalInt pointed = findings.desk().hovered();
        // Once the figure is drawn anew: a point that is dragged is elsewhere then.
        Platform.runLater(() -> showCard(pointed));
    }

    /** The point in hand; with none the whole plot, as a paragraph. Put together when somebody asks for it. */
    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return attribute == AccessibleAttribute.TEXT
                ? inWords(PlotDescription.of(model.findings())) : super.queryAccessibleAttribute(attribute, parameters);
    }

    private String inWords(PlotDescription plot) {
        Selection selected = model.desk().selection();
        boolean onPoint = !plot.isClosed() && selected.inHand().isPresent()
                && selected.inHand().getAsInt() < model.findings().work().table().size();
        return onPoint ? PointText.ofSelected(model.findings()) : plot.paragraph();
    }

    private void showCard(OptionalInt row) {
        Optional<Spot> spot = row.isPresent() && row.equals(model.desk().hovered()) ? spot(row.getAsInt()) : Optional.empty();
        if (spot.isPresent()) {
            card.show(PointText.of(model.findings(), row.getAsInt()).replace(" · ", "\n"), spot.get(), figure().area());
        } else {
            card.hide();
        }
    }

    /** A column that is dragged from its heading to an axis stands there. */
    private void columnDragged(DragEvent event) {
        OptionalInt column = DraggedColumn.on(event.getDragboard());
        if (column.isEmpty() || view.figure() == null
                || !(view.figure().hit(event.getX(), event.getY()) instanceof Hit.OnAxis(boolean along))) {
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
