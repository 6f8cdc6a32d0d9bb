package hestra.marking;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.feedback.Mistake;
import hestra.feedback.Verdict;
import hestra.task.Attempt;
import hestra.task.Sketch;
import hestra.task.Task;
import hestra.task.Terms;

/**
 * What a student gave to a task and what Hestra makes of it.
 *
 * @param counted the answer that counts; nothing where none was given, or none of the kind that is asked for
 * @param proposed the marks that it earns unless a person decides otherwise
 * @param tries how many answers were checked
 * @param mistakes all that were recognised in any of them, each once
 */
public record Given(Optional<Judged> counted, double proposed, int tries, List<Mistake> mistakes) {

    public Given {
        mistakes = List.copyOf(mistakes);
    }

    /** Nothing was given. */
    public static final Given NOTHING = new Given(Optional.empty(), 0, 0, List.of());

    /**
     * Judges the answers that a hand-in has to a task. Those beyond the last try, and those of another kind, count for nothing.
     *
     * @param key decides what is right
     */
    static Given of(Task task, List<Attempt> attempts, MarkingKey key) {
        int tries = task.terms().tries();
        List<Attempt> taken = attempts.subList(0, tries == 0 ? attempts.size() : Math.min(attempts.size(), tries)).stream().filter(attempt -> task.takes(attempt.answer())).toList();
        if (taken.isEmpty()) {
            return NOTHING;
        }
        List<Judged> judged = taken.stream().map(attempt -> key.judge(task, attempt)).toList();
        List<Verdict> verdicts = judged.stream().map(Judged::verdict).toList();
        int counted = task.terms().counting() == Terms.Counting.LAST ? taken.size() - 1
                // Of several that earn the same the last: it is what the student came to.
                : IntStream.range(0, taken.size()).boxed().max(Comparator.<Integer>comparingDouble(i -> verdicts.get(i).earned()).thenComparing(i -> i)).orElseThrow();
        return new Given(Optional.of(judged.get(counted)), task.terms().counting().earned(verdicts), taken.size(), verdicts.stream().flatMap(verdict -> verdict.mistakes().stream()).distinct().toList());
    }

    public boolean isBlank() {
        return counted.isEmpty();
    }

    public Optional<Verdict> verdict() {
        return counted.map(Judged::verdict);
    }

    /** What it says, see {@link Judged#group}. */
    public String group() {
        return counted.map(Judged::group).orElse(Sameness.BLANK);
    }

    /** What was answered, as it is read; empty where nothing was. */
    public String inWords() {
        return counted.map(Judged::words).orElse("");
    }

    /** What it looks like, where it was made in a plot. */
    public Optional<Sketch> sketch() {
        return counted.flatMap(Judged::sketch);
    }
}
