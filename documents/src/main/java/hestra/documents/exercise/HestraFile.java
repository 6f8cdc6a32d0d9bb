package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.desk.Desk;
import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;

/**
 * Files named {@code .hestra}, whatever is in them: an exercise, see {@link ExerciseFile}, or a study, which has what was done in
 * it beside that, in {@code study.json}. Its schema is {@code docs/formats/study.schema.json}.
 */
public final class HestraFile {

    private static final String FORMAT = "hestra-study";
    private static final int VERSION = 1;
    private static final String STUDY = "study.json";

    /** The contents of {@code study.json}. */
    record Document(String format, int version, StudyDocument work) {}

    private HestraFile() {}

    /** Opens a file: an exercise as it is found by a student, a study as it was left. */
    public static Result<Desk> read(Path file) {
        String name = FileReading.name(file);
        return Result.guarded(name, () -> Archive.read(file).then(archive -> ExerciseFile.from(archive, name).then(exercise ->
                exercise.isStudy()
                        ? archive.text(STUDY, name).then(json -> study(exercise, json, name))
                        : Result.done(Desk.open(exercise)))));
    }

    private static Result<Desk> study(Exercise exercise, String json, String name) {
        try {
            JsonNode tree = Json.tree(json);
            Optional<String> refused = ExerciseFile.refusal(tree, FORMAT, VERSION, name);
            return refused.isPresent()
                    ? Result.refused(refused.get())
                    : Result.done(Json.read(tree, Document.class, exercise.mark()).work().on(exercise));
        } catch (IOException e) {
            return Result.refused(ExerciseFile.damaged(name, STUDY, e));
        } catch (IllegalArgumentException e) {
            return Result.refused(name + " is damaged: " + e.getMessage() + ". Ask for it again.");
        }
    }

    /** Saves what is open: an exercise without the work on it, a study with all that was done. */
    public static void write(Desk desk, Path file) throws IOException {
        Optional<StudyDocument> work = StudyDocument.of(desk);
        if (work.isEmpty()) {
            ExerciseFile.write(desk.exercise(), file);
            return;
        }
        Map<String, String> entries = new LinkedHashMap<>(ExerciseFile.entries(desk.exercise()));
        entries.put(STUDY, Json.pretty(new Document(FORMAT, VERSION, work.get())));
        new Archive(entries).write(file, Archive.MOST_BYTES);
    }
}
