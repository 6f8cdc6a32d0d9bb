package hestra.sentences;

import java.util.Arrays;
import java.util.Set;

/**
 * Which words of a text say for what something holds ("for each cm of height", "when the height is 0", "in 10 days"), and which
 * say what holds then.
 */
final class Clauses {

    private static final Set<String> ARTICLES = Set.of("the", "a", "an", "its", "their", "this", "these", "one");
    private static final Set<String> PRONOUNS = Set.of("it", "they", "we", "you", "there", "this");
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
            if (each > 0 && when <= each && isPhrase(i + each, false)) {
                i = phrase(i, i + each);
            } else if (when > 0) {
                i = clause(i, i + when);
            } else if (text.word(i).matches("a|an") && i > 0 && i + 1 < text.size() && mentions.isUnit(i - 1)
                    && mentions.isUnit(i + 1)) {
                // "0.83 cm a day".
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
        boolean seen = false;
        boolean seenX = false;
        boolean seenY = false;
        int i = from;
        while (i < text.size() && !text.token(i).isMark()) {
            boolean further = text.length(Sense.FURTHER, i) > 0;
            boolean other = seenX && mentions.isY(i) || seenY && mentions.isX(i);
            boolean article = seen && ARTICLES.contains(text.word(i)) && i + 1 < text.size()
                    && !(i > 0 && text.word(i - 1).matches("of|in|that")) && !(mentions.isX(i + 1) && !seenX);
            boolean verb = seen && !further && !mentions.isX(i) && !mentions.isY(i) && !mentions.isUnit(i)
                    && text.length(Sense.VERB, i) > 0;
            boolean number = seen && text.token(i).kind() == Token.Kind.NUMBER;
            boolean ends = other || article || verb || number
                    || seen && (PRONOUNS.contains(text.word(i)) || text.length(Sense.AVERAGE, i) > 0
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

    /** "When the height is 1 cm more," up to the comma, or to where the other variable comes in. */
    private int clause(int start, int from) {
        boolean seenX = false;
        boolean seenY = false;
        // "Lifting the pen by 1 cm | adds …": what opens it is a verb itself.
        boolean verb = text.word(start).endsWith("ing");
        boolean amount = false;
        int i = from;
        while (i < text.size() && !text.token(i).isMark()) {
            boolean isVerb = text.length(Sense.VERB, i) > 0 && text.length(Sense.FURTHER, i) == 0;
            // A second verb behind an amount: "where exposure is 10 points higher | is 2.7 mm lower".
            boolean other = seenX && mentions.isY(i) || seenY && mentions.isX(i) || verb && amount && isVerb && i > from + 2;
            verb |= isVerb;
            amount |= verb && (text.token(i).kind() == Token.Kind.NUMBER || NumberWords.at(text.words(), i).isPresent());
            if (other || text.word(i).equals("then")) {
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
