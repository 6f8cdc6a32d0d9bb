package hestra.fit;

import java.util.ArrayList;
import java.util.List;

import hestra.data.Variable;
import hestra.numbers.NumberStyle;

/**
 * The equation of a curve in pieces, to be set as mathematics: the response under its hat, then what it equals.
 *
 * @param response name of y
 * @param pieces what stands right of the equals sign, from the left
 */
public record Equation(String response, List<Piece> pieces) {

    /** The sign between factors. */
    public static final String TIMES = "·";

    /** What a piece is, for whoever sets it. */
    public enum Kind {
        /** A number. */
        FIGURE,
        /** A sign, with a space on either side where it stands between terms. */
        SIGN,
        /** The name of the explanatory variable. */
        NAME,
        /** The name of a function, or e. */
        FUNCTION,
        /** A bracket. */
        BRACKET,
        /** A number as an exponent. */
        RAISED_FIGURE,
        /** A name as an exponent. */
        RAISED_NAME
    }

    /**
     * A piece of an equation.
     *
     * @param kind what it is
     * @param text as it is shown
     */
    public record Piece(Kind kind, String text) {}

    public Equation {
        pieces = List.copyOf(pieces);
    }

    /** The equation of a curve with the variables' names, the constant first. */
    public static Equation of(CurveOnData fit, Variable x, Variable y, NumberStyle style) {
        return of(fit, x, y, style, EquationNotation.USUAL);
    }

    /** The equation of a curve in the form that a class uses. */
    public static Equation of(CurveOnData fit, Variable x, Variable y, NumberStyle style, EquationNotation form) {
        return of(fit, x, y, Precision.asked(style), form);
    }

    /** The same with as many digits as are needed or asked for. */
    public static Equation of(CurveOnData fit, Variable x, Variable y, Precision precision, EquationNotation form) {
        return new Equation(form.names() ? y.name() : "y",
                new Writer(form.names() ? x.name() : "x", precision, fit, form).pieces(fit.curve()));
    }

    /** The equation of a curve in the letters x and ŷ, for places where names would be too long. */
    public static Equation inLetters(CurveOnData fit, Precision precision, EquationNotation form) {
        return new Equation("ŷ", new Writer("x", precision, fit, form).pieces(fit.curve()));
    }

    /** On one line, as plain text. */
    public String plain() {
        StringBuilder text = new StringBuilder(response).append(" = ");
        for (Piece piece : pieces) {
            switch (piece.kind) {
                case SIGN -> text.append(text.toString().endsWith("= ") || text.toString().endsWith("(")
                        ? piece.text : " " + piece.text + " ");
                case FIGURE, NAME, BRACKET -> text.append(piece.text);
                case FUNCTION -> text.append(piece.text).append(piece.text.equals("ln") ? " " : "");
                case RAISED_FIGURE -> text.append(NumberStyle.raised(piece.text));
                case RAISED_NAME -> text.append(piece.text.equals("x") ? "ˣ"
                        : piece.text.indexOf('·') >= 0 || piece.text.indexOf(' ') >= 0 ? "^(" + piece.text + ")"
                        : "^" + piece.text);
            }
        }
        return text.toString();
    }

    /** Writes the pieces of one curve. */
    private static final class Writer {
        private final String x;
        private final NumberStyle style;
        private final Precision precision;
        private final int[] digits;
        private final Reference reference;
        private final List<Coefficient> coefficients;
        private final List<Piece> pieces = new ArrayList<>();

        private final EquationNotation form;

        Writer(String x, Precision precision, CurveOnData fit, EquationNotation form) {
            this.form = form;
            this.x = x;
            this.style = precision.style();
            this.precision = precision;
            this.digits = precision.digits(fit);
            this.coefficients = fit.coefficients();
            this.reference = fit.reference();
        }

        List<Piece> pieces(Curve curve) {
            switch (curve) {
                case Curve.Line _ -> terms(List.of(Term.ONE, Term.X));
                case Curve.ThroughOrigin _ -> term(0, Term.X);
                case Curve.Polynomial(int degree) -> {
                    for (int j = 0; j <= degree; j++) {
                        power(form.constantFirst() ? j : degree - j);
                    }
                }
                case Curve.Logarithmic _ -> terms(List.of(Term.ONE, Term.LN));
                case Curve.OwnTerms(List<Term> terms) -> terms(terms);
                case Curve.Exponential _ -> exponential();
                case Curve.Power _ -> {
                    figure(0);
                    add(Kind.SIGN, TIMES);
                    divided();
                    add(Kind.RAISED_FIGURE, show(1, value(1)));
                }
                case Curve.Wave _ -> wave();
            }
            return pieces;
        }

