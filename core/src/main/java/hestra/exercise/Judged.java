package hestra.exercise;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

import hestra.feedback.Verdict;
import hestra.numbers.Counted;
import hestra.task.AsksNumbers;
import hestra.task.Attempt;
import hestra.task.ComparedWithBest;
import hestra.task.Sketch;
import hestra.task.Sketched;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * An answer with all that is said of it: worked out where it was judged, with the data that it was given on.
 *
 * @param attempt the answer
 * @param verdict on it
 * @param group what it says, see {@link AnswerGrouping}: answers of one group say the same
 * @param words what was answered, as it is read; without unseen signs, which may turn text round
 * @param nearness how near a curve by eye came, as a multiple of the least sum of squares; nothing for any other answer
 * @param sketch what it looks like; nothing where it was not made in a plot
 * @param print tells the answer with its verdict from others: of its words, then of the outcome and what it earns
 * @param truth what is right in the data that it was given on
 */
public record Judged(Attempt attempt, Verdict verdict, String group, String words, OptionalDouble nearness,
        Optional<Sketch> sketch, String print, Truth truth) {

    private static final int PRINT_BYTES = 8;
    private static final Pattern UNSEEN = Pattern.compile("\\p{Cf}");

    /**
     * Judges an answer of the kind that a task asks for. The same answer always gets the same verdict.
     *
     * @param exercise in which the task stands
     * @param truth what is right in the data that it was given on
     */
    public static Judged of(Exercise exercise, Task task, Attempt attempt, Truth truth) {
        Verdict verdict = exercise.judge(task, attempt, truth);
        // A number may be right for the points that were kept alone: how many those are not is said beside it.
        int out = AsksNumbers.of(task, truth).isEmpty() ? 0 : truth.setAsideBesideSlips(attempt);
        String aside = out == 0 ? "" : " (" + Counted.of(out, "row") + " set aside)";
        String words = UNSEEN.matcher(String.join("; ", task.inWords(attempt.answer(), truth))).replaceAll("") + aside;
        return new Judged(attempt, verdict, AnswerGrouping.of(task, attempt.answer(), verdict, truth), words,
                ComparedWithBest.nearness(task, attempt.answer(), truth), Sketched.of(task, attempt.answer(), truth),
                        print(words, verdict), truth);
    }

    /**
     * Eight bytes of a digest are enough that no two answers of a class have the same by chance, and a person's own words stand
     * in no marking.
     */
    private static String print(String words, Verdict verdict) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            words.chars().forEach(letter -> {
                digest.update((byte) (letter >> Byte.SIZE));
                digest.update((byte) letter);
            });
            return HexFormat.of().formatHex(digest.digest(), 0, PRINT_BYTES) + ":" + verdict.outcome().name()
                    .toLowerCase(Locale.ROOT) + ":" + verdict.earned();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has this digest", e);
        }
    }
}
