package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.OwnSheet;
import hestra.documents.file.Archive;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.marking.HandIn;
import hestra.task.Attempt;

/**
 * Hand-ins as files: a ZIP archive named {@code .handin} of the exercise as in {@link ExerciseFile}, {@code work.json},
 * whose schema is {@code docs/formats/hand-in.schema.json}, and {@code table-1.csv} and so on with the student's table in each part.
 */
public final class HandInFile {

    /** The ending of its name. */
    public static final String ENDING = ".handin";

    static final String FORMAT = "hestra-hand-in";
    static final int VERSION = 2;
    private static final String WORK = "work.json";
    private static final String OLD_TABLE = "table.csv";
    private static final int MOST_ATTEMPTS = 1000;

    /** What the student did, as it stands in {@code work.json}: reasons for setting rows aside by part and by row from 0, and the columns as the student named them. Sheets are there for parts in which a section was written. */
    record Document(String format, int version, String student, Map<String, Map<Integer, String>> setAside,
            Map<String, List<Attempt>> attempts, OptionalInt begun, Optional<Map<String, List<Variable>>> variables, Optional<Map<String, StudyDocument>> sheets) {}

    private HandInFile() {}

    /** Opens a hand-in. */
    public static Result<HandIn> read(Path file) {
        String name = file.getFileName().toString();
        return Result.guarded(name, () -> Archive.read(file).then(archive -> ExerciseFile.from(archive, name).then(exercise ->
                archive.text(WORK, name).then(work -> from(archive, exercise, work, name)))));
    }

    /** Writes a hand-in. */
    public static void write(HandIn handIn, Path file) throws IOException {
        Exercise exercise = handIn.exercise();
        Map<String, String> entries = new LinkedHashMap<>(ExerciseFile.entries(exercise));
        Map<String, Map<Integer, String>> setAside = new TreeMap<>();
        Map<String, List<Variable>> variables = new TreeMap<>();
        for (int i = 0; i < exercise.parts().size(); i++) {
            Part part = exercise.parts().get(i);
            DataTable table = handIn.tables().getOrDefault(part.id(), DataTable.empty());
            Map<Integer, String> reasons = new TreeMap<>();
            for (int row = 0; row < table.size(); row++) {
                int index = row;
                table.row(row).setAside().ifPresent(reason -> reasons.put(index, reason));
            }
            setAside.put(part.id(), reasons);
            variables.put(part.id(), table.variables());
            entries.put(tableOf(i), DelimitedText.writeReadable(table));
        }
        entries.put(WORK, Json.pretty(new Document(FORMAT, VERSION, handIn.student(), setAside, new TreeMap<>(handIn.attempts()), OptionalInt.of(handIn.begun()),
                Optional.of(variables), Optional.of(sheets(handIn)).filter(it -> !it.isEmpty()))));
        new Archive(entries).write(file, Archive.MOST_BYTES);
    }

    private static Map<String, StudyDocument> sheets(HandIn handIn) {
        Desk desk = handIn.desk();
        Map<String, StudyDocument> sheets = new TreeMap<>();
        handIn.sheets().keySet().forEach(id -> handIn.exercise().part(id).ifPresent(part -> sheets.put(id, StudyDocument.of(desk.work().part(part)))));
        return sheets;
    }

    /** A file name for a student's hand-in, safe on any system: "Kelp blades, Ida Fenn.handin". */
    public static String fileName(HandIn handIn) {
        String name = handIn.exercise().title() + ", " + handIn.student();
        String safe = name.replaceAll("[^\\p{L}\\p{N} ,.()_-]", "_").strip();
        return (safe.length() > 100 ? safe.substring(0, 100).strip() : safe) + ENDING;
    }

    private static String tableOf(int part) {
        return "table-" + (part + 1) + ".csv";
    }

    private static Result<HandIn> from(Archive archive, Exercise exercise, String work, String name) {
        try {
            JsonNode tree = Json.tree(work);
            Optional<String> refused = ExerciseFile.refusal(tree, FORMAT, VERSION, name);
            if (refused.isPresent()) {
                return Result.refused(refused.get());
            }
            boolean old = VersionOne.is(tree, "version");
            Document document = Json.read(old ? VersionOne.work(tree) : tree, Document.class, exercise.mark());
            if (document.attempts().values().stream().anyMatch(list -> list.size() > MOST_ATTEMPTS)) {
                return Result.refused(name + " holds more attempts than a person can make.");
            }
            Map<String, List<Variable>> named = document.variables().orElse(Map.of());
            List<List<Variable>> variables = exercise.parts().stream().map(part -> named.getOrDefault(part.id(), part.data().variables())).toList();
            List<Integer> widths = variables.stream().map(List::size).toList();
            return ExerciseFile.tables(archive, i -> old ? OLD_TABLE : tableOf(i), exercise.mark(), widths, name).then(rows -> {
                Map<String, DataTable> tables = new HashMap<>();
                for (int i = 0; i < rows.size(); i++) {
                    Part part = exercise.parts().get(i);
                    tables.put(part.id(), table(variables.get(i), rows.get(i), document.setAside().getOrDefault(part.id(), Map.of())));
                }
                Map<String, OwnSheet> sheets = new HashMap<>();
                document.sheets().orElse(Map.of()).forEach((part, sheet) -> sheets.put(part, sheet.work().sheet()));
                return Result.done(new HandIn(document.student().strip(), exercise, tables, document.attempts(), sheets, document.begun().orElse(1)));
            });
        } catch (IOException e) {
            return Result.refused(ExerciseFile.damaged(name, WORK, e));
        } catch (IllegalArgumentException e) {
            return Result.refused(name + " is damaged: " + e.getMessage() + ". Ask for it again.");
        }
    }

    private static DataTable table(List<Variable> variables, List<Row> rows, Map<Integer, String> setAside) {
        DataTable data = new DataTable(variables, rows);
        for (Map.Entry<Integer, String> entry : setAside.entrySet()) {
            if (entry.getKey() >= 0 && entry.getKey() < data.size()) {
                data = data.withSetAside(entry.getKey(), Optional.ofNullable(entry.getValue()));
            }
        }
        return data;
    }
}
