package hestra.desktop.sheet;

/** Who sits at this desk, as far as the machine knows: tells readers apart who have the same copy. Written nowhere. */
final class Reader {

    /** Said by who runs the program for another, or in a test. */
    private static final String PROPERTY = "hestra.reader";

    private Reader() {}

    static String atThisDesk() {
        return System.getProperty(PROPERTY, System.getProperty("user.name", ""));
    }
}
