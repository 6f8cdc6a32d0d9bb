package hestra.desktop.mark;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

import hestra.desk.Findings;
import hestra.desk.Step;
import hestra.desktop.parts.Newest;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.Given;
import hestra.marking.HandIn;
import hestra.marking.MarkingKey;
import hestra.marking.Replay;
import hestra.marking.Student;
import hestra.targets.Held;
import hestra.task.Task;

/** What students handed in, to be looked at: answers in words at once, whole hand-ins beside the window's thread, each opened once as long as there is room. */
final class Answers {

    private static final int MOST_KEPT = 40;

    /** A hand-in as it is looked at. */
    record Opened(Student student, Findings findings, Replay replay) {}

    private final ClassKey key;
    private final boolean own;
    private final Supplier<Optional<Path>> folder;
    private final Newest<Optional<Opened>> reading = new Newest<>("hand-in");
    private final Map<String, Opened> kept = new LinkedHashMap<>(MOST_KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Opened> eldest) {
            return size() > MOST_KEPT;
        }
    };
    private final Map<String, Map<String, String>> words = new HashMap<>();

    /** Answers to an exercise, the instructor's own or not; {@code folder} is where the hand-ins lie. */
    Answers(ClassKey key, boolean own, Supplier<Optional<Path>> folder) {
        this.key = key;
        this.own = own;
        this.folder = folder;
    }

    private static String name(Student student) {
        return student.handedIn().file() + " " + student.handedIn().at();
    }

    /** What a student answered, in words. */
    String inWords(Student student, Task task) {
        Given given = student.marked().at(task.id());
        if (given.attempt().isEmpty()) {
            return "";
        }
        return words.computeIfAbsent(name(student), _ -> new HashMap<>()).computeIfAbsent(task.id(), _ -> {
            MarkingKey had = key.key(student.marked().script());
            Optional<Task> asked = had.exercise().task(task.id());
            return asked.isEmpty() ? "" : String.join("; ", asked.get().inWords(given.attempt().get().answer(), had.truth(asked.get(), given.attempt().get()))).replaceAll("\\p{Cf}", "");
        });
    }

    /** The points and the curve by eye that an answer is made of; nothing where it is not made in the plot. */
    Optional<Held> drawn(Student student, Task task) {
        MarkingKey had = key.key(student.marked().script());
        return student.marked().at(task.id()).attempt().flatMap(attempt -> had.exercise().task(task.id()).flatMap(asked -> asked.drawn(attempt.answer(), had.truth(asked, attempt))));
    }

    /** Opens a hand-in and hands it on; nothing where it can no longer be read. What is asked for later goes before. */
    void open(Student student, Consumer<Optional<Opened>> then) {
        Opened known = kept.get(name(student));
        if (known != null) {
            then.accept(Optional.of(known));
            return;
        }
        Optional<Path> file = folder.get().map(it -> it.resolve(student.handedIn().file()));
        if (file.isEmpty()) {
            then.accept(Optional.empty());
            return;
        }
        // Worked out here, since what is right is the window's thread's; the rest is not.
        Optional<Exercise> exercise = own ? Optional.of(key.key(student.marked().script()).exercise()) : Optional.empty();
        reading.run(() -> opened(student, exercise, file.get()), opened -> {
            opened.ifPresent(it -> kept.put(name(student), it));
            then.accept(opened);
        }, _ -> then.accept(Optional.empty()));
    }

    private static Optional<Opened> opened(Student student, Optional<Exercise> instructors, Path file) {
        if (!(HandInFile.read(file) instanceof Result.Done<HandIn>(HandIn handIn))) {
            return Optional.empty();
        }
        Exercise exercise = instructors.orElse(handIn.exercise());
        Findings findings = Findings.of(handIn.on(exercise).desk());
        List<Step> steps = HandInFile.steps(file, exercise.mark());
        return Optional.of(new Opened(student, findings, Replay.of(MarkingKey.of(exercise), steps)));
    }
}
