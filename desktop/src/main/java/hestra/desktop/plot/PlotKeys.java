package hestra.desktop.plot;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

import hestra.data.PointChange;
import hestra.data.Selection;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.model.TrialStart;
import hestra.desktop.parts.KeyLine;
import hestra.figure.Figure;
import hestra.figure.Figure.Spot;
import hestra.figure.Scale;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.fit.CurveOnData;
import hestra.fit.Trial;
import hestra.numbers.Rounding;
import hestra.task.Aid;

/** The plot's keys: everything that the mouse can do in it. */
public final class PlotKeys {

    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");
    /** What the keys do while the plot has the keyboard. */
    public static final List<KeyLine> LINES = List.of(
            new KeyLine("← →", "walk through the points along x"),
            new KeyLine("↑ ↓", "in the order of the table"),
            new KeyLine("Ctrl+arrows", "select each point on the way"),
            new KeyLine("Ctrl+A", "selects all points"),
            new KeyLine("Alt+arrows", "move the selected point or the curve by eye"),
            new KeyLine("Shift+arrows", "move the reading lines"),
            new KeyLine("T", "try a line by eye"),
            new KeyLine("H", "selects one of its squares"),
            new KeyLine("C", "selects the next curve"),
            new KeyLine("F", "fits to the selected points, or all again"),
            new KeyLine("P", "keeps the prediction"),
            new KeyLine("D", "the plot in words"),
            new KeyLine("Space", "draws once more by chance, where a play is on; S at the pile plays it"),
            new KeyLine("S, Shift+S", "plays the plot, or stops; something else of it"),
            new KeyLine(", .", "plays slower, faster"),
            new KeyLine("M", "each point sounds as you walk"),
            new KeyLine("N, Shift+N", "the y axis, the x axis: what it shows"),
            new KeyLine("Delete", "removes the selected points or curve"),
            new KeyLine("+ − Home", "zoom, show everything"),
            new KeyLine("X", "exchanges the axes"),
            new KeyLine("Esc", "deselects"),
            KeyLine.of(COPY, "copies the plot as a picture"));

    private static final double NUDGE = 4;
    private static final double ZOOM = 1.25;

    private final PlotView plot;
    private final DeskModel model;
    private final AxisMenu axes;
    private final Drawing drawing;
    private final TrialStart trial;
    private final WordTyped word = new WordTyped(System::nanoTime);
    private final Hearing hearing;
    private Runnable copy = () -> { };

    PlotKeys(PlotView plot, DeskModel model, AxisMenu axes, Drawing drawing) {
        this.drawing = drawing;
        this.plot = plot;
        this.model = model;
        this.axes = axes;
        this.trial = new TrialStart(model);
        this.hearing = new Hearing(model, plot::hint);
        plot.addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
    }

    void onCopy(Runnable action) {
        copy = action;
    }

    private void typed(KeyEvent event) {
        // What is typed into something that stands on the plot is not for the plot.
        if (event.getTarget() != plot || plot.figure() == null) {
            return;
        }
        if (COPY.match(event)) {
            copy.run();
            event.consume();
        }
        if (event.isShortcutDown()) {
            selecting(event);
            return;
        }
        if (word.isGoingOn(event)) {
            event.consume();
            plot.hint("Letters do something here, one at a time · F1 says what · F6 goes on to the table");
            return;
        }
        boolean consumed = true;
        switch (event.getCode()) {
            case X -> axes.exchange();
            case T -> trial.begin(new Curve.Line());
            case C -> takeNext();
            case F -> fitToSelected();
            case H -> takeNextHandle();
            case P -> pin();
            case S -> {
                if (event.isShiftDown()) {
                    hearing.playNext();
                } else {
                    hearing.playOrStop();
                }
            }
            case SPACE -> drawing.draw(1);
            case M -> hearing.toggleWalking();
            case COMMA -> hearing.change(1);
            case PERIOD -> hearing.change(-1);
            case N -> plot.editAxis(!event.isShiftDown());
            case LEFT -> step(event, -1, 0);
            case RIGHT -> step(event, 1, 0);
            case UP -> step(event, 0, 1);
            case DOWN -> step(event, 0, -1);
            case PLUS, ADD, EQUALS -> zoom(1 / ZOOM);
            case MINUS, SUBTRACT -> zoom(ZOOM);
            case DELETE, BACK_SPACE -> remove();
            case ESCAPE -> {
                consumed = drawing.goingProperty().get() || !model.desk().selection().isEmpty()
                        || model.desk().pointing().handle().isPresent();
                drawing.stop();
                model.apply(new Edit.Select(Selection.NONE));
                model.apply(new Edit.TakeHandle(OptionalInt.empty()));
                plot.hint(PlotView.AT_REST);
            }
            case HOME -> model.apply(new PlotEdit.ShowFrame(Optional.empty()));
            default -> consumed = false;
        }
        if (consumed) {
            event.consume();
        }
    }

