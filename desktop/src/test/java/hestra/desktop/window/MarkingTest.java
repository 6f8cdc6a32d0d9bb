package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.data.Row;
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
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.demo.OrrinBay;
import hestra.desktop.files.Settings;
import hestra.desktop.mark.MarkView;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HandIns;
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
import hestra.marking.Ground;
import hestra.marking.HandIn;
import hestra.marking.Marking;
import hestra.marking.MarkingKey;
import hestra.marking.Pace;
import hestra.marking.Replay;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.Keepable;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteSection;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** A made-up class of 28 hand-ins is marked in the window. */
class MarkingTest {

    private static final Exercise KELP = KelpBlades.exercise();
    private static final long SEED = 28;

    @TempDir
    private Path folder;

    @TempDir
    private static Path handedIn;

    @BeforeAll
    static void classHandsIn() throws IOException {
        KelpClass.write(handedIn, SEED);
    }

    /** The hand-ins of the class in a folder of their own. */
    private Path handIns() throws IOException {
        Path hands = Files.createDirectory(folder.resolve("hands"));
        try (Stream<Path> files = Files.list(handedIn)) {
            for (Path file : files.toList()) {
                Files.copy(file, hands.resolve(file.getFileName().toString()), StandardCopyOption.COPY_ATTRIBUTES);
            }
        }
        return hands;
    }

