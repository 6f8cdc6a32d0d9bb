package hestra.feedback;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.fit.Coefficient;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.numbers.Rounding;

/** What comes out when a formula is taken for another, or a step of it is left out. */
final class Slips {

    private static final int MOST_DIGITS = 3;

    private Slips() {}

    static DoubleStream nothing() {
        return DoubleStream.empty();
    }

    /** Another quantity of the same curve, row and place, for the one that is asked for. */
    static DoubleStream instead(Sought what, Evidence data, Quantity asked, Quantity taken) {
        return what instanceof Sought.Value(Reading reading) && reading.quantity() == asked
                ? data.value(reading.with(taken)).stream() : nothing();
    }

    /** What becomes of the value of a quantity, where that is asked for. */
    static DoubleStream made(Sought what, Evidence data, List<Quantity> asked, DoubleUnaryOperator wrong) {
        return what.quantity() != null && asked.contains(what.quantity()) ? what.in(data).stream().map(wrong) : nothing();
    }

    /** The variables the wrong way round: of x from y, the other regression put to use. */
    static DoubleStream axesExchanged(Sought what, Evidence data) {
        return what instanceof Sought.Reached(double y, Curve curve)
                ? data.swapped().predicted(curve, y).stream() : what.in(data.swapped()).stream();
    }

    /** An end of the interval of the mean for that of a single response, or the reverse. */
    static DoubleStream otherInterval(Sought what, Evidence data) {
        return Stream.of(new Quantity[] {Quantity.MEAN_LOW, Quantity.SINGLE_LOW},
                new Quantity[] {Quantity.MEAN_HIGH, Quantity.SINGLE_HIGH})
                .flatMapToDouble(it -> DoubleStream.concat(instead(what, data, it[0], it[1]), instead(what, data, it[1], it[0])));
    }

    /** Slope for intercept and back, in a prediction too. */
    static DoubleStream exchangedCoefficients(Sought what, Evidence data) {
        if (what instanceof Sought.Prediction(double x, Curve.Line _)) {
            return data.line().stream().mapToDouble(line -> line.slope().value() + line.intercept().value() * x);
        }
        if (what instanceof Sought.Reached(double y, Curve.Line _)) {
            return data.line().stream().mapToDouble(line -> (y - line.slope().value()) / line.intercept().value());
        }
        return DoubleStream.concat(instead(what, data, Quantity.SLOPE, Quantity.INTERCEPT),
                instead(what, data, Quantity.INTERCEPT, Quantity.SLOPE));
    }

    /** R² for r, with either sign. */
    static DoubleStream squareForRoot(Sought what, Evidence data) {
        return what.quantity() == Quantity.R
                ? data.value(Quantity.R_SQUARED).stream().flatMap(it -> DoubleStream.of(it, -it)) : nothing();
    }

    /** The root of R² for R²; of a falling line the negative one. */
    static DoubleStream rootForSquare(Sought what, Evidence data) {
        if (what.quantity() != Quantity.R_SQUARED) {
            return nothing();
        }
        return DoubleStream.concat(data.value(Quantity.R).stream(), what.in(data).stream()
                .flatMap(it -> DoubleStream.of(Math.sqrt(it), -Math.sqrt(it))));
    }

    /** Worked out with coefficients, or from a correlation, that had been rounded to one, two or three digits or places. */
    static DoubleStream roundedEarly(Sought what, Evidence data) {
        return roundings().flatMapToDouble(rounding -> roundedEarly(what, data, rounding));
    }

    static Stream<Rounding> roundings() {
        return IntStream.rangeClosed(1, MOST_DIGITS).boxed()
                .flatMap(it -> Stream.of(new Rounding.Significant(it), new Rounding.Places(it)));
    }

