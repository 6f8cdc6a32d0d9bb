package hestra.sentences;

import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** One slip of the pen is read as what was meant, and no other word is. */
class MisspellingTest {

    private static final List<String> KNOWN = List.of("average", "approximat*", "swallow*", "depth", "light", "customer");

    @Test
    void aLetterLeftOutPutInChangedOrTurnedIsASlip() {
        assertThat(Misspelling.of("averge", KNOWN)).hasValue("average");
        assertThat(Misspelling.of("averrage", KNOWN)).hasValue("average");
        assertThat(Misspelling.of("avarage", KNOWN)).hasValue("average");
        assertThat(Misspelling.of("costumer", KNOWN)).as("two slips").isEmpty();
        assertThat(Misspelling.of("cusotmer", KNOWN)).hasValue("customer");
        assertThat(Misspelling.of("depht", KNOWN)).hasValue("depth");
        assertThat(Misspelling.of("aproximately", KNOWN)).hasValue("approximat");
    }

    @Test
    void anotherWordIsNone() {
        assertThat(Misspelling.of("night", KNOWN)).as("another first letter").isEmpty();
        assertThat(Misspelling.of("right", KNOWN)).isEmpty();
        assertThat(Misspelling.of("shallowest", KNOWN)).as("a changed letter before any ending").isEmpty();
        assertThat(Misspelling.of("dept", KNOWN)).as("too short to be sure").isEmpty();
        assertThat(Misspelling.of("steepe", List.of("steeper", "steepen"))).as("it could be two").isEmpty();
    }
}
