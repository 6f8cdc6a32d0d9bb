package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.numbers.Probability;
import hestra.summary.Summary;

/**
 * The residuals of a fit as a whole.
 *
 * @param summary their five numbers, sum and sum of squares
 * @param normal the residuals in ascending order, each with the standard normal quantile at its plotting position
 *     (i − 3/8) ÷ (n + 1/4)
 * @param runs what the signs say, taken in the order of x; nothing where all have one sign, the fit is exact, or
 *     {@code lackOfFit} says it
 * @param lackOfFit what points of equal x say, where there are many of them
 * @see "G. Blom, Statistical Estimates and Transformed Beta-Variables, 1958, for the plotting positions"
 */
public record Residuals(Summary summary, List<Quantile> normal, Optional<Runs> runs, Optional<LackOfFit> lackOfFit) {

    /** So small a chance says clearly that the residuals show a pattern. */
    private static final double CLEAR = 0.01;

    /** The rule of the plotting positions, for saying which was used. */
    public static final String POSITIONS = "Normal quantiles at (i − 3/8) ÷ (n + 1/4).";

    /** How often residuals without a pattern would look as much like one; nothing where nothing can be said. */
    private OptionalDouble chanceOfPattern() {
        return lackOfFit.map(lack -> OptionalDouble.of(lack.p()))
                .orElseGet(() -> runs.map(it -> OptionalDouble.of(it.p())).orElse(OptionalDouble.empty()));
    }

    /** Whether they show clearly that another curve may fit better. */
    public boolean hasPattern() {
        return chanceOfPattern().orElse(1) < CLEAR;
    }

    /**
     * A residual with its normal quantile.
     *
     * @param row index of the table's row, from 0
     */
    public record Quantile(int row, double residual, double quantile) {}

    /**
     * Runs of residuals of one sign along x, those of equal x taken together by their mean. Too few speak for a curve that bends
     * another way.
     *
     * @param above residuals above 0
     * @param below residuals below 0; those that are 0 are passed over
     * @param runs stretches of one sign
     * @param p the probability of so few runs, or fewer, if the signs came in any order alike
     * @see "A. Wald and J. Wolfowitz, On a test whether two samples are from the same population, Annals of Mathematical
     *     Statistics 11 (1940)"
     */
    public record Runs(int above, int below, int runs, double p) {

        private static final double TOO_FEW = 0.05;

        /** Whether the signs hint at another curve. */
        public boolean hintsAtAnotherCurve() {
            return p < TOO_FEW;
        }

        static Optional<Runs> of(double[] inOrder) {
            double[] signed = Arrays.stream(inOrder).filter(e -> e != 0).toArray();
            int above = (int) Arrays.stream(signed).filter(e -> e > 0).count();
            int below = signed.length - above;
            if (above == 0 || below == 0) {
                return Optional.empty();
            }
            int runs = 1;
            for (int i = 1; i < signed.length; i++) {
                runs += signed[i] > 0 == signed[i - 1] > 0 ? 0 : 1;
            }
            return Optional.of(new Runs(above, below, runs, atMost(runs, above, below)));
        }

        /** Σ over r of the number of ways to have r runs, divided by the number of orders. */
        private static double atMost(int runs, int above, int below) {
            double[] logFactorial = new double[above + below + 1];
            for (int i = 1; i < logFactorial.length; i++) {
                logFactorial[i] = logFactorial[i - 1] + Math.log(i);
            }
            double all = logChoose(logFactorial, above + below, above);
            double sum = 0;
            for (int r = 2; r <= runs; r++) {
                int half = r / 2;
                double evenly = logChoose(logFactorial, above - 1, half - 1) + logChoose(logFactorial, below - 1, half - 1);
                double oneMoreAbove = logChoose(logFactorial, above - 1, half) + logChoose(logFactorial, below - 1, half - 1);
                double oneMoreBelow = logChoose(logFactorial, above - 1, half - 1) + logChoose(logFactorial, below - 1, half);
                sum += r % 2 == 0 ? 2 * Math.exp(evenly - all) : Math.exp(oneMoreAbove - all) + Math.exp(oneMoreBelow - all);
            }
            return Math.min(1, sum);
        }

        private static double logChoose(double[] logFactorial, int n, int k) {
            return k < 0 || k > n ? Double.NEGATIVE_INFINITY : logFactorial[n] - logFactorial[k] - logFactorial[n - k];
        }
    }

