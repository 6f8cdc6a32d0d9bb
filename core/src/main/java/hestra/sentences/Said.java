package hestra.sentences;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.units.Unit;
import hestra.units.UnitReader;

/** What a text says about two variables, clause by clause. */
public final class Said {

    private static final int NEAR = AmountReader.NEAR;

    private final Topic topic;
    private final Text text;
    private final Mentions mentions;
    private final Clauses clauses;
    private final List<Amount> amounts;

    private Said(Topic topic, WordList list, String written) {
        this.topic = topic;
        this.text = new Text(written, list);
        this.mentions = new Mentions(text, topic, list);
        this.clauses = Clauses.of(text, mentions);
        this.amounts = new AmountReader(text, topic, mentions, clauses).read();
    }

    /** Reads a text. */
    public static Said of(String text, Topic topic, WordList list) {
        return new Said(topic, list, text);
    }

    List<Amount> amounts() {
        return amounts;
    }

    /** Whether it names x: by its words, or by its unit where that is what x is called. */
    boolean namesX() {
        return topic.stemsOfX().isEmpty() || mentions.namesX();
    }

    boolean namesY() {
        return topic.stemsOfY().isEmpty() || mentions.namesY();
    }

    /** Whether x stands where y should, and y where x should: "height grows for each cm of diameter". */
    boolean isWrongWayRound() {
        boolean conditionX = false;
        boolean conditionY = false;
        boolean mainX = false;
        boolean mainY = false;
        for (int i = 0; i < text.size(); i++) {
            boolean condition = clauses.isCondition(i);
            conditionX |= condition && mentions.isX(i);
            conditionY |= condition && mentions.isY(i);
            mainX |= !condition && mentions.isX(i);
            mainY |= !condition && mentions.isY(i);
        }
        return conditionY && mainX && !conditionX && !mainY;
    }

    boolean hasConditions() {
        return clauses.hasConditions() || amounts.stream().anyMatch(it -> it.side() == Amount.Side.X);
    }

    /** Whether a word of this sense stands anywhere. */
    boolean says(Sense sense) {
        return text.says(sense);
    }

    /** Whether a word of this sense stands anywhere and is not denied. */
    boolean affirms(Sense sense) {
        return text.affirms(sense);
    }

    /** "No blade that old was measured." */
    boolean saysThatNoneWasMeasured() {
        return IntStream.range(0, text.size()).anyMatch(i -> text.word(i)
                .matches("measured|observed|recorded|seen|counted|weighed") && text.isDenied(i));
    }

    /** Whether it claims a cause: not where that is denied or left open, nor where "makes" only gives an amount. */
    boolean claimsCause() {
        return new Causes(text, mentions).areClaimed();
    }

    /** Which way it says that y goes. */
    enum Way {
        UP,
        DOWN,
        BOTH,
        NEITHER
    }

    Way way() {
        Way main = way(false);
        // "Higher as the other falls" is a fall.
        return way(true) != Way.DOWN ? main : main == Way.UP ? Way.DOWN : main == Way.DOWN ? Way.UP : main;
    }

    private Way way(boolean inConditions) {
        boolean up = false;
        boolean down = false;
        for (int i = 0; i < text.size(); i++) {
            if (clauses.isCondition(i) != inConditions || !inConditions && isOfX(i) || isCalled(i) || isIdiom(i)) {
                continue;
            }
            boolean denied = text.isDenied(i);
            up |= text.isOf(Sense.UP, i) && !denied
                    && !(text.isOf(Sense.DOWN, i) && text.length(Sense.DOWN, i) >= text.length(Sense.UP, i));
            down |= text.isOf(Sense.DOWN, i) && !denied;
            if (text.isOf(Sense.CHANGE, i)) {
                int place = i;
                for (Amount amount : amounts) {
                    boolean behind = amount.from() > place && amount.from() - place <= NEAR;
                    down |= behind && amount.value().signum() < 0;
                    up |= behind && text.token(amount.from()).text().startsWith("+");
                }
            }
        }
        // "goes up by −0.4": a number below 0 turns the way round.
        boolean turned = amounts.stream().anyMatch(it -> it.side() == Amount.Side.Y && !it.per() && it.value().signum() < 0);
        if (!inConditions && turned && up && !down) {
            return Way.DOWN;
        }
        return up && down ? Way.BOTH : up ? Way.UP : down ? Way.DOWN : Way.NEITHER;
    }

