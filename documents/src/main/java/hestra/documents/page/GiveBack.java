package hestra.documents.page;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;

import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.Attempts;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.marking.Award;
import hestra.marking.ClassKey;
import hestra.marking.ClassWork;
import hestra.marking.DecisionValue;
import hestra.marking.HandIn;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.task.Task;
import hestra.task.Truth;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The pages that students get back: the sheet with their answers, plots, marks and comments, and the key where that is wanted.
 * What is asked and what is right is the instructor's own exercise's, whatever the hand-in says it is.
 */
public final class GiveBack {

    /** What is written for each student. */
    public enum Form {
        HTML(".html"),
        PDF(".pdf");

        private final String ending;

        Form(String ending) {
            this.ending = ending;
        }
    }

    private static final Logger LOG = LoggerFactory.getLogger(GiveBack.class);
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH);

    private final ClassWork work;
    private final ClassKey key;
    private final boolean withKey;
    private final String date;

    /** Pages of a class; {@code date} is today in words. */
    public GiveBack(ClassWork work, ClassKey key, boolean withKey, String date) {
        this.work = work;
        this.key = key;
        this.withKey = withKey;
        this.date = date;
    }

    /** The page of a student, whose hand-in has been opened. */
    public Page page(Student student, HandIn handIn) {
        Exercise exercise = exercise(student);
        Findings findings = Findings.of(handIn.on(exercise).desk());
        List<Piece> first = new ArrayList<>(List.of(new Piece.Heading(2,
                work.exercise().inMarks().outOf(work.total(student), work.exercise().marks()))));
        comments(work.comments(student)).forEach(comment -> first.add(new Piece.Comment(comment)));
        lookAgain(student, findings).ifPresent(first::add);
        List<String> about = List.of(exercise.heading().isBlank() ? "" : exercise.title(), variant(student), student.marked()
                .script().pace().map(pace -> "handed in " + when(pace.handedIn())).orElse(""), student.late() ? "late" : "",
                "marked " + date);
        return WriteUp.marked(findings, about, first, state -> told(student, state, findings));
    }

    /** The tasks that did not earn all their marks; nothing where all did, or some are still to be read. */
    private Optional<Piece> lookAgain(Student student, Findings findings) {
        List<String> again = findings.tasks().stream().filter(state -> work.exercise().task(state.task().id()).isPresent())
                .filter(state -> EnumSet.of(Standing.NEARLY, Standing.WRONG, Standing.BLANK)
                        .contains(work.award(student, state.task().id()).standing()))
                .map(state -> state.number() + " " + state.task().terms().title()).toList();
        return again.isEmpty() ? Optional.empty()
                : Optional.of(new Piece.Remark("Look again at: " + String.join(" \u00b7 ", again) + "."));
    }

    /** What the student had: drawn by one thread at a time. */
    private synchronized Exercise exercise(Student student) {
        return key.key(student.marked().script()).exercise();
    }

    private static String variant(Student student) {
        return student.marked().script().copy().filter(copy -> copy.variant() > 0)
                .map(copy -> "variant " + copy.variant()).orElse("");
    }

    /** A time in words, as the clock here shows it. */
    public static String when(long at) {
        return WHEN.format(LocalDateTime.ofInstant(Instant.ofEpochSecond(at), ZoneId.systemDefault()));
    }

    private WriteUp.Told told(Student student, TaskState state, Findings findings) {
        Task task = state.task();
        if (work.exercise().task(task.id()).isEmpty()) {
            return WriteUp.Told.NOTHING;
        }
        Attempts given = student.marked().at(task.id());
        Award award = work.award(student, task.id());
        String marks = work.exercise().inMarks().outOf(award.marks(), work.exercise().task(task.id()).orElseThrow().terms()
                .marks()) + (award.standing() == Standing.UNREAD ? ", still to be read" : "");
        Truth truth = findings.at(findings.exercise().partOf(task.id()).orElseThrow()).truth();
        String answer = withKey && given.verdict().filter(Verdict::isRight).isEmpty() ? task.rightAnswer(truth) : "";
        // Where a person decided otherwise, what Hestra said of it would only confuse.
        boolean overruled = award.decided() && given.verdict().filter(it -> Math.abs(it.earned() - award.marks()) > 1e-9)
                .isPresent();
        String why = withKey ? LiveText.fill(task.terms().why(), findings.exercise().partOf(task.id()).orElseThrow(),
                findings.exercise().mark()) : "";
        return new WriteUp.Told(outcome(award), overruled ? "" : given.verdict().map(Verdict::message).orElse(""), marks,
                comments(award.comments()), answer, why);
    }

    private static Optional<Outcome> outcome(Award award) {
        return switch (award.standing()) {
            case RIGHT -> Optional.of(Outcome.RIGHT);
            case NEARLY -> Optional.of(Outcome.NEARLY);
            case WRONG -> Optional.of(Outcome.WRONG);
            case BLANK, UNREAD -> Optional.empty();
        };
    }

    private List<String> comments(List<String> ids) {
        return ids.stream().flatMap(id -> work.comment(id).stream()).map(this::said).toList();
    }

    private String said(DecisionValue.Comment comment) {
        return comment.text() + (comment.off() == 0 ? "" : " (" + work.exercise().inMarks().off(comment.off()) + ")");
    }

    /**
     * What was written.
     *
     * @param files in the order of the class
     * @param failures a sentence for each student whose page could not be written, with the reason
     */
    public record Written(List<Path> files, List<String> failures) {
        public Written {
            files = List.copyOf(files);
            failures = List.copyOf(failures);
        }
    }

    /**
     * Writes the pages of all students into a folder, which is made where it is not there. Each is by itself: what fails for one
     * is listed, and the others are written.
     *
     * @param handIns the folder of their hand-ins
     * @param progress is told from several threads
     * @throws Progress.Stopped where that is wanted
     */
    public Written write(Path handIns, Path folder, Set<Form> forms, Paper paper, Progress progress) {
        Set<String> taken = new HashSet<>();
        Map<Student, String> names = new LinkedHashMap<>();
        work.roll().students().forEach(student -> names.put(student, free(Publication.safe(work.exercise().title(), "Exercise")
                + ", " + Publication.safe(student.name(), "student"), taken)));
        AtomicInteger done = new AtomicInteger();
        // A page is much work, and each is by itself.
        List<Written> all = names.entrySet().parallelStream().map(entry -> {
            Written written = write(entry.getKey(), entry.getValue(), handIns, folder, forms, paper);
            progress.tell((double) done.incrementAndGet() / names.size());
            return written;
        }).toList();
        return new Written(all.stream().flatMap(it -> it.files.stream()).toList(), all.stream()
                .flatMap(it -> it.failures.stream()).toList());
    }

    /**
     * Writes the pages of all into one PDF, to be printed: each with page numbers of its own.
     *
     * @param students in the order in which they are wanted
     * @param bothSides whether each begins on a sheet of paper of its own where both sides are printed
     */
    public Written writeTogether(List<Student> students, Path handIns, Path file, Paper paper, boolean bothSides,
            Progress progress) throws IOException {
        PdfStack stack = new PdfStack(bothSides);
        List<String> failures = new ArrayList<>();
        for (int i = 0; i < students.size(); i++) {
            failures.addAll(using(students.get(i), handIns, page -> {
                ByteArrayOutputStream pages = new ByteArrayOutputStream();
                PdfPage.write(page, paper, pages);
                stack.add(pages.toByteArray());
            }));
            progress.tell((i + 1.0) / students.size());
        }
        if (stack.isEmpty()) {
            return new Written(List.of(), failures);
        }
        FileWriting.write(file, stack::write);
        return new Written(List.of(file), failures);
    }

    private Written write(Student student, String name, Path handIns, Path folder, Set<Form> forms, Paper paper) {
        List<Path> written = new ArrayList<>();
        List<String> failures = using(student, handIns, page -> {
            for (Form form : Form.values()) {
                if (forms.contains(form)) {
                    Path file = folder.resolve(name + form.ending);
                    PageFile.write(page, paper, file);
                    written.add(file);
                }
            }
        });
        return new Written(written, failures);
    }

    /** What is done with a student's page. */
    @FunctionalInterface
    private interface Use {
        void of(Page page) throws IOException;
    }

    /** Does something with a student's page. What fails, fails for this one: a sentence that says why; none where all is well. */
    private List<String> using(Student student, Path handIns, Use use) {
        try {
            return switch (HandInFile.marked(handIns.resolve(student.handedIn().file()), exercise(student))) {
                case Result.Refused<HandIn>(String message) -> List.of(student.name() + ": " + message);
                case Result.Done<HandIn>(HandIn handIn) -> {
                    use.of(page(student, handIn));
                    yield List.of();
                }
            };
        } catch (IOException e) {
            return failed(student, e);
        } catch (RuntimeException | StackOverflowError e) {
            // It was made by a stranger: whatever it is that fails, it fails for this one.
            LOG.warn("The page of {} cannot be made", student.handedIn().file(), e);
            return failed(student, e);
        }
    }

    private static List<String> failed(Student student, Throwable why) {
        return List.of(student.name() + ": the page could not be written ("
                + (why.getMessage() == null ? why.getClass().getSimpleName() : why.getMessage()) + ").");
    }

    private static String free(String name, Set<String> taken) {
        return Stream.iterate(1, i -> i + 1).map(i -> i == 1 ? name : name + " (" + i + ")")
                .filter(it -> taken.add(it.toLowerCase(Locale.ROOT))).findFirst().orElseThrow();
    }
}
