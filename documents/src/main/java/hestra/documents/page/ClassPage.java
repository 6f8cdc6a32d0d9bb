package hestra.documents.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.documents.page.Piece.Table.Line;
import hestra.exercise.Exercise;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.Roll;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.marking.Tally;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;

/**
 * A class on one page: where every answer stands, how each task went, which mistakes were made by whom, the spread of marks, and
 * what to go through again.
 */
public final class ClassPage {

    private static final int MOST_NAMED = 12;

    private ClassPage() {}

    /**
     * The page.
     *
     * @param date today in words
     * @param named whether students are named; else they have numbers
     */
    public static Page of(ClassResult result, String date, boolean named) {
        ClassWork work = result.work();
        Exercise exercise = work.exercise();
        List<Student> students = work.roll().students();
        List<Piece> pieces = new ArrayList<>();
        pieces.add(new Piece.Text(escaped(result.inWords())));
        pieces.add(new Piece.Values("", values(result)));
        pieces.add(new Piece.Heading(2, "Tasks"));
        pieces.add(new Piece.Table("", "", headings(), result.tasks().stream().map(task -> line(task)).toList()));
        List<Line> mistakes = result.tasks().stream()
                .flatMap(task -> task.mistakes().entrySet().stream()
                        .map(it -> new Line(List.of(Integer.toString(task.number()), task.inWords(it.getKey()),
                        Integer.toString(it.getValue().size()),
                names(it.getValue(), students, named)), false))).toList();
        if (!mistakes.isEmpty()) {
            pieces.add(new Piece.Heading(2, "Recognised mistakes"));
            pieces.add(new Piece.Table("", "", List.of("task", "mistake", "how many", "who"), mistakes));
        }
        pieces.add(new Piece.Heading(2, "Marks"));
        pieces.add(new Piece.Table("", "", List.of("marks", "students"), spread(result)));
        pieces.add(new Piece.Heading(2, "Everybody"));
        pieces.add(new Piece.Table("", Stream.of(Standing.values()).map(it -> it.sign() + " " + it.word())
                .collect(Collectors.joining(", ")), Stream.of(Stream.of("student"),
                IntStream.rangeClosed(1, exercise.tasks().size()).mapToObj(Integer::toString), Stream.of("marks"))
                        .flatMap(it -> it).toList(), IntStream.range(0, students.size())
                        .mapToObj(i -> everybody(work, students.get(i), i, named)).toList()));
        if (!work.roll().asides().isEmpty()) {
            pieces.add(new Piece.Heading(2, "Not marked"));
            pieces.add(new Piece.Table("", "", List.of("file", "why"), work.roll().asides().stream()
                    .map((Roll.Aside it) -> new Line(List.of(it.file(), it.why()), false)).toList()));
        }
        return new Page(exercise.title() + ": the class", "",
                List.of(exercise.place(), Counted.of(students.size(), "student"), date), pieces);
    }

    /** Nothing in a title or a name is taken for mark-up. */
    private static String escaped(String text) {
        return text.replaceAll("([\\\\`*_{}\\[\\]<>#])", "\\\\$1");
    }

    private static List<Piece.Values.Value> values(ClassResult result) {
        List<Piece.Values.Value> values = new ArrayList<>();
        median(result.totals()).ifPresent(it -> values.add(new Piece.Values.Value("median of the marks", result.work().exercise()
                .inMarks().of(it) + " of " + result.work().exercise().marks())));
        median(result.minutes()).ifPresent(it -> values.add(new Piece.Values.Value("median of the time",
                Counted.of(Math.round(it), "minute") + " (" + result.minutes()
                .getFirst() + " to " + result.minutes().getLast() + ")")));
        return values;
    }

    private static OptionalDouble median(List<? extends Number> sorted) {
        return ClassResult.median(sorted);
    }

    private static List<String> headings() {
        return Stream.of(Stream.of("task", "title"), Stream.of(Standing.values()).map(it -> it.sign() + " " + it.word()),
                Stream.of("by eye")).flatMap(it -> it).toList();
    }

    private static Line line(ClassResult.OfTask task) {
        List<String> cells = new ArrayList<>(List.of(Integer.toString(task.number()), task.task().terms().title()));
        Arrays.stream(Standing.values()).forEach(standing -> cells.add(Integer.toString(task.count(standing))));
        OptionalDouble near = median(task.nearness());
        cells.add(near.isEmpty()
                ? "" : "median " + NumberStyle.STANDARD.places(near.getAsDouble(), 2) + " \u00d7 the least squares");
        return new Line(cells, false);
    }

    private static String names(List<Student> some, List<Student> all, boolean named) {
        return some.stream().limit(MOST_NAMED).map(student -> named ? student.name() : Integer.toString(all.indexOf(student) + 1))
                .collect(Collectors.joining(", ")) + (some.size() > MOST_NAMED ? " and " + (some.size() - MOST_NAMED)
                        + " more" : "");
    }

    private static List<Line> spread(ClassResult result) {
        return Tally.of(result.totals(), result.work().exercise().marks()).stream()
                .map(it -> new Line(List.of(result.work().exercise().inMarks().of(it.from()) + " to " + result.work().exercise()
                        .inMarks().of(it.to()), Integer.toString(it.count())), false)).toList();
    }

    private static Line everybody(ClassWork work, Student student, int place, boolean named) {
        List<String> cells = new ArrayList<>(List.of(named ? student.name() : Integer.toString(place + 1)));
        work.exercise().tasks().forEach(task -> cells.add(work.award(student, task.id()).standing().sign()));
        cells.add(work.exercise().inMarks().of(work.total(student)));
        return new Line(cells, false);
    }
}
