package hestra.task;

import java.util.Optional;

import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/** Numbers as they are typed into an answer. */
final class NumberAnswer {

    private NumberAnswer() {}

    /** What a number still lacks; {@code whenBlank} where there is none. */
    static Optional<String> unfinished(String text, DecimalMark mark, String whenBlank) {
        return switch (NumberReading.ofAnswer(text, mark)) {
            case NumberReading.Blank _ -> Optional.of(whenBlank);
            case NumberReading.Unreadable unreadable -> Optional.of(unreadable.reason());
            case NumberReading.Value _ -> Optional.empty();
        };
    }
}
