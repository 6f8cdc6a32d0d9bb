package hestra.feedback;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

import hestra.data.Variable;
import hestra.fit.Coefficient;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.FTest;
import hestra.fit.Interval;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.numbers.Rounding;
import hestra.summary.Association;
import hestra.summary.Summary;

/** A value that a student can be asked to read. */
public enum Quantity {
    SLOPE("slope of the line of least squares", "Read the slope",
            "By how much does {y} change for one more {x.name}, on average?", Of.LINE, Dimensions.slope(),
            line(line -> line.slope().value())),
    INTERCEPT("intercept of the line of least squares", "Read the intercept",
            "What is the intercept of the line of least squares?", Of.LINE, Dimensions.Y, line(line -> line.intercept().value())),
    R("correlation r", "Read r", "What is the correlation r of {x.name} and {y.name}?", Of.DATA, Dimensions.NUMBER,
            here -> here.data().line().map(LineFit::r).orElse(OptionalDouble.empty())),
    R_SQUARED("coefficient of determination R²", "Read R²",
            "What share of the variation in {y.name} goes with {x.name}? Give R².", Of.CURVE, Dimensions.NUMBER,
            curveMaybe(fit -> fit.goodness().rSquared())),
    RESIDUAL_STANDARD_ERROR("residual standard error s", "Read s",
            "How far from the line are the points, typically? Give the residual standard error s.", Of.CURVE, Dimensions.Y,
            curveMaybe(fit -> fit.goodness().residualStandardError())),
    N("number of points n", "Count the points", "How many points is the line fitted to?", Of.DATA, Dimensions.COUNT,
            here -> OptionalDouble.of(here.data().pairs().n())),
    MEAN_X("mean of the explanatory variable", "Mean of x", "What is the mean of {x.name}?", Of.DATA, Dimensions.X,
            x(Summary::mean)),
    MEAN_Y("mean of the response", "Mean of y", "What is the mean of {y.name}?", Of.DATA, Dimensions.Y, y(Summary::mean)),

