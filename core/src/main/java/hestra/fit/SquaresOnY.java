package hestra.fit;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;

/** The sums of squares, on the scale of y, of a curve that was fitted in another way than by its columns. */
final class SquaresOnY {

    private SquaresOnY() {}

    /** How well a function of x fits; nothing where it leaves the range of a double. */
    static Optional<Goodness> of(Pairs pairs, int coefficients, DoubleUnaryOperator curve) {
        double greatest = pairs.ys().map(Math::abs).max().orElse(0);
        int power = greatest == 0 ? 0 : Math.getExponent(greatest) + 1;
        Accumulator squares = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            double fitted = curve.applyAsDouble(pairs.x(i));
            if (!Double.isFinite(fitted)) {
                return Optional.empty();
            }
            DoubleDouble residual = DoubleDouble.sum(Math.scalb(pairs.y(i), -power), -Math.scalb(fitted, -power));
            squares.add(residual.squared().times(pairs.count(i)));
        }
        return Goodness.of(pairs.n(), coefficients, squares.sum(), BasisFit.totalAboutMean(pairs, power), power);
    }
}
