package hestra.figure;

/** The colours that points and curves can be given: few, all told apart on paper and in the dark. */
public enum Hue {
    BLUE("blue", Ink.OBSERVED),
    GREEN("green", Ink.BEST),
    VIOLET("violet", Ink.CURVE_A),
    TEAL("teal", Ink.CURVE_B),
    OCHRE("ochre", Ink.CURVE_C),
    RED("red", Ink.CURVE_D),
    BLACK("black", Ink.INK);

    private final String words;
    private final Ink ink;

    Hue(String words, Ink ink) {
        this.words = words;
        this.ink = ink;
    }

    public String inWords() {
        return words;
    }

    public Ink ink() {
        return ink;
    }
}