    ADJUSTED_R_SQUARED("adjusted R²", Of.CURVE, Dimensions.NUMBER, curveMaybe(fit -> fit.goodness().adjustedRSquared())),
    COEFFICIENT_A("coefficient a of the curve", Of.CURVE, Dimensions.OPEN, coefficient("a", 0)),
    COEFFICIENT_B("coefficient b of the curve", Of.CURVE, Dimensions.OPEN, coefficient("b", 1)),
    COEFFICIENT_C("coefficient c of the curve", Of.CURVE, Dimensions.OPEN, coefficient("c", 2)),
    COEFFICIENT_D("coefficient d of the curve", Of.CURVE, Dimensions.OPEN, coefficient("d", 3)),
    COEFFICIENT_K("rate k of the exponential curve", Of.CURVE, Dimensions.OPEN, coefficient("k", -1)),
    SLOPE_ERROR("standard error of the slope", Of.LINE, Dimensions.slope(), lineMaybe(line -> line.slope().standardError())),
    INTERCEPT_ERROR("standard error of the intercept", Of.LINE, Dimensions.Y,
            lineMaybe(line -> line.intercept().standardError())),
    SLOPE_T("t of the slope", Of.LINE, Dimensions.NUMBER, lineMaybe(line -> line.slope().t())),
    SLOPE_P("p of the slope", Of.LINE, Dimensions.NUMBER, lineMaybe(line -> line.slope().p())),
    INTERCEPT_T("t of the intercept", Of.LINE, Dimensions.NUMBER, lineMaybe(line -> line.intercept().t())),
    INTERCEPT_P("p of the intercept", Of.LINE, Dimensions.NUMBER, lineMaybe(line -> line.intercept().p())),
    SLOPE_LOW("lower end of the interval of the slope", Of.LEVEL, Dimensions.slope(), interval(LineFit::slope, Interval::low)),
    SLOPE_HIGH("upper end of the interval of the slope", Of.LEVEL, Dimensions.slope(), interval(LineFit::slope, Interval::high)),
    INTERCEPT_LOW("lower end of the interval of the intercept", Of.LEVEL, Dimensions.Y,
            interval(LineFit::intercept, Interval::low)),
    INTERCEPT_HIGH("upper end of the interval of the intercept", Of.LEVEL, Dimensions.Y,
            interval(LineFit::intercept, Interval::high)),
    R_LOW("lower end of the interval of r", Of.LEVEL, Dimensions.NUMBER, intervalOfR(0)),
    R_HIGH("upper end of the interval of r", Of.LEVEL, Dimensions.NUMBER, intervalOfR(1)),
    RANK_CORRELATION("rank correlation", Of.DATA, Dimensions.NUMBER, bothMaybe(Association::spearman)),
    F("F of the curve", Of.CURVE, Dimensions.NUMBER,
            curveMaybe(fit -> fit.fTest().map(FTest::f).map(OptionalDouble::of).orElse(OptionalDouble.empty()))),
    SSE("sum of squared residuals SSE", Of.CURVE, Dimensions.Y_SQUARED, curve(fit -> fit.goodness().sse())),
    SST("total sum of squares SST", Of.CURVE, Dimensions.Y_SQUARED, curve(fit -> fit.goodness().sst())),
    SSR("explained sum of squares SSR", Of.CURVE, Dimensions.Y_SQUARED, curve(fit -> fit.goodness().ssr())),
    MEDIAN_X("median of the explanatory variable", Of.DATA, Dimensions.X, x(Summary::median)),
    MEDIAN_Y("median of the response", Of.DATA, Dimensions.Y, y(Summary::median)),
    DEVIATION_X("standard deviation of the explanatory variable (n \u2212 1)", Of.DATA, Dimensions.DIFFERENCE_X,
            xMaybe(Summary::standardDeviation)),
    DEVIATION_Y("standard deviation of the response (n \u2212 1)", Of.DATA, Dimensions.DIFFERENCE_Y,
            yMaybe(Summary::standardDeviation)),
    DEVIATION_OF_ALL_X("standard deviation of the explanatory variable (n)", Of.DATA, Dimensions.DIFFERENCE_X,
            x(Summary::standardDeviationOfAll)),
    DEVIATION_OF_ALL_Y("standard deviation of the response (n)", Of.DATA, Dimensions.DIFFERENCE_Y,
            y(Summary::standardDeviationOfAll)),
    LOWER_QUARTILE_X("lower quartile of the explanatory variable", Of.DATA, Dimensions.X, x(Summary::lowerQuartile)),
    UPPER_QUARTILE_X("upper quartile of the explanatory variable", Of.DATA, Dimensions.X, x(Summary::upperQuartile)),
    LOWER_QUARTILE_Y("lower quartile of the response", Of.DATA, Dimensions.Y, y(Summary::lowerQuartile)),
    UPPER_QUARTILE_Y("upper quartile of the response", Of.DATA, Dimensions.Y, y(Summary::upperQuartile)),
    LEAST_X("least value of the explanatory variable", Of.DATA, Dimensions.X, x(Summary::least)),
    GREATEST_X("greatest value of the explanatory variable", Of.DATA, Dimensions.X, x(Summary::greatest)),
    LEAST_Y("least value of the response", Of.DATA, Dimensions.Y, y(Summary::least)),
    GREATEST_Y("greatest value of the response", Of.DATA, Dimensions.Y, y(Summary::greatest)),
    SUM_X("sum of the explanatory variable \u03a3x", Of.DATA, Dimensions.X, x(Summary::sum)),
    SUM_Y("sum of the response \u03a3y", Of.DATA, Dimensions.Y, y(Summary::sum)),
    SUM_X_SQUARED("sum of squares \u03a3x\u00b2", Of.DATA, Dimensions.X_SQUARED, x(Summary::sumOfSquares)),
    SUM_Y_SQUARED("sum of squares \u03a3y\u00b2", Of.DATA, Dimensions.Y_SQUARED, y(Summary::sumOfSquares)),
    SUM_OF_PRODUCTS("sum of products \u03a3xy", Of.DATA, Dimensions.PRODUCT, both(Association::sumOfProducts)),
    SXX("sum of squares Sxx about the mean", Of.DATA, Dimensions.X_SQUARED, both(Association::sxx)),
    SYY("sum of squares Syy about the mean", Of.DATA, Dimensions.Y_SQUARED, both(Association::syy)),
    SXY("sum of products Sxy about the means", Of.DATA, Dimensions.PRODUCT, both(Association::sxy)),
    COVARIANCE("covariance (n \u2212 1)", Of.DATA, Dimensions.PRODUCT, both(Association::covariance)),
    FITTED("fitted value of a row", Of.ROW, Dimensions.Y, point(it -> OptionalDouble.of(it.fitted()))),
    RESIDUAL("residual of a row", Of.ROW, Dimensions.DIFFERENCE_Y, point(it -> OptionalDouble.of(it.residual()))),
    STANDARDISED_RESIDUAL("standardised residual of a row", Of.ROW, Dimensions.NUMBER, point(Diagnostics.Point::standardised)),
    LEVERAGE("leverage of a row", Of.ROW, Dimensions.NUMBER, point(Diagnostics.Point::leverage)),
    COOKS_DISTANCE("influence of a row (Cook's distance)", Of.ROW, Dimensions.NUMBER, point(Diagnostics.Point::cooksDistance)),
    MEAN_LOW("lower end of the interval of the mean response", Of.PLACE, Dimensions.Y,
            prediction(it -> it.meanInterval().map(Interval::low))),
    MEAN_HIGH("upper end of the interval of the mean response", Of.PLACE, Dimensions.Y,
            prediction(it -> it.meanInterval().map(Interval::high))),
    SINGLE_LOW("lower end of the interval of a single response", Of.PLACE, Dimensions.Y,
            prediction(it -> it.predictionInterval().map(Interval::low))),
    SINGLE_HIGH("upper end of the interval of a single response", Of.PLACE, Dimensions.Y,
            prediction(it -> it.predictionInterval().map(Interval::high)));

