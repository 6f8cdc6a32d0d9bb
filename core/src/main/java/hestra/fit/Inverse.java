package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

import hestra.numbers.DoubleDouble;

/**
 * The x at which a curve has a given value, in ascending order.
 *
 * <p>For lines, exponential, power and logarithmic curves there is at most one, by the equation turned round. For
 * polynomials there are all real ones: between neighbouring turning points, which are found the same way from the
 * derivative, there is at most one, closed in on by halving. Where the curve only touches the value, the place counts once.
 * Waves and curves of own terms may have any number; those within one width of the supported range on either side are
 * given: of waves by the inverse sine, of own terms by closing in between the places where the curve turns. A value that is
 * only touched, to a few units of the last digit, counts.
 *
 * @param solutions where the curve has the value
 * @param everywhere whether the curve has the value at every x, as a flat line may
 * @param within the range outside which no solutions were looked for; the whole line for most curves
 */
public record Inverse(List<Solution> solutions, boolean everywhere, Interval within) {

    private static final Interval WHOLE = new Interval(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    private static final int STEPS = 2000;
    private static final double TOUCHES = 1e-12;
    /** A few units of the last digit. */
    private static final double ROUNDING = 4e-15;

    /**
     * A place.
     *
     * @param x where
     * @param inside whether it lies in the supported range
     * @param beyond how far outside it lies; 0 inside
     */
    public record Solution(double x, boolean inside, double beyond) {}

    /** The places at which a curve has the value y, finite. */
    public static Inverse of(CurveFit fit, double y) {
        if (!Double.isFinite(y)) {
            throw new IllegalArgumentException("y = " + y);
        }
        double[] c = fit.coefficients().stream().mapToDouble(Coefficient::value).toArray();
        return switch (fit.curve()) {
            case Curve.Line _ -> {
                LineFit line = (LineFit) fit;
                yield straight(fit, line.slope().value(), y, line.meanX() + (y - line.meanY()) / line.slope().value(),
                        line.meanY());
            }
            case Curve.ThroughOrigin _ -> straight(fit, c[0], y, y / c[0], 0);
            case Curve.Exponential _ -> straight(fit, c[2], y, fit.reference().left(growing(y / c[0], c[2])), c[0]);
            case Curve.Power _ -> straight(fit, c[1], y, fit.reference().left(Math.exp(growing(y / c[0], c[1]))), c[0]);
            case Curve.Logarithmic _ -> straight(fit, c[1], y, Math.exp((y - c[0]) / c[1]), c[0]);
            case Curve.Polynomial _ -> of(fit, roots(((BasisFit) fit).polynomialLess(y)), WHOLE);
            case Curve.Wave _ -> ofWave(fit, c, y);
            case Curve.OwnTerms(List<Term> terms) -> ofTerms(fit, terms, c, y);
        };
    }

    private static double growing(double ratio, double rate) {
        return Math.log(ratio) / rate;
    }

    private static Inverse straight(CurveFit fit, double rate, double y, double x, double level) {
        if (rate == 0) {
            return new Inverse(List.of(), y == level, WHOLE);
        }
        return of(fit, Double.isFinite(x) ? new double[] {x} : new double[0], WHOLE);
    }

    private static Inverse of(CurveFit fit, double[] places, Interval within) {
        Interval support = fit.support();
        return new Inverse(Arrays.stream(places).filter(Double::isFinite).sorted()
                .mapToObj(x -> new Solution(x, support.contains(x), support.distanceTo(x))).toList(), false, within);
    }

    /** The supported range with as much again on either side; nothing where that leaves the range of a double. */
    private static Optional<Interval> searchedRange(CurveFit fit) {
        double width = fit.support().high() - fit.support().low();
        Interval range = new Interval(fit.support().low() - width, fit.support().high() + width);
        return Double.isFinite(range.low()) && Double.isFinite(range.high()) ? Optional.of(range) : Optional.empty();
    }

    /** a + b sin(c x + d) = y where sin has the value (y − a) ÷ b: twice a cycle, or once at a crest. */
    private static Inverse ofWave(CurveFit fit, double[] c, double y) {
        Optional<Interval> range = searchedRange(fit);
        double height = (y - c[0]) / c[1];
        if (range.isEmpty() || !(Math.abs(height) <= 1 + TOUCHES)) {
            return new Inverse(List.of(), false, range.orElse(fit.support()));
        }
        double angle = Math.asin(Math.clamp(height, -1, 1));
        double[] angles = 1 - Math.abs(height) <= TOUCHES ? new double[] {angle} : new double[] {angle, Math.PI - angle};
        List<Double> found = new ArrayList<>();
        for (double each : angles) {
            double first = (each - c[3]) / c[2];
            double cycle = 2 * Math.PI / c[2];
            for (double k = Math.ceil((range.get().low() - first) / cycle); first + k * cycle <= range.get().high(); k++) {
                found.add(first + k * cycle);
            }
        }
        return of(fit, found.stream().mapToDouble(Double::doubleValue).toArray(), range.get());
    }

    private static Inverse ofTerms(CurveFit fit, List<Term> terms, double[] c, double y) {
        Optional<Interval> searched = searchedRange(fit);
        if (searched.isEmpty()) {
            return new Inverse(List.of(), false, fit.support());
        }
        Interval range = searched.get();
        DoubleUnaryOperator less = x -> fit.fitted(x).stream().map(value -> value - y).findFirst().orElse(Double.NaN);
        DoubleUnaryOperator slope = x -> IntStream.range(0, c.length).mapToDouble(j -> c[j] * terms.get(j).slope(x)).sum();
        DoubleUnaryOperator size = x -> Math.abs(y) + IntStream.range(0, c.length)
                .mapToDouble(j -> Math.abs(c[j] * terms.get(j).at(x).hi())).sum();
        List<Double> places = turns(less, slope, range);
        List<Double> found = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            boolean touchesHere = touches(less, size, places.get(i));
            if (touchesHere) {
                found.add(places.get(i));
            }
            if (!touchesHere && !touches(less, size, places.get(i + 1))) {
                closed(less, places.get(i), places.get(i + 1)).ifPresent(found::add);
            }
        }
        if (touches(less, size, places.getLast())) {
            found.add(places.getLast());
        }
        return of(fit, found.stream().mapToDouble(Double::doubleValue).distinct().toArray(), range);
    }

