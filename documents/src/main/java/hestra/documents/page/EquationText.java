package hestra.documents.page;

import hestra.fit.Equation;
import hestra.fit.Equation.Piece;

/** An equation as text for other programs. */
public final class EquationText {

    private EquationText() {}

    /** As MathML. */
    public static String mathMl(Equation equation) {
        return MathMl.of(equation);
    }

    /** As LaTeX, for a formula of its own or within text: the response under its hat, names upright. */
    public static String latex(Equation equation) {
        StringBuilder text = new StringBuilder("\\widehat{").append(name(equation.response())).append("} = ");
        for (Piece piece : equation.pieces()) {
            text.append(switch (piece.kind()) {
                case FIGURE -> figure(piece.text());
                case SIGN -> sign(piece.text());
                case NAME -> name(piece.text());
                case FUNCTION -> piece.text().equals("e") ? "e" : "\\" + piece.text() + " ";
                case BRACKET -> piece.text();
                case RAISED_FIGURE -> "^{" + figure(piece.text()) + "}";
                case RAISED_NAME -> "^{" + exponent(piece.text()) + "}";
            });
        }
        return text.toString();
    }

    /** A name, or a rate times a name. */
    private static String exponent(String text) {
        int times = text.indexOf('\u00b7');
        return times < 0 ? name(text) : figure(text.substring(0, times)) + " \\cdot " + name(text.substring(times + 1));
    }

    private static String sign(String text) {
        return switch (text) {
            case "\u00b7" -> " \\cdot ";
            case "\u00d7" -> " \\times ";
            case "\u2212" -> " - ";
            default -> " " + text + " ";
        };
    }

    /** A real minus sign and a comma as a decimal mark, as LaTeX wants them. */
    private static String figure(String text) {
        return text.replace('\u2212', '-').replace(",", "{,}");
    }

    private static String name(String text) {
        return "\\mathrm{" + text.replace("\\", "").replace('\u2212', '-').replaceAll("([#$%&_{}])", "\\\\$1").replace("^", "")
                .replace("~", "").replace(" ", "\\ ") + "}";
    }
}
