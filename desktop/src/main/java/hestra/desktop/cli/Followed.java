package hestra.desktop.cli;

import java.io.PrintWriter;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import hestra.documents.file.Progress;

/**
 * Long work of a command: every few seconds it says how far it has come, on the stream of messages, and Ctrl+C ends it at the
 * next place where nothing is half done. The program ends when this is closed: what there is to be said of it is said before.
 */
final class Followed implements Progress, AutoCloseable {

    private static final long SAYING = TimeUnit.SECONDS.toNanos(3);
    private static final int PATIENCE_SECONDS = 30;
    private static final double PERCENT = 100;

    private final String doing;
    private final PrintWriter messages;
    private final CountDownLatch ended = new CountDownLatch(1);
    private final Thread end = new Thread(this::stop, "stop");
    private long said = System.nanoTime();
    private volatile boolean stopped;

    /** Work that is followed until it is closed. */
    Followed(String doing, PrintWriter messages) {
        this.doing = doing;
        this.messages = messages;
        Runtime.getRuntime().addShutdownHook(end);
    }

    /** Has the work stop, and waits until it has. */
    void stop() {
        stopped = true;
        try {
            ended.await(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public synchronized boolean goesOn(double share) {
        if (System.nanoTime() - said > SAYING) {
            said = System.nanoTime();
            messages.println(doing + ": " + Math.round(PERCENT * share) + " %");
            messages.flush();
        }
        return !stopped;
    }

    @Override
    public void close() {
        ended.countDown();
        if (!stopped) {
            Runtime.getRuntime().removeShutdownHook(end);
        }
    }
}
