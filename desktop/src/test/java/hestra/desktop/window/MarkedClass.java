package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.HandIns;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.marking.ClassWork;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.Marking;
import hestra.marking.Student;
import hestra.task.Task;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** A made-up class of 28 hand-ins, to be marked in a window. */
abstract class MarkedClass {

    static final Exercise KELP = KelpBlades.exercise();
    private static final long SEED = 28;

    @TempDir
    Path folder;

    @TempDir
    private static Path handedIn;

    @BeforeAll
    static void classHandsIn() throws IOException {
        KelpClass.write(handedIn, SEED);
    }

    /** The hand-ins of the class in a folder of their own. */
    Path handIns() throws IOException {
        Path hands = Files.createDirectory(folder.resolve("hands"));
        try (Stream<Path> files = Files.list(handedIn)) {
            for (Path file : files.toList()) {
                Files.copy(file, hands.resolve(file.getFileName().toString()), StandardCopyOption.COPY_ATTRIBUTES);
            }
        }
        return hands;
    }

    /** Where a window keeps its marking: in its own folder. */
    Path ofWindow() throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("state").resolve("markings"))) {
            return files.filter(file -> file.toString().endsWith(".marks")).findFirst().orElseThrow();
        }
    }

    Person opened(Path hands) throws IOException {
        Person person = Person.at(KELP, folder.resolve("state"));
        person.click("view-mark");
        person.willChoose(hands);
        person.click("mark-choose");
        person.settle();
        return person;
    }

    static ClassWork work(Person person) throws IOException {
        return FxThread.call(() -> person.window().mark().work());
    }

    static Student student(ClassWork work, String name) {
        return work.roll().students().stream().filter(it -> it.name().equals(name)).findFirst().orElseThrow();
    }

    /** With marks for all that are right at a task. */
    static Marking given(Marking marking, Path hands, String task, double marks, String by) {
        ClassWork work = ((Result.Done<ClassWork>) HandIns.ofFolder(hands, Optional.of(KELP), _ -> marking)).value();
        Task asked = KELP.task(task).orElseThrow();
        DecisionScope right = new DecisionScope.Group("right");
        return marking.decide(new DecisionSubject.Marks(task, right),
                Optional.of(new DecisionValue.Points(marks, Ground.of(asked, work.students(asked, right)))), by);
    }
}
