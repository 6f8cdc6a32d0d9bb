package hestra.sentences;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.numbers.NumberReading;
import hestra.units.Unit;
import hestra.units.UnitReader;

/** What a text says about two variables, clause by clause. */
public final class Said {

    private static final Set<String> DAILY = Set.of("daily", "hourly", "weekly", "yearly", "monthly", "annually");
    private static final Set<String> UNIT_CONTEXT = Set.of("per", "each", "every", "a", "an", "one", "in", "of", "another");
    private static final int LONGEST_UNIT = 6;
    private static final int NEGATION_REACH = 5;
    private static final int DOUBT_REACH = 12;
    private static final int NEAR = 4;

    private final Topic topic;
    private final Senses senses;
    private final List<Token> tokens;
    private final List<String> words;
    private final boolean[] x;
    private final boolean[] y;
    /** Where they are called by a name, not by a word that may stand for it. */
    private final boolean[] calledX;
    private final boolean[] calledY;
    /** The units of the two variables as their author wrote them, in their words. */
    private final Map<String, List<String>> written = new LinkedHashMap<>();
    private final int[] unitLength;
    private final Unit[] unit;
    private final Clauses clauses;
    private final List<Amount> amounts = new ArrayList<>();

    private Said(Topic topic, WordList list, String text) {
        this.topic = topic;
        this.tokens = Token.of(text);
        this.words = tokens.stream().map(Token::word).toList();
        for (String unitText : List.of(topic.y().unit(), topic.x().unit())) {
            List<String> parts = Token.of(unitText).stream().map(Token::word).toList();
            if (!parts.isEmpty() && parts.size() <= LONGEST_UNIT) {
                written.putIfAbsent(unitText, parts);
            }
        }
        this.senses = new Senses(list, words);
        int n = tokens.size();
        calledX = mentions(topic.stemsOfX(), Set.of(), Set.of());
        calledY = mentions(topic.stemsOfY(), Set.of(), Set.of());
        Set<String> kinOfX = list.kin(topic.stemsOfX());
        Set<String> kinOfY = list.kin(topic.stemsOfY());
        x = mentions(topic.stemsOfX(), kinOfX, kinOfY);
        y = mentions(topic.stemsOfY(), kinOfY, kinOfX);
        unitLength = new int[n];
        unit = new Unit[n];
        boolean[] isUnit = new boolean[n];
        for (int i = 0; i < n; i++) {
            findUnit(i);
            isUnit[i] = unitLength[i] > 0;
        }
        boolean calledByUnit = UnitReader.read(topic.x().name(), Set.of()).filter(it -> it.unknown().isEmpty() && it.unit().isOfSameKind(topic.unitOfX())).isPresent() && !topic.x().unit().isBlank();
        for (int i = 0; calledByUnit && i < n; i++) {
            // "Minutes" are named by "per min".
            x[i] |= unit[i] != null && unit[i].isOfSameKind(topic.unitOfX());
        }
        clauses = Clauses.of(tokens, words, x, y, isUnit, senses);
        findAmounts();
    }

    /** Reads a text. */
    public static Said of(String text, Topic topic, WordList list) {
        return new Said(topic, list, text);
    }

    private boolean[] mentions(Set<String> stems, Set<String> kin, Set<String> otherKin) {
        boolean[] found = new boolean[tokens.size()];
        for (int i = 0; i < found.length; i++) {
            String word = words.get(i);
            found[i] = tokens.get(i).kind() == Token.Kind.WORD && (kin.contains(word) && !otherKin.contains(word) || DAILY.contains(word) && stems.contains(period(word)) || stems.contains(UnitReader.stem(word)) || stems.contains(UnitReader.stem(word.replaceAll("'s?$", "")))
                    || stems.stream().anyMatch(stem -> stem.length() >= 5 && word.length() <= stem.length() + 3 && word.startsWith(stem.substring(0, stem.length() - 1))));
        }
        return found;
    }

    private static String period(String daily) {
        return daily.replace("annually", "year").replace("daily", "day").replaceAll("ly$", "");
    }

