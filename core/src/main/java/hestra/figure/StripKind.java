package hestra.figure;

/** Ways of looking at residuals. */
public enum StripKind {
    AGAINST_X("against x", "each residual under its point: a pattern says that another curve would suit better"),
    AGAINST_FITTED("against fitted", "residuals against what the curve says: a funnel says that the spread changes"),
    IN_ORDER("in order", "residuals in the order of the table: a drift says that something changed while it was measured"),
    DOTS("dot plot", "a dot for each residual: how they spread about zero"),
    HISTOGRAM("histogram", "how many residuals lie in each interval"),
    NORMAL("normal quantiles", "residuals against what normal ones would be: along the line if they are normal");

    private final String title;
    private final String meaning;

    StripKind(String title, String meaning) {
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
