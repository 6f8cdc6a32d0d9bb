package hestra.feedback;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.numbers.Rounding;

/**
 * All that decides whether a number is right, and which mistake a wrong one shows.
 *
 * @param what what is asked for
 * @param how how it is to be given
 * @param accepted the data from which it may come, at least one set: the true ones first
 * @param kept the data without the points that the student set aside, where that is another set
 * @param counted how an answer counts that is right for those alone
 * @param withSlips the data with every slip still in, where there is one
 * @param withSetAside the data with the points that the author set aside, where there are such
 * @param x the variable that explains
 * @param y the variable that responds
 */
public record NumberCriteria(Sought what, How how, List<Evidence> accepted, Optional<Evidence> kept, KeptPoints counted,
        Optional<Evidence> withSlips, Optional<Evidence> withSetAside,
        Variable x, Variable y) {

    /**
     * How a number is to be given.
     *
     * @param rounding how it is to be rounded
     * @param unit whether its unit is asked for
     * @param fromRounded whether a value that is worked out from rounded coefficients counts as right
     */
    public record How(Rounding rounding, boolean unit, boolean fromRounded) {

        /** Rounded so; the unit may be left out. */
        public static How rounded(Rounding rounding) {
            return new How(rounding, false, false);
        }

        public How withUnit(boolean asked) {
            return new How(rounding, asked, fromRounded);
        }

        public How fromRounded(boolean accepted) {
            return new How(rounding, unit, accepted);
        }
    }

    public NumberCriteria {
        accepted = List.copyOf(accepted);
    }

    Rounding rounding() {
        return how.rounding();
    }

    /** The numbers that are right, in full. */
    List<Double> keys() {
        return accepted.stream().flatMapToDouble(what::all).boxed().toList();
    }

    /** The numbers that are right for the points that were kept, in full. */
    List<Double> keysOfKept() {
        return kept.stream().flatMapToDouble(what::all).boxed().toList();
    }

    /** All data from which an answer may come. */
    Stream<Evidence> sources() {
        return Stream.concat(accepted.stream(), kept.stream());
    }

    /** The same number asked for in another unit, of which each is so many of this one. */
    NumberCriteria inUnit(double ratio, Rounding rounding) {
        return new NumberCriteria(new Sought.InUnit(what, ratio), new How(rounding, false, how.fromRounded()), accepted, kept,
                counted,
                withSlips, withSetAside, x, y);
    }
}
