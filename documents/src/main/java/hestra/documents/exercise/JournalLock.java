package hestra.documents.exercise;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

import hestra.documents.file.FileReading;

/**
 * Keeps a journal, or another file that is gone on with, to one window, of this program or of another that runs beside it. The
 * lock is on a file of its own beside the journal, which nobody ever reads: on many systems a process that closes any file loses
 * all its locks on it, so a lock on the journal itself would be gone as soon as the journal had been read.
 */
final class JournalLock implements AutoCloseable {

    /** What this process has locked: the system's locks are the process's, not the window's. */
    private static final Set<Path> HELD = new HashSet<>();

    private final Path key;
    private final FileChannel channel;

    private JournalLock(Path key, FileChannel channel) {
        this.key = key;
        this.channel = channel;
    }

    /** Locks a journal until this is closed; nothing where another window has it. Its folder has to be there. */
    static Optional<JournalLock> of(Path journal) throws IOException {
        Path file = journal.resolveSibling(FileReading.name(journal) + ".lock").toAbsolutePath().normalize();
        synchronized (HELD) {
            if (!HELD.add(file)) {
                return Optional.empty();
            }
            FileChannel channel = null;
            boolean locked = false;
            try {
                channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                locked = channel.tryLock() != null;
                return locked ? Optional.of(new JournalLock(file, channel)) : Optional.empty();
            } catch (OverlappingFileLockException e) {
                return Optional.empty();
            } finally {
                if (!locked) {
                    HELD.remove(file);
                    if (channel != null) {
                        channel.close();
                    }
                }
            }
        }
    }

    @Override
    public void close() throws IOException {
        synchronized (HELD) {
            HELD.remove(key);
            channel.close();
        }
    }
}
