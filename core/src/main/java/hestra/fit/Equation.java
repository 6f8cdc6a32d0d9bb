package hestra.fit;

import hestra.data.Variable;
import hestra.numbers.NumberStyle;

/**
 * The equation of a line in parts, to be set as mathematics: response^ = intercept ± slope · explanatory.
 *
 * @param response name of y
 * @param intercept a, as it is shown
 * @param sign + or −, between the terms
 * @param slope the size of b, as it is shown
 * @param explanatory name of x
 */
public record Equation(String response, String intercept, String sign, String slope, String explanatory) {

    /** The equation of a line with the variables' names. */
    public static Equation of(LineFit line, Variable x, Variable y, NumberStyle style) {
        double b = line.slope().value();
        return new Equation(y.name(), style.show(line.intercept().value()),
                b < 0 ? String.valueOf(NumberStyle.MINUS) : "+", style.show(Math.abs(b)), x.name());
    }

    /** On one line, as plain text. */
    public String plain() {
        return response + " = " + intercept + " " + sign + " " + slope + " · " + explanatory;
    }
}
