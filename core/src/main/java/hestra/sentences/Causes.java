package hestra.sentences;

import java.util.stream.IntStream;

/** Whether a text claims that the one is the cause of the other. */
final class Causes {

    private static final int DOUBT_REACH = 12;
    private static final int NEAR = 4;

    private final Text text;
    private final Mentions mentions;

    Causes(Text text, Mentions mentions) {
        this.text = text;
        this.mentions = mentions;
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
        if (!text.word(at).matches("cause|causes|proof")) {
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
            boolean amount = IntStream.range(at + 1, Math.min(text.size(), at + 3))
                    .anyMatch(i -> text.token(i).kind() == Token.Kind.NUMBER || text.isOf(Sense.AVERAGE, i)
                            || NumberWords.at(text.words(), i).isPresent());
            boolean other = IntStream.range(at + 1, Math.min(text.size(), at + NEAR + 1))
                    .anyMatch(i -> mentions.isY(i) || text.word(i).matches("it|them"));
            return !amount && other;
        }
        if (word.equals("because")) {
            return IntStream.range(at + 1, Math.min(text.size(), at + NEAR + 2))
                    .noneMatch(i -> text.word(i).matches("slope|line|r|data|points|we|i|model|equation|fit|scatter|sample|plot"));
        }
        if (word.equals("due")) {
            return IntStream.range(at + 1, Math.min(text.size(), at + 5))
                    .noneMatch(i -> text.word(i).matches("chance|scatter|noise|random"));
        }
        if (word.matches("forced?|driv.*|forces|drove") && at > 0 && text.word(at - 1).matches("the|a")) {
            return false;
        }
        return true;
    }
}
