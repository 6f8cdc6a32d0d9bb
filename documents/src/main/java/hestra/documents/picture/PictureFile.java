package hestra.documents.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.tracing.Picture;

/** Pictures of plots, to read data off: their size is looked at before anything is unpacked. */
public final class PictureFile {

    /** The endings of pictures that can be laid in. */
    public static final List<String> ENDINGS = List.of(".png", ".jpg", ".jpeg");

    private static final int MOST_PIXELS = 40_000_000;
    private static final int LONGEST_SIDE = 12_000;
    private static final List<String> FORMATS = List.of("png", "jpeg");

    private PictureFile() {}

    /** Reads a picture's file. */
    public static Result<Picture> read(Path file) {
        String name = String.valueOf(FileReading.name(file));
        try {
            return FileReading.bytes(file, Picture.MOST_BYTES).map(bytes -> of(bytes, name))
                    .orElseGet(() -> Result.refused(name
                            + " is too large (over 8 MB). Save it smaller, or as JPEG, and use that."));
        } catch (IOException e) {
            return Result.refused(Archive.cannotRead(file, e));
        }
    }

    /** A picture of a file's bytes; refused unless it is a PNG or JPEG of a size that can be shown. */
    static Result<Picture> of(byte[] bytes, String name) {
        Optional<String> refused = refusal(bytes, name);
        if (refused.isPresent()) {
            return Result.refused(refused.get());
        }
        try {
            return ImageIO.read(new ByteArrayInputStream(bytes)) == null
                    ? Result.refused(damaged(name)) : Result.done(Picture.of(bytes));
        } catch (IOException | RuntimeException e) {
            // Readers of pictures throw all sorts of exceptions at damaged ones.
            return Result.refused(damaged(name));
        }
    }

    private static String damaged(String name) {
        return name + " is damaged and could not be shown. Save the picture again.";
    }

    /** Why a picture is not taken, by what its first bytes say of it, before anything is unpacked; nothing where it may be. */
    public static Optional<String> refusal(byte[] bytes, String name) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (bytes.length == 0 || !readers.hasNext()) {
                return Optional.of(name + " cannot be read as a picture. Use PNG or JPEG.");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    return Optional.of(name + " is a picture of another kind. Save it as PNG or JPEG and use that.");
                }
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                return width > LONGEST_SIDE || height > LONGEST_SIDE || width * height > MOST_PIXELS
                        ? Optional.of(name + " is too large (" + width + " × " + height
                        + " pixels). Save it smaller, up to 12000 pixels a side and 40 million in all.")
                        : Optional.empty();
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            return Optional.of(damaged(name));
        }
    }

    /** A picture from the clipboard. */
    public static Result<Picture> of(BufferedImage image) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.size() > Picture.MOST_BYTES
                    ? Result.refused("The picture on the clipboard is too large. Copy a part of it.")
                    : of(out.toByteArray(), "The picture");
        } catch (IOException e) {
            return Result.refused("The picture on the clipboard could not be taken: " + e.getMessage());
        }
    }
}
