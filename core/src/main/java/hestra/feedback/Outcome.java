package hestra.feedback;

/** How an answer was judged: always a sign and a word, never a colour alone. */
public enum Outcome {
    RIGHT("✓", "Right"),
    NEARLY("≈", "Not quite"),
    WRONG("✗", "Not yet");

    private final String sign;
    private final String word;

    Outcome(String sign, String word) {
        this.sign = sign;
        this.word = word;
    }

    public String sign() {
        return sign;
    }

    public String word() {
        return word;
    }
}
