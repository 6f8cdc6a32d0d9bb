package hestra.exercise;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.ExerciseEdit;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.FindSlip;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predictions;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.units.Spellings;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class ExerciseTest {

    @Test
    void studentsStartWithoutTheRowsTheyTypeAndWithTheSlipIn() {
        Exercise exercise = Kelp.exercise(Kelp.enter(2), Kelp.slip());
        assertThat(Kelp.truth(exercise).given().size()).isEqualTo(3);
        assertThat(Kelp.truth(exercise).given().cell(Kelp.SLIP_ROW, 1)).isEqualTo(new Cell.Measured("50", 50));
        assertThat(Kelp.truth(exercise).leftToType()).containsExactly(3, 4);
        assertThat(exercise.first().data().cell(Kelp.SLIP_ROW, 1)).isEqualTo(new Cell.Measured("5.0", 5));
    }

    /** What two tasks leave to the student are the same last rows, not rows of each. */
    @Test
    void ofTwoTasksThatLeaveRowsTheOneThatLeavesMoreCounts() {
        Task other = Kelp.enter(3).with(Terms.of("enter-more", "Enter more", "Type the others.", 1));
        assertThat(Kelp.truth(Kelp.exercise(Kelp.enter(2), other)).leftToType()).containsExactly(2, 3, 4);
        assertThat(Kelp.truth(Kelp.exercise(other, Kelp.enter(2))).given().size()).isEqualTo(2);
    }

    @Test
    void withoutSuchTasksTheTableIsGivenAsItIs() {
        assertThat(Kelp.truth(Kelp.exercise()).given().rows()).extracting(Row::cells)
                .isEqualTo(Kelp.table().rows().stream().map(Row::cells).toList());
        assertThat(Kelp.truth(Kelp.exercise()).given().rows()).extracting(Row::origin).containsExactly(0, 1, 2, 3, 4);
    }

    @Test
    void moreRowsAskedThanThereAreLeavesAnEmptyTable() {
        assertThat(Kelp.truth(Kelp.exercise(Kelp.enter(50))).given().size()).isZero();
    }

    @Test
    void aSlipOutsideTheDataIsNoSlip() {
        FindSlip outside = new FindSlip(Kelp.slip().terms(), 99, 1, "7");
        assertThat(Kelp.truth(Kelp.exercise(outside)).given()).isEqualTo(Kelp.truth(Kelp.exercise()).given());
    }

    @Test
    void tasksAreAddedMovedChangedAndRemovedByTheirId() {
        Exercise exercise = Kelp.exercise(Kelp.roles(), Kelp.explain());
        Exercise added = exercise.withFirst(part -> part.withBlockAt(2, new Block.Asked(Kelp.describe())));
        assertThat(added.tasks()).extracting(Task::id).containsExactly("roles", "describe", "explain");
        assertThat(added.withFirst(part -> part.withBlockAt(99, new Block.Asked(Kelp.slip()))).tasks().getLast().id())
                .isEqualTo("slip");
        assertThat(added.withFirst(part -> part.withoutBlock("roles")).indexOf("explain")).isEqualTo(1);
        Task changed = Kelp.describe().with(Kelp.describe().terms().withTitle("Other"));
        assertThat(added.withFirst(part -> part.withBlock(new Block.Asked(changed))).task("describe").orElseThrow()
                .terms().title()).isEqualTo("Other");
        assertThat(exercise.marks()).isEqualTo(7);
    }

    @Test
    void twoTasksCannotHaveTheSameId() {
        assertThatThrownBy(() -> Kelp.exercise(Kelp.roles(), Kelp.roles())).isInstanceOf(IllegalArgumentException.class);
        Exercise exercise = Kelp.exercise(Kelp.roles(), Kelp.explain());
        assertThat(exercise.task(exercise.freshId("task"))).isEmpty();
    }

    @Test
    void aTaskThatCallsForWhatNothingBeforeItOpensIsNamed() {
        Task slope = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        assertThat(Kelp.exercise(Kelp.describe(), slope).first().shut()).isEmpty();
        assertThat(Kelp.exercise(Kelp.roles()).first().shut()).as("nothing is called for: that may be meant").isEmpty();
        assertThat(Kelp.exercise(slope).first().shut()).containsExactly(new Part.Shut(slope, Aid.EQUATION, Optional.empty()));
        assertThat(Kelp.exercise(slope, Kelp.describe()).first().shut())
                .containsExactly(new Part.Shut(slope, Aid.EQUATION, Optional.of(Kelp.describe())));
        assertThat(Kelp.exercise(slope).withFirst(part -> part.withHeld(Set.of(Aid.R))).first().shut()).isEmpty();
        assertThat(Kelp.exercise(Kelp.describe()).first().opener(Aid.R))
                .hasValueSatisfying(task -> assertThat(task.id()).isEqualTo("describe"));
    }

    @Test
    void proseTakesLiveValues() {
        Part part = Kelp.exercise().first();
        assertThat(LiveText.fill("{n} values of {y} in {y.unit} by {x.name}, {other}", part, DecimalMark.POINT))
                .isEqualTo("5 values of blade length in cm by days, {other}");
        // b = 0.515, a = 1.95; r² = 20.6² / (40 · 10.652) = 0.995963, r = 0.997980.
        assertThat(LiveText.fill("{slope} {intercept} {r} {mean-x}", part, DecimalMark.COMMA))
                .as("to four digits, as readings are").isEqualTo("0,5150 1,950 0,9980 6,000");
        assertThat(LiveText.fill("{n} {r}", part, DecimalMark.POINT, it -> "<" + it + ">")).isEqualTo("<5> <0.9980>");
        assertThat(LiveText.fill("{r} of {n}", part.withData(part.data().withRows(List.of())), DecimalMark.POINT))
                .as("what is not defined stays as it is written").isEqualTo("{r} of 0");
    }

    @Test
    void liveValuesAreFoundByNameAndByMeaning() {
        Part part = Kelp.exercise().first();
        assertThat(LiveText.matching("sl", part, DecimalMark.POINT).getFirst())
                .isEqualTo(new LiveText.Value("{slope}", "slope of the line of least squares", "0.5150"));
        assertThat(LiveText.matching("median of the resp", part, DecimalMark.POINT))
                .extracting(LiveText.Value::now).containsExactly("5.000");
        assertThat(LiveText.matching("", part, DecimalMark.POINT)).extracting(LiveText.Value::name)
                .containsExactlyElementsOf(LiveText.KNOWN);
        assertThat(LiveText.unknown("{slope} {sloppy} `{code}` { not one }")).containsExactly("{sloppy}");
    }

    @Test
    void theUnitOfTheSlopeIsOneUnitOfYForOneOfX() {
        assertThat(Quantity.SLOPE.unit(Kelp.table().variable(0), Kelp.table().variable(1))).isEqualTo("cm per day");
        assertThat(Quantity.R.unit(Kelp.table().variable(0), Kelp.table().variable(1))).isEmpty();
        assertThat(Spellings.singular("gauss")).isEqualTo("gauss");
        assertThat(Spellings.singular("s")).isEqualTo("s");
    }

    @Test
    void termsAndTasksRefuseWhatMakesNoSense() {
        assertThatThrownBy(() -> Terms.of(" ", "t", "p", 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Terms.of("a", "t", "p", 101)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Terms.of("a", "t", "p", 1).withTries(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Kelp.enter(0)).isInstanceOf(IllegalArgumentException.class);
        Terms terms = Terms.of("a", "t", "p", 1);
        assertThatThrownBy(() -> new Predict(terms, List.of(), new Rounding.Free())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Predict(terms, List.of(Double.NaN), new Rounding.Free()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new FindSlip(terms, -1, 0, "")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void predictionsGrowAsTheyAreGiven() {
        Predictions given = new Predictions(List.of())
                .with(2, new Predicted("4.0", Optional.of(Trust.TRUSTED)));
        assertThat(given.given()).hasSize(3);
        assertThat(given.at(0)).isEqualTo(Predicted.NOTHING);
        assertThat(given.at(7)).isEqualTo(Predicted.NOTHING);
        assertThat(given.isBlank()).isFalse();
    }

    @Test
    void aSlipAndTheRolesFollowTheirRowsAndColumns() {
        Exercise exercise = Kelp.exercise(Kelp.slip());
        Exercise changed = exercise.withFirst(part -> part.withTableEdited(new TableEdit.InsertRows(0, 2), DecimalMark.POINT))
                .withFirst(part -> part.withTableEdited(new TableEdit.InsertColumn(0, Variable.named("rope")),
                        DecimalMark.POINT));
        FindSlip slip = (FindSlip) changed.tasks().getFirst();
        assertThat(slip.row()).isEqualTo(Kelp.SLIP_ROW + 2);
        assertThat(slip.column()).isEqualTo(2);
        assertThat(changed.first().roles()).isEqualTo(new Roles(1, 2));
        assertThat(Kelp.truth(changed).given().cell(slip.row(), slip.column()).text()).isEqualTo(Kelp.slip().shown());
    }

    @Test
    void anotherDecimalMarkRewritesNumbersAndChangesNoValue() {
        Exercise exercise = Kelp.exercise(Kelp.slip())
                .withFirst(part -> part.withTableEdited(new TableEdit.Type(0, 1, "1,234.5"), DecimalMark.POINT));
        assertThat(exercise.first().pairs().y(0)).isEqualTo(1234.5);
        Exercise comma = new ExerciseEdit.WriteMark(DecimalMark.COMMA).appliedTo(exercise);
        assertThat(comma.mark()).isEqualTo(DecimalMark.COMMA);
        assertThat(comma.first().data().cell(1, 1).text()).isEqualTo("3,9");
        assertThat(comma.first().data().cell(0, 1).text()).as("thousands are not taken for decimals").isEqualTo("1234,5");
        assertThat(comma.first().pairs().ys().toArray()).isEqualTo(exercise.first().pairs().ys().toArray());
        assertThat(new ExerciseEdit.WriteMark(DecimalMark.POINT).appliedTo(exercise)).isSameAs(exercise);
    }

    @Test
    void verdictsOfAllTasksAreSetAtOnce() {
        Exercise exercise = new ExerciseEdit.ShowVerdicts(Terms.Showing.AFTER_MARKING).appliedTo(Kelp.whole());
        assertThat(exercise.tasks()).allMatch(task -> task.terms().verdict() == Terms.Showing.AFTER_MARKING)
                .hasSameSizeAs(Kelp.whole().tasks());
    }
}
