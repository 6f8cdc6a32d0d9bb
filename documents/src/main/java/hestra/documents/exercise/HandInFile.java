package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.PartWork;
import hestra.desk.Step;
import hestra.desk.Steps;
import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.marking.HandIn;
import hestra.marking.Pace;
import hestra.marking.StudentAnswers;
import hestra.numbers.DecimalMark;
import hestra.task.Attempt;

/**
 * Hand-ins as files: a ZIP archive named {@code .handin} of the exercise as in {@link ExerciseFile}, {@code work.json},
 * whose schema is {@code docs/formats/hand-in.schema.json}, {@code desk.json} with how each part was left, {@code steps.jsonl}
 * with how it all came about, and {@code table-1.csv} and so on with the student's table in each part. To mark it,
 * {@code work.json} and a few words of the exercise are enough.
 */
public final class HandInFile {

    /** The ending of its name. */
    public static final String ENDING = ".handin";

    static final String FORMAT = "hestra-hand-in";
    static final int VERSION = 3;
    private static final int OF_SECTIONS = 2;
    private static final String WORK = "work.json";
    private static final String DESK = "desk.json";
    private static final String STEPS = "steps.jsonl";
    private static final String OLD_TABLE = "table.csv";
    private static final int MOST_ATTEMPTS = 1000;

    /**
     * What the student did, as it stands in {@code work.json}: reasons for setting rows aside by part and by row from 0, and the
     * columns as the student named them. Version 2 has the sheets of parts in which a section was written here.
     */
    record Document(String format, int version, String student, Map<String, Map<Integer, String>> setAside,
            Map<String, List<Attempt>> attempts, OptionalInt begun, Optional<Map<String, List<Variable>>> variables,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Map<String, StudyDocument>> sheets,
                    @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<Pace> pace) {}

    /** How each part was left, as it stands in {@code desk.json}. */
    record DeskDocument(Map<String, StudyDocument> parts) {}

    private HandInFile() {}

    /** Opens a hand-in. */
    public static Result<HandIn> read(Path file) {
        String name = FileReading.name(file);
        return Result.guarded(name, () -> Archive.read(file).then(archive -> from(archive, name)));
    }

    private static Result<HandIn> from(Archive archive, String name) {
        return ExerciseFile.from(archive, name).then(exercise -> archive.text(WORK, name)
                .then(work -> from(archive, exercise, work, name)));
    }

    /** Writes a hand-in of which it is not known how it came about. */
    public static void write(HandIn handIn, Path file) throws IOException {
        write(handIn, List.of(), file);
    }

    /** Writes a hand-in with the steps in which it came about. */
    public static void write(HandIn handIn, List<Step> steps, Path file) throws IOException {
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
        entries.put(WORK, Json.pretty(new Document(FORMAT, VERSION, handIn.student(), setAside, new TreeMap<>(handIn.attempts()),
                OptionalInt.of(handIn.begun()),
                Optional.of(variables), Optional.empty(), handIn.pace())));
        entries.put(DESK, Json.line(new DeskDocument(parts(handIn))));
        if (!steps.isEmpty()) {
            entries.put(STEPS, steps.stream().map(step -> EditLines.Stamped.of(step).line() + "\n")
                    .collect(Collectors.joining()));
        }
        new Archive(entries).write(file, Archive.MOST_BYTES);
    }

    private static Map<String, StudyDocument> parts(HandIn handIn) {
        Map<String, StudyDocument> parts = new TreeMap<>();
        handIn.works().forEach((id, work) -> parts.put(id, StudyDocument.of(work)));
        return parts;
    }

    /**
     * What marks depend on.
     *
     * @param script the answers
     * @param print that of the exercise which came back, see {@link #print}
     */
    record Light(StudentAnswers script, int print) {}

    /** Reads of a hand-in what marks depend on, and no more, which stands first in it: soon done. */
    public static Result<StudentAnswers> script(Path file) {
        return light(file, new Copies()).then(light -> Result.done(light.script()));
    }

    /**
     * What the exercises in hand-ins say of themselves: a class hands in the same one again and again. Used by any number of
     * threads.
     */
    static final class Copies {
        private static final int MOST = 64;

