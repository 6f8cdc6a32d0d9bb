package hestra.figure;

import java.util.EnumSet;
import java.util.Set;

/** A part of the plot that can be shown or hidden by its chip. */
public enum Layer {
    POINTS("Points", "the observed pairs"),
    LINE("Line", "the line of least squares"),
    RESIDUALS("Residuals", "the upright distance of each point from the line"),
    SQUARES("Squares", "the residuals squared: least squares makes their sum as small as it can be"),
    MEAN("Mean", "the mean of the response"),
    NAMES("Names", "what each point is called");

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

    /** What is shown to begin with. */
    public static Set<Layer> usual() {
        return EnumSet.of(POINTS, LINE, RESIDUALS);
    }
}
