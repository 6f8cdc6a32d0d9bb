package hestra.documents;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import hestra.data.Row;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;

/**
 * The journal of a desk: the exercise it began with on the first line, then an edit a line, each written as it is made.
 * After a crash the desk is what the journal says; a line that was cut short by the crash is left out.
 *
 * <p>Not for use by several threads at once.
 */
public final class JournalFile implements AutoCloseable {

    private static final int VERSION = 1;

    /** The first line. */
    record Header(int journal, ExerciseFile.Document exercise, List<Row> rows) {}

    private final FileChannel channel;

    private JournalFile(FileChannel channel) {
        this.channel = channel;
    }

    /**
     * A journal that is ready to go on, with the desk as it was left.
     *
     * @param journal takes the edits from here on
     * @param history the desk, and what can be undone
     * @param restored how many edits were found and made again; 0 for a new journal
     */
    public record Opened(JournalFile journal, History history, int restored) {}

    /**
     * Opens the journal of an exercise and replays it. A journal in which the exercise never stood as it does now, since
     * it is another version of it, or that cannot be read, is kept under another name and a new one is begun.
     *
     * @throws IOException if the file cannot be written, or another window holds it
     */
    public static Opened open(Path file, Exercise exercise) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
        try {
            if (!isLocked(channel)) {
                throw new IOException("another window works on " + file.getFileName());
            }
            Optional<Replay> replay = replay(file, exercise);
            if (replay.isPresent()) {
                channel.truncate(replay.get().length());
                channel.position(replay.get().length());
                return new Opened(new JournalFile(channel), replay.get().history(), replay.get().edits());
            }
            if (channel.size() > 0) {
                Files.copy(file, file.resolveSibling(file.getFileName() + ".old"), StandardCopyOption.REPLACE_EXISTING);
                channel.truncate(0);
            }
            JournalFile journal = new JournalFile(channel);
            journal.write(Json.line(new Header(VERSION, ExerciseFile.Document.of(exercise), exercise.data().rows())));
            return new Opened(journal, History.of(Desk.open(exercise)), 0);
        } catch (IOException | RuntimeException e) {
            channel.close();
            throw e;
        }
    }

    /** Writes an edit; when this returns, the edit outlives the program. */
    public void add(Edit edit) throws IOException {
        write(Json.line(edit));
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }

    private void write(String line) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap((line + "\n").getBytes(StandardCharsets.UTF_8));
        while (bytes.hasRemaining()) {
            channel.write(bytes);
        }
    }

    private static boolean isLocked(FileChannel channel) throws IOException {
        try {
            FileLock lock = channel.tryLock();
            return lock != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    private record Replay(History history, int edits, long length) {}

    private static Optional<Replay> replay(Path file, Exercise exercise) throws IOException {
        try (BufferedReader lines = Files.newBufferedReader(file)) {
            String first = lines.readLine();
            Optional<Exercise> begun = first == null ? Optional.empty() : begun(first);
            if (begun.isEmpty()) {
                return Optional.empty();
            }
            History history = History.of(Desk.open(begun.get()));
            boolean met = begun.get().equals(exercise);
            long length = bytes(first);
            int edits = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                Optional<Edit> edit = edit(line, begun.get().mark());
                if (edit.isEmpty()) {
                    break;
                }
                history = history.apply(edit.get());
                met = met || history.present().exercise().equals(exercise);
                length += bytes(line);
                edits++;
            }
            return met && length <= Files.size(file) ? Optional.of(new Replay(history, edits, length)) : Optional.empty();
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }

    /** The exercise that a journal began with; nothing where there is no journal or it cannot be read. */
    public static Optional<Exercise> begun(Path file) {
        try (BufferedReader lines = Files.newBufferedReader(file)) {
            String first = lines.readLine();
            return first == null ? Optional.empty() : begun(first);
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Optional<Exercise> begun(String line) {
        try {
            JsonNode tree = Json.tree(line);
            if (tree.path("journal").asInt() != VERSION) {
                return Optional.empty();
            }
            String mark = tree.path("exercise").path("mark").asText();
            Header header = Json.read(line, Header.class, "comma".equals(mark) ? DecimalMark.COMMA : DecimalMark.POINT);
            return Optional.of(header.exercise().with(header.rows()));
        } catch (JsonProcessingException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static long bytes(String line) {
        return line.getBytes(StandardCharsets.UTF_8).length + 1L;
    }

    private static Optional<Edit> edit(String line, DecimalMark mark) {
        try {
            return Optional.of(Json.read(line, Edit.class, mark));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }
}
