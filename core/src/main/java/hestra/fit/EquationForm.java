package hestra.fit;

/**
 * How a class writes its equations.
 *
 * @param constantFirst whether the constant term comes first, as in a + b x; else the highest power does, as in b x + a
 * @param names whether the variables go by their names; else by x and y
 */
public record EquationForm(boolean constantFirst, boolean names) {

    /** ŷ = a + b x, with names. */
    public static final EquationForm USUAL = new EquationForm(true, true);
}
