package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.VariableProjection.Best;

/**
 * Fits an exponential or power curve directly on y. For each rate of growth the factor that leaves the least squares is known, so
 * only the rate is searched: over its whole range, from the middle out by ever longer steps, until nothing but the last points
 * could still change the squares. Where they are least only in the limit of an ever steeper curve there is no minimum.
 */
final class GrowthFit {

    /** The step near 0, in units of one over half the range of u; further out steps are this share of the rate. */
    private static final double STEP = 0.1;
    private static final double SHARE = 0.05;
    /** e to minus this is nothing. */
    private static final double NOTHING = 40;
    private static final int MOST_POINTS = 256;
    /** Where the squares are so small a share of the whole, sums have lost their digits. */
    private static final double LOST = 1e-6;
    /** So near to the limit the squares are those of the limit. */
    private static final double AT_LIMIT = 1 - 1e-11;

    private GrowthFit() {}

    /** The one column e^(q u), divided by its greatest value, so that no rate leaves the range of a double. */
    private enum Growing implements VariableProjection.Family {
        COLUMN;

        @Override
        public int size() {
            return 1;
        }

        @Override
        public void columns(double rate, double u, double[] into, double[] bent) {
            into[0] = Math.exp(rate * u - Math.abs(rate));
            bent[0] = u * into[0];
        }
    }

    static Fit of(Curve curve, Pairs pairs) {
        boolean logX = curve instanceof Curve.Power;
        String tooFew = Domain.tooFew(pairs, curve, pairs.xs().distinct().limit(2).count());
        String outside = logX ? Domain.refusal(pairs, curve, "x above 0", i -> pairs.x(i) > 0) : "";
        if (!tooFew.isEmpty() || !outside.isEmpty()) {
            return new Fit.None(!tooFew.isEmpty() ? tooFew : outside);
        }
        if (pairs.ys().allMatch(y -> y == 0)) {
            return new Fit.None("All y are 0, so there is no growth or decay to fit.");
        }
        Interval range = Interval.support(pairs);
        double low = logX ? Math.log(range.low()) : range.low();
        double high = logX ? Math.log(range.high()) : range.high();
        double width = high / 2 - low / 2;
        if (!(width > 0) || !Double.isFinite(width)) {
            return LeastSquares.TOO_LARGE;
        }
        Nonlinear.Growth form = new Nonlinear.Growth(logX, low / 2 + high / 2, width, Reference.NONE);
        DirectFit.Scaled scaled = DirectFit.Scaled.of(form, pairs, 0);
        return least(scaled.pairs()).map(it -> at(curve, form, it, scaled, pairs)).orElseGet(() ->
                new Fit.None("No curve of this kind leaves the least squares: they keep falling as it bends ever more, towards "
                        + "one that only the last points decide. Choose another curve, or the log scale."));
    }

    private static Fit at(Curve curve, Nonlinear.Growth form, Best least, DirectFit.Scaled scaled, Pairs pairs) {
        double[] parameters = {least.linear()[0] * Math.exp(-Math.abs(least.rate())), least.rate()};
        return DirectFit.at(curve, form.inReach(parameters, Interval.support(pairs)), parameters, scaled, pairs);
    }

    private static Optional<Best> least(Pairs pairs) {
        double[] places = pairs.xs().sorted().distinct().toArray();
        double mostUp = NOTHING / (places[places.length - 1] - places[places.length - 2]);
        double mostDown = NOTHING / (places[1] - places[0]);
        double[] rates = rates(mostDown, mostUp);
        VariableProjection projection = new VariableProjection(Growing.COLUMN, pairs);
        Pairs looked = pairs.size() <= MOST_POINTS ? pairs : gathered(pairs);
        VariableProjection few = new VariableProjection(Growing.COLUMN, looked);
        Look look = Look.at(looked, few);
        double[] squares = Arrays.stream(rates).map(look::squares).toArray();
        double limit = Math.min(atEnd(pairs, places[0]), atEnd(pairs, places[places.length - 1]));
        return MinimumSearch.least(projection, rates, squares)
                .filter(it -> it.sse() <= limit * AT_LIMIT || limit == 0 && it.sse() == 0);
    }

