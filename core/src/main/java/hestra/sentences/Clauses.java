package hestra.sentences;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Which words of a text say for what something holds ("for each cm of height", "when the height is 0", "in 10 days"), and which
 * say what holds then.
 */
final class Clauses {

    private static final Set<String> ARTICLES = Set.of("the", "a", "an", "its", "their", "this", "these", "one");
    private static final Set<String> JOINS =
            Set.of("since", "because", "so", "while", "which", "although", "though", "but", "then");
    private static final Set<String> PRONOUNS = Set.of("it", "they", "we", "you", "there", "this");
    /** "Raise the pen by a centimetre, and …" */
    private static final Set<String> ASKED =
            Set.of("raise", "lift", "lower", "move", "add", "put", "take", "increase", "go", "compare");
    private static final int LOOK_AHEAD = 5;

    private final Text text;
    private final Mentions mentions;
    private final boolean[] conditions;
    private int count;

    private Clauses(Text text, Mentions mentions) {
        this.text = text;
        this.mentions = mentions;
        this.conditions = new boolean[text.size()];
    }

    /** Finds the clauses of a text whose variables and units were found. */
    static Clauses of(Text text, Mentions mentions) {
        Clauses clauses = new Clauses(text, mentions);
        clauses.find();
        return clauses;
    }

    private void find() {
        int i = 0;
        while (i < text.size()) {
            int each = text.length(Sense.EACH, i);
            // "As a rule" opens no clause.
            int when = text.length(Sense.AVERAGE, i) > text.length(Sense.WHEN, i) ? 0 : text.length(Sense.WHEN, i);
            int amount = text.length(Sense.AMOUNT, i);
            int more = stepMore(i);
            if (i + 3 < text.size() && text.word(i).equals("from") && text.word(i + 2).equals("to") && mentions.isUnit(i + 1)
                    && mentions.isUnit(i + 3)) {
                // "From metre to metre."
                mark(i, i + 4);
                i += 4;
            } else if (more > 0) {
                i = phrase(i, i + more);
            } else if (each > 0 && when <= each && isPhrase(i + each, false) && !isAmountOfY(i + each)) {
                i = phrase(i, i + each);
            } else if (when > 0 || ASKED.contains(text.word(i)) && (i == 0 || text.token(i - 1).isMark())) {
                i = clause(i, i + Math.max(when, 1));
            } else if (text.is(i, "a|an") && i > 0 && i + 1 < text.size() && mentions.isUnit(i + 1)
                    && (mentions.isUnit(i - 1) || mentions.isUnitOfX(i + 1) && mentions.isY(i - 1) && !isNext(i + 2))) {
                // "0.83 cm a day", "0.83 cm of length a day".
                i = phrase(i, i + 1);
            } else if (amount > 0 && (!text.word(i).equals("with") || i == 0 || text.token(i - 1).isMark())
                    && isPhrase(i + amount, true)) {
                i = phrase(i, i + amount);
            } else {
                i++;
            }
        }
    }

    boolean isCondition(int token) {
        return conditions[token];
    }

    boolean hasConditions() {
        return count > 0;
    }

    /**
     * "An extra euro costs …", "ten more metres go with …": how many words before the unit or name say that so much more of x is
     * what something holds for; 0 where they do not.
     */
    private int stepMore(int at) {
        int number = text.token(at).kind() == Token.Kind.NUMBER || text.is(at, "an?|any") ? 1
                : NumberWords.at(text.words(), at).map(NumberWords.Read::length).orElse(0);
        int further = number == 0 ? 0 : text.length(Sense.FURTHER, at + number);
        int next = at + number + further;
        boolean opens = at == 0 || text.token(at - 1).isMark() || text.word(at - 1).equals("average");
        if (further == 0 && !(opens && number > 0 && next < text.size() && mentions.isUnitOfX(next)) || next >= text.size()) {
            return 0;
        }
        boolean namedX = mentions.isUnit(next)
                && text.clause(next + 1, next + LOOK_AHEAD).filter(mentions::isOne).limit(1).anyMatch(mentions::isX);
        boolean ofX = namedX || mentions.isX(next) && !mentions.isY(next)
                || mentions.isUnitOfX(next) && !mentions.isUnitOfY(next);
        boolean acts = text.clause(next, next + 2 * LOOK_AHEAD)
                .anyMatch(i -> text.isOf(Sense.VERB, i) && !mentions.isX(i) && !mentions.isY(i)
                        || text.length(Sense.EXPLAINED, i) > 1);
        return ofX && acts ? number + further : 0;
    }

    /** Whether a word goes on from here, in the same clause. */
    private boolean isNext(int at) {
        return at < text.size() && !text.token(at).isMark() && text.length(Sense.AVERAGE, at) == 0;
    }

    /** "With an extra | 2.4 minutes": so much of y, and nothing that it holds for. */
    private boolean isAmountOfY(int at) {
        return at + 1 < text.size() && text.token(at).kind() == Token.Kind.NUMBER
                && mentions.isUnitOfY(at + 1) && !mentions.isUnitOfX(at + 1);
    }

