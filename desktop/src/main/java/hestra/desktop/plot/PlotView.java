package hestra.desktop.plot;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Roles.Use;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.app.Look;
import hestra.desktop.parts.DraggedColumn;
import hestra.exercise.Aid;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.Figure.Spot;
import hestra.figure.Frame;
import hestra.figure.Scale;
import hestra.figure.ScatterPlot;
import hestra.numbers.Rounding;

/**
 * The scatter plot and its gestures. There are no modes: what lies under the pointer decides what a press does, and the
 * pointer's shape and a one-line hint say so beforehand.
 */
public final class PlotView extends StackPane {

    private static final double CLICK = 3;
    private static final double ZOOM = 1.0018;
    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");
    private static final String AT_REST = "Drag moves the view · turning the wheel zooms · double click shows everything";

    private final DeskModel model;
    private final FigureView view;
    private final AxisMenu axes;
    private final ReadOnlyStringWrapper hint = new ReadOnlyStringWrapper(AT_REST);
    private Drag drag;
    private Runnable copy = () -> { };

    /** A press that may become a drag. */
    private record Drag(Hit on, double x, double y, Figure figure, Frame frame, long gesture, boolean moved) {
        Drag going() {
            return new Drag(on, x, y, figure, frame, gesture, true);
        }
    }

    public PlotView(DeskModel model, Look look) {
        this.model = model;
        this.axes = new AxisMenu(model);
        this.view = new FigureView(look, layout -> ScatterPlot.describe(model.findings().plot(), layout));
        getChildren().add(view);
        getStyleClass().add("plot");
        setId("plot");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleHelp("Left and right select points; with Alt the arrow keys move the selected point.");
        model.watch(this::show);
        addEventHandler(MouseEvent.MOUSE_MOVED, this::pointed);
        addEventHandler(MouseEvent.MOUSE_EXITED, _ -> {
            model.apply(new Edit.Hover(OptionalInt.empty()));
            hint.set(AT_REST);
        });
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        addEventHandler(DragEvent.DRAG_OVER, this::columnDragged);
        addEventHandler(DragEvent.DRAG_DROPPED, this::columnDragged);
        addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
    }

    /** Has the key that copies told, when the plot has the keyboard. */
    void onCopy(Runnable action) {
        copy = action;
    }

