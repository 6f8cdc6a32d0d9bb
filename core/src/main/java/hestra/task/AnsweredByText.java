package hestra.task;

import java.util.Optional;

/** A task that can be answered by a text, as one would type it. */
public sealed interface AnsweredByText permits ByChoice, ByTyping, ChooseRoles, Describe, Explain, FindPoint, MatchPlot, Predict {

    /** The answer that a text is: a number, a sentence, a choice by its text; nothing where it is none for this task. */
    Optional<Answer> typed(String text, Truth truth);

    /** What is expected of the text, as a sentence, with an example. */
    default String expected(Truth truth) {
        return "This cannot be read as an answer.";
    }

    /** A text as the answer to a task; nothing where it is none that this task could be answered with. */
    static Optional<Answer> read(Task task, String text, Truth truth) {
        return task instanceof AnsweredByText it ? it.typed(text, truth) : Optional.empty();
    }

    /** What is expected of a text at a task, as a sentence. */
    static String expected(Task task, Truth truth) {
        if (task instanceof AnsweredByText it) {
            return it.expected(truth);
        }
        return task.place() == AnswerPlace.SHEET
                ? "This cannot be answered by typing."
                : "This is done in the table or on the plot; it cannot be answered by typing.";
    }
}
