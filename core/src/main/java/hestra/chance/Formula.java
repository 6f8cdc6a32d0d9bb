package hestra.chance;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Interval;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.fit.Prediction;
import hestra.fit.Term;
import hestra.summary.Association;

/** What the formulas give for the number that is watched, to be set beside what chance gives. */
public final class Formula {

    private Formula() {}

    /** The interval by formula: of a coefficient or ŷ by Student's t, of r by Fisher's z; nothing where there is none. */
    public static Optional<Interval> interval(CurveFit fit, Pairs pairs, Watched watched, double level) {
        return switch (watched) {
            case Watched.OfCoefficient(int index) -> index < fit.coefficients().size()
                    ? fit.interval(fit.coefficients().get(index), level) : Optional.empty();
            case Watched.R _ -> Association.of(pairs).flatMap(it -> it.intervalOfR(level))
                    .map(ends -> new Interval(ends[0], ends[1]));
            case Watched.FittedAt(double x) -> fit.predicted(x, level).flatMap(Prediction::meanInterval);
        };
    }

    /** The two-sided p of the t test, where what is watched is tested by one: a coefficient but the constant, or r. */
    public static OptionalDouble p(CurveFit fit, Watched watched) {
        if (fit instanceof LineFit line) {
            return watched instanceof Watched.OfCoefficient(int index) && index == 0
                    || watched instanceof Watched.FittedAt ? OptionalDouble.empty() : line.slope().p();
        }
        return fit instanceof LinearFit linear && linear.hasConstant() && watched instanceof Watched.OfCoefficient(int index)
                && index < linear.coefficients().size() && index != constant(linear.curve())
                ? linear.coefficients().get(index).p() : OptionalDouble.empty();
    }

    /** Where the constant stands in the equation. */
    private static int constant(Curve curve) {
        return curve instanceof Curve.OwnTerms(List<Term> terms) ? terms.indexOf(Term.ONE) : 0;
    }
}
