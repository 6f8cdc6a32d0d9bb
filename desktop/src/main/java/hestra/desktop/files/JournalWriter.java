package hestra.desktop.files;

import java.io.IOException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

import hestra.desk.Step;
import hestra.documents.exercise.JournalFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Writes edits to a journal in the order in which they are made, beside the window's thread, which does not wait for it. */
public final class JournalWriter implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(JournalWriter.class);
    private static final int PATIENCE_SECONDS = 30;

    private final JournalFile journal;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().name("journal").factory());
    private volatile boolean failed;

    public JournalWriter(JournalFile journal) {
        this.journal = journal;
    }

    public boolean hasFailed() {
        return failed;
    }

    /**
     * Has an edit written. The first failure is told, on the thread that writes; after it nothing more is written. What comes
     * once the desk was put away, such as a long text that was read meanwhile, is let go.
     */
    public void add(Step step, Consumer<IOException> onFailure) {
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> {
            if (failed) {
                return;
            }
            try {
                journal.add(step);
            } catch (IOException e) {
                failed = true;
                LOG.error("The journal cannot be written", e);
                onFailure.accept(e);
            }
        });
    }

    /** Waits until all is written, and closes the journal. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                LOG.error("The journal takes too long to be written");
            }
            journal.close();
        } catch (IOException e) {
            LOG.warn("The journal cannot be closed", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
