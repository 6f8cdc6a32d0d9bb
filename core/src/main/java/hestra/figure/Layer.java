package hestra.figure;

import java.util.EnumSet;
import java.util.Set;

/** A part of the plot that can be shown or hidden by its chip. */
public enum Layer {
    POINTS("Points", "the observed pairs"),
    LINE("Line", "the line of least squares"),
    RESIDUALS("Residuals", "the vertical distance of each point from the selected curve"),
    SQUARES("Squares", "the residuals squared: least squares makes their sum as small as it can be"),
    NAMES("Names", "the name of each point"),
    MEAN("Mean", "the mean of the response"),
    EQUATIONS("Equations", "each curve's equation beside it: drag it elsewhere, turn the wheel over it for its size"),
    DEVIATIONS("Deviations", "how far each point lies from the mean: one part explained by the selected curve, one left over"),
    MEAN_INTERVAL("Mean interval", "where the mean response at each x lies, at the level of confidence chosen at the readings"),
    PREDICTION_INTERVAL("Prediction interval", "where a single new response at each x lies, at the level chosen at the readings"),
    PRODUCTS("Products",
            "the rectangle of the selected point with the two means: Sxy is the sum of such areas, those at the other corners "
            + "subtracted"),
    LEVERAGE("Leverage",
            "how strongly each point can pull the selected curve; a ring marks a point that does, by its Cook\u2019s distance"),
    SMOOTH("Smooth", "a smooth line through the residuals, which shows a pattern in them");

    private final String title;
    private final String meaning;

    Layer(String title, String meaning) {
        this.title = title;
        this.meaning = meaning;
    }

    public String title() {
        return title;
    }

    public String meaning() {
        return meaning;
    }

    /** Whether it is needed often enough to be offered all the time; others are found behind "More". */
    public boolean isEveryday() {
        return ordinal() <= NAMES.ordinal();
    }

    /** Whether it is drawn from each point: where chance puts points elsewhere that would only be in the way. */
    public boolean isOfEachPoint() {
        return this == RESIDUALS || this == SQUARES || this == DEVIATIONS;
    }

    /** What is shown to begin with. */
    public static Set<Layer> usual() {
        return EnumSet.of(POINTS, LINE, RESIDUALS, EQUATIONS);
    }
}
