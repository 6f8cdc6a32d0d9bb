package hestra.variants;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.exercise.Block;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.marking.ClassKey;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.CheckConditions;
import hestra.task.ChooseCurve;
import hestra.task.Chosen;
import hestra.task.CurveReason;
import hestra.task.Describe;
import hestra.task.Described;
import hestra.task.Description;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FindPoint;
import hestra.task.FitCondition;
import hestra.task.NumberQuestion;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Pointed;
import hestra.task.Question;
import hestra.task.Seal;
import hestra.task.Seen;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Tried;
import hestra.task.TryOut;
import hestra.task.TryReason;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A student's copy tells right from wrong, and no more of a key that was set by hand. */
class CopiesTest {

    private static byte[] salt() {
        return new byte[] {3, 1, 4, 1, 5, 9, 2, 6, 5, 3, 5, 8, 9, 7, 9, 3};
    }

    private static Exercise copy(Exercise exercise) {
        return Copies.of(Variants.draw(exercise, 0), 1, "Ida Fenn", key -> Seal.of(key, salt()));
    }

    private static Terms terms(String id) {
        return Terms.of(id, "A question", "What?", 4);
    }

    private static Question question(Question.Sort sort, boolean isTrue, boolean... right) {
        List<Question.Option> options = List.of(new Question.Option("one", right[0], "Not one."),
                new Question.Option("two", right[1], ""), new Question.Option("three", right[2], "Not three."));
        return new Question(terms("q"), sort, options, isTrue, List.of("the residual"));
    }

    private static Verdict verdict(Exercise exercise, Task task, Answer answer) {
        return exercise.judge(exercise.task(task.id()).orElseThrow(), new Attempt(answer, Set.of()), Kelp.truth(exercise));
    }

    private static Chosen chosen(Set<Integer> picks) {
        return new Chosen(List.of(picks), "");
    }

    private static Chosen chosen(Set<Integer> first, Set<Integer> second) {
        return new Chosen(List.of(first, second), "");
    }

    /** What the copy says of an answer is what the exercise itself says, but for words. */
    private static void agree(Task task, Answer... answers) {
        Exercise exercise = Kelp.exercise(task);
        Exercise copy = copy(exercise);
        assertThat(copy.isSealed(task)).isTrue();
        assertThat(copy.task(task.id()).orElseThrow()).as("the key is not in the copy").isNotEqualTo(task);
        for (Answer answer : answers) {
            Verdict own = verdict(exercise, task, answer);
            Verdict sealed = verdict(copy, task, answer);
            assertThat(sealed.outcome()).as("%s", answer).isEqualTo(own.outcome());
            assertThat(sealed.earned()).as("%s", answer).isEqualTo(own.earned());
            if (own.parts().size() > 1) {
                assertThat(sealed.parts().stream().map(Verdict.Part::outcome).toList())
                        .isEqualTo(own.parts().stream().map(Verdict.Part::outcome).toList());
            }
        }
    }

    @Test
    void aNumberOfTheAuthors() {
        NumberQuestion task = new NumberQuestion(terms("n"), 12.5, new Rounding.Places(1), "cm");
        agree(task, new Answer.Typed("12.5"), new Answer.Typed("12.50"), new Answer.Typed("12.5 cm"), new Answer.Typed("17"));
        assertThat(((NumberQuestion) copy(Kelp.exercise(task)).task("n").orElseThrow()).key()).isZero();
    }

    @Test
    void choices() {
        agree(question(Question.Sort.ONE, true, false, true, false), chosen(Set.of(0)), chosen(Set.of(1)), chosen(Set.of(2)));
        agree(question(Question.Sort.SEVERAL, true, true, false, true), chosen(Set.of(0, 2)), chosen(Set.of(1)),
                chosen(Set.of(0)), chosen(Set.of(0, 1, 2)));
        agree(question(Question.Sort.TRUE_BECAUSE, false, true, false, true), chosen(Set.of(1), Set.of(0)),
                chosen(Set.of(1), Set.of(2)), chosen(Set.of(0), Set.of(1)), chosen(Set.of(0), Set.of(0)));
    }

    @Test
    void aWord() {
        agree(question(Question.Sort.SHORT_TEXT, true, false, false, false), new Chosen(List.of(), "Residual"),
                new Chosen(List.of(), "leverage"));
    }

    @Test
    void whatIsSaidOfAWrongChoiceDoesNotGiveItAway() {
        Question blank = (Question) copy(Kelp.exercise(question(Question.Sort.ONE, true, false, true, false))).task("q")
                .orElseThrow();
        assertThat(blank.options()).allSatisfy(option -> {
            assertThat(option.right()).isFalse();
            assertThat(option.says()).isEmpty();
            assertThat(option.shows()).isEmpty();
        });
    }

