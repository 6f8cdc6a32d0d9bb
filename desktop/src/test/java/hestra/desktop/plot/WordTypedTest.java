package hestra.desktop.plot;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

import static org.assertj.core.api.Assertions.assertThat;

@Execution(ExecutionMode.CONCURRENT)
class WordTypedTest {

    private static final long MILLI = 1_000_000;

    private long now;
    private final WordTyped word = new WordTyped(() -> now);

    private boolean goesOn(KeyCode code, long after, boolean alt) {
        now += after * MILLI;
        return word.isGoingOn(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, alt, false));
    }

    @Test
    void aLetterSoonAfterAnotherIsOfAWord() {
        assertThat(goesOn(KeyCode.F, 0, false)).as("the first of all").isFalse();
        assertThat(goesOn(KeyCode.T, 100, false)).isTrue();
        assertThat(goesOn(KeyCode.X, 100, false)).as("it goes on for as long as it is typed").isTrue();
        assertThat(goesOn(KeyCode.C, 400, false)).as("after a pause it is meant").isFalse();
        assertThat(goesOn(KeyCode.C, 40, false)).as("the same key once more is meant").isFalse();
        assertThat(goesOn(KeyCode.LEFT, 10, false)).as("arrows are no letters").isFalse();
        assertThat(goesOn(KeyCode.F, 10, true)).as("with Alt it is no word").isFalse();
    }
}
