package hestra.marking;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Attempt;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class HandInMarksTest {

    private static final Exercise EXERCISE = Kelp.exercise(Kelp.roles(), Kelp.read(Quantity.SLOPE, new Rounding.Places(2)));

    private static HandIn with(Map<String, List<Attempt>> attempts) {
        return new HandIn("Ida Fenn", EXERCISE, Map.of("part-1", Kelp.table()), attempts);
    }

    private static Attempt typed(String text) {
        return new Attempt(new Answer.Typed(text), Set.of());
    }

    @Test
    void theHandInOfADeskHoldsWhatWasDone() {
        Desk desk = Desk.open(EXERCISE).apply(new Edit.Name("  Ida Fenn "))
                .apply(new Edit.Draft("read", new Answer.Typed("0.52"))).apply(new Edit.Check("read"));
        HandIn handIn = HandIn.of(desk);
        assertThat(handIn.student()).isEqualTo("Ida Fenn");
        ClassOfOne marks = ClassOfOne.of(handIn, EXERCISE);
        assertThat(marks.marks()).containsExactly(0.0, 2.0);
        assertThat(marks.total()).isEqualTo(2);
        assertThat(marks.work().exercise().marks()).isEqualTo(3);
    }

    @Test
    void theInstructorsExerciseDecidesNotTheHandIns() {
        Exercise other = EXERCISE.withFirst(part -> part.withData(Kelp.table().withoutRows(List.of(0))));
        HandIn handIn = with(Map.of("read", List.of(typed("0.52"))));
        assertThat(ClassOfOne.of(handIn, EXERCISE).total()).isEqualTo(2);
        assertThat(ClassOfOne.of(handIn, other).total()).isZero();
    }

    @Test
    void attemptsBeyondTheTriesAllowedDoNotCount() {
        HandIn handIn = with(Map.of("read", List.of(typed("1"), typed("2"), typed("3"), typed("0.52"))));
        assertThat(ClassOfOne.of(handIn, EXERCISE).total()).isZero();
    }

    @Test
    void unknownTasksAndAnswersOfAnotherKindEarnNothing() {
        HandIn handIn = with(Map.of("nowhere", List.of(typed("0.52")), "roles", Collections.nCopies(2, typed("0.52"))));
        assertThat(ClassOfOne.of(handIn, EXERCISE).total()).isZero();
    }
}
