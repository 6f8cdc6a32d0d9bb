package hestra.documents;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

import com.fasterxml.jackson.core.JsonProcessingException;
import hestra.data.DataTable;
import hestra.exercise.Exercise;
import hestra.marking.HandIn;
import hestra.task.Attempt;

/**
 * Hand-ins as files: a ZIP archive named {@code .handin} of the exercise as in {@link ExerciseFile}, {@code work.json},
 * whose schema is {@code docs/formats/hand-in.schema.json}, and {@code table.csv} with the student's table.
 */
public final class HandInFile {

    /** The ending of its name. */
    public static final String ENDING = ".handin";

    private static final String FORMAT = "hestra-hand-in";
    private static final int VERSION = 1;
    private static final String WORK = "work.json";
    private static final String TABLE = "table.csv";
    private static final int MOST_ATTEMPTS = 1000;

    /** What the student did, as it stands in {@code work.json}; rows count from 0. */
    record Document(String format, int version, String student, Map<Integer, String> setAside,
            Map<String, List<Attempt>> attempts, OptionalInt begun) {}

    private HandInFile() {}

    /** Opens a hand-in. */
    public static Reading<HandIn> read(Path file) {
        String name = file.getFileName().toString();
        return Reading.guarded(name, () -> Archive.read(file).then(archive -> ExerciseFile.from(archive, name).then(exercise ->
                archive.text(WORK, name).then(work -> archive.text(TABLE, name).then(table ->
                        from(exercise, work, table, name))))));
    }

    /** Writes a hand-in. */
    public static void write(HandIn handIn, Path file) throws IOException {
        Map<Integer, String> setAside = new TreeMap<>();
        for (int row = 0; row < handIn.table().size(); row++) {
            int index = row;
            handIn.table().row(row).setAside().ifPresent(reason -> setAside.put(index, reason));
        }
        Map<String, String> entries = new LinkedHashMap<>(ExerciseFile.entries(handIn.exercise()));
        entries.put(WORK, Json.pretty(new Document(FORMAT, VERSION, handIn.student(), setAside,
                new TreeMap<>(handIn.attempts()), OptionalInt.of(handIn.begun()))));
        entries.put(TABLE, DelimitedText.writeReadable(handIn.table()));
        new Archive(entries).write(file, Archive.MOST_BYTES);
    }

    /** A file name for a student's hand-in, safe on any system: "Kelp blades, Ida Fenn.handin". */
    public static String fileName(HandIn handIn) {
        String name = handIn.exercise().title() + ", " + handIn.student();
        String safe = name.replaceAll("[^\\p{L}\\p{N} ,.()_-]", "_").strip();
        return (safe.length() > 100 ? safe.substring(0, 100).strip() : safe) + ENDING;
    }

    private static Reading<HandIn> from(Exercise exercise, String work, String table, String name) {
        Optional<String> refused = ExerciseFile.refusal(work, FORMAT, VERSION, name);
        if (refused.isPresent()) {
            return Reading.refused(refused.get());
        }
        try {
            Document document = Json.read(work, Document.class, exercise.mark());
            if (document.attempts().values().stream().anyMatch(list -> list.size() > MOST_ATTEMPTS)) {
                return Reading.refused(name + " holds more attempts than a person can make.");
            }
            return ExerciseFile.rows(table, exercise.mark(), exercise.data().width(), name).then(rows -> {
                DataTable data = new DataTable(exercise.data().variables(), rows);
                for (Map.Entry<Integer, String> entry : document.setAside().entrySet()) {
                    if (entry.getKey() >= 0 && entry.getKey() < data.size()) {
                        data = data.withSetAside(entry.getKey(), Optional.ofNullable(entry.getValue()));
                    }
                }
                return Reading.done(new HandIn(document.student().strip(), exercise, data, document.attempts(), document.begun().orElse(1)));
            });
        } catch (JsonProcessingException e) {
            return Reading.refused(ExerciseFile.damaged(name, WORK, e));
        }
    }
}
