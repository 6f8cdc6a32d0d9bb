package hestra.documents.exercise;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.documents.file.FileReading;
import hestra.numbers.DecimalMark;

/**
 * What a journal is about, without making its edits again. One that was closed has it on its last line, which is all that is read
 * of it then.
 *
 * @param title the title that the exercise was given last
 * @param place the place that it was given last
 * @param edits how many edits it holds
 */
public record JournalSummary(String title, String place, int edits) {

    private static final String TEXTS = "\"kind\":\"write-texts\"";
    private static final String BEGINNING = "{\"about\":";
    private static final int LONGEST = 1 << 16;

    /** The line as it stands in a journal. */
    private record Line(JournalSummary about) {}

    /** Whether a line of a journal is such a note. */
    static boolean isOne(String line) {
        return line.startsWith(BEGINNING);
    }

    /** The note's line. */
    String line() {
        return Json.line(new Line(this));
    }

    /** Looks into a journal; nothing where there is none or it cannot be read. */
    public static Optional<JournalSummary> of(Path file) {
        try {
            Optional<JournalSummary> noted = noted(file);
            return noted.isPresent() ? noted : readThrough(file);
        } catch (IOException | RuntimeException e) {
            return Optional.empty();
        }
    }

    private static Optional<JournalSummary> noted(Path file) throws IOException {
        String text = new String(FileReading.end(file, LONGEST), StandardCharsets.UTF_8);
        String last = text.substring(text.lastIndexOf('\n', text.length() - 2) + 1);
        return isOne(last) && last.endsWith("\n")
                ? Optional.of(Json.read(last, Line.class, DecimalMark.POINT).about) : Optional.empty();
    }

    private static Optional<JournalSummary> readThrough(Path file) throws IOException {
        try (JournalLines lines = JournalLines.of(file)) {
            JsonNode begun = Json.tree(lines.next().orElse("{}")).path("exercise");
            if (begun.isMissingNode()) {
                return Optional.empty();
            }
            JournalSummary summary = new JournalSummary(begun.path("title").asText(), begun.path("place").asText(), 0);
            int edits = 0;
            for (Optional<EditLines.Stamped> line = lines.nextEdit(); line.isPresent(); line = lines.nextEdit()) {
                edits++;
                summary = summary.after(line.get().edit());
            }
            return Optional.of(new JournalSummary(summary.title, summary.place, edits));
        }
    }

    /** The same after an edit. */
    private JournalSummary after(String edit) throws IOException {
        if (!edit.contains(TEXTS)) {
            return this;
        }
        JsonNode texts = Json.tree(edit);
        return new JournalSummary(texts.path("title").asText(), texts.path("place").asText(), 0);
    }
}
