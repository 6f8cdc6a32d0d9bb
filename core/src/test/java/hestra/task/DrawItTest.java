package hestra.task;

import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.desk.Desk;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.feedback.Verdict;
import hestra.figure.Dress;
import hestra.figure.Frame;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Drawing the kelp: days along, length upward. */
class DrawItTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());
    private static final DrawIt TASK = new DrawIt(Terms.of("draw", "Draw", "Draw it.", 6), true, true);

    private static Answer.Drawn drawn(Roles roles, String title, String xName, String xUnit, String yName, String yUnit,
            Optional<Frame> frame) {
        return new Answer.Drawn(Optional.of(roles), title, xName, xUnit, yName, yUnit, frame);
    }

    private static Verdict judged(Answer answer) {
        return TASK.judge(new Attempt(answer, Set.of()), TRUTH);
    }

    @Test
    void aPlotWithEverythingEarnsAllMarks() {
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "Days", "days", "blade length", "cm", Optional.empty())).earned())
                .isEqualTo(6);
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "days", "days", "length", "cm",
                Optional.of(new Frame(0, 12, 2, 8)))).isRight()).isTrue();
    }

    @Test
    void eachThingThatIsMissingIsSaid() {
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, " ", "days", "days", "length", "cm", Optional.empty())).message())
                .contains("no title");
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "column 1", "days", "length", "cm", Optional.empty())).message())
                .contains("axis along");
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "days", "days", "column 2", "cm", Optional.empty())).message())
                .contains("upward axis");
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "days", "days", "length", "", Optional.empty())).message())
                .contains("unit");
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "days", "days", "length", "cm",
                Optional.of(new Frame(3, 12, 2, 8)))).message()).contains("outside");
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "days", "days", "length", "cm",
                Optional.of(new Frame(0, 17, 2, 8)))).message()).as("8 of 17").contains("less than half");
        assertThat(judged(drawn(Roles.FIRST_EXPLAINS, "Kelp", "days", "days", "length", "cm",
                Optional.of(new Frame(0, 16, 2, 8)))).isRight()).as("8 of 16").isTrue();
    }

    @Test
    void exchangedAxesAreRecognisedAndTheRestCountsForWhatStandsThere() {
        Verdict verdict = judged(drawn(Roles.FIRST_EXPLAINS.swapped(), "Kelp", "length", "cm", "days", "days",
                Optional.of(new Frame(2, 8, 0, 12))));
        assertThat(verdict.mistakes()).containsExactly(Mistake.AXES_EXCHANGED);
        assertThat(verdict.earned()).isEqualTo(5);
    }

    @Test
    void namesAndUnitsAreLeftOutOfTheTableThatIsGivenOut() {
        Exercise exercise = Kelp.exercise(TASK);
        DataTable given = Kelp.truth(exercise).given();
        assertThat(given.variable(0).name()).isEqualTo("column 1");
        assertThat(given.variable(1).unit()).isEmpty();
        assertThat(Kelp.truth(exercise).data().variable(1).unit()).isEqualTo("cm");
        assertThat(Kelp.work(Desk.open(exercise)).roles()).as("the axes are for the student to choose").isEmpty();
        assertThat(new DrawIt(TASK.terms(), false, true).givenOut(Kelp.table(), DecimalMark.POINT)).isEqualTo(Kelp.table());
    }

    @Test
    void theDrawingOnTheDeskIsTheAnswer() {
        Exercise exercise = Kelp.exercise(TASK).withFirst(part -> part.withRules(part.rules()
                .showing(Optional.of(new Frame(0, 500, 0, 500)))));
        Desk desk = Desk.open(exercise).apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS))
                .apply(new PlotEdit.DressPlot(Dress.USUAL.withTitle("Kelp")));
        Answer.Drawn standing = desk.standing(TASK).as(Answer.Drawn.class);
        assertThat(standing.title()).isEqualTo("Kelp");
        assertThat(standing.frame()).as("as the author has it to begin with").contains(new Frame(0, 500, 0, 500));
        assertThat(desk.apply(new PlotEdit.ShowFrame(Optional.of(new Frame(0, 12, 2, 8)))).standing(TASK).as(Answer.Drawn.class)
                .frame()).contains(new Frame(0, 12, 2, 8));
        assertThat(TASK.unfinished(Desk.open(exercise).standing(TASK), TRUTH)).isPresent();
    }
}
