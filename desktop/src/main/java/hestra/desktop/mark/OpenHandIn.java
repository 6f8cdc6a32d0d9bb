package hestra.desktop.mark;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import hestra.desk.Findings;
import hestra.desk.Step;
import hestra.desktop.parts.Newest;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.HandIn;
import hestra.marking.MarkingKey;
import hestra.marking.Replay;
import hestra.marking.Retraced;
import hestra.marking.Student;

/**
 * The whole hand-in of the student in hand: read beside the window's thread, and kept for when that student comes into hand
 * again.
 */
final class OpenHandIn {

    private static final int MOST_KEPT = 40;

    /**
     * What is known of the hand-in in hand.
     *
     * @param student whose it is; nothing where nobody is in hand
     * @param reading whether it is still being read
     * @param contents what is in it; nothing where it is being read or can no longer be
     */
    record Shown(Optional<Student> student, boolean reading, Optional<Contents> contents) {

        static final Shown NOTHING = new Shown(Optional.empty(), false, Optional.empty());

        /** What is in it, where it is this student's. */
        Optional<Contents> of(Student other) {
            return student.filter(it -> name(it).equals(name(other))).flatMap(_ -> contents);
        }
    }

    /** A hand-in as it is looked at, on the exercise that decides what is right. */
    record Contents(Findings findings, Replay replay, boolean strays) {}

    private final ClassKey key;
    private final boolean own;
    private final Supplier<Optional<Path>> folder;
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>(Shown.NOTHING);
    private final Newest<Optional<Contents>> reading = new Newest<>("hand-in");
    private final Map<String, Contents> kept = new LinkedHashMap<>(MOST_KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Contents> eldest) {
            return size() > MOST_KEPT;
        }
    };

    /** Hand-ins of an exercise, the instructor's own or not; {@code folder} is where they lie. */
    OpenHandIn(ClassKey key, boolean own, Supplier<Optional<Path>> folder) {
        this.key = key;
        this.own = own;
        this.folder = folder;
    }

    ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    Shown shown() {
        return shown.get();
    }

    /** What tells a hand-in from all others, also from an earlier one of the same student. */
    private static String name(Student student) {
        return student.handedIn().file() + " " + student.handedIn().at();
    }

    /** Takes the hand-in of a student into hand; the one before is let go at once. */
    void turnTo(Optional<Student> student) {
        if (student.map(OpenHandIn::name).equals(shown.get().student().map(OpenHandIn::name))) {
            return;
        }
        Optional<Contents> known = student.flatMap(it -> Optional.ofNullable(kept.get(name(it))));
        Optional<Path> file = student.flatMap(it -> folder.get().map(path -> path.resolve(it.handedIn().file())));
        boolean toBeRead = known.isEmpty() && file.isPresent();
        shown.set(new Shown(student, toBeRead, known));
        if (toBeRead) {
            // Worked out here, since what is right is the window's thread's; the rest is not.
            Optional<Exercise> exercise = own ? student.map(it -> key.key(it.marked().script()).exercise()) : Optional.empty();
            Consumer<Optional<Contents>> then = contents -> {
                contents.ifPresent(it -> kept.put(name(student.orElseThrow()), it));
                if (shown.get().student().equals(student)) {
                    shown.set(new Shown(student, false, contents));
                }
            };
            reading.run(() -> opened(exercise, file.get()), then, _ -> then.accept(Optional.empty()));
        }
    }

    private static Optional<Contents> opened(Optional<Exercise> instructors, Path file) {
        if (!(HandInFile.whole(file) instanceof Result.Done<HandInFile.Whole>(HandInFile.Whole(HandIn handIn,
                List<Step> steps)))) {
            return Optional.empty();
        }
        Exercise exercise = instructors.orElse(handIn.exercise());
        Findings findings = Findings.of(handIn.on(exercise).desk());
        Replay replay = Replay.of(MarkingKey.of(exercise), steps);
        return Optional.of(new Contents(findings, replay,
                Retraced.isAskedAlike(handIn.exercise(), exercise) && !replay.leadsTo(handIn.attempts())));
    }
}
