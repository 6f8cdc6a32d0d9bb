package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A family of curves that can be fitted to pairs, with the choice of how: sealed, so that the compiler names every place
 * that must know a new one.
 */
public sealed interface Curve {

    /** Where an exponential or power curve's squares are made least. */
    enum FittedOn {
        /** Least squares on ln y, the classroom's convention. */
        LOGARITHMS,
        /** Least squares on y itself: the residuals that are drawn. */
        VALUES
    }

    /** ŷ = a + b x. */
    record Line() implements Curve {}

    /** ŷ = b x. */
    record ThroughOrigin() implements Curve {}

    /**
     * ŷ = a + b x + c x² + …
     *
     * @param degree 2 to 6
     */
    record Polynomial(int degree) implements Curve {
        public Polynomial {
            if (degree < 2 || degree > GREATEST_DEGREE) {
                throw new IllegalArgumentException("degree " + degree + "; 2 to " + GREATEST_DEGREE + " can be fitted");
            }
        }
    }

    /** ŷ = a · bˣ = a · e^(k x), k = ln b; for y &gt; 0 where fitted on logarithms. */
    record Exponential(FittedOn fittedOn) implements Curve {}

    /** ŷ = a · xᵇ, for x &gt; 0; and y &gt; 0 where fitted on logarithms. */
    record Power(FittedOn fittedOn) implements Curve {}

    /** ŷ = a + b ln x, for x &gt; 0. */
    record Logarithmic() implements Curve {}

    /** ŷ = a + b sin(c x + d), with b ≥ 0, c &gt; 0 and −π &lt; d ≤ π. */
    record Wave() implements Curve {}

    /**
     * A sum of chosen terms, each with a coefficient.
     *
     * @param terms at least one, none twice
     */
    record OwnTerms(List<Term> terms) implements Curve {
        public OwnTerms {
            terms = List.copyOf(terms);
            if (terms.isEmpty() || terms.stream().distinct().count() < terms.size()) {
                throw new IllegalArgumentException("terms " + terms);
            }
        }
    }

    /** What is added to the key of a curve that is fitted on logarithms. */
    String ON_LOGARITHMS = "-on-logarithms";

    /** The greatest degree of a polynomial. */
    int GREATEST_DEGREE = 6;

    /** How many coefficients the curve has. */
    default int coefficients() {
        return switch (this) {
            case ThroughOrigin _ -> 1;
            case Line _, Exponential _, Power _, Logarithmic _ -> 2;
            case Polynomial(int degree) -> degree + 1;
            case Wave _ -> 4;
            case OwnTerms(List<Term> terms) -> terms.size();
        };
    }

    /**
     * By how much ŷ at x changes where a coefficient changes by one, for each coefficient of the equation, with these values of
     * them; 0 for one that the equation is not written with. x is what stands for it in the equation ({@link Reference#entered}).
     */
    default double[] weights(double[] coefficients, double x) {
        return switch (this) {
            case Line _ -> new double[] {1, x};
            case ThroughOrigin _ -> new double[] {x};
            case Polynomial(int degree) -> IntStream.rangeClosed(0, degree).mapToDouble(j -> Math.pow(x, j)).toArray();
            case Logarithmic _ -> new double[] {1, Math.log(x)};
            case OwnTerms(List<Term> terms) ->
                    terms.stream().mapToDouble(term -> term.isDefined(x) ? term.at(x).hi() : 0).toArray();
            case Exponential _ -> {
                double raised = Math.pow(coefficients[1], x);
                yield new double[] {raised, coefficients[0] * x * raised / coefficients[1], 0};
            }
            case Power _ -> {
                double raised = Math.pow(x, coefficients[1]);
                yield new double[] {raised, coefficients[0] * Math.log(x) * raised};
            }
            case Wave _ -> new double[] {1, 1, coefficients[1] * x, coefficients[1]};
        };
    }

    /** The curve's short name, as the command line takes it. */
    default String code() {
        return switch (this) {
            case Line _ -> "line";
            case ThroughOrigin _ -> "origin";
            case Polynomial(int degree) -> degree == 2 ? "quadratic" : degree == 3 ? "cubic" : "poly" + degree;
            case Exponential _ -> "exponential";
            case Power _ -> "power";
            case Logarithmic _ -> "log";
            case Wave _ -> "wave";
            case OwnTerms(List<Term> terms) -> "terms:" + String.join(",", terms.stream().map(Term::code).toList());
        };
    }

