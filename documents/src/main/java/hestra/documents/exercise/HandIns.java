package hestra.documents.exercise;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.desk.Step;
import hestra.documents.file.Archive;
import hestra.documents.file.FileReading;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.exercise.Issue;
import hestra.marking.ClassKey;
import hestra.marking.ClassWork;
import hestra.marking.HandIn;
import hestra.marking.Marked;
import hestra.marking.Marking;
import hestra.marking.MarkingKey;
import hestra.marking.Received;
import hestra.marking.Retraced;
import hestra.marking.Roll;
import hestra.marking.Student;
import hestra.marking.StudentAnswers;
import hestra.numbers.Counted;

/**
 * Reads the hand-ins of a class and has them marked. The instructor's own exercise decides what is right; where it is not at
 * hand, each hand-in is marked by the copy that it holds. Nothing in a file stops another. Used by one thread at a time.
 */
public final class HandIns {

    /** The most files that are looked at in a folder. */
    public static final int MOST = 20_000;

    private static final int TOGETHER = 48;
    private static final long MILLISECONDS = 1000;
    private static final int MOST_NAMED = 3;
    /** By so many seconds a student's clock may be ahead of this one: a day, which a wrong time zone does not reach. */
    private static final long CLOCKS_DIFFER = 86_400;

    private final Exercise exercise;
    private final int print;
    private final Optional<ClassKey> key;
    private final Map<Exercise, MarkingKey> copies = new HashMap<>();
    private final Map<Integer, Boolean> prints = new HashMap<>();
    private final HandInFile.Copies seen = new HandInFile.Copies();

    private HandIns(Exercise exercise, Optional<ClassKey> key) {
        this.exercise = exercise;
        this.key = key;
        this.print = print(exercise);
    }

