package hestra.task;

import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class ChoiceTextTest {

    private static final List<String> OPTIONS = List.of("up", "up, then down", "salt and light", "light");

    @Test
    void choicesWithCommasAndWordsBetweenAreReadAsAWhole() {
        assertThat(ChoiceText.places(OPTIONS, "up, then down")).containsExactly(1);
        assertThat(ChoiceText.places(OPTIONS, "Up, then down, salt and light")).containsExactly(1, 2);
        assertThat(ChoiceText.places(OPTIONS, "light and up")).containsExactly(0, 3);
        assertThat(ChoiceText.places(OPTIONS, "light and dark")).as("something is left").isEmpty();
        assertThat(ChoiceText.places(OPTIONS, "A, B")).as("letters are read elsewhere").isEmpty();
    }
}
