package hestra.numbers;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class CountedTest {

    @Test
    void onlyOneIsSingular() {
        assertThat(Counted.of(1, "row")).isEqualTo("1 row");
        assertThat(Counted.of(0, "row")).isEqualTo("0 rows");
        assertThat(Counted.of(2, "row")).isEqualTo("2 rows");
        assertThat(Counted.of(11, "row")).isEqualTo("11 rows");
        assertThat(Counted.of(1, "try left", "tries left")).isEqualTo("1 try left");
        assertThat(Counted.of(3, "try left", "tries left")).isEqualTo("3 tries left");
    }
}
