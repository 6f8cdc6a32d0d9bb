package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.data.Pairs;

/**
 * A curve that is not linear in its coefficients, fitted so that the sum of the squared residuals on y is least: an
 * exponential or power curve fitted directly, or a wave. Standard errors and intervals come from the curve's derivatives
 * at the minimum and hold approximately, the better the more points there are.
 *
 * @see LevenbergMarquardt
 * @see "G. A. F. Seber and C. J. Wild, Nonlinear Regression, chapters 2 and 5"
 */
public final class DirectFit implements CurveFit {

    private static final double ABOVE_START = 1e-6;

    private final Curve curve;
    private final Nonlinear form;
    private final double[] parameters;
    private final double[][] factor;
    /** y was divided by 2 to this power. */
    private final int yPower;
    private final List<Coefficient> coefficients;
    private final Goodness goodness;
    private final Interval support;

    private DirectFit(Curve curve, Nonlinear form, LevenbergMarquardt.Minimum minimum, int yPower, List<Coefficient> coefficients,
            Goodness goodness, Interval support) {
        this.curve = curve;
        this.form = form;
        this.parameters = minimum.parameters();
        this.factor = minimum.factor();
        this.yPower = yPower;
        this.coefficients = List.copyOf(coefficients);
        this.goodness = goodness;
        this.support = support;
    }

    /** Fits an exponential or power curve directly, from where its log-scale fit and a few rates of growth start. */
    static Fit of(Curve curve, Pairs pairs) {
        boolean logX = curve instanceof Curve.Power;
        String tooFew = Domain.tooFew(pairs, curve, pairs.xs().distinct().limit(2).count());
        String outside = logX ? Domain.refusal(pairs, curve, "x above 0", i -> pairs.x(i) > 0) : "";
        if (!tooFew.isEmpty() || !outside.isEmpty()) {
            return new Fit.None(!tooFew.isEmpty() ? tooFew : outside);
        }
        if (pairs.ys().allMatch(y -> y == 0)) {
            return new Fit.None("All y are 0, so there is no growth or decay to fit.");
        }
        Interval range = Interval.support(pairs);
        double low = logX ? Math.log(range.low()) : range.low();
        double high = logX ? Math.log(range.high()) : range.high();
        double width = high / 2 - low / 2;
        if (!(width > 0) || !Double.isFinite(width)) {
            return LeastSquares.TOO_LARGE;
        }
        Nonlinear.Growth form = new Nonlinear.Growth(logX, low / 2 + high / 2, width);
        return best(curve, form, pairs, Growths::starts, 1);
    }

    /** Where to start from, the best first, on the pairs (u, scaled y). */
    interface Starts {
        List<double[]> of(Pairs scaled);
    }

    /**
     * The least of so many minima that are reached from the starts. Where none is reached from a start, the squares fall from
     * there towards no end, so that minima reached before count only where they lie below that start.
     */
    static Fit best(Curve curve, Nonlinear form, Pairs pairs, Starts starts, int mostMinima) {
        double greatest = pairs.ys().map(Math::abs).max().orElseThrow();
        int power = greatest == 0 ? 0 : Math.getExponent(greatest) + 1;
        Pairs scaled = pairs.mapped(form::u, y -> Math.scalb(y, -power));
        Optional<LevenbergMarquardt.Minimum> least = Optional.empty();
        double leastStart = Double.POSITIVE_INFINITY;
        int minima = 0;
        for (double[] start : starts.of(scaled)) {
            if (minima == mostMinima) {
                break;
            }
            Optional<LevenbergMarquardt.Minimum> minimum = LevenbergMarquardt.from(start, form, scaled);
            leastStart = Math.min(leastStart, LevenbergMarquardt.squares(start, form, scaled));
            if (minimum.isEmpty()) {
                break;
            }
            minima++;
            if (least.isEmpty() || minimum.get().sse() < least.get().sse()) {
                least = minimum;
            }
        }
        double mostAllowed = leastStart * (1 + ABOVE_START) + Double.MIN_NORMAL;
        return least.filter(minimum -> minimum.sse() <= mostAllowed).map(minimum -> fit(curve, form, minimum, power, pairs))
                .orElseGet(() -> new Fit.None(curve instanceof Curve.Wave
                        ? "The wave did not settle within " + LevenbergMarquardt.MOST_STEPS + " steps: the squares keep falling as it grows far longer "
                                + "than the data reach. Choose another curve."
                        : "The direct fit did not settle within " + LevenbergMarquardt.MOST_STEPS + " steps: the squares keep falling as the curve bends "
                                + "ever more. Choose another curve, or the log scale."));
    }

