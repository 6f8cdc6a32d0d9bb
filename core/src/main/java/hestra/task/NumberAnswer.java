package hestra.task;

import java.util.List;
import java.util.Optional;

import hestra.feedback.NumberJudge;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/** Numbers as they are typed into an answer. */
final class NumberAnswer {

    private NumberAnswer() {}

    /** The verdict on a number that is typed; where no mistake explains a wrong one, what it is not, and what to do. */
    static Verdict judge(Attempt attempt, Truth truth, Sought what, Task task, String isNot, String advice) {
        return switch (NumberReading.ofAnswer(attempt.answer().as(Answer.Typed.class).text(), truth.mark())) {
            case NumberReading.Blank _ -> Verdict.wrong("Type a number.");
            case NumberReading.Unreadable unreadable -> Verdict.wrong(unreadable.reason());
            case NumberReading.Value typed -> new NumberJudge(truth.asked(what, task.rounding(), attempt)).verdict(typed, task.terms().marks(), isNot, advice);
        };
    }

    /** The mistakes that will be recognised in a number, each with what it gives. */
    static List<Key.Recognised> recognised(Truth truth, Sought what, Rounding rounding) {
        return new NumberJudge(truth.asked(what, rounding)).distinguishable().stream()
                .map(wrong -> new Key.Recognised(wrong.mistake(), truth.style().show(wrong.value(), rounding))).toList();
    }

    /** What a number still lacks; {@code whenBlank} where there is none. */
    static Optional<String> unfinished(String text, DecimalMark mark, String whenBlank) {
        return switch (NumberReading.ofAnswer(text, mark)) {
            case NumberReading.Blank _ -> Optional.of(whenBlank);
            case NumberReading.Unreadable unreadable -> Optional.of(unreadable.reason());
            case NumberReading.Value _ -> Optional.empty();
        };
    }
}
