package hestra.desktop.figure;

import java.util.Arrays;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
    /** Coverages are out of 255, opacities out of 256, so that their product is brought back by a shift. */
    private static final int SHIFT = 8;

    private int[] pixels = new int[0];

    /**
     * The pixels that a point covers, about its middle.
     *
     * @param across where each covered pixel is, from the middle
     * @param down the same downward
     * @param opacities how opaque each is, out of 256
     */
    private record Stamp(int[] across, int[] down, int[] opacities) {

        /** From the middle to each covered pixel in rows of this width, one after the other. */
        int[] steps(int width) {
            return IntStream.range(0, across.length).map(i -> down[i] * width + across[i]).toArray();
        }
    }

    /** Draws a cloud over a canvas of this size, on which nothing else has been drawn there. */
    void draw(GraphicsContext g, Mark.Cloud cloud, Color colour) {
        int width = (int) g.getCanvas().getWidth();
        int height = (int) g.getCanvas().getHeight();
        stamp(cloud, width, height);
        Coverage.tint(pixels, colour);
        g.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbPreInstance(), pixels, 0, width);
    }

    /** How much of each pixel of a picture of this size is covered, row by row, from 0 to {@value Coverage#OPAQUE}. */
    int[] stamp(Mark.Cloud cloud, int width, int height) {
        if (pixels.length != width * height) {
            pixels = new int[width * height];
        } else {
            Arrays.fill(pixels, 0);
        }
        int reach = (int) Math.ceil(cloud.radius() + 1);
        Stamp[] stamps = stamps(cloud.radius(), cloud.opacity(), reach);
        int[][] steps = Stream.of(stamps).map(stamp -> stamp.steps(width)).toArray(int[][]::new);
        Places places = cloud.places();
        for (int i = 0; i < places.size(); i++) {
            double x = places.x(i);
            double y = places.y(i);
            // Points are inside the figure, where cutting off is rounding down, and much faster.
            int wholeX = (int) x;
            int wholeY = (int) y;
            int phase = (int) ((x - wholeX) * PHASES) * PHASES + (int) ((y - wholeY) * PHASES);
            if (wholeX >= reach && wholeX < width - reach && wholeY >= reach && wholeY < height - reach) {
                stamp(wholeY * width + wholeX, steps[phase], stamps[phase].opacities);
            } else {
                stampAtEdge(wholeX, wholeY, stamps[phase], width, height);
            }
        }
        return pixels;
    }

    private void stamp(int middle, int[] steps, int[] opacities) {
        for (int k = 0; k < steps.length; k++) {
            int at = middle + steps[k];
            int covered = pixels[at];
            pixels[at] = covered + ((Coverage.OPAQUE - covered) * opacities[k] >> SHIFT);
        }
    }

    private void stampAtEdge(int wholeX, int wholeY, Stamp stamp, int width, int height) {
        for (int k = 0; k < stamp.opacities.length; k++) {
            int column = wholeX + stamp.across[k];
            int row = wholeY + stamp.down[k];
            if (column >= 0 && column < width && row >= 0 && row < height) {
                int covered = pixels[row * width + column];
                pixels[row * width + column] = covered + ((Coverage.OPAQUE - covered) * stamp.opacities[k] >> SHIFT);
            }
        }
    }

    /** What a point covers, for each third of a pixel that its middle is along and down. */
    private static Stamp[] stamps(double radius, double opacity, int reach) {
        Stamp[] stamps = new Stamp[PHASES * PHASES];
        int side = 2 * reach + 1;
        for (int phase = 0; phase < stamps.length; phase++) {
            double centreX = (phase / PHASES + 0.5) / PHASES;
            double centreY = (phase % PHASES + 0.5) / PHASES;
            int[] across = new int[side * side];
            int[] down = new int[side * side];
            int[] opacities = new int[side * side];
            int size = 0;
            for (int row = -reach; row <= reach; row++) {
                for (int column = -reach; column <= reach; column++) {
                    double distance = Math.hypot(column + 0.5 - centreX, row + 0.5 - centreY);
                    int covers = (int) Math.round((1 << SHIFT) * opacity * Math.clamp(radius + 0.5 - distance, 0, 1));
                    if (covers > 0) {
                        across[size] = column;
                        down[size] = row;
                        opacities[size++] = covers;
                    }
                }
            }
            stamps[phase] = new Stamp(Arrays.copyOf(across, size), Arrays.copyOf(down, size), Arrays.copyOf(opacities, size));
        }
        return stamps;
    }
}
