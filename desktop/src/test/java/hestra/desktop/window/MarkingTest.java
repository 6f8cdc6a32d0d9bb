package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;

import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.History;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.demo.OrrinBay;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.Block;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Varying;
import hestra.feedback.Mistake;
import hestra.marking.ClassWork;
import hestra.marking.Decision;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.HandIn;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.task.Answer;
import hestra.task.Keepable;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteSection;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A made-up class of 28 hand-ins is marked in the window. */
class MarkingTest extends MarkedClass {

    @Test
    void everyHandInIsMarkedAndWhatIsOddSaysWhatItIs() throws IOException {
        try (Person person = opened(handIns())) {
            ClassWork work = work(person);
            assertThat(work.roll().students()).hasSize(26);
            assertThat(work.roll().asides()).extracting(it -> it.file())
                    .containsExactly(KelpClass.BROKEN, "Kelp blades, " + KelpClass.TWICE + ", first.handin");
            assertThat(work.roll().asides()).extracting(it -> it.why()).anyMatch(why -> why.contains("not a Hestra file"))
                    .anyMatch(why -> why.startsWith("An earlier hand-in of " + KelpClass.TWICE));
            // Worked out by hand from what each does in KelpClass: Ida (place 0) gets all right.
            Student ida = student(work, "Ida Fenn");
            assertThat(KELP.tasks().stream().map(task -> work.award(ida, task.id()).marks()))
                    .containsExactly(1.0, 1.0, 4.0, 2.0, 2.0, 2.0, 6.0, 3.0);
            // Runa (3): x on y at the only try, a cause claimed, one unusual point missed and found again at the second try.
            Student runa = student(work, "Runa Feld");
            assertThat(work.award(runa, "slope").marks()).isZero();
            assertThat(runa.marked().at("slope").mistakes()).containsExactly(Mistake.AXES_EXCHANGED);
            assertThat(runa.marked().at("explain").mistakes()).containsExactly(Mistake.CAUSE_CLAIMED);
            assertThat(work.award(runa, "describe").marks()).isEqualTo(4);
            // Ansel (2): R² for r.
            assertThat(student(work, "Ansel Birk").marked().at("r").mistakes()).contains(Mistake.R_SQUARED_FOR_R);
            // Ivo (17) gave up after the first task, Jory (8) wrote no sentence.
            Student ivo = student(work, "Ivo Sand");
            assertThat(KELP.tasks().stream().map(task -> work.award(ivo, task.id()).standing()))
                    .containsExactly(Standing.RIGHT, Standing.BLANK, Standing.BLANK, Standing.BLANK, Standing.BLANK,
                            Standing.BLANK, Standing.BLANK, Standing.BLANK);
            assertThat(work.award(student(work, "Jory Pell"), "explain").standing()).isEqualTo(Standing.BLANK);
        }
    }

