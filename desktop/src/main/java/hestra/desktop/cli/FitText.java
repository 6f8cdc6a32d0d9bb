package hestra.desktop.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.data.Pairs;
import hestra.fit.Coefficient;
import hestra.fit.Comparison;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.Equation;
import hestra.fit.EquationNotation;
import hestra.fit.Fit;
import hestra.fit.Interval;
import hestra.fit.Inverse;
import hestra.fit.LineFit;
import hestra.fit.Precision;
import hestra.fit.Prediction;
import hestra.fit.Residuals;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.summary.Association;
import hestra.summary.Summary;
import hestra.working.Calculation;
import hestra.working.FitAnswer;
import hestra.working.FitAnswer.Part;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;

/** A fit with what was asked about it, as text to read. */
final class FitText {

    private static final int MOST_LEFT_OUT = 10;

    private final FitAnswer answer;
    private final Precision precision;
    private final NumberStyle style;
    private final StringBuilder text = new StringBuilder();

    private FitText(FitAnswer answer, Precision precision) {
        this.answer = answer;
        this.precision = precision;
        this.style = precision.style();
    }

    /** The answer in words and tables; digits are as many as are asked for, or as are needed. */
    static String of(FitAnswer answer, OptionalInt digits) {
        FitText text = new FitText(answer, answer.precision(digits));
        text.curve();
        text.predictions();
        text.reached();
        text.calculated();
        if (answer.wants(Part.SUMMARY)) {
            text.summary();
        }
        if (answer.wants(Part.COMPARISON)) {
            text.comparison();
        }
        if (answer.wants(Part.DIAGNOSTICS)) {
            text.diagnostics();
        }
        if (answer.wants(Part.WORKING)) {
            text.working();
        }
        return text.text.toString();
    }

    private void line(String line) {
        text.append(line).append('\n');
    }

    private void heading(String heading) {
        line("");
        line(heading);
    }

    private void curve() {
        CurveFit fit = answer.fit();
        line(Equation.of(fit, answer.x(), answer.y(), precision, EquationNotation.USUAL).plain());
        line("");
        TextTable table = new TextTable().row("", "value", "std. error", "t", "p", percent() + " interval");
        for (Coefficient coefficient : fit.coefficients()) {
            table.row(coefficient.name(), coefficient.shown() == 0 ? "0" : show(coefficient.value()),
                    show(coefficient.standardError()), show(coefficient.t()),
                    p(coefficient.p()), ends(fit.interval(coefficient, answer.level())));
        }
        text.append(table);
        line("");
        String r = fit instanceof LineFit straight ? "r  " + style.share(straight.r()) + "   " : "";
        String transformed = fit.transformedRSquared().isPresent()
                ? "   r² of the transformed pairs  " + show(fit.transformedRSquared()) : "";
        line(r + "R²  " + style.share(fit.goodness().rSquared()) + "   adjusted R²  "
                + style.share(fit.goodness().adjustedRSquared()) + "   s  "
                + show(fit.goodness().residualStandardError()) + answer.y().unitAfterNumber() + transformed);
        fit.fTest().ifPresent(test -> line("F  " + show(test.f()) + " on " + test.above() + " and " + test.below()
                + " degrees of freedom, "
                + style.pInWords(test.p())));
        Pairs pairs = answer.pairs();
        line("n  " + (pairs.hasCounts() ? pairs.n() + " observations, " + pairs.size() : String.valueOf(pairs.size())) + " of "
                + Counted.of(pairs.rowsInAll(), "row")
                + "   data from " + style.shortest(fit.support().low()) + " to " + style.shortest(fit.support().high())
                + answer.x().unitAfterNumber());
        pairs.leftOut().stream().limit(MOST_LEFT_OUT)
                .forEach(row -> line("left out: row " + (row.row() + 1) + ", " + row.reason().inWords()));
        if (pairs.leftOut().size() > MOST_LEFT_OUT) {
            line("and " + (pairs.leftOut().size() - MOST_LEFT_OUT) + " more");
        }
        fit.remarks().forEach(this::line);
    }

    private void predictions() {
        for (FitAnswer.PredictedAt at : answer.predictions()) {
            Optional<Prediction> prediction = at.prediction();
            line("at " + style.shortest(at.x()) + ": "
                    + prediction.map(it -> precision.predicted(it.fitted()) + answer.y().unitAfterNumber() + ", mean "
                    + predicted(it.meanInterval()) + ", single " + predicted(it.predictionInterval())
                    + (it.inside() ? "" : " (outside the data)")).orElse("the curve is not defined there"));
        }
    }

