package hestra.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.exercise.Attempts;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.targets.Reason;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.ByEye;
import hestra.task.ReachTarget;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A class that reads a slope of 0.52 (b = 20.6 / 40 = 0.515) for two marks and explains it for six. */
class ClassWorkTest {

    private static final Exercise EXERCISE = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain());
    private static final Task READ = EXERCISE.tasks().getFirst();
    private static final Task EXPLAIN = EXERCISE.tasks().getLast();
    private static final String WELL = "On average a blade gets 0.515 cm longer with each day.";
    private static final ClassKey KEY = ClassKey.of(EXERCISE);

    private final List<Received> files = new ArrayList<>();

    private static Attempt attempt(Answer answer) {
        return new Attempt(answer, Set.of());
    }

    private Received.HandedIn handIn(String student, String sentence, String... numbers) {
        return handIn(student, files.size() + 1, sentence, numbers);
    }

    private Received.HandedIn handIn(String student, long at, String sentence, String... numbers) {
        List<Attempt> read = new ArrayList<>();
        for (String number : numbers) {
            read.add(attempt(new Answer.Typed(number)));
        }
        StudentAnswers script = new StudentAnswers(student, EXERCISE.id(), "Kelp", Optional.empty(),
                Map.of("read", read, "explain",
                        sentence.isEmpty() ? List.of() : List.of(attempt(new Answer.Sentence(sentence)))), 1,
                Optional.of(new Pace(0, at, Math.min(3600, 60 * at), Map.of())));
        Received.HandedIn handedIn = new Received.HandedIn((files.size() + 1) + ".handin", 0, Marked.of(script, KEY.key(script)),
                "");
        files.add(handedIn);
        return handedIn;
    }

    private ClassWork work(Marking marking) {
        return ClassWork.of(EXERCISE, files, marking);
    }

    private ClassWork work() {
        return work(Marking.none(EXERCISE.id()));
    }

    private static Student student(ClassWork work, String name) {
        return work.roll().students().stream().filter(it -> it.name().equals(name)).findFirst().orElseThrow();
    }

    /** Marks given for answers as they are. */
    private static Marking give(ClassWork work, Task task, DecisionScope whom, double marks, String by) {
        return work.marking().decide(new DecisionSubject.Marks(task.id(), whom),
                Optional.of(new DecisionValue.Points(marks, Ground.of(task, work.students(task, whom)))), by);
    }

    /** A marking that was made when the task had more marks, or that came from elsewhere. */
    @Test
    void nobodyGetsMoreMarksThanATaskHas() {
        handIn("Ida", "", "0.52");
        ClassWork work = work(give(work(), READ, new DecisionScope.All(), 99, "ann"));
        assertThat(work.award(student(work, "Ida"), READ.id()).marks()).isEqualTo(READ.terms().marks());
        assertThat(work.total(student(work, "Ida"))).isLessThanOrEqualTo(work.exercise().marks());
    }

    @Test
    void answersThatSayTheSameStandTogetherRightOnesFirst() {
        handIn("Ida", "", "0.52");
        handIn("Pim", "", "0,9");
        handIn("Tove", "", "0.52 cm per day");
        handIn("Runa", "", " 0.90 ");
        // x on y: 20.6 / 10.652 = 1.934
        handIn("Ansel", "", "1.93");
        handIn("Else", "");
        handIn("Bo", "", "7");
        List<AnswerGroup> groups = work().groups(READ);
        assertThat(groups).extracting(group -> group.students().stream().map(Student::name).toList())
                .containsExactly(List.of("Ida", "Tove"), List.of("Pim", "Runa"), List.of("Ansel"), List.of("Bo"),
                List.of("Else"));
        assertThat(groups.get(2).first().mistakes()).contains(Mistake.AXES_EXCHANGED);
        assertThat(groups.getLast().isBlank()).isTrue();
    }

    @Test
    void sentencesStandTogetherByWhatIsFoundInThemAndWaitToBeRead() {
        handIn("Ida", WELL);
        handIn("Pim", "A blade gets longer by 0.515 cm for each day on average.");
        handIn("Tove", "The days make the blade grow 0.515 cm.");
        ClassWork work = work();
        assertThat(work.groups(EXPLAIN).getFirst().students()).extracting(Student::name).containsExactly("Ida", "Pim");
        assertThat(work.award(student(work, "Ida"), "explain")).extracting(Award::marks, Award::standing, Award::decided)
                .containsExactly(6.0, Standing.UNREAD, false);
        assertThat(work.reading()).isEqualTo(new ClassWork.ReadingProgress(3, 0, 2, 2));
        DecisionScope group = work.groups(EXPLAIN).getFirst().whom();
        ClassWork read = work(give(work, EXPLAIN, group, 5, "ann"));
        assertThat(read.award(student(read, "Pim"), "explain")).extracting(Award::marks, Award::standing, Award::decided)
                .containsExactly(5.0, Standing.NEARLY, true);
        assertThat(read.reading()).isEqualTo(new ClassWork.ReadingProgress(3, 2, 2, 1));
    }

    /** What cannot be settled waits for a person, whatever its kind is read by otherwise. */
    @Test
    void whatIsLeftToTheMarkerWaitsToBeRead() {
        Task target = new ReachTarget(Terms.of("target", "Reach it", "Do it.", 4),
                List.of(new Condition(new Measure.Value(Quantity.R), Band.exactly(0.5))));
        Exercise exercise = Kelp.exercise(target);
        StudentAnswers answers = new StudentAnswers("Ida", exercise.id(), "Kelp", Optional.empty(), Map.of("target",
                List.of(attempt(new Answer.Reached(Held.NOTHING, Optional.of(Reason.LEAST))))), 1, Optional.empty());
        ClassWork work = ClassWork.of(exercise, List.of(new Received.HandedIn("1.handin", 0,
                Marked.of(answers, ClassKey.of(exercise).key(answers)), "")), Marking.none(exercise.id()));
        assertThat(work.award(work.roll().students().getFirst(), "target")).extracting(Award::standing, Award::decided)
                .containsExactly(Standing.UNREAD, false);
    }

    @Test
    void theMostParticularDecisionCounts() {
        handIn("Ida", "", "0.9");
        handIn("Pim", "", "0.9");
        handIn("Tove", "", "7");
        Marking all = give(work(), READ, new DecisionScope.All(), 1, "ann");
        ClassWork work = work(all);
        assertThat(work.roll().students()).allSatisfy(student -> assertThat(work.award(student, "read").marks()).isEqualTo(1));
        Marking group = give(work, READ, work.groups(READ).getFirst().whom(), 2, "ann");
        assertThat(work(group).award(student(work, "Ida"), "read").marks()).isEqualTo(2);
        assertThat(work(group).award(student(work, "Tove"), "read").marks()).isEqualTo(1);
        ClassWork one = work(give(work(group), READ, new DecisionScope.One(student(work, "Ida").key()), 0, "ann"));
        assertThat(one.award(student(one, "Ida"), "read").marks()).isZero();
        assertThat(one.award(student(one, "Pim"), "read").marks()).isEqualTo(2);
        assertThat(one.groups(READ)).as("taken out, it stands alone").filteredOn(AnswerGroup::apart).singleElement()
                .extracting(it -> it.students().getFirst().name()).isEqualTo("Ida");
    }

    @Test
    void commentsTakeMarksOffAndTheOnesUsedMostComeFirst() {
        handIn("Ida", "", "0.52");
        handIn("Pim", "", "0.52");
        handIn("Tove", "", "0.9");
        Marking marking = Marking.none(EXERCISE.id())
                .decide(new DecisionSubject.Wording("a"), Optional.of(new DecisionValue.Comment("no unit", 0.5)), "ann")
                .decide(new DecisionSubject.Wording("b"), Optional.of(new DecisionValue.Comment("late", 1)), "ann")
                .decide(new DecisionSubject.Said("read", new DecisionScope.Group("right"), "a"),
                Optional.of(new DecisionValue.Yes()), "ann");
        ClassWork work = work(marking);
        Student ida = student(work, "Ida");
        assertThat(work.award(ida, "read")).extracting(Award::marks, Award::comments).containsExactly(1.5, List.of("a"));
        assertThat(work.award(student(work, "Tove"), "read").comments()).isEmpty();
        assertThat(work.usedComments()).containsExactly(Map.entry("a", 2), Map.entry("b", 0));
        ClassWork whole = work(marking.decide(new DecisionSubject.Said("", new DecisionScope.One(ida.key()), "b"),
                Optional.of(new DecisionValue.Yes()),
                "ann"));
        assertThat(whole.total(student(whole, "Ida"))).isEqualTo(0.5);
        ClassWork reworded = work(marking.decide(new DecisionSubject.Wording("a"),
                Optional.of(new DecisionValue.Comment("write the unit", 0)),
                "ann"));
        assertThat(reworded.award(student(reworded, "Pim"), "read").marks()).as("changed in one place").isEqualTo(2);
    }

    @Test
    void ofSeveralHandInsOfOneStudentTheLatestInTimeCounts() {
        handIn("Ida Fenn", 100, "", "7");
        handIn(" ida  FENN\u200b", 200, "", "0.52");
        handIn("Ida Fenn", 300, "", "7");
        handIn("Pim", 300, "", "0.52");
        ClassWork work = work();
        assertThat(work.roll().students()).extracting(Student::name).containsExactly("Ida Fenn", "Pim");
        assertThat(work.roll().students().getFirst().handedIn().file()).isEqualTo("3.handin");
        assertThat(work.roll().asides()).hasSize(2);
        ClassWork due = work(Marking.none(EXERCISE.id())
                .decide(new DecisionSubject.Due(), Optional.of(new DecisionValue.Moment(250)), "ann"));
        Student ida = due.roll().students().getFirst();
        assertThat(ida.handedIn().file()).isEqualTo("2.handin");
        assertThat(ida.late()).isFalse();
        assertThat(student(due, "Pim").late()).as("all are late, so the latest counts").isTrue();
        assertThat(due.roll().asides()).allMatch(Roll.Aside::another).extracting(Roll.Aside::why)
                .anyMatch(why -> why.startsWith("Handed in late")).anyMatch(why -> why.startsWith("An earlier"));
        ClassWork two = work(Marking.none(EXERCISE.id())
                .decide(new DecisionSubject.Apart("1.handin"), Optional.of(new DecisionValue.Yes()), "ann"));
        assertThat(two.roll().students()).as("two of one name").extracting(Student::name)
                .containsExactly("Ida Fenn (1)", "Ida Fenn (2)", "Pim");
    }

    private void doubted(String student, long at, String number) {
        Received.HandedIn last = handIn(student, at, "", number);
        files.set(files.size() - 1, new Received.HandedIn(last.file(), 0, last.marked(), "",
                List.of("It says that it was handed in at a time that has not come yet.")));
    }

    @Test
    void whatAHandInClaimsOfItselfTakesNoOthersPlace() {
        handIn("Ida", 100, "", "0.52");
        doubted("Ida", 253_000_000_000L, "7");
        ClassWork both = work();
        assertThat(both.roll().students()).extracting(Student::name).containsExactly("Ida (1)", "Ida (2)");
        assertThat(both.award(both.roll().students().getFirst(), "read").marks()).as("the real one").isEqualTo(2);
        ClassWork theirs = work(both.marking().decide(new DecisionSubject.Counts("2.handin"),
                Optional.of(new DecisionValue.Yes()), "ann"));
        assertThat(theirs.roll().students()).as("like any other, by the time of its file").singleElement()
                .satisfies(it -> assertThat(it.handedIn().file()).isEqualTo("1.handin"));
        assertThat(theirs.roll().asides()).singleElement().satisfies(it -> assertThat(it.file()).isEqualTo("2.handin"));
        ClassWork without = work(both.marking().decide(new DecisionSubject.LeftOut("2.handin"),
                Optional.of(new DecisionValue.Yes()), "ann"));
        assertThat(without.roll().students()).singleElement()
                .satisfies(it -> assertThat(it.handedIn().file()).isEqualTo("1.handin"));
        assertThat(without.roll().asides()).singleElement().satisfies(it -> assertThat(it.isLeftOut()).isTrue());
    }

    @Test
    void ofTwoPointsThatWereKeptNothingCounts() {
        // Rows 1 and 2 alone: (3.9 − 3.1) ÷ 2 = 0.40; rows 1 to 4: x̄ = 5, Sxx = 20, Sxy = 9.8, so 0.49.
        Map<Set<Integer>, Double> kept = Map.of(Set.of(2, 3, 4), 0.0, Set.of(4), 2.0);
        Map<Set<Integer>, String> values = Map.of(Set.of(2, 3, 4), "0.40", Set.of(4), "0.49");
        kept.forEach((aside, marks) -> {
            StudentAnswers script = new StudentAnswers("Ida", EXERCISE.id(), "Kelp", Optional.empty(),
                    Map.of("read", List.of(new Attempt(new Answer.Typed(values.get(aside)), aside))), 1, Optional.empty());
            assertThat(Marked.of(script, KEY.key(script)).at("read").earned()).as("%s", aside).isEqualTo(marks);
            assertThat(Marked.of(script, KEY.key(script)).at("read").inWords())
                    .as("said beside the answer").contains("set aside");
        });
    }

    @Test
    void whoHandsInAtTheVerySecondIsInTime() {
        handIn("Ida", 250, "", "0.52");
        handIn("Pim", 251, "", "0.52");
        ClassWork work = work(Marking.none(EXERCISE.id())
                .decide(new DecisionSubject.Due(), Optional.of(new DecisionValue.Moment(250)), "ann"));
        assertThat(student(work, "Ida").late()).isFalse();
        assertThat(student(work, "Pim").late()).isTrue();
        handIn("Ida", 251, "", "7");
        ClassWork again = work(work.marking());
        assertThat(student(again, "Ida").handedIn().file()).as("the one in time counts").isEqualTo("1.handin");
    }

    /** A task is said to be left out from a quarter of the class on. */
    @Test
    void whatAQuarterLeavesOutIsSaid() {
        handIn("Ida", WELL);
        for (String name : List.of("Pim", "Tove", "Else")) {
            handIn(name, WELL, "0.52");
        }
        assertThat(ClassResult.of(work()).inWords()).contains("was left out by 1.");
        handIn("Runa", WELL, "0.52");
        assertThat(ClassResult.of(work()).inWords()).as("1 of 5").doesNotContain("left out");
    }

    @Test
    void theResultSaysWhatToGoThroughAgain() {
        handIn("Ida", WELL, "1.93", "0.52");
        handIn("Pim", WELL, "1.93");
        handIn("Tove", WELL, "1.93");
        handIn("Else", "", "0.9");
        ClassWork work = work();
        ClassResult result = ClassResult.of(work);
        ClassResult.OfTask read = result.tasks().getFirst();
        assertThat(read.standings()).isEqualTo(Map.of(Standing.RIGHT, 1, Standing.WRONG, 3));
        assertThat(read.mistakes().get(Mistake.AXES_EXCHANGED)).as("in whichever try").extracting(Student::name)
                .containsExactlyInAnyOrder("Ida", "Pim", "Tove");
        assertThat(result.inWords())
                .isEqualTo("Go through task 1, “Read”, again: 1 of 4 got it right, and 3 had “variables the wrong way round”. "
                + "1 task is still to be read.");
        assertThat(result.minutes()).containsExactly(1L, 2L, 3L, 4L);
        assertThat(ClassResult.median(result.minutes())).hasValue(2.5);
        assertThat(ClassResult.median(List.of())).isEmpty();
        assertThat(ClassResult.of(ClassWork.of(EXERCISE, List.of(), work.marking())).inWords())
                .isEqualTo("No work has come in yet.");
    }

    @Test
    void whatIsBeyondTheLastTryOrOfAnotherKindCountsForNothing() {
        handIn("Ida", "", "7", "8", "9", "0.52");
        assertThat(work().award(work().roll().students().getFirst(), "read").marks()).as("three tries").isZero();
        StudentAnswers odd = new StudentAnswers("Odd", EXERCISE.id(), "Kelp", Optional.empty(),
                Map.of("read", List.of(attempt(new Answer.RolesChosen(Optional.of(Roles.FIRST_EXPLAINS))))), 1, Optional.empty());
        assertThat(Marked.of(odd, KEY.key(odd)).at("read").isEmpty()).isTrue();
        assertThat(Marked.of(odd, KEY.key(odd)).at("gone")).isEqualTo(Attempts.NONE);
    }

    @Test
    void ofAnswersThatEarnTheSameTheLastStands() {
        handIn("Ida", "", "7", "8");
        assertThat(work().roll().students().getFirst().marked().at("read").counted().orElseThrow().attempt().answer())
                .isEqualTo(new Answer.Typed("8"));
    }

    @Test
    void marksAreSpreadOverPartsOfEqualWidthAndTheMostCountsInTheLast() {
        assertThat(Tally.of(List.of(0.0, 1.5, 2.0, 20.0, 19.9), 20)).hasSize(10)
                .startsWith(new Tally(0, 2, 2), new Tally(2, 4, 1)).endsWith(new Tally(18, 20, 2));
        assertThat(Tally.of(List.of(3.0), 3)).extracting(Tally::count).containsExactly(0, 0, 1);
        assertThat(Tally.of(List.of(), 0)).containsExactly(new Tally(0, 1, 0));
    }

    @Test
    void mistakesAreRecognisedInEachQuestionByItself() {
        Exercise two = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)),
                Kelp.read(Quantity.INTERCEPT, new Rounding.Places(2))
                .with(Kelp.read(Quantity.INTERCEPT, new Rounding.Places(2)).terms().withId("other")));
        // Each takes the other's value: 1.95 for the slope of 0.515, 0.52 for the intercept of 1.95.
        StudentAnswers script = new StudentAnswers("Ida", "kelp", "Kelp", Optional.empty(),
                Map.of("read", List.of(attempt(new Answer.Typed("1.95"))), "other", List.of(attempt(new Answer.Typed("0.52")))),
                1, Optional.empty());
        Marked marked = Marked.of(script, MarkingKey.of(two));
        assertThat(marked.at("read").mistakes()).containsExactly(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
        assertThat(marked.at("other").mistakes()).containsExactly(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
    }

    @Test
    void namesAreShownInOneLineWithoutAnythingUnseen() {
        assertThat(Student.shown("  Ida\n\u202eFenn\u0000 ", "-")).isEqualTo("Ida Fenn");
        assertThat(Student.shown("\u200b \t", "no name")).isEqualTo("no name");
        assertThat(Student.shown("😀".repeat(100), "-").codePointCount(0, Student.shown("😀".repeat(100), "-").length()))
                .isEqualTo(81);
    }

    /**
     * Of (0, 0), (1, 1), (2, 0) the line y = 1 leaves 2, the best one, y = 1/3, leaves 2/3; of (0, 0), (1, 2), (2, 0) it leaves 3
     * and 8/3.
     */
    @Test
    void howNearALineCameIsMeasuredOnTheDataThatTheStudentHad() {
        Trial level = new Trial(new Curve.Line(), List.of(new Trial.Handle(0, 1), new Trial.Handle(2, 1)));
        for (String middle : List.of("1", "2")) {
            DataTable data = new DataTable(Kelp.table().variables(), Stream.of("0 0", "1 " + middle, "2 0")
                    .map(it -> it.split(" ")).map(it -> Row.of(Cell.of(it[0], DecimalMark.POINT),
                            Cell.of(it[1], DecimalMark.POINT))).toList());
            Exercise copy = byEye().withFirst(part -> part.withData(data));
            StudentAnswers script = new StudentAnswers("student " + middle, copy.id(), "Kelp", Optional.empty(),
                    Map.of("eye", List.of(attempt(new Answer.Placed(Optional.of(level))))), 1, Optional.empty());
            files.add(new Received.HandedIn(middle + ".handin", 0, Marked.of(script, MarkingKey.of(copy)), ""));
        }
        ClassWork work = ClassWork.of(byEye(), files, Marking.none(EXERCISE.id()));
        assertThat(ClassResult.of(work).tasks().getFirst().nearness())
                .usingElementComparator(Comparator.comparingDouble(it -> Math.round(it * 1e9))).containsExactly(1.125, 3.0);
        assertThat(student(work, "student 1").marked().at("eye").sketch().orElseThrow().points().y(1)).isEqualTo(1);
        assertThat(student(work, "student 2").marked().at("eye").sketch().orElseThrow().points().y(1)).isEqualTo(2);
    }

    private static Exercise byEye() {
        return Kelp.exercise(new ByEye(Terms.of("eye", "By eye", "Place it.", 2), new Curve.Line(), 1.1, 1.5));
    }
}
