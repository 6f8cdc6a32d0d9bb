package hestra.documents.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.file.TextFile;
import hestra.numbers.DecimalMark;

/** A file of data: delimited text in any encoding, or a workbook (.xlsx, .ods), as texts to be understood. */
public final class DataFile {

    /** The endings of files of data. */
    public static final List<String> ENDINGS = List.of(".csv", ".tsv", ".txt", ".xlsx", ".ods");

    private static final long MOST_BYTES = 64L * 1024 * 1024;

    private DataFile() {}

    /**
     * A table of a file.
     *
     * @param name the sheet's name; empty for a text file
     * @param text rows and columns
     * @param mark the decimal mark, where the file itself says it
     */
    public record Part(String name, String text, Optional<DecimalMark> mark) {

        /** Understands the table's text. */
        public Result<TextData> understand(DecimalMark own) {
            return understand(own, Progress.UNWATCHED);
        }

        Result<TextData> understand(DecimalMark own, Progress progress) {
            if (mark.isEmpty() || text.isBlank()) {
                return TextData.understand(text, own, progress);
            }
            TextShape guess = ShapeGuess.of(text, mark.get());
            return TextData.read(text, new TextShape(Separator.TAB, mark.get(), guess.headed(), guess.skipped()), own, progress);
        }
    }

    /**
     * The tables of a file, the first of them understood already.
     *
     * @param parts at least one
     * @param first what the first of them holds
     */
    public record Taken(List<Part> parts, TextData first) {}

    /** Reads a file and understands its first table; stopped work is refused like a file that cannot be read. */
    public static Result<Taken> take(Path file, DecimalMark own, Progress progress) {
        try {
            return Result.guarded(FileReading.name(file),
                    () -> read(file).then(parts -> parts.getFirst().understand(own, progress)
                            .then(first -> Result.done(new Taken(parts, first)))));
        } catch (Progress.Stopped e) {
            return Result.refused(FileReading.name(file) + " was not opened; nothing has changed.");
        }
    }

    /** The tables of a file, at least one, those that are not empty; or why it cannot be read. */
    public static Result<List<Part>> read(Path file) {
        return Result.guarded(FileReading.name(file), () -> tables(file));
    }

    private static Result<List<Part>> tables(Path file) {
        String name = FileReading.name(file);
        try {
            if (FileReading.size(file) > MOST_BYTES) {
                return Result.refused(name + " is larger than 64 MB. Take a part of it.");
            }
            return switch (kind(file)) {
                case ZIP -> name.toLowerCase(Locale.ROOT).endsWith(".ods") ? OpenDocumentSheets.read(file) : Workbook.read(file);
                case COMPOUND -> Result.refused(name
                        + " is locked by a password or is an old .xls. Save it as .xlsx without a password and open that.");
                case OTHER -> TextFile.text(FileReading.bytes(file, MOST_BYTES).orElse(new byte[0]), name)
                        .then(text -> text.isBlank() ? Result.refused(name + " is empty.")
                        : Result.done(List.of(new Part("", text, Optional.empty()))));
            };
        } catch (IOException e) {
            return Result.refused(Archive.cannotRead(file, e));
        }
    }

    private enum Kind {
        ZIP,
        COMPOUND,
        OTHER
    }

    /** By its first bytes: names lie. */
    private static Kind kind(Path file) throws IOException {
        try (InputStream in = FileReading.open(file)) {
            byte[] first = in.readNBytes(4);
            if (first.length == 4 && first[0] == 'P' && first[1] == 'K' && (first[2] == 3 || first[2] == 5)) {
                return Kind.ZIP;
            }
            return first.length == 4 && (first[0] & 0xFF) == 0xD0 && (first[1] & 0xFF) == 0xCF ? Kind.COMPOUND : Kind.OTHER;
        }
    }
}
