package hestra.task;

import java.util.List;
import java.util.Optional;

import hestra.fit.Trial;
import hestra.tracing.Tracing;

/**
 * What was done by hand on the plot or the picture of a part.
 *
 * @param trial the curve that is tried by eye
 * @param drawing how the plot is drawn
 * @param seen the states in which a single point had been moved, oldest first
 * @param tracing what was laid on the part's picture
 * @param section what was written and kept on the part's own sheet
 * @param chance how far chance has been played
 */
public record Handiwork(Optional<Trial> trial, Drawing drawing, List<Seen> seen, Optional<Tracing> tracing,
        WrittenSection section, Optional<ChancePlayed> chance) {

    /** Nothing was done by hand. */
    public static final Handiwork NONE = new Handiwork(Optional.empty(), Drawing.BY_ITSELF, List.of(), Optional.empty(),
            WrittenSection.NOTHING, Optional.empty());

    public Handiwork {
        seen = List.copyOf(seen);
    }
}
