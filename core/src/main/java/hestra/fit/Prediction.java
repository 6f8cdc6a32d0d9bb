package hestra.fit;

import java.util.Optional;

import hestra.numbers.Probability;

/**
 * What a curve says at one x.
 *
 * @param x where
 * @param fitted ŷ
 * @param inside whether x lies in the supported range
 * @param beyond how far x lies outside the supported range; 0 inside
 * @param meanInterval interval of the mean response at x; nothing without degrees of freedom
 * @param predictionInterval interval of a single new response at x; nothing without degrees of freedom
 */
public record Prediction(
        double x,
        double fitted,
        boolean inside,
        double beyond,
        Optional<Interval> meanInterval,
        Optional<Interval> predictionInterval) {

    /** The level of intervals where no other is asked for. */
    public static final double USUAL_LEVEL = 0.95;

    /**
     * The prediction of a curve with this leverage at x: ŷ ± t s √h for the mean and ŷ ± t s √(1 + h) for a single
     * response, with Student's t at n − p degrees of freedom.
     *
     * @see "N. R. Draper and H. Smith, Applied Regression Analysis, 3rd ed., sections 3.1 and 8.1"
     */
    static Prediction of(double x, double fitted, Interval support, Goodness goodness, double leverage, double level) {
        Optional<Interval> mean = Optional.empty();
        Optional<Interval> single = Optional.empty();
        if (goodness.residualStandardError().isPresent()) {
            double reach = Probability.quantileOfT(level, goodness.degreesOfFreedom()) * goodness.residualStandardError()
                    .getAsDouble();
            mean = Interval.around(fitted, reach * Math.sqrt(leverage));
            single = Interval.around(fitted, reach * Math.sqrt(1 + leverage));
        }
        return at(x, fitted, support, mean, single);
    }

    static Prediction at(double x, double fitted, Interval support, Optional<Interval> mean, Optional<Interval> single) {
        return new Prediction(x, fitted, support.contains(x), support.distanceTo(x), mean, single);
    }

    static void require(double x, double level) {
        if (!(level > 0 && level < 1) || !Double.isFinite(x)) {
            throw new IllegalArgumentException("x = " + x + ", level = " + level);
        }
    }
}
