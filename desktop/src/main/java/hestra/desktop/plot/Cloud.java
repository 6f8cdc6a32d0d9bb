package hestra.desktop.plot;

import java.util.Arrays;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.paint.Color;

import hestra.figure.Mark;
import hestra.figure.Places;

/**
 * Draws a cloud of very many points: each is stamped into a picture of the whole in plain memory, where a hundred thousand
 * take some ten milliseconds, and the picture is drawn at once. Where points lie on one another the cloud is denser.
 */
final class Cloud {

    private static final int PHASES = 3;
    private static final int OPAQUE = Coverage.OPAQUE;

    private int[] pixels = new int[0];

    /** Draws a cloud over a canvas of this size, on which nothing else has been drawn there. */
    void draw(GraphicsContext g, Mark.Cloud cloud, Color colour) {
        int width = (int) g.getCanvas().getWidth();
        int height = (int) g.getCanvas().getHeight();
        if (pixels.length != width * height) {
            pixels = new int[width * height];
        } else {
            Arrays.fill(pixels, 0);
        }
        int reach = (int) Math.ceil(cloud.radius() + 1);
        int[][] stamps = stamps(cloud.radius(), cloud.opacity(), reach);
        int side = 2 * reach + 1;
        Places places = cloud.places();
        for (int i = 0; i < places.size(); i++) {
            double x = places.x(i);
            double y = places.y(i);
            // Points are inside the figure, where cutting off is rounding down, and much faster.
            int wholeX = (int) x;
            int wholeY = (int) y;
            int[] stamp = stamps[(int) ((x - wholeX) * PHASES) * PHASES + (int) ((y - wholeY) * PHASES)];
            int left = wholeX - reach;
            int top = wholeY - reach;
            for (int row = Math.max(0, -top); row < side && top + row < height; row++) {
                int at = (top + row) * width + left;
                for (int column = Math.max(0, -left); column < side && left + column < width; column++) {
                    int alpha = stamp[row * side + column];
                    if (alpha > 0) {
                        pixels[at + column] += (OPAQUE - pixels[at + column]) * alpha / OPAQUE;
                    }
                }
            }
        }
        Coverage.tint(pixels, colour);
        g.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbPreInstance(), pixels, 0, width);
    }

    /** How much of each pixel about its middle a point covers, for each third of a pixel along and down. */
    private static int[][] stamps(double radius, double opacity, int reach) {
        int side = 2 * reach + 1;
        int[][] stamps = new int[PHASES * PHASES][side * side];
        for (int phase = 0; phase < stamps.length; phase++) {
            double centreX = reach + (phase / PHASES + 0.5) / PHASES;
            double centreY = reach + (phase % PHASES + 0.5) / PHASES;
            for (int i = 0; i < side * side; i++) {
                double distance = Math.hypot(i % side + 0.5 - centreX, i / side + 0.5 - centreY);
                stamps[phase][i] = (int) Math.round(OPAQUE * opacity * Math.clamp(radius + 0.5 - distance, 0, 1));
            }
        }
        return stamps;
    }

    /** From how much is covered to the colour, its parts multiplied by that. */
}
