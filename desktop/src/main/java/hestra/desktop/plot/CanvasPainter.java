package hestra.desktop.plot;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import hestra.documents.Palette;
import hestra.figure.Ink;
import hestra.figure.Mark;
import hestra.figure.Stroke;

/** Paints marks on a canvas. */
final class CanvasPainter {

    private static final double HATCH_GAP = 7;

    private final GraphicsContext g;
    private final Map<Ink, Color> colours = new EnumMap<>(Ink.class);

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
        sheet.forEach(this::paint);
    }

    private void paint(Mark mark) {
        switch (mark) {
            case Mark.Line line -> {
                stroke(line.stroke());
                g.strokeLine(line.x1(), line.y1(), line.x2(), line.y2());
            }
            case Mark.Disc(double x, double y, double radius, Ink fill, Ink edge) -> {
                g.setFill(colours.get(edge));
                g.fillOval(x - radius - 1, y - radius - 1, 2 * radius + 2, 2 * radius + 2);
                g.setFill(colours.get(fill));
                g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
            }
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
                g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 2 * box.corner(), 2 * box.corner());
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

    private void hatch(Mark.Hatch hatch) {
        g.save();
        g.beginPath();
        g.rect(hatch.x(), hatch.y(), hatch.width(), hatch.height());
        g.clip();
        stroke(Stroke.solid(Ink.GRID, 1));
        double bottom = hatch.y() + hatch.height();
        for (double x = hatch.x() - hatch.height(); x < hatch.x() + hatch.width(); x += HATCH_GAP) {
            g.strokeLine(x, bottom, x + hatch.height(), hatch.y());
        }
        g.restore();
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
