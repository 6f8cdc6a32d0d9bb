package hestra.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

import hestra.exercise.Attempts;
import hestra.feedback.Mistake;
import hestra.numbers.Counted;
import hestra.task.Task;

/**
 * What the work of a class says about the class.
 *
 * @param work the work
 * @param tasks how each task went, in the order of the sheet
 * @param totals the marks of each student, from the least
 * @param minutes how long each worked who says so, from the least
 */
public record ClassResult(ClassWork work, List<OfTask> tasks, List<Double> totals, List<Long> minutes) {

    /** A mistake is spoken of where so many made it. */
    private static final int SEVERAL = 2;
    private static final double WELL = 0.8;
    private static final double BADLY = 0.6;
    private static final int MOST_NAMED = 3;

    /**
     * How a task went.
     *
     * @param task the task
     * @param number its number, from 1
     * @param standings how many stand where
     * @param mistakes who most likely made which, in whichever try; those of most first
     * @param possible what else would explain these answers
     * @param nearness how near each curve by eye came, as a multiple of the least sum of squares, from the nearest
     */
    public record OfTask(Task task, int number, Map<Standing, Integer> standings, Map<Mistake, List<Student>> mistakes,
            Map<Mistake, Set<Mistake>> possible,
            List<Double> nearness) {

        /** A mistake in words, with what else would explain the answers. */
        public String inWords(Mistake mistake) {
            Set<Mistake> others = possible.getOrDefault(mistake, Set.of());
            return mistake.inWords() + (others.isEmpty() ? "" : " (or " + others.stream().map(Mistake::inWords)
                    .collect(Collectors.joining(", ")) + ")");
        }


        public int count(Standing standing) {
            return standings.getOrDefault(standing, 0);
        }

        /** The share of the class that got it right. */
        double right() {
            int all = standings.values().stream().mapToInt(Integer::intValue).sum();
            return all == 0 ? 0 : (double) count(Standing.RIGHT) / all;
        }
    }

    /** The result of a class. */
    public static ClassResult of(ClassWork work) {
        List<Student> students = work.roll().students();
        List<OfTask> tasks = new ArrayList<>();
        for (Task task : work.exercise().tasks()) {
            Map<Standing, Integer> standings = new EnumMap<>(Standing.class);
            Map<Mistake, List<Student>> made = new TreeMap<>();
            Map<Mistake, Set<Mistake>> possible = new TreeMap<>();
            List<Double> near = new ArrayList<>();
            for (Student student : students) {
                Attempts given = student.marked().at(task.id());
                standings.merge(work.award(student, task.id()).standing(), 1, Integer::sum);
                given.likelyMistakes().forEach(mistake -> {
                    made.computeIfAbsent(mistake, _ -> new ArrayList<>()).add(student);
                    possible.computeIfAbsent(mistake, _ -> new TreeSet<>()).addAll(given.orMistakes(mistake));
                });
                given.counted().ifPresent(it -> it.nearness().ifPresent(near::add));
            }
            Map<Mistake, List<Student>> sorted = new LinkedHashMap<>();
            made.entrySet().stream().sorted(Comparator.comparing(it -> -it.getValue().size()))
                    .forEach(it -> sorted.put(it.getKey(), List.copyOf(it.getValue())));
            tasks.add(new OfTask(task, tasks.size() + 1, standings, sorted, possible, near.stream().sorted().toList()));
        }
        return new ClassResult(work, tasks, students.stream().map(work::total).sorted().toList(),
                students.stream().flatMap(student -> student.marked().script().pace().stream())
                        .map(Pace::minutes).sorted().toList());
    }

    /** The middle of values that are sorted; nothing of none. */
    public static OptionalDouble median(List<? extends Number> sorted) {
        int n = sorted.size();
        return n == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of((sorted.get((n - 1) / 2).doubleValue() + sorted.get(n / 2).doubleValue()) / 2);
    }

    /** What to go through again, in a few sentences; what the figures say and no more. */
    public String inWords() {
        int n = work.roll().students().size();
        List<OfTask> judged = tasks.stream().filter(it -> it.task().terms().marks() > 0 && it.count(Standing.UNREAD) == 0)
                .toList();
        if (n == 0 || judged.isEmpty()) {
            return n == 0 ? "No work has come in yet." : "Nothing can be said before the answers have been read.";
        }
        List<String> sentences = new ArrayList<>();
        judged.stream().filter(it -> it.right() < BADLY).sorted(Comparator.comparingDouble(OfTask::right)).limit(MOST_NAMED)
                .forEach(it -> sentences.add((sentences.isEmpty() ? "Go through task " : "Then task ") + named(it)
                + (sentences.isEmpty() ? ", again: " : ": ") + it.count(Standing.RIGHT) + " of " + n + " got it right"
                + commonest(it).map(words -> ", and " + words).orElse("") + "."));
        if (sentences.isEmpty()) {
            sentences.add("Every task was done by more than half of the class; nothing stands out to be gone through again.");
            judged.stream().filter(it -> commonest(it).isPresent())
                    .max(Comparator.comparingInt(it -> it.mistakes().values().iterator().next().size()))
                    .ifPresent(it -> sentences.add("In task " + named(it) + ", " + commonest(it).orElseThrow() + "."));
        }
        judged.stream().filter(it -> it.count(Standing.BLANK) * 4 >= n)
                .forEach(it -> sentences.add("Task " + named(it) + ", was left out by " + it.count(Standing.BLANK) + "."));
        List<String> well = judged.stream().filter(it -> it.right() >= WELL).map(it -> Integer.toString(it.number())).toList();
        if (!well.isEmpty() && well.size() < judged.size()) {
            sentences.add((well.size() == 1 ? "Task " : "Tasks ") + listed(well) + " went well.");
        }
        int unread = tasks.size() - judged.size() - (int) tasks.stream().filter(it -> it.task().terms().marks() == 0).count();
        if (unread > 0) {
            sentences.add(Counted.of(unread, "task is", "tasks are") + " still to be read.");
        }
        return String.join(" ", sentences);
    }

    private static Optional<String> commonest(OfTask task) {
        return task.mistakes().entrySet().stream().findFirst().filter(it -> it.getValue().size() >= SEVERAL)
                .map(it -> it.getValue().size() + " had “" + task.inWords(it.getKey()) + "”");
    }

    private static String named(OfTask task) {
        return task.number() + ", “" + task.task().terms().title() + "”";
    }

    /** "1, 2 and 3". */
    private static String listed(List<String> words) {
        return words.size() == 1
                ? words.getFirst()
                : words.stream().limit(words.size() - 1L).collect(Collectors.joining(", ")) + " and " + words.getLast();
    }
}
