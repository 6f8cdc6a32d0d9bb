package hestra.task;

/**
 * A task of which a person may have to read the answer: what is found in it is proposed, and stands once the person
 * has said so.
 */
public sealed interface ReadByPerson permits ChooseCurve, Explain, Question, WriteSection {

    /** Whether a person has to read it, as it is asked here. */
    boolean isReadByPerson();

    /** Whether it is answered by what the student writes and keeps on the part's own sheet. */
    default boolean keepsSection() {
        return false;
    }

    /** Whether a person has to read the answer to a task. */
    static boolean isReadByPerson(Task task) {
        return task instanceof ReadByPerson it && it.isReadByPerson();
    }

    /** Whether a task is answered by what the student writes and keeps on the part's own sheet. */
    static boolean keepsSection(Task task) {
        return task instanceof ReadByPerson it && it.keepsSection();
    }
}