    private String predicted(Optional<Interval> interval) {
        return interval.map(it -> precision.predicted(it.low()) + " to " + precision.predicted(it.high()))
                .orElse(NumberStyle.UNDEFINED);
    }

    private void reached() {
        for (FitAnswer.ReachedAt reached : answer.reached()) {
            Inverse places = reached.places();
            String where = places.everywhere() ? "everywhere" : places.solutions().isEmpty() ? "nowhere" + searched(places)
                    : String.join(", ", places.solutions().stream()
                            .map(place -> "at " + precision.reached(answer.fit(), answer.x(), place.x())
                            + (place.inside() ? "" : " (outside the data)")).toList())
                    + searched(places);
            line(answer.y().name() + " = " + style.shortest(reached.y()) + " is reached " + where);
        }
    }

    private String searched(Inverse places) {
        return Double.isFinite(places.within().low())
                ? "; looked for from " + show(places.within().low()) + " to " + show(places.within().high()) : "";
    }

    private void calculated() {
        for (FitAnswer.Calculated calculated : answer.calculated()) {
            line(calculated.formula() + " = " + switch (calculated.outcome()) {
                case Calculation.Value(double value) -> show(value);
                case Calculation.Problem(int at, String message) ->
                        NumberStyle.UNDEFINED + "   at letter " + (at + 1) + ": " + message;
            });
        }
    }

    private void summary() {
        heading("Summary");
        TextTable table = new TextTable().row("", answer.x().name(), answer.y().name());
        Optional<Summary> x = answer.summaryOfX();
        Optional<Summary> y = answer.summaryOfY();
        if (x.isPresent() && y.isPresent()) {
            List<List<String>> columns = List.of(values(x.get()), values(y.get()));
            List<String> names = List.of("n", "mean", "standard deviation (n − 1)", "standard deviation (n)", "least",
                    "lower quartile", "median",
                    "upper quartile", "greatest", "Σ", "Σ of squares");
            for (int i = 0; i < names.size(); i++) {
                table.row(names.get(i), columns.get(0).get(i), columns.get(1).get(i));
            }
        }
        text.append(table);
        answer.association().ifPresent(this::association);
        line(Summary.QUARTILES);
    }

    private void association(Association association) {
        line("Σxy  " + show(association.sumOfProducts()) + "   Sxx  " + show(association.sxx()) + "   Syy  "
                + show(association.syy())
                + "   Sxy  " + show(association.sxy()) + "   covariance  " + show(association.covariance()));
        String interval = association.intervalOfR(answer.level())
                .map(ends -> ", " + percent() + " interval " + show(ends[0]) + " to " + show(ends[1])).orElse("");
        String p = association.p().isPresent() ? ", " + style.pInWords(association.p().getAsDouble()) : "";
        line("Pearson’s r  " + show(association.r()) + p + interval + "   Spearman’s rank correlation  "
                + show(association.spearman()));
    }

    private List<String> values(Summary summary) {
        return List.of(String.valueOf(summary.n()), show(summary.mean()), show(summary.standardDeviation()),
                show(summary.standardDeviationOfAll()), show(summary.least()),
                show(summary.lowerQuartile()), show(summary.median()), show(summary.upperQuartile()), show(summary.greatest()),
                show(summary.sum()), show(summary.sumOfSquares()));
    }

    private void comparison() {
        heading("Curves on the same points, R² and s on the scale of " + answer.y().name());
        TextTable table = new TextTable().row("", "coefficients", "R²", "adjusted R²", "s");
        List<String> refused = new ArrayList<>();
        for (Comparison.Row row : answer.comparison().rows()) {
            switch (row.fit()) {
                case Fit.None(String reason) -> refused.add(reason);
                case CurveFit fit ->
                        table.row(row.curve().inWords(), String.valueOf(row.curve().coefficients()),
                                show(fit.goodness().rSquared()),
                        show(fit.goodness().adjustedRSquared()), show(fit.goodness().residualStandardError()));
            }
        }
        text.append(table);
        refused.stream().distinct().forEach(this::line);
    }

