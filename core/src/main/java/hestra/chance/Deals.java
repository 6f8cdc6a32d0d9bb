package hestra.chance;

import java.util.Arrays;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;

/**
 * The y values dealt out anew to the same x. What is watched of a curve that is linear in its coefficients is a weighted sum of
 * the y values, and the weights depend on the x alone: a deal is gone through once and no curve is fitted.
 *
 * @see "R. A. Fisher, The Design of Experiments, 1935, section 21"
 */
final class Deals implements Way {

    /** So much of the largest possible sum is rounding. */
    private static final double ROUNDING = 1e-12;

    private final Observations observed;
    private final LinearFit fit;
    private final double[] weights;
    /** What one unit of the weighted sum is of what is watched. */
    private final double factor;
    private final double[] dealt;

    private Deals(Observations observed, LinearFit fit, double[] weights, double factor) {
        this.observed = observed;
        this.fit = fit;
        this.weights = weights;
        this.factor = factor;
        this.dealt = observed.dy().clone();
    }

    /** Deals to watch a number of a fit; of a line it is always the slope that is summed, from which all else follows. */
    static Deals of(Observations observed, LinearFit fit, Watched watched) {
        Watched summed = fit instanceof LineFit ? Watched.SLOPE : watched;
        double[] weights = IntStream.range(0, observed.n()).mapToDouble(i -> weight(fit, summed, observed.x(i))).toArray();
        return new Deals(observed, fit, weights, fit instanceof LineFit line ? ofSlope(line, watched) : 1);
    }

    private static double weight(LinearFit fit, Watched watched, double x) {
        return switch (watched) {
            case Watched.OfCoefficient(int index) -> fit.pull(x).map(pull -> pull[index]).orElse(Double.NaN);
            case Watched.FittedAt(double at) -> fit.leverage(x, at).orElse(Double.NaN);
            case Watched.R _ -> Double.NaN;
        };
    }

    private static double ofSlope(LineFit line, Watched watched) {
        return switch (watched) {
            case Watched.OfCoefficient(int index) -> index == 1 ? 1 : -line.meanX();
            case Watched.FittedAt(double at) -> at - line.meanX();
            case Watched.R _ -> line.slope().value() == 0 ? 0 : line.r().orElse(0) / line.slope().value();
        };
    }

    /** Whether the weights can be computed with. */
    boolean isPossible() {
        return Double.isFinite(factor) && Arrays.stream(weights).allMatch(Double::isFinite);
    }

    /** What is watched in the mean of all deals. */
    double centre(Watched watched) {
        if (fit instanceof LineFit line) {
            return watched instanceof Watched.R || watched.equals(Watched.SLOPE) ? 0 : line.meanY();
        }
        double sum = Arrays.stream(weights).sum();
        double rounding = ROUNDING * Arrays.stream(weights).map(Math::abs).sum();
        return Math.abs(sum) <= rounding ? 0 : observed.meanY() * sum;
    }

    /** How far the real arrangement is from the centre. */
    double ours() {
        return off(observed.dy());
    }

    /** Distances that differ by less than this are the same but for rounding. */
    double rounding() {
        double ofWeights = Math.sqrt(Arrays.stream(weights).map(it -> it * it).sum());
        double ofValues = Math.sqrt(Arrays.stream(observed.dy()).map(it -> it * it).sum());
        return ROUNDING * Math.abs(factor) * ofWeights * ofValues;
    }

    private double off(double[] values) {
        return factor * sum(values);
    }

    private double sum(double[] values) {
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += weights[i] * values[i];
        }
        return sum;
    }

    @Override
    public Outcome outcome(long run, long draw) {
        System.arraycopy(observed.dy(), 0, dealt, 0, dealt.length);
        Stream.deal(dealt, run, draw);
        double sum = sum(dealt);
        return fit instanceof LineFit ? Outcome.ofLine(factor * sum, sum, observed.meanY()) : Outcome.ofCurve(sum);
    }

    @Override
    public Draw draw(long run, long draw) {
        return dealt(observed, fit, run, draw);
    }

    /** A deal as pairs; the same as {@link #outcome} goes through. */
    static Draw dealt(Observations observed, CurveFit fit, long run, long draw) {
        double[] y = IntStream.range(0, observed.n()).mapToDouble(observed::y).toArray();
        Stream.deal(y, run, draw);
        Pairs pairs = Pairs.of(IntStream.range(0, y.length).mapToDouble(observed::x).toArray(), y);
        return new Draw(pairs, LeastSquares.fit(fit.curve(), pairs));
    }

    /** Goes through all different arrangements of the y values, in rising order. */
    void all(DoubleConsumer off) {
        double[] values = observed.dy().clone();
        Arrays.sort(values);
        do {
            off.accept(off(values));
        } while (next(values));
    }

    /** The next arrangement in rising order of values of which some may be equal; whether there is one. */
    private static boolean next(double[] values) {
        int i = values.length - 2;
        while (i >= 0 && values[i] >= values[i + 1]) {
            i--;
        }
        if (i < 0) {
            return false;
        }
        int j = values.length - 1;
        while (values[j] <= values[i]) {
            j--;
        }
        swap(values, i, j);
        for (int low = i + 1, high = values.length - 1; low < high; low++, high--) {
            swap(values, low, high);
        }
        return true;
    }

    private static void swap(double[] values, int i, int j) {
        double kept = values[i];
        values[i] = values[j];
        values[j] = kept;
    }

    /** How many different arrangements there are: n! ÷ the product of m! over values that stand there m times. */
    static double arrangements(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        double count = 1;
        int same = 0;
        for (int i = 0; i < sorted.length && Double.isFinite(count); i++) {
            same = i > 0 && sorted[i] == sorted[i - 1] ? same + 1 : 1;
            count = count * (i + 1) / same;
        }
        return count;
    }
}
