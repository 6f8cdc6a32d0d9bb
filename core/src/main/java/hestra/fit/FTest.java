package hestra.fit;

import java.util.Optional;

import hestra.numbers.Probability;

/**
 * The F test of a curve against a constant: F = (SSR ÷ (p − 1)) ÷ (SSE ÷ (n − p)), p the number of coefficients.
 *
 * @param f the ratio, at least 0
 * @param above p − 1
 * @param below n − p
 * @param p the probability of an F at least as large if y does not depend on x
 */
public record FTest(double f, int above, int below, double p) {

    /** The test; nothing without degrees of freedom or where all residuals, or all y, are the same. */
    static Optional<FTest> of(Goodness goodness) {
        int above = goodness.coefficients() - 1;
        int below = goodness.degreesOfFreedom();
        if (above < 1 || below < 1 || goodness.sse() == 0 || goodness.rSquared().isEmpty()) {
            return Optional.empty();
        }
        double f = goodness.ssr() / above / (goodness.sse() / below);
        return Double.isFinite(f) && f >= 0
                ? Optional.of(new FTest(f, above, below, Probability.upperF(f, above, below))) : Optional.empty();
    }
}
