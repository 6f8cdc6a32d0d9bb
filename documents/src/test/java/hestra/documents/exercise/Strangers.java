package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

import hestra.desk.Edit;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.marking.ClassWork;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.HandIn;
import hestra.marking.Marking;
import hestra.marking.Student;
import hestra.task.Answer;

/** Good files of every sort that strangers send, with much in them. */
public final class Strangers {

    private Strangers() {}

    public static Path study(Path folder) throws IOException {
        Path file = folder.resolve("good-study.hestra");
        HestraFile.write(StudyFileTest.rich(), file);
        return file;
    }

    public static Path exercise(Path folder) throws IOException {
        Path file = folder.resolve("good-parts.hestra");
        ExerciseFile.write(FilesTest.rich(), file);
        return file;
    }

    /** A student's copy. */
    public static Path copy(Path folder) throws IOException {
        return Publication.write(marked(), new Publication.Readers.Named(ClassList.of(List.of("Ida Fenn"))),
                folder.resolve("copies"), Progress.UNWATCHED).files().getFirst();
    }

    /** The instructor's own of the exercise that is handed in. */
    public static Exercise marked() {
        return ReadersTest.handIn().exercise();
    }

    public static Path handIn(Path folder) throws IOException {
        Path file = folder.resolve("good.handin");
        HandIn handIn = ReadersTest.handIn();
        Worked.handIn(handIn.exercise(), file, new Edit.Draft("explain", new Answer.Sentence("It grows.")),
                new Edit.Check("explain"), new Edit.Name("Ida Fenn"));
        HandInFile.write(handIn, file);
        return file;
    }

    /** What was decided about that hand-in. */
    public static Path marking(Path folder) throws IOException {
        Path hands = folder.resolve("hands");
        Exercise own = marked();
        ClassWork work = ((Result.Done<ClassWork>) HandIns.ofFolder(hands, Optional.of(own), it -> Marking.none(it.id())))
                .value();
        Student ida = work.roll().students().getFirst();
        Marking marking = Marking.none(own.id());
        for (String task : List.of("explain", "enter")) {
            DecisionScope one = new DecisionScope.One(ida.key());
            marking = marking.decide(new DecisionSubject.Marks(task, one),
                    Optional.of(new DecisionValue.Points(1, Ground.of(own.task(task).orElseThrow(),
                            work.students(own.task(task).orElseThrow(), one)))), "ann")
                    .decide(new DecisionSubject.Said(task, one, "c-" + task), Optional.of(new DecisionValue.Yes()), "ann")
                    .decide(new DecisionSubject.Wording("c-" + task),
                            Optional.of(new DecisionValue.Comment("Why “so”? {slope}\nLook again.", 0.5)), "ann");
        }
        Path file = folder.resolve("good.marks");
        new MarksFile(own.title(), marking.decide(new DecisionSubject.Due(), Optional.of(new DecisionValue.Moment(1_700_000_000)),
                "bo")
                .decide(new DecisionSubject.Alone("explain", ida.key()), Optional.of(new DecisionValue.Yes()), "bo"), List.of())
                .write(file);
        return file;
    }
}
