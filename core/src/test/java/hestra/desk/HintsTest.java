package hestra.desk;

import java.util.List;

import hestra.Kelp;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Hint;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Hints are asked for one after the other, cannot be unread, and are paid for in marks. */
class HintsTest {

    private static Exercise exercise() {
        Task read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        return Kelp.exercise(read.with(read.terms().withMarks(2)
                .withHelps(List.of(new Hint("Look at the equation.", 0), new Hint("It multiplies {x.name}.", 0.5),
                        new Hint("It is a half.", 3)))));
    }

    private static Desk after(Edit... edits) {
        Desk desk = Desk.open(exercise());
        for (Edit edit : edits) {
            desk = desk.apply(edit);
        }
        return desk;
    }

    private static final Edit HINT = new Edit.TakeHint("read");
    private static final Edit CHECK = new Edit.Check("read");

    private static Edit answer(String text) {
        return new Edit.Draft("read", new Answer.Typed(text));
    }

    private static double earned(Desk desk) {
        return TaskStates.of(desk).getFirst().earned();
    }

    @Test
    void whatWasAskedForIsTakenOffTheMarks() {
        assertThat(earned(after(answer("0.52"), CHECK))).isEqualTo(2);
        assertThat(earned(after(HINT, answer("0.52"), CHECK))).as("the first is free").isEqualTo(2);
        assertThat(earned(after(HINT, HINT, answer("0.52"), CHECK))).isEqualTo(1.5);
        assertThat(earned(after(HINT, HINT, HINT, answer("0.52"), CHECK))).as("never below 0").isZero();
        assertThat(earned(after(answer("0.52"), CHECK, HINT, HINT, answer("0.5"), CHECK)))
                .as("the best answer was given before").isEqualTo(2);
    }

    @Test
    void thereAreNoMoreThanThereAre() {
        Desk desk = after(HINT, HINT, HINT, HINT, HINT);
        assertThat(desk.work().helpsAt(desk.exercise().tasks().getFirst())).isEqualTo(3);
        assertThat(after(new Edit.TakeHint("none")).work().checks().hints()).isEmpty();
    }

    @Test
    void whoStartsAgainHasReadWhatWasReadBefore() {
        Desk desk = after(HINT, HINT, new Edit.StartAgain());
        assertThat(desk.work().helpsAt(desk.exercise().tasks().getFirst())).isEqualTo(2);
        assertThat(earned(after(HINT, HINT, new Edit.StartAgain(), answer("0.52"), CHECK))).as("and paid for").isEqualTo(1.5);
    }

    @Test
    void theMarkerTakesThemOffToo() {
        Desk desk = after(HINT, HINT, answer("0.52"), CHECK, new Edit.Name("Ida"));
        HandIn handIn = HandIn.of(desk);
        assertThat(ClassOfOne.of(handIn, exercise()).total()).isEqualTo(1.5);
        assertThat(handIn.desk().work().helpsAt(desk.exercise().tasks().getFirst()))
                .as("opened again, they are known").isEqualTo(2);
    }

    @Test
    void aHintCostsNothingOrMore() {
        assertThatThrownBy(() -> new Hint("Look.", -1)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Terms.of("a", "A", "A", 1).costOf(4)).isZero();
    }

    @Test
    void verdictsAreToldWhenTheAuthorSays() {
        Terms terms = Terms.of("a", "A", "A", 1);
        assertThat(terms.isTold(false)).isTrue();
        assertThat(terms.withVerdict(Terms.Showing.AFTER_LAST_TRY).isTold(false)).isFalse();
        assertThat(terms.withVerdict(Terms.Showing.AFTER_LAST_TRY).isTold(true)).isTrue();
        assertThat(terms.withVerdict(Terms.Showing.AFTER_MARKING).isTold(true)).isFalse();
    }
}
