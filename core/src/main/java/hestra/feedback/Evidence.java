package hestra.feedback;

import java.util.OptionalDouble;
import java.util.function.Function;

import hestra.data.Pairs;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;

/**
 * A set of pairs that an answer may rest on, with its line: the true data, the true data without a row that was rightly
 * set aside, or the data with the slip still in.
 */
public final class Evidence {

    private final Pairs pairs;
    private final Fit fit;
    private Evidence swapped;

    private Evidence(Pairs pairs, Fit fit) {
        this.pairs = pairs;
        this.fit = fit;
    }

    public static Evidence of(Pairs pairs) {
        return new Evidence(pairs, LeastSquares.line(pairs));
    }

    /** The line through the pairs, or why there is none. */
    public Fit fit() {
        return fit;
    }

    /** The pairs themselves, for what else can be made of them. */
    Pairs pairs() {
        return pairs;
    }

    /** The same with the variables the wrong way round. */
    Evidence swapped() {
        if (swapped == null) {
            swapped = of(pairs.swapped());
        }
        return swapped;
    }

    /** A value of these data; nothing where they do not define it. */
    public OptionalDouble value(Quantity quantity) {
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
    public OptionalDouble predicted(double x) {
        return ofLine(line -> OptionalDouble.of(line.at(x)));
    }

    /** Whether x lies among the data that the line rests on. */
    public boolean supports(double x) {
        return fit.line().filter(line -> line.support().contains(x)).isPresent();
    }

    private OptionalDouble ofLine(Function<LineFit, OptionalDouble> value) {
        return fit.line().map(value).orElse(OptionalDouble.empty());
    }
}
