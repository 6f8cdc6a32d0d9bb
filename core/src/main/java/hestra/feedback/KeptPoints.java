package hestra.feedback;

/**
 * How an answer counts that is right for the points that a student kept, others being set aside for a reason that was given. It
 * is true to what stands on the student's screen, so it is never just wrong.
 */
public enum KeptPoints {
    FULL("count as right"),
    HALF("earn half the marks");

    private final String words;

    KeptPoints(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }
}
