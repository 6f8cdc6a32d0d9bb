package hestra.task;

/** How a prediction counts that was made rightly from the student's own wrong equation. */
public enum OwnEquation {
    NOT("is wrong"),
    HALF("earns half"),
    FULL("counts as right");

    private final String words;

    OwnEquation(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }
}