    private static int print(Exercise exercise) {
        try {
            return HandInFile.print(exercise);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Hand-ins of an instructor's own exercise. */
    public static HandIns of(ClassKey key) {
        return new HandIns(key.own(), Optional.of(key));
    }

    /** Hand-ins of which each is marked by the copy that it holds; of one exercise, which {@code first} is a copy of. */
    public static HandIns byTheirCopies(Exercise first) {
        return new HandIns(first, Optional.empty());
    }

    /**
     * The hand-ins of a folder, of the instructor's exercise where that is at hand, else of the one that the first of them is a
     * copy of; with no work in it where none can be read.
     */
    public static Result<ClassWork> ofFolder(Path folder, Optional<Exercise> own, Function<Exercise, Marking> marking) {
        return in(folder).then(files -> {
            if (files.isEmpty()) {
                return Result.refused(folder + " holds no hand-ins (files ending in " + HandInFile.ENDING + ").");
            }
            // Of several exercises that of most hand-ins, whatever the others are called.
            Optional<HandIns> reader = own.map(it -> of(ClassKey.of(it)))
                    .or(() -> exercises(files).stream().findFirst().flatMap(it -> firstOf(it.files()))
                            .map(HandIns::byTheirCopies));
            return reader.map(it -> ofSome(folder, ClassWork.of(it.exercise(), it.retraced(folder, it.read(files)),
                    marking.apply(it.exercise()))))
                    .orElseGet(() -> Result.refused("None of the hand-ins in " + folder + " can be read. "
                    + ((Result.Refused<HandIn>) HandInFile.read(files.getFirst())).message()));
        });
    }

    /** The class, where there is work of it; else why there is none. */
    private static Result<ClassWork> ofSome(Path folder, ClassWork work) {
        List<Roll.Aside> asides = work.roll().asides();
        return work.roll().students().isEmpty() && !asides.isEmpty()
                ? Result.refused("None of the " + Counted.of(asides.size(), "hand-in") + " in " + folder + " is work on “"
                        + work.exercise().title() + "”. "
                + asides.getFirst().file() + ": " + asides.getFirst().why()) : Result.done(work);
    }

    /**
     * The hand-ins of a folder that are work on one exercise.
     *
     * @param exercise its id
     * @param title what the first of them calls it
     */
    public record Of(String exercise, String title, List<Path> files) {}

    /** On which exercises some hand-ins are work, that of most of them first; those that cannot be read are left out. */
    public static List<Of> exercises(List<Path> files) {
        List<Result<StudentAnswers>> scripts = files.parallelStream().map(HandInFile::script).toList();
        Map<String, Of> found = new LinkedHashMap<>();
        for (int i = 0; i < files.size(); i++) {
            if (scripts.get(i) instanceof Result.Done<StudentAnswers>(StudentAnswers script)) {
                found.computeIfAbsent(script.exercise(), id -> new Of(id, script.title(), new ArrayList<>())).files()
                        .add(files.get(i));
            }
        }
        return found.values().stream().sorted(Comparator.comparingInt((Of of) -> of.files().size()).reversed()).toList();
    }

    /** Whether some hand-in is work on an exercise. */
    public static boolean isAnyOf(List<Path> files, String exercise) {
        return files.parallelStream()
                .anyMatch(file -> HandInFile.script(file) instanceof Result.Done<StudentAnswers>(StudentAnswers script)
                && script.exercise().equals(exercise));
    }

    /** The exercise that the first of some hand-ins is a copy of. */
    public static Optional<Exercise> firstOf(List<Path> files) {
        return files.stream().map(HandInFile::read)
                .flatMap(read -> read instanceof Result.Done<HandIn>(HandIn handIn)
                        ? Stream.of(handIn.exercise()) : Stream.empty()).findFirst();
    }

    /** The exercise whose tasks are marked. */
    public Exercise exercise() {
        return exercise;
    }

    /** The hand-ins in a folder, by name; files of other kinds are left alone. */
    public static Result<List<Path>> in(Path folder) {
        try (Stream<Path> listed = Files.list(folder)) {
            List<Path> files = listed.filter(file -> FileReading.name(file).toLowerCase(Locale.ROOT).endsWith(HandInFile.ENDING))
                    .limit(MOST + 1L).sorted().toList();
            return files.size() > MOST
                    ? Result.refused(folder + " holds more than " + MOST + " hand-ins. Put them into several folders.")
                    : Result.done(files);
        } catch (NotDirectoryException e) {
            return Result.refused(folder + " is not a folder. Name the folder that holds the hand-ins.");
        } catch (IOException e) {
            return Result.refused(Archive.cannotRead(folder, e));
        }
    }

    /**
     * Reads and marks files.
     *
     * @param each is given what has been read, a few files at a time, in their order
     * @throws Progress.Stopped where that is wanted
     */
    public void read(List<Path> files, Consumer<List<Received>> each, Progress progress) {
        Batch next = batch(files, 0);
        for (int from = 0; from < files.size(); from += TOGETHER) {
            List<Path> some = next.files;
            List<Result<HandInFile.Light>> scripts = next.finish();
            // The next files are taken apart while these are marked.
            next = batch(files, from + TOGETHER);
            List<Received> received = new ArrayList<>();
            for (int i = 0; i < some.size(); i++) {
                received.add(received(some.get(i), scripts.get(i)));
            }
            each.accept(received);
            progress.tell((double) Math.min(files.size(), from + TOGETHER) / files.size());
        }
    }

    private Batch batch(List<Path> files, int from) {
        return new Batch(files.subList(Math.min(files.size(), from), Math.min(files.size(), from + TOGETHER)));
    }

    /** Files that are taken apart on other processors, and by whoever waits for them. */
    private final class Batch {
        private final List<Path> files;
        private final AtomicReferenceArray<Result<HandInFile.Light>> lights;
        private final AtomicInteger taken = new AtomicInteger();
        private final List<CompletableFuture<Void>> helpers;

        Batch(List<Path> files) {
            this.files = files;
            this.lights = new AtomicReferenceArray<>(files.size());
            this.helpers = Stream.generate(() -> CompletableFuture.runAsync(this::work))
                    .limit(Math.max(1, Runtime.getRuntime().availableProcessors() - 1L)).toList();
        }

        private void work() {
            for (int i = taken.getAndIncrement(); i < files.size(); i = taken.getAndIncrement()) {
                lights.set(i, HandInFile.light(files.get(i), seen));
            }
        }

        List<Result<HandInFile.Light>> finish() {
            work();
            helpers.forEach(CompletableFuture::join);
            return IntStream.range(0, files.size()).mapToObj(lights::get).toList();
        }
    }

    /** Reads and marks files, all at once. */
    public List<Received> read(List<Path> files) {
        List<Received> all = new ArrayList<>();
        read(files, all::addAll, Progress.UNWATCHED);
        return all;
    }

    /**
     * Files that have been read, with what is doubted of them once their steps have been gone through. That takes its time: each
     * is read whole.
     *
     * @param folder in which they lie
     */
    public List<Received> retraced(Path folder, List<Received> files) {
        // What decides is worked out by one thread, all else by any.
        List<Supplier<Received>> works = files.stream()
                .map(file -> file instanceof Received.HandedIn handedIn
                        ? retracing(folder, handedIn) : (Supplier<Received>) () -> file).toList();
        return works.parallelStream().map(Supplier::get).toList();
    }

    private Supplier<Received> retracing(Path folder, Received.HandedIn handedIn) {
        StudentAnswers script = handedIn.marked().script();
        Path file = folder.resolve(handedIn.file());
        Optional<Exercise> decides = key.map(it -> it.key(script).exercise());
        boolean given = key.flatMap(it -> it.edition(script)).isPresent();
        return () -> HandInFile.whole(file) instanceof Result.Done<HandInFile.Whole>(HandInFile.Whole(HandIn handIn,
                List<Step> steps))
                ? handedIn.doubting(Retraced.doubts(handIn, steps, decides.orElse(handIn.exercise()), given)) : handedIn;
    }

    private Received received(Path file, Result<HandInFile.Light> script) {
        String name = FileReading.name(file);
        Result<Received> marked = Result.guarded(name, () -> script.then(read -> received(file, read)));
        return switch (marked) {
            case Result.Done<Received>(Received done) -> done;
            case Result.Refused<Received>(String message) -> new Received.Refused(name, message);
        };
    }

    private Result<Received> received(Path file, HandInFile.Light light) {
        StudentAnswers script = light.script();
        String name = FileReading.name(file);
        if (!script.exercise().equals(exercise.id())) {
            return Result.done(new Received.Refused(name,
                    "This is work on another exercise, “" + script.title() + "”. Mark it by itself."));
        }
        long modified = modified(file);
        List<String> doubts = doubts(script, exercise.issue(), System.currentTimeMillis() / MILLISECONDS);
        String begun = script.begun() > 1 ? "Begun " + script.begun() + " times." : "";
        if (key.isPresent()) {
            Marked marked = Marked.of(script, key.get().key(script));
            return Result.done(new Received.HandedIn(name, modified, marked, said(note(file, light, key.get()), doubts, begun),
                    doubts));
        }
        return HandInFile.read(file).then(handIn -> {
            MarkingKey own = copies.computeIfAbsent(handIn.exercise(), MarkingKey::of);
            String which = script.copy().map(HandIns::which)
                    .orElse(handIn.exercise().equals(exercise) ? "" : "Its copy of the exercise differs from the first one's.");
            return Result.done(new Received.HandedIn(name, modified, Marked.of(script, own),
                    said(which + (which.isEmpty() ? "" : " Marked by its own copy."), doubts, begun), doubts));
        });
    }

    private static String said(String note, List<String> doubts, String begun) {
        return Stream.of(Stream.of(note), doubts.stream(), Stream.of(begun)).flatMap(it -> it).filter(it -> !it.isEmpty())
                .collect(Collectors.joining(" "));
    }

    /**
     * What a hand-in claims of itself that cannot be: it is pointed out, and the work takes no other's place by it.
     *
     * @param given how the exercise was given out
     * @param now in seconds since 1970, UTC
     */
    static List<String> doubts(StudentAnswers script, Issue given, long now) {
        List<String> doubts = new ArrayList<>();
        if (script.pace().filter(pace -> pace.handedIn() > now + CLOCKS_DIFFER).isPresent()) {
            doubts.add("It says that it was handed in at a time that has not come yet.");
        }
        String copyOf = script.copy().map(StudentAnswers.Copied::name).orElse("");
        if (!copyOf.isBlank() && !Student.isSameName(copyOf, script.student())) {
            doubts.add("It was done on the copy made for " + Student.shown(copyOf, "somebody") + ".");
        }
        script.copy().ifPresent(copy -> given.edition(copy.edition())
                .flatMap(edition -> doubted(copy, script.student(), edition)).ifPresent(doubts::add));
        return doubts;
    }

    /** What is wrong with the variant of a copy, by the list of those for whom the edition was made. */
    private static Optional<String> doubted(StudentAnswers.Copied copy, String student, Edition edition) {
        if (copy.variant() > edition.variants()) {
            return Optional.of("No variant " + copy.variant() + " of edition " + edition.number() + " was given out.");
        }
        List<ClassList.Entry> withIt = edition.named().entries().stream().filter(it -> it.variant() == copy.variant()).toList();
        if (!withIt.isEmpty() && withIt.stream().noneMatch(it -> Student.isSameName(it.name(), student))) {
            return Optional.of("Variant " + copy.variant() + " was made for " + withIt.stream()
                    .map(it -> Student.shown(it.name(), "somebody")).distinct().limit(MOST_NAMED)
                    .collect(Collectors.joining(" or ")) + ".");
        }
        Optional<ClassList.Entry> theirs = edition.named().entries().stream()
                .filter(it -> Student.isSameName(it.name(), student)).findFirst();
        return theirs.filter(_ -> withIt.isEmpty() && copy.variant() > 0)
                .map(it -> "Variant " + it.variant() + " was made for " + Student.shown(it.name(), "somebody")
                        + ", and this is variant " + copy.variant() + ".");
    }

    private static String which(StudentAnswers.Copied copy) {
        return (copy.variant() > 0 ? "Variant " + copy.variant() + " of edition " : "Edition ") + copy.edition() + ".";
    }

    /**
     * Whether a hand-in asks what the instructor's exercise asks. Where it is not written in the same letters, as by another
     * version of the program, it is read; of those that are alike once.
     */
    private boolean isSame(Path file, HandInFile.Light light) {
        return light.print() == print || prints.computeIfAbsent(light.print(),
                _ -> HandInFile.read(file) instanceof Result.Done<HandIn>(HandIn handIn)
                && handIn.exercise().parts().equals(exercise.parts()) && handIn.exercise().mark() == exercise.mark());
    }

    private String note(Path file, HandInFile.Light light, ClassKey key) {
        StudentAnswers script = light.script();
        if (script.copy().isPresent()) {
            return which(script.copy().get())
                    + (key.edition(script).isEmpty()
                            ? " Your exercise no longer holds this edition; marked with it as it is now." : "");
        }
        long gone = script.attempts().entrySet().stream()
                .filter(it -> !it.getValue().isEmpty() && key.own().task(it.getKey()).isEmpty()).count();
        if (gone == 0) {
            return isSame(file, light) ? "" : "Its copy of the exercise differs from yours; marked with yours.";
        }
        return "It answers " + Counted.of(gone, "task") + " that your exercise no longer has.";
    }

    private static long modified(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis() / MILLISECONDS;
        } catch (IOException e) {
            return 0;
        }
    }
}
