package hestra.feedback;

/** How many of the points a student has to keep for an answer to count that is right for those alone. */
public enum KeptShare {
    HALF("half", 0.5),
    THREE_QUARTERS("three quarters", 0.75),
    NINE_TENTHS("nine tenths", 0.9);

    private static final double HAIR = 1e-9;

    private final String words;
    private final double share;

    KeptShare(String words, double share) {
        this.words = words;
        this.share = share;
    }

    public String inWords() {
        return words;
    }

    /** Whether so many of so many are enough. */
    public boolean holds(long kept, long all) {
        return kept >= share * all - HAIR;
    }
}
