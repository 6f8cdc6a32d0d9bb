package hestra.desktop.tour;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

import javax.imageio.ImageIO;

/** A picture of a scene as a PNG file. */
public final class Snapshot {

    private Snapshot() {}

    /** Takes a picture; on the JavaFX thread. */
    public static void of(Scene scene, Path file) throws IOException {
        WritableImage image = scene.snapshot(null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(0, 0, width, height, pixels, 0, width);
        ImageIO.write(picture, "png", file.toFile());
    }
}
