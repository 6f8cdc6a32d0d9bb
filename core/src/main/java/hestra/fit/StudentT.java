package hestra.fit;

import org.apache.commons.statistics.distribution.TDistribution;

/** Student's t distribution, as the inference of a fit needs it. */
final class StudentT {

    private StudentT() {}

    /** The two-sided p of t: the probability of a value at least as far from 0. */
    static double twoSidedP(double t, int degreesOfFreedom) {
        return Math.min(1, 2 * TDistribution.of(degreesOfFreedom).survivalProbability(Math.abs(t)));
    }

    /** The t that leaves (1 − level) ÷ 2 above it. */
    static double quantile(double level, int degreesOfFreedom) {
        return TDistribution.of(degreesOfFreedom).inverseSurvivalProbability((1 - level) / 2);
    }
}
