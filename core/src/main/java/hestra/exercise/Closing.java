package hestra.exercise;

/**
 * What a student finds at the foot of the sheet once all is answered.
 *
 * @param text in light mark-up, with live values of the first part; may be empty
 * @param marks whether the marks earned are told, of the tasks whose verdicts have been told by then
 */
public record Closing(String text, boolean marks) {

    /** Nothing but that all is answered. */
    public static final Closing NONE = new Closing("", false);

    /** The longest text. */
    public static final int LONGEST = 4000;

    public Closing {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("a closing text of " + text.length() + " letters; it may have " + LONGEST);
        }
    }
}
