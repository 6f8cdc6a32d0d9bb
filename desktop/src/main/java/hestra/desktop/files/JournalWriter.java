package hestra.desktop.files;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

import hestra.desk.Step;
import hestra.documents.exercise.JournalFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes edits to a journal in the order in which they are made, beside the window's thread, which does not wait for it. What
 * cannot be written is held and tried again, with growing pauses, until it can: a disk that is full for a moment costs nothing.
 * The first edit of a run, as of a text that is typed, is written at once, and what goes on with it as what it came to, less than
 * a second later.
 */
public final class JournalWriter implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(JournalWriter.class);
    private static final int PATIENCE_SECONDS = 30;
    private static final long FIRST_PAUSE = 500;
    private static final long LONGEST_PAUSE = 20_000;
    private static final long CALM = 800;

    private final JournalFile journal;
    private final ScheduledThreadPoolExecutor thread = new ScheduledThreadPoolExecutor(1, Thread.ofPlatform()
            .daemon().name("journal").factory());
    private final Deque<Step> held = new ArrayDeque<>();
    /** What goes on with the edit before it, and is still gone on with. */
    private Optional<Step> run = Optional.empty();
    private Optional<Step> last = Optional.empty();
    private Consumer<Optional<IOException>> watcher = _ -> { };
    private long pause = FIRST_PAUSE;
    private volatile boolean failing;

    public JournalWriter(JournalFile journal) {
        this.journal = journal;
        // Closing does not wait for the next try: it makes one.
        thread.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
    }

    /** Whether edits are held that could not be written yet. */
    public boolean isFailing() {
        return failing;
    }

    /**
     * Has it told, on the thread that writes, that nothing can be written and why, and that all has been written again. To be
     * said before the first edit.
     */
    public void watchBy(Consumer<Optional<IOException>> watching) {
        watcher = watching;
    }

    /** Has an edit written. What comes once the desk was put away, such as a long text that was read meanwhile, is let go. */
    public void add(Step step) {
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> take(step));
    }

    private void take(Step step) {
        Optional<Step> longer = run.flatMap(it -> it.joined(step));
        if (longer.isPresent()) {
            run = longer;
        } else {
            endRun();
            if (last.flatMap(it -> it.joined(step)).isPresent()) {
                run = Optional.of(step);
                if (!thread.isShutdown()) {
                    thread.schedule(this::endRun, CALM, TimeUnit.MILLISECONDS);
                }
            } else {
                held.add(step);
            }
        }
        last = Optional.of(step);
        if (!failing) {
            write();
        }
    }

    /** Has what is typed from here on kept apart from what was typed before, as it stands in a file that was saved. */
    public void settle() {
        if (!thread.isShutdown()) {
            thread.execute(() -> {
                endRun();
                last = Optional.empty();
            });
        }
    }

    private void endRun() {
        run.ifPresent(held::add);
        run = Optional.empty();
        if (!failing) {
            write();
        }
    }

    private void write() {
        try {
            while (!held.isEmpty()) {
                journal.add(held.peek());
                held.remove();
            }
            if (failing) {
                failing = false;
                pause = FIRST_PAUSE;
                watcher.accept(Optional.empty());
            }
        } catch (IOException e) {
            if (!failing) {
                failing = true;
                LOG.error("The journal cannot be written", e);
                watcher.accept(Optional.of(e));
            }
            if (!thread.isShutdown()) {
                thread.schedule(this::write, pause, TimeUnit.MILLISECONDS);
                pause = Math.min(LONGEST_PAUSE, 2 * pause);
            }
        }
    }

    /** Waits until all is written, tries once more what could not be, and closes the journal. */
    @Override
    public void close() {
        thread.execute(() -> {
            run.ifPresent(held::add);
            run = Optional.empty();
            write();
        });
        thread.shutdown();
        try {
            if (!thread.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                LOG.error("The journal takes too long to be written");
            }
            if (!held.isEmpty()) {
                LOG.error("{} edits could not be kept", held.size());
            }
            journal.close();
        } catch (IOException e) {
            LOG.warn("The journal cannot be closed", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
