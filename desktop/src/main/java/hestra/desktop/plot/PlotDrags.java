package hestra.desktop.plot;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

import hestra.data.PointChange;
import hestra.data.Selection;
import hestra.desk.Edit;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.LabelPlace;
import hestra.figure.Slot;
import hestra.fit.Trial;

/** What presses on the plot come to, by what lies under the pointer. */
final class PlotDrags {

    private PlotDrags() {}

    /** The press on something; what it does at once has been done. */
    static PlotDrag of(PlotView plot, DeskModel model, AxisMenu axes, Hit hit, MouseEvent press) {
        boolean framing = (press.isShiftDown() || press.isShortcutDown())
                && (hit instanceof Hit.OnGround || hit instanceof Hit.OnCurve || hit instanceof Hit.OnPoint);
        OptionalInt point = hit instanceof Hit.OnPoint(int row) ? OptionalInt.of(row) : OptionalInt.empty();
        if (framing) {
            return press.isShortcutDown() ? new Choosing(plot, model, press, point) : new Zooming(plot, model, press, point);
        }
        return switch (hit) {
            case Hit.OnPoint(int row) -> new Point(plot, model, press, row);
            case Hit.OnHandle(int index) -> new Handle(plot, model, press, index);
            case Hit.OnCurve(Slot slot) when slot == Slot.TRIAL -> new Carrying(plot, model, press);
            case Hit.OnCurve(Slot slot) -> new View(plot, model, press, Optional.of(slot));
            case Hit.OnGround _ -> new View(plot, model, press, Optional.empty());
            case Hit.OnLabel(Slot slot) -> new Label(plot, model, press, slot);
            case Hit.OnReadingLine(boolean upright) -> new ReadingLine(plot, model, press, upright);
            case Hit.OnAxis(boolean along) -> new Axis(plot, model, press, axes, along);
            case Hit.OnTitle _ -> new Title(plot, model, press);
            case Hit.Outside _ -> new Nothing(plot, model, press);
        };
    }

    /** Where a label is, by hand or by itself. */
    static Optional<LabelPlace> place(DeskModel model, Figure figure, Slot slot) {
        double size = Optional.ofNullable(model.findings().work().curves().labels().get(slot)).map(LabelPlace::size).orElse(1.0);
        return figure.grips().targets().boxOf(slot)
                .map(box -> new LabelPlace((box.left() - figure.area().left()) / figure.area().width(),
                (box.bottom() - figure.area().top()) / figure.area().height(), size));
    }

    /** Holds the frame still, or what is dragged would run away from under the pointer as the axes follow it. */
    private static void holdFrame(DeskModel model) {
        model.apply(new PlotEdit.ShowFrame(Optional.of(model.findings().frame())));
    }

    private static void select(DeskModel model, Selection rows) {
        model.apply(new Edit.Select(rows));
    }

    /** A point, which is selected at once and moved where the exercise allows it. */
    private static final class Point extends PlotDrag {
        private final int row;

        Point(PlotView plot, DeskModel model, MouseEvent press, int row) {
            super(plot, model, press);
            this.row = row;
            select(model, Selection.of(row));
        }

        @Override
        void begin() {
            if (model().findings().part().rules().allows(PointChange.MOVE)) {
                holdFrame(model());
                plot().showGhost(plot().spot(row));
            }
        }

        @Override
        void to(MouseEvent event) {
            model().apply(new WorkEdit.MovePoint(row, HandRounding.x(model().findings(), figure(), withinX(event.getX())),
                    HandRounding.y(model().findings(), figure(), withinY(event.getY())), gesture()));
        }
    }

    /** A handle of the curve by eye. */
    private static final class Handle extends PlotDrag {
        private final int index;
        private final Optional<Trial> trial;

        Handle(PlotView plot, DeskModel model, MouseEvent press, int index) {
            super(plot, model, press);
            this.index = index;
            this.trial = model.findings().work().curves().trial();
            model.apply(new PlotEdit.TakeInHand(Slot.TRIAL));
            model.apply(new Edit.TakeHandle(OptionalInt.of(index)));
        }

        @Override
        void begin() {
            holdFrame(model());
        }

