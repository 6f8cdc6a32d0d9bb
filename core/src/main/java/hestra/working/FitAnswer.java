package hestra.working;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.Fineness;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Comparison;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.Inverse;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.fit.Precision;
import hestra.fit.Prediction;
import hestra.fit.Residuals;
import hestra.numbers.NumberStyle;
import hestra.summary.Association;
import hestra.summary.Summary;

/**
 * A fitted curve with what was asked about it, to be written as text or as JSON. Each part is computed when it is written.
 *
 * @param fit the curve
 * @param pairs what it was fitted to
 * @param x the explanatory variable
 * @param y the response
 * @param level of the intervals
 * @param at where to predict
 * @param reach values of y to find x for
 * @param formulas to work out from the results
 * @param parts what else is wanted
 */
public record FitAnswer(CurveFit fit, Pairs pairs, Variable x, Variable y, double level, List<Double> at, List<Double> reach,
        List<Calculation> formulas, Set<Part> parts) {

    /** What can be wanted beside the curve. */
    public enum Part {
        COMPARISON,
        DIAGNOSTICS,
        WORKING,
        SUMMARY
    }

    /**
     * A place with its prediction; nothing where the curve is not defined.
     *
     * @param x where
     */
    public record PredictedAt(double x, Optional<Prediction> prediction) {}

    /**
     * A value with the places at which it is reached.
     *
     * @param y the value
     */
    public record ReachedAt(double y, Inverse places) {}

    /**
     * A formula with its value or what is wrong with it.
     *
     * @param formula as typed
     */
    public record Calculated(String formula, Calculation.Outcome outcome) {}

    public FitAnswer {
        at = List.copyOf(at);
        reach = List.copyOf(reach);
        formulas = List.copyOf(formulas);
        parts = Set.copyOf(parts);
    }

    public boolean wants(Part part) {
        return parts.contains(part);
    }

    /**
     * With how many digits the numbers are shown.
     *
     * @param asked how many were asked for; nothing for as many as are needed
     */
    public Precision precision(OptionalInt asked) {
        NumberStyle usual = NumberStyle.STANDARD;
        return new Precision(asked.isPresent() ? usual.asked(asked.getAsInt()) : usual,
                Fineness.of(pairs.xs()).carriedBy(pairs.xs()), Fineness.of(pairs.ys()).carriedBy(pairs.ys()));
    }

    /** The predictions that were asked for. */
    public List<PredictedAt> predictions() {
        return at.stream().map(place -> new PredictedAt(place, fit.predicted(place, level))).toList();
    }

    /** The places at which the values that were asked for are reached. */
    public List<ReachedAt> reached() {
        return reach.stream().map(value -> new ReachedAt(value, Inverse.of(fit, value))).toList();
    }

    /** The formulas that were asked for, worked out. */
    public List<Calculated> calculated() {
        Results results = new Results(fit, pairs);
        return formulas.stream().map(formula -> new Calculated(formula.text(), formula.of(results))).toList();
    }

    /** Every family on the same pairs. */
    public Comparison comparison() {
        return Comparison.of(Curve.all(), pairs);
    }

    public List<Diagnostics.Point> diagnostics() {
        return Diagnostics.of(fit, pairs);
    }

    public Optional<Residuals> residuals() {
        return Residuals.of(fit, pairs);
    }

    public Optional<Summary> summaryOfX() {
        return Summary.ofX(pairs);
    }

    public Optional<Summary> summaryOfY() {
        return Summary.ofY(pairs);
    }

    public Optional<Association> association() {
        return Association.of(pairs);
    }

    /** The hand calculation by sums, for a straight line. */
    public Optional<SumsWorking> sums() {
        return fit instanceof LineFit line ? SumsWorking.of(line, pairs) : Optional.empty();
    }

    /** The calculation by matrices, for a curve that is linear in its coefficients on not too many points. */
    public Optional<MatrixWorking> matrices() {
        return fit instanceof LinearFit linear ? MatrixWorking.of(linear, pairs) : Optional.empty();
    }
}
