package hestra.exercise;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.IntStream;

import hestra.feedback.Mistake;
import hestra.feedback.Verdict;
import hestra.task.Attempt;
import hestra.task.Sketch;
import hestra.task.Task;

/**
 * The attempts at a task, judged: each by what is right in the data of its own round. This is the one place that says which of
 * them counts and what it earns; the sheet, the write-up, Mark, the page given back and the gradebook all tell this.
 *
 * @param all the attempts that can count, oldest first: within the tries that there are, and of the kind that is asked for
 * @param countedAt the place of the one that counts, from 0; nothing where there is none
 * @param isSolved whether the task is: one was right, or the last one where that counts
 */
public record Attempts(List<Judged> all, OptionalInt countedAt, boolean isSolved) {

    /** Nothing was given. */
    public static final Attempts NONE = new Attempts(List.of(), OptionalInt.empty(), false);

    private static final String NO_PRINT = ":blank";

    public Attempts {
        all = List.copyOf(all);
    }

    /**
     * Judges the answers to a task.
     *
     * @param attempts oldest first; those beyond the last try, and those of another kind, count for nothing
     * @param judge what is said of one
     */
    public static Attempts of(Task task, List<Attempt> attempts, Function<Attempt, Judged> judge) {
        int tries = task.terms().tries();
        List<Judged> judged = attempts.stream().limit(tries == 0 ? Long.MAX_VALUE : tries)
                .filter(attempt -> task.takes(attempt.answer())).map(judge).toList();
        if (judged.isEmpty()) {
            return NONE;
        }
        return switch (task.terms().counting()) {
            case LAST -> new Attempts(judged, OptionalInt.of(judged.size() - 1), judged.getLast().verdict().isRight());
            case BEST -> new Attempts(judged, OptionalInt.of(best(judged)), judged.stream()
                    .anyMatch(it -> it.verdict().isRight()));
        };
    }

    /** Of several that earn the same the one with the better outcome, and of these the last: it is what the student came to. */
    private static int best(List<Judged> judged) {
        Comparator<Integer> earned = Comparator.comparingDouble(i -> judged.get(i).verdict().earned());
        Comparator<Integer> outcome = Comparator.comparing(i -> judged.get(i).verdict().outcome(), Comparator.reverseOrder());
        return IntStream.range(0, judged.size()).boxed().max(earned.thenComparing(outcome).thenComparing(i -> i)).orElseThrow();
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }

    /** How many were made. */
    public int count() {
        return all.size();
    }

    /** The one that counts. */
    public Optional<Judged> counted() {
        return countedAt.isEmpty() ? Optional.empty() : Optional.of(all.get(countedAt.getAsInt()));
    }

    /** The one that was made last. */
    public Optional<Judged> newest() {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast());
    }

    /** Whether the one that counts is not the one that was made last. */
    public boolean countsEarlier() {
        return countedAt.isPresent() && countedAt.getAsInt() < all.size() - 1;
    }

    /** The verdict on the one that counts. */
    public Optional<Verdict> verdict() {
        return counted().map(Judged::verdict);
    }

    /** The marks that are earned, unless a person decides otherwise. */
    public double earned() {
        return verdict().map(Verdict::earned).orElse(0.0);
    }

    /** What the one that counts says, see {@link Judged#group}. */
    public String group() {
        return counted().map(Judged::group).orElse(AnswerGrouping.BLANK);
    }

    /**
     * Tells the one that counts, with its verdict, from others, see {@link Judged#print}; for nothing given it is always the
     * same.
     */
    public String print() {
        return counted().map(Judged::print).orElse(NO_PRINT);
    }

    /** What counts, as it is read; empty where there is nothing. */
    public String inWords() {
        return counted().map(Judged::words).orElse("");
    }

    /** What the one that counts looks like, where it was made in a plot. */
    public Optional<Sketch> sketch() {
        return counted().flatMap(Judged::sketch);
    }

    /** All mistakes that were recognised in any of them, each once. */
    public List<Mistake> mistakes() {
        return all.stream().flatMap(it -> it.verdict().mistakes().stream()).distinct().toList();
    }

    /** The mistakes that were most likely made: of two of which each would explain an answer the first. Each once. */
    public List<Mistake> likelyMistakes() {
        return all.stream().flatMap(it -> it.verdict().mistakes().stream().limit(1)).distinct().toList();
    }

    /** What else would explain answers in which a mistake was most likely made. */
    public List<Mistake> orMistakes(Mistake likely) {
        return all.stream().map(it -> it.verdict().mistakes()).filter(it -> it.indexOf(likely) == 0)
                .flatMap(it -> it.stream().skip(1)).distinct().toList();
    }
}
