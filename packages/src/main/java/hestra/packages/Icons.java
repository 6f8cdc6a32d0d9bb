package hestra.packages;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;

import org.apache.batik.transcoder.SVGAbstractTranscoder;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.PNGTranscoder;
import org.apache.commons.imaging.ImageFormats;
import org.apache.commons.imaging.Imaging;

/** Draws the icons of all sizes from one picture. */
public final class Icons {

    private static final List<Integer> SIZES = List.of(16, 24, 32, 48, 64, 128, 256, 512);
    /** The largest that an icon of Windows can hold, and the largest of macOS that is written here. */
    private static final int LARGE = 256;
    private static final int MIDDLE = 128;

    private Icons() {}

    /**
     * Draws them.
     *
     * @param arguments the picture (SVG), the folder to draw into, and the one where a system of the Linux kind looks for icons
     *     of all sizes
     */
    public static void main(String[] arguments) throws IOException, TranscoderException {
        byte[] svg = Files.readAllBytes(Path.of(arguments[0]));
        Path folder = Files.createDirectories(Path.of(arguments[1]));
        for (int size : SIZES) {
            byte[] drawn = png(svg, size);
            Files.write(folder.resolve(size + ".png"), drawn);
            Path ofSize = Files.createDirectories(Path.of(arguments[2]).resolve(size + "x" + size).resolve("apps"));
            Files.write(ofSize.resolve("hestra.png"), drawn);
        }
        BufferedImage large = ImageIO.read(new ByteArrayInputStream(png(svg, LARGE)));
        write(large, ImageFormats.ICO, folder.resolve("hestra.ico"));
        BufferedImage middle = ImageIO.read(new ByteArrayInputStream(png(svg, MIDDLE)));
        write(middle, ImageFormats.ICNS, folder.resolve("hestra.icns"));
    }

    private static byte[] png(byte[] svg, int size) throws TranscoderException {
        PNGTranscoder drawing = new PNGTranscoder();
        drawing.addTranscodingHint(SVGAbstractTranscoder.KEY_WIDTH, (float) size);
        drawing.addTranscodingHint(SVGAbstractTranscoder.KEY_HEIGHT, (float) size);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        drawing.transcode(new TranscoderInput(new ByteArrayInputStream(svg)), new TranscoderOutput(png));
        return png.toByteArray();
    }

    private static void write(BufferedImage image, ImageFormats format, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            Imaging.writeImage(image, out, format);
        }
    }
}
