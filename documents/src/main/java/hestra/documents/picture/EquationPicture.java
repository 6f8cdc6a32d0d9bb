package hestra.documents.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;

import hestra.figure.Ink;
import hestra.fit.Equation;

/**
 * An equation drawn as mathematics: the response under its hat, exponents raised. Its letters are shapes, so it looks the same
 * everywhere.
 */
public final class EquationPicture {

    private static final double SIZE = 14;
    private static final double RAISED = 0.72;
    private static final double LIFT = 0.42;
    private static final double HAT = 4;
    private static final double WIDEST_HAT = 48;
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    /** A run of letters at its place. */
    private record Run(GlyphVector letters, double x, double up) {}

    private final List<Run> runs = new ArrayList<>();
    private final double response;
    private final double width;

    public EquationPicture(Equation equation) {
        Font font = FigurePainter.mathematicsFont().deriveFont((float) SIZE);
        Font small = FigurePainter.mathematicsFont().deriveFont((float) (SIZE * RAISED));
        double x = add(font, equation.response(), 0, 0);
        response = x;
        x = add(font, " = ", x, 0);
        for (Equation.Piece piece : equation.pieces()) {
            x = switch (piece.kind()) {
                case SIGN -> add(font, " " + piece.text() + " ", x, 0);
                case FUNCTION -> add(font, piece.text() + (piece.text().equals("ln") ? " " : ""), x, 0);
                case FIGURE, NAME, BRACKET -> add(font, piece.text(), x, 0);
                case RAISED_FIGURE, RAISED_NAME -> add(small, piece.text(), x, SIZE * LIFT);
            };
        }
        width = x;
    }

    private double add(Font font, String text, double x, double up) {
        GlyphVector letters = font.createGlyphVector(CONTEXT, text);
        runs.add(new Run(letters, x, up));
        return x + letters.getLogicalBounds().getWidth();
    }

    public double width() {
        return width;
    }

    public double height() {
        return SIZE * 1.75;
    }

    /** Draws it with its upper left corner at 0, 0. */
    public void paint(Graphics2D graphics, Palette palette) {
        double foot = height() - SIZE * 0.4;
        graphics.setColor(new Color(palette.rgb(Ink.INK)));
        for (Run run : runs) {
            graphics.fill(run.letters().getOutline((float) run.x(), (float) (foot - run.up())));
        }
        double half = Math.min(response, WIDEST_HAT) / 2;
        double top = foot - SIZE * 0.82;
        Path2D hat = new Path2D.Double();
        hat.moveTo(response / 2 - half, top);
        hat.lineTo(response / 2, top - HAT);
        hat.lineTo(response / 2 + half, top);
        graphics.setStroke(new BasicStroke(0.9f));
        graphics.draw(hat);
    }

    /** The same as an SVG element; {@code number} tells it from the other pictures of a document. */
    public String svg(Palette palette, int number) {
        return FigureImage.svg(graphics -> paint(graphics, palette), width(), height(), "equation", number);
    }
}
