package hestra.documents.file;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * A ZIP archive of a few text files. Archives come from strangers, so what is read is bounded in count and size, counted
 * while it is unpacked rather than believed, and nothing is ever written outside memory.
 *
 * @param entries the texts by name
 */
public record Archive(Map<String, String> entries) {

    static final int MOST_ENTRIES = 64;
    private static final int BUFFER = 1 << 14;
    public static final long MEGABYTE = 1024L * 1024;

    /** Room for an exercise with as large a table as can be taken in, and for a student's table beside it. */
    public static final long MOST_BYTES = 128 * MEGABYTE;

    public Archive {
        entries = new LinkedHashMap<>(entries);
    }

    /** Reads an archive; refuses what is no archive, too large, or names a path outside itself. */
    public static Result<Archive> read(Path file) {
        return read(file, "");
    }

    /**
     * Reads an archive up to an entry, with it; what stands behind that is not looked at. All of it where there is no such entry.
     */
    public static Result<Archive> upTo(Path file, String last) {
        return read(file, last);
    }

    private static Result<Archive> read(Path file, String last) {
        try {
            if (FileReading.size(file) > MOST_BYTES) {
                return Result.refused(FileReading.name(file) + " is too large to be opened (over " + MOST_BYTES / MEGABYTE
                        + " MB).");
            }
            try (InputStream in = new BufferedInputStream(FileReading.open(file), BUFFER)) {
                return read(in, FileReading.name(file), last);
            }
        } catch (IOException e) {
            return Result.refused(cannotRead(file, e));
        }
    }

    /** Reads an archive from a stream; {@code name} is for messages. */
    public static Result<Archive> read(InputStream in, String name) throws IOException {
        return read(in, name, "");
    }

    private static Result<Archive> read(InputStream in, String name, String last) throws IOException {
        Map<String, String> entries = new LinkedHashMap<>();
        byte[] buffer = new byte[BUFFER];
        long left = MOST_BYTES;
        int count = 0;
        try (ZipInputStream zip = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                // A folder counts like a file, and what is in it: a name that ends in a stroke may have contents all the same.
                if (++count > MOST_ENTRIES) {
                    return Result.refused(name + " holds too many files to be one of Hestra's.");
                }
                if (isOutside(entry.getName())) {
                    return Result.refused(name + " names a path outside itself (" + shortened(entry.getName())
                            + ") and was not opened.");
                }
                Optional<byte[]> bytes = unpacked(zip, buffer, left);
                if (bytes.isEmpty()) {
                    return Result.refused(name + " unpacks to more than " + MOST_BYTES / MEGABYTE + " MB and was not opened.");
                }
                left -= bytes.get().length;
                if (!entry.isDirectory() && entries.put(entry.getName(), new String(bytes.get(),
                        StandardCharsets.UTF_8)) != null) {
                    return Result.refused(name + " holds two files of the same name and was not opened.");
                }
                if (entry.getName().equals(last)) {
                    break;
                }
            }
        } catch (ZipException | IllegalArgumentException | EOFException e) {
            return Result.refused(name + " is damaged: it could not be unpacked. Ask for it again.");
        }
        return entries.isEmpty()
                ? Result.refused(name + " is not a Hestra file, or it is damaged. Ask for it again.")
                : Result.done(new Archive(entries));
    }

    /** The text of an entry, or what is missing. */
    public Result<String> text(String entry, String file) {
        String text = entries.get(entry);
        return text != null ? Result.done(text)
                : Result.refused(file + " is incomplete: it holds no " + entry + ". Ask for it again.");
    }

    /**
     * Writes the archive.
     *
     * @param most how many bytes it may unpack to
     * @throws IOException also where it would be too large to be opened again, which is said before anything is written
     */
    public void write(Path file, long most) throws IOException {
        long bytes = entries.values().stream().mapToLong(Archive::size).sum();
        if (bytes > most) {
            throw new IOException("it would take " + bytes / MEGABYTE + " MB, and at most " + most / MEGABYTE
                    + " MB can be opened again. Take some rows out first");
        }
        FileWriting.write(file, this::write);
    }

    private void write(OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        for (Map.Entry<String, String> entry : entries.entrySet()) {
            ZipEntry header = new ZipEntry(entry.getKey());
            header.setTime(0);
            zip.putNextEntry(header);
            zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        zip.finish();
    }

    /** How many bytes a text takes in UTF-8. */
    private static long size(String text) {
        return text.chars().mapToLong(c -> c < 0x80 ? 1 : c < 0x800 ? 2 : Character.isSurrogate((char) c) ? 2 : 3).sum();
    }

    /** Why a file could not be read, in plain words. */
    public static String cannotRead(Path file, IOException e) {
        return switch (e) {
            case NoSuchFileException _ -> file + " is not there. Check the name and the folder.";
            case FileReading.NotAFile it -> FileReading.name(file) + " cannot be opened: " + it.getMessage() + ".";
            case AccessDeniedException _ -> file + " may not be read. Check its permissions.";
            default -> file + " could not be read: " + e.getMessage();
        };
    }

    private static Optional<byte[]> unpacked(InputStream in, byte[] buffer, long most) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(buffer.length);
        for (int count = in.read(buffer); count >= 0; count = in.read(buffer)) {
            if (bytes.size() + count > most) {
                return Optional.empty();
            }
            bytes.write(buffer, 0, count);
        }
        return Optional.of(bytes.toByteArray());
    }

    private static boolean isOutside(String name) {
        return name.startsWith("/") || name.contains("\\") || name.contains(":") || name.contains("\0")
                || List.of(name.split("/")).contains("..");
    }

    private static String shortened(String name) {
        return name.length() > 40 ? name.substring(0, 39) + "…" : name;
    }
}