    /** The selected points are removed; where none is selected, the curve in hand, but for the line of least squares. */
    private void remove() {
        Slot inHand = model.findings().curves().slotInHand();
        if (!model.desk().selection().isEmpty()) {
            model.apply(new WorkEdit.RemovePoints(List.copyOf(model.desk().selection().rows())));
            plot.hint(model.findings().part().rules().allows(PointChange.REMOVE)
                    ? PlotView.AT_REST : "In this exercise points are not removed");
        } else if (inHand != Slot.LINE) {
            model.apply(new PlotEdit.RemoveCurve(inHand));
        }
    }

    private void takeNext() {
        List<Slot> slots = model.findings().curves().slots();
        if (!slots.isEmpty()) {
            Slot next = slots.get((slots.indexOf(model.findings().curves().slotInHand()) + 1) % slots.size());
            model.apply(new PlotEdit.TakeInHand(next));
            plot.hint("Selected: " + model.findings().curves().curveInHand().map(CurveOnData::inWords).orElse("no curve"));
        }
    }

    /** Keeps the prediction at the reading line in the table of predictions. */
    private void pin() {
        Findings findings = model.findings();
        if (findings.work().readingAt().isPresent() && findings.isOpen(Aid.PREDICTION)) {
            model.apply(PlotEdit.Pin.beside(findings.work().reading(), findings.work().readingAt().getAsDouble()));
        }
    }

    private void zoom(double factor) {
        Figure figure = plot.figure();
        figure.zoomed(factor, figure.area().left() + figure.area().width() / 2, figure.area().top() + figure.area().height() / 2)
                .ifPresent(frame -> model.apply(new PlotEdit.ShowFrame(Optional.of(frame))));
    }

    /**
     * An arrow key: with Alt it moves the selected point or the trial, with Shift the reading lines, else it walks through the
     * points.
     */
    private void step(KeyEvent event, int along, int upward) {
        Optional<Spot> spot = inHand();
        if (event.isShiftDown()) {
            read(along, upward);
        } else if (event.isAltDown() && spot.isPresent()) {
            nudge(spot.get(), along, upward);
        } else if (event.isAltDown()) {
            model.findings().work().curves().trial().ifPresent(it -> nudge(it, along, upward));
        } else {
            walk(spot, along, upward);
        }
    }

    private void read(int along, int upward) {
        Findings findings = model.findings();
        if (!findings.isOpen(Aid.PREDICTION)) {
            return;
        }
        Figure figure = plot.figure();
        if (along != 0) {
            model.apply(new PlotEdit.ReadAt(OptionalDouble.of(stepped(findings.work().reading().atX(), figure.x(), along))));
        } else {
            model.apply(new PlotEdit.ReadAtY(OptionalDouble.of(stepped(findings.work().reading().atY(), figure.y(), upward))));
        }
    }

    private static double stepped(OptionalDouble from, Scale scale, int by) {
        double step = Math.pow(10, Math.floor(Math.log10(scale.high() - scale.low())) - 1);
        double at = from.orElse(scale.value((scale.from() + scale.to()) / 2));
        return new Rounding.Significant(12).apply(Math.round(at / step + by) * step).doubleValue();
    }

    private void nudge(Spot spot, int along, int upward) {
        Findings findings = model.findings();
        double x = HandRounding.x(findings, plot.figure(), spot.x() + NUDGE * along);
        double y = HandRounding.y(findings, plot.figure(), spot.y() - NUDGE * upward);
        model.apply(new PlotEdit.ShowFrame(Optional.of(findings.frame())));
        model.apply(new WorkEdit.MovePoint(spot.row(), x, y, model.newGesture()));
    }

