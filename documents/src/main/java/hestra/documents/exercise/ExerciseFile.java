package hestra.documents.exercise;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText;
import hestra.exercise.Block;
import hestra.exercise.Closing;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.exercise.Issue;
import hestra.exercise.Part;
import hestra.exercise.PartMarks;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.numbers.DecimalMark;
import hestra.task.Aid;

/**
 * Exercises as files: a ZIP archive named {@code .hestra} of {@code exercise.json}, whose schema is
 * {@code docs/formats/exercise.schema.json}, and {@code data-1.csv} and so on with the printed table of each part. What would be
 * too large to be opened again is not saved, and says so.
 */
public final class ExerciseFile {

    /** The ending of its name. */
    public static final String ENDING = ".hestra";

    /**
     * What an exercise may unpack to: less than half of what an archive may, so that a hand-in has room for the student's table
     * beside it.
     */
    private static final long MOST_BYTES = 56 * Archive.MEGABYTE;

    static final String FORMAT = "hestra-exercise";
    static final int VERSION = 4;
    /** What exercises say they are, so that an earlier Hestra opens them; it could not open a study. */
    private static final int OF_EXERCISES = 2;
    private static final int OF_STUDIES = 3;
    static final String JSON = "exercise.json";

    private static final Map<String, String> WHAT = Map.of(FORMAT, "an exercise", HandInFile.FORMAT, "a hand-in");
    private static final String OLD_DATA = "data.csv";

    /** The exercise without its data, as it stands in {@code exercise.json}. */
    record Document(String format, int version, String id, String title, String place, String heading, DecimalMark mark,
            List<PartDocument> parts,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Exercise.Purpose> purpose,
                    @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Issue> issue,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Copy> copy,
                    @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Closing> atEnd,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<PartMarks> parting) {

        static Document of(Exercise exercise) {
            return new Document(FORMAT, version(exercise), exercise.id(), exercise.title(), exercise.place(), exercise.heading(),
                    exercise.mark(),
                    exercise.parts().stream().map(PartDocument::of).toList(),
                    Optional.of(exercise.purpose()).filter(_ -> exercise.isStudy()), Optional.of(exercise.issue())
                            .filter(issue -> !issue.equals(Issue.NONE)), exercise.copy(), exercise.atEnd(),
                    exercise.parting());
        }

        /** The earliest that can hold it. */
        private static int version(Exercise exercise) {
            boolean given = !exercise.issue().equals(Issue.NONE) || exercise.isCopy() || exercise.atEnd().isPresent()
                    || exercise.parting().isPresent()
                    || exercise.parts().stream().anyMatch(part -> part.differing().isPresent()
                    || part.rules().families().isPresent());
            return given ? VERSION : exercise.isStudy() ? OF_STUDIES : OF_EXERCISES;
        }

        /** The exercise with the rows of each part. */
        Exercise with(List<List<Row>> rows) {
            if (parts.size() > Exercise.MOST_PARTS || rows.size() != parts.size()) {
                throw new IllegalArgumentException(parts.size() + " parts and " + rows.size() + " tables");
            }
            Exercise exercise = new Exercise(id, title, place, heading, mark, IntStream.range(0, parts.size())
                    .mapToObj(i -> parts.get(i).with(rows.get(i))).toList(),
                    purpose.orElse(Exercise.Purpose.EXERCISE), issue.orElse(Issue.NONE), copy, atEnd, parting);
            if (exercise.blocks().size() > Exercise.MOST_BLOCKS || exercise.tasks().size() > Exercise.MOST_TASKS) {
                throw new IllegalArgumentException(exercise.blocks().size() + " blocks, " + exercise.tasks()
                        .size() + " of them tasks, are too many");
            }
            return exercise;
        }
    }

    /** A part without its data. */
    record PartDocument(String id, String heading, List<Variable> variables, Roles roles, Set<Aid> held,
            Optional<Provenance> provenance,
            Optional<PlotRules> rules, List<Block> blocks,
                    @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Varying> differing) {

        static PartDocument of(Part part) {
            return new PartDocument(part.id(), part.heading(), part.data().variables(), part.roles(), part.held(),
                    Optional.of(part.provenance()).filter(how -> !(how instanceof Provenance.ByHand)),
                    Optional.of(part.rules()).filter(rules -> !rules.equals(PlotRules.USUAL)), part.blocks(), part.differing());
        }

        Part with(List<Row> rows) {
            return new Part(id, heading, new DataTable(variables, rows), roles, provenance.orElse(new Provenance.ByHand()), held,
                    rules.orElse(PlotRules.USUAL), blocks, differing);
        }
    }

    private ExerciseFile() {}

