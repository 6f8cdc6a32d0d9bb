package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;

/**
 * What each point does to a fit: residuals, leverage, and how the fit would change without the point, in closed form.
 *
 * <p>With e the residual, h the leverage of one observation, s the residual standard error and p coefficients:
 * standardised residual e ÷ (s √(1 − h)); studentised residual e ÷ (s₍ᵢ₎ √(1 − h)), s₍ᵢ₎ from the fit without the
 * observation; Cook's distance e² h ÷ (p s² (1 − h)²). "Without the point" takes a row out as a whole, however often it
 * was observed: with count f the coefficients change by −f e (X'X)⁻¹v ÷ (1 − f h), SSE falls by f e² ÷ (1 − f h).
 *
 * @see "R. D. Cook and S. Weisberg, Residuals and Influence in Regression, chapters 2 and 3"
 */
public final class Diagnostics {

    /** From which Cook's distance on a point is worth a look. */
    public static final double NOTABLE_COOKS_DISTANCE = 0.5;

    /** A share of leverage so near to 1 that the point determines a coefficient alone. */
    private static final double ALL = 1 - 1e-12;
    private static final double NOTHING = 1e-12;
    /** A difference that is so small a share of what it is a difference of has lost a fourth digit of its sixteen. */
    private static final double CANCELS = 1e-3;
    /** Sums are taken of values divided by 2 to this power, so that they do not leave the range of a double. */
    private static final int SCALE = 64;

    private Diagnostics() {}

    /**
     * One point of the fit. What is not defined is absent: the last five where the point's leverage is 1 or no degrees of
     * freedom are left, leverage and all that follows from it for curves that are not linear in their coefficients.
     *
     * @param row index of the table's row, from 0
     * @param change coefficients without the point less those with it, in the order of the equation; empty where undefined
     * @param rSquaredWithout R² of the fit without the point
     */
    public record Point(int row, int count, double x, double y, double fitted, double residual, OptionalDouble leverage,
            OptionalDouble standardised, OptionalDouble studentised, OptionalDouble cooksDistance, List<Double> change,
            OptionalDouble rSquaredWithout) {

        public Point {
            change = List.copyOf(change);
        }
    }

    /** The points of a fit in the order of the pairs it was made from. */
    public static List<Point> of(CurveFit fit, Pairs pairs) {
        // To twice the digits: y may be large beside its distance from its mean.
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            sum.addProduct(Math.scalb(pairs.y(i), -SCALE), pairs.count(i));
        }
        DoubleDouble mean = pairs.n() == 0 ? DoubleDouble.ZERO : sum.sum().dividedBy(pairs.n());
        List<Point> points = new ArrayList<>(pairs.size());
        for (int i = 0; i < pairs.size(); i++) {
            points.add(point(fit, pairs, i, mean));
        }
        return List.copyOf(points);
    }

    private static Point point(CurveFit fit, Pairs pairs, int i, DoubleDouble mean) {
        double x = pairs.x(i);
        double y = pairs.y(i);
        double fitted = fit.fitted(x).orElseThrow();
        double e = fit.residual(x, y).orElseThrow();
        return switch (fit) {
            case LinearFit linear -> linear(linear, new Point(pairs.row(i), pairs.count(i), x, y, fitted, e, linear.leverage(x),
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), List.of(), OptionalDouble.empty()),
                            pairs, mean);
            case LogScaleFit _, DirectFit _ -> new Point(pairs.row(i), pairs.count(i), x, y, fitted, e, OptionalDouble.empty(),
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), List.of(), OptionalDouble.empty());
        };
    }

    private static Point linear(LinearFit fit, Point point, Pairs pairs, DoubleDouble mean) {
        if (point.leverage.isEmpty()) {
            return point;
        }
        double e = point.residual;
        double h = Math.min(1, point.leverage.getAsDouble());
        int f = point.count;
        Goodness goodness = fit.goodness();
        Without without = without(fit, point, f * h, pairs, mean);
        double s = goodness.residualStandardError().orElse(0);
        OptionalDouble standardised = OptionalDouble.empty();
        OptionalDouble studentised = OptionalDouble.empty();
        OptionalDouble cook = OptionalDouble.empty();
        if (s > 0 && h < ALL) {
            standardised = OptionalDouble.of(e / (s * Math.sqrt(1 - h)));
            cook = OptionalDouble.of(e / s * (e / s) * h / (goodness.coefficients() * (1 - h) * (1 - h)));
            // Where the row was observed several times, one of these observations is taken out here, and the row as a whole
            // below.
            double rest = f == 1 ? without.sse : goodness.sse() - e * e / (1 - h);
            int degrees = goodness.degreesOfFreedom() - 1;
            if (degrees > 0 && rest > NOTHING * goodness.sse()) {
                studentised = OptionalDouble.of(e / (Math.sqrt(rest / degrees) * Math.sqrt(1 - h)));
            }
        }
        return new Point(point.row, f, point.x, point.y, point.fitted, e, OptionalDouble.of(h), standardised, studentised, cook,
                change(fit, point, f * h), without.rSquared);
    }

    private static List<Double> change(LinearFit fit, Point point, double share) {
        Optional<double[]> pull = fit.pull(point.x);
        if (share >= ALL || pull.isEmpty()) {
            return List.of();
        }
        List<Double> change = new ArrayList<>();
        for (double each : pull.get()) {
            change.add(-point.count * point.residual / (1 - share) * each);
        }
        return change.stream().allMatch(Double::isFinite) ? change : List.of();
    }

    /**
     * The fit without a row.
     *
     * @param sse its sum of squared residuals
     * @param rSquared its R²; nothing where that is not defined
     */
    private record Without(double sse, OptionalDouble rSquared) {}

    /** In closed form, but by fitting again where that would be a difference of numbers that agree in their first digits. */
    private static Without without(LinearFit fit, Point point, double share, Pairs pairs, DoubleDouble mean) {
        Goodness goodness = fit.goodness();
        int f = point.count;
        int left = goodness.n() - f;
        if (share >= ALL || left < 2) {
            return new Without(0, OptionalDouble.empty());
        }
        double sse = Math.max(0, goodness.sse() - f * point.residual / (1 - share) * point.residual);
        double fromMean = Math.scalb(mean.negated().plus(Math.scalb(point.y, -SCALE)).toDouble(), SCALE);
        double sst = goodness.sst() - (double) f * goodness.n() / left * fromMean * fromMean;
        if (sse < CANCELS * goodness.sse() || sst < CANCELS * goodness.sst() || 1 - share < CANCELS) {
            Optional<CurveFit> again = LeastSquares.fit(fit.curve(), pairs.without(point.row)).curveFit();
            if (again.isPresent()) {
                return new Without(again.get().goodness().sse(), again.get().goodness().rSquared());
            }
        }
        return new Without(sse, sst > NOTHING * goodness.sst() ? OptionalDouble.of(1 - sse / sst) : OptionalDouble.empty());
    }
}
