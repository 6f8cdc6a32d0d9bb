package hestra.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import hestra.fit.VariableProjection.Best;

/**
 * The least of the squares along the rate, over a whole range of it: every valley of a grid, the deepest first, is closed in on
 * where the derivative changes sign, to the end of the arithmetic.
 */
final class MinimumSearch {

    private static final int MOST_CLOSED_IN_ON = 12;
    private static final int MOST_STEPS = 200;
    private static final int PIECES = 4;
    private static final int REFINEMENTS = 4;
    /** By how much a valley of the grid may lie deeper than its lowest place and those beside it tell. */
    private static final double DEEPER = 2;
    /** A change of the squares by this share is none. */
    private static final double ROUNDING = 1e-12;

    /** A place of the grid that lies no higher than those beside it. */
    private record Valley(int index, double estimate) {}

    private MinimumSearch() {}

    /**
     * The least minimum between the ends of a grid of rates; nothing where there is none.
     *
     * @param rates ascending
     * @param squares at each of them, on these or on fewer data; infinite where they are not known
     */
    static Optional<Best> least(VariableProjection projection, double[] rates, double[] squares) {
        List<Valley> valleys = new ArrayList<>();
        for (int i = 1; i + 1 < rates.length; i++) {
            if (squares[i] <= squares[i - 1] && squares[i] <= squares[i + 1] && Double.isFinite(squares[i])) {
                double rise = Math.min(squares[i - 1], squares[i + 1]) - squares[i];
                double most = Math.max(squares[i - 1], squares[i + 1]) - squares[i];
                valleys.add(new Valley(i, squares[i] - DEEPER * (Double.isFinite(most) ? (rise + most) / 2 : 0)));
            }
        }
        valleys.sort(Comparator.comparingDouble(valley -> squares[valley.index]));
        Best least = null;
        int closedIn = 0;
        for (Valley valley : valleys) {
            if (least != null && valley.estimate > least.sse() || closedIn == MOST_CLOSED_IN_ON) {
                continue;
            }
            closedIn++;
            least = lower(least, bottom(projection, rates[valley.index - 1], rates[valley.index + 1], 0));
        }
        // At an end that is lower than its neighbour there is a valley all the same where the squares rise towards the end.
        int last = rates.length - 1;

        if (squares[0] <= squares[1] && fallsInwards(projection.at(rates[0]), rates[1] - rates[0])) {
            least = lower(least, bottom(projection, rates[0], rates[1], 0));
        }
        if (squares[last] <= squares[last - 1] && fallsInwards(projection.at(rates[last]), rates[last - 1] - rates[last])) {
            least = lower(least, bottom(projection, rates[last - 1], rates[last], 0));
        }
        return Optional.ofNullable(least);
    }

    /** Whether the squares fall from an end on, by more than rounding on the way to the next place. */
    private static boolean fallsInwards(Best end, double step) {
        return end.slope() * step < -ROUNDING * end.sse();
    }

    private static Best lower(Best least, Best found) {
        return least == null || found.sse() < least.sse() ? found : least;
    }

    /** The lowest place between two. */
    private static Best bottom(VariableProjection projection, double from, double to, int refined) {
        Best low = projection.at(from);
        Best high = projection.at(to);
        if (low.slope() < 0 && high.slope() > 0 && refined > 0) {
            return closedIn(projection, low, high);
        }
        Best[] places = new Best[PIECES + 1];
        int least = 0;
        for (int i = 0; i <= PIECES; i++) {
            places[i] = i == 0 ? low : i == PIECES ? high : projection.at(from + (to - from) * i / PIECES);
            least = places[i].sse() < places[least].sse() ? i : least;
        }
        Best before = places[Math.max(0, least - 1)];
        Best after = places[Math.min(PIECES, least + 1)];
        if (before.slope() < 0 && after.slope() > 0) {
            return closedIn(projection, before, after);
        }
        return refined == REFINEMENTS ? places[least] : bottom(projection, before.rate(), after.rate(), refined + 1);
    }

    /** Where the derivative changes sign, by false position that is kept from standing still, and halving where that is slow. */
    private static Best closedIn(VariableProjection projection, Best from, Best to) {
        Best low = from;
        Best high = to;
        double atLow = low.slope();
        double atHigh = high.slope();
        double width = high.rate() - low.rate();
        int moved = 0;
        for (int step = 0; step < MOST_STEPS; step++) {
            boolean slow = step % 3 == 2 && high.rate() - low.rate() > width / 2;
            width = step % 3 == 2 ? high.rate() - low.rate() : width;
            double next = slow
                    ? low.rate() / 2 + high.rate() / 2 : low.rate() + (high.rate() - low.rate()) * (atLow / (atLow - atHigh));
            if (!(next > low.rate()) || !(next < high.rate())) {
                next = low.rate() / 2 + high.rate() / 2;
            }
            if (!(next > low.rate() && next < high.rate()) || high.rate() - low.rate() <= 4 * Math.ulp(next)) {
                break;
            }
            Best at = projection.at(next);
            // How far the root is from here, by the slopes at the ends: to the last digit, it is found.
            if (Math.abs(at.slope()) * (high.rate() - low.rate()) <= 2 * Math.ulp(next) * (high.slope() - low.slope())) {
                return at;
            }
            // An end that stays for a second time weighs half, so that it comes nearer too.
            boolean below = at.slope() < 0;
            if (below) {
                low = at;
                atLow = at.slope();
                atHigh = moved < 0 ? atHigh / 2 : atHigh;
            } else {
                high = at;
                atHigh = at.slope();
                atLow = moved > 0 ? atLow / 2 : atLow;
            }
            moved = below ? -1 : 1;
        }
        return Math.abs(low.slope()) < Math.abs(high.slope()) ? low : high;
    }
}