        private final Map<String, Copy> known = new ConcurrentHashMap<>();

        /**
         * What one says.
         *
         * @param told its simple values, and of which copy it is
         * @param print see {@link #print}
         */
        private record Copy(JsonNode told, int print) {}

        private Copy of(String exercise) throws IOException {
            Copy copy = known.get(exercise);
            if (copy == null) {
                copy = new Copy(Json.head(exercise, Set.of("copy")), print(exercise));
                if (known.size() < MOST) {
                    known.put(exercise, copy);
                }
            }
            return copy;
        }
    }

    /** A hand-in up to its answers; all of it where they stand before the exercise. */
    private static Result<Archive> begun(Path file) {
        return Archive.upTo(file, WORK).then(archive -> archive.entries()
                .containsKey(ExerciseFile.JSON) ? Result.done(archive) : Archive.read(file));
    }

    static Result<Light> light(Path file, Copies copies) {
        String name = FileReading.name(file);
        return Result.guarded(name, () -> begun(file)
                .then(archive -> archive.text(ExerciseFile.JSON, name).then(exercise -> archive.text(WORK, name).then(work -> {
            try {
                Copies.Copy copy = copies.of(exercise);
                return script(copy.told(), work, name)
                        .then(script -> Result.done(new Light(script, copy.print() + printOfData(archive.entries()))));
            } catch (IOException e) {
                return Result.refused(ExerciseFile.damaged(name, ExerciseFile.JSON, e));
            }
        }))));
    }

    /** What tells one version of an exercise from another, in all likelihood. */
    static int print(Exercise exercise) throws IOException {
        Map<String, String> entries = ExerciseFile.entries(exercise);
        return print(entries.get(ExerciseFile.JSON)) + printOfData(entries);
    }

    private static int printOfData(Map<String, String> entries) {
        return entries.entrySet().stream().filter(it -> it.getKey().startsWith("data"))
                .mapToInt(it -> it.getKey().hashCode() ^ print(it.getValue())).sum();
    }

    private static int print(String text) {
        return text.strip().hashCode();
    }

    private static Result<StudentAnswers> script(JsonNode told, String work, String name) {
        try {
            JsonNode head = Json.first(work, Set.of("format", "version"));
            Optional<String> refused = ExerciseFile.refusal(told, ExerciseFile.FORMAT, ExerciseFile.VERSION, name)
                    .or(() -> ExerciseFile.refusal(head, FORMAT, VERSION, name));
            if (refused.isPresent()) {
                return Result.refused(refused.get());
            }
            DecimalMark mark = "comma".equals(told.path("mark").asText()) ? DecimalMark.COMMA : DecimalMark.POINT;
            Document document = VersionOne.is(head, "version")
                    ? Json.read(VersionOne.work(Json.tree(work)), Document.class, mark) : Json.read(work, Document.class, mark);
            if (tooMany(document)) {
                return Result.refused(name + " holds more attempts than a person can make.");
            }
            JsonNode copy = told.path("copy");
            Optional<StudentAnswers.Copied> copied = copy.isObject()
                    ? Optional.of(new StudentAnswers.Copied(copy.path("edition").asInt(), copy.path("variant").asInt(),
                    copy.path("name")
                            .asText(""))) : Optional.empty();
            return Result.done(new StudentAnswers(document.student(), told.path("id").asText(""), told.path("title").asText(""),
                    copied,
                    document.attempts(), document.begun().orElse(1), document.pace()));
        } catch (IOException e) {
            return Result.refused(ExerciseFile.damaged(name, WORK, e));
        } catch (IllegalArgumentException e) {
            return Result.refused(name + " is damaged: " + e.getMessage() + ". Ask for it again.");
        }
    }

    private static boolean tooMany(Document document) {
        return document.attempts().values().stream().anyMatch(list -> list.size() > MOST_ATTEMPTS);
    }

    /**
     * A hand-in with how it came about.
     *
     * @param steps none where it does not say, or not in a way that can be read to its end
     */
    public record Whole(HandIn handIn, List<Step> steps) {}

