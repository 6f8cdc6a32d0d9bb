package hestra.desktop.plot;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;

import hestra.data.Selection;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.app.DeskModel;
import hestra.exercise.PointChange;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.LabelPlace;
import hestra.figure.Slot;
import hestra.fit.Trial;

/**
 * The plot's gestures. There are no modes: what lies under the pointer decides what a press does, and the pointer's shape and
 * the hint say so beforehand.
 */
final class PlotMouse {

    private static final double CLICK = 3;
    private static final double ZOOM = 1.0018;
    private static final double LABEL_STEP = 1.08;

    private final PlotView plot;
    private final DeskModel model;
    private final AxisMenu axes;
    private Drag drag;

    /**
     * A press that may become a drag.
     *
     * @param framing whether it drags a frame to zoom to, or to select the points in it
     * @param choosing whether a frame selects the points in it
     * @param trial what was tried by eye when it began
     * @param label where the label under the pointer was
     */
    private record Drag(Hit on, double x, double y, Figure figure, long gesture, boolean framing, boolean choosing, Optional<Trial> trial, Optional<LabelPlace> label, boolean moved) {
        Drag going() {
            return new Drag(on, x, y, figure, gesture, framing, choosing, trial, label, true);
        }
    }

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
            case Hit.OnHandle _ -> "Drag the square: the curve by eye passes through it · Alt and arrows move it";
            case Hit.OnTitle _ -> "Click to change the title";
            case Hit.OnLabel _ -> "Drag moves the equation · the wheel makes it larger or smaller";
            case Hit.OnCurve(Slot slot) -> slot == Slot.TRIAL ? "Drag moves the curve by eye; its squares turn it"
                    : "Click takes the " + findings.curveAt(slot).map(it -> it.curve().inWords()).orElse("curve") + " in hand";
            case Hit.OnReadingLine(boolean upright) -> upright ? "Drag the reading line to predict at another " + findings.x().name()
                    : "Drag the reading line to another " + findings.y().name();
            case Hit.OnAxis _ -> "Click to choose what stands on this axis and how · drag to the other axis, or press X, to exchange them";
            case Hit.OnGround _ -> allows(PointChange.ADD) ? PlotView.ADDING : PlotView.AT_REST;
            case Hit.Outside _ -> PlotView.AT_REST;
        });
    }

    private boolean allows(PointChange change) {
        return model.findings().part().rules().allows(change);
    }

    private void pressed(MouseEvent event) {
        plot.requestFocus();
        Figure figure = plot.figure();
        if (event.getButton() != MouseButton.PRIMARY || figure == null) {
            return;
        }
        Hit hit = figure.hit(event.getX(), event.getY());
        boolean framing = (event.isShiftDown() || event.isShortcutDown()) && (hit instanceof Hit.OnGround || hit instanceof Hit.OnCurve || hit instanceof Hit.OnPoint);
        Optional<LabelPlace> label = hit instanceof Hit.OnLabel(Slot slot) ? place(figure, slot) : Optional.empty();
        drag = new Drag(hit, event.getX(), event.getY(), figure, model.newGesture(), framing, event.isShortcutDown(), model.findings().work().curves().trial(), label, false);
        switch (hit) {
            case Hit.OnPoint _ when framing -> { }
            case Hit.OnPoint(int row) -> select(Selection.of(row));
            case Hit.OnLabel(Slot slot) -> model.apply(new PlotEdit.TakeInHand(slot));
            case Hit.OnCurve(Slot slot) when !framing -> model.apply(new PlotEdit.TakeInHand(slot));
            case Hit.OnHandle(int index) -> {
                model.apply(new PlotEdit.TakeInHand(Slot.TRIAL));
                model.apply(new Edit.TakeHandle(OptionalInt.of(index)));
            }
            case Hit.OnTitle _ -> { }
            case Hit.OnGround _ when event.getClickCount() == 2 && allows(PointChange.ADD) -> model.apply(new WorkEdit.AddPoint(
                    Measured.x(model.findings(), figure, event.getX()), Measured.y(model.findings(), figure, event.getY())));
            case Hit.OnGround _ when event.getClickCount() == 2 -> model.apply(new PlotEdit.ShowFrame(Optional.empty()));
            case Hit.OnGround _, Hit.OnCurve _, Hit.OnReadingLine _, Hit.OnAxis _, Hit.Outside _ -> { }
        }
    }

    /** Where a label is, by hand or by itself. */
    private Optional<LabelPlace> place(Figure figure, Slot slot) {
        double size = Optional.ofNullable(model.findings().work().curves().labels().get(slot)).map(LabelPlace::size).orElse(1.0);
        return figure.targets().boxOf(slot).map(box -> new LabelPlace((box.left() - figure.area().left()) / figure.area().width(),
                (box.bottom() - figure.area().top()) / figure.area().height(), size));
    }

    private void dragged(MouseEvent event) {
        if (drag == null || !drag.moved() && Math.hypot(event.getX() - drag.x(), event.getY() - drag.y()) < CLICK) {
            return;
        }
        if (!drag.moved()) {
            begin();
        }
        Figure figure = drag.figure();
        double px = Math.clamp(event.getX(), figure.area().left(), figure.area().right());
        double py = Math.clamp(event.getY(), figure.area().top(), figure.area().bottom());
        if (drag.framing()) {
            plot.showRubber(Math.clamp(drag.x(), figure.area().left(), figure.area().right()), drag.y(), px, py);
            return;
        }
        switch (drag.on()) {
            case Hit.OnPoint(int row) -> model.apply(new WorkEdit.MovePoint(row, Measured.x(model.findings(), figure, px), Measured.y(model.findings(), figure, py), drag.gesture()));
            case Hit.OnHandle(int index) -> drag.trial().ifPresent(trial -> model.apply(new PlotEdit.Try(trial.withHandle(index,
                    new Trial.Handle(Measured.toThePixel(figure.x().value(px), figure.x()), Measured.toThePixel(figure.y().value(py), figure.y()))), drag.gesture())));
            case Hit.OnCurve(Slot slot) when slot == Slot.TRIAL -> drag.trial().ifPresent(trial -> model.apply(new PlotEdit.Try(carried(trial, figure, event), drag.gesture())));
            case Hit.OnLabel(Slot slot) -> drag.label().ifPresent(at -> model.apply(new PlotEdit.PutLabel(slot, new LabelPlace(
                    at.across() + (event.getX() - drag.x()) / figure.area().width(), at.down() + (event.getY() - drag.y()) / figure.area().height(), at.size()), drag.gesture())));
            case Hit.OnReadingLine(boolean upright) -> model.apply(upright ? new PlotEdit.ReadAt(OptionalDouble.of(Measured.reading(figure.x().value(px), figure.x())))
                    : new PlotEdit.ReadAtY(OptionalDouble.of(Measured.reading(figure.y().value(py), figure.y()))));
            case Hit.OnGround _, Hit.OnCurve _ -> {
                plot.setCursor(Cursor.CLOSED_HAND);
                figure.moved(event.getX() - drag.x(), event.getY() - drag.y()).ifPresent(frame -> model.apply(new PlotEdit.ShowFrame(Optional.of(frame))));
            }
            case Hit.OnAxis _ -> plot.setCursor(Cursor.MOVE);
            case Hit.Outside _, Hit.OnTitle _ -> { }
        }
    }

    private void begin() {
        drag = drag.going();
        boolean placing = drag.on() instanceof Hit.OnPoint && allows(PointChange.MOVE) || drag.on() instanceof Hit.OnHandle || drag.on() instanceof Hit.OnCurve(Slot slot) && slot == Slot.TRIAL;
        if (placing) {
            // Hold the frame still, or what is dragged would run away from under the pointer as the axes follow it.
            model.apply(new PlotEdit.ShowFrame(Optional.of(model.findings().frame())));
        }
        if (drag.on() instanceof Hit.OnPoint(int row) && allows(PointChange.MOVE)) {
            plot.showGhost(plot.spot(row));
        }
    }

    /** The trial moved as a whole, by as many pixels as the pointer. */
    private Trial carried(Trial trial, Figure figure, MouseEvent event) {
        Trial moved = trial;
        for (int i = 0; i < trial.handles().size(); i++) {
            Trial.Handle handle = trial.handles().get(i);
            double x = figure.x().value(figure.x().pixel(handle.x()) + event.getX() - drag.x());
            double y = figure.y().value(figure.y().pixel(handle.y()) + event.getY() - drag.y());
            moved = moved.withHandle(i, new Trial.Handle(Measured.toThePixel(x, figure.x()), Measured.toThePixel(y, figure.y())));
        }
        return moved;
    }

    private void released(MouseEvent event) {
        boolean selects = drag != null && drag.framing() && (drag.choosing() || !drag.moved() && drag.on() instanceof Hit.OnPoint);
        if (drag != null && drag.framing() && !drag.moved() && drag.on() instanceof Hit.OnPoint(int row)) {
            Selection now = model.desk().selection();
            select(now.has(row) ? now.without(row) : now.with(row));
        } else if (drag != null && drag.choosing() && drag.framing()) {
            select(drag.moved() ? Selection.of(rowsWithin(event)) : Selection.NONE);
        } else if (drag != null && drag.framing() && drag.moved()) {
            drag.figure().within(drag.x(), drag.y(), event.getX(), event.getY()).ifPresent(frame -> model.apply(new PlotEdit.ShowFrame(Optional.of(frame))));
        } else if (drag != null && !drag.moved() && drag.on() instanceof Hit.OnGround && event.getClickCount() == 1) {
            model.apply(new Edit.Select(Selection.NONE));
        } else if (drag != null && !drag.moved() && drag.on() instanceof Hit.OnTitle) {
            plot.editTitle();
        }
        if (drag != null && drag.on() instanceof Hit.OnAxis(boolean along) && event.getButton() == MouseButton.PRIMARY) {
            axisReleased(along, event);
        }
        drag = null;
        plot.hideRubber();
        plot.showGhost(Optional.empty());
        pointed(event);
        if (selects) {
            plot.hint(PointText.ofSelected(model.findings()));
        }
    }

    private void select(Selection rows) {
        model.apply(new Edit.Select(rows));
    }

    private Set<Integer> rowsWithin(MouseEvent event) {
        double left = Math.min(drag.x(), event.getX());
        double right = Math.max(drag.x(), event.getX());
        double top = Math.min(drag.y(), event.getY());
        double bottom = Math.max(drag.y(), event.getY());
        return drag.figure().spots().stream().filter(it -> it.x() >= left && it.x() <= right && it.y() >= top && it.y() <= bottom).map(Figure.Spot::row)
                .collect(Collectors.toSet());
    }

    /** An axis that was dragged to the other one changes places with it; one that was clicked shows what may stand on it. */
    private void axisReleased(boolean along, MouseEvent event) {
        if (!drag.moved()) {
            axes.show(plot, PlotView.use(along), event.getScreenX(), event.getScreenY());
        } else if (plot.figure().hit(event.getX(), event.getY()) instanceof Hit.OnAxis(boolean other) && other != along) {
            axes.exchange();
        }
    }

    private void scrolled(ScrollEvent event) {
        Figure figure = plot.figure();
        if (figure == null || event.getDeltaY() == 0 || !figure.area().contains(event.getX(), event.getY())) {
            return;
        }
        if (figure.hit(event.getX(), event.getY()) instanceof Hit.OnLabel(Slot slot)) {
            double step = event.getDeltaY() > 0 ? LABEL_STEP : 1 / LABEL_STEP;
            place(figure, slot).ifPresent(at -> model.apply(new PlotEdit.PutLabel(slot, new LabelPlace(at.across(), at.down(), at.size() * step), model.newGesture())));
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
