package hestra.sentences;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.units.Unit;
import hestra.units.UnitReader;

/** Where in a text the two variables and units are named. */
final class Mentions {

    private static final Set<String> DAILY = Set.of("daily", "hourly", "weekly", "yearly", "monthly", "annually");
    private static final Set<String> UNIT_CONTEXT = Set.of("per", "each", "every", "a", "an", "one", "in", "of", "another");
    private static final Pattern POSSESSIVE = Pattern.compile("'s?$");
    private static final Pattern ENDING = Pattern.compile("(?<=\\p{L}{4})(?:ing|ed)$");
    private static final Pattern SIGN = Pattern.compile("\\p{Sc}");

    private final Text text;
    private final boolean[] x;
    private final boolean[] y;
    /** Where they are called by a name, not by a word that may stand for it. */
    private final boolean[] calledX;
    private final boolean[] calledY;
    private final Map<List<String>, Unit> units;
    private final Unit unitOfX;
    private final Unit unitOfY;
    private final int[] unitLength;
    private final Unit[] unit;

    Mentions(Text text, Topic topic, TopicWords names) {
        this.text = text;
        this.unitOfX = topic.unitOfX();
        this.unitOfY = topic.unitOfY();
        this.units = names.units();
        calledX = mentions(names.ofX(), Set.of(), Set.of());
        calledY = mentions(names.ofY(), Set.of(), Set.of());
        x = mentions(names.ofX(), names.kinOfX(), names.kinOfY());
        y = mentions(names.ofY(), names.kinOfY(), names.kinOfX());
        unitLength = new int[text.size()];
        unit = new Unit[text.size()];
        IntStream.range(0, text.size()).forEach(this::findUnit);
        boolean calledByUnit = UnitReader.read(topic.x().name(), Set.of())
                .filter(it -> it.unknown().isEmpty() && it.unit().isOfSameKind(topic.unitOfX())).isPresent()
                && !topic.x().unit().isBlank();
        for (int i = 0; calledByUnit && i < text.size(); i++) {
            // "Minutes" are named by "per min".
            x[i] |= unit[i] != null && unit[i].isOfSameKind(topic.unitOfX());
        }
    }

    boolean isX(int at) {
        return x[at];
    }

    boolean isY(int at) {
        return y[at];
    }

    /** Whether x is called by a name, not by a word that may stand for it. */
    boolean isCalledX(int at) {
        return calledX[at];
    }

    boolean isCalledY(int at) {
        return calledY[at];
    }

    /** Whether exactly one of them is named at a place. */
    boolean isOne(int at) {
        return x[at] != y[at];
    }

    /** The one that is named at a place where exactly one is. */
    Amount.Side side(int at) {
        return x[at] ? Amount.Side.X : Amount.Side.Y;
    }

    boolean namesX() {
        return any(x);
    }

    boolean namesY() {
        return any(y);
    }

    private static boolean any(boolean[] flags) {
        for (boolean flag : flags) {
            if (flag) {
                return true;
            }
        }
        return false;
    }

    /** How many tokens the unit has that begins at a place; 0 for none. */
    int unitLength(int at) {
        return unitLength[at];
    }

    boolean isUnit(int at) {
        return at < unitLength.length && unitLength[at] > 0;
    }

    /** Whether a unit in which x is measured begins at a place. */
    boolean isUnitOfX(int at) {
        return unit[at] != null && unit[at].isOfSameKind(unitOfX);
    }

    boolean isUnitOfY(int at) {
        return unit[at] != null && unit[at].isOfSameKind(unitOfY);
    }

    /** The unit that begins at a place where one does. */
    Unit unit(int at) {
        return unit[at];
    }

    /** Whether a unit of this kind stands anywhere. */
    boolean hasUnit(Unit asked) {
        return IntStream.range(0, unit.length).anyMatch(i -> unit[i] != null && unit[i].isOfSameKind(asked));
    }

    /** Whether a word says how often: "daily". */
    static boolean isPeriodic(String word) {
        return DAILY.contains(word);
    }

    private boolean[] mentions(Set<String> stems, Set<String> kin, Set<String> otherKin) {
        boolean[] found = new boolean[text.size()];
        for (int i = 0; i < found.length; i++) {
            String word = text.word(i);
            // "The light-depth line" names both.
            found[i] = text.token(i).kind() == Token.Kind.WORD && (isNamed(word, stems, kin, otherKin)
                    || word.indexOf('-') > 0 && Stream.of(word.split("-")).anyMatch(part -> isNamed(part, stems, kin, otherKin)));
        }
        return found;
    }

    private static boolean isNamed(String word, Set<String> stems, Set<String> kin, Set<String> otherKin) {
        return kin.contains(word) && !otherKin.contains(word) || DAILY.contains(word) && stems.contains(period(word))
                || stems.contains(UnitReader.stem(word))
                || stems.contains(UnitReader.stem(POSSESSIVE.matcher(word).replaceFirst("")))
                || stems.contains(ENDING.matcher(word).replaceFirst(""))
                || stems.stream().anyMatch(stem -> stem.length() >= 5 && word.length() <= stem.length() + 3
                && word.startsWith(stem.substring(0, stem.length() - 1)));
    }

    /** What it is that a word of how often names: "day" for "daily". */
    static String period(String daily) {
        return daily.replace("annually", "year").replace("daily", "day").replaceAll("ly$", "");
    }

    /** A unit that begins at a token: that of a variable as it is written, or one that is known by a word. */
    private void findUnit(int at) {
        Token token = text.token(at);
        if (token.kind() != Token.Kind.WORD && token.kind() != Token.Kind.PERCENT) {
            return;
        }
        for (Map.Entry<List<String>, Unit> written : units.entrySet()) {
            List<String> parts = written.getKey();
            if (at + parts.size() <= text.size() && same(parts, at)) {
                put(at, parts.size(), written.getValue());
                return;
            }
        }
        boolean symbol = token.text().length() <= 2;
        String before = at > 0 ? text.word(at - 1) : "";
        boolean placed = at > 0 && (text.token(at - 1).kind() == Token.Kind.NUMBER || UNIT_CONTEXT.contains(before)
                || text.length(Sense.FURTHER, at - 1) > 0);
        if (symbol && !placed || token.word().equals("in") || token.word().equals("a") || token.word().equals("an")) {
            return;
        }
        int length = token.word().matches("degrees?") && at + 1 < text.size()
                && text.is(at + 1, "celsius|centigrade|c|fahrenheit") ? 2 : 1;
        String degrees = length == 2 && text.word(at + 1).startsWith("f") ? "fahrenheit" : "celsius";
        UnitReader.ofWord(length == 2 ? degrees : token.text()).filter(it -> !it.equals(Unit.NONE))
                .ifPresent(it -> put(at, length, it));
    }

    /** Whether a sign of money stands at a place: it may come before its number. */
    boolean isSign(int at) {
        return unitLength[at] == 1 && SIGN.matcher(text.word(at)).matches();
    }

    private boolean same(List<String> parts, int at) {
        return IntStream.range(0, parts.size()).allMatch(i -> UnitReader.stem(parts.get(i))
                .equals(UnitReader.stem(text.word(at + i))));
    }

    private void put(int at, int length, Unit found) {
        unitLength[at] = length;
        unit[at] = found.ofDifference();
    }
}