    private void diagnostics() {
        heading("Points");
        List<String> names = answer.fit().coefficients().stream().map(Coefficient::name).toList();
        List<Diagnostics.Point> points = answer.diagnostics();
        boolean linear = points.stream().anyMatch(point -> point.leverage().isPresent());
        List<String> headings = new ArrayList<>(List.of("row", answer.x().name(), answer.y().name(), "fitted", "residual"));
        if (linear) {
            headings.addAll(List.of("leverage", "standardised", "studentised", "Cook’s distance"));
            names.forEach(name -> headings.add("Δ " + name));
            headings.add("R² without");
        }
        TextTable table = new TextTable().row(headings);
        for (Diagnostics.Point point : points) {
            List<String> cells = new ArrayList<>(List.of(String.valueOf(point.row() + 1), style.shortest(point.x()),
                    style.shortest(point.y()),
                    show(point.fitted()), show(point.residual())));
            if (linear) {
                cells.addAll(List.of(show(point.leverage()), show(point.standardised()), show(point.studentised()),
                        show(point.cooksDistance())));
                for (int k = 0; k < names.size(); k++) {
                    cells.add(point.change().isEmpty() ? NumberStyle.UNDEFINED : show(point.change().get(k)));
                }
                cells.add(show(point.rSquaredWithout()));
            }
            table.row(cells);
        }
        text.append(table);
        if (linear) {
            line("Δ is the change when the point is left out.");
        }
        answer.residuals().ifPresent(this::residuals);
    }

    private void residuals(Residuals residuals) {
        Summary summary = residuals.summary();
        line("Residuals: least " + show(summary.least()) + ", lower quartile " + show(summary.lowerQuartile()) + ", median "
                + show(summary.median())
                + ", upper quartile " + show(summary.upperQuartile()) + ", greatest " + show(summary.greatest())
                + ", Σ of squares "
                + show(summary.sumOfSquares()));
        residuals.lackOfFit().ifPresent(lack -> line("Points of equal x: their means lie "
                + (lack.hintsAtAnotherCurve() ? "far" : "not far") + " from the curve beside how far apart they lie, F = "
                + style.show(lack.f()) + " on " + lack.above() + " and " + lack.below() + ", " + style.pInWords(lack.p())
                + (lack.hintsAtAnotherCurve() ? ": another curve may fit better." : ".")));
        residuals.runs().ifPresent(runs -> line("Signs along x: " + runs.runs() + " runs of " + runs.above() + " above and "
                + runs.below() + " below, "
                + style.pInWords(runs.p()) + " for so few"
                + (runs.hintsAtAnotherCurve() ? ": another curve may fit better." : ".")));
    }

    private void working() {
        Optional<SumsWorking> sums = answer.sums();
        Optional<MatrixWorking> matrices = answer.matrices();
        sums.ifPresent(this::sums);
        matrices.ifPresent(this::matrices);
        if (sums.isEmpty() && matrices.isEmpty()) {
            heading("There is no hand calculation for this curve, or there are too many points to write it out.");
        }
    }

    private void sums(SumsWorking working) {
        heading("Working by sums");
        List<String> headings = new ArrayList<>(List.of("row"));
        for (SumsWorking.Column column : SumsWorking.Column.values()) {
            headings.add(column.heading());
        }
        TextTable table = new TextTable().row(headings);
        for (SumsWorking.Row row : working.rows()) {
            List<String> cells = new ArrayList<>(List.of((row.row() + 1) + (row.count() > 1 ? " × " + row.count() : "")));
            row.values().forEach(value -> cells.add(show(value)));
            table.row(cells);
        }
        List<String> totals = new ArrayList<>(List.of("Σ"));
        for (SumsWorking.Column column : SumsWorking.Column.values()) {
            totals.add(show(working.sum(column)));
        }
        text.append(table.row(totals));
        for (SumsWorking.Step step : working.steps()) {
            line(step.name() + ": " + step.formula() + " = " + show(step.value()));
        }
    }

    private void matrices(MatrixWorking matrices) {
        heading("Working by matrices, columns " + String.join(", ", matrices.terms()));
        matrix("X'X", matrices.xx());
        matrix("(X'X)⁻¹", matrices.inverse());
        matrix("X'y", matrices.xy().stream().map(List::of).toList());
        matrix("(X'X)⁻¹X'y", matrices.coefficients().stream().map(List::of).toList());
    }

    private void matrix(String name, List<List<Double>> rows) {
        line(name);
        TextTable table = new TextTable();
        for (List<Double> row : rows) {
            List<String> cells = new ArrayList<>(List.of(" "));
            row.forEach(value -> cells.add(show(value)));
            table.row(cells);
        }
        text.append(table);
    }

    private String percent() {
        return style.shortest(Math.round(answer.level() * 1e8) / 1e6) + " %";
    }

    private String show(double value) {
        return style.show(value);
    }

    private String show(OptionalDouble value) {
        return style.show(value);
    }

    private String p(OptionalDouble value) {
        return value.isPresent() ? style.p(value.getAsDouble()) : NumberStyle.UNDEFINED;
    }

    private String ends(Optional<Interval> interval) {
        return interval.map(it -> show(it.low()) + " to " + show(it.high())).orElse(NumberStyle.UNDEFINED);
    }
}
