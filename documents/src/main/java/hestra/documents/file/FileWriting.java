package hestra.documents.file;

import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;

/**
 * The one way in which any file is written: beside its place first, and moved over it only when it is whole and on the disk. So
 * whatever fails, a full disk or a crash among them, the file that was there before is still there as it was.
 */
public final class FileWriting {

    private FileWriting() {}

    /** Puts the contents of a file into a stream, which it leaves open. */
    @FunctionalInterface
    public interface Contents {
        void writeTo(OutputStream out) throws IOException;
    }

    /**
     * Writes a file, and its folder where that is not there.
     *
     * @throws IOException if it cannot be written; a file that was there before is as it was
     */
    public static void write(Path file, Contents contents) throws IOException {
        // Never through a link: whoever put one there does not say what is written over.
        Path place = file.toAbsolutePath();
        Path folder = Optional.ofNullable(place.getParent()).orElseThrow(() -> new IOException("it is not a file"));
        Files.createDirectories(folder);
        Path beside = folder.resolve(".hestra-" + UUID.randomUUID() + ".part");
        try {
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
                    OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16)) {
                contents.writeTo(new FilterOutputStream(out) {
                    @Override
                    public void write(byte[] bytes, int from, int length) throws IOException {
                        out.write(bytes, from, length);
                    }

                    /** Some libraries close what they are given. */
                    @Override
                    public void close() throws IOException {
                        flush();
                    }
                });
                out.flush();
                channel.force(true);
            }
            moveOver(beside, place);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** Writes a text in UTF-8, likewise. */
    public static void write(Path file, String text) throws IOException {
        write(file, out -> out.write(text.getBytes(StandardCharsets.UTF_8)));
    }

    /** Puts a file aside that cannot be understood: beside its place, and beside what was put aside before. */
    public static Path putAside(Path file) throws IOException {
        Path aside = file.resolveSibling(FileReading.name(file) + ".damaged");
        for (int i = 2; FileReading.isThere(aside); i++) {
            aside = file.resolveSibling(FileReading.name(file) + ".damaged-" + i);
        }
        return Files.move(file, aside);
    }

    private static void moveOver(Path written, Path place) throws IOException {
        try {
            Files.move(written, place, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            // Where one cannot be put over the other at once, the old one steps aside and comes back if that fails.
            Path old = place.resolveSibling(".hestra-" + UUID.randomUUID() + ".old");
            boolean replaces = FileReading.isThere(place);
            if (replaces) {
                Files.move(place, old);
            }
            try {
                Files.move(written, place);
            } catch (IOException failed) {
                if (replaces) {
                    Files.move(old, place);
                }
                throw failed;
            }
            Files.deleteIfExists(old);
        }
    }
}
