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
    /** A relation, claimed or denied. */
    RELATION,
    /** Words of showing: of which "not" says that something is not shown. */
    SHOWN,
    /** Words of a conclusion. */
    SO,
    LUCK,
    /** Words of what was measured: with "not" they say that a place lies beyond the data. */
    MEASURED,
    LARGE,
    SMALL,
    /** Words of saying and knowing: with "not" before a "that" they deny the whole of it. */
    CLAIM,
    /** Words that deny by themselves what follows. */
    DENIAL,
    /** Not looked for: words that are the name of a quantity, taken as one word. */
    NAME,
    /** Not looked for: words of which each may stand for the first. */
    KIN;

    /** Whether a word of it counts against a sentence: no slip of the pen is taken for one. */
    boolean accuses() {
        return switch (this) {
            case CAUSE, CERTAIN, NOT, DENIAL, OF_POINTS, ACCURATE -> true;
            default -> false;
        };
    }

    /** Its heading in the word files. */
    String heading() {
        return name().replace('_', ' ').toLowerCase(Locale.ROOT);
    }
}
