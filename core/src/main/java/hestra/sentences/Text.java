package hestra.sentences;

import java.util.List;
import java.util.stream.IntStream;

/** A text as tokens, with what each word of it may mean. */
final class Text {

    /** How far behind "not" a word may stand that it denies. */
    static final int NEGATION_REACH = 5;

    private final List<Token> tokens;
    private final List<String> words;
    private final Senses senses;

    Text(String text, WordList list) {
        this.tokens = Token.of(text);
        this.words = tokens.stream().map(Token::word).toList();
        this.senses = new Senses(list, words);
    }

    List<Token> tokens() {
        return tokens;
    }

    /** Each token in small letters. */
    List<String> words() {
        return words;
    }

    Senses senses() {
        return senses;
    }

    int size() {
        return tokens.size();
    }

    Token token(int at) {
        return tokens.get(at);
    }

    String word(int at) {
        return words.get(at);
    }

    /** How many words from a place on are a phrase of a sense; 0 for none. */
    int length(Sense sense, int at) {
        return senses.length(sense, at);
    }

    boolean isOf(Sense sense, int at) {
        return length(sense, at) > 0;
    }

    /** Whether a word of this sense stands anywhere. */
    boolean says(Sense sense) {
        return IntStream.range(0, size()).anyMatch(i -> isOf(sense, i));
    }

    /** Whether a word of this sense stands anywhere and is not denied. */
    boolean affirms(Sense sense) {
        return IntStream.range(0, size()).anyMatch(i -> isOf(sense, i) && !isDenied(i));
    }

    /** Whether "not" or the like stands before a place, in the same sentence and not before a "but". */
    boolean isDenied(int at) {
        return isDenied(at, NEGATION_REACH);
    }

    boolean isDenied(int at, int reach) {
        return stands(Sense.NOT, at, reach);
    }

    /** Whether a word of a sense stands before a place, in the same sentence and not before a "but". */
    boolean stands(Sense sense, int at, int reach) {
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

    /** Whether a word stands in it. */
    boolean hasWord(String regex) {
        return words.stream().anyMatch(it -> it.matches(regex));
    }
}