    /** The whole trial, then each of its handles in turn, is what Alt and the arrow keys move. */
    private void takeNextHandle() {
        model.findings().curves().trial().ifPresent(_ -> {
            int count = model.findings().work().curves().trial().orElseThrow().handles().size();
            int next = model.desk().pointing().handle().orElse(-1) + 1;
            model.apply(new PlotEdit.TakeInHand(Slot.TRIAL));
            model.apply(new Edit.TakeHandle(next == count ? OptionalInt.empty() : OptionalInt.of(next)));
            plot.hint(next == count ? "Alt and arrows move and tilt the curve by eye · H selects one of its squares"
                    : "Alt and arrows move square " + (next + 1) + " of " + count + " · H selects the next");
        });
    }

    private void nudge(Trial tried, int along, int upward) {
        OptionalInt handle = model.desk().pointing().handle();
        boolean one = handle.isPresent() && handle.getAsInt() < tried.handles().size();
        model.apply(new PlotEdit.ShowFrame(Optional.of(model.findings().frame())));
        model.apply(new PlotEdit.TakeInHand(Slot.TRIAL));
        model.apply(new PlotEdit.Try(one
                ? handleMoved(tried, handle.getAsInt(), along, upward) : shiftedOrTilted(tried, along, upward),
                model.newGesture()));
    }

    private Trial handleMoved(Trial tried, int index, int along, int upward) {
        Scale x = plot.figure().x();
        Scale y = plot.figure().y();
        Trial.Handle handle = tried.handles().get(index);
        return tried.withHandle(index, new Trial.Handle(HandRounding.toThePixel(x.value(x.pixel(handle.x()) + NUDGE * along), x),
                HandRounding.toThePixel(y.value(y.pixel(handle.y()) - NUDGE * upward), y)));
    }

    /** Up and down shift the whole trial; left and right tilt it: its last handle goes up as much as its first goes down. */
    private Trial shiftedOrTilted(Trial tried, int along, int upward) {
        Scale y = plot.figure().y();
        Trial moved = tried;
        int last = tried.handles().size() - 1;
        for (int i = 0; i <= last; i++) {
            Trial.Handle handle = tried.handles().get(i);
            double share = last == 0 ? 1 : 2.0 * i / last - 1;
            double pixels = NUDGE * (upward - along * share);
            moved = moved.withHandle(i,
                    new Trial.Handle(handle.x(), HandRounding.toThePixel(y.value(y.pixel(handle.y()) - pixels),
                    y)));
        }
        return moved;
    }

    /** With Ctrl: the arrows walk and select each point on the way as well, A selects all that are shown. */
    private void selecting(KeyEvent event) {
        Optional<Spot> spot = inHand();
        switch (event.getCode()) {
            case LEFT -> extend(next(spot, -1, 0));
            case RIGHT -> extend(next(spot, 1, 0));
            case UP -> extend(next(spot, 0, 1));
            case DOWN -> extend(next(spot, 0, -1));
            case A -> select(Selection.of(plot.figure().spots().stream().map(Spot::row).toList()));
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void extend(Optional<Spot> to) {
        to.ifPresent(spot -> select(model.desk().selection().with(spot.row())));
    }

    private void select(Selection rows) {
        model.apply(new Edit.Select(rows));
        plot.hint(PointText.ofSelected(model.findings()));
    }

    /** Curves are fitted to the selected points alone; with one or none selected to all again. */
    private void fitToSelected() {
        Selection selection = model.desk().selection();
        model.apply(new PlotEdit.FitOnly(selection.isSeveral() ? selection.rows() : Set.of()));
        plot.hint(selection.isSeveral()
                ? "Fitted to the selected points · F with none selected fits to all" : "Fitted to all points");
    }

    private void walk(Optional<Spot> from, int along, int upward) {
        next(from, along, upward).ifPresent(next -> {
            model.apply(new Edit.Select(Selection.of(next.row())));
            hearing.walkedTo(next.row());
            plot.hint(PointText.of(model.findings(), next.row())
                    + (model.findings().part().rules().allows(PointChange.MOVE) ? " · Alt and arrows move it" : ""));
        });
    }

    /** The next point in the order of x, or upward and downward in that of the table. */
    private Optional<Spot> next(Optional<Spot> from, int along, int upward) {
        List<Spot> spots = plot.figure().spots().stream().toList();
        return along != 0 ? Walk.along(spots, from, along) : Walk.down(spots, from, -upward);
    }

    private Optional<Spot> inHand() {
        return model.desk().selected().stream().boxed().findFirst().flatMap(plot::spot);
    }
}
