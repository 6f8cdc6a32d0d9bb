package hestra.documents.exercise;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import com.fasterxml.jackson.annotation.JsonInclude;
import hestra.data.Row;
import hestra.desk.Desk;
import hestra.desk.History;
import hestra.desk.Session;
import hestra.desk.Step;
import hestra.desk.Steps;
import hestra.desk.Work;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The journal of a desk: the exercise it began with on the first line, then an edit a line, each written as it is made.
 * After a crash the desk is what the journal says. Nothing is ever thrown away: a journal with a bad line in it gives the desk as
 * the lines before that line leave it, and is kept as it was in a copy; one that belongs to another version of the exercise is
 * kept under another name, from which it can be opened again.
 *
 * <p>Not for use by several threads at once. While it is open, no other window can open it.
 */
public final class JournalFile implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(JournalFile.class);

    /** The ending of a journal's name. */
    public static final String ENDING = ".jsonl";

    /** The newest; of version 2 there are no lines that say what changed. */
    static final int VERSION = 3;
    static final Set<Integer> READABLE = Set.of(2, VERSION);

    /** The first line; with what had been done already in a study that was opened from its file. */
    record Header(int journal, ExerciseFile.Document exercise, List<List<Row>> rows,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<StudyDocument> study) {

        /** The desk that the journal begins with. */
        Desk desk() {
            Exercise begun = exercise.with(rows);
            return study.map(it -> it.on(begun)).orElseGet(() -> Desk.open(begun));
        }
    }

    private final JournalLock lock;
    private final Path file;
    private final EditLines lines = new EditLines();
    private FileChannel channel;
    private JournalSummary about;
    private boolean added;
    /** Tells the file from another of its name; nothing where the platform does not tell. */
    private Optional<Object> key;

    private JournalFile(JournalLock lock, Path file, JournalSummary about, String place) throws IOException {
        this.lock = lock;
        this.about = about;
        this.lines.goOnFrom(place);
        this.file = file;
        this.channel = opened(file);
        this.key = key(file);
    }

    private static FileChannel opened(Path file) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE);
        channel.position(channel.size());
        return channel;
    }

    private static Optional<Object> key(Path file) throws IOException {
        return Optional.ofNullable(Files.readAttributes(file, BasicFileAttributes.class).fileKey());
    }

    /**
     * A journal that is ready to go on, with the desk as it was left.
     *
     * @param journal takes the edits from here on
     * @param history the desk, and what can be undone
     * @param steps the edits that were made again, with their times
     * @param restored how many edits were found and made again; 0 for a new journal
     * @param trouble what is to be told about it, as sentences: that it was damaged, or that it is of another version of the
     *     exercise; nothing where all went well
     */
    public record Opened(JournalFile journal, History history, Steps steps, int restored, Optional<String> trouble) {}

    /** Another window works on the journal. */
    public static final class InUse extends IOException {
        private static final long serialVersionUID = 1;

        InUse(Path file) {
            super("another window works on " + FileReading.name(file));
        }
    }

    /**
     * Opens the journal of what stands in a file and replays it, or begins one. A journal in which that never stood as it does
     * now, since it is another version of it, is kept under another name and a new one is begun.
     *
     * @param begun an exercise as it is found at first, or a study as it was saved
     *
     * @throws InUse if another window holds it
     * @throws IOException if the file cannot be read or written
     */
    public static Opened open(Path file, Desk begun) throws IOException {
        return locked(file, lock -> {
            if (!FileReading.isThere(file) || Files.size(file) == 0) {
                return begin(lock, file, begun, Optional.empty());
            }
            Optional<JournalReplay> replay = JournalReplay.of(file, Optional.of(begun));
            if (replay.isEmpty()) {
                Path kept = aside(file, "damaged");
                return begin(lock, file, begun, Optional.of("The journal of your earlier work cannot be read. It is kept as "
                        + kept + "."));
            }
            if (!replay.get().met()) {
                aside(file, "earlier");
                return begin(lock, file, begun, Optional.of("This " + (begun.exercise().isStudy() ? "file" : "exercise")
                        + " has changed since you worked on it, so it begins anew. Your earlier work is kept: “Recent work…” "
                        + "in the menu opens it."));
            }
            return goOn(lock, file, replay.get());
        });
    }

    /**
     * Opens a journal by itself, with the exercise that it began with.
     *
     * @throws InUse if another window holds it
     * @throws IOException if it is no journal, or cannot be read or written
     */
    public static Opened resume(Path file) throws IOException {
        return locked(file, lock -> goOn(lock, file, JournalReplay.of(file, Optional.empty())
                .orElseThrow(() -> new IOException(file + " is not a journal of Hestra’s, or it is damaged"))));
    }

    /** What is done with a journal once it is locked. */
    @FunctionalInterface
    private interface Locked {
        Opened with(JournalLock lock) throws IOException;
    }

    private static Opened locked(Path file, Locked work) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        JournalLock lock = JournalLock.of(file).orElseThrow(() -> new InUse(file));
        boolean opened = false;
        try {
            Opened done = work.with(lock);
            opened = true;
            return done;
        } finally {
            if (!opened) {
                lock.close();
            }
        }
    }

    private static Opened begin(JournalLock lock, Path file, Desk begun, Optional<String> trouble) throws IOException {
        // Worked out first: what cannot be shown is not begun.
        History history = Session.of(History.of(begun)).history();
        Exercise exercise = begun.exercise();
        FileWriting.write(file, Json.line(new Header(VERSION, ExerciseFile.Document.of(exercise), exercise.parts().stream()
                .map(part -> part.data().rows()).toList(),
                StudyDocument.of(begun).filter(_ -> !begun.work().equals(Work.begin(exercise))))) + "\n");
        return new Opened(new JournalFile(lock, file, JournalSummary.begun(exercise), ""), history, new Steps(), 0, trouble);
    }

    private static Opened goOn(JournalLock lock, Path file, JournalReplay replay) throws IOException {
        Optional<String> trouble = Optional.empty();
        if (!replay.whole()) {
            Path kept = file.resolveSibling(FileReading.name(file) + "." + free(file, "damaged"));
            Files.copy(file, kept);
            trouble = Optional.of("The end of your journal is damaged. Your work is here up to that place ("
                    + steps(replay.about().edits()) + "); the whole journal is kept as " + kept + ".");
        }
        JournalFile journal = new JournalFile(lock, file, replay.about(), replay.place());
        if (!replay.whole()) {
            journal.channel.truncate(replay.length());
            journal.channel.position(replay.length());
        }
        return new Opened(journal, replay.session().history(), replay.steps(), replay.about().edits(), trouble);
    }

    private static String steps(int count) {
        return Counted.of(count, "step");
    }

    /** Moves a journal to another name: one that ends like a journal's where it can be opened again. */
    private static Path aside(Path file, String why) throws IOException {
        String name = FileReading.name(file);
        Path kept = file.resolveSibling("earlier".equals(why)
                ? name.replaceFirst("\\.jsonl$", "") + "." + free(file, why) + ENDING : name + "." + free(file, why));
        return Files.move(file, kept, StandardCopyOption.ATOMIC_MOVE);
    }

    /** "damaged-2", where there is a damaged copy already. */
    private static String free(Path file, String why) throws IOException {
        String name = FileReading.name(file);
        int number = 1;
        while (FileReading.isThere(file.resolveSibling(name + "." + why + "-" + number))
                || FileReading.isThere(file.resolveSibling(name.replaceFirst("\\.jsonl$", "") + "." + why + "-" + number
                + ENDING))) {
            number++;
        }
        return why + "-" + number;
    }

    /**
     * Writes an edit; when this returns, the edit outlives the program. Where it cannot be written, nothing of it is.
     *
     * @throws IOException where the disk is full, or the file's place is gone
     */
    public void add(Step step) throws IOException {
        String place = lines.place();
        try {
            append(lines.next(step));
            about = about.after(step.edit());
            added = true;
        } catch (IOException e) {
            lines.goOnFrom(place);
            throw e;
        }
    }

    private void append(String line) throws IOException {
        stand();
        long end = channel.position();
        ByteBuffer bytes = ByteBuffer.wrap((line + "\n").getBytes(StandardCharsets.UTF_8));
        try {
            while (bytes.hasRemaining()) {
                channel.write(bytes);
            }
        } catch (IOException e) {
            channel.truncate(end);
            channel.position(end);
            throw e;
        }
    }

    /**
     * Sees that the file still stands in its place: one that was removed, with its folder or without, takes whatever is written
     * and is gone with the program. It is written there again.
     */
    private void stand() throws IOException {
        boolean there = FileReading.isThere(file);
        if (there && key(file).equals(key)) {
            return;
        } else if (there) {
            throw new IOException("another file stands in the place of " + file);
        }
        long size = channel.size();
        FileWriting.write(file, out -> channel.transferTo(0, size, Channels.newChannel(out)));
        FileChannel before = channel;
        channel = opened(file);
        key = key(file);
        before.close();
    }

    /** Closes it, and notes at its end what it is about, so that nobody has to read it for that. */
    @Override
    public void close() throws IOException {
        try (lock) {
            if (added) {
                note();
            }
        } finally {
            channel.close();
        }
    }

    private void note() {
        try {
            append(about.line());
        } catch (IOException e) {
            LOG.debug("{} has no note of what it is about, so it is read through for that", file, e);
        }
    }

    /** Work as a journal has it: what it began with, and how it stands. */
    public record Left(Desk begun, Desk now) {}

    /** Reads a journal without opening it; nothing where there is none or it cannot be read. */
    public static Optional<Left> look(Path file) throws IOException {
        return Files.exists(file)
                ? JournalReplay.of(file, Optional.empty())
                .map(replay -> new Left(replay.begun(), replay.session().history().present())) : Optional.empty();
    }

    /** What a journal began with; nothing where there is no journal or it cannot be read. */
    public static Optional<Desk> begun(Path file) {
        try (JournalLines lines = JournalLines.of(file)) {
            return lines.next().flatMap(JournalReplay::begun);
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
