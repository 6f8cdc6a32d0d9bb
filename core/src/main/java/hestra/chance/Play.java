package hestra.chance;

/** What can be played with chance, on any pairs. */
public enum Play {
    /** The y values are dealt out anew to the same x: as if the two had nothing to do with each other. */
    SHUFFLE("Shuffle", "shuffle", "deals the y values out anew: how far from 0 would the slope be by chance alone?"),
    /** As many pairs as there are, drawn from the pairs with putting back: how far could the estimate be off? */
    DRAW_AGAIN("Draw again", "draw", "draws as many pairs from these, each put back: how far could the slope be off?"),
    /** New data from the same truth: what an interval's level means. */
    ANOTHER_SAMPLE("Another sample", "sample", "makes new data from the same truth: how often does the interval hold it?");

    private final String title;
    private final String noun;
    private final String meaning;

    Play(String title, String noun, String meaning) {
        this.title = title;
        this.noun = noun;
        this.meaning = meaning;
    }

    public String title() {
        return title;
    }

    /** One of what is done, in a sentence: "shuffle". */
    public String noun() {
        return noun;
    }

    /** What it does and asks. */
    public String meaning() {
        return meaning;
    }
}
