package hestra.desk;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

import hestra.figure.Below;
import hestra.figure.Dress;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.Spacing;
import hestra.figure.StripKind;

/**
 * What the plot and the strip show.
 *
 * @param layers the layers that are shown
 * @param frame the part of the plane that the plot shows; nothing for the one that fits the data
 * @param x how values are spaced along
 * @param y how values are spaced upward
 * @param strip how residuals are looked at
 * @param below what stands below the plot
 * @param unfolded how many columns of the calculation by sums are unfolded
 * @param dress how the plot looks
 * @param numbers how the numbers of curves are shown
 * @param chance how far chance has been played; nothing before it is begun
 */
public record PlotState(Set<Layer> layers, Optional<Frame> frame, Spacing x, Spacing y, StripKind strip, Below below,
        int unfolded, Dress dress,
        Numbers numbers, Optional<ChanceState> chance) {

    private static final int FIRST_COLUMNS = 2;

    /** What is shown to begin with. */
    public static final PlotState USUAL = new PlotState(Layer.usual(), Optional.empty(), Spacing.LINEAR, Spacing.LINEAR,
            StripKind.AGAINST_X, Below.RESIDUALS, FIRST_COLUMNS, Dress.USUAL, Numbers.UNCHOSEN, Optional.empty());

    public PlotState {
        layers = layers.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(layers));
    }

    PlotState with(Layer layer, boolean shown) {
        Set<Layer> changed = EnumSet.noneOf(Layer.class);
        changed.addAll(layers);
        if (shown) {
            changed.add(layer);
        } else {
            changed.remove(layer);
        }
        return new PlotState(changed, frame, x, y, strip, below, unfolded, dress, numbers, chance);
    }

    /** With these layers and no others. */
    PlotState showing(Set<Layer> shown) {
        return new PlotState(shown, frame, x, y, strip, below, unfolded, dress, numbers, chance);
    }

    PlotState with(Optional<Frame> newFrame) {
        return new PlotState(layers, newFrame, x, y, strip, below, unfolded, dress, numbers, chance);
    }

    /** With another spacing along or upward; what is shown fits the data again. */
    PlotState with(boolean along, Spacing spacing) {
        return new PlotState(layers, Optional.empty(), along ? spacing : x, along ? y : spacing, strip, below, unfolded, dress,
                numbers, chance);
    }

    PlotState with(StripKind kind) {
        return new PlotState(layers, frame, x, y, kind, below, unfolded, dress, numbers, chance);
    }

    PlotState with(Below shown) {
        return new PlotState(layers, frame, x, y, strip, shown, unfolded, dress, numbers, chance);
    }

    PlotState unfolding(int columns) {
        return new PlotState(layers, frame, x, y, strip, below, columns, dress, numbers, chance);
    }

    PlotState with(Dress changed) {
        return new PlotState(layers, frame, x, y, strip, below, unfolded, changed, numbers, chance);
    }

    PlotState with(Numbers shown) {
        return new PlotState(layers, frame, x, y, strip, below, unfolded, dress, shown, chance);
    }

    PlotState with(ChanceState played) {
        return new PlotState(layers, frame, x, y, strip, below, unfolded, dress, numbers, Optional.of(played));
    }

    /** The same for other variables: on linear axes that fit the data. */
    PlotState forOtherAxes() {
        return new PlotState(layers, Optional.empty(), Spacing.LINEAR, Spacing.LINEAR, strip, below, unfolded, dress, numbers,
                chance);
    }
}