    /** Whether a word is a name itself: "growth" goes no way where that is what is measured. */
    private boolean isCalled(int at) {
        return (mentions.isX(at) || mentions.isY(at))
                && (topic.stemsOfX().contains(UnitReader.stem(text.word(at)))
                        || topic.stemsOfY().contains(UnitReader.stem(text.word(at)))
                        || !text.isOf(Sense.UP, at) && !text.isOf(Sense.DOWN, at));
    }

    /** "more or less" goes neither way. */
    private boolean isIdiom(int at) {
        return text.word(at).equals("more") && at + 2 < text.size() && text.word(at + 1).equals("or")
                && text.word(at + 2).equals("less")
                || text.word(at).equals("less") && at >= 2 && text.word(at - 1).equals("or") && text.word(at - 2).equals("more");
    }

    private boolean isOfX(int at) {
        return amounts.stream().anyMatch(it -> it.side() == Amount.Side.X && at >= it.from() && at < it.to() + 1
                && (at < it.to() || text.length(Sense.FURTHER, at) > 0));
    }

    /** What it makes of a chance. */
    Chances chances() {
        return new Chances(text);
    }

    /** Whether the number of an amount is a bound: "below 0.001". */
    boolean isBound(Amount amount) {
        return IntStream.range(Math.max(0, amount.from() - 2), amount.from())
                .anyMatch(i -> text.word(i).matches("below|under|less|smaller|most"));
    }

    /** Whether it is no sentence but a list of words. */
    boolean isBareList() {
        long commas = text.tokens().stream().filter(it -> it.kind() == Token.Kind.COMMA).count();
        long content = text.tokens().stream().filter(it -> !it.isMark()).count();
        boolean verb = IntStream.range(0, text.size())
                .anyMatch(i -> text.isOf(Sense.VERB, i) || text.word(i).matches("\\p{L}{3,}(?:es|ed|ing)"));
        long small = text.words().stream()
                .filter(it ->
                        it.matches("the|a|an|of|for|each|per|by|with|on|in|to|is|are|and|that|this|as|when|if|it|every|about"))
                .count();
        return content > 0 && !verb && (small == 0 || commas * 3 >= content);
    }

    /** The place of the first token of this sense that is followed by a variable first: which one; nothing where none is. */
    Optional<Amount.Side> firstBehind(Sense sense, int reach) {
        BitSet shared = new BitSet(text.size());
        for (Amount amount : amounts) {
            IntStream.range(amount.to(), Math.min(text.size(), amount.to() + NEAR)).filter(i -> text.isOf(sense, i))
                    .findFirst().ifPresent(shared::set);
        }
        boolean ofAmount = !shared.isEmpty();
        for (int i = 0; i < text.size(); i++) {
            // "96 % of the variation" before any other that is named.
            int length = ofAmount && !shared.get(i) ? 0 : text.length(sense, i);
            for (int j = i - 1; length > 0 && text.word(i).matches("var(?:y|ies|ied)|differ.*") && j >= Math.max(0, i - 2); j--) {
                // "How diameters vary."
                if (mentions.isOne(j)) {
                    return Optional.of(mentions.side(j));
                }
            }
            for (int j = i + length; length > 0 && j < Math.min(text.size(), i + length + reach)
                    && text.token(j).kind() != Token.Kind.STOP; j++) {
                if (mentions.isOne(j)) {
                    return Optional.of(mentions.side(j));
                }
            }
        }
        return Optional.empty();
    }

    /** Whether "not" or the like stands before an amount. */
    boolean denies(Amount amount) {
        return text.isDenied(amount.from());
    }

    /** Whether a word of a sense follows an amount within so many words. */
    boolean follows(Amount amount, Sense sense, int reach) {
        return IntStream.range(amount.to(), Math.min(text.size(), amount.to() + reach))
                .takeWhile(i -> text.token(i).kind() != Token.Kind.STOP).anyMatch(i -> text.isOf(sense, i));
    }

    /** Whether a unit of this kind stands anywhere. */
    boolean hasUnit(Unit asked) {
        return mentions.hasUnit(asked);
    }

    Topic topic() {
        return topic;
    }

    /** Whether a word stands in it. */
    boolean hasWord(String regex) {
        return text.hasWord(regex);
    }
}
