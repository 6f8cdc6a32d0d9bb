package hestra.working;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

import hestra.numbers.DecimalMark;

/**
 * A formula over the results of a fit, such as {@code slope * 20 + intercept}, {@code sqrt(sse / (n - 2))} or
 * {@code sum((x - mean_x)^2)}: for answers that are worked out from parts.
 *
 * <p>Numbers, + − · (or *) ÷ (or / or :) and ^, brackets, the functions ln, log10, exp, sqrt and abs, and the names that
 * {@link Results} knows. Inside {@code sum( )} and {@code mean( )}, {@code x} and {@code y} stand for the data, pair by
 * pair. A power binds more tightly than a sign before it and to the right: −2^2 is −4, 2^3^2 is 2^9.
 *
 * <p>Anything wrong is a {@link Problem} that says what and where, never an exception.
 */
public final class Calculation {

    /** What came of reading or working out a formula. */
    public sealed interface Outcome {}

    /** A finite value. */
    public record Value(double value) implements Outcome {}

    /**
     * What is wrong.
     *
     * @param at where in the text, from 0
     * @param message what and what to do, as a sentence
     */
    public record Problem(int at, String message) implements Outcome {}

    private final String text;
    private final Expression expression;
    private final Problem problem;

    private Calculation(String text, Expression expression, Problem problem) {
        this.text = text;
        this.expression = expression;
        this.problem = problem;
    }

    /** Reads a formula; never fails: what is wrong with it is told by {@link #problem} and {@link #of}. */
    public static Calculation read(String text, DecimalMark mark) {
        return read(text, mark, Set.of());
    }

    /** The same, where further names may be used, in small letters. */
    static Calculation read(String text, DecimalMark mark, Set<String> named) {
        try {
            return new Calculation(text, new FormulaParser(text, mark, named).whole(), null);
        } catch (FormulaParser.Malformed e) {
            return new Calculation(text, null, new Problem(e.at(), e.getMessage()));
        }
    }

    public String text() {
        return text;
    }

    /** What is wrong with the text itself; nothing where it can be read. */
    public Optional<Problem> problem() {
        return Optional.ofNullable(problem);
    }

    /** The value on some results, or what stands in the way: an unknown name, a division by zero, a root below zero. */
    public Outcome of(Results results) {
        return of(results, Map.of());
    }

    /** The same, with what further names come to. */
    Outcome of(Results results, Map<String, Outcome> named) {
        if (problem != null) {
            return problem;
        }
        try {
            return new Value(expression.value(new Evaluation(results, named), new Expression.Place(Double.NaN, Double.NaN)));
        } catch (Expression.Undefined e) {
            return new Problem(e.at(), e.getMessage());
        }
    }
}
