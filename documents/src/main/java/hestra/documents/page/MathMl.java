package hestra.documents.page;

import java.util.List;

import hestra.fit.Equation;
import hestra.fit.Equation.Kind;
import hestra.fit.Equation.Piece;

/** An equation as MathML, for pages. */
final class MathMl {

    private MathMl() {}

    /** The response under its hat, equals, and the curve. */
    static String of(Equation equation) {
        StringBuilder math =
                new StringBuilder("<math xmlns=\"http://www.w3.org/1998/Math/MathML\" display=\"block\" alttext=\"predicted ")
                .append(XmlText.escaped(equation.plain())).append("\"><mover accent=\"true\"><mtext>")
                .append(XmlText.escaped(equation.response())).append("</mtext><mo>^</mo></mover><mo>=</mo>");
        List<Piece> pieces = equation.pieces();
        int next = 0;
        while (next < pieces.size()) {
            boolean isBase = next + 1 < pieces.size() && isRaised(pieces.get(next + 1));
            String element = element(pieces.get(next));
            math.append(isBase ? "<msup>" + element + element(pieces.get(next + 1)) + "</msup>" : element);
            next += isBase ? 2 : 1;
        }
        return math.append("</math>").toString();
    }

    private static boolean isRaised(Piece piece) {
        return piece.kind() == Kind.RAISED_FIGURE || piece.kind() == Kind.RAISED_NAME;
    }

    private static String element(Piece piece) {
        int times = piece.kind() == Kind.RAISED_NAME ? piece.text().indexOf('·') : -1;
        if (times > 0) {
            return "<mrow><mn>" + XmlText.escaped(piece.text().substring(0, times)) + "</mn><mo>·</mo><mtext>"
                    + XmlText.escaped(piece.text().substring(times + 1)) + "</mtext></mrow>";
        }
        String name = switch (piece.kind()) {
            case FIGURE, RAISED_FIGURE -> "mn";
            case SIGN, BRACKET -> "mo";
            case NAME, RAISED_NAME -> "mtext";
            case FUNCTION -> "mi";
        };
        return "<" + name + ">" + XmlText.escaped(piece.text()) + "</" + name + ">";
    }
}
