package hestra.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;

import hestra.exercise.Attempts;
import hestra.exercise.Exercise;
import hestra.task.Task;

/**
 * A class with what has been decided of its work: everything that is shown while it is marked follows from this. A decision on one
 * student's answer goes before one on its group, that before one on all, and all before what Hestra proposes. Used by one thread at a time.
 */
public final class ClassWork {

    private final Exercise exercise;
    private final Roll roll;
    private final Marking marking;
    private final Map<String, Map<String, Award>> awards = new HashMap<>();
    private final Map<String, Set<String>> commentsOn = new HashMap<>();
    private final Map<String, Map<Whom, Double>> decidedAt = new HashMap<>();
    private final Map<String, List<AnswerGroup>> groups = new HashMap<>();

    private ClassWork(Exercise exercise, Roll roll, Marking marking) {
        this.exercise = exercise;
        this.roll = roll;
        this.marking = marking;
        // What has been decided at a task: little, where there are many answers.
        marking.decisions().keySet().forEach(matter -> {
            if (matter instanceof Matter.Said(String task, Whom _, String comment)) {
                commentsOn.computeIfAbsent(task, _ -> new TreeSet<>()).add(comment);
            } else if (matter instanceof Matter.Marks(String task, Whom whom)) {
                marking.value(matter, Value.Points.class).ifPresent(points -> decidedAt.computeIfAbsent(task, _ -> new HashMap<>()).put(whom, points.marks()));
            }
        });
        for (Task task : exercise.tasks()) {
            Map<String, Award> ofTask = new HashMap<>();
            roll.students().forEach(student -> ofTask.put(student.key(), award(student, task)));
            awards.put(task.id(), ofTask);
        }
    }

    /** The work of these files on an exercise. */
    public static ClassWork of(Exercise exercise, List<Received> files, Marking marking) {
        return new ClassWork(exercise, Roll.of(files, marking), marking);
    }

    public Exercise exercise() {
        return exercise;
    }

    public Roll roll() {
        return roll;
    }

    public Marking marking() {
        return marking;
    }

    /** What a student's answer to a task earns. */
    public Award award(Student student, String task) {
        return awards.get(task).get(student.key());
    }

    private Award award(Student student, Task task) {
        Attempts given = student.marked().at(task.id());
        Optional<Double> decided = decided(task.id(), student, given);
        List<String> comments = comments(task.id(), student, given);
        double before = decided.orElse(given.earned());
        double marks = Math.max(0, Math.min(task.terms().marks(), before) - comments.stream().mapToDouble(it -> comment(it).map(Value.Comment::off).orElse(0.0)).sum());
        boolean unread = task.isReadByPerson() && !given.isEmpty() && decided.isEmpty();
        Standing standing = unread ? Standing.UNREAD : given.isEmpty() && decided.isEmpty() ? Standing.BLANK
                : task.terms().marks() == 0 ? given.verdict().map(it -> Standing.values()[it.outcome().ordinal()]).orElse(Standing.BLANK)
                : marks >= task.terms().marks() ? Standing.RIGHT : marks > 0 ? Standing.NEARLY : Standing.WRONG;
        return new Award(marks, standing, decided.isPresent(), comments);
    }

    /** From the most particular to the most general. */
    private static Stream<Whom> whose(Student student, Attempts given) {
        return Stream.of(new Whom.One(student.key()), new Whom.Group(given.group()), new Whom.All());
    }

    private Optional<Double> decided(String task, Student student, Attempts given) {
        Map<Whom, Double> here = decidedAt.getOrDefault(task, Map.of());
        return here.isEmpty() ? Optional.empty() : whose(student, given).filter(here::containsKey).map(here::get).findFirst();
    }

    private List<String> comments(String task, Student student, Attempts given) {
        Set<String> here = commentsOn.getOrDefault(task, Set.of());
        return here.isEmpty() ? List.of() : here.stream().filter(comment -> comment(comment).isPresent() && whose(student, given).anyMatch(whom -> marking.value(new Matter.Said(task, whom, comment)).isPresent())).toList();
    }

