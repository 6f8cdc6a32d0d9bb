package hestra.documents.page;

import java.io.IOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.documents.exercise.Json;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Equation;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.working.Calculation;
import hestra.working.FitAnswer;
import hestra.working.FitAnswer.Part;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class FitJsonTest {

    private static final Variable DAYS = Kelp.table().variable(0);
    private static final Variable LENGTH = Kelp.table().variable(1);

    private static CurveFit fit(String curve, Pairs pairs) {
        return LeastSquares.fit(Curve.of(curve, Curve.FittedOn.LOGARITHMS).orElseThrow(), pairs).curveFit().orElseThrow();
    }

    private static JsonNode json(String curve, Pairs pairs, List<Double> at, Set<Part> parts) throws IOException {
        return Json.tree(FitJson.of(new FitAnswer(fit(curve, pairs), pairs, DAYS, LENGTH, 0.95, at, List.of(5.0),
                List.of(Calculation.read("2 * n", DecimalMark.POINT), Calculation.read("2 *", DecimalMark.POINT)), parts)));
    }

    private static Pairs kelp() {
        return Pairs.of(Kelp.DAYS, Kelp.LENGTHS);
    }

    @Test
    void aLineHasTheAgreedShapeAndNumbersInFull() throws IOException {
        DataTable table = Kelp.table().withCell(5, 0, Cell.of("12", DecimalMark.POINT));
        Pairs pairs = Pairs.of(table, 0, 1);
        JsonNode json = json("line", pairs, List.of(20.0), Set.of());
        assertThat(json.fieldNames()).toIterable()
                .contains("curve", "explanatory", "response", "rows", "used", "left_out", "coefficients", "r",
                "r_squared", "adjusted_r_squared", "residual_standard_error", "sse", "sst", "support", "equation", "predictions")
                .doesNotContain("diagnostics", "working", "summary", "comparison", "r_squared_transformed", "fitted_on");
        assertThat(json.at("/left_out/0/row").asInt()).isEqualTo(6);
        assertThat(json.at("/left_out/0/reason").asText()).isEqualTo("incomplete");
        assertThat(json.at("/coefficients/0/name").asText()).isEqualTo("intercept");
        assertThat(json.at("/coefficients/1/name").asText()).isEqualTo("slope");
        assertThat(json.at("/coefficients/1/value").asDouble()).isEqualTo(fit("line", pairs).coefficients().get(1).value());
        assertThat(json.at("/coefficients/1").fieldNames()).toIterable().contains("name", "value", "standard_error", "t", "p");
        assertThat(json.at("/predictions/0/inside").asBoolean()).isFalse();
        assertThat(json.at("/predictions/0/beyond").asDouble()).isEqualTo(10);
        assertThat(json.at("/predictions/0/mean_interval")).hasSize(2);
        assertThat(json.at("/rows").asInt()).isEqualTo(6);
        assertThat(json.at("/used").asInt()).isEqualTo(5);
        assertThat(json.at("/reached/0/at/0/x").asDouble()).isEqualTo((5 - 1.95) / 0.515, within(1e-12));
        assertThat(json.at("/calculated/0/value").asDouble()).isEqualTo(10);
        assertThat(json.at("/calculated/1/value").isNull()).isTrue();
        assertThat(json.at("/calculated/1/reason").asText()).contains("ends too soon");
    }

    @Test
    void whatIsNotDefinedIsNull() throws IOException {
        JsonNode json = json("line", Pairs.of(new double[] {1, 2}, new double[] {3, 3}), List.of(1.0), Set.of());
        assertThat(json.get("r").isNull()).isTrue();
        assertThat(json.get("adjusted_r_squared").isNull()).isTrue();
        assertThat(json.at("/coefficients/0/standard_error").isNull()).isTrue();
        assertThat(json.at("/predictions/0/mean_interval").isNull()).isTrue();
        JsonNode log = json("log", kelp(), List.of(-1.0), Set.of());
        assertThat(log.at("/predictions/0/fitted").isNull()).isTrue();
        assertThat(log.at("/predictions/0/reason").asText()).contains("not defined");
    }

    @Test
    void coefficientsHaveTheAgreedNames() throws IOException {
        assertThat(json("cubic", kelp(), List.of(), Set.of()).findValuesAsText("name"))
                .containsExactly("intercept", "x", "x^2", "x^3");
        JsonNode exponential = json("exponential", kelp(), List.of(), Set.of());
        assertThat(exponential.findValuesAsText("name")).containsExactly("a", "b", "k");
        assertThat(exponential.get("fitted_on").asText()).isEqualTo("logarithms");
        assertThat(exponential.get("r_squared_transformed").asDouble()).isBetween(0.9, 1.0);
        assertThat(json("power", kelp(), List.of(), Set.of()).findValuesAsText("name")).containsExactly("a", "b");
        assertThat(json("log", kelp(), List.of(), Set.of()).findValuesAsText("name")).containsExactly("a", "b");
    }

    @Test
    void everyPartIsThereWhenItIsAskedFor() throws IOException {
        JsonNode json = json("line", kelp(), List.of(), EnumSet.allOf(Part.class));
        assertThat(json.at("/diagnostics")).hasSize(5);
        assertThat(json.at("/diagnostics/0/leverage").asDouble()).isEqualTo(0.2 + 16.0 / 40, within(1e-14));
        assertThat(json.at("/diagnostics/0/change_without").fieldNames()).toIterable().containsExactly("intercept", "slope");
        assertThat(json.at("/residuals/normal")).hasSize(5);
        assertThat(json.at("/working/columns/4/sum").asDouble()).isEqualTo(171.8, within(1e-12));
        assertThat(json.at("/working/steps/5/name").asText()).isEqualTo("slope");
        assertThat(json.at("/matrices/xx/0/0").asDouble()).isEqualTo(5);
        assertThat(json.at("/summary/x/mean").asDouble()).isEqualTo(6);
        assertThat(json.at("/summary/association/spearman").asDouble()).isEqualTo(1);
        assertThat(json.at("/comparison")).hasSize(Curve.all().size());
        assertThat(json.at("/comparison/6/reason").asText()).contains("7 coefficients");
    }

    @Test
    void anEquationIsSetAsMathematics() {
        String cubic = MathMl.of(Equation.of(fit("cubic", kelp()), DAYS, new Variable("a<b", "", ""), NumberStyle.STANDARD));
        assertThat(cubic).contains("<mtext>a&lt;b</mtext>").contains("<msup><mtext>days</mtext><mn>3</mn></msup>")
                .startsWith("<math").endsWith("</math>");
        String growth = MathMl.of(Equation.of(fit("exponential", kelp()), DAYS, LENGTH, NumberStyle.STANDARD));
        assertThat(growth).matches(".*<mo>·</mo><msup><mn>[0-9.]+</mn><mtext>days</mtext></msup></math>");
    }
}
