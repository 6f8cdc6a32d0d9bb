package hestra.fit;

/**
 * How a class writes its equations.
 *
 * @param constantFirst whether the constant term comes first, as in a + b x; else the highest power does, as in b x + a
 * @param names whether the variables go by their names; else by x and y
 * @param base of which power an exponential is written
 */
public record EquationForm(boolean constantFirst, boolean names, Base base) {

    /** The base of an exponential. */
    public enum Base {
        /** a · bˣ. */
        OWN,
        /** a · e^(k x), k being ln b. */
        E
    }

    /** Exponentials with a base of their own. */
    public EquationForm(boolean constantFirst, boolean names) {
        this(constantFirst, names, Base.OWN);
    }

    public EquationForm withConstantFirst(boolean first) {
        return new EquationForm(first, names, base);
    }

    public EquationForm withNames(boolean named) {
        return new EquationForm(constantFirst, named, base);
    }

    public EquationForm with(Base chosen) {
        return new EquationForm(constantFirst, names, chosen);
    }

    /** ŷ = a + b x, with names. */
    public static final EquationForm USUAL = new EquationForm(true, true);
}
