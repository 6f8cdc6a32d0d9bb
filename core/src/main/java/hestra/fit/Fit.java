package hestra.fit;

import java.util.Optional;

/** What comes of fitting a curve: the curve with its statistics, or the reason why there is none. */
public sealed interface Fit permits CurveFit, Fit.None {

    /**
     * The data cannot carry the curve.
     *
     * @param reason what is missing and what helps, as a sentence for a student
     */
    record None(String reason) implements Fit {}

    /** The line, where this is one. */
    default Optional<LineFit> line() {
        return this instanceof LineFit line ? Optional.of(line) : Optional.empty();
    }

    /** The curve, where there is one. */
    default Optional<CurveFit> curveFit() {
        return this instanceof CurveFit fit ? Optional.of(fit) : Optional.empty();
    }
}
