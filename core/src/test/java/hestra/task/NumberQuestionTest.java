package hestra.task;

import java.util.List;
import java.util.Set;

import hestra.Kelp;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A question of the author's: how tall is the pier, 4.256 m, to two places. */
class NumberQuestionTest {

    private static final NumberQuestion PIER = new NumberQuestion(Terms.of("pier", "The pier", "How tall?", 2)
            .withHint("Look at the sketch."), 4.256, new Rounding.Places(2), "m");

    private static Verdict judged(String text) {
        return PIER.judge(new Attempt(new Answer.Typed(text), Set.of()), Kelp.truth(Kelp.exercise(PIER)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"4.26", "4,26", " 4.26 m", "4.260"})
    void theNumberRoundedAsAskedIsRight(String text) {
        assertThat(judged(text).earned()).isEqualTo(2);
    }

    @Test
    void mistakesOfWritingAreNamedAndOthersGetTheHint() {
        assertThat(judged("4.25")).extracting(Verdict::outcome, Verdict::mistakes)
                .containsExactly(Outcome.NEARLY, List.of(Mistake.CUT_OFF));
        assertThat(judged("4.3").mistakes()).containsExactly(Mistake.ROUNDED_TOO_FAR);
        assertThat(judged("9.9")).extracting(Verdict::outcome, Verdict::inFull)
                .containsExactly(Outcome.WRONG, "This is not the number that is asked for. Look at the sketch.");
    }

    @Test
    void whatIsNoNumberCostsNoTry() {
        assertThat(PIER.unfinished(new Answer.Typed("tall"), Kelp.truth(Kelp.exercise(PIER)))).isPresent();
        assertThat(PIER.unfinished(new Answer.Typed("4.3 m"), Kelp.truth(Kelp.exercise(PIER)))).isEmpty();
    }

    /** What is said of an answer that is no number has an example, which must not be right. */
    @Test
    void theExampleIsNeverRight() {
        for (Rounding rounding : List.of(new Rounding.Places(0), new Rounding.Places(1), new Rounding.Significant(1),
                new Rounding.Significant(4), new Rounding.Free())) {
            for (int i = -400; i <= 400; i++) {
                NumberQuestion asked = new NumberQuestion(Terms.of("n", "N", "How many?", 1), i / 50.0, rounding, "");
                Truth truth = Kelp.truth(Kelp.exercise(asked));
                String said = asked.unfinished(new Answer.Typed("tall"), truth).orElseThrow();
                String example = said.replaceAll(".*such as |\\.$", "");
                Verdict verdict = asked.judge(new Attempt(new Answer.Typed(example), Set.of()), truth);
                assertThat(verdict.isRight()).as("%s for %s, %s", example, i / 50.0, rounding).isFalse();
            }
        }
    }

    @Test
    void itsKeyIsWhatTheAuthorGave() {
        assertThat(PIER.key(Kelp.truth(Kelp.exercise(PIER))).text()).isEqualTo("4.26 m");
        assertThatThrownBy(() -> new NumberQuestion(PIER.terms(), Double.NaN, PIER.rounding(), ""))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
