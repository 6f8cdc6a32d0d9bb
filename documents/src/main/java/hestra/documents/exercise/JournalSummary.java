package hestra.documents.exercise;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Step;
import hestra.documents.file.FileReading;
import hestra.exercise.Exercise;
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

    /** How an edit begins that gives another title or place. */
    private static final String TEXTS = "{\"kind\":\"" + Names.all().get(ExerciseEdit.WriteTexts.class) + "\"";
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
            for (Optional<EditLines.Stamped> line = lines.nextEdit(); line.isPresent(); line = lines.nextEdit()) {
                Optional<Step> texts = line.filter(it -> it.edit().startsWith(TEXTS))
                        .flatMap(it -> JournalReplay.step(it, DecimalMark.POINT));
                summary = texts.map(Step::edit).map(summary::after).orElseGet(summary::afterAnother);
            }
            return Optional.of(summary);
        }
    }

    /** What a journal is about that begins with an exercise. */
    static JournalSummary begun(Exercise exercise) {
        return new JournalSummary(exercise.title(), exercise.place(), 0);
    }

    /** The same after an edit. */
    JournalSummary after(Edit edit) {
        return edit instanceof ExerciseEdit.WriteTexts texts
                ? new JournalSummary(texts.title(), texts.place(), edits + 1) : afterAnother();
    }

    /** The same after an edit of anything but the title and the place. */
    private JournalSummary afterAnother() {
        return new JournalSummary(title, place, edits + 1);
    }
}
