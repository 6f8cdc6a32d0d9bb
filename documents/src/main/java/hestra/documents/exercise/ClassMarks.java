package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.documents.file.Archive;
import hestra.documents.file.Result;
import hestra.documents.table.DataExport;
import hestra.documents.table.DelimitedText;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.HandIn;
import hestra.marking.MarkSheet;
import hestra.numbers.NumberStyle;
import hestra.task.Task;

/**
 * The marks of a folder of hand-ins, a line each. A file that cannot be read gets a line that says so.
 *
 * @param tasks the titles of the tasks
 * @param lines in the order of the file names
 */
public record ClassMarks(List<String> tasks, List<Line> lines) {

    /**
     * One hand-in.
     *
     * @param file the file's name
     * @param marks the marks; nothing where the file could not be read
     * @param note what is to be said about it; may be empty
     */
    public record Line(String file, Optional<MarkSheet> marks, String note) {}

    /**
     * Marks every hand-in of a folder.
     *
     * @param exercise the instructor's own exercise, which decides what is right; without it each hand-in is marked by the
     *     copy that it holds
     */
    public static Result<ClassMarks> of(Path folder, Optional<Exercise> exercise) {
        List<Path> files;
        try (Stream<Path> listed = Files.list(folder)) {
            files = listed.filter(file -> file.getFileName().toString().endsWith(HandInFile.ENDING)).sorted().toList();
        } catch (NotDirectoryException e) {
            return Result.refused(folder + " is not a folder. Name the folder that holds the hand-ins.");
        } catch (IOException e) {
            return Result.refused(Archive.cannotRead(folder, e));
        }
        if (files.isEmpty()) {
            return Result.refused(folder + " holds no hand-ins (files ending in " + HandInFile.ENDING + ").");
        }
        List<Line> lines = new ArrayList<>();
        Map<Exercise, ClassKey> keys = new HashMap<>();
        Exercise common = exercise.orElse(null);
        for (Path file : files) {
            String name = file.getFileName().toString();
            switch (HandInFile.read(file)) {
                case Result.Refused<HandIn>(String message) -> lines.add(new Line(name, Optional.empty(), message));
                case Result.Done<HandIn>(HandIn handIn) -> {
                    common = common == null ? handIn.exercise() : common;
                    Exercise key = common;
                    lines.add(switch (Result.guarded(name, () -> Result.done(line(name, handIn, key, exercise.isPresent(), keys)))) {
                        case Result.Done<Line>(Line line) -> line;
                        case Result.Refused<Line>(String message) -> new Line(name, Optional.empty(), message);
                    });
                }
            }
        }
        List<String> titles = common == null ? List.of()
                : common.tasks().stream().map(Task::terms).map(terms -> terms.title()).toList();
        return Result.done(new ClassMarks(titles, lines));
    }

    private static Line line(String file, HandIn handIn, Exercise common, boolean binding, Map<Exercise, ClassKey> keys) {
        if (!handIn.exercise().id().equals(common.id())) {
            return new Line(file, Optional.empty(),
                    "This is work on another exercise, “" + handIn.exercise().title() + "”. Mark it by itself.");
        }
        boolean sameTasks = handIn.exercise().tasks().size() == common.tasks().size();
        boolean byOwn = binding || !sameTasks;
        String begun = handIn.begun() > 1 ? "Begun " + handIn.begun() + " times." : "";
        ClassKey key = byOwn || handIn.exercise().equals(common) ? keys.computeIfAbsent(common, ClassKey::of) : ClassKey.of(handIn.exercise());
        String note = handIn.exercise().copy().map(copy -> ofCopy(copy, binding, key, handIn)).orElseGet(() -> handIn.exercise().equals(common) ? ""
                : byOwn ? "Its copy of the exercise differs from yours; marked with yours." : "Its copy of the exercise differs from the first one's; marked by its own.");
        return new Line(file, Optional.of(MarkSheet.of(handIn, key)), (note + " " + begun).strip());
    }

    /** Which copy it is, and by what it was marked where that is not its own edition. */
    private static String ofCopy(Copy copy, boolean binding, ClassKey key, HandIn handIn) {
        String which = (copy.variant() > 0 ? "Variant " + copy.variant() + " of edition " : "Edition ") + copy.edition() + ".";
        return which + (!binding ? " Marked by its own copy, since yours was not named." : key.edition(handIn.script()).isEmpty() ? " Your exercise no longer holds this edition; marked with it as it is now." : "");
    }

    /** Comma-separated: a line of headings, then a line each hand-in. */
    public String csv() {
        return DelimitedText.text(records().stream().map(fields -> fields.stream().map(DataExport::harmless).toList()));
    }

    /** A line of headings, then a line each hand-in: name, marks of each task, total, of how many, note. */
    public List<List<String>> records() {
        List<List<String>> records = new ArrayList<>();
        List<String> headings = new ArrayList<>(List.of("name"));
        headings.addAll(tasks);
        headings.addAll(List.of("total", "of", "note"));
        records.add(headings);
        for (Line line : lines) {
            List<String> fields = new ArrayList<>();
            fields.add(line.marks().map(MarkSheet::student).filter(name -> !name.isBlank()).orElse(line.file()));
            for (int i = 0; i < tasks.size(); i++) {
                int task = i;
                fields.add(line.marks().map(marks -> shown(marks.marks().get(task))).orElse(""));
            }
            fields.add(line.marks().map(marks -> shown(marks.total())).orElse(""));
            fields.add(line.marks().map(marks -> Integer.toString(marks.of())).orElse(""));
            fields.add(line.note());
            records.add(fields);
        }
        return records;
    }

    /** Marks to two places at most, without zeros at the end. */
    private static String shown(double marks) {
        return NumberStyle.STANDARD.shortest(Math.round(marks * 100) / 100.0);
    }
}
