package hestra.feedback;

import java.util.OptionalDouble;

import hestra.data.Variable;
import hestra.numbers.Rounding;

/** A value that a student can be asked to read. */
public enum Quantity {
    SLOPE("slope of the line of least squares", "Read the slope", "By how much does {y} change for one more {x.name}, on average?"),
    INTERCEPT("intercept of the line of least squares", "Read the intercept", "What is the intercept of the line of least squares?"),
    R("correlation r", "Read r", "What is the correlation r of {x.name} and {y.name}?"),
    R_SQUARED("coefficient of determination R²", "Read R²", "What share of the variation in {y.name} goes with {x.name}? Give R²."),
    RESIDUAL_STANDARD_ERROR("residual standard error s", "Read s", "How far from the line are the points, typically? Give the residual standard error s."),
    N("number of points n", "Count the points", "How many points is the line fitted to?"),
    MEAN_X("mean of the explanatory variable", "Mean of x", "What is the mean of {x.name}?"),
    MEAN_Y("mean of the response", "Mean of y", "What is the mean of {y.name}?");

    private static final int LEAST_PLACES = 3;
    private static final int MOST_PLACES = 8;

    private final String words;
    private final String title;
    private final String prompt;

    Quantity(String words, String title, String prompt) {
        this.words = words;
        this.title = title;
        this.prompt = prompt;
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

    /** How it is usually asked for: three digits; r and R² with as many places, at least three, as keep them from being rounded to 1. */
    public Rounding usualRounding(OptionalDouble value) {
        return switch (this) {
            case N -> new Rounding.Places(0);
            case R, R_SQUARED -> new Rounding.Places(placesBelowOne(Math.abs(value.orElse(0))));
            case SLOPE, INTERCEPT, RESIDUAL_STANDARD_ERROR, MEAN_X, MEAN_Y -> new Rounding.Significant(3);
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
        return this == SLOPE || this == INTERCEPT || this == R;
    }

    /** The unit of this quantity: "cm per day" for a slope; empty where it has none. */
    public String unit(Variable x, Variable y) {
        return switch (this) {
            case SLOPE -> y.unit().isEmpty() || x.unit().isEmpty() ? "" : y.unit() + " per " + singular(x.unit());
            case INTERCEPT, RESIDUAL_STANDARD_ERROR, MEAN_Y -> y.unit();
            case MEAN_X -> x.unit();
            case R, R_SQUARED, N -> "";
        };
    }

    /** "days" → "day"; symbols such as "s" and "gauss" stay as they are. */
    public static String singular(String unit) {
        boolean plural = unit.length() > 3 && unit.endsWith("s") && !unit.endsWith("ss");
        return plural ? unit.substring(0, unit.length() - 1) : unit;
    }
}