    /** What a press would do where the pointer is. */
    public ReadOnlyStringProperty hintProperty() {
        return hint.getReadOnlyProperty();
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

    private void show(Findings findings) {
        setAccessibleText("Scatter plot of " + findings.y().described() + " against " + findings.x().described()
                + ", " + findings.pairs().n() + " points");
        view.changed();
    }

    private void pointed(MouseEvent event) {
        if (view.figure() == null) {
            return;
        }
        Hit hit = view.figure().hit(event.getX(), event.getY());
        model.apply(new Edit.Hover(hit instanceof Hit.OnPoint(int row) ? OptionalInt.of(row) : OptionalInt.empty()));
        setCursor(switch (hit) {
            case Hit.OnPoint _ -> Cursor.HAND;
            case Hit.OnReadingLine _ -> Cursor.H_RESIZE;
            case Hit.OnGround _ -> Cursor.OPEN_HAND;
            case Hit.OnAxis _ -> Cursor.HAND;
            case Hit.Outside _ -> Cursor.DEFAULT;
        });
        hint.set(switch (hit) {
            case Hit.OnPoint(int row) -> describe(row) + " · click selects, drag moves it";
            case Hit.OnReadingLine _ -> "Drag the reading line to predict at another " + model.findings().x().name();
            case Hit.OnAxis _ -> "Click to choose what stands on this axis · drag to the other axis, or press X, to exchange them";
            case Hit.OnGround _, Hit.Outside _ -> AT_REST;
        });
    }

    private String describe(int row) {
        Findings findings = model.findings();
        DataTable table = findings.work().table();
        Roles roles = findings.work().drawnRoles();
        StringBuilder text = new StringBuilder("Row " + (row + 1));
        if (roles.label().isPresent()) {
            text.append(", ").append(table.cell(row, roles.label().getAsInt()).text());
        }
        text.append(": ").append(findings.x().name()).append(' ').append(table.cell(row, roles.explanatory()).text())
                .append(", ").append(findings.y().name()).append(' ').append(table.cell(row, roles.response()).text());
        if (roles.group().isPresent()) {
            text.append(", ").append(table.cell(row, roles.group().getAsInt()).text());
        }
        if (roles.count().isPresent()) {
            text.append(", ").append(table.cell(row, roles.count().getAsInt()).text()).append(" times");
        }
        return text.toString();
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (event.getButton() != MouseButton.PRIMARY || view.figure() == null) {
            return;
        }
        Hit hit = view.figure().hit(event.getX(), event.getY());
        drag = new Drag(hit, event.getX(), event.getY(), view.figure(), model.findings().frame(), model.newGesture(), false);
        if (hit instanceof Hit.OnPoint(int row)) {
            model.apply(new Edit.Select(OptionalInt.of(row)));
        }
        if (hit instanceof Hit.OnGround && event.getClickCount() == 2) {
            model.apply(new Edit.ShowFrame(Optional.empty()));
        }
    }

    private void dragged(MouseEvent event) {
        if (drag == null || !drag.moved() && Math.hypot(event.getX() - drag.x(), event.getY() - drag.y()) < CLICK) {
            return;
        }
        if (!drag.moved()) {
            drag = drag.going();
            if (drag.on() instanceof Hit.OnPoint) {
                // Hold the frame still, or the point would run away from under the pointer as the axes follow it.
                model.apply(new Edit.ShowFrame(Optional.of(drag.frame())));
            }
        }
        Figure figure = drag.figure();
        switch (drag.on()) {
            case Hit.OnPoint(int row) -> model.apply(new Edit.MovePoint(row,
                    asMeasured(figure.x().value(clampX(event.getX())), figure.x(), model.findings().work().drawnRoles().explanatory()),
                    asMeasured(figure.y().value(clampY(event.getY())), figure.y(), model.findings().work().drawnRoles().response()),
                    drag.gesture()));
            case Hit.OnReadingLine _ -> model.apply(new Edit.ReadAt(OptionalDouble.of(reading(event.getX()))));
            case Hit.OnGround _ -> {
                setCursor(Cursor.CLOSED_HAND);
                model.apply(new Edit.ShowFrame(Optional.of(drag.frame().moved(
                        figure.x().value(drag.x()) - figure.x().value(event.getX()),
                        figure.y().value(drag.y()) - figure.y().value(event.getY())))));
            }
            case Hit.OnAxis _ -> setCursor(Cursor.MOVE);
            case Hit.Outside _ -> { }
        }
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

    private static Use use(boolean along) {
        return along ? Use.EXPLAINS : Use.RESPONDS;
    }

    /** An axis that was dragged to the other one changes places with it; one that was clicked shows what may stand on it. */
    private void axisReleased(boolean along, MouseEvent event) {
        if (!drag.moved()) {
            axes.show(this, use(along), event.getScreenX(), event.getScreenY());
        } else if (view.figure().hit(event.getX(), event.getY()) instanceof Hit.OnAxis(boolean other) && other != along) {
            axes.exchange();
        }
    }

    private void released(MouseEvent event) {
        if (drag != null && !drag.moved() && drag.on() instanceof Hit.OnGround && event.getClickCount() == 1) {
            model.apply(new Edit.Select(OptionalInt.empty()));
        }
        if (drag != null && drag.on() instanceof Hit.OnAxis(boolean along) && event.getButton() == MouseButton.PRIMARY) {
            axisReleased(along, event);
        }
        drag = null;
        pointed(event);
    }

    private double clampX(double px) {
        return Math.clamp(px, drag.figure().area().left(), drag.figure().area().right());
    }

    private double clampY(double py) {
        return Math.clamp(py, drag.figure().area().top(), drag.figure().area().bottom());
    }

    /** The value as the instrument of that column would show it: with as many decimal places as the others have. */
    private double asMeasured(double value, Scale scale, int column) {
        int places = model.findings().work().table().places(column);
        int finest = (int) Math.clamp(Math.ceil(-Math.log10(scale.perPixel())), 0, 12);
        return new Rounding.Places(Math.min(places, Math.max(finest, 0))).apply(value).doubleValue();
    }

    private double reading(double px) {
        Scale scale = drag.figure().x();
        double step = Math.pow(10, Math.ceil(Math.log10(scale.perPixel() * 2)));
        double value = scale.value(clampX(px));
        return new Rounding.Places(Math.clamp(-Math.round(Math.log10(step)), 0, 12))
                .apply(Math.round(value / step) * step).doubleValue();
    }

    private void scrolled(ScrollEvent event) {
        Figure figure = view.figure();
        if (figure == null || event.getDeltaY() == 0 || !figure.area().contains(event.getX(), event.getY())) {
            return;
        }
        double factor = Math.pow(ZOOM, -event.getDeltaY());
        model.apply(new Edit.ShowFrame(Optional.of(model.findings().frame().zoomed(factor,
                figure.x().value(event.getX()), figure.y().value(event.getY())))));
        event.consume();
    }

    private void typed(KeyEvent event) {
        if (COPY.match(event)) {
            copy.run();
            event.consume();
        }
        if (event.isShortcutDown()) {
            return;
        }
        boolean consumed = true;
        switch (event.getCode()) {
            case X -> axes.exchange();
            case LEFT -> step(event, -1, 0);
            case RIGHT -> step(event, 1, 0);
            case UP -> step(event, 0, 1);
            case DOWN -> step(event, 0, -1);
            case DELETE, BACK_SPACE -> model.desk().selected().ifPresent(row -> model.apply(new Edit.ChangeTable(new TableEdit.RemoveRows(List.of(row)))));
            case ESCAPE -> model.apply(new Edit.Select(OptionalInt.empty()));
            case HOME -> model.apply(new Edit.ShowFrame(Optional.empty()));
            default -> consumed = false;
        }
        if (consumed) {
            event.consume();
        }
    }

    /** An arrow key: with Alt it moves the selected point, with Shift the reading line, else it selects along x. */
    private void step(KeyEvent event, int along, int upward) {
        Figure figure = view.figure();
        OptionalInt selected = model.desk().selected();
        if (figure == null) {
            return;
        }
        if (event.isShiftDown()) {
            if (along != 0 && model.findings().isOpen(Aid.PREDICTION)) {
                double step = Math.pow(10, Math.floor(Math.log10(figure.x().high() - figure.x().low())) - 1);
                double at = model.findings().work().readingAt().orElse(figure.x().value(figure.area().left() + figure.area().width() / 2));
                model.apply(new Edit.ReadAt(OptionalDouble.of(new Rounding.Significant(12).apply(Math.round(at / step + along) * step).doubleValue())));
            }
            return;
        }
        Optional<Spot> spot = selected.isPresent() ? spot(selected.getAsInt()) : Optional.empty();
        if (event.isAltDown() && spot.isPresent()) {
            double x = asMeasured(figure.x().value(spot.get().x() + 4 * along), figure.x(), model.findings().work().drawnRoles().explanatory());
            double y = asMeasured(figure.y().value(spot.get().y() - 4 * upward), figure.y(), model.findings().work().drawnRoles().response());
            model.apply(new Edit.ShowFrame(Optional.of(model.findings().frame())));
            model.apply(new Edit.MovePoint(spot.get().row(), x, y, model.newGesture()));
            return;
        }
        if (along != 0) {
            select(figure, spot, along);
        }
    }

    private void select(Figure figure, Optional<Spot> from, int along) {
        Comparator<Spot> order = Comparator.comparingDouble(Spot::x).thenComparingInt(Spot::row);
        List<Spot> sorted = figure.spots().stream().sorted(order).toList();
        if (sorted.isEmpty()) {
            return;
        }
        int index = from.map(sorted::indexOf).orElse(along > 0 ? -1 : sorted.size());
        Spot next = sorted.get(Math.clamp(index + along, 0, sorted.size() - 1));
        model.apply(new Edit.Select(OptionalInt.of(next.row())));
        hint.set(describe(next.row()) + " · Alt and arrows move it");
    }
}
