package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Pairs;

/**
 * A curve that is not linear in its coefficients, fitted so that the sum of the squared residuals on y is least: an
 * exponential or power curve fitted directly, or a wave. Standard errors and intervals come from the curve's derivatives
 * at the minimum and hold approximately, the better the more points there are.
 *
 * @see VariableProjection
 * @see "G. A. F. Seber and C. J. Wild, Nonlinear Regression, chapters 2 and 5"
 */
public final class DirectFit implements CurveFit {

    private static final double FEW_CYCLES = 0.2;

    private final Curve curve;
    private final Nonlinear form;
    private final double[] parameters;
    private final double[][] factor;
    private final Scaled scaled;
    private final List<Coefficient> coefficients;
    private final Goodness goodness;
    private final Interval support;

    private DirectFit(Curve curve, Nonlinear form, double[] parameters, double[][] factor, Scaled scaled,
            List<Coefficient> coefficients,
            Goodness goodness, Interval support) {
        this.curve = curve;
        this.form = form;
        this.parameters = parameters;
        this.factor = factor;
        this.scaled = scaled;
        this.coefficients = List.copyOf(coefficients);
        this.goodness = goodness;
        this.support = support;
    }

    /**
     * The pairs as the search sees them: u for x, and y less a level and divided by a power of two.
     *
     * @param pairs (u, scaled y)
     * @param level what y was taken from
     * @param power what it was divided by 2 to the power of
     */
    record Scaled(Pairs pairs, double level, int power) {
        static Scaled of(Nonlinear form, Pairs pairs, double level) {
            double greatest = pairs.ys().map(y -> Math.abs(y - level)).max().orElseThrow();
            int power = greatest == 0 ? 0 : Math.getExponent(greatest) + 1;
            return new Scaled(pairs.mapped(form::u, y -> Math.scalb(y - level, -power)), level, power);
        }
    }

    /** The curve with these parameters, which are where the squares of the scaled pairs are least. */
    static Fit at(Curve curve, Nonlinear form, double[] parameters, Scaled scaled, Pairs pairs) {
        int p = form.size();
        int power = scaled.power();
        double[][] factor = Tangent.factor(form, parameters, scaled.pairs());
        Optional<Goodness> goodness = SquaresOnY.of(pairs.mapped(x -> x, y -> y - scaled.level()), p,
                x -> Math.scalb(form.value(parameters, form.u(x)), power));
        if (goodness.isEmpty()) {
            return OUT_OF_RANGE;
        }
        List<Coefficient> coefficients = new ArrayList<>();
        for (Nonlinear.Named named : form.coefficients(parameters)) {
            int unit = named.measure() == Nonlinear.Measure.OTHER ? 0 : power;
            double value = Math.scalb(named.value(), unit) + (named.measure() == Nonlinear.Measure.LEVEL ? scaled.level() : 0);
            if (!Double.isFinite(value) || value == 0 && named.measure() == Nonlinear.Measure.SIZE) {
                return OUT_OF_RANGE;
            }
            OptionalDouble error = OptionalDouble.empty();
            if (pairs.n() > p) {
                double relative = Math.sqrt(Tangent.whitened(factor, named.gradient())) * Math.scalb(goodness.get()
                        .residualStandardError().orElseThrow(), -power);
                error = Finite.of(Math.scalb(named.scale(), unit) * relative);
            }
            coefficients.add(new Coefficient(named.name(), value, error, pairs.n() - p));
        }
        return new DirectFit(curve, form, parameters, factor, scaled, coefficients, goodness.get(), Interval.support(pairs));
    }

    static final Fit OUT_OF_RANGE = new Fit.None(
            "The coefficient a of this curve is beyond what can be computed with. Measure x from a start nearer to the data.");

    @Override
    public Curve curve() {
        return curve;
    }

    @Override
    public List<Coefficient> coefficients() {
        return coefficients;
    }

    @Override
    public Reference reference() {
        return form.reference();
    }

    @Override
    public Goodness goodness() {
        return goodness;
    }

    @Override
    public Interval support() {
        return support;
    }

    @Override
    public OptionalDouble fitted(double x) {
        return form.isDefined(x) ? Finite.of(scaled.level() + aboveLevel(x)) : OptionalDouble.empty();
    }

    private double aboveLevel(double x) {
        return Math.scalb(form.value(parameters, form.u(x)), scaled.power());
    }

    @Override
    public OptionalDouble residual(double x, double y) {
        return form.isDefined(x) ? Finite.of(y - scaled.level() - aboveLevel(x)) : OptionalDouble.empty();
    }

    @Override
    public Optional<Prediction> predicted(double x, double level) {
        Prediction.require(x, level);
        OptionalDouble fitted = fitted(x);
        if (fitted.isEmpty()) {
            return Optional.empty();
        }
        double[] gradient = new double[form.size() + 1];
        form.valueAndGradient(parameters, form.u(x), gradient);
        double leverage = Tangent.whitened(factor, gradient);
        return Optional.of(Prediction.of(x, fitted.getAsDouble(), support, goodness, leverage, level));
    }

    @Override
    public List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        if (goodness.degreesOfFreedom() > 0) {
            remarks.add("Fitted directly on y; standard errors and intervals are approximate.");
        }
        if (form.cycles(parameters) < FEW_CYCLES) {
            remarks.add("The data show only a small part of one cycle, so they hardly tell how long and how high the wave is.");
        }
        remarks.addAll(Remarks.of(this, false));
        return List.copyOf(remarks);
    }
}