    @Test
    void aDescriptionOfTheAuthorsOwnAndNotTheProposedOne() {
        Description proposed = Description.proposedFor(Kelp.truth(Kelp.exercise()).pairs());
        Description own = new Description(Description.Direction.FALLING, proposed.form(), proposed.strength(),
                proposed.unusual());
        agree(new Describe(terms("d"), own), described(proposed), described(own));
        assertThat(copy(Kelp.exercise(new Describe(terms("d"), proposed))).isSealed(new Describe(terms("d"), proposed)))
                .as("anyone can work it out").isFalse();
    }

    private static Described described(Description it) {
        return Described.NOTHING.with(it.direction()).with(it.form()).with(it.strength()).with(it.unusual());
    }

    @Test
    void aCurveThatTheAuthorChose() {
        List<Curve> offered = List.of(new Curve.Line(), new Curve.Polynomial(2));
        ChooseCurve task = new ChooseCurve(terms("c"), offered, ChooseCurve.By.AUTHOR, 1, EnumSet.of(CurveReason.RESIDUALS),
                false);
        int right = CurveReason.RESIDUALS.ordinal();
        agree(task, chosen(Set.of(1), Set.of(right)), chosen(Set.of(0), Set.of(right)),
                chosen(Set.of(1), Set.of(right == 0 ? 1 : 0)));
        agree(task.because(Set.of()), chosen(Set.of(1)), chosen(Set.of(0)), chosen(Set.of(2)));
    }

    @Test
    void conditionsThatTheAuthorConfirmed() {
        CheckConditions task = new CheckConditions(terms("k"), EnumSet.allOf(FitCondition.class),
                EnumSet.of(FitCondition.NORMALITY), true);
        int conditions = FitCondition.values().length;
        int normality = FitCondition.NORMALITY.ordinal();
        List<Set<Integer>> right = new ArrayList<>();
        for (int i = 0; i < conditions; i++) {
            right.add(Set.of(i == normality ? 1 : 0));
        }
        right.add(Set.of(normality));
        List<Set<Integer>> wrong = new ArrayList<>(right);
        wrong.set(normality, Set.of(0));
        wrong.set(conditions, Set.of(conditions));
        agree(task, new Chosen(right, ""), new Chosen(wrong, ""));
    }

    private static Pointed pointed(Set<Integer> rows, PointAction action, PointReason reason) {
        return new Pointed(rows, Optional.of(action), Optional.of(reason));
    }

    @Test
    void pointsThatTheAuthorChoseAndWhatToDoAboutThem() {
        PointAction does = PointAction.BOTH;
        PointAction other = PointAction.SET_ASIDE;
        PointReason why = PointReason.DECIDES;
        PointReason elseWhy = Stream.of(PointReason.values()).filter(it -> it != why).findFirst().orElseThrow();
        FindPoint chosen = new FindPoint(terms("f"), PointSort.CHOSEN, 1, Set.of(1, 3), Optional.of(does), Optional.of(why));
        agree(chosen, pointed(Set.of(1, 3), does, why), pointed(Set.of(1, 2), does, why), pointed(Set.of(1, 3), other, elseWhy),
                pointed(Set.of(0, 2), other, elseWhy));
        FindPoint blank = (FindPoint) copy(Kelp.exercise(chosen)).task("f").orElseThrow();
        assertThat(blank.rows()).isEmpty();
        assertThat(blank.wanted(Kelp.truth(Kelp.exercise(blank)))).as("how many stays").isEqualTo(2);
        // The residual of row 1 is 0.12, of the others 0.11 at most: that part is computed, the rest is sealed.
        FindPoint found = new FindPoint(terms("f"), PointSort.LARGEST_RESIDUAL, 1, Set.of(), Optional.of(does), Optional.of(why));
        agree(found, pointed(Set.of(0), does, why), pointed(Set.of(4), other, elseWhy), pointed(Set.of(0), does, elseWhy),
                pointed(Set.of(4), does, why));
    }

    @Test
    void theReasonOfWhatIsTried() {
        TryReason why = TryReason.values()[1];
        TryOut task = new TryOut(terms("t"), List.of(new TryOut.Move(4, 0, 2)), Quantity.SLOPE, 1, Optional.of(why));
        List<Seen> seen = List.of(new Seen(4, 10, 9.2));
        // ȳ grows by 0.4; Sxy by 4 · 2 = 8 (x̄ = 6), Sxx = 40: the slope grows by 0.2.
        agree(task, new Tried(seen, List.of("0.2"), OptionalInt.empty(), Optional.of(why)),
                new Tried(seen, List.of("0.2"), OptionalInt.empty(), Optional.of(TryReason.values()[0])),
                new Tried(seen, List.of("7"), OptionalInt.empty(), Optional.of(why)));
    }

