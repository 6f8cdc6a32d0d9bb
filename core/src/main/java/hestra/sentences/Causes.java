package hestra.sentences;

/** Whether a text claims that the one is the cause of the other. */
final class Causes {

    private static final int DOUBT_REACH = 12;
    private static final int NEAR = 4;

    private final Text text;
    private final Mentions mentions;
    private final boolean ofShare;

    /**
     * Looks for causes in a text.
     *
     * @param ofShare whether it is about a share of the variation, which may be "due to" the other without a cause
     */
    Causes(Text text, Mentions mentions, boolean ofShare) {
        this.text = text;
        this.mentions = mentions;
        this.ofShare = ofShare;
    }

    /** Whether it claims a cause: not where that is denied or left open, nor where "makes" only gives an amount. */
    boolean areClaimed() {
        for (int i = 0; i < text.size(); i++) {
            if (text.isOf(Sense.CAUSE, i) && !text.isDenied(i, DOUBT_REACH) && !text.stands(Sense.DOUBT, i, DOUBT_REACH)
                    && !isDeniedBehind(i) && isCausal(i)) {
                return true;
            }
        }
        return false;
    }

    /** "A cause is not shown", "the cause could be another". */
    private boolean isDeniedBehind(int at) {
        if (!text.is(at, "cause|causes|proof")) {
            return false;
        }
        for (int i = at + 1; i < Math.min(text.size(), at + NEAR) && text.token(i).kind() != Token.Kind.STOP; i++) {
            if (text.isOf(Sense.NOT, i) || text.isOf(Sense.DOUBT, i)) {
                return true;
            }
        }
        return false;
    }

    private boolean isCausal(int at) {
        String word = text.word(at);
        if (word.startsWith("mak") || word.equals("made")) {
            // "makes the blot wider", but not "makes about 0.3 mm more", "makes sense", "is made".
            boolean amount = at + 1 >= text.size()
                    || text.token(at + 1).kind() == Token.Kind.NUMBER || text.isOf(Sense.AVERAGE, at + 1)
                    || NumberWords.at(text.words(), at + 1).isPresent() || text.is(at + 1, "for|up|out|no|sense");
            boolean other = text.within(at + 1, at + DOUBT_REACH / 2 + 1)
                    .anyMatch(i -> mentions.isY(i) || text.is(i, "it|them"));
            return !amount && other;
        }
        if (word.equals("because")) {
            return text.within(at + 1, at + NEAR + 2)
                    .noneMatch(i -> text.is(i, "slope|line|r|data|points|we|i|model|equation|fit|scatter|sample|plot"));
        }
        if (word.matches("due|owing|thanks")) {
            // Of what: of the other variable, or "due to other things".
            return !ofShare && text.clause(at + 1, at + NEAR + 2)
                    .anyMatch(i -> mentions.isX(i) || mentions.isY(i));
        }
        if (text.before(at, NEAR).anyMatch(i -> text.is(i, "others?|something|else|whatever")
                || text.word(i).equals("what") && !(i > 0 && text.word(i - 1).equals("is")))) {
            return false;
        }
        if (word.matches("forced?|driv.*|forces|drove") && at > 0 && text.is(at - 1, "the|a")) {
            return false;
        }
        return true;
    }
}
