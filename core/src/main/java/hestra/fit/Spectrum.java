package hestra.fit;

import java.util.Arrays;
import java.util.stream.IntStream;

import hestra.data.Pairs;

/**
 * The squares that the best wave of each frequency leaves, over a grid of frequencies. The angle at a point grows by the same
 * step from one frequency to the next, so its sine and cosine are turned, not computed anew, and the three coefficients come from
 * sums; where those sums cannot tell them apart, the squares are worked out the long way. Where there are very many points,
 * evenly taken ones stand for all.
 *
 * @param rates the frequencies, ascending
 * @param squares what each leaves
 */
record Spectrum(double[] rates, double[] squares) {

    /** Columns that keep less than this share of their length are told apart the long way. */
    private static final double TOLD_APART = 1e-3;
    /** Where the squares are so small a share of the whole, the sums have lost their digits. */
    private static final double LOST = 1e-6;

    /** The squares from a first frequency on, in even steps, to the last. */
    static Spectrum of(Pairs pairs, VariableProjection projection, double first, double step, double last, int mostPoints) {
        int size = Math.max(2, 2 + (int) Math.floor((last - first) / step));
        double[] rates = new double[size];
        double[] squares = new double[size];
        Turning turning = new Turning(pairs, first, step, mostPoints);
        double share = (double) pairs.n() / turning.n;
        for (int i = 0; i < size; i++) {
            rates[i] = i == size - 1 ? last : first + i * step;
            double quick = i == size - 1 ? Double.NaN : turning.squares() * share;
            squares[i] = Double.isNaN(quick) ? projection.at(rates[i]).sse() : quick;
            turning.turn();
        }
        return new Spectrum(rates, squares);
    }

    /** Sines and cosines that turn from one frequency to the next. */
    private static final class Turning {
        private final double[] count;
        /** y about its mean, times its count. */
        private final double[] y;
        private final double[] sin;
        private final double[] cos;
        private final double[] sinStep;
        private final double[] cosStep;
        private final double n;
        private final double yy;

        Turning(Pairs pairs, double first, double step, int mostPoints) {
            int used = Math.min(pairs.size(), mostPoints);
            y = new double[used];
            count = new double[used];
            sin = new double[used];
            cos = new double[used];
            sinStep = new double[used];
            cosStep = new double[used];
            for (int k = 0; k < used; k++) {
                int i = (int) ((long) k * pairs.size() / used);
                double u = pairs.x(i);
                y[k] = pairs.y(i);
                count[k] = pairs.count(i);
                sin[k] = Math.sin(first * u);
                cos[k] = Math.cos(first * u);
                sinStep[k] = Math.sin(step * u);
                cosStep[k] = Math.cos(step * u);
            }
            n = Arrays.stream(count).sum();
            double mean = IntStream.range(0, used).mapToDouble(k -> count[k] * y[k]).sum() / n;
            yy = IntStream.range(0, used).mapToDouble(k -> count[k] * (y[k] - mean) * (y[k] - mean)).sum();
            for (int k = 0; k < used; k++) {
                y[k] = count[k] * (y[k] - mean);
            }
        }

        void turn() {
            for (int k = 0; k < y.length; k++) {
                double turned = sin[k] * cosStep[k] + cos[k] * sinStep[k];
                cos[k] = cos[k] * cosStep[k] - sin[k] * sinStep[k];
                sin[k] = turned;
            }
        }

        /** What the frequency in hand leaves; not a number where sums do not tell. */
        double squares() {
            double s = 0;
            double c = 0;
            double ss = 0;
            double sc = 0;
            double sinY = 0;
            double cosWithY = 0;
            for (int k = 0; k < y.length; k++) {
                double counted = count[k] * sin[k];
                s += counted;
                c += count[k] * cos[k];
                ss += counted * sin[k];
                sc += counted * cos[k];
                sinY += sin[k] * y[k];
                cosWithY += cos[k] * y[k];
            }
            double sinRest = ss - s * s / n;
            double both = sc - s * c / n;
            double cosRest = n - ss - c * c / n - both / sinRest * both;
            double cosY = cosWithY - both / sinRest * sinY;
            double left = yy - sinY / sinRest * sinY - cosY / cosRest * cosY;
            return sinRest > TOLD_APART * n && cosRest > TOLD_APART * n && left > LOST * yy ? left : Double.NaN;
        }
    }
}
