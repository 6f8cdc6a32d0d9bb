package hestra.task;

/** Why that is to be done about it. */
public enum PointReason {
    TRUE_VALUE("it may well be true: far out is not wrong"),
    SLIP("it cannot be true: a slip in typing or measuring"),
    NOT_ONE_OF_THEM("it is not one of what the others are"),
    DECIDES("the line rests on it alone"),
    LITTLE_EFFECT("it hardly changes the line"),
    IN_THE_WAY("without it the line fits better");

    private final String words;

    PointReason(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }
}
