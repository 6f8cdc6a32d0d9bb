package hestra.desktop.figure;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

import hestra.figure.Sign;

/**
 * Signs of one kind, drawn from small pictures made once: drawing a thousand circles a frame as shapes takes a tenth of a
 * second on the software renderer, a thousand pictures a few milliseconds. There is a picture for each quarter of a pixel,
 * so that a dragged disc glides.
 */
final class Dots {

    private static final int PHASES = 4;
    private static final double WIDEST = 1.67;

    private final double radius;
    private final Sign sign;
    private final Color fill;
    private final Color edge;
    private final int reach;
    private final Image[] pictures = new Image[PHASES * PHASES];

    Dots(double radius, Sign sign, Color fill, Color edge) {
        this.radius = radius;
        this.sign = sign;
        this.fill = fill;
        this.edge = edge;
        this.reach = (int) Math.ceil(radius * WIDEST + 2);
    }

    /** Draws a sign with a thin edge about a point. */
    void draw(GraphicsContext g, double x, double y) {
        double left = Math.floor(x * PHASES + 0.5) / PHASES - reach;
        double top = Math.floor(y * PHASES + 0.5) / PHASES - reach;
        double wholeLeft = Math.floor(left);
        double wholeTop = Math.floor(top);
        int phaseX = (int) ((left - wholeLeft) * PHASES);
        int phaseY = (int) ((top - wholeTop) * PHASES);
        int index = phaseX * PHASES + phaseY;
        if (pictures[index] == null) {
            pictures[index] = picture(reach + (double) phaseX / PHASES, reach + (double) phaseY / PHASES);
        }
        g.drawImage(pictures[index], wholeLeft, wholeTop);
    }

    private Image picture(double centreX, double centreY) {
        int size = 2 * reach + 1;
        WritableImage image = new WritableImage(size, size);
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                double distance = sign.distance(i + 0.5 - centreX, j + 0.5 - centreY, radius);
                double inner = Math.clamp(0.5 - distance, 0, 1);
                double outer = Math.clamp(1.5 - distance, 0, 1);
                Color mixed = edge.interpolate(fill, outer == 0 ? 0 : inner / outer);
                image.getPixelWriter().setColor(i, j, mixed.deriveColor(0, 1, 1, outer));
            }
        }
        return image;
    }
}
