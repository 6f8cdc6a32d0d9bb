package hestra.sentences;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import hestra.numbers.Remembered;
import hestra.units.UnitReader;

/** A text as tokens, with what each word of it may mean. */
final class Text {

    /** How far behind "not" a word may stand that it denies. */
    static final int NEGATION_REACH = 5;
    private static final int SHORTEST_CORRECTED = 6;
    /** Before the words of a name that is taken as one, so that no beginning of a word is found in it. */
    private static final String NAMED = "~";

    private static final int PATTERNS_KEPT = 500;
    /** Those that stand in this package. */
    private static final Remembered<String, Pattern> PATTERNS = new Remembered<>(PATTERNS_KEPT);

    private final List<Token> tokens;
    private final List<String> words;
    private final Senses senses;
    private final WordList list;

    /**
     * Reads a text.
     *
     * @param names words of the matter, which may be misspelt too
     */
    Text(String text, WordList list, Set<String> names) {
        this.tokens = named(Token.of(text).stream().map(token -> token.kind() == Token.Kind.WORD
                ? token.with(corrected(token.word(), list, names)) : token).toList(), list);
        this.words = tokens.stream().map(Token::word).toList();
        this.list = list;
        this.senses = new Senses(list, words);
    }

    /** A word as it was meant: a slip of the pen in one that is looked for changes nothing. */
    private static String corrected(String word, WordList list, Set<String> names) {
        String stem = UnitReader.stem(word);
        if (list.knows(word) || names.contains(stem) || UnitReader.ofWord(word).isPresent()) {
            return word;
        }
        return Misspelling.of(stem, names).or(() -> word.length() < SHORTEST_CORRECTED
                ? Optional.empty() : Misspelling.of(word, list.meant())).orElse(word);
    }

    /** "Residual standard error" is one word: it says neither "standard" nor "error". */
    private static List<Token> named(List<Token> tokens, WordList list) {
        List<String> words = tokens.stream().map(Token::word).toList();
        List<Token> all = new ArrayList<>();
        for (int i = 0; i < tokens.size();) {
            int length = Math.max(1, list.length(Sense.NAME, words, i));
            all.add(length == 1 ? tokens.get(i) : tokens.get(i)
                    .upTo(tokens.get(i + length - 1), NAMED + String.join("-", words.subList(i, i + length))));
            i += length;
        }
        return List.copyOf(all);
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

    /** The places of so many words before one. */
    IntStream before(int at, int reach) {
        return IntStream.range(Math.max(0, at - reach), at);
    }

    /** The places from one on and before another, as far as the text goes. */
    IntStream within(int from, int to) {
        return IntStream.range(from, Math.min(size(), to));
    }

    /** The same up to the end of the clause. */
    IntStream clause(int from, int to) {
        return within(from, to).takeWhile(i -> !tokens.get(i).isMark());
    }

    /** Whether a word is as a regular expression says. */
    boolean is(int at, String regex) {
        return PATTERNS.get(regex, Pattern::compile).matcher(words.get(at)).matches();
    }

    /** How many words from a place on are a phrase of a sense; 0 for none. */
    int length(Sense sense, int at) {
        return senses.length(sense, at);
    }

    boolean isOf(Sense sense, int at) {
        return length(sense, at) > 0;
    }

    /** Whether a word is one that is looked for. */
    boolean isKnown(int at) {
        return list.knows(words.get(at));
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
        return stands(i -> isOf(sense, i), at, reach, i -> tokens.get(i).kind() == Token.Kind.STOP || is(i, "but|:|;"));
    }

    /** Whether something stands before a place within so many words, and nothing between that ends its reach. */
    boolean stands(IntPredicate what, int at, int reach, IntPredicate ends) {
        return IntStream.iterate(at - 1, i -> i >= Math.max(0, at - reach), i -> i - 1).takeWhile(i -> !ends.test(i))
                .anyMatch(what);
    }

    /** Whether a word stands in it. */
    boolean hasWord(String regex) {
        return IntStream.range(0, size()).anyMatch(i -> is(i, regex));
    }
}
