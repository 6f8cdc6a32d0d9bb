package hestra.sentences;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The words and phrases of a language, by what they are looked for as. Read from a text: a heading, a colon, and what belongs to
 * it with commas between; a * at the end of a word stands for any ending, # begins a remark. A heading may come more than once.
 */
public final class WordList {

    /** The words of English that come with the program. */
    public static final WordList ENGLISH = ofResource("en.words");

    /** Phrases by their first word as far as it goes before a *, so that few are tried at each place. */
    private final Map<Sense, Phrases> phrases;
    private final List<String> lines;

    /**
     * The phrases of one sense: those whose first word is whole, by that word; and those whose first word is a stem, by its first
     * letter.
     */
    private record Phrases(Map<String, List<String[]>> whole, Map<String, List<String[]>> stems) {}

    /** All words that are looked for, and the beginnings of those of which any ending will do. */
    private final Set<String> words = new HashSet<>();
    private final Set<String> beginnings = new HashSet<>();
    /** What a misspelt word may have been meant as: nothing that accuses. */
    private final Set<String> meant = new HashSet<>();

    private WordList(List<String> lines) {
        this.lines = List.copyOf(lines);
        this.phrases = new EnumMap<>(Sense.class);
        for (Sense sense : Sense.values()) {
            phrases.put(sense, new Phrases(new HashMap<>(), new HashMap<>()));
        }
        for (int i = 0; i < lines.size(); i++) {
            add(lines.get(i), i + 1);
        }
    }

    /**
     * The words of a text.
     *
     * @throws IllegalArgumentException if a line has no heading that is known; the message says which
     */
    public static WordList of(String text) {
        return new WordList(text.lines().toList());
    }

    /**
     * The same with the words of another text.
     *
     * @throws IllegalArgumentException if a line of it has no heading that is known; the message says which
     */
    public WordList with(String text) {
        of(text);
        return new WordList(Stream.concat(lines.stream(), text.lines()).toList());
    }

    private static WordList ofResource(String name) {
        try (InputStream in = Objects.requireNonNull(WordList.class.getResourceAsStream(name))) {
            return of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void add(String line, int number) {
        String text = line.strip();
        if (text.isEmpty() || text.startsWith("#")) {
            return;
        }
        int colon = text.indexOf(':');
        Sense sense = Stream.of(Sense.values()).filter(it -> colon > 0
                && it.heading().equals(text.substring(0, colon).strip().toLowerCase(Locale.ROOT))).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Line " + number + ": \u201c"
                + (text.length() > 30 ? text.substring(0, 29) + "\u2026" : text)
                + "\u201d has no heading that is known. Headings are "
                        + String.join(", ", Stream.of(Sense.values()).map(Sense::heading).toList()) + "."));
        for (String phrase : text.substring(colon + 1).split(",")) {
            String[] words = phrase.strip().toLowerCase(Locale.ROOT).split("\\s+");
            if (!words[0].isEmpty()) {
                for (String word : words) {
                    if (!sense.accuses()) {
                        meant.add(word);
                    }
                    if (word.endsWith("*")) {
                        beginnings.add(word.substring(0, word.length() - 1));
                    } else {
                        this.words.add(word);
                    }
                }
                Phrases of = phrases.get(sense);
                (words[0].endsWith("*")
                        ? of.stems.computeIfAbsent(first(words[0]), _ -> new ArrayList<>())
                        : of.whole.computeIfAbsent(words[0], _ -> new ArrayList<>())).add(words);
            }
        }
    }

    /** The words that may stand for one of these: "higher" for a height. */
    Set<String> kin(Set<String> stems) {
        Set<String> kin = new HashSet<>();
        phrases.get(Sense.KIN).whole.values().stream().flatMap(List::stream).filter(words -> stems.contains(words[0]))
                .forEach(words -> kin.addAll(List.of(words)));
        return kin;
    }

    /** What a misspelt word may have been meant as; with a * behind the beginnings of which any ending will do. */
    Set<String> meant() {
        return meant;
    }

    /** Whether a word is one that is looked for, by itself or in a phrase. */
    boolean knows(String word) {
        return words.contains(word)
                || IntStream.rangeClosed(1, word.length()).anyMatch(i -> beginnings.contains(word.substring(0, i)));
    }

    /** How many words from this place on are a phrase of this sense: the longest; 0 for none. */
    int length(Sense sense, List<String> words, int at) {
        if (at >= words.size()) {
            return 0;
        }
        Phrases of = phrases.get(sense);
        int longest = 0;
        for (String[] phrase : of.whole.getOrDefault(words.get(at), List.of())) {
            longest = Math.max(longest, length(phrase, words, at));
        }
        for (String[] phrase : of.stems.getOrDefault(first(words.get(at)), List.of())) {
            longest = Math.max(longest, length(phrase, words, at));
        }
        return longest;
    }

    /** The letter by which stems are found. */
    private static String first(String word) {
        return word.substring(0, 1);
    }

    private static int length(String[] phrase, List<String> words, int at) {
        if (at + phrase.length > words.size()) {
            return 0;
        }
        for (int i = 0; i < phrase.length; i++) {
            String word = words.get(at + i);
            int last = phrase[i].length() - 1;
            boolean fits = phrase[i].charAt(last) == '*' ? word.regionMatches(0, phrase[i], 0, last) : word.equals(phrase[i]);
            if (!fits) {
                return 0;
            }
        }
        return phrase.length;
    }
}
