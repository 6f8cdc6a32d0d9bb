package hestra.desktop.plot;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

/**
 * Discs drawn from small pictures made once: drawing a thousand circles a frame as shapes takes a tenth of a second on the
 * software renderer, a thousand pictures a few milliseconds. There is a picture for each quarter of a pixel, so that a
 * dragged disc glides.
 */
final class Discs {

    private static final int PHASES = 4;
    private static final int MOST = 256;

    private record Kind(double radius, Color fill, Color edge, int phaseX, int phaseY) {}

    private final Map<Kind, Image> pictures = new HashMap<>();

    /** Draws a disc with a thin edge. */
    void draw(GraphicsContext g, double x, double y, double radius, Color fill, Color edge) {
        int reach = (int) Math.ceil(radius + 2);
        double left = Math.floor(x * PHASES + 0.5) / PHASES - reach;
        double top = Math.floor(y * PHASES + 0.5) / PHASES - reach;
        double wholeLeft = Math.floor(left);
        double wholeTop = Math.floor(top);
        Kind kind = new Kind(radius, fill, edge, (int) ((left - wholeLeft) * PHASES), (int) ((top - wholeTop) * PHASES));
        if (pictures.size() > MOST) {
            pictures.clear();
        }
        g.drawImage(pictures.computeIfAbsent(kind, it -> picture(it, reach)), wholeLeft, wholeTop);
    }

    private static Image picture(Kind kind, int reach) {
        int size = 2 * reach + 1;
        WritableImage image = new WritableImage(size, size);
        double centreX = reach + (double) kind.phaseX / PHASES;
        double centreY = reach + (double) kind.phaseY / PHASES;
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                double distance = Math.hypot(i + 0.5 - centreX, j + 0.5 - centreY);
                double inner = Math.clamp(kind.radius + 0.5 - distance, 0, 1);
                double outer = Math.clamp(kind.radius + 1.5 - distance, 0, 1);
                Color mixed = kind.edge.interpolate(kind.fill, outer == 0 ? 0 : inner / outer);
                image.getPixelWriter().setColor(i, j, mixed.deriveColor(0, 1, 1, outer));
            }
        }
        return image;
    }
}
