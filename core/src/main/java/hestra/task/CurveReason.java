package hestra.task;

/** Why one curve is chosen before others. */
public enum CurveReason {
    RESIDUALS("its residuals show no pattern"),
    SMALLEST_S("its points lie nearest to it: s on y is the smallest"),
    ADJUSTED("its adjusted R\u00b2 is the greatest"),
    ENDS("it makes sense at the ends and beyond"),
    KNOWN("it is what is known of such things"),
    SIMPLE("it is the simplest of those that fit as well"),
    NO_PATTERN("the points follow none of them");

    private final String words;

    CurveReason(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }
}
