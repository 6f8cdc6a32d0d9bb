package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.exercise.Exercise;
import hestra.feedback.Evidence;
import hestra.feedback.KeptPoints;
import hestra.feedback.Mistake;
import hestra.feedback.NumberCriteria;
import hestra.feedback.NumberJudge;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class JudgingTest {

    private static final Rounding TWO = new Rounding.Places(2);

    private static Verdict judge(Task task, Answer answer) {
        return judge(Kelp.exercise(task), task, answer);
    }

    private static Verdict judge(Exercise exercise, Task task, Answer answer, Integer... setAside) {
        return task.judge(new Attempt(answer, Set.of(setAside)), Kelp.truth(exercise));
    }

    private static Verdict read(Quantity quantity, Rounding rounding, String text) {
        return judge(Kelp.read(quantity, rounding), new Answer.Typed(text));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        // The slope is 0.515 exactly: a half, which may be rounded either way.
        "0.52", "0.51", "0,52", "0.520", "+0.52", "0.52 cm per day", "5.2e-1",
    })
    void aSlopeRoundedAsAskedIsRightHoweverItIsWritten(String text) {
        Verdict verdict = read(Quantity.SLOPE, TWO, text);
        assertThat(verdict.outcome()).as(verdict.message()).isEqualTo(Outcome.RIGHT);
        assertThat(verdict.earned()).isEqualTo(2);
        assertThat(verdict.mistakes()).isEmpty();
    }

    @Test
    void theSlopeOfXOnYIsNamedAsVariablesTheWrongWayRound() {
        // Sxy / Syy = 20.6 / 10.652 = 1.9339.
        Verdict verdict = read(Quantity.SLOPE, TWO, "1.93");
        assertThat(verdict.outcome()).isEqualTo(Outcome.WRONG);
        assertThat(verdict.mistakes()).containsExactly(Mistake.AXES_EXCHANGED);
        assertThat(verdict.message()).contains("wrong way round").doesNotContain("0.5");
    }

    @Test
    void interceptForSlopeAndSlopeForInterceptAreNamed() {
        // The intercept is 1.95.
        assertThat(read(Quantity.SLOPE, TWO, "1.95").mistakes()).containsExactly(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
        assertThat(read(Quantity.INTERCEPT, TWO, "0.52").mistakes()).containsExactly(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
        assertThat(read(Quantity.SLOPE, TWO, "1.95").message()).contains("days");
    }

    @Test
    void rForRSquaredAndBackAreNamed() {
        // R² = 20.6² / (40 · 10.652) = 0.995963…, r = 0.997980….
        assertThat(read(Quantity.R_SQUARED, new Rounding.Places(4), "0.9980").mistakes())
                .containsExactly(Mistake.R_FOR_R_SQUARED);
        assertThat(read(Quantity.R, new Rounding.Places(4), "0.9960").mistakes()).containsExactly(Mistake.R_SQUARED_FOR_R);
        assertThat(read(Quantity.R_SQUARED, new Rounding.Places(4), "0.9960").isRight()).isTrue();
    }

    /** Of 0.515 a student writes 0.5 more often than anything else. */
    @Test
    void whatIsRoundedTooFarIsSaidToBeAndNothingElse() {
        Verdict slope = read(Quantity.SLOPE, new Rounding.Places(3), "0.5");
        assertThat(slope.mistakes()).containsExactly(Mistake.ROUNDED_TOO_FAR);
        assertThat(slope.message()).startsWith("The value is right, but it is rounded too far").contains("3 decimal places");
        assertThat(slope.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(read(Quantity.INTERCEPT, TWO, "2").mistakes()).as("1.95").containsExactly(Mistake.ROUNDED_TOO_FAR);
        assertThat(read(Quantity.SLOPE, TWO, "1").mistakes()).as("far from 0.515").doesNotContain(Mistake.ROUNDED_TOO_FAR);
        assertThat(read(Quantity.R_SQUARED, new Rounding.Places(3), "1").mistakes())
                .as("all of it is another statement than 0.996")
                .doesNotContain(Mistake.ROUNDED_TOO_FAR);
    }

    /** x̄ = 6, ȳ = 5.04, Sxx = 40, Sxy = 20.6, Syy = 10.652, r = 0.99798, s = 0.11972. */
    @ParameterizedTest
    @CsvSource({"SLOPE, 0.998, the correlation r", "SLOPE, 20.6, the sum of products Sxy about the means",
            "R, 0.515, the slope of the line of least squares", "MEAN_Y, 25.2, the sum of blade length Σy",
            "SLOPE_ERROR, 0.1197, the residual standard error s", "INTERCEPT, 5.04, the mean of blade length"})
    void anotherNumberOfTheScreenIsNamed(Quantity quantity, String text, String named) {
        Verdict verdict = read(quantity, new Rounding.Significant(3), text);
        assertThat(verdict.mistakes()).containsExactly(Mistake.ANOTHER_NUMBER);
        assertThat(verdict.message()).isEqualTo("This is another number of these data: " + named + ".");
        assertThat(verdict.outcome()).isEqualTo(Outcome.WRONG);
    }

    @Test
    void fewDigitsNameNoOtherNumber() {
        assertThat(read(Quantity.MEAN_Y, new Rounding.Places(1), "40").mistakes()).as("Sxx is 40, and so is much else")
                .doesNotContain(Mistake.ANOTHER_NUMBER);
    }

    @Test
    void wrongRoundingEarnsHalfAndSaysWhatWasAsked() {
        Verdict tooMany = read(Quantity.R_SQUARED, new Rounding.Places(3), "0.99596");
        assertThat(tooMany.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(tooMany.mistakes()).containsExactly(Mistake.WRONG_ROUNDING);
        assertThat(tooMany.message()).contains("3 decimal places");
        assertThat(tooMany.earned()).isEqualTo(1);
        assertThat(read(Quantity.R_SQUARED, new Rounding.Places(3), "0.995").mistakes()).as("adjusted R² is 0.9946")
                .containsExactly(Mistake.ADJUSTED_FOR_R_SQUARED, Mistake.CUT_OFF);
        assertThat(read(Quantity.INTERCEPT, TWO, "2.0").mistakes()).containsExactly(Mistake.ROUNDED_TOO_FAR);
    }

    @Test
    void aLostSignIsNamed() {
        assertThat(read(Quantity.SLOPE, TWO, "-0.52").mistakes()).containsExactly(Mistake.SIGN_LOST);
        assertThat(read(Quantity.SLOPE, TWO, "−0.52").message()).contains("blade length");
    }

    @Test
    void anUnknownWrongValueGetsTheHintAlone() {
        Verdict plain = read(Quantity.SLOPE, TWO, "17.3");
        assertThat(plain.outcome()).isEqualTo(Outcome.WRONG);
        assertThat(plain.mistakes()).isEmpty();
        Task hinted = Kelp.read(Quantity.SLOPE, TWO).with(Kelp.read(Quantity.SLOPE, TWO).terms().withHint("Look at b."));
        assertThat(judge(hinted, new Answer.Typed("17.3")).advice()).isEqualTo("Look at b.");
        assertThat(judge(hinted, new Answer.Typed("1.95")).inFull()).as("a mistake that is recognised says more than a hint")
                .doesNotContain("Look at b.");
        Task described = Kelp.describe().with(Kelp.describe().terms().withHint("Start on the left."));
        assertThat(judge(described, new Described(Optional.of(Direction.FALLING), Optional.of(Form.STRAIGHT),
                Optional.of(Strength.STRONG), Optional.of(Unusual.ONE), "")).inFull())
                .as("every kind gives the author's hint").isEqualTo("3 of 4 choices fit the plot. Start on the left.");
    }

    @Test
    void whereNoRoundingIsAskedHalfAUnitOfTheThirdDigitIsAllowed() {
        assertThat(read(Quantity.SLOPE, new Rounding.Free(), "0.5155").isRight()).isTrue();
        assertThat(read(Quantity.SLOPE, new Rounding.Free(), "0.5144").isRight()).isFalse();
        assertThat(read(Quantity.MEAN_Y, new Rounding.Free(), "5.04").isRight()).isTrue();
        assertThat(read(Quantity.MEAN_X, new Rounding.Free(), "6").isRight()).isTrue();
        assertThat(read(Quantity.N, new Rounding.Places(0), "5").isRight()).isTrue();
        assertThat(read(Quantity.RESIDUAL_STANDARD_ERROR, new Rounding.Places(3), "0.120").isRight()).isTrue();
    }

    @Test
    void aValueReadWithTheSlipStillInIsNamed() {
        // With 50 for 5.0: Sxy stays 20.6 and x̄ = 6 has weight 0, so the slope is unchanged; the intercept is 14.04 − 3.09.
        ReadValue intercept = Kelp.read(Quantity.INTERCEPT, TWO);
        Exercise exercise = Kelp.exercise(Kelp.slip(), intercept);
        Verdict verdict = judge(exercise, intercept, new Answer.Typed("10.95"));
        assertThat(verdict.mistakes()).containsExactly(Mistake.SLIP_STILL_IN);
        // The same line at 4: 10.95 + 0.515 · 4 = 13.01.
        Predict predict = Kelp.predict(4);
        Predictions spoilt = new Predictions(List.of(new Predicted("13.0", Optional.of(Trust.TRUSTED))));
        assertThat(judge(Kelp.exercise(Kelp.slip(), predict), predict, spoilt).mistakes()).containsExactly(Mistake.SLIP_STILL_IN);
        assertThat(judge(Kelp.exercise(predict), predict, spoilt).mistakes()).as("where no slip was to be found")
                .containsExactly(Mistake.DECIMAL_MOVED);
    }

    @Test
    void aRowSetAsideInsteadOfMendedGivesAnotherRightValue() {
        // Without the third pair: ȳ = 5.05, x̄ = 6, so a = 5.05 − 0.515 · 6 = 1.96.
        ReadValue intercept = Kelp.read(Quantity.INTERCEPT, TWO);
        Exercise exercise = Kelp.exercise(Kelp.slip(), intercept);
        assertThat(judge(exercise, intercept, new Answer.Typed("1.96"), Kelp.SLIP_ROW).isRight()).isTrue();
        assertThat(judge(exercise, intercept, new Answer.Typed("1.95"), Kelp.SLIP_ROW).isRight()).isTrue();
        assertThat(judge(exercise, intercept, new Answer.Typed("1.96")).isRight()).isFalse();
        // Without the first pair as well, nobody asked to set it aside.
        assertThat(judge(exercise, intercept, new Answer.Typed("1.96"), Kelp.SLIP_ROW, 0).isRight()).isFalse();
    }

    @Test
    void enteredPairsAreComparedOneByOne() {
        Task task = Kelp.enter(2);
        Verdict right = judge(task, new Answer.Entered(List.of(List.of("8", "6,0"), List.of("10.0", "7.2"))));
        assertThat(right.isRight()).isTrue();
        assertThat(right.message()).isEqualTo("The last two pairs agree with the printed table.");
        Verdict wrong = judge(task, new Answer.Entered(List.of(List.of("8", "60"), List.of("10", ""))));
        assertThat(wrong.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(wrong.earned()).isEqualTo(1);
        assertThat(wrong.message()).contains("row 4, length").contains("row 5, length (empty)").doesNotContain("7.2");
    }

    @Test
    void rolesTheWrongWayRoundAreNamed() {
        assertThat(judge(Kelp.roles(), new Answer.RolesChosen(Optional.of(Roles.FIRST_EXPLAINS))).earned()).isEqualTo(1);
        assertThat(judge(Kelp.roles(), new Answer.RolesChosen(Optional.of(new Roles(1, 0)))).mistakes())
                .containsExactly(Mistake.AXES_EXCHANGED);
        assertThat(judge(Kelp.roles(), new Answer.RolesChosen(Optional.empty())).outcome()).isEqualTo(Outcome.WRONG);
    }

    /** Without the last point Sxx is 20 and Sxy 9.8: the slope is 0.49. */
    @Test
    void aNumberThatIsRightForThePointsThatWereKeptIsNeverJustWrong() {
        Task task = Kelp.read(Quantity.SLOPE, TWO);
        Verdict full = judge(Kelp.exercise(task), task, new Answer.Typed("0.49"), 4);
        assertThat(full).extracting(Verdict::outcome, Verdict::earned, Verdict::message)
                .containsExactly(Outcome.RIGHT, 2.0, "Right for the points you kept.");
        Exercise half = Kelp.exercise(task).withFirst(part -> part.withRules(part.rules().with(KeptPoints.HALF)));
        assertThat(judge(half, task, new Answer.Typed("0.49"), 4)).extracting(Verdict::outcome, Verdict::earned)
                .containsExactly(Outcome.NEARLY, 1.0);
        assertThat(judge(half, task, new Answer.Typed("0.52"), 4).message())
                .as("the value of all points stays right").isEqualTo("Right.");
        assertThat(judge(Kelp.exercise(task), task, new Answer.Typed("0.49")).outcome())
                .as("with no point set aside").isEqualTo(Outcome.WRONG);
        assertThat(judge(Kelp.exercise(task), task, new Answer.Typed("0.50"), 4).outcome()).isEqualTo(Outcome.WRONG);
        // x̄ = 5, ȳ = 4.5: ŷ at 4 is 4.5 − 0.49 = 4.01, at 20 it is 11.85.
        Task predict = Kelp.predict(4, 20);
        Answer kept = new Predictions(List.of(new Predicted("4.0", Optional.of(Trust.TRUSTED)),
                new Predicted("11.9", Optional.of(Trust.DOUBTED))));
        assertThat(judge(Kelp.exercise(predict), predict, kept, 4).isRight()).isTrue();
    }

    @Test
    void aDescriptionIsJudgedChoiceByChoice() {
        Described all = Described.NOTHING.with(Direction.RISING).with(Form.STRAIGHT)
                .with(Strength.STRONG).with(Unusual.ONE);
        assertThat(judge(Kelp.describe(), all).isRight()).isTrue();
        Verdict three = judge(Kelp.describe(), all.with(Strength.WEAK));
        assertThat(three.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(three.earned()).isEqualTo(3);
        assertThat(three.message()).isEqualTo("3 of 4 choices fit the plot.");
        assertThat(three.advice()).contains("strength");
    }

    @Test
    void theSlipIsDealtWithByMendingOrBySettingAsideWithAReason() {
        assertThat(judge(Kelp.slip(), new Answer.Treated("5", Optional.empty(), List.of())).isRight()).isTrue();
        assertThat(judge(Kelp.slip(), new Answer.Treated("50", Optional.of("ten times too large"), List.of())).isRight())
                .isTrue();
        assertThat(judge(Kelp.slip(), new Answer.Treated("50", Optional.of("  "), List.of())).outcome()).isEqualTo(Outcome.WRONG);
        assertThat(judge(Kelp.slip(), new Answer.Treated("50", Optional.empty(), List.of())).message()).contains("still differs");
        assertThat(judge(Kelp.slip(), new Answer.Treated("4.9", Optional.empty(), List.of())).message())
                .contains("found the row");
        Verdict other = judge(Kelp.slip(), new Answer.Treated("5.0", Optional.empty(), List.of(0)));
        assertThat(other.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(other.earned()).as("half the marks").isEqualTo(1);
        assertThat(other.message()).contains("row 1");
    }

    private static Predictions predictions(String first, boolean trustFirst, String second, boolean trustSecond) {
        return new Predictions(List.of(new Predicted(first, Optional.of(trust(trustFirst))),
                new Predicted(second, Optional.of(trust(trustSecond)))));
    }

    private static Trust trust(boolean trusts) {
        return trusts ? Trust.TRUSTED : Trust.DOUBTED;
    }

    @Test
    void predictionsCountNumberByNumberAndJudgementByJudgement() {
        // At 4: 1.95 + 0.515 · 4 = 4.01; at 20: 12.25, a half.
        Task task = Kelp.predict(4, 20);
        assertThat(judge(task, predictions("4.0", true, "12.3", false)).isRight()).isTrue();
        assertThat(judge(task, predictions("4.0", true, "12.2", false)).isRight()).isTrue();
        Verdict trusting = judge(task, predictions("4.0", true, "12.3", true));
        assertThat(trusting.earned()).isEqualTo(3);
        assertThat(trusting.message()).contains("At 20").contains("outside the data");
        assertThat(judge(task, predictions("4.0", false, "12.3", false)).message()).contains("among the data");
        // x on y at 4: 6 + 1.93391… · (4 − 5.04) = 3.98873…, which rounds to 4.0 as well: no mistake can be told there.
        assertThat(judge(task, predictions("4.0", true, "99", false)).mistakes()).isEmpty();
        assertThat(judge(task, predictions("4.0", true, "34.9", false)).mistakes()).containsExactly(Mistake.AXES_EXCHANGED);
        // Slope and intercept exchanged, 0.515 + 1.95 x: 8.315 at 4 and 39.515 at 20, a half.
        assertThat(judge(task, predictions("8.3", true, "12.3", false)).mistakes())
                .containsExactly(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
        assertThat(judge(task, predictions("4.0", true, "39.5", false)).mistakes())
                .containsExactly(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
    }

    @Test
    void anUnfinishedAnswerSaysWhatIsMissing() {
        Truth truth = Kelp.truth(Kelp.exercise(Kelp.enter(1)));
        assertThat(Kelp.enter(1).unfinished(new Answer.Entered(List.of(List.of("10", ""))), truth))
                .hasValueSatisfying(it -> assertThat(it).contains("Row 5"));
        assertThat(Kelp.read(Quantity.R, TWO).unfinished(new Answer.Typed(""), truth)).isPresent();
        assertThat(Kelp.read(Quantity.R, TWO).unfinished(new Answer.Typed("abc"), truth))
                .hasValueSatisfying(it -> assertThat(it).contains("abc"));
        assertThat(Kelp.read(Quantity.R, TWO).unfinished(new Answer.Typed("0.9"), truth)).isEmpty();
        assertThat(Kelp.describe().unfinished(Described.NOTHING.with(Form.CURVED), truth)).isPresent();
        assertThat(Kelp.predict(4).unfinished(new Predictions(List.of(new Predicted("4", Optional.empty()))),
                truth)).hasValueSatisfying(
                it -> assertThat(it).contains("trust"));
        assertThat(Kelp.explain().unfinished(new Answer.Sentence(" "), truth)).isPresent();
        assertThat(Kelp.roles().unfinished(new Answer.RolesChosen(Optional.empty()), truth)).isPresent();
    }

    @Test
    void anAnswerOfAnotherKindIsABug() {
        assertThatThrownBy(() -> judge(Kelp.roles(), new Answer.Typed("x"))).isInstanceOf(IllegalArgumentException.class);
        assertThat(Kelp.explain().takes(new Answer.Sentence("x"))).isTrue();
        assertThat(Kelp.explain().takes(new Answer.Typed("x"))).isFalse();
    }

    @Test
    void onlyMistakesThatCanBeToldFromTheKeyAreListed() {
        ReadValue task = Kelp.read(Quantity.SLOPE, TWO);
        assertThat(task.key(Kelp.truth(Kelp.exercise(task))).recognised()).extracting(Key.Recognised::mistake)
                .contains(Mistake.AXES_EXCHANGED, Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
        ReadValue n = Kelp.read(Quantity.N, new Rounding.Places(0));
        assertThat(n.key(Kelp.truth(Kelp.exercise(n))).recognised()).isEmpty();
    }

    @Test
    void keysAreComputedFromTheDataAndFollowThem() {
        Task slope = Kelp.read(Quantity.SLOPE, TWO);
        Exercise exercise = Kelp.exercise(slope);
        assertThat(slope.key(Kelp.truth(exercise)).text()).isEqualTo("0.52 cm per day");
        Exercise shorter = exercise.withFirst(part -> part.withData(exercise.first().data().withoutRows(List.of(1, 2, 3, 4))));
        assertThat(slope.key(Kelp.truth(shorter)).computed()).isFalse();
        assertThat(slope.key(Kelp.truth(shorter)).text()).contains("at least two");
        assertThat(Kelp.predict(4, 20).key(Kelp.truth(exercise)).text()).isEqualTo("4.0 ✓ · 12.3 ✗");
        assertThat(Kelp.roles().key(Kelp.truth(exercise)).text()).isEqualTo("days → length");
        assertThat(Kelp.slip().key(Kelp.truth(exercise)).text()).isEqualTo("row 3: 50 → 5.0");
        assertThat(Kelp.enter(9).key(Kelp.truth(exercise)).computed()).isFalse();
        assertThat(Kelp.enter(1).key(Kelp.truth(exercise.withFirst(part -> part.withData(exercise.first().data()
                .withoutRows(List.of(0, 1, 2, 3, 4)))))).text()).contains("at least 1 row of data");
        assertThat(Kelp.explain().key(Kelp.truth(exercise)).computed()).isTrue();
    }

    /** Four points whose correlation is r: r times x and what is at right angles to it. */
    private static Description ofCorrelation(double r) {
        double rest = Math.sqrt(1 - r * r);
        return Description.proposedFor(Pairs.of(new double[] {-1, -1, 1, 1},
                new double[] {rest - r, -rest - r, rest + r, -rest + r}));
    }

    @ParameterizedTest
    @CsvSource({
        "0.29, NEITHER, NONE, WEAK", "0.31, RISING, STRAIGHT, WEAK", "0.49, RISING, STRAIGHT, WEAK",
                "0.51, RISING, STRAIGHT, MODERATE",
        "0.79, RISING, STRAIGHT, MODERATE", "0.81, RISING, STRAIGHT, STRONG", "-0.29, NEITHER, NONE, WEAK",
                "-0.31, FALLING, STRAIGHT, WEAK",
        "-0.81, FALLING, STRAIGHT, STRONG",
    })
    void directionFormAndStrengthFollowTheCorrelation(double r, Direction direction, Form form, Strength strength) {
        assertThat(ofCorrelation(r)).isEqualTo(new Description(direction, form, strength, Unusual.NONE));
    }

    @ParameterizedTest
    @CsvSource({"4.2, NONE", "4.95, ONE"})
    void aPointIsUnusualThreeResidualStandardErrorsAway(double centre, Unusual unusual) {
        // At x = ±k stands 1 for odd k and −1 for even k, so there is no slope; the point at 0 then lies 2.87 or 3.12 times s
        // away.
        double[] x = IntStream.rangeClosed(-10, 10).asDoubleStream().toArray();
        double[] y = IntStream.rangeClosed(-10, 10).mapToDouble(k -> k == 0 ? centre : k % 2 == 0 ? -1 : 1).toArray();
        assertThat(Description.proposedFor(Pairs.of(x, y)).unusual()).isEqualTo(unusual);
    }

    @Test
    void aDescriptionIsProposedFromTheData() {
        assertThat(Description.proposedFor(Kelp.exercise().first().pairs())).isEqualTo(
                new Description(Direction.RISING, Form.STRAIGHT, Strength.STRONG, Unusual.NONE));
        assertThat(Description.proposedFor(Kelp.exercise()
                .withFirst(part -> part.withData(Kelp.table().withoutRows(List.of(0, 1, 2, 3)))).first().pairs()).form())
                .isEqualTo(Form.NONE);
    }

    @Test
    void answersAreSaidInWords() {
        Truth truth = Kelp.truth(Kelp.whole());
        assertThat(Kelp.roles().inWords(new Answer.RolesChosen(Optional.of(new Roles(1, 0))), truth))
                .containsExactly("length explains, days responds");
        assertThat(Kelp.slip().inWords(new Answer.Treated("5", Optional.of("misread"), List.of()), truth))
                .containsExactly("set aside: misread");
        assertThat(Kelp.predict(4, 20).inWords(new Predictions(List.of(new Predicted("4.0",
                Optional.of(Trust.TRUSTED)))), truth))
                .containsExactly("at 4: 4.0, trusted", "at 20: –");
    }

    @Test
    void twoMistakesThatFitAreBothNamed() {
        // y = x/2 exactly: the line of x on y has the slope 2, and so has the line with the slips in.
        NumberCriteria asked = new NumberCriteria(new Sought.Value(Quantity.SLOPE), NumberCriteria.How.rounded(TWO),
                List.of(Evidence.of(Pairs.of(new double[] {0, 1, 2}, new double[] {0, 0.5, 1}))),
                Optional.empty(), KeptPoints.FULL, Optional.of(Evidence.of(Pairs.of(new double[] {0, 1, 2},
                        new double[] {0, 2, 4}))), Optional.empty(), Kelp.table().variable(0), Kelp.table().variable(1));
        NumberReading.Value two = (NumberReading.Value) NumberReading.ofAnswer("2.00", DecimalMark.POINT);
        Verdict verdict = new NumberJudge(asked).verdict(two, 4, "hint", "");
        assertThat(verdict.mistakes()).containsExactly(Mistake.AXES_EXCHANGED, Mistake.SLIP_STILL_IN);
        assertThat(verdict.message()).contains(Mistake.AXES_EXCHANGED.inWords(), Mistake.SLIP_STILL_IN.inWords());
        assertThat(verdict.earned()).isZero();
    }
}