    /** What else has to be said for a value to be known. */
    public enum Of {
        /** Nothing: it belongs to the data. */
        DATA,
        /** Nothing: it belongs to the line. */
        LINE,
        /** Which curve. */
        CURVE,
        /** At which level, of the line. */
        LEVEL,
        /** Which row, and of which curve. */
        ROW,
        /** At which x, at which level, and of which curve. */
        PLACE
    }

    /** A value of some data, for a curve, a row, a level and a place where it wants them. */
    record Here(Evidence data, Reading what) {}

    /** How it is worked out. */
    @FunctionalInterface
    interface Worked extends Function<Here, OptionalDouble> {}

    private static final int LEAST_PLACES = 3;
    private static final int MOST_PLACES = 8;

    private final String words;
    private final String title;
    private final String prompt;
    private final Of of;
    private final Dimensions measured;
    private final Worked worked;

    Quantity(String words, String title, String prompt, Of of, Dimensions measured, Worked worked) {
        this.words = words;
        this.title = title;
        this.prompt = prompt;
        this.of = of;
        this.measured = measured;
        this.worked = worked;
    }

    Quantity(String words, Of of, Dimensions measured, Worked worked) {
        this(words, "Read the " + words, "What is the " + words + "?", of, measured, worked);
    }

    public String inWords() {
        return words;
    }

    /** A title for a task that asks for it. */
    public String title() {
        return title;
    }

    /** A prompt for such a task, with live values. */
    public String prompt() {
        return prompt;
    }

    /** What else has to be said for it to be known. */
    public Of of() {
        return of;
    }

    /** What it is measured in. */
    public Dimensions measured() {
        return measured;
    }

    /** The same of a curve: what its coefficients are measured in depends on it. */
    Dimensions measured(Curve curve) {
        return switch (this) {
            case COEFFICIENT_A -> Dimensions.ofCoefficient(curve, 0);
            case COEFFICIENT_B -> Dimensions.ofCoefficient(curve, 1);
            case COEFFICIENT_C, COEFFICIENT_K -> Dimensions.ofCoefficient(curve, 2);
            case COEFFICIENT_D -> Dimensions.ofCoefficient(curve, 3);
            default -> measured;
        };
    }

    OptionalDouble in(Here here) {
        OptionalDouble value = worked.apply(here);
        return value.isPresent() && Double.isFinite(value.getAsDouble()) ? value : OptionalDouble.empty();
    }

    /**
     * How it is usually asked for: three digits; r and R² with as many places, at least three, as keep them from being rounded to
     * 1.
     */
    public Rounding usualRounding(OptionalDouble value) {
        return switch (this) {
            case N -> new Rounding.Places(0);
            case R, R_SQUARED, ADJUSTED_R_SQUARED, RANK_CORRELATION, R_LOW, R_HIGH ->
                    new Rounding.Places(placesBelowOne(Math.abs(value.orElse(0))));
            default -> new Rounding.Significant(3);
        };
    }

    private static int placesBelowOne(double size) {
        int places = LEAST_PLACES;
        while (places < MOST_PLACES && size < 1 && new Rounding.Places(places).apply(size).doubleValue() == 1) {
            places++;
        }
        return places;
    }

