package hestra.sentences;

import java.util.Optional;
import java.util.stream.IntStream;

/** What a text makes of a chance that was worked out as if there were no relation, and what it decides by it. */
final class Chances {

    /** How far behind "the chance that" it may stand what it is the chance of. */
    private static final int REACH = 12;
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
        return text.before(at, REACH).filter(i -> !isParted(i, at))
                .anyMatch(i -> text.isOf(Sense.WHEN, i) && !text.word(i).equals("as") || text.word(i).equals("were")
                        || at - i < SOON && text.is(i, "under|even|with|without|by|case|given"))
                || text.word(at).equals("slope") && text.size() > at + 1 && text.is(at + 1, "were|was")
                || text.is(at, "were|was|without");
    }

    private boolean isMarked(int from, int to) {
        return IntStream.range(from, to).anyMatch(i -> text.token(i).isMark());
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
        if (!text.is(at, "chances?|probability|likelihood|odds|likely") || text.isDenied(at)) {
            return false;
        }
        for (int i = at + 1; i < Math.min(text.size(), at + REACH) && !text.token(i).isMark() && !text.isOf(Sense.WHEN, i); i++) {
            if (text.isOf(Sense.NO_RELATION, i) || text.word(i).equals("coincidence") || isByChance(i)) {
                return true;
            }
            if (text.is(i, "slopes?|data|results?|samples?|lines?|seeing|getting|finding|such|with")) {
                // It is the chance of that.
                return text.word(i).startsWith("result")
                        && text.within(i, i + SOON + 2).anyMatch(this::isByChance);
            }
        }
        return false;
    }

    /** "No relation is true with a probability of …". */
    private boolean isNoneTrue(int at) {
        int behind = at + text.length(Sense.NO_RELATION, at);
        return behind > at && !text.isDenied(at) && text.within(behind, behind + SOON)
                .anyMatch(i -> text.is(i, "true|correct|right|holds|has"))
                && text.within(behind, behind + REACH)
                .anyMatch(i -> text.is(i, "chance|probability|likelihood|%"))
                || behind > at && !text.isDenied(at) && text.within(behind, behind + SOON + 2)
                .anyMatch(i -> text.is(i, "chance|probability|likelihood") && IntStream.range(behind, i)
                        .anyMatch(j -> text.word(j).equals("with")));
    }

    /** "due to chance", "by luck", "just chance". */
    private boolean isByChance(int at) {
        return at > 0 && text.is(at, "chance|luck|accident") && text.is(at - 1, "to|by|just|only|pure|mere|all|sheer");
    }

    /** What it decides. */
    Decision decision() {
        boolean against = false;
        boolean keeps = false;
        for (int i = 0; i < text.size(); i++) {
            if (text.isOf(Sense.COMPATIBLE, i)) {
                boolean turned = isDenied(i);
                against |= turned;
                keeps |= !turned;
            } else if (isConcluded(i)) {
                keeps = true;
            } else if (text.isOf(Sense.AGAINST, i) && !isWithin(Sense.NO_RELATION, i)
                    && !(i > 0 && text.isOf(Sense.AGAINST, i - 1)) && !isWithin(Sense.COMPATIBLE, i)) {
                boolean turned = (isDenied(i) || isTooLittle(i)) ^ isOfRelation(i);
                against |= !turned;
                keeps |= turned;
            } else {
                Optional<Boolean> relation = saidOfRelation(i);
                against |= relation.orElse(false);
                keeps |= !relation.orElse(true);
            }
        }
        return against && keeps ? Decision.BOTH : against ? Decision.AGAINST : keeps ? Decision.KEEPS : Decision.NEITHER;
    }

    /** Whether "not" or the like stands before a place: not that of "no relation". */
    private boolean isDenied(int at) {
        return text.stands(i -> text.isOf(Sense.NOT, i) && !text.isOf(Sense.NO_RELATION, i) && !isWithin(Sense.NO_RELATION, i),
                at, Text.NEGATION_REACH, i -> text.token(i).kind() == Token.Kind.STOP || text.is(i, "but"));
    }

    /** Whether a word there opens the conclusion that there is a relation, or that there is none. */
    private Optional<Boolean> saidOfRelation(int at) {
        return saysThatThereIsOne(at).or(() -> showsOne(at)).or(() -> explainsByLuck(at).map(it -> !it));
    }

    /** "Insufficient evidence", "the evidence is not enough". */
    private boolean isTooLittle(int at) {
        return text.before(at, SOON).anyMatch(i -> text.is(i, "insufficient|lacks?|weak|poor|scant"))
                || text.clause(at + 1, at + SOON + 2)
                .anyMatch(i -> text.is(i, "insufficient|lacking|missing|weak")
                        || text.isOf(Sense.NOT, i) && text.size() > i + 1 && text.is(i + 1, "enough|sufficient|strong|good"));
    }

    /** "So there is one": whether there is a relation, where that is said as what follows. */
    private Optional<Boolean> saysThatThereIsOne(int at) {
        boolean opens = text.isOf(Sense.SO, at);
        if (!opens) {
            return Optional.empty();
        }
        for (int i = at + 1; i < Math.min(text.size(), at + REACH) && text.token(i).kind() != Token.Kind.STOP; i++) {
            if (text.isOf(Sense.AGAINST, i) || text.isOf(Sense.COMPATIBLE, i)
                    || text.isOf(Sense.WHEN, i) && !text.word(i).equals("as")
                    || text.isOf(Sense.SHOWN, i)) {
                return Optional.empty();
            }
            boolean has = text.word(i).startsWith("make") || text.is(i - 1, "has|have|had|plays?");
            if (has && text.isOf(Sense.NO_RELATION, i) && !isSupposed(i)
                    && text.within(i, i + REACH / 2).noneMatch(j -> text.isOf(Sense.AGAINST, j))) {
                return Optional.of(false);
            }
            if (text.is(i, "related|linked|connected|dependent|associated")
                    && IntStream.range(Math.max(at + 1, i - 2), i).anyMatch(j -> text.is(j, "are|is|be"))) {
                return Optional.of(!text.isDenied(i, SOON));
            }
            if (text.is(i, "there|there's") && i + 1 < text.size()) {
                for (int j = i + 1; j < Math.min(text.size(), i + REACH) && !text.token(j).isMark(); j++) {
                    if (text.isOf(Sense.SHOWN, j) || text.isOf(Sense.AGAINST, j)) {
                        return Optional.empty();
                    }
                    if (text.isOf(Sense.NO_RELATION, j) || text.word(j).equals("none")) {
                        return Optional.of(false);
                    }
                    if (text.isOf(Sense.RELATION, j) || text.word(j).equals("one")) {
                        return Optional.of(!text.isDenied(j));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** "The data show a relation", "it is not enough to say there is one": whether a relation is said to be shown. */
    private Optional<Boolean> showsOne(int at) {
        if (!text.isOf(Sense.SHOWN, at) || text.isOf(Sense.AGAINST, at)) {
            return Optional.empty();
        }
        if (at + 1 < text.size() && text.word(at + 1).equals("nothing")
                || text.before(at, SOON).anyMatch(i -> text.word(i).equals("nothing") && !isMarked(i, at))) {
            return Optional.of(false);
        }
        if (text.before(at, SOON).anyMatch(i -> text.isOf(Sense.NO_RELATION, i)) && !isSupposed(at)
                && at > 0 && text.is(at - 1, "is|was|are|be|been")) {
            // "No relation is shown."
            return Optional.of(false);
        }
        for (int i = at + 1; i < Math.min(text.size(), at + REACH) && text.token(i).kind() != Token.Kind.STOP; i++) {
            if (text.isOf(Sense.AGAINST, i) || text.isOf(Sense.COMPATIBLE, i)) {
                return Optional.empty();
            }
            if (text.isOf(Sense.NO_RELATION, i)) {
                return text.isDenied(at) ? Optional.empty() : Optional.of(false);
            }
            if (text.isOf(Sense.RELATION, i) || text.word(i).equals("one") && i >= 2 && text.is(i - 1, "is|be|exists")) {
                return Optional.of(!text.isDenied(at) && !isTooLittle(at) && !text.isDenied(i, i - at));
            }
        }
        return Optional.empty();
    }

    /** "Luck is no good explanation", "chance may well explain it": whether luck is said to be enough. */
    private Optional<Boolean> explainsByLuck(int at) {
        if (!text.isOf(Sense.LUCK, at)) {
            return Optional.empty();
        }
        // "It's not luck", "it may be a coincidence", but not "by luck", "the chance of".
        for (int i = at - 1; i >= Math.max(0, at - SOON) && !text.token(i).isMark(); i--) {
            if (text.isOf(Sense.NOT, i)) {
                return Optional.of(false);
            }
            if (text.word(i).equals("be") && text.isOf(Sense.DOUBT, i - 1)) {
                return Optional.of(true);
            }
        }
        for (int i = Math.max(0, at - SOON - 1); i < Math.min(text.size(), at + REACH) && !(i > at && text.token(i).isMark());
                i++) {
            if (i != at && (text.is(i, "expla.*|account.*") || i < at && text.is(i, "matter|question"))) {
                int from = Math.min(i, at);
                boolean denied = text.before(from, SOON).anyMatch(j -> text.isOf(Sense.NOT, j) && !isMarked(j, from))
                        || IntStream.range(from, Math.max(i, at))
                        .anyMatch(j -> text.isOf(Sense.NOT, j) || text.is(j, "poor|bad|weak|unlikely"));
                return Optional.of(!denied);
            }
        }
        return Optional.empty();
    }

    /** Whether a place belongs to a phrase of a sense that begins before it: "fail to reject". */
    private boolean isWithin(Sense sense, int at) {
        return text.before(at, SOON).anyMatch(i -> text.length(sense, i) > at - i);
    }

    /** "So there is no relation." */
    private boolean isConcluded(int at) {
        return text.isOf(Sense.NO_RELATION, at) && at > 0 && text.is(at - 1, "is|are")
                && text.before(at, SOON + 2).anyMatch(i -> text.is(i, "so|therefore|thus|hence|conclude|means|shows?"))
                && !isSupposed(at);
    }

    /** "reject that there is a relation": the wrong thing is rejected. */
    private boolean isOfRelation(int at) {
        if (!text.is(at, "reject.*|against|rules?|ruled")) {
            return false;
        }
        for (int i = at + 1; i < Math.min(text.size(), at + REACH) && text.token(i).kind() != Token.Kind.STOP; i++) {
            if (text.isOf(Sense.NO_RELATION, i) || text.is(i, "no|zero|0|chance|hypothesis|null|coincidence")) {
                return false;
            }
            if (text.is(i, "relation.*|link|association|correlation|connection|trend|effect")) {
                return true;
            }
        }
        return false;
    }
}
