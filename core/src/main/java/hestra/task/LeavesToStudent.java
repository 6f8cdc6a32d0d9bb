package hestra.task;

/** A task for which something of the data is left to the student. */
public sealed interface LeavesToStudent permits ChooseRoles, DrawIt, EnterData, FromPicture, LeavesToStudent.None {

    /** How many of the last rows of the printed table are left to be typed. */
    default int leavesToType() {
        return 0;
    }

    /** Whether it is left to the student to say which variable explains. */
    default boolean leavesRoles() {
        return false;
    }

    /** What a task is in this respect: of the other kinds, nothing. */
    static LeavesToStudent of(Task task) {
        return task instanceof LeavesToStudent it ? it : None.OF_THIS;
    }

    /** Nothing is left to the student. */
    enum None implements LeavesToStudent {
        OF_THIS
    }
}
