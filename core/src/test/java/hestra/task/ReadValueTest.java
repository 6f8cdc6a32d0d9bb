package hestra.task;

import hestra.Kelp;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class ReadValueTest {

    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());

    private static ReadValue slope() {
        return (ReadValue) Kinds.ALL.stream().filter(kind -> kind.code().equals("read-value")).findFirst()
                .orElseThrow().create("read", TRUTH);
    }

    @Test
    void anotherValueBringsItsOwnTitlePromptAndRounding() {
        ReadValue share = slope().asking(Quantity.R_SQUARED, TRUTH);
        assertThat(share.terms().title()).isEqualTo(Quantity.R_SQUARED.title());
        assertThat(share.terms().prompt()).contains("share").doesNotContain("change for one more");
        // R² is 1 − 0.043/10.652 = 0.99596…: to two places that would be 1.00.
        assertThat(share.key(TRUTH).text()).isEqualTo("0.996");
        assertThat(share.asking(Quantity.SLOPE, TRUTH)).isEqualTo(slope());
        assertThat(slope().asking(Quantity.N, TRUTH).key(TRUTH).text()).isEqualTo("5");
    }

    @Test
    void whatTheAuthorWroteStays() {
        ReadValue own = new ReadValue(slope().terms().withTitle("How fast?").withPrompt("Read it."), Quantity.SLOPE,
                new Rounding.Places(1));
        assertThat(own.asking(Quantity.R, TRUTH)).isEqualTo(new ReadValue(own.terms(), Quantity.R, new Rounding.Places(1)));
    }

    @Test
    void rSquaredNearOneGetsPlacesEnough() {
        assertThat(Quantity.R_SQUARED.usualRounding(java.util.OptionalDouble.of(0.99987))).isEqualTo(new Rounding.Places(4));
        assertThat(Quantity.R_SQUARED.usualRounding(java.util.OptionalDouble.of(0.4))).isEqualTo(new Rounding.Places(3));
        assertThat(Quantity.R.usualRounding(java.util.OptionalDouble.of(-1))).as("a perfect line is 1 however it is rounded")
                .isEqualTo(new Rounding.Places(3));
    }
}
