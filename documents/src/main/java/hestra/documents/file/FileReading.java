package hestra.documents.file;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;

/**
 * The one way in which a stranger's file is opened: an ordinary file of a size that was agreed on. A pipe or a device may never
 * come to an end, and one that says how large it is may lie.
 */
public final class FileReading {

    /** What is in the way of reading a file. */
    public static final class NotAFile extends IOException {
        private static final long serialVersionUID = 1;

        NotAFile(String why) {
            super(why);
        }
    }

    private FileReading() {}

    /** What a file is called, for messages: its name, or the whole of a path that has none, such as that of a disk. */
    public static String name(Path file) {
        return Optional.ofNullable(file.getFileName()).orElse(file).toString();
    }

    /**
     * How large a file is.
     *
     * @throws NotAFile where it is a folder, a pipe or a device
     */
    public static long size(Path file) throws IOException {
        BasicFileAttributes attributes = Files.readAttributes(file, BasicFileAttributes.class);
        if (attributes.isDirectory()) {
            throw new NotAFile("it is a folder, not a file");
        } else if (!attributes.isRegularFile()) {
            throw new NotAFile("it is a pipe or a device, not a file");
        }
        return attributes.size();
    }

    /** Tells a file from what it was before, by when it was written and how large it is; 0 where it is not there. */
    public static long stamp(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis() * 31 + Files.size(file);
        } catch (IOException e) {
            return 0;
        }
    }

    /**
     * Whether something stands in a place: to be asked before anything is begun there.
     *
     * @throws IOException where that cannot be told: what is there must not be taken for what is not
     */
    public static boolean isThere(Path place) throws IOException {
        if (Files.exists(place, LinkOption.NOFOLLOW_LINKS)) {
            return true;
        } else if (Files.notExists(place, LinkOption.NOFOLLOW_LINKS)) {
            return false;
        }
        throw new IOException("it cannot be told whether " + place + " is there");
    }

    /** Opens a file. */
    public static InputStream open(Path file) throws IOException {
        size(file);
        return Files.newInputStream(file);
    }

    /** The end of a file, as many bytes as that at the most. */
    public static byte[] end(Path file, int most) throws IOException {
        long size = size(file);
        try (InputStream in = Files.newInputStream(file)) {
            in.skipNBytes(Math.max(0, size - most));
            return in.readNBytes(most);
        }
    }

    /**
     * All of a file; nothing where it has more bytes than may be.
     */
    public static Optional<byte[]> bytes(Path file, long most) throws IOException {
        if (size(file) > most) {
            return Optional.empty();
        }
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 8L, most + 1));
            return bytes.length > most ? Optional.empty() : Optional.of(bytes);
        }
    }
}
