package hestra.documents;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.numbers.DecimalMark;
import hestra.task.Aid;
import hestra.task.Task;

/**
 * Exercises as files: a ZIP archive named {@code .hestra} of {@code exercise.json}, whose schema is
 * {@code docs/formats/exercise.schema.json}, and {@code data.csv} with the printed table. What would be too large to be opened again is not saved, and says so.
 */
public final class ExerciseFile {

    /** The ending of its name. */
    public static final String ENDING = ".hestra";

    /** What an exercise may unpack to: less than half of what an archive may, so that a hand-in has room for the student's table beside it. */
    private static final long MOST_BYTES = 56 * Archive.MEGABYTE;

    static final String FORMAT = "hestra-exercise";
    static final int VERSION = 1;
    static final String JSON = "exercise.json";
    static final String DATA = "data.csv";

    /** The exercise without its data, as it stands in {@code exercise.json}. */
    record Document(String format, int version, String id, String title, String place, String heading, String prose,
            List<Variable> variables, Roles roles, List<Task> tasks, Set<Aid> held, DecimalMark mark,
            Optional<Provenance> provenance, Optional<PlotRules> rules) {

        static Document of(Exercise exercise) {
            return new Document(FORMAT, VERSION, exercise.id(), exercise.title(), exercise.place(), exercise.heading(),
                    exercise.prose(), exercise.data().variables(), exercise.roles(), exercise.tasks(), exercise.held(),
                    exercise.mark(), Optional.of(exercise.provenance()).filter(how -> !(how instanceof Provenance.ByHand)),
                    Optional.of(exercise.rules()).filter(rules -> !rules.equals(PlotRules.USUAL)));
        }

        Exercise with(List<Row> rows) {
            return new Exercise(id, title, place, heading, prose, new DataTable(variables, rows), roles, tasks, held, mark,
                    provenance.orElse(new Provenance.ByHand()), rules.orElse(PlotRules.USUAL));
        }
    }

    private ExerciseFile() {}

    /** Opens an exercise. */
    public static Reading<Exercise> read(Path file) {
        String name = file.getFileName().toString();
        return Reading.guarded(name, () -> Archive.read(file).then(archive -> from(archive, name)));
    }

    /** Opens an exercise that ships with the program; {@code name} is for messages. */
    public static Reading<Exercise> read(InputStream in, String name) throws IOException {
        return Archive.read(in, name).then(archive -> from(archive, name));
    }

    /** Saves an exercise. */
    public static void write(Exercise exercise, Path file) throws IOException {
        new Archive(entries(exercise)).write(file, MOST_BYTES);
    }

    static Map<String, String> entries(Exercise exercise) throws IOException {
        Map<String, String> entries = new LinkedHashMap<>();
        entries.put(JSON, Json.pretty(Document.of(exercise)));
        entries.put(DATA, DelimitedText.writeReadable(exercise.data()));
        return entries;
    }

    static Reading<Exercise> from(Archive archive, String name) {
        return archive.text(JSON, name).then(json -> archive.text(DATA, name).then(data -> from(json, data, name)));
    }

    private static Reading<Exercise> from(String json, String data, String name) {
        Optional<String> refused = refusal(json, FORMAT, VERSION, name);
        if (refused.isPresent()) {
            return Reading.refused(refused.get());
        }
        try {
            Document document = Json.read(json, Document.class, DecimalMark.POINT);
            return rows(data, document.mark(), document.variables().size(), name).then(rows ->
                    whole(document, rows, name));
        } catch (JsonProcessingException e) {
            return Reading.refused(damaged(name, JSON, e));
        }
    }

    private static Reading<Exercise> whole(Document document, List<Row> rows, String name) {
        try {
            return Reading.done(document.with(rows));
        } catch (IllegalArgumentException e) {
            return Reading.refused(name + " is damaged: " + e.getMessage() + ". Ask for it again.");
        }
    }

    /** The rows below the headings of a table that was written by {@link DelimitedText#write}. */
    static Reading<List<Row>> rows(String csv, DecimalMark mark, int width, String name) {
        return DelimitedText.parseWritten(csv).then(lines -> {
            if (lines.isEmpty() || lines.getFirst().size() != width || lines.stream().anyMatch(line -> line.size() > width)) {
                return Reading.refused(name + " is damaged: its table has not the columns it should. Ask for it again.");
            }
            return Reading.done(lines.stream().skip(1).map(line -> DelimitedText.row(line, mark)).toList());
        });
    }

    /** Why a document is not one of this format and version; nothing where it is. */
    static Optional<String> refusal(String json, String format, int version, String name) {
        try {
            JsonNode tree = Json.tree(json);
            if (!format.equals(tree.path("format").asText())) {
                return Optional.of(name + " is not " + (format.equals(FORMAT) ? "an exercise" : "a hand-in") + " of Hestra's.");
            }
            int found = tree.path("version").asInt(0);
            if (found > version) {
                return Optional.of(name + " was made by a newer Hestra (its format is " + found + ", this one reads up to "
                        + version + "). Update Hestra to open it.");
            }
            return found < 1 ? Optional.of(name + " does not say which version of the format it is. Ask for it again.")
                    : Optional.empty();
        } catch (JsonProcessingException e) {
            return Optional.of(damaged(name, JSON, e));
        }
    }

    static String damaged(String name, String part, JsonProcessingException e) {
        String where = e.getLocation() == null ? "" : " near line " + e.getLocation().getLineNr();
        return name + " is damaged: " + part + " cannot be understood" + where + ". Ask for it again.";
    }
}
