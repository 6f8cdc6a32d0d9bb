package hestra.targets;

/** Why a target can't be reached, whatever one does. */
public enum Reason {
    SAME_SIGN("The slope and r always have the same sign."),
    WITHIN_ONE("r lies between \u22121 and 1, and R\u00b2 between 0 and 1."),
    SQUARE("For a line, R\u00b2 is the square of r."),
    OFF_LINE("Points that must stay do not lie on one line, so none passes through all points."),
    ON_LINE("Where s is 0 all points lie on the line: then R\u00b2 is 1, and r is \u22121 or 1."),
    TWO_POINTS("A line through two points passes through both: r is \u22121 or 1, R\u00b2 is 1, and there is no s."),
    THROUGH_MEAN("The line of least squares passes through the mean point: the mean of y is the intercept plus the slope times "
            + "the "
            + "mean of x."),
    SPREAD("s is a kind of mean of the residuals: it cannot be far above the greatest of them."),
    MEAN_POINT("The line of least squares passes through the mean point, so it cannot miss all points on one side."),
    LEAST("No line has a smaller sum of squares than the line of least squares."),
    LEVERAGE("A leverage lies between 1/n and 1, and those of all points sum to 2."),
    COUNT("The number of points does not come out."),
    FIXED("Nothing may be changed, so everything stays as it was."),
    BELOW_ZERO("A size or a number of points is never below 0."),
    OPPOSITE("Two of the conditions contradict each other.");

    private final String words;

    Reason(String words) {
        this.words = words;
    }

    /** Whether it lies with the points that are given out, so that with others the same conditions might hold. */
    public boolean isOfPoints() {
        return this == COUNT || this == FIXED;
    }

    /** A sentence that says it. */
    public String inWords() {
        return words;
    }
}