    /** The same for one rounding. */
    static DoubleStream roundedEarly(Sought what, Evidence data, Rounding rounding) {
        return switch (what) {
            case Sought.Prediction(double x, Curve curve) ->
                    data.curve(curve).map(fit -> predictedWithRounded(fit, rounding, x)).orElse(nothing());
            case Sought.Reached(double y, Curve curve) ->
                    data.curve(curve).map(fit -> reachedWithRounded(fit, rounding, y)).orElse(nothing());
            case Sought.Value(Reading reading) when reading.quantity() == Quantity.R_SQUARED && reading.isOfLine() ->
                    data.value(Quantity.R).stream().map(r -> rounded(rounding, r)).map(r -> r * r);
            case Sought.Value(Reading reading) when reading.quantity() == Quantity.R ->
                    data.value(Quantity.R_SQUARED).stream().map(it -> Math.sqrt(rounded(rounding, it)))
                    .map(it -> Math.copySign(it, data.value(Quantity.R).orElse(1)));
            case Sought.Value(Reading reading) when reading.quantity() == Quantity.INTERCEPT -> data.line().stream()
                    .flatMapToDouble(line -> DoubleStream.of(line.meanY() - rounded(rounding,
                    line.slope().value()) * line.meanX(),
                            rounded(rounding, line.meanY()) - rounded(rounding, line.slope().value()) * rounded(rounding,
                                    line.meanX())));
            case Sought.Value(Reading reading) when reading.quantity() == Quantity.RESIDUAL -> point(reading, data)
                    .flatMapToDouble(it -> data.curve(reading.curve()).map(fit -> predictedWithRounded(fit, rounding, it.x()))
                    .orElse(nothing()).map(fitted -> it.y() - fitted));
            case Sought.Value(Reading reading) when reading.quantity() == Quantity.FITTED -> point(reading, data)
                    .flatMapToDouble(it -> data.curve(reading.curve())
                    .map(fit -> predictedWithRounded(fit, rounding, it.x())).orElse(nothing()));
            default -> nothing();
        };
    }

    private static Stream<Diagnostics.Point> point(Reading reading, Evidence data) {
        return data.points(reading.curve()).stream().filter(it -> reading.row().stream().anyMatch(row -> it.row() == row));
    }

    private static double rounded(Rounding rounding, double value) {
        return rounding.apply(value).doubleValue();
    }

    private static DoubleStream predictedWithRounded(CurveFit fit, Rounding rounding, double x) {
        double[] rounded = values(fit).map(it -> rounded(rounding, it)).toArray();
        return at(fit.curve(), rounded, fit.reference().entered(x));
    }

    /** Where a curve of rounded coefficients has a value; of waves and own terms it is not worked out. */
    private static DoubleStream reachedWithRounded(CurveFit fit, Rounding rounding, double y) {
        double[] c = values(fit).map(it -> rounded(rounding, it)).toArray();
        return reached(fit.curve(), c, y).map(fit.reference()::left);
    }

    private static DoubleStream reached(Curve curve, double[] c, double y) {
        return switch (curve) {
            case Curve.Line _ -> DoubleStream.of((y - c[0]) / c[1]);
            case Curve.ThroughOrigin _ -> DoubleStream.of(y / c[0]);
            case Curve.Polynomial(int degree) when degree == 2 -> {
                double root = Math.sqrt(c[1] * c[1] - 4 * c[2] * (c[0] - y));
                yield DoubleStream.of((-c[1] + root) / (2 * c[2]), (-c[1] - root) / (2 * c[2]));
            }
            case Curve.Exponential _ -> DoubleStream.of(Math.log(y / c[0]) / Math.log(c[1]), Math.log(y / c[0]) / c[2]);
            case Curve.Power _ -> DoubleStream.of(Math.pow(y / c[0], 1 / c[1]));
            case Curve.Logarithmic _ -> DoubleStream.of(Math.exp((y - c[0]) / c[1]));
            case Curve.Polynomial _, Curve.Wave _, Curve.OwnTerms _ -> nothing();
        };
    }

    private static DoubleStream values(CurveFit fit) {
        return fit.coefficients().stream().mapToDouble(Coefficient::value);
    }

    /** A curve with coefficients of any value, at x: an exponential once by its base and once by its rate. */
    private static DoubleStream at(Curve curve, double[] c, double x) {
        return switch (curve) {
            case Curve.Line _, Curve.ThroughOrigin _, Curve.Polynomial _, Curve.Logarithmic _, Curve.OwnTerms _ -> {
                double[] weights = curve.weights(c, x);
                yield DoubleStream.of(IntStream.range(0, c.length).mapToDouble(i -> c[i] * weights[i]).sum());
            }
            case Curve.Exponential _ -> DoubleStream.of(c[0] * Math.pow(c[1], x), c[0] * Math.exp(c[2] * x));
            case Curve.Power _ -> DoubleStream.of(c[0] * Math.pow(x, c[1]));
            case Curve.Wave _ -> DoubleStream.of(c[0] + c[1] * Math.sin(c[2] * x + c[3]));
        };
    }

