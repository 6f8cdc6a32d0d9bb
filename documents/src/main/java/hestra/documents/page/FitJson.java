package hestra.documents.page;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.chance.Asked;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.documents.exercise.Json;
import hestra.fit.Coefficient;
import hestra.fit.Comparison;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.Equation;
import hestra.fit.EquationNotation;
import hestra.fit.FTest;
import hestra.fit.Fit;
import hestra.fit.Interval;
import hestra.fit.LineFit;
import hestra.fit.Residuals;
import hestra.summary.Association;
import hestra.summary.Summary;
import hestra.working.Calculation;
import hestra.working.FitAnswer;
import hestra.working.FitAnswer.Part;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;

/**
 * A fit as JSON, numbers in full: the shortest text that reads back as the same double; null for what is not defined. Parts
 * that were not asked for are left out.
 */
public final class FitJson {

    private FitJson() {}

    /** The fit with everything that was asked for. */
    public static String of(FitAnswer answer) {
        return of(answer, Optional.empty());
    }

    /** The same with what chance says of it. */
    public static String of(FitAnswer answer, Optional<Asked> chance) {
        CurveFit fit = answer.fit();
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("curve", fit.curve().code());
        fittedOn(fit.curve()).ifPresent(on -> document.put("fitted_on", on));
        document.put("explanatory", answer.x().name());
        document.put("response", answer.y().name());
        document.put("rows", answer.pairs().rowsInAll());
        document.put("used", answer.pairs().size());
        if (answer.pairs().hasCounts()) {
            document.put("observations", answer.pairs().n());
        }
        document.put("left_out", answer.pairs().leftOut().stream()
                .map(row -> object("row", row.row() + 1, "reason", row.reason().inWords())).toList());
        fit.reference().x().ifPresent(from -> document.put("written_from_x", from));
        document.put("coefficients", coefficients(fit, answer.level()));
        document.put("r", fit instanceof LineFit line ? line.r() : OptionalDouble.empty());
        goodness(document, fit);
        fit.fTest().ifPresent(test -> document.put("f_test", of(test)));
        document.put("support", List.of(fit.support().low(), fit.support().high()));
        document.put("equation", Equation.of(fit, answer.x(), answer.y(), answer.precision(OptionalInt.empty()),
                EquationNotation.USUAL).plain());
        document.put("remarks", fit.remarks());
        document.put("predictions", answer.predictions().stream().map(FitJson::of).toList());
        if (!answer.reach().isEmpty()) {
            document.put("reached", answer.reached().stream().map(FitJson::of).toList());
        }
        if (!answer.formulas().isEmpty()) {
            document.put("calculated", answer.calculated().stream().map(FitJson::of).toList());
        }
        parts(document, answer);
        chance.ifPresent(asked -> document.put("chance", of(asked)));
        return Json.pretty(document);
    }

    private static Map<String, Object> of(Asked asked) {
        Pile pile = asked.pile();
        Map<String, Object> told = object("play", asked.run().setup().play() == Play.SHUFFLE ? "shuffle" : "resample",
                "of", named(asked.run().setup().watched()), "seed", asked.run().setup().number(), "count", pile.draws(),
                "failed", pile.failed(), "exact", pile.isOfAll(), "ours", pile.ours());
        if (pile.play() == Play.SHUFFLE) {
            told.putAll(object("centre", pile.centre(), "as_far", pile.asFar(), "share", pile.p(), "p_by_formula", asked.p()));
        } else {
            told.putAll(object("level", asked.level(), "ends", pile.middle(asked.level()).map(FitJson::ends),
                    "ends_by_formula", asked.interval().map(FitJson::ends)));
        }
        return told;
    }

    private static List<Double> ends(Interval interval) {
        return List.of(interval.low(), interval.high());
    }

    /** What is watched, as the command line takes it. */
    private static String named(Watched watched) {
        return switch (watched) {
            case Watched.OfCoefficient(int index) -> index == 0 ? "intercept" : "slope";
            case Watched.R _ -> "r";
            case Watched.FittedAt(double x) -> "predict:" + x;
        };
    }