    @Test
    void aClassIsMarkedByKeysAloneAndKeptAsItIsDone() throws IOException {
        Path hands = handIns();
        try (Person person = opened(hands)) {
            assertThat(person.text("mark-reading")).contains("24 answers in 5 groups; 0 done");
            assertThat(person.texts("passage")).as("the words by which something was found, and what")
                    .contains("0.87 cm", "number");
            person.press(KeyCode.DIGIT2);
            ClassWork work = work(person);
            assertThat(work.award(student(work, "Ida Fenn"), "explain"))
                    .extracting(it -> it.marks(), it -> it.decided()).containsExactly(2.0, true);
            person.press(KeyCode.A);
            person.press(KeyCode.ENTER);
            person.press(KeyCode.ENTER);
            person.press(KeyCode.DIGIT1);
            person.press(KeyCode.DIGIT9);
            assertThat(person.text("notice")).isEqualTo("This task has 3 marks.");
            assertThat(person.text("mark-reading")).contains("21 done");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.text("mark-reading")).contains("18 done");
            person.press(KeyCode.CONTROL, KeyCode.Y);
            person.press(KeyCode.C);
            assertThat(person.focused()).isEqualTo("comment-text");
            person.type("why so");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            person.press(KeyCode.ESCAPE);
            person.press(KeyCode.DOWN);
            person.press(KeyCode.SPACE);
            person.press(KeyCode.O);
            ClassWork apart = work(person);
            assertThat(apart.groups(KELP.task("explain").orElseThrow())).filteredOn(it -> it.apart()).hasSize(1);
            person.focus("comment-on");
            person.press(KeyCode.DOWN);
            person.press(KeyCode.ENTER);
            assertThat(work(person).groups(KELP.task("explain").orElseThrow())).as("a list has its keys to itself")
                    .filteredOn(it -> it.apart()).hasSize(1);
            person.focus("mark-groups");
            person.press(KeyCode.PAGE_UP);
            assertThat(person.isIn("mark-task-predict", "in-hand")).isTrue();
            person.settle();
        }
        Path kept = ofWindow();
        MarksFile marks = ((Result.Done<MarksFile>) MarksFile.read(kept)).value();
        assertThat(marks.marking().value(new DecisionSubject.Marks("explain", new DecisionScope.Group("right"))))
                .hasValueSatisfying(value -> assertThat(value.says()).isEqualTo(3.0));
        try (Stream<Path> beside = Files.list(hands)) {
            assertThat(beside.filter(file -> file.toString().endsWith(".marks"))
                    .map(file -> ((Result.Done<MarksFile>) MarksFile.read(file)).value()))
                    .as("a copy for sharing").containsExactly(marks);
        }
        assertThat(marks.marking().all()).extracting(Decision::value)
                .anyMatch(value -> value.equals(Optional.of(new DecisionValue.Comment("why so", 0))));
        try (Person again = opened(hands)) {
            assertThat(again.text("mark-reading")).as("found again").contains("done").doesNotContain("; 0 done");
        }
    }

    @Test
    void groupsAreMarkedByMouseAndOneIsTakenOut() throws IOException {
        try (Person person = opened(handIns())) {
            person.click("mark-task-slope");
            List<String> heads = person.texts("verdict");
            assertThat(heads.getFirst()).isEqualTo("✓ right");
            assertThat(heads).anyMatch(head -> head.contains("variables the wrong way round"));
            person.click("group-give-1");
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(1);
            person.click("group-withdraw");
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
            person.click("group-take-out");
            String first = person.text("mark-student");
            person.click("group-give-0");
            assertThat(work(person).award(student(work(person), first), "slope").marks()).isZero();
            person.click("group-withdraw");
            assertThat(work(person).award(student(work(person), first), "slope").marks()).isEqualTo(2);
            person.click("mark-nameless");
            assertThat(person.text("mark-student")).startsWith("Student ");
        }
    }

    @Test
    void commentsAreUsedAgainChangedInOnePlaceAndTakeMarksOff() throws IOException {
        try (Person person = opened(handIns())) {
            person.click("mark-task-r");
            person.click("comment-text");
            person.type("mind the digits");
            person.click("comment-off");
            person.type("0.5");
            person.click("comment-add");
            Student ida = student(work(person), "Ida Fenn");
            assertThat(work(person).award(ida, "r").marks()).isEqualTo(1.5);
            String id = work(person).usedComments().keySet().iterator().next();
            person.click("mark-task-slope");
            person.focus("mark-groups");
            person.press(KeyCode.ALT, KeyCode.DIGIT1);
            assertThat(work(person).award(ida, "slope").marks()).as("by a key").isEqualTo(1.5);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.press(KeyCode.ALT, KeyCode.DIGIT5);
            assertThat(work(person).award(ida, "slope").marks()).as("there is no fifth").isEqualTo(2);
            person.click("comment-use-" + id);
            assertThat(work(person).award(ida, "slope").marks()).isEqualTo(1.5);
            person.click("comment-change-" + id);
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("look again");
            person.click("comment-off");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("1");
            person.click("comment-add");
            assertThat(work(person).award(ida, "r").marks()).as("changed wherever it stands").isEqualTo(1);
            person.click("comment-remove-" + id);
            assertThat(work(person).award(ida, "slope").marks()).isEqualTo(2);
        }
    }

    @Test
    void aStudentsWorkIsGoneThroughStepByStep() throws IOException {
        try (Person person = opened(handIns())) {
            person.click("mark-tab-by-student");
            assertThat(person.isInSight("sheet-explain")).as("the task in hand").isTrue();
            person.await("step-track");
            String end = person.text("step-words");
            assertThat(end).contains("task 8 checked");
            person.focus("step-track");
            person.press(KeyCode.HOME);
            assertThat(person.text("step-words")).startsWith("1 of ").contains("typing the name");
            person.press(KeyCode.CONTROL, KeyCode.RIGHT);
            assertThat(person.text("step-words")).contains("task 1 checked: ");
            assertThat(person.text("mark-table")).startsWith("row\tdays\tlength\n1\t4\t");
            while (!person.text("step-words").contains("row ")) {
                person.press(KeyCode.RIGHT);
            }
            String row = person.text("step-words").replaceAll(".*row (\\d+): .*", "$1");
            assertThat(Integer.parseInt(row)).as("one of the last, which are left to type").isGreaterThan(20);
            assertThat(person.chosenText("mark-table")).as("the row that was typed into").startsWith(row + "\t");
            person.press(KeyCode.END);
            assertThat(person.text("step-words")).isEqualTo(end);
            person.click("sheet-slope");
            person.click("student-give-1");
            assertThat(work(person).award(student(work(person), person.text("mark-student")), "slope").marks()).isEqualTo(1);
            String before = person.text("mark-student");
            person.press(KeyCode.PAGE_DOWN);
            assertThat(person.text("mark-student")).isNotEqualTo(before);
        }
    }

    @Test
    void theClassIsSeenAtOneLookAndWhatIsLateSaysSo() throws IOException {
        try (Person person = opened(handIns())) {
            person.click("mark-tab-class");
            assertThat(person.text("class-words")).contains("still to be read");
            person.click("mark-due");
            person.insert("2026-11-24 18:00");
            person.press(KeyCode.ENTER);
            assertThat(work(person).roll().students().stream().filter(Student::late).map(Student::name))
                    .containsExactly(KelpClass.LATE);
            person.click("aside-apart-1");
            assertThat(work(person).roll().students()).hasSize(27);
            assertThat(work(person).roll().students().stream().map(Student::name))
                    .filteredOn(it -> it.startsWith("Ida Fenn (")).hasSize(2);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).roll().students()).hasSize(26);
        }
    }

    @Test
    void whatWasKeptInASectionIsSeenAndStepsShowThePartInWhichTheyWereMade() throws IOException {
        Part first = KELP.first();
        Task section = new WriteSection(Terms.of("report", "Write it up", "Write.", 6), Set.of(), 5);
        Exercise own = KELP.withPartAt(1, new Part("second", "Second", first.data()
                .withVariable(0, new Variable("tides", "", "")), first.roles(), first.provenance(), Set.of(), first.rules(),
                List.of(new Block.Asked(section))));
        List<Step> steps = Stream.<Edit>of(new Edit.Name("Ida Fenn"),
                new Edit.InPart("second", new WorkEdit.ChangeTable(new TableEdit.Type(2, 1, "77.7"))),
                new Edit.InPart("second", new SheetEdit.Keep(OwnSheet.Spot.before(0), Keepable.FIGURE, false)),
                new Edit.Check("report")).map(edit -> new Step(0, edit)).toList();
        History history = History.of(Desk.open(own));
        for (Step step : steps) {
            history = history.apply(step.edit());
        }
        Path hands = Files.createDirectory(folder.resolve("hands"));
        HandInFile.write(HandIn.of(history.present()), steps, hands.resolve("ida.handin"));
        try (Person person = Person.at(own, folder.resolve("state"))) {
            person.drop(hands);
            person.click("mark-tab-by-student");
            person.await("kept-report");
            person.await("step-track");
            assertThat(person.firstLabel("kept-report")).isEqualTo("Figure 1. ");
            person.focus("step-track");
            person.press(KeyCode.HOME);
            assertThat(person.text("mark-table")).startsWith("row\tdays");
            person.press(KeyCode.RIGHT);
            assertThat(person.text("mark-table")).startsWith("row\ttides");
            assertThat(person.chosenText("mark-table")).startsWith("3\t").contains("77.7");
        }
    }

    @Test
    void variantsAreMarkedAndShownWithTheDataThatEachStudentHad() throws IOException {
        Exercise varied = OrrinBay.sets().get(2).exercise().withFirst(part -> part.with(Varying.NONE.with(Varying.Way.NEW_DATA)));
        Publication published = Publication.write(varied,
                new Publication.Readers.Named(ClassList.of(List.of("Ida Fenn", "Pim Oster"))), folder.resolve("copies"),
                Progress.UNWATCHED);
        Exercise own = new ExerciseEdit.Publish(published.edition()).appliedTo(varied);
        Path hands = Files.createDirectory(folder.resolve("hands"));
        String task = own.tasks().stream().filter(ReadValue.class::isInstance).findFirst().orElseThrow().id();
        for (Path file : published.files()) {
            Exercise copy = ((Result.Done<Exercise>) ExerciseFile.read(file)).value();
            String right = copy.task(task).orElseThrow().key(copy.partOf(task).orElseThrow().truth(copy.mark())).text()
                    .split(" ")[0].replace('−', '-');
            HandInFile.write(HandIn.of(Desk.open(copy).apply(new Edit.Draft(task, new Answer.Typed(right)))
                    .apply(new Edit.Check(task))), hands.resolve(file.getFileName().toString().replace(".hestra", ".handin")));
        }
        try (Person person = Person.at(own, folder.resolve("state"))) {
            person.click("view-mark");
            person.willChoose(hands);
            person.click("mark-choose");
            person.settle();
            ClassWork work = work(person);
            assertThat(work.roll().students()).extracting(Student::name).containsExactly("Ida Fenn", "Pim Oster");
            assertThat(work.roll().students()).allSatisfy(student -> assertThat(work.award(student, task).standing())
                    .isEqualTo(Standing.RIGHT));
            person.click("mark-task-" + task);
            assertThat(person.text("mark-about")).contains("variant 1");
            assertThat(work.groups(own.task(task).orElseThrow())).as("different numbers, both right").hasSize(1);
        }
    }
}