    /** A comment by its id; nothing for one that is no more. */
    public Optional<Value.Comment> comment(String id) {
        return marking.value(new Matter.Wording(id), Value.Comment.class);
    }

    /** The comments on the whole of a student's work. */
    public List<String> comments(Student student) {
        return comments("", student, Attempts.NONE);
    }

    /** All the marks that a student has earned. */
    public double total(Student student) {
        double off = comments(student).stream().mapToDouble(it -> comment(it).map(Value.Comment::off).orElse(0.0)).sum();
        return Math.max(0, exercise.tasks().stream().mapToDouble(task -> award(student, task.id()).marks()).sum() - off);
    }

    /** The comments that there are, those used most first, each with how many answers and works it stands at. */
    public Map<String, Integer> usedComments() {
        Map<String, Integer> used = new TreeMap<>();
        marking.decisions().keySet().forEach(matter -> {
            if (matter instanceof Matter.Wording(String id) && comment(id).isPresent()) {
                used.put(id, 0);
            }
        });
        for (Student student : roll.students()) {
            Stream.concat(comments(student).stream(), exercise.tasks().stream().flatMap(task -> award(student, task.id()).comments().stream())).forEach(id -> used.merge(id, 1, Integer::sum));
        }
        Map<String, Integer> sorted = new LinkedHashMap<>();
        used.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed().thenComparing(it -> comment(it.getKey()).map(Value.Comment::text).orElse(""))).forEach(it -> sorted.put(it.getKey(), it.getValue()));
        return sorted;
    }

    /** The answers to a task, those together that say the same: right ones first, then the most frequent first. An answer of which somebody decided by itself stands alone. */
    public List<AnswerGroup> groups(Task task) {
        return groups.computeIfAbsent(task.id(), _ -> grouped(task));
    }

    private List<AnswerGroup> grouped(Task task) {
        Map<String, List<Student>> together = new TreeMap<>();
        List<AnswerGroup> list = new ArrayList<>();
        for (Student student : roll.students()) {
            Attempts given = student.marked().at(task.id());
            if (isApart(student, task.id())) {
                list.add(new AnswerGroup(given.group(), List.of(student), given, true));
            } else {
                together.computeIfAbsent(given.group(), _ -> new ArrayList<>()).add(student);
            }
        }
        together.forEach((group, students) -> list.add(new AnswerGroup(group, students, students.getFirst().marked().at(task.id()), false)));
        list.sort(Comparator.comparingInt(AnswerGroup::rank).thenComparing(it -> -it.students().size()).thenComparing(it -> it.first().mistakes().isEmpty()).thenComparing(AnswerGroup::group).thenComparing(AnswerGroup::apart).thenComparing(it -> it.students().getFirst().key()));
        return List.copyOf(list);
    }

    /** Whether somebody decided on a student's answer by itself. */
    public boolean isApart(Student student, String task) {
        return decidedAt.getOrDefault(task, Map.of()).containsKey(new Whom.One(student.key()));
    }

    /** What a group earns, as long as all in it earn the same but for what was taken off some. */
    public Award award(AnswerGroup group, Task task) {
        return award(group.students().getFirst(), task.id());
    }

    /** How many answers there are that a person has to read, and how many of them have been. */
    public Reading reading() {
        int all = 0;
        int done = 0;
        int groups = 0;
        int left = 0;
        for (Task task : exercise.tasks().stream().filter(Task::isReadByPerson).toList()) {
            for (AnswerGroup group : groups(task).stream().filter(it -> !it.isBlank()).toList()) {
                boolean unread = award(group, task).standing() == Standing.UNREAD;
                all += group.students().size();
                done += unread ? 0 : group.students().size();
                groups++;
                left += unread ? 1 : 0;
            }
        }
        return new Reading(all, done, groups, left);
    }

    /**
     * What a person has to read.
     *
     * @param answers how many answers
     * @param done how many of them have been marked
     * @param groups how many groups they stand in
     * @param left how many groups are still to be marked
     */
    public record Reading(int answers, int done, int groups, int left) {}
}
