package hestra.desktop.plot;

import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;

import hestra.data.PointChange;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.LabelPlace;
import hestra.figure.Slot;
import hestra.fit.CurveOnData;

/**
 * The plot's gestures. There are no modes: what lies under the pointer decides what a press does, and the pointer's shape and
 * the hint say so beforehand.
 */
final class PlotMouse {

    private static final double ZOOM = 1.0018;
    private static final double LABEL_STEP = 1.08;

    private final PlotView plot;
    private final DeskModel model;
    private final AxisMenu axes;
    private Optional<PlotDrag> drag = Optional.empty();

    PlotMouse(PlotView plot, DeskModel model, AxisMenu axes) {
        this.plot = plot;
        this.model = model;
        this.axes = axes;
        plot.addEventHandler(MouseEvent.MOUSE_MOVED, this::pointed);
        plot.addEventHandler(MouseEvent.MOUSE_EXITED, _ -> {
            model.apply(new Edit.Hover(OptionalInt.empty()));
            plot.hint(PlotView.AT_REST);
        });
        plot.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        plot.setOnContextMenuRequested(event -> {
            Optional<Slot> slot = plot.figure() == null
                    ? Optional.empty() : slotAt(plot.figure().hit(event.getX(), event.getY()));
            slot.ifPresent(it -> {
                new CurveActions(model, it).show(plot, event.getScreenX(), event.getScreenY());
                event.consume();
            });
        });
        plot.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        plot.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        plot.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        plot.addEventHandler(ZoomEvent.ZOOM, event -> {
            zoom(1 / event.getZoomFactor(), event.getX(), event.getY());
            event.consume();
        });
    }

    private void pointed(MouseEvent event) {
        if (plot.figure() == null) {
            return;
        }
        Hit hit = plot.figure().hit(event.getX(), event.getY());
        model.apply(new Edit.Hover(hit instanceof Hit.OnPoint(int row) ? OptionalInt.of(row) : OptionalInt.empty()));
        plot.setCursor(switch (hit) {
            case Hit.OnPoint _, Hit.OnAxis _, Hit.OnTitle _ -> Cursor.HAND;
            case Hit.OnHandle _, Hit.OnLabel _ -> Cursor.MOVE;
            case Hit.OnCurve(Slot slot) -> slot == Slot.TRIAL ? Cursor.MOVE : Cursor.HAND;
            case Hit.OnReadingLine(boolean upright) -> upright ? Cursor.H_RESIZE : Cursor.V_RESIZE;
            case Hit.OnGround _ -> Cursor.OPEN_HAND;
            case Hit.Outside _ -> Cursor.DEFAULT;
        });
        Findings findings = model.findings();
        plot.hint(switch (hit) {
            case Hit.OnPoint(int row) -> PointText.of(findings, row) + (allows(PointChange.MOVE) ? " · drag moves it" : "");
            case Hit.OnHandle _ -> "Drag the square: the curve by eye goes through it · Alt and arrows move it";
            case Hit.OnTitle _ -> "Click to change the title";
            case Hit.OnLabel _ -> "Drag moves the equation · the wheel makes it larger or smaller";
            case Hit.OnCurve(Slot slot) -> slot == Slot.TRIAL ? "Drag moves the curve by eye; drag its squares to tilt it"
                    : "Click selects the " + findings.curves().curveAt(slot).map(CurveOnData::inWords)
                    .orElse("curve") + " · right click: more";
            case Hit.OnReadingLine(boolean upright) ->
                    upright ? "Drag the reading line to predict at another " + findings.x().name()
                    : "Drag the reading line to another " + findings.y().name();
            case Hit.OnAxis(boolean along) ->
                    plot.isOnAxisTitle(along, event.getX(), event.getY())
                    ? "Click: change the name and unit of this axis · drag to the other axis, or X: exchange them"
                    : "Click: choose the variable and the scale · drag to the other axis, or X: exchange them";
            case Hit.OnGround _ -> allows(PointChange.ADD) ? PlotView.ADDING : PlotView.AT_REST;
            case Hit.Outside _ -> PlotView.AT_REST;
        });
    }

    private static Optional<Slot> slotAt(Hit hit) {
        return switch (hit) {
            case Hit.OnCurve(Slot slot) -> Optional.of(slot);
            case Hit.OnLabel(Slot slot) -> Optional.of(slot);
            default -> Optional.empty();
        };
    }

    private boolean allows(PointChange change) {
        return model.findings().part().rules().allows(change);
    }

    private void pressed(MouseEvent event) {
        plot.requestFocus();
        Figure figure = plot.figure();
        if (event.getButton() == MouseButton.PRIMARY && figure != null) {
            drag = Optional.of(PlotDrags.of(plot, model, axes, figure.hit(event.getX(), event.getY()), event));
        }
    }

    private void dragged(MouseEvent event) {
        drag.ifPresent(it -> it.dragged(event));
    }

    private void released(MouseEvent event) {
        Optional<PlotDrag> over = drag;
        drag = Optional.empty();
        over.ifPresent(it -> it.released(event));
        plot.hideRubber();
        plot.showGhost(Optional.empty());
        pointed(event);
        if (over.filter(PlotDrag::selects).isPresent()) {
            plot.hint(PointText.ofSelected(model.findings()));
        }
    }

    private void scrolled(ScrollEvent event) {
        Figure figure = plot.figure();
        if (figure == null || event.getDeltaY() == 0 || !figure.area().contains(event.getX(), event.getY())) {
            return;
        }
        if (figure.hit(event.getX(), event.getY()) instanceof Hit.OnLabel(Slot slot)) {
            double step = event.getDeltaY() > 0 ? LABEL_STEP : 1 / LABEL_STEP;
            PlotDrags.place(model, figure, slot).ifPresent(at -> model.apply(new PlotEdit.PutLabel(slot,
                    new LabelPlace(at.across(), at.down(), at.size() * step), model.newGesture())));
        } else {
            zoom(Math.pow(ZOOM, -event.getDeltaY()), event.getX(), event.getY());
        }
        event.consume();
    }

    private void zoom(double factor, double px, double py) {
        Figure figure = plot.figure();
        if (figure != null && figure.area().contains(px, py)) {
            figure.zoomed(factor, px, py).ifPresent(frame -> model.apply(new PlotEdit.ShowFrame(Optional.of(frame))));
        }
    }
}
