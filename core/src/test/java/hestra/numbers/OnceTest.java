package hestra.numbers;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class OnceTest {

    @Test
    void itIsWorkedOutOnceWhoeverAsks() {
        List<String> asked = new ArrayList<>();
        Once<String> once = new Once<>();
        for (String who : List.of("first", "second")) {
            assertThat(once.get(() -> {
                asked.add(who);
                return who;
            })).isEqualTo("first");
        }
        assertThat(asked).containsExactly("first");
    }

    @Test
    void soManyAreRememberedAndThenAllAreLetGo() {
        List<Integer> made = new ArrayList<>();
        Remembered<Integer, String> remembered = new Remembered<>(3);
        for (int key : new int[] {1, 2, 3, 1, 2, 3, 4, 4, 1}) {
            assertThat(remembered.get(key, it -> {
                made.add(it);
                return "of " + it;
            })).isEqualTo("of " + key);
        }
        assertThat(made).containsExactly(1, 2, 3, 4, 1);
    }
}
