package hestra.sentences;

import java.util.List;

/**
 * What is true of what a sentence is about.
 *
 * @param value the slope, intercept, r, R\u00b2, s or prediction
 * @param at where the prediction is made; 0 for an intercept
 * @param inside whether that lies among the data
 * @param others other numbers of the same data, one of which may be given in its place
 */
public record Facts(double value, double at, boolean inside, List<Other> others) {

    /**
     * Another number of the data.
     *
     * @param name what it is called, such as "the intercept"
     * @param value its value
     */
    public record Other(String name, double value) {}

    public Facts {
        others = List.copyOf(others);
    }

    /** Without other numbers. */
    public Facts(double value, double at, boolean inside) {
        this(value, at, inside, List.of());
    }
}
