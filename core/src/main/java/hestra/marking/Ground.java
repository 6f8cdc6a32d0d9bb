package hestra.marking;

import java.util.Collection;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

import hestra.exercise.Attempts;
import hestra.task.Task;

/**
 * The answers that a decision was made on, as they were: it holds for these and for those that are the same to the letter and in
 * their verdict, and for no others, whatever group those come to stand in.
 *
 * @param of the marks that the task had
 * @param answers a print of each, see {@link hestra.exercise.Judged#print}
 * @param students a print of whose they were, in eight hexadecimal digits
 */
public record Ground(int of, Set<String> answers, Set<String> students) {

    public Ground {
        answers = Collections.unmodifiableSet(new TreeSet<>(answers));
        students = Collections.unmodifiableSet(new TreeSet<>(students));
    }

    /** The ground of the answers of some students to a task. */
    public static Ground of(Task task, Collection<Student> students) {
        Set<String> answers = new TreeSet<>();
        Set<String> whose = new TreeSet<>();
        students.forEach(student -> {
            answers.add(student.marked().at(task.id()).print());
            whose.add(print(student));
        });
        return new Ground(task.terms().marks(), answers, whose);
    }

    private static String print(Student student) {
        return String.format("%08x", student.key().hashCode());
    }

    /** Whether a decision on marks holds for an answer to a task. */
    boolean holds(Attempts given, Task task) {
        return task.terms().marks() == of && isOn(given);
    }

    /** Whether what was said of answers was said of one of these words and this verdict. */
    boolean isOn(Attempts given) {
        return answers.contains(given.print());
    }

    /** Whether it was made on a student's answer of these words, which is judged otherwise now or whose task had other marks. */
    boolean isTurned(Student student, Task task) {
        Attempts given = student.marked().at(task.id());
        return !holds(given, task) && students.contains(print(student))
                && answers.stream().anyMatch(print -> words(print).equals(words(given.print())));
    }

    private static String words(String print) {
        return print.substring(0, Math.max(0, print.indexOf(':')));
    }

    /** Whether two are of the same answers in part. */
    boolean meets(Ground other) {
        return of == other.of && !Collections.disjoint(answers, other.answers);
    }
}
