package hestra.documents.exercise;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Result;
import hestra.marking.Decision;
import hestra.marking.Marking;
import hestra.numbers.DecimalMark;

/**
 * A marking as a file: text, a first line that says of which exercise, then a decision a line in the order of what they are
 * about, so that two versions can be compared and put together line by line. See {@code docs/formats/README.md}.
 *
 * @param title what the exercise is called
 * @param marking the decisions
 * @param strange lines that are not understood here: of a newer Hestra, or damaged; they are written back as they came
 */
public record MarksFile(String title, Marking marking, List<String> strange) {

    /** The ending of its name. */
    public static final String ENDING = ".marks";

    private static final String FORMAT = "hestra-marking";
    private static final int VERSION = 2;
    private static final long MOST_BYTES = 64 * Archive.MEGABYTE;

    /** The first line. */
    record Header(String format, int version, String exercise, String title) {}

    public MarksFile {
        strange = List.copyOf(strange);
    }

    /** Reads a marking. A line that is not understood is kept as it is and spoils no other. */
    public static Result<MarksFile> read(Path file) {
        try {
            return of(file);
        } catch (IOException e) {
            return Result.refused(Archive.cannotRead(file, e));
        }
    }

    /**
     * Reads a marking, likewise.
     *
     * @throws IOException where its bytes cannot be had, which says nothing of what they are
     */
    static Result<MarksFile> of(Path file) throws IOException {
        String name = FileReading.name(file);
        Optional<byte[]> bytes = FileReading.bytes(file, MOST_BYTES);
        return bytes.isEmpty() ? Result.refused(name + " is too large for a marking.")
                : Result.guarded(name, () -> parsed(new String(bytes.get(), StandardCharsets.UTF_8), name));
    }

    private static Result<MarksFile> parsed(String text, String name) {
        List<String> lines = text.lines().filter(line -> !line.isBlank()).toList();
        try {
            JsonNode first = Json.tree(lines.isEmpty() ? "" : lines.getFirst());
            if (first == null || !FORMAT.equals(first.path("format").asText())) {
                return Result.refused(name + " is not a marking of Hestra's.");
            }
            if (first.path("version").asInt(0) > VERSION) {
                return Result.refused(name + " was made by a newer Hestra. Update Hestra to open it.");
            }
            Header header = Json.read(first, Header.class, DecimalMark.POINT);
            List<Decision> decisions = new ArrayList<>();
            List<String> strange = new ArrayList<>();
            for (String line : lines.subList(1, lines.size())) {
                try {
                    decisions.add(Json.read(line, Decision.class, DecimalMark.POINT));
                } catch (IOException | IllegalArgumentException e) {
                    strange.add(line);
                }
            }
            return Result.done(new MarksFile(header.title(), Marking.of(header.exercise(), decisions), strange));
        } catch (IOException e) {
            return Result.refused(name
                    + " is damaged: its first line cannot be understood. Ask for it again, or begin a new marking.");
        }
    }

    /** Writes the marking, with the lines that were not understood. */
    public void write(Path file) throws IOException {
        FileWriting.write(file, text());
    }

    String text() {
        StringBuilder text = new StringBuilder(Json.line(new Header(FORMAT, VERSION, marking.exercise(), title))).append('\n');
        marking.all().forEach(decision -> text.append(Json.line(decision)).append('\n'));
        strange.forEach(line -> text.append(line).append('\n'));
        return text.toString();
    }

    /** With all that another holds. */
    public MarksFile with(MarksFile other) {
        List<String> lines = new ArrayList<>(strange);
        other.strange.stream().filter(line -> !lines.contains(line)).forEach(lines::add);
        return new MarksFile(title, marking.with(other.marking), lines);
    }
}
