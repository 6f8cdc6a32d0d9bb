package hestra.desktop.mark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.concurrent.Task;
import javafx.util.Duration;

import hestra.desktop.parts.Notices;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.MarksFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.Result;
import hestra.marking.Marking;
import hestra.marking.Received;
import hestra.numbers.Counted;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The folder of hand-ins that is marked: read beside the window's thread, looked at again and again for what comes later, and the place
 * where the marking is kept. Used on the window's thread.
 */
final class HandInFolder implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(HandInFolder.class);
    private static final Duration LOOK_AGAIN = Duration.seconds(2);
    private static final Duration CALM = Duration.millis(250);
    private static final long PATIENCE_SECONDS = 20;
    private static final int AT_A_TIME = 24;

    private final MarkModel model;
    private final HandIns reader;
    private final Notices notices;
    private final Path folder;
    private String afterwards;
    private final Path marks;
    private final ExecutorService line = Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().name("hand-ins").factory());
    private final PauseTransition later = new PauseTransition(LOOK_AGAIN);
    private final PauseTransition calm = new PauseTransition(CALM);
    private final Map<Path, Long> known = new HashMap<>();
    private List<String> strange = List.of();
    private Optional<Task<?>> reading = Optional.empty();
    private int busy;
    private volatile boolean closed;
    private boolean failed;

    /**
     * A folder of hand-ins.
     *
     * @param reader reads them, on another thread, and no other does
     * @param afterwards is said once they have been read; empty for nothing
     */
    HandInFolder(MarkModel model, HandIns reader, Path folder, Notices notices, String afterwards) {
        this.afterwards = afterwards;
        this.model = model;
        this.reader = reader;
        this.folder = folder;
        this.notices = notices;
        this.marks = folder.resolve(Publication.safe(model.exercise().title(), "Marking") + MarksFile.ENDING);
        calm.setOnFinished(_ -> save());
        later.setOnFinished(_ -> look(false));
        model.keepBy(calm::playFromStart);
    }

    Path folder() {
        return folder;
    }

    /** Where the marking is kept. */
    Path marks() {
        return marks;
    }

    /** Whether something is still being read or kept. */
    boolean isBusy() {
        return busy > 0 || calm.getStatus() == Animation.Status.RUNNING;
    }

    /** Reads the marking that lies there, and then all hand-ins. */
    void open() {
        if (Files.exists(marks)) {
            switch (MarksFile.read(marks)) {
                case Result.Refused<MarksFile>(String message) -> {
                    failed = true;
                    afterwards = message + " Your marking is not kept as you go: move that file away and open the folder again.";
                }
                case Result.Done<MarksFile>(MarksFile found) -> {
                    strange = found.strange();
                    if (found.marking().exercise().equals(model.exercise().id())) {
                        model.begin(found.marking());
                    }
                }
            }
        }
        look(true);
    }

    /** A file of the folder that has changed. */
    private record Change(List<Path> fresh, List<String> gone, Map<Path, Long> stamps) {}

    /** Reads what is new; the first time with a bar that shows how far it is. */
    private void look(boolean first) {
        Map<Path, Long> before = Map.copyOf(known);
        Task<Change> task = new Task<>() {
            @Override
            protected Change call() throws IOException {
                Change change = changed(before);
                reader.read(change.fresh(), some -> Platform.runLater(() -> {
                    if (!closed) {
                        model.receive(some);
                    }
                }), share -> {
                    updateProgress(share, 1);
                    return !isCancelled();
                });
                return change;
            }
        };
        busy++;
        reading = Optional.of(task);
        if (first) {
            notices.follow("Reading the hand-ins in " + folder.getFileName() + "…", task);
        }
        task.setOnSucceeded(_ -> {
            busy--;
            Change change = task.getValue();
            known.clear();
            known.putAll(change.stamps());
            model.lose(change.gone());
            tell(first, change);
            retrace(change.fresh());
            again();
        });
        task.setOnCancelled(_ -> {
            busy--;
            if (closed) {
                return;
            }
            notices.say("Stopped. The hand-ins that were read by then are here; open the folder again for the others.");
        });
        task.setOnFailed(_ -> {
            busy--;
            LOG.warn("{} cannot be looked at", folder, task.getException());
            if (first) {
                notices.say("The hand-ins could not be read: " + task.getException().getMessage() + ".");
            }
            again();
        });
        if (!line.isShutdown()) {
            line.execute(task);
        }
    }

    /** Goes through the steps of what has come in, a few files at a time so that decisions are kept between them. */
    private void retrace(List<Path> fresh) {
        for (int from = 0; from < fresh.size(); from += AT_A_TIME) {
            List<String> names = fresh.subList(from, Math.min(fresh.size(), from + AT_A_TIME)).stream().map(it -> it.getFileName().toString()).toList();
            List<Received> some = model.received(names);
            Task<List<Received>> task = new Task<>() {
                @Override
                protected List<Received> call() {
                    return closed ? List.of() : reader.retraced(folder, some);
                }
            };
            busy++;
            task.setOnSucceeded(_ -> {
                busy--;
                model.doubt(task.getValue());
            });
            task.setOnFailed(_ -> {
                busy--;
                LOG.warn("the steps of {} cannot be gone through", names, task.getException());
            });
            if (!line.isShutdown()) {
                line.execute(task);
            }
        }
    }

    private void again() {
        if (!closed) {
            later.playFromStart();
        }
    }

    private void tell(boolean first, Change change) {
        if (first && change.fresh().isEmpty()) {
            notices.say((afterwards + " There are no hand-ins in " + folder + " yet (files ending in .handin). They appear here as they come in.").strip());
        } else if (first) {
            notices.hide();
            if (!afterwards.isEmpty()) {
                notices.say(afterwards);
            }
            model.beginReading();
        } else if (!change.fresh().isEmpty()) {
            notices.say(Counted.of(change.fresh().size(), "hand-in") + (change.fresh().size() == 1 ? " has" : " have") + " come in.");
        }
    }

    private Change changed(Map<Path, Long> before) throws IOException {
        List<Path> now = switch (HandIns.in(folder)) {
            case Result.Refused<List<Path>>(String message) -> throw new IOException(message);
            case Result.Done<List<Path>>(List<Path> files) -> files;
        };
        Map<Path, Long> stamps = new HashMap<>();
        List<Path> fresh = new ArrayList<>();
        for (Path file : now) {
            long stamp = Files.exists(file) ? Files.getLastModifiedTime(file).toMillis() * 31 + Files.size(file) : 0;
            stamps.put(file, stamp);
            if (!Optional.ofNullable(before.get(file)).filter(it -> it == stamp).isPresent()) {
                fresh.add(file);
            }
        }
        return new Change(fresh, before.keySet().stream().filter(it -> !stamps.containsKey(it)).map(it -> it.getFileName().toString()).toList(), stamps);
    }

    /** Puts the decisions of another file in. */
    void join(Path file) {
        switch (MarksFile.read(file)) {
            case Result.Refused<MarksFile>(String message) -> notices.say(message);
            case Result.Done<MarksFile>(MarksFile other) -> {
                if (!other.marking().exercise().equals(model.exercise().id())) {
                    notices.say(file.getFileName() + " is a marking of another exercise, “" + other.title() + "”.");
                    return;
                }
                int before = model.history().present().all().size();
                strange = Stream.concat(strange.stream(), other.strange().stream()).distinct().toList();
                model.join(other.marking());
                int disputed = model.shown().work().disputed();
                notices.say(Counted.of(model.history().present().all().size() - before, "decision") + " of " + file.getFileName() + " put in."
                        + (disputed == 0 ? "" : " " + Counted.of(disputed, "answer was", "answers were") + " marked differently by both: the tasks say which."));
            }
        }
    }

    private void save() {
        if (failed) {
            return;
        }
        Marking marking = model.history().present();
        MarksFile file = new MarksFile(model.exercise().title(), marking, strange);
        busy++;
        line.execute(() -> {
            Optional<IOException> trouble = Optional.empty();
            try {
                file.write(marks);
            } catch (IOException e) {
                LOG.error("{} cannot be written", marks, e);
                trouble = Optional.of(e);
            }
            Optional<IOException> told = trouble;
            Platform.runLater(() -> {
                busy--;
                told.ifPresent(e -> notices.say("Your marking could not be kept in " + marks + ": " + e.getMessage() + ". Make room there, or save it elsewhere from the menu. The next decision tries again."));
            });
        });
    }

    /** Writes the marking somewhere else too. */
    void saveAs(Path file) throws IOException {
        new MarksFile(model.exercise().title(), model.history().present(), strange).write(file);
    }

    @Override
    public void close() {
        if (closed) {
            return;
        }
        closed = true;
        later.stop();
        // Not by an interrupt: what is written after it would suffer.
        reading.ifPresent(it -> it.cancel(false));
        if (calm.getStatus() == Animation.Status.RUNNING) {
            calm.stop();
            save();
        }
        line.shutdown();
        try {
            if (!line.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                LOG.warn("{} is still being read", folder);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
