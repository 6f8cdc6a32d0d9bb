package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * A smooth line through a cloud of points, to show a pattern without saying what curve it is: at each place the line of
 * weighted least squares through the nearest half of the points, each weighted by (1 − (d ÷ D)³)³ with d its distance along x
 * and D that of the furthest of them.
 *
 * @see "W. S. Cleveland, Robust locally weighted regression and smoothing scatterplots, Journal of the American Statistical
 *     Association 74 (1979); without the robustness weights"
 */
public final class Smooth {

    private static final double SHARE = 0.5;
    private static final int LEAST = 5;
    private static final int PLACES = 60;

    private Smooth() {}

    /**
     * A place on the smooth line.
     *
     * @param x where
     * @param y how high the smooth line lies there
     */
    public record Place(double x, double y) {}

    /** The smooth line from the least to the greatest x; empty with fewer than five points or where all x are equal. */
    public static List<Place> of(double[] xs, double[] ys) {
        int n = xs.length;
        if (n < LEAST) {
            return List.of();
        }
        Integer[] order = new Integer[n];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(i -> xs[i]));
        double[] x = Arrays.stream(order).mapToDouble(i -> xs[i]).toArray();
        double[] y = Arrays.stream(order).mapToDouble(i -> ys[i]).toArray();
        if (!(x[n - 1] > x[0]) || !Double.isFinite(x[n - 1] - x[0])) {
            return List.of();
        }
        int window = Math.max(LEAST, (int) Math.ceil(SHARE * n));
        List<Place> places = new ArrayList<>();
        int first = 0;
        for (int i = 0; i <= PLACES; i++) {
            double at = x[0] + (x[n - 1] - x[0]) * i / PLACES;
            while (first + window < n && x[first + window] - at < at - x[first]) {
                first++;
            }
            places.add(new Place(at, local(x, y, first, Math.min(n, first + window), at)));
        }
        return List.copyOf(places);
    }

    /** The height at a place of the weighted line through the points of a window; their weighted mean where all x are equal. */
    private static double local(double[] x, double[] y, int from, int to, double at) {
        double reach = Math.max(at - x[from], x[to - 1] - at) * (1 + 1e-9);
        double weights = 0;
        double meanX = 0;
        double meanY = 0;
        for (int i = from; i < to; i++) {
            double weight = weight(x[i] - at, reach);
            weights += weight;
            meanX += weight * (x[i] - at);
            meanY += weight * y[i];
        }
        meanX /= weights;
        meanY /= weights;
        double xx = 0;
        double xy = 0;
        for (int i = from; i < to; i++) {
            double weight = weight(x[i] - at, reach);
            xx += weight * (x[i] - at - meanX) * (x[i] - at - meanX);
            xy += weight * (x[i] - at - meanX) * (y[i] - meanY);
        }
        return xx > 0 ? meanY - xy / xx * meanX : meanY;
    }

    private static double weight(double distance, double reach) {
        double share = reach == 0 ? 0 : Math.abs(distance) / reach;
        double rest = 1 - share * share * share;
        return Math.max(1e-12, rest * rest * rest);
    }
}
