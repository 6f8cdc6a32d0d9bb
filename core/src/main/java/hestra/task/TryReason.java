package hestra.task;

/** Why one move changed the line more than another. */
public enum TryReason {
    FAR_FROM_MEAN("its x is further from the mean of x"),
    FAR_FROM_LINE("it lies further from the line"),
    HIGHER("its y is larger"),
    FEWER_POINTS("there are fewer points on its side of the line"),
    SAME("they changed it by as much as each other");

    private final String words;

    TryReason(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }
}
