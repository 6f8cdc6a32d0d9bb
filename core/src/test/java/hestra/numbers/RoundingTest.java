package hestra.numbers;

import java.math.BigDecimal;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class RoundingTest {

    @Test
    void placesAndSignificantDigits() {
        assertThat(new Rounding.Places(2).apply(0.832315)).isEqualTo(new BigDecimal("0.83"));
        assertThat(new Rounding.Places(0).apply(2.5)).isEqualTo(new BigDecimal("3"));
        assertThat(new Rounding.Significant(3).apply(48.877)).isEqualTo(new BigDecimal("48.9"));
        assertThat(new Rounding.Significant(3).apply(0.5)).isEqualTo(new BigDecimal("0.500"));
        assertThat(new Rounding.Significant(2).apply(0)).isEqualByComparingTo(BigDecimal.ZERO);
        assertThat(new Rounding.Free().apply(0.83231)).isEqualTo(new BigDecimal("0.832"));
    }

    @Test
    void saysItselfInWords() {
        assertThat(new Rounding.Places(0).inWords()).isEqualTo("to a whole number");
        assertThat(new Rounding.Places(1).inWords()).isEqualTo("to 1 decimal place");
        assertThat(new Rounding.Significant(3).inWords()).isEqualTo("to 3 significant digits");
        assertThat(new Rounding.Significant(1).inWords()).isEqualTo("to 1 significant digit");
        assertThat(new Rounding.Free().inWords()).isEmpty();
    }

    @Test
    void refusesWhatCannotBeAsked() {
        assertThatThrownBy(() -> new Rounding.Places(13)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rounding.Significant(0)).isInstanceOf(IllegalArgumentException.class);
    }
}
