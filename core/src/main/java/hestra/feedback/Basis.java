package hestra.feedback;

import java.util.OptionalDouble;
import java.util.function.Function;

import hestra.data.Pairs;
import hestra.exercise.Exercise;
import hestra.exercise.Quantity;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;

/**
 * A set of pairs that an answer may rest on, with its fit: the true data, the true data without a row that was rightly
 * set aside, or the data with the slip still in.
 */
final class Basis {

    private final Pairs pairs;
    private final Fit fit;
    private Basis swapped;

    private Basis(Pairs pairs, Fit fit) {
        this.pairs = pairs;
        this.fit = fit;
    }


    static Basis of(Pairs pairs) {
        return new Basis(pairs, LeastSquares.line(pairs));
    }

    /** The true data. */
    static Basis truth(Exercise exercise) {
        return of(exercise.pairs());
    }

    /** The line through the pairs, or why there is none. */
    Fit fit() {
        return fit;
    }

    /** The same with the variables the wrong way round. */
    Basis swapped() {
        if (swapped == null) {
            swapped = of(pairs.swapped());
        }
        return swapped;
    }

    /** A value of this basis; nothing where the data do not define it. */
    OptionalDouble value(Quantity quantity) {
        return switch (quantity) {
            case N -> OptionalDouble.of(pairs.n());
            case SLOPE -> ofLine(line -> OptionalDouble.of(line.slope().value()));
            case INTERCEPT -> ofLine(line -> OptionalDouble.of(line.intercept().value()));
            case R -> ofLine(LineFit::r);
            case R_SQUARED -> ofLine(LineFit::rSquared);
            case RESIDUAL_STANDARD_ERROR -> ofLine(LineFit::residualStandardError);
            case MEAN_X -> ofLine(line -> OptionalDouble.of(line.meanX()));
            case MEAN_Y -> ofLine(line -> OptionalDouble.of(line.meanY()));
        };
    }

    /** ŷ at x; nothing without a line. */
    OptionalDouble predicted(double x) {
        return ofLine(line -> OptionalDouble.of(line.at(x)));
    }

    private OptionalDouble ofLine(Function<LineFit, OptionalDouble> value) {
        return fit.line().map(value).orElse(OptionalDouble.empty());
    }
}
