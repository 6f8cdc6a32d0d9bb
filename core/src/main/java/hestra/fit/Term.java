package hestra.fit;

import java.util.Arrays;
import java.util.Optional;

import hestra.numbers.DoubleDouble;

/** A term that a curve of own terms may be made of. */
public enum Term {
    ONE("1", "1"),
    X("x", "x"),
    X_SQUARED("x^2", "x²"),
    X_CUBED("x^3", "x³"),
    ROOT("sqrt(x)", "√x"),
    INVERSE("1/x", "1/x"),
    LN("ln(x)", "ln x"),
    EXP("exp(x)", "eˣ");

    private final String code;
    private final String symbol;

    Term(String code, String symbol) {
        this.code = code;
        this.symbol = symbol;
    }

    /** As the command line and files write it. */
    public String code() {
        return code;
    }

    /** As it is written in an equation in x. */
    public String symbol() {
        return symbol;
    }

    /** The term of a code such as "x^2" or "ln(x)"; nothing where there is none. */
    public static Optional<Term> of(String code) {
        return Arrays.stream(values()).filter(term -> term.code.equals(code)).findFirst();
    }

    /** Whether the term has a value at a finite x. */
    public boolean isDefined(double x) {
        return switch (this) {
            case ONE, X, X_SQUARED, X_CUBED, EXP -> true;
            case ROOT -> x >= 0;
            case INVERSE -> x != 0;
            case LN -> x > 0;
        };
    }

    /** What x must be, in words; empty where any will do. */
    String domain() {
        return switch (this) {
            case ONE, X, X_SQUARED, X_CUBED, EXP -> "";
            case ROOT -> "x of at least 0";
            case INVERSE -> "x other than 0";
            case LN -> "x above 0";
        };
    }

    /** The derivative where the term is defined; not a number where it has none. */
    double slope(double x) {
        return switch (this) {
            case ONE -> 0;
            case X -> 1;
            case X_SQUARED -> 2 * x;
            case X_CUBED -> 3 * x * x;
            case ROOT -> x > 0 ? 0.5 / Math.sqrt(x) : Double.NaN;
            case INVERSE -> -1 / (x * x);
            case LN -> 1 / x;
            case EXP -> Math.exp(x);
        };
    }

    /** The value where it is defined; powers, roots and inverses to twice the digits, ln and exp to a double's. */
    public DoubleDouble at(double x) {
        return switch (this) {
            case ONE -> DoubleDouble.of(1);
            case X -> DoubleDouble.of(x);
            case X_SQUARED -> DoubleDouble.product(x, x);
            case X_CUBED -> DoubleDouble.product(x, x).times(x);
            case ROOT -> DoubleDouble.of(x).sqrt();
            case INVERSE -> DoubleDouble.of(1).dividedBy(x);
            case LN -> DoubleDouble.of(Math.log(x));
            case EXP -> DoubleDouble.of(Math.exp(x));
        };
    }
}
