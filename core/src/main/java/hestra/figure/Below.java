package hestra.figure;

/** What stands below the scatter plot. */
public enum Below {
    RESIDUALS("residuals", "the residual strip"),
    SUMS("by sums", "the calculation of the line by hand, column by column"),
    MATRICES("by matrices", "the calculation of the selected curve by matrices"),
    CHANCE("chance", "what chance does");

    private final String title;
    private final String meaning;

    Below(String title, String meaning) {
        this.title = title;
        this.meaning = meaning;
    }

    public String title() {
        return title;
    }

    public String meaning() {
        return meaning;
    }
}
