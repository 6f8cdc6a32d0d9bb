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

    /**
     * Why it is not the reason, where another is: what is not so is said, and what is so but no reason too.
     *
     * @param decides whether the line rests on the point
     * @param mistyped whether its value is known to be a slip
     */
    String against(boolean decides, boolean mistyped) {
        String alone = " But that alone does not say what to do about it.";
        return switch (this) {
            case TRUE_VALUE -> mistyped ? "Look at it beside the others: such a value cannot be true."
                    : "It may well be true." + alone;
            case SLIP -> mistyped ? "It is a slip." + alone : "Nothing here shows that it cannot be true: far out is not wrong.";
            case NOT_ONE_OF_THEM -> "Nothing here says that it is of another kind than the others.";
            case DECIDES -> decides ? "The line does rest on it." + alone : "Leave it out and look: the line hardly changes.";
            case LITTLE_EFFECT -> decides ? "Leave it out and look: the line does change." : "It does change little." + alone;
            case IN_THE_WAY -> "That the line fits better without it is no reason: it would without any point that lies far off.";
        };
    }
}
