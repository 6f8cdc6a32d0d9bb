package hestra.sentences;

/**
 * What is true of what a sentence is about.
 *
 * @param value the slope, intercept, r, R², s or prediction
 * @param at where the prediction is made; 0 for an intercept
 * @param inside whether that lies among the data
 */
public record Facts(double value, double at, boolean inside) {}
