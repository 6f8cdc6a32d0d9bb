package hestra.numbers;

/** The sign between whole and fraction, as an exercise sets it. */
public enum DecimalMark {
    POINT('.'),
    COMMA(',');

    private final char sign;

    DecimalMark(char sign) {
        this.sign = sign;
    }

    public char sign() {
        return sign;
    }

    /** The sign that this mark leaves free for grouping thousands. */
    public char other() {
        return this == POINT ? ',' : '.';
    }
}
