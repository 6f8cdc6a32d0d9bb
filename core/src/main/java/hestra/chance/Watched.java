package hestra.chance;

import java.util.OptionalDouble;

import hestra.fit.CurveFit;
import hestra.fit.LineFit;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;

/** The number that is watched from draw to draw. */
public sealed interface Watched {

    /**
     * A coefficient of the curve.
     *
     * @param index its place in the equation, from 0
     */
    record OfCoefficient(int index) implements Watched {}

    /** Pearson's r, of the line of least squares. */
    record R() implements Watched {}

    /**
     * ŷ at one x.
     *
     * @param x a finite value
     */
    record FittedAt(double x) implements Watched {}

    /** The slope of the line of least squares. */
    Watched SLOPE = new OfCoefficient(1);

    /** No curve has so many coefficients. */
    int MOST_COEFFICIENTS = 100;

    /** Its intercept. */
    Watched INTERCEPT = new OfCoefficient(0);

    /** The number as a fit has it; nothing where the fit has none. */
    default OptionalDouble of(CurveFit fit) {
        return switch (this) {
            case OfCoefficient(int index) -> index < fit.coefficients().size()
                    ? OptionalDouble.of(fit.coefficients().get(index).value()) : OptionalDouble.empty();
            case R _ -> fit instanceof LineFit line ? line.r() : OptionalDouble.empty();
            case FittedAt(double x) -> fit.fitted(x);
        };
    }

    /** What it is called in a sentence about a fit, without an article: "slope", "prediction at 3.5". */
    default String inWords(CurveFit fit, NumberStyle style) {
        return switch (this) {
            case OfCoefficient(int index) when fit instanceof LineFit -> index == 0 ? "intercept" : "slope";
            case OfCoefficient _ when fit.coefficients().size() == 1 -> "slope";
            case OfCoefficient(int index) -> "coefficient " + fit.coefficients().get(index).name();
            case R _ -> "r";
            case FittedAt(double x) -> "prediction at " + style.typed(x);
        };
    }

    /** The same with its article: "a slope", "an r". */
    default String withArticle(CurveFit fit, NumberStyle style) {
        return this instanceof R ? "an r" : Words.withArticle(inWords(fit, style));
    }
}
