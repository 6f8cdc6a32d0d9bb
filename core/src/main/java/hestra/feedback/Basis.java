package hestra.feedback;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

import hestra.data.Pairs;
import hestra.exercise.Attempt;
import hestra.exercise.Exercise;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;

/**
 * A set of pairs that an answer may rest on, with its fit: the true data, the true data without a row that was rightly
 * set aside, or the data with the slip still in.
 *
 * @param pairs the pairs
 * @param fit the line through them, or why there is none
 */
record Basis(Pairs pairs, Fit fit) {

    static Basis of(Pairs pairs) {
        return new Basis(pairs, LeastSquares.line(pairs));
    }

    /** The true data. */
    static Basis truth(Exercise exercise) {
        return of(exercise.pairs());
    }

    /**
     * The bases on which a value counts as right: the true data; and, where a row with a slip was set aside instead of
     * mended, the data without that row.
     */
    static List<Basis> accepted(Exercise exercise, Attempt attempt) {
        List<Basis> bases = new ArrayList<>();
        bases.add(truth(exercise));
        Set<Integer> slips = exercise.tasks().stream()
                .filter(Task.FindSlip.class::isInstance)
                .map(task -> ((Task.FindSlip) task).row())
                .collect(Collectors.toSet());
        if (!attempt.setAside().isEmpty() && slips.containsAll(attempt.setAside())) {
            bases.add(of(Pairs.of(exercise.data().withoutRows(attempt.setAside()), exercise.roles())));
        }
        return bases;
    }

    Basis swapped() {
        return of(pairs.swapped());
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
