package hestra.desktop.plot;

import javafx.scene.input.MouseEvent;

import hestra.desktop.model.DeskModel;
import hestra.figure.Figure;

/**
 * A press on the plot: a click, or a drag once the pointer has moved far enough. What was pressed on decides what comes of it.
 */
abstract class PlotDrag {

    private static final double CLICK = 3;

    private final PlotView plot;
    private final DeskModel model;
    private final Figure figure;
    private final double fromX;
    private final double fromY;
    private final long gesture;
    private boolean moved;

    PlotDrag(PlotView plot, DeskModel model, MouseEvent press) {
        this.plot = plot;
        this.model = model;
        this.figure = plot.figure();
        this.fromX = press.getX();
        this.fromY = press.getY();
        this.gesture = model.newGesture();
    }

    final PlotView plot() {
        return plot;
    }

    final DeskModel model() {
        return model;
    }

    /** The figure as it was pressed on: it holds still while it is dragged in. */
    final Figure figure() {
        return figure;
    }

    final double fromX() {
        return fromX;
    }

    final double fromY() {
        return fromY;
    }

    /** Numbers the drag: all its edits are undone together. */
    final long gesture() {
        return gesture;
    }

    /** How far along the pointer has gone. */
    final double goneX(MouseEvent event) {
        return event.getX() - fromX;
    }

    /** How far down the pointer has gone. */
    final double goneY(MouseEvent event) {
        return event.getY() - fromY;
    }

    /** Where the pointer is along, within the plot's area. */
    final double withinX(double x) {
        return Math.clamp(x, figure.area().left(), figure.area().right());
    }

    /** Where the pointer is downward, within the plot's area. */
    final double withinY(double y) {
        return Math.clamp(y, figure.area().top(), figure.area().bottom());
    }

    /** The pointer has moved while pressed. */
    final void dragged(MouseEvent event) {
        if (!moved && Math.hypot(goneX(event), goneY(event)) < CLICK) {
            return;
        }
        if (!moved) {
            moved = true;
            begin();
        }
        to(event);
    }

    /** The button was let go. */
    final void released(MouseEvent event) {
        if (moved) {
            dropped(event);
        } else {
            clicked(event);
        }
    }

    /** Whether it leaves a selection behind, which the hint then tells of. */
    boolean selects() {
        return false;
    }

    /** It turns out to be a drag. */
    void begin() {}

    /** The pointer is elsewhere now. */
    void to(MouseEvent event) {}

    /** The drag is over. */
    void dropped(MouseEvent event) {}

    /** It was a click. */
    void clicked(MouseEvent event) {}
}