    /** Opens an exercise. */
    public static Result<Exercise> read(Path file) {
        String name = FileReading.name(file);
        return Result.guarded(name, () -> Archive.read(file).then(archive -> from(archive, name)));
    }

    /** Opens an exercise that ships with the program; {@code name} is for messages. */
    public static Result<Exercise> read(InputStream in, String name) throws IOException {
        return Archive.read(in, name).then(archive -> from(archive, name));
    }

    /** Saves an exercise. */
    public static void write(Exercise exercise, Path file) throws IOException {
        new Archive(entries(exercise)).write(file, MOST_BYTES);
    }

    static Map<String, String> entries(Exercise exercise) throws IOException {
        Map<String, String> entries = new LinkedHashMap<>();
        entries.put(JSON, StrangeBlocks.unwrapped(exercise, Json.pretty(Document.of(exercise))));
        for (int i = 0; i < exercise.parts().size(); i++) {
            entries.put(dataOf(i), DelimitedText.writeReadable(exercise.parts().get(i).data()));
        }
        return entries;
    }

    private static String dataOf(int part) {
        return "data-" + (part + 1) + ".csv";
    }

    static Result<Exercise> from(Archive archive, String name) {
        return archive.text(JSON, name).then(json -> from(archive, json, name));
    }

    private static Result<Exercise> from(Archive archive, String json, String name) {
        try {
            JsonNode tree = Json.tree(json);
            Optional<String> refused = refusal(tree, FORMAT, VERSION, name);
            if (refused.isPresent()) {
                return Result.refused(refused.get());
            }
            boolean old = VersionOne.is(tree, "version");
            Document document = Json.read(StrangeBlocks.wrapped(old ? VersionOne.exercise(tree) : tree), Document.class,
                    DecimalMark.POINT);
            List<Integer> widths = document.parts().stream().map(part -> part.variables().size()).toList();
            return tables(archive, i -> old ? OLD_DATA : dataOf(i), document.mark(), widths, name)
                    .then(rows -> whole(document, rows, name));
        } catch (IOException e) {
            return Result.refused(damaged(name, JSON, e));
        }
    }

    private static Result<Exercise> whole(Document document, List<List<Row>> rows, String name) {
        try {
            return Result.done(document.with(rows));
        } catch (IllegalArgumentException e) {
            return Result.refused(name + " is damaged: " + e.getMessage() + ". Ask for it again.");
        }
    }

    /** The rows of a table for each part; {@code entry} names the file that holds it. */
    static Result<List<List<Row>>> tables(Archive archive, IntFunction<String> entry, DecimalMark mark, List<Integer> widths,
            String name) {
        List<List<Row>> all = new ArrayList<>();
        for (int i = 0; i < widths.size(); i++) {
            int width = widths.get(i);
            switch (archive.text(entry.apply(i), name).then(csv -> rows(csv, mark, width, name))) {
                case Result.Refused<List<Row>>(String message) -> {
                    return Result.refused(message);
                }
                case Result.Done<List<Row>>(List<Row> rows) -> all.add(rows);
            }
        }
        return Result.done(all);
    }

    /** The rows below the headings of a table that was written by {@link DelimitedText#write}. */
    static Result<List<Row>> rows(String csv, DecimalMark mark, int width, String name) {
        return DelimitedText.parseWritten(csv).then(lines -> {
            if (lines.isEmpty() || lines.getFirst().size() != width || lines.stream().anyMatch(line -> line.size() > width)) {
                return Result.refused(name + " is damaged: its table has not the columns it should. Ask for it again.");
            }
            return Result.done(lines.stream().skip(1).map(line -> DelimitedText.row(line, mark)).toList());
        });
    }

    /** Why a document is not one of this format and version; nothing where it is. */
    static Optional<String> refusal(JsonNode tree, String format, int version, String name) {
        if (!format.equals(tree.path("format").asText())) {
            return Optional.of(name + " is not " + WHAT.getOrDefault(format, "a study") + " of Hestra's.");
        }
        int found = tree.path("version").asInt(0);
        if (found > version) {
            return Optional.of(name + " was made by a newer Hestra (its format is " + found + ", this one reads up to "
                    + version + "). Update Hestra to open it.");
        }
        return found < 1
                ? Optional.of(name + " does not say which version of the format it is. Ask for it again.") : Optional.empty();
    }

    static String damaged(String name, String part, IOException e) {
        String where = e instanceof JsonProcessingException json && json.getLocation() != null
                && json.getLocation().getLineNr() > 0 ? " near line " + json.getLocation().getLineNr() : "";
        return name + " is damaged: " + part + " cannot be understood" + where + ". Ask for it again.";
    }
}