    /**
     * ŷ of a curve by the formula of a line, with a term left out, or with a square forgotten; x from y with a step of solving
     * the equation left out.
     */
    static DoubleStream wrongFormula(Sought what, Evidence data) {
        if (what instanceof Sought.Reached(double y, Curve curve)) {
            return data.curve(curve).map(fit -> wronglySolved(fit, y).map(fit.reference()::left)).orElse(nothing());
        }
        return what instanceof Sought.Prediction(double x, Curve curve) && !(curve instanceof Curve.Line)
                ? data.curve(curve).map(fit -> wrongFormula(fit, fit.reference().entered(x))).orElse(nothing()) : nothing();
    }

    /** An equation of two coefficients solved for x with one of them forgotten, with the wrong sign, or used the wrong way. */
    private static DoubleStream wronglySolved(CurveFit fit, double y) {
        double[] c = values(fit).toArray();
        return switch (fit.curve()) {
            case Curve.Line _ -> DoubleStream.of(y / c[1], (y + c[0]) / c[1], (y - c[0]) * c[1], y - c[0], y / c[1] - c[0]);
            case Curve.ThroughOrigin _ -> DoubleStream.of(c[0] / y);
            case Curve.Exponential _ ->
                    DoubleStream.of(Math.log(y) / c[2], (y - c[0]) / c[1], Math.log10(y / c[0]) / c[2], Math.log(y / c[0]),
                            y / c[0] / c[1]);
            case Curve.Power _ -> DoubleStream.of(Math.pow(y, 1 / c[1]), Math.pow(y / c[0], c[1]), y / c[0], y / c[0] / c[1]);
            case Curve.Logarithmic _ -> DoubleStream.of((y - c[0]) / c[1], Math.exp(y / c[1]), Math.pow(10, (y - c[0]) / c[1]));
            case Curve.Polynomial _, Curve.Wave _, Curve.OwnTerms _ -> nothing();
        };
    }

    private static DoubleStream wrongFormula(CurveFit fit, double x) {
        double[] c = values(fit).toArray();
        return switch (fit.curve()) {
            case Curve.Polynomial(int degree) -> {
                DoubleStream leftOut = IntStream.rangeClosed(0, degree)
                        .mapToDouble(out -> IntStream.rangeClosed(0, degree).filter(j -> j != out)
                                .mapToDouble(j -> c[j] * Math.pow(x, j)).sum());
                DoubleStream forgotten = IntStream.rangeClosed(2, degree)
                        .mapToDouble(flat -> IntStream.rangeClosed(0, degree)
                                .mapToDouble(j -> c[j] * (j == flat ? x : Math.pow(x, j))).sum());
                DoubleStream doubled = DoubleStream.of(IntStream.rangeClosed(0, degree)
                        .mapToDouble(j -> c[j] * (j < 2 ? Math.pow(x, j) : j * x)).sum());
                yield DoubleStream.concat(leftOut, DoubleStream.concat(forgotten, doubled));
            }
            case Curve.Exponential _ ->
                    DoubleStream.of(c[0] + c[1] * x, c[0] + c[2] * x, c[0] * c[1] * x, Math.pow(c[0] * c[1], x));
            case Curve.Power _ -> DoubleStream.of(c[0] + c[1] * x, c[0] * x * c[1], Math.pow(c[0] * x, c[1]));
            case Curve.Logarithmic _ -> DoubleStream.of(c[0] + c[1] * x, c[0] + c[1] * Math.log10(x));
            default -> nothing();
        };
    }

    /** ln ŷ for ŷ; ln a or log₁₀ a for a. */
    static DoubleStream leftOnLogScale(Sought what, Evidence data) {
        boolean exponential = what instanceof Sought.Prediction(double _, Curve it) && isOnLogarithms(it)
                || what instanceof Sought.Value(Reading reading) && reading.quantity() == Quantity.COEFFICIENT_A
                && isOnLogarithms(reading.curve());
        return exponential
                ? what.in(data).stream().filter(it -> it > 0).flatMap(it -> DoubleStream.of(Math.log(it), Math.log10(it)))
                : nothing();
    }

    private static boolean isOnLogarithms(Curve curve) {
        return curve instanceof Curve.Exponential || curve instanceof Curve.Power;
    }

