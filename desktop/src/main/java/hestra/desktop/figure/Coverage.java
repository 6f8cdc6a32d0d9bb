package hestra.desktop.figure;

import javafx.scene.paint.Color;

/** How much of each pixel of a picture is covered, from 0 to 255, to be turned into a colour that is as opaque as that. */
final class Coverage {

    static final int OPAQUE = 255;

    private Coverage() {}

    /** Turns coverages into pixels of a colour, red, green and blue multiplied by the opacity as pictures want it. */
    static void tint(int[] pixels, Color colour) {
        int red = (int) Math.round(colour.getRed() * OPAQUE);
        int green = (int) Math.round(colour.getGreen() * OPAQUE);
        int blue = (int) Math.round(colour.getBlue() * OPAQUE);
        int[] tints = new int[OPAQUE + 1];
        for (int alpha = 0; alpha < tints.length; alpha++) {
            tints[alpha] = alpha << 24 | red * alpha / OPAQUE << 16 | green * alpha / OPAQUE << 8 | blue * alpha / OPAQUE;
        }
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = tints[pixels[i]];
        }
    }
}
