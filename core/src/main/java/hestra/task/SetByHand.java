package hestra.task;

import java.util.List;
import java.util.Optional;

/** A task whose key, or a part of it, may be set by hand: in a copy for students it is sealed. */
public sealed interface SetByHand permits CheckConditions, ChooseCurve, Describe, FindPoint, NumberQuestion, Question, TryOut {

    /** The task without its key and the key apart, where the key was set by hand; nothing where it is computed. */
    Optional<Sealing> sealing(Truth truth);

    /** Whether only a part of its key was set by hand and sealed: the rest is judged by what is computed. */
    default boolean isSealedInPart(Truth truth) {
        return false;
    }

    /** The pieces of an answer that are compared with a key that was set by hand, each in one form of writing. */
    List<String> pieces(Answer answer, Truth truth);

    /** A task without its key and the key apart, where the key was set by hand; nothing where it is computed. */
    static Optional<Sealing> sealing(Task task, Truth truth) {
        return task instanceof SetByHand it ? it.sealing(truth) : Optional.empty();
    }
}
