package hestra.feedback;

/** A mistake that is recognised from the wrong value or action that it produces, with what to say about it. */
public enum Mistake {
    AXES_EXCHANGED("variables the wrong way round",
            "This is what comes out with the two variables the wrong way round. Which one explains the other?"),
    SLOPE_AND_INTERCEPT_EXCHANGED("slope and intercept exchanged",
            "Slope and intercept are exchanged. Which of the two stands with %s in the equation?"),
    R_FOR_R_SQUARED("r for R²",
            "This is r. The share of the variation is its square."),
    R_SQUARED_FOR_R("R² for r",
            "This is R². The correlation r is the root of it, with the sign of the slope."),
    SIGN_LOST("sign lost",
            "The size is right. Does %s go up or down as %s goes up?"),
    SLIP_STILL_IN("mistyped value still in the data",
            "This comes out with the mistyped value still in the data. Mend the data first, then read again."),
    CUT_OFF("cut off, not rounded",
            "The digits after the last place were cut off. Look at the next digit and round."),
    WRONG_ROUNDING("wrong number of places",
            "The value is right, its rounding is not: give it %s.");

    private final String words;
    private final String says;

    Mistake(String words, String says) {
        this.words = words;
        this.says = says;
    }

    public String inWords() {
        return words;
    }

    /** What to tell the student, with names or the asked rounding put in. */
    String say(Object... details) {
        return says.formatted(details);
    }

    /** Mistakes of writing a right value down, which earn half the marks. */
    boolean isOfRounding() {
        return this == CUT_OFF || this == WRONG_ROUNDING;
    }
}
