package hestra.desktop.tour;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;

import hestra.desk.Edit;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Layer;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.task.FillIn;
import hestra.task.Filled;

/** The part of the tour that is done by hand: a line by eye, a target, a calculation. */
final class HandsOnTour {

    /** The point far to the right, not yet quite where it does no harm. */
    private static final double FAR_X = 8.3;
    private static final double FAR_Y = 4.6;
    private static final int FILLED = 5;

    private final Supplier<DeskModel> model;

    private HandsOnTour(Supplier<DeskModel> model) {
        this.model = model;
    }

    static HandsOnTour of(Supplier<DeskModel> model) {
        return new HandsOnTour(model);
    }

    private void apply(Edit edit) {
        model.get().apply(edit);
    }

    /** A line that is nearly the best, checked. */
    void byEye() {
        apply(new Edit.TurnTo(Optional.of("by-eye-line")));
        apply(new PlotEdit.Try(new Trial(new Curve.Line(), List.of(new Trial.Handle(2, 6.9), new Trial.Handle(8, 3.6))), 1));
        apply(new PlotEdit.ShowLayer(Layer.RESIDUALS, true));
        apply(new Edit.Check("by-eye-line"));
        apply(new Edit.TurnTo(Optional.of("by-eye-line")));
    }

    /** A target of which all conditions hold but one. */
    void target() {
        apply(new Edit.TurnTo(Optional.of("harmless-target")));
        apply(new WorkEdit.AddPoint(FAR_X, FAR_Y));
        apply(new PlotEdit.ShowLayer(Layer.LEVERAGE, true));
        apply(new Edit.Select(OptionalInt.of(model.get().findings().work().table().size() - 1)));
    }

    /** A calculation that is begun. */
    void fill() {
        apply(new Edit.TurnTo(Optional.of("by-hand")));
        FillIn fill = model.get().findings().fillIn().orElseThrow();
        Filled filled = Filled.NOTHING;
        for (String id : fill.asked().subList(0, FILLED)) {
            filled = filled.with(id, model.get().findings().numbers().style().show(fill.cells().value(id), fill.rounding()));
        }
        apply(new Edit.Draft("by-hand", filled));
    }
}
