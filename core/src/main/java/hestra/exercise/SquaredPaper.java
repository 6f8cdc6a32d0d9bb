package hestra.exercise;

/** How large the squared paper is that a handout has for a plot. */
public enum SquaredPaper {
    NONE("none", 0),
    THIRD("a third", 0.31),
    HALF("half", 0.47),
    PAGE("all of it", 0.9);

    private final String words;
    private final double share;

    SquaredPaper(String words, double share) {
        this.words = words;
        this.share = share;
    }

    public String inWords() {
        return words;
    }

    /** Its height as a share of the text's on a page. */
    public double share() {
        return share;
    }
}
