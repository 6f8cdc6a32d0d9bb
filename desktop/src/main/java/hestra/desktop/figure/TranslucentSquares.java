package hestra.desktop.figure;

import java.nio.IntBuffer;
import java.util.Arrays;
import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelBuffer;
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
    private PixelBuffer<IntBuffer> buffer;
    private WritableImage image;
    private int width;
    private int height;

    /** Draws rectangles of one opacity and their outlines, all of one colour. */
    void draw(GraphicsContext g, List<Mark.Box> boxes, List<Mark.Outline> outlines, Color colour) {
        sizedAs(g.getCanvas());
        Area all = Area.around(boxes, outlines, width, height);
        if (all.isEmpty()) {
            return;
        }
        for (int row = all.top; row <= all.bottom; row++) {
            Arrays.fill(counts, row * (width + 1) + all.left, row * (width + 1) + all.right + 1, 0);
        }
        boxes.forEach(this::count);
        fill(all, boxes.isEmpty() ? 0 : boxes.getFirst().opacity());
        outlines.forEach(this::outline);
        int[] tints = Coverage.tints(colour);
        for (int row = all.top; row < all.bottom; row++) {
            Coverage.tint(pixels, row * width + all.left, row * width + all.right, tints);
        }
        // The pixels are the picture's own: nothing is copied into another form of them, and only what is covered is looked at.
        int across = all.right - all.left;
        int down = all.bottom - all.top;
        buffer.updateBuffer(_ -> new Rectangle2D(all.left, all.top, across, down));
        g.drawImage(image, all.left, all.top, across, down, all.left, all.top, across, down);
    }

    private void sizedAs(Canvas canvas) {
        int across = (int) canvas.getWidth();
        int down = (int) canvas.getHeight();
        if (image == null || width != across || height != down) {
            width = across;
            height = down;
            pixels = new int[width * height];
            counts = new int[(width + 1) * (height + 1)];
            buffer = new PixelBuffer<>(width, height, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance());
            image = new WritableImage(buffer);
        }
    }

    /** The pixels from left and top that some of the rectangles cover, up to right and bottom and without them. */
    private record Area(int left, int top, int right, int bottom) {

        static Area around(List<Mark.Box> boxes, List<Mark.Outline> outlines, int width, int height) {
            double left = width;
            double top = height;
            double right = 0;
            double bottom = 0;
            for (Mark.Box box : boxes) {
                left = Math.min(left, box.x());
                top = Math.min(top, box.y());
                right = Math.max(right, box.x() + box.width());
                bottom = Math.max(bottom, box.y() + box.height());
            }
            for (Mark.Outline box : outlines) {
                left = Math.min(left, box.x());
                top = Math.min(top, box.y());
                right = Math.max(right, box.x() + box.width());
                bottom = Math.max(bottom, box.y() + box.height());
            }
            return new Area(bounded(left - 1, width), bounded(top - 1, height), bounded(right + 2, width),
                    bounded(bottom + 2, height));
        }

        boolean isEmpty() {
            return left >= right || top >= bottom;
        }
    }

    private void count(Mark.Box box) {
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
    private void fill(Area all, double opacity) {
        int[] covered = new int[OPAQUE];
        for (int n = 0; n < covered.length; n++) {
            covered[n] = (int) Math.round(OPAQUE * (1 - Math.pow(1 - opacity, n)));
        }
        int stride = width + 1;
        for (int row = all.top; row < all.bottom; row++) {
            int along = 0;
            for (int column = all.left; column < all.right; column++) {
                int at = row * stride + column;
                along += counts[at];
                counts[at] = along + (row == all.top ? 0 : counts[at - stride]);
                pixels[row * width + column] = covered[Math.min(counts[at], covered.length - 1)];
            }
        }
    }

    private void outline(Mark.Outline box) {
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
