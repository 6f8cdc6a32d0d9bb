package hestra.desktop.start;

import java.nio.file.Path;
import java.util.Optional;

import hestra.desk.Desk;
import hestra.exercise.Exercise;

/** What can be done from Start. */
public interface StartActions {

    /** What is open behind Start; nothing where nothing is. */
    Optional<Desk> open();

    /** Goes back to what is open. */
    void goBack();

    /** Begins a study with an empty table. */
    void emptyTable();

    /** Begins a study of what was copied. */
    void pasteData();

    /** Asks for a file of data and begins a study of it. */
    void openData();

    /** Asks for an exercise, or anything else of Hestra's, and opens it. */
    void openFile();

    /** Shows exercises to begin one's own from. */
    void choosePlan();

    /** Shows the exercises of a folder of one's own. */
    void library();

    /** Begins an exercise with nothing in it. */
    void emptyExercise();

    /** Asks for a folder of hand-ins and shows their marks. */
    void markFolder();

    /** Opens one of the exercises that come with the program. */
    void demo(Exercise exercise);

    /** Goes on with earlier work. */
    void resume(Path journal);

    /** The journal of what is open, which is not offered again. */
    Optional<Path> inUse();

    /** Shows all earlier work. */
    void allRecent();
}