        @Override
        void to(MouseEvent event) {
            Trial.Handle there = new Trial.Handle(HandRounding.toThePixel(figure().x()
                    .value(withinX(event.getX())), figure().x()),
                    HandRounding.toThePixel(figure().y().value(withinY(event.getY())), figure().y()));
            trial.ifPresent(it -> model().apply(new PlotEdit.Try(it.withHandle(index, there), gesture())));
        }
    }

    /** The curve by eye as a whole, moved by as many pixels as the pointer. */
    private static final class Carrying extends PlotDrag {
        private final Optional<Trial> trial;

        Carrying(PlotView plot, DeskModel model, MouseEvent press) {
            super(plot, model, press);
            this.trial = model.findings().work().curves().trial();
            model.apply(new PlotEdit.TakeInHand(Slot.TRIAL));
        }

        @Override
        void begin() {
            holdFrame(model());
        }

        @Override
        void to(MouseEvent event) {
            trial.ifPresent(it -> model().apply(new PlotEdit.Try(carried(it, event), gesture())));
        }

        private Trial carried(Trial from, MouseEvent event) {
            Trial moved = from;
            for (int i = 0; i < from.handles().size(); i++) {
                Trial.Handle handle = from.handles().get(i);
                double x = figure().x().value(figure().x().pixel(handle.x()) + goneX(event));
                double y = figure().y().value(figure().y().pixel(handle.y()) + goneY(event));
                moved = moved.withHandle(i, new Trial.Handle(HandRounding.toThePixel(x, figure().x()),
                        HandRounding.toThePixel(y, figure().y())));
            }
            return moved;
        }
    }

    /**
     * The view: the part of the plane that is shown. A click takes the curve in hand that was pressed on, or lets go of all
     * points.
     */
    private static final class View extends PlotDrag {
        private final Optional<Slot> curve;

        View(PlotView plot, DeskModel model, MouseEvent press, Optional<Slot> curve) {
            super(plot, model, press);
            this.curve = curve;
            curve.ifPresent(slot -> model.apply(new PlotEdit.TakeInHand(slot)));
            boolean adds = model.findings().part().rules().allows(PointChange.ADD);
            if (press.getClickCount() == 2 && adds) {
                // The view stays, or the next point would be put elsewhere than it is meant.
                model.apply(new PlotEdit.ShowFrame(Optional.of(model.findings().frame())));
                model.apply(new WorkEdit.AddPoint(HandRounding.x(model.findings(), figure(), press.getX()),
                        HandRounding.y(model.findings(), figure(), press.getY())));
            } else if (press.getClickCount() == 2 && curve.isEmpty()) {
                model.apply(new PlotEdit.ShowFrame(Optional.empty()));
            }
        }

        @Override
        void to(MouseEvent event) {
            plot().setCursor(Cursor.CLOSED_HAND);
            figure().moved(goneX(event), goneY(event))
                    .ifPresent(frame -> model().apply(new PlotEdit.ShowFrame(Optional.of(frame))));
        }

        @Override
        void clicked(MouseEvent event) {
            if (curve.isEmpty() && event.getClickCount() == 1) {
                select(model(), Selection.NONE);
            }
        }
    }

    /** The label of a curve. */
    private static final class Label extends PlotDrag {
        private final Slot slot;
        private final Optional<LabelPlace> from;

        Label(PlotView plot, DeskModel model, MouseEvent press, Slot slot) {
            super(plot, model, press);
            this.slot = slot;
            this.from = place(model, figure(), slot);
            model.apply(new PlotEdit.TakeInHand(slot));
        }

        @Override
        void to(MouseEvent event) {
            from.ifPresent(at -> model().apply(new PlotEdit.PutLabel(slot,
                    new LabelPlace(at.across() + goneX(event) / figure().area().width(),
                    at.down() + goneY(event) / figure().area().height(), at.size()), gesture())));
        }
    }

    /** A reading line. */
    private static final class ReadingLine extends PlotDrag {
        private final boolean upright;

        ReadingLine(PlotView plot, DeskModel model, MouseEvent press, boolean upright) {
            super(plot, model, press);
            this.upright = upright;
        }

        @Override
        void to(MouseEvent event) {
            model().apply(upright
                    ? new PlotEdit.ReadAt(OptionalDouble.of(HandRounding.reading(figure().x()
                            .value(withinX(event.getX())), figure().x())))
                    : new PlotEdit.ReadAtY(OptionalDouble.of(HandRounding.reading(figure().y()
                    .value(withinY(event.getY())), figure().y()))));
        }
    }

