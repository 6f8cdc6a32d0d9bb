package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.FileVisitOption;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.desk.Desk;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HestraFile;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;

/**
 * An exercise in a folder, as a library shows it.
 *
 * @param file its file
 * @param title what it is called
 * @param question its heading
 * @param about of what kinds its tasks are, or why it cannot be opened
 * @param pairs the points of its first data; nothing where it has none
 * @param opens whether it can be opened
 */
public record Shelved(Path file, String title, String question, String about, Optional<Pairs> pairs, boolean opens) {

    private static final int DEEP = 3;
    private static final int MOST = 500;

    /**
     * What was found in a folder.
     *
     * @param exercises by their titles; copies for students are left out
     * @param more how many files were left out, since there are too many
     * @param unread how many folders in it could not be read
     */
    public record Shelf(List<Shelved> exercises, int more, int unread) {

        /** What else is to be said of it, after its name; empty for nothing. */
        public String beyond() {
            return (more == 0 ? "" : ". There are " + more + " files more, too many for one list: choose a folder in it.")
                    + (unread == 0 ? "" : ". " + Counted.of(unread, "folder") + " in it could not be read.");
        }
    }

    /** The exercises of a folder and the folders in it. */
    public static Shelf in(Path folder) throws IOException {
        List<Path> files = new ArrayList<>();
        int[] unread = {0};
        Files.walkFileTree(folder, EnumSet.noneOf(FileVisitOption.class), DEEP, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                if (attributes.isRegularFile() && FileReading.name(file).toLowerCase(Locale.ROOT).endsWith(ExerciseFile.ENDING)) {
                    files.add(file);
                }
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFileFailed(Path file, IOException failure) throws IOException {
                if (file.equals(folder)) {
                    throw failure;
                }
                unread[0]++;
                return FileVisitResult.CONTINUE;
            }
        });
        files.sort(null);
        List<Shelved> all = new ArrayList<>();
        for (Path file : files.subList(0, Math.min(MOST, files.size()))) {
            of(file).ifPresent(all::add);
        }
        all.sort(Comparator.comparing(it -> it.title.toLowerCase(Locale.ROOT)));
        return new Shelf(all, Math.max(0, files.size() - MOST), unread[0]);
    }

    private static Optional<Shelved> of(Path file) {
        return switch (HestraFile.read(file)) {
            case Result.Refused<Desk>(String message) ->
                    Optional.of(new Shelved(file, FileReading.name(file), "", message, Optional.empty(), false));
            case Result.Done<Desk>(Desk desk) ->
                    desk.exercise().isCopy() ? Optional.empty() : Optional.of(of(file, desk.exercise()));
        };
    }

    private static Shelved of(Path file, Exercise exercise) {
        String kinds = exercise.tasks().stream().map(task -> task.kind().title()).distinct().collect(Collectors.joining(", "));
        String about = exercise.isStudy()
                ? "a study" : Counted.of(exercise.tasks().size(), "task") + (kinds.isEmpty() ? "" : ": " + kinds);
        return new Shelved(file, exercise.title(), exercise.heading(), about, Optional.of(exercise.firstWithData().pairs())
                .filter(pairs -> pairs.size() > 0), true);
    }

    /** Whether all of some words stand in what is shown of it. */
    public boolean isFoundBy(String words) {
        String text = (title + " " + question + " " + about + " " + FileReading.name(file)).toLowerCase(Locale.ROOT);
        return Stream.of(words.toLowerCase(Locale.ROOT).strip().split("\\s+")).allMatch(text::contains);
    }
}
