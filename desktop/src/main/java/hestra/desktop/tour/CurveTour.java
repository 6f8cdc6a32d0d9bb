package hestra.desktop.tour;

import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;

import hestra.chance.Play;
import hestra.desk.ChanceEdit;
import hestra.desk.Edit;
import hestra.desk.PartEdit;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Layer;
import hestra.fit.Curve;
import hestra.task.Aid;
import hestra.task.ChanceMeaning;
import hestra.task.Played;

/** The part of the example that compares curves. */
final class CurveTour {

    private static final double SALINITY = 20;
    private static final double SHOOTS = 30;
    private static final long RUN = 4_127;
    private static final int DRAWS = 1_000;

    private final Supplier<DeskModel> model;

    /** {@code model} gives the desk that is open. */
    CurveTour(Supplier<DeskModel> model) {
        this.model = model;
    }

    /** Opens what is held back, as if every task were done. */
    void openEverything() {
        model.get().apply(new PartEdit.WriteHeld(EnumSet.noneOf(Aid.class)));
    }

    /** On the ropes: shuffled a thousand times, and what is read off the pile. */
    void shuffle() {
        model.get().apply(new Edit.TurnTo(Optional.of("shuffle")));
        model.get().apply(new ChanceEdit.PlayChance(Play.SHUFFLE, RUN));
        model.get().apply(new ChanceEdit.Draw(DRAWS));
        model.get().apply(new Edit.Draft("shuffle", Played.NOTHING.with(ChanceMeaning.IF_UNRELATED)));
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