    /** Whether its sign says which way the line goes, or is easily lost. */
    boolean hasDirection() {
        return switch (this) {
            case SLOPE, INTERCEPT, R, SLOPE_T, INTERCEPT_T, SLOPE_LOW, SLOPE_HIGH, INTERCEPT_LOW, INTERCEPT_HIGH, R_LOW, R_HIGH,
                    RANK_CORRELATION, SXY, COVARIANCE, COEFFICIENT_A, COEFFICIENT_B, COEFFICIENT_C,
                    COEFFICIENT_D, COEFFICIENT_K -> true;
            default -> false;
        };
    }

    /** Whether it is a share of a whole. */
    public boolean isShare() {
        return this == R_SQUARED || this == ADJUSTED_R_SQUARED;
    }

    /** Whether it may be given in percent: a share, or a chance. */
    boolean mayBePercent() {
        return isShare() || this == SLOPE_P || this == INTERCEPT_P;
    }

    /** The unit of this quantity: "cm per day" for a slope; empty where it has none. */
    public String unit(Variable x, Variable y) {
        return measured.unit(x, y);
    }

    private static Worked line(ToDoubleFunction<LineFit> value) {
        return lineMaybe(line -> OptionalDouble.of(value.applyAsDouble(line)));
    }

    private static Worked lineMaybe(Function<LineFit, OptionalDouble> value) {
        return here -> here.data().line().map(value).orElse(OptionalDouble.empty());
    }

    private static Worked curve(ToDoubleFunction<CurveFit> value) {
        return curveMaybe(fit -> OptionalDouble.of(value.applyAsDouble(fit)));
    }

    private static Worked curveMaybe(Function<CurveFit, OptionalDouble> value) {
        return here -> here.data().fit(here.what().curve()).curveFit().map(value).orElse(OptionalDouble.empty());
    }

    /** A coefficient by its letter, or of curves whose coefficients have names, by its place. */
    private static Worked coefficient(String letter, int place) {
        return curveMaybe(fit -> {
            Optional<Coefficient> named = fit.coefficients().stream().filter(it -> it.name().equals(letter)).findFirst();
            boolean lettered = fit.coefficients().stream().anyMatch(it -> it.name().equals("a"));
            return named.or(() -> !lettered && place >= 0 && place < fit.coefficients().size()
                    ? Optional.of(fit.coefficients().get(place)) : Optional.empty())
                    .map(it -> OptionalDouble.of(it.value())).orElse(OptionalDouble.empty());
        });
    }

    private static Worked interval(Function<LineFit, Coefficient> coefficient, ToDoubleFunction<Interval> end) {
        return here -> here.data().line().flatMap(line -> coefficient.apply(line).interval(here.what().level()))
                .map(it -> OptionalDouble.of(end.applyAsDouble(it))).orElse(OptionalDouble.empty());
    }

    private static Worked intervalOfR(int end) {
        return here -> Association.of(here.data().pairs()).flatMap(it -> it.intervalOfR(here.what().level()))
                .map(it -> OptionalDouble.of(it[end])).orElse(OptionalDouble.empty());
    }

    private static Worked x(ToDoubleFunction<Summary> value) {
        return xMaybe(summary -> OptionalDouble.of(value.applyAsDouble(summary)));
    }

    private static Worked xMaybe(Function<Summary, OptionalDouble> value) {
        return here -> here.data().ofX().map(value).orElse(OptionalDouble.empty());
    }

    private static Worked y(ToDoubleFunction<Summary> value) {
        return yMaybe(summary -> OptionalDouble.of(value.applyAsDouble(summary)));
    }

    private static Worked yMaybe(Function<Summary, OptionalDouble> value) {
        return here -> here.data().ofY().map(value).orElse(OptionalDouble.empty());
    }

    private static Worked both(ToDoubleFunction<Association> value) {
        return bothMaybe(association -> OptionalDouble.of(value.applyAsDouble(association)));
    }

    private static Worked bothMaybe(Function<Association, OptionalDouble> value) {
        return here -> Association.of(here.data().pairs()).map(value).orElse(OptionalDouble.empty());
    }

    private static Worked point(Function<Diagnostics.Point, OptionalDouble> value) {
        return here -> here.what().row().isEmpty() ? OptionalDouble.empty()
                : here.data().points(here.what().curve()).stream().filter(it -> it.row() == here.what().row().getAsInt())
                .findFirst().map(value).orElse(OptionalDouble.empty());
    }

    private static Worked prediction(Function<Prediction, Optional<Double>> end) {
        return here -> here.what().at().isEmpty() ? OptionalDouble.empty()
                : here.data().fit(here.what().curve()).curveFit()
                .flatMap(fit -> fit.predicted(here.what().at().getAsDouble(), here.what().level())).flatMap(end)
                .map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}
