package hestra.task;

import java.util.List;

import hestra.feedback.NumberJudge;
import hestra.numbers.Rounding;

/** A task that asks for numbers in so many words. */
public sealed interface AsksNumbers extends Rounded permits NumberQuestion, Predict, ReadValue {

    /** The numbers that it asks for, each with all that decides on it. */
    List<NumberJudge> numbers(Truth truth);

    /** The same task with another rounding. */
    Task rounded(Rounding other);

    /** Whether its key is a number that the author gave, whatever the data say. */
    default boolean hasFixedNumber() {
        return false;
    }

    /** The numbers that a task asks for; none where it asks for none. */
    static List<NumberJudge> of(Task task, Truth truth) {
        return task instanceof AsksNumbers it ? it.numbers(truth) : List.of();
    }
}
