package hestra.chance;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.fit.Interval;

/**
 * What chance says of a fit beside what the formulas say, to be written as text or as JSON.
 *
 * @param run the run, with its draws made
 * @param draws how many were asked for
 * @param level of the intervals
 */
public record Asked(Run run, int draws, double level) {

    /** What came of the draws. */
    public Pile pile() {
        return run.pile(draws);
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
