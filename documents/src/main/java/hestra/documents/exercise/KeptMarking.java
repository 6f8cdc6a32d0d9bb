package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;

import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.marking.Decision;
import hestra.marking.Marking;

/**
 * A marking kept in a file that another window may keep too: whatever either decides is in it, and comes to the other. What is
 * taken back is taken out again, and nothing that only the other has decided. Used by any thread.
 */
public final class KeptMarking {

    private static final int TRIES = 200;
    private static final long PAUSE_MILLISECONDS = 20;

    private final Path file;
    /** What other windows have done, in the order in which it was found; a window hears of it later than that. */
    private final List<News> found = new CopyOnWriteArrayList<>();
    /** What is known to stand in the file. */
    private Set<Decision> known = Set.of();
    private long stamp;

    private KeptMarking(Path file) {
        this.file = file;
    }

    public static KeptMarking at(Path file) {
        return new KeptMarking(file);
    }

    public Path file() {
        return file;
    }

    /**
     * What another window has done since the file was looked at last.
     *
     * @param come what it has decided
     * @param gone what it has taken back out
     */
    public record News(List<Decision> come, List<Decision> gone) {

        public boolean isNone() {
            return come.isEmpty() && gone.isEmpty();
        }

        /** A marking with this done to it. */
        Marking after(Marking marking) {
            return isNone() ? marking : marking.without(gone).with(Marking.of(marking.exercise(), come));
        }
    }

    /**
     * What is kept there by now; nothing where nothing is yet.
     *
     * @throws IOException where it cannot be read just now: what stands there may be whole, and what is kept later is put
     *     together with it
     */
    public synchronized Result<Optional<MarksFile>> open() throws IOException {
        if (!FileReading.isThere(file)) {
            return Result.done(Optional.empty());
        }
        return MarksFile.of(file).then(found -> Result.done(Optional.of(seen(found))));
    }

    private MarksFile seen(MarksFile found) {
        known = new HashSet<>(found.marking().all());
        stamp = FileReading.stamp(file);
        return found;
    }

    /**
     * What other windows have done, but for the first so many times, of which a window has heard. What was found stays here until
     * it asks, so that nothing is lost between the two.
     */
    public List<News> after(int heard) {
        return List.copyOf(found.subList(heard, found.size()));
    }

    /**
     * Keeps a marking.
     *
     * @param heard of how much that other windows have done the marking knows, see {@link #after}: the rest comes into the file
     *     all the same
     * @return what another window has done since it was looked at last, which is kept too
     * @throws IOException if it cannot be written; the file is as it was then
     */
    public synchronized News keep(MarksFile mine, int heard) throws IOException {
        Marking marking = mine.marking();
        for (News earlier : after(heard)) {
            marking = earlier.after(marking);
        }
        Files.createDirectories(file.toAbsolutePath().getParent());
        try (JournalLock _ = locked()) {
            Optional<MarksFile> there = FileReading.isThere(file) ? Optional.of(read()) : Optional.empty();
            News news = there.map(this::since).orElse(new News(List.of(), List.of()));
            List<String> strange = Stream.concat(mine.strange().stream(), there.stream().flatMap(it -> it.strange().stream()))
                    .distinct().toList();
            MarksFile whole = new MarksFile(mine.title(), news.after(marking), strange);
            whole.write(file);
            seen(whole);
            return noted(news);
        }
    }

    /** What stands in the file; where it cannot be read nothing is written over it either. */
    private MarksFile read() throws IOException {
        return switch (MarksFile.read(file)) {
            case Result.Done<MarksFile>(MarksFile found) -> found;
            case Result.Refused<MarksFile>(String message) -> throw new IOException(message);
        };
    }

    /** The lock of the file, which another window holds for a moment only. */
    private JournalLock locked() throws IOException {
        for (int i = 0; i < TRIES; i++) {
            Optional<JournalLock> lock = JournalLock.of(file);
            if (lock.isPresent()) {
                return lock.get();
            }
            try {
                Thread.sleep(PAUSE_MILLISECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IOException("it was stopped");
            }
        }
        throw new IOException("another window is writing it");
    }

    /** What another window has done since it was looked at last. */
    public synchronized News news() {
        if (FileReading.stamp(file) == stamp || !(MarksFile.read(file) instanceof Result.Done<MarksFile>(MarksFile there))) {
            return new News(List.of(), List.of());
        }
        News news = since(there);
        seen(there);
        return noted(news);
    }

    private News noted(News news) {
        if (!news.isNone()) {
            found.add(news);
        }
        return news;
    }

    private News since(MarksFile there) {
        List<Decision> come = new ArrayList<>(there.marking().all());
        come.removeAll(known);
        Set<Decision> gone = new HashSet<>(known);
        gone.removeAll(new HashSet<>(there.marking().all()));
        // What another decision has replaced is not there either, and is not taken back by that.
        return new News(come, gone.stream().filter(it -> come.stream().noneMatch(other -> other.replaces(it))).toList());
    }

    /**
     * Whether a file holds nothing that a marking does not hold or has replaced, so that the one may be written over the other.
     */
    public static boolean holdsNothingBeyond(Path file, Marking marking) {
        return MarksFile.read(file) instanceof Result.Done<MarksFile>(MarksFile found)
                && found.marking().exercise().equals(marking.exercise()) && marking.with(found.marking()).equals(marking)
                && found.strange().isEmpty();
    }
}
