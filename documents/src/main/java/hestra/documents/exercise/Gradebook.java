package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.documents.file.FileWriting;
import hestra.documents.table.DataExport;
import hestra.documents.table.DelimitedText;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.marking.ClassWork;
import hestra.marking.Roll;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.numbers.Marks;
import hestra.task.Task;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;

/** The marks of a class as a table: a line a student, a column a task, the total, of how many, and what is to be said. */
public final class Gradebook {

    /** The endings of the files that it can be written as. */
    public static final List<String> ENDINGS = List.of(".csv", ".xlsx");

    /** A table is read by other programs: with a point, whatever the exercise says. */
    private static final Marks MARKS = new Marks(DecimalMark.POINT);
    private static final int WIDEST = 40;
    private static final int LETTER = 256;

    private Gradebook() {}

    /**
     * A line of headings, then a line each student, then one for each file that is not marked.
     *
     * @param list a class list, in whose order the lines are to be, with its further columns; those without work get an empty
     *     line. Where it is
     *     empty, that of the names for whom copies were made, if there were such, and else the students by name
     */
    public static List<List<String>> records(ClassWork work, ClassList list) {
        Exercise exercise = work.exercise();
        ClassList wanted = list.isEmpty() ? exercise.issue().readers() : list;
        List<String> nothing = wanted.headings().stream().map(_ -> "").toList();
        List<List<String>> records = new ArrayList<>();
        records.add(Stream.of(Stream.of("name"), wanted.headings().stream(), exercise.tasks().stream()
                .map(task -> task.terms().title()), Stream.of("total", "of", "note")).flatMap(it -> it).toList());
        List<String> none = exercise.tasks().stream().map(_ -> "").toList();
        lines(work, wanted).forEach(line -> records.add(line.student().map(student -> line(work, student, line.further()))
                .orElseGet(() -> Stream.of(Stream.of(line.name()), line.further().stream(), none.stream(),
                        Stream.of("", Integer.toString(exercise.marks()), "nothing handed in")).flatMap(it -> it).toList())));
        for (Roll.Aside aside : work.roll().asides()) {
            records.add(Stream.of(Stream.of(aside.file()), nothing.stream(), exercise.tasks().stream().map(_ -> ""),
                    Stream.of("", "", aside.why())).flatMap(it -> it).toList());
        }
        return records;
    }

    /**
     * A line of a class.
     *
     * @param name as the list has it
     * @param further what else the list says
     * @param student who it is; nothing where nothing was handed in
     */
    private record Line(String name, List<String> further, Optional<Student> student) {}

    /** Those who handed in, in the order of a list; where it is empty in that of the copies that were made, or else by name. */
    public static List<Student> inOrder(ClassWork work, ClassList list) {
        return lines(work, list.isEmpty() ? work.exercise().issue().readers() : list).stream()
                .flatMap(line -> line.student().stream()).toList();
    }

    private static List<Line> lines(ClassWork work, ClassList wanted) {
        List<String> nothing = wanted.headings().stream().map(_ -> "").toList();
        List<Line> lines = new ArrayList<>();
        Map<String, List<Student>> byName = new HashMap<>();
        work.roll().students().forEach(student -> byName.computeIfAbsent(Student.plain(student.handedIn().marked().script()
                .student()), _ -> new ArrayList<>()).add(student));
        Map<String, Long> named = wanted.entries().stream()
                .collect(Collectors.groupingBy(entry -> Student.plain(entry.name()), Collectors.counting()));
        Set<String> written = new HashSet<>();
        for (ClassList.Entry entry : wanted.entries()) {
            List<Student> left = byName.getOrDefault(Student.plain(entry.name()), List.of()).stream()
                    .filter(it -> !written.contains(it.key())).toList();
            boolean last = named.merge(Student.plain(entry.name()), -1L, Long::sum) == 0;
            List<Student> called = last ? left : theirs(entry, left);
            called.forEach(student -> {
                written.add(student.key());
                lines.add(new Line(entry.name(), entry.further(), Optional.of(student)));
            });
            if (called.isEmpty()) {
                lines.add(new Line(entry.name(), entry.further(), Optional.empty()));
            }
        }
        work.roll().students().stream().filter(student -> written.add(student.key()))
                .forEach(student -> lines.add(new Line(student.name(), nothing, Optional.of(student))));
        return lines;
    }

    /** Of students of one name, of which the list has several, those with the variant of a line. */
    private static List<Student> theirs(ClassList.Entry entry, List<Student> students) {
        return students.stream().filter(it -> it.handedIn().marked().script().copy()
                .filter(copy -> copy.variant() == entry.variant()).isPresent()).toList();
    }

    private static List<String> line(ClassWork work, Student student, List<String> further) {
        List<String> fields = new ArrayList<>(List.of(student.name()));
        fields.addAll(further);
        List<Task> tasks = work.exercise().tasks();
        tasks.forEach(task -> fields.add(MARKS.of(work.award(student, task.id()).marks())));
        long unread = tasks.stream().filter(task -> work.award(student, task.id()).standing() == Standing.UNREAD).count();
        fields.add(MARKS.of(work.total(student)));
        fields.add(Integer.toString(work.exercise().marks()));
        fields.add(String.join(" ", Stream.of(student.handedIn().note(), student.late() ? "Handed in late." : "",
                unread == 0 ? "" : Counted.of(unread, "answer is", "answers are") + " still to be read; the marks are proposed.")
                        .filter(it -> !it.isEmpty()).toList()));
        return fields;
    }

    /** As comma-separated text. Nothing in it is taken for a formula by the program that it is opened in. */
    public static String csv(ClassWork work, ClassList list) {
        return DelimitedText.text(records(work, list).stream().map(fields -> fields.stream().map(DataExport::harmless).toList()));
    }

    /** Writes it as the ending of the file says: .xlsx, else comma-separated text. */
    public static void write(ClassWork work, ClassList list, Path file) throws IOException {
        if (file.toString().toLowerCase(Locale.ROOT).endsWith(".xlsx")) {
            List<List<String>> records = records(work, list);
            FileWriting.write(file, out -> {
                try (SXSSFWorkbook workbook = new SXSSFWorkbook()) {
                    fill(workbook.createSheet("Marks"), records);
                    workbook.write(out);
                }
            });
        } else {
            FileWriting.write(file, csv(work, list));
        }
    }

    private static void fill(Sheet sheet, List<List<String>> records) {
        sheet.createFreezePane(1, 1);
        for (int i = 0; i < records.size(); i++) {
            Row row = sheet.createRow(i);
            List<String> fields = records.get(i);
            for (int column = 0; column < fields.size(); column++) {
                Cell cell = row.createCell(column);
                String text = fields.get(column);
                // Marks are numbers; a name that looks like one stays a text, and so does what looks like a formula.
                if (i > 0 && column > 0 && column < fields.size() - 1 && text.matches("-?\\d+(\\.\\d+)?")) {
                    cell.setCellValue(Double.parseDouble(text));
                } else {
                    cell.setCellValue(text);
                }
            }
        }
        List<String> headings = records.getFirst();
        for (int column = 0; column < headings.size(); column++) {
            int at = column;
            int widest = records.stream().mapToInt(fields -> fields.get(at).length()).max().orElse(0);
            sheet.setColumnWidth(column, LETTER * (Math.min(WIDEST, Math.max(widest, 4)) + 2));
        }
    }
}
