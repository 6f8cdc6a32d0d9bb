package hestra.task;

import java.util.EnumSet;
import java.util.Set;

/** Something that an exercise can hold back until a task is done. */
public enum Aid {
    TRIAL("line by eye"),
    TRIAL_SQUARES("sum of squares by eye"),
    LINE("line of least squares"),
    CURVES("further curves"),
    EQUATION("equation"),
    R("r"),
    R_SQUARED("R²"),
    RESIDUALS("residuals"),
    PREDICTION("prediction");

    private final String words;

    Aid(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /** "Look before the line": everything but the points is held back. */
    public static Set<Aid> all() {
        return EnumSet.allOf(Aid.class);
    }
}
