package hestra.documents;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import com.fasterxml.jackson.annotation.JsonProperty;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Coefficient;
import hestra.fit.Equation;
import hestra.fit.Interval;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.numbers.NumberStyle;

/** A fit as JSON, numbers in full: the shortest text that reads back as the same double; null for what is not defined. */
public final class FitJson {

    record Document(String curve, String explanatory, String response, int rows, int used,
            @JsonProperty("left_out") List<LeftOut> leftOut, List<Term> coefficients, OptionalDouble r,
            @JsonProperty("r_squared") OptionalDouble rSquared,
            @JsonProperty("adjusted_r_squared") OptionalDouble adjustedRSquared,
            @JsonProperty("residual_standard_error") OptionalDouble residualStandardError, double sse, double sst,
            List<Double> support, String equation, List<Predicted> predictions) {}

    record LeftOut(int row, String reason) {}

    record Term(String name, double value, @JsonProperty("standard_error") OptionalDouble standardError,
            OptionalDouble t, OptionalDouble p) {
        static Term of(Coefficient coefficient) {
            return new Term(coefficient.name(), coefficient.value(), coefficient.standardError(), coefficient.t(), coefficient.p());
        }
    }

    record Predicted(double x, double fitted, boolean inside,
            @JsonProperty("mean_interval") List<Double> meanInterval,
            @JsonProperty("prediction_interval") List<Double> predictionInterval) {
        static Predicted of(Prediction prediction) {
            return new Predicted(prediction.x(), prediction.fitted(), prediction.inside(),
                    ends(prediction.meanInterval()), ends(prediction.predictionInterval()));
        }
    }

    private FitJson() {}

    /** The fit of a line with predictions. */
    public static String of(LineFit line, Pairs pairs, Variable x, Variable y, List<Prediction> predictions) {
        List<LeftOut> leftOut = pairs.leftOut().stream()
                .map(row -> new LeftOut(row.row() + 1, row.reason().inWords())).toList();
        return Json.pretty(new Document("line", x.name(), y.name(), pairs.rowsInAll(), pairs.n(), leftOut,
                line.coefficients().stream().map(Term::of).toList(), line.r(), line.rSquared(), line.adjustedRSquared(),
                line.residualStandardError(), line.sse(), line.sst(),
                List.of(line.support().low(), line.support().high()),
                Equation.of(line, x, y, NumberStyle.STANDARD).plain(),
                predictions.stream().map(Predicted::of).toList()));
    }

    private static List<Double> ends(Optional<Interval> interval) {
        return interval.map(it -> List.of(it.low(), it.high())).orElse(null);
    }
}
