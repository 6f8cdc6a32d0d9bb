package hestra.task;

/** What must hold for the numbers of a line to be trusted. */
public enum FitCondition {
    LINEARITY("straight", "The points follow a straight line, without a bend", "the residuals against x are bent"),
    EQUAL_SPREAD("equal spread", "The points scatter equally along the line", "the residuals fan out"),
    NORMALITY("normal", "The residuals are about normal, without a long tail", "the normal plot of the residuals is bent"),
    INDEPENDENCE("independent", "The residuals do not depend on their neighbours", "neighbouring residuals are alike");

    private final String words;
    private final String statement;
    private final String sign;

    FitCondition(String words, String statement, String sign) {
        this.words = words;
        this.statement = statement;
        this.sign = sign;
    }

    public String inWords() {
        return words;
    }

    /** It, as a statement that is judged. */
    public String statement() {
        return statement;
    }

    /** By what one sees that it does not hold. */
    public String sign() {
        return sign;
    }
}
