package hestra.desktop.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import hestra.documents.picture.Palette;
import hestra.figure.Ink;
import hestra.figure.Mark;
import hestra.figure.Places;
import hestra.figure.Stroke;

/** Paints marks on a canvas. */
final class CanvasPainter {

    private static final int HATCH_GAP = 7;
    private static final int FEWEST_WASHED = 12;

    private final GraphicsContext g;
    private final Map<Ink, Color> colours = new EnumMap<>(Ink.class);
    private final List<Mark.Dot> kinds = new ArrayList<>();
    private final Cloud cloud = new Cloud();
    private final TranslucentSquares wash = new TranslucentSquares();
    private final List<Dots> dots = new ArrayList<>();

    CanvasPainter(GraphicsContext g, Palette palette) {
        this.g = g;
        for (Ink ink : Ink.values()) {
            int rgb = palette.rgb(ink);
            colours.put(ink, Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF));
        }
        g.setLineCap(StrokeLineCap.BUTT);
        g.setTextBaseline(VPos.BASELINE);
    }

    void paint(List<Mark> sheet) {
        int i = 0;
        while (i < sheet.size()) {
            int end = i;
            while (end < sheet.size() && isWashed(sheet.get(end))) {
                end++;
            }
            if (end - i >= FEWEST_WASHED) {
                wash(sheet.subList(i, end));
                i = end;
            } else {
                paint(sheet.get(i++));
            }
        }
    }

    /** Whether a mark is one of the squares on residuals. */
    private static boolean isWashed(Mark mark) {
        return mark instanceof Mark.Box box && box.corner() == 0 && box.fill() == Ink.RESIDUAL && box.opacity() < 1
                || mark instanceof Mark.Outline outline && outline.stroke().ink() == Ink.RESIDUAL;
    }

    private void wash(List<Mark> squares) {
        wash.draw(g, squares.stream().filter(Mark.Box.class::isInstance).map(Mark.Box.class::cast).toList(),
                squares.stream().filter(Mark.Outline.class::isInstance).map(Mark.Outline.class::cast).toList(),
                        colours.get(Ink.RESIDUAL));
    }

    private void paint(Mark mark) {
        switch (mark) {
            case Mark.Line line -> line(line);
            case Mark.Path(Places places, Stroke stroke) -> {
                stroke(stroke);
                g.strokePolyline(xs(places), ys(places), places.size());
            }
            case Mark.Region(Places corners, Ink fill, double opacity) -> {
                g.setGlobalAlpha(opacity);
                g.setFill(colours.get(fill));
                g.fillPolygon(xs(corners), ys(corners), corners.size());
                g.setGlobalAlpha(1);
            }
            case Mark.Dot dot -> dots(dot).draw(g, dot.x(), dot.y());
            case Mark.Cloud many -> cloud.draw(g, many, colours.get(many.fill()));
            case Mark.Ring(double x, double y, double radius, Stroke stroke) -> {
                stroke(stroke);
                g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
            }
            case Mark.Diamond(double x, double y, double radius, Stroke stroke) -> {
                double[] xs = {x, x + radius, x, x - radius};
                double[] ys = {y - radius, y, y + radius, y};
                g.setFill(colours.get(Ink.SURFACE));
                g.fillPolygon(xs, ys, xs.length);
                stroke(stroke);
                g.strokePolygon(xs, ys, xs.length);
            }
            case Mark.Box box -> {
                g.setGlobalAlpha(box.opacity());
                g.setFill(colours.get(box.fill()));
                if (box.corner() == 0) {
                    g.fillRect(box.x(), box.y(), box.width(), box.height());
                } else {
                    g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 2 * box.corner(), 2 * box.corner());
                }
                g.setGlobalAlpha(1);
            }
            case Mark.Outline box -> {
                stroke(box.stroke());
                g.strokeRect(box.x(), box.y(), box.width(), box.height());
            }
            case Mark.Hatch hatch -> hatch(hatch);
            case Mark.Label label -> label(label);
        }
    }

    private static double[] xs(Places places) {
        return IntStream.range(0, places.size()).mapToDouble(places::x).toArray();
    }

    private static double[] ys(Places places) {
        return IntStream.range(0, places.size()).mapToDouble(places::y).toArray();
    }

    /** The pictures for dots of this size, sign and colour. */
    private Dots dots(Mark.Dot dot) {
        for (int i = 0; i < kinds.size(); i++) {
            Mark.Dot kind = kinds.get(i);
            if (kind.radius() == dot.radius() && kind.sign() == dot.sign() && kind.fill() == dot.fill()
                    && kind.edge() == dot.edge()) {
                return dots.get(i);
            }
        }
        kinds.add(dot);
        dots.add(new Dots(dot.radius(), dot.sign(), colours.get(dot.fill()), colours.get(dot.edge())));
        return dots.getLast();
    }

    /** Upright and level solid lines are filled as thin rectangles on whole pixels: sharp, and many times faster. */
    private void line(Mark.Line line) {
        Stroke stroke = line.stroke();
        boolean upright = line.x1() == line.x2();
        if (!stroke.dash().isEmpty() || !upright && line.y1() != line.y2()) {
            stroke(stroke);
            g.strokeLine(line.x1(), line.y1(), line.x2(), line.y2());
            return;
        }
        double width = Math.max(1, Math.round(stroke.width()));
        g.setFill(colours.get(stroke.ink()));
        if (upright) {
            double top = Math.min(line.y1(), line.y2());
            g.fillRect(Math.round(line.x1() - width / 2), top, width, Math.abs(line.y2() - line.y1()));
        } else {
            double left = Math.min(line.x1(), line.x2());
            g.fillRect(left, Math.round(line.y1() - width / 2), Math.abs(line.x2() - line.x1()), width);
        }
    }

    /** One tile of slanting hairline fills the whole ground: hundreds of clipped lines would cost a tenth of a second. */
    private void hatch(Mark.Hatch hatch) {
        g.setFill(new ImagePattern(tile(colours.get(Ink.GRID)), 0, 0, HATCH_GAP, HATCH_GAP, false));
        g.fillRect(Math.round(hatch.x()), Math.round(hatch.y()), Math.round(hatch.width()), Math.round(hatch.height()));
    }

    private static Image tile(Color colour) {
        WritableImage image = new WritableImage(HATCH_GAP, HATCH_GAP);
        for (int x = 0; x < HATCH_GAP; x++) {
            for (int y = 0; y < HATCH_GAP; y++) {
                int off = Math.floorMod(x + y, HATCH_GAP);
                double covered = off == 0 ? 0.85 : off == 1 || off == HATCH_GAP - 1 ? 0.3 : 0;
                image.getPixelWriter().setColor(x, y, colour.deriveColor(0, 1, 1, covered));
            }
        }
        return image;
    }

    private void label(Mark.Label label) {
        g.setFont(Font.font(switch (label.face()) {
            case TEXT -> "Source Sans 3";
            case STRONG -> "Source Sans 3 Semibold";
            case FIGURES -> "Source Code Pro";
        }, label.size()));
        g.setFill(colours.get(label.ink()));
        g.setTextAlign(switch (label.anchor()) {
            case START -> TextAlignment.LEFT;
            case MIDDLE -> TextAlignment.CENTER;
            case END -> TextAlignment.RIGHT;
        });
        if (label.upward()) {
            g.save();
            g.translate(label.x(), label.y());
            g.rotate(-90);
            g.fillText(label.text(), 0, 0);
            g.restore();
        } else {
            g.fillText(label.text(), label.x(), label.y());
        }
    }

    private void stroke(Stroke stroke) {
        g.setStroke(colours.get(stroke.ink()));
        g.setLineWidth(stroke.width());
        g.setLineDashes(stroke.dash().stream().mapToDouble(Double::doubleValue).toArray());
    }
}
