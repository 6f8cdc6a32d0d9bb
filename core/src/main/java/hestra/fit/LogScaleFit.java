package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

import hestra.data.Pairs;

/**
 * An exponential or power curve fitted on the log scale: the line of ln y on x (exponential, ŷ = a · bˣ) or of ln y on
 * ln x (power, ŷ = a · xᵇ), turned back by a = e^intercept. Inference is that of the line and so exact on the log scale;
 * intervals of predictions are turned back by e^ and are intervals of the median response and of a single response.
 *
 * <p>Coefficients: {@code a}, {@code b} and {@code k} = ln b for the exponential, {@code a} and {@code b} for the power
 * curve. {@code k} and the power's {@code b} are the line's slope and have its standard error; for {@code a} and the
 * exponential's {@code b} there are intervals, see {@link #interval}.
 *
 * @see "N. R. Draper and H. Smith, Applied Regression Analysis, 3rd ed., section 13.1"
 */
public final class LogScaleFit implements CurveFit {

    private final Curve curve;
    private final LineFit line;
    private final boolean logX;
    private final List<Coefficient> coefficients;
    private final Goodness goodness;
    private final Interval support;
    private final Reference reference;

    private LogScaleFit(Curve curve, LineFit line, boolean logX, Reference reference, List<Coefficient> coefficients,
            Goodness goodness, Interval support) {
        this.curve = curve;
        this.line = line;
        this.logX = logX;
        this.reference = reference;
        this.coefficients = List.copyOf(coefficients);
        this.goodness = goodness;
        this.support = support;
    }

    static Fit of(Curve curve, Pairs pairs) {
        boolean logX = curve instanceof Curve.Power;
        String tooFew = Domain.tooFew(pairs, curve, pairs.xs().distinct().limit(2).count());
        String outsideX = logX ? Domain.refusal(pairs, curve, "x above 0", i -> pairs.x(i) > 0) : "";
        String outsideY = Domain.refusal(pairs, curve, "y above 0", i -> pairs.y(i) > 0);
        if (!tooFew.isEmpty() || !outsideX.isEmpty() || !outsideY.isEmpty()) {
            return new Fit.None(!tooFew.isEmpty() ? tooFew : !outsideX.isEmpty() ? outsideX : outsideY);
        }
        Pairs transformed = pairs.mapped(logX ? Math::log : DoubleUnaryOperator.identity(), Math::log);
        return switch (LeastSquares.line(transformed)) {
            case Fit.None none -> none;
            case LineFit line -> fit(curve, logX, line, pairs);
            case BasisFit _, LogScaleFit _, DirectFit _ -> throw new IllegalStateException("a line was asked for");
        };
    }

    private static Fit fit(Curve curve, boolean logX, LineFit line, Pairs pairs) {
        Optional<Goodness> goodness = SquaresOnY.of(pairs, 2, x -> Math.exp(line.at(logX ? Math.log(x) : x)));
        Reference reference = Reference.holds(Math.exp(line.intercept().value())) ? Reference.NONE
                : Reference.roundNear(logX ? Math.exp(line.meanX()) : line.meanX(), Interval.support(pairs), logX);
        double a = a(line, reference);
        double slope = line.slope().value();
        double b = logX ? slope : Math.exp(slope);
        if (goodness.isEmpty() || !Double.isFinite(a) || a == 0 || !Double.isFinite(b) || b == 0 && !logX) {
            return LeastSquares.TOO_LARGE;
        }
        List<Coefficient> coefficients = new ArrayList<>(List.of(Coefficient.bare("a", a)));
        if (logX) {
            coefficients.add(named("b", line.slope()));
        } else {
            coefficients.add(Coefficient.bare("b", b));
            coefficients.add(named("k", line.slope()));
        }
        return new LogScaleFit(curve, line, logX, reference, coefficients, goodness.get(), Interval.support(pairs));
    }

    private static double a(LineFit line, Reference reference) {
        return Math.exp(reference.x().isEmpty() ? line.intercept().value() : line.at(onLine(reference)));
    }

    private static double onLine(Reference reference) {
        return reference.divides() ? Math.log(reference.x().orElseThrow()) : reference.x().orElseThrow();
    }

    private static Coefficient named(String name, Coefficient slope) {
        return new Coefficient(name, slope.value(), slope.standardError(), slope.degreesOfFreedom());
    }

    @Override
    public Curve curve() {
        return curve;
    }

    /** The line on the log scale. */
    public LineFit transformed() {
        return line;
    }

    @Override
    public List<Coefficient> coefficients() {
        return coefficients;
    }

    @Override
    public Optional<Interval> interval(Coefficient coefficient, double level) {
        return switch (coefficient.name()) {
            case "a" -> (reference.x().isEmpty() ? line.interval(line.intercept(), level)
                    : line.predict(onLine(reference), level).meanInterval()).flatMap(LogScaleFit::raised);
            case "b" -> logX
                    ? line.interval(line.slope(), level) : line.interval(line.slope(), level).flatMap(LogScaleFit::raised);
            default -> line.interval(line.slope(), level);
        };
    }

    @Override
    public Reference reference() {
        return reference;
    }

    @Override
    public Goodness goodness() {
        return goodness;
    }

    /** r² of the transformed pairs, on the log scale: not to be compared with R² of curves fitted on y. */
    @Override
    public OptionalDouble transformedRSquared() {
        return line.rSquared();
    }

    @Override
    public Interval support() {
        return support;
    }

    private boolean isDefined(double x) {
        return !logX || x > 0;
    }

    private double onLine(double x) {
        return logX ? Math.log(x) : x;
    }

    @Override
    public OptionalDouble fitted(double x) {
        return isDefined(x) ? Finite.of(Math.exp(line.at(onLine(x)))) : OptionalDouble.empty();
    }

    @Override
    public OptionalDouble residual(double x, double y) {
        OptionalDouble fitted = fitted(x);
        return fitted.isPresent() ? Finite.of(y - fitted.getAsDouble()) : OptionalDouble.empty();
    }

    @Override
    public Optional<Prediction> predicted(double x, double level) {
        Prediction.require(x, level);
        OptionalDouble fitted = fitted(x);
        if (fitted.isEmpty()) {
            return Optional.empty();
        }
        Prediction onLine = line.predict(onLine(x), level);
        return Optional.of(Prediction.at(x, fitted.getAsDouble(), support, onLine.meanInterval().flatMap(LogScaleFit::raised),
                onLine.predictionInterval().flatMap(LogScaleFit::raised)));
    }

    private static Optional<Interval> raised(Interval onLogScale) {
        Interval interval = new Interval(Math.exp(onLogScale.low()), Math.exp(onLogScale.high()));
        return Double.isFinite(interval.high()) ? Optional.of(interval) : Optional.empty();
    }

    @Override
    public List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        remarks.add("Fitted on the log scale" + (logX ? " of both variables" : " of y") + "; R² and s are on the scale of y"
                + line.rSquared().stream().mapToObj(it -> ", r² of the transformed pairs stands beside them")
                .findFirst().orElse("") + ".");
        remarks.addAll(Remarks.of(this, false));
        return List.copyOf(remarks);
    }
}