    /** Whether a unit or a variable follows soon, behind a number where one must stand there. */
    private boolean isPhrase(int from, boolean counted) {
        if (counted && (from >= text.size() || text.token(from).kind() != Token.Kind.NUMBER
                && NumberWords.at(text.words(), from).isEmpty())) {
            return false;
        }
        for (int i = from; i < Math.min(text.size(), from + LOOK_AHEAD) && !text.token(i).isMark(); i++) {
            if (mentions.isUnit(i) || mentions.isX(i) || mentions.isY(i) || text.length(Sense.FURTHER, i) > 0) {
                return true;
            }
        }
        return false;
    }

    private int phrase(int start, int from) {
        int comma = wholeClause(start, from);
        if (comma > 0) {
            mark(start, comma);
            return comma;
        }
        boolean seen = false;
        boolean seenX = false;
        boolean seenY = false;
        int i = from;
        while (i < text.size() && !text.token(i).isMark()) {
            boolean further = text.length(Sense.FURTHER, i) > 0;
            boolean other = seenX && mentions.isY(i) || seenY && mentions.isX(i);
            boolean article = seen && ARTICLES.contains(text.word(i)) && i + 1 < text.size()
                    && !(i > 0 && text.is(i - 1, "of|in|that")) && !(mentions.isX(i + 1) && !seenX);
            boolean verb = seen && !further && !mentions.isX(i) && !mentions.isY(i) && !mentions.isUnit(i)
                    && text.length(Sense.VERB, i) > 0;
            boolean number = seen && text.token(i).kind() == Token.Kind.NUMBER;
            boolean ends = other || article || verb || number || seen && acts(i)
                    || seen && (PRONOUNS.contains(text.word(i)) || JOINS.contains(text.word(i))
                            || text.length(Sense.AVERAGE, i) > 0
                            || text.length(Sense.EACH, i) > 0 && text.word(i).equals("per"));
            if (ends) {
                break;
            }
            seen = seen || mentions.isUnit(i) || mentions.isX(i) || mentions.isY(i) || further;
            seenX = seenX || mentions.isX(i);
            seenY = seenY || mentions.isY(i);
            i++;
        }
        mark(start, i);
        return i;
    }

    /** "For every mm the diameter is larger, …": where the comma stands that ends it; 0 where it is no clause by itself. */
    private int wholeClause(int start, int from) {
        if (start > 0 && !text.token(start - 1).isMark()) {
            return 0;
        }
        int comma = from;
        while (comma < text.size() && !text.token(comma).isMark()) {
            comma++;
        }
        boolean namedX = IntStream.range(from, comma).anyMatch(mentions::isX);
        boolean oneNamed = namedX != IntStream.range(from, comma).anyMatch(mentions::isY);
        boolean goesOn = comma < text.size() && text.token(comma).kind() == Token.Kind.COMMA
                && IntStream.range(comma, text.size()).takeWhile(i -> text.token(i).kind() != Token.Kind.STOP)
                .anyMatch(mentions::isOne);
        boolean amount = IntStream.range(from + 1, comma).anyMatch(i -> text.token(i).kind() == Token.Kind.NUMBER);
        return oneNamed && goesOn && !amount ? comma : 0;
    }

    /** "Each metre | takes away 2 %": a word that can only be a verb by what follows it. */
    private boolean acts(int at) {
        return text.is(at, "\\p{L}{3,}[^s]s") && !mentions.isUnit(at) && !mentions.isX(at) && !mentions.isY(at)
                && text.length(Sense.FURTHER, at) == 0 && at + 1 < text.size()
                && (text.token(at + 1).kind() == Token.Kind.NUMBER || text.isOf(Sense.AVERAGE, at + 1)
                        || ARTICLES.contains(text.word(at + 1)) || text.is(at + 1, "away|off|down|up|on"));
    }

    /** "When the height is 1 cm more," up to the comma, or to where the other variable comes in. */
    private int clause(int start, int from) {
        boolean seenX = false;
        boolean seenY = false;
        // "Lifting the pen by 1 cm | adds …": what opens it is a verb itself.
        boolean verb = text.word(start).endsWith("ing") || ASKED.contains(text.word(start));
        boolean amount = false;
        int i = from;
        while (i < text.size() && !text.token(i).isMark()) {
            boolean isVerb = text.length(Sense.VERB, i) > 0 && text.length(Sense.FURTHER, i) == 0;
            // A second verb behind an amount: "where exposure is 10 points higher | is 2.7 mm lower".
            boolean other = seenX && mentions.isY(i) || seenY && mentions.isX(i) || verb && amount && isVerb && i > from + 2;
            verb |= isVerb;
            amount |= verb && (text.token(i).kind() == Token.Kind.NUMBER || NumberWords.at(text.words(), i).isPresent());
            // "When the price rises by ten cents | about three fewer …"
            boolean another = amount && text.length(Sense.AVERAGE, i) > 0 && !text.word(i).equals("mean")
                    && text.token(i - 1).kind() == Token.Kind.WORD && i + text.length(Sense.AVERAGE, i) < text.size()
                    && text.token(i + text.length(Sense.AVERAGE, i)).kind() == Token.Kind.NUMBER;
            if (other || another || text.word(i).equals("then")) {
                int back = i > from && ARTICLES.contains(text.word(i - 1)) ? i - 1 : i;
                mark(start, back);
                return i;
            }
            seenX = seenX || mentions.isX(i);
            seenY = seenY || mentions.isY(i);
            i++;
        }
        mark(start, i);
        return i;
    }

    private void mark(int from, int to) {
        Arrays.fill(conditions, from, to, true);
        count++;
    }
}
