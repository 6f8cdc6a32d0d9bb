package hestra.task;

import java.util.List;
import java.util.Optional;

import hestra.sentences.Aspect;
import hestra.sentences.Passage;

/** A task in which a number is explained in the student's own words. */
public sealed interface Explains permits Explain {

    /** What is explained. */
    Aspect.About explained();

    /** What is looked for in a sentence, each in a few words. */
    List<String> lookedFor();

    /** The passages of a sentence by which something was found in it, in their order. */
    List<Passage> passages(String sentence, Truth truth);

    /** The passages of a sentence; none where a task lets nothing explain. */
    static List<Passage> passages(Task task, String sentence, Truth truth) {
        return task instanceof Explains it ? it.passages(sentence, truth) : List.of();
    }

    /** What a task lets explain; nothing where it is another kind. */
    static Optional<Aspect.About> explained(Task task) {
        return task instanceof Explains it ? Optional.of(it.explained()) : Optional.empty();
    }
}
