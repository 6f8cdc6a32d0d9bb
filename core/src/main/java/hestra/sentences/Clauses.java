package hestra.sentences;

import java.util.Arrays;
import java.util.List;
import java.util.Set;

/**
 * Which words of a text say for what something holds ("for each cm of height", "when the height is 0", "in 10 days"), and which say what
 * holds then.
 */
final class Clauses {

    private static final Set<String> ARTICLES = Set.of("the", "a", "an", "its", "their", "this", "these", "one");
    private static final Set<String> PRONOUNS = Set.of("it", "they", "we", "you", "there", "this");
    private static final int LOOK_AHEAD = 5;

    private final List<Token> tokens;
    private final List<String> words;
    private final boolean[] x;
    private final boolean[] y;
    private final boolean[] units;
    private final Senses senses;
    private final boolean[] conditions;
    private int count;

    private Clauses(List<Token> tokens, List<String> words, boolean[] x, boolean[] y, boolean[] units, Senses senses) {
        this.tokens = tokens;
        this.words = words;
        this.x = x;
        this.y = y;
        this.units = units;
        this.senses = senses;
        this.conditions = new boolean[tokens.size()];
    }

    /** Finds the clauses of a text whose variables and units were found. */
    static Clauses of(List<Token> tokens, List<String> words, boolean[] x, boolean[] y, boolean[] units, Senses senses) {
        Clauses clauses = new Clauses(tokens, words, x, y, units, senses);
        clauses.find();
        return clauses;
    }

    private void find() {
        int i = 0;
        while (i < tokens.size()) {
            int each = senses.length(Sense.EACH, i);
            // "As a rule" opens no clause.
            int when = senses.length(Sense.AVERAGE, i) > senses.length(Sense.WHEN, i) ? 0 : senses.length(Sense.WHEN, i);
            int amount = senses.length(Sense.AMOUNT, i);
            if (each > 0 && when <= each && isPhrase(i + each, false)) {
                i = phrase(i, i + each);
            } else if (when > 0) {
                i = clause(i, i + when);
            } else if (words.get(i).matches("a|an") && i > 0 && i + 1 < tokens.size() && units[i - 1] && units[i + 1]) {
                // "0.83 cm a day".
                i = phrase(i, i + 1);
            } else if (amount > 0 && (!words.get(i).equals("with") || i == 0 || tokens.get(i - 1).isMark()) && isPhrase(i + amount, true)) {
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
        if (counted && (from >= tokens.size() || tokens.get(from).kind() != Token.Kind.NUMBER && NumberWords.at(words, from).isEmpty())) {
            return false;
        }
        for (int i = from; i < Math.min(tokens.size(), from + LOOK_AHEAD) && !tokens.get(i).isMark(); i++) {
            if (units[i] || x[i] || y[i] || senses.length(Sense.FURTHER, i) > 0) {
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
        while (i < tokens.size() && !tokens.get(i).isMark()) {
            boolean further = senses.length(Sense.FURTHER, i) > 0;
            boolean other = seenX && y[i] || seenY && x[i];
            boolean article = seen && ARTICLES.contains(words.get(i)) && i + 1 < tokens.size() && !(i > 0 && words.get(i - 1).matches("of|in|that")) && !(x[i + 1] && !seenX);
            boolean verb = seen && !further && !x[i] && !y[i] && !units[i] && senses.length(Sense.VERB, i) > 0;
            boolean number = seen && tokens.get(i).kind() == Token.Kind.NUMBER;
            boolean ends = other || article || verb || number || seen && (PRONOUNS.contains(words.get(i)) || senses.length(Sense.AVERAGE, i) > 0 || senses.length(Sense.EACH, i) > 0 && words.get(i).equals("per"));
            if (ends) {
                break;
            }
            seen = seen || units[i] || x[i] || y[i] || further;
            seenX = seenX || x[i];
            seenY = seenY || y[i];
            i++;
        }
        mark(start, i);
        return i;
    }

    /** "When the height is 1 cm more," up to the comma, or to where the other variable comes in. */
    private int clause(int start, int from) {
        boolean seenX = false;
        boolean seenY = false;
        boolean verb = false;
        boolean amount = false;
        int i = from;
        while (i < tokens.size() && !tokens.get(i).isMark()) {
            boolean isVerb = senses.length(Sense.VERB, i) > 0 && senses.length(Sense.FURTHER, i) == 0;
            // A second verb behind an amount: "where exposure is 10 points higher | is 2.7 mm lower".
            boolean other = seenX && y[i] || seenY && x[i] || verb && amount && isVerb && i > from + 2;
            verb |= isVerb;
            amount |= verb && (tokens.get(i).kind() == Token.Kind.NUMBER || NumberWords.at(words, i).isPresent());
            if (other || words.get(i).equals("then")) {
                int back = i > from && ARTICLES.contains(words.get(i - 1)) ? i - 1 : i;
                mark(start, back);
                return i;
            }
            seenX = seenX || x[i];
            seenY = seenY || y[i];
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
