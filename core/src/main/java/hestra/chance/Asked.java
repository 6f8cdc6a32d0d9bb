package hestra.chance;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.fit.Interval;

/**
 * What chance says of a fit beside what the formulas say.
 *
 * @param run the run, with its draws made
 * @param pile what came of them
 * @param level of the intervals
 */
public record Asked(Run run, Pile pile, double level) {

    /** Of so many draws. */
    public static Asked of(Run run, int draws, double level) {
        return new Asked(run, run.pile(draws), level);
    }

    /** The p of the formula for what is watched; nothing where there is none. */
    public OptionalDouble p() {
        return Formula.p(run.fit(), run.setup().watched());
    }

    /** The interval of the formula for what is watched; nothing where there is none. */
    public Optional<Interval> interval() {
        return Formula.interval(run.fit(), run.setup().pairs(), run.setup().watched(), level);
    }
}
