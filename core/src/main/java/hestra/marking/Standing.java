package hestra.marking;

/** Where the answer to a task stands: a sign and a word, never a colour alone. */
public enum Standing {
    RIGHT("✓", "right"),
    NEARLY("≈", "not quite"),
    WRONG("✗", "wrong"),
    BLANK("–", "nothing given"),
    UNREAD("?", "to be read");

    private final String sign;
    private final String word;

    Standing(String sign, String word) {
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
