package hestra.recipe;

import java.util.List;
import java.util.stream.IntStream;

import hestra.fit.Curve;
import hestra.fit.Term;

/**
 * The curve that the data scatter about.
 *
 * @param curve its family; how that is fitted is of no account here, and always to the values
 * @param coefficients a, b, c, … of the family's formula, as many as it has
 */
public record MeanCurve(Curve curve, List<Double> coefficients) {

    public MeanCurve {
        coefficients = List.copyOf(coefficients);
        curve = Curve.of(curve.code(), Curve.FittedOn.VALUES).orElseThrow();
        if (coefficients.size() != curve.coefficients()) {
            throw new IllegalArgumentException(coefficients.size() + " coefficients for a " + curve.inWords());
        }
    }

    public static MeanCurve line(double intercept, double slope) {
        return new MeanCurve(new Curve.Line(), List.of(intercept, slope));
    }

    /** The value at x; not a number where the curve has none there. */
    public double at(double x) {
        return switch (curve) {
            case Curve.Line _ -> c(0) + c(1) * x;
            case Curve.ThroughOrigin _ -> c(0) * x;
            case Curve.Polynomial _ -> polynomial(x);
            case Curve.Exponential _ -> c(0) * StrictMath.pow(c(1), x);
            case Curve.Power _ -> x > 0 ? c(0) * StrictMath.pow(x, c(1)) : Double.NaN;
            case Curve.Logarithmic _ -> x > 0 ? c(0) + c(1) * StrictMath.log(x) : Double.NaN;
            case Curve.Wave _ -> c(0) + c(1) * StrictMath.sin(c(2) * x + c(3));
            case Curve.OwnTerms(List<Term> terms) -> IntStream.range(0, terms.size())
                    .mapToDouble(i -> terms.get(i).isDefined(x) ? c(i) * terms.get(i).at(x).hi() : Double.NaN).sum();
        };
    }

    private double c(int index) {
        return coefficients.get(index);
    }

    private double polynomial(double x) {
        double value = 0;
        for (int i = coefficients.size() - 1; i >= 0; i--) {
            value = value * x + c(i);
        }
        return value;
    }
}
