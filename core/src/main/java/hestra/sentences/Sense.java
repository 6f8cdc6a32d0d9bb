package hestra.sentences;

import java.util.Locale;

/** What a word is looked for as; each is a heading of the word files. */
public enum Sense {
    UP,
    DOWN,
    CHANGE,
    AVERAGE,
    CERTAIN,
    CAUSE,
    NOT,
    DOUBT,
    EACH,
    AMOUNT,
    WHEN,
    FURTHER,
    VERB,
    VARIATION,
    EXPLAINED,
    OF_POINTS,
    ACCURATE,
    STRONG,
    MODERATE,
    WEAK,
    POSITIVE,
    NEGATIVE,
    LINEAR,
    ZERO,
    BEYOND,
    INSIDE,
    MEANINGLESS,
    TYPICAL,
    DISTANCE,
    CHANCE,
    NO_RELATION,
    AS_FAR,
    AGAINST,
    COMPATIBLE,
    /** Not looked for: words of which each may stand for the first. */
    KIN;

    /** Its heading in the word files. */
    String heading() {
        return name().replace('_', ' ').toLowerCase(Locale.ROOT);
    }
}
