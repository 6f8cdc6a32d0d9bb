package hestra.sentences;

import java.util.stream.IntStream;

/** What a text makes of a chance that was worked out as if there were no relation, and what it decides by it. */
final class Chances {

    /** How far behind "the chance that" it may stand what it is the chance of. */
    private static final int REACH = 9;
    private static final int SOON = 3;

    private final Text text;

    Chances(Text text) {
        this.text = text;
    }

    /** What is decided by a chance. */
    enum Decision {
        /** The data speak against no relation. */
        AGAINST,
        /** There may be no relation. */
        KEEPS,
        BOTH,
        NEITHER
    }

    /** Whether it says that something holds if there were no relation: "if the slope were 0", "were there no relation". */
    boolean isGivenNone() {
        return IntStream.range(0, text.size()).anyMatch(i -> text.isOf(Sense.NO_RELATION, i) && isSupposed(i));
    }

    private boolean isSupposed(int at) {
        return IntStream.range(Math.max(0, at - REACH), at).filter(i -> !isParted(i, at))
                .anyMatch(i -> text.isOf(Sense.WHEN, i) && !text.word(i).equals("as")
                        || text.word(i).matches("were|under|even|with|without|by"))
                || text.word(at).equals("slope") && text.size() > at + 1 && text.word(at + 1).matches("were|was")
                || text.word(at).matches("were|was");
    }

    /** Whether a sentence ends between two places. */
    private boolean isParted(int from, int to) {
        return IntStream.range(from, to).anyMatch(i -> text.token(i).kind() == Token.Kind.STOP);
    }

    /** Whether it takes the chance for that of no relation itself: "the chance that there is no relation". */
    boolean isOfNone() {
        return !isGivenNone() && IntStream.range(0, text.size()).anyMatch(i -> isOfNone(i) || isNoneTrue(i));
    }

    private boolean isOfNone(int at) {
        if (!text.word(at).matches("chances?|probability|likelihood|odds|likely") || text.isDenied(at)) {
            return false;
        }
        for (int i = at + 1; i < Math.min(text.size(), at + REACH) && !text.token(i).isMark() && !text.isOf(Sense.WHEN, i); i++) {
            if (text.isOf(Sense.NO_RELATION, i) || text.word(i).equals("coincidence") || isByChance(i)) {
                return true;
            }
            if (text.word(i).matches("slopes?|data|results?|samples?|lines?|seeing|getting|finding|such|with")) {
                // It is the chance of that.
                return text.word(i).startsWith("result")
                        && IntStream.range(i, Math.min(text.size(), i + SOON + 2)).anyMatch(this::isByChance);
            }
        }
        return false;
    }

    /** "No relation is true with a probability of …". */
    private boolean isNoneTrue(int at) {
        int behind = at + text.length(Sense.NO_RELATION, at);
        return behind > at && !text.isDenied(at) && IntStream.range(behind, Math.min(text.size(), behind + SOON))
                .anyMatch(i -> text.word(i).matches("true|correct|right|holds"))
                && IntStream.range(behind, Math.min(text.size(), behind + REACH))
                .anyMatch(i -> text.word(i).matches("chance|probability|likelihood|%"));
    }

    /** "due to chance", "by chance", "just chance". */
    private boolean isByChance(int at) {
        return at > 0 && text.word(at).equals("chance") && text.word(at - 1).matches("to|by|just|only|pure|mere");
    }

    /** What it decides. */
    Decision decision() {
        boolean against = false;
        boolean keeps = false;
        for (int i = 0; i < text.size(); i++) {
            if (text.isOf(Sense.COMPATIBLE, i)) {
                boolean turned = text.isDenied(i);
                against |= turned;
                keeps |= !turned;
            } else if (isConcluded(i)) {
                keeps = true;
            } else if (text.isOf(Sense.AGAINST, i) && !isWithin(Sense.NO_RELATION, i)
                    && !(i > 0 && text.isOf(Sense.AGAINST, i - 1)) && !isWithin(Sense.COMPATIBLE, i)) {
                boolean turned = text.isDenied(i) ^ isOfRelation(i);
                against |= !turned;
                keeps |= turned;
            }
        }
        return against && keeps ? Decision.BOTH : against ? Decision.AGAINST : keeps ? Decision.KEEPS : Decision.NEITHER;
    }

    /** Whether a place belongs to a phrase of a sense that begins before it: "fail to reject". */
    private boolean isWithin(Sense sense, int at) {
        return IntStream.range(Math.max(0, at - SOON), at).anyMatch(i -> text.length(sense, i) > at - i);
    }

    /** "So there is no relation." */
    private boolean isConcluded(int at) {
        return text.isOf(Sense.NO_RELATION, at) && at > 0 && text.word(at - 1).matches("is|are")
                && IntStream.range(Math.max(0, at - SOON - 2), at)
                .anyMatch(i -> text.word(i).matches("so|therefore|thus|hence|conclude|means|shows?")) && !isSupposed(at);
    }

    /** "reject that there is a relation": the wrong thing is rejected. */
    private boolean isOfRelation(int at) {
        if (!text.word(at).matches("reject.*|against|rules?|ruled")) {
            return false;
        }
        for (int i = at + 1; i < Math.min(text.size(), at + REACH) && text.token(i).kind() != Token.Kind.STOP; i++) {
            if (text.isOf(Sense.NO_RELATION, i) || text.word(i).matches("no|zero|0|chance|hypothesis|null|coincidence")) {
                return false;
            }
            if (text.word(i).matches("relation.*|link|association|correlation|connection|trend|effect")) {
                return true;
            }
        }
        return false;
    }
}
