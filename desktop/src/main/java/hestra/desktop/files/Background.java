package hestra.desktop.files;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.concurrent.Task;
import javafx.util.Duration;

import hestra.desktop.parts.Notices;
import hestra.documents.file.Progress;

/**
 * Reading and writing of files beside the window's thread: what is short one after the other in the order in which it was asked
 * for, what is long on a thread of its own. Used on the window's thread, on which its results come back.
 */
public final class Background implements AutoCloseable {

    private static final Duration SLOW = Duration.millis(400);
    private static final long LONGEST = 60;

    private final Notices notices;
    private final ExecutorService line = Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().name("files").factory());
    private int waiting;

    public Background(Notices notices) {
        this.notices = notices;
    }

    /**
     * Does some work, and then what follows from it.
     *
     * @param doing what is said while it takes longer than a moment, such as "Saving…"
     * @param work may throw whatever it likes
     * @param then takes its result, on the window's thread
     * @param failed takes what it threw, on the window's thread
     */
    public <T> void run(String doing, Callable<T> work, Consumer<T> then, Consumer<Exception> failed) {
        waiting++;
        PauseTransition slow = new PauseTransition(SLOW);
        slow.setOnFinished(_ -> notices.say(doing));
        slow.play();
        line.execute(() -> {
            Runnable next = worked(work, then, failed);
            Platform.runLater(() -> {
                waiting--;
                slow.stop();
                next.run();
            });
        });
    }

    private static <T> Runnable worked(Callable<T> work, Consumer<T> then, Consumer<Exception> failed) {
        try {
            T result = work.call();
            return () -> then.accept(result);
        } catch (Exception e) {
            return () -> failed.accept(e);
        } catch (VirtualMachineError e) {
            return () -> failed.accept(new IllegalStateException("it is too large", e));
        }
    }

    /** Long work, which tells how far it is. */
    @FunctionalInterface
    public interface LongWork<T> {
        T done(Progress progress) throws Exception;
    }

    /**
     * Does long work on a thread of its own; the foot of the window shows how far it is, with a button that stops it.
     *
     * @param doing what is said meanwhile
     * @param then takes its result, on the window's thread
     * @param stopped is run where it was stopped, on the window's thread
     * @param failed takes what it threw, on the window's thread
     */
    public <T> void follow(String doing, LongWork<T> work, Consumer<T> then, Runnable stopped, Consumer<Throwable> failed) {
        Task<T> task = new Task<>() {
            @Override
            protected T call() throws Exception {
                return work.done(share -> {
                    updateProgress(share, 1);
                    return !isCancelled();
                });
            }
        };
        waiting++;
        task.setOnSucceeded(_ -> {
            waiting--;
            then.accept(task.getValue());
        });
        task.setOnCancelled(_ -> {
            waiting--;
            stopped.run();
        });
        task.setOnFailed(_ -> {
            waiting--;
            failed.accept(task.getException());
        });
        notices.follow(doing, task);
        Thread.ofPlatform().daemon().name("long work").start(task);
    }

    /** Whether something is still to be done or to come back. */
    public boolean isBusy() {
        return waiting > 0;
    }

    /** Waits until all is written that was asked for. */
    @Override
    public void close() {
        line.shutdown();
        try {
            line.awaitTermination(LONGEST, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
