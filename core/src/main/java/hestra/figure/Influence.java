package hestra.figure;

import java.util.List;
import java.util.Optional;

import hestra.fit.CurveOnData;
import hestra.fit.Diagnostics;

/**
 * What the points do to the curve in hand.
 *
 * @param points leverage and Cook's distance of each; none where they are not asked for
 * @param without the curve as it would be without the point in hand; nothing where no point is in hand
 */
public record Influence(List<Diagnostics.Point> points, Optional<CurveOnData> without) {

    /** Nothing asked for. */
    public static final Influence NONE = new Influence(List.of(), Optional.empty());
}
