package hestra.documents.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import hestra.figure.Figure;
import hestra.figure.Ink;
import hestra.figure.Mark;
import hestra.figure.Places;
import hestra.figure.Sign;
import hestra.figure.Stroke;

/** Paints a figure with Java2D, for pictures in files. */
public final class FigurePainter {

    private static final double HATCH_GAP = 7;
    private static final Map<Mark.Face, Font> FONTS = fonts();
    private static final Font MATHEMATICS = font("SourceSerif4-Regular.ttf");

    private final Graphics2D g;
    private final Palette palette;

    private FigurePainter(Graphics2D g, Palette palette) {
        this.g = g;
        this.palette = palette;
    }

    /** The typeface of a figure's text. */
    static Font textFont() {
        return FONTS.get(Mark.Face.TEXT);
    }

    /** The typeface of equations. */
    static Font mathematicsFont() {
        return MATHEMATICS;
    }

    /** Paints all sheets of a figure. */
    public static void paint(Figure figure, Graphics2D graphics, Palette palette) {
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        FigurePainter painter = new FigurePainter(graphics, palette);
        for (List<Mark> sheet : List.of(figure.ground(), figure.lines(), figure.points(), figure.front())) {
            painter.paint(sheet);
        }
    }

    /** Lines of one stroke that follow one another are one path: a thousand residuals make a small file. */
    private void paint(List<Mark> sheet) {
        int i = 0;
        while (i < sheet.size()) {
            if (sheet.get(i) instanceof Mark.Line first) {
                Path2D path = new Path2D.Double();
                while (i < sheet.size() && sheet.get(i) instanceof Mark.Line line && line.stroke().equals(first.stroke())) {
                    path.moveTo(line.x1(), line.y1());
                    path.lineTo(line.x2(), line.y2());
                    i++;
                }
                stroke(path, first.stroke());
            } else {
                paint(sheet.get(i++));
            }
        }
    }

    private void paint(Mark mark) {
        switch (mark) {
            case Mark.Line line -> paint(List.of(line));
            case Mark.Path(Places places, Stroke stroke) -> stroke(path(places), stroke);
            case Mark.Region(Places corners, Ink fill, double opacity) -> {
                Path2D path = path(corners);
                path.closePath();
                fill(path, fill, opacity);
            }
            case Mark.Dot dot -> {
                Shape shape = shape(dot);
                fill(shape, dot.fill(), 1);
                stroke(shape, Stroke.solid(dot.edge(), 1));
            }
            case Mark.Cloud cloud -> {
                for (int i = 0; i < cloud.places().size(); i++) {
                    fill(circle(cloud.places().x(i), cloud.places().y(i), cloud.radius()), cloud.fill(), cloud.opacity());
                }
            }
            case Mark.Ring ring -> stroke(circle(ring.x(), ring.y(), ring.radius()), ring.stroke());
            case Mark.Diamond diamond -> {
                Path2D path = new Path2D.Double();
                path.moveTo(diamond.x(), diamond.y() - diamond.radius());
                path.lineTo(diamond.x() + diamond.radius(), diamond.y());
                path.lineTo(diamond.x(), diamond.y() + diamond.radius());
                path.lineTo(diamond.x() - diamond.radius(), diamond.y());
                path.closePath();
                fill(path, Ink.SURFACE, 1);
                stroke(path, diamond.stroke());
            }
            case Mark.Box box -> fill(new RoundRectangle2D.Double(box.x(), box.y(), box.width(), box.height(),
                    2 * box.corner(), 2 * box.corner()), box.fill(), box.opacity());
            case Mark.Outline box -> stroke(new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()), box.stroke());
            case Mark.Hatch hatch -> hatch(hatch);
            case Mark.Label label -> label(label);
        }
    }

    private static Path2D path(Places places) {
        Path2D path = new Path2D.Double();
        path.moveTo(places.x(0), places.y(0));
        for (int i = 1; i < places.size(); i++) {
            path.lineTo(places.x(i), places.y(i));
        }
        return path;
    }

    private static Shape shape(Mark.Dot dot) {
        Sign sign = dot.sign();
        if (sign.corners() == 0) {
            return circle(dot.x(), dot.y(), dot.radius());
        }
        Path2D path = new Path2D.Double();
        path.moveTo(dot.x() + sign.x(0) * dot.radius(), dot.y() + sign.y(0) * dot.radius());
        for (int corner = 1; corner < sign.corners(); corner++) {
            path.lineTo(dot.x() + sign.x(corner) * dot.radius(), dot.y() + sign.y(corner) * dot.radius());
        }
        path.closePath();
        return path;
    }

    /** Slanting hairlines, each only as long as it lies within: programs differ in how they cut off what lies outside. */
    private void hatch(Mark.Hatch hatch) {
        double right = hatch.x() + hatch.width();
        double bottom = hatch.y() + hatch.height();
        Path2D lines = new Path2D.Double();
        for (double x = hatch.x() - hatch.height(); x < right; x += HATCH_GAP) {
            double from = Math.max(0, hatch.x() - x);
            double to = Math.min(hatch.height(), right - x);
            if (from < to) {
                lines.moveTo(x + from, bottom - from);
                lines.lineTo(x + to, bottom - to);
            }
        }
        stroke(lines, Stroke.solid(Ink.GRID, 1));
    }

    private void label(Mark.Label label) {
        Font font = FONTS.get(label.face()).deriveFont((float) label.size());
        double width = font.getStringBounds(label.text(), new FontRenderContext(null, true, true)).getWidth();
        double shift = switch (label.anchor()) {
            case START -> 0;
            case MIDDLE -> -width / 2;
            case END -> -width;
        };
        AffineTransform before = g.getTransform();
        g.translate(label.x(), label.y());
        if (label.upward()) {
            g.rotate(-Math.PI / 2);
        }
        g.setFont(font);
        g.setColor(colour(label.ink(), 1));
        g.drawString(label.text(), (float) shift, 0);
        g.setTransform(before);
    }

    private void stroke(Shape shape, Stroke stroke) {
        float[] dash = new float[stroke.dash().size()];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = stroke.dash().get(i).floatValue();
        }
        g.setStroke(new BasicStroke((float) stroke.width(), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10,
                dash.length == 0 ? null : dash, 0));
        g.setColor(colour(stroke.ink(), 1));
        g.draw(shape);
    }

    private void fill(Shape shape, Ink ink, double opacity) {
        g.setColor(colour(ink, opacity));
        g.fill(shape);
    }

    private Color colour(Ink ink, double opacity) {
        int rgb = palette.rgb(ink);
        return new Color(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF, (int) Math.round(255 * opacity));
    }

    private static Shape circle(double x, double y, double radius) {
        return new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    private static Map<Mark.Face, Font> fonts() {
        Map<Mark.Face, Font> fonts = new EnumMap<>(Mark.Face.class);
        fonts.put(Mark.Face.TEXT, font("SourceSans3-Regular.ttf"));
        fonts.put(Mark.Face.STRONG, font("SourceSans3-Semibold.ttf"));
        fonts.put(Mark.Face.FIGURES, font("SourceCodePro-Regular.ttf"));
        return fonts;
    }

    private static Font font(String file) {
        try (InputStream in = Objects.requireNonNull(FigurePainter.class.getResourceAsStream("/hestra/fonts/" + file))) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException("the program's own font " + file + " cannot be read", e);
        }
    }
}
