package hestra.feedback;

import hestra.data.Variable;

/** A value that a student can be asked to read. */
public enum Quantity {
    SLOPE("slope of the line of least squares", "Read the slope"),
    INTERCEPT("intercept of the line of least squares", "Read the intercept"),
    R("correlation r", "Read r"),
    R_SQUARED("coefficient of determination R²", "Read R²"),
    RESIDUAL_STANDARD_ERROR("residual standard error s", "Read s"),
    N("number of points n", "Count the points"),
    MEAN_X("mean of the explanatory variable", "Mean of x"),
    MEAN_Y("mean of the response", "Mean of y");

    private final String words;
    private final String title;

    Quantity(String words, String title) {
        this.words = words;
        this.title = title;
    }

    public String inWords() {
        return words;
    }

    /** A title for a task that asks for it. */
    public String title() {
        return title;
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
