package hestra.task;

/** A typical error that makes a plot wrong. */
public enum WrongPlot {
    AXES("the axes exchanged", "Here the two variables have changed places."),
    SIGN("turned round", "Here the direction is turned round: what falls in the data rises, or the other way."),
    INTERCEPT("too high", "The shape is right, but everything stands too high. Look at the numbers on the axis."),
    SCALE("a wrong scale", "The shape is right, but the scale is not. Look at the numbers on the axis."),
    SLIP("a slip left in", "One point does not stand where the table says."),
    ANOTHER("of another curve", "This belongs to another curve than the line of least squares.");

    private final String words;
    private final String says;

    WrongPlot(String words, String says) {
        this.words = words;
        this.says = says;
    }

    public String inWords() {
        return words;
    }

    /** What is said when it is picked. */
    String says() {
        return says;
    }
}