    /** A unit that begins at a token: that of a variable as it is written, or one that is known by a word. */
    private void findUnit(int at) {
        Token token = tokens.get(at);
        if (token.kind() != Token.Kind.WORD && token.kind() != Token.Kind.PERCENT) {
            return;
        }
        for (Map.Entry<String, List<String>> written : written.entrySet()) {
            List<String> parts = written.getValue();
            if (at + parts.size() <= words.size() && same(parts, at)) {
                put(at, parts.size(), UnitReader.ofVariable(written.getKey()));
                return;
            }
        }
        boolean symbol = token.text().length() <= 2;
        String before = at > 0 ? words.get(at - 1) : "";
        boolean placed = at > 0 && (tokens.get(at - 1).kind() == Token.Kind.NUMBER || UNIT_CONTEXT.contains(before) || senses.length(Sense.FURTHER, at - 1) > 0);
        if (symbol && !placed || token.word().equals("in") || token.word().equals("a") || token.word().equals("an")) {
            return;
        }
        int length = token.word().matches("degrees?") && at + 1 < words.size() && words.get(at + 1).matches("celsius|centigrade|c|fahrenheit") ? 2 : 1;
        UnitReader.ofWord(length == 2 ? words.get(at + 1).startsWith("f") ? "fahrenheit" : "celsius" : token.text()).filter(it -> !it.equals(Unit.NONE)).ifPresent(it -> put(at, length, it));
    }

    private boolean same(List<String> parts, int at) {
        return IntStream.range(0, parts.size()).allMatch(i -> UnitReader.stem(parts.get(i)).equals(UnitReader.stem(words.get(at + i))));
    }

    private void put(int at, int length, Unit found) {
        unitLength[at] = length;
        unit[at] = found.ofDifference();
    }

    private void findAmounts() {
        int i = 0;
        while (i < tokens.size()) {
            Optional<Amount> amount = amountAt(i);
            if (amount.isPresent()) {
                amounts.add(amount.get());
                i = amount.get().to();
            } else {
                i++;
            }
        }
    }

    private Optional<Amount> amountAt(int at) {
        Token token = tokens.get(at);
        BigDecimal value = null;
        int next = at + 1;
        boolean inWords = false;
        boolean bare = false;
        if (token.kind() == Token.Kind.NUMBER) {
            if (!(NumberReading.ofMeasurement(token.text(), topic.mark()) instanceof NumberReading.Value read)) {
                return Optional.empty();
            }
            value = read.typed();
        } else {
            Optional<NumberWords.Read> read = NumberWords.at(words, at);
            if (read.isPresent()) {
                value = read.get().value();
                next = at + read.get().length();
                inWords = true;
                while (next < words.size() && words.get(next).matches("of|a|an|the")) {
                    next++;
                }
                if (read.get().length() == 1 && words.get(at).equals("one") && clauses.isCondition(at) && !isUnitSoon(next) && !isByOne(at)) {
                    return Optional.empty();
                }
            } else if (clauses.isCondition(at) && token.word().matches("a|an") && at + 1 < words.size() && unitLength[at + 1] > 0) {
                value = BigDecimal.ONE;
                bare = true;
            } else if (DAILY.contains(token.word())) {
                Unit time = UnitReader.read(period(token.word()), Set.of()).orElseThrow().unit();
                return Optional.of(new Amount(BigDecimal.ONE, false, false, Optional.of(time), Amount.Side.X, true, at, at + 1));
            } else if (senses.length(Sense.EACH, at) > 0 && clauses.isCondition(at)) {
                value = BigDecimal.ONE;
                next = at + senses.length(Sense.EACH, at);
                bare = true;
                if (next < tokens.size() && (tokens.get(next).kind() == Token.Kind.NUMBER || NumberWords.at(words, next).isPresent())) {
                    return Optional.empty();
                }
            } else {
                return Optional.empty();
            }
        }
        int skipped = 0;
        while (next < words.size() && skipped < 3 && unitLength[next] == 0 && (senses.length(Sense.FURTHER, next) > 0 || words.get(next).equals("of") && skipped > 0)) {
            next++;
            skipped++;
        }
        boolean percent = next < tokens.size() && tokens.get(next).kind() == Token.Kind.PERCENT;
        Optional<Unit> found = Optional.empty();
        if (next < words.size() && unitLength[next] > 0) {
            found = percent ? Optional.empty() : Optional.of(unit[next]);
            next += unitLength[next];
        }
        if (inWords && found.isEmpty() && !percent && !isByOne(at) && !clauses.isCondition(at) && !(next < words.size() && (x[next] || y[next]))) {
            return Optional.empty();
        }
        boolean per = clauses.isCondition(at);
        if (per && isDenied(at, 2)) {
            // "Not each day."
            return Optional.empty();
        }
        return Optional.of(new Amount(value, inWords && !bare, percent, found, side(at, next, found, per), per, at, next));
    }

