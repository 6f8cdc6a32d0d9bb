package hestra.desktop.tour;

import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Runs things on the JavaFX thread from another one, and waits for what comes of them. */
public final class FxThread {

    private static final int FRAMES = 4;

    private static boolean started;

    private FxThread() {}

    /** Starts JavaFX, where it has not been started so far. */
    public static synchronized void start() throws IOException {
        if (started) {
            return;
        }
        CompletableFuture<Void> running = new CompletableFuture<>();
        Platform.setImplicitExit(false);
        Platform.startup(() -> running.complete(null));
        await(running);
        started = true;
    }

    /** Ends JavaFX for good. */
    public static void stop() {
        Platform.exit();
    }

    /** Runs something there and returns its result. */
    public static <T> T call(Callable<T> action) throws IOException {
        CompletableFuture<T> result = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                result.complete(action.call());
            } catch (Exception | Error e) {
                // An error too is the caller's to hear of: without it the caller would wait for good.
                result.completeExceptionally(e);
            }
        });
        return await(result);
    }

    /** Waits until a few frames have been drawn, so that everything stands where it will stand. */
    public static void settle() throws IOException {
        CompletableFuture<Void> settled = new CompletableFuture<>();
        Platform.runLater(() -> new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames > FRAMES) {
                    stop();
                    settled.complete(null);
                }
            }
        }.start());
        await(settled);
    }

    private static <T> T await(CompletableFuture<T> future) throws IOException {
        try {
            return future.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException bug) {
                throw bug;
            }
            if (e.getCause() instanceof Error error) {
                throw error;
            }
            throw e.getCause() instanceof IOException io ? io : new IOException(e.getCause());
        }
    }
}
