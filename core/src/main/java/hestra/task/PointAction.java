package hestra.task;

/** What is to be done about a point that stands out. */
public enum PointAction {
    KEEP("keep it as it is"),
    LOOK_UP("look up how it was measured"),
    MEND("correct it"),
    SET_ASIDE("set it aside and say so"),
    BOTH("give the line with and without it");

    private final String words;

    PointAction(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }
}
