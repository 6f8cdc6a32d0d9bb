package hestra.marking;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.feedback.Mistake;
import hestra.feedback.Verdict;
import hestra.task.Attempt;
import hestra.task.Task;
import hestra.task.Terms;

/**
 * What a student gave to a task and what Hestra makes of it.
 *
 * @param attempt the answer that counts; nothing where none was given, or none of the kind that is asked for
 * @param verdict on it
 * @param proposed the marks that it earns unless a person decides otherwise
 * @param tries how many answers were checked
 * @param mistakes all that were recognised in any of them, each once
 * @param group what it says, see {@link Sameness}: answers of one group say the same
 */
public record Given(Optional<Attempt> attempt, Optional<Verdict> verdict, double proposed, int tries, List<Mistake> mistakes, String group) {

    public Given {
        mistakes = List.copyOf(mistakes);
    }

    /** Nothing was given. */
    public static final Given NOTHING = new Given(Optional.empty(), Optional.empty(), 0, 0, List.of(), Sameness.BLANK);

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
        List<MarkingKey.Judged> judged = taken.stream().map(attempt -> key.judge(task, attempt)).toList();
        List<Verdict> verdicts = judged.stream().map(MarkingKey.Judged::verdict).toList();
        int counted = task.terms().counting() == Terms.Counting.LAST ? taken.size() - 1
                // Of several that earn the same the last: it is what the student came to.
                : IntStream.range(0, taken.size()).boxed().max(Comparator.<Integer>comparingDouble(i -> verdicts.get(i).earned()).thenComparing(i -> i)).orElseThrow();
        return new Given(Optional.of(taken.get(counted)), Optional.of(verdicts.get(counted)), task.terms().counting().earned(verdicts), taken.size(), verdicts.stream().flatMap(verdict -> verdict.mistakes().stream()).distinct().toList(),
                judged.get(counted).group());
    }

    public boolean isBlank() {
        return attempt.isEmpty();
    }
}
