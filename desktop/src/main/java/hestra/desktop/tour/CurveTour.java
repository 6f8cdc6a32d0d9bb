package hestra.desktop.tour;

import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Supplier;

import hestra.desk.Edit;
import hestra.desk.PartEdit;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Below;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.task.Aid;

/** The part of the example that tries a line by eye, unfolds the calculation, and compares curves. */
final class CurveTour {

    private static final double SALINITY = 20;
    private static final double SHOOTS = 30;
    private static final int BOULDER = 22;

    private final Supplier<DeskModel> model;

    /** {@code model} gives the desk that is open. */
    CurveTour(Supplier<DeskModel> model) {
        this.model = model;
    }

    /** Opens what is held back, as if every task were done. */
    void openEverything() {
        model.get().apply(new PartEdit.WriteHeld(EnumSet.noneOf(Aid.class)));
    }

    /** On the limpets: a line by eye with its squares, beside the best. */
    void tryByEye() {
        model.get().apply(new PlotEdit.Try(new Trial(new Curve.Line(), List.of(new Trial.Handle(16, 43), new Trial.Handle(80, 27))), 1));
        model.get().apply(new PlotEdit.ShowLayer(Layer.SQUARES, true));
    }

    /** On the limpets: the calculation of the line by sums, and the rectangle of the boulder. */
    void calculate() {
        model.get().apply(new PlotEdit.RemoveCurve(Slot.TRIAL));
        model.get().apply(new PlotEdit.ShowLayer(Layer.SQUARES, false));
        model.get().apply(new PlotEdit.ShowBelow(Below.SUMS));
        model.get().apply(new PlotEdit.Unfold(6));
        model.get().apply(new Edit.Select(OptionalInt.of(BOULDER)));
    }

    /** On the eelgrass: curves compared, one in hand with its interval, read both ways. */
    void compare() {
        model.get().apply(new PlotEdit.AddCurve(new Curve.Exponential(Curve.FittedOn.LOGARITHMS)));
        model.get().apply(new PlotEdit.AddCurve(new Curve.Polynomial(2)));
        model.get().apply(new PlotEdit.ShowLayer(Layer.PREDICTION_INTERVAL, true));
        model.get().apply(new PlotEdit.ReadAt(OptionalDouble.of(SALINITY)));
        model.get().apply(new PlotEdit.ReadAtY(OptionalDouble.of(SHOOTS)));
    }
}
