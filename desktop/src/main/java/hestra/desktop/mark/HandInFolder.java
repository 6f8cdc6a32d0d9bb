package hestra.desktop.mark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.concurrent.Task;
import javafx.util.Duration;

import hestra.desktop.parts.Notices;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.KeptMarking;
import hestra.documents.exercise.MarksFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Result;
import hestra.marking.Received;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.numbers.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The folder of hand-ins that is marked: read beside the window's thread, and looked at again and again for what comes later. The
 * marking is kept in Hestra's own folder, with a copy beside the hand-ins for sharing; a marking that lies among them is a
 * stranger's file and is offered, never taken. Used on the window's thread.
 */
final class HandInFolder implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(HandInFolder.class);
    private static final Duration LOOK_AGAIN = Duration.seconds(2);
    private static final long PATIENCE_SECONDS = 20;
    private static final int AT_A_TIME = 24;
    private static final int MOST_MARKINGS = 50;
    private static final int MOST_NAMED = 3;

    private final MarkModel model;
    private final HandIns reader;
    private final Notices notices;
    private final Path folder;
    private String afterwards;
    private final KeptMarking kept;
    private final MarkingKeeper keeper;
    private final Set<Path> offered = new HashSet<>();
    private final ExecutorService line = Executors.newSingleThreadExecutor(Thread.ofPlatform()
            .daemon().name("hand-ins").factory());
    private final PauseTransition later = new PauseTransition(LOOK_AGAIN);
    private final Map<Path, Long> known = new HashMap<>();
    private List<String> strange = List.of();
    private Optional<Task<?>> reading = Optional.empty();
    private int busy;
    private int heard;
    private volatile boolean closed;
    private boolean missing;

    /**
     * A folder of hand-ins.
     *
     * @param reader reads them, on another thread, and no other does
     * @param own where markings are kept
     * @param afterwards is said once they have been read; empty for nothing
     */
    HandInFolder(MarkModel model, HandIns reader, Path folder, Path own, Notices notices, String afterwards) {
        this.afterwards = afterwards;
        this.model = model;
        this.reader = reader;
        this.folder = folder;
        this.notices = notices;
        String name = Publication.safe(model.exercise().title(), "Marking");
        this.kept = KeptMarking.at(own.resolve(name + " "
                + Integer.toHexString((model.exercise().id() + "\n" + folder.toAbsolutePath().normalize()).hashCode())
                + MarksFile.ENDING));
        later.setOnFinished(_ -> look(false));
        this.keeper = new MarkingKeeper(kept, folder, notices, this::hear);
        model.keepBy(() -> keeper.keep(asFile(), model.history().by(), heard));
    }

    Path folder() {
        return folder;
    }

    /** Where the marking is kept. */
    Path marks() {
        return kept.file();
    }

    /** Whether something is still being read or kept. */
    boolean isBusy() {
        return busy > 0 || keeper.isBusy();
    }

    /** Reads the marking that is kept, and then all hand-ins. */
    void open() {
        try {
            switch (kept.open()) {
                case Result.Refused<Optional<MarksFile>>(String message) -> afterwards = message + " " + putAside();
                case Result.Done<Optional<MarksFile>>(Optional<MarksFile> found) ->
                        found.filter(it -> it.marking().exercise().equals(model.exercise().id())).ifPresent(it -> {
                    strange = it.strange();
                    model.begin(it.marking());
                });
            }
        } catch (IOException e) {
            LOG.warn("{} cannot be read", kept.file(), e);
            afterwards = "What you have decided so far is kept in " + kept.file() + ", which cannot be read just now: "
                    + Words.ended(e.getMessage())
                    + " It stays as it is; it comes back here, beside what you decide meanwhile, when it can.";
        }
        look(true);
    }

    private String putAside() {
        try {
            return "It was put aside as " + FileWriting.putAside(kept.file()) + ", and a new marking begins.";
        } catch (IOException e) {
            LOG.warn("{} cannot be put aside", kept.file(), e);
            return "It could not be put aside. What you decide cannot be kept while it is there: " + kept.file() + ".";
        }
    }

    /**
     * Offers the markings that lie among the hand-ins, each once while the folder is open: whoever put them there may be anybody,
     * and another marker's copy is written again with every decision.
     */
    private void offer(List<Path> lying) {
        Map<Path, MarksFile> found = new LinkedHashMap<>();
        for (Path file : lying) {
            if (offered.add(file) && !keeper.isOwn(file)
                    && !KeptMarking.holdsNothingBeyond(file, model.history().present())) {
                switch (MarksFile.read(file)) {
                    case Result.Refused<MarksFile>(String message) ->
                            notices.say(message + " It lies among the hand-ins and was left as it is.");
                    case Result.Done<MarksFile>(MarksFile marking) when marking.marking().exercise()
                            .equals(model.exercise().id()) -> found.put(file, marking);
                    case Result.Done<MarksFile> _ -> { }
                }
            }
        }
        if (!found.isEmpty()) {
            offer(found);
        }
    }

    private void offer(Map<Path, MarksFile> found) {
        boolean one = found.size() == 1;
        List<Notices.Choice> choices = new ArrayList<>(List.of(new Notices.Choice(one ? "Leave it" : "Leave them", () -> { })));
        found.keySet().stream().limit(MOST_NAMED)
                .forEach(file -> choices.add(new Notices.Choice(one ? "Put it in" : "Put " + FileReading.name(file) + " in",
                        () -> join(file))));
        String each = found.entrySet().stream().limit(MOST_NAMED)
                .map(it -> "A marking by " + by(it.getValue()) + " lies among the hand-ins: " + FileReading.name(it.getKey())
                        + ", "
                + Counted.of(it.getValue().marking().all().size(), "decision") + ".").collect(Collectors.joining(" "));
        notices.ask(each + (one ? " Put it in" : " Put one in") + " only if you know who put it there.",
                choices.toArray(Notices.Choice[]::new));
    }

    private static String by(MarksFile file) {
        return file.marking().all().stream().map(it -> Student.shown(it.by(), "somebody")).distinct().limit(MOST_NAMED)
                .collect(Collectors.joining(", "));
    }

    /** A file of the folder that has changed. */
    private record Change(List<Path> fresh, List<String> gone, Map<Path, Long> stamps, List<Path> markings) {

        /** Whether all that was there is gone at once: then it is the folder that is gone, or what it stood on. */
        boolean isGone() {
            return !gone.isEmpty() && stamps.isEmpty();
        }
    }

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
            notices.follow("Reading the hand-ins in " + FileReading.name(folder) + "…", task);
        }
        task.setOnSucceeded(_ -> {
            busy--;
            Change change = task.getValue();
            hear();
            if (change.isGone()) {
                miss();
                again();
                return;
            }
            missing = false;
            known.clear();
            known.putAll(change.stamps());
            model.lose(change.gone());
            tell(first, change);
            retrace(change.fresh());
            offer(change.markings());
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
            if (first) {
                LOG.warn("{} cannot be looked at", folder, task.getException());
                notices.say("The hand-ins could not be read: " + Words.ended(task.getException().getMessage()));
            } else {
                miss();
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
            List<String> names = fresh.subList(from, Math.min(fresh.size(), from + AT_A_TIME)).stream()
                    .map(it -> FileReading.name(it)).toList();
            List<Received> some = model.received(names);
            Task<List<Received>> task = new Task<>() {
                @Override
                protected List<Received> call() {
                    return closed ? List.of() : reader.retraced(folder, some);
                }
            };
            if (line.isShutdown()) {
                return;
            }
            busy++;
            task.setOnSucceeded(_ -> {
                busy--;
                model.doubt(task.getValue());
            });
            task.setOnFailed(_ -> {
                busy--;
                LOG.warn("the steps of {} cannot be gone through", names, task.getException());
            });
            line.execute(task);
        }
    }

    /** Says once that the folder is not there; what was read and decided stays, and goes on when it is back. */
    private void miss() {
        if (!missing) {
            missing = true;
            LOG.warn("{} is not there any more", folder);
            notices.say("The hand-ins are no longer in " + folder
                    + ". What was read of them stays here, and your decisions are kept; it goes on when they are back.");
        }
    }

    /** Hears of what other windows on the same marking have done. */
    private void hear() {
        for (KeptMarking.News news : kept.after(heard)) {
            heard++;
            model.goAlong(news);
        }
    }

    private void again() {
        if (!closed) {
            later.playFromStart();
        }
    }

    private void tell(boolean first, Change change) {
        if (first && change.fresh().isEmpty()) {
            notices.say((afterwards + " There are no hand-ins in " + folder
                    + " yet (files ending in .handin). They appear here as they come in.").strip());
        } else if (first) {
            notices.hide();
            if (!afterwards.isEmpty()) {
                notices.say(afterwards);
            }
            model.beginReading();
        } else if (!change.fresh().isEmpty()) {
            notices.say(Counted.of(change.fresh().size(), "hand-in") + (change.fresh().size() == 1 ? " has" : " have")
                    + " come in.");
        }
    }

    private Change changed(Map<Path, Long> before) throws IOException {
        kept.news();
        List<Path> now = switch (HandIns.in(folder)) {
            case Result.Refused<List<Path>>(String message) -> throw new IOException(message);
            case Result.Done<List<Path>>(List<Path> files) -> files;
        };
        Map<Path, Long> stamps = new HashMap<>();
        List<Path> fresh = new ArrayList<>();
        for (Path file : now) {
            long stamp = FileReading.stamp(file);
            stamps.put(file, stamp);
            if (!Optional.ofNullable(before.get(file)).filter(it -> it == stamp).isPresent()) {
                fresh.add(file);
            }
        }
        List<Path> markings;
        try (Stream<Path> listed = Files.list(folder)) {
            markings = listed.filter(file -> FileReading.name(file).toLowerCase(Locale.ROOT).endsWith(MarksFile.ENDING)
                    && Files.isRegularFile(file)).limit(MOST_MARKINGS).sorted().toList();
        }
        return new Change(fresh, before.keySet().stream().filter(it -> !stamps.containsKey(it)).map(it -> FileReading.name(it))
                .toList(), stamps, markings);
    }

    /** Puts the decisions of another file in. */
    void join(Path file) {
        switch (MarksFile.read(file)) {
            case Result.Refused<MarksFile>(String message) -> notices.say(message);
            case Result.Done<MarksFile>(MarksFile other) -> {
                if (!other.marking().exercise().equals(model.exercise().id())) {
                    notices.say(FileReading.name(file) + " is a marking of another exercise, “" + other.title() + "”.");
                    return;
                }
                int before = model.history().present().all().size();
                strange = Stream.concat(strange.stream(), other.strange().stream()).distinct().toList();
                model.join(other.marking());
                int disputed = model.shown().work().disputed();
                notices.say(Counted.of(model.history().present().all().size() - before, "decision") + " of "
                        + FileReading.name(file) + " put in."
                        + (disputed == 0
                        ? ""
                        : " " + Counted.of(disputed, "answer was", "answers were")
                        + " marked differently by both: the tasks say which."));
            }
        }
    }

    /** Writes the marking somewhere else too. */
    void saveAs(Path file) throws IOException {
        asFile().write(file);
    }

    private MarksFile asFile() {
        return new MarksFile(model.exercise().title(), model.history().present(), strange);
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
        keeper.close();
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
