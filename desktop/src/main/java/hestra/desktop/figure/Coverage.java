package hestra.desktop.figure;

import javafx.scene.paint.Color;

/** How much of each pixel of a picture is covered, from 0 to 255, to be turned into a colour that is as opaque as that. */
final class Coverage {

    static final int OPAQUE = 255;

    private Coverage() {}

    /** Turns coverages into pixels of a colour. */
    static void tint(int[] pixels, Color colour) {
        tint(pixels, 0, pixels.length, tints(colour));
    }

    /** The pixel for each coverage, red, green and blue multiplied by the opacity as pictures want it. */
    static int[] tints(Color colour) {
        int red = (int) Math.round(colour.getRed() * OPAQUE);
        int green = (int) Math.round(colour.getGreen() * OPAQUE);
        int blue = (int) Math.round(colour.getBlue() * OPAQUE);
        int[] tints = new int[OPAQUE + 1];
        for (int alpha = 0; alpha < tints.length; alpha++) {
            tints[alpha] = alpha << 24 | red * alpha / OPAQUE << 16 | green * alpha / OPAQUE << 8 | blue * alpha / OPAQUE;
        }
        return tints;
    }

    /** Turns coverages from one place up to another into pixels. */
    static void tint(int[] pixels, int from, int to, int[] tints) {
        for (int i = from; i < to; i++) {
            pixels[i] = tints[pixels[i]];
        }
    }
}