    /**
     * How far the means of the points of equal x lie from the curve, beside how far these points lie from one another.
     *
     * @param f the mean square of the means' distances from the curve, divided by that of the points' distances from their means
     * @param above degrees of freedom of the former: different x less coefficients
     * @param below of the latter: points less different x
     * @param p the probability of so large an F, or larger, about the right curve
     * @see "N. R. Draper and H. Smith, Applied Regression Analysis, 3rd ed., section 2.1"
     */
    public record LackOfFit(double f, int above, int below, double p) {

        private static final double TOO_FAR = 0.05;

        /** Whether the means hint at another curve. */
        public boolean hintsAtAnotherCurve() {
            return p < TOO_FAR;
        }

        private static Optional<LackOfFit> of(CurveFit fit, List<AtOneX> places) {
            int above = places.size() - fit.goodness().coefficients();
            int below = fit.n() - places.size();
            double far = places.stream().mapToDouble(place -> place.count * place.mean * place.mean).sum() / above;
            double apart = places.stream().mapToDouble(AtOneX::apart).sum() / below;
            double f = far / apart;
            return above < 1 || below < 1 || !(apart > 0) || !Double.isFinite(f) ? Optional.empty()
                    : Optional.of(new LackOfFit(f, above, below, Probability.upperF(f, above, below)));
        }
    }

    /** The residuals at one x: how many, their mean, and the squares of their distances from it. */
    private record AtOneX(double count, double mean, double apart) {

        /** Those of each x, in the order of x: an order that the data fix, whatever the residuals are. */
        static List<AtOneX> of(double[] residuals, Pairs pairs) {
            Integer[] order = IntStream.range(0, pairs.size()).boxed()
                    .sorted(Comparator.comparingDouble(pairs::x)).toArray(Integer[]::new);
            List<AtOneX> places = new ArrayList<>();
            for (int from = 0; from < order.length;) {
                int to = from;
                double count = 0;
                double sum = 0;
                while (to < order.length && pairs.x(order[to]) == pairs.x(order[from])) {
                    count += pairs.count(order[to]);
                    sum += pairs.count(order[to]) * residuals[order[to]];
                    to++;
                }
                double mean = sum / count;
                double apart = IntStream.range(from, to)
                        .mapToDouble(i -> pairs.count(order[i]) * (residuals[order[i]] - mean) * (residuals[order[i]] - mean))
                        .sum();
                places.add(new AtOneX(count, mean, apart));
                from = to;
            }
            return places;
        }
    }

    /** The normal quantile of the residual with so many smaller ones among so many, by the {@linkplain #POSITIONS rule}. */
    public static double normalQuantile(int smaller, int size) {
        return Probability.normalQuantile((smaller + 1 - 0.375) / (size + 0.25));
    }

    /** The residuals of a fit, each row once; nothing where their squares leave the range of a double. */
    public static Optional<Residuals> of(CurveFit fit, Pairs pairs) {
        int size = pairs.size();
        double[] residuals = new double[size];
        Integer[] order = new Integer[size];
        for (int i = 0; i < size; i++) {
            OptionalDouble residual = fit.residual(pairs.x(i), pairs.y(i));
            if (residual.isEmpty()) {
                return Optional.empty();
            }
            residuals[i] = residual.getAsDouble();
            order[i] = i;
        }
        Arrays.sort(order, Comparator.comparingDouble(i -> residuals[i]));
        List<Quantile> normal = new ArrayList<>(size);
        for (int k = 0; k < size; k++) {
            normal.add(new Quantile(pairs.row(order[k]), residuals[order[k]], normalQuantile(k, size)));
        }
        List<AtOneX> places = fit.goodness().sse() == 0 ? List.of() : AtOneX.of(residuals, pairs);
        Optional<LackOfFit> lackOfFit = 2 * places.size() <= fit.n() && !places.isEmpty()
                ? LackOfFit.of(fit, places) : Optional.empty();
        Optional<Runs> runs = lackOfFit.isPresent()
                ? Optional.empty() : Runs.of(places.stream().mapToDouble(AtOneX::mean).toArray());
        return Summary.of(residuals).map(summary -> new Residuals(summary, List.copyOf(normal), runs, lackOfFit));
    }
}