    private static void parts(Map<String, Object> document, FitAnswer answer) {
        if (answer.wants(Part.SUMMARY)) {
            document.put("summary", object("x", answer.summaryOfX().map(FitJson::of), "y", answer.summaryOfY().map(FitJson::of),
                    "association", answer.association().map(association -> of(association, answer.level())), "quartiles",
                            Summary.QUARTILES));
        }
        if (answer.wants(Part.COMPARISON)) {
            document.put("comparison", answer.comparison().rows().stream().map(row -> of(row, answer.level())).toList());
        }
        if (answer.wants(Part.DIAGNOSTICS)) {
            document.put("diagnostics", answer.diagnostics().stream().map(point -> of(point, answer.fit())).toList());
            document.put("residuals", answer.residuals().map(FitJson::of));
        }
        if (answer.wants(Part.WORKING)) {
            document.put("working", answer.sums().map(FitJson::of));
            document.put("matrices", answer.matrices().map(FitJson::of));
        }
    }

    private static void goodness(Map<String, Object> document, CurveFit fit) {
        document.put("r_squared", fit.goodness().rSquared());
        if (fit.transformedRSquared().isPresent()) {
            document.put("r_squared_transformed", fit.transformedRSquared());
        }
        document.put("adjusted_r_squared", fit.goodness().adjustedRSquared());
        document.put("residual_standard_error", fit.goodness().residualStandardError());
        document.put("degrees_of_freedom", fit.degreesOfFreedom());
        document.put("sse", fit.goodness().sse());
        document.put("sst", fit.goodness().sst());
    }

    private static Optional<String> fittedOn(Curve curve) {
        return switch (curve) {
            case Curve.Exponential(Curve.FittedOn on) -> Optional.of(Json.nameOf(on));
            case Curve.Power(Curve.FittedOn on) -> Optional.of(Json.nameOf(on));
            case Curve.Line _, Curve.ThroughOrigin _, Curve.Polynomial _, Curve.Logarithmic _, Curve.Wave _, Curve.OwnTerms _ ->
                    Optional.empty();
        };
    }

    private static List<Object> coefficients(CurveFit fit, double level) {
        List<Object> terms = new ArrayList<>();
        for (Coefficient coefficient : fit.coefficients()) {
            terms.add(object("name", coefficient.name(), "value", coefficient.value(), "standard_error",
                    coefficient.standardError(),
                    "t", coefficient.t(), "p", coefficient.p(), "interval", ends(fit.interval(coefficient, level))));
        }
        return terms;
    }

    private static Object of(FTest test) {
        return object("f", test.f(), "above", test.above(), "below", test.below(), "p", test.p());
    }

    private static Object of(FitAnswer.PredictedAt at) {
        return at.prediction()
                .map(prediction -> object("x", prediction.x(), "fitted", prediction.fitted(), "inside", prediction.inside(),
                        "beyond", prediction.beyond(), "mean_interval", ends(prediction.meanInterval()),
                        "prediction_interval", ends(prediction.predictionInterval())))
                .orElseGet(() -> object("x", at.x(), "fitted", null, "reason", "the curve is not defined at this x"));
    }

    private static Object of(FitAnswer.ReachedAt reached) {
        return object("y", reached.y(), "everywhere", reached.places().everywhere(), "at", reached.places().solutions().stream()
                .map(place -> object("x", place.x(), "inside", place.inside(), "beyond", place.beyond())).toList());
    }

    private static Object of(FitAnswer.Calculated calculated) {
        return switch (calculated.outcome()) {
            case Calculation.Value(double value) -> object("formula", calculated.formula(), "value", value);
            case Calculation.Problem(int at, String message) ->
                    object("formula", calculated.formula(), "value", null, "at", at + 1, "reason", message);
        };
    }

