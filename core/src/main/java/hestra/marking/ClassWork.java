package hestra.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.exercise.Attempts;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.task.ReadByPerson;
import hestra.task.Task;

/**
 * A class with what has been decided of its work: everything that is shown while it is marked follows from this. A decision on
 * one student's answer goes before one on its group, that before one on all, and all before what Hestra proposes. Used by one
 * thread at a time.
 */
public final class ClassWork {

    private final Exercise exercise;
    private final Roll roll;
    private final Marking marking;
    private final Map<String, Map<String, Award>> awards = new HashMap<>();
    private final Map<String, Set<String>> commentsOn = new HashMap<>();
    /** The decisions on the marks of a task that stand, by whose answers they are about. */
    private final Map<String, Map<DecisionScope, List<Decision>>> decidedAt = new HashMap<>();
    private final Map<String, Set<String>> aloneAt = new HashMap<>();
    private final Map<String, List<AnswerGroup>> groups = new HashMap<>();

    private ClassWork(Exercise exercise, Roll roll, Marking marking) {
        this.exercise = exercise;
        this.roll = roll;
        this.marking = marking;
        // What has been decided at a task: little, where there are many answers.
        marking.decisions().forEach((matter, decisions) -> {
            switch (matter) {
                case DecisionSubject.Said(String task, DecisionScope _, String comment) ->
                        commentsOn.computeIfAbsent(task, _ -> new TreeSet<>()).add(comment);
                case DecisionSubject.Marks(String task, DecisionScope whom) ->
                        decidedAt.computeIfAbsent(task, _ -> new HashMap<>()).put(whom, decisions);
                case DecisionSubject.Alone(String task, String student) when marking.value(matter).isPresent() ->
                        aloneAt.computeIfAbsent(task, _ -> new HashSet<>()).add(student);
                case DecisionSubject.Alone _, DecisionSubject.Wording _, DecisionSubject.Apart _, DecisionSubject.Counts _,
                        DecisionSubject.LeftOut _, DecisionSubject.LookedAgain _,
                        DecisionSubject.Due _ -> { }
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

    /**
     * What the list of those for whom copies were made says of a student beside the name: "number 4711, group B"; empty where it
     * says nothing, or of several of that name.
     */
    public String listed(Student student) {
        ClassList list = exercise.issue().readers();
        int variant = student.marked().script().copy().map(StudentAnswers.Copied::variant).orElse(0);
        List<ClassList.Entry> named = list.entries().stream()
                .filter(it -> Student.isSameName(it.name(), student.marked().script().student())).toList();
        List<ClassList.Entry> theirs = named.size() <= 1 ? named : named.stream().filter(it -> it.variant() == variant).toList();
        return theirs.size() != 1
                ? "" : IntStream.range(0, list.headings().size()).filter(i -> !theirs.getFirst().further().get(i).isBlank())
                .mapToObj(i -> list.headings().get(i) + " " + theirs.getFirst().further().get(i))
                .collect(Collectors.joining(", "));
    }

    /** What a student's answer to a task earns. */
    public Award award(Student student, String task) {
        return awards.get(task).get(student.key());
    }

    private Award award(Student student, Task task) {
        Attempts given = student.marked().at(task.id());
        List<Decision> decisions = decided(task, student, given);
        Optional<Double> decided = decided(decisions);
        List<String> comments = comments(task.id(), student, given);
        double before = decided.orElse(given.earned());
        double off = comments.stream().mapToDouble(it -> comment(it).map(DecisionValue.Comment::off).orElse(0.0)).sum();
        double marks = Math.max(0, Math.min(task.terms().marks(), before) - off);
        boolean disputed = decisions.stream().map(it -> it.value().map(value -> ((DecisionValue.Points) value).marks()))
                .distinct()
                .count() > 1;
        return new Award(marks, standing(task, given, decided.isPresent(), marks), decided.isPresent(), comments,
                disputed ? decisions : List.of());
    }

    private static Standing standing(Task task, Attempts given, boolean decided, double marks) {
        boolean open = ReadByPerson.isReadByPerson(task) || given.counted().filter(it -> it.verdict().forMarker()).isPresent();
        if (open && !given.isEmpty() && !decided) {
            return Standing.UNREAD;
        }
        if (given.isEmpty() && !decided) {
            return Standing.BLANK;
        }
        if (task.terms().marks() == 0) {
            return given.verdict().map(it -> Standing.values()[it.outcome().ordinal()]).orElse(Standing.BLANK);
        }
        return marks >= task.terms().marks() ? Standing.RIGHT : marks > 0 ? Standing.NEARLY : Standing.WRONG;
    }

    /** From the most particular to the most general. Whoever's answer is marked by itself is in no group. */
    private Stream<DecisionScope> whose(Student student, String task, Attempts given) {
        Stream<DecisionScope> one = Stream.of(new DecisionScope.One(student.key()));
        boolean alone = aloneAt.getOrDefault(task, Set.of()).contains(student.key());
        return Stream.concat(alone ? one : Stream.concat(one, Stream.of(new DecisionScope.Group(given.group()))),
                Stream.of(new DecisionScope.All()));
    }

    /** The marks that a person gave for a student's answer, before comments take something off. */
    public Optional<Double> decided(Task task, Student student) {
        return decided(decided(task, student, student.marked().at(task.id())));
    }

    private static Optional<Double> decided(List<Decision> decisions) {
        return decisions.isEmpty()
                ? Optional.empty() : decisions.getLast().value().map(value -> ((DecisionValue.Points) value).marks());
    }

    /**
     * The decisions on an answer: those of the most particular kind that hold for it, several where markers decided without
     * knowing of each other.
     */
    private List<Decision> decided(Task task, Student student, Attempts given) {
        Map<DecisionScope, List<Decision>> here = decidedAt.getOrDefault(task.id(), Map.of());
        return here.isEmpty()
                ? List.of()
                : whose(student, task.id(), given).map(whom -> holding(here.getOrDefault(whom, List.of()), given, task))
                .filter(list -> !list.isEmpty()).findFirst().orElse(List.of());
    }

    /**
     * Of decisions on one matter those that hold for an answer; one that was taken back, beside another that was not, says
     * something too.
     */
    private static List<Decision> holding(List<Decision> decisions, Attempts given, Task task) {
        List<Decision> holding = decisions.stream()
                .filter(it -> it.value().isEmpty() || it.value().get() instanceof DecisionValue.Points points
                        && points.on().holds(given, task)).toList();
        return holding.stream().allMatch(it -> it.value().isEmpty()) ? List.of() : holding;
    }

    private List<String> comments(String task, Student student, Attempts given) {
        Set<String> here = commentsOn.getOrDefault(task, Set.of());
        return here.isEmpty() ? List.of() : here.stream().filter(comment -> comment(comment).isPresent()
                && whose(student, task, given).anyMatch(whom -> marking.value(new DecisionSubject.Said(task, whom, comment),
                DecisionValue.Yes.class).filter(it -> it.on().isEmpty() || it.on().get().isOn(given)).isPresent())).toList();
    }

    /**
     * The decisions on a task that no longer stand on some of the answers that they were made on, since these are judged
     * otherwise now or the task has other marks, and nobody has decided anew.
     */
    public List<Turned> turned(Task task) {
        List<Turned> turned = new ArrayList<>();
        decidedAt.getOrDefault(task.id(), Map.of()).forEach((whom, decisions) -> decisions.forEach(decision -> {
            if (decision.value().orElse(null) instanceof DecisionValue.Points points) {
                List<Student> students = roll.students().stream()
                        .filter(student -> isTurned(task, whom, points, student)).toList();
                if (!students.isEmpty()) {
                    turned.add(new Turned(task, decision, points, students));
                }
            }
        }));
        return turned.stream().sorted(Comparator.comparing(it -> it.decision().matter().toString() + it.decision().by()))
                .toList();
    }

    private boolean isTurned(Task task, DecisionScope whom, DecisionValue.Points points, Student student) {
        Attempts given = student.marked().at(task.id());
        boolean may = switch (whom) {
            case DecisionScope.One(String key) -> key.equals(student.key());
            // The group that it stood in then may be another one now.
            case DecisionScope.Group _ -> !aloneAt.getOrDefault(task.id(), Set.of()).contains(student.key());
            case DecisionScope.All _ -> true;
        };
        boolean seen = marking.value(new DecisionSubject.LookedAgain(task.id(), student.key()), DecisionValue.Yes.class)
                .flatMap(DecisionValue.Yes::on)
                .filter(it -> it.holds(given, task)).isPresent();
        return may && !seen && points.on().isTurned(student, task) && decided(task, student, given).isEmpty();
    }

    /** How many answers there are on which markers differ. */
    public int disputed() {
        return exercise.tasks().stream().mapToInt(this::disputed).sum();
    }

    /** The same of one task. */
    public int disputed(Task task) {
        return (int) awards.get(task.id()).values().stream().filter(Award::isDisputed).count();
    }

    /** The students whose answers a decision would be about. */
    public List<Student> students(Task task, DecisionScope whom) {
        return roll.students().stream().filter(student -> whose(student, task.id(), student.marked().at(task.id()))
                .anyMatch(whom::equals)).toList();
    }

    /** A comment by its id; nothing for one that is no more. */
    public Optional<DecisionValue.Comment> comment(String id) {
        return marking.value(new DecisionSubject.Wording(id), DecisionValue.Comment.class);
    }

    /** The comments on the whole of a student's work. */
    public List<String> comments(Student student) {
        return comments("", student, Attempts.NONE);
    }

    /** All the marks that a student has earned. */
    public double total(Student student) {
        double off = comments(student).stream().mapToDouble(it -> comment(it).map(DecisionValue.Comment::off).orElse(0.0)).sum();
        return Math.max(0, exercise.tasks().stream().mapToDouble(task -> award(student, task.id()).marks()).sum() - off);
    }

    /** The comments that there are, those used most first, each with how many answers and works it stands at. */
    public Map<String, Integer> usedComments() {
        Map<String, Integer> used = new TreeMap<>();
        marking.decisions().keySet().forEach(matter -> {
            if (matter instanceof DecisionSubject.Wording(String id) && comment(id).isPresent()) {
                used.put(id, 0);
            }
        });
        for (Student student : roll.students()) {
            Stream.concat(comments(student).stream(), exercise.tasks().stream()
                    .flatMap(task -> award(student, task.id()).comments().stream()))
                    .forEach(id -> used.merge(id, 1, Integer::sum));
        }
        Map<String, Integer> sorted = new LinkedHashMap<>();
        used.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed()
                .thenComparing(it -> comment(it.getKey()).map(DecisionValue.Comment::text).orElse("")))
                .forEach(it -> sorted.put(it.getKey(), it.getValue()));
        return sorted;
    }

    /**
     * The answers to a task, those together that say the same: right ones first, then the most frequent first. An answer of which
     * somebody decided by itself stands alone.
     */
    public List<AnswerGroup> groups(Task task) {
        return groups.computeIfAbsent(task.id(), _ -> grouped(task));
    }

    private List<AnswerGroup> grouped(Task task) {
        Map<String, List<Student>> together = new TreeMap<>();
        List<AnswerGroup> list = new ArrayList<>();
        for (Student student : roll.students()) {
            Attempts given = student.marked().at(task.id());
            if (isApart(student, task)) {
                list.add(new AnswerGroup(given.group(), List.of(student), given, true));
            } else {
                together.computeIfAbsent(given.group(), _ -> new ArrayList<>()).add(student);
            }
        }
        together.forEach((group, students) -> list.add(new AnswerGroup(group, students, students.getFirst().marked()
                .at(task.id()), false)));
        list.sort(Comparator.comparingInt(AnswerGroup::rank).thenComparing(it -> -it.students().size())
                .thenComparing(it -> it.first().mistakes().isEmpty())
                .thenComparing(AnswerGroup::group).thenComparing(AnswerGroup::apart)
                .thenComparing(it -> it.students().getFirst().key()));
        Map<String, Long> headings = list.stream().filter(it -> !it.apart())
                .collect(Collectors.groupingBy(AnswerGroup::heading, Collectors.counting()));
        list.replaceAll(it -> it.apart() || it.isBlank() || headings.getOrDefault(it.heading(), 0L) < 2 ? it : it.toldByWords());
        return List.copyOf(list);
    }

    /** Whether a student's answer is marked by itself: it was taken out of its group, or somebody decided on it. */
    public boolean isApart(Student student, Task task) {
        List<Decision> own = decidedAt.getOrDefault(task.id(), Map.of())
                .getOrDefault(new DecisionScope.One(student.key()), List.of());
        return aloneAt.getOrDefault(task.id(), Set.of()).contains(student.key())
                || !holding(own, student.marked().at(task.id()), task).isEmpty();
    }

    /**
     * What a group earns: where answers have joined it since it was marked, those that nobody has decided on, so that it is not
     * taken for done.
     */
    public Award award(AnswerGroup group, Task task) {
        List<Award> all = group.students().stream().map(student -> award(student, task.id())).toList();
        return all.stream().filter(it -> !it.decided()).findFirst().orElse(all.getFirst());
    }

    /** How many of a group somebody has decided on. */
    public int decided(AnswerGroup group, Task task) {
        return (int) group.students().stream().filter(student -> award(student, task.id()).decided()).count();
    }

    /** The marks that a group is offered: those that were given to some of it, else what Hestra proposes. */
    public double offered(AnswerGroup group, Task task) {
        return group.students().stream().flatMap(student -> decided(task, student).stream()).findFirst()
                .orElse(group.first().earned());
    }

    /** How many answers there are that a person has to read, and how many of them have been. */
    public ReadingProgress reading() {
        int all = 0;
        int done = 0;
        int groups = 0;
        int left = 0;
        for (Task task : exercise.tasks().stream().filter(ReadByPerson::isReadByPerson).toList()) {
            for (AnswerGroup group : groups(task).stream().filter(it -> !it.isBlank()).toList()) {
                int unread = (int) group.students().stream()
                        .filter(student -> award(student, task.id()).standing() == Standing.UNREAD).count();
                all += group.students().size();
                done += group.students().size() - unread;
                groups++;
                left += unread == 0 ? 0 : 1;
            }
        }
        return new ReadingProgress(all, done, groups, left);
    }

    /**
     * What a person has to read.
     *
     * @param answers how many answers
     * @param done how many of them have been marked
     * @param groups how many groups they stand in
     * @param left how many groups are still to be marked
     */
    public record ReadingProgress(int answers, int done, int groups, int left) {}
}
