package hestra.chance;

import java.util.Optional;

import hestra.fit.Interval;

/** How draws are made. Used by one thread at a time. */
interface Way {

    /**
     * What came of a draw.
     *
     * @param value what is watched; not a number where there is none
     * @param slope the slope of a line; not a number where no line is fitted
     * @param level the line's height at the mean of x of the pairs that there are
     * @param interval what the formula makes of the draw, where that is asked
     */
    record Outcome(double value, double slope, double level, Optional<Interval> interval) {

        static final Outcome NONE = ofCurve(Double.NaN);

        /** Of a curve that is no line. */
        static Outcome ofCurve(double value) {
            return new Outcome(value, Double.NaN, Double.NaN, Optional.empty());
        }

        static Outcome ofLine(double value, double slope, double level) {
            return new Outcome(value, slope, level, Optional.empty());
        }
    }

    /** The number that is watched, in a draw of a run. */
    Outcome outcome(long run, long draw);

    /** The whole of a draw. */
    Draw draw(long run, long draw);
}
