package hestra.desktop.files;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

import hestra.desktop.UnseenScreen;
import hestra.desktop.parts.Notices;
import hestra.desktop.tour.FxThread;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class BackgroundTest {

    private final List<String> told = new CopyOnWriteArrayList<>();
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch mayEnd = new CountDownLatch(1);
    private final CountDownLatch ended = new CountDownLatch(1);
    private Background background;

    @BeforeEach
    void open() throws IOException {
        UnseenScreen.start();
        background = FxThread.call(() -> new Background(new Notices()));
    }

    @Test
    void longWorkIsUnderWayUntilItsResultHasBeenTaken() throws IOException, InterruptedException {
        follow(progress -> {
            begun.countDown();
            mayEnd.await();
            progress.tell(0.5);
            return "read";
        });
        assertThat(begun.await(3, TimeUnit.MINUTES)).isTrue();
        assertThat(busy()).as("while it is read").isTrue();
        mayEnd.countDown();
        assertThat(ended.await(3, TimeUnit.MINUTES)).isTrue();
        assertThat(told).containsExactly("read");
        assertThat(busy()).as("when it is there").isFalse();
    }

    @Test
    void longWorkThatFailsIsOver() throws IOException, InterruptedException {
        follow(_ -> {
            throw new IOException("no such file");
        });
        assertThat(ended.await(3, TimeUnit.MINUTES)).isTrue();
        assertThat(told).containsExactly("failed: no such file");
        assertThat(busy()).isFalse();
    }

    private void follow(Background.LongWork<String> work) throws IOException {
        FxThread.call(() -> {
            background.follow("Reading", work, tell(""), () -> tell("").accept("stopped"),
                    failure -> tell("failed: ").accept(failure.getMessage()));
            return null;
        });
    }

    private Consumer<String> tell(String how) {
        return text -> {
            told.add(how + text);
            ended.countDown();
        };
    }

    private boolean busy() throws IOException {
        return FxThread.call(background::isBusy);
    }
}
