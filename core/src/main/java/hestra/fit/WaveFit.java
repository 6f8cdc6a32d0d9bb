package hestra.fit;

import java.util.Optional;

import hestra.data.Pairs;
import hestra.fit.VariableProjection.Best;
import hestra.numbers.Accumulator;

/**
 * Finds a wave. For each frequency the best constant, sine and cosine follow by linear least squares, so only the frequency is
 * searched: from hardly any bend over the range of x, in steps of a twentieth of a cycle, up to half a cycle for each step
 * between different x, and no further than {@value #MOST_CYCLES} cycles: faster waves are not looked for. Where the squares are
 * least only in the limit of an ever longer wave, which is a parabola, or at the fast end of the range, there is no wave.
 *
 * @see <a href="https://doi.org/10.1007/BF00648343">N. R. Lomb, Least-squares frequency analysis of unequally spaced data,
 *     Astrophysics and Space Science 39 (1976)</a>
 */
final class WaveFit {

    private static final double MOST_CYCLES = 40;
    private static final double STEP = Math.PI / 20;
    private static final double FIRST = 0.05;
    private static final double FAST_END = 1 - 1e-4;
    private static final int MOST_POINTS = 256;
    private static final double AT_LIMIT = 1 - 1e-11;

    private WaveFit() {}

    /**
     * The columns 1, sin(w u) ÷ w and (1 − cos(w u)) ÷ w²: those of every wave, in a form that becomes 1, u and u² ÷ 2 as the
     * wave grows long, and does not lose its digits on the way.
     */
    private enum Waving implements VariableProjection.Family {
        COLUMNS;

        @Override
        public int size() {
            return 3;
        }

        @Override
        public void columns(double rate, double u, double[] into, double[] bent) {
            double half = Math.sin(rate * u / 2);
            double sine = 2 * half * Math.cos(rate * u / 2);
            into[0] = 1;
            into[1] = sine / rate;
            into[2] = 2 * half * half / (rate * rate);
            bent[0] = 0;
            bent[1] = u * (1 - 2 * half * half) / rate;
            bent[2] = u * sine / (rate * rate);
        }
    }

    /** The columns 1, u and u², whatever the rate. */
    private enum Parabola implements VariableProjection.Family {
        COLUMNS;

        @Override
        public int size() {
            return 3;
        }

        @Override
        public void columns(double rate, double u, double[] into, double[] bent) {
            into[0] = 1;
            into[1] = u;
            into[2] = u * u;
        }
    }

    static Fit of(Pairs pairs) {
        Curve curve = new Curve.Wave();
        long distinct = pairs.xs().distinct().count();
        String tooFew = Domain.tooFew(pairs, curve, distinct);
        if (!tooFew.isEmpty()) {
            return new Fit.None(tooFew);
        }
        if (pairs.ys().distinct().limit(2).count() == 1) {
            return new Fit.None("All y are equal, so there is no wave to fit.");
        }
        Interval range = Interval.support(pairs);
        double half = range.high() / 2 - range.low() / 2;
        if (!Double.isFinite(half)) {
            return LeastSquares.TOO_LARGE;
        }
        Nonlinear.Oscillation form = new Nonlinear.Oscillation(range.low() / 2 + range.high() / 2, half);
        DirectFit.Scaled scaled = DirectFit.Scaled.of(form, pairs, mean(pairs));
        // The range is 2 in u, so a cycle over the range is π per unit of u.
        double fastest = Math.PI * Math.min(MOST_CYCLES, (distinct - 1) / 2.0) * FAST_END;
        VariableProjection projection = new VariableProjection(Waving.COLUMNS, scaled.pairs());
        Spectrum spectrum = Spectrum.of(scaled.pairs(), projection, FIRST, STEP, fastest, MOST_POINTS);
        Optional<Best> least = MinimumSearch.least(projection, spectrum.rates(), spectrum.squares());
        double parabola = new VariableProjection(Parabola.COLUMNS, scaled.pairs()).at(0).sse();
        double fast = projection.at(fastest).sse();
        if (least.isPresent() && least.get().sse() <= Math.min(parabola, fast) * AT_LIMIT) {
            return DirectFit.at(curve, form, parameters(least.get()), scaled, pairs);
        }
        return new Fit.None(fast < parabola
                ? "No wave that these x can show leaves the least squares: they keep falling as it becomes faster, to less "
                + "than two points a cycle. "
                    + "Choose another curve, or measure at more x."
                : "No wave leaves the least squares: they are least for one far longer than the data reach, which is all but a "
                + "parabola. Choose a quadratic curve.");
    }

    private static double mean(Pairs pairs) {
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            sum.addProduct(pairs.y(i) / pairs.n(), pairs.count(i));
        }
        return sum.sum().toDouble();
    }

    /** Constant, sine, cosine and frequency. */
    private static double[] parameters(Best best) {
        double w = best.rate();
        double cosine = -best.linear()[2] / (w * w);
        return new double[] {best.linear()[0] - cosine, best.linear()[1] / w, cosine, w};
    }
}
