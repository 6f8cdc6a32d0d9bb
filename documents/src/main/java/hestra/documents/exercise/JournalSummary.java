package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

import com.fasterxml.jackson.databind.JsonNode;

/**
 * What a journal is about, without making its edits again.
 *
 * @param title the title that the exercise was given last
 * @param place the place that it was given last
 * @param edits how many edits it holds
 */
public record JournalSummary(String title, String place, int edits) {

    private static final String TEXTS = "\"kind\":\"write-texts\"";

    /** Looks through a journal; nothing where there is none or it cannot be read. */
    public static Optional<JournalSummary> of(Path file) {
        try (JournalLines lines = JournalLines.of(file)) {
            Optional<String> first = lines.next();
            if (first.isEmpty()) {
                return Optional.empty();
            }
            JsonNode begun = Json.tree(first.get()).path("exercise");
            JournalSummary summary = new JournalSummary(begun.path("title").asText(), begun.path("place").asText(), 0);
            if (begun.isMissingNode()) {
                return Optional.empty();
            }
            int edits = 0;
            for (Optional<String> line = lines.next(); line.isPresent(); line = lines.next()) {
                edits++;
                if (line.get().contains(TEXTS)) {
                    JsonNode tree = Json.tree(line.get());
                    JsonNode texts = tree.has("at") ? tree.path("edit") : tree;
                    summary = new JournalSummary(texts.path("title").asText(), texts.path("place").asText(), 0);
                }
            }
            return Optional.of(new JournalSummary(summary.title, summary.place, edits));
        } catch (IOException | RuntimeException e) {
            return Optional.empty();
        }
    }
}
