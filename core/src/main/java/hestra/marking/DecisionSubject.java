package hestra.marking;

/** What can be decided while a class is marked: one thing, for somebody. Of each there is one decision at a time. */
public sealed interface DecisionSubject {

    /** The marks of answers to a task. */
    record Marks(String task, DecisionScope whom) implements DecisionSubject {}

    /**
     * Whether a comment is made.
     *
     * @param task on answers to a task; empty for the whole work
     */
    record Said(String task, DecisionScope whom, String comment) implements DecisionSubject {}

    /** What a comment says, and the marks that it takes off. */
    record Wording(String comment) implements DecisionSubject {}

    /** Whether a hand-in counts as that of somebody else with the same name, by the name of its file. */
    record Apart(String file) implements DecisionSubject {}

    /** Whether the answer of a student to a task is marked by itself: no decision on its group is one on it. */
    record Alone(String task, String student) implements DecisionSubject {}

    /** Whether a hand-in is its student's, by the name of its file, whatever is doubted of it. */
    record Counts(String file) implements DecisionSubject {}

    /** Whether a hand-in is left out, by the name of its file. */
    record LeftOut(String file) implements DecisionSubject {}

    /**
     * Whether an answer of a student to a task was let go that had been decided on under another key, and is as Hestra has it
     * now.
     */
    record LookedAgain(String task, String student) implements DecisionSubject {}

    /** When hand-ins are due. */
    record Due() implements DecisionSubject {}
}
