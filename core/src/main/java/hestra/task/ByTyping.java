package hestra.task;

import java.util.List;
import java.util.Optional;

/** A task that is answered by what is typed into one field: what such tasks have in common. */
public sealed interface ByTyping extends Task, AnsweredByText permits ReadValue, NumberQuestion, WriteEquation {

    @Override
    default Answer standing(Bench bench) {
        return bench.draft(this, new Answer.Typed(""));
    }

    @Override
    default boolean takes(Answer answer) {
        return answer instanceof Answer.Typed;
    }

    @Override
    default Optional<Answer> typed(String text, Truth truth) {
        return Optional.of(new Answer.Typed(text));
    }

    @Override
    default List<String> inWords(Answer answer, Truth truth) {
        return List.of(answer.as(Answer.Typed.class).text());
    }
}
