package hestra.desktop.parts;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import hestra.desktop.UnseenScreen;
import hestra.desktop.tour.FxThread;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class NewestTest {

    private final List<String> told = new CopyOnWriteArrayList<>();

    @Test
    void whatComesLateDoesNotStandInThePlaceOfWhatCameAfterIt() throws IOException, InterruptedException {
        UnseenScreen.start();
        CountDownLatch slow = new CountDownLatch(1);
        CountDownLatch quick = new CountDownLatch(1);
        CountDownLatch ended = new CountDownLatch(1);
        Newest<String> newest = new Newest<>("test");
        FxThread.call(() -> {
            newest.run(() -> {
                slow.await();
                ended.countDown();
                return "earlier";
            }, told::add, failure -> told.add(failure.getMessage()));
            newest.run(() -> "later", text -> {
                told.add(text);
                quick.countDown();
            }, failure -> told.add(failure.getMessage()));
            return null;
        });
        assertThat(quick.await(3, TimeUnit.MINUTES)).isTrue();
        slow.countDown();
        assertThat(ended.await(3, TimeUnit.MINUTES)).isTrue();
        FxThread.settle();
        assertThat(told).containsExactly("later");
    }

    @Test
    void whatItThrewIsToldToo() throws IOException, InterruptedException {
        UnseenScreen.start();
        CountDownLatch failed = new CountDownLatch(1);
        FxThread.call(() -> {
            new Newest<String>("test").run(() -> {
                throw new IOException("no such folder");
            }, told::add, failure -> {
                told.add(failure.getMessage());
                failed.countDown();
            });
            return null;
        });
        assertThat(failed.await(3, TimeUnit.MINUTES)).isTrue();
        assertThat(told).containsExactly("no such folder");
    }
}
