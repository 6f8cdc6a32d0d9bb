package hestra.fit;

import java.util.Optional;

/** What comes of fitting a curve: the curve with its statistics, or the reason why there is none. */
public sealed interface Fit permits LineFit, Fit.None {

    /**
     * The data cannot carry the curve.
     *
     * @param reason what is missing, as a sentence for a student
     */
    record None(String reason) implements Fit {}

    /** The line, where there is one. */
    default Optional<LineFit> line() {
        return this instanceof LineFit line ? Optional.of(line) : Optional.empty();
    }
}
