package hestra.marking;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

import hestra.feedback.Verdict;
import hestra.task.Attempt;
import hestra.task.Sketch;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * An answer with all that is said of it: worked out where it was marked, with the data that it was given on.
 *
 * @param attempt the answer
 * @param verdict on it
 * @param group what it says, see {@link Sameness}: answers of one group say the same
 * @param words what was answered, as it is read; without unseen signs, which may turn text round
 * @param nearness how near a curve by eye came, as a multiple of the least sum of squares; nothing for any other answer
 * @param sketch what it looks like; nothing where it was not made in a plot
 */
public record Judged(Attempt attempt, Verdict verdict, String group, String words, OptionalDouble nearness, Optional<Sketch> sketch) {

    private static final Pattern UNSEEN = Pattern.compile("\\p{Cf}");

    static Judged of(Task task, Attempt attempt, Verdict verdict, Truth truth) {
        String words = UNSEEN.matcher(String.join("; ", task.inWords(attempt.answer(), truth))).replaceAll("");
        return new Judged(attempt, verdict, Sameness.of(task, attempt.answer(), verdict, truth), words, task.nearness(attempt.answer(), truth), task.sketch(attempt.answer(), truth));
    }
}
