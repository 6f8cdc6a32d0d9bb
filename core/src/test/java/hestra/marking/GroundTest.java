package hestra.marking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import hestra.Kelp;
import hestra.exercise.Attempts;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.Task;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A decision holds for the answers that it was made on. The slope of the kelp is 0.52, its intercept 1.95. */
class GroundTest {

    private static final Exercise SLOPE = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)));
    private static final Exercise INTERCEPT = Kelp.exercise(Kelp.read(Quantity.INTERCEPT, new Rounding.Places(2)));
    private static final Exercise OF_FOUR = Kelp.exercise(SLOPE.tasks().getFirst()
            .with(SLOPE.tasks().getFirst().terms().withMarks(4)));

    /** How many histories; many more in the campaign. */
    private static final int HISTORIES = Integer.getInteger("hestra.histories", 100);

    private final Map<Exercise, MarkingKey> keys = new HashMap<>();
    private final Map<String, String> answers = new LinkedHashMap<>();

    private ClassWork work(Exercise exercise, Marking marking) {
        List<Received> files = new ArrayList<>();
        answers.forEach((name, text) -> {
            List<Attempt> made = text.isEmpty() ? List.of() : List.of(new Attempt(new Answer.Typed(text), Set.of()));
            StudentAnswers script = new StudentAnswers(name, exercise.id(), "Kelp", Optional.empty(), Map.of("read", made), 1,
                    Optional.empty());
            files.add(new Received.HandedIn(name + ".handin", 0,
                    Marked.of(script, keys.computeIfAbsent(exercise, MarkingKey::of)), ""));
        });
        return ClassWork.of(exercise, files, marking);
    }

    private ClassWork work() {
        return work(SLOPE, Marking.none(SLOPE.id()));
    }

    private static Task task(ClassWork work) {
        return work.exercise().tasks().getFirst();
    }

    private static Marking give(ClassWork work, DecisionScope whom, double marks, String by) {
        Task task = task(work);
        return work.marking().decide(new DecisionSubject.Marks("read", whom), Optional.of(new DecisionValue.Points(marks,
                Ground.of(task, work.students(task, whom)))), by);
    }

    private static double marks(ClassWork work, String name) {
        return work.award(student(work, name), "read").marks();
    }

    private static Student student(ClassWork work, String name) {
        return work.roll().students().stream().filter(it -> it.name().equals(name)).findFirst().orElseThrow();
    }

    @Test
    void nothingIsCarriedToThoseWhoAreRightUnderAnotherKey() {
        answers.put("Ida", "0.52");
        answers.put("Pim", "1.95");
        Marking noneForRight = give(work(), new DecisionScope.Group("right"), 0, "ann");
        assertThat(marks(work(SLOPE, noneForRight), "Ida")).isZero();
        ClassWork changed = work(INTERCEPT, noneForRight);
        assertThat(marks(changed, "Pim")).as("right now").isEqualTo(2);
        assertThat(changed.award(student(changed, "Pim"), "read").decided()).isFalse();
        List<Turned> turned = changed.turned(task(changed));
        assertThat(turned).singleElement().satisfies(it -> {
            assertThat(it.students()).extracting(Student::name).containsExactly("Ida");
            assertThat(it.points().marks()).isZero();
            assertThat(it.isOfOtherMarks()).isFalse();
        });
        assertThat(work(SLOPE, noneForRight).turned(task(changed))).as("under the same key").isEmpty();
    }

    @Test
    void whoeverAnswersLaterInOtherWordsIsNotDecidedAndInTheSameWordsIs() {
        answers.put("Ida", "0.52");
        Marking marking = give(work(), new DecisionScope.Group("right"), 1, "ann");
        answers.put("Pim", "0.52");
        answers.put("Tove", "0.52 cm per day");
        ClassWork later = work(SLOPE, marking);
        assertThat(marks(later, "Pim")).isEqualTo(1);
        assertThat(marks(later, "Tove")).isEqualTo(2);
        assertThat(later.turned(task(later))).as("judged as they were").isEmpty();
    }

    @Test
    void aGroupThatOthersJoinIsNotDone() {
        answers.put("Ida", "0.52");
        Marking marking = give(work(), new DecisionScope.Group("right"), 1, "ann");
        answers.put("Adam", "0.52 cm per day");
        ClassWork later = work(SLOPE, marking);
        AnswerGroup group = later.groups(task(later)).getFirst();
        assertThat(group.students()).hasSize(2);
        assertThat(later.award(group, task(later)).decided()).isFalse();
        assertThat(later.decided(group, task(later))).isEqualTo(1);
        assertThat(later.offered(group, task(later))).as("what the others of it were given").isEqualTo(1);
    }

    @Test
    void lettingGoTakesNobodysDecision() {
        answers.put("Ida", "0.52");
        ClassWork slope = work();
        Marking marking = give(slope, new DecisionScope.Group("right"), 1, "bo");
        ClassWork changed = work(INTERCEPT, marking);
        Student ida = student(changed, "Ida");
        Marking seen = marking.decide(new DecisionSubject.LookedAgain("read", ida.key()),
                Optional.of(new DecisionValue.Yes(Optional.of(Ground.of(task(changed), List.of(ida))))), "ann");
        assertThat(work(INTERCEPT, seen).turned(task(changed))).isEmpty();
        assertThat(marks(work(SLOPE, seen), "Ida")).as("under the key of then it stands").isEqualTo(1);
        assertThat(work(OF_FOUR, seen).turned(OF_FOUR.tasks().getFirst()))
                .as("what is turned over once more is asked once more").hasSize(1);
    }

    @Test
    void aStudentWhoHandsInAgainIsNotHeldToWhatWasDecidedOnAnotherAnswer() {
        answers.put("Ida", "7");
        ClassWork first = work();
        Marking marking = give(first, new DecisionScope.One(student(first, "Ida").key()), 1, "ann");
        answers.put("Ida", "0.52");
        ClassWork again = work(SLOPE, marking);
        assertThat(marks(again, "Ida")).isEqualTo(2);
        assertThat(again.groups(task(again))).extracting(AnswerGroup::apart).containsExactly(false);
    }

    @Test
    void marksThatWereRaisedAskWhetherToScale() {
        answers.put("Ida", "0.9");
        Marking marking = give(work(), new DecisionScope.All(), 1, "ann");
        ClassWork raised = work(OF_FOUR, marking);
        assertThat(marks(raised, "Ida")).as("as Hestra has it until somebody says").isZero();
        assertThat(raised.turned(task(raised))).singleElement().satisfies(it -> {
            assertThat(it.isOfOtherMarks()).isTrue();
            assertThat(it.scaled()).isEqualTo(2);
        });
    }

    @Test
    void oneWhoIsTakenOutIsNotDecidedByThat() {
        answers.put("Ida", "0.9");
        answers.put("Pim", "0.9");
        ClassWork work = work();
        Student ida = student(work, "Ida");
        DecisionScope group = work.groups(task(work)).getFirst().whom();
        Marking alone = give(work, group, 1, "ann")
                .decide(new DecisionSubject.Alone("read", ida.key()), Optional.of(new DecisionValue.Yes()), "ann");
        ClassWork apart = work(SLOPE, alone);
        assertThat(apart.award(student(apart, "Ida"), "read"))
                .extracting(Award::decided, Award::marks).containsExactly(false, 0.0);
        assertThat(marks(apart, "Pim")).isEqualTo(1);
        assertThat(apart.groups(task(apart))).filteredOn(AnswerGroup::apart).singleElement().extracting(AnswerGroup::whom)
                .isEqualTo(new DecisionScope.One(ida.key()));
        assertThat(apart.students(task(apart), group)).extracting(Student::name).containsExactly("Pim");
    }

    @Test
    void whatMarkersDifferOnIsSaidAtEachAnswerUntilOneDecides() {
        answers.put("Ida", "0.9");
        answers.put("Pim", "7");
        ClassWork work = work();
        DecisionScope ida = work.groups(task(work)).stream().filter(it -> it.students().getFirst().name().equals("Ida"))
                .findFirst().orElseThrow().whom();
        Marking both = give(work, ida, 2, "ann").with(give(work, ida, 1, "bo"));
        ClassWork disputed = work(SLOPE, both);
        assertThat(disputed.disputed()).isEqualTo(1);
        assertThat(disputed.award(student(disputed, "Ida"), "read").disputed()).extracting(Decision::by)
                .containsExactlyInAnyOrder("ann", "bo");
        assertThat(disputed.award(student(disputed, "Pim"), "read").isDisputed()).isFalse();
        ClassWork settled = work(SLOPE, give(disputed, ida, 1, "ann"));
        assertThat(settled.disputed()).isZero();
        assertThat(marks(settled, "Ida")).isEqualTo(1);
    }

    @Test
    void groupsOfOneHeadingAreToldApartByTheirWords() {
        answers.put("Ida", "7");
        answers.put("Pim", "8");
        answers.put("Tove", "0.52");
        assertThat(work().groups(task(work()))).extracting(AnswerGroup::heading)
                .containsExactly("✓ right", "✗ wrong: “7”", "✗ wrong: “8”");
    }

    @Test
    void commentsHoldForTheAnswersTheyWereMadeOnToo() {
        answers.put("Ida", "0.52");
        answers.put("Pim", "1.95");
        ClassWork work = work();
        DecisionScope right = new DecisionScope.Group("right");
        Marking said = work.marking().decide(new DecisionSubject.Wording("a"),
                Optional.of(new DecisionValue.Comment("Well seen.", 0)), "ann")
                .decide(new DecisionSubject.Said("read", right, "a"),
                Optional.of(new DecisionValue.Yes(Optional.of(Ground.of(task(work), work.students(task(work), right))))), "ann");
        assertThat(work(SLOPE, said).award(student(work, "Ida"), "read").comments()).containsExactly("a");
        ClassWork changed = work(INTERCEPT, said);
        assertThat(changed.award(student(changed, "Pim"), "read").comments()).isEmpty();
    }

    /** Random histories of answers, decisions, merges and keys: no decision stands on an answer that it was not made on. */
    @Test
    void noDecisionStandsOnAnAnswerThatItWasNotMadeOn() {
        Random random = new Random(27);
        String[] texts = {"0.52", "1.95", "0.5", "7", "0.52 cm per day", ""};
        Exercise[] keys = {SLOPE, INTERCEPT, OF_FOUR};
        for (int run = 0; run < HISTORIES; run++) {
            answers.clear();
            Exercise key = SLOPE;
            Marking ann = Marking.none(SLOPE.id());
            Marking bo = ann;
            // What each marker saw at each decision: text, outcome and marks of every answer then in it.
            Map<String, Set<String>> seen = new LinkedHashMap<>();
            for (int step = 0; step < 20; step++) {
                switch (random.nextInt(6)) {
                    case 0, 1 -> answers.put("s" + random.nextInt(5), texts[random.nextInt(texts.length)]);
                    case 2 -> key = keys[random.nextInt(keys.length)];
                    case 3 -> {
                        ann = ann.with(bo);
                        bo = ann;
                    }
                    default -> {
                        boolean byAnn = random.nextBoolean();
                        ClassWork work = work(key, byAnn ? ann : bo);
                        if (!work.roll().students().isEmpty()) {
                            List<AnswerGroup> groups = work.groups(task(work));
                            DecisionScope whom = random.nextInt(4) == 0
                                    ? new DecisionScope.All() : groups.get(random.nextInt(groups.size())).whom();
                            double marks = 0.25 + step;
                            Marking next = give(work, whom, marks, byAnn ? "ann" : "bo");
                            seen.put((byAnn ? "ann" : "bo") + marks,
                                    new HashSet<>(work.students(task(work), whom).stream().map(it -> asSeen(work, it)).toList()));
                            ann = byAnn ? next : ann;
                            bo = byAnn ? bo : next;
                        }
                    }
                }
                ClassWork work = work(key, ann);
                Exercise now = key;
                work.roll().students().forEach(student -> work.decided(task(work), student)
                        .ifPresent(marks -> assertThat(seen.entrySet())
                        .as("%s under %s has %s", asSeen(work, student), now.tasks(), marks)
                        .anyMatch(it -> (it.getKey().equals("ann" + marks) || it.getKey().equals("bo" + marks))
                        && it.getValue().contains(asSeen(work, student)))));
            }
        }
    }

    private static String asSeen(ClassWork work, Student student) {
        Attempts given = student.marked().at("read");
        return given.inWords() + "|" + given.verdict().map(it -> it.outcome() + " " + it.earned())
                .orElse("-") + "|" + task(work).terms().marks();
    }
}
