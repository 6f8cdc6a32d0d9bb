package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.Step;
import hestra.desk.Steps;
import hestra.documents.exercise.JournalFile;
import hestra.documents.file.FileReading;
import hestra.exercise.Exercise;
import hestra.marking.HandIn;
import hestra.numbers.DecimalMark;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * An exercise that is open: where its file is, and its journal. Every edit is on its way to the journal before the next frame is
 * drawn, so a crash loses nothing.
 */
public final class OpenDesk implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(OpenDesk.class);
    private static final int MOST_WINDOWS = 8;
    private static final String EXAMPLE =
            "This is an example that comes with Hestra. Your work on it is kept; to save it, choose a "
            + "place of your own.";
    private static final String APART = "This is open in another window already. What you do in this one is kept separately.";

    private final Optional<Path> journalFile;
    private final Optional<JournalWriter> journal;
    private final History history;
    private final Steps steps;
    private final int restored;
    private final Optional<String> trouble;
    private Optional<Path> file;
    private long stamp;
    private boolean idle;
    private final boolean passing;

    private OpenDesk(Optional<Path> file, Optional<Path> journalFile, JournalFile.Opened opened, Optional<String> trouble,
            boolean apart, boolean passing) {
        this.passing = passing;
        this.file = file.filter(it -> !Examples.hold(it));
        this.stamp = this.file.map(FileReading::stamp).orElse(0L);
        this.journalFile = journalFile;
        this.journal = Optional.ofNullable(opened.journal()).map(JournalWriter::new);
        this.history = opened.history();
        this.steps = opened.steps();
        this.restored = opened.restored();
        this.trouble = trouble;
        this.idle = apart && opened.restored() == 0;
    }

    /**
     * Opens an exercise where it was left. What another window works on is left to it: this one has a journal of its own.
     *
     * @param folder Hestra's own folder, for the journal
     * @param exercise as it stands in its file
     * @param file its file; nothing for what has none yet
     */
    public static OpenDesk of(Path folder, Exercise exercise, Optional<Path> file) {
        return of(folder, Desk.open(exercise), file, Optional.empty());
    }

    /** Nothing: what stands behind Start while nothing is open. */
    public static OpenDesk nothing() {
        return new OpenDesk(Optional.empty(), Optional.empty(),
                new JournalFile.Opened(null, History.of(Desk.open(Exercise.study("nothing", "Hestra", DecimalMark.POINT))),
                        new Steps(), 0,
                Optional.empty()), Optional.empty(), false, true);
    }

    /** Whether there is nothing to be worked on. */
    public boolean isNothing() {
        return passing && trouble.isEmpty();
    }

    /** Whether nothing is kept of it. */
    public boolean isPassing() {
        return passing;
    }

    /** The same of a desk as it stands in its file, with the journal that is to be gone on with where that can be had. */
    public static OpenDesk of(Path folder, Desk begun, Optional<Path> file, Optional<Path> last) {
        Optional<String> example = file.filter(Examples::hold).map(_ -> EXAMPLE);
        boolean apart = false;
        for (Path journal : Stream.concat(last.stream(), IntStream.rangeClosed(1, MOST_WINDOWS)
                .mapToObj(window -> journalOf(folder, begun.exercise(), window))).distinct().toList()) {
            try {
                JournalFile.Opened opened = JournalFile.open(journal, begun);
                return new OpenDesk(file, Optional.of(journal), opened, opened.trouble()
                        .or(apart ? () -> Optional.of(APART) : Optional::empty).or(() -> example), apart, false);
            } catch (JournalFile.InUse e) {
                apart = true;
            } catch (IOException e) {
                LOG.debug("journal {} of {} cannot be had", journal, begun.exercise().id(), e);
            }
        }
        LOG.warn("No journal can be kept in {}", folder);
        return new OpenDesk(file, Optional.empty(),
                new JournalFile.Opened(null, History.of(begun), new Steps(), 0, Optional.empty()), Optional.empty(), false,
                false);
    }

    /**
     * Opens earlier work by its journal.
     *
     * @throws IOException if another window works on it, or it cannot be read
     */
    public static OpenDesk resumed(Path journal, Optional<Path> file) throws IOException {
        JournalFile.Opened opened = JournalFile.resume(journal);
        return new OpenDesk(file, Optional.of(journal), opened, opened.trouble(), false, false);
    }

    /** A desk that nothing is kept of: a hand-in that is read, an exercise that its author tries. */
    public static OpenDesk passing(Desk desk, String saying) {
        return new OpenDesk(Optional.empty(), Optional.empty(),
                new JournalFile.Opened(null, History.of(desk), new Steps(), 0, Optional.empty()), Optional.of(saying), false,
                true);
    }

    /** Work that was handed in, to be read. */
    public static OpenDesk toRead(HandIn handIn) {
        return passing(handIn.desk(), "This is the work that " + (handIn.student().isBlank() ? "somebody" : handIn.student())
                + " handed in. What you change here is not kept.");
    }

    /** Where the journals are kept. */
    public static Path journals(Path folder) {
        return folder.resolve("journals");
    }

    /** The journal's file for an exercise, or for a copy of it; a second window on the same has one of its own. */
    public static Path journalOf(Path folder, Exercise exercise, int window) {
        String id = exercise.id() + exercise.copy()
                .map(copy -> "-" + copy.edition() + "-" + copy.variant() + "-" + copy.name()).orElse("");
        String safe = id.replaceAll("[^A-Za-z0-9_-]", "_");
        String name = safe.substring(0, Math.min(80, safe.length())) + "-" + Integer.toHexString(id.hashCode());
        return journals(folder).resolve(name + (window == 1 ? "" : "-" + window) + JournalFile.ENDING);
    }

    public History history() {
        return history;
    }

    /** How the work came about, for the one it is handed in to. */
    public List<Step> steps() {
        return steps.all();
    }

    /** How many edits of an earlier sitting were found. */
    public int restored() {
        return restored;
    }

    /** What is to be told about how it was opened, as sentences: that another window has it, or that its journal was damaged. */
    public Optional<String> trouble() {
        return trouble;
    }

    /**
     * Whether it is not what was worked on last: another window has the exercise and nothing has been done in this one, or
     * nothing is kept of it.
     */
    public boolean isIdle() {
        return idle || passing;
    }

    /** Whether edits are being kept. */
    public boolean isKept() {
        return journal.filter(it -> !it.isFailing()).isPresent();
    }

    public Optional<Path> file() {
        return file;
    }

    /** The file that the journal is written to. */
    public Optional<Path> journalFile() {
        return journalFile;
    }

    /** Whether something else has written the file since it was opened or saved here. */
    public boolean isOvertakenAt(Path place) {
        long now = FileReading.stamp(place);
        return file.filter(place::equals).isPresent() && now != 0 && now != stamp;
    }

    /** It was saved: a journal in which what was saved does not stand is another's. */
    public void savedAs(Path saved) {
        journal.ifPresent(JournalWriter::settle);
        stamp = FileReading.stamp(saved);
        file = Optional.of(saved);
    }

    /**
     * Has it told, from another thread than the window's, when edits cannot be kept any more, with the reason, and when they are
     * again.
     */
    public void watchKeeping(Consumer<Optional<String>> watching) {
        journal.ifPresent(it -> it.watchBy(failure -> watching.accept(failure.map(IOException::getMessage))));
    }

    /** Records an edit. */
    public void record(Edit edit) {
        idle = false;
        Step step = Step.at(Instant.now().getEpochSecond(), edit);
        steps.add(step);
        journal.ifPresent(it -> it.add(step));
    }

    @Override
    public void close() {
        journal.ifPresent(JournalWriter::close);
    }
}
