package hestra.chance;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;

/**
 * As many pairs as there are, drawn from the pairs with putting back. The sums of a line are taken while drawing; other curves
 * are fitted to each draw.
 *
 * @see "B. Efron, R. J. Tibshirani, An Introduction to the Bootstrap, 1993, section 9.5: pairs"
 */
record Redraws(Observations observed, CurveFit fit, Watched watched) implements Way {

    @Override
    public Outcome outcome(long run, long draw) {
        if (fit instanceof LineFit) {
            return line(Stream.of(run, draw));
        }
        return draw(run, draw).fit() instanceof CurveFit drawn
                ? Outcome.ofCurve(watched.of(drawn).orElse(Double.NaN)) : Outcome.NONE;
    }

    private Outcome line(SplittableRandom random) {
        int n = observed.n();
        int first = random.nextInt(n);
        double x0 = observed.dx()[first];
        double y0 = observed.dy()[first];
        boolean sameX = true;
        boolean sameY = true;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        double syy = 0;
        for (int i = 1; i < n; i++) {
            int drawn = random.nextInt(n);
            // From the first that was drawn, so that equal values leave no rounding behind.
            double x = observed.dx()[drawn] - x0;
            double y = observed.dy()[drawn] - y0;
            sameX &= x == 0;
            sameY &= y == 0;
            sx += x;
            sy += y;
            sxx += x * x;
            sxy += x * y;
            syy += y * y;
        }
        if (sameX) {
            return Outcome.NONE;
        }
        double slope = (sxy - sx / n * sy) / (sxx - sx / n * sx);
        double level = observed.meanY() + y0 + sy / n - slope * (x0 + sx / n);
        double value = switch (watched) {
            case Watched.OfCoefficient(int index) -> index == 1 ? slope : level - slope * observed.meanX();
            case Watched.FittedAt(double at) -> level + slope * (at - observed.meanX());
            case Watched.R _ -> sameY ? Double.NaN
                    : Math.clamp(slope * Math.sqrt((sxx - sx / n * sx) / (syy - sy / n * sy)), -1, 1);
        };
        return Outcome.ofLine(value, slope, level);
    }

    @Override
    public Draw draw(long run, long draw) {
        SplittableRandom random = Stream.of(run, draw);
        int[] times = new int[observed.pairs().size()];
        for (int i = 0; i < observed.n(); i++) {
            times[observed.of()[random.nextInt(observed.n())]]++;
        }
        Pairs pairs = repeated(times);
        return new Draw(pairs, times, LeastSquares.fit(fit.curve(), pairs));
    }

    /** Each pair as often as it was drawn; one that was drawn more often than a count may say stands there several times. */
    private Pairs repeated(int... times) {
        int[] drawn = IntStream.range(0, times.length)
                .flatMap(i -> IntStream.range(0, Math.ceilDiv(times[i], Pairs.MOST_COUNT)).map(_ -> i)).toArray();
        int[] left = times.clone();
        int[] counts = Arrays.stream(drawn).map(i -> {
            int count = Math.min(left[i], Pairs.MOST_COUNT);
            left[i] -= count;
            return count;
        }).toArray();
        return Pairs.of(Arrays.stream(drawn).mapToDouble(observed.pairs()::x).toArray(),
                Arrays.stream(drawn).mapToDouble(observed.pairs()::y).toArray(), counts);
    }
}
