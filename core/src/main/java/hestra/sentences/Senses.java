package hestra.sentences;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What each word of one text is, looked up once. */
final class Senses {

    private final WordList list;
    private final List<String> words;
    private final Map<Sense, int[]> lengths = new EnumMap<>(Sense.class);

    Senses(WordList list, List<String> words) {
        this.list = list;
        this.words = words;
    }

    /** How many words from a place on are a phrase of a sense; 0 for none, and beyond the end. */
    int length(Sense sense, int at) {
        if (at < 0 || at >= words.size()) {
            return 0;
        }
        return lengths.computeIfAbsent(sense, it -> {
            int[] all = new int[words.size()];
            for (int i = 0; i < all.length; i++) {
                all[i] = list.length(it, words, i);
            }
            return all;
        })[at];
    }
}
