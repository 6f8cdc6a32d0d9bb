package hestra.feedback;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.numbers.Rounding;

/**
 * All that decides whether a number is right, and which mistake a wrong one shows.
 *
 * @param what what is asked for
 * @param rounding how the number is to be rounded
 * @param accepted the data from which it may come, at least one set: the true ones first
 * @param kept the data without the points that the student set aside, where that is another set
 * @param counted how an answer counts that is right for those alone
 * @param withSlips the data with every slip still in, where there is one
 * @param x the variable that explains
 * @param y the variable that responds
 */
public record Asked(Sought what, Rounding rounding, List<Evidence> accepted, Optional<Evidence> kept, KeptPoints counted, Optional<Evidence> withSlips, Variable x, Variable y) {

    public Asked {
        accepted = List.copyOf(accepted);
    }

    /** The numbers that are right, in full. */
    List<Double> keys() {
        return accepted.stream().map(what::in).filter(OptionalDouble::isPresent).map(OptionalDouble::getAsDouble).toList();
    }

    /** The number that is right for the points that were kept, in full. */
    OptionalDouble keyOfKept() {
        return kept.map(what::in).orElse(OptionalDouble.empty());
    }

    /** All data from which an answer may come. */
    Stream<Evidence> sources() {
        return Stream.concat(accepted.stream(), kept.stream());
    }
}
