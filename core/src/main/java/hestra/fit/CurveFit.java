package hestra.fit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A curve fitted to pairs, with all its statistics. R², s and the sums of squares are always on the scale of y, so that
 * curves can be compared. What the data do not define is absent, never NaN.
 */
public sealed interface CurveFit extends Fit, CurveOnData permits LinearFit, LogScaleFit, DirectFit {

    @Override
    default String inWords() {
        return curve().inWords();
    }


    /** How well the curve fits, on the scale of y. */
    Goodness goodness();

    /**
     * The prediction at x with intervals at a level between 0 and 1 (both exclusive); nothing where the curve is not
     * defined at x.
     *
     * @throws IllegalArgumentException if the level lies outside (0, 1) or x is not finite
     */
    Optional<Prediction> predicted(double x, double level);

    /** What a reader of these numbers should know, as sentences; often none. */
    List<String> remarks();

    @Override
    default double sumOfSquares() {
        return goodness().sse();
    }

    /** The number of observations. */
    default int n() {
        return goodness().n();
    }

    /** n less the number of coefficients. */
    default int degreesOfFreedom() {
        return goodness().degreesOfFreedom();
    }

    /** The interval of a coefficient of this fit at a level; nothing where there is none. */
    default Optional<Interval> interval(Coefficient coefficient, double level) {
        return coefficient.interval(level);
    }

    /** R² of the transformed pairs, where the curve was fitted to such; see {@link LogScaleFit}. */
    default OptionalDouble transformedRSquared() {
        return OptionalDouble.empty();
    }

    /** The F test against a constant, where the curve is linear in its coefficients and has a constant term. */
    default Optional<FTest> fTest() {
        return Optional.empty();
    }
}
