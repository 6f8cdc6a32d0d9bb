package hestra.equations;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.fit.Curve;

/**
 * An equation as it was typed.
 *
 * @param left the variable on the left
 * @param right the variable on the right; nothing where there is none
 * @param sum what stands on the right
 */
public record TypedEquation(Side left, Optional<Side> right, Sum sum) {

    /** One of the two variables. */
    public enum Side {
        X,
        Y
    }


    /** Whether x is given by y. */
    public boolean isTurnedRound() {
        return left == Side.X && right.filter(Side.Y::equals).isPresent();
    }

    /**
     * The coefficients in the order of the curve's equation, an exponential's rate behind its base; nothing where it is of
     * another family.
     */
    public Optional<double[]> coefficients(Curve curve) {
        return switch (curve) {
            case Curve.Line _ -> powers(1);
            case Curve.ThroughOrigin _ -> powers(1).filter(it -> it[0] == 0).map(it -> new double[] {it[1]});
            case Curve.Polynomial(int degree) -> powers(degree);
            case Curve.Exponential _ ->
                    only().filter(it -> it.power() == 0 && it.logs() == 0)
                    .map(it -> new double[] {it.coefficient(), Math.exp(it.rate()), it.rate()});
            case Curve.Power _ ->
                    only().filter(it -> it.rate() == 0 && it.logs() == 0).map(it -> new double[] {it.coefficient(), it.power()});
            case Curve.Logarithmic _ ->
                    sum.terms().stream().allMatch(it -> it.power() == 0 && it.rate() == 0 && it.logs() <= 1)
                    ? Optional.of(new double[] {sum.coefficient(0, 0, 0), sum.coefficient(0, 0, 1)}) : Optional.empty();
            case Curve.Wave _, Curve.OwnTerms _ -> Optional.empty();
        };
    }

    private Optional<Sum.Term> only() {
        return sum.terms().size() == 1 ? Optional.of(sum.terms().getFirst()) : Optional.empty();
    }

    private Optional<double[]> powers(int degree) {
        boolean polynomial = sum.terms().stream()
                .allMatch(it -> it.rate() == 0 && it.logs() == 0 && it.power() >= 0 && it.power() <= degree
                        && it.power() == Math.rint(it.power()));
        return polynomial
                ? Optional.of(IntStream.rangeClosed(0, degree).mapToDouble(j -> sum.coefficient(j, 0, 0)).toArray())
                : Optional.empty();
    }

    /** The curve's family that it belongs to, of the common ones; nothing where it is none of them. */
    public Optional<Curve> family() {
        if (right.isEmpty()) {
            return Optional.empty();
        }
        return List.of(new Curve.Line(), new Curve.Polynomial(2), new Curve.Polynomial(3), new Curve.Logarithmic(),
                new Curve.Exponential(Curve.FittedOn.VALUES), new Curve.Power(Curve.FittedOn.VALUES)).stream()
                .map(it -> (Curve) it).filter(it -> coefficients(it).isPresent()).findFirst();
    }

    /** What it gives at x; nothing where it has no value there. */
    public OptionalDouble at(double x) {
        double value = sum.at(x);
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    /** Where the equation of a line gives y; nothing for other equations, and for a flat line. */
    public OptionalDouble reaching(double y) {
        return coefficients(new Curve.Line()).filter(it -> it[1] != 0).map(it -> OptionalDouble.of((y - it[0]) / it[1]))
                .orElse(OptionalDouble.empty());
    }

    /** The number on the right, where no variable stands there. */
    public OptionalDouble constant() {
        return sum.constant().map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}
