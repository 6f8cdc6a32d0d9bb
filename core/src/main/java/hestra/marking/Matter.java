package hestra.marking;

/** What can be decided while a class is marked: one thing, for somebody. Of each there is one decision at a time. */
public sealed interface Matter {

    /** The marks of answers to a task. */
    record Marks(String task, Whom whom) implements Matter {}

    /**
     * Whether a comment is made.
     *
     * @param task on answers to a task; empty for the whole work
     */
    record Said(String task, Whom whom, String comment) implements Matter {}

    /** What a comment says, and the marks that it takes off. */
    record Wording(String comment) implements Matter {}

    /** Whether a hand-in counts as that of somebody else with the same name, by the name of its file. */
    record Apart(String file) implements Matter {}

    /** Whether the answer of a student to a task is marked by itself: no decision on its group is one on it. */
    record Alone(String task, String student) implements Matter {}

    /** Whether a hand-in is its student's, by the name of its file, whatever is doubted of it. */
    record Counts(String file) implements Matter {}

    /** Whether a hand-in is left out, by the name of its file. */
    record LeftOut(String file) implements Matter {}

    /**
     * Whether an answer of a student to a task was let go that had been decided on under another key, and is as Hestra has it
     * now.
     */
    record LookedAgain(String task, String student) implements Matter {}

    /** When hand-ins are due. */
    record Due() implements Matter {}
}