    /** An axis: dragged to the other one it changes places with it; clicked it shows what may stand on it. */
    private static final class Axis extends PlotDrag {
        private final AxisMenu axes;
        private final boolean along;

        Axis(PlotView plot, DeskModel model, MouseEvent press, AxisMenu axes, boolean along) {
            super(plot, model, press);
            this.axes = axes;
            this.along = along;
        }

        @Override
        void to(MouseEvent event) {
            plot().setCursor(Cursor.MOVE);
        }

        @Override
        void dropped(MouseEvent event) {
            if (event.getButton() == MouseButton.PRIMARY
                    && plot().figure().hit(event.getX(), event.getY()) instanceof Hit.OnAxis(boolean other) && other != along) {
                axes.exchange();
            }
        }

        @Override
        void clicked(MouseEvent event) {
            if (event.getButton() == MouseButton.PRIMARY && plot().isOnAxisTitle(along, event.getX(), event.getY())) {
                plot().editAxis(along);
            } else if (event.getButton() == MouseButton.PRIMARY) {
                axes.show(plot(), PlotView.use(along), event.getScreenX(), event.getScreenY());
            }
        }
    }

    /** The title. */
    private static final class Title extends PlotDrag {
        Title(PlotView plot, DeskModel model, MouseEvent press) {
            super(plot, model, press);
        }

        @Override
        void clicked(MouseEvent event) {
            plot().editTitle();
        }
    }

    /** A frame that is drawn; clicked without one, it puts the point under the pointer into the selection, or takes it out. */
    private abstract static class Framing extends PlotDrag {
        private final OptionalInt point;

        Framing(PlotView plot, DeskModel model, MouseEvent press, OptionalInt point) {
            super(plot, model, press);
            this.point = point;
        }

        final OptionalInt point() {
            return point;
        }

        @Override
        final void to(MouseEvent event) {
            plot().showRubber(withinX(fromX()), fromY(), withinX(event.getX()), withinY(event.getY()));
        }

        @Override
        void clicked(MouseEvent event) {
            point.ifPresent(row -> {
                Selection now = model().desk().selection();
                select(model(), now.has(row) ? now.without(row) : now.with(row));
            });
        }
    }

    /** A frame to zoom to. */
    private static final class Zooming extends Framing {
        private boolean zoomed;

        Zooming(PlotView plot, DeskModel model, MouseEvent press, OptionalInt point) {
            super(plot, model, press, point);
        }

        @Override
        void dropped(MouseEvent event) {
            zoomed = true;
            figure().within(fromX(), fromY(), event.getX(), event.getY())
                    .ifPresent(frame -> model().apply(new PlotEdit.ShowFrame(Optional.of(frame))));
        }

        @Override
        boolean selects() {
            return !zoomed && point().isPresent();
        }
    }

    /** A frame whose points are selected; clicked beside them all, none is. */
    private static final class Choosing extends Framing {
        Choosing(PlotView plot, DeskModel model, MouseEvent press, OptionalInt point) {
            super(plot, model, press, point);
        }

        @Override
        void dropped(MouseEvent event) {
            select(model(), Selection.of(rowsWithin(event)));
        }

        @Override
        void clicked(MouseEvent event) {
            if (point().isPresent()) {
                super.clicked(event);
            } else {
                select(model(), Selection.NONE);
            }
        }

        @Override
        boolean selects() {
            return true;
        }

        private Set<Integer> rowsWithin(MouseEvent event) {
            double left = Math.min(fromX(), event.getX());
            double right = Math.max(fromX(), event.getX());
            double top = Math.min(fromY(), event.getY());
            double bottom = Math.max(fromY(), event.getY());
            return figure().spots().stream().filter(it -> it.x() >= left && it.x() <= right && it.y() >= top && it.y() <= bottom)
                    .map(Figure.Spot::row)
                    .collect(Collectors.toSet());
        }
    }

    /** Beside everything. */
    private static final class Nothing extends PlotDrag {
        Nothing(PlotView plot, DeskModel model, MouseEvent press) {
            super(plot, model, press);
        }
    }
}
