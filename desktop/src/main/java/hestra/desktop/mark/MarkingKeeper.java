package hestra.desktop.mark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;

import hestra.desktop.parts.Notices;
import hestra.documents.exercise.KeptMarking;
import hestra.documents.exercise.MarksFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.FileReading;
import hestra.numbers.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Keeps a marking as it grows, a moment after each decision: in Hestra's own folder, with a copy beside the hand-ins for sharing.
 * It waits for nothing but the disk, neither for the window nor for the hand-ins that are read. Used on the window's thread.
 */
final class MarkingKeeper implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(MarkingKeeper.class);
    private static final long CALM_MILLISECONDS = 250;
    private static final long RETRY_MILLISECONDS = 5_000;
    private static final long PATIENCE_SECONDS = 20;

    /** A marking that is to be kept, whose it is, and of how much that other windows have done it knows. */
    private record Unwritten(MarksFile file, String by, int heard) {}

    private final KeptMarking place;
    private final Path folder;
    private final Notices notices;
    private final Runnable kept;
    private final ScheduledThreadPoolExecutor line = new ScheduledThreadPoolExecutor(1, Thread.ofPlatform()
            .daemon().name("marking").factory());
    private final AtomicReference<Unwritten> unwritten = new AtomicReference<>();
    private volatile Optional<Path> beside = Optional.empty();
    private int busy;
    private boolean failing;

    /** {@code kept} is run on the window's thread each time it has been kept: another window may have done something by then. */
    MarkingKeeper(KeptMarking place, Path folder, Notices notices, Runnable kept) {
        this.place = place;
        this.folder = folder;
        this.notices = notices;
        this.kept = kept;
        // Closing does not wait for what is due later: it writes at once.
        line.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
    }

    /** Has a marking kept. Decisions that follow do not put it off: none waits longer than a moment. */
    void keep(MarksFile file, String by, int heard) {
        if (unwritten.getAndSet(new Unwritten(file, by, heard)) == null && !line.isShutdown()) {
            busy++;
            line.schedule(() -> {
                write();
                Platform.runLater(() -> busy--);
            }, CALM_MILLISECONDS, TimeUnit.MILLISECONDS);
        }
    }

    /** Whether something is about to be written; what is tried again later is not. */
    boolean isBusy() {
        return busy > 0;
    }

    /** Whether a file is the copy that is written beside the hand-ins here. */
    boolean isOwn(Path file) {
        return beside.filter(file::equals).isPresent();
    }

    private void write() {
        Unwritten now = unwritten.getAndSet(null);
        if (now == null) {
            return;
        }
        try {
            place.keep(now.file, now.heard);
            Platform.runLater(() -> {
                failing = false;
                kept.run();
            });
        } catch (IOException e) {
            LOG.error("{} cannot be written", place.file(), e);
            // Where more has been decided meanwhile, that is due by itself.
            if (unwritten.compareAndSet(null, now) && !line.isShutdown()) {
                line.schedule(this::write, RETRY_MILLISECONDS, TimeUnit.MILLISECONDS);
            }
            Platform.runLater(() -> failing(e));
        }
        try {
            if (Files.isDirectory(folder)) {
                now.file.write(besideFor(now));
            }
        } catch (IOException e) {
            // It is for sharing alone; what is kept is kept elsewhere.
            LOG.info("The marking cannot be written beside the hand-ins", e);
        }
    }

    /** Says once that the marking cannot be kept; it is tried again until it can. */
    private void failing(IOException why) {
        if (!failing) {
            notices.say("Your marking could not be kept in " + place.file() + ": " + Words.ended(why.getMessage())
                    + " Make room there, or save it elsewhere from the menu. It is tried again every few seconds.");
        }
        failing = true;
    }

    /** The copy for sharing, by the marker's name: beside one of that name that holds anything else. */
    private Path besideFor(Unwritten now) throws IOException {
        String name = Publication.safe(now.file.title(), "Marking") + ", " + Publication.safe(now.by, "marker");
        if (beside.isEmpty() || !FileReading.name(beside.get()).startsWith(name)) {
            Path free = folder.resolve(name + MarksFile.ENDING);
            for (int i = 2; FileReading.isThere(free) && !KeptMarking.holdsNothingBeyond(free, now.file.marking()); i++) {
                free = folder.resolve(name + " (" + i + ")" + MarksFile.ENDING);
            }
            beside = Optional.of(free);
        }
        return beside.get();
    }

    /** Writes what has not been written, and waits for it. */
    @Override
    public void close() {
        line.execute(this::write);
        line.shutdown();
        try {
            if (!line.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                LOG.warn("{} is still being written", place.file());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
