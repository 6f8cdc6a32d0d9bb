package hestra.desktop.plot;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import hestra.figure.Figure.Spot;


/** How one walks from point to point by key. */
final class Walk {

    private static final Comparator<Spot> ALONG = Comparator.comparingDouble(Spot::x).thenComparingInt(Spot::row);
    private static final Comparator<Spot> DOWN = Comparator.comparingInt(Spot::row);

    private Walk() {}

    /**
     * The next point in the order of x, or the one before for −1; from none the first or the last. Nothing where there are no
     * points.
     */
    static Optional<Spot> along(List<Spot> spots, Optional<Spot> from, int by) {
        return next(spots, ALONG, from, by);
    }

    /** The next point in the order of the table, likewise. */
    static Optional<Spot> down(List<Spot> spots, Optional<Spot> from, int by) {
        return next(spots, DOWN, from, by);
    }

    private static Optional<Spot> next(List<Spot> spots, Comparator<Spot> order, Optional<Spot> from, int by) {
        List<Spot> sorted = spots.stream().sorted(order).toList();
        if (sorted.isEmpty()) {
            return Optional.empty();
        }
        int index = from.map(sorted::indexOf).orElse(by > 0 ? -1 : sorted.size());
        return Optional.of(sorted.get(Math.clamp(index + by, 0, sorted.size() - 1)));
    }
}
