package hestra.sentences;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.units.Unit;

/** What a text says about two variables, clause by clause. */
public final class Said {

    private static final int NEAR = AmountReader.NEAR;
    private static final Set<String> JOINS = Set.of("but", "though", "although", "which", "however", "yet", "since", "because",
            "while", "so", "where", "whereas", "hence", "thus", "therefore");
    private static final int WORDS_OF_A_CLAUSE = 3;
    private static final int VARIATION_REACH = 8;
    private static final List<Sense> RELATION_WORDS =
            List.of(Sense.STRONG, Sense.MODERATE, Sense.WEAK, Sense.POSITIVE, Sense.NEGATIVE, Sense.UP, Sense.DOWN);

    private final Topic topic;
    private final TopicWords names;
    private final Text text;
    private final Mentions mentions;
    private final Clauses clauses;
    private final List<Amount> amounts;

    private Said(Topic topic, WordList list, String written) {
        this.topic = topic;
        this.names = TopicWords.of(topic, list);
        this.text = new Text(written, list, names.all());
        this.mentions = new Mentions(text, topic, names);
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

    int size() {
        return text.size();
    }

    Token token(int at) {
        return text.token(at);
    }

    /** How many words from a place on are a phrase of a sense; 0 for none. */
    int length(Sense sense, int at) {
        return text.length(sense, at);
    }

    /** Whether one of the two variables is called by its own name at a place. */
    boolean isCalled(int at, boolean orX) {
        return mentions.isCalledY(at) || orX && mentions.isCalledX(at);
    }

    /** Whether it names x: by its words, or by its unit where that is what x is called. */
    boolean namesX() {
        return names.ofX().isEmpty() || mentions.namesX();
    }

    boolean namesY() {
        return names.ofY().isEmpty() || mentions.namesY();
    }

    /** Whether x stands where y should, and y where x should: "height grows for each cm of diameter". */
    boolean isWrongWayRound() {
        boolean byName = IntStream.range(0, text.size()).anyMatch(i -> mentions.isCalledX(i))
                && IntStream.range(0, text.size()).anyMatch(i -> mentions.isCalledY(i));
        return byName ? isTurnedRound(mentions::isCalledX, mentions::isCalledY) : isTurnedRound(mentions::isX, mentions::isY);
    }

    private boolean isTurnedRound(IntPredicate isX, IntPredicate isY) {
        int[] inConditions = IntStream.range(0, text.size()).filter(clauses::isCondition).toArray();
        int[] inMain = IntStream.range(0, text.size()).filter(i -> !clauses.isCondition(i)).toArray();
        return IntStream.of(inConditions).anyMatch(isY) && IntStream.of(inMain).anyMatch(isX)
                && IntStream.of(inConditions).noneMatch(isX) && IntStream.of(inMain).noneMatch(isY);
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

    /** Where it says that a place lies. */
    Reach.Place place() {
        return new Reach(text).place();
    }

    /** Whether what it says of a number is denied or doubted as a whole: "it is not true that …". */
    boolean isDeniedAsAWhole(IntPredicate content) {
        return new Stance(text).isDenied(content);
    }

    /** Whether it claims a cause: not where that is denied or left open, nor where "makes" only gives an amount. */
    boolean claimsCause(boolean ofShare) {
        return new Causes(text, mentions, ofShare).areClaimed();
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
            if (clauses.isCondition(i) != inConditions || !inConditions && isOfX(i) || isCalled(i) || isIdiom(i)
                    || inConditions && names.kinOfX().contains("deeper") && isDownwards(i)) {
                continue;
            }
            boolean denied = text.isDenied(i);
            up |= text.isOf(Sense.UP, i) && !denied
                    && !(text.isOf(Sense.DOWN, i) && text.length(Sense.DOWN, i) >= text.length(Sense.UP, i));
            down |= text.isOf(Sense.DOWN, i) && !denied;
            if (text.isOf(Sense.CHANGE, i)) {
                int place = i;
                for (Amount amount : amounts) {
                    boolean behind = amount.from() > place && clauses.isCondition(amount.from()) == inConditions;
                    down |= behind && amount.value().signum() < 0;
                    up |= behind && text.token(amount.from()).text().startsWith("+");
                }
            }
        }
        // "goes up by −0.4": a number below 0 turns the way round.
        boolean turned = amounts.stream().anyMatch(it -> it.side() == Amount.Side.Y && !it.per() && it.value().signum() < 0);
        if (!inConditions && !up && !down) {
            // "From 60 % to 58 %."
            Optional<Amount> step = amounts.stream().filter(it -> it.side() == Amount.Side.Y && !it.per()
                    && text.word(it.from()).equals("from")).findFirst();
            if (step.isPresent()) {
                return step.get().value().signum() < 0 ? Way.DOWN : Way.UP;
            }
            boolean negative = affirms(Sense.NEGATIVE);
            boolean plus = amounts.stream().anyMatch(it -> it.side() == Amount.Side.Y && !it.per()
                    && text.token(it.from()).text().startsWith("+"));
            if (plus && !turned) {
                return Way.UP;
            }
            if (turned || negative != affirms(Sense.POSITIVE)) {
                return turned || negative ? Way.DOWN : Way.UP;
            }
        }
        if (!inConditions && turned && up && !down) {
            return Way.DOWN;
        }
        return up && down ? Way.BOTH : up ? Way.UP : down ? Way.DOWN : Way.NEITHER;
    }

    /** Whether a word is a name itself: "growth" goes no way where that is what is measured. */
    private boolean isCalled(int at) {
        return (mentions.isX(at) || mentions.isY(at))
                && (names.isName(text.word(at))
                        || !text.isOf(Sense.UP, at) && !text.isOf(Sense.DOWN, at));
    }

    /** Down is where a depth is larger. */
    private boolean isDownwards(int at) {
        return text.word(at).equals("down") || at + 1 < text.size() && text.word(at + 1).equals("down");
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

    /** Whether a word there says which way a relation goes or how strong it is. */
    boolean isOfStrengthOrWay(int at) {
        return RELATION_WORDS.stream().anyMatch(it -> text.isOf(it, at));
    }

    /** "Greater depths go with less light": whether the one is large where the other is; nothing where it does not say so. */
    Optional<Boolean> growTogether() {
        Optional<Boolean> largeX = size(true);
        Optional<Boolean> largeY = size(false);
        return largeX.isPresent() && largeY.isPresent() ? Optional.of(largeX.get().equals(largeY.get())) : Optional.empty();
    }

    /** Whether the first that is said of the size of a variable is that it is large. */
    private Optional<Boolean> size(boolean ofX) {
        for (int i = 0; i < text.size(); i++) {
            if (!mentions.isOne(i) || mentions.isX(i) != ofX) {
                continue;
            }
            Optional<Boolean> before = i > 0 ? sizeAt(i - 1) : Optional.empty();
            boolean is = i + 2 < text.size() && text.is(i + 1, "is|are|gets?|were|was|becomes?");
            Optional<Boolean> behind = is ? sizeAt(i + 2) : Optional.empty();
            if (before.isPresent() || behind.isPresent()) {
                return before.or(() -> behind);
            }
        }
        return Optional.empty();
    }

    private Optional<Boolean> sizeAt(int at) {
        boolean large = text.isOf(Sense.LARGE, at);
        boolean small = text.isOf(Sense.SMALL, at);
        return large == small ? Optional.empty() : Optional.of(large ^ text.isDenied(at, 1));
    }

    /** Whether a word that is not known may say which way something goes: "dims", "rarer", "plummeted". */
    boolean mayGoSomeWay() {
        return IntStream.range(0, text.size()).anyMatch(i -> text.token(i).kind() == Token.Kind.WORD && !text.isKnown(i)
                && !mentions.isX(i) && !mentions.isY(i) && !mentions.isUnit(i)
                && (text.is(i, "\\p{L}{3,}(?:er|ed|ing)") || text.is(i, "\\p{L}{3,}s") && i + 1 < text.size()
                        && (text.is(i + 1, "by|off|away|out|on|from") || text.token(i + 1).kind() == Token.Kind.NUMBER
                                || text.isOf(Sense.AVERAGE, i + 1))));
    }

    /** What it makes of a chance. */
    Chances chances() {
        return new Chances(text);
    }

    /** Whether the number of an amount is a bound: "below 0.001". */
    boolean isBound(Amount amount) {
        return text.before(amount.from(), 2).anyMatch(i -> text.is(i, "below|under|less|smaller|most"));
    }

    /** Whether it is no sentence but a list of words. */
    boolean isBareList() {
        long commas = text.tokens().stream().filter(it -> it.kind() == Token.Kind.COMMA).count();
        long content = text.tokens().stream().filter(it -> !it.isMark()).count();
        boolean verb = IntStream.range(0, text.size())
                .anyMatch(i -> text.isOf(Sense.VERB, i) || text.is(i, "\\p{L}{3,}(?:es|ed|ing)"));
        boolean small = text.hasWord("the|a|an|of|for|each|per|by|with|on|in|to|is|are|and|that|this|as|when|if|it|every|about");
        // "Typical error: 18.5 g" says what is what.
        boolean colon = text.tokens().stream().anyMatch(it -> it.text().equals(":"));
        return content > 0 && !verb && !colon && (!small || commas * 3 >= content);
    }

    /** Whose variation it says that a share is of: nothing where it does not say so. */
    Optional<Amount.Side> variationOf() {
        BitSet shared = new BitSet(text.size());
        for (Amount amount : amounts) {
            text.within(amount.to(), amount.to() + NEAR + 2).filter(i -> text.isOf(Sense.VARIATION, i))
                    .filter(i -> text.word(amount.to()).equals("of")).findFirst().ifPresent(shared::set);
        }
        boolean ofAmount = !shared.isEmpty();
        // "96 % of the variation" before any other that is named.
        return IntStream.range(0, text.size()).filter(i -> text.isOf(Sense.VARIATION, i) && (!ofAmount || shared.get(i)))
                .mapToObj(this::owner).flatMap(Optional::stream).findFirst();
    }

    /** Whose a variation is: "the light variation", "how diameters vary", "variation in light". */
    private Optional<Amount.Side> owner(int at) {
        boolean verb = text.is(at, "var(?:y|ies|ied)|differ|differs|differed");
        for (int j = at - 1; j >= Math.max(0, at - (verb ? 2 : 1)); j--) {
            if (mentions.isOne(j)) {
                return Optional.of(mentions.side(j));
            }
        }
        int behind = at + text.length(Sense.VARIATION, at);
        int reach = Math.min(text.size(), behind + VARIATION_REACH);
        for (int j = behind; j < reach && text.token(j).kind() != Token.Kind.STOP; j++) {
            if (mentions.isOne(j)) {
                return Optional.of(mentions.side(j));
            }
            if (text.is(j, "is|are|was|can|could|goes|go") && j == behind && hasOwnerBefore(at)) {
                break;
            }
        }
        return IntStream.iterate(at - 1, j -> j >= 0 && text.token(j).kind() != Token.Kind.STOP, j -> j - 1)
                .filter(mentions::isOne).mapToObj(mentions::side).findFirst();
    }

    /** "This variation." */
    private boolean hasOwnerBefore(int at) {
        return at > 0 && text.is(at - 1, "this|that|its|their|whose|these");
    }

    /** Whether "not" or the like stands before an amount. */
    boolean denies(Amount amount) {
        return text.isDenied(amount.from());
    }

    /** Whether a word of a sense follows an amount within so many words. */
    boolean follows(Amount amount, Sense sense, int reach) {
        return text.within(amount.to(), amount.to() + reach)
                .takeWhile(i -> text.token(i).kind() != Token.Kind.STOP).anyMatch(i -> text.isOf(sense, i));
    }

    /** Whether something more is said, maybe in words not known, behind the last amount and the last word of some senses. */
    boolean goesOn(Sense... senses) {
        int lastAmount = amounts.stream().mapToInt(Amount::to).max().orElse(text.size());
        int last = Stream.of(senses).flatMapToInt(sense -> IntStream.range(0, text.size()).filter(i -> text.isOf(sense, i)))
                .map(i -> i + 1).reduce(lastAmount, Math::max);
        return IntStream.range(last, text.size()).filter(i -> text.token(i).isMark() || JOINS.contains(text.word(i)))
                .anyMatch(i -> IntStream.range(i + 1, text.size()).filter(j -> text.token(j).kind() == Token.Kind.WORD).count()
                        >= WORDS_OF_A_CLAUSE);
    }

    /** "The points nearly form a line." */
    boolean isNearlyLinear() {
        return IntStream.range(0, text.size()).anyMatch(i -> text.is(i, "nearly|almost")
                && text.within(i + 1, i + NEAR + 1).anyMatch(j -> text.isOf(Sense.LINEAR, j)));
    }

    /** "4 trays". */
    boolean isNamedYBehind(Amount amount) {
        return amount.to() < text.size() && mentions.isY(amount.to()) && !mentions.isX(amount.to());
    }

    /** Whether a unit of this kind stands anywhere. */
    boolean hasUnit(Unit asked) {
        return mentions.hasUnit(asked);
    }

    Topic topic() {
        return topic;
    }

    /** Whether a unit of this kind stands right behind a name of y: "load (kN)". */
    boolean hasUnitBesideY(Unit asked) {
        return IntStream.range(1, text.size()).anyMatch(i -> mentions.isUnit(i) && mentions.unit(i).isOfSameKind(asked)
                && (mentions.isY(i - 1) || i > 1 && text.token(i - 1).kind() == Token.Kind.COMMA && mentions.isY(i - 2)));
    }

    /** Whether it says "most" of what holds for most, and not "at most". */
    boolean saysMost() {
        return IntStream.range(0, text.size()).anyMatch(i -> text.word(i).equals("most")
                && (i == 0 || !text.is(i - 1, "at|the")));
    }

    /** Whether a word stands in it. */
    boolean hasWord(String regex) {
        return text.hasWord(regex);
    }
}
