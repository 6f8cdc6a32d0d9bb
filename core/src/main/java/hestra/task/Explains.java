package hestra.task;

import java.util.Optional;

import hestra.sentences.Aspect;

/** A task in which a number is explained in the student's own words. */
public sealed interface Explains permits Explain {

    /** What is explained. */
    Aspect.About explained();

    /** What a task lets explain; nothing where it is another kind. */
    static Optional<Aspect.About> explained(Task task) {
        return task instanceof Explains it ? Optional.of(it.explained()) : Optional.empty();
    }
}
