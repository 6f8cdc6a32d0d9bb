package hestra.desk;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.figure.Layer;
import hestra.figure.PlotContent;

/** The plots that stand on a sheet: of a part's true data, in the state that the author chose, with nothing held back. */
public final class FixedPlot {

    private FixedPlot() {}

    /** What a plot on the sheet of a part shows. */
    public static PlotContent of(Exercise exercise, Part part, Block.Plot plot) {
        Findings bare = truth(exercise, part);
        PartWork work = bare.work();
        Set<Layer> layers = EnumSet.of(Layer.POINTS);
        layers.addAll(plot.layers());
        PlotState state = work.plot().showing(layers).with(plot.frame());
        return Findings.of(bare.desk().with(bare.desk().work().with(bare.part(), work.with(state)))).plot()
                .atRest("This part has no data yet.");
    }

    /** What follows from the true data of a part by themselves: nothing is asked, and nothing held back. */
    public static Findings truth(Exercise exercise, Part part) {
        return Findings.of(Desk.open(exercise.withParts(List.of(part.withBlocks(List.of()).withHeld(Set.of())))));
    }
}