    private static Object of(Summary summary) {
        return object("n", summary.n(), "sum", summary.sum(), "sum_of_squares", summary.sumOfSquares(), "mean", summary.mean(),
                "standard_deviation", summary.standardDeviation(), "standard_deviation_of_all", summary.standardDeviationOfAll(),
                "least", summary.least(), "lower_quartile", summary.lowerQuartile(), "median", summary.median(),
                "upper_quartile", summary.upperQuartile(), "greatest", summary.greatest());
    }

    private static Object of(Association association, double level) {
        return object("n", association.n(), "sum_of_products", association.sumOfProducts(), "sxx", association.sxx(), "syy",
                association.syy(),
                "sxy", association.sxy(), "covariance", association.covariance(), "covariance_of_all",
                        association.covarianceOfAll(),
                "r", association.r(), "p", association.p(),
                "interval_of_r", association.intervalOfR(level).map(ends -> List.of(ends[0], ends[1])), "spearman",
                        association.spearman());
    }

    private static Object of(Comparison.Row row, double level) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("curve", row.curve().code());
        fittedOn(row.curve()).ifPresent(on -> entry.put("fitted_on", on));
        switch (row.fit()) {
            case Fit.None(String reason) -> entry.put("reason", reason);
            case CurveFit fit -> {
                entry.put("coefficients", coefficients(fit, level));
                goodness(entry, fit);
            }
        }
        return entry;
    }

    private static Object of(Diagnostics.Point point, CurveFit fit) {
        Map<String, Object> change = new LinkedHashMap<>();
        for (int k = 0; k < point.change().size(); k++) {
            change.put(fit.coefficients().get(k).name(), point.change().get(k));
        }
        return object("row", point.row() + 1, "count", point.count(), "x", point.x(), "y", point.y(), "fitted", point.fitted(),
                "residual", point.residual(), "leverage", point.leverage(), "standardised", point.standardised(),
                "studentised", point.studentised(), "cooks_distance", point.cooksDistance(),
                "change_without", change.isEmpty() ? null : change, "r_squared_without", point.rSquaredWithout());
    }

    private static Object of(Residuals residuals) {
        return object("summary", of(residuals.summary()),
                "normal", residuals.normal().stream()
                        .map(it -> object("row", it.row() + 1, "residual", it.residual(), "quantile", it.quantile())).toList(),
                "positions", Residuals.POSITIONS,
                "lack_of_fit", residuals.lackOfFit().map(lack -> object("f", lack.f(), "df", List.of(lack.above(), lack.below()),
                        "p", lack.p(), "hint", lack.hintsAtAnotherCurve())),
                "runs", residuals.runs().map(runs -> object("above", runs.above(), "below", runs.below(), "runs", runs.runs(),
                        "p", runs.p(),
                        "hint", runs.hintsAtAnotherCurve())));
    }

    private static Object of(SumsWorking working) {
        List<Object> columns = new ArrayList<>();
        for (SumsWorking.Column column : SumsWorking.Column.values()) {
            columns.add(object("heading", column.heading(), "values", working.rows().stream()
                    .map(row -> row.value(column)).toList(),
                    "sum", working.sum(column)));
        }
        return object("rows", working.rows().stream().map(row -> row.row() + 1).toList(),
                "counts", working.rows().stream().map(SumsWorking.Row::count).toList(), "columns", columns,
                "steps", working.steps().stream().map(step -> object("name", step.name(), "formula", step.formula(), "value",
                        step.value())).toList());
    }

    private static Object of(MatrixWorking matrices) {
        return object("terms", matrices.terms(), "x", matrices.x(), "xx", matrices.xx(), "inverse", matrices.inverse(), "xy",
                matrices.xy(),
                "coefficients", matrices.coefficients(), "hat", matrices.hat());
    }

    private static List<Double> ends(Optional<Interval> interval) {
        return interval.map(it -> List.of(it.low(), it.high())).orElse(null);
    }

    /** A JSON object of names and values, in order. */
    private static Map<String, Object> object(Object... namesAndValues) {
        Map<String, Object> object = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            object.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return object;
    }
}
