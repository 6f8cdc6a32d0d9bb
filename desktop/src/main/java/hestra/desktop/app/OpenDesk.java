package hestra.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.documents.JournalFile;
import hestra.exercise.Exercise;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * An exercise that is open: where its file is, and its journal. Every edit is in the journal before the next frame is
 * drawn, so a crash loses nothing.
 */
public final class OpenDesk implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(OpenDesk.class);
    private static final int MOST_WINDOWS = 8;

    private final Optional<JournalFile> journal;
    private final History history;
    private final int restored;
    private Optional<Path> file;
    private boolean failed;

    private OpenDesk(Optional<Path> file, Optional<JournalFile> journal, History history, int restored) {
        this.file = file;
        this.journal = journal;
        this.history = history;
        this.restored = restored;
    }

    /**
     * Opens an exercise where it was left.
     *
     * @param folder Hestra's own folder, for the journal
     * @param exercise as it stands in its file
     * @param file its file; nothing for an exercise that has none yet
     */
    public static OpenDesk of(Path folder, Exercise exercise, Optional<Path> file) {
        for (int window = 1; window <= MOST_WINDOWS; window++) {
            try {
                JournalFile.Opened opened = JournalFile.open(journalOf(folder, exercise, window), exercise);
                return new OpenDesk(file, Optional.of(opened.journal()), opened.history(), opened.restored());
            } catch (IOException e) {
                LOG.debug("journal {} of {} cannot be had", window, exercise.id(), e);
            }
        }
        LOG.warn("No journal can be kept in {}", folder);
        return new OpenDesk(file, Optional.empty(), History.of(Desk.open(exercise)), 0);
    }

    /** The journal's file for an exercise; a second window on the same exercise has one of its own. */
    public static Path journalOf(Path folder, Exercise exercise, int window) {
        String safe = exercise.id().replaceAll("[^A-Za-z0-9_-]", "_");
        String name = safe.substring(0, Math.min(80, safe.length())) + "-" + Integer.toHexString(exercise.id().hashCode());
        return folder.resolve("journals").resolve(name + (window == 1 ? "" : "-" + window) + ".jsonl");
    }

    public History history() {
        return history;
    }

    /** How many edits of an earlier sitting were found. */
    public int restored() {
        return restored;
    }

    /** Whether edits are being kept. */
    public boolean isKept() {
        return journal.isPresent() && !failed;
    }

    public Optional<Path> file() {
        return file;
    }

    void savedAs(Path saved) {
        file = Optional.of(saved);
    }

    /** Records an edit; the first failure is told. */
    void record(Edit edit, Consumer<String> notice) {
        if (journal.isEmpty() || failed) {
            return;
        }
        try {
            journal.get().add(edit);
        } catch (IOException e) {
            failed = true;
            LOG.error("The journal cannot be written", e);
            notice.accept("Your work can no longer be kept as you go (" + e.getMessage() + "). Save or hand in before you close the window.");
        }
    }

    @Override
    public void close() {
        journal.ifPresent(it -> {
            try {
                it.close();
            } catch (IOException e) {
                LOG.warn("The journal cannot be closed", e);
            }
        });
    }
}