    @Test
    void whatIsNeededForNoVerdictAtOnceIsNotInACopy() {
        Terms after = terms("e").withVerdict(Terms.Showing.AFTER_MARKING).withHint("The unit is centimetres.")
                .withWhy("Blades grow.");
        Explain explain = new Explain(after, Optional.of(Explaining.SLOPE.withModel("A blade grows half a centimetre a day.")));
        Explain bare = (Explain) copy(Kelp.exercise(explain)).task("e").orElseThrow();
        assertThat(bare.explaining().model()).isEmpty();
        assertThat(bare.terms().hint()).isEmpty();
        assertThat(bare.terms().why()).isEmpty();
        NumberQuestion sealed = new NumberQuestion(terms("q").withWhy("There are five."), 5, new Rounding.Places(1), "");
        assertThat(copy(Kelp.exercise(sealed)).task("q").orElseThrow().terms().why()).as("it tells a sealed key").isEmpty();
        Explain shown = new Explain(terms("e"), explain.how());
        assertThat(((Explain) copy(Kelp.exercise(shown)).task("e").orElseThrow()).explaining().model())
                .as("shown after the last try").isNotEmpty();
        Question text = question(Question.Sort.LONG_TEXT, true, true, false, false);
        Question left = (Question) copy(Kelp.exercise(text)).task("q").orElseThrow();
        assertThat(left.accepted()).isEmpty();
        assertThat(left.options()).isEmpty();
    }

    /** Its points say what is right where a task reads them off; and where none does, a copy has no need of it. */
    @Test
    void aPictureThatIsNotReadOffStaysWithTheAuthor() {
        Tracing tracing = new Tracing(PictureAxes.within(200, 100), List.of(new PicturePoint(3.5, 7)));
        Exercise traced = Kelp.exercise(Kelp.roles()).withFirst(part -> part.withColumns(part.data(), part.roles(),
                new Provenance.Traced(Picture.of(new byte[] {1}), tracing)));
        assertThat(copy(traced).first().provenance()).isEqualTo(new Provenance.ByHand());
        assertThat(copy(traced).first().data().rows()).isEqualTo(traced.first().data().rows());
    }

    /** Two keys of each kind of task whose key is set by hand, all else alike. */
    private static List<List<Task>> twoKeysEach(Terms.Showing when) {
        Terms t = terms("q").withVerdict(when);
        Description proposed = Description.proposedFor(Kelp.truth(Kelp.exercise()).pairs());
        Description falling = new Description(Description.Direction.FALLING, proposed.form(), proposed.strength(),
                proposed.unusual());
        Description none = new Description(Description.Direction.NEITHER, proposed.form(), proposed.strength(),
                proposed.unusual());
        List<Curve> offered = List.of(new Curve.Line(), new Curve.Polynomial(2));
        List<List<Task>> pairs = new ArrayList<>();
        pairs.add(List.of(new NumberQuestion(t, 5, new Rounding.Places(1), ""),
                new NumberQuestion(t, 6, new Rounding.Places(1), "")));
        for (Question.Sort sort : Question.Sort.values()) {
            pairs.add(List.of(question(sort, true, true, false, false).with(t),
                    question(sort, false, false, true, false).with(t)));
        }
        pairs.add(List.of(new Question(t, Question.Sort.SHORT_TEXT, List.of(), true, List.of("residual")),
                new Question(t, Question.Sort.SHORT_TEXT, List.of(), true, List.of("leverage"))));
        pairs.add(List.of(new Describe(t, falling), new Describe(t, none)));
        pairs.add(List.of(new ChooseCurve(t, offered, ChooseCurve.By.AUTHOR, 1, EnumSet.of(CurveReason.RESIDUALS), false),
                new ChooseCurve(t, offered, ChooseCurve.By.AUTHOR, 0, EnumSet.of(CurveReason.SIMPLE), false)));
        pairs.add(List.of(new CheckConditions(t, EnumSet.allOf(FitCondition.class), EnumSet.of(FitCondition.NORMALITY), true),
                new CheckConditions(t, EnumSet.allOf(FitCondition.class), EnumSet.of(FitCondition.LINEARITY), true)));
        for (PointSort sort : PointSort.values()) {
            pairs.add(List.of(new FindPoint(t, sort, 1, Set.of(1), Optional.of(PointAction.MEND), Optional.of(PointReason.SLIP)),
                    new FindPoint(t, sort, 1, Set.of(3), Optional.of(PointAction.KEEP), Optional.of(PointReason.DECIDES))));
        }
        List<TryOut.Move> moves = List.of(new TryOut.Move(4, 0, 2));
        pairs.add(List.of(new TryOut(t, moves, Quantity.SLOPE, 1, Optional.of(TryReason.values()[0])),
                new TryOut(t, moves, Quantity.SLOPE, 1, Optional.of(TryReason.values()[1]))));
        return pairs;
    }

