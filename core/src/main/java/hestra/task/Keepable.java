package hestra.task;

/** What can be kept on a sheet: the plot, or something that is read off it. */
public enum Keepable {
    FIGURE("the plot", Numbered.FIGURE),
    STRIP("the residual plot", Numbered.FIGURE),
    EQUATION("the equation", Numbered.NOT),
    READINGS("the readings", Numbered.NOT),
    SUMMARY("the summary of the two variables", Numbered.TABLE),
    COEFFICIENTS("the table of coefficients", Numbered.TABLE),
    PREDICTIONS("the predictions", Numbered.TABLE),
    CORRELATIONS("the matrix of r", Numbered.TABLE),
    RESIDUALS("the four residual plots", Numbered.FIGURE),
    SUMS("the calculation by sums", Numbered.TABLE),
    MATRICES("the calculation by matrices", Numbered.TABLE),
    DATA("the data", Numbered.TABLE),
    CHANCE("what chance does", Numbered.FIGURE);

    /** Whether it is counted, and among what. */
    public enum Numbered {
        FIGURE("Figure"),
        TABLE("Table"),
        NOT("");

        private final String word;

        Numbered(String word) {
            this.word = word;
        }

        /** What stands before the number. */
        public String word() {
            return word;
        }
    }

    private final String words;
    private final Numbered numbered;

    Keepable(String words, Numbered numbered) {
        this.words = words;
        this.numbered = numbered;
    }

    public String inWords() {
        return words;
    }

    public Numbered numbered() {
        return numbered;
    }
}
