package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.feedback.NumberCriteria;
import hestra.feedback.NumberJudge;
import hestra.feedback.Outcome;
import hestra.feedback.Sought;
import hestra.feedback.UnitCheck;
import hestra.feedback.Verdict;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/** Numbers as they are typed into an answer. */
final class NumberAnswer {

    private static final double EXAMPLE = 1.5;
    private static final int MOST_EXAMPLES = 10;

    private NumberAnswer() {}

    /** The verdict on a number that is typed; where no mistake explains a wrong one, what it is not, and what to do. */
    static Verdict judge(Attempt attempt, Truth truth, Sought what, NumberCriteria.How how, int marks, String isNot,
            String advice) {
        return switch (NumberReading.ofAnswer(attempt.answer().as(Answer.Typed.class).text(), truth.mark())) {
            case NumberReading.Blank _ -> Verdict.wrong("Type a number.");
            case NumberReading.Unreadable unreadable -> Verdict.wrong(unreadable.reason());
            case NumberReading.Value typed ->
                    new NumberJudge(truth.asked(what, how, attempt)).verdict(typed, marks, isNot, advice);
        };
    }

    /** The mistakes that will be recognised in a number, each with what it gives. */
    static List<Key.Recognised> recognised(Truth truth, Sought what, Rounding rounding) {
        return new NumberJudge(truth.asked(what, NumberCriteria.How.rounded(rounding))).distinguishable().stream()
                .map(wrong -> new Key.Recognised(wrong.mistake(), truth.style().show(wrong.value(), rounding))).toList();
    }

    /** What a number still lacks, with an example of what is expected; {@code whenBlank} where there is none. */
    static Optional<String> unfinished(String text, Truth truth, Sought what, Rounding rounding, String whenBlank) {
        return switch (NumberReading.ofAnswer(text, truth.mark())) {
            case NumberReading.Blank _ -> Optional.of(whenBlank);
            case NumberReading.Unreadable(String reason) ->
                    Optional.of(reason + " Type one number, such as " + example(truth, what, rounding) + ".");
            case NumberReading.Value value -> UnitCheck.unknown(value, what, truth.x(), truth.y())
                    .map(word -> "\u201c" + word + "\u201d is not a unit that can be read here. Type the number as in "
                    + example(truth, what, rounding) + ", or without a unit.");
        };
    }

    /** A number as it might be answered, that is not right. */
    private static String example(Truth truth, Sought what, Rounding rounding) {
        NumberJudge judge = new NumberJudge(truth.asked(what, NumberCriteria.How.rounded(rounding)));
        String number = Stream.iterate(EXAMPLE, it -> it * 2).limit(MOST_EXAMPLES).map(it -> truth.style().show(it, rounding))
                .filter(text -> NumberReading.ofAnswer(text, truth.mark()) instanceof NumberReading.Value value
                        && judge.verdict(value, 1, "", "").outcome() == Outcome.WRONG).findFirst().orElse("0");
        String unit = what instanceof Sought.Given(double _, String given) ? given : what.measured().unit(truth.x(), truth.y());
        String whole = number + " " + unit;
        // An example is one that is accepted.
        boolean reads = NumberReading.ofAnswer(whole, truth.mark()) instanceof NumberReading.Value value
                && UnitCheck.unknown(value, what, truth.x(), truth.y()).isEmpty();
        return unit.isEmpty() || !reads ? number : whole;
    }
}