    /**
     * Whatever is found in a copy is found in that of another key too: but for the digests, no byte of it depends on what was set
     * by hand.
     */
    @Test
    void copiesOfOtherKeysAreTheSameButForTheirDigests() {
        for (Terms.Showing when : Terms.Showing.values()) {
            for (List<Task> two : twoKeysEach(when)) {
                List<Exercise> copies = two.stream().map(task -> copy(Kelp.exercise(task))).toList();
                List<Exercise> unsealed = copies.stream()
                        .map(it -> it.with(Optional.of(new Copy(0, 1, "Ida Fenn", Map.of())))).toList();
                assertThat(unsealed.getFirst()).as("%s", two).isEqualTo(unsealed.getLast());
                if (when == Terms.Showing.AFTER_MARKING) {
                    assertThat(copies.getFirst()).as("no digest either: %s", two).isEqualTo(copies.getLast());
                }
            }
        }
    }

    @Test
    void aVerdictThatComesFromTheInstructorIsNotInTheCopyAtAll() {
        NumberQuestion task = new NumberQuestion(terms("n").withVerdict(Terms.Showing.AFTER_MARKING), 7, new Rounding.Free(), "");
        Exercise copy = copy(Kelp.exercise(task));
        assertThat(copy.copy().orElseThrow().seals().get("n").locks()).allSatisfy(lock -> assertThat(lock.digests()).isEmpty());
        assertThat(verdict(copy, task, new Answer.Typed("7")).outcome()).isEqualTo(Outcome.WRONG);
        assertThat(verdict(Kelp.exercise(task), task, new Answer.Typed("7")).outcome()).isEqualTo(Outcome.RIGHT);
    }

    @Test
    void theNameOfACopyIsThatOfTheHandIn() {
        assertThat(HandIn.of(Desk.open(copy(Kelp.whole()))).student()).isEqualTo("Ida Fenn");
    }

    @Test
    void aChangedExerciseMarksAnEarlierEditionAsItWas() {
        Exercise first = Kelp.exercise(new NumberQuestion(terms("n"), 5, new Rounding.Free(), ""),
                Kelp.read(Quantity.N, new Rounding.Places(0))).withFirst(part -> part.withHeld(Set.of()));
        Exercise published = new ExerciseEdit.Publish(Copies.edition(first, 3)).appliedTo(first);
        HandIn handIn = HandIn.of(Desk.open(Copies.of(Variants.draw(first, 2), 1, "Ida", key -> Seal.of(key, salt())))
                .apply(new Edit.Draft("n", new Answer.Typed("5"))).apply(new Edit.Check("n"))
                .apply(new Edit.Draft("read", new Answer.Typed("5"))).apply(new Edit.Check("read")));
        Exercise changed = new ExerciseEdit.ChangeBlock(new Block.Asked(new NumberQuestion(terms("n"), 6, new Rounding.Free(),
                ""))).appliedTo(published)
                .withFirst(part -> part.withData(part.data().withoutRows(Set.of(0))));
        assertThat(ClassOfOne.of(handIn, ClassKey.of(changed)).marks()).containsExactly(4.0, 2.0);
        assertThat(ClassOfOne.of(handIn, ClassKey.of(changed.with(first.issue()))).marks())
                .as("an edition that is not known is marked as things stand now").containsExactly(0.0, 0.0);
        assertThat(Copies.edition(published, 2)).as("published again unchanged it is the same edition")
                .isEqualTo(published.issue().editions().getFirst());
        assertThat(Copies.edition(changed, 2).number()).isEqualTo(2);
    }

    @Test
    void eachIsMarkedByTheDataOfTheVariant() {
        Exercise exercise = Kelp.exercise(Kelp.read(Quantity.N, new Rounding.Places(0)))
                .withFirst(part -> part.withHeld(Set.of())
                        .with(new Varying(Varying.Way.SOME_ROWS, List.of(), 3, List.of(), List.of())));
        HandIn handIn = HandIn.of(Desk.open(Copies.of(Variants.draw(exercise, 4), 1, "", key -> Seal.of(key, salt())))
                .apply(new Edit.Draft("read", new Answer.Typed("3"))).apply(new Edit.Check("read")));
        assertThat(ClassOfOne.of(handIn, ClassKey.of(exercise)).total()).isEqualTo(2);
        HandIn ofTheWhole = new HandIn("x", exercise, Map.of(),
                Map.of("read", List.of(new Attempt(new Answer.Typed("3"), Set.of()))));
        assertThat(ClassOfOne.of(ofTheWhole, ClassKey.of(exercise)).total()).as("without a copy by the exercise itself").isZero();
    }
}
