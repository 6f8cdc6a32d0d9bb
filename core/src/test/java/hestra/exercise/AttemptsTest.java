package hestra.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Roles;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.feedback.Quantity;
import hestra.marking.HandIn;
import hestra.marking.Marked;
import hestra.marking.MarkingKey;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.Hint;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Which of several answers counts, and what it earns: the slope of the kelp is 0.52. */
class AttemptsTest {

    private static final ReadValue READ = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));

    /** How many histories; many more in the campaign. */
    private static final int HISTORIES = Integer.getInteger("hestra.histories", 200);

    private static Attempt typed(String text) {
        return new Attempt(new Answer.Typed(text), Set.of());
    }

    private static Attempts attempts(Task task, Attempt... made) {
        Exercise exercise = Kelp.exercise(task);
        Truths truths = new Truths(exercise.first(), exercise.mark());
        return Attempts.of(task, List.of(made), attempt -> Judged.of(exercise, task, attempt, truths.of(attempt)));
    }

    private static Task counting(Terms.Counting counting) {
        return READ.with(READ.terms().withCounting(counting));
    }

    @Test
    void theBestCountsThoughAWrongOneFollows() {
        Attempts attempts = attempts(counting(Terms.Counting.BEST), typed("0.52"), typed("1.95"));
        assertThat(attempts.inWords()).isEqualTo("0.52");
        assertThat(attempts.earned()).isEqualTo(2);
        assertThat(attempts.isSolved()).isTrue();
        assertThat(attempts.countsEarlier()).isTrue();
        assertThat(attempts.newest().orElseThrow().words()).isEqualTo("1.95");
    }

    @Test
    void theLastCountsWhereThatIsAsked() {
        Attempts attempts = attempts(counting(Terms.Counting.LAST), typed("0.52"), typed("1.95"));
        assertThat(attempts.inWords()).isEqualTo("1.95");
        assertThat(attempts.earned()).isZero();
        assertThat(attempts.isSolved()).isFalse();
    }

    @Test
    void ofThoseThatEarnTheSameTheLastCountsButARightOneGoesBeforeAWrongOne() {
        assertThat(attempts(READ, typed("7"), typed("8")).inWords()).isEqualTo("8");
        Task dear = READ.with(READ.terms().withHelps(List.of(new Hint("Divide.", 2))));
        Attempts paid = attempts(dear, typed("7"), typed("0.52").after(1), typed("9").after(1));
        assertThat(paid.earned()).as("a right answer whose hint cost all marks").isZero();
        assertThat(paid.inWords()).isEqualTo("0.52");
    }

    @Test
    void thoseBeyondTheLastTryAndOfAnotherKindCountForNothing() {
        assertThat(attempts(READ, typed("7"), typed("8"), typed("9"), typed("0.52")).isSolved()).isFalse();
        assertThat(attempts(READ, new Attempt(new Answer.RolesChosen(Optional.of(Roles.FIRST_EXPLAINS)), Set.of())))
                .isEqualTo(Attempts.NONE);
    }

    /** Random histories of answers: the sheet, the hand-in opened again and the marking say the same of each task. */
    @Test
    void sheetHandInAndMarkingTellTheSame() {
        Random random = new Random(27);
        String[] texts = {"0.52", "1.95", "0.5", "0.519", "1.92", "abc", ""};
        for (int i = 0; i < HISTORIES; i++) {
            Task task = READ.with(READ.terms().withTries(random.nextInt(4))
                    .withCounting(Terms.Counting.values()[random.nextInt(2)])
                    .withHelps(List.of(new Hint("Divide.", random.nextInt(2)))));
            Exercise exercise = Kelp.exercise(task);
            Desk desk = Desk.open(exercise);
            List<Edit> done = new ArrayList<>();
            for (int step = random.nextInt(9); step > 0; step--) {
                Edit edit = switch (random.nextInt(6)) {
                    case 0, 1 -> new Edit.Check("read");
                    case 2 -> random.nextInt(5) == 0 ? new Edit.StartAgain() : new Edit.TakeHint("read");
                    default -> new Edit.Draft("read", new Answer.Typed(texts[random.nextInt(texts.length)]));
                };
                done.add(edit);
                desk = desk.apply(edit);
            }
            TaskState sheet = Findings.of(desk).task("read");
            HandIn handIn = HandIn.of(desk);
            Attempts marked = Marked.of(handIn.script(), MarkingKey.of(exercise)).at("read");
            TaskState opened = Findings.of(handIn.on(exercise).desk()).task("read");
            assertThat(Map.of("words", marked.inWords(), "earned", marked.earned(), "tries", marked.count())).as("%s", done)
                    .isEqualTo(Map.of("words", sheet.attempts().inWords(), "earned", sheet.earned(),
                    "tries", sheet.attempts().count()))
                    .isEqualTo(Map.of("words", opened.attempts().inWords(), "earned", opened.earned(),
                    "tries", opened.attempts().count()));
        }
    }
}