    /** "Goes up by one", "an increase of one": of a variable that has no unit. */
    private boolean isByOne(int at) {
        return topic.x().unit().isBlank() && at > 0 && words.get(at - 1).matches("by|of");
    }

    private boolean isUnitSoon(int from) {
        return IntStream.range(from, Math.min(words.size(), from + NEAR)).anyMatch(i -> unitLength[i] > 0 || x[i] || senses.length(Sense.FURTHER, i) > 0);
    }

    /** Which variable an amount is of: the one that is named right behind it; else by its unit; else by the clause it stands in. */
    private Amount.Side side(int from, int to, Optional<Unit> found, boolean per) {
        for (int i = to; i < Math.min(words.size(), to + NEAR) && !tokens.get(i).isMark(); i++) {
            boolean close = i == to || words.get(to).matches("of|in") || i == to + 1 && senses.length(Sense.FURTHER, to) > 0;
            if (clauses.isCondition(i) != clauses.isCondition(from)) {
                break;
            }
            if (close && calledX[i] != calledY[i]) {
                return calledX[i] ? Amount.Side.X : Amount.Side.Y;
            }
        }
        boolean isX = found.filter(it -> it.isOfSameKind(topic.unitOfX())).isPresent();
        boolean isY = found.filter(it -> it.isOfSameKind(topic.unitOfY())).isPresent();
        boolean xBehind = to < words.size() && x[to] && !y[to];
        if (!per && isX && isY && found.get().equalTo(topic.unitOfX()) && !found.get().equalTo(topic.unitOfY()) && (xBehind || nearestBefore(from) == Amount.Side.X)) {
            return Amount.Side.X;
        }
        if (isX != isY && !topic.unitOfX().isOfSameKind(topic.unitOfY())) {
            return isX ? Amount.Side.X : Amount.Side.Y;
        }
        return per ? Amount.Side.X : Amount.Side.Y;
    }

    /** The variable that was named last before a place, in the same clause; null for none. */
    private Amount.Side nearestBefore(int at) {
        for (int i = at - 1; i >= Math.max(0, at - NEAR) && !tokens.get(i).isMark(); i--) {
            if (x[i] != y[i]) {
                return x[i] ? Amount.Side.X : Amount.Side.Y;
            }
        }
        return null;
    }

    List<Amount> amounts() {
        return amounts;
    }

    /** Whether it names x: by its words, or by its unit where that is what x is called. */
    boolean namesX() {
        return topic.stemsOfX().isEmpty() || any(x);
    }

    boolean namesY() {
        return topic.stemsOfY().isEmpty() || any(y);
    }

    private static boolean any(boolean[] flags) {
        for (boolean flag : flags) {
            if (flag) {
                return true;
            }
        }
        return false;
    }

    /** Whether x stands where y should, and y where x should: "height grows for each cm of diameter". */
    boolean isWrongWayRound() {
        boolean conditionX = false;
        boolean conditionY = false;
        boolean mainX = false;
        boolean mainY = false;
        for (int i = 0; i < tokens.size(); i++) {
            boolean condition = clauses.isCondition(i);
            conditionX |= condition && x[i];
            conditionY |= condition && y[i];
            mainX |= !condition && x[i];
            mainY |= !condition && y[i];
        }
        return conditionY && mainX && !conditionX && !mainY;
    }

