package hestra.fit;

/**
 * How a class writes its equations.
 *
 * @param constantFirst whether the constant term comes first, as in a + b x; else the highest power does, as in b x + a
 * @param names whether the variables go by their names; else by x and y
 * @param base of which power an exponential is written
 */
public record EquationNotation(boolean constantFirst, boolean names, Base base) {

    /** The base of an exponential. */
    public enum Base {
        /** a · bˣ. */
        OWN,
        /** a · e^(k x), k being ln b. */
        E
    }

    /** Exponentials with a base of their own. */
    public EquationNotation(boolean constantFirst, boolean names) {
        this(constantFirst, names, Base.OWN);
    }

    public EquationNotation withConstantFirst(boolean first) {
        return new EquationNotation(first, names, base);
    }

    public EquationNotation withNames(boolean named) {
        return new EquationNotation(constantFirst, named, base);
    }

    public EquationNotation with(Base chosen) {
        return new EquationNotation(constantFirst, names, chosen);
    }

    /** ŷ = a + b x, with names. */
    public static final EquationNotation USUAL = new EquationNotation(true, true);
}
