package hestra.desktop.figure;

import java.util.Arrays;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

import hestra.figure.Mark;

/**
 * Draws many half transparent rectangles of one colour, and their outlines, as one picture. How many of them cover a pixel is
 * counted by their corners and summed along rows and columns, so that a thousand large squares cost no more than a few: drawn
 * one by one they take a tenth of a second on the software renderer.
 */
final class TranslucentSquares {

    private static final int OPAQUE = Coverage.OPAQUE;
    private static final double OUTLINE = 0.8;

    private int[] pixels = new int[0];
    private int[] counts = new int[0];
    private WritableImage image;

    /** Draws rectangles of one opacity and their outlines, all of one colour. */
    void draw(GraphicsContext g, List<Mark.Box> boxes, List<Mark.Outline> outlines, Color colour) {
        int width = (int) g.getCanvas().getWidth();
        int height = (int) g.getCanvas().getHeight();
        if (image == null || image.getWidth() != width || image.getHeight() != height) {
            image = new WritableImage(width, height);
            pixels = new int[width * height];
            counts = new int[(width + 1) * (height + 1)];
        } else {
            Arrays.fill(counts, 0);
        }
        boxes.forEach(box -> count(box, width, height));
        fill(width, height, boxes.isEmpty() ? 0 : boxes.getFirst().opacity());
        outlines.forEach(box -> outline(box, width, height));
        Coverage.tint(pixels, colour);
        image.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbPreInstance(), pixels, 0, width);
        g.drawImage(image, 0, 0);
    }

    private void count(Mark.Box box, int width, int height) {
        int left = bounded(box.x(), width);
        int right = bounded(box.x() + box.width(), width);
        int top = bounded(box.y(), height);
        int bottom = bounded(box.y() + box.height(), height);
        counts[top * (width + 1) + left]++;
        counts[top * (width + 1) + right]--;
        counts[bottom * (width + 1) + left]--;
        counts[bottom * (width + 1) + right]++;
    }

    private static int bounded(double pixel, int most) {
        return Math.clamp(Math.round(pixel), 0, most);
    }

    /** Sums the corners to the number of rectangles over each pixel, and turns that into how much of the ground is covered. */
    private void fill(int width, int height, double opacity) {
        int[] covered = new int[OPAQUE];
        for (int n = 0; n < covered.length; n++) {
            covered[n] = (int) Math.round(OPAQUE * (1 - Math.pow(1 - opacity, n)));
        }
        int stride = width + 1;
        for (int row = 0; row < height; row++) {
            int along = 0;
            for (int column = 0; column < width; column++) {
                int at = row * stride + column;
                along += counts[at];
                counts[at] = along + (row == 0 ? 0 : counts[at - stride]);
                pixels[row * width + column] = covered[Math.min(counts[at], covered.length - 1)];
            }
        }
    }

    private void outline(Mark.Outline box, int width, int height) {
        int left = bounded(box.x(), width - 1);
        int right = bounded(box.x() + box.width(), width - 1);
        int top = bounded(box.y(), height - 1);
        int bottom = bounded(box.y() + box.height(), height - 1);
        for (int x = left; x <= right; x++) {
            cover(top * width + x);
            cover(bottom * width + x);
        }
        for (int y = top + 1; y < bottom; y++) {
            cover(y * width + left);
            cover(y * width + right);
        }
    }

    private void cover(int at) {
        pixels[at] += (int) ((OPAQUE - pixels[at]) * OUTLINE);
    }
}
