package hestra.documents.exercise;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;

import hestra.documents.file.FileReading;

/** The lines of a journal, one by one, with the place in the file to which each reaches: one bad line spoils none before it. */
final class JournalLines implements AutoCloseable {

    private static final int LONGEST = 256 * 1024 * 1024;

    private final InputStream in;
    private final EditLines edits = new EditLines();
    private long read;
    private long end;

    private JournalLines(InputStream in) {
        this.in = in;
    }

    static JournalLines of(Path file) throws IOException {
        return new JournalLines(new BufferedInputStream(FileReading.open(file), 1 << 16));
    }

    /** The next line that is whole and is text; nothing at the end, and where the next one is neither. */
    Optional<String> next() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (int next = in.read(); next >= 0; next = in.read()) {
            read++;
            if (next == '\n') {
                try {
                    String line = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes.toByteArray())).toString();
                    end = read;
                    return Optional.of(line);
                } catch (CharacterCodingException e) {
                    return Optional.empty();
                }
            }
            if (bytes.size() == LONGEST) {
                return Optional.empty();
            }
            bytes.write(next);
        }
        return Optional.empty();
    }

    /**
     * The edit of the next line; what says what the journal is about is passed over. Nothing at the end, and where the next line
     * is no edit's.
     */
    Optional<EditLines.Stamped> nextEdit() throws IOException {
        long before = end;
        Optional<String> line = next();
        while (line.filter(JournalSummary::isOne).isPresent()) {
            before = end;
            line = next();
        }
        Optional<EditLines.Stamped> edit = line.flatMap(edits::read);
        if (edit.isEmpty() && line.isPresent()) {
            end = before;
        }
        return edit;
    }

    /** From where lines go on, see {@link EditLines}. */
    String place() {
        return edits.place();
    }

    /** How many bytes the lines take that have been given out. */
    long end() {
        return end;
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