    boolean hasConditions() {
        return clauses.hasConditions() || amounts.stream().anyMatch(it -> it.side() == Amount.Side.X);
    }

    /** Whether a word of this sense stands anywhere. */
    boolean says(Sense sense) {
        return IntStream.range(0, words.size()).anyMatch(i -> isOf(sense, i));
    }

    /** Whether a word of this sense stands anywhere and is not denied. */
    boolean affirms(Sense sense) {
        return IntStream.range(0, words.size()).anyMatch(i -> isOf(sense, i) && !isDenied(i, NEGATION_REACH));
    }

    private boolean isOf(Sense sense, int at) {
        return senses.length(sense, at) > 0;
    }

    /** Whether "not" or the like stands before a place, in the same sentence and not before a "but". */
    private boolean isDenied(int at, int reach) {
        return stands(Sense.NOT, at, reach);
    }

    private boolean stands(Sense sense, int at, int reach) {
        for (int i = at - 1; i >= Math.max(0, at - reach); i--) {
            if (tokens.get(i).kind() == Token.Kind.STOP || words.get(i).equals("but")) {
                return false;
            }
            if (isOf(sense, i)) {
                return true;
            }
        }
        return false;
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
        for (int i = 0; i < words.size(); i++) {
            if (clauses.isCondition(i) != inConditions || !inConditions && isOfX(i) || isCalled(i) || isIdiom(i)) {
                continue;
            }
            boolean denied = isDenied(i, NEGATION_REACH);
            up |= isOf(Sense.UP, i) && !denied && !(isOf(Sense.DOWN, i) && senses.length(Sense.DOWN, i) >= senses.length(Sense.UP, i));
            down |= isOf(Sense.DOWN, i) && !denied;
            if (isOf(Sense.CHANGE, i)) {
                int place = i;
                for (Amount amount : amounts) {
                    boolean behind = amount.from() > place && amount.from() - place <= NEAR;
                    down |= behind && amount.value().signum() < 0;
                    up |= behind && tokens.get(amount.from()).text().startsWith("+");
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
        return (x[at] || y[at]) && (topic.stemsOfX().contains(UnitReader.stem(words.get(at))) || topic.stemsOfY().contains(UnitReader.stem(words.get(at))) || !isOf(Sense.UP, at) && !isOf(Sense.DOWN, at));
    }

    /** "more or less" goes neither way. */
    private boolean isIdiom(int at) {
        return words.get(at).equals("more") && at + 2 < words.size() && words.get(at + 1).equals("or") && words.get(at + 2).equals("less")
                || words.get(at).equals("less") && at >= 2 && words.get(at - 1).equals("or") && words.get(at - 2).equals("more");
    }

    private boolean isOfX(int at) {
        return amounts.stream().anyMatch(it -> it.side() == Amount.Side.X && at >= it.from() && at < it.to() + 1 && (at < it.to() || senses.length(Sense.FURTHER, at) > 0));
    }

    /** Whether it claims a cause: not where that is denied or left open, nor where "makes" only gives an amount. */
    boolean claimsCause() {
        for (int i = 0; i < words.size(); i++) {
            if (isOf(Sense.CAUSE, i) && !isDenied(i, DOUBT_REACH) && !stands(Sense.DOUBT, i, DOUBT_REACH) && !isDeniedBehind(i) && isCausal(i)) {
                return true;
            }
        }
        return false;
    }

    /** "A cause is not shown", "the cause could be another". */
    private boolean isDeniedBehind(int at) {
        if (!words.get(at).matches("cause|causes|proof")) {
            return false;
        }
        for (int i = at + 1; i < Math.min(words.size(), at + NEAR) && tokens.get(i).kind() != Token.Kind.STOP; i++) {
            if (isOf(Sense.NOT, i) || isOf(Sense.DOUBT, i)) {
                return true;
            }
        }
        return false;
    }

    private boolean isCausal(int at) {
        String word = words.get(at);
        if (word.startsWith("mak") || word.equals("made")) {
            // "makes the blot wider", but not "makes about 0.3 mm more", "makes sense", "is made".
            boolean amount = IntStream.range(at + 1, Math.min(words.size(), at + 3)).anyMatch(i -> tokens.get(i).kind() == Token.Kind.NUMBER || isOf(Sense.AVERAGE, i) || NumberWords.at(words, i).isPresent());
            boolean other = IntStream.range(at + 1, Math.min(words.size(), at + NEAR + 1)).anyMatch(i -> y[i] || words.get(i).matches("it|them"));
            return !amount && other;
        }
        if (word.equals("because")) {
            return IntStream.range(at + 1, Math.min(words.size(), at + NEAR + 2)).noneMatch(i -> words.get(i).matches("slope|line|r|data|points|we|i|model|equation|fit|scatter|sample|plot"));
        }
        if (word.equals("due")) {
            return IntStream.range(at + 1, Math.min(words.size(), at + 5)).noneMatch(i -> words.get(i).matches("chance|scatter|noise|random"));
        }
        if (word.matches("forced?|driv.*|forces|drove") && at > 0 && words.get(at - 1).matches("the|a")) {
            return false;
        }
        return true;
    }

    /** Whether it is no sentence but a list of words. */
    boolean isBareList() {
        long commas = tokens.stream().filter(it -> it.kind() == Token.Kind.COMMA).count();
        long content = tokens.stream().filter(it -> !it.isMark()).count();
        boolean verb = IntStream.range(0, words.size()).anyMatch(i -> isOf(Sense.VERB, i) || words.get(i).matches("\\p{L}{3,}(?:es|ed|ing)"));
        long small = words.stream().filter(it -> it.matches("the|a|an|of|for|each|per|by|with|on|in|to|is|are|and|that|this|as|when|if|it|every|about")).count();
        return content > 0 && !verb && (small == 0 || commas * 3 >= content);
    }

    /** The place of the first token of this sense that is followed by a variable first: which one; nothing where none is. */
    Optional<Amount.Side> firstBehind(Sense sense, int reach) {
        boolean[] shared = new boolean[words.size()];
        for (Amount amount : amounts) {
            IntStream.range(amount.to(), Math.min(words.size(), amount.to() + NEAR)).filter(i -> isOf(sense, i)).findFirst().ifPresent(i -> shared[i] = true);
        }
        boolean ofAmount = any(shared);
        for (int i = 0; i < words.size(); i++) {
            // "96 % of the variation" before any other that is named.
            int length = ofAmount && !shared[i] ? 0 : senses.length(sense, i);
            for (int j = i - 1; length > 0 && words.get(i).matches("var(?:y|ies|ied)|differ.*") && j >= Math.max(0, i - 2); j--) {
                // "How diameters vary."
                if (x[j] != y[j]) {
                    return Optional.of(x[j] ? Amount.Side.X : Amount.Side.Y);
                }
            }
            for (int j = i + length; length > 0 && j < Math.min(words.size(), i + length + reach) && tokens.get(j).kind() != Token.Kind.STOP; j++) {
                if (x[j] != y[j]) {
                    return Optional.of(x[j] ? Amount.Side.X : Amount.Side.Y);
                }
            }
        }
        return Optional.empty();
    }

    /** Whether "not" or the like stands before an amount. */
    boolean denies(Amount amount) {
        return isDenied(amount.from(), NEGATION_REACH);
    }

    /** Whether a word of a sense follows an amount within so many words. */
    boolean follows(Amount amount, Sense sense, int reach) {
        return IntStream.range(amount.to(), Math.min(words.size(), amount.to() + reach)).takeWhile(i -> tokens.get(i).kind() != Token.Kind.STOP).anyMatch(i -> isOf(sense, i));
    }

    /** Whether a unit of this kind stands anywhere. */
    boolean hasUnit(Unit asked) {
        return IntStream.range(0, unit.length).anyMatch(i -> unit[i] != null && unit[i].isOfSameKind(asked));
    }

    Topic topic() {
        return topic;
    }

    /** Whether a word stands in it. */
    boolean hasWord(String regex) {
        return words.stream().anyMatch(it -> it.matches(regex));
    }
}