    private static boolean touches(DoubleUnaryOperator less, DoubleUnaryOperator size, double x) {
        return Math.abs(less.applyAsDouble(x)) <= ROUNDING * size.applyAsDouble(x);
    }

    /**
     * Places between which a function neither turns nor ends: those of a grid, and where its derivative changes sign between
     * them.
     */
    private static List<Double> turns(DoubleUnaryOperator less, DoubleUnaryOperator slope, Interval range) {
        List<Double> places = new ArrayList<>();
        double before = range.low();
        places.add(before);
        for (int i = 1; i <= STEPS; i++) {
            double x = i == STEPS ? range.high() : range.low() + (range.high() - range.low()) * i / STEPS;
            if (!Double.isNaN(less.applyAsDouble(before)) && !Double.isNaN(less.applyAsDouble(x))) {
                double from = before;
                closed(slope, from, x).stream().filter(turn -> turn > from && turn < x).forEach(places::add);
            }
            places.add(x);
            before = x;
        }
        return places;
    }

    /** A change of sign between two places, closed in on; nothing where there is none or the curve is not defined. */
    private static OptionalDouble closed(DoubleUnaryOperator f, double from, double to) {
        double low = from;
        double high = to;
        double atLow = f.applyAsDouble(low);
        double atHigh = f.applyAsDouble(high);
        if (Double.isNaN(atLow) || Double.isNaN(atHigh)) {
            return OptionalDouble.empty();
        }
        if (atLow == 0 || atHigh == 0) {
            return OptionalDouble.of(atLow == 0 ? low : high);
        }
        if (Math.signum(atLow) == Math.signum(atHigh)) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < 2200; i++) {
            double middle = low / 2 + high / 2;
            if (middle <= low || middle >= high) {
                break;
            }
            double at = f.applyAsDouble(middle);
            if (Double.isNaN(at)) {
                return OptionalDouble.empty();
            }
            if (at == 0) {
                return OptionalDouble.of(Math.abs(middle) < Double.MIN_NORMAL ? 0 : middle);
            }
            if (Math.signum(at) == Math.signum(atLow)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double nearer = Math.abs(f.applyAsDouble(low)) <= Math.abs(f.applyAsDouble(high)) ? low : high;
        return OptionalDouble.of(Math.abs(nearer) < Double.MIN_NORMAL ? 0 : nearer);
    }

    /** The roots of the polynomial, in x. */
    private static double[] roots(Shifted polynomial) {
        return Arrays.stream(roots(polynomial.coefficients()))
                .map(t -> Math.scalb(t, polynomial.power()) + polynomial.centre()).toArray();
    }

    /**
     * A polynomial in t = (x − centre) ÷ 2^power.
     *
     * @param coefficients ascending
     */
    record Shifted(DoubleDouble[] coefficients, double centre, int power) {}

    private static double[] roots(DoubleDouble[] coefficients) {
        int degree = coefficients.length - 1;
        while (degree > 0 && coefficients[degree].hi() == 0) {
            degree--;
        }
        if (degree == 0) {
            return new double[0];
        }
        DoubleDouble[] c = Arrays.copyOf(coefficients, degree + 1);
        if (degree == 1) {
            return new double[] {c[0].dividedBy(c[1]).negated().toDouble()};
        }
        DoubleDouble[] derivative = new DoubleDouble[degree];
        for (int j = 1; j <= degree; j++) {
            derivative[j - 1] = c[j].times(j);
        }
        // Cauchy's bound: no root lies further out.
        double bound = 1;
        for (int j = 0; j < degree; j++) {
            bound = Math.max(bound, 1 + Math.abs(c[j].hi() / c[degree].hi()));
        }
        List<Double> places = new ArrayList<>(List.of(-bound));
        for (double turn : roots(derivative)) {
            if (Math.abs(turn) < bound) {
                places.add(turn);
            }
        }
        places.add(bound);
        return between(c, places);
    }

    /** The roots at the turning points and between them; before, among and beyond them the polynomial is monotone. */
    private static double[] between(DoubleDouble[] c, List<Double> places) {
        List<Double> found = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            boolean touchesHere = i > 0 && touches(c, places.get(i));
            boolean touchesNext = i + 2 < places.size() && touches(c, places.get(i + 1));
            if (touchesHere) {
                found.add(places.get(i));
            }
            if (!touchesHere && !touchesNext) {
                closed(t -> value(c, t), places.get(i), places.get(i + 1)).ifPresent(found::add);
            }
        }
        return found.stream().mapToDouble(Double::doubleValue).distinct().toArray();
    }

    /** Whether the polynomial is as good as 0 here, beside its size on the data, where |t| ≤ 1. */
    private static boolean touches(DoubleDouble[] c, double t) {
        double size = 0;
        for (int j = c.length - 1; j >= 0; j--) {
            size = size * Math.max(1, Math.abs(t)) + Math.abs(c[j].hi());
        }
        return Math.abs(value(c, t)) <= TOUCHES * size;
    }

    private static double value(DoubleDouble[] c, double t) {
        DoubleDouble value = DoubleDouble.ZERO;
        for (int j = c.length - 1; j >= 0; j--) {
            value = value.times(t).plus(c[j]);
        }
        if (Double.isFinite(value.toDouble())) {
            return value.toDouble();
        }
        double plain = 0;
        for (int j = c.length - 1; j >= 0; j--) {
            plain = plain * t + c[j].hi();
        }
        return plain;
    }
}
