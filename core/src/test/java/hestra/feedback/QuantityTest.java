package hestra.feedback;

import hestra.Kelp;
import hestra.data.Pairs;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What can be asked for. */
class QuantityTest {

    private static final Evidence EVIDENCE = Kelp.truth(Kelp.exercise()).evidence();

    private static double value(Quantity quantity) {
        return EVIDENCE.value(quantity).orElseThrow();
    }

    @Test
    void theLowerEndOfAnIntervalLiesBelowWhatItIsAboutAndTheUpperAbove() {
        assertThat(value(Quantity.SLOPE_LOW)).isLessThan(value(Quantity.SLOPE));
        assertThat(value(Quantity.SLOPE_HIGH)).isGreaterThan(value(Quantity.SLOPE));
        assertThat(value(Quantity.INTERCEPT_LOW)).isLessThan(value(Quantity.INTERCEPT));
        assertThat(value(Quantity.INTERCEPT_HIGH)).isGreaterThan(value(Quantity.INTERCEPT));
    }

    /** By Fisher's transformation: tanh(artanh r ∓ 1.959964 / √(n − 3)). */
    @Test
    void theIntervalOfRIsFishers() {
        Pairs pairs = Kelp.truth(Kelp.exercise()).pairs();
        double r = value(Quantity.R);
        double middle = Math.log((1 + r) / (1 - r)) / 2;
        double half = 1.959964 / Math.sqrt(pairs.n() - 3);
        assertThat(value(Quantity.R_LOW)).isEqualTo(Math.tanh(middle - half), within(1e-6));
        assertThat(value(Quantity.R_HIGH)).isEqualTo(Math.tanh(middle + half), within(1e-6));
    }
}
