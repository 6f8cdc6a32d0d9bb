package hestra.marking;

import hestra.exercise.Attempts;

/** Whose answers a decision is about. */
public sealed interface DecisionScope {

    /** One student's. */
    record One(String student) implements DecisionScope {}

    /** All that say the same, see {@link Attempts#group}. */
    record Group(String group) implements DecisionScope {}

    /** All. */
    record All() implements DecisionScope {}
}