    /**
     * A first look at what a rate leaves, from sums over the points at the end where the curve is not nothing; the long way where
     * the sums have lost their digits.
     *
     * @param u ascending
     * @param y the values there
     * @param count how often each was observed
     * @param all the squares of all y
     * @param projection the long way
     */
    private record Look(double[] u, double[] y, double[] count, double all, VariableProjection projection) {

        static Look at(Pairs pairs, VariableProjection projection) {
            int[] order = IntStream.range(0, pairs.size()).boxed().sorted(Comparator.comparingDouble(pairs::x))
                    .mapToInt(Integer::intValue).toArray();
            double[] y = Arrays.stream(order).mapToDouble(pairs::y).toArray();
            double[] count = Arrays.stream(order).mapToDouble(pairs::count).toArray();
            double all = IntStream.range(0, y.length).mapToDouble(i -> count[i] * y[i] * y[i]).sum();
            return new Look(Arrays.stream(order).mapToDouble(pairs::x).toArray(), y, count, all, projection);
        }

        double squares(double rate) {
            double squares = 0;
            double both = 0;
            boolean fromTheEnd = rate > 0;
            for (int k = 0; k < u.length; k++) {
                int i = fromTheEnd ? u.length - 1 - k : k;
                double power = rate * u[i] - Math.abs(rate);
                if (power < -NOTHING) {
                    break;
                }
                double grown = Math.exp(power);
                squares += count[i] * grown * grown;
                both += count[i] * grown * y[i];
            }
            if (squares == 0) {
                return all;
            }
            double left = all - both / squares * both;
            return left > LOST * all ? left : projection.at(rate).sse();
        }
    }

    private static double[] rates(double mostDown, double mostUp) {
        List<Double> rates = new ArrayList<>();
        for (double rate = 0; rate < mostDown; rate += Math.max(STEP, SHARE * rate)) {
            rates.addFirst(-rate);
        }
        rates.removeLast();
        for (double rate = 0; rate < mostUp; rate += Math.max(STEP, SHARE * rate)) {
            rates.add(rate);
        }
        rates.addFirst(-mostDown);
        rates.add(mostUp);
        return rates.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** The squares of a curve that is 0 everywhere but at one end, where it is at the mean of the points there. */
    private static double atEnd(Pairs pairs, double end) {
        double n = 0;
        double sum = 0;
        for (int i = 0; i < pairs.size(); i++) {
            if (pairs.x(i) == end) {
                n += pairs.count(i);
                sum += pairs.count(i) * pairs.y(i);
            }
        }
        double squares = 0;
        for (int i = 0; i < pairs.size(); i++) {
            double residual = pairs.x(i) == end ? pairs.y(i) - sum / n : pairs.y(i);
            squares += pairs.count(i) * residual * residual;
        }
        return squares;
    }

    /** Neighbours along u gathered into so many points, for a first look at very many. */
    private static Pairs gathered(Pairs pairs) {
        double[] x = new double[MOST_POINTS];
        double[] y = new double[MOST_POINTS];
        double[] n = new double[MOST_POINTS];
        for (int i = 0; i < pairs.size(); i++) {
            int k = (int) Math.clamp((pairs.x(i) + 1) / 2 * MOST_POINTS, 0, MOST_POINTS - 1);
            n[k] += pairs.count(i);
            x[k] += (pairs.x(i) - x[k]) * pairs.count(i) / n[k];
            y[k] += (pairs.y(i) - y[k]) * pairs.count(i) / n[k];
        }
        int[] filled = IntStream.range(0, MOST_POINTS).filter(k -> n[k] > 0).toArray();
        double most = Arrays.stream(n).max().orElse(1);
        int[] counts = Arrays.stream(filled).map(k -> (int) Math.max(1, Math.round(n[k] / most * Pairs.MOST_COUNT))).toArray();
        return Pairs.of(Arrays.stream(filled).mapToDouble(k -> x[k]).toArray(), Arrays.stream(filled)
                .mapToDouble(k -> y[k]).toArray(), counts);
    }
}
