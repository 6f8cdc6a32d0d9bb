package hestra.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * The class: whose work is marked, and the files that are not, each with why. Of several hand-ins of one student the latest
 * counts that is in time; where all are late, the latest.
 *
 * @param students by name
 * @param asides by file
 */
public record Roll(List<Student> students, List<Aside> asides) {

    /**
     * A file that is not marked.
     *
     * @param file its name
     * @param why a sentence
     * @param another whether it is another hand-in of somebody whose work counts: or of somebody else of the same name
     */
    public record Aside(String file, String why, boolean another) {

        /** Whether a marker has left it out, and can take it in again. */
        public boolean isLeftOut() {
            return why.equals(LEFT_OUT);
        }
    }

    private static final String LEFT_OUT = "You have left it out.";

    public Roll {
        students = List.copyOf(students);
        asides = List.copyOf(asides);
    }

    /** The class of these files; a marking may say when they are due, and that two with one name are two. */
    public static Roll of(List<Received> files, Marking marking) {
        Map<String, List<Received.HandedIn>> byStudent = new TreeMap<>();
        List<Aside> asides = new ArrayList<>();
        for (Received file : files) {
            switch (file) {
                case Received.Refused(String name, String why) -> asides.add(new Aside(name, why, false));
                case Received.HandedIn(String name, long _, Marked _, String _,
                        List<String> _) when marking.value(new DecisionSubject.LeftOut(name)).isPresent() ->
                        asides.add(new Aside(name, LEFT_OUT, false));
                case Received.HandedIn handedIn ->
                        byStudent.computeIfAbsent(Student.keyOf(handedIn,
                                marking.value(new DecisionSubject.Apart(handedIn.file()))
                                .isPresent()), _ -> new ArrayList<>()).add(handedIn);
            }
        }
        Optional<Long> due = marking.value(new DecisionSubject.Due(), DecisionValue.Moment.class).map(DecisionValue.Moment::at);
        List<Student> students = new ArrayList<>();
        byStudent.forEach((key, all) -> entries(key, all, marking, due, asides, students));
        students.sort(Comparator.comparing(Student::name, String.CASE_INSENSITIVE_ORDER).thenComparing(Student::key));
        numbered(students);
        asides.sort(Comparator.comparing(Aside::file));
        return new Roll(students, asides);
    }

    /** Two of one name are told apart by numbers. */
    private static void numbered(List<Student> students) {
        Map<String, Long> named = students.stream().collect(Collectors.groupingBy(Student::name, Collectors.counting()));
        Map<String, Integer> numbers = new HashMap<>();
        students.replaceAll(student -> named.get(student.name()) < 2
                ? student : student.called(student.name() + " (" + numbers.merge(student.name(), 1, Integer::sum) + ")"));
    }

    /**
     * The entries of a name. What a hand-in claims of itself decides nothing: one of which something is doubted stands beside the
     * others, and neither takes the other's place, until a marker says that it is the student's, or leaves it out.
     */
    private static void entries(String key, List<Received.HandedIn> all, Marking marking, Optional<Long> due, List<Aside> asides,
            List<Student> students) {
        Map<Boolean, List<Received.HandedIn>> doubted = all.stream()
                .collect(Collectors.partitioningBy(it -> it.isDoubted()
                        && marking.value(new DecisionSubject.Counts(it.file())).isEmpty()));
        if (!doubted.get(false).isEmpty()) {
            students.add(counted(key, doubted.get(false), due, asides));
        }
        doubted.get(true).forEach(it -> students.add(counted(all.size() == 1 ? key : key + " @" + it.file(), List.of(it), due,
                asides)));
    }

    private static Student counted(String key, List<Received.HandedIn> all, Optional<Long> due, List<Aside> asides) {
        Comparator<Received.HandedIn> latest = Comparator.comparingLong(Received.HandedIn::at)
                .thenComparing(Received.HandedIn::file);
        Received.HandedIn counts = all.stream().filter(it -> due.isEmpty() || it.at() <= due.get()).max(latest)
                .orElseGet(() -> all.stream().max(latest).orElseThrow());
        String name = Student.shown(counts.marked().script().student(), "no name (" + counts.file() + ")");
        all.stream().filter(it -> it != counts).forEach(it -> asides.add(new Aside(it.file(), it.at() > counts.at()
                ? "Handed in late by " + name + "; " + counts.file() + ", handed in before, counts." : "An earlier hand-in of "
                + name + "; " + counts.file() + " counts.", true)));
        return new Student(key, name, counts, due.filter(it -> counts.at() > it).isPresent(), (int) all.stream()
                .filter(it -> it != counts && it.at() <= counts.at()).count());
    }

    /** A student by the key. */
    public Optional<Student> student(String key) {
        return students.stream().filter(it -> it.key().equals(key)).findFirst();
    }

    /** The place of a student, from 0; −1 for somebody else. */
    public int indexOf(String key) {
        return students.stream().map(Student::key).toList().indexOf(key);
    }
}
