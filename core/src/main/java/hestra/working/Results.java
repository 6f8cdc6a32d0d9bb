package hestra.working;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

import hestra.data.Pairs;
import hestra.fit.Coefficient;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.summary.Association;
import hestra.summary.Summary;

/**
 * The results that a {@link Calculation} may name: {@code slope}, {@code intercept}, {@code r}, {@code r2}, {@code s},
 * {@code sse}, {@code sst}, {@code ssr}, {@code n}, {@code mean_x}, {@code sd_x}, {@code median_x}, {@code min_x},
 * {@code max_x} and the same of y, {@code sxx}, {@code syy}, {@code sxy}, and the coefficients of the curve by letter,
 * {@code a}, {@code b}, {@code c} … in the order of the equation ({@code k} for an exponential's rate).
 *
 * @param fit the curve in hand, or why there is none
 * @param pairs the pairs it was fitted to
 */
public record Results(Fit fit, Pairs pairs) {

    private static final Map<String, Function<Results, OptionalDouble>> NAMED = new LinkedHashMap<>();

    static {
        NAMED.put("slope", ofLine(line -> OptionalDouble.of(line.slope().value())));
        NAMED.put("intercept", ofLine(line -> OptionalDouble.of(line.intercept().value())));
        NAMED.put("r", results -> results.association().map(Association::r).orElse(OptionalDouble.empty()));
        NAMED.put("r2", ofCurve(fit -> fit.goodness().rSquared()));
        NAMED.put("s", ofCurve(fit -> fit.goodness().residualStandardError()));
        NAMED.put("sse", ofCurve(fit -> OptionalDouble.of(fit.goodness().sse())));
        NAMED.put("sst", ofCurve(fit -> OptionalDouble.of(fit.goodness().sst())));
        NAMED.put("ssr", ofCurve(fit -> OptionalDouble.of(fit.goodness().ssr())));
        NAMED.put("n", results -> OptionalDouble.of(results.pairs.n()));
        NAMED.put("mean_x", ofX(summary -> OptionalDouble.of(summary.mean())));
        NAMED.put("mean_y", ofY(summary -> OptionalDouble.of(summary.mean())));
        NAMED.put("sd_x", ofX(Summary::standardDeviation));
        NAMED.put("sd_y", ofY(Summary::standardDeviation));
        NAMED.put("median_x", ofX(summary -> OptionalDouble.of(summary.median())));
        NAMED.put("median_y", ofY(summary -> OptionalDouble.of(summary.median())));
        NAMED.put("min_x", ofX(summary -> OptionalDouble.of(summary.least())));
        NAMED.put("min_y", ofY(summary -> OptionalDouble.of(summary.least())));
        NAMED.put("max_x", ofX(summary -> OptionalDouble.of(summary.greatest())));
        NAMED.put("max_y", ofY(summary -> OptionalDouble.of(summary.greatest())));
        NAMED.put("sxx", ofBoth(association -> OptionalDouble.of(association.sxx())));
        NAMED.put("syy", ofBoth(association -> OptionalDouble.of(association.syy())));
        NAMED.put("sxy", ofBoth(association -> OptionalDouble.of(association.sxy())));
    }

    /** A result, or why there is none. */
    sealed interface Found {}

    record Known(double value) implements Found {}

    record Missing(String message) implements Found {}

    static boolean isName(String name) {
        return NAMED.containsKey(name) || name.matches("[a-gk]");
    }

    static String names() {
        return String.join(", ", NAMED.keySet());
    }

    Found value(String name) {
        OptionalDouble value = NAMED.containsKey(name) ? NAMED.get(name).apply(this) : coefficient(name);
        return value.isPresent() ? new Known(value.getAsDouble()) : new Missing(whyMissing(name));
    }

    private String whyMissing(String name) {
        if (fit instanceof Fit.None(String reason)) {
            return name + " has no value yet. " + reason;
        }
        String curve = fit.curveFit().map(it -> it.curve().inWords()).orElse("data");
        return "The " + curve + " has no " + name + ", or it is not defined on these points.";
    }

    private OptionalDouble coefficient(String letter) {
        List<Coefficient> coefficients = fit.curveFit().map(CurveFit::coefficients).orElse(List.of());
        Optional<Coefficient> named = coefficients.stream().filter(it -> it.name().equals(letter)).findFirst();
        if (named.isPresent() || letter.equals("k")) {
            return named.map(it -> OptionalDouble.of(it.value())).orElse(OptionalDouble.empty());
        }
        int index = letter.charAt(0) - 'a';
        boolean lettered = coefficients.stream().anyMatch(it -> it.name().equals("a"));
        return !lettered && index < coefficients.size()
                ? OptionalDouble.of(coefficients.get(index).value()) : OptionalDouble.empty();
    }

    private Optional<Association> association() {
        return Association.of(pairs);
    }

    private static Function<Results, OptionalDouble> ofLine(Function<LineFit, OptionalDouble> value) {
        return results -> results.fit.line().map(value).orElse(OptionalDouble.empty());
    }

    private static Function<Results, OptionalDouble> ofCurve(Function<CurveFit, OptionalDouble> value) {
        return results -> results.fit.curveFit().map(value).orElse(OptionalDouble.empty());
    }

    private static Function<Results, OptionalDouble> ofX(Function<Summary, OptionalDouble> value) {
        return results -> Summary.ofX(results.pairs).map(value).orElse(OptionalDouble.empty());
    }

    private static Function<Results, OptionalDouble> ofY(Function<Summary, OptionalDouble> value) {
        return results -> Summary.ofY(results.pairs).map(value).orElse(OptionalDouble.empty());
    }

    private static Function<Results, OptionalDouble> ofBoth(Function<Association, OptionalDouble> value) {
        return results -> Association.of(results.pairs).map(value).orElse(OptionalDouble.empty());
    }
}
