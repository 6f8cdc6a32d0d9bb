package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.desk.Desk;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HestraFile;
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

    /** The exercises of a folder and the folders in it, by their titles; copies for students are left out. */
    public static List<Shelved> in(Path folder) throws IOException {
        List<Path> files;
        try (Stream<Path> walk = Files.walk(folder, DEEP)) {
            files = walk.filter(file -> file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(ExerciseFile.ENDING) && Files.isRegularFile(file)).limit(MOST).toList();
        }
        List<Shelved> all = new ArrayList<>();
        for (Path file : files) {
            of(file).ifPresent(all::add);
        }
        all.sort(Comparator.comparing(it -> it.title.toLowerCase(Locale.ROOT)));
        return all;
    }

    private static Optional<Shelved> of(Path file) {
        return switch (HestraFile.read(file)) {
            case Result.Refused<Desk>(String message) -> Optional.of(new Shelved(file, file.getFileName().toString(), "", message, Optional.empty(), false));
            case Result.Done<Desk>(Desk desk) -> desk.exercise().isCopy() ? Optional.empty() : Optional.of(of(file, desk.exercise()));
        };
    }

    private static Shelved of(Path file, Exercise exercise) {
        String kinds = exercise.tasks().stream().map(task -> task.kind().title()).distinct().collect(Collectors.joining(", "));
        String about = exercise.isStudy() ? "a study" : Counted.of(exercise.tasks().size(), "task") + (kinds.isEmpty() ? "" : ": " + kinds);
        return new Shelved(file, exercise.title(), exercise.heading(), about, Optional.of(exercise.firstWithData().pairs()).filter(pairs -> pairs.size() > 0), true);
    }

    /** Whether all of some words stand in what is shown of it. */
    public boolean isFoundBy(String words) {
        String text = (title + " " + question + " " + about + " " + file.getFileName()).toLowerCase(Locale.ROOT);
        return Stream.of(words.toLowerCase(Locale.ROOT).strip().split("\\s+")).allMatch(text::contains);
    }
}
