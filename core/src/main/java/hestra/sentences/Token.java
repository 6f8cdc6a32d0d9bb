package hestra.sentences;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word, a number or a mark of a text.
 *
 * @param kind which of them
 * @param text as it is written
 * @param word in small letters, as it is looked for
 * @param from where it begins in the text; -1 where it stands for something else there
 * @param to where it ends in the text
 */
record Token(Kind kind, String text, String word, int from, int to) {

    enum Kind {
        WORD,
        NUMBER,
        PERCENT,
        /** A slash: "per". */
        SLASH,
        /** Between clauses. */
        COMMA,
        /** Between sentences. */
        STOP
    }

    private static final Pattern TOKEN = Pattern.compile(
            "(?<number>(?<![\\p{L}\\d])[-+\u2212\u2013]?(?:\\d+(?:[.,]\\d+)*|[.,]\\d+)(?![\\d\\p{L}]|"
                    + "[.,]\\d)(?:\\s*[\u00d7x]\\s*10(?:\\^[-\u2212]?\\d+|[\u207b\u2070\u00b9\u00b2\u00b3\u2074-\u2079]+))?)"
                    + "|(?<percent>%(?:[ -]points?\\b)?|per ?cent(?:age points?)?\\b)|"
                    + "(?<word>\u00b0\\s?\\p{L}+|[\u00b0\u2030\\p{Sc}]|"
                            + "[\\p{L}\\p{M}][\\p{L}\\p{M}\u00b2\u00b3]*(?:['\u2019-]\\p{L}+)*|\\d+\\p{L}+)|(?<slash>/)|"
                            + "(?<stop>[.!?]+)|(?<comma>[,;:()\u2014\u2013])|(?<other>.)",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.DOTALL);

    private static final Pattern UNSEEN = Pattern.compile("\\p{Cf}");
    /** "doesn't", with and without its apostrophe. */
    private static final Pattern SHORTENED =
            Pattern.compile("(?i)\\b(do|does|did|is|are|was|were|wo|would|could|should|had|has|have|must|need)"
                    + "n['\u2019]?t\\b");
    /** "n't" is left behind where "not" is read. */
    private static final int LETTERS_OF_NOT = 2;
    private static final Pattern CAN_NOT = Pattern.compile("(?i)\\bcan(?:['\u2019]?t|not)\\b");
    private static final Pattern SIGN_APART = Pattern.compile("\\+ (?=\\d)");
    /** "3cm" */
    private static final Pattern GLUED = Pattern.compile("(?<=\\d)(?=(?!x\\s?10)\\p{L})");
    /** "one-unit", "10-day" */
    private static final Pattern JOINED_TO_A_NUMBER =
            Pattern.compile("(?i)(?<=\\b(?:one|two|three|four|five|six|seven|eight|nine|ten|hundred|\\d))-(?=\\p{L})");

    /** The tokens of a text; "3cm" is a number and a word. */
    static List<Token> of(String text) {
        String bare = UNSEEN.matcher(Normalizer.normalize(text, Normalizer.Form.NFC)).replaceAll("").replace("<", " below ")
                .replace("\u2264", " at most ")
                .replace("\u2248", " about ").replace("~", " about ");
        bare = SIGN_APART.matcher(bare).replaceAll("+");
        bare = SHORTENED.matcher(CAN_NOT.matcher(bare).replaceAll("can not")).replaceAll("$1 not");
        String plain = JOINED_TO_A_NUMBER.matcher(GLUED.matcher(bare).replaceAll(" ").replace('\u2019', '\'')).replaceAll(" ");
        List<Token> tokens = new ArrayList<>();
        int read = 0;
        int lost = 0;
        Matcher matcher = TOKEN.matcher(plain);
        while (matcher.find()) {
            String found = matcher.group();
            Kind kind = matcher.group("number") != null ? Kind.NUMBER
                    : matcher.group("percent") != null ? Kind.PERCENT
                    : matcher.group("word") != null ? Kind.WORD
                    : matcher.group("slash") != null ? Kind.SLASH
                    : matcher.group("stop") != null ? Kind.STOP
                    : matcher.group("comma") != null ? Kind.COMMA
                    : null;
            if (kind != null) {
                String word = kind == Kind.SLASH ? "per"
                        : kind == Kind.PERCENT ? "%"
                        : found.toLowerCase(Locale.ROOT).replace("\u2212", "-").replace("\u2013", "-");
                // Behind letters that no token stands for it is the next of its kind, and this one is written otherwise.
                int next = text.indexOf(found, read);
                int from = next < 0 || letters(text.substring(read, next)) > LETTERS_OF_NOT + lost ? -1 : next;
                tokens.add(new Token(kind, found, word, from, from + found.length()));
                lost = from < 0 ? lost + letters(found) : 0;
                read = from < 0 ? read : from + found.length();
            }
        }
        return List.copyOf(tokens);
    }

    /** How many letters and digits a text has. */
    private static int letters(String text) {
        return (int) text.chars().filter(Character::isLetterOrDigit).count();
    }

    /** The same, looked for as another word. */
    Token with(String other) {
        return new Token(kind, text, other, from, to);
    }

    /** One token of this one and others up to another, looked for as another word. */
    Token upTo(Token last, String other) {
        return new Token(kind, text, other, from, last.to);
    }

    boolean isMark() {
        return kind == Kind.COMMA || kind == Kind.STOP;
    }
}
