package hestra.marking;

import hestra.exercise.Attempts;

/** Whose answers a decision is about. */
public sealed interface Whom {

    /** One student's. */
    record One(String student) implements Whom {}

    /** All that say the same, see {@link Attempts#group}. */
    record Group(String group) implements Whom {}

    /** All. */
    record All() implements Whom {}
}
