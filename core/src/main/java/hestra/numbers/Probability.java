package hestra.numbers;

import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * The probabilities that inference needs: Student's t, F and the normal distribution. Far tails keep their digits down to
 * about 10⁻³⁰⁰; what lies beyond a double's range is 0.
 */
public final class Probability {

    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

    /** Beyond this |t| the square leaves the range of a double, and the leading term of the tail is exact to all digits. */
    private static final double FAR = 1e150;

    /** The last t that was asked for: bands ask for the same one at each of their points, and finding it is slow. */
    private static volatile QuantileOfT last = new QuantileOfT(0, 0, 0);

    private record QuantileOfT(double level, int degreesOfFreedom, double t) {}

    private Probability() {}

    /**
     * The two-sided p of t: the probability of a value at least as far from 0.
     *
     * @param t any value, not NaN
     * @param degreesOfFreedom at least 1
     */
    public static double twoSidedT(double t, int degreesOfFreedom) {
        double size = Math.abs(t);
        TDistribution distribution = TDistribution.of(degreesOfFreedom);
        if (size > FAR) {
            // The tail falls as t to the power of minus the degrees of freedom.
            double atFar = 2 * distribution.survivalProbability(FAR);
            return atFar * Math.pow(FAR / size, degreesOfFreedom);
        }
        return Math.min(1, 2 * distribution.survivalProbability(size));
    }

    /** The t that leaves (1 − level) ÷ 2 above it, for a level between 0 and 1 (both exclusive). */
    public static double quantileOfT(double level, int degreesOfFreedom) {
        QuantileOfT known = last;
        if (known.level != level || known.degreesOfFreedom != degreesOfFreedom) {
            double t = TDistribution.of(degreesOfFreedom).inverseSurvivalProbability((1 - level) / 2);
            known = new QuantileOfT(level, degreesOfFreedom, t);
            last = known;
        }
        return known.t;
    }

    /** The probability of an F at least as large, for F ≥ 0 and degrees of freedom of at least 1. */
    public static double upperF(double f, int above, int below) {
        return FDistribution.of(above, below).survivalProbability(f);
    }

    /** The value that a standard normal variable stays below with probability p, 0 &lt; p &lt; 1. */
    public static double normalQuantile(double p) {
        return NORMAL.inverseCumulativeProbability(p);
    }
}