    /** Where a window keeps its marking: in its own folder. */
    private Path ofWindow() throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("state").resolve("markings"))) {
            return files.filter(file -> file.toString().endsWith(".marks")).findFirst().orElseThrow();
        }
    }

    private Person opened(Path hands) throws IOException {
        Person person = Person.at(KELP, folder.resolve("state"));
        person.click("view-mark");
        person.willChoose(hands);
        person.click("mark-choose");
        person.settle();
        return person;
    }

    private static ClassWork work(Person person) throws IOException {
        return FxThread.call(() -> person.window().mark().work());
    }

    private static Student student(ClassWork work, String name) {
        return work.roll().students().stream().filter(it -> it.name().equals(name)).findFirst().orElseThrow();
    }

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
    void whatComesLaterJoinsAndWhatGoesLeaves() throws IOException {
        Path hands = handIns();
        Path late = hands.resolve("Kelp blades, Mara Tind.handin");
        Path elsewhere = folder.resolve("elsewhere.handin");
        Files.move(late, elsewhere);
        try (Person person = opened(hands)) {
            assertThat(work(person).roll().students()).hasSize(25);
            Files.move(elsewhere, late);
            person.until("the hand-in that came later", () -> work(person).roll().students().size() >= 26);
            assertThat(work(person).roll().students()).hasSize(26);
        }
    }

    @Test
    void aFolderIsDroppedAndHandInsThatAreDroppedLaterJoinBesideThoseOfTheSameName() throws IOException {
        Path hands = handIns();
        Path mara = hands.resolve("Kelp blades, Mara Tind.handin");
        Path elsewhere = Files.createDirectory(folder.resolve("mail")).resolve(mara.getFileName());
        Files.move(mara, elsewhere);
        try (Person person = Person.at(KELP, folder.resolve("state"))) {
            person.drop(hands);
            assertThat(person.view()).isEqualTo(MainWindow.View.MARK);
            assertThat(work(person).roll().students()).hasSize(25);
            Path other = Files.createDirectory(folder.resolve("other")).resolve("Kelp blades, Ida Fenn.handin");
            Files.copy(hands.resolve("Kelp blades, Pim Oster.handin"), other);
            person.drop(elsewhere, other);
            person.drop(elsewhere);
            assertThat(mara).exists();
            assertThat(hands.resolve("Kelp blades, Ida Fenn (2).handin")).as("not written over").hasSameBinaryContentAs(other);
            assertThat(hands.resolve("Kelp blades, Mara Tind (2).handin")).as("there already").doesNotExist();
            person.until("the hand-in that came later", () -> work(person).roll().students().size() >= 26);
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

    /** With marks for all that are right at a task. */
    private static Marking given(Marking marking, Path hands, String task, double marks, String by) {
        ClassWork work = ((Result.Done<ClassWork>) HandIns.ofFolder(hands, Optional.of(KELP), _ -> marking)).value();
        Task asked = KELP.task(task).orElseThrow();
        DecisionScope right = new DecisionScope.Group("right");
        return marking.decide(new DecisionSubject.Marks(task, right),
                Optional.of(new DecisionValue.Points(marks, Ground.of(asked, work.students(asked, right)))), by);
    }

    /** A hand-in under somebody's name with another answer, later than the real one; and one from a time that has not come. */
    private static void forge(Path hands, String name, String answer, long handedIn) throws IOException {
        Path file = hands.resolve("Kelp blades, " + name + ".handin");
        HandIn real = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        Map<String, List<Attempt>> answers = new HashMap<>(real.attempts());
        answers.put("slope", List.of(new Attempt(new Answer.Typed(answer), Set.of())));
        HandIn forged = new HandIn(name, real.exercise(), real.tables(), answers, real.works(), 1, real.pace()
                .map(it -> new Pace(it.begun(), handedIn, it.worked(), it.checks())));
        HandInFile.write(forged, HandInFile.steps(file, KELP.mark()), hands.resolve("again, " + name + ".handin"));
    }

    /**
     * The real ones stand beside the forged ones, whatever those claim, until the marker says which counts; other decisions and
     * another marker's stay what they are.
     */
    @Test
    void forgedHandInsTakeNobodysPlace() throws IOException {
        Path hands = handIns();
        long later = ((Result.Done<HandIn>) HandInFile.read(hands.resolve("Kelp blades, Runa Feld.handin"))).value().pace()
                .orElseThrow().handedIn() + 60;
        forge(hands, "Runa Feld", "0.98", later);
        forge(hands, "Ida Fenn", "7", 253_402_300_799L);
        Path other = folder.resolve("other.marks");
        new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "r", 1, "bo"), List.of()).write(other);
        try (Person person = opened(hands)) {
            person.until("the steps have been gone through", () -> work(person).roll().students().stream()
                    .filter(it -> !it.doubts().isEmpty()).count() == 2);
            assertThat(work(person).roll().students()).hasSize(28);
            assertThat(work(person).award(student(work(person), "Ida Fenn (1)"), "slope").marks()).isEqualTo(2);
            Student forged = work(person).roll().students().stream()
                    .filter(it -> it.handedIn().file().equals("again, Runa Feld.handin")).findFirst().orElseThrow();
            assertThat(forged.doubts()).containsExactly("Its steps do not lead to its answers: task 5.");
            person.willChoose(other);
            person.choose("menu", "Put a marking in…");
            person.click("mark-tab-class");
            for (int i = 0; i < 2; i++) {
                person.click("doubt-out-0");
            }
            ClassWork work = work(person);
            assertThat(work.roll().students()).hasSize(26);
            assertThat(work.award(student(work, "Ida Fenn"), "slope").marks()).isEqualTo(2);
            assertThat(work.award(student(work, "Runa Feld"), "slope").marks()).as("x on y at the only try, as it was").isZero();
            assertThat(work.award(student(work, "Ida Fenn"), "r").marks()).as("what the other marker gave").isEqualTo(1);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).roll().students()).as("leaving one out is taken back like anything else").hasSize(27);
            person.click("doubt-counts-0");
            assertThat(work(person).roll().students()).as("it is theirs: the later one counts").hasSize(26);
        }
    }

    @Test
    void twoMarkersPutTheirHalvesTogetherAndDecideWhereTheyDiffer() throws IOException {
        Path hands = handIns();
        Path other = folder.resolve("other.marks");
        new MarksFile("Kelp blades", given(given(Marking.none(KELP.id()), hands, "explain", 1, "bo"), hands, "r", 1, "bo"),
                List.of()).write(other);
        try (Person person = opened(hands)) {
            person.press(KeyCode.DIGIT3);
            person.willChoose(other);
            person.choose("menu", "Put a marking in…");
            person.settle();
            assertThat(person.text("notice")).contains("marked differently");
            assertThat(person.texts("group-dispute")).as("on the card").singleElement().asString()
                    .startsWith("Marked differently: ").contains("bo 1 mark").contains("3 marks");
            assertThat(person.texts("mark-due-note")).as("in the list").anyMatch(it -> it.contains("marked differently"));
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).disputed()).as("a merge is one step").isZero();
            person.press(KeyCode.CONTROL, KeyCode.Y);
            person.press(KeyCode.DIGIT1);
            assertThat(work(person).disputed()).as("settled by a key").isZero();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.click("mark-tab-class");
            person.click("conflict-1-0");
            assertThat(person.sees("conflict-1-0")).isFalse();
            assertThat(work(person).marking().conflicts()).isEmpty();
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "r").marks()).isEqualTo(1);
            person.willChoose(folder.resolve("out.marks"));
            person.choose("menu", "Save the marking as…");
        }
        assertThat(((Result.Done<MarksFile>) MarksFile.read(folder.resolve("out.marks"))).value().marking().conflicts())
                .isEmpty();
    }

    @Test
    void whatAChangedKeyOrOtherMarksTurnOverIsAskedAndNeverCarriedOver() throws IOException {
        Path hands = handIns();
        Task slope = KELP.task("slope").orElseThrow();
        new MarksFile("Kelp blades", given(given(Marking.none(KELP.id()), hands, "slope", 1, "bo"), hands, "r", 0, "bo"),
                List.of()).write(hands.resolve("Kelp blades.marks"));
        Exercise raised = KELP.withFirst(part -> part.withTasks((Task task) -> task.id().equals("slope")
                ? task.with(task.terms().withMarks(2 * slope.terms().marks())) : task));
        try (Person person = Person.at(raised, folder.resolve("state"))) {
            person.click("view-mark");
            person.willChoose(hands);
            person.click("mark-choose");
            person.settle();
            person.click("choice-1");
            Student ida = student(work(person), "Ida Fenn");
            assertThat(work(person).award(ida, "slope")).as("as Hestra has it until somebody says")
                    .extracting(it -> it.marks(), it -> it.decided()).containsExactly(4.0, false);
            assertThat(work(person).award(ida, "r").decided()).as("what did not change stands").isTrue();
            assertThat(person.texts("mark-due-note")).anyMatch(it -> it.contains("to be decided again"));
            person.click("give-back");
            assertThat(person.text("give-turned")).contains("decided under another key");
            person.press(KeyCode.ESCAPE);
            person.click("mark-task-slope");
            person.click("turned-scale");
            assertThat(work(person).award(ida, "slope"))
                    .extracting(it -> it.marks(), it -> it.decided()).containsExactly(2.0, true);
            assertThat(person.sees("turned-scale")).isFalse();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.click("turned-again");
            assertThat(work(person).award(ida, "slope").decided()).isFalse();
            assertThat(work(person).turned(raised.task("slope").orElseThrow())).isEmpty();
        }
    }

    @Test
    void aMarkerKeepsTheNameOverAKill() throws IOException {
        Path state = folder.resolve("state");
        try (Person person = Person.at(KELP, state)) {
            person.click("view-mark");
            person.settle();
            String name = Settings.in(state).text(MarkView.MARKER, "");
            assertThat(name).as("kept before anything is decided").startsWith("marker-");
        }
    }

    @Test
    void everythingIsGivenBack() throws IOException {
        Path hands = handIns();
        Path out = folder.resolve("back");
        try (Person person = opened(hands)) {
            person.press(KeyCode.DIGIT3);
            person.click("give-back");
            assertThat(person.text("give-unread")).contains("still to be read");
            person.click("give-csv");
            person.willChoose(out);
            person.click("give-write");
            person.settle();
            assertThat(person.text("notice")).contains("29 files in");
        }
        String page = Files.readString(out.resolve("Kelp blades, Runa Feld.html"));
        assertThat(page).contains("Runa Feld").contains("The answer: 0.87").contains("<svg");
        assertThat(Files.readString(out.resolve("Kelp blades, marks.csv")).lines().findFirst().orElseThrow())
                .startsWith("name,").endsWith("total,of,note");
        assertThat(Files.readString(out.resolve("Kelp blades, class.html"))).contains("variables the wrong way round");
        assertThat(Files.size(out.resolve("Kelp blades, marks.xlsx"))).isPositive();
    }

    @Test
    void fromStartTheExerciseIsFoundAmongRecentWorkOrTakenFromTheHandIns() throws IOException {
        Path hands = handIns();
        try (Person person = Person.atStart(folder.resolve("empty"))) {
            person.willChoose(hands);
            person.click("start-mark");
            person.settle();
            assertThat(person.view()).isEqualTo(MainWindow.View.MARK);
            assertThat(person.text("notice")).contains("marked by the copy that it holds");
            assertThat(work(person).roll().students()).hasSize(26);
            assertThat(work(person).award(student(work(person), "Runa Feld"), "slope").marks()).isZero();
            person.click("give-back");
            assertThat(person.text("notice")).contains("Open your own exercise first");
        }
    }

    /**
     * A hand-in of another exercise, first by its name, decides nothing: what is open is marked, and else the person says what.
     */
    @Test
    void whatIsMarkedIsTheInstructorsChoice() throws IOException {
        Path hands = handIns();
        Exercise other = OrrinBay.sets().get(1).exercise();
        HandInFile.write(HandIn.of(Desk.open(other).apply(new Edit.Name("A stranger"))), hands.resolve("aaa.handin"));
        try (Person person = opened(hands)) {
            assertThat(person.window().model().desk().exercise().id()).isEqualTo(KELP.id());
            assertThat(work(person).roll().students()).hasSize(26);
        }
        try (Person person = Person.atStart(folder.resolve("empty"))) {
            person.willChoose(hands);
            person.click("start-mark");
            person.settle();
            assertThat(person.text("notice")).contains("are work on several exercises. Which exercise is to be marked?");
            assertThat(person.text("choice-0")).isEqualTo("“Kelp blades” (27)");
            assertThat(person.text("choice-1")).endsWith("(1)");
            person.click("choice-0");
            person.settle();
            assertThat(work(person).roll().students()).hasSize(26);
        }
        try (Person person = Person.at(OrrinBay.sets().getLast().exercise(), folder.resolve("third"))) {
            person.click("view-mark");
            person.willChoose(hands);
            person.click("mark-choose");
            person.settle();
            assertThat(person.text("notice")).contains("None of the hand-ins in hands is work on");
            assertThat(person.window().model().desk().exercise().id()).as("nothing is gone over to by itself")
                    .isEqualTo(OrrinBay.sets().getLast().exercise().id());
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

    @Test
    void digitsAreTheirKeysWhateverLetterAKeyboardHasThere() throws IOException {
        try (Person person = opened(handIns())) {
            FxThread.call(() -> {
                Event.fireEvent(person.window().root().lookup("#mark-groups"),
                        new KeyEvent(KeyEvent.KEY_PRESSED, "é", "é", KeyCode.DIGIT2, false, false, false, false));
                return null;
            });
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "explain").marks()).isEqualTo(2);
        }
    }

    @Test
    void decisionsAreUnderTheNameThatTheMarkerGives() throws IOException {
        Path hands = handIns();
        try (Person person = opened(hands)) {
            person.click("mark-tab-class");
            person.click("mark-marker");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("Ann");
            person.press(KeyCode.ENTER);
            person.click("mark-tab-by-task");
            person.click("group-give-3");
            assertThat(work(person).marking().all()).extracting(Decision::by).containsExactly("Ann");
        }
        try (Person again = opened(hands)) {
            again.click("mark-tab-class");
            assertThat(again.text("mark-marker")).as("remembered").isEqualTo("Ann");
        }
    }

    @Test
    void aMarkingThatCannotBeReadIsPutAsideAndThatIsSaid() throws IOException {
        Path hands = handIns();
        Path lying = Files.writeString(hands.resolve("Kelp blades.marks"), "torn");
        try (Person person = opened(hands)) {
            assertThat(person.text("notice")).contains("is damaged").contains("was left as it is");
            person.click("group-give-3");
            person.settle();
        }
        assertThat(Files.readString(lying)).isEqualTo("torn");
        Path kept = Files.writeString(ofWindow(), "torn");
        try (Person person = opened(hands)) {
            assertThat(work(person).reading().done()).isZero();
            person.click("group-give-3");
            person.settle();
        }
        assertThat(Files.readString(kept.resolveSibling(kept.getFileName() + ".damaged"))).isEqualTo("torn");
        assertThat(MarksFile.read(kept)).isInstanceOf(Result.Done.class);
    }

    /** A file that came with the hand-ins is a stranger's, whatever it is called: what it says is offered, not taken. */
    @Test
    void aMarkingAmongTheHandInsIsOfferedAndNeverTaken() throws IOException {
        Path hands = handIns();
        Path planted = hands.resolve("Kelp blades.marks");
        new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "slope", 1, "Ida Fenn\u202e"), List.of())
                .write(planted);
        byte[] before = Files.readAllBytes(planted);
        try (Person person = opened(hands)) {
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
            assertThat(person.text("notice")).contains("A marking by Ida Fenn lies among the hand-ins: Kelp blades.marks")
                    .doesNotContain("\u202e");
            person.click("choice-0");
            person.press(KeyCode.DIGIT3);
            person.settle();
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
        }
        assertThat(planted).as("it is nobody's to write over").hasBinaryContent(before);
        try (Person person = opened(hands)) {
            person.click("choice-1");
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks())
                    .as("put in by the marker").isEqualTo(1);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
        }
    }

    /**
     * Several are asked for at once, each once: another marker's copy is written again with every decision, and would ask each
     * time.
     */
    @Test
    void eachMarkingIsOfferedOnce() throws IOException {
        Path hands = handIns();
        MarksFile bo = new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "slope", 1, "bo"), List.of());
        bo.write(hands.resolve("a.marks"));
        new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "r", 1, "cy"), List.of())
                .write(hands.resolve("b.marks"));
        try (Person person = opened(hands)) {
            assertThat(person.text("notice")).contains("A marking by bo", "A marking by cy")
                    .endsWith("Put one in only if you know who put it there.");
            assertThat(person.text("choice-2")).isEqualTo("Put b.marks in");
            person.click("choice-2");
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "r").marks()).isEqualTo(1);
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
            new MarksFile("Kelp blades", given(bo.marking(), hands, "explain", 1, "bo"), List.of())
                    .write(hands.resolve("a.marks"));
            Files.copy(hands.resolve("Kelp blades, Runa Feld.handin"), hands.resolve("later.handin"));
            person.until("the folder was looked at again", () -> work(person).roll().asides().stream()
                    .anyMatch(it -> it.file().equals("later.handin"))
                    || work(person).roll().students().stream().anyMatch(it -> it.handedIn().file().equals("later.handin")));
            person.settle();
            assertThat(person.sees("choice-0")).as("it does not ask again").isFalse();
        }
    }

    /** What lies beneath the hand-ins may go: a stick that is pulled out leaves an empty folder, or none. */
    @Test
    void aFolderThatIsGoneLosesNothing() throws IOException {
        Path hands = handIns();
        Path away = folder.resolve("away");
        try (Person person = opened(hands)) {
            Files.move(hands, away);
            person.until("it is missed", () -> person.text("notice").startsWith("The hand-ins are no longer in"));
            person.press(KeyCode.DIGIT3);
            person.settle();
            assertThat(work(person).roll().students()).hasSize(26);
            assertThat(hands).as("it is not made anew").doesNotExist();
            Files.createDirectory(hands);
            person.pause();
            assertThat(work(person).roll().students()).as("an empty place is no class without work").hasSize(26);
            Files.delete(hands);
            Files.move(away, hands);
            Files.delete(hands.resolve("Kelp blades, Runa Feld.handin"));
            person.until("it goes on", () -> work(person).roll().students().size() == 25);
        }
        assertThat(((Result.Done<MarksFile>) MarksFile.read(ofWindow())).value().marking().all()).isNotEmpty();
    }

    @Test
    void aFolderWithNothingInItWaits() throws IOException {
        Path empty = Files.createDirectory(folder.resolve("nothing"));
        Files.writeString(empty.resolve("notes.txt"), "not a hand-in");
        try (Person person = opened(empty)) {
            assertThat(person.text("notice")).contains("There are no hand-ins in");
            assertThat(work(person).roll().students()).isEmpty();
            person.press(KeyCode.DIGIT3);
            person.press(KeyCode.ENTER);
            person.press(KeyCode.SPACE);
            person.click("mark-tab-by-student");
            person.click("mark-tab-class");
            assertThat(person.text("class-words")).isEqualTo("No work has come in yet.");
        }
    }

    @Test
    void theStepsOfAHandInEndWhereItEnds() throws IOException {
        try (Stream<Path> files = Files.list(handIns())) {
            Map<String, Boolean> same = files.filter(file -> HandInFile.read(file) instanceof Result.Done)
                    .collect(Collectors.toMap(file -> file.getFileName().toString(), MarkingTest::endsWhereItEnds));
            assertThat(same).hasSize(27).allSatisfy((_, ends) -> assertThat(ends).isTrue());
        }
    }

    private static boolean endsWhereItEnds(Path file) {
        var handIn = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        var replay = Replay.of(MarkingKey.of(KELP), HandInFile.steps(file, KELP.mark()));
        var end = replay.moments().getLast().desk();
        return replay.whole() && end.work().attempts().equals(handIn.attempts())
                && end.work().part(KELP.first()).table()
                .withRows(end.work().part(KELP.first()).table().rows().stream().map(row -> row.givenAs(Row.OWN)).toList())
                .equals(handIn.tables().get(KELP.first().id()));
    }
}
