package hestra.task;

import java.util.List;

import hestra.Kelp;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What the author is shown beside a task: the mistakes that it will recognise, for every kind that recognises any. */
class RecognisedKeysTest {

    private static List<Key.Recognised> of(Task task) {
        return task.key(Kelp.truth(Kelp.exercise(task))).recognised();
    }

    @Test
    void everyKindThatRecognisesMistakesShowsThem() {
        assertThat(of(Kelp.roles())).containsExactly(new Key.Recognised(Mistake.AXES_EXCHANGED, "length → days"));
        // ŷ at 4 is 1.95 + 0.515 · 4 = 4.01; with slope and intercept exchanged 0.515 + 1.95 · 4 = 8.315.
        assertThat(of(Kelp.predict(4))).contains(new Key.Recognised(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED, "8.3"));
        assertThat(of(Kelp.predict(4, 20))).filteredOn(it -> it.mistake() == Mistake.SLOPE_AND_INTERCEPT_EXCHANGED)
                .singleElement()
                .extracting(Key.Recognised::answer).isEqualTo("8.3 · 39.5");
        NumberQuestion question = new NumberQuestion(Terms.of("q", "Q", "?", 1), 4.257, new Rounding.Places(2), "m");
        assertThat(of(question)).containsExactly(new Key.Recognised(Mistake.CUT_OFF, "4.25"));
        // R² = 0.99596…: cut off to three places 0.995.
        assertThat(of(Kelp.read(Quantity.R_SQUARED, new Rounding.Places(3))))
                .contains(new Key.Recognised(Mistake.CUT_OFF, "0.995"));
    }
}