    /** Base and rate of an exponential curve taken for one another. */
    static DoubleStream baseAndRate(Sought what, Evidence data) {
        if (!(what instanceof Sought.Value(Reading reading) && reading.curve() instanceof Curve.Exponential)) {
            return nothing();
        }
        OptionalDouble base = data.value(reading.with(Quantity.COEFFICIENT_B));
        OptionalDouble rate = data.value(reading.with(Quantity.COEFFICIENT_K));
        if (base.isEmpty() || rate.isEmpty()) {
            return nothing();
        }
        return switch (reading.quantity()) {
            case COEFFICIENT_K -> DoubleStream.of(base.getAsDouble(), Math.log10(base.getAsDouble()), base.getAsDouble() - 1);
            case COEFFICIENT_B -> DoubleStream.of(rate.getAsDouble(), 1 + rate.getAsDouble(), Math.pow(10, rate.getAsDouble()));
            default -> nothing();
        };
    }

    /** The given number put in for the other variable: the equation solved for x where ŷ is asked for, or the reverse. */
    static DoubleStream wrongSide(Sought what, Evidence data) {
        return switch (what) {
            case Sought.Prediction(double x, Curve curve) -> new Sought.Reached(x, curve).all(data);
            case Sought.Reached(double y, Curve curve) -> data.predicted(curve, y).stream();
            default -> nothing();
        };
    }

    /** The same value of the row before or after. */
    static DoubleStream neighbour(Sought what, Evidence data) {
        if (!(what instanceof Sought.Value(Reading reading) && reading.quantity().of() == Quantity.Of.ROW
                && reading.row().isPresent())) {
            return nothing();
        }
        int row = reading.row().getAsInt();
        return IntStream.of(row - 1, row + 1).filter(it -> it >= 0).boxed()
                .flatMapToDouble(it -> data.value(reading.ofRow(it)).stream());
    }

    /** s with another divisor than n − 2. */
    static DoubleStream wrongDivisor(Sought what, Evidence data) {
        return what instanceof Sought.Value(Reading reading) && reading.quantity() == Quantity.RESIDUAL_STANDARD_ERROR
                ? data.curve(reading.curve()).map(fit -> DoubleStream.of(fit.n(), fit.n() - 1.0, fit.n() - 2.0)
                .map(by -> Math.sqrt(fit.sumOfSquares() / by))).orElse(nothing()) : nothing();
    }

    /** s or a deviation with the root, or the division, left out. */
    static DoubleStream stepForgotten(Sought what, Evidence data) {
        if (!(what instanceof Sought.Value(Reading reading))) {
            return nothing();
        }
        return switch (reading.quantity()) {
            case RESIDUAL_STANDARD_ERROR ->
                    data.curve(reading.curve()).map(fit -> DoubleStream.of(fit.sumOfSquares(), Math.sqrt(fit.sumOfSquares()),
                            fit.sumOfSquares() / fit.degreesOfFreedom())).orElse(nothing());
            case SSE -> data.curve(reading.curve())
                    .map(fit -> DoubleStream.of(Math.sqrt(fit.sumOfSquares()), fit.sumOfSquares() / fit.n(),
                            fit.sumOfSquares() / fit.degreesOfFreedom())).orElse(nothing());
            case SXX, SYY -> what.in(data).stream()
                    .flatMap(it -> DoubleStream.of(Math.sqrt(it), it / (data.pairs().n() - 1), it / data.pairs().n()));
            case SUM_X_SQUARED -> data.value(Quantity.SUM_X).stream().map(it -> it * it);
            case SUM_Y_SQUARED -> data.value(Quantity.SUM_Y).stream().map(it -> it * it);
            case SUM_OF_PRODUCTS ->
                    data.value(Quantity.SUM_X).stream().map(it -> it * data.value(Quantity.SUM_Y).orElse(Double.NaN));
            case DEVIATION_X, DEVIATION_Y, DEVIATION_OF_ALL_X, DEVIATION_OF_ALL_Y -> what.in(data).stream().map(it -> it * it);
            default -> nothing();
        };
    }

    /** Distances added up instead of squares. */
    static DoubleStream distances(Sought what, Evidence data) {
        return switch (what.quantity()) {
            case SSE -> DoubleStream.of(data.points(((Sought.Value) what).reading().curve()).stream()
                    .mapToDouble(it -> it.count() * Math.abs(it.residual())).sum());
            case SST, SYY -> data.value(Quantity.MEAN_Y).stream()
                    .map(mean -> sumOf(data.pairs(), data.pairs().ys().map(it -> Math.abs(it - mean)).toArray()));
            case SXX -> data.value(Quantity.MEAN_X).stream()
                    .map(mean -> sumOf(data.pairs(), data.pairs().xs().map(it -> Math.abs(it - mean)).toArray()));
            case null, default -> nothing();
        };
    }