        private void exponential() {
            figure(0);
            add(Kind.SIGN, TIMES);
            if (form.base() == EquationNotation.Base.OWN || !(value(1) > 0)) {
                figure(1);
                add(Kind.RAISED_NAME, counted());
                return;
            }
            double rate = Math.log(value(1));
            add(Kind.FUNCTION, "e");
            add(Kind.RAISED_NAME, style.withDigits(precision.digitsOfLogarithm(digits[1], rate)).show(rate) + TIMES
                    + (reference.x().isPresent() ? "(" + counted() + ")" : x));
        }

        /** x, or x − x₀ where the equation is written from an x. */
        private String counted() {
            return reference.x().stream().mapToObj(from -> x + (from < 0 ? " + " : " " + NumberStyle.MINUS + " ")
                    + style.sum(Math.abs(from))).findFirst().orElse(x);
        }

        /** x, or x ÷ x₀ in brackets. */
        private void divided() {
            if (reference.x().isEmpty()) {
                add(Kind.NAME, x);
                return;
            }
            add(Kind.BRACKET, "(");
            add(Kind.NAME, x);
            add(Kind.SIGN, "÷");
            add(Kind.FIGURE, style.sum(reference.x().getAsDouble()));
            add(Kind.BRACKET, ")");
        }

        private void wave() {
            figure(0);
            signed(1);
            add(Kind.SIGN, TIMES);
            add(Kind.FUNCTION, "sin");
            add(Kind.BRACKET, "(");
            figure(2);
            add(Kind.SIGN, TIMES);
            add(Kind.NAME, x);
            signed(3);
            add(Kind.BRACKET, ")");
        }

        private void terms(List<Term> terms) {
            for (int j = 0; j < terms.size(); j++) {
                int index = form.constantFirst() ? j : terms.size() - 1 - j;
                term(index, terms.get(index));
            }
        }

        private void power(int j) {
            coefficient(j);
            if (j > 0) {
                add(Kind.SIGN, TIMES);
                add(Kind.NAME, x);
            }
            if (j > 1) {
                add(Kind.RAISED_FIGURE, Integer.toString(j));
            }
        }

        private void term(int j, Term term) {
            coefficient(j);
            if (term == Term.INVERSE) {
                add(Kind.SIGN, "÷");
                add(Kind.NAME, x);
                return;
            }
            if (term != Term.ONE) {
                add(Kind.SIGN, TIMES);
            }
            switch (term) {
                case ONE, INVERSE -> { }
                case X -> add(Kind.NAME, x);
                case X_SQUARED -> raised("2");
                case X_CUBED -> raised("3");
                case ROOT -> {
                    add(Kind.FUNCTION, "√");
                    add(Kind.NAME, x);
                }
                case LN -> {
                    add(Kind.FUNCTION, "ln");
                    add(Kind.NAME, x);
                }
                case EXP -> {
                    add(Kind.FUNCTION, "e");
                    add(Kind.RAISED_NAME, x);
                }
            }
        }

        private void raised(String power) {
            add(Kind.NAME, x);
            add(Kind.RAISED_FIGURE, power);
        }

        private void coefficient(int j) {
            if (pieces.isEmpty()) {
                figure(j);
            } else {
                signed(j);
            }
        }

        private void signed(int j) {
            add(Kind.SIGN, value(j) < 0 ? String.valueOf(NumberStyle.MINUS) : "+");
            add(Kind.FIGURE, show(j, Math.abs(value(j))));
        }

        private void figure(int j) {
            add(Kind.FIGURE, show(j, value(j)));
        }

        private String show(int j, double value) {
            return value == 0 ? "0" : style.withDigits(digits[j]).show(value);
        }

        private double value(int j) {
            return coefficients.get(j).shown();
        }

        private void add(Kind kind, String text) {
            pieces.add(new Piece(kind, text));
        }
    }
}