    /**
     * A hand-in that was marked, on what it is marked by. Marks depend on the answers alone: where the rest is damaged, such as
     * the student's copy of the exercise, the answers stand on the exercise as it was given out.
     */
    public static Result<HandIn> marked(Path file, Exercise exercise) {
        return switch (read(file)) {
            case Result.Done<HandIn>(HandIn handIn) -> Result.done(handIn.on(exercise));
            case Result.Refused<HandIn> _ ->
                    script(file).then(script -> Result.done(new HandIn(script.student(), exercise, Map.of(), script.attempts(),
                            Map.of(), script.begun(), script.pace())));
        };
    }

    /** Opens a hand-in with its steps. */
    public static Result<Whole> whole(Path file) {
        String name = FileReading.name(file);
        return Result.guarded(name, () -> Archive.read(file)
                .then(archive -> from(archive, name).then(handIn -> Result.done(new Whole(handIn,
                        steps(archive, handIn.exercise().mark()))))));
    }

    /** How a hand-in came about; nothing where it does not say, or not in a way that can be read to its end. */
    public static List<Step> steps(Path file, DecimalMark mark) {
        return Result.guarded(FileReading.name(file), () -> Archive.read(file)
                .then(archive -> Result.done(steps(archive, mark)))) instanceof Result.Done<List<Step>>(List<Step> steps)
                ? steps : List.of();
    }

    private static List<Step> steps(Archive archive, DecimalMark mark) {
        List<Optional<Step>> steps = archive.entries().getOrDefault(STEPS, "").lines().limit(Steps.MOST + 1L)
                .map(line -> JournalReplay.step(EditLines.Stamped.of(line), mark)).toList();
        boolean whole = steps.size() <= Steps.MOST && steps.stream().allMatch(Optional::isPresent);
        return whole ? steps.stream().map(Optional::orElseThrow).toList() : List.of();
    }

    /** A file name for a student's hand-in, safe on any system: "Kelp blades, Ida Fenn.handin". */
    public static String fileName(HandIn handIn) {
        return Publication.safe(handIn.exercise().title(), "Exercise") + ", " + Publication.safe(handIn.student(), "student")
                + ENDING;
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
            if (tooMany(document)) {
                return Result.refused(name + " holds more attempts than a person can make.");
            }
            Map<String, List<Variable>> named = document.variables().orElse(Map.of());
            List<List<Variable>> variables = exercise.parts().stream()
                    .map(part -> named.getOrDefault(part.id(), part.data().variables())).toList();
            List<Integer> widths = variables.stream().map(List::size).toList();
            return ExerciseFile.tables(archive, i -> old ? OLD_TABLE : tableOf(i), exercise.mark(), widths, name).then(rows -> {
                Map<String, DataTable> tables = new HashMap<>();
                for (int i = 0; i < rows.size(); i++) {
                    Part part = exercise.parts().get(i);
                    tables.put(part.id(), table(variables.get(i), rows.get(i), document.setAside()
                            .getOrDefault(part.id(), Map.of())));
                }
                return works(archive, document, tree.path("version").asInt() > OF_SECTIONS, exercise.mark(), name)
                        .then(works -> Result.done(new HandIn(document.student().strip(), exercise, tables, document.attempts(),
                                works, document.begun().orElse(1), document.pace())));
            });
        } catch (IOException e) {
            return Result.refused(ExerciseFile.damaged(name, WORK, e));
        } catch (IllegalArgumentException e) {
            return Result.refused(name + " is damaged: " + e.getMessage() + ". Ask for it again.");
        }
    }

    /** How each part was left; version 2 says it of parts with a section alone, and version 1 not at all. */
    private static Result<Map<String, PartWork>> works(Archive archive, Document document, boolean apart, DecimalMark mark,
            String name) {
        return apart ? archive.text(DESK, name).then(text -> {
            try {
                return Result.done(works(Json.read(text, DeskDocument.class, mark).parts()));
            } catch (IOException e) {
                return Result.refused(ExerciseFile.damaged(name, DESK, e));
            }
        }) : Result.done(works(document.sheets().orElse(Map.of())));
    }

    private static Map<String, PartWork> works(Map<String, StudyDocument> parts) {
        Map<String, PartWork> works = new HashMap<>();
        parts.forEach((part, left) -> works.put(part, left.work()));
        return works;
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
