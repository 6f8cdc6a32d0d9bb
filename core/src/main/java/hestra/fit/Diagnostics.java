package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Pairs;

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

    /** A share of leverage so near to 1 that the point determines a coefficient alone. */
    private static final double ALL = 1 - 1e-12;

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
        double mean = pairs.ys().average().orElse(0);
        if (pairs.hasCounts()) {
            mean = 0;
            for (int i = 0; i < pairs.size(); i++) {
                mean += pairs.y(i) / pairs.n() * pairs.count(i);
            }
        }
        List<Point> points = new ArrayList<>(pairs.size());
        for (int i = 0; i < pairs.size(); i++) {
            points.add(point(fit, pairs, i, mean));
        }
        return List.copyOf(points);
    }

    private static Point point(CurveFit fit, Pairs pairs, int i, double mean) {
        double x = pairs.x(i);
        double y = pairs.y(i);
        double fitted = fit.fitted(x).orElseThrow();
        double e = fit.residual(x, y).orElseThrow();
        return switch (fit) {
            case LinearFit linear -> linear(linear, new Point(pairs.row(i), pairs.count(i), x, y, fitted, e, linear.leverage(x),
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), List.of(), OptionalDouble.empty()), mean);
            case LogScaleFit _, DirectFit _ -> new Point(pairs.row(i), pairs.count(i), x, y, fitted, e, OptionalDouble.empty(),
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), List.of(), OptionalDouble.empty());
        };
    }

    private static Point linear(LinearFit fit, Point point, double mean) {
        if (point.leverage.isEmpty()) {
            return point;
        }
        double e = point.residual;
        double h = Math.min(1, point.leverage.getAsDouble());
        int f = point.count;
        Goodness goodness = fit.goodness();
        double s = goodness.residualStandardError().orElse(0);
        OptionalDouble standardised = OptionalDouble.empty();
        OptionalDouble studentised = OptionalDouble.empty();
        OptionalDouble cook = OptionalDouble.empty();
        if (s > 0 && h < ALL) {
            standardised = OptionalDouble.of(e / (s * Math.sqrt(1 - h)));
            cook = OptionalDouble.of(e / s * (e / s) * h / (goodness.coefficients() * (1 - h) * (1 - h)));
            double rest = goodness.sse() - e * e / (1 - h);
            int degrees = goodness.degreesOfFreedom() - 1;
            if (degrees > 0 && rest > 1e-12 * goodness.sse()) {
                studentised = OptionalDouble.of(e / (Math.sqrt(rest / degrees) * Math.sqrt(1 - h)));
            }
        }
        return new Point(point.row, f, point.x, point.y, point.fitted, e, OptionalDouble.of(h), standardised, studentised, cook,
                change(fit, point, f * h), rSquaredWithout(goodness, point, f * h, mean));
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

    private static OptionalDouble rSquaredWithout(Goodness goodness, Point point, double share, double mean) {
        int f = point.count;
        int left = goodness.n() - f;
        if (share >= ALL || left < 2) {
            return OptionalDouble.empty();
        }
        double sse = Math.max(0, goodness.sse() - f * point.residual / (1 - share) * point.residual);
        double fromMean = point.y - mean;
        double sst = goodness.sst() - (double) f * goodness.n() / left * fromMean * fromMean;
        return sst > 1e-12 * goodness.sst() ? OptionalDouble.of(1 - sse / sst) : OptionalDouble.empty();
    }
}
