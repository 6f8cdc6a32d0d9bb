package hestra.desktop.speech;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Speaks through the service of the desktop, off the window's thread. Where no service is there nothing is said; where it goes
 * away it is looked for again with the next words.
 */
public final class Speaker implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Speaker.class);
    private static final long PATIENCE = 500;

    private final Supplier<Optional<Path>> where;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("speech").daemon().factory());
    private SpeechService service;

    /** Speaks through the service of this user. */
    public Speaker() {
        this(SpeechService::socket);
    }

    /** The same with the service that listens at a place. */
    Speaker(Supplier<Optional<Path>> where) {
        this.where = where;
    }

    /** Whether there is a service to speak through. */
    public static boolean isThere() {
        return SpeechService.socket().isPresent();
    }

    /** Says something; {@code atOnce} in the place of what is still being said. */
    public void say(String words, boolean atOnce) {
        if (!words.isBlank()) {
            thread.execute(() -> speak(words, atOnce));
        }
    }

    /** Says no more. */
    public void hush() {
        thread.execute(() -> {
            if (service != null) {
                tried(service::hush);
            }
        });
    }

    private void speak(String words, boolean atOnce) {
        if (service == null) {
            where.get().ifPresent(socket -> tried(() -> service = SpeechService.connect(socket)));
        }
        if (service != null) {
            tried(() -> {
                if (atOnce) {
                    service.hush();
                }
                service.speak(words);
            });
        }
    }

    private interface Step {
        void run() throws IOException;
    }

    private void tried(Step step) {
        try {
            step.run();
        } catch (IOException e) {
            LOG.info("The speech service cannot be reached", e);
            leave();
        }
    }

    private void leave() {
        if (service != null) {
            try {
                service.close();
            } catch (IOException e) {
                LOG.debug("The speech service is gone", e);
            }
            service = null;
        }
    }

    /** Ends what is being said, and the connection. */
    @Override
    public void close() {
        thread.execute(this::leave);
        thread.shutdown();
        try {
            thread.awaitTermination(PATIENCE, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
