package hestra.desktop.write;

/** A form for a part of the exercise, which follows the exercise until it is put away. */
interface Editor {

    /** Stops following. */
    void end();
}
