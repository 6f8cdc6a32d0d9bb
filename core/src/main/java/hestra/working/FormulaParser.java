package hestra.working;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.working.Expression.Function;

/**
 * Reads a formula by descent: sums of products of signed powers of numbers, names, calls and brackets.
 */
final class FormulaParser {

    private static final int MOST_LETTERS = 2000;
    private static final int DEEPEST = 100;

    /** The text is no formula; says where and why. */
    static final class Malformed extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final int at;

        Malformed(int at, String message) {
            super(message, null, false, false);
            this.at = at;
        }

        int at() {
            return at;
        }
    }

    private final String text;
    private final DecimalMark mark;
    private final Set<String> named;
    private int next;
    private int depth;
    private boolean overPairs;

    /** Reads a text in which further names, in small letters, may stand beside those of results. */
    FormulaParser(String text, DecimalMark mark, Set<String> named) {
        this.text = text;
        this.mark = mark;
        this.named = named;
    }

    /** Whether a name, in small letters, stands for a result, a function or the data. */
    static boolean isTaken(String name) {
        return List.of("sum", "mean", "x", "y").contains(name)
                || Arrays.stream(Function.values()).anyMatch(it -> it.inText().equals(name)) || Results.isName(name);
    }

    Expression whole() {
        if (text.length() > MOST_LETTERS) {
            throw new Malformed(MOST_LETTERS, "This formula is too long.");
        }
        skip();
        if (next == text.length()) {
            throw new Malformed(0, "Type a formula, such as slope * 20 + intercept.");
        }
        Expression whole = sum();
        if (next < text.length()) {
            throw new Malformed(next, here() == ')' ? "There is no opening bracket for this one."
                    : "“" + here() + "” is not expected here. Put a sign such as + or * before it.");
        }
        return whole;
    }

    private Expression sum() {
        Expression left = product();
        while (is('+') || is('-')) {
            int at = next;
            char sign = take();
            left = new Expression.Operation(sign, left, product(), at);
        }
        return left;
    }

    private Expression product() {
        Expression left = signed();
        while (is('*') || is('/')) {
            int at = next;
            char sign = take();
            left = new Expression.Operation(sign, left, signed(), at);
        }
        return left;
    }

    private Expression signed() {
        if (++depth > DEEPEST) {
            throw new Malformed(next, "This formula has too many brackets or signs inside one another.");
        }
        try {
            if (is('-')) {
                take();
                return new Expression.Negated(signed());
            }
            if (is('+')) {
                take();
                return signed();
            }
            return power();
        } finally {
            depth--;
        }
    }

    private Expression power() {
        Expression base = part();
        if (!is('^')) {
            return base;
        }
        int at = next;
        take();
        return new Expression.Operation('^', base, signed(), at);
    }

    private Expression part() {
        if (next == text.length()) {
            throw new Malformed(next, "The formula ends too soon: a number, a name or a bracket is missing.");
        }
        char sign = here();
        if (sign == '(') {
            return bracket();
        }
        if (Character.isDigit(sign) || sign == mark.sign()) {
            return figure();
        }
        if (Character.isLetter(sign)) {
            return name();
        }
        throw new Malformed(next, "“" + sign + "” is not expected here. A number, a name or a bracket is missing.");
    }

    private Expression bracket() {
        int at = next;
        take();
        Expression inside = sum();
        if (!is(')')) {
            throw next == text.length() ? new Malformed(at, "This bracket is not closed.")
                    : new Malformed(next, "“" + here() + "” is not expected here. Put a sign before it, or close the bracket.");
        }
        take();
        return inside;
    }

    private Expression figure() {
        int at = next;
        StringBuilder digits = new StringBuilder();
        while (next < text.length() && (Character.isDigit(text.charAt(next)) || text.charAt(next) == mark.sign())) {
            digits.append(text.charAt(next) == mark.sign() ? '.' : text.charAt(next));
            next++;
        }
        if (next + 1 < text.length() && (text.charAt(next) == 'e' || text.charAt(next) == 'E')) {
            int after = text.charAt(next + 1) == '-' || text.charAt(next + 1) == '+' || text.charAt(next + 1) == NumberStyle.MINUS
                    ? next + 2 : next + 1;
            if (after < text.length() && Character.isDigit(text.charAt(after))) {
                digits.append('e').append(text.charAt(next + 1) == NumberStyle.MINUS ? '-' : text.charAt(next + 1));
                for (next += 2; next < text.length() && Character.isDigit(text.charAt(next)); next++) {
                    digits.append(text.charAt(next));
                }
            }
        }
        skip();
        try {
            double value = Double.parseDouble(digits.toString());
            if (Double.isFinite(value)) {
                return new Expression.Figure(value);
            }
        } catch (NumberFormatException e) {
            throw new Malformed(at, "“" + digits + "” is not a number.");
        }
        throw new Malformed(at, "This number is larger than can be computed with.");
    }

    private Expression name() {
        int at = next;
        while (next < text.length() && (Character.isLetterOrDigit(text.charAt(next)) || text.charAt(next) == '_')) {
            next++;
        }
        String name = text.substring(at, next).toLowerCase(Locale.ROOT);
        skip();
        if (name.equals("sum") || name.equals("mean")) {
            return overPairs(name, at);
        }
        Optional<Function> function = Arrays.stream(Function.values()).filter(it -> it.inText().equals(name)).findFirst();
        if (function.isPresent()) {
            requireBracket(name, at);
            return new Expression.Call(function.get(), bracket(), at);
        }
        if (name.equals("x") || name.equals("y")) {
            if (!overPairs) {
                throw new Malformed(at, name + " stands for the data and belongs inside sum( ) or mean( ).");
            }
            return new Expression.OfPair(name.equals("x"));
        }
        if (!Results.isName(name) && !named.contains(name)) {
            throw new Malformed(at, "“" + name + "” is not known. Names are " + Results.names() + ", a, b, c, … for coefficients"
                    + (named.isEmpty() ? "." : ", and of lines above: " + String.join(", ", named) + "."));
        }
        return new Expression.Name(name, at);
    }

    private Expression overPairs(String name, int at) {
        requireBracket(name, at);
        if (overPairs) {
            throw new Malformed(at, "A sum or mean cannot stand inside another.");
        }
        overPairs = true;
        Expression each = bracket();
        overPairs = false;
        return new Expression.OverPairs(name.equals("mean"), each, at);
    }

    private void requireBracket(String name, int at) {
        if (!is('(')) {
            throw new Malformed(at, name + " needs brackets: " + name + "( ).");
        }
    }

    /** The sign at hand in its plain form: · × for *, ÷ : for /, any minus for -. */
    private char here() {
        return switch (text.charAt(next)) {
            case '·', '×', '∙' -> '*';
            case '÷', ':' -> '/';
            case NumberStyle.MINUS, '–' -> '-';
            default -> text.charAt(next);
        };
    }

    private boolean is(char sign) {
        return next < text.length() && here() == sign;
    }

    private char take() {
        char sign = here();
        next++;
        skip();
        return sign;
    }

    private void skip() {
        while (next < text.length() && Character.isWhitespace(text.charAt(next))) {
            next++;
        }
    }
}
