package hestra.data;

/** What can be done to points in the plot. */
public enum PointChange {
    MOVE("moved"),
    ADD("added by a double click"),
    REMOVE("removed");

    private final String words;

    PointChange(String words) {
        this.words = words;
    }

    /** What points then are, for "points may be …". */
    public String inWords() {
        return words;
    }
}
