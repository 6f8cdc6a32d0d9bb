package hestra.fit;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A curve that is linear in its coefficients, for which the theory of inference is exact.
 *
 * @see "N. R. Draper and H. Smith, Applied Regression Analysis, 3rd ed., chapters 1 and 5"
 */
public sealed interface LinearFit extends CurveFit permits LineFit, BasisFit {

    /** The leverage of an observation at x: v'(X'X)⁻¹v for the terms v at x. Nothing where they are not defined. */
    default OptionalDouble leverage(double x) {
        return leverage(x, x);
    }

    /** v'(X'X)⁻¹w for the terms v at one x and w at another: an entry of the hat matrix where both are observed. */
    OptionalDouble leverage(double x, double other);

    /** (X'X)⁻¹v for the terms v at x, where they are defined: the change of the coefficients with an observation there. */
    Optional<double[]> pull(double x);

    /** (X'X)⁻¹ in the order of the equation; nothing where it leaves the range of a double. */
    Optional<double[][]> inverse();

    /** The covariance of the coefficients, s²(X'X)⁻¹, in the order of the equation; nothing without degrees of freedom. */
    default Optional<double[][]> covariance() {
        OptionalDouble s = goodness().residualStandardError();
        return s.isEmpty() ? Optional.empty() : inverse().map(inverse -> Arrays.stream(inverse)
                .map(row -> Arrays.stream(row).map(entry -> s.getAsDouble() * entry * s.getAsDouble()).toArray())
                .toArray(double[][]::new));
    }

    /** Whether the curve has a constant term, so that its residuals sum to zero. */
    boolean hasConstant();

    @Override
    default Optional<FTest> fTest() {
        return hasConstant() ? FTest.of(goodness()) : Optional.empty();
    }

    @Override
    default Optional<Prediction> predicted(double x, double level) {
        Prediction.require(x, level);
        OptionalDouble fitted = fitted(x);
        OptionalDouble leverage = leverage(x);
        return fitted.isEmpty() || leverage.isEmpty() ? Optional.empty()
                : Optional.of(Prediction.of(x, fitted.getAsDouble(), support(), goodness(), leverage.getAsDouble(), level));
    }
}