    private static double sumOf(Pairs pairs, double[] values) {
        return IntStream.range(0, values.length).mapToDouble(i -> pairs.count(i) * values[i]).sum();
    }

    /** The line through two points: the first and the last, or those of the least and the greatest x. */
    static DoubleStream twoPoints(Sought what, Evidence data) {
        Pairs pairs = data.pairs();
        if (pairs.size() < 3) {
            return nothing();
        }
        int[] order = IntStream.range(0, pairs.size()).boxed().sorted((i, j) -> Double.compare(pairs.x(i), pairs.x(j)))
                .mapToInt(it -> it).toArray();
        return Stream.of(new int[] {0, pairs.size() - 1}, new int[] {order[0], order[order.length - 1]})
                .filter(it -> pairs.x(it[0]) != pairs.x(it[1])).flatMapToDouble(it -> {
            double slope = (pairs.y(it[1]) - pairs.y(it[0])) / (pairs.x(it[1]) - pairs.x(it[0]));
            double intercept = pairs.y(it[0]) - slope * pairs.x(it[0]);
            return switch (what) {
                case Sought.Prediction(double x, Curve.Line _) -> DoubleStream.of(intercept + slope * x);
                case Sought.Reached(double y, Curve.Line _) -> DoubleStream.of((y - intercept) / slope);
                case Sought.Value(Reading reading) when reading.quantity() == Quantity.SLOPE -> DoubleStream.of(slope);
                case Sought.Value(Reading reading) when reading.quantity() == Quantity.INTERCEPT -> DoubleStream.of(intercept);
                default -> nothing();
            };
        });
    }

    /** The same value of the other curves that are commonly fitted. */
    static DoubleStream otherCurves(Sought what, Evidence data) {
        return switch (what) {
            case Sought.Prediction(double x, Curve curve) -> others(curve).flatMapToDouble(it -> data.predicted(it, x).stream());
            case Sought.Reached(double y, Curve curve) ->
                    others(curve).flatMapToDouble(it -> new Sought.Reached(y, it).all(data));
            case Sought.Value(Reading reading) when reading.quantity().of() == Quantity.Of.CURVE
                    || reading.quantity().of() == Quantity.Of.ROW -> others(reading.curve())
                    .flatMapToDouble(it -> data.value(reading.of(it)).stream());
            case Sought.Value(Reading reading) when reading.quantity() == Quantity.R ->
                    others(reading.curve()).flatMapToDouble(it -> data.value(Reading.of(Quantity.R_SQUARED).of(it)).stream())
                    .filter(it -> it >= 0).map(Math::sqrt).flatMap(it -> DoubleStream.of(it, -it));
            default -> nothing();
        };
    }

    private static final List<Curve> COMMON = List.of(new Curve.Line(), new Curve.Polynomial(2), new Curve.Polynomial(3),
            new Curve.Exponential(Curve.FittedOn.VALUES), new Curve.Exponential(Curve.FittedOn.LOGARITHMS),
            new Curve.Power(Curve.FittedOn.VALUES), new Curve.Power(Curve.FittedOn.LOGARITHMS), new Curve.Logarithmic());

    private static Stream<Curve> others(Curve curve) {
        return COMMON.stream().filter(it -> !it.equals(curve));
    }

    /** The digits of a very small p without the power of ten behind them. */
    static DoubleStream mantissa(Sought what, Evidence data) {
        return what.quantity() == Quantity.SLOPE_P || what.quantity() == Quantity.INTERCEPT_P
                ? what.in(data).stream().filter(it -> it > 0 && it < 0.01)
                .map(it -> it / Math.pow(10, Math.floor(Math.log10(it)))) : nothing();
    }

    /** A power of ten too many or too few. */
    static DoubleStream powersOfTen(Sought what, Evidence data) {
        return what.in(data).stream().filter(it -> it != 0)
                .flatMap(key -> IntStream.rangeClosed(1, 6).mapToObj(k -> Math.pow(10, k))
                        .flatMapToDouble(by -> DoubleStream.of(key * by, key / by)));
    }
}
