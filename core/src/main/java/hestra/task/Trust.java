package hestra.task;

/** What a student thinks of a prediction. */
public enum Trust {
    TRUSTED("trust", "to be trusted"),
    DOUBTED("don\u2019t", "not to be trusted"),
    /** There is no such thing: a length below 0, a day before the beginning, a value that the curve never has. */
    MEANINGLESS("no meaning", "has no meaning");

    private final String words;
    private final String inFull;

    Trust(String words, String inFull) {
        this.words = words;
        this.inFull = inFull;
    }

    /** As a choice beside the prediction. */
    public String inWords() {
        return words;
    }

    /** As it is said of a prediction. */
    String inFull() {
        return inFull;
    }

    /** As the answer to "trust it?". */
    String answer() {
        return switch (this) {
            case TRUSTED -> "yes";
            case DOUBTED -> "no";
            case MEANINGLESS -> "no meaning";
        };
    }

    /** The sign that stands for it in a key. */
    String sign() {
        return switch (this) {
            case TRUSTED -> "\u2713";
            case DOUBTED -> "\u2717";
            case MEANINGLESS -> "no meaning";
        };
    }
}