    private static Fit fit(Curve curve, Nonlinear form, LevenbergMarquardt.Minimum minimum, int power, Pairs pairs) {
        int p = form.size();
        Optional<Goodness> goodness = SquaresOnY.of(pairs, p, x -> Math.scalb(form.value(minimum.parameters(), form.u(x)), power));
        List<Coefficient> coefficients = new ArrayList<>();
        for (Nonlinear.Named named : form.coefficients(minimum.parameters())) {
            boolean ofY = named.name().equals("a") || curve instanceof Curve.Wave && named.name().equals("b");
            double value = ofY ? Math.scalb(named.value(), power) : named.value();
            if (!Double.isFinite(value) || goodness.isEmpty() || value == 0 && !(curve instanceof Curve.Wave) && named.name().equals("a")) {
                return OUT_OF_RANGE;
            }
            OptionalDouble error = OptionalDouble.empty();
            if (pairs.n() > p) {
                double length = Math.sqrt(whitened(minimum.factor(), p, named.gradient()));
                double size = length * goodness.get().residualStandardError().orElseThrow();
                error = Finite.of(ofY ? size : Math.scalb(size, -power));
            }
            coefficients.add(new Coefficient(named.name(), value, error, pairs.n() - p));
        }
        return new DirectFit(curve, form, minimum, power, coefficients, goodness.get(), Interval.support(pairs));
    }

    static final Fit OUT_OF_RANGE = new Fit.None(
            "The coefficient a of this curve is beyond what can be computed with. Measure x from a start nearer to the data.");

    /** |R⁻ᵀ g|². */
    private static double whitened(double[][] factor, int p, double[] gradient) {
        double[] solved = new double[p];
        double squares = 0;
        for (int j = 0; j < p; j++) {
            double rest = gradient[j];
            for (int i = 0; i < j; i++) {
                rest -= factor[i][j] * solved[i];
            }
            solved[j] = rest / factor[j][j];
            squares += solved[j] * solved[j];
        }
        return squares;
    }

    @Override
    public Curve curve() {
        return curve;
    }

    @Override
    public List<Coefficient> coefficients() {
        return coefficients;
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
        return form.isDefined(x) ? Finite.of(Math.scalb(form.value(parameters, form.u(x)), yPower)) : OptionalDouble.empty();
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
        double[] gradient = new double[form.size() + 1];
        form.valueAndGradient(parameters, form.u(x), gradient);
        double leverage = whitened(factor, form.size(), gradient);
        return Optional.of(Prediction.of(x, fitted.getAsDouble(), support, goodness, leverage, level));
    }

    @Override
    public List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        if (goodness.degreesOfFreedom() > 0) {
            remarks.add("Fitted directly on y; standard errors and intervals are approximate.");
        }
        remarks.addAll(Remarks.of(this, false));
        return List.copyOf(remarks);
    }

    /** The starts of growth and decay. */
    private static final class Growths {
        private static final int STARTS = 3;
        private static final double[] RATES = {-12, -4, -1.5, -0.5, 0.5, 1.5, 4, 12};

        /** The log-scale fit of the points above 0 and, of a grid of rates, the one that leaves the least squares. */
        static List<double[]> starts(Pairs pairs) {
            List<double[]> starts = new ArrayList<>();
            int[] above = IntStream.range(0, pairs.size()).filter(i -> pairs.y(i) > 0).toArray();
            Pairs onLogScale = Pairs.of(IntStream.of(above).mapToDouble(pairs::x).toArray(),
                    IntStream.of(above).mapToDouble(i -> Math.log(pairs.y(i))).toArray());
            LeastSquares.line(onLogScale).line()
                    .ifPresent(line -> starts.add(withBestFactor(pairs, line.slope().value())));
            for (double rate : RATES) {
                starts.add(withBestFactor(pairs, rate));
            }
            starts.sort(Comparator.comparingDouble(start -> start[2]));
            return starts.stream().filter(start -> Double.isFinite(start[2])).limit(STARTS).map(start -> Arrays.copyOf(start, 2)).toList();
        }

        /** The rate with the factor that suits it best, and the squares that they leave. */
        private static double[] withBestFactor(Pairs pairs, double rate) {
            double ee = 0;
            double ey = 0;
            double yy = 0;
            for (int i = 0; i < pairs.size(); i++) {
                double e = Math.exp(rate * pairs.x(i));
                ee += pairs.count(i) * e * e;
                ey += pairs.count(i) * e * pairs.y(i);
                yy += pairs.count(i) * pairs.y(i) * pairs.y(i);
            }
            return new double[] {ey / ee, rate, ey == 0 ? Double.POSITIVE_INFINITY : yy - ey / ee * ey};
        }
    }
}
