package hestra.desktop.parts;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import hestra.desktop.UnseenScreen;
import hestra.desktop.tour.FxThread;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class GraduallyTest {

    private final List<Integer> done = new ArrayList<>();

    @BeforeAll
    static void toolkit() throws IOException {
        UnseenScreen.start();
    }

    private List<Runnable> steps(int count) {
        return IntStream.range(0, count).<Runnable>mapToObj(i -> () -> done.add(i)).toList();
    }

    @Test
    void theFirstAreDoneAtOnceAndTheRestInTheirOrderByAndBy() throws IOException {
        List<Integer> atOnce = FxThread.call(() -> {
            Gradually.of(steps(5), 2);
            return List.copyOf(done);
        });
        assertThat(atOnce).containsExactly(0, 1);
        FxThread.settle();
        assertThat(done).containsExactly(0, 1, 2, 3, 4);
    }

    @Test
    void whatIsLeftCanBeHadAtOnceAndIsDoneOnce() throws IOException {
        List<Integer> finished = FxThread.call(() -> {
            Gradually.of(steps(5), 1).finish();
            return List.copyOf(done);
        });
        assertThat(finished).containsExactly(0, 1, 2, 3, 4);
        FxThread.settle();
        assertThat(done).hasSize(5);
    }

    @Test
    void whatIsStoppedIsNotDone() throws IOException {
        FxThread.call(() -> {
            Gradually.of(steps(5), 1).stop();
            return null;
        });
        FxThread.settle();
        assertThat(done).containsExactly(0);
    }
}