    /** As files write the curve: its short name, and for one fitted on logarithms that it is. */
    default String key() {
        boolean onLogarithms = this instanceof Exponential(FittedOn on) && on == FittedOn.LOGARITHMS
                || this instanceof Power(FittedOn by) && by == FittedOn.LOGARITHMS;
        return code() + (onLogarithms ? ON_LOGARITHMS : "");
    }

    /** The curve of a {@linkplain #key key}; nothing where there is none. */
    static Optional<Curve> ofKey(String key) {
        return key.endsWith(ON_LOGARITHMS)
                ? of(key.substring(0, key.length() - ON_LOGARITHMS.length()), FittedOn.LOGARITHMS) : of(key, FittedOn.VALUES);
    }

    /** Its family in words, of whichever fit: "line" where {@link #inWords} says that of least squares. */
    default String familyInWords() {
        return switch (this) {
            case Line _ -> "line";
            case Exponential _ -> "exponential curve";
            case Power _ -> "power curve";
            default -> inWords();
        };
    }

    /** The curve's name in a sentence. */
    default String inWords() {
        return switch (this) {
            case Line _ -> "line of least squares";
            case ThroughOrigin _ -> "line through the origin";
            case Polynomial(int degree) -> degree == 2 ? "quadratic curve"
                    : degree == 3 ? "cubic curve"
                    : "polynomial of degree " + degree;
            case Exponential(FittedOn on) -> "exponential curve" + inWords(on);
            case Power(FittedOn on) -> "power curve" + inWords(on);
            case Logarithmic _ -> "logarithmic curve";
            case Wave _ -> "wave";
            case OwnTerms _ -> "curve of own terms";
        };
    }

    private static String inWords(FittedOn on) {
        return on == FittedOn.VALUES ? ", fitted directly" : ", fitted on the log scale";
    }

    /**
     * The curve of a {@linkplain #code short name}; nothing where there is none of that name. "line", "poly2" and
     * "quadratic" are read, and "terms:1,x,sqrt(x)".
     *
     * @param on how exponential and power curves are fitted
     */
    static Optional<Curve> of(String code, FittedOn on) {
        return switch (code) {
            case "line" -> Optional.of(new Line());
            case "origin" -> Optional.of(new ThroughOrigin());
            case "quadratic", "poly2" -> Optional.of(new Polynomial(2));
            case "cubic", "poly3" -> Optional.of(new Polynomial(3));
            case "poly4" -> Optional.of(new Polynomial(4));
            case "poly5" -> Optional.of(new Polynomial(5));
            case "poly6" -> Optional.of(new Polynomial(6));
            case "exponential" -> Optional.of(new Exponential(on));
            case "power" -> Optional.of(new Power(on));
            case "log" -> Optional.of(new Logarithmic());
            case "wave" -> Optional.of(new Wave());
            default -> code.startsWith("terms:") ? ownTerms(code.substring("terms:".length())) : Optional.empty();
        };
    }

    private static Optional<Curve> ownTerms(String codes) {
        List<Term> terms = new ArrayList<>();
        for (String code : codes.split(",", -1)) {
            Optional<Term> term = Term.of(code.strip());
            if (term.isEmpty() || terms.contains(term.get())) {
                return Optional.empty();
            }
            terms.add(term.get());
        }
        return Optional.of(new OwnTerms(terms));
    }

    /** Every family with a fixed form, in the order in which they are compared. */
    static List<Curve> all() {
        List<Curve> all = new ArrayList<>(List.of(new Line(), new ThroughOrigin()));
        for (int degree = 2; degree <= GREATEST_DEGREE; degree++) {
            all.add(new Polynomial(degree));
        }
        for (FittedOn on : FittedOn.values()) {
            all.add(new Exponential(on));
            all.add(new Power(on));
        }
        all.add(new Logarithmic());
        all.add(new Wave());
        return List.copyOf(all);
    }
}
